#include "core/geometry/offset.h"

#include "core/base/told.h"
#include "core/geometry/box.h"
#include "core/geometry/engine/curve_engine.h"
#include "core/geometry/nesting.h"
#include "core/geometry/ring_offset.h"
#include "core/geometry/shape_key.h"
#include "core/geometry/weld.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <numbers>
#include <set>
#include <string>
#include <vector>

namespace ink {
namespace {

Contour rectangle(const Box& box)
{
    const std::array<Point, 4> c{{{box.x0, box.y0}, {box.x1, box.y0}, {box.x1, box.y1}, {box.x0, box.y1}}};
    Contour out;
    for (std::size_t i = 0; i < 4; ++i)
        out.segments.push_back(Segment::line(c[i], c[(i + 1) % 4]));
    return out;
}

/// Round corners can be taken in steps: growing by a and then by b is growing by a + b. The first step does
/// away with what is small, so that the next, twice as long, meets fewer edges, and so on.
constexpr double kFirstStep_u = 40.0;
/// Fewer nodes are done with at once.
constexpr std::size_t kNodesOfOneStep = 300;

std::vector<double> stepsTo(double distance, Unit unit, Join join, std::size_t nodes)
{
    std::vector<double> steps;
    double left = std::abs(distance), step = kFirstStep_u * unit.u;
    while (join == Join::Round && nodes > kNodesOfOneStep && left > 2.0 * step) {
        steps.push_back(std::copysign(step, distance));
        left -= step;
        step *= 2.0;
    }
    steps.push_back(std::copysign(left, distance));
    return steps;
}

/// By more than this, and of more nodes than this, an offset takes longer than anybody should wait unasked.
constexpr double kFar_u = 100.0;
constexpr std::size_t kMostNodesFar = 15'000;

/// Nodes of the pieces that differ.
std::size_t nodesOfItsOwn(const Outline& outline, Unit unit)
{
    std::set<std::vector<std::int64_t>> known;
    std::size_t nodes = 0;
    for (const auto& piece : outline.pieces)
        if (known.insert(detail::shapeKey(piece, unit)).second)
            nodes += piece.outer.segments.size() + nodeCount(piece.middles);
    return nodes;
}

/// What no growth of this kind leaves open: the largest circle in them is smaller.
void dropMiddlesThatClose(Outline& outline, double distance)
{
    for (auto& piece : outline.pieces)
        std::erase_if(piece.middles, [&](const Contour& middle) {
            const Box box = middle.bounds();
            return std::min(box.width(), box.height()) <= 2.0 * distance;
        });
}

/// The rings of one piece, grown or shrunk.
Result<std::vector<Contour>> offsetPiece(const Piece& piece, double distance, Unit unit,
                                         const OffsetOptions& options)
{
    // Shrinking the ink is growing the paper round it, up to a frame.
    const bool grows = distance > 0.0;
    Paths raw;
    detail::RingOffset side(std::abs(distance), options);
    const auto add = [&](const Contour& ring) { raw.push_back(side.of(grows ? ring : ring.reversed())); };
    add(piece.outer);
    std::ranges::for_each(piece.middles, add);
    if (!grows) {
        const Box frame = piece.outer.bounds();
        raw.push_back(
            rectangle(grownBy(frame, 0.1 * (frame.width() + frame.height()) + 2.0 * std::abs(distance))));
    }
    const detail::EngineShape shape{&raw, nullptr, {}, false, false};
    detail::EngineStats stats;
    auto made = detail::combineCurves({&shape, 1}, BooleanOp::Union, detail::FillRule::Positive,
                                      detail::Grid(unit), options.cancel, stats);
    if (!made || grows)
        return made;
    const auto frame = std::ranges::max_element(*made, {}, [](const Contour& c) { return c.signedArea(); });
    if (frame != made->end())
        made->erase(frame);
    for (auto& ring : *made)
        ring = ring.reversed();
    return made;
}

/// Each piece by itself, and those that meet then as one. Pieces that come again, as letters and words do,
/// are made once.
Result<Outline> offsetOnce(const Outline& outline, double distance, Unit unit, const OffsetOptions& options)
{
    std::map<std::vector<std::int64_t>, std::shared_ptr<const Paths>> known;
    std::vector<PlacedPaths> placed;
    for (const auto& piece : outline.pieces) {
        if (options.cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        const Point origin = piece.outer.segments.front().start();
        auto& grown = known[detail::shapeKey(piece, unit)];
        if (!grown) {
            const auto home = transformed(Outline{{piece}}, {1, 0, 0, 1, -origin.x, -origin.y});
            auto rings = offsetPiece(home.pieces.front(), distance, unit, options);
            if (!rings)
                return fail(rings.error());
            grown = std::make_shared<const Paths>(std::move(*rings));
        }
        placed.push_back({grown, origin, 0});
    }
    if (distance > 0.0) {
        auto joined = weld(placed, unit, {options.cancel, {}});
        if (!joined)
            return fail(joined.error());
        return std::move(joined->outline);
    }
    std::vector<Contour> rings; // what shrinks meets nothing
    for (const auto& piece : placed)
        std::ranges::move(transformed(*piece.paths, {1, 0, 0, 1, piece.at.x, piece.at.y}),
                          std::back_inserter(rings));
    return nested(std::move(rings));
}

} // namespace

Result<Outline> offset(const Outline& outline, double distance, Unit unit, const OffsetOptions& options)
{
    const Paths rings = toPaths(outline);
    std::size_t nodes = 0;
    if (auto ok = detail::checkInput(rings, {std::abs(distance), 0.0}, unit, nodes); !ok)
        return fail(ok.error());
    if (distance == 0.0 || rings.empty())
        return outline;
    if (std::abs(distance) > kFar_u * unit.u)
        if (const std::size_t own = nodesOfItsOwn(outline, unit); own > kMostNodesFar)
            return fail(ErrorCode::TooComplex, {},
                        told("{} nodes; so far out it does with {}", own, kMostNodesFar));
    const auto steps = stepsTo(distance, unit, options.join, nodes);
    OffsetOptions each = options;
    each.tolerance = options.tolerance / static_cast<double>(steps.size());
    Outline out = outline;
    double left = distance;
    for (const double step : steps) {
        if (distance > 0.0)
            dropMiddlesThatClose(out, left);
        auto next = offsetOnce(out, step, unit, each);
        if (!next)
            return fail(next.error());
        out = std::move(*next);
        left -= step;
        if (out.pieces.empty())
            break;
    }
    return out;
}

Result<bool> holdsDisc(const Contour& ring, double width, Unit unit, const OffsetOptions& options)
{
    const Box box = ring.bounds();
    if (std::min(box.width(), box.height()) < width)
        return false;
    auto inset =
        offset({{{ring.signedArea() < 0.0 ? ring.reversed() : ring, {}}}}, -0.5 * width, unit, options);
    if (!inset)
        return fail(inset.error());
    return !inset->pieces.empty();
}

} // namespace ink
