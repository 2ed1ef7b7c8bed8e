// What a process can hold: the smallest strokes, gaps and pieces that come out well.
#pragma once

#include "core/design/job.h"

namespace ink {

struct ProcessLimits
{
    /// From here on no care is needed, and below the floor it will fail.
    double stroke_comfortable_mm = 1.0;
    double stroke_floor_mm = 0.5;
    double gap_mm = 0.5;
    double smallest_piece_mm2 = 2.0;
};

/// Defaults, from memory of the trade, no published source; the person may change them.
ProcessLimits defaultLimits(Process process);

} // namespace ink
