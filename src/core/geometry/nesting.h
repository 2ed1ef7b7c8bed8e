// Which middle belongs to which piece.
#pragma once

#include "core/geometry/path.h"
#include "core/geometry/touching.h"

namespace ink {

/// Rings that do not cross: counter-clockwise ones become outer rings, clockwise ones the middles of the
/// smallest outer ring around them. Pieces from left to right. A middle without a piece is left out. What meets in a single point does
/// not hang together there.
Outline nested(std::vector<Contour> rings);

/// The same ink as it is where the paper is kept: what ink closes in, and leaves nothing but points to hang by, is a middle.
Outline asStencil(Outline outline);

/// The rings again, outer rings first in each piece.
Paths toPaths(const Outline& outline);

/// How often the polygon goes round p, counter-clockwise.
int windingOf(const std::vector<Point>& polygon, Point p);

/// True when p is inside the ring, told on chords of 1/1000 of its size.
bool encloses(const Contour& ring, Point p);

/// True when p lies on the ink of the outline, told the same way.
bool isInk(const Outline& outline, Point p);

} // namespace ink
