#include "core/type/outline_print.h"

#include "core/type/feature_tags.h"

#include "core/type/key_map.h"

#include <hb-ot.h>

#include <array>
#include <cmath>
#include <cstdlib>
#include <cstring>
#include <set>

namespace ink {
namespace {

constexpr std::int32_t kEdge = 3;
constexpr double kShare = 0.01;
/// Of tiny glyphs, a full stop for example, a share alone would be less than rounding.
constexpr std::int32_t kLength = 12;
constexpr std::int32_t kArea = 1500;

GlyphPrint printOf(const FontFace& face, char32_t character, std::uint32_t glyph)
{
    const double scale = 1000.0 / face.info().units_per_em;
    const auto whole = [&](double value) { return static_cast<std::int32_t>(std::lround(value)); };
    GlyphPrint print;
    print.character = character;
    print.advance = whole(face.advance_fu(glyph) * scale);
    const Paths paths = face.glyphOutline(glyph);
    if (paths.empty())
        return print;
    const Box box = bounds(paths);
    print.left = whole(box.x0 * scale);
    print.bottom = whole(box.y0 * scale);
    print.right = whole(box.x1 * scale);
    print.top = whole(box.y1 * scale);
    double area = 0.0, length = 0.0;
    for (const auto& contour : paths) {
        area += contour.signedArea();
        length += contour.arcLength();
    }
    // TrueType draws outer rings clockwise, CFF the other way.
    print.area = whole(std::abs(area) * scale * scale);
    print.length = whole(length * scale);
    return print;
}

std::vector<std::string> featuresOf(const FontFace& face)
{
    std::set<std::string> tags;
    for (const hb_tag_t table : {HB_OT_TAG_GSUB, HB_OT_TAG_GPOS}) {
        auto* hb_face = hb_font_get_face(face.handle());
        for (const hb_tag_t some : detail::featureTags(hb_face, table)) {
            std::array<char, 4> tag{};
            hb_tag_to_string(some, tag.data());
            tags.emplace(tag.data(), tag.size());
        }
    }
    return {tags.begin(), tags.end()};
}

bool isNear(std::int32_t a, std::int32_t b, std::int32_t least)
{
    return std::abs(a - b) <= std::max(least, static_cast<std::int32_t>(kShare * std::max(a, b)));
}

bool areAlike(const GlyphPrint& a, const GlyphPrint& b)
{
    if (a.hasInk() != b.hasInk())
        return false;
    const auto isEdgeNear = [](std::int32_t x, std::int32_t y) { return std::abs(x - y) <= kEdge; };
    return isEdgeNear(a.left, b.left) && isEdgeNear(a.right, b.right) && isEdgeNear(a.bottom, b.bottom) &&
           isEdgeNear(a.top, b.top) && isNear(a.length, b.length, kLength) && isNear(a.area, b.area, kArea);
}

void put(std::string& bytes, std::uint32_t number)
{
    for (int shift = 0; shift < 32; shift += 8)
        bytes.push_back(static_cast<char>(number >> shift));
}

class Reader
{
public:
    explicit Reader(std::string_view bytes) : m_bytes(bytes) {}

    std::uint32_t number()
    {
        if (m_bytes.size() < 4) {
            m_is_short = true;
            return 0;
        }
        std::uint32_t value = 0;
        for (unsigned i = 0; i < 4; ++i)
            value |= std::uint32_t{static_cast<unsigned char>(m_bytes[i])} << (8 * i);
        m_bytes.remove_prefix(4);
        return value;
    }
    std::int32_t signedNumber() { return static_cast<std::int32_t>(number()); }
    std::string tag()
    {
        const std::string text(m_bytes.substr(0, 4));
        number();
        return text;
    }
    bool isShort() const { return m_is_short; }
    bool isAtEnd() const { return m_bytes.empty(); }

private:
    std::string_view m_bytes;
    bool m_is_short = false;
};

} // namespace

OutlinePrint outlinePrintOf(const FontFace& face)
{
    OutlinePrint print;
    const KeyMap map = keyMapOf(face);
    print.glyph_count = face.glyphCount();
    print.character_count = static_cast<std::uint32_t>(map.characters.size());
    const std::size_t count = std::min(map.characters.size(), OutlinePrint::kMostCharacters);
    print.glyphs.reserve(count);
    for (std::size_t i = 0; i < count; ++i)
        print.glyphs.push_back(printOf(face, map.characters[i].character, map.characters[i].glyph_id));
    print.features = featuresOf(face);
    return print;
}

std::string bytesOf(const OutlinePrint& print)
{
    std::string bytes;
    for (const std::uint32_t number :
         {print.glyph_count, print.character_count, static_cast<std::uint32_t>(print.features.size()),
          static_cast<std::uint32_t>(print.glyphs.size())})
        put(bytes, number);
    for (const auto& feature : print.features)
        bytes += (feature + "    ").substr(0, 4);
    for (const auto& g : print.glyphs) {
        put(bytes, g.character);
        for (const std::int32_t number : {g.advance, g.left, g.bottom, g.right, g.top, g.area, g.length})
            put(bytes, static_cast<std::uint32_t>(number));
    }
    return bytes;
}

std::optional<OutlinePrint> outlinePrintFrom(std::string_view bytes)
{
    Reader reader(bytes);
    OutlinePrint print;
    print.glyph_count = reader.number();
    print.character_count = reader.number();
    const auto features = reader.number(), glyphs = reader.number();
    if (glyphs > OutlinePrint::kMostCharacters || features > bytes.size() / 4)
        return std::nullopt;
    for (std::uint32_t i = 0; i < features; ++i)
        print.features.push_back(reader.tag());
    for (std::uint32_t i = 0; i < glyphs && !reader.isShort(); ++i) {
        GlyphPrint g;
        g.character = reader.number();
        for (auto* number : {&g.advance, &g.left, &g.bottom, &g.right, &g.top, &g.area, &g.length})
            *number = reader.signedNumber();
        print.glyphs.push_back(g);
    }
    if (reader.isShort() || !reader.isAtEnd())
        return std::nullopt;
    return print;
}

PrintComparison compared(const OutlinePrint& first, const OutlinePrint& second)
{
    PrintComparison result;
    auto a = first.glyphs.begin();
    auto b = second.glyphs.begin();
    while (a != first.glyphs.end() || b != second.glyphs.end()) {
        if (b == second.glyphs.end() || (a != first.glyphs.end() && a->character < b->character)) {
            result.only_first.push_back((a++)->character);
        } else if (a == first.glyphs.end() || b->character < a->character) {
            result.only_second.push_back((b++)->character);
        } else {
            if (a->hasInk() || b->hasInk()) {
                ++result.shared;
                if (areAlike(*a, *b))
                    ++result.alike;
                else
                    result.drawn_differently.push_back(a->character);
            }
            ++a;
            ++b;
        }
    }
    return result;
}

bool PrintComparison::areSameOutlines() const
{
    constexpr double kMostAlike = 0.97, kMostShared = 0.8;
    const double smaller = static_cast<double>(shared + std::min(only_first.size(), only_second.size()));
    return shared > 0 && static_cast<double>(alike) >= kMostAlike * static_cast<double>(shared) &&
           static_cast<double>(shared) >= kMostShared * smaller;
}

} // namespace ink
