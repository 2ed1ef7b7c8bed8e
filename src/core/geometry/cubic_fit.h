// One cubic through many points. Internal to offset and node reduction.
#pragma once

#include "core/geometry/segment.h"

#include <span>

namespace ink::detail {

struct CubicFit
{
    Segment segment;
    /// Largest distance of a sample from the cubic.
    double deviation = 0.0;
};

/// The cubic from the first sample to the last that leaves and arrives in the given directions (unit vectors,
/// both pointing along the way) and lies nearest to the samples in the least-squares sense.
/// Source: P. J. Schneider, "An algorithm for automatically fitting digitized curves", Graphics Gems, 1990.
CubicFit fitCubic(std::span<const Point> samples, Point start_direction, Point end_direction);

} // namespace ink::detail
