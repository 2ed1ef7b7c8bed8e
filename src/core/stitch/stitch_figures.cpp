#include "core/stitch/stitch_figures.h"

#include "core/stitch/thread_raster.h"

#include <algorithm>
#include <array>

namespace ink {
namespace {

/// Thread goes down and up at each needle point (common practice, no source).
constexpr double kThreadPerStitch_mm = 1.5;
/// Rows that lie side by side leave more between them than satins do.
constexpr double kLeastCover = 0.98, kLeastCoverOfRows = 0.92;
constexpr std::array<std::string_view, 7> kFindings{
    "low-letters", "thin-column", "wide-column", "thick", "short-stitches", "open", "too-large-for-hoop"};

} // namespace

std::string_view idOf(StitchFindingKind kind)
{
    return kFindings[std::size_t(kind)];
}

StitchFigures figuresOf(const NeedleWork& work, double stitches_a_minute)
{
    StitchFigures out;
    Point at;
    double thread_mm = 0.0;
    std::size_t shorts = 0;
    out.shortest_mm = kLongestStitch_mm;
    bool is_down = false;
    for (const auto& step : work) {
        const double way = length(step.at - at);
        switch (step.kind) {
        case NeedleStep::Kind::Stitch:
            out.box_mm.add(step.at);
            ++out.stitches;
            if (is_down && way > 0.5 * kNeedleGrid_mm) {
                out.longest_mm = std::max(out.longest_mm, way);
                out.shortest_mm = std::min(out.shortest_mm, way);
                shorts += way < kShortestStitch_mm - 1e-9;
                thread_mm += way + kThreadPerStitch_mm;
            }
            is_down = true;
            break;
        case NeedleStep::Kind::Jump:
            is_down = false;
            break;
        case NeedleStep::Kind::Trim:
            ++out.trims;
            break;
        case NeedleStep::Kind::Stop:
            ++out.stops;
            break;
        }
        at = step.at;
    }
    if (out.stitches < 2)
        out.shortest_mm = 0.0;
    out.short_share = out.stitches > 0 ? double(shorts) / double(out.stitches) : 0.0;
    out.thread_m = thread_mm / 1000.0;
    out.minutes = double(out.stitches) / std::max(1.0, stitches_a_minute) +
                  double(out.trims) * kTrim_s / 60.0 + double(out.stops) * kStop_s / 60.0;
    return out;
}

StitchFigures figuresOf(const StitchPlan& plan, const Outline& outline, const StitchSettings& settings)
{
    const auto work = workOf(plan);
    auto out = figuresOf(work, settings.stitches_a_minute);
    Box box = bounds(outline);
    box.add(out.box_mm);
    ThreadRaster raster(box);
    Point at;
    bool is_down = false;
    for (const auto& step : work) {
        if (step.kind == NeedleStep::Kind::Stitch && is_down)
            raster.lay(at, step.at);
        is_down = step.kind == NeedleStep::Kind::Stitch;
        at = step.at;
    }
    const auto threads = threadFigures(raster, outline);
    out.covers = threads.covers;
    out.outside = threads.outside;
    out.thickest = threads.thickest;
    return out;
}

std::vector<StitchFinding> findingsOf(const StitchPlan& plan, const StitchFigures& figures,
                                      const StitchSettings& settings)
{
    std::vector<StitchFinding> out;
    const auto note = [&](StitchFindingKind kind, double value, double limit, Point at = {}) {
        const auto known = std::ranges::find(out, kind, &StitchFinding::kind);
        if (known == out.end()) {
            out.push_back({kind, value, limit, at, 1});
            return;
        }
        ++known->count;
        const bool is_worse =
            kind == StitchFindingKind::ThinColumn ? value < known->value : value > known->value;
        if (is_worse) {
            known->value = value;
            known->at = at;
        }
    };
    const bool are_letters = settings.as == SewnAs::Satin || settings.as == SewnAs::Fill;
    if (figures.box_mm.height() < kLowestLetters_mm && figures.stitches > 0)
        note(StitchFindingKind::LowLetters, figures.box_mm.height(), kLowestLetters_mm);
    for (const auto& column : plan.columns) {
        const Point middle = lerp(column.from, column.to, 0.5);
        if (are_letters && column.kind != ColumnKind::Fill && column.width_mm < kThinnestColumn_mm)
            note(StitchFindingKind::ThinColumn, column.width_mm, kThinnestColumn_mm, middle);
        if (settings.as == SewnAs::Satin && column.kind == ColumnKind::Fill &&
            column.most_width_mm > kWidestColumn_mm)
            note(StitchFindingKind::WideColumn, column.most_width_mm, kWidestColumn_mm, middle);
    }
    if (figures.thickest > kMostLayers)
        note(StitchFindingKind::Thick, figures.thickest, kMostLayers);
    if (figures.short_share > kMostShortStitches)
        note(StitchFindingKind::ShortStitches, figures.short_share, kMostShortStitches);
    // Of letters that came as stitches nobody knows what they were to cover.
    const bool are_planned = std::ranges::none_of(plan.layers, [](const StitchLayer& layer) {
        return std::ranges::any_of(layer.runs,
                                   [](const StitchRun& r) { return r.kind == StitchKind::AsMade; });
    });
    const bool has_rows =
        std::ranges::any_of(plan.columns, [](const StitchColumn& c) { return c.kind == ColumnKind::Fill; });
    const double least = has_rows ? kLeastCoverOfRows : kLeastCover;
    if (are_letters && are_planned && figures.covers < least)
        note(StitchFindingKind::Open, figures.covers, least);
    if (inHoop(figures.box_mm, settings) == InHoop::TooLarge)
        note(StitchFindingKind::TooLargeForHoop, figures.box_mm.width(), settings.hoop_width_mm);
    return out;
}

InHoop inHoop(const Box& box, const StitchSettings& settings)
{
    if (settings.hoop_width_mm <= 0.0 || settings.hoop_height_mm <= 0.0)
        return InHoop::Fits;
    if (box.width() <= settings.hoop_width_mm && box.height() <= settings.hoop_height_mm)
        return InHoop::Fits;
    return box.height() <= settings.hoop_width_mm && box.width() <= settings.hoop_height_mm
               ? InHoop::FitsTurned
               : InHoop::TooLarge;
}

} // namespace ink
