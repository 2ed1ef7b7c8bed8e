#include "core/type/key_map.h"

#include "core/type/shape.h"

#include <hb-ot.h>
#include <hb.h>

#include <unicode/uchar.h>

#include <array>
#include <cstdio>
#include <memory>

namespace ink {

bool isPrivateUse(char32_t c)
{
    return (c >= 0xE000 && c <= 0xF8FF) || (c >= 0xF0000 && c <= 0xFFFFD) || (c >= 0x100000 && c <= 0x10FFFD);
}

KeyMap keyMapOf(const FontFace& face)
{
    KeyMap map;
    const std::unique_ptr<hb_set_t, decltype(&hb_set_destroy)> characters(hb_set_create(), hb_set_destroy);
    hb_face_collect_unicodes(hb_font_get_face(face.handle()), characters.get());
    std::vector<bool> has_key(face.glyphCount()), has_public_key(face.glyphCount());
    for (hb_codepoint_t c = HB_SET_VALUE_INVALID; hb_set_next(characters.get(), &c);) {
        const auto glyph = face.glyphOf(c);
        if (glyph == 0 || glyph >= has_key.size())
            continue;
        map.characters.push_back({c, glyph, face.glyphName(glyph)});
        has_key[glyph] = true;
        if (!isPrivateUse(c))
            has_public_key[glyph] = true;
    }
    for (const auto& mapped : map.characters)
        if (!has_public_key[mapped.glyph_id])
            map.private_only.push_back(mapped);
    for (std::uint32_t glyph = 1; glyph < has_key.size(); ++glyph)
        if (!has_key[glyph])
            map.without_key.push_back({0, glyph, face.glyphName(glyph)});
    return map;
}

std::string keyName(char32_t character)
{
    if (character == U' ')
        return "Space";
    if (!isPrivateUse(character) && u_isgraph(static_cast<UChar32>(character)))
        return toUtf8(character);
    std::array<char, 16> code{};
    std::snprintf(code.data(), code.size(), "U+%04X", static_cast<unsigned>(character));
    return code.data();
}

} // namespace ink
