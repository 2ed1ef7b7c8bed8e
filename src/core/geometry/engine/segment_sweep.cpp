#include "core/geometry/engine/segment_sweep.h"

#include "core/geometry/distance.h"
#include "core/geometry/flatten.h"

namespace ink::detail {
namespace {

/// A curve whose handles all go the way of its chord has no loop.
bool mayLoop(const Segment& s)
{
    if (s.kind != SegmentKind::Cubic)
        return false;
    const Point way = s.end() - s.start();
    for (std::size_t i = 0; i < 3; ++i)
        if (dot(s.p[i + 1] - s.p[i], way) < 0.0)
            return true;
    return false;
}

} // namespace

Stretch Stretch::whole(const Segment& s, double tolerance)
{
    Stretch out{s, 0.0, 1.0, 1};
    for (const int n = chordCount(s, tolerance); out.chords < n;)
        out.chords *= 2;
    return out;
}

std::pair<Stretch, Stretch> Stretch::halves() const
{
    const double middle = 0.5 * (from + to);
    auto [left, right] = curve.halves();
    return {{left, from, middle, std::max(1, chords / 2)}, {right, middle, to, std::max(1, chords / 2)}};
}

bool loops(const Segment& s, double tolerance)
{
    if (!mayLoop(s))
        return false;
    const int n = chordCount(s, tolerance);
    std::vector<Point> p;
    for (int i = 0; i <= n; ++i)
        p.push_back(s.pointAt(static_cast<double>(i) / n));
    for (std::size_t i = 0; i + 1 < p.size(); ++i)
        for (std::size_t k = i + 2; k + 1 < p.size(); ++k)
            if (linesCross(p[i], p[i + 1], p[k], p[k + 1]))
                return true;
    return false;
}

// Halves both as long as their boxes are near.
bool areNear(const Stretch& a, const Stretch& b, double near)
{
    if (!meets(grownBy(controlBox(a.curve), near), controlBox(b.curve)))
        return false;
    if (a.chords > 1 && a.chords >= b.chords) {
        const auto [first, second] = a.halves();
        return areNear(first, b, near) || areNear(second, b, near);
    }
    if (b.chords > 1) {
        const auto [first, second] = b.halves();
        return areNear(a, first, near) || areNear(a, second, near);
    }
    return distanceOfLines(a.curve.start(), a.curve.end(), b.curve.start(), b.curve.end()) < near;
}

bool partAtTheirNode(const Segment& before, const Segment& after)
{
    const Point node = before.end();
    const auto part = [&](Point way) {
        for (std::size_t i = 0; i < before.degree(); ++i)
            if (dot(before.p[i] - node, way) >= 0.0)
                return false;
        for (std::size_t i = 1; i <= after.degree(); ++i)
            if (dot(after.p[i] - node, way) <= 0.0)
                return false;
        return true;
    };
    const Point in = before.endTangent(), out = after.startTangent();
    const double li = length(in), lo = length(out);
    return li > 0.0 && lo > 0.0 && (part(in * (1.0 / li) + out * (1.0 / lo)) || part(in) || part(out));
}

bool partAtTheirNode(const Link& a, const Link& b)
{
    return (a.previous == b.segment && partAtTheirNode(*b.segment, *a.segment)) ||
           (a.next == b.segment && partAtTheirNode(*a.segment, *b.segment));
}

SegmentSweep::SegmentSweep(std::span<const Contour> rings, std::span<const std::vector<int>> untouched)
{
    Box whole;
    std::size_t count = 0;
    for (const auto& ring : rings)
        count += ring.segments.size();
    m_segments.reserve(count);
    for (std::size_t r = 0; r < rings.size(); ++r) {
        const auto& segments = rings[r].segments;
        const std::size_t n = segments.size();
        for (std::size_t k = 0; k < n; ++k) {
            const Box box = controlBox(segments[k]);
            whole.add(box);
            m_segments.push_back({box,
                                  {&segments[k], &segments[(k + n - 1) % n], &segments[(k + 1) % n]},
                                  untouched.empty() ? -1 : untouched[r][k],
                                  r});
        }
    }
    if (whole.height() > whole.width())
        for (auto& s : m_segments)
            s.box = {s.box.y0, s.box.x0, s.box.y1, s.box.x1};
    std::ranges::sort(m_segments, {}, [](const SweptSegment& s) { return s.box.x0; });
}

} // namespace ink::detail
