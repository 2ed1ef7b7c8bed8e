#include "core/geometry/engine/chord_boolean.h"

#include "core/geometry/engine/edge_finder.h"
#include "core/geometry/engine/strips.h"

#include <algorithm>
#include <cmath>
#include <tuple>

namespace ink::detail {
namespace {

GridPoint turned(GridPoint p)
{
    return {p.y, p.x};
}

GridBox turned(const GridBox& box)
{
    return {box.y0, box.x0, box.y1, box.x1};
}

/// The shapes at their places, with the longer side of them all along y.
struct Frame
{
    std::vector<FramedRing> rings;
    std::vector<GridBox> boxes;
    bool is_turned = false;

    explicit Frame(std::span<const PlacedChords> shapes)
    {
        GridBox whole;
        std::size_t ring_count = 0;
        for (const auto& placed : shapes) {
            boxes.push_back(placed.shape->box.at(placed.at));
            whole.add(boxes.back());
            ring_count += placed.shape->rings.size();
        }
        is_turned = whole.x1 - whole.x0 > whole.y1 - whole.y0;
        rings.reserve(ring_count);
        int edge = 0;
        for (std::size_t s = 0; s < shapes.size(); ++s) {
            if (is_turned)
                boxes[s] = turned(boxes[s]);
            for (const auto& ring : shapes[s].shape->rings) {
                rings.push_back(framed(ring, shapes[s], edge));
                edge += static_cast<int>(ring.points.size());
            }
        }
    }

    /// A ring of the result as it stands outside the frame.
    TracedRing back(TracedRing ring) const
    {
        if (!is_turned)
            return ring;
        TracedRing out;
        const std::size_t n = ring.size();
        out.reserve(n);
        for (std::size_t k = n; k-- > 0;) // what arrived at a point leaves it now
            out.push_back({turned(ring[k].at), ring[k > 0 ? k - 1 : n - 1].edge});
        return out;
    }

private:
    FramedRing framed(const ChordRing& ring, const PlacedChords& placed, int first_edge) const
    {
        FramedRing out{{}, first_edge, is_turned, placed.is_clip};
        const std::size_t n = ring.points.size();
        out.points.reserve(n);
        if (is_turned) {
            out.points.push_back(turned(ring.points[0] + placed.at));
            for (std::size_t k = n - 1; k > 0; --k)
                out.points.push_back(turned(ring.points[k] + placed.at));
        } else {
            for (const auto p : ring.points)
                out.points.push_back(p + placed.at);
        }
        out.y0 = out.y1 = out.points[0].y;
        for (const auto p : out.points) {
            out.y0 = std::min(out.y0, p.y);
            out.y1 = std::max(out.y1, p.y);
        }
        return out;
    }
};

double signedArea(const TracedRing& ring)
{
    double sum = 0.0;
    const GridPoint o = ring.front().at;
    Point a;
    for (const auto& p : ring) {
        const Point b{static_cast<double>(p.at.x - o.x), static_cast<double>(p.at.y - o.y)};
        sum += cross(a, b);
        a = b;
    }
    return 0.5 * sum;
}

double lengthAround(const TracedRing& ring)
{
    double sum = 0.0;
    GridPoint a = ring.back().at;
    for (const auto& p : ring) {
        const GridPoint d = p.at - a;
        sum += length({static_cast<double>(d.x), static_cast<double>(d.y)});
        a = p.at;
    }
    return sum;
}

/// Looks across the ring from the middle of each edge: true when it is nowhere wider than `width`. A blob
/// that hangs on a hair has little area for its length, too, and is no speck.
bool isThinThroughout(const TracedRing& ring, bool is_clockwise, double width)
{
    const std::size_t n = ring.size();
    const auto at = [&](std::size_t i) {
        return Point{static_cast<double>(ring[i % n].at.x), static_cast<double>(ring[i % n].at.y)};
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
void splitWhereItTouchesItself(const TracedRing& ring, std::vector<TracedRing>& out)
{
    std::vector<std::pair<GridPoint, std::size_t>> sorted(ring.size());
    for (std::size_t i = 0; i < ring.size(); ++i)
        sorted[i] = {ring[i].at, i};
    std::ranges::sort(sorted);
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
        TracedRing loop;
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
            const std::size_t from = place;
            cutFrom(from);
            stack[from] = i; // the way goes on from the later visit
        } else {
            place = stack.size();
            stack.push_back(i);
        }
    }
    if (!stack.empty())
        cutFrom(0);
}

std::vector<TracedRing> split(const std::vector<TracedRing>& rings)
{
    std::vector<TracedRing> out;
    for (const auto& ring : rings)
        splitWhereItTouchesItself(ring, out);
    return out;
}

} // namespace

Result<BooleanRings> combineRings(std::span<const PlacedChords> shapes, BooleanOp op, FillRule rule,
                                  const SmallestRing& smallest, const CancelToken& cancel)
{
    const Frame frame(shapes);
    const bool may_pass = op == BooleanOp::Union && std::ranges::all_of(shapes, &PlacedChords::is_clean);
    StripUnion strips(frame.rings, frame.boxes, may_pass);
    auto rings = strips.run(op, rule, cancel);
    if (!rings)
        return fail(rings.error());
    BooleanRings out;
    const EdgeFinder finder(shapes, strips.clippedEdges());
    if (strips.hasTouching())
        *rings = split(*rings);
    for (auto& traced : *rings) {
        const double area = signedArea(traced);
        const double around = lengthAround(traced);
        const bool is_thin = 2.0 * std::abs(area) < smallest.thickness_grid * around &&
                             isThinThroughout(traced, area < 0.0, 2.0 * smallest.thickness_grid);
        if (traced.size() < 3 || std::abs(area) < smallest.area_grid2 || is_thin) {
            ++out.specks;
            continue;
        }
        traced = frame.back(std::move(traced));
        out.rings.push_back({{}, {}, area, around});
        out.lost += finder.label(traced, out.rings.back());
    }
    return out;
}

} // namespace ink::detail
