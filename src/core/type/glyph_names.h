// What a glyph's name says about the letters it stands for.
#pragma once

#include <functional>
#include <optional>
#include <string>
#include <string_view>

namespace ink {

struct NameReading
{
    /// One letter, or the letters of a ligature.
    std::u32string letters;
    /// "A.swash" follows the rules; "Aswash" and "swash-A" are habits.
    bool by_rule = false;
    /// What stands beside the letters' names, in small letters: "swash", "end2".
    std::string rest;
};

/// The character of one component of a glyph name: a name of the list, "uni0041", "u1F41D"; 0 when it is
/// none.
/// Source: Adobe Glyph List Specification 1.7, section 2, with the Adobe Glyph List For New Fonts.
char32_t characterOfName(std::string_view component);

/// Drops what follows the first full stop, splits at underscores, and looks the parts up; a name that the
/// rules do not read is tried by habits of font makers (common practice, no source). `known` may know names
/// that the list does not, such as those of the font's own keys; it returns 0 for others.
std::optional<NameReading> readGlyphName(std::string_view name,
                                         const std::function<char32_t(std::string_view)>& known = {});

} // namespace ink
