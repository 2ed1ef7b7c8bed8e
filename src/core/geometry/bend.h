// Outlines bent by a smooth map of the plane, curves staying curves.
#pragma once

#include "core/base/cancel.h"
#include "core/geometry/path.h"

#include <functional>

namespace ink {

using PointMap = std::function<Point(Point)>;

/// Every segment becomes as few cubics as stay within `tolerance` of its exact image; a straight line whose
/// image is straight stays one line.
/// Units:  those of the coordinates; the map is taken to be smooth and to change little over 1/1000 of the
///         outline's size.
/// Shape:  rings in, rings out, their number and order kept; directions follow the map.
/// Source: tangents of the image by central differences; P. J. Schneider, Graphics Gems, 1990, for the fit.
Contour bent(const Contour& ring, const PointMap& map, double tolerance);
Paths bent(const Paths& paths, const PointMap& map, double tolerance, const CancelToken& cancel = {});

} // namespace ink
