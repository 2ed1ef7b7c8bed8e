// Boxes: do they meet, how far apart are they.
#pragma once

#include "core/geometry/segment.h"

#include <algorithm>

namespace ink {

inline bool meets(const Box& a, const Box& b)
{
    return a.x0 <= b.x1 && b.x0 <= a.x1 && a.y0 <= b.y1 && b.y0 <= a.y1;
}

inline bool isInside(const Box& inner, const Box& outer)
{
    return inner.x0 >= outer.x0 && inner.x1 <= outer.x1 && inner.y0 >= outer.y0 && inner.y1 <= outer.y1;
}

inline Box grownBy(const Box& box, double by)
{
    return {box.x0 - by, box.y0 - by, box.x1 + by, box.y1 + by};
}

inline Box movedBy(const Box& box, Point by)
{
    return box.isEmpty() ? box : Box{box.x0 + by.x, box.y0 + by.y, box.x1 + by.x, box.y1 + by.y};
}

/// 0 where they meet.
inline double distanceOf(const Box& a, const Box& b)
{
    return length({std::max({0.0, b.x0 - a.x1, a.x0 - b.x1}), std::max({0.0, b.y0 - a.y1, a.y0 - b.y1})});
}

/// 0 inside.
inline double distanceTo(const Box& box, Point p)
{
    return distanceOf(box, Box{p.x, p.y, p.x, p.y});
}

/// Of the control points: no smaller than the curve, and quicker than its exact box.
inline Box controlBox(const Segment& s)
{
    Box box;
    for (std::size_t i = 0; i <= s.degree(); ++i)
        box.add(s.p[i]);
    return box;
}

} // namespace ink
