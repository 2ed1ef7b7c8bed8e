#include "core/geometry/medial_axis.h"

#include "core/geometry/nearest.h"
#include "core/geometry/nesting.h"

#include <algorithm>
#include <cmath>

namespace ink {
namespace {

/// What the chords of the graph can be wrong by, both sides together.
constexpr double kChordError_u = 3.0;
/// The narrowest place on the curves lies no further than this from the step on the chords.
constexpr double kReach_u = 6.0;
/// Places that may be the narrowest within the error of the chords.
constexpr std::size_t kMostCandidates = 120;
constexpr int kMostRounds = 100;
/// A round that brings no more than this is the last.
constexpr double kSettled_u = 1e-6;
/// It slid into a corner.
constexpr double kNoWidth_u = 1e-3;

/// A place on one side of the axis that can wander along its ring.
class Side
{
public:
    Side(const OutlineCurves& curves, const AxisTouch& touch) : m_curves(curves), m_at(touch) {}

    Point place() const { return curve().pointAt(m_at.t); }

    /// Goes to where the ring is nearest to p, over the ends of its segments where it has to.
    void goNearestTo(Point p)
    {
        m_at.t = nearestTo(curve(), m_at.t, p);
        for (int hop = 0; hop < 3 && (m_at.t == 0.0 || m_at.t == 1.0); ++hop) {
            AxisTouch beyond = m_at;
            const auto i = static_cast<std::size_t>(m_at.segment);
            beyond.segment = m_at.t == 1.0 ? m_curves.next[i] : m_curves.previous[i];
            beyond.t = m_at.t == 1.0 ? 0.0 : 1.0;
            const Segment& next = m_curves.segments[static_cast<std::size_t>(beyond.segment)];
            beyond.t = nearestTo(next, beyond.t, p);
            if (length(next.pointAt(beyond.t) - p) >= length(place() - p))
                return;
            m_at = beyond;
        }
    }

private:
    /// Near t; a look to both sides first, because the search alone may leap over what is nearest.
    static double nearestTo(const Segment& curve, double t, Point p)
    {
        const auto distance = [&](double at) { return length(curve.pointAt(at) - p); };
        double best = t;
        for (const double aside : {-0.2, -0.1, -0.05, 0.05, 0.1, 0.2})
            if (const double at = std::clamp(t + aside, 0.0, 1.0); distance(at) < distance(best))
                best = at;
        const double found = detail::closestNear(curve, p, best);
        return distance(found) <= distance(best) ? found : best;
    }
    const Segment& curve() const { return m_curves.segments[static_cast<std::size_t>(m_at.segment)]; }

    const OutlineCurves& m_curves;
    AxisTouch m_at;
};

AxisPlace placeBetween(Point a, Point b)
{
    return {length(b - a), lerp(a, b, 0.5), a, b};
}

/// The narrowest stretches of one kind, pointed ends left out, measured again until none can be narrower.
std::optional<AxisPlace> narrowestOf(const AxisGraph& graph, bool is_ink, const OutlineCurves& curves,
                                     Unit unit)
{
    std::vector<const AxisStep*> order;
    for (const auto& edge : graph.edges)
        if (edge.is_ink == is_ink && !edge.is_tip)
            for (const auto& step : edge.steps)
                if (step.is_stroke)
                    order.push_back(&step);
    const auto width = [](const AxisStep* s) { return s->narrowest.width; };
    const std::size_t most = std::min(order.size(), kMostCandidates);
    std::ranges::partial_sort(order, order.begin() + static_cast<std::ptrdiff_t>(most), {}, width);
    order.resize(most);
    std::optional<AxisPlace> best;
    for (const auto* step : order) {
        if (best && step->narrowest.width > best->width + kChordError_u * unit.u)
            break;
        const AxisPlace place = measuredOnCurves(*step, curves, unit);
        if (!best || place.width < best->width)
            best = place;
    }
    return best;
}

} // namespace

OutlineCurves::OutlineCurves(const Outline& outline)
{
    for (const auto& ring : toPaths(outline)) {
        const auto first = static_cast<int>(segments.size()), n = static_cast<int>(ring.segments.size());
        for (int i = 0; i < n; ++i) {
            segments.push_back(ring.segments[static_cast<std::size_t>(i)]);
            previous.push_back(first + (i + n - 1) % n);
            next.push_back(first + (i + 1) % n);
        }
    }
}

namespace {

/// From side to side, each time to the nearest place: ends where the sides are exactly opposite. Nothing
/// where that is too far away.
std::optional<AxisPlace> oppositeNear(const AxisStep& step, const OutlineCurves& curves, Unit unit)
{
    const double reach =
        std::max(kReach_u * unit.u, step.narrowest.width / 2) + length(step.arc.end() - step.arc.start());
    Side one(curves, step.touches[0]), other(curves, step.touches[1]);
    AxisPlace place = placeBetween(one.place(), other.place());
    for (int round = 0; round < kMostRounds; ++round) {
        other.goNearestTo(one.place());
        one.goNearestTo(other.place());
        const AxisPlace next = placeBetween(one.place(), other.place());
        const bool is_there = place.width - next.width < kSettled_u * unit.u;
        place = next;
        if (length(place.centre - step.narrowest.centre) > reach)
            return {};
        if (is_there)
            return place.width > kNoWidth_u * unit.u ? std::optional(place) : std::nullopt;
    }
    return {};
}

/// The circle about the place itself, moved until it is as far from one curve as from the other.
AxisPlace circleBetween(const AxisStep& step, const OutlineCurves& curves, Unit unit)
{
    Side near(curves, step.touches[0]), far(curves, step.touches[1]);
    Point centre = step.narrowest.centre;
    for (int round = 0; round < 8; ++round) {
        near.goNearestTo(centre);
        far.goNearestTo(centre);
        const Point a = near.place() - centre, b = far.place() - centre;
        const double to_a = length(a), to_b = length(b);
        if (to_a <= 0.0 || to_b <= 0.0 || std::abs(to_a - to_b) < 1e-9 * unit.u)
            break;
        const Point across = b * (1.0 / to_b) - a * (1.0 / to_a);
        const double l = length(across);
        if (l <= 0.0)
            break;
        centre = centre + across * ((to_b - to_a) / 2.0 / l);
    }
    const Point a = near.place(), b = far.place();
    return {length(a - centre) + length(b - centre), centre, a, b};
}

} // namespace

AxisPlace measuredOnCurves(const AxisStep& step, const OutlineCurves& curves, Unit unit)
{
    const AxisPlace& seen = step.narrowest;
    if (step.touches[0].segment < 0)
        return seen;
    if (step.touches[1].segment < 0) { // a round room
        Side edge(curves, step.touches[0]);
        edge.goNearestTo(seen.centre);
        const Point a = edge.place();
        return {2.0 * length(a - seen.centre), seen.centre, a, seen.centre * 2.0 - a};
    }
    const auto opposite = oppositeNear(step, curves, unit);
    const AxisPlace place = opposite ? *opposite : circleBetween(step, curves, unit);
    // Further off than the chords can be, it is another place.
    return std::abs(place.width - seen.width) <= 2.0 * kChordError_u * unit.u ? place : seen;
}

double MedialAxis::thinLength(double width) const
{
    double length = 0.0;
    for (const auto& s : strokes)
        if (s.to_width <= width && s.from_width < width)
            length += s.length;
        else if (s.from_width < width)
            length += s.length * (width - s.from_width) / (s.to_width - s.from_width);
    return length;
}

MedialAxis medialAxisOf(const AxisGraph& graph, const Outline& outline, Unit unit)
{
    MedialAxis axis;
    for (const auto& edge : graph.edges)
        for (const auto& step : edge.steps) {
            if (!step.is_stroke)
                continue;
            const auto [least, most] = std::minmax({step.width[0], step.width[1], step.narrowest.width});
            (edge.is_ink ? axis.strokes : axis.gaps)
                .push_back(
                    {step.narrowest, least, most, length(step.arc.end() - step.arc.start()), edge.is_tip});
        }
    const OutlineCurves curves(outline);
    axis.thinnest_stroke = narrowestOf(graph, true, curves, unit);
    axis.narrowest_gap = narrowestOf(graph, false, curves, unit);
    return axis;
}

Result<MedialAxis> medialAxis(const Outline& outline, Unit unit, const CancelToken& cancel)
{
    const auto graph = axisGraph(outline, unit, cancel);
    if (!graph)
        return fail(graph.error());
    return medialAxisOf(*graph, outline, unit);
}

} // namespace ink
