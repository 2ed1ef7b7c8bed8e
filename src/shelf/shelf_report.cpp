#include "shelf/shelf_report.h"

#include "core/base/json_text.h"

#include <ostream>

namespace ink {
namespace {

using OrderedJson = nlohmann::ordered_json;

OrderedJson jsonOf(const ShelfFont& font)
{
    OrderedJson json{
        {"sha256", font.sha256},     {"name", font.readableName()}, {"file_name", font.file_name},
        {"state", idOf(font.state)}, {"bytes", font.bytes},         {"package", font.package},
        {"added", font.added},       {"last_used", font.last_used}, {"note", font.note},
        {"sets", font.sets},         {"tags", font.tags},           {"installed_path", font.installed_path},
        {"project", font.project},   {"until", font.until}};
    json["faces"] = OrderedJson::array();
    for (const auto& face : font.faces)
        json["faces"].push_back({{"face", face.choice.face},
                                 {"instance", face.choice.instance},
                                 {"family", face.family},
                                 {"style", face.style},
                                 {"version", face.version}});
    json["uses"] = OrderedJson::array();
    for (const auto& use : font.uses)
        json["uses"].push_back({{"project", use.project}, {"day", use.day}});
    json["documents"] = OrderedJson::array();
    for (const auto& document : font.documents)
        json["documents"].push_back({{"name", document.name}, {"sha256", document.sha256}});
    return json;
}

OrderedJson jsonOf(const std::vector<ShelfFont>& fonts)
{
    OrderedJson json = OrderedJson::array();
    for (const auto& font : fonts)
        json.push_back(jsonOf(font));
    return json;
}

OrderedJson namesOf(const std::vector<ShelfFont>& fonts)
{
    OrderedJson json = OrderedJson::array();
    for (const auto& font : fonts)
        json.push_back({{"name", font.readableName()}, {"sha256", font.sha256}});
    return json;
}

void write(std::ostream& out, const OrderedJson& json)
{
    // File names may hold any bytes.
    out << jsonText(json, 1) << '\n';
}

} // namespace

void writeShelfReport(std::ostream& out, const std::vector<ShelfFont>& fonts)
{
    write(out, jsonOf(fonts));
}

void writeInstallReport(std::ostream& out, const std::vector<ShelfFont>& fonts,
                        const std::vector<OpenProgram>& programs)
{
    OrderedJson json{{"fonts", jsonOf(fonts)}};
    json["restart"] = OrderedJson::array();
    for (const auto& program : programs)
        json["restart"].push_back(program.name);
    write(out, json);
}

void writeBundleReport(std::ostream& out, const BundleRead& read)
{
    OrderedJson json{{"fonts", read.fonts}, {"added", read.added}, {"refused", read.refused}};
    json["conflicts"] = OrderedJson::array();
    for (const auto& conflict : read.conflicts)
        json["conflicts"].push_back({{"font", conflict.font},
                                     {"what", conflict.what},
                                     {"mine", conflict.mine},
                                     {"theirs", conflict.theirs},
                                     {"took_theirs", conflict.took_theirs}});
    write(out, json);
}

void writeTwinsReport(std::ostream& out, const std::vector<ShelfFont>& fonts, const FontPrints& prints,
                      const std::vector<TwinGroup>& groups)
{
    OrderedJson json = OrderedJson::array();
    for (const auto& group : groups) {
        std::vector<const ShelfFont*> members;
        std::vector<PrintPtr> member_prints;
        OrderedJson listed = OrderedJson::array();
        for (std::size_t i = 0; i < group.fonts.size(); ++i) {
            const auto& font = fonts[group.fonts[i]];
            const auto print = prints.find(font.id);
            members.push_back(&font);
            member_prints.push_back(print == prints.end() ? nullptr : print->second);
            listed.push_back({{"name", font.readableName()},
                              {"sha256", font.sha256},
                              {"file_name", font.file_name},
                              {"is", i == 0 ? "first" : idOf(group.kinds[i])}});
        }
        OrderedJson differs = OrderedJson::object();
        for (const auto& fact : twinFacts(members, member_prints))
            if (fact.differs)
                differs[fact.what] = fact.values;
        json.push_back({{"fonts", std::move(listed)}, {"differs", std::move(differs)}});
    }
    write(out, json);
}

void writeHealthReport(std::ostream& out, const ShelfHealth& health)
{
    OrderedJson json{{"fonts", health.fonts},
                     {"installed", health.installed},
                     {"set_aside", health.set_aside},
                     {"never_used", health.never_used},
                     {"missing", namesOf(health.missing)},
                     {"damaged", namesOf(health.damaged)},
                     {"found_again", namesOf(health.found_again)},
                     {"not_where_installed", namesOf(health.not_where_installed)},
                     {"without_documents", namesOf(health.without_documents)}};
    const auto ms = [](const std::optional<std::chrono::microseconds>& time) -> OrderedJson {
        return time ? OrderedJson(static_cast<double>(time->count()) / 1000.0) : OrderedJson(nullptr);
    };
    json["listing_fonts_ms"] = {{"with_installed", ms(health.with_installed)},
                                {"without_installed", ms(health.without_installed)}};
    write(out, json);
}

} // namespace ink
