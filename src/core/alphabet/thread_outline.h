// The ink that threads make: what a sewn letter looks like.
#pragma once

#include "core/geometry/path.h"
#include "core/stitch/stitch_plan.h"

namespace ink {

/// The outline of all stitches, each as wide as thread lies; rows of one patch run together. Straight lines within 0.08 mm of it,
/// for letters over 100 mm within 1/1000 of them; specks of less than one thread's round are left out.
/// Shape:  a valid outline in mm, empty without a stitch.
Outline threadOutline(const NeedleWork& work);

} // namespace ink
