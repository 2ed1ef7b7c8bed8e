// The outlines of a face in short: enough to tell that two faces draw the same letters, in whatever format
// and under whatever name.
#pragma once

#include "core/type/font_face.h"

#include <optional>
#include <string>
#include <vector>

namespace ink {

struct GlyphPrint
{
    char32_t character = 0;
    /// In 1/1000 em.
    std::int32_t advance = 0, left = 0, bottom = 0, right = 0, top = 0;
    /// Of the outline as it is drawn, overlaps counted twice: square of 1/1000 em, and 1/1000 em.
    std::int32_t area = 0, length = 0;

    bool hasInk() const { return length > 0; }
    friend bool operator==(const GlyphPrint&, const GlyphPrint&) = default;
};

struct OutlinePrint
{
    /// Changes when prints are counted in another way; kept ones are then made again.
    static constexpr int kVersion = 1;
    /// More characters than this tell nothing new.
    static constexpr std::size_t kMostCharacters = 400;

    /// By character, the first ones of Unicode's order.
    std::vector<GlyphPrint> glyphs;
    std::uint32_t glyph_count = 0, character_count = 0;
    /// Features of GSUB and GPOS, each once, in alphabetical order: "kern", "swsh".
    std::vector<std::string> features;

    friend bool operator==(const OutlinePrint&, const OutlinePrint&) = default;
};

OutlinePrint outlinePrintOf(const FontFace& face);

std::string bytesOf(const OutlinePrint& print);
/// Nothing when these are not the bytes of a print.
std::optional<OutlinePrint> outlinePrintFrom(std::string_view bytes);

struct PrintComparison
{
    /// Characters that both have, and of these those drawn alike.
    std::size_t shared = 0, alike = 0;
    std::vector<char32_t> drawn_differently, only_first, only_second;

    /// Nearly everything shared is drawn alike, and most of the smaller font is shared.
    bool areSameOutlines() const;
};

/// Alike: edges within 3/1000 em, area and length within 1 %: what changing the kind of curves and rounding
/// to whole units leaves. Advances may differ.
PrintComparison compared(const OutlinePrint& first, const OutlinePrint& second);

} // namespace ink
