#include "core/type/letter_likeness.h"

#include <algorithm>
#include <cmath>

namespace ink {
namespace {

constexpr double kCoarse_px_per_em = 14.0;
constexpr double kFine_px_per_em = 48.0;
/// Letters may stand this far from where the plain letter stands, in em.
constexpr double kSearch_em = 0.6;
constexpr double kRise_em = 0.08;
constexpr std::size_t kBareStroke_nodes = 8;
/// Candidates that are looked at closely.
constexpr std::size_t kShortList = 10;
/// A glyph that covers less of a letter than this is not that letter.
constexpr double kLeastCovered = 0.72;
/// What ink beyond the letter's costs, against ink of the letter that is not there (1): swashes are ink
/// beyond.
constexpr double kBeyond = 0.3;

InkPicture drawn(const Paths& paths, double px_per_unit)
{
    return inkPictureOf(paths, px_per_unit, px_per_unit);
}

struct Cover
{
    double covered = 0.0, own = 0.0;
    int dx = 0, dy = 0;
    double score() const { return covered * own; }
};

/// Ink of the letter that the glyph covers when the letter is moved by dx, dy. Strokes of decorated letters
/// may be drawn a pixel beside the plain ones, so the neighbour pixels count as well.
Cover coverAt(const InkPicture& letter, const InkPicture& glyph, int dx, int dy)
{
    long long both = 0, in_box = 0, own = 0;
    for (int y = 0; y < letter.height; ++y)
        for (int x = 0; x < letter.width; ++x) {
            const int gx = letter.left + x + dx, gy = letter.bottom + y + dy;
            const int l = letter.grey[static_cast<std::size_t>(y) * static_cast<std::size_t>(letter.width) +
                                      static_cast<std::size_t>(x)];
            const int g = glyph.at(gx, gy);
            if (l > 0)
                both += std::min(l, std::max({g, glyph.at(gx - 1, gy), glyph.at(gx + 1, gy)}));
            if (g > 0) {
                in_box += g;
                const int lx = letter.left + x, ly = letter.bottom + y;
                own += std::min(g, std::max({l, letter.at(lx - 1, ly), letter.at(lx + 1, ly)}));
            }
        }
    Cover cover;
    cover.covered = letter.ink > 0 ? double(both) / double(letter.ink) : 0.0;
    cover.own = in_box > 0 ? double(own) / double(in_box) : 0.0;
    cover.dx = dx;
    cover.dy = dy;
    return cover;
}

Cover bestCover(const InkPicture& letter, const InkPicture& glyph, int from_x, int to_x, int from_y, int to_y)
{
    Cover best;
    for (int dy = from_y; dy <= to_y; ++dy)
        for (int dx = from_x; dx <= to_x; ++dx)
            if (const auto cover = coverAt(letter, glyph, dx, dy); cover.score() > best.score())
                best = cover;
    return best;
}

/// How alike the two are, 0 to 1.
/// Source: A. Tversky, "Features of similarity", Psychological Review 84(4), 1977: the contrast of what is
/// shared
///         with what only one of the two has.
double weight(const Cover& cover, const InkPicture& letter, const InkPicture& glyph)
{
    const double shared = cover.covered * double(letter.ink);
    const double missing = double(letter.ink) - shared, beyond = std::max(0.0, double(glyph.ink) - shared);
    return shared / (shared + missing + kBeyond * beyond) * std::sqrt(cover.own);
}

} // namespace

double Likeness::confidence() const
{
    return std::clamp(covered * (0.55 + 0.45 * own) * (0.6 + 0.4 * std::min(1.0, lead / 0.08)), 0.0, 0.99);
}

LetterLikeness::LetterLikeness(const FontFace& face) : m_units_per_em(face.info().units_per_em)
{
    std::u32string wanted = U"&";
    for (char32_t c = U'A'; c <= U'Z'; ++c)
        wanted += {c, c + 32};
    for (const char32_t c : wanted) {
        const auto glyph = face.glyphOf(c);
        const auto paths = glyph == 0 ? Paths{} : face.glyphOutline(glyph);
        // A bare stroke lies within nearly everything.
        if (nodeCount(paths) > kBareStroke_nodes)
            m_letters.push_back({c, drawn(paths, kCoarse_px_per_em / m_units_per_em),
                                 drawn(paths, kFine_px_per_em / m_units_per_em)});
    }
}

std::optional<Likeness> LetterLikeness::of(const Paths& paths) const
{
    const InkPicture coarse = drawn(paths, kCoarse_px_per_em / m_units_per_em);
    if (coarse.ink == 0)
        return {};
    struct Candidate
    {
        const Letter* letter;
        Cover cover;
        double weight;
    };
    std::vector<Candidate> candidates;
    const int reach = static_cast<int>(std::lround(kSearch_em * kCoarse_px_per_em));
    const int rise = static_cast<int>(std::lround(kRise_em * kCoarse_px_per_em));
    for (const auto& letter : m_letters) {
        if (letter.coarse.ink == 0 || letter.coarse.ink > 2 * coarse.ink)
            continue;
        const auto cover = bestCover(letter.coarse, coarse, -reach, reach, -rise, rise);
        candidates.push_back({&letter, cover, weight(cover, letter.coarse, coarse)});
    }
    std::ranges::sort(candidates, std::greater(), &Candidate::weight);
    candidates.resize(std::min(candidates.size(), kShortList));

    const InkPicture fine = drawn(paths, kFine_px_per_em / m_units_per_em);
    const double step = kFine_px_per_em / kCoarse_px_per_em;
    for (auto& c : candidates) {
        const int dx = static_cast<int>(std::lround(c.cover.dx * step)),
                  dy = static_cast<int>(std::lround(c.cover.dy * step));
        c.cover = bestCover(c.letter->fine, fine, dx - 3, dx + 3, dy - 3, dy + 3);
        c.weight = weight(c.cover, c.letter->fine, fine);
    }
    std::ranges::sort(candidates, std::greater(), &Candidate::weight);
    if (candidates.empty() || candidates.front().cover.covered < kLeastCovered)
        return {};
    const auto& best = candidates.front();
    const double next = candidates.size() > 1 ? candidates[1].weight : 0.0;
    return Likeness{best.letter->letter, best.cover.covered, best.cover.own,
                    best.weight > 0.0 ? (best.weight - next) / best.weight : 0.0};
}

} // namespace ink
