#include "core/geometry/bridge.h"

#include "core/geometry/axis_graph.h"
#include "core/geometry/boolean.h"
#include "core/geometry/box.h"
#include "core/geometry/chord_index.h"
#include "core/geometry/disjoint_sets.h"
#include "core/geometry/distance.h"
#include "core/geometry/flatten.h"
#include "core/geometry/medial_axis.h"
#include "core/geometry/shape_key.h"
#include "core/geometry/stroke.h"

#include <algorithm>
#include <map>
#include <set>

namespace ink {
namespace {

struct Gap
{
    std::size_t a, b;
    NearestPair nearest;
};

/// The narrowest gap between each two pieces that are nearer than `width` and not in one set, narrowest first.
std::vector<Gap> gapsOf(const Outline& outline, double width, double tolerance, DisjointSets& joined)
{
    std::vector<Chord> chords;
    std::vector<std::uint32_t> piece_of;
    for (std::uint32_t piece = 0; piece < outline.pieces.size(); ++piece) {
        const auto add = [&](const Contour& ring) {
            const auto points = flattened(ring, tolerance);
            for (std::size_t i = 0; i < points.size(); ++i) {
                chords.push_back({points[i], points[(i + 1) % points.size()]});
                piece_of.push_back(piece);
            }
        };
        add(outline.pieces[piece].outer);
        std::ranges::for_each(outline.pieces[piece].middles, add);
    }
    std::map<std::pair<std::uint32_t, std::uint32_t>, NearestPair> narrowest;
    const ChordIndex index(chords);
    std::vector<std::uint32_t> near;
    for (std::size_t i = 0; i < chords.size(); ++i) {
        Box box;
        box.add(chords[i].a);
        box.add(chords[i].b);
        index.near(grownBy(box, width), near);
        for (const std::uint32_t k : near) {
            if (piece_of[k] <= piece_of[i] || joined.leaderOf(piece_of[k]) == joined.leaderOf(piece_of[i]))
                continue;
            const auto found = nearestEnds(chords[i].a, chords[i].b, chords[k].a, chords[k].b);
            if (found.distance >= width)
                continue;
            const auto [it, is_new] = narrowest.emplace(std::pair(piece_of[i], piece_of[k]), found);
            if (!is_new && found.distance < it->second.distance)
                it->second = found;
        }
    }
    std::vector<Gap> gaps;
    for (const auto& [pieces, found] : narrowest)
        gaps.push_back({pieces.first, pieces.second, found});
    std::ranges::stable_sort(gaps, {}, [](const Gap& g) { return g.nearest.distance; });
    return gaps;
}

} // namespace

Contour stadium(Point a, Point b, double width)
{
    const double r = 0.5 * width;
    const double l = length(b - a);
    const Point d = l > 0.0 ? (b - a) * (r / l) : Point{r, 0};
    const Point n{-d.y, d.x};
    Contour out;
    const auto quarter = [&out](Point centre, Point from, Point to) {
        out.segments.push_back(Segment::cubic(centre + from, centre + from + to * kArcHandle,
                                              centre + to + from * kArcHandle, centre + to));
    };
    const auto side = [&out](Point from, Point to) {
        if (from != to)
            out.segments.push_back(Segment::line(from, to));
    };
    quarter(b, n * -1.0, d);
    quarter(b, d, n);
    side(b + n, a + n);
    quarter(a, n, d * -1.0);
    quarter(a, d * -1.0, n * -1.0);
    side(a - n, b - n);
    return out;
}

std::vector<Tie> shortestTies(const Outline& outline, double width,
                              const std::function<bool(std::size_t)>& ties)
{
    std::vector<Tie> out;
    DisjointSets joined(outline.pieces.size());
    const Box box = bounds(outline);
    const double most = std::max(box.width(), box.height());
    std::size_t left = outline.pieces.size();
    // Further and further, so that what is near is done with before what is far is looked at.
    for (double reach = std::max(width, 0.001 * most); left > 1; reach *= 2.0) {
        for (const auto& gap : gapsOf(outline, reach, 0.01 * width, joined)) {
            if (ties && !ties(gap.a) && !ties(gap.b))
                continue;
            if (joined.join(gap.a, gap.b)) {
                out.push_back({gap.nearest.from, gap.nearest.to});
                --left;
            }
        }
        if (reach > 2.0 * most)
            break;
    }
    return out;
}

namespace {

/// Finds the necks of the ink in its axis.
class NeckFinder
{
public:
    NeckFinder(const AxisGraph& graph, const OutlineCurves& curves, double width, Unit unit)
        : m_graph(graph), m_curves(curves), m_width(width), m_unit(unit), m_edges_at(graph.nodes.size())
    {
        for (std::size_t e = 0; e < graph.edges.size(); ++e)
            if (graph.edges[e].is_ink) {
                m_edges_at[graph.edges[e].from].push_back(e);
                m_edges_at[graph.edges[e].to].push_back(e);
            }
    }

    /// Their centres, the narrowest first; of two that are nearer than the width, the narrower.
    std::vector<Point> find() const
    {
        std::vector<AxisPlace> places;
        for (std::size_t e = 0; e < m_graph.edges.size(); ++e) {
            const auto& edge = m_graph.edges[e];
            if (!edge.is_ink || edge.is_tip)
                continue;
            for (std::size_t s = 0; s < edge.steps.size(); ++s) {
                const auto& step = edge.steps[s];
                if (!step.is_stroke || step.narrowest.width >= m_width)
                    continue;
                const AxisPlace place = measuredOnCurves(step, m_curves, m_unit);
                if (place.width < m_width && widensAhead(e, s, true) && widensAhead(e, s, false))
                    places.push_back(place);
            }
        }
        std::ranges::sort(places, {}, &AxisPlace::width);
        std::vector<Point> out;
        for (const auto& place : places)
            if (std::ranges::none_of(out, [&](Point p) { return length(p - place.centre) < m_width; }))
                out.push_back(place.centre);
        return out;
    }

private:
    /// Walking on from a step, also over forks, the ink is as wide as asked before it has gone that far.
    bool widensAhead(std::size_t edge, std::size_t step, bool forward) const
    {
        struct Walk
        {
            std::size_t edge, step;
            bool forward;
            double way;
        };
        std::vector<Walk> walks{{edge, step, forward, 0.0}};
        std::set<std::pair<std::size_t, bool>> seen;
        while (!walks.empty()) {
            Walk walk = walks.back();
            walks.pop_back();
            const auto& steps = m_graph.edges[walk.edge].steps;
            for (;; walk.step += walk.forward ? 1 : std::size_t(-1)) {
                const auto& at = steps[walk.step];
                if (at.width[walk.forward ? 1 : 0] >= m_width)
                    return true;
                walk.way += length(at.arc.end() - at.arc.start());
                if (walk.way > m_width || walk.step == (walk.forward ? steps.size() - 1 : 0))
                    break;
            }
            if (walk.way > m_width)
                continue;
            const std::size_t node =
                walk.forward ? m_graph.edges[walk.edge].to : m_graph.edges[walk.edge].from;
            for (const std::size_t next : m_edges_at[node])
                for (const bool onwards : {true, false}) {
                    const auto& e = m_graph.edges[next];
                    if (next == walk.edge || e.is_tip || (onwards ? e.from : e.to) != node ||
                        !seen.insert({next, onwards}).second)
                        continue;
                    walks.push_back({next, onwards ? 0 : e.steps.size() - 1, onwards, walk.way});
                }
        }
        return false;
    }

    const AxisGraph& m_graph;
    const OutlineCurves& m_curves;
    double m_width;
    Unit m_unit;
    std::vector<std::vector<std::size_t>> m_edges_at;
};

/// Of each piece by itself; a piece that comes again, as letters and words do, is looked at once.
Result<std::vector<Point>> necksOf(const Outline& outline, double width, Unit unit, const CancelToken& cancel)
{
    std::map<std::vector<std::int64_t>, std::vector<Point>> known; // relative to the piece's first node
    std::vector<Point> out;
    for (const auto& piece : outline.pieces) {
        if (cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        const Point origin = piece.outer.segments.front().start();
        const Outline alone{{piece}};
        auto key = detail::shapeKey(piece, unit);
        auto found = known.find(key);
        if (found == known.end()) {
            const auto graph = axisGraph(alone, unit, cancel);
            if (!graph)
                return fail(graph.error());
            auto necks = NeckFinder(*graph, OutlineCurves(alone), width, unit).find();
            for (auto& neck : necks)
                neck = neck - origin;
            found = known.emplace(std::move(key), std::move(necks)).first;
        }
        for (const Point neck : found->second)
            out.push_back(neck + origin);
    }
    return out;
}

} // namespace

Result<Bridged> bridgeTouching(const Outline& outline, double width, Unit unit, const CancelToken& cancel)
{
    Bridged out{outline, {}};
    if (width <= 0.0)
        return out;
    Outline bridges;
    const auto add = [&](Point from, Point to) {
        bridges.pieces.push_back({stadium(from, to, width), {}});
        out.bridges.push_back(lerp(from, to, 0.5));
    };
    DisjointSets joined(outline.pieces.size());
    for (const auto& gap : gapsOf(outline, width, 0.01 * width, joined))
        if (joined.join(gap.a, gap.b))
            add(gap.nearest.from, gap.nearest.to);
    const auto necks = necksOf(outline, width, unit, cancel);
    if (!necks)
        return fail(necks.error());
    for (const Point neck : *necks)
        add(neck, neck);
    if (bridges.pieces.empty())
        return out;
    auto united = combine(outline, bridges, BooleanOp::Union, unit, cancel);
    if (!united)
        return fail(united.error());
    out.outline = std::move(*united);
    return out;
}

} // namespace ink
