#include "core/handoff/sewn_name.h"

#include <nlohmann/json.hpp>

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

SewnName sewName(const MadeName& name, const StitchSettings& wanted, const CancelToken& cancel)
{
    SewnName out;
    out.words = name.words;
    const auto settings = sensible(wanted);
    if (name.error || !name.outline_mm) {
        out.error = name.error ? *name.error : Error{ErrorCode::NothingToCut, {}, {}};
        return out;
    }
    const Box box = bounds(*name.outline_mm);
    if (box.isEmpty()) {
        out.error = Error{ErrorCode::NothingToCut, {}, {}};
        return out;
    }
    const Point middle{(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2};
    out.in_hoop = inHoop(box, settings);
    const bool is_turned = out.in_hoop == InHoop::FitsTurned;
    const Affine to_hoop =
        is_turned ? Affine{0, 1, -1, 0, middle.y, -middle.x} : Affine{1, 0, 0, 1, -middle.x, -middle.y};
    out.outline_mm = std::make_shared<const Outline>(transformed(*name.outline_mm, to_hoop));
    auto plan = planStitches(*out.outline_mm, Unit::ofEm(name.em_mm), settings, cancel);
    if (!plan) {
        out.error = plan.error();
        return out;
    }
    out.plan = std::move(*plan);
    out.figures = figuresOf(out.plan, *out.outline_mm, settings);
    out.findings = findingsOf(out.plan, out.figures, settings);
    return out;
}

SewnFile sewnFileOf(const SewnName& name, const StitchSettings& settings)
{
    SewnFile out{workOf(name.plan), name.words, {}, settings.cloth};
    for (const auto& layer : name.plan.layers)
        out.threads.push_back(layer.colour);
    return out;
}

SheetDrawing clothOf(const SewnName& name, bool is_mirrored)
{
    SheetDrawing out;
    Outline outline = *name.outline_mm;
    if (is_mirrored)
        outline = transformed(outline, {-1, 0, 0, 1, 0, 0});
    const Box box = bounds(outline);
    outline = transformed(outline, {1, 0, 0, 1, -box.x0, -box.y1});
    out.page_mm = {0, -box.height(), box.width(), 0};
    out.title = name.words;
    for (std::size_t p = 0; p < outline.pieces.size(); ++p) {
        const auto add = [&](const Contour& ring, bool is_middle) {
            ToolPath path;
            path.segments = ring.segments;
            path.is_closed = true;
            path.piece = p;
            path.design = 0;
            path.is_middle = is_middle;
            out.paths.push_back(std::move(path));
        };
        for (const auto& middle : outline.pieces[p].middles)
            add(middle, true);
        add(outline.pieces[p].outer, false);
    }
    return out;
}

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
    out << json.dump(2, ' ', false, Json::error_handler_t::replace) << '\n';
}

void writeLookReport(std::ostream& out, const ReadStitches& file, const StitchFigures& figures)
{
    Json json = figuresJson(figures);
    json["title"] = file.title;
    json["cut_short"] = file.is_cut_short;
    out << json.dump(2, ' ', false, Json::error_handler_t::replace) << '\n';
}

} // namespace ink
