// Figures of a finished outline.
#pragma once

#include "core/geometry/path.h"

namespace ink {

/// Units:  those of the outline (mm for a finished design).
struct OutlineFigures
{
    std::size_t pieces = 0;
    std::size_t middles = 0;
    std::size_t nodes = 0;
    double area = 0.0;
    /// Length of all rings together: what the knife travels while it cuts.
    double cut_length = 0.0;
    Box box;
};

OutlineFigures measure(const Outline& outline);

} // namespace ink
