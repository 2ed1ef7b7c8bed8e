// Where strokes end: the places at which something can grow on.
#pragma once

#include "core/geometry/path.h"

#include <vector>

namespace ink {

struct StrokeEnd
{
    /// The outermost place of the end.
    Point at;
    /// Unit vector, out of the ink along the stroke.
    Point outward;
    /// Of the stroke where its end begins; 0 for a point.
    double width = 0.0;
};

/// Ends of strokes, round, cut or pointed, in the order of the outline.
/// Units:  those of the outline; `u` is 1/1000 em in them. Curves are taken on chords within 0.25 u.
/// Shape:  welded pieces. An end is where the outside turns by 150 degrees within a length that is no more
///         than 2.2 times the width there; dots, which turn everywhere, have none.
/// Errors: none; empty in, empty out.
/// Source: own; that a stroke's sides are parallel to within 30 degrees is what kOppositeSides_deg says too.
std::vector<StrokeEnd> strokeEnds(const Outline& outline, double u);

/// A shape brought to another, end to end.
struct Growth
{
    /// Of the shape that is moved.
    bool is_mirrored = false;
    Point move;
    /// Which ends meet.
    std::size_t on = 0, of = 0;
    /// 1 where the strokes run on in one direction at one width.
    double fit = 0.0;
};

/// How a shape with the ends `of` could grow on one with the ends `on`, best first: as it is or mirrored
/// about x = 0, never turned. Ends overlap by most of the thinner stroke's width.
std::vector<Growth> growths(const std::vector<StrokeEnd>& on, const std::vector<StrokeEnd>& of, double u);

} // namespace ink
