#include "core/proof/hanging.h"

#include "core/geometry/box.h"
#include "core/geometry/bridge.h"
#include "core/proof/changed_outline.h"
#include "core/proof/cut_across.h"

namespace ink {
namespace {

/// None where there is no ink to cut.
std::optional<InkCrossing> crossingAt(const OutlineProof& proof, Point place, double width)
{
    std::optional<InkCrossing> found;
    double least = 1e300;
    const auto take = [&](Point centre, const InkCrossing& crossing) {
        if (const double away = length(centre - place); away < least) {
            least = away;
            found = crossing;
        }
    };
    for (const auto& branch : proof.branches())
        for (const auto* step : branch.steps)
            if (branch.is_ink && step->is_stroke)
                take(step->narrowest.centre, {step->narrowest.a, step->narrowest.b});
    for (const auto& touching : proof.touching())
        take(touching.at,
             {touching.at - touching.way * (0.5 * width), touching.at + touching.way * (0.5 * width)});
    return found;
}

} // namespace

Result<Outline> partedAt(const OutlineProof& proof, Point place, double width, const CancelToken& cancel)
{
    const auto crossing = crossingAt(proof, place, width);
    return crossing ? cutAcross(proof.outline(), {&*crossing, 1}, width, proof.unit(), cancel)
                    : proof.outline();
}

Result<Widening> joinTouching(const OutlineProof& proof, const std::function<double(Point)>& widthAt,
                              const CancelToken& cancel)
{
    Widening out{proof.outline(), 0, {}};
    Outline discs;
    for (const auto& [at, way, rings] : proof.touching())
        if (const double width = widthAt(at); width > 0.0) {
            discs.pieces.push_back({stadium(at, at, width), {}});
            out.boxes.push_back(grownBy({at.x, at.y, at.x, at.y}, 0.5 * width));
            ++out.places;
        }
    if (discs.pieces.empty())
        return out;
    auto made = changedBy(out.outline, discs, out.boxes, BooleanOp::Union, proof.unit(), cancel);
    if (!made)
        return fail(made.error());
    out.outline = std::move(*made);
    return out;
}

} // namespace ink
