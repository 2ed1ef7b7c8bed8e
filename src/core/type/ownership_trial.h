// How well the guess, which letter a glyph belongs to, does where the font's tables tell the truth.
#pragma once

#include "core/type/letter_forms.h"

namespace ink {

struct OwnershipFigures
{
    /// Glyphs whose letter the tables tell, how many of them were given a letter, and how many the right one.
    std::size_t told = 0, guessed = 0, right = 0;

    double precision() const { return guessed == 0 ? 1.0 : double(right) / double(guessed); }
    double recall() const { return told == 0 ? 1.0 : double(right) / double(told); }
};

struct OwnershipTrial
{
    OwnershipFigures by_names_and_shapes, by_shapes;
    struct Wrong
    {
        std::uint32_t glyph_id;
        std::u32string told, guessed;
        double confidence;
    };
    /// Of the guesses by shapes alone.
    std::vector<Wrong> wrong;
};

/// Hides the substitutions and compares what is guessed with what they say. The truth: decorative exchanges
/// of one letter or digit of the ASCII range for one glyph; small capitals, figures of other kinds and
/// fractions are other letters and left out.
OwnershipTrial tryOwnership(const FontFace& face);

} // namespace ink
