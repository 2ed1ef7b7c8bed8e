// Points and the three kinds of segment that letters are drawn with.
// Units: whatever the caller uses (font units or mm); y grows upwards everywhere in the core.
#pragma once

#include <algorithm>
#include <array>
#include <cmath>
#include <cstddef>
#include <utility>

namespace ink {

struct Point
{
    double x = 0.0;
    double y = 0.0;

    friend bool operator==(const Point&, const Point&) = default;
};

constexpr Point operator+(Point a, Point b)
{
    return {a.x + b.x, a.y + b.y};
}
constexpr Point operator-(Point a, Point b)
{
    return {a.x - b.x, a.y - b.y};
}
constexpr Point operator*(Point a, double k)
{
    return {a.x * k, a.y * k};
}
constexpr double cross(Point a, Point b)
{
    return a.x * b.y - a.y * b.x;
}
constexpr double dot(Point a, Point b)
{
    return a.x * b.x + a.y * b.y;
}
constexpr Point lerp(Point a, Point b, double t)
{
    return {a.x + (b.x - a.x) * t, a.y + (b.y - a.y) * t};
}
/// Without the care that std::hypot takes of numbers beyond 1e150, which no outline has: a third of its time.
inline double length(Point a)
{
    return std::sqrt(a.x * a.x + a.y * a.y);
}
/// Of length 1; `of_none` where `v` has no direction.
inline Point unitVector(Point v, Point of_none = {1, 0})
{
    const double l = length(v);
    return l > 0.0 ? v * (1.0 / l) : of_none;
}
inline bool isFinite(Point a)
{
    return std::isfinite(a.x) && std::isfinite(a.y);
}

/// Axis-aligned box; empty until a point is added.
struct Box
{
    double x0 = 1e300, y0 = 1e300, x1 = -1e300, y1 = -1e300;

    bool isEmpty() const { return x0 > x1; }
    double width() const { return isEmpty() ? 0.0 : x1 - x0; }
    double height() const { return isEmpty() ? 0.0 : y1 - y0; }
    void add(Point p)
    {
        x0 = std::min(x0, p.x);
        y0 = std::min(y0, p.y);
        x1 = std::max(x1, p.x);
        y1 = std::max(y1, p.y);
    }
    void add(const Box& other)
    {
        x0 = std::min(x0, other.x0);
        y0 = std::min(y0, other.y0);
        x1 = std::max(x1, other.x1);
        y1 = std::max(y1, other.y1);
    }

    friend bool operator==(const Box&, const Box&) = default;
};

/// The value is the degree of the polynomial.
enum class SegmentKind : unsigned char { Line = 1, Quadratic = 2, Cubic = 3 };

/// A Bézier segment; p[0] is its start, p[degree] its end, points beyond are unused.
struct Segment
{
    SegmentKind kind = SegmentKind::Line;
    std::array<Point, 4> p{};

    static Segment line(Point a, Point b) { return {SegmentKind::Line, {a, b}}; }
    static Segment quadratic(Point a, Point c, Point b) { return {SegmentKind::Quadratic, {a, c, b}}; }
    static Segment cubic(Point a, Point c1, Point c2, Point b)
    {
        return {SegmentKind::Cubic, {a, c1, c2, b}};
    }

    std::size_t degree() const { return static_cast<std::size_t>(kind); }
    Point start() const { return p[0]; }
    Point end() const { return p[degree()]; }
    bool isFinite() const;
    friend bool operator==(const Segment&, const Segment&) = default;

    Point pointAt(double t) const;
    /// First derivative with respect to t.
    Point derivativeAt(double t) const;
    Point secondDerivativeAt(double t) const;
    /// The stretch t0..t1, same kind; t0 > t1 gives it backwards.
    Segment part(double t0, double t1) const;
    /// The stretches 0..1/2 and 1/2..1: what part() gives, quicker.
    std::pair<Segment, Segment> halves() const;
    Segment reversed() const;
    /// The same segment with its ends moved; handles move with the end they belong to.
    Segment withEnds(Point start, Point end) const;
    /// Exact box of the curve, not of its control points.
    Box bounds() const;
    /// Arc length; relative error below 1e-6 for the curves of letters (Gauss-Legendre, halved until stable).
    double arcLength() const;
    /// Integral of (x dy - y dx) / 2 along the segment; exact. Summed over a ring it is the signed area.
    double areaTerm() const;
    /// Direction at the start or end, not normalised; skips handles that coincide with their end.
    Point startTangent() const;
    Point endTangent() const;
};

} // namespace ink
