// Areas in rows of stitches.
#pragma once

#include "core/geometry/path.h"

#include <vector>

namespace ink {

struct FillSettings
{
    /// Between rows.
    double spacing_mm = 0.4;
    double stitch_mm = 3.5;
    /// Of the rows; 0 is level, counter-clockwise.
    double angle_deg = 45.0;
    /// Each row longer by this at both ends; negative keeps off the edge.
    double beyond_mm = 0.1;
};

/// Rows across the ink, staggered by quarters so that no seam shows, cut by the outline. Parts without a fork are sewn one after
/// the other; on the way from one to the next the thread runs inside the ink. One line of needle points for each part that holds
/// together.
/// Units:  mm.
/// Source: sweep into monotone parts (H. Choset, "Coverage of known spaces: the boustrophedon cellular decomposition",
///         Autonomous Robots 9, 2000).
std::vector<std::vector<Point>> fillRows(const Outline& outline, const FillSettings& settings);

} // namespace ink
