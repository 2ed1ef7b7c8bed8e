#include "core/geometry/bridge.h"

#include "core/geometry/boolean.h"
#include "core/geometry/flatten.h"
#include "core/geometry/nesting.h"

#include <algorithm>
#include <numeric>

namespace ink {
namespace {

constexpr double kArcHandle = 0.5522847498; // of a quarter circle (from memory, standard)

struct Gap
{
    std::size_t a, b;
    Point from, to;
    double width;
};

struct Chain
{
    std::vector<Point> points;
    Box box;
};

/// Nearest points of two segments that do not cross: one of them is an end.
void nearest(Point a0, Point a1, Point b0, Point b1, Gap& gap)
{
    const auto tryPoint = [&gap](Point p, Point s0, Point s1, bool p_is_from) {
        const Point d = s1 - s0;
        const double dd = dot(d, d);
        const double t = dd > 0.0 ? std::clamp(dot(p - s0, d) / dd, 0.0, 1.0) : 0.0;
        const Point q = s0 + d * t;
        const double l = length(q - p);
        if (l < gap.width) {
            gap.width = l;
            gap.from = p_is_from ? p : q;
            gap.to = p_is_from ? q : p;
        }
    };
    tryPoint(a0, b0, b1, true);
    tryPoint(a1, b0, b1, true);
    tryPoint(b0, a0, a1, false);
    tryPoint(b1, a0, a1, false);
}

Box grown(Box box, double by)
{
    return {box.x0 - by, box.y0 - by, box.x1 + by, box.y1 + by};
}

bool overlap(const Box& a, const Box& b)
{
    return a.x0 <= b.x1 && b.x0 <= a.x1 && a.y0 <= b.y1 && b.y0 <= a.y1;
}

std::vector<std::vector<Chain>> chainsOf(const Outline& outline, double tolerance)
{
    std::vector<std::vector<Chain>> out;
    for (const auto& piece : outline.pieces) {
        std::vector<Chain> chains;
        const auto add = [&](const Contour& ring) {
            for (const auto& s : ring.segments) {
                Chain chain;
                const int n = chordCount(s, tolerance);
                for (int i = 0; i <= n; ++i) {
                    chain.points.push_back(s.pointAt(static_cast<double>(i) / n));
                    chain.box.add(chain.points.back());
                }
                chains.push_back(std::move(chain));
            }
        };
        add(piece.outer);
        std::ranges::for_each(piece.middles, add);
        out.push_back(std::move(chains));
    }
    return out;
}

/// The narrowest gap between each two pieces that are nearer than `width`.
std::vector<Gap> gapsOf(const Outline& outline, double width, double tolerance)
{
    const auto chains = chainsOf(outline, tolerance);
    std::vector<Box> boxes;
    for (const auto& piece : outline.pieces)
        boxes.push_back(piece.outer.bounds());
    std::vector<Gap> gaps;
    for (std::size_t a = 0; a < chains.size(); ++a)
        for (std::size_t b = a + 1; b < chains.size(); ++b) {
            if (!overlap(grown(boxes[a], width), boxes[b]))
                continue;
            Gap gap{a, b, {}, {}, width};
            for (const auto& p : chains[a]) {
                if (!overlap(grown(p.box, gap.width), boxes[b]))
                    continue;
                for (const auto& q : chains[b])
                    if (overlap(grown(p.box, gap.width), q.box))
                        for (std::size_t i = 1; i < p.points.size(); ++i)
                            for (std::size_t k = 1; k < q.points.size(); ++k)
                                nearest(p.points[i - 1], p.points[i], q.points[k - 1], q.points[k], gap);
            }
            if (gap.width < width)
                gaps.push_back(gap);
        }
    std::ranges::sort(gaps, {}, &Gap::width);
    return gaps;
}

/// A stadium of that width round the line from a to b; a disc when they are one point.
Contour stadium(Point a, Point b, double width)
{
    const double r = 0.5 * width;
    const double l = length(b - a);
    const Point d = l > 0.0 ? (b - a) * (r / l) : Point{r, 0};
    const Point n{-d.y, d.x};
    Contour out;
    const auto quarter = [&out](Point centre, Point from, Point to) {
        out.segments.push_back(Segment::cubic(centre + from, centre + from + to * kArcHandle,
                                              centre + to + from * kArcHandle, centre + to));
    };
    const auto side = [&out](Point from, Point to) {
        if (from != to)
            out.segments.push_back(Segment::line(from, to));
    };
    quarter(b, n * -1.0, d);
    quarter(b, d, n);
    side(b + n, a + n);
    quarter(a, n, d * -1.0);
    quarter(a, d * -1.0, n * -1.0);
    side(a - n, b - n);
    return out;
}

/// Middles of the necks between crossings nearer than `width`, with ink between them.
std::vector<Point> necksOf(const Outline& outline, double width, std::span<const Point> crossings)
{
    std::vector<Point> sorted(crossings.begin(), crossings.end());
    std::ranges::sort(sorted, {}, &Point::x);
    std::vector<Point> out;
    for (std::size_t i = 0; i < sorted.size(); ++i)
        for (std::size_t k = i + 1; k < sorted.size() && sorted[k].x - sorted[i].x < width; ++k) {
            const Point middle = lerp(sorted[i], sorted[k], 0.5);
            if (length(sorted[k] - sorted[i]) < width && isInk(outline, middle))
                out.push_back(middle);
        }
    return out;
}

} // namespace

Result<Bridged> bridgeTouching(const Outline& outline, double width, std::span<const Point> crossings,
                               Unit unit, const CancelToken& cancel)
{
    Bridged out{outline, {}};
    if (width <= 0.0)
        return out;
    Outline bridges;
    std::vector<std::size_t> leader(outline.pieces.size());
    std::iota(leader.begin(), leader.end(), std::size_t{0});
    const auto leaderOf = [&leader](std::size_t i) {
        while (leader[i] != i)
            i = leader[i] = leader[leader[i]];
        return i;
    };
    for (const auto& gap : gapsOf(outline, width, 0.01 * width)) {
        if (leaderOf(gap.a) == leaderOf(gap.b))
            continue;
        leader[leaderOf(gap.a)] = leaderOf(gap.b);
        bridges.pieces.push_back({stadium(gap.from, gap.to, width), {}});
        out.bridges.push_back(lerp(gap.from, gap.to, 0.5));
    }
    for (const Point neck : necksOf(outline, width, crossings)) {
        bridges.pieces.push_back({stadium(neck, neck, width), {}});
        out.bridges.push_back(neck);
    }
    if (bridges.pieces.empty())
        return out;
    auto joined = combine(outline, bridges, BooleanOp::Union, unit, cancel);
    if (!joined)
        return fail(joined.error());
    out.outline = std::move(*joined);
    return out;
}

} // namespace ink
