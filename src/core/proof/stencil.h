// Bridges that keep the middles of a stencil in the sheet.
#pragma once

#include "core/proof/mending.h"

namespace ink {

struct StencilAsked
{
    double width_mm = 2.0;
    /// Islands larger than this get two, opposite each other (from memory of the trade, no source).
    double two_from_mm2 = 120.0;
    /// Every middle by the cheapest bridges; else only what was put by hand.
    bool is_by_itself = true;
    std::vector<Point> added, taken_off;
};

struct StencilMade
{
    Outline outline_mm;
    std::vector<StencilBridge> bridges;
};

/// Ties each middle to the sheet, or to a middle that is tied, by bridges across the ink. Cost of a bridge: its length,
/// how far it is from upright, and how near a corner or a fork of the stroke; the cheapest first, until all are tied.
/// Units:  mm.
/// Shape:  `proof` in mm; the ink may fall into more pieces, and has no middle left where all could be tied.
/// Errors: those of combine().
Result<StencilMade> bridgeMiddles(const OutlineProof& proof, const StencilAsked& asked,
                                  const CancelToken& cancel = {});

} // namespace ink
