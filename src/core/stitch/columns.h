// Strokes as columns of rungs between two rails: what a satin stitch goes to and fro on.
#pragma once

#include "core/stitch/ink_rays.h"
#include "core/stitch/stitch_settings.h"
#include "core/stitch/strokes.h"

#include <span>
#include <vector>

namespace ink {

/// Thinner ones are sewn as a line (common practice, no source).
inline constexpr double kThinnestSatin_mm = 0.55;

struct Rung
{
    Point centre, left, right;

    double width() const { return length(left - right); }
};

struct Column
{
    std::vector<Rung> rungs;
    /// The last rung is the first again.
    bool is_ring = false;
    /// Which strokes it meets, by the crossings both pass.
    std::vector<std::size_t> crossings;

    double least_width_mm = 0.0, width_mm = 0.0, most_width_mm = 0.0;
    /// Chosen by the person; else by its width.
    std::optional<SewnAs> as = {};
};

/// Each stroke as a column, two where it turns by more than 75 degrees within its width: one runs on to the far edge, the other
/// ends under it. Free ends reach the outline; ends at a stroke lie 0.5 under it. Rails lie on the outline, and where another
/// stroke joins they go straight on. No rung crosses the next.
/// Units:  mm.
std::vector<Column> columnsOf(const AxisStrokes& strokes, const InkRays& rays);

/// A dot, which has no stroke: one column across it, along its longer side.
Column columnOfDot(const Outline& dot, const InkRays& rays);

} // namespace ink
