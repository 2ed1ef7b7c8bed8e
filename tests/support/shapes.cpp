#include "tests/support/shapes.h"

#include <algorithm>
#include <cmath>

namespace ink::test {
namespace {

struct Crossing
{
    double x;
    int direction;
};

/// Crossings of the horizontal line at y with a contour, from 64 chords a curve.
void addCrossings(const Contour& contour, double y, std::vector<Crossing>& out)
{
    for (const auto& s : contour.segments) {
        const int n = s.kind == SegmentKind::Line ? 1 : 64;
        Point a = s.start();
        for (int i = 1; i <= n; ++i) {
            const Point b = i == n ? s.end() : s.pointAt(static_cast<double>(i) / n);
            if ((a.y <= y) != (b.y <= y))
                out.push_back({a.x + (b.x - a.x) * (y - a.y) / (b.y - a.y), b.y > a.y ? 1 : -1});
            a = b;
        }
    }
}

/// Lengths along a row where the winding number is not zero.
std::vector<std::pair<double, double>> spans(std::vector<Crossing> crossings)
{
    std::ranges::sort(crossings, {}, &Crossing::x);
    std::vector<std::pair<double, double>> out;
    int winding = 0;
    double start = 0.0;
    for (const auto& c : crossings) {
        if (winding == 0)
            start = c.x;
        winding += c.direction;
        if (winding == 0)
            out.emplace_back(start, c.x);
    }
    return out;
}

double unionLength(std::vector<std::pair<double, double>> all)
{
    std::ranges::sort(all);
    double length = 0.0, end = -1e300;
    for (const auto& [a, b] : all) {
        length += std::max(0.0, b - std::max(a, end));
        end = std::max(end, b);
    }
    return length;
}

} // namespace

Contour polygon(const std::vector<Point>& corners)
{
    Contour c;
    for (std::size_t i = 0; i < corners.size(); ++i)
        c.segments.push_back(Segment::line(corners[i], corners[(i + 1) % corners.size()]));
    return c;
}

Contour rectangle(double x0, double y0, double x1, double y1, bool clockwise)
{
    const auto c = polygon({{x0, y0}, {x1, y0}, {x1, y1}, {x0, y1}});
    return clockwise ? c.reversed() : c;
}

Contour circle(Point m, double r, bool clockwise)
{
    const double k = 0.5522847498 * r;
    Contour c;
    c.segments = {
        Segment::cubic({m.x + r, m.y}, {m.x + r, m.y + k}, {m.x + k, m.y + r}, {m.x, m.y + r}),
        Segment::cubic({m.x, m.y + r}, {m.x - k, m.y + r}, {m.x - r, m.y + k}, {m.x - r, m.y}),
        Segment::cubic({m.x - r, m.y}, {m.x - r, m.y - k}, {m.x - k, m.y - r}, {m.x, m.y - r}),
        Segment::cubic({m.x, m.y - r}, {m.x + k, m.y - r}, {m.x + r, m.y - k}, {m.x + r, m.y}),
    };
    return clockwise ? c.reversed() : c;
}

Contour arch(Point left, double width, double height)
{
    const Point right{left.x + width, left.y}, top{left.x + width / 2, left.y + height};
    Contour c;
    c.segments = {Segment::line(left, right), Segment::quadratic(right, {right.x, top.y}, top),
                  Segment::quadratic(top, {left.x, top.y}, left)};
    return c;
}

double rasterArea(const std::vector<Paths>& glyphs, int steps)
{
    Box box;
    for (const auto& paths : glyphs)
        box.add(bounds(paths));
    const double step = box.height() / steps;
    double area = 0.0;
    for (int i = 0; i < steps; ++i) {
        const double y = box.y0 + (i + 0.5) * step;
        std::vector<std::pair<double, double>> all;
        for (const auto& paths : glyphs) { // each glyph under its own non-zero rule
            std::vector<Crossing> crossings;
            for (const auto& contour : paths)
                addCrossings(contour, y, crossings);
            for (const auto& span : spans(crossings))
                all.push_back(span);
        }
        area += unionLength(all) * step;
    }
    return area;
}

double rasterArea(const Outline& outline, int steps)
{
    Paths rings;
    for (const auto& piece : outline.pieces) {
        rings.push_back(piece.outer);
        rings.insert(rings.end(), piece.middles.begin(), piece.middles.end());
    }
    return rasterArea(std::vector<Paths>{rings}, steps);
}

} // namespace ink::test
