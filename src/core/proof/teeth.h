// Teeth that mendings leave where one keeps off the other: too small to be seen, and many nodes.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/path.h"
#include "core/geometry/unit.h"

#include <span>

namespace ink {

/// `mended` with the ragged stretches that came by mending `drawn` made even: those of segments shorter than a fifth of `width` that
/// turn forth and back. Edges there become their mean over a quarter of the width and move by no more than a sixteenth of it; what was
/// drawn, and what reaches out of all of the boxes `changed`, stays to the bit. A ring that would cross another, or itself, by it stays
/// as it is.
/// Units:  those of the outlines.
/// Shape:  valid outlines in and out; pieces and middles stay.
/// Errors: those of reduceNodes().
Result<Outline> withoutTeeth(const Outline& drawn, const Outline& mended, std::span<const Box> changed,
                             double width, Unit unit, const CancelToken& cancel);

} // namespace ink
