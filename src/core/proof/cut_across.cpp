#include "core/proof/cut_across.h"

#include "core/geometry/nesting.h"
#include "core/geometry/offset.h"
#include "core/proof/changed_outline.h"

#include <algorithm>
#include <vector>

namespace ink {
namespace {

/// Beyond the edges of the stroke, in widths: edges are not straight across a bar.
constexpr double kBeyondStroke = 0.6;
/// Share of the width that the cut reaches beyond the edges of the stroke.
constexpr double kFilm = 0.02;
constexpr double kFlatness_mm = 0.002;

Piece barOf(const InkCrossing& c, double width)
{
    const Point way = unitVector(c.b - c.a, {0, 1}), side = Point{-way.y, way.x} * (0.5 * width);
    const Point a = c.a - way * (kBeyondStroke * width), b = c.b + way * (kBeyondStroke * width);
    Contour ring;
    const Point corners[]{a - side, b - side, b + side, a + side};
    for (std::size_t i = 0; i < 4; ++i)
        ring.segments.push_back(Segment::line(corners[i], corners[(i + 1) % 4]));
    return {std::move(ring), {}};
}

/// Around the middle of a crossing, or with it for a node, where ink only touches.
bool isCrossedAt(const Contour& ring, Point middle, double hair)
{
    return std::ranges::any_of(ring.segments,
                               [&](const Segment& s) { return length(s.start() - middle) <= hair; }) ||
           encloses(ring, middle);
}

} // namespace

Result<Outline> cutAcross(const Outline& outline, std::span<const InkCrossing> crossings, double width,
                          Unit unit, const CancelToken& cancel)
{
    if (crossings.empty())
        return outline;
    Outline bars;
    std::vector<Point> middles;
    for (const auto& c : crossings) {
        bars.pieces.push_back(barOf(c, width));
        middles.push_back(lerp(c.a, c.b, 0.5));
    }
    auto across = combine(bars, outline, BooleanOp::Intersect, unit, cancel);
    if (!across)
        return across;
    // What a bar reaches beyond its stroke must not cut into the next one.
    std::ranges::sort(middles, {}, &Point::x);
    const double hair = kFilm * width;
    std::erase_if(across->pieces, [&](const Piece& piece) {
        const Box box = piece.outer.bounds();
        for (auto it = std::ranges::lower_bound(middles, box.x0 - hair, {}, &Point::x);
             it != middles.end() && it->x <= box.x1 + hair; ++it)
            if (it->y >= box.y0 - hair && it->y <= box.y1 + hair && isCrossedAt(piece.outer, *it, hair))
                return false;
        return true;
    });
    // A little larger than the stroke, so that no film stays at its edges.
    auto cut = offset(*across, hair, unit, {Join::Mitre, 4.0, kFlatness_mm, cancel});
    if (!cut)
        return cut;
    auto rest = combine(outline, *cut, BooleanOp::Subtract, unit, cancel);
    if (!rest)
        return rest;
    return withCurvesOf(outline, std::move(*rest), 0.1 * unit.u);
}

} // namespace ink
