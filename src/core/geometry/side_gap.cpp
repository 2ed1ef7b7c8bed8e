#include "core/geometry/side_gap.h"

#include "core/geometry/flatten.h"

#include <algorithm>

namespace ink {

SideProfile::SideProfile(const Paths& shape, double tolerance)
{
    for (const auto& contour : shape) {
        const auto points = flattened(contour, tolerance);
        for (std::size_t i = 0; i < points.size(); ++i) {
            const Point a = points[i], b = points[(i + 1) % points.size()];
            m_edges.push_back(a.y <= b.y ? Edge{a, b} : Edge{b, a});
            m_box.add(a);
        }
    }
    for (unsigned i = 0; i < m_edges.size(); ++i)
        for (std::size_t bin = binOf(m_edges[i].a.y); bin <= binOf(m_edges[i].b.y); ++bin)
            m_bins[bin].push_back(i);
}

std::size_t SideProfile::binOf(double y) const
{
    if (m_box.height() <= 0.0)
        return 0;
    const double place = (y - m_box.y0) / m_box.height() * kBins;
    return static_cast<std::size_t>(std::clamp(place, 0.0, double(kBins - 1)));
}

std::optional<double> SideProfile::reach(double y, double sign) const
{
    if (isEmpty() || y < m_box.y0 || y > m_box.y1)
        return {};
    std::optional<double> least;
    const auto take = [&](double x) {
        if (!least || sign * x < *least)
            least = sign * x;
    };
    for (const unsigned i : m_bins[binOf(y)]) {
        const auto& [a, b] = m_edges[i];
        if (y < a.y || y > b.y)
            continue;
        if (a.y == b.y) {
            take(a.x);
            take(b.x);
        } else {
            take(a.x + (b.x - a.x) * (y - a.y) / (b.y - a.y));
        }
    }
    return least ? std::optional(sign * *least) : std::nullopt;
}

std::optional<SideGap> sideGap(const SideProfile& left, const SideProfile& right, Point right_at)
{
    std::optional<SideGap> least;
    const auto take = [&](std::optional<double> x_left, std::optional<double> x_right, double y) {
        if (x_left && x_right && (!least || *x_right - *x_left < least->distance))
            least = SideGap{*x_right - *x_left, {*x_left, y}};
    };
    if (left.isEmpty() || right.isEmpty() || left.box().y1 < right.box().y0 + right_at.y ||
        right.box().y1 + right_at.y < left.box().y0)
        return {};
    const auto right_x = [&](double y) -> std::optional<double> {
        const auto x = right.reach(y - right_at.y, 1.0);
        return x ? std::optional(*x + right_at.x) : std::nullopt;
    };
    for (const auto& edge : left.m_edges)
        for (const Point p : {edge.a, edge.b})
            take(left.reach(p.y, -1.0), right_x(p.y), p.y);
    for (const auto& edge : right.m_edges)
        for (const Point p : {edge.a, edge.b}) {
            const double y = p.y + right_at.y;
            take(left.reach(y, -1.0), right_x(y), y);
        }
    return least;
}

} // namespace ink
