#include "core/formats/xml_text.h"

#include "core/type/shape.h"

namespace ink {
namespace {

bool isXmlCharacter(char32_t c)
{
    return c == U'\t' || c == U'\n' || c == U'\r' || (c >= 0x20 && c <= 0xD7FF) ||
           (c >= 0xE000 && c <= 0xFFFD) || (c >= 0x10000 && c <= 0x10FFFF);
}

} // namespace

std::string xmlText(std::string_view text)
{
    std::string out;
    for (const char32_t c : toUtf32(text))
        if (isXmlCharacter(c))
            out += toUtf8(c);
    return out;
}

} // namespace ink
