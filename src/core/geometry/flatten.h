// Curves as chords that remember where they came from.
#pragma once

#include "core/geometry/path.h"

#include <vector>

namespace ink {

/// Number of equal steps in t after which no chord is further than `tolerance` from the curve.
/// Source: second differences bound the error by |p''| h^2 / 8 (G. Wang, "The subdivision method for finding
///         the intersection between two Bézier curves", 1984).
int chordCount(const Segment& segment, double tolerance);

/// The ring as points, without repeating the first at the end.
std::vector<Point> flattened(const Contour& contour, double tolerance);

} // namespace ink
