// Nearest places on curves, and small repairs of rings. Internal to the weld and its family.
#pragma once

#include "core/geometry/path.h"

namespace ink::detail {

/// Parameter in [0, 1] where the curve is nearest to p, searched from t (Gauss-Newton): the local minimum.
double closestNear(const Segment& curve, Point p, double t);

/// The ring without segments shorter than `shortest` (their ends meet halfway) and without nodes that lie
/// within `straight` of the line between their neighbours on two lines. `untouched`, one for each segment
/// where it is given, goes along and becomes -1 where a segment changes.
Contour tidied(Contour ring, double shortest, double straight, std::vector<int>* untouched = nullptr);

} // namespace ink::detail
