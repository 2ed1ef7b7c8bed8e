#include "core/match/set_word.h"

#include "core/type/shape.h"

#include <algorithm>

namespace ink {
namespace {

constexpr double kSpace_em = 0.25;

bool isTooFew(std::size_t there, std::size_t missing)
{
    return there == 0 || missing * 3 > there + missing;
}

} // namespace

InkPicture drawnGlyph(const FontFace& face, std::uint32_t glyph_id, double px_per_em)
{
    const double scale = px_per_em / face.info().units_per_em;
    return inkPictureOf(face.glyphOutline(glyph_id), scale, scale);
}

Result<SetWord> setWord(std::shared_ptr<const FontFace> face, std::string_view words)
{
    auto line = shapeLine(*face, words);
    if (!line)
        return fail(line.error());
    SetWord out;
    const double units = face->info().units_per_em;
    // Bytes from one cluster to the next one of the line, in the order of the words.
    std::vector<std::uint32_t> begins;
    for (const auto& glyph : line->glyphs)
        begins.push_back(glyph.cluster);
    begins.push_back(static_cast<std::uint32_t>(words.size()));
    std::ranges::sort(begins);
    for (const auto& glyph : line->glyphs) {
        if (bounds(face->glyphOutline(glyph.glyph_id)).isEmpty())
            continue;
        const auto next = std::ranges::upper_bound(begins, glyph.cluster);
        const auto end = next == begins.end() ? words.size() : *next;
        out.word.letters.push_back({glyph.x_fu / units, glyph.advance_fu / units});
        out.glyphs.push_back({glyph.glyph_id, std::string(words.substr(glyph.cluster, end - glyph.cluster))});
    }
    if (isTooFew(out.glyphs.size(), line->missing.size()))
        return fail(ErrorCode::NoGlyphs, face->info().readableName());
    out.word.x_height_em = face->xHeight_fu() / units;
    out.word.draw = [face, glyphs = out.glyphs](std::size_t letter, double px_per_em) {
        return drawnGlyph(*face, glyphs[letter].glyph_id, px_per_em);
    };
    out.face = std::move(face);
    return out;
}

Result<SetWord> setWord(const std::filesystem::path& font, const FaceChoice& choice, std::string_view words)
{
    const auto face = FontFace::open(font, choice);
    return face ? setWord(*face, words) : fail(face.error());
}

Result<SetWord> setWord(std::shared_ptr<const std::vector<NamedOutline>> letters, std::string_view words)
{
    if (!isValidUtf8(words))
        return fail(ErrorCode::TextNotUtf8);
    SetWord out;
    double x_em = 0.0;
    std::size_t missing = 0;
    for (const char32_t c : toUtf32(words)) {
        const auto at = std::ranges::find(*letters, c, &NamedOutline::letter);
        if (at == letters->end()) {
            missing += c > U' ';
            x_em += kSpace_em;
            continue;
        }
        out.word.letters.push_back({x_em, at->advance_em});
        out.glyphs.push_back({static_cast<std::uint32_t>(at - letters->begin()), toUtf8(c)});
        x_em += at->advance_em;
    }
    if (isTooFew(out.glyphs.size(), missing))
        return fail(ErrorCode::NoGlyphs);
    for (const char32_t c : std::u32string_view(U"xzvnea"))
        if (const auto at = std::ranges::find(*letters, c, &NamedOutline::letter); at != letters->end()) {
            out.word.x_height_em = bounds(at->outline_em).y1;
            break;
        }
    out.word.draw = [letters, glyphs = out.glyphs](std::size_t letter, double px_per_em) {
        return inkPictureOf((*letters)[glyphs[letter].glyph_id].outline_em, px_per_em, px_per_em);
    };
    return out;
}

WordInFont roughWord(const FaceDescriptor& face, const std::u32string& words)
{
    WordInFont out;
    out.x_height_em = face.x_height / kSketchUnits;
    std::vector<const LetterSketch*> letters;
    double x_em = 0.0;
    std::size_t missing = 0;
    for (const char32_t c : words) {
        const auto* sketch = face.find(c);
        if (!sketch) {
            missing += c > U' ';
            x_em += kSpace_em;
            continue;
        }
        const double advance_em = sketch->advance / kSketchUnits;
        out.letters.push_back({x_em, advance_em});
        letters.push_back(sketch);
        x_em += advance_em;
    }
    if (isTooFew(letters.size(), missing))
        return {};
    out.draw = [letters = std::move(letters)](std::size_t letter, double px_per_em) {
        return drawnFrom(*letters[letter], px_per_em);
    };
    return out;
}

} // namespace ink
