// Pieces that are alike wherever they stand. Internal to geometry.
#pragma once

#include "core/geometry/path.h"
#include "core/geometry/unit.h"

#include <cstdint>
#include <vector>

namespace ink::detail {

/// Of the piece about its first node; equal for pieces that differ by less than 0.001 u.
std::vector<std::int64_t> shapeKey(const Piece& piece, Unit unit);

} // namespace ink::detail
