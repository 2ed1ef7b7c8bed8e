#include "core/type/shape.h"

#include "core/base/told.h"

#include <hb.h>

#include <unicode/ubidi.h>
#include <unicode/uchar.h>
#include <unicode/unistr.h>
#include <unicode/uscript.h>
#include <unicode/utf8.h>

#include <algorithm>
#include <cmath>
#include <memory>

namespace ink {
namespace {

Result<std::vector<hb_feature_t>> parseFeatures(const std::string& text)
{
    std::vector<hb_feature_t> out;
    std::size_t at = 0;
    while (at <= text.size() && !text.empty()) {
        const std::size_t comma = std::min(text.find(',', at), text.size());
        std::string item = text.substr(at, comma - at);
        std::erase(item, ' ');
        hb_feature_t feature{};
        if (!item.empty()) {
            if (!hb_feature_from_string(item.data(), static_cast<int>(item.size()), &feature))
                return fail(ErrorCode::BadFeature, item);
            out.push_back(feature);
        }
        at = comma + 1;
    }
    return out;
}

/// Worn glyphs stand in the text as characters of the last Private Use Plane until HarfBuzz asks which glyph
/// a character is: so they are kerned and carry marks like any letter.
constexpr UChar32 kFirstStandIn = 0x100000;
constexpr UChar32 kLastStandIn = 0x10FFFD;

bool isWornStandIn(UChar32 c)
{
    return c >= kFirstStandIn && c <= kLastStandIn;
}

/// Scripts whose letters change with their neighbours: a stand-in would break what is around it, so the
/// glyph is exchanged after shaping.
bool isShapedByContext(UScriptCode script)
{
    switch (script) {
    case USCRIPT_COMMON:
    case USCRIPT_INHERITED:
    case USCRIPT_LATIN:
    case USCRIPT_GREEK:
    case USCRIPT_CYRILLIC:
    case USCRIPT_ARMENIAN:
    case USCRIPT_GEORGIAN:
    case USCRIPT_RUNIC:
    case USCRIPT_CHEROKEE:
        return false;
    default:
        return true;
    }
}

/// A stretch of one direction and one script, in UTF-16 units, in the order it is drawn.
struct Run
{
    int start = 0;
    int length = 0;
    bool is_right_to_left = false;
    UScriptCode script = USCRIPT_COMMON;
};

/// Splits a stretch of one direction where the script changes; marks, digits and spaces go with what
/// stands before them.
std::vector<Run> splitByScript(const icu::UnicodeString& text, int start, int end, bool is_right_to_left)
{
    std::vector<Run> runs;
    for (int i = start; i < end;) {
        const UChar32 c = text.char32At(i);
        const int width = U16_LENGTH(c);
        UErrorCode status = U_ZERO_ERROR;
        UScriptCode script = uscript_getScript(c, &status);
        const bool neutral =
            U_FAILURE(status) || script == USCRIPT_COMMON || script == USCRIPT_INHERITED || isWornStandIn(c);
        if (runs.empty())
            runs.push_back({i, 0, is_right_to_left, neutral ? USCRIPT_COMMON : script});
        else if (!neutral && runs.back().script == USCRIPT_COMMON)
            runs.back().script = script;
        else if (!neutral && runs.back().script != script)
            runs.push_back({i, 0, is_right_to_left, script});
        runs.back().length += width;
        i += width;
    }
    if (is_right_to_left)
        std::ranges::reverse(runs);
    return runs;
}

Result<std::vector<Run>> runsInDrawnOrder(const icu::UnicodeString& text, bool& line_is_right_to_left)
{
    UErrorCode status = U_ZERO_ERROR;
    const std::unique_ptr<UBiDi, decltype(&ubidi_close)> bidi(ubidi_open(), ubidi_close);
    ubidi_setPara(bidi.get(), text.getBuffer(), text.length(), UBIDI_DEFAULT_LTR, nullptr, &status);
    if (U_FAILURE(status))
        return fail(ErrorCode::Internal, {}, u_errorName(status));
    line_is_right_to_left = ubidi_getParaLevel(bidi.get()) % 2 == 1;
    std::vector<Run> runs;
    const int count = ubidi_countRuns(bidi.get(), &status);
    for (int i = 0; U_SUCCESS(status) && i < count; ++i) {
        int start = 0, length = 0;
        const bool rtl = ubidi_getVisualRun(bidi.get(), i, &start, &length) == UBIDI_RTL;
        for (const auto& run : splitByScript(text, start, start + length, rtl))
            runs.push_back(run);
    }
    return runs;
}

/// The line as it is shaped: worn letters exchanged for stand-ins, and for every UTF-16 unit the byte of the
/// line it stands for.
struct LineText
{
    icu::UnicodeString text;
    std::vector<std::uint32_t> bytes;
};

LineText lineText(std::string_view line, const std::vector<WornGlyph>& worn)
{
    LineText out;
    auto form = worn.begin();
    const auto size = static_cast<std::int32_t>(line.size());
    for (std::int32_t i = 0; i < size;) {
        const auto byte = static_cast<std::uint32_t>(i);
        UChar32 c = 0;
        U8_NEXT(line.data(), i, size, c);
        while (form != worn.end() && form->byte + form->bytes <= byte)
            ++form;
        if (form != worn.end() && byte >= form->byte) {
            UErrorCode status = U_ZERO_ERROR;
            const bool stands_in = !isShapedByContext(uscript_getScript(c, &status)) &&
                                   form->glyph_id <= static_cast<std::uint32_t>(kLastStandIn - kFirstStandIn);
            if (stands_in && byte > form->byte)
                continue; // further letters of a ligature
            if (stands_in)
                c = kFirstStandIn + static_cast<UChar32>(form->glyph_id);
        }
        out.text.append(c);
        out.bytes.insert(out.bytes.end(), static_cast<std::size_t>(U16_LENGTH(c)), byte);
    }
    return out;
}

hb_bool_t nominalGlyph(hb_font_t* font, void*, hb_codepoint_t character, hb_codepoint_t* glyph, void*)
{
    if (isWornStandIn(static_cast<UChar32>(character))) {
        *glyph = character - static_cast<hb_codepoint_t>(kFirstStandIn);
        return *glyph != 0 && *glyph < hb_face_get_glyph_count(hb_font_get_face(font));
    }
    return hb_font_get_nominal_glyph(hb_font_get_parent(font), character, glyph);
}

using HbFont = std::unique_ptr<hb_font_t, decltype(&hb_font_destroy)>;

/// The face with stand-ins leading to their glyphs.
HbFont withStandIns(const FontFace& face)
{
    static hb_font_funcs_t* const funcs = [] {
        auto* made = hb_font_funcs_create();
        hb_font_funcs_set_nominal_glyph_func(made, nominalGlyph, nullptr, nullptr);
        hb_font_funcs_make_immutable(made);
        return made;
    }();
    HbFont font(hb_font_create_sub_font(face.handle()), hb_font_destroy);
    hb_font_set_funcs(font.get(), funcs, nullptr, nullptr);
    return font;
}

class LineShaper
{
public:
    LineShaper(const FontFace& face, const LineText& line, std::vector<hb_feature_t> features,
               double tracking_fu, const std::vector<WornGlyph>& worn)
        : m_face(face), m_text(line.text), m_features(std::move(features)), m_tracking_fu(tracking_fu),
          m_bytes(line.bytes), m_worn(worn), m_buffer(hb_buffer_create(), hb_buffer_destroy)
    {
        if (!worn.empty())
            m_with_stand_ins = withStandIns(face);
        keepWornAsTheyAre();
    }

    void add(const Run& run)
    {
        hb_buffer_reset(m_buffer.get());
        hb_buffer_add_utf16(m_buffer.get(), reinterpret_cast<const std::uint16_t*>(m_text.getBuffer()),
                            m_text.length(), static_cast<unsigned>(run.start), run.length);
        hb_buffer_set_direction(m_buffer.get(), run.is_right_to_left ? HB_DIRECTION_RTL : HB_DIRECTION_LTR);
        if (run.script != USCRIPT_COMMON)
            hb_buffer_set_script(m_buffer.get(), hb_script_from_string(uscript_getShortName(run.script), -1));
        hb_buffer_set_language(m_buffer.get(), hb_language_from_string("en", -1));
        hb_buffer_guess_segment_properties(m_buffer.get());
        hb_shape(m_with_stand_ins ? m_with_stand_ins.get() : m_face.handle(), m_buffer.get(),
                 m_features.data(), static_cast<unsigned>(m_features.size()));

        unsigned count = 0;
        const auto* infos = hb_buffer_get_glyph_infos(m_buffer.get(), &count);
        const auto* positions = hb_buffer_get_glyph_positions(m_buffer.get(), &count);
        for (unsigned i = 0; i < count; ++i) {
            const auto& p = positions[i];
            const bool letter_ends = i + 1 == count || infos[i + 1].cluster != infos[i].cluster;
            double advance = p.x_advance + (letter_ends ? m_tracking_fu : 0.0);
            const std::uint32_t byte = m_bytes[infos[i].cluster];
            std::uint32_t glyph = infos[i].codepoint;
            const auto* worn = wornAt(byte);
            if (worn && worn->glyph_id != glyph && p.x_advance != 0) {
                advance += m_face.advance_fu(worn->glyph_id) - m_face.advance_fu(glyph);
                glyph = worn->glyph_id;
            }
            if (glyph != 0)
                m_line.glyphs.push_back(
                    {glyph, byte, m_pen + p.x_offset, static_cast<double>(p.y_offset), advance});
            else
                noteMissing(static_cast<int>(infos[i].cluster), run);
            m_pen += advance;
        }
    }

    ShapedLine take()
    {
        m_line.advance_fu = m_pen;
        return std::move(m_line);
    }

private:
    const WornGlyph* wornAt(std::uint32_t byte) const
    {
        const auto it = std::ranges::find(m_worn, byte, &WornGlyph::byte);
        return it == m_worn.end() ? nullptr : &*it;
    }

    /// What is worn was chosen to stay: no substitution that a person did not ask for begins at it.
    void keepWornAsTheyAre()
    {
        for (const auto& form : m_worn) {
            const auto first = std::ranges::lower_bound(m_bytes, form.byte);
            const auto last = std::ranges::lower_bound(m_bytes, form.byte + form.bytes);
            for (const char* tag : {"liga", "clig", "calt", "rlig", "ccmp", "locl", "rclt"}) {
                hb_feature_t off{};
                hb_feature_from_string(tag, 4, &off);
                off.value = 0;
                off.start = static_cast<unsigned>(first - m_bytes.begin());
                off.end = static_cast<unsigned>(last - m_bytes.begin());
                m_features.push_back(off);
            }
        }
    }

    /// The characters of the cluster that starts at `from` which the font has no glyph for.
    void noteMissing(int from, const Run& run)
    {
        for (int i = from; i < run.start + run.length;) {
            const UChar32 c = m_text.char32At(i);
            const bool is_mark = u_getCombiningClass(c) != 0;
            if (i != from && !is_mark)
                break;
            const auto character = static_cast<char32_t>(c);
            if (!m_face.hasCharacter(character) && m_line.missing.find(character) == std::u32string::npos)
                m_line.missing += character;
            i += U16_LENGTH(c);
        }
    }

    const FontFace& m_face;
    const icu::UnicodeString& m_text;
    std::vector<hb_feature_t> m_features;
    double m_tracking_fu;
    const std::vector<std::uint32_t>& m_bytes;
    const std::vector<WornGlyph>& m_worn;
    HbFont m_with_stand_ins{nullptr, hb_font_destroy};
    std::unique_ptr<hb_buffer_t, decltype(&hb_buffer_destroy)> m_buffer;
    double m_pen = 0.0;
    ShapedLine m_line;
};

} // namespace

bool isValidUtf8(std::string_view text)
{
    const auto size = static_cast<std::int32_t>(text.size());
    for (std::int32_t i = 0; i < size;) {
        UChar32 c = 0;
        U8_NEXT(text.data(), i, size, c);
        if (c <= 0)
            return false;
    }
    return true;
}

bool isWordCharacter(char32_t character)
{
    const auto c = static_cast<UChar32>(character);
    return u_isalnum(c) || (U_GET_GC_MASK(c) & U_GC_M_MASK) != 0;
}

bool isCapital(char32_t character)
{
    return u_isupper(static_cast<UChar32>(character));
}

bool isSmallLetter(char32_t character)
{
    return u_islower(static_cast<UChar32>(character));
}

std::u32string toUtf32(std::string_view text)
{
    std::u32string out;
    const auto size = static_cast<std::int32_t>(text.size());
    for (std::int32_t i = 0; i < size;) {
        UChar32 c = 0;
        U8_NEXT_OR_FFFD(text.data(), i, size, c);
        out += static_cast<char32_t>(c);
    }
    return out;
}

std::string listed(const std::u32string& characters)
{
    std::string text;
    for (const char32_t c : characters) {
        if (!text.empty())
            text += ' ';
        text += toUtf8(c);
    }
    return text;
}

std::string toUtf8(char32_t character)
{
    std::string out;
    icu::UnicodeString(static_cast<UChar32>(character)).toUTF8String(out);
    return out;
}

Result<ShapedLine> shapeLine(const FontFace& face, std::string_view line, const ShapeOptions& options)
{
    if (!isValidUtf8(line))
        return fail(ErrorCode::TextNotUtf8);
    if (!(options.tracking_em >= kMinTracking_em && options.tracking_em <= kMaxTracking_em))
        return fail(ErrorCode::TrackingOutOfRange, {}, told("{} em", std::to_string(options.tracking_em)));
    auto features = parseFeatures(options.features);
    if (!features)
        return fail(features.error());

    const auto text = lineText(line, options.worn);
    bool is_right_to_left = false;
    const auto runs = runsInDrawnOrder(text.text, is_right_to_left);
    if (!runs)
        return fail(runs.error());
    LineShaper shaper(face, text, std::move(*features), options.tracking_em * face.info().units_per_em,
                      options.worn);
    for (const auto& run : *runs)
        shaper.add(run);
    auto shaped = shaper.take();
    shaped.is_right_to_left = is_right_to_left;
    return shaped;
}

} // namespace ink
