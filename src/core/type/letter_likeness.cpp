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

/// Strokes of decorated letters may be drawn a pixel beside the plain ones: each pixel as dark as it and its two neighbours are,
/// in a picture that is `margin` (0 or 1) pixels wider on either side.
InkPicture spread(const InkPicture& ink, int margin)
{
    InkPicture out = ink;
    if (ink.isEmpty())
        return out;
    out.left -= margin;
    out.width += 2 * margin;
    out.grey.assign(static_cast<std::size_t>(out.width) * static_cast<std::size_t>(out.height), 0);
    for (int y = 0; y < ink.height; ++y) {
        const unsigned char* from = ink.row(y);
        unsigned char* to = out.grey.data() + static_cast<std::ptrdiff_t>(y) * out.width;
        for (int x = 0; x < out.width; ++x)
            for (int i = std::max(0, x - margin - 1); i <= std::min(ink.width - 1, x - margin + 1); ++i)
                to[x] = std::max(to[x], from[i]);
    }
    return out;
}

/// A letter is compared within its own box, a glyph with what lies a pixel beside it, too.
enum class Part { Letter, Glyph };

ComparedInk drawn(const Paths& paths, double px_per_unit, Part part)
{
    InkPicture ink = inkPictureOf(paths, px_per_unit, px_per_unit);
    InkPicture wide = spread(ink, part == Part::Glyph ? 1 : 0);
    return {std::move(ink), std::move(wide)};
}

/// Calls `use` with two runs of pixels that lie on each other, and their length, for each row that `a` moved by dx, dy shares with `b`.
template <typename Use>
void forOverlap(const InkPicture& a, const InkPicture& b, int dx, int dy, const Use& use)
{
    const int left = std::max(a.left + dx, b.left), right = std::min(a.left + dx + a.width, b.left + b.width);
    const int bottom = std::max(a.bottom + dy, b.bottom),
              top = std::min(a.bottom + dy + a.height, b.bottom + b.height);
    for (int y = bottom; y < top && left < right; ++y)
        use(a.row(y - a.bottom - dy) + (left - a.left - dx), b.row(y - b.bottom) + (left - b.left),
            right - left);
}

/// Ink that is in both.
long long sharedInk(const InkPicture& a, const InkPicture& b, int dx, int dy)
{
    long long sum = 0;
    forOverlap(a, b, dx, dy, [&](const unsigned char* p, const unsigned char* q, int count) {
        int row = 0;
        for (int i = 0; i < count; ++i)
            row += std::min(p[i], q[i]);
        sum += row;
    });
    return sum;
}

/// Ink of `b` within the box of `a`.
long long inkInBox(const InkPicture& a, const InkPicture& b, int dx, int dy)
{
    long long sum = 0;
    forOverlap(a, b, dx, dy, [&](const unsigned char*, const unsigned char* q, int count) {
        int row = 0;
        for (int i = 0; i < count; ++i)
            row += q[i];
        sum += row;
    });
    return sum;
}

struct Cover
{
    double covered = 0.0, own = 0.0;
    int dx = 0, dy = 0;
    double score() const { return covered * own; }
};

/// Ink of the letter that the glyph covers when the letter is moved by dx, dy.
Cover coverAt(const ComparedInk& letter, const ComparedInk& glyph, int dx, int dy)
{
    const long long in_box = inkInBox(letter.picture, glyph.picture, dx, dy);
    Cover cover;
    if (letter.picture.ink > 0)
        cover.covered = double(sharedInk(letter.picture, glyph.wide, dx, dy)) / double(letter.picture.ink);
    if (in_box > 0)
        cover.own = double(sharedInk(letter.wide, glyph.picture, dx, dy)) / double(in_box);
    cover.dx = dx;
    cover.dy = dy;
    return cover;
}

Cover bestCover(const ComparedInk& letter, const ComparedInk& glyph, int from_x, int to_x, int from_y,
                int to_y)
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
double weight(const Cover& cover, const ComparedInk& letter, const ComparedInk& glyph)
{
    const double shared = cover.covered * double(letter.picture.ink);
    const double missing = double(letter.picture.ink) - shared,
                 beyond = std::max(0.0, double(glyph.picture.ink) - shared);
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
            m_letters.push_back({c, drawn(paths, kCoarse_px_per_em / m_units_per_em, Part::Letter),
                                 drawn(paths, kFine_px_per_em / m_units_per_em, Part::Letter)});
    }
}

std::optional<Likeness> LetterLikeness::of(const Paths& paths) const
{
    const ComparedInk coarse = drawn(paths, kCoarse_px_per_em / m_units_per_em, Part::Glyph);
    if (coarse.picture.ink == 0)
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
        if (letter.coarse.picture.ink == 0 || letter.coarse.picture.ink > 2 * coarse.picture.ink)
            continue;
        const auto cover = bestCover(letter.coarse, coarse, -reach, reach, -rise, rise);
        candidates.push_back({&letter, cover, weight(cover, letter.coarse, coarse)});
    }
    std::ranges::sort(candidates, std::greater(), &Candidate::weight);
    candidates.resize(std::min(candidates.size(), kShortList));

    const ComparedInk fine = drawn(paths, kFine_px_per_em / m_units_per_em, Part::Glyph);
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
