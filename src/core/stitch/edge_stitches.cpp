#include "core/stitch/edge_stitches.h"

#include "core/geometry/flatten.h"
#include "core/stitch/running.h"
#include "core/stitch/stitch_plan.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace ink {
namespace {

constexpr double kEdgeStep_mm = 0.2, kRingChord_mm = 0.02;
/// Rungs turn by no more than this from one to the next.
constexpr double kMostTurn = 12.0 * std::numbers::pi / 180.0;

Point leftOf(Point way)
{
    return {-way.y, way.x};
}

Point rotated(Point v, double angle)
{
    return {v.x * std::cos(angle) - v.y * std::sin(angle), v.x * std::sin(angle) + v.y * std::cos(angle)};
}

} // namespace

std::vector<Point> ringLine(const Contour& ring)
{
    auto points = flattened(ring, kRingChord_mm);
    if (!points.empty())
        points.push_back(points.front());
    return points;
}

Column coverOfRing(std::span<const Point> ring, double inside_mm, double outside_mm)
{
    Column out;
    out.is_ring = true;
    const std::size_t n = ring.size();
    const auto put = [&](Point at, Point normal) {
        Rung rung{at, at + normal * inside_mm, at - normal * outside_mm};
        // In a hollow corner rungs would cross: they hold on to the end of the one before.
        if (!out.rungs.empty()) {
            const auto& before = out.rungs.back();
            const Point forward = leftOf(normal) * -1.0;
            if (dot(rung.left - before.left, forward) < 0.0 && length(at - before.centre) > 1e-9)
                rung.left = before.left;
            if (dot(rung.right - before.right, forward) < 0.0 && length(at - before.centre) > 1e-9)
                rung.right = before.right;
        }
        out.rungs.push_back(rung);
    };
    for (std::size_t i = 0; i + 1 < n; ++i) {
        const Point way = unitVector(ring[i + 1] - ring[i]);
        const Point before = unitVector(ring[i] - ring[i > 0 ? i - 1 : n - 2], way);
        const double turn = std::atan2(cross(before, way), dot(before, way));
        const int fans = int(std::abs(turn) / kMostTurn);
        for (int k = 1; k <= fans; ++k)
            put(ring[i], leftOf(rotated(before, turn * k / (fans + 1))));
        const auto fine = resampled(ring.subspan(i, 2), kEdgeStep_mm);
        for (std::size_t k = 0; k + 1 < fine.size(); ++k)
            put(fine[k], leftOf(way));
    }
    if (!out.rungs.empty())
        out.rungs.push_back(out.rungs.front());
    out.width_mm = out.least_width_mm = out.most_width_mm = inside_mm + outside_mm;
    return out;
}

std::vector<Point> blanket(std::span<const Point> ring, double depth_mm, double every_mm)
{
    const double whole = lengthOf(ring);
    const int count = std::max(3, int(std::round(whole / every_mm)));
    std::vector<Point> out;
    const auto normalAt = [&](double along) {
        const double reach = 0.3;
        const auto wrap = [&](double v) { return v < 0.0 ? v + whole : v > whole ? v - whole : v; };
        const Point a = stretchOf(ring, wrap(along - reach), wrap(along - reach)).front(),
                    b = stretchOf(ring, wrap(along + reach), wrap(along + reach)).front();
        return leftOf(unitVector(b - a));
    };
    for (int k = 0; k < count; ++k) {
        const double along = whole * k / count, next = whole * (k + 1) / count;
        auto edge = stretchOf(ring, along, next);
        if (out.empty())
            out.push_back(edge.front());
        out.push_back(edge.front() + normalAt(along) * depth_mm);
        out.push_back(edge.front());
        const auto stitches = running(edge, every_mm + 1e-6);
        out.insert(out.end(), stitches.begin() + 1, stitches.end());
    }
    return out;
}

} // namespace ink
