// Closed contours, and the welded outline made of pieces with middles.
#pragma once

#include "core/geometry/segment.h"

#include <vector>

namespace ink {

/// A closed ring: each segment starts where the one before ends, the first where the last ends.
struct Contour
{
    std::vector<Segment> segments;

    bool isEmpty() const { return segments.empty(); }
    /// Positive when the ring runs counter-clockwise (y up).
    /// Units:  square of the coordinates' unit.
    double signedArea() const;
    double arcLength() const;
    Box bounds() const;
    Contour reversed() const;
    friend bool operator==(const Contour&, const Contour&) = default;
};

/// A line with two ends, drawn and not filled: the middle of a stroke, the way of a needle or of a pen. Each segment starts
/// where the one before ends.
struct OpenPath
{
    std::vector<Segment> segments;

    bool isEmpty() const { return segments.empty(); }
    double arcLength() const;
    Box bounds() const;
    OpenPath reversed() const;
    friend bool operator==(const OpenPath&, const OpenPath&) = default;
};

/// Contours as a font draws them: any direction, overlaps allowed.
using Paths = std::vector<Contour>;

/// One part that holds together: its outer ring (counter-clockwise) and its open middles (clockwise).
struct Piece
{
    Contour outer;
    std::vector<Contour> middles;

    friend bool operator==(const Piece&, const Piece&) = default;
};

/// The result of a weld: pieces that do not overlap.
struct Outline
{
    std::vector<Piece> pieces;

    friend bool operator==(const Outline&, const Outline&) = default;
};

/// x' = a x + c y + e, y' = b x + d y + f.
struct Affine
{
    double a = 1, b = 0, c = 0, d = 1, e = 0, f = 0;

    Point map(Point p) const { return {a * p.x + c * p.y + e, b * p.x + d * p.y + f}; }
    double determinant() const { return a * d - b * c; }
    /// Moves by `by` first.
    Affine after(Point by) const { return {a, b, c, d, map(by).x, map(by).y}; }
    /// `first`, then this.
    Affine after(const Affine& first) const
    {
        const Point origin = map({first.e, first.f});
        return {a * first.a + c * first.b,
                b * first.a + d * first.b,
                a * first.c + c * first.d,
                b * first.c + d * first.d,
                origin.x,
                origin.y};
    }
};

/// Maps every control point; the order of the segments stays.
Contour transformed(const Contour& contour, const Affine& by);
OpenPath transformed(const OpenPath& path, const Affine& by);
Paths transformed(const Paths& paths, const Affine& by);
/// As above; a mirroring turns the rings round again, so outer rings stay counter-clockwise.
Outline transformed(const Outline& outline, const Affine& by);

Box bounds(const Paths& paths);
Box bounds(const Outline& outline);
std::size_t nodeCount(const Paths& paths);

/// Collects pen commands into closed contours: zero-length segments are left out, open ends are closed
/// with a line, as fonts are filled.
class ContourPen
{
public:
    void moveTo(Point p);
    void lineTo(Point p);
    void quadraticTo(Point c, Point p);
    void cubicTo(Point c1, Point c2, Point p);
    void close();
    /// Closes what is open and hands the contours over.
    Paths take();

private:
    void add(const Segment& segment);
    Paths m_paths;
    Contour m_contour;
    Point m_start, m_current;
};

} // namespace ink
