// The glyphs of a setting where they stand, bent where their block bends. Internal to composing.
#pragma once

#include "core/design/composed_design.h"

namespace ink {

/// Glyphs at their places in u; `planned` are those that do not come as stitches.
struct PlacedGlyphs
{
    std::vector<PlacedPaths> all, planned;
};

/// Errors: those of weld() and reduceNodes(), Cancelled.
Result<PlacedGlyphs> placedGlyphs(const Setting& setting, const Unit& unit, double rough_mm_per_u,
                                  const ComposeOptions& options);

} // namespace ink
