#include "core/fit/fit_marks.h"

#include "core/base/json_text.h"
#include "core/type/key_map.h"
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

Json pointJson(Point p)
{
    return {rounded(p.x), rounded(p.y)};
}

Json placeJson(const std::optional<AxisPlace>& place)
{
    if (!place)
        return nullptr;
    return {{"centre_mm", pointJson(place->centre)},
            {"a_mm", pointJson(place->a)},
            {"b_mm", pointJson(place->b)}};
}

Json widthJson(const std::optional<AxisPlace>& place)
{
    return place ? Json(rounded(place->width)) : Json(nullptr);
}

Json markJson(const std::optional<WidthMark>& mark)
{
    if (!mark || mark->holds == Holds::Well)
        return nullptr;
    return {{"measured_mm", rounded(mark->narrowest.width)},
            {"at_mm", pointJson(mark->narrowest.centre)},
            {"is_point", mark->is_point}};
}

Json alternatesJson(const FitMarks& marks)
{
    auto letters = Json::array();
    for (const auto& letter : marks.alternates) {
        auto forms = Json::array();
        for (const auto& form : letter.forms)
            forms.push_back({{"feature", form.feature},
                             {"value", form.value},
                             {"glyph", form.glyph_name},
                             {"swash", form.is_swash}});
        letters.push_back({{"letter", letter.text},
                           {"line", letter.letter.line},
                           {"glyph_index", letter.letter.glyph},
                           {"forms", forms}});
    }
    return letters;
}

} // namespace

void writeFitReport(std::ostream& out, const FitMarks& marks, const ProcessLimits& limits, Process process)
{
    auto missing = Json::array(), middles = Json::array(), sharp = Json::array(), hidden = Json::array(),
         apart = Json::array();
    for (const char32_t c : marks.missing)
        missing.push_back(toUtf8(c));
    for (const auto& p : marks.middles)
        middles.push_back(pointJson(p));
    for (const auto& p : marks.sharp_points)
        sharp.push_back({{"at_mm", pointJson(p.at)}, {"angle_deg", rounded(p.angle_deg)}});
    for (const char32_t c : marks.traits.private_only)
        hidden.push_back(keyName(c));
    for (const auto& pair : marks.pairs)
        if (!pair.joins)
            apart.push_back(pointJson(pair.between));
    const Json json{
        {"process", infoOf(process).id},
        {"limits",
         {{"stroke_comfortable_mm", limits.stroke_comfortable_mm},
          {"stroke_floor_mm", limits.stroke_floor_mm},
          {"gap_mm", limits.gap_mm},
          {"smallest_piece_mm2", limits.smallest_piece_mm2}}},
        {"holds",
         {{"all", idOf(holds(marks, limits, process))},
          {"stroke", idOf(holdsStroke(marks, limits, process))},
          {"gap", idOf(holdsGap(marks, limits))},
          {"pieces", idOf(holdsPieces(marks, limits))},
          {"middles", idOf(holdsMiddles(marks, limits))}}},
        {"thin_stroke", markJson(strokeMark(marks, limits, process))},
        {"tight_gap", markJson(gapMark(marks, limits))},
        {"thinnest_stroke_mm", widthJson(marks.thinnest_stroke)},
        {"thinnest_stroke_place", placeJson(marks.thinnest_stroke)},
        {"narrowest_gap_mm", widthJson(marks.narrowest_gap)},
        {"narrowest_gap_place", placeJson(marks.narrowest_gap)},
        {"smallest_piece_mm2",
         marks.smallest_piece ? Json(rounded(marks.smallest_piece->area)) : Json(nullptr)},
        {"joins", marks.joins},
        {"pairs", marks.pairs.size()},
        {"apart_at_mm", apart},
        {"is_joining_script", marks.traits.joins.isJoiningScript()},
        {"kind", idOf(marks.traits.kind.kind)},
        {"kind_reason", marks.traits.kind.reason},
        {"letters", marks.letters.size()},
        {"pieces", marks.pieces},
        {"middles", marks.middles.size()},
        {"middles_at_mm", middles},
        {"nodes", marks.nodes},
        {"nodes_per_letter", rounded(marks.nodesPerLetter())},
        {"sharp_points", sharp},
        {"missing", missing},
        {"alternates", alternatesJson(marks)},
        {"private_use_only", hidden},
    };
    out << jsonText(json, 1) << '\n';
}

} // namespace ink
