// Mendings brought onto an outline, in a fixed order.
#pragma once

#include "core/base/told.h"
#include "core/proof/mending_kind.h"
#include "core/proof/outline_proof.h"

#include <span>

namespace ink {

/// On the outline it is brought onto.
struct PlacedMending
{
    MendingKind kind{};
    double to = 0.0;
    std::optional<Point> at_mm = {};
    FindingKind leaves = {};
};

/// Where strokes or gaps are widened, about 1 ms a node: seconds, not minutes. Other mendings take what a look takes.
inline constexpr std::size_t kMostMendedNodes = 6000;
/// Largest width, and largest area, that can be asked for.
inline constexpr double kMostMending_mm = 100.0;
inline constexpr double kMostMending_mm2 = 10000.0;

struct MendingRequest
{
    Unit unit{1.0};
    ProcessLimits limits;
    bool is_stencil = false, is_one_piece = false;
    /// Feet of the lines of words, for a bar under them.
    std::vector<double> baselines_mm = {};
    std::shared_ptr<const LetterOwners> letters = {};
    /// What is done to the outline after all mendings, before it is looked at for the last time.
    std::function<Result<Outline>(Outline)> then = {};
    CancelToken cancel = {};
};

struct StencilBridge
{
    /// Across the ink, from the island to the sheet.
    Point from, to;
    /// The middle of what it ties.
    Point island = {};
};

struct Mended
{
    Outline outline_mm;
    /// As they were found before, what was done about them, and to what.
    struct Done
    {
        ProofFinding finding;
        MendingKind by{};
        double to = 0.0;
    };
    std::vector<Done> done;
    /// Asked for, and still there, with the reason.
    struct Left
    {
        ProofFinding finding;
        std::string_view reason;
    };
    std::vector<Left> left;
    std::vector<StencilBridge> bridges;
    /// What strokes and gaps were widened in; elsewhere the outline is what it was, but for pieces and middles told above.
    std::vector<Box> touched;
    /// The last look at what it came to.
    std::shared_ptr<const OutlineProof> proof;
};

/// Ties, thickens, closes and opens, then small middles, specks, points and bridges; looked at again, three rounds at the
/// most. What is not near a mended place keeps its curves to the bit.
/// Units:  mm.
/// Shape:  a valid outline in and out.
/// Errors: those of axisGraph(), stroked() and combine(); DistanceOutOfRange; NothingToCut when nothing is left;
///         TooComplex beyond kMostMendedNodes or kMostProofNodes.
Result<Mended> mend(const Outline& outline_mm, std::span<const PlacedMending> mendings,
                    const MendingRequest& request);

/// Reasons of Mended::Left.
inline constexpr std::string_view kNoRoom =
    told("there is room for one of the two only: the stroke, or the gap beside it");
inline constexpr std::string_view kNoPlaceForBridge =
    told("no place on its edge is sound enough for a bridge");

/// Tolerances follow the letters, and what is asked for where that is much smaller.
Unit proofUnit(double em_mm, const ProcessLimits& limits);

} // namespace ink
