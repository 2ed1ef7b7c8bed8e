// Letters that only just touch: joined by a bridge of a stated width.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/path.h"
#include "core/geometry/unit.h"

#include <functional>

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

/// A stadium of that width round the line from a to b, counter-clockwise; a disc when they are one point.
Contour stadium(Point a, Point b, double width);

struct Tie
{
    Point from, to;
};
/// The shortest lines that make one of all pieces; where `ties` is given, only those with such a piece at an end. Chords lie
/// within 0.01 of `width` of their curves.
/// Source: J. B. Kruskal, Proceedings of the AMS 7(1), 1956.
std::vector<Tie> shortestTies(const Outline& outline, double width,
                              const std::function<bool(std::size_t piece)>& ties = {});

} // namespace ink
