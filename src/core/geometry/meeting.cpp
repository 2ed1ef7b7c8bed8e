#include "core/geometry/meeting.h"

#include "core/geometry/distance.h"
#include "core/geometry/flatten.h"

#include <algorithm>

namespace ink {
namespace {

/// Ends count with the chord that starts there, so that a crossing at a node counts once.
bool chordsCross(Point a, Point b, Point c, Point d)
{
    const auto side = [](Point p, Point q, Point r) { return cross(q - p, r - p) > 0.0; };
    return side(a, b, c) != side(a, b, d) && side(c, d, a) != side(c, d, b);
}

} // namespace

ShapeChords::ShapeChords(const Paths& shape, double tolerance)
{
    for (const auto& contour : shape) {
        const auto points = flattened(contour, tolerance);
        for (std::size_t i = 0; i < points.size(); ++i) {
            const Point a = points[i], b = points[(i + 1) % points.size()];
            m_chords.push_back(a.y <= b.y ? Chord{a, b} : Chord{b, a});
            m_box.add(a);
        }
    }
    std::ranges::sort(m_chords, {}, [](const Chord& c) { return c.a.y; });
}

bool ShapeChords::holds(Point p) const
{
    bool inside = false;
    for (const auto& [a, b] : m_chords) {
        if (a.y > p.y)
            break;
        if (b.y > p.y && cross(b - a, p - a) < 0.0)
            inside = !inside;
    }
    return inside;
}

bool ShapeChords::holdsDeeply(Point p, double depth) const
{
    if (!meets(m_box, {p.x, p.y, p.x, p.y}) || !holds(p))
        return false;
    for (const auto& [a, b] : m_chords) {
        if (a.y > p.y + depth)
            break;
        if (b.y >= p.y - depth && distanceTo(p, a, b) <= depth)
            return false;
    }
    return true;
}

bool overlapDeeply(const ShapeChords& one, Point one_at, const ShapeChords& other, Point other_at,
                   double depth)
{
    const auto reachesInto = [depth](const ShapeChords& from, const ShapeChords& into, Point by) {
        return std::ranges::any_of(from.m_chords,
                                   [&](const Chord& c) { return into.holdsDeeply(c.a + by, depth); });
    };
    return reachesInto(other, one, other_at - one_at) || reachesInto(one, other, one_at - other_at);
}

Meeting meetingOf(const ShapeChords& one, Point one_at, const ShapeChords& other, Point other_at)
{
    Meeting meeting;
    const Point by = other_at - one_at;
    const Box& a = one.box();
    const Box& b = other.box();
    if (a.isEmpty() || b.isEmpty() || b.x1 + by.x < a.x0 || b.x0 + by.x > a.x1 || b.y1 + by.y < a.y0 ||
        b.y0 + by.y > a.y1)
        return meeting;
    for (const auto& moved : other.m_chords) {
        const Point c = moved.a + by, d = moved.b + by;
        const auto [left, right] = std::minmax({c.x, d.x});
        if (right < a.x0 || left > a.x1 || d.y < a.y0)
            continue;
        if (c.y > a.y1)
            break;
        for (const auto& own : one.m_chords) {
            if (own.a.y > d.y)
                break;
            if (own.b.y < c.y || std::max(own.a.x, own.b.x) < left || std::min(own.a.x, own.b.x) > right)
                continue;
            meeting.crossings += chordsCross(own.a, own.b, c, d) ? 1 : 0;
        }
    }
    if (meeting.crossings == 0)
        meeting.is_within =
            one.holds(other.m_chords.front().a + by) || other.holds(one.m_chords.front().a - by);
    return meeting;
}

double distanceOf(const ShapeChords& one, Point one_at, const ShapeChords& other, Point other_at, double most)
{
    const Point by = other_at - one_at;
    const auto boxAround = [](Point a, Point b) {
        Box box;
        box.add(a);
        box.add(b);
        return box;
    };
    const Box& others = other.box();
    const Box moved = movedBy(others, by);
    if (others.isEmpty() || one.box().isEmpty() || distanceOf(one.box(), moved) >= most)
        return most;
    if (meetingOf(one, one_at, other, other_at).touches())
        return 0.0;
    // Chords that do not cross are nearest at an end of one of them.
    double nearest = most;
    for (const auto& a : one.m_chords) {
        const Box box = boxAround(a.a, a.b);
        if (distanceOf(box, moved) >= nearest)
            continue;
        for (const auto& b : other.m_chords) {
            const Point c = b.a + by, d = b.b + by;
            if (distanceOf(box, boxAround(c, d)) >= nearest)
                continue;
            nearest = std::min(nearest, nearestEnds(a.a, a.b, c, d).distance);
        }
    }
    return nearest;
}

} // namespace ink
