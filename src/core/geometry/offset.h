// Outlines grown or shrunk by a distance: borders, underlays, thicker strokes.
#pragma once

#include "core/geometry/weld.h"

namespace ink {

enum class Join { Round, Mitre, Bevel };

struct OffsetOptions
{
    Join join = Join::Round;
    /// A mitre longer than this, in distances from the corner, becomes a bevel (SVG 1.1, stroke-miterlimit:
    /// 4).
    double mitre_limit = 4.0;
    /// Largest distance between the curves of the result and the exact offset, in the units of the
    /// coordinates.
    double tolerance = 0.002;
    CancelToken cancel = {};
};

/// All points within `distance` of the ink (grown), or of the ink those further than -distance from its edge
/// (shrunk). Corners follow options.join where the offset goes round them.
/// Units:  those of the coordinates, mm for a finished design.
/// Shape:  a valid outline in and out; pieces that vanish are gone, pieces that meet become one. Round
///         corners are taken in steps where there are many nodes: a step of a + b is one of a and one of b.
/// Errors: NonFinite, CoordinateOutOfRange, TooManyNodes, TooComplex (more than 15,000 nodes of different
///         pieces by more than 100 u, or more crossings than can be told apart), WeldFailed, Cancelled.
/// Source: the union of the outline with the bands its segments sweep; G. Elber, I.-K. Lee, M.-S. Kim,
///         "Comparing offset curve approximation methods", IEEE CG&A 17(3), 1997, for fitting each segment by
///         itself.
Result<Outline> offset(const Outline& outline, double distance, Unit unit, const OffsetOptions& options = {});

/// Whether a disc of that width has room in a ring, whichever way round it goes.
/// Errors: those of offset().
Result<bool> holdsDisc(const Contour& ring, double width, Unit unit, const OffsetOptions& options = {});

} // namespace ink
