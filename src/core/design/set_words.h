// Plain words in a font: placed glyph outlines, as Find measures them.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/weld.h"
#include "core/type/font_face.h"
#include "core/type/shape.h"

#include <string>
#include <vector>

namespace ink {

struct PlacedLine
{
    ShapedLine shaped;
    /// Where the line starts, in font units; lines stack downwards from y = 0.
    double x_fu = 0.0;
    double baseline_fu = 0.0;
};

/// Which letters a glyph with ink stands for.
struct LetterRef
{
    std::size_t line = 0;
    /// Index of the glyph in its line, as shaped.
    std::size_t glyph = 0;
};

/// Words set in a font, before welding.
struct SetWords
{
    std::vector<PlacedLine> lines;
    /// One entry for each glyph with ink, in font units, placed.
    std::vector<PlacedPaths> glyphs_fu;
    /// One for each of glyphs_fu.
    std::vector<LetterRef> letters;
    std::u32string missing;
};

/// Shapes every line and places the outlines; lines start at the left, or end at the right where the writing
/// runs from right to left.
/// Errors: those of checkWords and shapeLine; NoGlyphs when the font has none of the letters; NothingToCut
///         when they leave no ink; Cancelled.
Result<SetWords> setWords(const FontFace& face, const std::string& words, const ShapeOptions& options,
                          const CancelToken& cancel = {});

} // namespace ink
