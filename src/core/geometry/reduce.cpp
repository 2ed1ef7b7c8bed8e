#include "core/geometry/reduce.h"

#include "core/geometry/cubic_fit.h"
#include "core/geometry/engine/crossing_guard.h"
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"

#include <algorithm>
#include <cmath>

namespace ink {
namespace {

constexpr double kCornerCosine = 0.996195; // of 5 degrees
constexpr int kSamples = 12;               // a segment
constexpr std::size_t kLongest = 40;       // segments joined into one
constexpr double kCrossingDepth_u = 0.05;

Point directionOf(Point v)
{
    const double l = length(v);
    return l > 0.0 ? v * (1.0 / l) : Point{};
}

class RingReducer
{
public:
    RingReducer(const Contour& ring, double tolerance, const Box& whole)
        : m_ring(ring), m_tolerance(tolerance), m_whole(whole)
    {
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
        return nodeKind(m_ring, i) == NodeKind::Corner || isLongLine(i) ||
               isLongLine(i + m_ring.segments.size() - 1) || carriesTheSize(segment(i).start());
    }

    /// Direction through the node at the start of segment i: the mean of both sides where it is smooth.
    Point directionAt(std::size_t i, bool leaving) const
    {
        const Point out = directionOf(segment(i).startTangent());
        const Point in = directionOf(segment(i + m_ring.segments.size() - 1).endTangent());
        if (nodeKind(m_ring, i % m_ring.segments.size()) == NodeKind::Corner)
            return leaving ? out : in;
        return directionOf(in + out);
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
        std::size_t joined = 1;
        detail::CubicFit kept{segment(at), 0.0};
        while (joined < most) {
            sample(at + joined);
            const auto fit =
                detail::fitCubic(samples, directionAt(at, true), directionAt(at + joined + 1, false));
            if (fit.deviation > m_tolerance)
                break;
            kept = fit;
            ++joined;
        }
        out.segments.push_back(kept.segment);
        deviation = std::max(deviation, kept.deviation);
        return joined;
    }

    const Contour& m_ring;
    double m_tolerance;
    const Box& m_whole;
};

} // namespace

NodeKind nodeKind(const Contour& ring, std::size_t index)
{
    const std::size_t n = ring.segments.size();
    const Point in = directionOf(ring.segments[(index + n - 1) % n].endTangent());
    const Point out = directionOf(ring.segments[index].startTangent());
    return dot(in, out) >= kCornerCosine ? NodeKind::Smooth : NodeKind::Corner;
}

Result<Reduction> reduceNodes(const Outline& outline, Unit unit, const ReduceOptions& options)
{
    Reduction out{outline, measure(outline).nodes, 0, 0.0};
    out.nodes_after = out.nodes_before;
    const Box whole = bounds(outline);
    double tolerance = options.tolerance;
    for (int attempt = 0; attempt < 4 && tolerance > 0.0; ++attempt, tolerance *= 0.5) {
        Outline fewer = outline;
        double deviation = 0.0;
        const auto reduce = [&](Contour& ring) {
            if (ring.segments.size() > 2)
                ring = RingReducer(ring, tolerance, whole).run(deviation);
        };
        for (auto& piece : fewer.pieces) {
            if (options.cancel.isCancelled())
                return fail(ErrorCode::Cancelled);
            reduce(piece.outer);
            std::ranges::for_each(piece.middles, reduce);
        }
        if (!detail::crossingsOf(toPaths(fewer), kCrossingDepth_u * unit.u).empty())
            continue;
        out.nodes_after = measure(fewer).nodes;
        out.outline = std::move(fewer);
        out.largest_deviation = deviation;
        break;
    }
    return out;
}

} // namespace ink
