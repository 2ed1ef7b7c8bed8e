// Ink that no cover reaches.
#pragma once

#include "core/stitch/columns.h"
#include "core/stitch/ink_rays.h"

namespace ink {

/// Ink that no column covers, as rows, and where from a column it is reached.
struct Patch
{
    std::vector<Point> points;
    std::size_t column = 0, rung = 0;
};

/// What the covers of the columns leave open, as rows that reach under them. A row goes as far as the open ink does.
/// Shape:  `rays` are of the piece.
std::vector<Patch> patchesOf(const Outline& piece, const std::vector<Column>& columns,
                             const StitchSettings& settings, const InkRays& rays);

} // namespace ink
