// Findings and mendings as sentences, and what can be done about a finding.
#pragma once

#include "core/design/design_proof.h"
#include "ui/widgets/marks.h"

#include <QString>

#include <optional>
#include <vector>

namespace ink::ui {

/// "Thin: 0.41 mm in the H".
QString titleOf(const ProofFinding& finding, const Job& job);
/// "3.2 mm long. Vinyl holds 0.50 mm."
QString detailOf(const ProofFinding& finding, const Job& job);
/// "43 thin strokes, down to 0.25 mm": findings of one kind, the worst of them first.
QString groupTitleOf(const ProofFinding& worst, std::size_t count, const Job& job);
/// What stands at the place: "0.41 mm", "gap 0.30 mm".
QString figureOf(const ProofFinding& finding, LengthUnit unit);
/// "Knife in adhesive vinyl holds 0.50 mm at the least."
QString wantedOf(const ProofFinding& finding, const Job& job);
Mark markOf(const ProofFinding& finding);

/// Something to do about a finding.
struct Offer
{
    /// On its button: "Thicken here to 1.00 mm".
    QString words;
    enum class Where { Here, Everywhere };
    Where where = Where::Everywhere;
    /// Added to the job; nothing for what is done elsewhere.
    std::optional<Mending> mending = {};
    /// What is done instead of a mending.
    enum class Errand {
        None,
        AllThicker,
        FewerNodes,
        /// By the factor `to`.
        Resize,
        ChooseFont,
        OpenRight,
        Compose,
        SewLines,
        NoUnderlay,
        /// By the factor `to`.
        WiderApart
    };
    Errand errand = Errand::None;
    /// mm, or a factor, for the errands with a figure.
    double to = 0.0;
};
/// The usual one first; what Enter does. Empty where there is nothing to offer but to leave it.
/// `is_conflict` where it was mended as far as there is room.
std::vector<Offer> offersOf(const ProofFinding& finding, const Job& job, bool is_conflict = false);

/// "strokes to 1.00 mm", as a list of the job's mendings says it.
QString nameOf(const Mending& mending, const Job& job);
/// "the strokes", "the specks": what a kind is about.
QString namesOf(FindingKind kind);

/// What is in order: one line for each kind that was looked for and not found.
struct InOrder
{
    QString what, figure;
};
std::vector<InOrder> inOrderOf(const DesignProof& proof, const std::vector<ProofFinding>& findings,
                               const ComposedDesign& composed, const Job& job, bool is_right_known);

/// "12 strokes thicker, 2 middles filled, 1.4 % more ink."
QString sayWhatWasMended(const Mended& before, const Mended& after, double area_before_mm2,
                         double area_after_mm2);

} // namespace ink::ui
