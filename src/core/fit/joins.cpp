#include "core/fit/joins.h"

#include "core/geometry/box.h"
#include "core/geometry/meeting.h"
#include "core/geometry/nesting.h"

#include <algorithm>
#include <map>
#include <span>

namespace ink {
namespace {

/// All glyphs of one cluster: a letter with its marks.
struct Letter
{
    LetterRef ref;
    std::vector<PlacedPaths> glyphs;
    Box box;
};

std::vector<Letter> lettersOf(const SetWords& set)
{
    std::vector<Letter> letters;
    std::uint32_t cluster = 0;
    for (std::size_t i = 0; i < set.glyphs_fu.size(); ++i) {
        const LetterRef ref = set.letters[i];
        const auto own = set.lines[ref.line].shaped.glyphs[ref.glyph].cluster;
        const bool continues = !letters.empty() && letters.back().ref.line == ref.line && cluster == own;
        if (!continues)
            letters.push_back({ref, {}, {}});
        cluster = own;
        const auto& glyph = set.glyphs_fu[i];
        letters.back().glyphs.push_back(glyph);
        Box box = bounds(*glyph.paths);
        letters.back().box.add(Point{box.x0, box.y0} + glyph.at);
        letters.back().box.add(Point{box.x1, box.y1} + glyph.at);
    }
    return letters;
}

/// A space, or a glyph without ink, stands between the two.
bool isSpaceBetween(const SetWords& set, const LetterRef& left, const LetterRef& right)
{
    const auto& glyphs = set.lines[left.line].shaped.glyphs;
    const auto leftmost = std::min(left.glyph, right.glyph), rightmost = std::max(left.glyph, right.glyph);
    for (std::size_t g = leftmost + 1; g < rightmost; ++g)
        if (glyphs[g].cluster != glyphs[leftmost].cluster && glyphs[g].cluster != glyphs[rightmost].cluster)
            return true;
    return false;
}

Result<std::size_t> piecesOf(std::span<const PlacedPaths> glyphs, Unit unit, const WeldOptions& options)
{
    const auto welded = weld(glyphs, unit, options);
    if (!welded)
        return fail(welded.error());
    return welded->outline.pieces.size();
}

/// Chords of the single glyphs, welded; made once for each.
class Pairs
{
public:
    Pairs(Unit unit, const WeldOptions& options) : m_unit(unit), m_options(options) {}

    Result<bool> join(const Letter& left, const Letter& right)
    {
        bool is_apart = true;
        for (const auto& l : left.glyphs)
            for (const auto& r : right.glyphs) {
                const auto one = chordsOf(l), other = chordsOf(r);
                if (!one || !other)
                    return fail(one ? other.error() : one.error());
                if (overlapDeeply(**one, l.at, **other, r.at, kSure_u * m_unit.u))
                    return true;
                is_apart = is_apart &&
                           distanceOf(**one, l.at, **other, r.at, kSure_u * m_unit.u) >= kSure_u * m_unit.u;
            }
        return is_apart ? Result<bool>(false) : joinWelded(left, right);
    }

private:
    /// What chords on both sides can be wrong by, and some.
    static constexpr double kChord_u = 0.25, kSure_u = 0.6;

    Result<const ShapeChords*> chordsOf(const PlacedPaths& glyph)
    {
        if (const auto known = m_chords.find(glyph.paths.get()); known != m_chords.end())
            return &known->second;
        const PlacedPaths alone{glyph.paths, {}, 0};
        const auto welded = weld({&alone, 1}, m_unit, m_options);
        if (!welded)
            return fail(welded.error());
        return &m_chords
                    .emplace(glyph.paths.get(), ShapeChords(toPaths(welded->outline), kChord_u * m_unit.u))
                    .first->second;
    }

    /// Where they only just touch, or only just do not, the weld decides.
    Result<bool> joinWelded(const Letter& left, const Letter& right) const
    {
        auto both = left.glyphs;
        both.insert(both.end(), right.glyphs.begin(), right.glyphs.end());
        const auto one = piecesOf(left.glyphs, m_unit, m_options),
                   other = piecesOf(right.glyphs, m_unit, m_options),
                   together = piecesOf(both, m_unit, m_options);
        for (const auto* pieces : {&one, &other, &together})
            if (!*pieces)
                return fail(pieces->error());
        return *together < *one + *other;
    }

    Unit m_unit;
    const WeldOptions& m_options;
    std::map<const Paths*, ShapeChords> m_chords;
};

} // namespace

Result<std::vector<LetterPair>> letterPairs(const SetWords& set, Unit unit, const WeldOptions& options)
{
    std::vector<LetterPair> pairs;
    Pairs all(unit, options);
    const auto letters = lettersOf(set);
    for (std::size_t i = 0; i + 1 < letters.size(); ++i) {
        const Letter &left = letters[i], &right = letters[i + 1];
        if (left.ref.line != right.ref.line || isSpaceBetween(set, left.ref, right.ref))
            continue;
        LetterPair pair{left.ref,
                        right.ref,
                        false,
                        {(left.box.x1 + right.box.x0) / 2,
                         (std::max(left.box.y0, right.box.y0) + std::min(left.box.y1, right.box.y1)) / 2}};
        if (meets(left.box, right.box)) {
            const auto joins = all.join(left, right);
            if (!joins)
                return fail(joins.error());
            pair.joins = *joins;
        }
        pairs.push_back(pair);
    }
    return pairs;
}

} // namespace ink
