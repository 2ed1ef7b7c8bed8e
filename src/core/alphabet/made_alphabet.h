// A font as a stitched alphabet.
#pragma once

#include "core/alphabet/alphabet.h"
#include "core/base/cancel.h"
#include "core/stitch/stitch_settings.h"
#include "core/type/font_face.h"

#include <string>
#include <vector>

namespace ink {

struct MadeAlphabet
{
    Alphabet alphabet;
    /// Characters that were asked for and are not in it, each with the reason.
    struct Missing
    {
        std::string letter, reason;
    };
    std::vector<Missing> missing;
};

/// What most people write: letters, figures and a few signs.
std::string usualLetters();

/// Each letter planned by itself, as it would be in a word; its foot is the font's baseline, its room that of the font.
/// Units:  `size_mm` is the height of the capitals.
/// Errors: SizeOutOfRange (5 to 200 mm), NoGlyphs, TextNotUtf8, Cancelled.
Result<MadeAlphabet> madeAlphabet(const FontFace& face, double size_mm, const StitchSettings& settings,
                                  const std::string& letters = usualLetters(),
                                  const CancelToken& cancel = {});

} // namespace ink
