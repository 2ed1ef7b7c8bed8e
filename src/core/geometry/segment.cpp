#include "core/geometry/segment.h"

#include <algorithm>

namespace ink {

namespace {

/// Value of the polar form: de Casteljau with a different parameter at each level.
/// Source: L. Ramshaw, "Blossoms are polar forms", CAGD 6, 1989.
Point blossom(const Segment& s, const std::array<double, 3>& t)
{
    auto q = s.p;
    const std::size_t n = s.degree();
    for (std::size_t level = 0; level < n; ++level)
        for (std::size_t i = 0; i + level < n; ++i)
            q[i] = lerp(q[i], q[i + 1], t[level]);
    return q[0];
}

/// Parameters in (0,1) where one coordinate of the derivative vanishes.
/// d0, d1, d2 are the Bernstein coefficients of a quadratic (linear when d2 is unused).
void addRoots(double a, double b, double c, std::array<double, 2>& roots, int& count)
{
    // a t^2 + b t + c = 0, in the form that does not cancel
    const auto keep = [&](double t) {
        if (t > 0.0 && t < 1.0 && count < 2)
            roots[static_cast<std::size_t>(count++)] = t;
    };
    if (std::abs(a) < 1e-12 * (std::abs(b) + std::abs(c))) {
        if (b != 0.0)
            keep(-c / b);
        return;
    }
    const double discriminant = b * b - 4.0 * a * c;
    if (discriminant < 0.0)
        return;
    const double q = -0.5 * (b + std::copysign(std::sqrt(discriminant), b));
    keep(q / a);
    if (q != 0.0)
        keep(c / q);
}

double gaussLength(const Segment& s, double t0, double t1)
{
    // Five-point Gauss-Legendre; abscissae and weights: Abramowitz & Stegun, table 25.4.
    constexpr std::array<double, 3> x{0.0, 0.538469310105683, 0.906179845938664};
    constexpr std::array<double, 3> w{0.568888888888889, 0.478628670499366, 0.236926885056189};
    const double half = 0.5 * (t1 - t0);
    const double mid = 0.5 * (t0 + t1);
    double sum = w[0] * length(s.derivativeAt(mid));
    for (std::size_t i = 1; i < 3; ++i)
        sum += w[i] * (length(s.derivativeAt(mid - half * x[i])) + length(s.derivativeAt(mid + half * x[i])));
    return half * sum;
}

double adaptiveLength(const Segment& s, double t0, double t1, double whole, int depth)
{
    const double mid = 0.5 * (t0 + t1);
    const double a = gaussLength(s, t0, mid);
    const double b = gaussLength(s, mid, t1);
    if (depth == 0 || std::abs(a + b - whole) <= 1e-7 * (a + b))
        return a + b;
    return adaptiveLength(s, t0, mid, a, depth - 1) + adaptiveLength(s, mid, t1, b, depth - 1);
}

} // namespace

bool Segment::isFinite() const
{
    return std::all_of(p.begin(), p.begin() + static_cast<std::ptrdiff_t>(degree()) + 1,
                       [](Point q) { return ink::isFinite(q); });
}

Point Segment::pointAt(double t) const
{
    const double s = 1.0 - t;
    switch (kind) {
    case SegmentKind::Line:
        return p[0] * s + p[1] * t;
    case SegmentKind::Quadratic:
        return p[0] * (s * s) + p[1] * (2.0 * s * t) + p[2] * (t * t);
    case SegmentKind::Cubic:
        return p[0] * (s * s * s) + p[1] * (3.0 * s * s * t) + p[2] * (3.0 * s * t * t) + p[3] * (t * t * t);
    }
    return {};
}

Point Segment::derivativeAt(double t) const
{
    switch (kind) {
    case SegmentKind::Line:
        return p[1] - p[0];
    case SegmentKind::Quadratic:
        return lerp(p[1] - p[0], p[2] - p[1], t) * 2.0;
    case SegmentKind::Cubic: {
        const Point a = lerp(p[1] - p[0], p[2] - p[1], t);
        const Point b = lerp(p[2] - p[1], p[3] - p[2], t);
        return lerp(a, b, t) * 3.0;
    }
    }
    return {};
}

Point Segment::secondDerivativeAt(double t) const
{
    switch (kind) {
    case SegmentKind::Line:
        return {};
    case SegmentKind::Quadratic:
        return (p[2] - p[1] * 2.0 + p[0]) * 2.0;
    case SegmentKind::Cubic:
        return lerp(p[2] - p[1] * 2.0 + p[0], p[3] - p[2] * 2.0 + p[1], t) * 6.0;
    }
    return {};
}

Segment Segment::part(double t0, double t1) const
{
    if (t0 == 0.0 && t1 == 1.0)
        return *this;
    if (t0 == 1.0 && t1 == 0.0)
        return reversed();
    Segment s = *this;
    const std::size_t n = degree();
    for (std::size_t i = 0; i <= n; ++i) {
        std::array<double, 3> t{t0, t0, t0};
        for (std::size_t k = 0; k < i; ++k)
            t[k] = t1;
        s.p[i] = blossom(*this, t);
    }
    return s;
}

std::pair<Segment, Segment> Segment::halves() const
{
    Segment left = *this, right = *this;
    const std::size_t n = degree();
    for (std::size_t level = 1; level <= n; ++level) { // de Casteljau: `right` holds the points of the level
        for (std::size_t i = 0; i + level <= n; ++i)
            right.p[i] = (right.p[i] + right.p[i + 1]) * 0.5;
        left.p[level] = right.p[0];
    }
    return {left, right};
}

Segment Segment::reversed() const
{
    Segment s = *this;
    std::reverse(s.p.begin(), s.p.begin() + static_cast<std::ptrdiff_t>(degree()) + 1);
    return s;
}

Segment Segment::withEnds(Point start, Point end) const
{
    Segment s = *this;
    const std::size_t n = degree();
    const Point d0 = start - p[0];
    const Point d1 = end - p[n];
    if (kind == SegmentKind::Quadratic)
        s.p[1] = p[1] + (d0 + d1) * 0.5;
    if (kind == SegmentKind::Cubic) {
        s.p[1] = p[1] + d0;
        s.p[2] = p[2] + d1;
    }
    s.p[0] = start;
    s.p[n] = end;
    return s;
}

Box Segment::bounds() const
{
    Box box;
    box.add(start());
    box.add(end());
    const auto axis = [&](auto get) {
        std::array<double, 2> roots{};
        int count = 0;
        if (kind == SegmentKind::Quadratic) {
            const double d0 = get(p[1]) - get(p[0]);
            const double d1 = get(p[2]) - get(p[1]);
            addRoots(0.0, d1 - d0, d0, roots, count);
        } else if (kind == SegmentKind::Cubic) {
            const double d0 = get(p[1]) - get(p[0]);
            const double d1 = get(p[2]) - get(p[1]);
            const double d2 = get(p[3]) - get(p[2]);
            addRoots(d0 - 2.0 * d1 + d2, 2.0 * (d1 - d0), d0, roots, count);
        }
        for (int i = 0; i < count; ++i)
            box.add(pointAt(roots[static_cast<std::size_t>(i)]));
    };
    axis([](Point q) { return q.x; });
    axis([](Point q) { return q.y; });
    return box;
}

double Segment::arcLength() const
{
    if (kind == SegmentKind::Line)
        return length(p[1] - p[0]);
    return adaptiveLength(*this, 0.0, 1.0, gaussLength(*this, 0.0, 1.0), 10);
}

double Segment::areaTerm() const
{
    // The integral of a product of Bernstein polynomials has a closed form; these are its weights.
    switch (kind) {
    case SegmentKind::Line:
        return 0.5 * cross(p[0], p[1]);
    case SegmentKind::Quadratic:
        return (2.0 * cross(p[0], p[1]) + 2.0 * cross(p[1], p[2]) + cross(p[0], p[2])) / 6.0;
    case SegmentKind::Cubic:
        return (6.0 * cross(p[0], p[1]) + 3.0 * cross(p[0], p[2]) + cross(p[0], p[3]) +
                3.0 * cross(p[1], p[2]) + 3.0 * cross(p[1], p[3]) + 6.0 * cross(p[2], p[3])) /
               20.0;
    }
    return 0.0;
}

Point Segment::startTangent() const
{
    for (std::size_t i = 1; i <= degree(); ++i)
        if (p[i] != p[0])
            return p[i] - p[0];
    return {};
}

Point Segment::endTangent() const
{
    const std::size_t n = degree();
    for (std::size_t i = n; i-- > 0;)
        if (p[i] != p[n])
            return p[n] - p[i];
    return {};
}

} // namespace ink
