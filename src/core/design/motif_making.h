// Motifs made of what stands in the line: whole letters, or a part of an outline.
#pragma once

#include "core/design/setting.h"

#include <span>

namespace ink {

struct MadeMotif
{
    /// Welded, in u: it begins at x = 0 and stands on the baseline it was taken from.
    Paths outline;
    double advance = 0.0;
    /// What its ink is from: fonts, each once, motifs in the line (their characters), and placed pieces and
    /// tails (Setting::pieces).
    std::vector<FontRef> fonts;
    std::vector<std::size_t> motifs;
    std::vector<std::size_t> pieces;
};

/// The letters of these characters as one motif; straight also where their block has a shape.
/// Errors: NothingToCut when they leave no ink; those of weld.
Result<MadeMotif> motifOfLetters(const Setting& setting, std::span<const std::size_t> characters);

/// What of the words and pieces lies within `frame`, as it stands on the paper (u).
/// Errors: NothingToCut when nothing does; those of weld.
Result<MadeMotif> motifOfPart(const Setting& setting, const Box& frame);

} // namespace ink
