#include "core/geometry/engine/clip.h"

#include <polyclipping/clipper.hpp>

#include <algorithm>

namespace ink::detail {
namespace {

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

/// Rings of fewer chords are done with at once, however they cross.
constexpr std::size_t kFewChords = 1500;
constexpr std::size_t kMaxCrossings = 1'000'000;

/// Crossings there may be at most, from the boxes of the chords: what the clipping library has to hold.
std::size_t possibleCrossings(const std::vector<GridRing>& rings)
{
    struct Span
    {
        std::int64_t y0, y1, x0, x1;
    };
    std::vector<Span> spans;
    for (const auto& ring : rings)
        for (std::size_t i = 0; i < ring.size(); ++i) {
            const auto a = ring[i], b = ring[(i + 1) % ring.size()];
            spans.push_back({std::min(a.y, b.y), std::max(a.y, b.y), std::min(a.x, b.x), std::max(a.x, b.x)});
        }
    std::ranges::sort(spans, {}, &Span::y0);
    std::size_t count = 0;
    for (std::size_t i = 0; i < spans.size(); ++i)
        for (std::size_t k = i + 1; k < spans.size() && spans[k].y0 <= spans[i].y1; ++k)
            count += spans[k].x0 <= spans[i].x1 && spans[i].x0 <= spans[k].x1;
    return count;
}

Result<std::vector<GridRing>> clipOnce(const std::vector<GridRing>& subject,
                                       const std::vector<GridRing>& clip, BooleanOp op, FillRule rule)
{
    std::vector<GridRing> out;
    const auto fill = rule == FillRule::NonZero ? ClipperLib::pftNonZero : ClipperLib::pftPositive;
    try {
        ClipperLib::Clipper clipper;
        clipper.PreserveCollinear(true);
        bool has_area = false;
        ClipperLib::Path path;
        const auto add = [&](const std::vector<GridRing>& rings, ClipperLib::PolyType type) {
            for (const auto& ring : rings) {
                path.clear();
                for (const auto p : ring)
                    path.emplace_back(p.x, p.y);
                has_area |= clipper.AddPath(path, type, true);
            }
        };
        add(subject, ClipperLib::ptSubject);
        add(clip, ClipperLib::ptClip);
        if (!has_area) // the library takes nothing to do for a failure
            return out;
        ClipperLib::Paths united;
        if (!clipper.Execute(clipType(op), united, fill, fill))
            return fail(ErrorCode::WeldFailed);
        out.reserve(united.size());
        for (const auto& ring : united) {
            auto& points = out.emplace_back();
            points.reserve(ring.size());
            for (const auto& p : ring)
                points.push_back({p.X, p.Y});
        }
    } catch (const ClipperLib::clipperException&) {
        return fail(ErrorCode::WeldFailed);
    }
    return out;
}

bool passAPointTwice(const std::vector<GridRing>& rings)
{
    std::vector<GridPoint> points;
    for (const auto& ring : rings)
        points.insert(points.end(), ring.begin(), ring.end());
    std::ranges::sort(points);
    return std::ranges::adjacent_find(points) != points.end();
}

/// Two of the rings run along one edge, in opposite directions: they belong together.
bool shareAnEdge(const std::vector<GridRing>& rings)
{
    std::vector<std::pair<GridPoint, GridPoint>> edges, backwards;
    for (const auto& ring : rings)
        for (std::size_t i = 0; i < ring.size(); ++i) {
            edges.emplace_back(ring[i], ring[(i + 1) % ring.size()]);
            backwards.emplace_back(edges.back().second, edges.back().first);
        }
    std::ranges::sort(edges);
    return std::ranges::any_of(backwards,
                               [&](const auto& e) { return std::ranges::binary_search(edges, e); });
}

/// The library leaves polygons apart that meet along edges across its way: along its way it joins them.
Result<std::vector<GridRing>> unitedAcross(std::vector<GridRing> rings)
{
    const auto turn = [](std::vector<GridRing>& all) {
        for (auto& ring : all) {
            for (auto& p : ring)
                std::swap(p.x, p.y);
            std::ranges::reverse(ring); // what was counter-clockwise still is
        }
    };
    turn(rings);
    auto united = clipOnce(rings, {}, BooleanOp::Union, FillRule::Positive);
    if (united)
        turn(*united);
    return united;
}

} // namespace

Result<Clipped> clip(const std::vector<GridRing>& subject, const std::vector<GridRing>& clip, BooleanOp op,
                     FillRule rule)
{
    std::size_t chords = 0;
    for (const auto& ring : subject)
        chords += ring.size();
    if (chords > kFewChords && possibleCrossings(subject) > kMaxCrossings)
        return fail(ErrorCode::TooComplex);
    auto rings = clipOnce(subject, clip, op, rule);
    const bool has_touching = rings && passAPointTwice(*rings);
    if (has_touching && shareAnEdge(*rings))
        rings = unitedAcross(std::move(*rings));
    if (!rings)
        return fail(rings.error());
    return Clipped{std::move(*rings), has_touching};
}

} // namespace ink::detail
