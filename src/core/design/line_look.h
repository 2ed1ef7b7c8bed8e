// A line looked at for one of its letters: what the letter touches, and with what it joins. For what is tried
// on.
#pragma once

#include "core/design/close_up.h"
#include "core/design/setting.h"
#include "core/geometry/meeting.h"
#include "core/type/letter_forms.h"

#include <map>
#include <memory>
#include <set>
#include <string_view>
#include <utility>

namespace ink::detail {

/// Outlines are laid over each other on chords this near, in u.
inline constexpr double kMeetingTolerance_u = 0.5;

/// The job with one line left of its words, unshaped: what is tried on is seen in its line.
Job lineOnly(const Job& job, std::u32string_view words, std::size_t first, std::size_t end);
/// First character of the line, and one past its last.
std::pair<std::size_t, std::size_t> lineAround(std::u32string_view words, std::size_t character);
bool startsWord(std::u32string_view words, std::size_t character);
bool endsWord(std::u32string_view words, std::size_t character, std::size_t count);

/// What suits the letter's place in its word first, ornaments that sit on a letter's key last.
int placeOrder(const LetterForm& form, bool starts, bool ends);

/// Chords of letters, made once for each outline.
class Chords
{
public:
    const ShapeChords& whole(const PlacedPaths& glyph)
    {
        return made(m_whole, glyph, [](const Paths& p) { return p; });
    }
    const ShapeChords& body(const PlacedPaths& glyph) { return made(m_body, glyph, bodyOf); }

private:
    using Made =
        std::map<const Paths*, std::pair<std::shared_ptr<const Paths>, std::unique_ptr<ShapeChords>>>;

    template <class Part>
    static const ShapeChords& made(Made& in, const PlacedPaths& glyph, Part part)
    {
        auto& entry = in[glyph.paths.get()];
        if (!entry.second)
            entry = {glyph.paths, std::make_unique<ShapeChords>(part(*glyph.paths), kMeetingTolerance_u)};
        return *entry.second;
    }
    Made m_whole, m_body;
};

/// How a letter meets another with all its glyphs.
Meeting meeting(Chords& chords, const SetLetter& a, const SetLetter& b);

/// A letter of a line and how it stands to the others of it.
struct Standing
{
    std::size_t joins = 0;
    std::size_t neighbour_crossings = 0;
    std::set<std::size_t> others;
};

Standing standingOf(Chords& chords, const Setting& line, const SetLetter& letter);

} // namespace ink::detail
