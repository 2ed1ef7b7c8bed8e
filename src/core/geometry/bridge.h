// Letters that only just touch: joined by a bridge of a stated width.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/path.h"
#include "core/geometry/unit.h"

namespace ink {

struct Bridged
{
    Outline outline;
    /// Where bridges were set.
    std::vector<Point> bridges;
};

/// Pieces nearer to each other than `width` are joined by a bridge of that width, the nearest ones first and
/// never where they are joined already; so are necks, where the ink is narrower than `width` and as wide as
/// that again no further than `width` along it on both sides. Strokes that are thin all along are left as
/// they are.
/// Units:  those of the coordinates, mm for a finished design.
/// Errors: those of axisGraph() and combine().
Result<Bridged> bridgeTouching(const Outline& outline, double width, Unit unit,
                               const CancelToken& cancel = {});

} // namespace ink
