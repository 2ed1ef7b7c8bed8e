#include "core/alphabet/alphabet_font.h"

#include "core/alphabet/alphabet_package.h"
#include "core/alphabet/letter_names.h"
#include "core/alphabet/thread_outline.h"
#include "core/alphabet/typed.h"
#include "core/geometry/nesting.h"
#include "core/type/font_builder.h"
#include "core/type/shape.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <map>

namespace ink {
namespace {

constexpr unsigned kUnitsPerEm = 4096;
/// Capitals are this part of the em (common practice, no source).
constexpr double kCapitals = 0.7;
/// 1 January 2026 in seconds since 1904: one day for all, so that the same letters are the same file.
constexpr std::uint32_t kMade_s = 3850070400u;
constexpr double kAscent = 1.0, kDescent = 0.35;
/// Glyphs before the letters: the one for what is missing, and the space.
constexpr std::size_t kBefore = 2;

/// Big-endian, as all of OpenType.
class Bytes
{
public:
    Bytes& u8(unsigned v)
    {
        m_bytes.push_back(static_cast<char>(v & 0xffu));
        return *this;
    }
    Bytes& u16(unsigned v) { return u8(v >> 8).u8(v); }
    Bytes& i16(int v) { return u16(static_cast<unsigned>(v)); }
    Bytes& u32(std::uint32_t v) { return u16(v >> 16).u16(v); }
    Bytes& text(std::string_view v)
    {
        m_bytes += v;
        return *this;
    }
    Bytes& tag(std::string_view four) { return text(four); }
    std::size_t size() const { return m_bytes.size(); }
    const std::string& bytes() const { return m_bytes; }

private:
    std::string m_bytes;
};

struct Glyph
{
    std::string name;
    char32_t character = 0; // none where it is on no key
    Outline outline_mm;
    double advance_mm = 0.0;
};

class FontMaker
{
public:
    FontMaker(const Alphabet& alphabet, std::string package)
        : m_alphabet(alphabet), m_package(std::move(package)), m_per_mm(1.0 / mmPerFontUnit(alphabet))
    {
        m_glyphs.push_back({".notdef", 0, {}, 0.5 * alphabet.size_mm});
        m_glyphs.push_back({"space", U' ', {}, spaceWidth_mm(alphabet)});
        for (const auto& letter : alphabet.letters) {
            const char32_t character = toUtf32(letter.letter)[0];
            const bool is_on_key =
                letter.variant.empty() && letter.confidence >= kSureOfLetter &&
                std::ranges::none_of(m_glyphs, [&](const Glyph& g) { return g.character == character; });
            m_glyphs.push_back({nameOf(letter), is_on_key ? character : 0,
                                transformed(threadOutline(letter.work), {1, 0, 0, 1, letter.before_mm, 0}),
                                letter.advance_mm()});
        }
    }

    std::string font()
    {
        std::map<std::string, std::string> tables;
        addGlyphs(tables); // measures what the tables below tell
        const auto add = [&](std::string_view tag, const Bytes& table) {
            tables.emplace(tag, table.bytes());
        };
        add("head", head());
        add("hhea", hhea());
        add("maxp", maxp());
        add("OS/2", os2());
        add("hmtx", hmtx());
        add("cmap", cmap());
        add("name", name());
        add("post", post());
        if (const auto alternates = gsub(); alternates.size() > 0)
            add("GSUB", alternates);
        Bytes own;
        own.u16(1).u16(0).u32(static_cast<std::uint32_t>(std::lround(m_alphabet.size_mm * 1000.0)));
        add(kSewnTable, own.text(m_package));
        return fontOf(tables);
    }

private:
    static std::string nameOf(const SewnLetter& letter)
    {
        char code[16];
        std::snprintf(code, sizeof code, "uni%04X", static_cast<unsigned>(toUtf32(letter.letter)[0]));
        std::string name = code;
        for (const char c : letter.variant.empty() ? std::string() : "." + letter.variant)
            name.push_back(c == '.' || std::isalnum(static_cast<unsigned char>(c)) ? c : '_');
        return name.substr(0, 60);
    }

    int units(double mm) const
    {
        return static_cast<int>(std::clamp(std::lround(mm * m_per_mm), -30000l, 30000l));
    }

    void addGlyphs(std::map<std::string, std::string>& tables)
    {
        Bytes glyf, loca;
        for (const auto& glyph : m_glyphs) {
            loca.u32(static_cast<std::uint32_t>(glyf.size()));
            m_left.push_back(drawn(glyf, glyph));
            while (glyf.size() % 4 != 0)
                glyf.u8(0);
        }
        loca.u32(static_cast<std::uint32_t>(glyf.size()));
        tables.emplace("glyf", glyf.bytes());
        tables.emplace("loca", loca.bytes());
    }

    /// A simple glyph, all of its points on the curve; its left edge is returned.
    int drawn(Bytes& glyf, const Glyph& glyph)
    {
        std::vector<std::vector<std::pair<int, int>>> rings;
        for (const auto& contour : toPaths(glyph.outline_mm)) {
            std::vector<std::pair<int, int>> ring;
            for (const auto& segment : contour.reversed().segments) { // TrueType: outer rings clockwise
                const std::pair at{units(segment.start().x), units(segment.start().y)};
                if (ring.empty() || ring.back() != at)
                    ring.push_back(at);
            }
            if (ring.size() > 2)
                rings.push_back(std::move(ring));
        }
        if (rings.empty())
            return 0;
        int x0 = 1 << 20, y0 = x0, x1 = -x0, y1 = -x0;
        std::size_t points = 0;
        for (const auto& ring : rings) {
            points += ring.size();
            for (const auto& [x, y] : ring) {
                x0 = std::min(x0, x);
                x1 = std::max(x1, x);
                y0 = std::min(y0, y);
                y1 = std::max(y1, y);
            }
        }
        glyf.i16(static_cast<int>(rings.size())).i16(x0).i16(y0).i16(x1).i16(y1);
        std::size_t end = 0;
        for (const auto& ring : rings)
            glyf.u16(static_cast<unsigned>((end += ring.size()) - 1));
        glyf.u16(0); // no instructions
        for (std::size_t i = 0; i < points; ++i)
            glyf.u8(1); // on the curve, both steps in two bytes
        for (const bool is_across : {true, false}) {
            int last = 0;
            for (const auto& ring : rings)
                for (const auto& [x, y] : ring) {
                    const int value = is_across ? x : y;
                    glyf.i16(value - last);
                    last = value;
                }
        }
        m_box = {std::min(m_box.x0, double(x0)), std::min(m_box.y0, double(y0)),
                 std::max(m_box.x1, double(x1)), std::max(m_box.y1, double(y1))};
        m_most_points = std::max(m_most_points, points);
        m_most_rings = std::max(m_most_rings, rings.size());
        return x0;
    }

    Bytes head() const
    {
        Bytes b;
        b.u32(0x00010000).u32(0x00010000).u32(0).u32(0x5F0F3CF5).u16(0x0003).u16(kUnitsPerEm);
        b.u32(0).u32(kMade_s).u32(0).u32(kMade_s);
        b.i16(int(m_box.x0)).i16(int(m_box.y0)).i16(int(m_box.x1)).i16(int(m_box.y1));
        b.u16(0).u16(8).i16(2).i16(1).i16(0); // long offsets
        return b;
    }

    Bytes hhea() const
    {
        int most = 0;
        for (const auto& glyph : m_glyphs)
            most = std::max(most, units(glyph.advance_mm));
        Bytes b;
        b.u32(0x00010000).i16(int(kAscent * kUnitsPerEm)).i16(-int(kDescent * kUnitsPerEm)).i16(0);
        b.u16(unsigned(std::max(0, most))).i16(int(m_box.x0)).i16(0).i16(int(m_box.x1)).i16(1).i16(0).i16(0);
        for (int i = 0; i < 5; ++i)
            b.i16(0);
        b.u16(unsigned(m_glyphs.size()));
        return b;
    }

    Bytes maxp() const
    {
        Bytes b;
        b.u32(0x00010000)
            .u16(unsigned(m_glyphs.size()))
            .u16(unsigned(m_most_points))
            .u16(unsigned(m_most_rings));
        for (const unsigned v : {0u, 0u, 2u, 0u, 0u, 0u, 0u, 0u, 0u, 0u, 0u})
            b.u16(v);
        return b;
    }

    Bytes os2() const
    {
        char32_t first = 0xffff, last = 0;
        for (const auto& glyph : m_glyphs)
            if (glyph.character != 0) {
                first = std::min(first, glyph.character);
                last = std::max(last, glyph.character);
            }
        const int em = int(kUnitsPerEm);
        Bytes b;
        b.u16(4).i16(em / 2).u16(400).u16(5).u16(
            0); // may be embedded: what may be done with it stands in its documents
        for (const int v : {em * 65 / 100, em * 60 / 100, 0, em * 8 / 100, em * 65 / 100, em * 60 / 100, 0,
                            em * 35 / 100, em * 5 / 100, em * 25 / 100, 0})
            b.i16(v);
        b.text(std::string(10, '\0')).u32(1).u32(0).u32(0).u32(0).tag("NONE").u16(0x0040);
        b.u16(unsigned(std::min<char32_t>(first, 0xffff))).u16(unsigned(std::min<char32_t>(last, 0xffff)));
        b.i16(int(kAscent * em)).i16(-int(kDescent * em)).i16(0);
        b.u16(unsigned(std::max(kAscent * em, m_box.y1))).u16(unsigned(std::max(kDescent * em, -m_box.y0)));
        b.u32(1).u32(0).i16(units(xHeight_mm())).i16(units(m_alphabet.size_mm)).u16(0).u16(' ').u16(2);
        return b;
    }

    double xHeight_mm() const
    {
        const auto* x = m_alphabet.find("x");
        return x ? x->box_mm.y1 : 0.7 * m_alphabet.size_mm;
    }

    Bytes hmtx() const
    {
        Bytes b;
        for (std::size_t i = 0; i < m_glyphs.size(); ++i)
            b.u16(unsigned(std::max(0, units(m_glyphs[i].advance_mm)))).i16(m_left[i]);
        return b;
    }

    Bytes cmap() const
    {
        std::map<char32_t, std::size_t> keys;
        for (std::size_t i = 0; i < m_glyphs.size(); ++i)
            if (m_glyphs[i].character != 0)
                keys.emplace(m_glyphs[i].character, i);
        Bytes b;
        b.u16(0).u16(1).u16(3).u16(10).u32(12); // one table: Windows, all of Unicode
        b.u16(12).u16(0).u32(static_cast<std::uint32_t>(16 + 12 * keys.size())).u32(0);
        b.u32(static_cast<std::uint32_t>(keys.size()));
        for (const auto& [character, glyph] : keys)
            b.u32(character).u32(character).u32(static_cast<std::uint32_t>(glyph));
        return b;
    }

    Bytes name() const
    {
        const std::string style = std::to_string(std::lround(m_alphabet.size_mm)) + " mm";
        std::string family = m_alphabet.name;
        if (const std::string end = " " + style; family.size() > end.size() && family.ends_with(end))
            family.resize(family.size() - end.size());
        if (family.empty())
            family = "Stitched letters";
        std::string post_script;
        for (const char c : family + "-Stitched" + std::to_string(std::lround(m_alphabet.size_mm)))
            if (std::isalnum(static_cast<unsigned char>(c)) || c == '-')
                post_script.push_back(c);
        const std::vector<std::pair<unsigned, std::string>> names{{0, ""},
                                                                  {1, family},
                                                                  {2, style},
                                                                  {3, post_script},
                                                                  {4, family + " " + style},
                                                                  {5, "Version 1"},
                                                                  {6, post_script.substr(0, 63)},
                                                                  {10, m_alphabet.source},
                                                                  {13, m_alphabet.rights}};
        Bytes records, texts;
        unsigned count = 0;
        for (const auto& [id, text] : names) {
            if (text.empty())
                continue;
            const std::size_t from = texts.size();
            for (const char32_t c : toUtf32(text.substr(0, 4000)))
                if (c < 0x10000)
                    texts.u16(unsigned(c));
                else
                    texts.u16(0xd800u + unsigned((c - 0x10000) >> 10))
                        .u16(0xdc00u + unsigned((c - 0x10000) & 0x3ff));
            records.u16(3).u16(1).u16(0x409).u16(id).u16(unsigned(texts.size() - from)).u16(unsigned(from));
            ++count;
        }
        Bytes b;
        b.u16(0).u16(count).u16(6 + 12 * count).text(records.bytes()).text(texts.bytes());
        return b;
    }

    Bytes post() const
    {
        constexpr unsigned kStandardNames = 258;
        Bytes b;
        b.u32(0x00020000).u32(0).i16(-300).i16(150).u32(0).u32(0).u32(0).u32(0).u32(0);
        b.u16(unsigned(m_glyphs.size()));
        for (std::size_t i = 0; i < m_glyphs.size(); ++i)
            b.u16(kStandardNames + unsigned(i));
        for (const auto& glyph : m_glyphs)
            b.u8(unsigned(glyph.name.size())).text(glyph.name);
        return b;
    }

    /// Other forms of a letter: one alternate lookup under `salt`.
    Bytes gsub() const
    {
        std::map<std::size_t, std::vector<std::size_t>> forms;
        for (std::size_t i = 0; i < m_alphabet.letters.size(); ++i) {
            const auto& letter = m_alphabet.letters[i];
            if (letter.variant.empty() || letter.confidence < kSureOfLetter)
                continue;
            const char32_t character = toUtf32(letter.letter)[0];
            const auto usual = std::ranges::find(m_glyphs, character, &Glyph::character);
            if (usual != m_glyphs.end())
                forms[std::size_t(usual - m_glyphs.begin())].push_back(i + kBefore);
        }
        Bytes b;
        if (forms.empty())
            return b;
        const unsigned n = unsigned(forms.size());
        b.u16(1).u16(0).u16(10).u16(30).u16(44);
        // Scripts: DFLT with one language system that has the one feature. From 10.
        b.u16(1).tag("DFLT").u16(8).u16(4).u16(0).u16(0).u16(0xffff).u16(1).u16(0);
        // Features, from 30: salt with the one lookup.
        b.u16(1).tag("salt").u16(8).u16(0).u16(1).u16(0);
        // Lookups, from 44: alternate substitution.
        b.u16(1).u16(4).u16(3).u16(0).u16(1).u16(8);
        Bytes sets, offsets;
        const unsigned first = 6 + 2 * n;
        for (const auto& [usual, others] : forms) {
            offsets.u16(first + unsigned(sets.size()));
            sets.u16(unsigned(others.size()));
            for (const auto other : others)
                sets.u16(unsigned(other));
        }
        b.u16(1).u16(first + unsigned(sets.size())).u16(n).text(offsets.bytes()).text(sets.bytes());
        b.u16(1).u16(n); // the usual forms
        for (const auto& form : forms)
            b.u16(unsigned(form.first));
        return b;
    }

    const Alphabet& m_alphabet;
    std::string m_package;
    double m_per_mm;
    std::vector<Glyph> m_glyphs;
    std::vector<int> m_left;
    Box m_box{0, 0, 0, 0};
    std::size_t m_most_points = 0, m_most_rings = 0;
};

} // namespace

double mmPerFontUnit(const Alphabet& alphabet)
{
    return alphabet.size_mm / kCapitals / kUnitsPerEm;
}

Result<std::string> alphabetFont(const Alphabet& alphabet)
{
    if (alphabet.letters.empty() || !(alphabet.size_mm > 0.0))
        return fail(ErrorCode::AlphabetEmpty, alphabet.name);
    Alphabet own = alphabet;
    for (std::size_t i = 0; i < own.letters.size(); ++i)
        own.letters[i].glyph_id = static_cast<std::uint32_t>(i + kBefore);
    auto package = alphabetPackage(own);
    if (!package)
        return fail(package.error());
    return FontMaker(own, std::move(*package)).font();
}

Result<std::shared_ptr<const Alphabet>> alphabetIn(const FontFace& face)
{
    constexpr std::size_t kHeader = 8;
    const std::string table = face.table(kSewnTable);
    if (table.size() <= kHeader)
        return std::shared_ptr<const Alphabet>();
    auto package = alphabetsInPackage(std::string_view(table).substr(kHeader), face.path().string());
    if (!package || package->alphabets.empty())
        return fail(ErrorCode::DocumentDamaged, face.path().string(), "the stitches in it cannot be read");
    return std::make_shared<const Alphabet>(std::move(package->alphabets.front()));
}

} // namespace ink
