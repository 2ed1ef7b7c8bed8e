#include "core/proof/meant_runs.h"

#include <algorithm>

namespace ink {
namespace {

/// Of the width: how far the band's middle may stray from the axis.
constexpr double kBandTolerance = 0.02;
constexpr double kMostBandTolerance_u = 1.0;

} // namespace

std::vector<MeantRun> meantRuns(const OutlineProof& proof, bool is_ink, double width, const ChooseRun& choose)
{
    std::vector<MeantRun> out;
    for (const auto& branch : proof.branches())
        if (branch.is_ink == is_ink)
            for (const auto& run : narrowRuns(branch, width))
                if (narrowestOf(branch, run).width < (1.0 - kMendedShare) * width &&
                    isLost(branch, run, width) && (!choose || choose(branch, run)))
                    out.push_back({&branch, run});
    return out;
}

double bandTolerance(double width, Unit unit)
{
    return std::min(kBandTolerance * width, kMostBandTolerance_u * unit.u);
}

} // namespace ink
