// Looks whether rings of curves cross themselves or each other. Internal to the weld and its family.
#pragma once

#include "core/geometry/path.h"

#include <span>
#include <vector>

namespace ink::detail {

/// Where the rings cross themselves or each other deeper than `depth` (units of the coordinates). A crossing
/// whose way back lies beyond the end of a segment counts as deep. `untouched`, where it is given, says of
/// each segment of each ring which shape it is a whole curve of, -1 for the others: curves of one shape that
/// crossed nowhere before do not now.
/// Source: T. W. Sederberg, T. Nishita, "Curve intersection using Bézier clipping", CAD 22(9), 1990, for
///         control boxes that keep curves apart; halving instead of clipping.
std::vector<Point> crossingsOf(std::span<const Contour> rings, double depth,
                               std::span<const std::vector<int>> untouched = {});

} // namespace ink::detail
