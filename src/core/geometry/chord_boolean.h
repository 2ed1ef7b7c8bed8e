// Booleans of chord rings through the clipping library; every chord of the result is labelled with the
// curve it came from. Internal to the weld and its family.
#pragma once

#include "core/base/result.h"
#include "core/geometry/boolean.h"
#include "core/geometry/chords.h"

#include <span>

namespace ink::detail {

/// Which winding numbers are ink.
enum class FillRule { NonZero, Positive };

struct BooleanRings
{
    /// Outer rings counter-clockwise, middles clockwise; no ring passes a point twice.
    std::vector<ChordRing> rings;
    /// Chords whose curve was not found again; they are labelled as lines.
    std::size_t lost = 0;
    /// Rings left out because no knife can follow them.
    std::size_t specks = 0;
};

/// Rings that enclose less than `smallest_area_grid2`, or are thinner than `smallest_thickness_grid`
/// (twice the area over the length), are left out.
/// Errors: WeldFailed.
/// Source: B. R. Vatti, "A generic solution to polygon clipping", CACM 35(7), 1992 (the clipping library).
Result<BooleanRings> combineRings(std::span<const PlacedChords> shapes, BooleanOp op, FillRule rule,
                                  double smallest_area_grid2, double smallest_thickness_grid);

} // namespace ink::detail
