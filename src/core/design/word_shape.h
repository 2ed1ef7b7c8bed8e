// Shapes that words are bent to: hill, arch, circle, taper and the others.
#pragma once

#include "core/base/result.h"
#include "core/geometry/bend.h"
#include "core/geometry/path.h"

#include <array>
#include <span>
#include <string_view>

namespace ink {

enum class ShapeKind { None, Hill, Valley, Arch, Circle, Wave, Rising, Taper, Bulge, Slant, Mirror, Corners };

/// What a shape is called in files and asked in its one number.
struct ShapeInfo
{
    ShapeKind kind;
    std::string_view id;
    /// "deg", "%" of the words' width or height, or empty when there is no number.
    std::string_view unit;
    double usual, least, most;
    /// Letters can be turned along it and kept as drawn.
    bool can_keep_letters;
};

std::span<const ShapeInfo> allShapes();
const ShapeInfo& infoOf(ShapeKind kind);
/// Null when no shape is called so.
const ShapeInfo* shapeNamed(std::string_view id);

struct WordShape
{
    ShapeKind kind = ShapeKind::None;
    /// Letters bend with the shape; else they are turned along it and kept as drawn.
    bool bends = false;
    double amount = 0.0;
    /// Circle: where the middle of the words stands, clockwise from the top, and on which side of the line.
    double start_deg = 0.0;
    bool is_inside = false;
    /// Corners: how far each corner of the words' box is moved, in widths and heights of the box; from the
    /// lower left, counter-clockwise.
    std::array<Point, 4> corners{};

    friend bool operator==(const WordShape&, const WordShape&) = default;
};

/// The nearest shape that can be made: the amount within its range, the four corners convex.
WordShape sensible(WordShape shape);

/// "arch:120", "hill:20:bend", "circle:300:inside:180": kind, amount, and in any order bend, keep, inside and
/// a start.
/// Errors: ShapeUnknown.
Result<WordShape> readShape(std::string_view text);

/// The map that brings words within `ink` (baseline at y = 0) to the shape.
/// Units:  those of the box.
/// Source: below, in closed form for each shape; corners by the projective map of a square to a quadrilateral
///         (P. Heckbert, "Fundamentals of texture mapping and image warping", 1989).
PointMap shapeMap(const WordShape& shape, const Box& ink);

/// Where a letter goes that is kept as drawn: its middle foot at `x` on the baseline is moved by the map,
/// turned with the line and scaled with the height there.
Affine shapePlace(const WordShape& shape, const PointMap& map, const Box& ink, double x);

} // namespace ink
