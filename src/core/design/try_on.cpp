#include "core/design/try_on.h"

#include "core/base/recent.h"

#include "core/design/line_look.h"
#include "core/geometry/medial_axis.h"
#include "core/geometry/weld.h"

#include <algorithm>
#include <map>
#include <mutex>
#include <set>
#include <tuple>

namespace ink {
using namespace detail;

namespace {

/// A stroke's end within another stroke crosses it twice; more than that beyond what the plain letter does is
/// a swash that runs through its neighbour.
constexpr std::size_t kJoinCrossings = 2;

} // namespace

struct StrokeWidths::State
{
    /// By face, which is held so that no other takes its place, and glyph. What was used last stays.
    using Key = std::pair<std::shared_ptr<const FontFace>, std::uint32_t>;
    struct KeyHash
    {
        std::size_t operator()(const Key& key) const
        {
            return std::hash<const FontFace*>()(key.first.get()) ^ key.second * 0x9E3779B97F4A7C15ull;
        }
    };
    template <class T>
    using Kept = Recent<Key, T, KeyHash>;
    static constexpr std::size_t kMostGlyphs = 20'000;

    /// Made outside the lock: two threads may make the same, to the same end.
    template <class T, class Make>
    T kept(Kept<T>& in, const std::shared_ptr<const FontFace>& face, std::uint32_t glyph_id, Make make)
    {
        const auto key = std::pair(face, glyph_id);
        {
            const std::scoped_lock lock(mutex);
            if (auto known = in.find(key))
                return std::move(*known);
        }
        T value = make();
        const std::scoped_lock lock(mutex);
        in.insert(key, value, 1);
        return value;
    }

    std::mutex mutex;
    Kept<std::optional<double>> widths{kMostGlyphs};
    Kept<std::vector<StrokeEnd>> ends{kMostGlyphs};
};

StrokeWidths::StrokeWidths() : m_state(std::make_unique<State>()) {}
StrokeWidths::~StrokeWidths() = default;

namespace {

Result<Welded> weldedGlyph(const FontFace& face, std::uint32_t glyph_id)
{
    const std::vector<Paths> glyph{face.glyphOutline(glyph_id)};
    return weld(glyph, Unit::ofFont(face.info().units_per_em));
}

} // namespace

std::optional<double> StrokeWidths::of(const std::shared_ptr<const FontFace>& face, std::uint32_t glyph_id)
{
    return m_state->kept(m_state->widths, face, glyph_id, [&]() -> std::optional<double> {
        const double units_per_em = face->info().units_per_em;
        if (const auto welded = weldedGlyph(*face, glyph_id))
            if (const auto axis = medialAxis(welded->outline, Unit::ofFont(units_per_em));
                axis && axis->thinnest_stroke)
                return axis->thinnest_stroke->width / units_per_em;
        return {};
    });
}

std::vector<StrokeEnd> StrokeWidths::endsOf(const std::shared_ptr<const FontFace>& face,
                                            std::uint32_t glyph_id)
{
    return m_state->kept(m_state->ends, face, glyph_id, [&]() -> std::vector<StrokeEnd> {
        const auto welded = weldedGlyph(*face, glyph_id);
        if (!welded)
            return {};
        const double scale = kU_per_em / face->info().units_per_em;
        return strokeEnds(transformed(welded->outline, {scale, 0, 0, scale, 0, 0}), 1.0);
    });
}

void wear(Job& job, std::size_t character, const LetterForm* form)
{
    auto& letters = job.lettering.letters;
    const std::size_t count = form ? form->letters.size() : 1;
    // Other forms that cover one of the letters go.
    for (auto& [at, choice] : letters)
        if (choice.worn && at < character + count && at + choice.worn->characters > character)
            choice.worn.reset();
    if (form)
        letters[character].worn = WornForm{form->glyph_id, form->glyph_name, count};
    tidy(job.lettering);
}

namespace {

/// Tries forms on one letter of one line, each beside the plain letter.
class LetterTrier
{
public:
    LetterTrier(const TryOnRequest& request, std::u32string_view words)
        : m_request(request),
          m_words(words), m_setting{request.mm_per_u.across, request.cancel, request.settings}
    {
        std::tie(m_first, m_end) = lineAround(m_words, request.character);
        m_at = request.character - m_first;
    }

    Result<std::vector<TryOn>> run()
    {
        if (auto ready = prepare(); !ready)
            return fail(ready.error());
        if (!m_plain.letterAt(m_at))
            return std::vector<TryOn>{};
        m_plain_standing = standingOf(m_chords, m_plain, *m_plain.letterAt(m_at));
        add(m_plain, LetterForm{}, true);
        std::set<std::pair<std::uint32_t, std::size_t>> seen{{m_plain.letterAt(m_at)->glyph_id, 1}};
        for (auto& form : formsInOrder()) {
            if (m_request.cancel.isCancelled())
                return fail(ErrorCode::Cancelled);
            if (!seen.insert({form.glyph_id, form.letters.size()}).second)
                continue;
            Job job = m_line_job;
            wear(job, m_at, &form);
            const auto set = setLettering(job, m_request.letters, m_setting);
            if (!set)
                return fail(set.error());
            add(*set, std::move(form), false);
        }
        return std::move(m_tries);
    }

private:
    /// Sets the whole, the line as it is worn, and the line with the plain letter.
    Result<void> prepare()
    {
        auto whole = setLettering(m_request.job, m_request.letters, m_setting);
        if (!whole)
            return fail(whole.error());
        m_whole = std::move(*whole);
        m_line_job = lineOnly(m_request.job, m_words, m_first, m_end);
        const auto as_worn = setLettering(m_line_job, m_request.letters, m_setting);
        if (!as_worn)
            return fail(as_worn.error());
        m_worn_ink = as_worn->ink;
        // Where the line stands among the others, and what else is on the paper.
        if (const auto* own = m_whole.letterAt(m_request.character))
            m_line_at = Point{own->pen_x, own->baseline};
        if (const auto* own = as_worn->letterAt(m_at))
            m_line_at = m_line_at - Point{own->pen_x, own->baseline};
        Job plain_job = m_line_job;
        wear(plain_job, m_at, nullptr);
        auto plain = setLettering(plain_job, m_request.letters, m_setting);
        if (!plain)
            return fail(plain.error());
        m_plain = std::move(*plain);
        m_word_first = m_at;
        m_word_end = m_at + 1;
        const auto in_line = m_words.substr(m_first, m_end - m_first);
        while (m_word_first > 0 && in_line[m_word_first - 1] != U' ')
            --m_word_first;
        while (m_word_end < in_line.size() && in_line[m_word_end] != U' ')
            ++m_word_end;
        return {};
    }

    std::vector<LetterForm> formsInOrder() const
    {
        const std::size_t character = m_request.character;
        auto forms = m_request.forms->of(m_words.substr(character, m_end - character));
        const bool starts = startsWord(m_words, character);
        std::ranges::stable_sort(forms, {}, [&](const LetterForm& form) {
            return std::pair(form.letters.size() != m_request.count,
                             placeOrder(form, starts, endsWord(m_words, character, form.letters.size())));
        });
        return forms;
    }

    /// A line that grows while its finished size stays makes every letter smaller, strokes too.
    double shrinks(const Box& tried) const
    {
        const Box& all = m_whole.ink;
        const auto share = [](double before, double now, double line) {
            return before > 0.0 ? before / std::max(1e-9, before + now - line) : 1.0;
        };
        const SizeBy by = m_request.job.size.by;
        if (by == SizeBy::Width && m_worn_ink.width() > 0.98 * all.width())
            return share(all.width(), tried.width(), m_worn_ink.width());
        if (by == SizeBy::Height && m_worn_ink.height() > 0.98 * all.height())
            return share(all.height(), tried.height(), m_worn_ink.height());
        return 1.0;
    }

    void judge(TryOnVerdict& v, const Setting& set, const SetLetter& letter)
    {
        const auto standing = standingOf(m_chords, set, letter);
        v.joins = standing.joins;
        v.joins_before = m_plain_standing.joins;
        v.collides_with_neighbour =
            standing.neighbour_crossings >
            std::max(m_plain_standing.neighbour_crossings + kJoinCrossings, kJoinCrossings * standing.joins);
        for (const auto other : standing.others)
            v.collides_with_other = v.collides_with_other || !m_plain_standing.others.contains(other);
        SetLetter moved = letter;
        moveLetter(moved, m_line_at);
        for (const auto& other : m_whole.letters)
            if ((other.first < m_first || other.first >= m_end) && meeting(m_chords, moved, other).touches())
                v.collides_with_other = true;
        v.wider_mm = (set.ink.width() - m_plain.ink.width()) * m_request.mm_per_u.across;
        if (m_request.strokes && letter.glyph_id != 0)
            measureStrokes(v, set, letter);
    }

    void measureStrokes(TryOnVerdict& v, const Setting& set, const SetLetter& letter) const
    {
        const auto source = m_request.letters(letter.font);
        if (!source || !(*source)->face())
            return;
        const auto width = m_request.strokes->of((*source)->face(), letter.glyph_id);
        if (!width)
            return;
        // Drawn narrower, upright strokes become thinner.
        const double em_u = letter.scale * std::min(1.0, letter.stretch) * (*source)->unitsPerEm();
        v.thinnest_mm = *width * em_u * m_request.mm_per_u.least() * shrinks(set.ink);
        v.is_too_thin = v.thinnest_mm < m_request.job.limits().stroke_floor_mm;
    }

    void add(const Setting& set, LetterForm form, bool is_plain)
    {
        const auto& worn = m_request.job.lettering.letter(m_request.character).worn;
        TryOn item;
        item.form = std::move(form);
        item.is_plain = is_plain;
        item.is_worn = is_plain ? !worn : worn && worn->glyph_id == item.form.glyph_id;
        item.character = m_at;
        for (const auto& letter : set.letters)
            if (letter.first >= m_word_first && letter.first < m_word_end) {
                item.word.push_back(letter);
                item.word_ink.add(letter.ink);
            }
        if (const auto* letter = set.letterAt(m_at))
            judge(item.verdict, set, *letter);
        m_tries.push_back(std::move(item));
    }

    const TryOnRequest& m_request;
    std::u32string_view m_words;
    SettingRequest m_setting;
    std::size_t m_first = 0, m_end = 0;           // the line
    std::size_t m_word_first = 0, m_word_end = 0; // the word, counted in the line
    std::size_t m_at = 0;                         // the letter, counted in the line
    Job m_line_job;
    Setting m_whole, m_plain;
    Box m_worn_ink;
    Point m_line_at;
    Chords m_chords;
    Standing m_plain_standing;
    std::vector<TryOn> m_tries;
};

} // namespace

Result<std::vector<TryOn>> tryOn(const TryOnRequest& request)
{
    const auto words = toUtf32(request.job.words);
    if (request.character >= words.size() || words[request.character] == U'\n' || !request.forms)
        return std::vector<TryOn>{};
    return LetterTrier(request, words).run();
}

} // namespace ink
