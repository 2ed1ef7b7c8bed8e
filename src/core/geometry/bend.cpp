#include "core/geometry/bend.h"

#include "core/geometry/cubic_fit.h"
#include "core/geometry/nearest.h"

#include <algorithm>
#include <array>
#include <optional>

namespace ink {
namespace {

constexpr int kImageSamples = 17;
/// Further halving no longer brings a piece nearer: the map folds there.
constexpr int kDeepest = 12;
constexpr double kDifference_t = 1e-4;

/// The image of one segment.
class Image
{
public:
    Image(const Segment& segment, const PointMap& map) : m_segment(segment), m_map(map) {}

    Point at(double t) const { return m_map(m_segment.pointAt(t)); }
    /// d/dt of the image to second order: from both sides, or from inside the segment at its ends.
    Point derivative(double t) const
    {
        constexpr double h = kDifference_t;
        if (t < h)
            return (at(t) * -3.0 + at(t + h) * 4.0 - at(t + 2 * h)) * (0.5 / h);
        if (t > 1.0 - h)
            return (at(t) * 3.0 - at(t - h) * 4.0 + at(t - 2 * h)) * (0.5 / h);
        return (at(t + h) - at(t - h)) * (0.5 / h);
    }
    /// Direction of travel at t, also where the handles of the segment coincide with its end.
    Point direction(double t, double towards) const
    {
        Point d = derivative(t);
        for (double step = 1e-3; length(d) < 1e-9 && step < 0.5; step *= 4.0)
            d = (at(t + (towards - t) * step) - at(t)) * (towards > t ? 1.0 : -1.0);
        return unitVector(d);
    }

private:
    const Segment& m_segment;
    const PointMap& m_map;
};

double distanceToLine(Point p, Point a, Point b)
{
    const Point along = b - a;
    const double l = length(along);
    return l > 0.0 ? std::abs(cross(along, p - a)) / l : length(p - a);
}

/// Largest distance of the samples from the cubic. `nearest` starts where the sample's own parameter is.
double deviation(const Segment& cubic, const std::array<Point, kImageSamples>& samples)
{
    double largest = 0.0;
    for (int i = 1; i + 1 < kImageSamples; ++i) {
        const double t =
            detail::closestNear(cubic, samples[static_cast<std::size_t>(i)], i / (kImageSamples - 1.0));
        largest = std::max(largest, length(cubic.pointAt(t) - samples[static_cast<std::size_t>(i)]));
    }
    return largest;
}

/// The cubic with these end directions that passes the middle at t = 1/2: for arcs of circles the usual one,
/// whose radius is 0.03 % off at a quarter of a circle and 64 times less at half of that. Nothing where the
/// directions are parallel.
std::optional<Segment> throughMiddle(Point start, Point leaves, Point middle, Point arrives, Point end)
{
    const double det = cross(leaves, arrives);
    if (std::abs(det) < 1e-6)
        return {};
    const Point rest = (middle - (start + end) * 0.5) * (8.0 / 3.0);
    const double h0 = cross(rest, arrives) / det, h1 = cross(rest, leaves) / det;
    if (h0 <= 0.0 || h1 <= 0.0)
        return {};
    return Segment::cubic(start, start + leaves * h0, end - arrives * h1, end);
}

class Bender
{
public:
    Bender(const PointMap& map, double tolerance) : m_map(map), m_tolerance(tolerance) {}

    void add(const Segment& segment, Contour& out)
    {
        const Image image(segment, m_map);
        fit(image, segment.kind == SegmentKind::Line, 0.0, 1.0, 0, out);
    }

private:
    void fit(const Image& image, bool is_line, double t0, double t1, int depth, Contour& out) const
    {
        std::array<Point, kImageSamples> samples;
        for (int i = 0; i < kImageSamples; ++i)
            samples[static_cast<std::size_t>(i)] = image.at(t0 + (t1 - t0) * i / (kImageSamples - 1.0));
        const Point start = samples.front(), end = samples.back();
        const auto straight = [&] {
            return std::ranges::all_of(
                samples, [&](Point p) { return distanceToLine(p, start, end) <= m_tolerance / 4; });
        };
        if (is_line && straight()) {
            if (start != end)
                out.segments.push_back(Segment::line(start, end));
            return;
        }
        const double third = (t1 - t0) / 3.0;
        Segment cubic = Segment::cubic(start, start + image.derivative(t0) * third,
                                       end - image.derivative(t1) * third, end);
        double off = deviation(cubic, samples);
        const auto offer = [&](const Segment& other) {
            if (const double other_off = deviation(other, samples); other_off < off) {
                cubic = other;
                off = other_off;
            }
        };
        // Dearer ways one after the other, until one is near enough.
        const Point leaves = image.direction(t0, t1), arrives = image.direction(t1, t0);
        if (off > m_tolerance)
            if (const auto through = throughMiddle(start, leaves, samples[kImageSamples / 2], arrives, end))
                offer(*through);
        if (off > m_tolerance)
            offer(detail::fitCubic(samples, leaves, arrives).segment);
        if (off <= m_tolerance || depth >= kDeepest) {
            out.segments.push_back(cubic);
            return;
        }
        const double middle = (t0 + t1) / 2;
        fit(image, is_line, t0, middle, depth + 1, out);
        fit(image, is_line, middle, t1, depth + 1, out);
    }

    const PointMap& m_map;
    double m_tolerance;
};

} // namespace

Contour bent(const Contour& ring, const PointMap& map, double tolerance)
{
    Contour out;
    Bender bender(map, tolerance);
    for (const auto& segment : ring.segments)
        bender.add(segment, out);
    // Each image ends where the next starts, to the last bit.
    for (std::size_t i = 0; i < out.segments.size(); ++i) {
        auto& next = out.segments[(i + 1) % out.segments.size()];
        next.p[0] = out.segments[i].end();
    }
    return out;
}

Paths bent(const Paths& paths, const PointMap& map, double tolerance, const CancelToken& cancel)
{
    Paths out;
    for (const auto& ring : paths) {
        if (cancel.isCancelled())
            break;
        if (auto image = bent(ring, map, tolerance); !image.isEmpty())
            out.push_back(std::move(image));
    }
    return out;
}

} // namespace ink
