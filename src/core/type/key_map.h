// What sits on which key, and what has no key.
#pragma once

#include "core/type/font_face.h"

#include <vector>

namespace ink {

struct MappedGlyph
{
    char32_t character = 0;
    std::uint32_t glyph_id = 0;
    std::string name;
};

struct KeyMap
{
    /// Every character of the font, in the order of Unicode.
    std::vector<MappedGlyph> characters;
    /// Glyphs that no character leads to (`character` is 0), without .notdef.
    std::vector<MappedGlyph> without_key;
    /// Those of `characters` in the Private Use Area whose glyph no other character leads to.
    std::vector<MappedGlyph> private_only;
};

/// Source: OpenType 1.9, `cmap`; the Private Use Areas of the Unicode Standard, section 23.5.
KeyMap keyMapOf(const FontFace& face);

bool isPrivateUse(char32_t character);

/// "A", "Space", or "U+E001" for what cannot be shown.
std::string keyName(char32_t character);

} // namespace ink
