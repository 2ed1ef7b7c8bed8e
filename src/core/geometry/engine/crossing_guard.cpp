#include "core/geometry/engine/crossing_guard.h"

#include "core/geometry/distance.h"
#include "core/geometry/engine/segment_sweep.h"
#include "core/geometry/nearest.h"

#include <algorithm>
#include <cmath>

namespace ink::detail {
namespace {

/// Where two segments meet: their parameters there.
struct Meeting
{
    double s, t;
};

void addMeetings(const Stretch& a, const Stretch& b, std::vector<Meeting>& out)
{
    if (!meets(controlBox(a.curve), controlBox(b.curve)))
        return;
    if (a.chords > 1 && a.chords >= b.chords) {
        const auto [first, second] = a.halves();
        addMeetings(first, b, out);
        addMeetings(second, b, out);
        return;
    }
    if (b.chords > 1) {
        const auto [first, second] = b.halves();
        addMeetings(a, first, out);
        addMeetings(a, second, out);
        return;
    }
    const Point p = a.curve.start(), q = b.curve.start();
    if (!linesCross(p, a.curve.end(), q, b.curve.end()))
        return;
    const Point d = a.curve.end() - p, e = b.curve.end() - q;
    const double det = cross(d, e);
    out.push_back(
        {std::lerp(a.from, a.to, cross(q - p, e) / det), std::lerp(b.from, b.to, cross(q - p, d) / det)});
}

/// All places where chords of a and b within `tolerance` cross, and the nodes they share, in the order of a.
std::vector<Meeting> meetings(const Segment& a, const Segment& b, double tolerance)
{
    std::vector<Meeting> out;
    addMeetings(Stretch::whole(a, tolerance), Stretch::whole(b, tolerance), out);
    if (out.empty())
        return out;
    for (const double s : {0.0, 1.0})
        for (const double t : {0.0, 1.0})
            if ((s == 0.0 ? a.start() : a.end()) == (t == 0.0 ? b.start() : b.end()))
                out.push_back({s, t});
    std::ranges::sort(out, {}, &Meeting::s);
    return out;
}

/// How far the curve a gets from b between two meetings.
double reachBetween(const Segment& a, double s0, double s1, const Segment& b, double t0, double t1)
{
    double reach = 0.0;
    for (int i = 1; i < 8; ++i) {
        const double k = i / 8.0;
        const Point p = a.pointAt(std::lerp(s0, s1, k));
        reach = std::max(reach, length(b.pointAt(closestNear(b, p, std::lerp(t0, t1, k))) - p));
    }
    return reach;
}

/// How far the two curves get from each other between two meetings.
double depthBetween(const Segment& a, const Segment& b, Meeting from, Meeting to)
{
    return std::max(reachBetween(a, from.s, to.s, b, from.t, to.t),
                    reachBetween(b, from.t, to.t, a, from.s, to.s));
}

/// Which side of b the point lies on, seen from near t.
bool isLeftOf(const Segment& b, double t, Point p)
{
    t = closestNear(b, p, t);
    return cross(b.derivativeAt(t), p - b.pointAt(t)) > 0.0;
}

/// a reaches over b by a hair at one of its ends, and its neighbour there comes back: `s` and `t` are where
/// they meet.
bool turnsBackAtItsEnd(const Link& a, double s, const Segment& b, double t, double tolerance)
{
    for (const bool at_end : {false, true}) {
        const Point node = at_end ? a.segment->end() : a.segment->start();
        if (length(node - a.segment->pointAt(s)) > tolerance)
            continue;
        const auto inwards = [&](const Segment& curve, bool from_end) {
            const double speed = length(curve.derivativeAt(from_end ? 1.0 : 0.0));
            const double step = speed > 0.0 ? std::min(0.5, 4.0 * tolerance / speed) : 0.5;
            return curve.pointAt(from_end ? 1.0 - step : step);
        };
        const Segment& neighbour = at_end ? *a.next : *a.previous;
        if (isLeftOf(b, t, inwards(*a.segment, at_end)) == isLeftOf(b, t, inwards(neighbour, !at_end)))
            return true;
    }
    return false;
}

bool segmentsCross(const Link& la, const Link& lb, double tolerance)
{
    const Segment& a = *la.segment;
    const Segment& b = *lb.segment;
    const auto all = meetings(a, b, tolerance / 32.0);
    for (std::size_t i = 0; i < all.size(); ++i) {
        const bool is_node = (all[i].s == 0.0 || all[i].s == 1.0) && (all[i].t == 0.0 || all[i].t == 1.0);
        if (is_node)
            continue;
        // A shallow lens up to the meeting before or after is no crossing worth the name.
        const bool is_shallow = (i > 0 && depthBetween(a, b, all[i - 1], all[i]) <= tolerance) ||
                                (i + 1 < all.size() && depthBetween(a, b, all[i], all[i + 1]) <= tolerance) ||
                                turnsBackAtItsEnd(la, all[i].s, b, all[i].t, tolerance) ||
                                turnsBackAtItsEnd(lb, all[i].t, a, all[i].s, tolerance);
        if (!is_shallow)
            return true;
    }
    return false;
}

} // namespace

std::vector<Point> crossingsOf(std::span<const Contour> rings, double depth,
                               std::span<const std::vector<int>> untouched)
{
    std::vector<Point> out;
    const SegmentSweep sweep(rings, untouched);
    for (const auto& s : sweep.segments())
        if (s.untouched < 0 && loops(*s.link.segment, depth / 2.0)) // it has no way back
            out.push_back(s.link.segment->start());
    sweep.forEachPair(0.0, [&](const SweptSegment& a, const SweptSegment& b) {
        const bool was_looked_at = a.untouched >= 0 && a.untouched == b.untouched;
        if (!was_looked_at && !partAtTheirNode(a.link, b.link) && segmentsCross(a.link, b.link, depth))
            out.push_back(a.link.segment->start());
        return true;
    });
    return out;
}

} // namespace ink::detail
