#include "core/geometry/nearest.h"

#include <algorithm>

namespace ink::detail {
namespace {

/// Length of the control polygon: no shorter than the segment.
double reach(const Segment& s)
{
    double sum = 0.0;
    for (std::size_t i = 0; i < s.degree(); ++i)
        sum += length(s.p[i + 1] - s.p[i]);
    return sum;
}

void dropShort(std::vector<Segment>& segments, double shortest, std::vector<int>& untouched)
{
    for (std::size_t i = 0; i < segments.size() && segments.size() > 2;) {
        if (reach(segments[i]) >= shortest) {
            ++i;
            continue;
        }
        const std::size_t n = segments.size();
        auto& before = segments[(i + n - 1) % n];
        auto& after = segments[(i + 1) % n];
        const Point at = lerp(segments[i].start(), segments[i].end(), 0.5);
        before = before.withEnds(before.start(), at);
        after = after.withEnds(at, after.end());
        untouched[(i + n - 1) % n] = untouched[(i + 1) % n] = -1;
        segments.erase(segments.begin() + static_cast<std::ptrdiff_t>(i));
        untouched.erase(untouched.begin() + static_cast<std::ptrdiff_t>(i));
    }
}

/// All of `between` lie within `straight` of the line from a to b, in front of a and behind b.
bool isStraight(Point a, Point b, const std::vector<Point>& between, double straight)
{
    const Point whole = b - a;
    const double l = length(whole);
    return l > 0.0 && std::ranges::all_of(between, [&](Point p) {
               return std::abs(cross(p - a, whole)) <= straight * l && dot(p - a, whole) > 0.0 &&
                      dot(b - p, whole) > 0.0;
           });
}

void joinLines(std::vector<Segment>& segments, double straight, std::vector<int>& untouched)
{
    std::vector<Point> between; // nodes already left out of the line at i
    for (std::size_t i = 0; i < segments.size() && segments.size() > 3;) {
        const std::size_t next = (i + 1) % segments.size();
        const bool are_lines =
            segments[i].kind == SegmentKind::Line && segments[next].kind == SegmentKind::Line;
        between.push_back(segments[i].end());
        if (!are_lines || !isStraight(segments[i].start(), segments[next].end(), between, straight)) {
            between.clear();
            ++i;
            continue;
        }
        segments[i] = Segment::line(segments[i].start(), segments[next].end());
        untouched[i] = -1;
        segments.erase(segments.begin() + static_cast<std::ptrdiff_t>(next));
        untouched.erase(untouched.begin() + static_cast<std::ptrdiff_t>(next));
        if (next == 0)
            --i;
    }
}

} // namespace

double closestNear(const Segment& curve, Point p, double t)
{
    for (int i = 0; i < 8; ++i) {
        const Point d = curve.derivativeAt(t);
        const double dd = dot(d, d);
        if (dd == 0.0)
            return t;
        const double next = std::clamp(t - dot(curve.pointAt(t) - p, d) / dd, 0.0, 1.0);
        if (std::abs(next - t) < 1e-12)
            return next;
        t = next;
    }
    return t;
}

Contour tidied(Contour ring, double shortest, double straight, std::vector<int>* untouched)
{
    std::vector<int> none;
    if (!untouched)
        none.assign(ring.segments.size(), -1);
    std::vector<int>& tags = untouched ? *untouched : none;
    dropShort(ring.segments, shortest, tags);
    joinLines(ring.segments, straight, tags);
    return ring;
}

} // namespace ink::detail
