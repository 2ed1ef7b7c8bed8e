// Glyphs that are a union already. Internal to the weld and its family.
#pragma once

#include "core/geometry/engine/grid.h"
#include "core/geometry/path.h"

#include <optional>
#include <vector>

namespace ink::detail {

/// The rings of a glyph whose contours keep well apart from each other and from themselves: outer ones
/// counter-clockwise, middles clockwise, those with ink on both sides left out. Most glyphs are like that,
/// and need no clipping library. Nothing where there is any doubt.
std::optional<std::vector<Contour>> simpleRings(const Paths& paths, const Grid& grid);

} // namespace ink::detail
