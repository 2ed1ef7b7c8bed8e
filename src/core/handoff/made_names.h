// Each name of a list composed, dressed and proofed by the same rules.
#pragma once

#include "core/design/composed_design.h"
#include "core/design/design_proof.h"
#include "core/design/job.h"
#include "core/design/sewn_otherwise.h"
#include "core/handoff/sheet_plan.h"

#include <optional>

namespace ink {

struct MadeName
{
    std::string words;
    int copies = 1;
    std::string colour, note;
    /// Null where it could not be made: `error` says why, and the others come all the same.
    std::shared_ptr<const Outline> outline_mm;
    /// Where not all of it is made alike.
    std::vector<ThingPart> parts;
    /// Where not all of it is sewn alike.
    std::vector<SewnOtherwise> sewn_otherwise;
    /// Letters that come as stitches, and what is planned beside them; empty where all is planned.
    std::vector<StandingSewnLetter> sewn_letters;
    std::vector<ThingPart> planned;
    std::optional<Error> error;
    double em_mm = 0.0;
    /// Share of the size that was asked for, where it would have been too wide for the list.
    double made_smaller = 1.0;
    /// What was taken from the space between its letters before that.
    double closed_up_mm = 0.0;
    /// Wider than the list allows, although it was made as small as may be.
    bool is_too_wide = false;
    std::u32string missing;
    /// Nothing until it was proofed.
    std::optional<ProofVerdict> verdict;
    /// The worst first, without those of the font's rights.
    std::vector<ProofFinding> findings;
};

/// `job` is of this name alone (JobsOfNames). Never fails: what goes wrong stands in it.
MadeName makeName(const Job& job, const ListedName& listed, const FindLetters& letters,
                  const ComposeOptions& options, bool with_proof);

/// All of a job, on two threads, in the order of the list.
std::vector<MadeName> makeNames(const Job& job, const FindLetters& letters, const ComposeOptions& options);

/// What goes onto the sheets: those that could be made, a single one in as many copies as the sheet is to have.
std::vector<SheetThing> thingsOf(const std::vector<MadeName>& names, const Job& job);

} // namespace ink
