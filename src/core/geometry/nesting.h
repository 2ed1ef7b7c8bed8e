// Which middle belongs to which piece.
#pragma once

#include "core/geometry/path.h"

namespace ink {

/// Rings that do not cross: counter-clockwise ones become outer rings, clockwise ones the middles of the
/// smallest outer ring around them. Pieces from left to right. A middle without a piece is left out.
Outline nested(std::vector<Contour> rings);

/// The rings again, outer rings first in each piece.
Paths toPaths(const Outline& outline);

/// How often the polygon goes round p, counter-clockwise.
int windingOf(const std::vector<Point>& polygon, Point p);

/// True when p is inside the ring, told on chords of 1/1000 of its size.
bool encloses(const Contour& ring, Point p);

/// True when p lies on the ink of the outline, told the same way.
bool isInk(const Outline& outline, Point p);

} // namespace ink
