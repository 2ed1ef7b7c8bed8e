#include "core/geometry/crossing_guard.h"

#include "core/geometry/flatten.h"
#include "core/geometry/project.h"

#include <algorithm>
#include <cstdint>
#include <unordered_set>

namespace ink::detail {
namespace {

struct Chord
{
    Point a, b;
};

/// Strictly on different sides, both ways: chords that share an end or touch do not count.
bool cross(const Chord& p, const Chord& q)
{
    const double a = ink::cross(p.b - p.a, q.a - p.a);
    const double b = ink::cross(p.b - p.a, q.b - p.a);
    if (!((a > 0.0 && b < 0.0) || (a < 0.0 && b > 0.0)))
        return false;
    const double c = ink::cross(q.b - q.a, p.a - q.a);
    const double d = ink::cross(q.b - q.a, p.b - q.a);
    return (c > 0.0 && d < 0.0) || (c < 0.0 && d > 0.0);
}

/// Chords by the cells of a uniform grid that their boxes touch.
class CellIndex
{
public:
    CellIndex(const std::vector<Chord>& chords, Box box) : m_box(box)
    {
        const double n = static_cast<double>(chords.size());
        m_cell =
            std::max({std::sqrt(box.width() * box.height() / n), (box.width() + box.height()) / n, 1e-300});
        // Long slanted chords touch many cells: coarser cells until the index stays linear.
        const double most = 8.0 * n + 1024.0;
        while (entryCount(chords) > most)
            m_cell *= 2.0;
        m_columns = column(box.x1) + 1;
        const std::int64_t rows = row(box.y1) + 1;
        m_first.assign(static_cast<std::size_t>(m_columns * rows) + 1, 0);
        visit(chords, [this](std::size_t cell, std::uint32_t) { ++m_first[cell + 1]; });
        for (std::size_t i = 1; i < m_first.size(); ++i)
            m_first[i] += m_first[i - 1];
        m_entries.resize(m_first.back());
        auto place = m_first;
        visit(chords, [&](std::size_t cell, std::uint32_t chord) { m_entries[place[cell]++] = chord; });
    }

    template <class Pair>
    void forEachPair(Pair pair) const
    {
        for (std::size_t cell = 0; cell + 1 < m_first.size(); ++cell)
            for (auto i = m_first[cell]; i < m_first[cell + 1]; ++i)
                for (auto k = i + 1; k < m_first[cell + 1]; ++k)
                    pair(m_entries[i], m_entries[k]);
    }

private:
    std::int64_t column(double x) const { return static_cast<std::int64_t>((x - m_box.x0) / m_cell); }
    std::int64_t row(double y) const { return static_cast<std::int64_t>((y - m_box.y0) / m_cell); }

    double entryCount(const std::vector<Chord>& chords) const
    {
        double sum = 0.0;
        for (const auto& c : chords)
            sum += static_cast<double>(std::abs(column(c.a.x) - column(c.b.x)) + 1) *
                   static_cast<double>(std::abs(row(c.a.y) - row(c.b.y)) + 1);
        return sum;
    }
    template <class Visit>
    void visit(const std::vector<Chord>& chords, Visit action) const
    {
        for (std::uint32_t i = 0; i < chords.size(); ++i) {
            const auto [x0, x1] = std::minmax({column(chords[i].a.x), column(chords[i].b.x)});
            const auto [y0, y1] = std::minmax({row(chords[i].a.y), row(chords[i].b.y)});
            for (auto y = y0; y <= y1; ++y)
                for (auto x = x0; x <= x1; ++x)
                    action(static_cast<std::size_t>(y * m_columns + x), i);
        }
    }

    Box m_box;
    double m_cell = 1.0;
    std::int64_t m_columns = 1;
    std::vector<std::uint32_t> m_first, m_entries;
};

/// Where two segments meet: their parameters there.
struct Meeting
{
    double s, t;
};

Meeting meetingOf(const Chord& p, const Chord& q, double s0, double s1, double t0, double t1)
{
    const Point d = p.b - p.a;
    const Point e = q.b - q.a;
    const double det = ink::cross(d, e);
    const double k = ink::cross(q.a - p.a, e) / det;
    const double m = ink::cross(q.a - p.a, d) / det;
    return {std::lerp(s0, s1, k), std::lerp(t0, t1, m)};
}

/// All places where the chords of a and b cross, and the nodes they share, in the order of a.
std::vector<Meeting> meetings(const Segment& a, const Segment& b, double tolerance)
{
    std::vector<Meeting> out;
    for (const double s : {0.0, 1.0})
        for (const double t : {0.0, 1.0})
            if (a.pointAt(s) == b.pointAt(t))
                out.push_back({s, t});
    const int n = chordCount(a, tolerance);
    const int m = chordCount(b, tolerance);
    std::vector<Point> q;
    for (int k = 0; k <= m; ++k)
        q.push_back(b.pointAt(static_cast<double>(k) / m));
    for (int i = 0; i < n; ++i) {
        const double s0 = static_cast<double>(i) / n, s1 = static_cast<double>(i + 1) / n;
        const Chord p{a.pointAt(s0), a.pointAt(s1)};
        for (int k = 0; k < m; ++k) {
            const Chord other{q[static_cast<std::size_t>(k)], q[static_cast<std::size_t>(k) + 1]};
            if (cross(p, other))
                out.push_back(
                    meetingOf(p, other, s0, s1, static_cast<double>(k) / m, static_cast<double>(k + 1) / m));
        }
    }
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

/// A segment and its neighbours along the ring.
struct Link
{
    const Segment* segment;
    const Segment* previous;
    const Segment* next;
};

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

std::vector<Point> crossingsOf(std::span<const Contour> rings, double tolerance)
{
    std::vector<Link> segments;
    std::vector<Chord> chords;
    std::vector<std::uint32_t> owner;
    Box box;
    for (const auto& ring : rings) {
        const std::size_t count = ring.segments.size();
        for (std::size_t k = 0; k < count; ++k) {
            const auto& s = ring.segments[k];
            const int n = chordCount(s, tolerance);
            Point a = s.start();
            for (int i = 1; i <= n; ++i) {
                const Point b = i == n ? s.end() : s.pointAt(static_cast<double>(i) / n);
                chords.push_back({a, b});
                owner.push_back(static_cast<std::uint32_t>(segments.size()));
                box.add(b);
                a = b;
            }
            segments.push_back(
                {&s, &ring.segments[(k + count - 1) % count], &ring.segments[(k + 1) % count]});
        }
    }
    std::vector<Point> out;
    if (chords.empty())
        return out;
    std::unordered_set<std::uint64_t> looked_at; // pairs of segments found in order
    const auto deep = [&](std::uint32_t i, std::uint32_t k) {
        const auto [a, b] = std::minmax(owner[i], owner[k]);
        if (a == b)
            return true; // a loop of one curve has no way back
        if (!looked_at.insert((std::uint64_t{a} << 32) | b).second)
            return false;
        return segmentsCross(segments[a], segments[b], tolerance);
    };
    const CellIndex index(chords, box);
    index.forEachPair([&](std::uint32_t i, std::uint32_t k) {
        if (cross(chords[i], chords[k]) && deep(i, k))
            out.push_back(chords[i].a);
    });
    return out;
}

} // namespace ink::detail
