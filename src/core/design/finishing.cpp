#include "core/design/finishing.h"

#include "core/geometry/boolean.h"
#include "core/geometry/bridge.h"
#include "core/geometry/nesting.h"
#include "core/geometry/reduce.h"
#include "core/proof/changed_outline.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <string>

namespace ink {
namespace {

constexpr double kMaxDistance_mm = 100.0;
constexpr double kMaxOffset_mm = 1000.0;
// A fifth of the 0.01 mm that offsets promise; the rest is for the union.
constexpr double kOffsetTolerance_mm = 0.002;

struct NamedJoin
{
    std::string_view name;
    Join join;
};
constexpr std::array<NamedJoin, 3> kJoins{
    {{"round", Join::Round}, {"mitre", Join::Mitre}, {"bevel", Join::Bevel}}};

} // namespace

Result<void> checkFinishing(const Finishing& f)
{
    const auto isDistance = [](double mm) { return mm >= 0.0 && mm <= kMaxDistance_mm; };
    if (!isDistance(f.bridge_touching_mm))
        return fail(ErrorCode::DistanceOutOfRange, {}, "a bridge is 0 to 100 mm wide");
    if (!isDistance(f.reduce_mm))
        return fail(ErrorCode::DistanceOutOfRange, {}, "nodes are reduced within 0 to 100 mm");
    if (!(f.fill_middles_mm2 >= 0.0 && std::isfinite(f.fill_middles_mm2)))
        return fail(ErrorCode::DistanceOutOfRange, {}, "middles to fill are 0 mm² or larger");
    if (!(std::abs(f.offset_mm) <= kMaxOffset_mm))
        return fail(ErrorCode::DistanceOutOfRange, {}, "an offset is at most 1000 mm either way");
    return {};
}

Result<Finished> finish(const Outline& welded_mm, const Finishing& finishing, double em_mm,
                        std::span<const PlacedMending> mendings, const MendingRequest& request,
                        const CancelToken& cancel)
{
    if (auto ok = checkFinishing(finishing); !ok)
        return fail(ok.error());
    const Unit unit = Unit::ofEm(em_mm);
    Finished out;
    out.outline_mm = welded_mm;
    if (finishing.bridge_touching_mm > 0.0) {
        auto bridged = bridgeTouching(out.outline_mm, finishing.bridge_touching_mm, unit, cancel);
        if (!bridged)
            return fail(bridged.error());
        out.bridges = bridged->bridges.size();
        out.outline_mm = std::move(bridged->outline);
    }
    if (finishing.fill_middles_mm2 > 0.0)
        out.outline_mm = withMiddlesFilled(std::move(out.outline_mm), finishing.fill_middles_mm2);
    if (finishing.offset_mm != 0.0) {
        OffsetOptions options;
        options.join = finishing.offset_join;
        options.tolerance = kOffsetTolerance_mm;
        options.cancel = cancel;
        auto moved = offset(out.outline_mm, finishing.offset_mm, unit, options);
        if (!moved)
            return fail(moved.error());
        out.outline_mm = std::move(*moved);
    }
    if (out.outline_mm.pieces.empty())
        return fail(ErrorCode::NothingToCut, {}, "the offset leaves nothing of them");
    std::size_t gone = 0;
    const auto reduce = [&](Outline outline, std::function<bool(const Segment&)> keeps) -> Result<Outline> {
        if (finishing.reduce_mm <= 0.0)
            return outline;
        auto reduced = reduceNodes(outline, unit, {finishing.reduce_mm, cancel, std::move(keeps)});
        if (!reduced)
            return fail(reduced.error());
        gone += reduced->nodes_before - reduced->nodes_after;
        out.nodes_before_reduction = gone + reduced->nodes_after;
        out.largest_deviation_mm = std::max(out.largest_deviation_mm, reduced->largest_deviation);
        out.is_reduced_everywhere = out.is_reduced_everywhere && reduced->is_everywhere;
        return std::move(reduced->outline);
    };
    // Before the mendings: what they do not touch is the same with them and without, to the bit.
    auto reduced = reduce(std::move(out.outline_mm), {});
    if (!reduced)
        return fail(reduced.error());
    out.outline_mm = request.is_stencil ? asStencil(std::move(*reduced)) : std::move(*reduced);
    if (mendings.empty())
        return out;
    MendingRequest asked = request;
    asked.then = [&, isDrawn = drawnSegments(out.outline_mm)](Outline mended) {
        return reduce(std::move(mended), isDrawn);
    }; // looked at once, as it will be cut
    auto mended = mend(out.outline_mm, mendings, asked);
    if (!mended)
        return fail(mended.error());
    out.outline_mm = std::move(mended->outline_mm);
    out.mended = std::move(*mended);
    out.mended.outline_mm = {};
    return out;
}

std::string_view idOf(Join join)
{
    return std::ranges::find(kJoins, join, &NamedJoin::join)->name;
}

std::optional<Join> joinOf(std::string_view id)
{
    const auto found = std::ranges::find(kJoins, id, &NamedJoin::name);
    return found == kJoins.end() ? std::nullopt : std::optional(found->join);
}

} // namespace ink
