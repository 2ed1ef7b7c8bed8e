// Finds the original curve behind each edge of a union made on chords, and rebuilds rings of curves.
// Internal to the weld.
#pragma once

#include "core/geometry/path.h"
#include "core/geometry/weld.h"

#include <cstdint>
#include <span>
#include <unordered_map>
#include <vector>

namespace ink::detail {

struct GridPoint
{
    std::int64_t x = 0;
    std::int64_t y = 0;
    friend bool operator==(const GridPoint&, const GridPoint&) = default;
};

/// All contours as chords on an integer grid; each chord knows its curve and stretch of parameter.
class CurveTrace
{
public:
    /// `grid` is the number of grid steps per coordinate unit, `u` the length of 1/1000 em.
    CurveTrace(double grid, double u) : m_grid(grid), m_u(u) {}

    /// Adds a contour and returns its chords' start points, ready for the clipping library.
    std::vector<GridPoint> add(const Contour& contour);

    /// The ring of curves behind a ring of grid points; empty when too small to keep.
    Contour rebuild(std::span<const GridPoint> ring, WeldStats& stats) const;

private:
    struct Edge
    {
        GridPoint a, b;
        int curve;
        double t0, t1;
        int previous, next;
    };
    /// A stretch of one curve, walked from t0 to t1 (backwards when t0 > t1); curve -1 is a plain line.
    struct Run
    {
        int curve = -1;
        double t0 = 0, t1 = 0;
        Point start, end;
    };
    struct Junction
    {
        Point at;
        double t_out;
        double t_in;
    };

    int findEdge(GridPoint a, GridPoint b, int previous) const;
    bool lies(GridPoint a, GridPoint b, const Edge& edge) const;
    double parameter(GridPoint p, const Edge& edge) const;
    std::vector<Run> runsOf(std::span<const GridPoint> ring, WeldStats& stats) const;
    void dropShortRuns(std::vector<Run>& runs) const;
    double snapped(int curve, double t, Point vertex) const;
    Junction join(const Run& out, const Run& in, WeldStats& stats) const;
    Point toPoint(GridPoint p) const;
    void indexEdges() const;
    static std::uint64_t key(std::int64_t x, std::int64_t y);

    double m_grid;
    double m_u;
    std::vector<Segment> m_curves;
    std::vector<Edge> m_edges;
    /// Start point of an edge to the edge.
    std::unordered_multimap<std::uint64_t, int> m_starts;
    /// Cells of a uniform grid to the edges that pass; built when first needed.
    mutable std::unordered_multimap<std::uint64_t, int> m_cells;
};

} // namespace ink::detail
