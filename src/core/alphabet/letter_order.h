// Letters that come as stitches, in the order in which they are sewn.
#pragma once

#include "core/stitch/stitch_plan.h"

#include <string>
#include <vector>

namespace ink {

/// A letter's stitches where they lie, and the thread of each of its parts; the last thread goes on.
struct LyingLetter
{
    NeedleWork work;
    std::vector<std::string> threads;
};

/// Up to here a stitch leads from one letter to the next; further apart the thread is cut (common practice, no source).
inline constexpr double kStitchOver_mm = 2.0;

/// Puts them behind what is there: each letter's parts in their order, letters in that of the words. Parts that come first go onto a layer of
/// their thread that is there already. What is of the same thread in all of them is sewn at one go, unless letters of several threads lie
/// over their neighbours: then what is above has to stay above.
void addLetters(std::vector<StitchLayer>& layers, const std::vector<LyingLetter>& letters,
                bool brings_colours_together = true);

} // namespace ink
