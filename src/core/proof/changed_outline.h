// An outline that something is added to, or taken from, in a few places: elsewhere its curves stay what they were.
#pragma once

#include "core/geometry/boolean.h"

#include <functional>
#include <span>

namespace ink {

/// `outline` with `change` united or taken away. Pieces that `change` does not meet stay as they are, curves it does not cut stay to the
/// bit, and so does what is left of one that reaches out of all of the boxes `changed`. What is new has as few nodes as say the same
/// within half a u; where it meets what was drawn at a small angle, a curve leads from one into the other.
/// Units:  those of the outline.
/// Shape:  valid outlines in and out.
/// Errors: those of combine() and reduceNodes().
Result<Outline> changedBy(const Outline& outline, const Outline& change, std::span<const Box> changed,
                          BooleanOp op, Unit unit, const CancelToken& cancel);

/// Tells of a segment whether it lies in `drawn`, to the bit.
std::function<bool(const Segment&)> drawnSegments(const Outline& drawn);

/// Tells of a segment whether it stays to the bit: it lies in `drawn`, or reaches out of all of the boxes `changed`, which have to
/// outlive what is returned.
std::function<bool(const Segment&)> stayingSegments(const Outline& drawn, std::span<const Box> changed);

/// `after` with as few nodes as say the same within half a u, but for the segments that `stays` is true of.
/// Errors: those of reduceNodes().
Result<Outline> withFewerNodes(const std::function<bool(const Segment&)>& stays, const Outline& after,
                               Unit unit, const CancelToken& cancel);

/// `after`, with every curve that is the one of `before` within `tolerance` put back to the bit.
Outline withCurvesOf(const Outline& before, Outline after, double tolerance);

} // namespace ink
