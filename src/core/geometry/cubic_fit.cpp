#include "core/geometry/cubic_fit.h"

#include "core/geometry/nearest.h"

#include <algorithm>
#include <vector>

namespace ink::detail {
namespace {

constexpr int kRounds = 6;

/// Handle lengths by least squares for given parameters; thirds of the chord where they are degenerate.
Segment leastSquares(std::span<const Point> samples, const std::vector<double>& t, Point d0, Point d1)
{
    const Point a = samples.front();
    const Point b = samples.back();
    double c00 = 0, c01 = 0, c11 = 0, x0 = 0, x1 = 0;
    for (std::size_t i = 0; i < samples.size(); ++i) {
        const double u = t[i], v = 1.0 - u;
        const double b1 = 3.0 * u * v * v, b2 = 3.0 * u * u * v;
        const Point a0 = d0 * b1;
        const Point a1 = d1 * -b2;
        const Point rest = samples[i] - (a * (v * v * v + b1) + b * (u * u * u + b2));
        c00 += dot(a0, a0);
        c01 += dot(a0, a1);
        c11 += dot(a1, a1);
        x0 += dot(a0, rest);
        x1 += dot(a1, rest);
    }
    const double det = c00 * c11 - c01 * c01;
    const double chord = length(b - a);
    double h0 = chord / 3.0, h1 = chord / 3.0;
    if (det > 1e-12 * c00 * c11) {
        const double l0 = (x0 * c11 - x1 * c01) / det;
        const double l1 = (x1 * c00 - x0 * c01) / det;
        if (l0 > 1e-6 * chord && l1 > 1e-6 * chord) {
            h0 = l0;
            h1 = l1;
        }
    }
    return Segment::cubic(a, a + d0 * h0, b - d1 * h1, b);
}

} // namespace

CubicFit fitCubic(std::span<const Point> samples, Point start_direction, Point end_direction)
{
    std::vector<double> t(samples.size(), 0.0);
    for (std::size_t i = 1; i < samples.size(); ++i)
        t[i] = t[i - 1] + length(samples[i] - samples[i - 1]);
    const double whole = t.back();
    if (whole <= 0.0)
        return {Segment::line(samples.front(), samples.back()), 0.0};
    for (double& value : t)
        value /= whole;

    CubicFit best{{}, 1e300};
    for (int round = 0; round < kRounds; ++round) {
        const Segment s = leastSquares(samples, t, start_direction, end_direction);
        double worst = 0.0;
        for (std::size_t i = 1; i + 1 < samples.size(); ++i) {
            t[i] = closestNear(s, samples[i], t[i]);
            worst = std::max(worst, length(s.pointAt(t[i]) - samples[i]));
        }
        const double before = best.deviation;
        if (worst < best.deviation)
            best = {s, worst};
        if (worst > 0.97 * before) // no longer worth a round
            break;
    }
    return best;
}

} // namespace ink::detail
