// Judges a weld by points: what is ink in the glyphs has to be ink in the outline. Shares nothing with the
// weld.
#pragma once

#include "core/geometry/path.h"

#include <optional>
#include <vector>

namespace ink::test {

/// A point that is ink in one and not in the other, although it is further than `margin` from every curve of
/// the glyphs; nothing when none of `tries` points (half of them close to nodes) is.
/// Each glyph is filled under its own non-zero rule.
std::optional<Point> wrongPoint(const std::vector<Paths>& glyphs, const Outline& outline, double margin,
                                int tries, unsigned seed = 1);

/// Largest distance from the outline to the nearest curve of the glyphs, seen from points of the outline.
double deviation(const std::vector<Paths>& glyphs, const Outline& outline, int points_per_segment = 8);

} // namespace ink::test
