#include "core/geometry/validity.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>

namespace ink {
namespace {

constexpr double kFar = std::numeric_limits<double>::infinity();

struct Polyline
{
    std::vector<Point> points; // closed: the last one is joined to the first
    /// Three places on each of its segments, for probing: the direction there, and how much outline they
    /// stand for.
    struct Probe
    {
        Point at, direction;
        double weight;
    };
    std::vector<Probe> probes;
};

/// Equal steps of the parameter, as many as keep a quarter circle of 300 u within 0.02 u.
Polyline polylineOf(const Contour& ring, double u)
{
    Polyline out;
    for (const auto& s : ring.segments) {
        double reach = 0.0;
        for (std::size_t i = 0; i < s.degree(); ++i)
            reach += length(s.p[i + 1] - s.p[i]);
        const int n = s.degree() == 1 ? 1 : std::clamp(static_cast<int>(3.5 * std::sqrt(reach / u)), 16, 400);
        for (int i = 0; i < n; ++i)
            out.points.push_back(i == 0 ? s.start() : s.pointAt(static_cast<double>(i) / n));
        // On chords, not on the curve: what is asked there is answered by the same chords.
        for (const int i : {n / 6, n / 2, 5 * n / 6}) {
            const Point a = s.pointAt(static_cast<double>(i) / n);
            const Point b = s.pointAt(static_cast<double>(i + 1) / n);
            if (const double l = length(b - a); l > 0.0)
                out.probes.push_back({lerp(a, b, 0.5), (b - a) * (1.0 / l), reach});
        }
    }
    return out;
}

/// Winding number of p by the signed crossings of a ray to the right.
int winding(const Polyline& ring, Point p)
{
    int sum = 0;
    for (std::size_t i = 0, n = ring.points.size(); i < n; ++i) {
        const Point a = ring.points[i];
        const Point b = ring.points[i + 1 == n ? 0 : i + 1];
        if ((a.y > p.y) == (b.y > p.y))
            continue;
        if (a.x + (b.x - a.x) * (p.y - a.y) / (b.y - a.y) > p.x)
            sum += b.y > a.y ? 1 : -1;
    }
    return sum;
}

double gapTo(Point p, Point a, Point b)
{
    const Point d = b - a;
    const double dd = dot(d, d);
    const double t = dd > 0.0 ? std::clamp(dot(p - a, d) / dd, 0.0, 1.0) : 0.0;
    return length(a + d * t - p);
}

/// A chord of a polyline, for the sweep.
struct Edge
{
    std::size_t ring, index;
    Point a, b;
    double x0, x1, y0, y1;
};

/// Two stretches meet: the ring, and how far along it, counted in chords.
struct Crossing
{
    std::size_t ring[2];
    double at[2];
    /// They share a node there and need not cross.
    bool is_touch = false;
};

class CrossingDepth
{
public:
    /// Points within `same` of each other are one; depths beyond `enough` are not told apart.
    CrossingDepth(const std::vector<Polyline>& rings, double same, double enough)
        : m_rings(rings), m_same(same), m_enough(enough)
    {
    }

    double deepest()
    {
        findAll();
        // Ring and partner: places along the ring, each with its crossing.
        std::map<std::pair<std::size_t, std::size_t>, std::vector<std::pair<double, std::size_t>>> along;
        for (std::size_t i = 0; i < m_crossings.size(); ++i)
            for (std::size_t side = 0; side < 2; ++side)
                along[{m_crossings[i].ring[side], m_crossings[i].ring[1 - side]}].emplace_back(
                    m_crossings[i].at[side], 2 * i + side);
        double deepest = 0.0;
        std::vector<double> depth(m_crossings.size(), kFar);
        for (auto& [rings, events] : along) {
            std::ranges::sort(events);
            for (std::size_t k = 0; k < events.size(); ++k) {
                const auto here = events[k].second;
                const auto next = events[(k + 1) % events.size()].second;
                const double lens = lensDepth(here, next);
                depth[here / 2] = std::min(depth[here / 2], lens);
                depth[next / 2] = std::min(depth[next / 2], lens);
            }
        }
        for (std::size_t i = 0; i < depth.size(); ++i)
            if (!m_crossings[i].is_touch && !(depth[i] > m_enough && onlyTouches(m_crossings[i])))
                deepest = std::max(deepest, depth[i]);
        return deepest;
    }

private:
    void findAll()
    {
        std::vector<Edge> chords;
        for (std::size_t r = 0; r < m_rings.size(); ++r)
            for (std::size_t i = 0, n = m_rings[r].points.size(); i < n; ++i) {
                const Point a = m_rings[r].points[i];
                const Point b = m_rings[r].points[(i + 1) % n];
                chords.push_back({r, i, a, b, std::min(a.x, b.x), std::max(a.x, b.x), std::min(a.y, b.y),
                                  std::max(a.y, b.y)});
            }
        std::ranges::sort(chords, {}, &Edge::x0);
        std::vector<const Edge*> open;
        for (const auto& c : chords) {
            std::erase_if(open, [&](const Edge* o) { return o->x1 + m_same < c.x0; });
            for (const Edge* o : open)
                if (o->y0 <= c.y1 + m_same && c.y0 <= o->y1 + m_same)
                    meet(*o, c);
            open.push_back(&c);
        }
    }

    /// A stretch that runs along the other one for a while, within a hair, and leaves it on the side it came
    /// from: rounding decides how often such chords are told to cross.
    bool onlyTouches(const Crossing& crossing) const
    {
        for (std::size_t side = 0; side < 2; ++side) {
            const auto& path = m_rings[crossing.ring[side]].points;
            const auto& wall = m_rings[crossing.ring[1 - side]].points;
            const auto w = static_cast<std::size_t>(crossing.at[1 - side]) % wall.size();
            const Point a = wall[w], b = wall[(w + 1) % wall.size()];
            const auto leaves = [&](std::size_t from, std::size_t step) {
                for (std::size_t k = 0; k < path.size(); ++k, from = (from + step) % path.size())
                    if (gapTo(path[from], a, b) > 100.0 * m_same)
                        return cross(b - a, path[from] - a) > 0.0;
                return true;
            };
            const auto at = static_cast<std::size_t>(crossing.at[side]) % path.size();
            if (leaves((at + 1) % path.size(), 1) == leaves(at, path.size() - 1))
                return true;
        }
        return false;
    }

    void meet(const Edge& p, const Edge& q)
    {
        const auto isOne = [this](Point a, Point b) { return length(a - b) <= m_same; };
        if (isOne(p.a, q.a))
            m_crossings.push_back(
                {{p.ring, q.ring}, {static_cast<double>(p.index), static_cast<double>(q.index)}, true});
        if (isOne(p.a, q.a) || isOne(p.a, q.b) || isOne(p.b, q.a) || isOne(p.b, q.b))
            return;
        const auto side = [](Point a, Point b, Point c) { return cross(b - a, c - a); };
        const double s1 = side(p.a, p.b, q.a), s2 = side(p.a, p.b, q.b);
        const double s3 = side(q.a, q.b, p.a), s4 = side(q.a, q.b, p.b);
        // A node exactly on a chord counts as left of it: whoever goes in comes out again.
        if ((s1 < 0.0) == (s2 < 0.0) || (s3 < 0.0) == (s4 < 0.0))
            return;
        m_crossings.push_back(
            {{p.ring, q.ring},
             {static_cast<double>(p.index) + s3 / (s3 - s4), static_cast<double>(q.index) + s1 / (s1 - s2)}});
    }

    /// How far the way from one crossing to the next along one ring gets from the other stretch between the
    /// same two crossings; infinite when they do not have both stretches in common.
    double lensDepth(std::size_t from, std::size_t to) const
    {
        const auto& a = m_crossings[from / 2];
        const auto& b = m_crossings[to / 2];
        const std::size_t side = from % 2;
        const std::size_t other = 1 - side;
        if (from / 2 == to / 2) // a loop: the ring comes back to the crossing it left
            return from == to ? kFar : loopWidth(a.ring[side], a.at[side], b.at[to % 2]);
        if (a.ring[other] != b.ring[1 - to % 2])
            return kFar;
        const auto& path = m_rings[a.ring[side]].points;
        const auto& wall = m_rings[a.ring[other]].points;
        const double w0 = a.at[other], w1 = b.at[1 - to % 2];
        const double whole = static_cast<double>(wall.size());
        // The other stretch is the shorter way round.
        double begin = std::min(w0, w1), span = std::abs(w1 - w0);
        if (span > whole / 2) {
            begin = std::max(w0, w1);
            span = whole - span;
        }
        double depth = 0.0;
        const double n = static_cast<double>(path.size());
        const double end = b.at[to % 2] >= a.at[side] ? b.at[to % 2] : b.at[to % 2] + n;
        for (double k = std::floor(a.at[side]) + 1; k < end; ++k) {
            const Point p = path[static_cast<std::size_t>(k) % path.size()];
            double nearest = kFar;
            for (double w = std::floor(begin); w <= begin + span; ++w) {
                const auto i = static_cast<std::size_t>(w) % wall.size();
                nearest = std::min(nearest, gapTo(p, wall[i], wall[(i + 1) % wall.size()]));
            }
            depth = std::max(depth, nearest);
            if (depth > m_enough)
                break;
        }
        return depth;
    }

    /// Width of a loop: four times its area over the way round it (the diameter of a circle).
    double loopWidth(std::size_t ring, double from, double to) const
    {
        const auto& path = m_rings[ring].points;
        const double end = to > from ? to : to + static_cast<double>(path.size());
        const auto before = static_cast<std::size_t>(from) % path.size();
        const Point origin = lerp(path[before], path[(before + 1) % path.size()], from - std::floor(from));
        Point last = origin;
        double doubled_area = 0.0, around = 0.0;
        for (double k = std::floor(from) + 1; k <= end + 1; ++k) {
            const Point p = k <= end ? path[static_cast<std::size_t>(k) % path.size()] : origin;
            doubled_area += cross(last - origin, p - origin);
            around += length(p - last);
            last = p;
        }
        return around > 0.0 ? 2.0 * std::abs(doubled_area) / around : 0.0;
    }

    const std::vector<Polyline>& m_rings;
    double m_same, m_enough;
    std::vector<Crossing> m_crossings;
};

bool isClosed(const Contour& ring)
{
    bool closed = !ring.segments.empty();
    for (std::size_t i = 0; i < ring.segments.size(); ++i)
        closed = closed && ring.segments[i].end() == ring.segments[(i + 1) % ring.segments.size()].start();
    return closed;
}

/// Probes beside the ring see ink once on its left and none on its right. A probe that reaches over a
/// hairline to the next ring sees the same on both sides and says nothing.
bool hasInkOnTheLeft(const Polyline& ring, const std::vector<Polyline>& all, double u)
{
    double votes = 0.0;
    for (const auto& [p, d, weight] : ring.probes) {
        const Point left{-d.y * 0.03 * u, d.x * 0.03 * u};
        int on_left = 0, on_right = 0;
        for (const auto& other : all) {
            on_left += winding(other, p + left);
            on_right += winding(other, p - left);
        }
        if (on_left != on_right)
            votes += on_left == 1 && on_right == 0 ? weight : -weight;
    }
    return votes >= 0.0;
}

bool liesIn(const Polyline& middle, const Polyline& outer)
{
    std::size_t inside = 0;
    for (const auto& probe : middle.probes)
        inside += winding(outer, probe.at) != 0;
    return 2 * inside > middle.probes.size();
}

} // namespace

Validity validityOf(const Outline& outline, double u)
{
    Validity out;
    std::vector<Polyline> all;
    for (const auto& piece : outline.pieces) {
        std::vector<const Contour*> rings{&piece.outer};
        for (const auto& middle : piece.middles)
            rings.push_back(&middle);
        const std::size_t first = all.size();
        for (const auto* ring : rings) {
            out.is_closed = out.is_closed && isClosed(*ring);
            out.is_finite = out.is_finite && std::ranges::all_of(ring->segments, &Segment::isFinite);
            if (!out.is_closed || !out.is_finite)
                return out;
            all.push_back(polylineOf(*ring, u));
        }
        for (std::size_t i = first + 1; i < all.size(); ++i)
            out.is_nested = out.is_nested && liesIn(all[i], all[first]);
    }
    for (const auto& ring : all)
        out.is_oriented = out.is_oriented && hasInkOnTheLeft(ring, all, u);
    out.deepest_crossing = CrossingDepth(all, 1e-5 * u, u).deepest();
    return out;
}

std::string Validity::inWords() const
{
    if (!is_finite)
        return "a coordinate is not a number";
    if (!is_closed)
        return "a ring is open";
    if (!is_nested)
        return "a middle lies outside its piece";
    if (!is_oriented)
        return "a ring runs the wrong way round, or lies on ink";
    return "outlines cross by " + std::to_string(deepest_crossing);
}

} // namespace ink
