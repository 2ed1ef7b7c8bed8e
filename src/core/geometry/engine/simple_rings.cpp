#include "core/geometry/engine/simple_rings.h"

#include "core/geometry/distance.h"
#include "core/geometry/engine/curve_engine.h"
#include "core/geometry/engine/segment_sweep.h"
#include "core/geometry/flatten.h"
#include "core/geometry/nesting.h"

#include <cmath>

namespace ink::detail {
namespace {

/// Chords that keep this far apart have curves that do.
constexpr double kApart_u = 2.0 * kChordTolerance_u + 0.1;
/// Rings smaller or thinner (twice the area over the length) are looked at more closely.
constexpr double kSmallArea_u2 = 4.0;
constexpr double kSmallThickness_u = 1.0;
constexpr double kShortSegment_u = 0.1;

constexpr int kNodeHalvings = 5;

/// Neighbours come near each other at their node only: closer and closer to it, they part there.
bool partNearTheirNode(const Stretch& before, const Stretch& after, double near, int halvings)
{
    if (partAtTheirNode(before.curve, after.curve))
        return true;
    if (halvings == 0)
        return false;
    const auto [before_far, before_close] = before.halves();
    const auto [after_close, after_far] = after.halves();
    return partNearTheirNode(before_close, after_close, near, halvings - 1) &&
           !areNear(before_far, after_close, near) && !areNear(before_far, after_far, near) &&
           !areNear(before_close, after_far, near);
}

bool keepApart(const Link& a, const Link& b, double u)
{
    const double near = kApart_u * u;
    const Stretch one = Stretch::whole(*a.segment, kChordTolerance_u * u);
    const Stretch other = Stretch::whole(*b.segment, kChordTolerance_u * u);
    if (a.previous == b.segment)
        return partNearTheirNode(other, one, near, kNodeHalvings);
    if (a.next == b.segment)
        return partNearTheirNode(one, other, near, kNodeHalvings);
    return !areNear(one, other, near);
}

bool keepApart(const Paths& paths, double u)
{
    const SegmentSweep sweep(paths);
    for (const auto& s : sweep.segments())
        if (loops(*s.link.segment, 0.2 * kChordTolerance_u * u) || s.link.previous == s.link.next)
            return false;
    bool is_apart = true;
    sweep.forEachPair(kApart_u * u, [&](const SweptSegment& a, const SweptSegment& b) {
        return is_apart = keepApart(a.link, b.link, u);
    });
    return is_apart;
}

/// Every ring is one that a knife can follow, and every segment one that is worth its node.
bool isPlain(const Paths& paths, double u)
{
    for (const auto& contour : paths) {
        if (contour.segments.size() < 3)
            return false;
        double around = 0.0;
        for (const auto& s : contour.segments) {
            const double chord = length(s.end() - s.start());
            if (chord < kShortSegment_u * u)
                return false;
            around += chord;
        }
        const double area = std::abs(contour.signedArea());
        if (area < kSmallArea_u2 * u * u || 2.0 * area < kSmallThickness_u * u * around)
            return false;
    }
    return true;
}

} // namespace

std::optional<std::vector<Contour>> simpleRings(const Paths& paths, const Grid& grid)
{
    const double u = grid.u();
    if (!isPlain(paths, u) || !keepApart(paths, u))
        return {};
    struct Ring
    {
        Box box;
        std::vector<Point> polygon;
        int turns; // 1 when counter-clockwise
    };
    std::vector<Ring> rings;
    for (const auto& contour : paths)
        rings.push_back({contour.bounds(), {}, contour.signedArea() > 0.0 ? 1 : -1});
    std::vector<Contour> out;
    for (std::size_t i = 0; i < paths.size(); ++i) {
        int outside = 0; // the winding number just outside of this ring
        const Point at = paths[i].segments.front().start();
        for (std::size_t k = 0; k < paths.size(); ++k) {
            if (k == i || !meets(rings[k].box, {at.x, at.y, at.x, at.y}))
                continue;
            if (rings[k].polygon.empty())
                rings[k].polygon = flattened(paths[k], kChordTolerance_u * u);
            outside += windingOf(rings[k].polygon, at);
        }
        const bool is_ink_outside = outside != 0, is_ink_inside = outside + rings[i].turns != 0;
        if (is_ink_outside == is_ink_inside)
            continue;
        out.push_back((rings[i].turns > 0) == is_ink_inside ? paths[i] : paths[i].reversed());
    }
    return out;
}

} // namespace ink::detail
