// Strokes thickened, gaps closed and opened, as the mendings ask, in rounds.
#pragma once

#include "core/proof/mending.h"

#include <vector>

namespace ink {

struct WidenedOutline
{
    Outline outline;
    /// Along the axis of what was widened, and where anything may have moved. Empty: nothing was.
    std::vector<Box> widened, touched;
};

/// Thickening may close a gap, opening may thin a stroke: the kinds are taken in a fixed order, at most three rounds. Pieces so far apart
/// that nothing done to one reaches the other are done by themselves, on the threads there are.
/// Shape:  of an outline that is nowhere too narrow the pieces are what they were, in their order.
/// Errors: those of thickenStrokes(), openGaps(), closeGaps() and OutlineProof::of().
Result<WidenedOutline> widenedInRounds(const OutlineProof& proof, std::span<const PlacedMending> mendings,
                                       const MendingRequest& request);

} // namespace ink
