// Ink cut through from edge to edge: bridges of a stencil, and what hung by a thread parted.
#pragma once

#include "core/geometry/boolean.h"

#include <span>

namespace ink {

/// From one edge of the ink to the other.
struct InkCrossing
{
    Point a, b;
};

/// `outline` less a bar of `width` along each crossing, which takes nothing of the ink beyond its edges. What is not cut keeps its curves
/// to the bit.
/// Units:  those of the outline.
/// Shape:  a valid outline in and out; it may fall into more pieces.
/// Errors: those of combine() and offset().
Result<Outline> cutAcross(const Outline& outline, std::span<const InkCrossing> crossings, double width,
                          Unit unit, const CancelToken& cancel);

} // namespace ink
