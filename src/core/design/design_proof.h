// Proof of a design: what its process will not hold, with the letters it belongs to, and what is mended of it.
#pragma once

#include "core/design/composed_design.h"
#include "core/proof/mending.h"
#include "core/proof/weeding.h"

#include <iosfwd>
#include <memory>
#include <optional>
#include <vector>

namespace ink {

struct DesignProof
{
    /// In mm, of the finished outline; asked again for other limits.
    std::shared_ptr<const OutlineProof> outline;
    /// `letters` are characters of the words. The worst first.
    std::vector<ProofFinding> findings;
    ProofVerdict verdict{};
    Weeding weeding;
};

/// What is known from Find: neither is measured.
struct KnownOfFont
{
    /// A sale is not plainly allowed, and the job is for sale.
    bool may_not_sell = false;

    friend bool operator==(const KnownOfFont&, const KnownOfFont&) = default;
};

/// Everything the job asks of its outline.
OutlineProof::Asked askedOf(const Job& job);

/// Findings of an outline that was looked at before, with `scale` mm for a mm of it then: what a dragged size shows at once.
std::vector<ProofFinding> findingsOf(const OutlineProof& outline, double scale,
                                     const ComposedDesign& composed, const Job& job,
                                     const KnownOfFont& known = {});

/// Errors: those of axisGraph; TooComplex beyond kMostProofNodes.
Result<DesignProof> proofOf(const ComposedDesign& composed, const Job& job, const KnownOfFont& known = {},
                            const CancelToken& cancel = {});

/// Which letter an edge of the outline came from: numbers are those of Setting::letters.
std::shared_ptr<const LetterOwners> lettersOf(const ComposedDesign& composed);

/// The job's mendings where they come to stand.
std::vector<PlacedMending> placedMendings(const ComposedDesign& composed, const Job& job);
MendingRequest mendingRequest(const ComposedDesign& composed, const Job& job, const CancelToken& cancel);

/// A place of the design by the letter nearest to it, to be kept in the job; nothing where there are no letters.
std::optional<MendingPlace> mendingPlaceAt(const ComposedDesign& composed, Point mm);
/// Nothing where the letter is gone.
std::optional<Point> placeOf(const ComposedDesign& composed, const MendingPlace& place);

/// Numbers of letters become the characters of the words that they begin with.
void tellCharacters(Mended& mended, const Setting& setting);

/// All that has a usual mending, each kind as one rule; what is left as it is stays so. False where the job says all of it already.
bool mendAll(Job& job, const std::vector<ProofFinding>& findings);
/// The same of what is found once all is mended: a middle that thicker strokes left too small, nodes that are too many now. Not of strokes
/// and gaps, which have no room for both there.
bool mendWhatItMade(Job& job, const std::vector<ProofFinding>& findings);

/// The report of `uink proof` (docs/formats/proof-report.md): one JSON object.
void writeProofReport(std::ostream& out, const ComposedDesign& composed, const DesignProof& proof,
                      const Job& job);

} // namespace ink
