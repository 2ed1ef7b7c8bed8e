// Letters that only just touch: joined by a bridge of a stated width.
#pragma once

#include "core/geometry/weld.h"

namespace ink {

struct Bridged
{
    Outline outline;
    /// Where bridges were set.
    std::vector<Point> bridges;
};

/// Pieces nearer to each other than `width` are joined by a bridge of that width, the nearest ones first and
/// never where they are joined already; so are necks that hang together by less than `width` between two of
/// `crossings` (as weld() tells them).
/// Units:  those of the coordinates, mm for a finished design.
/// Errors: as weld().
Result<Bridged> bridgeTouching(const Outline& outline, double width, std::span<const Point> crossings,
                               Unit unit, const CancelToken& cancel = {});

} // namespace ink
