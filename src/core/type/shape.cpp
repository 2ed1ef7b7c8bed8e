#include "core/type/shape.h"

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
        const bool neutral = U_FAILURE(status) || script == USCRIPT_COMMON || script == USCRIPT_INHERITED;
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

/// Byte offset in the UTF-8 line of every UTF-16 unit.
std::vector<std::uint32_t> byteOffsets(const icu::UnicodeString& text)
{
    std::vector<std::uint32_t> out;
    std::uint32_t bytes = 0;
    for (int i = 0; i < text.length();) {
        const UChar32 c = text.char32At(i);
        out.insert(out.end(), static_cast<std::size_t>(U16_LENGTH(c)), bytes);
        bytes += static_cast<std::uint32_t>(U8_LENGTH(c));
        i += U16_LENGTH(c);
    }
    return out;
}

class LineShaper
{
public:
    LineShaper(const FontFace& face, const icu::UnicodeString& text, std::vector<hb_feature_t> features,
               double tracking_fu)
        : m_face(face), m_text(text), m_features(std::move(features)), m_tracking_fu(tracking_fu),
          m_bytes(byteOffsets(text)), m_buffer(hb_buffer_create(), hb_buffer_destroy)
    {
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
        hb_shape(m_face.handle(), m_buffer.get(), m_features.data(),
                 static_cast<unsigned>(m_features.size()));

        unsigned count = 0;
        const auto* infos = hb_buffer_get_glyph_infos(m_buffer.get(), &count);
        const auto* positions = hb_buffer_get_glyph_positions(m_buffer.get(), &count);
        for (unsigned i = 0; i < count; ++i) {
            const auto& p = positions[i];
            const bool letter_ends = i + 1 == count || infos[i + 1].cluster != infos[i].cluster;
            const double advance = p.x_advance + (letter_ends ? m_tracking_fu : 0.0);
            if (infos[i].codepoint != 0)
                m_line.glyphs.push_back({infos[i].codepoint, m_bytes[infos[i].cluster], m_pen + p.x_offset,
                                         static_cast<double>(p.y_offset), advance});
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
    std::vector<std::uint32_t> m_bytes;
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
        return fail(ErrorCode::TrackingOutOfRange, {}, std::to_string(options.tracking_em) + " em");
    auto features = parseFeatures(options.features);
    if (!features)
        return fail(features.error());

    const auto text =
        icu::UnicodeString::fromUTF8(icu::StringPiece(line.data(), static_cast<std::int32_t>(line.size())));
    bool is_right_to_left = false;
    const auto runs = runsInDrawnOrder(text, is_right_to_left);
    if (!runs)
        return fail(runs.error());
    LineShaper shaper(face, text, std::move(*features), options.tracking_em * face.info().units_per_em);
    for (const auto& run : *runs)
        shaper.add(run);
    auto shaped = shaper.take();
    shaped.is_right_to_left = is_right_to_left;
    return shaped;
}

} // namespace ink
