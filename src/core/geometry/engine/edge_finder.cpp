#include "core/geometry/engine/edge_finder.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <tuple>

namespace ink::detail {
namespace {

// The clipping library rounds crossings to the grid, which moves an edge by two steps at most.
constexpr double kSlack_grid = 2.5;
constexpr std::int64_t kCell_grid = 4096;

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

/// Parameter of the curve where p lies on the chord from a to b.
double parameter(GridPoint p, GridPoint a, GridPoint b, const Origin& origin)
{
    if (p == a)
        return origin.t0;
    if (p == b)
        return origin.t1;
    const auto d = b - a;
    const auto v = p - a;
    const double dx = static_cast<double>(d.x), dy = static_cast<double>(d.y);
    const double dd = dx * dx + dy * dy;
    if (dd == 0.0)
        return origin.t0;
    const double k = (static_cast<double>(v.x) * dx + static_cast<double>(v.y) * dy) / dd;
    return origin.t0 + (origin.t1 - origin.t0) * std::clamp(k, 0.0, 1.0);
}

} // namespace

EdgeFinder::EdgeFinder(std::span<const PlacedChords> shapes, std::span<const int> candidates)
    : m_candidates(candidates.begin(), candidates.end())
{
    std::size_t count = 0;
    for (const auto& placed : shapes)
        count += placed.shape->chord_count;
    m_edges.reserve(count);
    for (std::size_t s = 0; s < shapes.size(); ++s)
        for (const auto& ring : shapes[s].shape->rings) {
            const auto first = static_cast<int>(m_edges.size());
            const auto n = static_cast<int>(ring.points.size());
            GridPoint a = ring.points[0] + shapes[s].at;
            const GridPoint start = a;
            for (int i = 0; i < n; ++i) {
                const auto k = static_cast<std::size_t>(i);
                const GridPoint b = i + 1 < n ? ring.points[k + 1] + shapes[s].at : start;
                Origin origin = ring.origins[k];
                origin.shape = static_cast<int>(s);
                m_edges.push_back(
                    {a, b, first + (i > 0 ? i - 1 : n - 1), first + (i + 1 < n ? i + 1 : 0), origin});
                a = b;
            }
        }
    std::ranges::sort(m_candidates);
    m_candidates.erase(std::unique(m_candidates.begin(), m_candidates.end()), m_candidates.end());
    m_table.assign(std::bit_ceil(2 * m_candidates.size() + 2), -1);
    m_same_start.assign(count, -1);
    const std::size_t mask = m_table.size() - 1;
    for (const int edge : m_candidates) {
        const auto i = static_cast<std::size_t>(edge);
        const GridPoint p = m_edges[i].a;
        std::size_t at = hashOf(p) & mask;
        while (m_table[at] >= 0 && !(m_edges[static_cast<std::size_t>(m_table[at])].a == p))
            at = (at + 1) & mask;
        m_same_start[i] = m_table[at];
        m_table[at] = edge;
    }
}

bool EdgeFinder::lies(GridPoint a, GridPoint b, int edge) const
{
    const auto& e = m_edges[static_cast<std::size_t>(edge)];
    if ((a == e.a && b == e.b) || (a == e.b && b == e.a))
        return true;
    constexpr double limit = kSlack_grid * kSlack_grid;
    return squaredDistance(a, e.a, e.b) <= limit && squaredDistance(b, e.a, e.b) <= limit;
}

/// The one of two candidates that the edge lies on more closely.
int EdgeFinder::preferred(int best, int candidate, GridPoint a, GridPoint b) const
{
    if (candidate < 0 || !lies(a, b, candidate))
        return best;
    if (best < 0)
        return candidate;
    const auto distance = [&](int edge) {
        const auto& e = m_edges[static_cast<std::size_t>(edge)];
        return squaredDistance(a, e.a, e.b) + squaredDistance(b, e.a, e.b);
    };
    return distance(candidate) < distance(best) ? candidate : best;
}

int EdgeFinder::findAt(GridPoint vertex, GridPoint a, GridPoint b, int best) const
{
    const std::size_t mask = m_table.size() - 1;
    std::size_t at = hashOf(vertex) & mask;
    while (m_table[at] >= 0 && !(m_edges[static_cast<std::size_t>(m_table[at])].a == vertex))
        at = (at + 1) & mask;
    for (int i = m_table[at]; i >= 0; i = m_same_start[static_cast<std::size_t>(i)]) {
        best = preferred(best, i, a, b);
        best = preferred(best, m_edges[static_cast<std::size_t>(i)].previous, a, b);
    }
    return best;
}

int EdgeFinder::find(GridPoint a, GridPoint b, int hint) const
{
    // Most edges continue where the one before came from, and staying there keeps a ring on one of
    // several curves that coincide.
    if (hint >= 0) {
        const auto& e = m_edges[static_cast<std::size_t>(hint)];
        for (const int candidate : {e.next, e.previous, hint})
            if (lies(a, b, candidate))
                return candidate;
    }
    int best = findAt(a, a, b, -1);
    best = findAt(b, a, b, best);
    return best >= 0 ? best : findAnywhere(a, b);
}

void EdgeFinder::indexCells() const
{
    for (const int i : m_candidates) {
        const auto& e = m_edges[static_cast<std::size_t>(i)];
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
                m_cells.emplace_back(hashOf({cx, cy}), i);
        }
    }
    std::ranges::sort(m_cells);
}

int EdgeFinder::findAnywhere(GridPoint a, GridPoint b) const
{
    if (m_cells.empty())
        indexCells();
    const GridPoint middle{(a.x + b.x) / 2, (a.y + b.y) / 2};
    const auto cell = hashOf({cellOf(middle.x), cellOf(middle.y)});
    int best = -1;
    for (auto it = std::ranges::lower_bound(m_cells, std::pair{cell, -1});
         it != m_cells.end() && it->first == cell; ++it)
        best = preferred(best, it->second, a, b);
    return best;
}

std::size_t EdgeFinder::label(const TracedRing& traced, ChordRing& ring) const
{
    std::size_t lost = 0;
    const std::size_t n = traced.size();
    ring.points.reserve(n);
    ring.origins.reserve(n);
    int edge = -1;
    for (std::size_t i = 0; i < n; ++i) {
        const GridPoint a = traced[i].at;
        const GridPoint b = traced[i + 1 < n ? i + 1 : 0].at;
        ring.points.push_back(a);
        const int known = traced[i].edge;
        edge = known >= 0 && lies(a, b, known) ? known : find(a, b, edge);
        if (edge < 0) {
            ++lost;
            ring.origins.push_back({});
            continue;
        }
        const auto& e = m_edges[static_cast<std::size_t>(edge)];
        ring.origins.push_back({e.origin.shape, e.origin.curve, parameter(a, e.a, e.b, e.origin),
                                parameter(b, e.a, e.b, e.origin)});
    }
    return lost;
}

} // namespace ink::detail
