#include "core/geometry/reduce.h"

#include "core/geometry/box.h"
#include "core/geometry/cubic_fit.h"
#include "core/geometry/engine/crossing_guard.h"
#include "core/geometry/measure.h"
#include "core/geometry/nearest.h"
#include "core/geometry/nesting.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace ink {
namespace {

constexpr int kSamples = 6;          // a segment, for a fit; what comes of it is judged by more
constexpr std::size_t kLongest = 40; // segments joined into one
constexpr double kCrossingDepth_u = 0.05;

class RingReducer
{
public:
    RingReducer(const Contour& ring, double tolerance, const Box& whole, const ReduceOptions& options)
        : m_ring(ring), m_tolerance(tolerance), m_whole(whole), m_corner_deg(options.corner_deg)
    {
        if (options.keeps)
            std::ranges::transform(ring.segments, std::back_inserter(m_is_kept), options.keeps);
    }

    /// The ring with fewer nodes; `deviation` grows to the largest distance reached.
    Contour run(double& deviation)
    {
        const std::size_t n = m_ring.segments.size();
        std::size_t first = 0;
        while (first < n && !isFixed(first))
            ++first;
        first %= n; // a ring without a fixed node begins anywhere
        Contour out;
        for (std::size_t done = 0; done < n;) {
            const std::size_t at = (first + done) % n;
            std::size_t most = 1; // up to the next fixed node
            while (done + most < n && most < kLongest && !isFixed((at + most) % n))
                ++most;
            done += addLongest(at, most, out, deviation);
        }
        return out;
    }

private:
    const Segment& segment(std::size_t i) const { return m_ring.segments[i % m_ring.segments.size()]; }

    bool isLongLine(std::size_t i) const
    {
        const auto& s = segment(i);
        return s.kind == SegmentKind::Line && length(s.end() - s.start()) > 4.0 * m_tolerance;
    }

    bool carriesTheSize(Point p) const
    {
        const double hair = 1e-6 * (m_whole.width() + m_whole.height());
        return p.x <= m_whole.x0 + hair || p.x >= m_whole.x1 - hair || p.y <= m_whole.y0 + hair ||
               p.y >= m_whole.y1 - hair;
    }

    bool isFixed(std::size_t i) const
    {
        return isCorner(i) || isLongLine(i) || isLongLine(i + m_ring.segments.size() - 1) ||
               carriesTheSize(segment(i).start()) || isKept(i) || isKept(i + m_ring.segments.size() - 1);
    }
    bool isCorner(std::size_t i) const
    {
        return nodeKind(m_ring, i % m_ring.segments.size(), m_corner_deg) == NodeKind::Corner;
    }
    /// No corner, and not smooth.
    bool isKink(std::size_t i) const
    {
        return nodeKind(m_ring, i % m_ring.segments.size()) == NodeKind::Corner && !isCorner(i);
    }
    bool isKept(std::size_t i) const { return !m_is_kept.empty() && m_is_kept[i % m_is_kept.size()]; }

    /// Direction through the node at the start of segment i: the mean of both sides where it is smooth.
    Point directionAt(std::size_t i, bool leaving) const
    {
        const Point out = unitVector(segment(i).startTangent(), {});
        const Point in = unitVector(segment(i + m_ring.segments.size() - 1).endTangent(), {});
        if (isCorner(i))
            return leaving ? out : in;
        return unitVector(in + out, {});
    }

    /// Adds one segment for as many of the next `most` as it can stand for; returns how many.
    std::size_t addLongest(std::size_t at, std::size_t most, Contour& out, double& deviation)
    {
        std::vector<Point> samples{segment(at).start()};
        const auto sample = [&](std::size_t i) {
            for (int k = 1; k <= kSamples; ++k)
                samples.push_back(k == kSamples ? segment(i).end()
                                                : segment(i).pointAt(static_cast<double>(k) / kSamples));
        };
        sample(at);
        std::vector<detail::CubicFit> fits; // for two segments, three, and so on
        for (std::size_t tried = 2; tried <= most; ++tried) {
            sample(at + tried - 1);
            fits.push_back(detail::fitCubic(samples, directionAt(at, true), directionAt(at + tried, false)));
            // What ends in a kink may fail where what leads past it does not.
            if (fits.back().deviation > m_tolerance && !isKink(at + tried))
                break;
        }
        // Between the samples it is dearer to look: of the longest first.
        for (std::size_t joined = fits.size() + 1; joined >= 2; --joined) {
            const auto& fit = fits[joined - 2];
            if (fit.deviation > m_tolerance)
                continue;
            const double reached = std::max(fit.deviation, apart(fit.segment, at, joined));
            if (reached > m_tolerance)
                continue;
            out.segments.push_back(fit.segment);
            deviation = std::max(deviation, reached);
            return joined;
        }
        out.segments.push_back(segment(at));
        return 1;
    }

    /// The largest distance between a cubic and `count` segments from `at` on, seen from both: samples
    /// between those the fit has seen, each to the curves themselves. Beyond the tolerance, only that it is.
    double apart(const Segment& cubic, std::size_t at, std::size_t count) const
    {
        double largest = 0.0;
        double near = 0.0; // place on the cubic, which goes along with the segments
        constexpr int kBetween = 4 * kSamples;
        for (std::size_t i = 0; i < count; ++i)
            for (int k = 1; k < kBetween; ++k) {
                const Point p = segment(at + i).pointAt(static_cast<double>(k) / kBetween);
                near = detail::closestNear(cubic, p, near);
                largest = std::max(largest, length(cubic.pointAt(near) - p));
                if (largest > m_tolerance)
                    return largest;
            }
        std::size_t i = 0; // segment, and place on it, which go along with the cubic
        double t = 0.0;
        const int steps = kBetween * static_cast<int>(count);
        for (int k = 1; k < steps; ++k) {
            const Point p = cubic.pointAt(static_cast<double>(k) / steps);
            double best = nearestOn(at + i, p, t);
            for (std::size_t next = i + 1; next < count && next <= i + 2; ++next) {
                double t_next = 0.0;
                if (const double d = nearestOn(at + next, p, t_next); d < best) {
                    best = d;
                    t = t_next;
                    i = next;
                }
            }
            largest = std::max(largest, best);
            if (largest > m_tolerance)
                break;
        }
        return largest;
    }

    double nearestOn(std::size_t i, Point p, double& t) const
    {
        t = detail::closestNear(segment(i), p, t);
        return length(segment(i).pointAt(t) - p);
    }

    const Contour& m_ring;
    double m_tolerance;
    const Box& m_whole;
    double m_corner_deg;
    std::vector<bool> m_is_kept;
};

} // namespace

NodeKind nodeKind(const Contour& ring, std::size_t index, double corner_deg)
{
    const std::size_t n = ring.segments.size();
    const Point in = unitVector(ring.segments[(index + n - 1) % n].endTangent(), {});
    const Point out = unitVector(ring.segments[index].startTangent(), {});
    return dot(in, out) >= std::cos(corner_deg * std::numbers::pi / 180.0) ? NodeKind::Smooth
                                                                           : NodeKind::Corner;
}

namespace {

/// A ring on its way to fewer nodes.
struct Reduced
{
    const Contour* before;
    Contour after;
    double tolerance;
    double deviation = 0.0;
};

/// Halvings of a ring's tolerance after which it stays as it is.
constexpr int kMostHalvings = 12;

/// No ring is bent by more than a part of its own size: a small middle stays one.
double toleranceFor(const Contour& ring, double wanted)
{
    constexpr double kShareOfSize = 0.2;
    const Box box = ring.bounds();
    return std::min(wanted, kShareOfSize * std::min(box.width(), box.height()));
}

void reduce(Reduced& ring, const Box& whole, const ReduceOptions& options)
{
    ring.deviation = 0.0;
    ring.after = ring.tolerance > 0.0 && ring.before->segments.size() > 2
                     ? RingReducer(*ring.before, ring.tolerance, whole, options).run(ring.deviation)
                     : *ring.before;
}

} // namespace

Result<Reduction> reduceNodes(const Outline& outline, Unit unit, const ReduceOptions& options)
{
    const Box whole = bounds(outline);
    const Paths before = toPaths(outline);
    std::vector<Reduced> rings;
    for (const auto& ring : before) {
        if (options.cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        rings.push_back({&ring, {}, toleranceFor(ring, options.tolerance)});
        reduce(rings.back(), whole, options);
    }
    Reduction out{outline, measure(outline).nodes, 0, 0.0, true};
    for (int halving = 0;; ++halving) {
        Paths after;
        for (const auto& ring : rings)
            after.push_back(ring.after);
        const auto crossings = detail::crossingsOf(after, kCrossingDepth_u * unit.u);
        if (crossings.empty())
            break;
        out.is_everywhere = false;
        // Only the rings that cross somewhere get closer to what they were; those that did before go on
        // crossing.
        bool is_settled = true;
        for (auto& ring : rings) {
            if (options.cancel.isCancelled())
                return fail(ErrorCode::Cancelled);
            const Box box = grownBy(ring.after.bounds(), options.tolerance);
            const bool is_concerned = std::ranges::any_of(crossings, [&](Point p) {
                return meets(box, {p.x, p.y, p.x, p.y});
            });
            if (!is_concerned || ring.tolerance == 0.0)
                continue;
            ring.tolerance = halving + 1 < kMostHalvings ? 0.5 * ring.tolerance : 0.0;
            reduce(ring, whole, options);
            is_settled = false;
        }
        if (is_settled)
            break;
    }
    std::size_t at = 0;
    const auto take = [&](Contour& ring) {
        out.largest_deviation = std::max(out.largest_deviation, rings[at].deviation);
        ring = std::move(rings[at++].after);
    };
    for (auto& piece : out.outline.pieces) {
        take(piece.outer);
        std::ranges::for_each(piece.middles, take);
    }
    out.nodes_after = measure(out.outline).nodes;
    return out;
}

} // namespace ink
