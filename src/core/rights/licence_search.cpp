#include "core/rights/known_licences.h"

#include "core/rights/known_texts.h"
#include "core/rights/narrowing.h"
#include "core/rights/word_diff.h"

#include <algorithm>
#include <array>
#include <bit>
#include <cctype>
#include <cstdint>
#include <functional>
#include <optional>
#include <unordered_map>

namespace ink {
namespace {

using detail::KnownText;
using detail::kShingle;
using detail::library;
using detail::Row;

/// Below this part of a licence's text nothing is recognised; halves are.
constexpr double kLeastCoverage = 0.3;
constexpr std::size_t kLeastShingles = 25;
/// More words than this between a text and the known one, and it is a part of it at best.
constexpr std::size_t kMostEdits = 1200;
/// So many words of a text may be missing at either end, or be put in, before its ends are not found.
constexpr std::size_t kReach = 400;
/// More texts than this in one document are not looked for.
constexpr int kMostTexts = 4;

/// Whom a text speaks of, where it has to be filled in: the names differ between copies.
bool isOwner(std::string_view words)
{
    static constexpr std::array<std::string_view, 12> kOwners{"bitstream",
                                                              "bitstream vera",
                                                              "vera",
                                                              "the copyright holder",
                                                              "copyright holder",
                                                              "gnome the gnome foundation and bitstream inc",
                                                              "bitstream or the gnome foundation",
                                                              "the gnome foundation or bitstream inc",
                                                              "owner",
                                                              "organization",
                                                              "tavmjong bah",
                                                              "the copyright owner"};
    return std::ranges::find(kOwners, words) != kOwners.end();
}

/// Headings inside a licence, which some copies leave out.
bool isHeading(std::string_view words)
{
    static constexpr std::array<std::string_view, 6> kHeadings{
        "definitions",           "preamble",
        "termination",           "disclaimer",
        "permission conditions", "permission and conditions"};
    return words.empty() || std::ranges::find(kHeadings, words) != kHeadings.end();
}

/// Where a licence matches best: words of the row.
struct Match
{
    std::size_t licence = 0, matched = 0, begin = 0, end = 0;
};

/// The stretch with most shingles of the licence. Each counts once, so that the end of one text and the
/// beginning of its sibling do not make a whole.
Match bestWindow(const std::vector<std::uint64_t>& hashes, const std::vector<std::uint64_t>& masks,
                 std::size_t licence, std::size_t licence_size)
{
    const std::uint64_t bit = std::uint64_t{1} << licence;
    const std::size_t width = licence_size + licence_size / 8 + 20;
    Match best{licence, 0, 0, 0};
    std::unordered_map<std::uint64_t, int> inside;
    for (std::size_t i = 0; i < masks.size(); ++i) {
        if ((masks[i] & bit) != 0)
            ++inside[hashes[i]];
        if (i >= width && (masks[i - width] & bit) != 0)
            if (const auto it = inside.find(hashes[i - width]); --it->second == 0)
                inside.erase(it);
        if (inside.size() >= best.matched)
            best = {licence, inside.size(), i + 1 > width ? i + 1 - width : 0, i + 1};
    }
    while (best.begin < best.end && (masks[best.begin] & bit) == 0)
        ++best.begin;
    while (best.end > best.begin && (masks[best.end - 1] & bit) == 0)
        --best.end;
    return best;
}

std::size_t distance(std::size_t a, std::size_t b)
{
    return a < b ? b - a : a - b;
}

class Recogniser
{
public:
    explicit Recogniser(const ReadText& text) : m_text(text), m_row(text)
    {
        m_out.is_known_text.resize(text.sentences.size());
    }

    Recognised run()
    {
        const auto hashes = m_row.shingles();
        std::vector<std::uint64_t> masks;
        masks.reserve(hashes.size());
        for (const auto hash : hashes) {
            const auto it = library().licences.find(hash);
            masks.push_back(it == library().licences.end() ? 0 : it->second);
        }
        for (int found = 0; found < kMostTexts; ++found) {
            const auto best = bestMatch(hashes, masks);
            if (!best)
                break;
            take(*best, masks);
        }
        return std::move(m_out);
    }

private:
    static std::optional<Match> bestMatch(const std::vector<std::uint64_t>& hashes,
                                          const std::vector<std::uint64_t>& masks)
    {
        std::array<std::size_t, 64> present{};
        for (auto mask : masks)
            for (; mask != 0; mask &= mask - 1)
                ++present[static_cast<std::size_t>(std::countr_zero(mask))];
        std::optional<Match> best;
        for (std::size_t i = 0; i < library().texts.size(); ++i) {
            const std::size_t size = library().count[i];
            const double least = std::max(static_cast<double>(std::min(kLeastShingles, size / 2)),
                                          kLeastCoverage * static_cast<double>(size));
            if (size == 0 || static_cast<double>(present[i]) < least)
                continue;
            const auto match = bestWindow(hashes, masks, i, size);
            if (static_cast<double>(match.matched) >= least && (!best || match.matched > best->matched))
                best = match;
        }
        return best;
    }

    /// Notes a found text and takes its words away, so that a second text in the same file is found as well.
    void take(const Match& match, std::vector<std::uint64_t>& masks)
    {
        const KnownLicence& licence = knownLicences()[match.licence];
        FoundLicence found{&licence, 0.0, false, {}, m_row.places[match.begin].sentence};
        found.coverage = std::min(
            static_cast<double>(match.matched) / static_cast<double>(library().count[match.licence]), 1.0);
        markKnown(match, masks);
        compare(match, found);
        if (const auto key = m_row.find(licence.key, match.begin); key && *key < match.end + kShingle)
            found.sentence = m_row.places[*key].sentence;
        for (std::size_t i = match.begin; i < match.end; ++i)
            if ((masks[i] & (std::uint64_t{1} << match.licence)) != 0)
                masks[i] = 0;
        m_out.licences.push_back(std::move(found));
    }

    /// Sentences that are in the known text word for word.
    void markKnown(const Match& match, const std::vector<std::uint64_t>& masks)
    {
        const std::uint64_t bit = std::uint64_t{1} << match.licence;
        const auto last = std::min(match.end + kShingle - 1, m_row.words.size());
        std::vector<bool> is_covered(last - match.begin);
        for (std::size_t i = match.begin; i < match.end; ++i)
            if ((masks[i] & bit) != 0)
                for (std::size_t k = i; k < std::min(i + kShingle, last); ++k)
                    is_covered[k - match.begin] = true;
        for (std::size_t i = match.begin; i < last;) {
            const std::size_t sentence = m_row.places[i].sentence;
            bool is_whole = true;
            for (; i < last && m_row.places[i].sentence == sentence; ++i)
                is_whole = is_whole && is_covered[i - match.begin];
            m_out.is_known_text[sentence] = is_whole;
        }
    }

    /// The part that grants and conditions, word by word.
    void compare(const Match& match, FoundLicence& found)
    {
        const KnownText& known = library().texts[match.licence];
        std::optional<std::vector<WordEdit>> edits;
        std::pair<std::size_t, std::size_t> stretch;
        std::size_t fewest = kMostEdits;
        // Siblings share most of their words: of the places where it could begin, the one where it fits best.
        for (const auto place : beginnings(match, known)) {
            const auto here = stretchFrom(place, match, known);
            if (auto there =
                    wordDiff(known.operative(),
                             std::span(m_row.words).subspan(here.first, here.second - here.first), fewest)) {
                fewest = 0;
                for (const auto& edit : *there)
                    fewest += edit.old_end - edit.old_begin + edit.new_end - edit.new_begin;
                edits = std::move(there);
                stretch = here;
            }
        }
        if (!edits) {
            found.changes.push_back({{}, {}, found.sentence, {}});
            return;
        }
        const auto [begin, end] = stretch;
        for (auto i = begin; i < end; ++i)
            m_out.is_known_text[m_row.places[i].sentence] = true;
        for (const auto& edit : *edits) {
            auto change = changeOf(edit, known, begin);
            const bool is_heading =
                isHeading(change.put_in) && isHeading(change.left_out) &&
                fillsSentences(known.row, known.begin + edit.old_begin, known.begin + edit.old_end) &&
                fillsSentences(m_row, begin + edit.new_begin, begin + edit.new_end);
            const bool is_neutral =
                is_heading || (isOwner(change.left_out) && isProperName(change)) || isDoubled(edit, begin);
            if (is_neutral)
                continue;
            for (auto i = begin + edit.new_begin; i < begin + edit.new_end; ++i)
                m_out.is_known_text[m_row.places[i].sentence] = false;
            found.changes.push_back(std::move(change));
        }
        found.is_whole = found.changes.empty();
    }

    /// Whether words [first, end) are whole sentences.
    static bool fillsSentences(const Row& row, std::size_t first, std::size_t end)
    {
        return first == end ||
               ((first == 0 || row.places[first - 1].sentence != row.places[first].sentence) &&
                (end == row.words.size() || row.places[end].sentence != row.places[end - 1].sentence));
    }

    /// Whether the shingle `in_known` of the operative part stands at `row`.
    bool sits(std::size_t row, std::size_t in_known, std::span<const std::string_view> operative) const
    {
        for (std::size_t k = 0; k < kShingle; ++k)
            if (row + k >= m_row.words.size() || in_known + k >= operative.size() ||
                m_row.words[row + k] != operative[in_known + k])
                return false;
        return true;
    }

    /// Where the operative part could begin: a place, and how many words of it are missing there.
    struct Beginning
    {
        std::size_t row = 0, missing = 0;
    };

    std::vector<Beginning> beginnings(const Match& match, const KnownText& known) const
    {
        constexpr std::size_t kMostPlaces = 6;
        std::vector<Beginning> places;
        for (std::size_t k = 0; k < kReach && places.empty() && k + kShingle <= known.operative().size(); ++k)
            for (std::size_t row = 0; row < m_row.words.size() && places.size() < kMostPlaces; ++row)
                if (sits(row, k, known.operative()))
                    places.push_back({row, k});
        if (places.empty())
            places.push_back({match.begin, 0});
        return places;
    }

    /// From a beginning to the end of the operative part, in whole sentences: what stands beside the known
    /// words in one of them was put in.
    std::pair<std::size_t, std::size_t> stretchFrom(const Beginning& place, const Match& match,
                                                    const KnownText& known) const
    {
        const auto operative = known.operative();
        std::size_t begin = place.row - std::min(place.missing, place.row);
        const std::size_t last = operative.size() >= kShingle ? operative.size() - kShingle : 0;
        const std::size_t limit = std::min(begin + operative.size() + kReach, m_row.words.size());
        std::size_t end =
            std::min(std::max(match.end + kShingle - 1, begin + operative.size()), m_row.words.size());
        for (std::size_t k = 0; k < std::min(kReach, last + 1); ++k) {
            // The same words may stand more than once: those where the text should end.
            const auto expected = begin + last - k;
            std::optional<std::size_t> nearest;
            for (std::size_t row = begin; row < limit; ++row)
                if (sits(row, last - k, operative) &&
                    (!nearest || distance(row, expected) <= distance(*nearest, expected)))
                    nearest = row;
            if (nearest) {
                end = std::min(*nearest + kShingle + k, m_row.words.size());
                break;
            }
        }
        const auto stop = known.end < known.row.words.size()
                              ? m_row.find(knownLicences()[match.licence].to, begin)
                              : std::nullopt;
        std::size_t first = begin;
        while (first > 0 && m_row.places[first - 1].sentence == m_row.places[begin].sentence)
            --first;
        if (!isTitle(first, begin, known))
            begin = first;
        while (end < m_row.words.size() && end > 0 && end != stop &&
               m_row.places[end].sentence == m_row.places[end - 1].sentence)
            ++end;
        return {begin, std::max(begin, end)};
    }

    /// What stands before the operative part in one sentence with it, where lines were joined: the title of
    /// the licence, and whose copyright it is.
    bool isTitle(std::size_t first, std::size_t end, const KnownText& known) const
    {
        bool is_notice = false;
        for (auto i = first; i < end; ++i) {
            const auto word = m_row.words[i];
            const auto title = std::span(known.row.words).first(known.begin);
            const auto& sentence = m_text.sentences[m_row.places[i].sentence];
            const auto begin = sentence.tokens[m_row.places[i].token].span.begin;
            const auto letter = static_cast<unsigned char>(sentence.text[begin]);
            const bool is_placeholder = begin > 0 && sentence.text[begin - 1] == '<';
            is_notice = is_notice || word == "copyright";
            static constexpr std::array<std::string_view, 9> kOfNotices{
                "copyright", "c", "by", "and", "all", "rights", "reserved", "holders", "holder"};
            const bool is_of_notice =
                is_notice && !isTelling(word) &&
                (std::isupper(letter) != 0 || std::isdigit(letter) != 0 || is_placeholder);
            if (std::ranges::find(title, word) == title.end() &&
                std::ranges::find(kOfNotices, word) == kOfNotices.end() && !is_of_notice)
                return false;
        }
        return true;
    }

    /// "or or": a slip of the pen.
    bool isDoubled(const WordEdit& edit, std::size_t offset) const
    {
        static constexpr std::array<std::string_view, 7> kSmall{"or", "and", "the", "a", "of", "to", "in"};
        const std::size_t at = offset + edit.new_begin;
        if (edit.old_begin != edit.old_end || edit.new_end != edit.new_begin + 1 ||
            std::ranges::find(kSmall, m_row.words[at]) == kSmall.end())
            return false;
        return (at > 0 && m_row.words[at - 1] == m_row.words[at]) ||
               (at + 1 < m_row.words.size() && m_row.words[at + 1] == m_row.words[at]);
    }

    /// Every word of what was put in begins with a capital: "Larch & Pail Inc."
    bool isProperName(const LicenceChange& change) const
    {
        const std::string_view text = std::string_view(m_text.sentences[change.sentence].text)
                                          .substr(change.span.begin, change.span.end - change.span.begin);
        const auto tokens = tokensOf(text);
        const bool is_capital = std::ranges::all_of(tokens, [&](const Token& t) {
            const auto c = static_cast<unsigned char>(text[t.span.begin]);
            return std::isupper(c) != 0 || std::ispunct(c) != 0 || c >= 0xC3;
        });
        // In a text all in capitals a capital tells nothing.
        return !change.put_in.empty() && is_capital &&
               std::ranges::any_of(text, [](unsigned char c) { return std::islower(c) != 0; });
    }

    LicenceChange changeOf(const WordEdit& edit, const KnownText& known, std::size_t offset) const
    {
        LicenceChange change;
        for (auto i = edit.old_begin; i < edit.old_end; ++i)
            change.left_out += (change.left_out.empty() ? "" : " ") + std::string(known.operative()[i]);
        if (edit.new_begin == edit.new_end) {
            const auto near = std::min(offset + edit.new_begin, m_row.places.size() - 1);
            change.sentence = m_row.places[near].sentence;
            return change;
        }
        const auto first = m_row.places[offset + edit.new_begin];
        const Sentence& sentence = m_text.sentences[first.sentence];
        change.sentence = first.sentence;
        change.span = sentence.tokens[first.token].span;
        for (auto i = edit.new_begin; i < edit.new_end; ++i) {
            change.put_in += (change.put_in.empty() ? "" : " ") + std::string(m_row.words[offset + i]);
            if (m_row.places[offset + i].sentence == first.sentence)
                change.span.end = sentence.tokens[m_row.places[offset + i].token].span.end;
        }
        return change;
    }

    const ReadText& m_text;
    Row m_row;
    Recognised m_out;
};

} // namespace

Recognised recogniseLicences(const ReadText& text)
{
    return Recogniser(text).run();
}

} // namespace ink
