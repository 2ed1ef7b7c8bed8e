#include "core/geometry/stroke.h"

#include "core/geometry/cubic_fit.h"
#include "core/geometry/engine/curve_engine.h"
#include "core/geometry/nesting.h"
#include "core/geometry/ring_offset.h"

#include <boost/geometry/algorithms/simplify.hpp>
#include <boost/geometry/geometries/linestring.hpp>
#include <boost/geometry/geometries/point.hpp>
#include <boost/geometry/strategies/cartesian/distance_projected_point.hpp>

#include <algorithm>
#include <cmath>
#include <iterator>

namespace ink {
namespace {

constexpr double kBendCosine = 0.64; // of 50 degrees
/// A pen that does not move draws a disc; the offset needs a direction all the same.
constexpr double kStandingStill = 1e-4;

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
                            unitVector(samples[i + 1] - samples[i])) > kBendCosine)
            continue;
        const auto part = samples.subspan(first, i - first + 1);
        fit(part, directionAt(part, 0, 4.0 * tolerance), directionAt(part, part.size() - 1, 4.0 * tolerance),
            tolerance, out);
        first = i;
    }
    return out;
}

namespace {

constexpr double kOuterTurnCosine = 0.94; // of 20 degrees
constexpr double kSteepest = 0.95;        // growth of a radius
/// Of the tolerance: what a centre that is left out may be off by, in place and radius together.
constexpr double kThinned = 0.5;

Point leftOf(Point d)
{
    return {-d.y, d.x};
}

/// The arc about `centre` from one of its radii to another, to the left, of less than a half turn.
void addArc(Contour& ring, Point centre, Point from, Point to)
{
    constexpr double kMostOfOneCubic = 1.6; // a little over a quarter
    const double turn = std::atan2(cross(from, to), dot(from, to));
    if (turn > kMostOfOneCubic) {
        const Point half = unitVector(from + to, leftOf(from)) * length(from);
        addArc(ring, centre, from, half);
        return addArc(ring, centre, half, to);
    }
    const double handle = 4.0 / 3.0 * std::tan(turn / 4.0);
    ring.segments.push_back(Segment::cubic(centre + from, centre + from + leftOf(from) * handle,
                                           centre + to - leftOf(to) * handle, centre + to));
}

/// Without the centres that the others say already. An axis trembles by less than the pen is wide, and each turn would be a
/// disc of its own.
/// Source: D. Douglas, T. Peucker, "Algorithms for the reduction of the number of points required to represent a digitized
///         line", 1973, by Boost.Geometry.
PenWay thinned(const PenWay& way, double tolerance)
{
    using Place = boost::geometry::model::point<double, 3, boost::geometry::cs::cartesian>;
    boost::geometry::model::linestring<Place> places, kept;
    for (std::size_t i = 0; i < way.centres.size(); ++i)
        places.emplace_back(way.centres[i].x, way.centres[i].y, way.radii[i]);
    boost::geometry::simplify(places, kept, tolerance);
    PenWay out;
    for (const auto& p : kept) {
        out.centres.push_back({p.get<0>(), p.get<1>()});
        out.radii.push_back(p.get<2>());
    }
    return out;
}

/// Cut where one side of the way would run backwards: round turns sharper than the pen.
std::vector<PenWay> withoutLoops(const PenWay& way)
{
    PenWay all;
    for (std::size_t i = 0; i < way.centres.size(); ++i)
        if (all.centres.empty() ||
            length(way.centres[i] - all.centres.back()) > kStandingStill * way.radii[i]) {
            all.centres.push_back(way.centres[i]);
            all.radii.push_back(way.radii[i]);
        }
    const std::size_t n = all.centres.size();
    // How much a turn takes from the inner side.
    std::vector<double> taken(n, 0.0);
    for (std::size_t i = 1; i + 1 < n; ++i) {
        const double c = dot(unitVector(all.centres[i] - all.centres[i - 1]),
                             unitVector(all.centres[i + 1] - all.centres[i]));
        taken[i] = all.radii[i] *
                   std::sqrt(std::max(0.0, 1.0 - c) / std::max(1e-9, 1.0 + c)); // tan of half the turn
    }
    std::vector<bool> is_cut(n, false);
    for (std::size_t i = 0; i + 1 < n; ++i)
        if (1.05 * (taken[i] + taken[i + 1]) >= length(all.centres[i + 1] - all.centres[i]))
            is_cut[i] = is_cut[i + 1] = true;
    std::vector<PenWay> out(1);
    for (std::size_t i = 0; i < n; ++i) {
        out.back().centres.push_back(all.centres[i]);
        out.back().radii.push_back(all.radii[i]);
        if (is_cut[i] && i > 0 && i + 1 < n)
            out.push_back({{all.centres[i]}, {all.radii[i]}});
    }
    return out;
}

/// With samples on the lines between them: a curve through a few that are far apart would stray between them.
std::vector<Point> closeTogether(const std::vector<Point>& side, double step)
{
    // A thin pen goes a long way. With eight, curves strayed and left cracks of 0.05 mm.
    constexpr double kMostOfALine = 64.0;
    std::vector<Point> out{side.front()};
    for (std::size_t i = 1; i < side.size(); ++i) {
        const double steps = std::ceil(length(side[i] - side[i - 1]) / step);
        const int n = static_cast<int>(std::clamp(steps, 1.0, kMostOfALine));
        for (int k = 1; k <= n; ++k)
            out.push_back(lerp(side[i - 1], side[i], double(k) / n));
    }
    return out;
}

Contour ringOf(const PenWay& way, double tolerance)
{
    const auto& centres = way.centres;
    const auto& radii = way.radii;
    Contour ring;
    const std::size_t n = centres.size();
    if (n == 1) {
        const Point a{radii[0], 0}, b{0, radii[0]};
        addArc(ring, centres[0], a, b);
        addArc(ring, centres[0], b, a * -1.0);
        addArc(ring, centres[0], a * -1.0, b * -1.0);
        addArc(ring, centres[0], b * -1.0, a);
        return ring;
    }
    // How fast the radius grows from one centre to the next; where a disc holds the one before there is no edge between them.
    std::vector<double> growth(n + 1, 0.0);
    for (std::size_t i = 1; i < n; ++i)
        growth[i] = std::clamp((radii[i] - radii[i - 1]) / length(centres[i] - centres[i - 1]), -kSteepest,
                               kSteepest);
    growth[0] = growth[1];
    growth[n] = growth[n - 1];
    // Where the edge of a pen that goes this way touches the disc: behind its middle when it grows.
    const auto touching = [](Point way, double grows, double side, double radius) {
        return leftOf(way) * (side * radius * std::sqrt(1.0 - grows * grows)) - way * (radius * grows);
    };
    std::vector<Point> left, right;
    for (std::size_t i = 0; i < n; ++i) {
        const Point in = unitVector(i > 0 ? centres[i] - centres[i - 1] : centres[1] - centres[0]);
        const Point out = unitVector(i + 1 < n ? centres[i + 1] - centres[i] : centres[i] - centres[i - 1]);
        const Point between = length(in + out) > 0.1 ? unitVector(in + out) : in;
        const bool is_turn = dot(in, out) < kOuterTurnCosine;
        const bool turns_left = dot(leftOf(in), out) > 0.0;
        const auto add = [&](std::vector<Point>& side, double sign, bool is_outer) {
            if (is_turn && is_outer)
                side.push_back(centres[i] + touching(in, growth[i], sign, radii[i]));
            const Point beside =
                centres[i] + touching(between, 0.5 * (growth[i] + growth[i + 1]), sign, radii[i]);
            if (side.empty() || length(beside - side.back()) > kStandingStill * radii[i])
                side.push_back(beside);
            if (is_turn && is_outer)
                side.push_back(centres[i] + touching(out, growth[i + 1], sign, radii[i]));
        };
        add(left, 1.0, !turns_left);
        add(right, -1.0, turns_left);
    }
    std::ranges::reverse(left);
    for (auto* side : {&left, &right})
        if (side->size() < 2)
            side->push_back(side->front() + Point{kStandingStill * radii[0], 0.0});
    ring.segments = smoothed(closeTogether(right, radii[0]), tolerance).segments;
    const auto cap = [&](std::size_t i, Point way, double grows) {
        const Point ahead = way * radii[i];
        addArc(ring, centres[i], touching(way, grows, -1.0, radii[i]), ahead);
        addArc(ring, centres[i], ahead, touching(way, grows, 1.0, radii[i]));
    };
    cap(n - 1, unitVector(centres[n - 1] - centres[n - 2]), growth[n]);
    std::ranges::copy(smoothed(closeTogether(left, radii[0]), tolerance).segments,
                      std::back_inserter(ring.segments));
    cap(0, unitVector(centres[0] - centres[1]), -growth[0]);
    for (std::size_t i = 0; i < ring.segments.size(); ++i) { // to the bit
        auto& next = ring.segments[(i + 1) % ring.segments.size()];
        next = next.withEnds(ring.segments[i].end(), next.end());
    }
    return ring;
}

Result<Outline> unitedPens(const Paths& raw, Unit unit, const CancelToken& cancel)
{
    std::size_t nodes = 0;
    if (auto ok = detail::checkInput(raw, {}, unit, nodes); !ok)
        return fail(ok.error());
    const detail::EngineShape shape{&raw, nullptr, {}, false, false};
    detail::EngineStats stats;
    auto rings = detail::combineCurves({&shape, 1}, BooleanOp::Union, detail::FillRule::Positive,
                                       detail::Grid(unit), cancel, stats);
    if (!rings)
        return fail(rings.error());
    return nested(std::move(*rings));
}

} // namespace

Result<Outline> stroked(std::span<const PenWay> ways, Unit unit, const OffsetOptions& options)
{
    Paths raw;
    for (const auto& way : ways)
        if (!way.centres.empty())
            for (const auto& part : withoutLoops(thinned(way, kThinned * options.tolerance)))
                raw.push_back(ringOf(part, options.tolerance));
    return raw.empty() ? Result<Outline>(Outline{}) : unitedPens(raw, unit, options.cancel);
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
    return unitedPens(raw, unit, options.cancel);
}

} // namespace ink
