#include "core/geometry/flatten.h"

#include <algorithm>

namespace ink {

int chordCount(const Segment& segment, double tolerance)
{
    const auto& p = segment.p;
    double second = 0.0;
    switch (segment.kind) {
    case SegmentKind::Line:
        return 1;
    case SegmentKind::Quadratic:
        second = 2.0 * length(p[2] - p[1] * 2.0 + p[0]);
        break;
    case SegmentKind::Cubic:
        second = 6.0 * std::max(length(p[2] - p[1] * 2.0 + p[0]), length(p[3] - p[2] * 2.0 + p[1]));
        break;
    }
    const double n = std::ceil(std::sqrt(second / (8.0 * tolerance)));
    // A letter needs some tens of chords a curve; the cap keeps a damaged font from filling memory.
    return static_cast<int>(std::clamp(n, 1.0, 1000.0));
}

std::vector<Point> flattened(const Contour& contour, double tolerance)
{
    std::vector<Point> out;
    for (const auto& s : contour.segments) {
        const int n = chordCount(s, tolerance);
        out.push_back(s.start());
        for (int i = 1; i < n; ++i)
            out.push_back(s.pointAt(static_cast<double>(i) / n));
    }
    return out;
}

} // namespace ink
