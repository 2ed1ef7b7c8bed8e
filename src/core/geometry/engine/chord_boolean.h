// Booleans of chord rings; every chord of the result is labelled with the curve it came from.
// Internal to the weld and its family.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/engine/chords.h"
#include "core/geometry/engine/clip.h"

#include <span>

namespace ink::detail {

/// Rings smaller or thinner (twice the area over the length) than this are left out.
struct SmallestRing
{
    double area_grid2 = 0.0;
    double thickness_grid = 0.0;
};

struct BooleanRings
{
    /// Outer rings counter-clockwise, middles clockwise; no ring passes a point twice.
    std::vector<ChordRing> rings;
    /// Chords whose curve was not found again; they are labelled as lines.
    std::size_t lost = 0;
    /// Rings left out because no knife can follow them.
    std::size_t specks = 0;
};

/// Errors: WeldFailed, TooComplex (more than a million crossings that cannot be told apart), Cancelled.
Result<BooleanRings> combineRings(std::span<const PlacedChords> shapes, BooleanOp op, FillRule rule,
                                  const SmallestRing& smallest, const CancelToken& cancel);

} // namespace ink::detail
