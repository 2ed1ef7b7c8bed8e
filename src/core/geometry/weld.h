// The weld: glyphs that overlap become pieces that a knife can follow.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/path.h"

#include <cstddef>
#include <span>

namespace ink {

struct WeldOptions
{
    /// Size of the em in the units of the coordinates; 1/1000 of it is the unit u of docs/weld.md.
    double units_per_em = 1000.0;
    CancelToken cancel;
};

struct WeldStats
{
    std::size_t nodes_before = 0;
    /// Places where the outline changes from one curve to another away from their ends.
    std::size_t crossings = 0;
    /// Crossings that could not be refined on the two curves (tangents) and lie on a chord instead,
    /// at most 0.25 u off.
    std::size_t unrefined = 0;
    /// Edges whose curve was not found again; they stay as lines. Always 0 so far.
    std::size_t lost_edges = 0;
};

/// Union of glyphs under the non-zero rule, first within each glyph, then over all of them, so that a
/// glyph drawn in the wrong direction does not cancel its neighbours. Curves stay the curves of the glyphs.
/// Units:  coordinates in any unit, y up; tolerances follow options.units_per_em.
/// Shape:  rings in any direction; result outer rings counter-clockwise, middles clockwise, pieces
///         from left to right. Empty in, empty out. Rings smaller than 1 u^2 are left out.
/// Errors: NonFinite, CoordinateOutOfRange (beyond 4,000 em), TooManyNodes, WeldFailed, Cancelled.
/// Source: B. R. Vatti, "A generic solution to polygon clipping", CACM 35(7), 1992, for the sweep
///         (the clipping library); curves kept by provenance, docs/decisions/0003.
Result<Outline> weld(std::span<const Paths> glyphs, const WeldOptions& options = {},
                     WeldStats* stats = nullptr);

} // namespace ink
