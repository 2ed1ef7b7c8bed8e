// Union, subtraction and intersection of finished outlines: stencils, knock-outs, bridges.
#pragma once

#include "core/geometry/boolean_op.h"
#include "core/geometry/weld.h"

namespace ink {

/// a ∪ b, a \ b or a ∩ b, on the curves of both, with the guarantees of weld().
/// Units:  as weld(); tolerances follow `unit`.
/// Errors: as weld().
Result<Outline> combine(const Outline& a, const Outline& b, BooleanOp op, Unit unit,
                        const CancelToken& cancel = {});

/// Fills every middle that encloses less than `max_area` (square of the coordinates' unit). Pieces that lay
/// in such a middle are part of the ink around them then.
Outline withMiddlesFilled(Outline outline, double max_area);

} // namespace ink
