// Letters that come as stitches, where they come to stand.
#pragma once

#include "core/alphabet/alphabet.h"
#include "core/design/setting.h"

#include <memory>
#include <string>
#include <vector>

namespace ink {

struct StandingSewnLetter
{
    std::shared_ptr<const Alphabet> alphabet;
    /// Of the alphabet.
    std::size_t letter = 0;
    /// The first character of the words it stands for.
    std::size_t character = 0;
    /// From the letter's own mm to those of the design.
    Affine to_mm;
    /// Of its thread, as the person calls it; empty for the job's.
    std::string colour;

    const SewnLetter& sewn() const { return alphabet->letters[letter]; }
};

/// In the order of the words. `to_mm` brings u of the setting to mm of the design.
std::vector<StandingSewnLetter> sewnLettersOf(const Setting& setting, const Affine& to_mm,
                                              const Lettering& lettering, const FindLetters& letters);

/// How much larger than it was made a letter stands, at its narrowest and its widest; mirrored or turned is no size.
struct SewnScale
{
    double least = 1.0, most = 1.0;

    /// Its points may be moved that far (kLeastScale, kMostScale).
    bool isWithin() const;
};
SewnScale scaleOf(const Affine& to_mm);

/// The size of the capitals that is nearest to the one that is asked for and can be sewn.
double nearestSize_mm(const StandingSewnLetter& letter);

} // namespace ink
