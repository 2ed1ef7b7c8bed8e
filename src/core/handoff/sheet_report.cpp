#include "core/handoff/sheet_report.h"

#include "core/base/json_text.h"
#include "core/type/shape.h"

#include <cmath>
#include <ostream>

namespace ink {
namespace {

using Json = nlohmann::ordered_json;

double rounded(double value)
{
    return std::round(value * 1e4) / 1e4;
}

std::string_view verdictOf(const MadeName& name)
{
    if (name.error)
        return "failed";
    return name.verdict ? idOf(*name.verdict) : std::string_view();
}

Json nameJson(const MadeName& name)
{
    Json json{{"words", name.words}, {"copies", name.copies}, {"verdict", verdictOf(name)}};
    if (!name.colour.empty())
        json["colour"] = name.colour;
    if (name.error)
        json["error"] = name.error->message();
    if (name.closed_up_mm > 0.0)
        json["closed_up_mm"] = rounded(name.closed_up_mm);
    if (name.made_smaller < 1.0)
        json["made_smaller"] = rounded(name.made_smaller);
    if (name.is_too_wide)
        json["too_wide"] = true;
    for (const char32_t c : name.missing)
        json["missing"].push_back(toUtf8(c));
    if (!name.findings.empty())
        json["worst"] = idOf(name.findings.front().kind);
    return json;
}

} // namespace

void writeSheetReport(std::ostream& out, const SheetPlan& plan, const std::vector<MadeName>& made,
                      bool is_mirrored)
{
    std::vector<const MadeName*> things;
    auto names = Json::array();
    for (const auto& name : made) {
        names.push_back(nameJson(name));
        if (!name.error)
            things.push_back(&name);
    }
    auto sheets = Json::array(), placed = Json::array(), left_out = Json::array();
    for (const auto& sheet : plan.sheets) {
        Json json{{"material", sheet.material.name},
                  {"width_mm", rounded(sheet.page_mm.width())},
                  {"length_mm", rounded(sheet.page_mm.height())},
                  {"used_length_mm", rounded(sheet.used_length_mm)},
                  {"covered", rounded(sheet.covered)},
                  {"cut_length_mm", rounded(sheet.run.cut_length_mm)},
                  {"air_length_mm", rounded(sheet.run.air_length_mm)},
                  {"parts", sheet.run.parts.size()},
                  {"minutes", rounded(sheet.run.duration_s / 60.0)},
                  {"material_cost", rounded(sheet.cost)}};
        if (sheet.registered_with)
            json["registered_with"] = *sheet.registered_with + 1;
        sheets.push_back(std::move(json));
    }
    for (const auto& laid : plan.laid) {
        const Box& box = laid.box_mm;
        Json json{{"words", things[laid.thing]->words},
                  {"copy", laid.copy + 1},
                  {"sheet", laid.sheet + 1},
                  {"box_mm", {rounded(box.x0), rounded(-box.y1), rounded(box.x1), rounded(-box.y0)}},
                  {"turn_deg", laid.place.turn_deg},
                  {"verdict", verdictOf(*things[laid.thing])}};
        if (laid.is_border)
            json["border"] = true;
        placed.push_back(std::move(json));
    }
    for (const auto& one : plan.left_out)
        left_out.push_back({{"words", things[one.thing]->words}, {"copies", one.copies}});
    double width_mm = 0.0, covered_mm2 = 0.0, used_mm2 = 0.0;
    for (const auto& sheet : plan.sheets) {
        width_mm = std::max(width_mm, sheet.page_mm.width());
        used_mm2 += sheet.used_length_mm * sheet.page_mm.width();
        covered_mm2 += sheet.covered * sheet.used_length_mm * sheet.page_mm.width();
    }
    const Json json{{"sheets", sheets},
                    {"placed", placed},
                    {"left_out", left_out},
                    {"names", names},
                    {"used_length_mm", rounded(plan.usedLength_mm())},
                    {"least_length_mm", rounded(plan.least_length_mm)},
                    {"covered", rounded(used_mm2 > 0.0 ? covered_mm2 / used_mm2 : 0.0)},
                    {"cut_length_mm", rounded(plan.cutLength_mm())},
                    {"air_length_mm", rounded(plan.airLength_mm())},
                    {"parts", plan.parts()},
                    {"minutes", rounded(plan.duration_s() / 60.0)},
                    {"mirrored", is_mirrored},
                    {"material_cost", rounded(plan.cost())}};
    out << jsonText(json, 2) << '\n';
}

} // namespace ink
