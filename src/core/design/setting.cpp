#include "core/design/setting.h"

#include "core/design/close_up.h"
#include "core/geometry/flatten.h"
#include "core/type/letter_forms.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>
#include <set>

namespace ink {

namespace {

/// Side profiles follow the curves within this, in u: 0.001 mm at an em of 50 mm.
constexpr double kProfileTolerance_u = 0.02;
/// Blocks stand this many lines apart.
constexpr double kBlockGap_lines = 1.35;
/// A tail is stretched by no more than this to suit the words above it (common practice, no source).
constexpr double kLeastStretch = 0.75, kMostStretch = 1.35;

} // namespace

namespace detail {

/// What one glyph looks like at one size and turn.
struct DrawnKey
{
    const void* source = nullptr;
    std::uint32_t glyph_id = 0;
    double a = 1.0, b = 0.0, c = 0.0, d = 1.0;

    friend bool operator==(const DrawnKey&, const DrawnKey&) = default;
};

struct DrawnKeyHash
{
    std::size_t operator()(const DrawnKey& key) const
    {
        std::size_t hash = std::hash<const void*>()(key.source) ^ key.glyph_id * 0x9E3779B97F4A7C15ull;
        for (const double part : {key.a, key.b, key.c, key.d})
            hash = (hash ^ std::hash<double>()(part)) * 0x100000001B3ull;
        return hash;
    }
};

struct Drawn
{
    std::shared_ptr<const void> keeps_source;
    std::shared_ptr<const Paths> paths;
    Box ink;
};

using DrawnRecent = Recent<DrawnKey, std::shared_ptr<Drawn>, DrawnKeyHash>;

/// What a run of letters was shaped from.
struct ShapedKey
{
    const void* source = nullptr;
    std::string text;
    double tracking_em = 0.0;
    std::vector<WornGlyph> worn;

    friend bool operator==(const ShapedKey&, const ShapedKey&) = default;
};

struct ShapedKeyHash
{
    std::size_t operator()(const ShapedKey& key) const
    {
        std::size_t hash = std::hash<std::string>()(key.text) ^ std::hash<const void*>()(key.source) * 31;
        for (const auto& worn : key.worn)
            hash = (hash ^ worn.glyph_id ^ worn.byte * 131) * 0x100000001B3ull;
        return hash;
    }
};

struct ShapedRun
{
    std::shared_ptr<const void> keeps_source;
    std::shared_ptr<const ShapedLine> line;
};

/// Two drawings side by side, the right one higher by dy.
struct GapKey
{
    const void *left = nullptr, *right = nullptr;
    double dy = 0.0;

    friend bool operator==(const GapKey&, const GapKey&) = default;
};

struct GapKeyHash
{
    std::size_t operator()(const GapKey& key) const
    {
        return std::hash<const void*>()(key.left) * 31 + std::hash<const void*>()(key.right) * 7 +
               std::hash<double>()(key.dy);
    }
};

struct Gap
{
    /// Kept, so that no other drawing comes to lie at their address.
    std::shared_ptr<const Paths> left, right;
    std::optional<SideGap> gap;
};

} // namespace detail

using namespace detail;

struct SettingCache::State
{
    std::mutex mutex;
    DrawnRecent drawn{4000};
    Recent<GapKey, Gap, GapKeyHash> gaps{8000};
    Recent<ShapedKey, ShapedRun, ShapedKeyHash> shaped{500};
    std::map<const FontFace*, std::pair<std::shared_ptr<const FontFace>, std::vector<LoosePiece>>> tails;
};

SettingCache::SettingCache() : m_state(std::make_unique<State>()) {}
SettingCache::~SettingCache() = default;

const SetLetter* Setting::letterAt(std::size_t character) const
{
    for (const auto& letter : letters)
        if (character >= letter.first && character < letter.first + letter.count)
            return &letter;
    return nullptr;
}

namespace {

/// What is drawn of glyphs and motifs, made once.
class Drawings
{
public:
    explicit Drawings(std::shared_ptr<SettingCache> cache)
        : m_cache(cache ? std::move(cache) : std::make_shared<SettingCache>())
    {
    }

    std::shared_ptr<Drawn> glyph(const std::shared_ptr<const LetterSource>& source, std::uint32_t glyph_id,
                                 const Affine& by)
    {
        return drawn({identity(source), glyph_id, by.a, by.b, by.c, by.d}, anchor(source),
                     [&] { return source->outline(glyph_id); });
    }
    std::shared_ptr<Drawn> motif(const MotifDrawing& motif, const Affine& by)
    {
        return drawn({motif.outline.get(), 0, by.a, by.b, by.c, by.d}, motif.outline,
                     [&] { return *motif.outline; });
    }
    /// A change at one letter shapes its own run again, and no other.
    Result<std::shared_ptr<const ShapedLine>> shaped(const std::shared_ptr<const LetterSource>& source,
                                                     const std::string& text, const ShapeOptions& options)
    {
        const ShapedKey key{identity(source), text, options.tracking_em, options.worn};
        {
            const std::scoped_lock lock(m_cache->state().mutex);
            if (const auto known = m_cache->state().shaped.find(key))
                return known->line;
        }
        auto line = source->shape(text, options);
        if (!line)
            return fail(line.error());
        auto kept = std::make_shared<const ShapedLine>(std::move(*line));
        const std::scoped_lock lock(m_cache->state().mutex);
        m_cache->state().shaped.insert(key, {anchor(source), kept}, 1);
        return kept;
    }
    /// The same two glyphs stand side by side again and again: only their places change.
    std::optional<SideGap> gap(const SetLetter& left, const SetLetter& right)
    {
        const auto &l = left.glyphs.front(), &r = right.glyphs.front();
        const Point apart = r.at - l.at;
        const std::scoped_lock lock(m_cache->state().mutex);
        const GapKey key{l.paths.get(), r.paths.get(), apart.y};
        auto known = m_cache->state().gaps.find(key);
        if (!known) {
            known = Gap{l.paths, r.paths, sideGap(*profile(l.paths), *profile(r.paths), {0.0, apart.y})};
            m_cache->state().gaps.insert(key, *known, 1);
        }
        if (!known->gap)
            return {};
        return SideGap{known->gap->distance + apart.x, known->gap->at + l.at};
    }
    std::vector<LoosePiece> tails(const std::shared_ptr<const FontFace>& face)
    {
        const std::scoped_lock lock(m_cache->state().mutex);
        auto& entry = m_cache->state().tails[face.get()];
        if (!entry.first)
            entry = {face, tailsOf(*face)};
        return entry.second;
    }

private:
    std::shared_ptr<const SideProfile> profile(const std::shared_ptr<const Paths>& paths)
    {
        auto& made = m_profiles[paths.get()];
        if (!made)
            made = std::make_shared<const SideProfile>(bodyOf(*paths), kProfileTolerance_u);
        return made;
    }
    /// An open font is the same source however often it is asked for.
    static const void* identity(const std::shared_ptr<const LetterSource>& source)
    {
        const auto face = source->face();
        return face ? static_cast<const void*>(face.get()) : source.get();
    }
    static std::shared_ptr<const void> anchor(const std::shared_ptr<const LetterSource>& source)
    {
        const auto face = source->face();
        return face ? std::shared_ptr<const void>(face) : std::shared_ptr<const void>(source);
    }

    template <class Make>
    std::shared_ptr<Drawn> drawn(const DrawnKey& key, std::shared_ptr<const void> keep, Make make)
    {
        const std::scoped_lock lock(m_cache->state().mutex);
        auto& recent = m_cache->state().drawn;
        auto found = recent.find(key);
        if (!found) {
            const Affine by{key.a, key.b, key.c, key.d, 0, 0};
            auto fresh = std::make_shared<Drawn>();
            fresh->keeps_source = std::move(keep);
            fresh->paths = std::make_shared<const Paths>(transformed(make(), by));
            fresh->ink = bounds(*fresh->paths);
            recent.insert(key, fresh, 1);
            found = std::move(fresh);
        }
        return *found;
    }

    std::shared_ptr<SettingCache> m_cache;
    std::map<const Paths*, std::shared_ptr<const SideProfile>> m_profiles;
};

Box movedBox(const Box& box, Point by)
{
    return box.isEmpty() ? box : Box{box.x0 + by.x, box.y0 + by.y, box.x1 + by.x, box.y1 + by.y};
}

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
        Line line{first, end, {}, 0, 0, 0, 0, 0, {}};
        std::vector<std::vector<SetLetter>> parts;
        std::vector<double> advances;
        bool is_right_to_left = false;
        for (const auto& run : runsOf(first, end)) {
            if (m_request.cancel.isCancelled())
                return fail(ErrorCode::Cancelled);
            double advance = 0.0;
            auto letters = run.is_motif ? setMotif(run, drawn, advance) : setRun(run, drawn, line, advance);
            if (!letters)
                return fail(letters.error());
            if (parts.empty())
                is_right_to_left = !letters->empty() && letters->front().is_right_to_left;
            parts.push_back(std::move(*letters));
            advances.push_back(advance);
        }
        if (is_right_to_left) { // what comes first stands at the right
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
            letter.ink = movedBox(letter.ink, by);
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
        letter.ink.add(movedBox(drawn->ink, at));
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
                x = -own.x0 +
                    (block.align == Align::Left ? 0.0 : (block.align == Align::Middle ? room / 2 : room));
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

        SetBlock placed{number, {}, sensible(block.shape), origin, ink};
        if (placed.shape.kind != ShapeKind::None && !ink.isEmpty()) {
            const auto map = shapeMap(placed.shape, ink);
            if (placed.shape.bends) {
                placed.ink = mappedBox(*lines, map);
            } else {
                closeUpAlong(*lines, placed);
                const auto along = shapeMap(placed.shape, placed.straight_ink);
                for (auto& line : *lines)
                    for (auto& letter : line.letters)
                        keepAlong(letter, placed.shape, along, placed.straight_ink);
            }
        }
        Box now;
        for (const auto& line : *lines)
            now.add(line.ink());
        if (!placed.shape.bends || placed.shape.kind == ShapeKind::None)
            placed.ink = now;
        takeOver(*lines, number, origin);
        placed.ink = movedBox(placed.ink, origin);
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

    /// Boxes of the letters as the map leaves them, by the points of their glyphs.
    Box mappedBox(const std::vector<Line>& lines, const PointMap& map)
    {
        Box box;
        for (const auto& line : lines)
            for (const auto& letter : line.letters)
                for (const auto& glyph : letter.glyphs)
                    for (const auto& contour : *glyph.paths)
                        for (const Point p : flattened(contour, 2.0))
                            box.add(map(p + glyph.at));
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
            const auto map = shapeMap(placed.shape, placed.straight_ink);
            for (auto& line : lines) {
                double shift = 0.0;
                std::size_t next = 0;
                for (auto& pair : line.pairs) {
                    if (pair.state == ClosePair::State::LeftAsDrawn ||
                        pair.state == ClosePair::State::NoCommonHeight)
                        continue;
                    const auto gap = gapAlong(line.letters[pair.left], line.letters[pair.right], placed, map);
                    if (!gap)
                        continue;
                    for (; next < pair.right; ++next)
                        moveLetter(line.letters[next], {shift, 0.0});
                    const double moved = std::min(0.0, pair.moved - (*gap + depth));
                    largest = std::max(largest, std::abs(moved - pair.moved));
                    shift += moved - pair.moved;
                    pair.moved = moved;
                    if (*gap + depth <= 0.0 || moved < 0.0)
                        pair.state = ClosePair::State::Joins;
                }
                for (; next < line.letters.size(); ++next)
                    moveLetter(line.letters[next], {shift, 0.0});
            }
            Box ink;
            for (const auto& line : lines)
                ink.add(line.ink());
            placed.straight_ink = ink;
            if (largest < kSettled_u)
                return;
        }
    }

    /// The gap between two letters where they stand on the shape, seen along the line between them.
    static std::optional<double> gapAlong(const SetLetter& left, const SetLetter& right,
                                          const SetBlock& placed, const PointMap& map)
    {
        const Affine a = shapePlace(placed.shape, map, placed.straight_ink, left.foot().x);
        const Affine b = shapePlace(placed.shape, map, placed.straight_ink, right.foot().x);
        Point along = Point{a.a, a.b} + Point{b.a, b.b};
        along = along * (1.0 / std::max(1e-12, length(along)));
        const Affine level{along.x, -along.y, along.y, along.x, 0, 0};
        const auto profile = [&](const SetLetter& letter, const Affine& place) {
            Affine by = place.after(letter.glyphs.front().at);
            const Point e = level.map({by.e, by.f});
            by = {level.a * by.a + level.c * by.b,
                  level.b * by.a + level.d * by.b,
                  level.a * by.c + level.c * by.d,
                  level.b * by.c + level.d * by.d,
                  e.x,
                  e.y};
            return SideProfile(transformed(bodyOf(*letter.glyphs.front().paths), by), kProfileTolerance_u);
        };
        const auto gap = sideGap(profile(left, a), profile(right, b), {0, 0});
        return gap ? std::optional(gap->distance) : std::nullopt;
    }

    void keepAlong(SetLetter& letter, const WordShape& shape, const PointMap& map, const Box& ink)
    {
        const Affine place = shapePlace(shape, map, ink, letter.foot().x);
        letter.ink = {};
        for (auto& glyph : letter.glyphs) {
            auto turned = std::make_shared<const Paths>(
                transformed(*glyph.paths, {place.a, place.b, place.c, place.d, 0, 0}));
            glyph.at = place.map(glyph.at);
            letter.ink.add(movedBox(bounds(*turned), glyph.at));
            glyph.paths = std::move(turned);
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
        if (!from || !from->face())
            return tails;
        const double scale = kU_per_em / from->unitsPerEm();
        for (const auto& piece : m_drawings.tails(from->face())) {
            const auto drawn = m_drawings.glyph(from, piece.glyph_id, {scale, 0, 0, scale, 0, 0});
            tails.push_back({drawn->paths, drawn->ink});
        }
        return tails;
    }

    /// The tail whose width is nearest to the words', stretched to it within limits, hung under their feet.
    void addTail(const Block& block, SetBlock& placed, double baseline)
    {
        const auto tails = tailsFor(block);
        const double width = placed.ink.width();
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
        const double x = (placed.ink.x0 + placed.ink.x1) / 2 - (ink.x0 + ink.x1) / 2;
        const double y = baseline - block.tail_drop_em * kU_per_em * block.size - ink.y1;
        PlacedOutline tail;
        tail.block = placed.block;
        tail.glyphs.push_back({std::move(paths), {x, y}, 0});
        tail.ink = movedBox(ink, {x, y});
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
            const Point from = letter ? footOf(*letter) : Point{};
            const auto drawn = m_drawings.motif(
                motif->second, turnedAndSized(piece.turn_deg, piece.size, piece.is_mirrored));
            const Point at = from + Point{piece.x_em, piece.y_em} * kU_per_em;
            PlacedOutline placed;
            placed.piece = i;
            placed.glyphs.push_back({drawn->paths, at, 0});
            placed.ink = movedBox(drawn->ink, at);
            m_setting.pieces.push_back(std::move(placed));
        }
    }

    /// Where the letter's foot came to stand, shape and all.
    Point footOf(const SetLetter& letter) const
    {
        for (const auto& block : m_setting.blocks)
            if (block.block == letter.block && block.shape.kind != ShapeKind::None)
                return shapeMap(block.shape, block.straight_ink)(letter.foot() - block.origin) + block.origin;
        return letter.foot();
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
