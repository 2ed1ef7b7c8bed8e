// Points, straight lines and how near they come to each other.
#pragma once

#include "core/geometry/segment.h"

#include <algorithm>

namespace ink {

/// The place on the line from a to b that is nearest to p.
inline Point nearestOn(Point a, Point b, Point p)
{
    const Point d = b - a;
    const double dd = dot(d, d);
    return dd > 0.0 ? a + d * std::clamp(dot(p - a, d) / dd, 0.0, 1.0) : a;
}

inline double distanceTo(Point p, Point a, Point b)
{
    return length(nearestOn(a, b, p) - p);
}

/// The lines from a to b and from c to d cross, strictly: sharing an end or touching does not count.
inline bool linesCross(Point a, Point b, Point c, Point d)
{
    const double c_side = cross(b - a, c - a), d_side = cross(b - a, d - a);
    if (!((c_side > 0.0 && d_side < 0.0) || (c_side < 0.0 && d_side > 0.0)))
        return false;
    const double a_side = cross(d - c, a - c), b_side = cross(d - c, b - c);
    return (a_side > 0.0 && b_side < 0.0) || (a_side < 0.0 && b_side > 0.0);
}

/// Where two lines come nearest to each other: on the first, and on the second. The same place where they
/// cross.
struct NearestPair
{
    Point from, to;
    double distance = 0.0;
};

/// Of lines that do not cross: one of the two places is an end.
inline NearestPair nearestEnds(Point a, Point b, Point c, Point d)
{
    NearestPair best{a, nearestOn(c, d, a), 0.0};
    best.distance = length(best.to - best.from);
    const auto take = [&best](Point from, Point to) {
        const double l = length(to - from);
        if (l < best.distance)
            best = {from, to, l};
    };
    take(b, nearestOn(c, d, b));
    take(nearestOn(a, b, c), c);
    take(nearestOn(a, b, d), d);
    return best;
}

inline double distanceOfLines(Point a, Point b, Point c, Point d)
{
    return linesCross(a, b, c, d) ? 0.0 : nearestEnds(a, b, c, d).distance;
}

} // namespace ink
