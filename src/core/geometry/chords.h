// Curves as chords on an integer grid; each chord knows the stretch of curve it stands for.
// Internal to the weld and its family.
#pragma once

#include "core/geometry/path.h"

#include <cstdint>
#include <vector>

namespace ink::detail {

/// Steps of the grid in 1/1000 em (u): 16 to 1024 gave the same results in trials, 4096 took 2.5 times as
/// long.
inline constexpr double kGridPer_u = 256.0;

struct GridPoint
{
    std::int64_t x = 0;
    std::int64_t y = 0;
    friend bool operator==(const GridPoint&, const GridPoint&) = default;
    friend GridPoint operator+(GridPoint a, GridPoint b) { return {a.x + b.x, a.y + b.y}; }
    friend GridPoint operator-(GridPoint a, GridPoint b) { return {a.x - b.x, a.y - b.y}; }
};

/// The units of one weld: u is 1/1000 em in the units of the coordinates.
struct Grid
{
    double u = 1.0;

    double step() const { return u / kGridPer_u; }
    GridPoint snapped(Point p) const;
    Point toPoint(GridPoint p) const;
};

/// A stretch of curve `curve` of shape `shape`; -1 stands for a straight line without a curve.
struct Origin
{
    int shape = 0;
    int curve = -1;
    double t0 = 0.0, t1 = 1.0;
};

/// A closed ring of chords: origins[i] belongs to the chord from points[i] to points[i + 1].
struct ChordRing
{
    std::vector<GridPoint> points;
    std::vector<Origin> origins;
    /// Filled in for the rings of a result: positive when counter-clockwise.
    double area_grid2 = 0.0;
    double length_grid = 0.0;
};

/// A shape ready for the clipping library: its curves in drawing order, each with its neighbours along
/// its contour, and its contours as rings of chords.
struct ChordShape
{
    std::vector<Segment> curves;
    std::vector<int> previous, next;
    std::vector<ChordRing> rings;
    std::size_t chord_count = 0;
};

/// A shape at its place; `is_clip` puts it on the right of a subtraction or an intersection.
struct PlacedChords
{
    const ChordShape* shape = nullptr;
    GridPoint at;
    bool is_clip = false;
};

/// No chord is further than `tolerance` (units of the coordinates) from its curve, up to 1,000 chords a
/// curve.
ChordShape chordsOf(const Paths& paths, const Grid& grid, double tolerance);

} // namespace ink::detail
