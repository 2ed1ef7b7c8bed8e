#include "core/geometry/axis/sites.h"

#include "core/geometry/distance.h"
#include "core/geometry/engine/curve_engine.h"
#include "core/geometry/engine/segment_sweep.h"
#include "core/geometry/flatten.h"
#include "core/geometry/nesting.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

namespace ink::detail {
namespace {

/// Curves this near to another one are taken on close chords, the others on coarse ones.
constexpr double kNear_u = 6;
constexpr double kClose_u = 0.25;
constexpr double kCoarse_u = 1.0;
/// Halvings of the weld's grid: the exact arithmetic of the diagram pays for every bit.
constexpr int kCoarserGrid = 5;
constexpr std::size_t kMaxSites = 2'000'000;
/// Leaves room for the frame in 32 bits.
constexpr double kMaxExtent_grid = 1 << 28;
/// Rounds of setting points where chords touch; each round leaves fewer.
constexpr int kMostRounds = 12;

/// For each segment of the paths, whether another one that is no neighbour comes near.
std::vector<bool> nearSegments(const Paths& paths, double u)
{
    std::vector<const Segment*> order;
    for (const auto& contour : paths)
        for (const auto& s : contour.segments)
            order.push_back(&s);
    std::map<const Segment*, std::size_t> index;
    for (std::size_t i = 0; i < order.size(); ++i)
        index.emplace_hint(index.end(), order[i], i);
    std::vector<bool> out(order.size(), false);
    const SegmentSweep sweep(paths);
    sweep.forEachPair(kNear_u * u, [&](const SweptSegment& a, const SweptSegment& b) {
        const std::size_t i = index[a.link.segment], k = index[b.link.segment];
        const bool are_neighbours = a.link.next == b.link.segment || a.link.previous == b.link.segment;
        if (are_neighbours || (out[i] && out[k]))
            return true;
        if (areNear(Stretch::whole(*a.link.segment, kCoarse_u * u),
                    Stretch::whole(*b.link.segment, kCoarse_u * u), kNear_u * u))
            out[i] = out[k] = true;
        return true;
    });
    return out;
}

ChordShape mixedChords(const Paths& paths, const Grid& grid, double u)
{
    const auto near = nearSegments(paths, u);
    std::vector<double> tolerances;
    tolerances.reserve(near.size());
    for (const bool is_near : near)
        tolerances.push_back((is_near ? kClose_u : kCoarse_u) * u);
    return chordsOf(paths, grid, tolerances);
}

/// Points where chords cross, or where one ends on another, become points of both. True when there were any.
bool setPointsWhereTheyTouch(std::vector<ChordRing>& rings)
{
    std::vector<Contour> contours;
    for (const auto& ring : rings) {
        Contour& contour = contours.emplace_back();
        const std::size_t n = ring.points.size();
        for (std::size_t i = 0; i < n; ++i) {
            const auto a = ring.points[i], b = ring.points[(i + 1) % n];
            contour.segments.push_back(Segment::line({double(a.x), double(a.y)}, {double(b.x), double(b.y)}));
        }
    }
    // By ring and chord: points to be set on it, by their place along it.
    std::map<std::pair<std::size_t, std::size_t>, std::vector<std::pair<double, Point>>> inserted;
    const auto placeOf = [&](const SweptSegment& s) {
        return std::pair(s.ring, static_cast<std::size_t>(s.link.segment - contours[s.ring].segments.data()));
    };
    const auto insert = [&](const SweptSegment& s, Point p) {
        const Point a = s.link.segment->start(), d = s.link.segment->end() - a;
        if (p != a && p != s.link.segment->end())
            inserted[placeOf(s)].emplace_back(dot(p - a, d) / dot(d, d), p);
    };
    const auto insertIfOn = [&](const SweptSegment& s, Point p) {
        const Point a = s.link.segment->start(), d = s.link.segment->end() - a;
        if (cross(d, p - a) == 0.0 && dot(p - a, d) > 0.0 && dot(p - a, d) < dot(d, d))
            insert(s, p);
    };
    const SegmentSweep sweep(contours);
    sweep.forEachPair(0.0, [&](const SweptSegment& one, const SweptSegment& other) {
        const Point a = one.link.segment->start(), b = one.link.segment->end();
        const Point c = other.link.segment->start(), d = other.link.segment->end();
        insertIfOn(one, c);
        insertIfOn(one, d);
        insertIfOn(other, a);
        insertIfOn(other, b);
        if (linesCross(a, b, c, d)) {
            const Point at = lerp(a, b, cross(c - a, d - c) / cross(b - a, d - c));
            const Point rounded{std::round(at.x), std::round(at.y)};
            insert(one, rounded);
            insert(other, rounded);
        }
        return true;
    });
    for (auto it = inserted.rbegin(); it != inserted.rend(); ++it) { // from behind, so that places stay
        auto& [where, points] = *it;
        ChordRing& ring = rings[where.first];
        std::ranges::sort(points, {}, [](const auto& p) { return p.first; });
        const Origin whole = ring.origins[where.second];
        double t = whole.t1;
        for (std::size_t k = points.size(); k-- > 0;) {
            const auto at = static_cast<std::ptrdiff_t>(where.second) + 1;
            const double own = std::lerp(whole.t0, whole.t1, points[k].first);
            const GridPoint p{std::llround(points[k].second.x), std::llround(points[k].second.y)};
            ring.points.insert(ring.points.begin() + at, p);
            ring.origins.insert(ring.origins.begin() + at, {whole.shape, whole.curve, own, t});
            t = own;
        }
        ring.origins[where.second].t1 = t;
    }
    return !inserted.empty();
}

/// Chords there and back, and of no length, bound nothing.
void dropEmptyChords(ChordRing& ring)
{
    for (bool is_settled = false; !is_settled && ring.points.size() >= 3;) {
        is_settled = true;
        for (std::size_t i = 0; i < ring.points.size() && ring.points.size() >= 3;) {
            const std::size_t n = ring.points.size();
            const std::size_t next = (i + 1) % n, after = (i + 2) % n;
            if (ring.points[i] != ring.points[next] && ring.points[i] != ring.points[after]) {
                ++i;
                continue;
            }
            is_settled = false;
            const bool is_empty = ring.points[i] == ring.points[next];
            ring.points.erase(ring.points.begin() + static_cast<std::ptrdiff_t>(next));
            ring.origins.erase(ring.origins.begin() + static_cast<std::ptrdiff_t>(is_empty ? i : next));
        }
    }
}

void addRing(const ChordRing& ring, Sites& sites)
{
    const std::size_t first = sites.segments.size(), n = ring.points.size();
    const auto toSite = [](GridPoint p) {
        return boost::polygon::point_data<std::int32_t>{static_cast<std::int32_t>(p.x),
                                                        static_cast<std::int32_t>(p.y)};
    };
    for (std::size_t i = 0; i < n; ++i) {
        sites.segments.emplace_back(toSite(ring.points[i]), toSite(ring.points[(i + 1) % n]));
        sites.previous.push_back(first + (i + n - 1) % n);
        sites.next.push_back(first + (i + 1) % n);
        sites.curve.push_back(ring.origins[i].curve);
        sites.t0.push_back(ring.origins[i].t0);
        sites.t1.push_back(ring.origins[i].t1);
    }
}

void addFrame(Sites& sites)
{
    std::int64_t x0 = 0, y0 = 0, x1 = 0, y1 = 0;
    for (std::size_t i = 0; i < sites.chord_count; ++i) {
        const auto p = sites.segments[i].low();
        x0 = std::min<std::int64_t>(x0, p.x()), x1 = std::max<std::int64_t>(x1, p.x());
        y0 = std::min<std::int64_t>(y0, p.y()), y1 = std::max<std::int64_t>(y1, p.y());
    }
    const std::int64_t margin = std::max<std::int64_t>({x1 - x0, y1 - y0, 1000});
    const auto corner = [](std::int64_t x, std::int64_t y) {
        return boost::polygon::point_data<std::int32_t>{static_cast<std::int32_t>(x),
                                                        static_cast<std::int32_t>(y)};
    };
    const std::array corners{corner(x0 - margin, y0 - margin), corner(x1 + margin, y0 - margin),
                             corner(x1 + margin, y1 + margin), corner(x0 - margin, y1 + margin)};
    for (std::size_t i = 0; i < corners.size(); ++i)
        sites.segments.emplace_back(corners[i], corners[(i + 1) % corners.size()]);
}

} // namespace

Result<Sites> sitesOf(const Outline& outline, Unit unit, const CancelToken& cancel)
{
    const Paths paths = toPaths(outline);
    std::size_t nodes = 0;
    if (const auto sound = checkInput(paths, {}, unit, nodes); !sound)
        return fail(sound.error());
    const Box box = bounds(paths);
    Grid grid(unit);
    for (int i = 0; i < kCoarserGrid; ++i)
        grid = grid.coarser();
    // Very long words get a coarser grid yet, so that they fit into the 32 bits of the diagram.
    const double reach = std::max({std::abs(box.x0), std::abs(box.x1), std::abs(box.y0), std::abs(box.y1)});
    while (reach / grid.step() > kMaxExtent_grid)
        grid = grid.coarser();
    const auto chords = mixedChords(paths, grid, unit.u);
    if (chords.chord_count > kMaxSites)
        return fail(ErrorCode::TooManyNodes);
    const PlacedChords placed{&chords, {}, false, false};
    // Chords of curves that nearly touch may cross: the union takes that away, up to its own rounding.
    auto united = combineRings({&placed, 1}, BooleanOp::Union, FillRule::NonZero, {}, cancel);
    if (!united)
        return fail(united.error());
    bool is_settled = false;
    for (int round = 0; round < kMostRounds && !is_settled; ++round) {
        is_settled = !setPointsWhereTheyTouch(united->rings);
        if (!is_settled)
            std::ranges::for_each(united->rings, dropEmptyChords);
        if (cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
    }
    if (!is_settled)
        return fail(ErrorCode::WeldFailed);
    Sites sites;
    sites.step = grid.step();
    for (const auto& ring : united->rings)
        if (ring.points.size() >= 3)
            addRing(ring, sites);
    sites.chord_count = sites.segments.size();
    addFrame(sites);
    return sites;
}

} // namespace ink::detail
