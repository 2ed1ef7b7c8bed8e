// A stroke on its way to a column. Internal to columns.
#pragma once

#include "core/stitch/strokes.h"

#include <optional>
#include <span>
#include <vector>

namespace ink::detail {

/// Between points of a course, and rungs of a column.
inline constexpr double kStep_mm = 0.15;

/// Even steps, smooth.
struct Course
{
    std::vector<Point> centre;
    std::vector<double> radius;
    bool is_ring = false;
    StrokeEndMeeting start, end;
    std::vector<std::size_t> crossings;
};

/// 0 of none.
double median(std::vector<double> values);
/// How far each point is along the line.
std::vector<double> alongOf(std::span<const Point> line);
/// In steps of kStep_mm.
Course evenCourse(const AxisStroke& stroke);
/// By a bell of about the stroke's half width; ends stay where they are.
void smooth(Course& course);
/// Of length 1, one for each point.
std::vector<Point> tangentsOf(const Course& course);
/// Where a corner is: the turn within the width is largest, and large.
std::optional<std::size_t> cornerOf(const Course& course, const std::vector<Point>& tangent);
/// Both ends in it; it knows of no crossing.
Course part(const Course& course, std::size_t from, std::size_t to);
/// Towards a corner the axis bends into it, and smoothing bends more: the last `reach` points go straight on as those before them.
void straightenEnd(Course& course, std::size_t reach);

} // namespace ink::detail
