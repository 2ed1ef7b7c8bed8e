// Where one curve of a rebuilt ring hands over to the next.
#include "core/geometry/engine/curve_rebuild.h"
#include "core/geometry/nearest.h"

#include <cmath>

namespace ink::detail {
namespace {

/// A crossing found further than this from the crossing of the chords is another one.
constexpr double kCrossingReach_u = 2.0;
/// Where curves cross at a very small angle, the crossing of the chords can be this far from theirs.
constexpr double kShallowReach_u = 16.0;

} // namespace

/// Newton on A(s) = B(t), going on along either contour where a curve ends; nothing when they are tangent.
std::optional<std::pair<CurveRebuilder::Place, CurveRebuilder::Place>>
CurveRebuilder::crossing(Place a, Place b, Point vertex) const
{
    const auto step = [this](Place& place, double by, int& hops) {
        place.t += by;
        if (place.t >= 0.0 && place.t <= 1.0)
            return;
        const bool forward = place.t > 1.0;
        hops += forward ? 1 : -1;
        place.curve = neighbour(place.shape, place.curve, forward);
        place.t = forward ? 0.0 : 1.0;
    };
    int hops_a = 0, hops_b = 0;
    for (int i = 0; i < 16; ++i) {
        const Segment ca = curve(a);
        const Segment cb = curve(b);
        const Point f = ca.pointAt(a.t) - cb.pointAt(b.t);
        const Point da = ca.derivativeAt(a.t);
        const Point db = cb.derivativeAt(b.t);
        const double det = cross(da, db);
        if (std::abs(det) <= 1e-4 * length(da) * length(db))
            return {};
        const double ds = -cross(f, db) / det;
        const double dt = -cross(f, da) / det;
        const auto from = std::pair{a.curve, b.curve};
        step(a, ds, hops_a);
        step(b, dt, hops_b);
        if (std::abs(hops_a) > 2 || std::abs(hops_b) > 2)
            return {};
        if (from == std::pair{a.curve, b.curve} &&
            std::abs(ds) * length(da) + std::abs(dt) * length(db) < 1e-9 * m_grid.u()) {
            if (length(curve(a).pointAt(a.t) - vertex) > kCrossingReach_u * m_grid.u())
                return {};
            return std::pair{a, b};
        }
    }
    return {};
}

/// Lets the span end at `to`, a few curves further on or back; false when it cannot be reached that way.
bool CurveRebuilder::moveEnd(Span& span, const Place& to) const
{
    const bool forward = span.back().isForward();
    // The place is a hair further on or back, and not round a whole bay that comes back to here.
    const double most = 2.0 * kCrossingReach_u * m_grid.u();
    const auto wayAlong = [&](const Run& run, double from, double t) {
        const Segment c = curve(run.shape, run.curve);
        const double half = 0.5 * (from + t);
        return length(c.pointAt(half) - c.pointAt(from)) + length(c.pointAt(t) - c.pointAt(half));
    };
    Span moved = span;
    double way = 0.0;
    for (int back = 0; back < 3 && !moved.empty(); ++back) {
        Run& last = moved.back();
        if (last.curve == to.curve) {
            way += wayAlong(last, last.t1, to.t);
            if ((forward ? to.t < last.t0 : to.t > last.t0) || (back > 0 && way > most))
                return false;
            last.t1 = to.t;
            span = std::move(moved);
            return true;
        }
        way += wayAlong(last, last.t1, last.t0);
        moved.pop_back();
    }
    moved = span;
    way = 0.0;
    const double far_end = forward ? 1.0 : 0.0;
    for (int ahead = 0; ahead < 3; ++ahead) {
        Run& last = moved.back();
        const bool is_there = last.curve == to.curve;
        const double t = is_there ? to.t : far_end;
        way += wayAlong(last, last.t1, t);
        if (way > most)
            return false;
        last.t1 = t;
        if (is_there) {
            span = std::move(moved);
            return true;
        }
        const int next = neighbour(last.shape, last.curve, forward);
        moved.push_back({last.shape, next, 1.0 - far_end, 1.0 - far_end, last.end, last.end});
    }
    return false;
}

/// Where the curves cross at so small an angle that Newton gives up: the sign of the distance from a to b
/// changes there, and halving the way finds it. Only on the two curves at hand, near the places given.
std::optional<std::pair<CurveRebuilder::Place, CurveRebuilder::Place>>
CurveRebuilder::shallowCrossing(Place a, Place b) const
{
    const Segment ca = curve(a);
    const Segment cb = curve(b);
    const double speed = length(ca.derivativeAt(a.t));
    if (speed == 0.0)
        return {};
    struct Side
    {
        double s, t, distance;
    };
    const auto sideAt = [&](double s, double t_near) -> Side {
        const Point p = ca.pointAt(s);
        const double t = closestNear(cb, p, t_near);
        return {s, t, cross(cb.derivativeAt(t), p - cb.pointAt(t))};
    };
    constexpr int kSteps = 32; // to each side
    const double step = kShallowReach_u * m_grid.u() / speed / kSteps;
    std::optional<std::pair<Side, Side>> bracket;
    for (const double direction : {1.0, -1.0}) {
        Side from = sideAt(a.t, b.t);
        for (int i = 1; i <= kSteps; ++i) {
            const double s = a.t + direction * step * i;
            if (s < 0.0 || s > 1.0)
                break;
            const Side to = sideAt(s, from.t);
            if ((from.distance < 0.0) != (to.distance < 0.0)) {
                if (!bracket || std::abs(to.s - a.t) < std::abs(bracket->second.s - a.t))
                    bracket = {from, to};
                break;
            }
            from = to;
        }
    }
    if (!bracket)
        return {};
    auto [low, high] = *bracket;
    for (int i = 0; i < 50; ++i) {
        const Side middle = sideAt(0.5 * (low.s + high.s), low.t);
        ((middle.distance < 0.0) == (low.distance < 0.0) ? low : high) = middle;
    }
    a.t = low.s;
    b.t = low.t;
    if (length(ca.pointAt(a.t) - cb.pointAt(b.t)) > 1e-6 * m_grid.u()) // beside an end of b: no crossing
        return {};
    return std::pair{a, b};
}

/// Both ends or none. One and the same span may end and begin here (a loop), so the end moves first.
bool CurveRebuilder::moveEnds(Span& before, Span& after, const std::pair<Place, Place>& to) const
{
    const Span kept = before;
    if (!moveEnd(before, to.first))
        return false;
    Span turned = after;
    turnRound(turned);
    if (!moveEnd(turned, to.second)) {
        before = kept;
        return false;
    }
    turnRound(turned);
    after = std::move(turned);
    return true;
}

/// Where one span hands over to the next; moves their ends there.
Point CurveRebuilder::join(Span& before, Span& after, RebuildStats& stats) const
{
    const Run& out = before.back();
    const Run& in = after.front();
    const Point vertex = out.end;
    if (out.curve < 0 || in.curve < 0)
        return vertex;
    const Point at_out = pointOf(out, out.t1);
    const Point at_in = pointOf(in, in.t0);
    const bool out_ends = out.t1 == 0.0 || out.t1 == 1.0;
    const bool in_ends = in.t0 == 0.0 || in.t0 == 1.0;
    if (out_ends && in_ends) { // two nodes of the font on one place
        if (at_in != at_out)
            stats.bends.emplace_back(at_in, 0.5 * length(at_in - at_out));
        return at_out == at_in ? at_out : lerp(at_out, at_in, 0.5);
    }

    const Place a{out.shape, out.curve, out.t1};
    const Place b{in.shape, in.curve, in.t0};
    auto found = crossing(a, b, vertex);
    if (!found)
        found = shallowCrossing(a, b);
    if (found && moveEnds(before, after, *found)) {
        const Point at = lerp(curve(found->first).pointAt(found->first.t),
                              curve(found->second).pointAt(found->second.t), 0.5);
        stats.crossings.push_back(at);
        return at;
    }
    // They only touch, or not even that: both ends go to the places nearest to where the chords crossed.
    ++stats.unrefined;
    Run& last = before.back();
    last.t1 = closestNear(curve(last.shape, last.curve), vertex, last.t1);
    Run& first = after.front();
    first.t0 = closestNear(curve(first.shape, first.curve), vertex, first.t0);
    const Point at = lerp(pointOf(last, last.t1), pointOf(first, first.t0), 0.5);
    stats.bends.emplace_back(at, length(at - pointOf(first, first.t0)));
    stats.crossings.push_back(at);
    return at;
}

} // namespace ink::detail
