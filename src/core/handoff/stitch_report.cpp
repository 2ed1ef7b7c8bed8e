#include "core/handoff/sewn_name.h"

#include "core/base/json_text.h"

#include <cmath>
#include <ostream>

namespace ink {
namespace {

using Json = nlohmann::ordered_json;

double tidy(double value)
{
    return std::round(value * 1e4) / 1e4;
}

Json figuresJson(const StitchFigures& f)
{
    return {{"stitches", f.stitches},
            {"trims", f.trims},
            {"stops", f.stops},
            {"longest_mm", tidy(f.longest_mm)},
            {"shortest_mm", tidy(f.shortest_mm)},
            {"short_share", tidy(f.short_share)},
            {"thread_m", tidy(f.thread_m)},
            {"minutes", tidy(f.minutes)},
            {"width_mm", tidy(f.box_mm.width())},
            {"height_mm", tidy(f.box_mm.height())}};
}

Json pointJson(Point p)
{
    return Json::array({tidy(p.x), tidy(p.y)});
}

Json layerJson(const StitchLayer& layer)
{
    std::size_t points = 0;
    for (const auto& run : layer.runs)
        points += run.points.size();
    return {{"kind", idOf(layer.kind)}, {"colour", layer.colour}, {"stitches", points}};
}

std::string_view idOf(InHoop in)
{
    return in == InHoop::Fits ? "fits" : in == InHoop::FitsTurned ? "turned" : "too-large";
}

} // namespace

void writeStitchReport(std::ostream& out, const SewnName& name, const StitchSettings& settings)
{
    Json json = figuresJson(name.figures);
    json["words"] = name.words;
    json["as"] = idOf(settings.as);
    json["hoop"] = idOf(name.in_hoop);
    json["covers"] = tidy(name.figures.covers);
    json["outside"] = tidy(name.figures.outside);
    json["thickest"] = name.figures.thickest;
    json["layers"] = Json::array();
    for (const auto& layer : name.plan.layers)
        json["layers"].push_back(layerJson(layer));
    json["columns"] = Json::array();
    for (const auto& c : name.plan.columns)
        json["columns"].push_back({{"kind", idOf(c.kind)},
                                   {"piece", c.piece},
                                   {"from_mm", pointJson(c.from)},
                                   {"to_mm", pointJson(c.to)},
                                   {"width_mm", tidy(c.width_mm)},
                                   {"least_width_mm", tidy(c.least_width_mm)},
                                   {"most_width_mm", tidy(c.most_width_mm)}});
    json["findings"] = Json::array();
    for (const auto& f : name.findings)
        json["findings"].push_back({{"kind", idOf(f.kind)},
                                    {"value", tidy(f.value)},
                                    {"limit", tidy(f.limit)},
                                    {"at_mm", pointJson(f.at)},
                                    {"places", f.count}});
    out << jsonText(json, 2) << '\n';
}

void writeLookReport(std::ostream& out, const ReadStitches& file, const StitchFigures& figures)
{
    Json json = figuresJson(figures);
    json["title"] = file.title;
    json["cut_short"] = file.is_cut_short;
    out << jsonText(json, 2) << '\n';
}

} // namespace ink
