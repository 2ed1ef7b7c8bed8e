// From a welded outline to stitches.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/path.h"
#include "core/geometry/unit.h"
#include "core/stitch/columns.h"
#include "core/stitch/stitch_plan.h"
#include "core/stitch/stitch_settings.h"

#include <functional>
#include <optional>
#include <span>

namespace ink {

/// More stitches than this are refused: no machine takes them in one go.
inline constexpr double kMostStitches = 1e6;

/// How a stroke is sewn where it is not sewn as the rest, told by its rungs; nothing for as the rest.
using SewingOf = std::function<std::optional<SewnAs>(std::span<const Rung>)>;

/// Letters as satin columns, fills, lines, or cloth laid on in three rounds (placement, tack-down, cover; the machine stops between
/// them). The strokes of one piece are one run with one start and one end: the thread runs under the cover to the far end, and the
/// cover is sewn on the way back. What no column covers is filled before it. The same job gives the same plan.
/// `sewing` is asked for each stroke of letters that are sewn or filled.
/// Units:  mm, y up.
/// Errors: NothingToCut without ink; TooComplex beyond kMostStitches; those of axisGraph() and offset(); Cancelled.
Result<StitchPlan> planStitches(const Outline& outline, Unit unit, const StitchSettings& settings,
                                const CancelToken& cancel = {}, const SewingOf& sewing = {});

} // namespace ink
