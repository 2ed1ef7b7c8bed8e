// What may be mended and how: choices of the job.
#pragma once

#include "core/proof/outline_proof.h"

#include <optional>
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
    /// At a place: what hangs there by less than it should is cut off, `to` mm wide.
    Part,
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

/// What is usually done about a finding: Enter in the window, `--mend all` of the command. Nothing where that is for the
/// person to decide.
std::optional<Mending> usualMending(const ProofFinding& finding, const ProcessLimits& limits);

/// What of a process's limits such a mending usually goes to; null where it goes to none of them.
double ProcessLimits::*limitOf(MendingKind kind);

/// Whether a mending of this kind is one against such a finding.
bool answers(MendingKind mending, FindingKind finding);

/// What the mending goes to and what the finding wants are one measure: a rule that goes to less has not failed there.
bool isOneMeasure(MendingKind mending, FindingKind finding);

} // namespace ink
