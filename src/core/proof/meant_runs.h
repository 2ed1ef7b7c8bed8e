// The narrow stretches of strokes or gaps that are to be widened or closed.
#pragma once

#include "core/proof/outline_proof.h"

#include <functional>
#include <vector>

namespace ink {

/// Which narrow stretches are meant; all where it is empty.
using ChooseRun = std::function<bool(const Branch&, const BranchRun&)>;

/// A stretch and its branch, which is one of the proof's.
struct MeantRun
{
    const Branch* branch;
    BranchRun run;
};

/// Narrower than `width` by more than a mended place may be, and lost by an opening (a closing, for gaps) by a disc of it.
std::vector<MeantRun> meantRuns(const OutlineProof& proof, bool is_ink, double width,
                                const ChooseRun& choose = {});

/// How far the edge of a band of this width may stray.
double bandTolerance(double width, Unit unit);

} // namespace ink
