// Where edges of an outline meet in a single point, and what holds together there: nothing does.
#pragma once

#include "core/geometry/path.h"

#include <cstddef>
#include <vector>

namespace ink {

/// What does not hold together in a point: what rings go round, or what lies between them (of a stencil).
enum class Apart { Ink, Paper };

/// Rings that meet in nodes, gone round anew so that ink, or paper, is apart there: squares of ink that share corners are rings by
/// themselves, or the squares of paper between them are. No ring comes to a node twice. Rings that meet so already stay as they are.
/// Shape:  closed rings that do not cross each other, ink on their left; so is what comes.
/// Errors: none.
std::vector<Contour> apartWhereTheyMeet(std::vector<Contour> rings, Apart apart);

/// A point in which ink meets ink.
struct TouchingPoint
{
    Point at;
    /// Into the paper on one side, of length 1; the ink lies on both sides of it.
    Point way;
    /// The rings that meet there, by number.
    std::size_t rings[2]{};
};
/// All of them, from left to right.
/// Shape:  as above.
/// Errors: none.
std::vector<TouchingPoint> touchingPoints(const std::vector<Contour>& rings);

} // namespace ink
