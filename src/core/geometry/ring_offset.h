// The right-hand offset of one ring. Internal to offset and stroke.
#pragma once

#include "core/geometry/offset.h"
#include "core/geometry/path.h"

namespace ink::detail {

/// The right-hand offset of one ring as contours whose winding number is positive on everything within the
/// distance of the ink, and zero elsewhere.
class RingOffset
{
public:
    RingOffset(double distance, const OffsetOptions& options) : m_distance(distance), m_options(options) {}

    Contour of(const Contour& ring);

private:
    void lineTo(Point p);
    void add(const Segment& s);
    double speedFactor(const Segment& s, double t) const;
    Point offsetPoint(const Segment& s, double t) const;
    void addSegment(const Segment& s);
    void addStretch(const Segment& s, double t0, double t1, bool turns_back);
    void addBands(const Segment& s, double t0, double t1);
    void addFit(const Segment& s, double t0, double t1, int depth);
    void addJoin(Point corner, Point in, Point out);
    void addArc(Point centre, Point from, double angle);

    double m_distance;
    const OffsetOptions& m_options;
    Contour m_out;
    Point m_at;
};

} // namespace ink::detail
