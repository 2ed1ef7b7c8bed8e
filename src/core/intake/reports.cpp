#include "core/intake/package_rights.h"

#include "core/base/json_text.h"

#include <ostream>

namespace ink {
namespace {

using Json = nlohmann::ordered_json;

Json quoteJson(const Quote& quote)
{
    return {{"document", quote.document},
            {"line", quote.line},
            {"sentence", quote.sentence},
            {"kind", idOf(quote.kind)}};
}

Json quotesJson(const std::vector<Quote>& quotes)
{
    auto list = Json::array();
    for (const auto& quote : quotes)
        list.push_back(quoteJson(quote));
    return list;
}

Json unclearJson(const std::vector<Unclear>& sentences)
{
    auto list = Json::array();
    for (const auto& unclear : sentences) {
        Json item = quoteJson(unclear.quote);
        auto words = Json::array();
        for (const auto& span : unclear.words)
            words.push_back(unclear.quote.sentence.substr(span.begin, span.end - span.begin));
        item["words"] = std::move(words);
        if (!unclear.why.empty())
            item["why"] = unclear.why;
        item["otherwise"] = idOf(unclear.otherwise);
        list.push_back(std::move(item));
    }
    return list;
}

Json dossierJson(const Dossier& dossier)
{
    auto answers = Json::object();
    for (const auto& answer : dossier.answers) {
        Json item{{"answer", idOf(answer.answer)}};
        if (!answer.detail.empty())
            item["detail"] = answer.detail;
        if (!answer.quote.sentence.empty())
            item["said_in"] = quoteJson(answer.quote);
        answers[std::string(idOf(answer.question))] = std::move(item);
    }
    auto evidence = Json::array();
    for (const auto& text : dossier.evidence)
        evidence.push_back({{"kind", idOf(text.kind)}, {"document", text.name}});
    return {{"verdict", idOf(dossier.verdict)},
            {"reason", dossier.reason},
            {"limits", dossier.limits},
            {"units", dossier.units},
            {"price", dossier.price},
            {"licences", dossier.licences},
            {"answers", answers},
            {"deciding", quotesJson(dossier.deciding)},
            {"set_aside", quotesJson(dossier.set_aside)},
            {"not_understood", unclearJson(dossier.not_understood)},
            {"notes", dossier.notes},
            {"evidence", evidence}};
}

void write(std::ostream& out, const Json& json)
{
    out << jsonText(json, 1) << '\n';
}

} // namespace

void writeRightsReport(std::ostream& out, const std::vector<RightsOfPath>& rights)
{
    auto list = Json::array();
    for (const auto& path : rights) {
        Json item{{"path", path.path.string()}};
        item.update(dossierJson(path.dossier));
        auto fonts = Json::array();
        for (const auto& font : path.fonts) {
            Json one{{"name", font.name}, {"sha256", font.sha256}};
            one.update(dossierJson(font.dossier));
            fonts.push_back(std::move(one));
        }
        item["fonts"] = std::move(fonts);
        list.push_back(std::move(item));
    }
    write(out, list);
}

void writePackageReport(std::ostream& out, const PackageContents& contents, const Taken* taken)
{
    auto entries = Json::array();
    for (const auto& entry : contents.entries) {
        Json item{{"name", entry.name}, {"role", idOf(entry.role)}, {"bytes", entry.bytes}};
        if (entry.role != EntryRole::Refused && entry.role != EntryRole::Junk)
            item["content"] = inWords(entry.content);
        if (!entry.note.empty())
            item["note"] = entry.note;
        if (!entry.sha256.empty())
            item["sha256"] = entry.sha256;
        if (entry.better >= 0)
            item["better"] = contents.entries[static_cast<std::size_t>(entry.better)].name;
        auto faces = Json::array();
        for (const auto& face : entry.faces)
            faces.push_back({{"family", face.family}, {"style", face.style}, {"version", face.version}});
        if (!faces.empty())
            item["faces"] = std::move(faces);
        entries.push_back(std::move(item));
    }
    Json json{{"path", contents.source.string()},
              {"entries", entries},
              {"notes", contents.notes},
              {"limited", contents.is_limited}};
    if (taken) {
        auto written = Json::array(), kept = Json::array();
        for (const auto& path : taken->written)
            written.push_back(path.string());
        for (const auto& path : taken->kept)
            kept.push_back(path.string());
        json["written"] = written;
        json["kept"] = kept;
        json["left_out"] = taken->left_out;
    }
    write(out, json);
}

} // namespace ink
