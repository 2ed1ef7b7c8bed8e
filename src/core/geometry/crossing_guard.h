// Looks whether rings of curves cross themselves or each other. Internal to the weld and its family.
#pragma once

#include "core/geometry/path.h"

#include <span>
#include <vector>

namespace ink::detail {

/// Where the rings cross themselves or each other deeper than `tolerance` (units of the coordinates).
/// A crossing whose way back lies beyond the end of a segment counts as deep.
std::vector<Point> crossingsOf(std::span<const Contour> rings, double tolerance);

} // namespace ink::detail
