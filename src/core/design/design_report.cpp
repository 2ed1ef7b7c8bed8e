#include "core/design/design_report.h"

#include "core/base/json_text.h"

#include <cmath>
#include <ostream>
#include <string_view>

namespace ink {
namespace {

using Json = nlohmann::ordered_json;

double rounded(double value, double step)
{
    return std::round(value / step) * step;
}

Json figuresOf(const Design& design)
{
    const auto& f = design.figures_mm;
    auto missing = Json::array();
    for (const char32_t c : design.missing)
        missing.push_back(toUtf8(c));
    Json json{
        {"pieces", f.pieces},
        {"middles", f.middles},
        {"nodes", f.nodes},
        {"nodes_before", design.weld.nodes_before},
        {"area_mm2", rounded(f.area, 1e-6)},
        {"cut_length_mm", rounded(f.cut_length, 1e-6)},
        {"width_mm", rounded(f.box.width(), 1e-6)},
        {"height_mm", rounded(f.box.height(), 1e-6)},
        {"missing", missing},
        {"warnings", design.warnings},
    };
    if (design.finished.bridges > 0)
        json["bridges"] = design.finished.bridges;
    if (design.finished.nodes_before_reduction > 0)
        json["reduction"] = {{"nodes_before", design.finished.nodes_before_reduction},
                             {"nodes", f.nodes},
                             {"largest_deviation_mm", rounded(design.finished.largest_deviation_mm, 1e-6)}};
    return json;
}

/// How the weld went.
Json methodOf(const Design& design)
{
    const auto& w = design.weld;
    const auto& f = design.figures_mm;
    return {{"nodes", f.nodes},
            {"crossings", design.crossings_mm.size()},
            {"groups", w.groups},
            {"repeated_glyphs", w.glyphs_cached},
            {"absorbed", w.absorbed},
            {"spikes", w.spikes},
            {"specks", w.specks},
            {"fallbacks",
             {{"tangent_crossings", w.unrefined},
              {"lost_edges", w.lost_edges},
              {"finer", w.finer},
              {"polygonal", w.polygonal}}},
            {"time_ms",
             {{"glyphs", rounded(w.glyphs_ms, 1e-3)},
              {"union", rounded(w.union_ms, 1e-3)},
              {"curves", rounded(w.curves_ms, 1e-3)},
              {"check", rounded(w.check_ms, 1e-3)}}}};
}

/// Which letters join, and where.
Json pairsOf(const ComposedDesign& composed)
{
    static constexpr std::string_view kStates[] = {"joins", "apart", "no_common_height", "left_as_drawn"};
    auto pairs = Json::array();
    for (const auto& pair : composed.setting.pairs) {
        const Point at = composed.placeOf(pair);
        pairs.push_back({{"left", composed.setting.letters[pair.left].first},
                         {"right", composed.setting.letters[pair.right].first},
                         {"state", kStates[static_cast<int>(pair.state)]},
                         {"moved_mm", pair.moved * composed.mm_per_u},
                         {"at_mm", {at.x, at.y}}});
    }
    return pairs;
}

} // namespace

void writeReport(std::ostream& out, const ComposedDesign& composed, bool with_method)
{
    Json json = figuresOf(composed.design);
    if (with_method)
        json["method"] = methodOf(composed.design);
    json["pairs"] = pairsOf(composed);
    json["missing_fonts"] = Json::array();
    for (const auto& font : composed.setting.missing_fonts)
        json["missing_fonts"].push_back(font.path);
    out << jsonText(json, 2) << '\n';
}

} // namespace ink
