// Lines drawn with a round pen.
#pragma once

#include "core/geometry/offset.h"

#include <span>

namespace ink {

/// All points within width / 2 of the paths.
/// Units:  those of the coordinates.
/// Shape:  a valid outline, also where paths cross themselves or each other; a path of no length is a disc.
/// Errors: those of offset().
Result<Outline> stroked(std::span<const OpenPath> paths, double width, Unit unit,
                        const OffsetOptions& options = {});

/// Few smooth cubics from the first sample to the last, none of the samples further than `tolerance` from them.
/// Shape:  samples close enough together that lines between them would do; two at least. Turns of more than 50 degrees
///         at a sample are corners.
/// Source: as detail::fitCubic; cut where it is furthest off.
OpenPath smoothed(std::span<const Point> samples, double tolerance);

} // namespace ink
