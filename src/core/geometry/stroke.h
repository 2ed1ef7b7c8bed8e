// Lines drawn with a round pen.
#pragma once

#include "core/geometry/offset.h"

#include <span>
#include <vector>

namespace ink {

/// Handles of a cubic that is a quarter of a circle, in radii (from memory, standard).
inline constexpr double kArcHandle = 0.5522847498;

/// All points within width / 2 of the paths.
/// Units:  those of the coordinates.
/// Shape:  a valid outline, also where paths cross themselves or each other; a path of no length is a disc.
/// Errors: those of offset().
Result<Outline> stroked(std::span<const OpenPath> paths, double width, Unit unit,
                        const OffsetOptions& options = {});

/// Where a round pen goes that becomes wider and narrower on its way: evenly between two centres.
struct PenWay
{
    std::vector<Point> centres;
    std::vector<double> radii;
};
/// All points that the pen covers, within the tolerance of `options` beside its way; at a sharp turn a little less.
/// Units:  those of the coordinates.
/// Shape:  as many radii as centres, above 0; a valid outline, also where ways cross; a way of one centre is a disc.
/// Errors: those of offset().
Result<Outline> stroked(std::span<const PenWay> ways, Unit unit, const OffsetOptions& options = {});

/// Few smooth cubics from the first sample to the last, none of the samples further than `tolerance` from them.
/// Shape:  samples close enough together that lines between them would do; two at least. Turns of more than 50 degrees
///         at a sample are corners.
/// Source: as detail::fitCubic; cut where it is furthest off.
OpenPath smoothed(std::span<const Point> samples, double tolerance);

} // namespace ink
