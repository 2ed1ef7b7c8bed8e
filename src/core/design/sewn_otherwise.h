// Letters and strokes that a person has sewn otherwise than the rest, where they come to stand.
#pragma once

#include "core/design/composed_design.h"
#include "core/stitch/stitch_planner.h"

namespace ink {

struct SewnOtherwise
{
    SewnAs as{};
    /// All strokes of the letter whose ink this is.
    Outline letter_mm = {};
    /// Or one: the stroke that passes here.
    std::optional<Point> stroke_mm = {};
};

/// In mm of the design, strokes before letters.
std::vector<SewnOtherwise> sewnOtherwise(const ComposedDesign& composed, const Job& job);

/// What is asked for each stroke of them; null where there are none. They may have been moved since they were composed.
SewingOf sewingOf(const std::vector<SewnOtherwise>& otherwise, const Affine& moved);

/// How a mending of stitches has its stroke sewn.
std::optional<SewnAs> sewnAsOf(MendingKind kind);
/// The reverse; an appliqué is no stroke's own.
MendingKind mendingOf(SewnAs as);

} // namespace ink
