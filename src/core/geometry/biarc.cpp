#include "core/geometry/biarc.h"

#include "core/geometry/distance.h"

#include <cmath>
#include <numbers>

namespace ink {
namespace {

constexpr int kMostArcHalvings = 12;
constexpr int kArcLooks = 17;

double angleFrom(Point a, Point b)
{
    return std::atan2(cross(a, b), dot(a, b));
}

/// Where two arcs of equal reach meet that leave and arrive in the given directions.
Point jointOf(Point start, Point leaving, Point end, Point arriving)
{
    const Point v = end - start;
    const double vt = dot(v, leaving + arriving), k = 2.0 * (1.0 - dot(leaving, arriving));
    double reach = 0.0;
    if (k > 1e-9)
        reach = (-vt + std::sqrt(std::max(0.0, vt * vt + k * dot(v, v)))) / k;
    else if (std::abs(dot(v, arriving)) > 1e-12)
        reach = dot(v, v) / (4.0 * dot(v, arriving));
    else
        return lerp(start, end, 0.5);
    return (start + end + (leaving - arriving) * reach) * 0.5;
}

double offFrom(const Arc& arc, Point p)
{
    const Point chord = arc.end - arc.start;
    const double l = length(chord);
    if (std::abs(arc.bulge) < 1e-9 || l == 0.0)
        return distanceTo(p, arc.start, arc.end);
    const double b = arc.bulge, radius = l * (1.0 + b * b) / (4.0 * std::abs(b));
    const Point normal{-chord.y / l, chord.x / l};
    const Point centre = lerp(arc.start, arc.end, 0.5) + normal * (l * (1.0 - b * b) / (4.0 * b));
    // How far round from the start, in the direction of the arc.
    double turn = angleFrom(arc.start - centre, p - centre) * (b > 0.0 ? 1.0 : -1.0);
    if (turn < 0.0)
        turn += 2.0 * std::numbers::pi;
    if (turn <= 4.0 * std::atan(std::abs(b)))
        return std::abs(length(p - centre) - radius);
    return std::min(length(p - arc.start), length(p - arc.end));
}

void add(std::vector<Arc>& out, const Segment& s, double tolerance, int halvings)
{
    const Point leaving = unitVector(s.startTangent()), arriving = unitVector(s.endTangent());
    const Point joint = jointOf(s.start(), leaving, s.end(), arriving);
    const Arc first{s.start(), joint, std::tan(angleFrom(leaving, joint - s.start()) / 2.0)};
    const Arc second{joint, s.end(), std::tan(angleFrom(s.end() - joint, arriving) / 2.0)};
    const auto isNear = [&] {
        // More than three quarters of a circle: no curve of a letter turns so between two nodes.
        if (!isFinite(joint) || std::abs(first.bulge) > 1.5 || std::abs(second.bulge) > 1.5)
            return false;
        for (int i = 1; i < kArcLooks; ++i) {
            const Point p = s.pointAt(double(i) / kArcLooks);
            if (std::min(offFrom(first, p), offFrom(second, p)) > tolerance)
                return false;
        }
        return true;
    };
    if (halvings == 0) {
        out.push_back({s.start(), s.end(), 0.0});
    } else if (isNear()) {
        if (first.start != first.end)
            out.push_back(first);
        if (second.start != second.end)
            out.push_back(second);
    } else {
        const auto [a, b] = s.halves();
        add(out, a, tolerance, halvings - 1);
        add(out, b, tolerance, halvings - 1);
    }
}

} // namespace

std::vector<Arc> arcsOf(const Segment& segment, double tolerance)
{
    std::vector<Arc> out;
    if (segment.kind == SegmentKind::Line)
        out.push_back({segment.start(), segment.end(), 0.0});
    else
        add(out, segment, tolerance, kMostArcHalvings);
    return out;
}

} // namespace ink
