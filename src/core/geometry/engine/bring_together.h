// Edges that were meant to meet, and miss each other by a hair. Internal to the weld and its family.
#pragma once

#include "core/geometry/engine/chords.h"

#include <deque>
#include <vector>

namespace ink::detail {

/// Letters that were turned, sized, stretched or bent no longer lie on the grid: rounding moves edges that
/// met exactly apart by a step, and the union leaves a slit. Corners of one ring that come nearer to another
/// ring than `reach_grid` are brought onto it: onto its corner, or as a new corner of its chord. Shapes that
/// change are copied to `kept`, and `placed` points to the copies.
void bringTogether(std::vector<PlacedChords>& placed, double reach_grid, std::deque<ChordShape>& kept);

} // namespace ink::detail
