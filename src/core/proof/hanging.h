// What hangs by a thread, or by a point alone: parted, or joined.
#pragma once

#include "core/proof/widen.h"

namespace ink {

/// The ink cut through by `width` where a stroke, or a point in which ink touches ink, is nearest to `place`.
/// Units:  those of the outline.
/// Errors: those of cutAcross().
Result<Outline> partedAt(const OutlineProof& proof, Point place, double width, const CancelToken& cancel);

/// The ink united with a disc about each point where it touches ink, as wide as `widthAt` says; 0 leaves it.
/// Units:  those of the outline.
/// Shape:  a valid outline; pieces meet, and what they close in is a middle.
/// Errors: those of changedBy().
Result<Widening> joinTouching(const OutlineProof& proof, const std::function<double(Point)>& widthAt,
                              const CancelToken& cancel);

} // namespace ink
