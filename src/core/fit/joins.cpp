#include "core/fit/joins.h"

#include "core/geometry/box.h"

#include <algorithm>
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

} // namespace

Result<std::vector<LetterPair>> letterPairs(const SetWords& set, Unit unit, const WeldOptions& options)
{
    std::vector<LetterPair> pairs;
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
            auto both = left.glyphs;
            both.insert(both.end(), right.glyphs.begin(), right.glyphs.end());
            const auto one = piecesOf(left.glyphs, unit, options),
                       other = piecesOf(right.glyphs, unit, options),
                       together = piecesOf(both, unit, options);
            for (const auto* pieces : {&one, &other, &together})
                if (!*pieces)
                    return fail(pieces->error());
            pair.joins = *together < *one + *other;
        }
        pairs.push_back(pair);
    }
    return pairs;
}

} // namespace ink
