// Curves as chords on an integer grid; each chord knows the stretch of curve it stands for.
// Internal to the weld and its family.
#pragma once

#include "core/geometry/engine/grid.h"
#include "core/geometry/path.h"

#include <cstdint>
#include <span>
#include <vector>

namespace ink::detail {

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

struct GridBox
{
    std::int64_t x0 = INT64_MAX / 4, y0 = INT64_MAX / 4, x1 = INT64_MIN / 4, y1 = INT64_MIN / 4;

    void add(GridPoint p);
    void add(const GridBox& other);
    GridBox at(GridPoint by) const { return {x0 + by.x, y0 + by.y, x1 + by.x, y1 + by.y}; }
    bool isEmpty() const { return x0 > x1; }
};

/// A shape ready for the clipping library: its curves in drawing order, each with its neighbours along
/// its contour, and its contours as rings of chords.
struct ChordShape
{
    std::vector<Segment> curves;
    std::vector<int> previous, next;
    std::vector<ChordRing> rings;
    GridBox box;
    std::size_t chord_count = 0;
    /// Its control points lie on the grid exactly.
    bool is_exact = true;
};

/// A shape at its place.
struct PlacedChords
{
    const ChordShape* shape = nullptr;
    GridPoint at;
    /// On the right of a subtraction or an intersection.
    bool is_clip = false;
    /// A result of the engine: outer rings counter-clockwise, middles clockwise, none crosses another.
    bool is_clean = false;
};

/// No chord is further than `tolerance` (units of the coordinates) from its curve, up to 1,000 chords a
/// curve.
ChordShape chordsOf(const Paths& paths, const Grid& grid, double tolerance);
/// The same with a tolerance for each segment, in the order of the paths.
ChordShape chordsOf(const Paths& paths, const Grid& grid, std::span<const double> tolerances);

} // namespace ink::detail
