#include "core/design/setter.h"

#include "core/geometry/box.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <set>

namespace ink::detail {
namespace {

Affine stretched(const Affine& by, double stretch)
{
    return {by.a * stretch, by.b * stretch, by.c, by.d, by.e, by.f};
}

} // namespace

Affine turnedAndSized(double turn_deg, double size, bool is_mirrored)
{
    const double rad = turn_deg * std::numbers::pi / 180.0;
    const double c = std::cos(rad) * size, s = std::sin(rad) * size;
    return is_mirrored ? Affine{-c, -s, -s, c, 0, 0} : Affine{c, s, -s, c, 0, 0};
}

Setter::Source Setter::source(const FontRef& font)
{
    for (const auto& [known, found] : m_sources)
        if (known == font)
            return found;
    auto found = m_find(font);
    if (!found) {
        m_setting.missing_fonts.push_back(font);
        if (!m_refusal)
            m_refusal = found.error();
    } else if (!(*found)->isWhole()) {
        m_setting.missing_fonts.push_back(font);
    }
    m_sources.emplace_back(font, found ? *found : nullptr);
    return m_sources.back().second;
}

std::vector<Setter::Run> Setter::runsOf(std::size_t first, std::size_t end) const
{
    std::vector<Run> runs;
    for (std::size_t i = first; i < end; ++i) {
        const auto& choice = m_job.lettering.letter(i);
        const bool is_motif = m_words[i] == kMotifCharacter;
        const FontRef& font = choice.font ? *choice.font : m_job.font;
        const double size = choice.font ? choice.font_size : 1.0;
        if (is_motif || runs.empty() || runs.back().is_motif || runs.back().font != font ||
            runs.back().size != size)
            runs.push_back({i, i, font, size, is_motif});
        runs.back().end = i + 1;
    }
    return runs;
}

Result<Setter::Line> Setter::setLine(std::size_t first, std::size_t end, const DrawnSize& drawn)
{
    Line line;
    line.first = first;
    line.end = end;
    std::vector<std::vector<SetLetter>> parts;
    std::vector<double> advances;
    for (const auto& run : runsOf(first, end)) {
        if (m_request.cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        double advance = 0.0;
        auto letters = run.is_motif ? setMotif(run, drawn, advance) : setRun(run, drawn, line, advance);
        if (!letters)
            return fail(letters.error());
        if (parts.empty())
            line.is_right_to_left = !letters->empty() && letters->front().is_right_to_left;
        parts.push_back(std::move(*letters));
        advances.push_back(advance);
    }
    if (line.is_right_to_left) { // what comes first stands at the right
        std::ranges::reverse(parts);
        std::ranges::reverse(advances);
    }
    for (std::size_t i = 0; i < parts.size(); ++i) {
        for (auto& letter : parts[i]) {
            moveLetter(letter, {line.advance, 0.0});
            line.letters.push_back(std::move(letter));
        }
        line.advance += advances[i];
    }
    const double size = drawn.size;
    spaceOut(line, size);
    if (line.spacing == 0.0) {
        line.spacing = 1.2 * kU_per_em * size;
        line.ascent = 0.8 * kU_per_em * size;
        line.descent = -0.2 * kU_per_em * size;
        line.x_height = 0.5 * kU_per_em * size;
    }
    return line;
}

/// What the person added before letters, then the close-up.
void Setter::spaceOut(Line& line, double size)
{
    double shift = 0.0;
    for (auto& letter : line.letters) {
        if (&letter != &line.letters.front())
            shift -= m_request.tighter_u * size;
        shift += m_job.lettering.letter(letter.first).before_em * kU_per_em * size;
        moveLetter(letter, {shift, 0.0});
    }
    line.advance += shift;
    const auto gap = [this](const SetLetter& left, const SetLetter& right) {
        return m_drawings.gap(left, right);
    };
    const auto& depth_mm = m_job.lettering.close_up.depth_mm;
    if (depth_mm && m_request.mm_per_u > 0.0) {
        line.pairs =
            closeUp(line.letters, m_words, *depth_mm / m_request.mm_per_u, m_job.lettering.close_up.by, gap);
        for (const auto& pair : line.pairs)
            line.advance += pair.moved;
    } else {
        line.pairs = pairsAsTheyStand(line.letters, m_words, gap);
    }
    // Nudges come last: they move one letter and nothing else.
    for (auto& letter : line.letters) {
        const auto& choice = m_job.lettering.letter(letter.first);
        const Point by{choice.dx_em * kU_per_em * size, choice.dy_em * kU_per_em * size};
        for (auto& glyph : letter.glyphs)
            glyph.at = glyph.at + by;
        letter.ink = movedBy(letter.ink, by);
    }
}

Result<std::vector<SetLetter>> Setter::setMotif(const Run& run, const DrawnSize& drawn, double& advance)
{
    std::vector<SetLetter> letters;
    const auto& choice = m_job.lettering.letter(run.first);
    const auto found = m_job.lettering.motifs.find(choice.motif);
    if (found == m_job.lettering.motifs.end())
        return letters;
    const auto& motif = found->second;
    SetLetter letter;
    letter.first = run.first;
    letter.scale = drawn.size * run.size;
    letter.stretch = drawn.stretch;
    letter.advance = advance = motif.advance * letter.scale * drawn.stretch;
    const Affine by = stretched(turnedAndSized(choice.turn_deg, letter.scale * choice.size), drawn.stretch);
    addDrawn(letter, m_drawings.motif(motif, by), aboutFoot({0, 0}, letter, by));
    letters.push_back(std::move(letter));
    return letters;
}

/// Where a glyph's origin goes when its letter is turned and sized about the letter's foot. `by` brings
/// the glyph to u.
Point Setter::aboutFoot(Point origin, const SetLetter& letter, const Affine& by)
{
    const Point foot{letter.advance / 2, 0.0};
    const Point arm = (origin - foot) * (1.0 / letter.scale);
    return foot + by.map({arm.x / letter.stretch, arm.y});
}

void Setter::addDrawn(SetLetter& letter, const std::shared_ptr<Drawn>& drawn, Point at)
{
    if (drawn->paths->empty())
        return;
    letter.glyphs.push_back({drawn->paths, at, 0});
    letter.ink.add(movedBy(drawn->ink, at));
}

Result<std::vector<SetLetter>> Setter::setRun(const Run& run, const DrawnSize& drawn, Line& line,
                                              double& advance)
{
    std::vector<SetLetter> letters;
    const Source from = source(run.font);
    if (!from)
        return letters;
    const double scale = kU_per_em / from->unitsPerEm() * run.size * drawn.size;
    line.spacing = std::max(line.spacing, from->lineSpacing_fu() * scale);
    line.ascent = std::max(line.ascent, from->capHeight_fu() * scale);
    line.descent = std::min(line.descent, -0.25 * kU_per_em * run.size * drawn.size);
    line.x_height = std::max(line.x_height, from->xHeight_fu() * scale);

    std::string text;
    std::vector<std::uint32_t> bytes; // of every character of the run
    ShapeOptions options;
    options.tracking_em = m_job.tracking_em;
    options.features = m_job.features;
    for (std::size_t i = run.first; i < run.end; ++i) {
        bytes.push_back(static_cast<std::uint32_t>(text.size()));
        text += m_words[i] == U'\t' || m_words[i] == U'\r' ? " " : toUtf8(m_words[i]);
    }
    bytes.push_back(static_cast<std::uint32_t>(text.size()));
    for (std::size_t i = run.first; i < run.end; ++i) {
        const auto& worn = m_job.lettering.letter(i).worn;
        if (!worn || i + worn->characters > run.end)
            continue;
        const auto start = bytes[i - run.first], stop = bytes[i - run.first + worn->characters];
        if (options.worn.empty() || options.worn.back().byte + options.worn.back().bytes <= start)
            options.worn.push_back({start, stop - start, worn->glyph_id});
    }
    const auto found = m_drawings.shaped(from, text, options);
    if (!found)
        return fail(found.error());
    const auto& shaped = *found;
    for (const char32_t c : shaped->missing)
        if (m_setting.missing.find(c) == std::u32string::npos)
            m_setting.missing += c;
    advance = shaped->advance_fu * scale * drawn.stretch;

    const auto characterAt = [&](std::uint32_t byte) {
        return run.first + static_cast<std::size_t>(std::ranges::lower_bound(bytes, byte) - bytes.begin());
    };
    std::set<std::size_t> starts;
    for (const auto& glyph : shaped->glyphs)
        starts.insert(characterAt(glyph.cluster));
    for (std::size_t g = 0; g < shaped->glyphs.size();) {
        std::size_t stop = g;
        while (stop < shaped->glyphs.size() && shaped->glyphs[stop].cluster == shaped->glyphs[g].cluster)
            ++stop;
        SetLetter letter;
        letter.first = characterAt(shaped->glyphs[g].cluster);
        const auto next = starts.upper_bound(letter.first);
        letter.count = (next == starts.end() ? run.end : *next) - letter.first;
        letter.font = run.font;
        letter.scale = scale;
        letter.stretch = drawn.stretch;
        letter.is_right_to_left = shaped->is_right_to_left;
        letter.is_sewn = from->alphabet() != nullptr;
        addGlyphs(letter, from, std::span(shaped->glyphs).subspan(g, stop - g));
        letters.push_back(std::move(letter));
        g = stop;
    }
    return letters;
}

void Setter::addGlyphs(SetLetter& letter, const Source& from, std::span<const PlacedGlyph> glyphs)
{
    const auto& choice = m_job.lettering.letter(letter.first);
    auto base = std::ranges::find_if(glyphs, [](const auto& g) { return g.advance_fu != 0.0; });
    if (base == glyphs.end())
        base = glyphs.begin();
    letter.glyph_id = base->glyph_id;
    const double scale = letter.scale, along = letter.scale * letter.stretch;
    letter.pen_x = glyphs.front().x_fu * along;
    for (const auto& glyph : glyphs)
        letter.advance += glyph.advance_fu * along;
    const Affine by = stretched(turnedAndSized(choice.turn_deg, scale * choice.size), letter.stretch);
    letter.drawn = by;
    const auto add = [&](const PlacedGlyph& glyph) {
        const Point origin{glyph.x_fu * along - letter.pen_x, glyph.y_fu * scale};
        const Point at = aboutFoot(origin, letter, by);
        addDrawn(letter, m_drawings.glyph(from, glyph.glyph_id, by), at + Point{letter.pen_x, 0.0});
    };
    add(*base);
    for (auto it = glyphs.begin(); it != glyphs.end(); ++it)
        if (it != base)
            add(*it);
}

} // namespace ink::detail
