#include "core/geometry/touching.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <numeric>
#include <utility>

namespace ink {
namespace {

/// Nodes nearer than this are one, for the size of the whole: what numbers of it are rounded by.
constexpr double kOneNode = 1e-12;
/// Edges are told apart this far from where they meet, for the shortest chord of them.
constexpr double kLookAt = 0.25;
constexpr int kHalvings = 30;

/// Where the curve leaves the circle about its start.
Point leavesCircle(const Segment& from_centre, double radius)
{
    double inside = 0.0, outside = 1.0;
    for (int i = 0; i < kHalvings; ++i) {
        const double t = 0.5 * (inside + outside);
        (length(from_centre.pointAt(t) - from_centre.start()) < radius ? inside : outside) = t;
    }
    return from_centre.pointAt(outside);
}

/// Edges that meet in one node, counter-clockwise about it: one comes to it, the next leaves it, and so on.
struct Meeting
{
    struct Edge
    {
        std::size_t segment = 0;
        bool comes = false;
        double direction = 0.0;
    };
    Point at;
    std::vector<Edge> edges;

    /// Ink lies clockwise of an edge that comes, and counter-clockwise of one that leaves.
    bool isInOrder() const
    {
        for (std::size_t i = 0; i < edges.size(); ++i)
            if (edges[i].comes == edges[(i + 1) % edges.size()].comes)
                return false;
        return true;
    }
    const Edge& leavesAfter(std::size_t comes, Apart apart) const
    {
        const std::size_t step = apart == Apart::Ink ? edges.size() - 1 : 1;
        return edges[(comes + step) % edges.size()];
    }
};

/// Segments of rings, one after the other, and which follows which.
class Rings
{
public:
    explicit Rings(const std::vector<Contour>& rings)
    {
        for (std::size_t number = 0; number < rings.size(); ++number) {
            const std::size_t first = m_segments.size();
            for (const auto& s : rings[number].segments) {
                m_segments.push_back(s);
                m_next.push_back(m_segments.size());
                m_ring_of.push_back(number);
            }
            if (m_segments.size() > first)
                m_next.back() = first;
        }
    }

    std::size_t ringNumberOf(std::size_t segment) const { return m_ring_of[segment]; }

    /// Nodes where more than one ring passes, or one more than once.
    std::vector<Meeting> meetings() const
    {
        Box box;
        for (const auto& s : m_segments)
            box.add(s.start());
        const double hair = kOneNode * (box.width() + box.height());
        std::vector<std::size_t> order(m_segments.size());
        std::iota(order.begin(), order.end(), std::size_t(0));
        const auto nodeOf = [&](std::size_t segment) { return m_segments[segment].end(); };
        std::ranges::sort(order, [&](std::size_t a, std::size_t b) {
            return std::pair(nodeOf(a).x, a) < std::pair(nodeOf(b).x, b);
        });
        std::vector<Meeting> out;
        std::vector<bool> is_met(m_segments.size());
        for (std::size_t i = 0; i < order.size(); ++i) {
            const Point at = nodeOf(order[i]);
            std::vector<std::size_t> here{order[i]};
            for (std::size_t k = i + 1; k < order.size() && nodeOf(order[k]).x - at.x <= hair; ++k)
                if (!is_met[order[k]] && std::abs(nodeOf(order[k]).y - at.y) <= hair)
                    here.push_back(order[k]);
            if (is_met[order[i]] || here.size() < 2)
                continue;
            for (const std::size_t segment : here)
                is_met[segment] = true;
            if (shortestChordAt(here) <= hair)
                continue; // a segment of no length comes to where it left
            if (Meeting meeting = meetingOf(here, at); meeting.isInOrder())
                out.push_back(std::move(meeting));
        }
        return out;
    }

    std::vector<Contour> partedAt(const std::vector<Meeting>& meetings, Apart apart)
    {
        std::vector<std::size_t> meeting_of(m_segments.size(), meetings.size());
        for (std::size_t m = 0; m < meetings.size(); ++m)
            for (std::size_t i = 0; i < meetings[m].edges.size(); ++i)
                if (const auto& edge = meetings[m].edges[i]; edge.comes) {
                    meeting_of[edge.segment] = m;
                    m_next[edge.segment] = meetings[m].leavesAfter(i, apart).segment;
                }
        std::vector<Contour> out;
        std::vector<bool> is_taken(m_segments.size());
        for (std::size_t first = 0; first < m_segments.size(); ++first) {
            std::vector<std::size_t> way;
            for (std::size_t i = first; !is_taken[i]; i = m_next[i]) {
                is_taken[i] = true;
                way.push_back(i);
                if (meeting_of[i] == meetings.size())
                    continue;
                // Back where it has been before: what it went round since is a ring.
                const auto came = std::find_if(way.rbegin() + 1, way.rend(), [&](std::size_t before) {
                    return meeting_of[before] == meeting_of[i];
                });
                if (came == way.rend())
                    continue;
                out.push_back(ringOf(came.base(), way.end()));
                way.erase(came.base(), way.end());
            }
            if (!way.empty())
                out.push_back(ringOf(way.begin(), way.end()));
        }
        return out;
    }

private:
    using Way = std::vector<std::size_t>::const_iterator;
    Contour ringOf(Way from, Way to) const
    {
        Contour ring;
        for (auto i = from; i != to; ++i)
            ring.segments.push_back(m_segments[*i]);
        for (std::size_t i = 0; i < ring.segments.size(); ++i) { // by less than a hair, and mostly by nothing
            auto& next = ring.segments[(i + 1) % ring.segments.size()];
            if (const Point end = ring.segments[i].end(); next.start() != end)
                next = next.withEnds(end, next.end());
        }
        return ring;
    }

    /// Of the segments that come to a node or leave it.
    double shortestChordAt(const std::vector<std::size_t>& coming) const
    {
        double shortest = 1e300;
        for (const std::size_t segment : coming)
            for (const std::size_t s : {segment, m_next[segment]})
                shortest = std::min(shortest, length(m_segments[s].end() - m_segments[s].start()));
        return shortest;
    }

    Meeting meetingOf(const std::vector<std::size_t>& coming, Point at) const
    {
        const double shortest = shortestChordAt(coming);
        Meeting out{at, {}};
        const auto add = [&](std::size_t segment, bool comes) {
            const Segment away = comes ? m_segments[segment].reversed() : m_segments[segment];
            const Point way = leavesCircle(away, kLookAt * shortest) - away.start();
            out.edges.push_back({segment, comes, std::atan2(way.y, way.x)});
        };
        for (const std::size_t segment : coming) {
            add(segment, true);
            add(m_next[segment], false);
        }
        std::ranges::sort(out.edges, {}, &Meeting::Edge::direction);
        return out;
    }

    std::vector<Segment> m_segments;
    /// Of each segment: the one that follows, and the ring it came in.
    std::vector<std::size_t> m_next, m_ring_of;
};

} // namespace

std::vector<Contour> apartWhereTheyMeet(std::vector<Contour> rings, Apart apart)
{
    Rings linked(rings);
    const auto meetings = linked.meetings();
    return meetings.empty() ? rings : linked.partedAt(meetings, apart);
}

std::vector<TouchingPoint> touchingPoints(const std::vector<Contour>& rings)
{
    const Rings linked(rings);
    std::vector<TouchingPoint> out;
    for (const auto& meeting : linked.meetings()) {
        const auto& edges = meeting.edges;
        const std::size_t first = edges[0].comes ? 0 : 1;
        for (std::size_t i = first + 2; i < edges.size(); i += 2) {
            const double from = edges[i].direction, to = meeting.leavesAfter(i, Apart::Paper).direction;
            const double way = from + 0.5 * (to > from ? to - from : to - from + 2.0 * std::numbers::pi);
            out.push_back(
                {meeting.at,
                 {std::cos(way), std::sin(way)},
                 {linked.ringNumberOf(edges[i - 2].segment), linked.ringNumberOf(edges[i].segment)}});
        }
    }
    return out;
}

} // namespace ink
