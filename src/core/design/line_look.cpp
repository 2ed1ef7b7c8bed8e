#include "core/design/line_look.h"

#include <algorithm>

namespace ink::detail {

Job lineOnly(const Job& job, std::u32string_view words, std::size_t first, std::size_t end)
{
    Job line = job;
    line.words.clear();
    for (std::size_t i = first; i < end; ++i)
        line.words += toUtf8(words[i]);
    line.lettering.letters.clear();
    for (auto it = job.lettering.letters.lower_bound(first);
         it != job.lettering.letters.end() && it->first < end; ++it)
        line.lettering.letters.emplace(it->first - first, it->second);
    line.lettering.pieces.clear();
    line.lettering.blocks.clear();
    return line;
}

std::pair<std::size_t, std::size_t> lineAround(std::u32string_view words, std::size_t character)
{
    std::size_t first = std::min(character, words.size()), end = first;
    while (first > 0 && words[first - 1] != U'\n')
        --first;
    while (end < words.size() && words[end] != U'\n')
        ++end;
    return {first, end};
}

bool startsWord(std::u32string_view words, std::size_t character)
{
    return character == 0 || !isWordCharacter(words[character - 1]);
}

bool endsWord(std::u32string_view words, std::size_t character, std::size_t count)
{
    return character + count >= words.size() || !isWordCharacter(words[character + count]);
}

namespace {

bool boxesMeet(const Box& a, const Box& b)
{
    return a.x0 <= b.x1 && b.x0 <= a.x1 && a.y0 <= b.y1 && b.y0 <= a.y1;
}

} // namespace

Meeting meeting(Chords& chords, const SetLetter& a, const SetLetter& b)
{
    Meeting all;
    if (!a.hasInk() || !b.hasInk() || !boxesMeet(a.ink, b.ink))
        return all;
    for (const auto& one : a.glyphs)
        for (const auto& other : b.glyphs) {
            const auto m = meetingOf(chords.whole(one), one.at, chords.whole(other), other.at);
            all.crossings += m.crossings;
            all.is_within = all.is_within || m.is_within;
        }
    return all;
}

Standing standingOf(Chords& chords, const Setting& line, const SetLetter& letter)
{
    Standing standing;
    const auto at = static_cast<std::size_t>(&letter - line.letters.data());
    for (std::size_t i = 0; i < line.letters.size(); ++i) {
        const auto& other = line.letters[i];
        if (i == at || !other.hasInk())
            continue;
        const bool is_neighbour = i + 1 == at || i == at + 1;
        const auto met = meeting(chords, letter, other);
        if (!is_neighbour) {
            if (met.touches())
                standing.others.insert(other.first);
            continue;
        }
        standing.neighbour_crossings += met.crossings;
        if (met.touches() && boxesMeet(letter.ink, other.ink) &&
            meetingOf(chords.body(letter.glyphs.front()), letter.glyphs.front().at,
                      chords.body(other.glyphs.front()), other.glyphs.front().at)
                .touches())
            ++standing.joins;
    }
    return standing;
}

int placeOrder(const LetterForm& form, bool starts, bool ends)
{
    const bool suits =
        (form.place == FormPlace::Beginning && starts) || (form.place == FormPlace::Ending && ends);
    if (form.feature == "ornm")
        return 3;
    if (suits)
        return 0;
    return form.place == FormPlace::Anywhere ? 1 : 2;
}

} // namespace ink::detail
