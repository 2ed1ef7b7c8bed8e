// What a hand can take hold of on shaped words, and what the shape becomes when it pulls there.
#pragma once

#include "core/design/setting.h"

#include <vector>

namespace ink {

/// The places of the handles, on the straight words (in u, about the block's own origin): one for shapes with
/// one figure, four for free corners, none where there is nothing to pull.
std::vector<Point> shapeHandles(const SetBlock& block);

/// The shape after its handle was pulled from `from` to `to`, both on the paper in u about the block's
/// origin. The figure is a whole number; corners that would turn the words over stay where they were.
WordShape pulled(const SetBlock& block, const WordShape& before, std::size_t handle, Point from, Point to);

} // namespace ink
