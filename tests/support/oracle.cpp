#include "tests/support/oracle.h"

#include <algorithm>
#include <cmath>
#include <random>

namespace ink::test {
namespace {

struct Line
{
    Point a, b;
};

/// Lines enough that a curve of some hundred units is told within about 0.01.
int linesFor(const Segment& s)
{
    double reach = 0.0;
    for (std::size_t i = 0; i < s.degree(); ++i)
        reach += length(s.p[i + 1] - s.p[i]);
    return s.kind == SegmentKind::Line ? 1 : std::clamp(static_cast<int>(8.0 * std::sqrt(reach)), 32, 512);
}

/// Curves as lines, filed by rows so that a point looks at few of them.
class Fill
{
public:
    Fill(const std::vector<Contour>& contours, const Box& box)
        : m_y0(box.y0), m_row(std::max(box.height() / kRows, 1e-9))
    {
        m_rows.resize(kRows + 2);
        for (const auto& contour : contours)
            for (const auto& s : contour.segments) {
                const int n = linesFor(s);
                Point a = s.start();
                for (int i = 1; i <= n; ++i) {
                    const Point b = i == n ? s.end() : s.pointAt(static_cast<double>(i) / n);
                    add({a, b});
                    a = b;
                }
            }
    }

    bool isInk(Point p) const
    {
        int winding = 0;
        for (const auto& [a, b] : m_rows[row(p.y)])
            if ((a.y <= p.y) != (b.y <= p.y) && a.x + (b.x - a.x) * (p.y - a.y) / (b.y - a.y) > p.x)
                winding += b.y > a.y ? 1 : -1;
        return winding != 0;
    }

    /// Distance to the nearest line, `limit` when none is nearer.
    double distance(Point p, double limit) const
    {
        double nearest = limit;
        for (std::size_t r = row(p.y - limit); r <= row(p.y + limit); ++r)
            for (const auto& [a, b] : m_rows[r]) {
                const Point d = b - a;
                const double dd = dot(d, d);
                const double t = dd > 0.0 ? std::clamp(dot(p - a, d) / dd, 0.0, 1.0) : 0.0;
                nearest = std::min(nearest, length(a + d * t - p));
            }
        return nearest;
    }

private:
    static constexpr int kRows = 400;

    std::size_t row(double y) const
    {
        return static_cast<std::size_t>(std::clamp((y - m_y0) / m_row, 0.0, static_cast<double>(kRows)));
    }
    void add(const Line& line)
    {
        const auto [low, high] = std::minmax({row(line.a.y), row(line.b.y)});
        for (std::size_t r = low; r <= high; ++r)
            m_rows[r].push_back(line);
    }

    double m_y0, m_row;
    std::vector<std::vector<Line>> m_rows;
};

Paths ringsOf(const Outline& outline)
{
    Paths out;
    for (const auto& piece : outline.pieces) {
        out.push_back(piece.outer);
        out.insert(out.end(), piece.middles.begin(), piece.middles.end());
    }
    return out;
}

std::vector<Fill> fillsOf(const std::vector<Paths>& glyphs, const Box& box)
{
    std::vector<Fill> out;
    for (const auto& paths : glyphs)
        out.emplace_back(paths, box);
    return out;
}

} // namespace

std::optional<Point> wrongPoint(const std::vector<Paths>& glyphs, const Outline& outline, double margin,
                                int tries, unsigned seed)
{
    Box box = bounds(outline);
    std::vector<Point> nodes;
    for (const auto& paths : glyphs) {
        box.add(bounds(paths));
        for (const auto& contour : paths)
            for (const auto& s : contour.segments)
                nodes.push_back(s.start());
    }
    if (nodes.empty())
        return {};
    const auto before = fillsOf(glyphs, box);
    const Fill after(ringsOf(outline), box);
    std::mt19937 random(seed);
    std::uniform_real_distribution<double> x(box.x0, box.x1), y(box.y0, box.y1),
        away(-8.0 * margin, 8.0 * margin);
    for (int i = 0; i < tries; ++i) {
        Point p{x(random), y(random)};
        if (i % 2 == 1)
            p = nodes[random() % nodes.size()] + Point{away(random), away(random)};
        const bool was_ink = std::ranges::any_of(before, [p](const Fill& fill) { return fill.isInk(p); });
        if (was_ink != after.isInk(p) &&
            std::ranges::all_of(before, [&](const Fill& fill) { return fill.distance(p, margin) >= margin; }))
            return p;
    }
    return {};
}

double deviation(const std::vector<Paths>& glyphs, const Outline& outline, int points_per_segment)
{
    Box box = bounds(outline);
    for (const auto& paths : glyphs)
        box.add(bounds(paths));
    const auto before = fillsOf(glyphs, box);
    double largest = 0.0;
    for (const auto& ring : ringsOf(outline))
        for (const auto& s : ring.segments)
            for (int i = 0; i < points_per_segment; ++i) {
                const Point p = s.pointAt(static_cast<double>(i) / points_per_segment);
                double nearest = 5.0;
                for (const auto& fill : before)
                    nearest = fill.distance(p, nearest);
                largest = std::max(largest, nearest);
            }
    return largest;
}

} // namespace ink::test
