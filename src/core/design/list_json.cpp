#include "core/design/list_json.h"

#include "core/base/json_number.h"
#include "core/design/lettering_json.h"
#include "core/type/shape.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <array>

namespace ink::detail {
namespace {

constexpr std::array<std::string_view, 3> kOf{"first", "last", "every"};

} // namespace

nlohmann::ordered_json namesJson(const NameList& list)
{
    auto names = nlohmann::ordered_json::array();
    for (const auto& name : list.names) {
        nlohmann::ordered_json json{{"words", name.words}};
        if (name.copies != 1)
            json["copies"] = name.copies;
        if (!name.colour.empty())
            json["colour"] = name.colour;
        if (!name.note.empty())
            json["note"] = name.note;
        for (const auto& mending : name.mendings)
            json["mendings"].push_back(mendingJson(mending));
        names.push_back(std::move(json));
    }
    auto rules = nlohmann::ordered_json::array();
    for (const auto& rule : list.rules) {
        auto json = letterJson(0, rule.choice);
        json.erase("at");
        json["of"] = kOf[std::size_t(rule.of)];
        if (rule.of == LetterRule::Of::Every)
            json["letter"] = toUtf8(rule.letter);
        rules.push_back(std::move(json));
    }
    nlohmann::ordered_json json{{"shown", list.shown}, {"names", names}, {"rules", rules}};
    if (list.is_dressed_quietly)
        json["dressed_quietly"] = true;
    for (const auto& [id, motif] : list.motifs)
        json["motifs"].push_back(motifJson(id, motif));
    return json;
}

NameList namesFrom(const nlohmann::json& json)
{
    NameList list;
    for (const auto& from : json.value("names", nlohmann::json::array())) {
        if (list.names.size() >= kMostNames)
            break;
        ListedName name;
        name.words = from.value("words", "");
        name.copies = std::clamp(wholeNumber(from, "copies", 1), 1, kMostCopies);
        name.colour = from.value("colour", "");
        name.note = from.value("note", "");
        for (const auto& mending : from.value("mendings", nlohmann::json::array()))
            if (auto known = mendingFrom(mending); known && name.mendings.size() < kMostNames)
                name.mendings.push_back(*known);
        list.names.push_back(std::move(name));
    }
    for (const auto& from : json.value("rules", nlohmann::json::array())) {
        const auto of = std::ranges::find(kOf, from.value("of", ""));
        const auto letter = toUtf32(from.value("letter", ""));
        if (of == kOf.end() || list.rules.size() >= kMostNames)
            continue;
        LetterRule rule{LetterRule::Of(of - kOf.begin()), 0, letterFrom(from)};
        if (rule.of == LetterRule::Of::Every) {
            if (letter.size() != 1)
                continue;
            rule.letter = letter.front();
        }
        list.rules.push_back(std::move(rule));
    }
    for (const auto& from : json.value("motifs", nlohmann::json::array()))
        if (auto motif = motifFrom(from); motif && list.motifs.size() < kMostNames)
            list.motifs[from.value("id", "")] = std::move(*motif);
    list.is_dressed_quietly = json.value("dressed_quietly", false);
    const auto shown = wholeNumber(json, "shown", std::size_t(0));
    list.shown = list.names.empty() ? 0 : std::min(shown, list.names.size() - 1);
    return list;
}

nlohmann::ordered_json sheetJson(const SheetSettings& s)
{
    const SheetSettings usual;
    auto json = nlohmann::ordered_json::object();
    const auto put = [&](const char* name, const auto& value, const auto& as_usual) {
        if (!(value == as_usual))
            json[name] = value;
    };
    put("material", s.material, usual.material);
    if (s.size)
        json["size"] = {{"width_mm", s.size->width_mm},
                        {"length_mm", s.size->length_mm},
                        {"margin_mm", s.size->margin_mm}};
    put("spacing_mm", s.spacing_mm, usual.spacing_mm);
    put("turns", idOf(s.turns), idOf(usual.turns));
    put("rows", s.as_rows, usual.as_rows);
    put("copies", s.copies, usual.copies);
    put("fills_sheet", s.fills_sheet, usual.fills_sheet);
    put("filled_length_mm", s.filled_length_mm, usual.filled_length_mm);
    put("frame_mm", s.frame_mm, usual.frame_mm);
    if (s.operation)
        json["operation"] = idOf(*s.operation);
    put("border_mm", s.border_mm, usual.border_mm);
    put("border_material", s.border_material, usual.border_material);
    put("overcut_mm", s.overcut_mm, usual.overcut_mm);
    put("blade_mm", s.blade_mm, usual.blade_mm);
    put("kerf_mm", s.kerf_mm, usual.kerf_mm);
    put("clockwise", s.is_clockwise, usual.is_clockwise);
    put("tabs", s.tabs, usual.tabs);
    put("tab_mm", s.tab_mm, usual.tab_mm);
    for (const auto& p : s.by_hand)
        json["by_hand"].push_back({{"thing", p.item},
                                   {"sheet", p.sheet},
                                   {"turn_deg", p.turn_deg},
                                   {"at_mm", {p.at_mm.x, p.at_mm.y}}});
    return json;
}

SheetSettings sheetFrom(const nlohmann::json& json)
{
    SheetSettings s;
    s.material = json.value("material", "");
    if (const auto size = json.find("size"); size != json.end())
        s.size = SheetSize{size->value("width_mm", s.size.value_or(SheetSize()).width_mm),
                           size->value("length_mm", 0.0), size->value("margin_mm", SheetSize().margin_mm)};
    s.spacing_mm = json.value("spacing_mm", s.spacing_mm);
    s.turns = turnsOf(json.value("turns", "none")).value_or(Turns::None);
    s.as_rows = json.value("rows", false);
    s.copies = wholeNumber(json, "copies", 1);
    s.fills_sheet = json.value("fills_sheet", false);
    s.filled_length_mm = json.value("filled_length_mm", s.filled_length_mm);
    s.frame_mm = json.value("frame_mm", 0.0);
    const auto operation = json.value("operation", "");
    for (const auto known : {Operation::Pen, Operation::Score, Operation::Cut})
        if (idOf(known) == operation)
            s.operation = known;
    s.border_mm = json.value("border_mm", 0.0);
    s.border_material = json.value("border_material", "");
    s.overcut_mm = json.value("overcut_mm", 0.0);
    s.blade_mm = json.value("blade_mm", 0.0);
    s.kerf_mm = json.value("kerf_mm", 0.0);
    s.is_clockwise = json.value("clockwise", false);
    s.tabs = wholeNumber(json, "tabs", 0);
    s.tab_mm = json.value("tab_mm", s.tab_mm);
    for (const auto& from : json.value("by_hand", nlohmann::json::array())) {
        const auto at = from.value("at_mm", std::vector<double>());
        if (at.size() == 2 && s.by_hand.size() < kMostPlaced)
            s.by_hand.push_back({wholeNumber(from, "thing", std::size_t(0)),
                                 wholeNumber(from, "sheet", std::size_t(0)),
                                 from.value("turn_deg", 0.0),
                                 {at[0], at[1]}});
    }
    return sensible(std::move(s));
}

nlohmann::ordered_json patternJson(const PatternSettings& s)
{
    nlohmann::ordered_json json{{"paper", s.paper},          {"overlap_mm", s.overlap_mm},
                                {"line_mm", s.line_mm},      {"filled", s.is_filled},
                                {"mirrored", s.is_mirrored}, {"cover", s.has_cover}};
    if (s.blank)
        json["blank"] = {
            {"name", s.blank->name}, {"width_mm", s.blank->width_mm}, {"height_mm", s.blank->height_mm}};
    return json;
}

PatternSettings patternFrom(const nlohmann::json& json)
{
    PatternSettings s;
    s.paper = json.value("paper", s.paper);
    s.overlap_mm = json.value("overlap_mm", s.overlap_mm);
    s.line_mm = json.value("line_mm", s.line_mm);
    s.is_filled = json.value("filled", s.is_filled);
    s.is_mirrored = json.value("mirrored", s.is_mirrored);
    s.has_cover = json.value("cover", s.has_cover);
    if (const auto blank = json.find("blank"); blank != json.end())
        s.blank =
            Blank{blank->value("name", ""), blank->value("width_mm", 0.0), blank->value("height_mm", 0.0)};
    return sensible(std::move(s));
}

nlohmann::ordered_json stitchesJson(const StitchSettings& s)
{
    return {{"as", idOf(s.as)},
            {"cover", idOf(s.cover)},
            {"spacing_mm", s.spacing_mm},
            {"pull_mm", s.pull_mm},
            {"underlay", s.has_underlay},
            {"fill_angle_deg", s.fill_angle_deg},
            {"cover_mm", s.cover_mm},
            {"cover_inside", s.cover_inside},
            {"tack_mm", s.tack_mm},
            {"blanket_mm", s.blanket_mm},
            {"thread", s.thread},
            {"cloth", s.cloth},
            {"hoop_mm", {s.hoop_width_mm, s.hoop_height_mm}},
            {"stitches_a_minute", s.stitches_a_minute},
            {"together", s.is_together}};
}

StitchSettings stitchesFrom(const nlohmann::json& json)
{
    StitchSettings s;
    s.as = sewnAsOf(json.value("as", "")).value_or(s.as);
    s.cover = edgeCoverOf(json.value("cover", "")).value_or(s.cover);
    s.spacing_mm = json.value("spacing_mm", s.spacing_mm);
    s.pull_mm = json.value("pull_mm", s.pull_mm);
    s.has_underlay = json.value("underlay", s.has_underlay);
    s.fill_angle_deg = json.value("fill_angle_deg", s.fill_angle_deg);
    s.cover_mm = json.value("cover_mm", s.cover_mm);
    s.cover_inside = json.value("cover_inside", s.cover_inside);
    s.tack_mm = json.value("tack_mm", s.tack_mm);
    s.blanket_mm = json.value("blanket_mm", s.blanket_mm);
    s.thread = json.value("thread", s.thread);
    s.cloth = json.value("cloth", s.cloth);
    if (const auto hoop = json.value("hoop_mm", std::vector<double>()); hoop.size() == 2) {
        s.hoop_width_mm = hoop[0];
        s.hoop_height_mm = hoop[1];
    }
    s.stitches_a_minute = json.value("stitches_a_minute", s.stitches_a_minute);
    s.is_together = json.value("together", false);
    return sensible(std::move(s));
}

} // namespace ink::detail
