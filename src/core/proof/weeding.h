// How much work it is to pick out what does not belong to the words.
#pragma once

#include "core/proof/outline_proof.h"

namespace ink {

/// From memory of the trade, no source; the person may change them.
struct WeedingRule
{
    double s_a_part = 3.0;
    double small_mm2 = 4.0;
    double s_more_when_small = 2.0;
    /// Edge lifted in a second.
    double mm_a_s = 50.0;

    friend bool operator==(const WeedingRule&, const WeedingRule&) = default;
};

/// Largest of the figures of a WeedingRule.
inline constexpr double kMostWeedingFigure = 1000.0;

struct Weeding
{
    /// Middles, and what lies around the words.
    std::size_t parts = 0;
    /// Of the parts that are middles; 0 where there is none.
    double smallest_mm2 = 0.0;
    double edge_mm = 0.0;
    double minutes = 0.0;
};

/// What makes weeding easier, cut along with the words.
struct WeedingHelp
{
    /// Of a frame round the words; 0 for none.
    double frame_mm = 0.0;
    /// Lines that part the waste inside the frame, from its left to its right side, not nearer than this to ink; 0 for none.
    double parting_mm = 0.0;
    /// How long it takes, as the person works.
    WeedingRule rule = {};

    friend bool operator==(const WeedingHelp&, const WeedingHelp&) = default;
};
/// The frame, and straight lines up and down between the pieces where there is room.
std::vector<OpenPath> weedingLines(const Outline& outline_mm, const WeedingHelp& help);

/// `proof` in mm; `lines` are what weedingLines() cuts along with it: each upright parts the waste once more.
Weeding weedingOf(const OutlineProof& proof, const WeedingRule& rule = {},
                  std::span<const OpenPath> lines = {});

} // namespace ink
