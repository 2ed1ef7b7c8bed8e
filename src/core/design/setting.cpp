#include "core/design/setting.h"

#include "core/design/along_shape.h"
#include "core/design/close_up.h"
#include "core/design/drawings.h"
#include "core/geometry/box.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>
#include <set>

namespace ink {

namespace {

/// Blocks stand this many lines apart.
constexpr double kBlockGap_lines = 1.35;
/// A tail is stretched by no more than this to suit the words above it (common practice, no source).
constexpr double kLeastStretch = 0.75, kMostStretch = 1.35;

} // namespace

using namespace detail;

const SetLetter* Setting::letterAt(std::size_t character) const
{
    for (const auto& letter : letters)
        if (character >= letter.first && character < letter.first + letter.count)
            return &letter;
    return nullptr;
}

namespace {

Affine turnedAndSized(double turn_deg, double size, bool is_mirrored = false)
{
    const double rad = turn_deg * std::numbers::pi / 180.0;
    const double c = std::cos(rad) * size, s = std::sin(rad) * size;
    return is_mirrored ? Affine{-c, -s, -s, c, 0, 0} : Affine{c, s, -s, c, 0, 0};
}

/// How large the letters of a block are drawn, of the job's em, and how wide beside their own proportions.
struct DrawnSize
{
    double size = 1.0, stretch = 1.0;
};

Affine stretched(const Affine& by, double stretch)
{
    return {by.a * stretch, by.b * stretch, by.c, by.d, by.e, by.f};
}

/// Sets one block after the other.
class Setter
{
public:
    Setter(const Job& job, const FindLetters& find, const SettingRequest& request)
        : m_job(job), m_find(find), m_request(request), m_words(toUtf32(job.words)), m_drawings(request.cache)
    {
    }

    Result<Setting> set()
    {
        const auto blocks = blocksOf(m_words);
        std::size_t first = 0;
        double cursor = 0.0; // baseline for the next block
        bool is_first = true;
        while (first < m_words.size()) {
            std::size_t end = first;
            while (end < m_words.size() && blocks[end] == blocks[first])
                ++end;
            if (auto done = setBlock(blocks[first], first, end, cursor, is_first); !done)
                return fail(done.error());
            is_first = false;
            first = end;
        }
        placePieces();
        for (const auto& block : m_setting.blocks)
            m_setting.ink.add(block.ink);
        for (const auto& piece : m_setting.pieces)
            m_setting.ink.add(piece.ink);
        if (auto done = checkResult(); !done)
            return fail(done.error());
        return std::move(m_setting);
    }

private:
    using Source = std::shared_ptr<const LetterSource>;

    struct Line
    {
        std::size_t first = 0, end = 0;
        std::vector<SetLetter> letters;
        double advance = 0.0, spacing = 0.0, ascent = 0.0, descent = 0.0, x_height = 0.0;
        std::vector<ClosePair> pairs;
        bool is_right_to_left = false;

        Box ink() const
        {
            Box box;
            for (const auto& letter : letters)
                box.add(letter.ink);
            return box;
        }
    };

    struct Run
    {
        std::size_t first = 0, end = 0;
        FontRef font;
        double size = 1.0;
        bool is_motif = false;
    };

    Source source(const FontRef& font)
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

    std::vector<Run> runsOf(std::size_t first, std::size_t end) const
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

    Result<Line> setLine(std::size_t first, std::size_t end, const DrawnSize& drawn)
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
    void spaceOut(Line& line, double size)
    {
        double shift = 0.0;
        for (auto& letter : line.letters) {
            shift += m_job.lettering.letter(letter.first).before_em * kU_per_em * size;
            moveLetter(letter, {shift, 0.0});
        }
        line.advance += shift;
        const auto gap = [this](const SetLetter& left, const SetLetter& right) {
            return m_drawings.gap(left, right);
        };
        const auto& depth_mm = m_job.lettering.close_up.depth_mm;
        if (depth_mm && m_request.mm_per_u > 0.0) {
            line.pairs = closeUp(line.letters, m_words, *depth_mm / m_request.mm_per_u,
                                 m_job.lettering.close_up.by, gap);
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

    Result<std::vector<SetLetter>> setMotif(const Run& run, const DrawnSize& drawn, double& advance)
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
        const Affine by =
            stretched(turnedAndSized(choice.turn_deg, letter.scale * choice.size), drawn.stretch);
        addDrawn(letter, m_drawings.motif(motif, by), aboutFoot({0, 0}, letter, by));
        letters.push_back(std::move(letter));
        return letters;
    }

    /// Where a glyph's origin goes when its letter is turned and sized about the letter's foot. `by` brings
    /// the glyph to u.
    static Point aboutFoot(Point origin, const SetLetter& letter, const Affine& by)
    {
        const Point foot{letter.advance / 2, 0.0};
        const Point arm = (origin - foot) * (1.0 / letter.scale);
        return foot + by.map({arm.x / letter.stretch, arm.y});
    }

    static void addDrawn(SetLetter& letter, const std::shared_ptr<Drawn>& drawn, Point at)
    {
        if (drawn->paths->empty())
            return;
        letter.glyphs.push_back({drawn->paths, at, 0});
        letter.ink.add(movedBy(drawn->ink, at));
    }

    Result<std::vector<SetLetter>> setRun(const Run& run, const DrawnSize& drawn, Line& line, double& advance)
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
            return run.first +
                   static_cast<std::size_t>(std::ranges::lower_bound(bytes, byte) - bytes.begin());
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
            addGlyphs(letter, from, std::span(shaped->glyphs).subspan(g, stop - g));
            letters.push_back(std::move(letter));
            g = stop;
        }
        return letters;
    }

    void addGlyphs(SetLetter& letter, const Source& from, std::span<const PlacedGlyph> glyphs)
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

    Result<std::vector<Line>> setLines(const Block& block, std::size_t first, std::size_t end)
    {
        std::vector<Line> lines;
        std::vector<std::pair<std::size_t, std::size_t>> spans;
        for (std::size_t start = first; start < end;) {
            std::size_t stop = start;
            while (stop < end && m_words[stop] != U'\n')
                ++stop;
            spans.emplace_back(start, stop);
            start = stop + 1;
        }
        // Empty lines at the end only part blocks.
        while (!spans.empty() && spans.back().first == spans.back().second)
            spans.pop_back();
        for (const auto& [start, stop] : spans) {
            auto line = setLine(start, stop, {block.size, block.stretch});
            if (!line)
                return fail(line.error());
            lines.push_back(std::move(*line));
        }
        if (!block.has_one_width)
            return lines;
        double widest = 0.0;
        for (const auto& line : lines)
            widest = std::max(widest, line.ink().width());
        for (auto& line : lines) {
            const double width = line.ink().width();
            if (width <= 0.0 || width == widest)
                continue;
            auto again = setLine(line.first, line.end, {block.size * widest / width, block.stretch});
            if (!again)
                return fail(again.error());
            line = std::move(*again);
        }
        return lines;
    }

    Result<void> setBlock(std::size_t number, std::size_t first, std::size_t end, double& cursor,
                          bool is_first)
    {
        const Block& block = m_job.lettering.block(number);
        auto lines = setLines(block, first, end);
        if (!lines)
            return fail(lines.error());
        Box whole;
        for (const auto& line : *lines)
            whole.add(line.ink());
        if (lines->empty())
            return {};
        double baseline = 0.0;
        Box ink;
        for (std::size_t l = 0; l < lines->size(); ++l) {
            Line& line = (*lines)[l];
            if (l > 0)
                baseline -= std::max(line.spacing, (*lines)[l - 1].spacing) * block.line_gap;
            const Box own = line.ink();
            double x = 0.0; // by what is inked, not by what the font leaves around it
            if (!own.isEmpty() && !whole.isEmpty()) {
                const double room = maxWidth(*lines) - own.width();
                // Left and right follow the way the line is read.
                const bool is_at_left = (block.align == Align::Left) != line.is_right_to_left;
                x = -own.x0 + (block.align == Align::Middle ? room / 2 : (is_at_left ? 0.0 : room));
            }
            for (auto& letter : line.letters)
                moveLetter(letter, {x, baseline});
            for (auto& pair : line.pairs)
                pair.at = pair.at + Point{x, baseline};
            ink.add(line.ink());
        }
        const double down = is_first ? 0.0 : lines->front().spacing * kBlockGap_lines;
        const Point origin{block.dx_em * kU_per_em, cursor - down + block.dy_em * kU_per_em};
        const double last_baseline = cursor - down + baseline;

        SetBlock placed{number, ink, sensible(block.shape), {}, ink};
        const bool has_shape = placed.shape.kind != ShapeKind::None && !ink.isEmpty();
        if (has_shape && placed.shape.bends) {
            placed.ink = bentInk(*lines, placed);
        } else if (has_shape) {
            closeUpAlong(*lines, placed);
            const AlongShape shape(placed);
            placed.ink = {};
            const bool was_closed_up = m_job.lettering.close_up.depth_mm && m_request.mm_per_u > 0.0;
            for (auto& line : *lines) {
                meetAlongShape(line.letters, line.pairs, shape, was_closed_up);
                for (auto& letter : line.letters)
                    keepAlong(letter, shape);
                placed.ink.add(line.ink());
            }
        }
        takeOver(*lines, number, origin);
        placed.origin = origin;
        placed.ink = movedBy(placed.ink, origin);
        cursor = std::min(last_baseline, placed.ink.isEmpty() ? last_baseline
                                                              : placed.ink.y0 - block.dy_em * kU_per_em -
                                                                    lines->back().descent / 2);
        m_setting.blocks.push_back(placed);
        if (block.has_tail)
            addTail(block, m_setting.blocks.back(), last_baseline + block.dy_em * kU_per_em);
        return {};
    }

    static double maxWidth(const std::vector<Line>& lines)
    {
        double widest = 0.0;
        for (const auto& line : lines)
            widest = std::max(widest, line.ink().width());
        return widest;
    }

    static Box bentInk(const std::vector<Line>& lines, const SetBlock& placed)
    {
        const AlongShape shape(placed);
        Box box;
        for (const auto& line : lines)
            for (const auto& letter : line.letters)
                for (const auto& glyph : letter.glyphs)
                    box.add(shape.bentBox(glyph));
        return box;
    }

    /// Letters turned against each other touch elsewhere: the close-up is made again where they stand, until
    /// it holds there.
    void closeUpAlong(std::vector<Line>& lines, SetBlock& placed)
    {
        const auto& close_up = m_job.lettering.close_up;
        if (!close_up.depth_mm || m_request.mm_per_u <= 0.0)
            return;
        const double depth = *close_up.depth_mm / m_request.mm_per_u;
        constexpr int kMostRounds = 8;
        constexpr double kSettled_u = 0.2;
        for (int round = 0; round < kMostRounds; ++round) {
            double largest = 0.0;
            for (auto& line : lines)
                largest = std::max(largest, closeUpAlongShape(line.letters, line.pairs, placed, depth));
            placed.straight_ink = {};
            for (const auto& line : lines)
                placed.straight_ink.add(line.ink());
            if (largest < kSettled_u)
                return;
        }
    }

    void takeOver(std::vector<Line>& lines, std::size_t block, Point origin)
    {
        for (auto& line : lines) {
            SetLine set;
            set.block = block;
            set.first = line.first;
            set.end = line.end;
            const std::size_t from = m_setting.letters.size();
            for (auto& letter : line.letters) {
                moveLetter(letter, origin);
                letter.block = block;
                letter.line = m_setting.lines.size();
                if (m_job.lettering.letter(letter.first).is_apart)
                    for (auto& glyph : letter.glyphs)
                        glyph.layer = static_cast<int>(letter.first) + 1;
                set.ink.add(letter.ink);
                set.baseline = letter.baseline;
                m_setting.letters.push_back(std::move(letter));
            }
            set.ascent = line.ascent;
            set.descent = line.descent;
            set.x_height = line.x_height;
            if (m_setting.letters.size() > from) {
                set.left = m_setting.letters[from].pen_x;
                set.right = m_setting.letters.back().pen_x + m_setting.letters.back().advance;
            }
            for (auto pair : line.pairs) {
                pair.left += from;
                pair.right += from;
                pair.at = pair.at + origin;
                m_setting.pairs.push_back(pair);
            }
            m_setting.lines.push_back(set);
        }
    }

    struct TailDrawing
    {
        std::shared_ptr<const Paths> outline; // in u at size 1
        Box ink;
    };

    std::vector<TailDrawing> tailsFor(const Block& block)
    {
        std::vector<TailDrawing> tails;
        if (const auto it = m_job.lettering.motifs.find(block.tail_motif); it != m_job.lettering.motifs.end())
            return {{it->second.outline, bounds(*it->second.outline)}};
        const Source from = source(m_job.font);
        if (!from)
            return tails;
        const double scale = kU_per_em / from->unitsPerEm();
        for (const auto glyph_id : m_drawings.tails(from)) {
            const auto drawn = m_drawings.glyph(from, glyph_id, {scale, 0, 0, scale, 0, 0});
            tails.push_back({drawn->paths, drawn->ink});
        }
        return tails;
    }

    /// The tail whose width is nearest to the words', stretched to it within limits, hung under their feet;
    /// it bends with them, also where the letters are kept as drawn.
    void addTail(const Block& block, SetBlock& placed, double baseline)
    {
        const auto tails = tailsFor(block);
        const double width = placed.straight_ink.width();
        if (tails.empty() || width <= 0.0)
            return;
        const auto off = [&](const TailDrawing& tail) {
            return std::abs(std::log(width / (tail.ink.width() * block.size)));
        };
        const auto& best = *std::ranges::min_element(tails, {}, off);
        const double stretch =
            std::clamp(width / (best.ink.width() * block.size), kLeastStretch, kMostStretch);
        const Affine by{block.size * stretch, 0, 0, block.size, 0, 0};
        auto paths = std::make_shared<const Paths>(transformed(*best.outline, by));
        const Box ink = bounds(*paths);
        const double x =
            placed.origin.x + (placed.straight_ink.x0 + placed.straight_ink.x1) / 2 - (ink.x0 + ink.x1) / 2;
        const double y = baseline - block.tail_drop_em * kU_per_em * block.size - ink.y1;
        PlacedOutline tail;
        tail.block = placed.block;
        tail.glyphs.push_back({std::move(paths), {x, y}, 0});
        tail.bends = shapedBlock(m_setting, placed.block);
        tail.ink = tail.bends ? AlongShape(placed).bentBox(tail.glyphs.front()) : movedBy(ink, {x, y});
        m_setting.pieces.push_back(std::move(tail));
    }

    void placePieces()
    {
        for (std::size_t i = 0; i < m_job.lettering.pieces.size(); ++i) {
            const auto& piece = m_job.lettering.pieces[i];
            const auto motif = m_job.lettering.motifs.find(piece.motif);
            if (motif == m_job.lettering.motifs.end())
                continue;
            const auto* letter = piece.letter ? m_setting.letterAt(*piece.letter) : nullptr;
            const Point from = letter ? letter->foot() : Point{};
            const auto drawn = m_drawings.motif(
                motif->second, turnedAndSized(piece.turn_deg, piece.size, piece.is_mirrored));
            const Point at = from + Point{piece.x_em, piece.y_em} * kU_per_em;
            PlacedOutline placed;
            placed.piece = i;
            placed.glyphs.push_back({drawn->paths, at, 0});
            placed.ink = movedBy(drawn->ink, at);
            if (const auto* block = letter ? shapedBlock(m_setting, letter->block) : nullptr)
                followShape(placed, *letter, *block);
            m_setting.pieces.push_back(std::move(placed));
        }
    }

    /// A piece goes along with the letter it hangs on: turned with it, or bent with its block.
    static void followShape(PlacedOutline& placed, const SetLetter& letter, const SetBlock& block)
    {
        const AlongShape shape(block);
        placed.block = block.block;
        placed.bends = block.shape.bends;
        if (placed.bends) {
            placed.ink = shape.bentBox(placed.glyphs.front());
            return;
        }
        SetLetter carried;
        carried.pen_x = letter.foot().x;
        carried.baseline = letter.baseline;
        carried.glyphs = std::move(placed.glyphs);
        keepAlong(carried, shape);
        placed.glyphs = std::move(carried.glyphs);
        placed.ink = carried.ink;
    }

    Result<void> checkResult() const
    {
        const bool has_ink = !m_setting.ink.isEmpty();
        if (has_ink)
            return {};
        if (m_refusal)
            return fail(*m_refusal);
        if (!m_setting.missing.empty()) {
            std::string lacking;
            for (const char32_t c : m_setting.missing)
                lacking += (lacking.empty() ? "" : " ") + toUtf8(c);
            return fail(ErrorCode::NoGlyphs, m_job.font.path, "it lacks " + lacking);
        }
        return fail(ErrorCode::NothingToCut, m_job.font.path);
    }

    const Job& m_job;
    const FindLetters& m_find;
    const SettingRequest& m_request;
    std::u32string m_words;
    Drawings m_drawings;
    std::vector<std::pair<FontRef, Source>> m_sources;
    std::optional<Error> m_refusal;
    Setting m_setting;
};

} // namespace

Result<Setting> setLettering(const Job& job, const FindLetters& letters, const SettingRequest& request)
{
    if (auto ok = checkWords(job.words); !ok)
        return fail(ok.error());
    return Setter(job, letters, request).set();
}

} // namespace ink
