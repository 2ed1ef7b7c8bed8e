#include "core/geometry/curve_trace.h"

#include "core/geometry/flatten.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

namespace ink::detail {
namespace {

// Found by trial on 252 words (docs/decisions/0003): chords at 0.25 u keep the topology, 2 u does not.
constexpr double kFlattenTolerance_u = 0.25;
// The clipping library rounds crossings to the grid; two unions move a point by two steps at most.
constexpr double kEdgeSlack_grid = 2.5;
constexpr double kShortRun_u = 0.1;
constexpr std::int64_t kCell_grid = 4096;

GridPoint operator-(GridPoint a, GridPoint b)
{
    return {a.x - b.x, a.y - b.y};
}

/// Cell of the uniform grid, rounded towards minus infinity.
std::int64_t cellOf(std::int64_t v)
{
    return v >= 0 ? v / kCell_grid : -((-v + kCell_grid - 1) / kCell_grid);
}

/// Squared distance from p to the segment ab, in grid steps.
double squaredDistance(GridPoint p, GridPoint a, GridPoint b)
{
    const auto d = b - a;
    const auto v = p - a;
    const double dx = static_cast<double>(d.x), dy = static_cast<double>(d.y);
    const double vx = static_cast<double>(v.x), vy = static_cast<double>(v.y);
    const double dd = dx * dx + dy * dy;
    const double t = dd > 0.0 ? std::clamp((vx * dx + vy * dy) / dd, 0.0, 1.0) : 0.0;
    const double ex = vx - t * dx, ey = vy - t * dy;
    return ex * ex + ey * ey;
}

/// Newton on A(s) = B(t) from a good start; nothing when the curves are tangent or it leaves [0,1].
std::optional<std::pair<double, double>> crossingNear(const Segment& a, double s, const Segment& b, double t)
{
    for (int i = 0; i < 12; ++i) {
        const Point f = a.pointAt(s) - b.pointAt(t);
        const Point da = a.derivativeAt(s);
        const Point db = b.derivativeAt(t);
        const double det = cross(da, db);
        if (std::abs(det) < 1e-4 * length(da) * length(db) || det == 0.0)
            return {};
        const double ds = -cross(f, db) / det;
        const double dt = -cross(f, da) / det;
        s += ds;
        t += dt;
        if (s < 0.0 || s > 1.0 || t < 0.0 || t > 1.0)
            return {};
        if (std::abs(ds) + std::abs(dt) < 1e-12)
            return std::pair{s, t};
    }
    return {};
}

} // namespace

std::uint64_t CurveTrace::key(std::int64_t x, std::int64_t y)
{
    return static_cast<std::uint64_t>(x) * 0x9E3779B97F4A7C15ull ^
           (static_cast<std::uint64_t>(y) + 0x7F4A7C15ull) * 0xC2B2AE3D27D4EB4Full;
}

Point CurveTrace::toPoint(GridPoint p) const
{
    return {static_cast<double>(p.x) / m_grid, static_cast<double>(p.y) / m_grid};
}

std::vector<GridPoint> CurveTrace::add(const Contour& contour)
{
    const auto onGrid = [this](Point p) {
        return GridPoint{std::llround(p.x * m_grid), std::llround(p.y * m_grid)};
    };
    const auto first = static_cast<int>(m_edges.size());
    std::vector<GridPoint> ring;
    for (const auto& s : contour.segments) {
        const auto curve = static_cast<int>(m_curves.size());
        m_curves.push_back(s);
        const int n = chordCount(s, kFlattenTolerance_u * m_u);
        GridPoint from = onGrid(s.start());
        for (int i = 0; i < n; ++i) {
            const double t0 = static_cast<double>(i) / n;
            const double t1 = static_cast<double>(i + 1) / n;
            const GridPoint to = onGrid(i + 1 == n ? s.end() : s.pointAt(t1));
            const auto index = static_cast<int>(m_edges.size());
            m_edges.push_back({from, to, curve, t0, t1, index - 1, index + 1});
            m_starts.emplace(key(from.x, from.y), index);
            ring.push_back(from);
            from = to;
        }
    }
    if (!ring.empty()) {
        m_edges[static_cast<std::size_t>(first)].previous = static_cast<int>(m_edges.size()) - 1;
        m_edges.back().next = first;
    }
    m_cells.clear();
    return ring;
}

bool CurveTrace::lies(GridPoint a, GridPoint b, const Edge& edge) const
{
    constexpr double limit = kEdgeSlack_grid * kEdgeSlack_grid;
    return squaredDistance(a, edge.a, edge.b) <= limit && squaredDistance(b, edge.a, edge.b) <= limit;
}

void CurveTrace::indexEdges() const
{
    for (std::size_t i = 0; i < m_edges.size(); ++i) {
        const auto& e = m_edges[i];
        const auto [x0, x1] = std::minmax(e.a.x, e.b.x);
        const auto [y0, y1] = std::minmax(e.a.y, e.b.y);
        for (auto cx = cellOf(x0 - 4); cx <= cellOf(x1 + 4); ++cx) {
            // Only the rows that the chord passes in this column: a long slanted bar stays linear.
            std::int64_t low = y0, high = y1;
            if (e.a.x != e.b.x) {
                const auto yAt = [&e](std::int64_t x) {
                    const double t = std::clamp(
                        static_cast<double>(x - e.a.x) / static_cast<double>(e.b.x - e.a.x), 0.0, 1.0);
                    return std::llround(static_cast<double>(e.a.y) + t * static_cast<double>(e.b.y - e.a.y));
                };
                std::tie(low, high) = std::minmax({yAt(cx * kCell_grid - 4), yAt((cx + 1) * kCell_grid + 4)});
            }
            for (auto cy = cellOf(low - 4); cy <= cellOf(high + 4); ++cy)
                m_cells.emplace(key(cx, cy), static_cast<int>(i));
        }
    }
}

int CurveTrace::findEdge(GridPoint a, GridPoint b, int previous) const
{
    // Most edges continue where the one before came from.
    if (previous >= 0) {
        const auto& e = m_edges[static_cast<std::size_t>(previous)];
        for (const int candidate : {e.next, e.previous, previous})
            if (lies(a, b, m_edges[static_cast<std::size_t>(candidate)]))
                return candidate;
    }
    const auto probe = [&](GridPoint p) {
        const auto [begin, end] = m_starts.equal_range(key(p.x, p.y));
        for (auto it = begin; it != end; ++it) {
            const auto& e = m_edges[static_cast<std::size_t>(it->second)];
            if (lies(a, b, e))
                return it->second;
            if (lies(a, b, m_edges[static_cast<std::size_t>(e.previous)]))
                return e.previous;
        }
        return -1;
    };
    for (const GridPoint p : {a, b})
        if (const int found = probe(p); found >= 0)
            return found;

    if (m_cells.empty())
        indexEdges();
    const GridPoint middle{(a.x + b.x) / 2, (a.y + b.y) / 2};
    int best = -1;
    double best_distance = 1e300;
    const auto [begin, end] = m_cells.equal_range(key(cellOf(middle.x), cellOf(middle.y)));
    for (auto it = begin; it != end; ++it) {
        const auto& e = m_edges[static_cast<std::size_t>(it->second)];
        if (!lies(a, b, e))
            continue;
        const double d = squaredDistance(a, e.a, e.b) + squaredDistance(b, e.a, e.b);
        if (d < best_distance) {
            best_distance = d;
            best = it->second;
        }
    }
    return best;
}

double CurveTrace::parameter(GridPoint p, const Edge& edge) const
{
    if (p == edge.a)
        return edge.t0;
    if (p == edge.b)
        return edge.t1;
    const auto d = edge.b - edge.a;
    const auto v = p - edge.a;
    const double dx = static_cast<double>(d.x), dy = static_cast<double>(d.y);
    const double dd = dx * dx + dy * dy;
    if (dd == 0.0)
        return edge.t0;
    const double k = (static_cast<double>(v.x) * dx + static_cast<double>(v.y) * dy) / dd;
    return edge.t0 + (edge.t1 - edge.t0) * std::clamp(k, 0.0, 1.0);
}

std::vector<CurveTrace::Run> CurveTrace::runsOf(std::span<const GridPoint> ring, WeldStats& stats) const
{
    std::vector<Run> runs;
    int edge = -1;
    double step = 0.0;
    for (std::size_t i = 0; i < ring.size(); ++i) {
        const GridPoint a = ring[i];
        const GridPoint b = ring[(i + 1) % ring.size()];
        edge = findEdge(a, b, edge);
        Run run{-1, 0.0, 0.0, toPoint(a), toPoint(b)};
        if (edge < 0) {
            ++stats.lost_edges;
        } else {
            const auto& e = m_edges[static_cast<std::size_t>(edge)];
            run.curve = e.curve;
            run.t0 = parameter(a, e);
            run.t1 = parameter(b, e);
            step = e.t1 - e.t0;
        }
        const auto continues = [step](const Run& before, const Run& after) {
            if (before.curve < 0 || before.curve != after.curve ||
                std::abs(before.t1 - after.t0) > 0.25 * step)
                return false;
            const double d0 = before.t1 - before.t0;
            const double d1 = after.t1 - after.t0;
            return d0 * d1 >= 0.0;
        };
        if (!runs.empty() && continues(runs.back(), run)) {
            runs.back().t1 = run.t1;
            runs.back().end = run.end;
        } else {
            runs.push_back(run);
        }
        // The ring began in the middle of a curve: its last run and its first are one.
        if (i + 1 == ring.size() && runs.size() > 1 && continues(runs.back(), runs.front())) {
            runs.front().t0 = runs.back().t0;
            runs.front().start = runs.back().start;
            runs.pop_back();
        }
    }
    return runs;
}

void CurveTrace::dropShortRuns(std::vector<Run>& runs) const
{
    const double limit = std::max(3.0 / m_grid, kShortRun_u * m_u);
    const auto isShort = [limit](const Run& r) {
        // A closed curve starts where it ends; its parameter tells it from a crumb.
        return length(r.end - r.start) < limit && std::abs(r.t1 - r.t0) < 0.5;
    };
    if (std::ranges::count_if(runs, isShort) + 2 > std::ssize(runs))
        return;
    std::erase_if(runs, isShort);
}

double CurveTrace::snapped(int curve, double t, Point vertex) const
{
    const auto& c = m_curves[static_cast<std::size_t>(curve)];
    const double near = 2.0 / m_grid;
    if (t < 0.5 && length(vertex - c.start()) <= near)
        return 0.0;
    if (t > 0.5 && length(vertex - c.end()) <= near)
        return 1.0;
    return t;
}

CurveTrace::Junction CurveTrace::join(const Run& out, const Run& in, WeldStats& stats) const
{
    const Point vertex = out.end;
    if (out.curve < 0 || in.curve < 0)
        return {vertex, out.t1, in.t0};
    const auto& a = m_curves[static_cast<std::size_t>(out.curve)];
    const auto& b = m_curves[static_cast<std::size_t>(in.curve)];
    const double s = snapped(out.curve, out.t1, vertex);
    const double t = snapped(in.curve, in.t0, vertex);
    const bool a_ends = s == 0.0 || s == 1.0;
    const bool b_ends = t == 0.0 || t == 1.0;
    if (a_ends && b_ends) // a node of the font
        return {lerp(a.pointAt(s), b.pointAt(t), 0.5), s, t};

    ++stats.crossings;
    if (const auto found = crossingNear(a, s, b, t)) {
        const Point at = lerp(a.pointAt(found->first), b.pointAt(found->second), 0.5);
        if (length(at - vertex) < 2.0 * m_u)
            return {at, found->first, found->second};
    }
    ++stats.unrefined;
    return {lerp(a.pointAt(s), b.pointAt(t), 0.5), s, t};
}

Contour CurveTrace::rebuild(std::span<const GridPoint> ring, WeldStats& stats) const
{
    auto runs = runsOf(ring, stats);
    dropShortRuns(runs);
    if (runs.empty())
        return {};

    const std::size_t n = runs.size();
    std::vector<Junction> joints; // joints[i] stands between run i and the next
    joints.reserve(n);
    for (std::size_t i = 0; i < n; ++i)
        joints.push_back(join(runs[i], runs[(i + 1) % n], stats));

    Contour contour;
    for (std::size_t i = 0; i < n; ++i) {
        const auto& before = joints[(i + n - 1) % n];
        const auto& after = joints[i];
        const auto& run = runs[i];
        if (before.at == after.at && std::abs(after.t_out - before.t_in) < 1e-9)
            continue;
        const Segment segment = run.curve < 0 ? Segment::line(before.at, after.at)
                                              : m_curves[static_cast<std::size_t>(run.curve)]
                                                    .part(before.t_in, after.t_out)
                                                    .withEnds(before.at, after.at);
        if (segment.kind == SegmentKind::Line && before.at == after.at)
            continue;
        contour.segments.push_back(segment);
    }
    return contour;
}

} // namespace ink::detail
