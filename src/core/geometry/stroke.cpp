#include "core/geometry/stroke.h"

#include "core/geometry/cubic_fit.h"
#include "core/geometry/engine/curve_engine.h"
#include "core/geometry/nesting.h"
#include "core/geometry/ring_offset.h"

#include <algorithm>
#include <cmath>

namespace ink {
namespace {

constexpr double kCornerCosine = 0.64; // of 50 degrees
/// A pen that does not move draws a disc; the offset needs a direction all the same.
constexpr double kStandingStill = 1e-4;

Point unitVector(Point v)
{
    const double l = length(v);
    return l > 0.0 ? v * (1.0 / l) : Point{1, 0};
}

/// The direction of the samples at one of them, over neighbours some way off.
Point directionAt(std::span<const Point> samples, std::size_t i, double reach)
{
    std::size_t before = i, after = i;
    while (before > 0 && length(samples[before] - samples[i]) < reach)
        --before;
    while (after + 1 < samples.size() && length(samples[after] - samples[i]) < reach)
        ++after;
    return unitVector(samples[after] - samples[before]);
}

void fit(std::span<const Point> samples, Point d0, Point d1, double tolerance, OpenPath& out)
{
    if (samples.size() == 2) {
        out.segments.push_back(Segment::line(samples[0], samples[1]));
        return;
    }
    const auto made = detail::fitCubic(samples, d0, d1);
    double way = 0.0;
    for (std::size_t i = 1; i < samples.size(); ++i)
        way += length(samples[i] - samples[i - 1]);
    // A handle longer than the way meets the samples only where they are looked at.
    const auto& p = made.segment.p;
    const bool is_tame = length(p[1] - p[0]) <= way && length(p[3] - p[2]) <= way;
    if (is_tame && made.deviation <= tolerance) {
        out.segments.push_back(made.segment);
        return;
    }
    const std::size_t middle = samples.size() / 2;
    const Point d = directionAt(samples, middle, 4.0 * tolerance);
    fit(samples.subspan(0, middle + 1), d0, d, tolerance, out);
    fit(samples.subspan(middle), d, d1, tolerance, out);
}

} // namespace

OpenPath smoothed(std::span<const Point> samples, double tolerance)
{
    OpenPath out;
    std::size_t first = 0;
    for (std::size_t i = 1; i < samples.size(); ++i) {
        const bool is_last = i + 1 == samples.size();
        if (!is_last && dot(unitVector(samples[i] - samples[i - 1]),
                            unitVector(samples[i + 1] - samples[i])) > kCornerCosine)
            continue;
        const auto part = samples.subspan(first, i - first + 1);
        fit(part, directionAt(part, 0, 4.0 * tolerance), directionAt(part, part.size() - 1, 4.0 * tolerance),
            tolerance, out);
        first = i;
    }
    return out;
}

Result<Outline> stroked(std::span<const OpenPath> paths, double width, Unit unit,
                        const OffsetOptions& options)
{
    OffsetOptions round = options;
    round.join = Join::Round;
    const double radius = 0.5 * width;
    Paths raw;
    for (const auto& path : paths) {
        Contour there_and_back{path.segments};
        if (path.isEmpty())
            continue;
        if (path.arcLength() <= 2.0 * kStandingStill * width) {
            const Point p = path.segments.front().start(), aside{kStandingStill * width, 0.0};
            there_and_back.segments = {Segment::line(p - aside, p + aside)};
        }
        const OpenPath back = OpenPath{there_and_back.segments}.reversed();
        there_and_back.segments.insert(there_and_back.segments.end(), back.segments.begin(),
                                       back.segments.end());
        raw.push_back(detail::RingOffset(radius, round).of(there_and_back));
    }
    if (raw.empty() || width <= 0.0)
        return Outline{};
    std::size_t nodes = 0;
    if (auto ok = detail::checkInput(raw, {}, unit, nodes); !ok)
        return fail(ok.error());
    const detail::EngineShape shape{&raw, nullptr, {}, false, false};
    detail::EngineStats stats;
    auto rings = detail::combineCurves({&shape, 1}, BooleanOp::Union, detail::FillRule::Positive,
                                       detail::Grid(unit), options.cancel, stats);
    if (!rings)
        return fail(rings.error());
    return nested(std::move(*rings));
}

} // namespace ink
