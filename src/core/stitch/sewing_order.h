// The columns of one piece as one run of the needle.
#pragma once

#include "core/stitch/columns.h"
#include "core/stitch/patches.h"
#include "core/stitch/satin.h"
#include "core/stitch/stitch_plan.h"
#include "core/stitch/stitch_settings.h"

namespace ink {

/// Columns that share no crossing are reached through the ink, where it is open between them. All are walked depth first: running under the cover to the far end, what joins on the way sewn before
/// it is passed by the cover, the cover on the way back. Begins and ends at the same end of one of them, the nearest to `from`.
std::vector<StitchRun> sewnPiece(const std::vector<Column>& columns, const std::vector<Patch>& patches,
                                 Point from, const StitchSettings& settings, const InkRays& rays);

/// How a column is covered.
SatinSettings coverOf(const Column& column, const StitchSettings& settings);

/// Three stitches on one place that hold the thread, towards `way`.
std::vector<Point> lockAt(Point at, Point way);

/// Too thin for a satin, or chosen so: sewn as a line, there and back.
bool isLine(const Column& column);

} // namespace ink
