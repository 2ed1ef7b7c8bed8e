// How wide strokes and gaps are, by the medial axis of an outline.
#pragma once

#include "core/geometry/axis_graph.h"

#include <optional>
#include <vector>

namespace ink {

/// A short stretch of axis, by its narrowest place.
struct AxisStretch
{
    AxisPlace narrowest;
    /// Smallest and largest width along the stretch.
    double from_width = 0.0, to_width = 0.0;
    double length = 0.0;
    /// As AxisEdge::is_tip.
    bool is_tip = false;
};

struct MedialAxis
{
    std::vector<AxisStretch> strokes;
    std::vector<AxisStretch> gaps;

    /// The narrowest of each, measured again on the curves themselves. Pointed ends are left out; nothing
    /// when there is no stroke or no gap.
    std::optional<AxisPlace> thinnest_stroke;
    std::optional<AxisPlace> narrowest_gap;
    /// Length of axis, pointed ends included, along which strokes are thinner than `width`.
    double thinLength(double width) const;
};

/// Reads the graph of the same outline.
/// Errors: none.
MedialAxis medialAxisOf(const AxisGraph& graph, const Outline& outline, Unit unit);
/// Errors: those of axisGraph.
Result<MedialAxis> medialAxis(const Outline& outline, Unit unit, const CancelToken& cancel = {});

/// The segments of an outline in the order of toPaths(); `next` and `previous` lead round their rings.
struct OutlineCurves
{
    explicit OutlineCurves(const Outline& outline);
    std::vector<Segment> segments;
    std::vector<int> previous, next;
};
/// The place where the two sides come nearest to each other close to `step`, on the curves themselves; where
/// they do nowhere, the circle between them at the step's own place.
AxisPlace measuredOnCurves(const AxisStep& step, const OutlineCurves& curves, Unit unit);

} // namespace ink
