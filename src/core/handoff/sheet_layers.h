// A thing as it is cut: of each material one layer, the lowest first.
#pragma once

#include "core/handoff/sheet_plan.h"

namespace ink::detail {

/// A filled frame: what is round it may not come into it.
Outline boxOutline(const Box& box);

/// Of one material, and the place of its thing.
struct MaterialLayer
{
    MaterialCard material;
    std::vector<std::pair<Operation, SharedOutline>> parts;
    bool is_border = false;
};

/// What takes room, and what is cut of it.
struct ThingLayers
{
    /// What takes room.
    SharedOutline footprint;
    /// From the lowest up: the first is placed, the others lie over it.
    std::vector<MaterialLayer> layers;
};

/// Parts of one material are one layer, in the order of the parts, behind all of them the border. Grown by half of what the
/// tool takes away.
/// Errors: those of offset().
Result<ThingLayers> layersOf(const SheetThing& thing, const SheetRequest& request,
                             const SheetSettings& settings, const MaterialCard& usual);

} // namespace ink::detail
