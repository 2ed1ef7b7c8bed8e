// Shapes with known areas, and ways to look at an outline without the weld's own code.
#pragma once

#include "core/geometry/path.h"

#include <vector>

namespace ink::test {

/// Counter-clockwise unless `clockwise`.
Contour rectangle(double x0, double y0, double x1, double y1, bool clockwise = false);
Contour polygon(const std::vector<Point>& corners);
/// Four cubics; the radius is off by at most 0.03 % (the usual handle of 0.5523).
Contour circle(Point centre, double radius, bool clockwise = false);
/// Two quadratics and a line: the upper half of a rounded shape, for mixed kinds.
Contour arch(Point left, double width, double height);

/// Area under the non-zero rule by counting sample points of a fine raster: shares nothing with the weld.
/// The error falls with the square of `steps`.
double rasterArea(const std::vector<Paths>& glyphs, int steps);
/// The same for a finished outline.
double rasterArea(const Outline& outline, int steps);

} // namespace ink::test
