#include "core/geometry/nesting.h"

#include "core/geometry/flatten.h"

#include <algorithm>
#include <limits>

namespace ink {
namespace {

struct Ring
{
    Contour contour;
    Box box;
    double area;
    std::vector<Point> polygon;
};

/// Rings that touch at their outermost point agree on it to a hair only.
bool contains(const Box& outer, const Box& inner)
{
    const double hair = 1e-4 * (outer.width() + outer.height());
    return outer.x0 - hair <= inner.x0 && outer.y0 - hair <= inner.y0 && outer.x1 + hair >= inner.x1 &&
           outer.y1 + hair >= inner.y1;
}

/// Chords fine enough to tell inside from outside for anything a letter holds.
std::vector<Point> polygonOf(const Contour& ring, const Box& box)
{
    return flattened(ring, 1e-3 * std::max(box.width(), box.height()));
}

/// The smallest outer ring around the middle; none when nothing is around it.
std::size_t ownerOf(const Ring& middle, std::vector<Ring>& outers)
{
    std::vector<std::size_t> around;
    for (std::size_t i = 0; i < outers.size(); ++i)
        if (contains(outers[i].box, middle.box) && outers[i].area > -middle.area)
            around.push_back(i);
    std::ranges::sort(around, {}, [&](std::size_t i) { return outers[i].area; });
    if (around.size() <= 1)
        return around.empty() ? outers.size() : around.front();
    // Its nodes may lie on the outer ring where the two touch: most of them decide.
    for (const std::size_t i : around) {
        auto& outer = outers[i];
        if (outer.polygon.empty())
            outer.polygon = polygonOf(outer.contour, outer.box);
        std::size_t inside = 0;
        for (const auto& s : middle.contour.segments)
            inside += windingOf(outer.polygon, s.pointAt(0.5)) != 0;
        if (2 * inside > middle.contour.segments.size())
            return i;
    }
    return outers.size();
}

} // namespace

int windingOf(const std::vector<Point>& polygon, Point p)
{
    int winding = 0;
    for (std::size_t i = 0; i < polygon.size(); ++i) {
        const Point a = polygon[i];
        const Point b = polygon[(i + 1) % polygon.size()];
        if ((a.y <= p.y) == (b.y <= p.y))
            continue;
        const double side = cross(b - a, p - a);
        if (b.y > a.y && side > 0.0)
            ++winding;
        else if (b.y < a.y && side < 0.0)
            --winding;
    }
    return winding;
}

namespace {

Outline sorted(std::vector<Contour> rings)
{
    std::vector<Ring> outers, middles;
    for (auto& contour : rings) {
        const double area = contour.signedArea();
        const Box box = contour.bounds();
        (area > 0.0 ? outers : middles).push_back({std::move(contour), box, area, {}});
    }
    std::ranges::stable_sort(outers, {}, [](const Ring& r) { return r.box.x0; });
    Outline out;
    out.pieces.resize(outers.size());
    for (auto& middle : middles)
        if (const std::size_t owner = ownerOf(middle, outers); owner < outers.size())
            out.pieces[owner].middles.push_back(std::move(middle.contour));
    for (std::size_t i = 0; i < outers.size(); ++i)
        out.pieces[i].outer = std::move(outers[i].contour);
    return out;
}

} // namespace

Outline nested(std::vector<Contour> rings)
{
    return sorted(apartWhereTheyMeet(std::move(rings), Apart::Ink));
}

Outline asStencil(Outline outline)
{
    Paths rings = toPaths(outline);
    Paths apart = apartWhereTheyMeet(rings, Apart::Paper);
    return apart == rings ? outline : sorted(std::move(apart));
}

Paths toPaths(const Outline& outline)
{
    Paths out;
    for (const auto& piece : outline.pieces) {
        out.push_back(piece.outer);
        out.insert(out.end(), piece.middles.begin(), piece.middles.end());
    }
    return out;
}

bool encloses(const Contour& ring, Point p)
{
    return windingOf(polygonOf(ring, ring.bounds()), p) != 0;
}

bool isInk(const Outline& outline, Point p)
{
    return std::ranges::any_of(outline.pieces, [p](const Piece& piece) {
        return encloses(piece.outer, p) && std::ranges::none_of(piece.middles, [p](const Contour& middle) {
                   return encloses(middle, p);
               });
    });
}

} // namespace ink
