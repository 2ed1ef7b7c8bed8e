// What is done to the welded shape at its finished size: bridges, filled middles, a border, fewer nodes.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/offset.h"
#include "core/geometry/path.h"
#include "core/proof/mending.h"

#include <optional>
#include <span>
#include <string_view>
#include <vector>

namespace ink {

/// All lengths at the finished size; zero leaves a step out. The steps run in this order, mendings after them.
struct Finishing
{
    /// Letters nearer than this, or hanging together by less, are joined by a bridge of this width.
    double bridge_touching_mm = 0.0;
    /// Middles that enclose less are filled.
    double fill_middles_mm2 = 0.0;
    /// Grows the ink (or shrinks it, when negative).
    double offset_mm = 0.0;
    Join offset_join = Join::Round;
    /// Fewer nodes, no further than this from the outline.
    double reduce_mm = 0.0;

    friend bool operator==(const Finishing&, const Finishing&) = default;
};

struct Finished
{
    Outline outline_mm;
    std::size_t bridges = 0;
    /// Of the node reduction; zero when there was none.
    std::size_t nodes_before_reduction = 0;
    double largest_deviation_mm = 0.0;
    /// False where fewer nodes would have let curves cross, and some were kept.
    bool is_reduced_everywhere = true;
    /// What the mendings did; without its outline.
    Mended mended;
};

/// Errors: DistanceOutOfRange (a bridge or a reduction up to 100 mm, an offset up to 1 m either way).
Result<void> checkFinishing(const Finishing& finishing);

/// `em_mm` sets the tolerances. `mendings` come last, on the outline with fewer nodes, and what they make gets fewer nodes by itself;
/// `request` is used where there are some.
/// Errors: those of checkFinishing, bridgeTouching, offset, mend and reduceNodes; NothingToCut when no ink is left.
Result<Finished> finish(const Outline& welded_mm, const Finishing& finishing, double em_mm,
                        std::span<const PlacedMending> mendings = {}, const MendingRequest& request = {},
                        const CancelToken& cancel = {});

/// How corners are joined, by the name files and commands call it: round, mitre, bevel.
std::string_view idOf(Join join);
std::optional<Join> joinOf(std::string_view id);

} // namespace ink
