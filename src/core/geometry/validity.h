// Looks at a finished outline from outside: closed, oriented, nested, not crossing itself. Shares no code
// with the weld, so that it can judge it.
#pragma once

#include "core/geometry/path.h"

#include <string>

namespace ink {

struct Validity
{
    bool is_finite = true;
    /// Every segment starts exactly where the one before ends.
    bool is_closed = true;
    /// Ink lies on the left of every ring, and nowhere twice.
    bool is_oriented = true;
    /// Every middle lies inside the outer ring of its piece.
    bool is_nested = true;
    /// How far one stretch of outline reaches over another, in the units of the coordinates; 0 when
    /// nothing crosses; depths beyond 1 u are not measured to the end.
    double deepest_crossing = 0.0;

    bool isValid(double crossing_tolerance) const
    {
        return is_finite && is_closed && is_oriented && is_nested && deepest_crossing <= crossing_tolerance;
    }
    std::string inWords() const;
};

/// `u` is 1/1000 em in the units of the coordinates: curves are looked at on chords within about 0.02 u.
/// Time grows with the square of the rings' overlap in x; meant for tests and debug builds.
Validity validityOf(const Outline& outline, double u);

} // namespace ink
