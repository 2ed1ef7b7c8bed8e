#include "core/design/close_up.h"

#include <algorithm>

namespace ink {
namespace {

/// A capital further from its small letter than this does not join by design, in u.
constexpr double kDesignedApart = 60.0;

struct Neighbours
{
    std::size_t left = 0, right = 0;
    std::optional<SideGap> gap;
    bool can_close = false;
};

bool isPartOfWord(const SetLetter& letter, std::u32string_view words)
{
    return letter.hasInk() && (letter.glyph_id == 0 || isWordCharacter(words[letter.first]));
}

std::vector<Neighbours> neighboursOf(std::span<const SetLetter> line, std::u32string_view words,
                                     const GapOf& gap)
{
    std::vector<Neighbours> found;
    for (std::size_t i = 0; i + 1 < line.size(); ++i) {
        if (!line[i].hasInk() || !line[i + 1].hasInk())
            continue;
        Neighbours n{i, i + 1, {}, isPartOfWord(line[i], words) && isPartOfWord(line[i + 1], words)};
        n.gap = gap(line[i], line[i + 1]);
        found.push_back(n);
    }
    return found;
}

bool isSmall(const SetLetter& letter, std::u32string_view words)
{
    return letter.glyph_id != 0 && isSmallLetter(words[letter.first]);
}

/// Most pairs of small letters touch as they are spaced.
bool joinsByDesign(std::span<const SetLetter> line, std::u32string_view words,
                   const std::vector<Neighbours>& all)
{
    std::size_t pairs = 0, joined = 0;
    for (const auto& n : all) {
        if (!n.gap || !isSmall(line[n.left], words) || !isSmall(line[n.right], words))
            continue;
        ++pairs;
        joined += n.gap->distance <= 0.0 ? 1 : 0;
    }
    return pairs > 0 && 2 * joined > pairs;
}

ClosePair pairOf(const Neighbours& n)
{
    ClosePair pair;
    pair.left = n.left;
    pair.right = n.right;
    if (!n.gap) {
        pair.state = ClosePair::State::NoCommonHeight;
        return pair;
    }
    pair.at = n.gap->at;
    pair.gap = n.gap->distance;
    pair.state = n.gap->distance <= 0.0 ? ClosePair::State::Joins : ClosePair::State::Apart;
    return pair;
}

} // namespace

Paths bodyOf(const Paths& glyph)
{
    Box main;
    double largest = -1.0;
    for (const auto& contour : glyph)
        if (const double area = std::abs(contour.signedArea()); area > largest) {
            largest = area;
            main = contour.bounds();
        }
    Paths body;
    for (const auto& contour : glyph)
        if (const Box box = contour.bounds(); box.y0 <= main.y1 && box.y1 >= main.y0)
            body.push_back(contour);
    return body;
}

bool canJoin(const ClosePair& pair)
{
    return pair.state == ClosePair::State::Apart || pair.state == ClosePair::State::LeftAsDrawn;
}

void joinPair(Job& job, const Setting& setting, const ClosePair& pair, double depth)
{
    if (!canJoin(pair) || pair.right >= setting.letters.size())
        return;
    const auto& right = setting.letters[pair.right];
    const double size = job.lettering.block(right.block).size;
    job.lettering.letters[right.first].before_em -= (pair.gap + depth) / (kU_per_em * size);
    tidy(job.lettering);
}

void moveLetter(SetLetter& letter, Point by)
{
    for (auto& glyph : letter.glyphs)
        glyph.at = glyph.at + by;
    if (!letter.ink.isEmpty())
        letter.ink = {letter.ink.x0 + by.x, letter.ink.y0 + by.y, letter.ink.x1 + by.x, letter.ink.y1 + by.y};
    letter.pen_x += by.x;
    letter.baseline += by.y;
}

std::vector<ClosePair> pairsAsTheyStand(std::span<const SetLetter> line, std::u32string_view words,
                                        const GapOf& gap)
{
    std::vector<ClosePair> pairs;
    for (const auto& n : neighboursOf(line, words, gap))
        if (n.can_close)
            pairs.push_back(pairOf(n));
    return pairs;
}

std::vector<ClosePair> closeUp(std::span<SetLetter> line, std::u32string_view words, double depth,
                               CloseUp::By by, const GapOf& gap)
{
    const auto all = neighboursOf(line, words, gap);
    const bool by_design = joinsByDesign(line, words, all);
    const auto isLeft = [&](const Neighbours& n) {
        return by_design && isCapital(words[line[n.left].first]) && isSmall(line[n.right], words) &&
               n.gap->distance > kDesignedApart;
    };
    double step = 0.0;
    for (const auto& n : all)
        if (n.can_close && n.gap && !isLeft(n))
            step = std::max(step, n.gap->distance + depth);

    std::vector<ClosePair> pairs;
    double shift = 0.0; // of every letter so far
    std::size_t next = 0;
    for (const auto& n : all) {
        for (; next < n.right; ++next)
            moveLetter(line[next], {shift, 0.0});
        if (!n.can_close)
            continue;
        auto pair = pairOf(n);
        pair.at.x += shift;
        if (n.gap && isLeft(n)) {
            pair.state = ClosePair::State::LeftAsDrawn;
        } else if (n.gap) {
            pair.moved = by == CloseUp::By::Line ? -step : -std::max(0.0, n.gap->distance + depth);
            if (n.gap->distance + pair.moved <= 0.0)
                pair.state = ClosePair::State::Joins;
        }
        pair.gap += pair.moved;
        shift += pair.moved;
        pairs.push_back(pair);
    }
    for (; next < line.size(); ++next)
        moveLetter(line[next], {shift, 0.0});
    return pairs;
}

} // namespace ink
