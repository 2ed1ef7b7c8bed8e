// The weld: glyphs that overlap become pieces that a knife can follow.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/path.h"
#include "core/geometry/unit.h"

#include <cstddef>
#include <memory>
#include <span>

namespace ink {

class WeldCache;

struct WeldOptions
{
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

struct Welded
{
    Outline outline;
    /// Places where the outline changes from one curve to another away from their ends.
    std::vector<Point> crossings;
    WeldStats stats;
};

/// Union of glyphs under the non-zero rule, first within each glyph, then of all that touch, so that a glyph
/// drawn in the wrong direction does not cancel its neighbours. Curves stay the curves of the glyphs.
/// Units:  coordinates in any unit, y up; tolerances follow `unit`.
/// Shape:  rings in any direction; result outer rings counter-clockwise, middles clockwise, pieces from left
///         to right. Empty in, empty out. Rings smaller than 1 u^2 or thinner than 0.3 u all along are left
///         out. Threads: may run at once on several threads, also with one cache.
/// Errors: NonFinite, CoordinateOutOfRange (beyond 4,000 em), TooManyNodes, WeldFailed, Cancelled.
/// Source: B. R. Vatti, "A generic solution to polygon clipping", CACM 35(7), 1992, for the sweep (the
///         clipping library); curves kept by provenance, docs/decisions/0003 and 0005.
Result<Welded> weld(std::span<const PlacedPaths> glyphs, Unit unit, const WeldOptions& options = {});
/// The same for glyphs that are drawn at their place already.
Result<Welded> weld(std::span<const Paths> glyphs, Unit unit, const WeldOptions& options = {});

} // namespace ink
