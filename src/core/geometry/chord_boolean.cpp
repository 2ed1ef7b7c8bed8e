#include "core/geometry/chord_boolean.h"

#include "core/geometry/edge_finder.h"

#include <polyclipping/clipper.hpp>

#include <algorithm>
#include <cmath>
#include <tuple>

namespace ink::detail {
namespace {

using ClipperLib::IntPoint;

/// The library sweeps along y and walks over everything its sweep line meets, so a wide text is turned
/// on its side: about 3 times faster from 100 letters on.
bool isWide(std::span<const PlacedChords> shapes)
{
    constexpr std::int64_t kFar = std::int64_t{1} << 40;
    std::int64_t x0 = kFar, x1 = -kFar, y0 = kFar, y1 = -kFar;
    for (const auto& placed : shapes)
        for (const auto& ring : placed.shape->rings)
            for (const auto p : ring.points) {
                x0 = std::min(x0, p.x + placed.at.x);
                x1 = std::max(x1, p.x + placed.at.x);
                y0 = std::min(y0, p.y + placed.at.y);
                y1 = std::max(y1, p.y + placed.at.y);
            }
    return x1 - x0 > y1 - y0;
}

double signedArea(const std::vector<GridPoint>& ring)
{
    double sum = 0.0;
    const GridPoint o = ring.front();
    for (std::size_t i = 0; i < ring.size(); ++i) {
        const GridPoint a = ring[i] - o;
        const GridPoint b = ring[(i + 1) % ring.size()] - o;
        sum += static_cast<double>(a.x) * static_cast<double>(b.y) -
               static_cast<double>(a.y) * static_cast<double>(b.x);
    }
    return 0.5 * sum;
}

double lengthAround(const std::vector<GridPoint>& ring)
{
    double sum = 0.0;
    for (std::size_t i = 0; i < ring.size(); ++i) {
        const GridPoint d = ring[(i + 1) % ring.size()] - ring[i];
        sum += std::hypot(static_cast<double>(d.x), static_cast<double>(d.y));
    }
    return sum;
}

/// Looks across the ring from the middle of each edge: true when it is nowhere wider than `width`. A blob
/// that hangs on a hair has little area for its length, too, and is no speck.
bool isThinThroughout(const std::vector<GridPoint>& ring, bool is_clockwise, double width)
{
    const std::size_t n = ring.size();
    const auto at = [&](std::size_t i) {
        return Point{static_cast<double>(ring[i % n].x), static_cast<double>(ring[i % n].y)};
    };
    for (std::size_t i = 0; i < n; ++i) {
        const Point a = at(i), d = at(i + 1) - a;
        const double l = length(d);
        if (l == 0.0)
            continue;
        const Point from = a + d * 0.5;
        const Point inwards = Point{-d.y, d.x} * ((is_clockwise ? -1.0 : 1.0) / l);
        double across = 1e300; // the first edge in the way
        for (std::size_t k = 0; k < n && across > width; ++k) {
            const Point p = at(k) - from, e = at(k + 1) - at(k);
            const double det = cross(inwards, e);
            if (k == i || det == 0.0)
                continue;
            const double distance = cross(p, e) / det;
            const double along = cross(p, inwards) / det;
            if (distance > 0.0 && along >= 0.0 && along <= 1.0)
                across = std::min(across, distance);
        }
        if (across > width)
            return false;
    }
    return true;
}

/// Cuts a ring wherever it comes back to a point it has passed: rings that only touch are rings of
/// their own.
void splitWhereItTouchesItself(std::vector<GridPoint> ring, std::vector<std::vector<GridPoint>>& out)
{
    std::vector<std::pair<GridPoint, std::size_t>> sorted(ring.size());
    for (std::size_t i = 0; i < ring.size(); ++i)
        sorted[i] = {ring[i], i};
    const auto key = [](const auto& a) { return std::tuple(a.first.x, a.first.y, a.second); };
    std::ranges::sort(sorted, {}, key);
    const auto twice =
        std::ranges::adjacent_find(sorted, [](const auto& a, const auto& b) { return a.first == b.first; });
    if (twice == sorted.end()) {
        if (ring.size() >= 3)
            out.push_back(std::move(ring));
        return;
    }
    // One walk with a stack: when a point comes again, what lies between the two visits is a ring.
    std::vector<std::size_t> identity(ring.size());
    for (std::size_t i = 0, id = 0; i < sorted.size(); ++i) {
        if (i > 0 && !(sorted[i].first == sorted[i - 1].first))
            id = i;
        identity[sorted[i].second] = id;
    }
    std::vector<std::size_t> place_on_stack(ring.size(), SIZE_MAX);
    std::vector<std::size_t> stack;
    const auto cutFrom = [&](std::size_t from) {
        std::vector<GridPoint> loop;
        for (std::size_t k = from; k < stack.size(); ++k) {
            loop.push_back(ring[stack[k]]);
            if (k > from)
                place_on_stack[identity[stack[k]]] = SIZE_MAX;
        }
        if (loop.size() >= 3)
            out.push_back(std::move(loop));
        stack.resize(from + 1);
    };
    for (std::size_t i = 0; i < ring.size(); ++i) {
        auto& place = place_on_stack[identity[i]];
        if (place != SIZE_MAX) {
            cutFrom(place);
        } else {
            place = stack.size();
            stack.push_back(i);
        }
    }
    if (!stack.empty())
        cutFrom(0);
}

ClipperLib::Path toClipper(const ChordRing& ring, GridPoint at, bool is_turned)
{
    ClipperLib::Path out;
    out.reserve(ring.points.size());
    for (const auto p : ring.points)
        out.push_back(is_turned ? IntPoint(p.y + at.y, p.x + at.x) : IntPoint(p.x + at.x, p.y + at.y));
    return out;
}

std::vector<GridPoint> fromClipper(const ClipperLib::Path& path, bool is_turned)
{
    std::vector<GridPoint> out;
    out.reserve(path.size());
    for (const auto& p : path)
        out.push_back(is_turned ? GridPoint{p.Y, p.X} : GridPoint{p.X, p.Y});
    if (is_turned) // turning over the diagonal turns the rings round
        std::ranges::reverse(out);
    return out;
}

ClipperLib::ClipType clipType(BooleanOp op)
{
    switch (op) {
    case BooleanOp::Union:
        return ClipperLib::ctUnion;
    case BooleanOp::Subtract:
        return ClipperLib::ctDifference;
    case BooleanOp::Intersect:
        return ClipperLib::ctIntersection;
    }
    return ClipperLib::ctUnion;
}

/// What the clipping library makes of the shapes, as rings that pass no point twice.
Result<std::vector<std::vector<GridPoint>>> clip(std::span<const PlacedChords> shapes, BooleanOp op,
                                                 FillRule rule)
{
    const bool is_turned = isWide(shapes);
    const auto fill = rule == FillRule::NonZero ? ClipperLib::pftNonZero
                      : is_turned               ? ClipperLib::pftNegative
                                                : ClipperLib::pftPositive;
    ClipperLib::Paths united;
    try {
        ClipperLib::Clipper clipper;
        clipper.PreserveCollinear(true);
        bool has_area = false;
        for (const auto& placed : shapes)
            for (const auto& ring : placed.shape->rings)
                has_area |=
                    clipper.AddPath(toClipper(ring, placed.at, is_turned),
                                    placed.is_clip ? ClipperLib::ptClip : ClipperLib::ptSubject, true);
        if (!has_area) // the library takes nothing to do for a failure
            return std::vector<std::vector<GridPoint>>{};
        if (!clipper.Execute(clipType(op), united, fill, fill))
            return fail(ErrorCode::WeldFailed);
    } catch (const ClipperLib::clipperException& e) {
        return fail(ErrorCode::WeldFailed, {}, e.what());
    }
    std::vector<std::vector<GridPoint>> rings;
    for (const auto& path : united)
        splitWhereItTouchesItself(fromClipper(path, is_turned), rings);
    return rings;
}

} // namespace

Result<BooleanRings> combineRings(std::span<const PlacedChords> shapes, BooleanOp op, FillRule rule,
                                  double smallest_area_grid2, double smallest_thickness_grid)
{
    auto rings = clip(shapes, op, rule);
    if (!rings)
        return fail(rings.error());
    BooleanRings out;
    const EdgeFinder finder(shapes);
    for (auto& points : *rings) {
        const double area = signedArea(points);
        const double around = lengthAround(points);
        const bool is_thin = 2.0 * std::abs(area) < smallest_thickness_grid * around &&
                             isThinThroughout(points, area < 0.0, 2.0 * smallest_thickness_grid);
        if (std::abs(area) < smallest_area_grid2 || is_thin) {
            ++out.specks;
            continue;
        }
        ChordRing ring{std::move(points), {}, area, around};
        out.lost += finder.label(ring);
        out.rings.push_back(std::move(ring));
    }
    return out;
}

} // namespace ink::detail
