// The medial axis of an outline as a graph: inside the ink, and between it.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/path.h"
#include "core/geometry/unit.h"

#include <array>
#include <vector>

namespace ink {

/// One place of a medial axis: a circle that touches the outline on two sides and holds no outline.
struct AxisPlace
{
    /// Diameter of the circle: how thick the stroke is here, or how wide the gap.
    double width = 0.0;
    Point centre;
    /// Where the circle touches.
    Point a, b;
};

/// Where a circle touches: on which segment of the outline, counted through all rings as toPaths() orders
/// them; -1 where that is not known.
struct AxisTouch
{
    int segment = -1;
    double t = 0.0;
};

/// A step of the axis between two chords, or a chord and a corner.
struct AxisStep
{
    /// A line, or the parabola between a corner and a chord as the quadratic it is.
    Segment arc;
    /// At its start and its end.
    std::array<double, 2> width{};
    AxisPlace narrowest;
    std::array<AxisTouch, 2> touches;
    /// The circle touches on exactly opposite sides within the step: it is wider on both sides of that.
    bool has_neck = false;
    /// Somewhere the sides are opposite enough for a stroke (kOppositeSides_deg); else the step only leads
    /// on.
    bool is_stroke = false;
};

struct AxisEdge
{
    /// Nodes; the same twice for a ring without a fork.
    std::size_t from = 0, to = 0;
    /// One after the other from `from` to `to`.
    std::vector<AxisStep> steps;
    bool is_ink = false;
    /// Part of a pointed end that thins out to nothing. Its width says how pointed it is, not how thick a
    /// stroke.
    bool is_tip = false;

    double length() const;
    /// The axis itself, from `from` to `to`.
    OpenPath path() const;
};

/// A stretch between sides that are too far from opposite for a step, and that leads on all the same: from one edge to another,
/// or between two rings. Ink that is cut along it comes apart, a gap that is filled along it is closed.
struct AxisPassage
{
    Segment arc;
    /// Of the circle, at its start and its end.
    std::array<double, 2> width{};
    bool is_ink = false;
};

struct AxisGraph
{
    /// Forks, ends, and where tips begin.
    std::vector<Point> nodes;
    std::vector<AxisEdge> edges;
    /// Where they were asked for.
    std::vector<AxisPassage> passages;
};

enum class AxisParts { Edges, EdgesAndPassages };

/// Sides of a stroke count as opposite when the directions from the axis to them differ by this much; a
/// pointed end of more than 30 degrees is a corner and no stroke.
inline constexpr double kOppositeSides_deg = 150.0;

/// Branches that run into corners of 70 degrees and more are left out.
/// Units:  those of the outline. Curves are taken on chords: within 0.25 u where two of them come nearer than
///         6 u to each other, within 1.5 u elsewhere.
/// Shape:  pieces as the weld makes them; middles count as gaps. Empty in, empty out. A dot or a middle that
///         has no two opposite sides is one edge of one step, as wide as the largest circle in it.
/// Errors: NonFinite, TooManyNodes (more than 2 million chords), WeldFailed, Cancelled.
/// Source: H. Blum, "A transformation for extracting new descriptors of shape", 1967; the Voronoi diagram of
///         the outline's chords by Boost.Polygon (S. Fortune, "A sweepline algorithm for Voronoi diagrams",
///         1987).
Result<AxisGraph> axisGraph(const Outline& outline, Unit unit, const CancelToken& cancel = {},
                            AxisParts parts = AxisParts::Edges);

} // namespace ink
