#include "core/proof/one_piece.h"

#include "core/geometry/boolean.h"
#include "core/geometry/bridge.h"
#include "core/geometry/offset.h"
#include "core/geometry/skeleton.h"

#include <algorithm>
#include <cmath>

namespace ink {
namespace {

/// Bridges reach this far into what they tie, in widths: a round end alone would hang by its tip.
constexpr double kIntoInk = 0.5;
constexpr double kMostBorder_mm = 100.0;
/// Where two edges run side by side, every place between them is as near: looked for in steps, in widths.
constexpr double kSlide = 0.25;
constexpr int kMostSlides = 200;

/// The middle of where a tie could be as short as it is: away from corners.
Tie inTheMiddle(const Tie& tie, double width, const InkTest& ink)
{
    const Point way = tie.to - tie.from;
    const double l = length(way);
    if (l <= 0.0)
        return tie;
    const Point along = way * (1.0 / l), aside{-along.y, along.x},
                film = along * std::min(0.02 * width, 0.25 * l);
    const auto isAsShort = [&](Point by) {
        const Point from = tie.from + by, to = tie.to + by;
        return ink.isInk(from - film) && !ink.isInk(from + film) && !ink.isInk(to - film) &&
               ink.isInk(to + film);
    };
    int reach[2] = {0, 0};
    for (const int side : {0, 1})
        while (reach[side] < kMostSlides &&
               isAsShort(aside * ((side == 0 ? -1.0 : 1.0) * kSlide * width * (reach[side] + 1))))
            ++reach[side];
    const Point by = aside * (0.5 * kSlide * width * (reach[1] - reach[0]));
    return {tie.from + by, tie.to + by};
}

} // namespace

Result<Outline> tiedTogether(const Outline& outline, double width, Unit unit,
                             const std::function<bool(std::size_t piece)>& ties, const CancelToken& cancel)
{
    Outline bridges;
    const auto shortest = shortestTies(outline, width, ties);
    if (shortest.empty())
        return outline;
    const InkTest ink(outline, 0.01 * width);
    for (const auto& found : shortest) {
        const Tie tie = inTheMiddle(found, width, ink);
        const Point way = tie.to - tie.from;
        const double l = length(way);
        const Point further = l > 0.0 ? way * (kIntoInk * width / l) : Point{};
        bridges.pieces.push_back({stadium(tie.from - further, tie.to + further, width), {}});
    }
    return combine(outline, bridges, BooleanOp::Union, unit, cancel);
}

Result<Outline> onBar(const Outline& outline, double height, std::span<const double> baselines, Unit unit,
                      const CancelToken& cancel)
{
    const Box box = bounds(outline);
    std::vector<double> lines(baselines.begin(), baselines.end());
    if (lines.empty())
        lines.push_back(box.y0);
    Outline bars;
    for (const double y : lines)
        bars.pieces.push_back({stadium({box.x0 + 0.5 * height, y - 0.25 * height},
                                       {box.x1 - 0.5 * height, y - 0.25 * height}, height),
                               {}});
    auto united = combine(outline, bars, BooleanOp::Union, unit, cancel);
    if (!united || united->pieces.size() < 2)
        return united;
    return tiedTogether(*united, height, unit, {}, cancel);
}

Result<Outline> onPlate(const Outline& outline, Unit unit, const CancelToken& cancel)
{
    // Half of the longest of the shortest ties is where the last two borders meet.
    double longest = 0.0;
    for (const auto& tie : shortestTies(outline, unit.u))
        longest = std::max(longest, length(tie.to - tie.from));
    for (double border = 0.5 * longest + unit.u; border <= kMostBorder_mm;
         border += 0.05 * longest + unit.u) {
        OffsetOptions options;
        options.cancel = cancel;
        auto grown = offset(outline, border, unit, options);
        if (!grown)
            return grown;
        if (grown->pieces.size() <= 1)
            return grown;
    }
    return fail(ErrorCode::TooComplex, {}, "a border of 100 mm does not make one piece of them");
}

} // namespace ink
