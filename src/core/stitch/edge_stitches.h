// Stitches along the edge of a shape: what holds cloth that is laid on.
#pragma once

#include "core/geometry/path.h"
#include "core/stitch/columns.h"

namespace ink {

/// A ring as points, the last the first again; ink lies on the left.
std::vector<Point> ringLine(const Contour& ring);

/// A satin's rungs over the edge: `inside_mm` into the ink and `outside_mm` beyond, turning round corners without a gap.
Column coverOfRing(std::span<const Point> ring, double inside_mm, double outside_mm);

/// Along the edge with a spike into the ink about every `every_mm`, square to the edge, halving the angle at corners; evenly
/// spread over the ring, so that none is shorter than the others.
std::vector<Point> blanket(std::span<const Point> ring, double depth_mm, double every_mm);

} // namespace ink
