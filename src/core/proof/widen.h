// Strokes made thicker and gaps made wider where they are too narrow, by discs along their axis.
#pragma once

#include "core/proof/meant_runs.h"

namespace ink {

struct Widening
{
    Outline outline;
    /// Stretches that were widened.
    std::size_t places = 0;
    /// Grown by half the width: what may have changed. Elsewhere the outline is what it was, to the bit.
    std::vector<Box> boxes;
};

struct WidenOptions
{
    /// What becomes at least this wide: strokes, or gaps.
    double width = 0.0;
    /// The other kind is never made narrower than this, or than it is where it is narrower already.
    double other_width = 0.0;
    ChooseRun choose = {};
    CancelToken cancel = {};
};

/// The ink united with the discs of the wanted width about every place of its axis that is narrower: a band that is
/// tangent to what was drawn where that is wide enough, so that nothing else moves. Ends keep their length and become
/// round. The band keeps off the axis of the gaps beside it.
/// Units:  those of the outline.
/// Shape:  a valid outline; pieces and middles stay as many as they were.
/// Errors: those of stroked() and combine().
/// Source: H. Blum, 1967, for the axis; the same as an opening by a disc (J. Serra, "Image Analysis and Mathematical
///         Morphology", 1982) leaves whole.
Result<Widening> thickenStrokes(const OutlineProof& proof, const WidenOptions& options);
/// The same for what lies between: the ink less the discs about the gap's axis.
Result<Widening> openGaps(const OutlineProof& proof, const WidenOptions& options);
/// Gaps that are narrower are filled, each to where a disc of the width fits into it; pockets that this closes in and that hold no such
/// disc are filled with them.
/// Shape:  a valid outline; pieces may meet, and middles may come and go.
/// Errors: those of stroked(), combine() and offset().
/// Source: a closing by a disc (J. Serra, as above), of the stretches that are meant.
Result<Widening> closeGaps(const OutlineProof& proof, const WidenOptions& options);

/// The narrowest place of each stretch that the three above would widen to `width`, nothing chosen.
std::vector<Point> narrowPlaces(const OutlineProof& proof, bool is_ink, double width);

/// `outline`, to which ink came since `proof` was made, with pockets filled that it closed off in notches: no middle comes where none was.
/// Of a middle that falls into several the largest stays, and those that a disc of `width` has room in, which only hung together by a point.
/// `boxes` gets those of the pockets.
/// Errors: those of offset().
Result<Outline> withoutNewMiddles(const OutlineProof& proof, Outline outline, double width,
                                  const CancelToken& cancel, std::vector<Box>& boxes);

/// `change` without what would reach over the axis of the strokes (or gaps) of `proof`, or make them narrower than `width`,
/// or than they are where they are narrower already.
/// Errors: those of stroked() and combine().
Result<Outline> offTheAxis(const Outline& change, const OutlineProof& proof, bool is_ink, double width,
                           const CancelToken& cancel = {});

} // namespace ink
