// How wide strokes and gaps are: the medial axis of an outline, inside the ink and between it.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/path.h"
#include "core/geometry/unit.h"

#include <optional>
#include <vector>

namespace ink {

/// One place of a medial axis: a circle that touches the outline on two opposite sides and holds no outline.
struct AxisPlace
{
    /// Diameter of the circle: how thick the stroke is here, or how wide the gap.
    double width = 0.0;
    Point centre;
    /// Where the circle touches.
    Point a, b;
};

/// A short stretch of axis, by its narrowest place.
struct AxisStretch
{
    AxisPlace narrowest;
    /// Smallest and largest width along the stretch.
    double from_width = 0.0, to_width = 0.0;
    double length = 0.0;
    /// Part of a pointed end that thins out to nothing. Its width says how pointed it is, not how thick a
    /// stroke.
    bool is_tip = false;
};

struct MedialAxis
{
    std::vector<AxisStretch> strokes;
    std::vector<AxisStretch> gaps;

    /// The narrowest of each, measured again on finer chords. Pointed ends are left out; nothing when there
    /// is no stroke or no gap.
    std::optional<AxisPlace> thinnest_stroke;
    std::optional<AxisPlace> narrowest_gap;
    /// Length of axis, pointed ends included, along which strokes are thinner than `width`.
    double thinLength(double width) const;
};

/// Sides of a stroke count as opposite when the directions from the axis to them differ by this much; a
/// pointed end of more than 30 degrees is a corner and no stroke.
inline constexpr double kOppositeSides_deg = 150.0;

/// The medial axis of a welded outline, without the branches that run into corners.
/// Units:  those of the outline. Curves are taken on chords within 0.25 u, the
/// narrowest places
///         within 0.02 u.
/// Shape:  pieces as the weld makes them; middles count as gaps. Empty in, empty out. A dot or a middle that
///         has no two opposite sides is as wide as the largest circle in it.
/// Errors: NonFinite, TooManyNodes (more than 2 million chords), WeldFailed, Cancelled.
/// Source: H. Blum, "A transformation for extracting new descriptors of shape", 1967; the Voronoi diagram of
///         the outline's chords by Boost.Polygon (S. Fortune, "A sweepline algorithm for Voronoi diagrams",
///         1987).
Result<MedialAxis> medialAxis(const Outline& outline, Unit unit, const CancelToken& cancel = {});

} // namespace ink
