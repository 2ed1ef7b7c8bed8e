#include "core/geometry/ring_offset.h"

#include "core/geometry/cubic_fit.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <vector>

namespace ink::detail {
namespace {

// Where the curve bends towards the offset side more tightly than this times the distance, its offset turns
// back.
constexpr double kTurnsBack = 1e-3;

/// To the right of the direction: outwards of a counter-clockwise ring.
Point rightOf(Point direction)
{
    return {direction.y, -direction.x};
}

} // namespace

Contour RingOffset::of(const Contour& ring)
{
    m_out = {};
    const std::size_t n = ring.segments.size();
    std::vector<Point> in(n), out(n);
    for (std::size_t i = 0; i < n; ++i) {
        out[i] = unitVector(ring.segments[i].startTangent());
        in[i] = unitVector(ring.segments[i].endTangent());
    }
    m_at = ring.segments.front().start() + rightOf(out.front()) * m_distance;
    const Point start = m_at;
    for (std::size_t i = 0; i < n; ++i) {
        addSegment(ring.segments[i]);
        const std::size_t next = (i + 1) % n;
        addJoin(ring.segments[i].end(), in[i], out[next]);
    }
    lineTo(start);
    return std::move(m_out);
}

void RingOffset::lineTo(Point p)
{
    if (p == m_at)
        return;
    m_out.segments.push_back(Segment::line(m_at, p));
    m_at = p;
}
void RingOffset::add(const Segment& s)
{
    m_out.segments.push_back(s);
    m_at = s.end();
}

/// How the offset's speed compares with the curve's: negative where it turns back.
double RingOffset::speedFactor(const Segment& s, double t) const
{
    const Point d = s.derivativeAt(t);
    const double speed = length(d);
    if (speed == 0.0)
        return 1.0;
    return 1.0 + m_distance * cross(d, s.secondDerivativeAt(t)) / (speed * speed * speed);
}

Point RingOffset::offsetPoint(const Segment& s, double t) const
{
    const Point direction = t <= 0.0 ? s.startTangent() : t >= 1.0 ? s.endTangent() : s.derivativeAt(t);
    return s.pointAt(t) + rightOf(unitVector(direction)) * m_distance;
}

void RingOffset::addSegment(const Segment& s)
{
    if (s.kind == SegmentKind::Line) {
        lineTo(s.end() + rightOf(unitVector(s.end() - s.start())) * m_distance);
        return;
    }
    constexpr int kSteps = 32;
    const auto turnsBack = [&](double t) { return speedFactor(s, t) < kTurnsBack; };
    double from = 0.0;
    bool back = turnsBack(0.0);
    for (int i = 1; i <= kSteps; ++i) {
        const double t = static_cast<double>(i) / kSteps;
        if (turnsBack(t) == back && i < kSteps)
            continue;
        double low = static_cast<double>(i - 1) / kSteps, high = t;
        if (turnsBack(t) != back)
            for (int k = 0; k < 40; ++k) {
                const double middle = 0.5 * (low + high);
                (turnsBack(middle) == back ? low : high) = middle;
            }
        else
            high = 1.0;
        addStretch(s, from, high, back);
        from = high;
        back = turnsBack(t);
    }
    if (from < 1.0)
        addStretch(s, from, 1.0, back);
}

void RingOffset::addStretch(const Segment& s, double t0, double t1, bool turns_back)
{
    if (t1 - t0 < 1e-9)
        return;
    if (turns_back)
        addBands(s, t0, t1);
    else
        addFit(s, t0, t1, 0);
}

/// Where the offset turns back it never is the edge of the result; the bands of chords cover what the
/// stretch covers.
void RingOffset::addBands(const Segment& s, double t0, double t1)
{
    constexpr int kChords = 16;
    lineTo(s.pointAt(t0));
    for (int i = 1; i <= kChords; ++i) {
        const Point a = m_at;
        const Point b = s.pointAt(std::lerp(t0, t1, static_cast<double>(i) / kChords));
        const Point side = rightOf(unitVector(b - a)) * m_distance;
        if (a == b)
            continue;
        lineTo(a + side);
        lineTo(b + side);
        lineTo(b);
    }
    lineTo(offsetPoint(s, t1));
}

void RingOffset::addFit(const Segment& s, double t0, double t1, int depth)
{
    constexpr int kSamples = 12;
    std::array<Point, kSamples + 1> samples;
    for (int i = 0; i <= kSamples; ++i)
        samples[static_cast<std::size_t>(i)] =
            offsetPoint(s, std::lerp(t0, t1, static_cast<double>(i) / kSamples));
    const Point d0 = unitVector(t0 <= 0.0 ? s.startTangent() : s.derivativeAt(t0));
    const Point d1 = unitVector(t1 >= 1.0 ? s.endTangent() : s.derivativeAt(t1));
    const auto fit = detail::fitCubic(samples, d0, d1);
    if (fit.deviation > m_options.tolerance && depth < 8) {
        const double middle = 0.5 * (t0 + t1);
        addFit(s, t0, middle, depth + 1);
        addFit(s, middle, t1, depth + 1);
        return;
    }
    add(fit.segment.withEnds(m_at, samples.back()));
}

void RingOffset::addJoin(Point corner, Point in, Point out)
{
    const Point from = rightOf(in), to = rightOf(out);
    const double turn = std::atan2(cross(in, out), dot(in, out));
    const Point target = corner + to * m_distance;
    if (std::abs(turn) * m_distance < 0.1 * m_options.tolerance) {
        lineTo(target);
        return;
    }
    if (turn < 0.0 && turn > -std::numbers::pi + 1e-6) { // the bands of both sides overlap here
        lineTo(corner);
        lineTo(target);
        return;
    }
    const double angle = std::abs(turn);
    const double cosine = std::cos(0.5 * angle);
    switch (m_options.join) {
    case Join::Round:
        addArc(corner, from, angle);
        break;
    case Join::Mitre:
        if (cosine * m_options.mitre_limit >= 1.0)
            lineTo(corner + (from + to) * (m_distance / (2.0 * cosine * cosine)));
        break;
    case Join::Bevel:
        break;
    }
    lineTo(target);
}

/// Counter-clockwise about `centre` from the direction `from`. A cubic of 60 degrees is within 3e-5 of
/// the radius; shorter ones where that is more than the tolerance.
void RingOffset::addArc(Point centre, Point from, double angle)
{
    const double most = std::numbers::pi / 3.0 *
                        std::min(1.0, std::pow(0.5 * m_options.tolerance / (3e-5 * m_distance), 1.0 / 6.0));
    const int n = std::max(1, static_cast<int>(std::ceil(angle / most)));
    const double step = angle / n;
    const double handle = 4.0 / 3.0 * std::tan(0.25 * step) * m_distance;
    const double c = std::cos(step), s = std::sin(step);
    Point direction = from;
    for (int i = 0; i < n; ++i) {
        const Point next{c * direction.x - s * direction.y, s * direction.x + c * direction.y};
        const Point end = centre + next * m_distance;
        add(Segment::cubic(m_at, m_at + Point{-direction.y, direction.x} * handle,
                           end - Point{-next.y, next.x} * handle, end));
        direction = next;
    }
}

} // namespace ink::detail
