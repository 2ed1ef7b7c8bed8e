#include "core/geometry/path.h"

#include <algorithm>
#include <utility>

namespace ink {

double Contour::signedArea() const
{
    // Relative to the first point, so that a small ring far from the origin keeps its digits.
    if (segments.empty())
        return 0.0;
    const Point origin = segments.front().start();
    double sum = 0.0;
    for (Segment s : segments) {
        for (auto& q : s.p)
            q = q - origin;
        sum += s.areaTerm();
    }
    return sum;
}

namespace {

double lengthOf(const std::vector<Segment>& segments)
{
    double sum = 0.0;
    for (const auto& s : segments)
        sum += s.arcLength();
    return sum;
}

Box boundsOf(const std::vector<Segment>& segments)
{
    Box box;
    for (const auto& s : segments)
        box.add(s.bounds());
    return box;
}

std::vector<Segment> turnedRound(const std::vector<Segment>& segments)
{
    std::vector<Segment> out;
    out.reserve(segments.size());
    for (auto it = segments.rbegin(); it != segments.rend(); ++it)
        out.push_back(it->reversed());
    return out;
}

} // namespace

double Contour::arcLength() const
{
    return lengthOf(segments);
}

Box Contour::bounds() const
{
    return boundsOf(segments);
}

Contour Contour::reversed() const
{
    return {turnedRound(segments)};
}

double OpenPath::arcLength() const
{
    return lengthOf(segments);
}

Box OpenPath::bounds() const
{
    return boundsOf(segments);
}

OpenPath OpenPath::reversed() const
{
    return {turnedRound(segments)};
}

Contour transformed(const Contour& contour, const Affine& by)
{
    Contour out = contour;
    for (auto& s : out.segments)
        for (std::size_t i = 0; i <= s.degree(); ++i)
            s.p[i] = by.map(s.p[i]);
    return out;
}

OpenPath transformed(const OpenPath& path, const Affine& by)
{
    return {transformed(Contour{path.segments}, by).segments};
}

Paths transformed(const Paths& paths, const Affine& by)
{
    Paths out;
    out.reserve(paths.size());
    for (const auto& contour : paths)
        out.push_back(transformed(contour, by));
    return out;
}

Outline transformed(const Outline& outline, const Affine& by)
{
    const bool mirrored = by.determinant() < 0.0;
    const auto ring = [&](const Contour& contour) {
        auto mapped = transformed(contour, by);
        return mirrored ? mapped.reversed() : mapped;
    };
    Outline out;
    out.pieces.reserve(outline.pieces.size());
    for (const auto& piece : outline.pieces) {
        Piece mapped{ring(piece.outer), {}};
        for (const auto& middle : piece.middles)
            mapped.middles.push_back(ring(middle));
        out.pieces.push_back(std::move(mapped));
    }
    return out;
}

Box bounds(const Paths& paths)
{
    Box box;
    for (const auto& contour : paths)
        box.add(contour.bounds());
    return box;
}

Box bounds(const Outline& outline)
{
    Box box;
    for (const auto& piece : outline.pieces)
        box.add(piece.outer.bounds());
    return box;
}

std::size_t nodeCount(const Paths& paths)
{
    std::size_t n = 0;
    for (const auto& contour : paths)
        n += contour.segments.size();
    return n;
}

void ContourPen::add(const Segment& segment)
{
    const auto* first = segment.p.data();
    const bool is_point =
        std::all_of(first + 1, first + segment.degree() + 1, [&](Point q) { return q == first[0]; });
    if (!is_point)
        m_contour.segments.push_back(segment);
    m_current = segment.end();
}

void ContourPen::moveTo(Point p)
{
    close();
    m_start = m_current = p;
}

void ContourPen::lineTo(Point p)
{
    add(Segment::line(m_current, p));
}

void ContourPen::quadraticTo(Point c, Point p)
{
    add(Segment::quadratic(m_current, c, p));
}

void ContourPen::cubicTo(Point c1, Point c2, Point p)
{
    add(Segment::cubic(m_current, c1, c2, p));
}

void ContourPen::close()
{
    if (m_contour.segments.empty())
        return;
    if (m_current != m_start)
        add(Segment::line(m_current, m_start));
    m_paths.push_back(std::exchange(m_contour, {}));
}

Paths ContourPen::take()
{
    close();
    return std::exchange(m_paths, {});
}

} // namespace ink
