// The weld: glyphs that overlap become pieces that a knife can follow.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/path.h"

#include <cstddef>
#include <memory>
#include <span>

namespace ink {

class WeldCache;

struct WeldOptions
{
    /// Size of the em in the units of the coordinates; 1/1000 of it is the unit u of docs/weld.md.
    double units_per_em = 1000.0;
    CancelToken cancel = {};
    /// Keeps what was made of glyphs and of groups of them from one weld to the next; may be null.
    std::shared_ptr<WeldCache> cache = {};
};

/// A glyph, drawn about its own origin, and its place in the line (brought to a grid of u/256).
struct PlacedPaths
{
    std::shared_ptr<const Paths> paths;
    Point at;
    /// Shapes are welded with shapes of the same layer only; pieces of different layers are kept apart.
    int layer = 0;
};

/// What a weld did. Counts are those of the whole result, also of the parts taken from the cache; times are
/// those of this call.
struct WeldStats
{
    std::size_t nodes_before = 0;
    /// Places where the outline changes from one curve to another away from their ends.
    std::size_t crossings = 0;
    /// The crossings themselves, in the units of the coordinates.
    std::vector<Point> crossing_points;
    /// Crossings between curves that are tangent there: they lie halfway between the curves.
    std::size_t unrefined = 0;
    /// Stretches that lay on the curve of their neighbour and were given to it.
    std::size_t absorbed = 0;
    /// Stretches that went there and back again.
    std::size_t spikes = 0;
    /// Rings that no knife can follow, left out.
    std::size_t specks = 0;
    /// Edges whose curve was not found again; they stay as lines.
    std::size_t lost_edges = 0;
    /// Unions made again on finer chords, and those of them that stayed polygons (docs/decisions/0005).
    std::size_t finer = 0;
    std::size_t polygonal = 0;
    /// Groups of pieces whose boxes touch, and glyphs and groups that came from the cache.
    std::size_t groups = 0;
    std::size_t glyphs_cached = 0;
    std::size_t groups_cached = 0;

    double glyphs_ms = 0.0;
    double union_ms = 0.0;
    double curves_ms = 0.0;
    double check_ms = 0.0;
};

/// Union of glyphs under the non-zero rule, first within each glyph, then of all that touch, so that a
/// glyph drawn in the wrong direction does not cancel its neighbours. Curves stay the curves of the glyphs.
/// Units:  coordinates in any unit, y up; tolerances follow options.units_per_em.
/// Shape:  rings in any direction; result outer rings counter-clockwise, middles clockwise, pieces
///         from left to right. Empty in, empty out. Rings smaller than 1 u^2 or thinner than 0.3 u all along
///         are left out.
/// Threads: may run at once on several threads, also with one cache.
/// Errors: NonFinite, CoordinateOutOfRange (beyond 4,000 em), TooManyNodes, WeldFailed, Cancelled.
/// Source: B. R. Vatti, "A generic solution to polygon clipping", CACM 35(7), 1992, for the sweep
///         (the clipping library); curves kept by provenance, docs/decisions/0003 and 0005.
Result<Outline> weld(std::span<const PlacedPaths> glyphs, const WeldOptions& options = {},
                     WeldStats* stats = nullptr);
/// The same for glyphs that are drawn at their place already.
Result<Outline> weld(std::span<const Paths> glyphs, const WeldOptions& options = {},
                     WeldStats* stats = nullptr);

} // namespace ink
