#include "core/type/ink_picture.h"

#include <ft2build.h>
#include FT_FREETYPE_H
#include FT_OUTLINE_H

#include <algorithm>
#include <cmath>
#include <memory>
#include <type_traits>

namespace ink {
namespace {

constexpr double kMostSide_px = 2000.0;
constexpr std::size_t kMostPoints = 30'000;

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
    // Signed before FreeType 2.13.3, unsigned since.
    using Tag = std::remove_pointer_t<decltype(FT_Outline::tags)>;
    using End = std::remove_pointer_t<decltype(FT_Outline::contours)>;

    std::vector<FT_Vector> points;
    std::vector<Tag> tags;
    std::vector<End> ends;

    void add(Point p, Point scale, Tag tag)
    {
        points.push_back({std::lround(p.x * scale.x * 64.0), std::lround(p.y * scale.y * 64.0)});
        tags.push_back(tag);
    }
};

FtOutline ftOutline(const Paths& paths, Point scale)
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
        if (out.points.size() > kMostPoints)
            return {};
        out.ends.push_back(static_cast<FtOutline::End>(out.points.size() - 1));
    }
    return out;
}

} // namespace

InkPicture inkPictureOf(const Paths& paths, double x_px_per_unit, double y_px_per_unit)
{
    InkPicture picture;
    const Box box = bounds(paths);
    if (box.isEmpty() || !(box.width() * x_px_per_unit <= kMostSide_px) ||
        !(box.height() * y_px_per_unit <= kMostSide_px))
        return picture;
    auto outline = ftOutline(paths, {x_px_per_unit, y_px_per_unit});
    if (outline.points.empty())
        return picture;
    picture.left = static_cast<int>(std::floor(box.x0 * x_px_per_unit));
    picture.bottom = static_cast<int>(std::floor(box.y0 * y_px_per_unit));
    picture.width = static_cast<int>(std::ceil(box.x1 * x_px_per_unit)) - picture.left + 1;
    picture.height = static_cast<int>(std::ceil(box.y1 * y_px_per_unit)) - picture.bottom + 1;
    picture.grey.assign(static_cast<std::size_t>(picture.width) * static_cast<std::size_t>(picture.height),
                        0);
    FT_Outline ft{};
    ft.n_contours = static_cast<FtOutline::End>(outline.ends.size());
    ft.n_points = static_cast<FtOutline::End>(outline.points.size());
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

std::vector<Pixel> edgePixelsOf(const InkPicture& ink, int least_grey)
{
    std::vector<Pixel> edges;
    for (int y = ink.bottom; y < ink.bottom + ink.height; ++y)
        for (int x = ink.left; x < ink.left + ink.width; ++x)
            if (ink.at(x, y) >= least_grey &&
                (ink.at(x - 1, y) < least_grey || ink.at(x + 1, y) < least_grey ||
                 ink.at(x, y - 1) < least_grey || ink.at(x, y + 1) < least_grey))
                edges.push_back({x, y});
    return edges;
}

} // namespace ink
