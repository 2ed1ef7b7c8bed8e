// What is mended: choices of the job, brought onto an outline in a fixed order.
#pragma once

#include "core/proof/outline_proof.h"

#include <span>
#include <string_view>

namespace ink {

enum class MendingKind {
    /// Strokes to `to` mm.
    Thicken,
    /// Gaps to `to` mm.
    OpenGaps,
    /// Gaps narrower than `to` mm are filled.
    CloseGaps,
    /// Pieces of less than `to` mm²: left out, brought to that area, or tied to the nearest by a bridge of `to` mm.
    LeaveOut,
    Enlarge,
    Tie,
    /// Middles of less than `to` mm².
    FillMiddles,
    EnlargeMiddles,
    /// Points end in a round of `to` mm across.
    Blunt,
    /// Everything hangs together: by the shortest bridges of `to` mm, by a bar of `to` mm under the words, or by a border
    /// that grows until it does.
    TieAll,
    Bar,
    Plate,
    /// Stencil: each middle is tied to the sheet by bridges of `to` mm. At a place: one more there.
    Bridges,
    /// At a place: no bridge here.
    NoBridge,
    /// At a place, or everywhere: what `leaves` says stays as it is.
    Leave,
    /// Of sewn letters, at a place: the stroke there as satin however wide it is, in rows, or as a line.
    SewSatin,
    SewRows,
    SewLine,
};

/// It changes how a shape is sewn, not the shape.
bool isOfStitches(MendingKind kind);

/// "thicken", "open-gaps" and so on, as files hold it.
std::string_view idOf(MendingKind kind);
std::optional<MendingKind> mendingKindOf(std::string_view id);

/// Hangs on a letter, as nudges do: it stays with it when words and size change. Lengths in em.
struct MendingPlace
{
    /// The character whose foot the place counts from.
    std::size_t letter = 0;
    double x_em = 0.0, y_em = 0.0;

    friend bool operator==(const MendingPlace&, const MendingPlace&) = default;
};

struct Mending
{
    MendingKind kind{};
    /// mm or mm², as the kind says.
    double to = 0.0;
    /// Everywhere where there is none.
    std::optional<MendingPlace> place = {};
    FindingKind leaves = {};

    friend bool operator==(const Mending&, const Mending&) = default;
};

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
    /// As they were found before; `to` is what they came to.
    struct Done
    {
        ProofFinding finding;
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

/// What is usually done about a finding: Enter in the window, `--mend all` of the command. Nothing where that is for the
/// person to decide.
std::optional<Mending> usualMending(const ProofFinding& finding, const ProcessLimits& limits);

/// Reasons of Mended::Left.
inline constexpr std::string_view kNoRoom =
    "there is room for one of the two only: the stroke, or the gap beside it";
inline constexpr std::string_view kNoPlaceForBridge = "no place on its edge is sound enough for a bridge";

/// Tolerances follow the letters, and what is asked for where that is much smaller.
Unit proofUnit(double em_mm, const ProcessLimits& limits);

} // namespace ink
