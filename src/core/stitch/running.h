// Stitches along a line.
#pragma once

#include "core/geometry/segment.h"

#include <span>
#include <vector>

namespace ink {

/// Common practice, no source.
inline constexpr double kRunning_mm = 2.5;

/// A line of points as stitches: no longer than `stitch_mm`, shorter in bends so that the thread stays within `within_mm` of the
/// line, corners of more than 35 degrees hit exactly, none shorter than kShortestStitch_mm where that can be. With both ends.
std::vector<Point> running(std::span<const Point> line, double stitch_mm = kRunning_mm,
                           double within_mm = 0.1);

/// Length of a line of points.
double lengthOf(std::span<const Point> line);
/// The line from one way along to another, with both ends; backwards where `to` is less.
std::vector<Point> stretchOf(std::span<const Point> line, double from, double to);
/// Equal steps, no longer than `step`, with both ends.
std::vector<Point> resampled(std::span<const Point> line, double step);

} // namespace ink
