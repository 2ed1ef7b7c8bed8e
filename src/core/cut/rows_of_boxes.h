// The calm way to fill a sheet, and drawing together what was placed on cells. Internal to placing.
#pragma once

#include "core/cut/placing.h"

namespace ink::detail {

/// Rows of boxes: each thing, the highest first, goes to the row where least of its length is left.
/// Source: best fit by decreasing height, E. G. Coffman et al., "Performance bounds for level-oriented two-dimensional packing
///         algorithms", SIAM J. Comput. 9(4), 1980.
Placed rowsOfBoxes(std::span<const SharedOutline> items, const SheetSize& sheet,
                   const PlacingOptions& options);

/// Moves each thing up, then left, by what the cells were too coarse for.
void drawTogether(std::span<const SharedOutline> items, const SheetSize& sheet, const PlacingOptions& options,
                  Placed& placed);

} // namespace ink::detail
