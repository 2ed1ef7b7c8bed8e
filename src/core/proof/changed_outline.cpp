#include "core/proof/changed_outline.h"

#include "core/geometry/box.h"
#include "core/geometry/nesting.h"
#include "core/geometry/reduce.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <iterator>
#include <map>
#include <set>

namespace ink {
namespace {

/// Curves that come back from a boolean are the drawn ones within this.
constexpr double kSameCurve_u = 0.1;
/// How far the new stretches of an outline may be bent to need fewer nodes; where they meet the old ones at less than this, a curve
/// leads from one into the other.
constexpr double kSimpler_u = 0.5;
constexpr double kKink_deg = 20.0;

} // namespace

std::function<bool(const Segment&)> drawnSegments(const Outline& drawn)
{
    const auto keyOf = [](const Segment& s) {
        return std::array{s.start().x, s.start().y, s.end().x, s.end().y};
    };
    std::set<std::array<double, 4>> known;
    for (const auto& ring : toPaths(drawn))
        for (const auto& s : ring.segments)
            known.insert(keyOf(s));
    return [known = std::move(known), keyOf](const Segment& s) { return known.contains(keyOf(s)); };
}

std::function<bool(const Segment&)> stayingSegments(const Outline& drawn, std::span<const Box> changed)
{
    return [isDrawn = drawnSegments(drawn), changed](const Segment& s) {
        if (isDrawn(s))
            return true;
        const Box box = s.bounds();
        return std::ranges::none_of(changed, [&](const Box& c) { return isInside(box, c); });
    };
}

Result<Outline> withFewerNodes(const std::function<bool(const Segment&)>& stays, const Outline& after,
                               Unit unit, const CancelToken& cancel)
{
    ReduceOptions options;
    options.tolerance = kSimpler_u * unit.u;
    options.corner_deg = kKink_deg;
    options.cancel = cancel;
    options.keeps = stays;
    auto reduced = reduceNodes(after, unit, options);
    if (!reduced)
        return fail(reduced.error());
    return std::move(reduced->outline);
}

Result<Outline> changedBy(const Outline& outline, const Outline& change, std::span<const Box> changed,
                          BooleanOp op, Unit unit, const CancelToken& cancel)
{
    Outline near, out;
    std::vector<Box> boxes;
    for (const auto& piece : change.pieces)
        boxes.push_back(grownBy(piece.outer.bounds(), unit.u));
    for (const auto& piece : outline.pieces) {
        const Box box = piece.outer.bounds();
        const bool is_near = std::ranges::any_of(boxes, [&](const Box& b) { return meets(b, box); });
        (is_near ? near : out).pieces.push_back(piece);
    }
    auto made = combine(near, change, op, unit, cancel);
    if (!made)
        return made;
    const Outline kept = withCurvesOf(near, std::move(*made), kSameCurve_u * unit.u);
    auto simple = withFewerNodes(stayingSegments(near, changed), kept, unit, cancel);
    if (!simple)
        return simple;
    std::vector<Contour> rings = toPaths(*simple);
    std::ranges::move(toPaths(out), std::back_inserter(rings));
    return nested(std::move(rings));
}

Outline withCurvesOf(const Outline& before, Outline after, double tolerance)
{
    const auto rings = toPaths(before);
    std::multimap<double, const Segment*> by_x;
    for (const auto& ring : rings)
        for (const auto& s : ring.segments)
            by_x.emplace(s.start().x, &s);
    const auto isNear = [&](Point a, Point b) {
        return std::abs(a.x - b.x) <= tolerance && std::abs(a.y - b.y) <= tolerance;
    };
    const auto drawn = [&](const Segment& s) -> const Segment* {
        for (auto it = by_x.lower_bound(s.start().x - tolerance);
             it != by_x.end() && it->first <= s.start().x + tolerance; ++it) {
            const Segment& old = *it->second;
            if (old.kind == s.kind && isNear(old.start(), s.start()) && isNear(old.end(), s.end()) &&
                isNear(old.p[1], s.p[1]) && isNear(old.p[2], s.p[2]))
                return &old;
        }
        return nullptr;
    };
    const auto putBack = [&](Contour& ring) {
        const std::size_t n = ring.segments.size();
        std::vector<const Segment*> old(n);
        for (std::size_t i = 0; i < n; ++i)
            old[i] = drawn(ring.segments[i]);
        std::vector<Segment> made(n);
        for (std::size_t i = 0; i < n; ++i) {
            const auto *previous = old[(i + n - 1) % n], *next = old[(i + 1) % n];
            const Segment& s = ring.segments[i];
            made[i] =
                old[i] ? *old[i]
                       : s.withEnds(previous ? previous->end() : s.start(), next ? next->start() : s.end());
        }
        for (std::size_t i = 0; i < n; ++i) // two that were drawn, but do not follow each other
            if (made[i].end() != made[(i + 1) % n].start())
                made[i] = made[i].withEnds(made[i].start(), made[(i + 1) % n].start());
        ring.segments = std::move(made);
    };
    for (auto& piece : after.pieces) {
        putBack(piece.outer);
        std::ranges::for_each(piece.middles, putBack);
    }
    return after;
}

} // namespace ink
