// One line of text to placed glyphs.
#pragma once

#include "core/base/result.h"
#include "core/type/font_face.h"

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// Letter spacing that can be asked for.
inline constexpr double kMinTracking_em = -1.0;
inline constexpr double kMaxTracking_em = 10.0;

/// A form chosen for letters by its glyph, whatever leads to it in the font.
struct WornGlyph
{
    /// Bytes of the line that the glyph stands for: one letter, or the letters of a ligature.
    std::uint32_t byte = 0;
    std::uint32_t bytes = 1;
    std::uint32_t glyph_id = 0;

    friend bool operator==(const WornGlyph&, const WornGlyph&) = default;
};

struct ShapeOptions
{
    /// As people write them: "ss01,swsh=1,-liga"; empty for the font's own defaults.
    std::string features;
    /// Added after every letter (a letter with its marks counts once), in em.
    double tracking_em = 0.0;
    /// In the order of the line, not overlapping.
    std::vector<WornGlyph> worn = {};
};

struct PlacedGlyph
{
    std::uint32_t glyph_id = 0;
    /// Byte in the line where the letters of this glyph begin.
    std::uint32_t cluster = 0;
    /// Where the glyph's origin stands on the line, from the line's left end.
    double x_fu = 0.0;
    double y_fu = 0.0;
    double advance_fu = 0.0;
};

struct ShapedLine
{
    /// From left to right, as they are drawn.
    std::vector<PlacedGlyph> glyphs;
    double advance_fu = 0.0;
    bool is_right_to_left = false;
    /// Characters the font lacks, each once, in the order they appear. They are not among the glyphs.
    std::u32string missing;
};

/// Shapes one line: kerning, ligatures, contextual forms, marks, and mixed directions. Worn glyphs take part
/// in kerning and in the placing of marks; what the font would substitute for them is not asked.
/// Units:  font units; `line` is UTF-8 without line breaks.
/// Errors: TextNotUtf8, BadFeature, TrackingOutOfRange (outside -1 to 10 em).
/// Source: Unicode Standard Annex 9 (order of runs, by ICU), OpenType 1.9 GSUB and GPOS (by HarfBuzz);
///         spacing per typographic unit as in CSS Text 3, letter-spacing.
Result<ShapedLine> shapeLine(const FontFace& face, std::string_view line, const ShapeOptions& options = {});

/// True when the bytes are well-formed UTF-8 without NUL.
bool isValidUtf8(std::string_view text);

/// A letter or a digit of any script, marks included: what stands in a word.
bool isWordCharacter(char32_t character);
bool isCapital(char32_t character);
bool isSmallLetter(char32_t character);

/// The characters of well-formed UTF-8.
std::u32string toUtf32(std::string_view text);

/// UTF-8 of one character.
std::string toUtf8(char32_t character);
/// With spaces between them, to be read by people.
std::string listed(const std::u32string& characters);

} // namespace ink
