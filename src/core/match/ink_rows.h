// How lettering lies over the rows of its picture, whatever its spacing.
#pragma once

#include <vector>

namespace ink {

struct InkRows
{
    /// Of the ink: its mean row, and the standard deviation from it.
    double mean = 0.0, spread = 0.0;
    /// Where a tenth and nine tenths of it lie below: one swash or one speck does not move them far.
    double tenth = 0.0, nine_tenths = 0.0;
    double bottom = 0.0, top = 0.0;
};

/// Units: rows. `sums` of ink (255 for a full pixel) from the lowest row up, whose lower edge is `first`.
InkRows rowsOf(const std::vector<double>& sums, double first);

} // namespace ink
