// All names of a list in hoops, as many as fit into each.
#pragma once

#include "core/handoff/sewn_name.h"

#include <span>

namespace ink {

/// What is sewn at one go.
struct Hoop
{
    SewnName sewn;
    /// Which names lie in it, each as often as it does.
    std::vector<std::size_t> names;
};

struct Hoops
{
    std::vector<Hoop> hoops;
    /// Larger than the hoop, whichever way they are turned; could not be made.
    std::vector<std::size_t> left_out;
};

/// Between two names in a hoop: room for what thread pulls, and for scissors (common practice, no source).
inline constexpr double kBetweenNames_mm = 6.0;

/// Placed on their outlines as on a sheet, a name that only so fits turned by a quarter, and brought to the middle of the hoop. Without a
/// hoop all lie in one.
/// Errors: NothingToCut where nothing can be sewn; those of place(); Cancelled.
Result<Hoops> sewnTogether(std::span<const MadeName> names, const StitchSettings& settings,
                           const CancelToken& cancel = {});

} // namespace ink
