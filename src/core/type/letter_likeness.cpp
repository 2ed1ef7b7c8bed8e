#include "core/type/letter_likeness.h"

#include <ft2build.h>
#include FT_FREETYPE_H
#include FT_OUTLINE_H

#include <algorithm>
#include <cmath>
#include <memory>
#include <type_traits>

namespace ink {
namespace {

using Picture = LetterLikeness::Picture;

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

/// One for each thread, as FreeType asks.
FT_Library library()
{
    struct Done
    {
        void operator()(FT_Library l) const { FT_Done_FreeType(l); }
    };
    thread_local const std::unique_ptr<std::remove_pointer_t<FT_Library>, Done> made([] {
        FT_Library l = nullptr;
        FT_Init_FreeType(&l);
        return l;
    }());
    return made.get();
}

/// Every curve as points of FreeType's outlines, in 1/64 px.
struct FtOutline
{
    std::vector<FT_Vector> points;
    std::vector<char> tags;
    std::vector<short> ends;

    void add(Point p, double scale, char tag)
    {
        points.push_back({std::lround(p.x * scale), std::lround(p.y * scale)});
        tags.push_back(tag);
    }
};

FtOutline ftOutline(const Paths& paths, double scale)
{
    FtOutline out;
    for (const auto& contour : paths) {
        if (contour.isEmpty())
            continue;
        out.add(contour.segments.front().start(), scale, FT_CURVE_TAG_ON);
        for (std::size_t i = 0; i < contour.segments.size(); ++i) {
            const auto& s = contour.segments[i];
            for (std::size_t k = 1; k < s.degree(); ++k)
                out.add(s.p[k], scale,
                        s.kind == SegmentKind::Cubic ? FT_CURVE_TAG_CUBIC : FT_CURVE_TAG_CONIC);
            if (i + 1 < contour.segments.size())
                out.add(s.end(), scale, FT_CURVE_TAG_ON);
        }
        out.ends.push_back(static_cast<short>(out.points.size() - 1));
    }
    return out;
}

Picture drawn(const Paths& paths, double px_per_unit)
{
    Picture picture;
    const Box box = bounds(paths);
    if (box.isEmpty() || box.width() * px_per_unit > 2000 || box.height() * px_per_unit > 2000)
        return picture;
    auto outline = ftOutline(paths, px_per_unit * 64.0);
    if (outline.points.size() > 30000)
        return picture;
    picture.left = static_cast<int>(std::floor(box.x0 * px_per_unit));
    picture.bottom = static_cast<int>(std::floor(box.y0 * px_per_unit));
    picture.width = static_cast<int>(std::ceil(box.x1 * px_per_unit)) - picture.left + 1;
    picture.height = static_cast<int>(std::ceil(box.y1 * px_per_unit)) - picture.bottom + 1;
    picture.grey.assign(static_cast<std::size_t>(picture.width) * static_cast<std::size_t>(picture.height),
                        0);
    FT_Outline ft{};
    ft.n_contours = static_cast<short>(outline.ends.size());
    ft.n_points = static_cast<short>(outline.points.size());
    ft.points = outline.points.data();
    ft.tags = outline.tags.data();
    ft.contours = outline.ends.data();
    FT_Outline_Translate(&ft, -picture.left * 64L, -picture.bottom * 64L);
    FT_Bitmap bitmap{};
    bitmap.width = static_cast<unsigned>(picture.width);
    bitmap.rows = static_cast<unsigned>(picture.height);
    bitmap.pitch = -picture.width; // rows from the bottom upwards, as y grows
    bitmap.buffer = picture.grey.data();
    bitmap.pixel_mode = FT_PIXEL_MODE_GRAY;
    bitmap.num_grays = 256;
    if (FT_Outline_Get_Bitmap(library(), &ft, &bitmap) != 0)
        return {};
    for (const auto grey : picture.grey)
        picture.ink += grey;
    return picture;
}

struct Cover
{
    double covered = 0.0, own = 0.0;
    int dx = 0, dy = 0;
    double score() const { return covered * own; }
};

/// Ink of the letter that the glyph covers when the letter is moved by dx, dy. Strokes of decorated letters
/// may be drawn a pixel beside the plain ones, so the neighbour pixels count as well.
Cover coverAt(const Picture& letter, const Picture& glyph, int dx, int dy)
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

Cover bestCover(const Picture& letter, const Picture& glyph, int from_x, int to_x, int from_y, int to_y)
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
double weight(const Cover& cover, const Picture& letter, const Picture& glyph)
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
    const Picture coarse = drawn(paths, kCoarse_px_per_em / m_units_per_em);
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

    const Picture fine = drawn(paths, kFine_px_per_em / m_units_per_em);
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
