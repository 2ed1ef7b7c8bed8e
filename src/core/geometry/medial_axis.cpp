#include "core/geometry/medial_axis.h"

#include "core/geometry/disjoint_sets.h"
#include "core/geometry/distance.h"
#include "core/geometry/engine/chord_boolean.h"
#include "core/geometry/engine/curve_engine.h"
#include "core/geometry/nesting.h"

#include <boost/polygon/segment_data.hpp>
#include <boost/polygon/voronoi.hpp>

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <set>

namespace ink {
namespace {

namespace bp = boost::polygon;
using Diagram = bp::voronoi_diagram<double>;
using Site = bp::segment_data<std::int32_t>;

constexpr double kAxisTolerance_u = 0.25;
/// Chords around the narrowest places, when they are measured again.
constexpr double kFineTolerance_u = 0.02;
/// Places that may be the narrowest within the error of the chords.
constexpr std::size_t kMostCandidates = 8;
constexpr std::size_t kMaxSites = 2'000'000;
/// Leaves room for the frame in 32 bits.
constexpr double kMaxExtent_grid = 1 << 28;

/// Chords of all rings as sites, ink on their left, and a frame far around them so that every edge of the
/// diagram that matters has two ends.
struct Sites
{
    std::vector<Site> segments;
    /// The chord before and after each in its ring.
    std::vector<std::size_t> previous, next;
    std::size_t chord_count = 0;

    Point start(std::size_t i) const
    {
        return {double(segments[i].low().x()), double(segments[i].low().y())};
    }
    Point end(std::size_t i) const
    {
        return {double(segments[i].high().x()), double(segments[i].high().y())};
    }
};

bp::point_data<std::int32_t> toSite(detail::GridPoint p)
{
    return {static_cast<std::int32_t>(p.x), static_cast<std::int32_t>(p.y)};
}

Sites sitesOf(const std::vector<detail::ChordRing>& rings)
{
    Sites sites;
    std::int64_t x0 = 0, y0 = 0, x1 = 0, y1 = 0;
    for (const auto& ring : rings) {
        const std::size_t first = sites.segments.size();
        const std::size_t n = ring.points.size();
        for (std::size_t i = 0; i < n; ++i) {
            const auto p = ring.points[i];
            x0 = std::min(x0, p.x), x1 = std::max(x1, p.x), y0 = std::min(y0, p.y), y1 = std::max(y1, p.y);
            sites.segments.emplace_back(toSite(p), toSite(ring.points[(i + 1) % n]));
            sites.previous.push_back(first + (i + n - 1) % n);
            sites.next.push_back(first + (i + 1) % n);
        }
    }
    sites.chord_count = sites.segments.size();
    const std::int64_t margin = std::max<std::int64_t>({x1 - x0, y1 - y0, 1000});
    const std::array corners{
        detail::GridPoint{x0 - margin, y0 - margin}, detail::GridPoint{x1 + margin, y0 - margin},
        detail::GridPoint{x1 + margin, y1 + margin}, detail::GridPoint{x0 - margin, y1 + margin}};
    for (std::size_t i = 0; i < corners.size(); ++i)
        sites.segments.emplace_back(toSite(corners[i]), toSite(corners[(i + 1) % corners.size()]));
    return sites;
}

/// The chords within reach of a point. Where a ring leaves the reach, its last chord is its own neighbour.
Sites sitesNear(const std::vector<detail::ChordRing>& rings, Point centre, double reach)
{
    Sites sites;
    for (const auto& ring : rings) {
        const std::size_t n = ring.points.size(), first = sites.segments.size();
        bool is_before_in = false;
        for (std::size_t i = 0; i < n; ++i) {
            const auto a = ring.points[i], b = ring.points[(i + 1) % n];
            const bool is_in =
                a != b && distanceTo(centre, {double(a.x), double(a.y)}, {double(b.x), double(b.y)}) <= reach;
            if (is_in) {
                const std::size_t own = sites.segments.size();
                sites.segments.emplace_back(toSite(a), toSite(b));
                sites.previous.push_back(is_before_in ? own - 1 : own);
                sites.next.push_back(own);
                if (is_before_in)
                    sites.next[own - 1] = own;
            }
            is_before_in = is_in;
        }
        // A ring that is there whole closes upon itself.
        if (is_before_in && sites.segments.size() > first &&
            sites.segments[first].low() == toSite(ring.points[0])) {
            sites.previous[first] = sites.segments.size() - 1;
            sites.next.back() = first;
        }
    }
    sites.chord_count = sites.segments.size();
    return sites;
}

class AxisReader
{
public:
    AxisReader(const Sites& sites, const Diagram& diagram) : m_sites(sites), m_diagram(diagram) {}

    /// The narrowest stretch of its kind whose centre is near a point; grid units.
    std::optional<AxisPlace> narrowestNear(Point centre, double reach, bool is_ink)
    {
        collect();
        const Edge* best = nullptr;
        for (const auto& edge : m_edges)
            if (!edge.is_bridge && edge.is_ink == is_ink && length(edge.narrowest.centre - centre) <= reach &&
                (!best || edge.narrowest.radius < best->narrowest.radius))
                best = &edge;
        if (!best)
            return std::nullopt;
        const Candidate& c = best->narrowest;
        return AxisPlace{2 * c.radius, c.centre, c.a, c.b};
    }

    MedialAxis read(const detail::Grid& grid)
    {
        collect();
        addRoundRooms();
        markTips();
        MedialAxis axis;
        const auto toPoint = [&](Point p) { return p * grid.step(); };
        for (const auto& edge : m_edges) {
            if (edge.is_bridge)
                continue;
            const Candidate& c = edge.narrowest;
            auto& list = edge.is_ink ? axis.strokes : axis.gaps;
            const auto [least, most] = std::minmax({edge.radius[0], edge.radius[1], c.radius});
            list.push_back({{2 * c.radius * grid.step(), toPoint(c.centre), toPoint(c.a), toPoint(c.b)},
                            2 * least * grid.step(),
                            2 * most * grid.step(),
                            edge.length * grid.step(),
                            edge.is_tip});
        }
        return axis;
    }

private:
    struct Candidate
    {
        double radius = 0.0;
        double separation = 0.0; // radians
        Point centre, a, b;
    };
    struct Edge
    {
        const Diagram::vertex_type* ends[2];
        double radius[2];
        Candidate narrowest;
        double length = 0.0;
        bool is_ink = false;
        bool is_tip = false;
        bool has_neck = false;
        /// Sides not quite opposite: no stroke, but a tip goes on through it.
        bool is_bridge = false;
    };
    /// An edge of the whole diagram inside the frame, kept or not, by its ends.
    struct Link
    {
        const Diagram::vertex_type* ends[2];
        const Diagram::edge_type* edge;
        bool is_kept;
    };

    bool isPointSite(const Diagram::cell_type& cell) const { return cell.contains_point(); }

    Point pointOf(const Diagram::cell_type& cell) const
    {
        const auto i = cell.source_index();
        return cell.source_category() == bp::SOURCE_CATEGORY_SEGMENT_START_POINT ? m_sites.start(i)
                                                                                 : m_sites.end(i);
    }

    Point nearestOn(const Diagram::cell_type& cell, Point from) const
    {
        if (isPointSite(cell))
            return pointOf(cell);
        const Point a = m_sites.start(cell.source_index()), d = m_sites.end(cell.source_index()) - a;
        return a + d * std::clamp(dot(from - a, d) / dot(d, d), 0.0, 1.0);
    }

    /// On the ink side of the chord, or, of a corner, of its two chords.
    bool isInk(const Diagram::cell_type& cell, Point p) const
    {
        const auto left = [&](std::size_t i) {
            return cross(m_sites.end(i) - m_sites.start(i), p - m_sites.start(i)) > 0;
        };
        const auto i = cell.source_index();
        if (!isPointSite(cell))
            return left(i);
        const bool is_start = cell.source_category() == bp::SOURCE_CATEGORY_SEGMENT_START_POINT;
        const std::size_t in = is_start ? m_sites.previous[i] : i, out = is_start ? i : m_sites.next[i];
        const bool is_convex =
            cross(m_sites.end(in) - m_sites.start(in), m_sites.end(out) - m_sites.start(out)) >= 0;
        return is_convex ? left(in) && left(out) : left(in) || left(out);
    }

    Candidate candidateAt(Point centre, const Diagram::cell_type& one, const Diagram::cell_type& other) const
    {
        Candidate c{0, 0, centre, nearestOn(one, centre), nearestOn(other, centre)};
        const Point to_a = c.a - centre, to_b = c.b - centre;
        c.radius = (length(to_a) + length(to_b)) / 2;
        c.separation = std::abs(std::atan2(cross(to_a, to_b), dot(to_a, to_b)));
        return c;
    }

    /// Where the circle touches on exactly opposite sides, when that is on this edge: the narrowest place
    /// there is. Two chords have none, or the same width all along.
    std::optional<Point> neckOf(const Diagram::cell_type& one, const Diagram::cell_type& other, Point v0,
                                Point v1) const
    {
        if (!isPointSite(one) && !isPointSite(other))
            return std::nullopt;
        Point a = isPointSite(one) ? pointOf(one) : pointOf(other), b;
        if (isPointSite(one) && isPointSite(other)) {
            b = pointOf(other);
        } else {
            const auto& chord = isPointSite(one) ? other : one;
            const Point start = m_sites.start(chord.source_index()),
                        d = m_sites.end(chord.source_index()) - start;
            b = start + d * (dot(a - start, d) / dot(d, d));
        }
        const Point along{-(b - a).y, (b - a).x};
        const Point middle = lerp(a, b, 0.5);
        const double t0 = dot(v0 - middle, along), t1 = dot(v1 - middle, along);
        return t0 * t1 <= 0 ? std::optional(middle) : std::nullopt;
    }

    void collect()
    {
        const double opposite = kOppositeSides_deg * std::numbers::pi / 180;
        for (const auto& edge : m_diagram.edges()) {
            if (!edge.is_primary() || !edge.is_finite() || &edge > edge.twin())
                continue;
            const auto &one = *edge.cell(), &other = *edge.twin()->cell();
            m_links.push_back({{edge.vertex0(), edge.vertex1()}, &edge, false});
            if (one.source_index() >= m_sites.chord_count || other.source_index() >= m_sites.chord_count)
                continue;
            const Point v0{edge.vertex0()->x(), edge.vertex0()->y()},
                v1{edge.vertex1()->x(), edge.vertex1()->y()};
            const Candidate first = candidateAt(v0, one, other), last = candidateAt(v1, one, other);
            Edge e{{edge.vertex0(), edge.vertex1()},
                   {first.radius, last.radius},
                   {},
                   length(v1 - v0),
                   false,
                   false,
                   false};
            // At a corner the circle is a point and has no sides: the other end tells.
            const auto isOpposite = [&](const Candidate& c) {
                return c.radius > kNothing_grid && c.separation >= opposite;
            };
            std::array candidates{first, last, first};
            if (const auto neck = neckOf(one, other, v0, v1)) {
                candidates[2] = candidateAt(*neck, one, other);
                e.has_neck = true;
            }
            bool is_kept = false;
            for (const auto& c : candidates)
                if (isOpposite(c) && (!is_kept || c.radius < e.narrowest.radius)) {
                    e.narrowest = c;
                    is_kept = true;
                }
            if (!is_kept &&
                std::max(first.separation, last.separation) < kBridging_deg * std::numbers::pi / 180)
                continue;
            e.is_ink = isInk(one, lerp(v0, v1, 0.5));
            e.is_bridge = !is_kept;
            m_edges.push_back(e);
            m_links.back().is_kept = is_kept;
        }
    }

    /// A round or square dot has no opposite sides anywhere: the largest circle in it is its width.
    /// So has each room of the diagram, that is each piece and each middle, without a stretch of its own.
    void addRoundRooms()
    {
        std::vector<const Diagram::vertex_type*> vertices;
        for (const auto& link : m_links)
            vertices.insert(vertices.end(), link.ends, link.ends + 2);
        std::ranges::sort(vertices);
        vertices.erase(std::unique(vertices.begin(), vertices.end()), vertices.end());
        const auto indexOf = [&](const Diagram::vertex_type* v) {
            return static_cast<std::size_t>(std::ranges::lower_bound(vertices, v) - vertices.begin());
        };
        DisjointSets together(vertices.size());
        // Corners belong to the ink and to the gap: branches that run into them do not join the two.
        const auto isCorner = [&](const Link& link, const Diagram::vertex_type* v) {
            return candidateAt({v->x(), v->y()}, *link.edge->cell(), *link.edge->twin()->cell()).radius <=
                   kNothing_grid;
        };
        for (const auto& link : m_links)
            if (!isCorner(link, link.ends[0]) && !isCorner(link, link.ends[1]))
                together.join(indexOf(link.ends[0]), indexOf(link.ends[1]));
        struct Room
        {
            bool is_settled = false;
            const Link* widest = nullptr;
            double radius = 0.0;
        };
        std::vector<Room> rooms(vertices.size());
        for (const auto& link : m_links) {
            const auto &one = *link.edge->cell(), &other = *link.edge->twin()->cell();
            for (const auto* v : link.ends) {
                if (isCorner(link, v))
                    continue;
                Room& r = rooms[together.leaderOf(indexOf(v))];
                r.is_settled = r.is_settled || link.is_kept || one.source_index() >= m_sites.chord_count ||
                               other.source_index() >= m_sites.chord_count;
                const double radius = candidateAt({v->x(), v->y()}, one, other).radius;
                if (radius > r.radius)
                    r.widest = &link, r.radius = radius;
            }
        }
        for (const auto& r : rooms) {
            if (r.is_settled || !r.widest)
                continue;
            const auto &one = *r.widest->edge->cell(), &other = *r.widest->edge->twin()->cell();
            const auto* v = r.widest->ends[0];
            const auto* w = r.widest->ends[1];
            Candidate c = candidateAt({v->x(), v->y()}, one, other);
            if (const Candidate last = candidateAt({w->x(), w->y()}, one, other); last.radius > c.radius)
                c = last;
            c.b = c.centre + (c.centre - c.a); // any diameter shows the width
            const bool is_ink = isInk(one, c.centre);
            m_edges.push_back({{v, w}, {c.radius, c.radius}, c, 0.0, is_ink, false, true});
        }
    }

    /// From every corner up along its branch, as long as it widens and does not fork.
    void markTips()
    {
        std::vector<std::pair<const Diagram::vertex_type*, std::size_t>> at; // edge ends, by vertex
        for (std::size_t i = 0; i < m_edges.size(); ++i)
            for (const auto* v : m_edges[i].ends)
                at.emplace_back(v, i);
        std::ranges::sort(at);
        const auto edgesAt = [&](const Diagram::vertex_type* v) {
            constexpr auto vertex = &std::pair<const Diagram::vertex_type*, std::size_t>::first;
            return std::span(std::ranges::lower_bound(at, v, {}, vertex),
                             std::ranges::upper_bound(at, v, {}, vertex));
        };
        for (std::size_t i = 0; i < m_edges.size(); ++i) {
            for (int side = 0; side < 2; ++side) {
                if (m_edges[i].radius[side] > kNothing_grid)
                    continue;
                followTip(i, side, edgesAt);
            }
        }
    }

    /// Where a walk up a tip stands.
    struct Walk
    {
        std::size_t edge = 0;
        int from = 0;
        std::vector<std::size_t> pause;
        double pause_length = 0.0;
        double reached = 0.0;
    };

    /// Stretches are part of the tip as long as it goes on widening; curves may pause for a width. Where the
    /// branch forks, every arm that widens goes on.
    template <class EdgesAt>
    void followTip(std::size_t first, int from, const EdgesAt& edgesAt)
    {
        std::vector<Walk> walks{{first, from, {}, 0.0, 0.0}};
        std::set<std::size_t> seen;
        while (!walks.empty()) {
            Walk walk = std::move(walks.back());
            walks.pop_back();
            Edge& edge = m_edges[walk.edge];
            if (edge.is_tip || edge.has_neck || !seen.insert(walk.edge).second)
                continue;
            const double radius = edge.radius[1 - walk.from];
            walk.pause.push_back(walk.edge);
            walk.pause_length += edge.length;
            if (radius - walk.reached >= kWidening * walk.pause_length) {
                for (const auto i : walk.pause)
                    m_edges[i].is_tip = true;
                walk.pause.clear();
                walk.pause_length = 0.0;
                walk.reached = radius;
            } else if (walk.pause_length > 2 * walk.reached || walk.pause.size() > kLongestPause) {
                continue;
            }
            const auto* v = edge.ends[1 - walk.from];
            for (const auto& [vertex, next] : edgesAt(v))
                if (next != walk.edge && m_edges[next].is_ink == edge.is_ink) {
                    Walk arm = walk;
                    arm.edge = next;
                    arm.from = m_edges[next].ends[0] == v ? 0 : 1;
                    walks.push_back(std::move(arm));
                }
        }
    }

    /// Where the sides are less than opposite for a moment, a tip still goes on; corners of 70 degrees and
    /// more do not.
    static constexpr double kBridging_deg = 110.0;
    /// Edges of one pause: a walk that goes nowhere ends.
    static constexpr std::size_t kLongestPause = 24;
    /// Half the widening of a stroke along its axis below which it counts as even (about half a degree).
    static constexpr double kWidening = 0.005;
    static constexpr double kNothing_grid = 1e-3;

    const Sites& m_sites;
    const Diagram& m_diagram;
    std::vector<Edge> m_edges;
    std::vector<Link> m_links;
};

} // namespace

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

namespace {

/// Measures the narrowest stretches again on fine chords around them, and returns the best.
class Refiner
{
public:
    Refiner(std::vector<detail::ChordRing> fine, const detail::Grid& grid, double u)
        : m_fine(std::move(fine)), m_grid(grid), m_u(u)
    {
    }

    std::optional<AxisPlace> narrowestOf(const std::vector<AxisStretch>& stretches, bool is_ink) const
    {
        std::vector<const AxisStretch*> order;
        for (const auto& s : stretches)
            if (!s.is_tip)
                order.push_back(&s);
        std::ranges::sort(order, {}, [](const AxisStretch* s) { return s->narrowest.width; });
        std::optional<AxisPlace> best;
        std::vector<Point> seen;
        for (const auto* s : order) {
            if (seen.size() >= kMostCandidates ||
                (best && s->narrowest.width > best->width + 4 * kAxisTolerance_u * m_u))
                break;
            const double near = s->narrowest.width / 2 + 5 * m_u;
            if (std::ranges::any_of(seen, [&](Point p) { return length(p - s->narrowest.centre) < near; }))
                continue;
            seen.push_back(s->narrowest.centre);
            const AxisPlace place = measuredAgain(*s, is_ink);
            if (!best || place.width < best->width)
                best = place;
        }
        return best;
    }

private:
    AxisPlace measuredAgain(const AxisStretch& stretch, bool is_ink) const
    {
        const double step = m_grid.step();
        const Point centre = stretch.narrowest.centre * (1 / step);
        const double radius = stretch.narrowest.width / 2 / step, slack = 5 * m_u / step;
        const Sites sites = sitesNear(m_fine, centre, 2 * radius + 3 * slack);
        if (sites.chord_count < 2)
            return stretch.narrowest;
        Diagram diagram;
        bp::construct_voronoi(sites.segments.begin(), sites.segments.end(), &diagram);
        const auto found =
            AxisReader(sites, diagram).narrowestNear(centre, std::max(slack, radius / 2), is_ink);
        // Round rooms have no stretch of their own, and what lies elsewhere is another place.
        if (!found || std::abs(found->width / 2 - radius) > 4 * kAxisTolerance_u * m_u / step)
            return stretch.narrowest;
        return {found->width * step, found->centre * step, found->a * step, found->b * step};
    }

    std::vector<detail::ChordRing> m_fine;
    detail::Grid m_grid;
    double m_u;
};

Result<std::vector<detail::ChordRing>> chordRings(const Paths& paths, const detail::Grid& grid,
                                                  double tolerance, const CancelToken& cancel)
{
    const auto chords = detail::chordsOf(paths, grid, tolerance);
    if (chords.chord_count > kMaxSites)
        return fail(ErrorCode::TooManyNodes);
    const detail::PlacedChords placed{&chords, {}, false, false};
    // Chords of curves that nearly touch may cross: the union takes that away.
    auto rings = detail::combineRings({&placed, 1}, BooleanOp::Union, detail::FillRule::NonZero, {}, cancel);
    if (!rings)
        return fail(rings.error());
    return std::move(rings->rings);
}

} // namespace

Result<MedialAxis> medialAxis(const Outline& outline, Unit unit, const CancelToken& cancel)
{
    const Paths paths = toPaths(outline);
    const Box box = bounds(paths);
    if (box.isEmpty())
        return MedialAxis{};
    const double u = unit.u;
    detail::Grid grid(unit);
    std::size_t nodes = 0;
    if (const auto sound = detail::checkInput(paths, {}, unit, nodes); !sound)
        return fail(sound.error());
    // Very long words get a coarser grid, so that they fit into the 32 bits of the diagram.
    const double reach = std::max({std::abs(box.x0), std::abs(box.x1), std::abs(box.y0), std::abs(box.y1)});
    while (reach / grid.step() > kMaxExtent_grid)
        grid = grid.coarser();
    const auto rings = chordRings(paths, grid, kAxisTolerance_u * u, cancel);
    if (!rings)
        return fail(rings.error());
    if (cancel.isCancelled())
        return fail(ErrorCode::Cancelled);
    const Sites sites = sitesOf(*rings);
    Diagram diagram;
    bp::construct_voronoi(sites.segments.begin(), sites.segments.end(), &diagram);
    if (cancel.isCancelled())
        return fail(ErrorCode::Cancelled);
    MedialAxis axis = AxisReader(sites, diagram).read(grid);
    auto fine = chordRings(paths, grid, kFineTolerance_u * u, cancel);
    if (!fine)
        return fail(fine.error());
    const Refiner refiner(std::move(*fine), grid, u);
    axis.thinnest_stroke = refiner.narrowestOf(axis.strokes, true);
    axis.narrowest_gap = refiner.narrowestOf(axis.gaps, false);
    return axis;
}

} // namespace ink
