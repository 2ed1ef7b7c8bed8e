// Curves as arcs of circles, for machines and files that know no others.
#pragma once

#include "core/geometry/segment.h"

#include <vector>

namespace ink {

struct Arc
{
    Point start, end;
    /// Tangent of a quarter of the angle it goes round, positive to the left; 0 for a line (DXF's bulge).
    double bulge = 0.0;
};

/// Arcs that follow the segment, smoothly one after the other, none further than `tolerance` from it.
/// Source: K. M. Bolton, "Biarc curves", Computer-Aided Design 7(2), 1975; halved until they are near enough.
std::vector<Arc> arcsOf(const Segment& segment, double tolerance);

} // namespace ink
