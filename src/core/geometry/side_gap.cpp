#include "core/geometry/side_gap.h"

#include "core/geometry/flatten.h"

#include <algorithm>

namespace ink {
namespace {

constexpr std::size_t kMostBins = 1024;

} // namespace

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
    m_bins = std::clamp<std::size_t>(m_edges.size(), 1, kMostBins);
    m_first.assign(m_bins + 1, 0);
    const auto forEachBin = [this](auto action) {
        for (unsigned i = 0; i < m_edges.size(); ++i)
            for (std::size_t bin = binOf(m_edges[i].a.y), last = binOf(m_edges[i].b.y); bin <= last; ++bin)
                action(bin, i);
    };
    forEachBin([this](std::size_t bin, unsigned) { ++m_first[bin + 1]; });
    for (std::size_t bin = 0; bin < m_bins; ++bin)
        m_first[bin + 1] += m_first[bin];
    m_in_bin.resize(m_first.back());
    auto place = m_first;
    forEachBin([&](std::size_t bin, unsigned edge) { m_in_bin[place[bin]++] = edge; });
    m_levels = levels();
}

std::vector<SideProfile::Level> SideProfile::levels() const
{
    std::vector<double> heights;
    heights.reserve(m_edges.size());
    for (const auto& edge : m_edges)
        heights.insert(heights.end(), {edge.a.y, edge.b.y});
    std::ranges::sort(heights);
    heights.erase(std::unique(heights.begin(), heights.end()), heights.end());
    std::vector<Level> out;
    out.reserve(heights.size());
    for (const double y : heights)
        out.push_back({y, *reach(y, 1.0), *reach(y, -1.0)}); // a chord ends there
    return out;
}

std::size_t SideProfile::binOf(double y) const
{
    if (m_box.height() <= 0.0)
        return 0;
    const double place = (y - m_box.y0) / m_box.height() * static_cast<double>(m_bins);
    return static_cast<std::size_t>(std::clamp(place, 0.0, double(m_bins - 1)));
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
    const std::size_t bin = binOf(y);
    for (unsigned k = m_first[bin]; k < m_first[bin + 1]; ++k) {
        const auto& [a, b] = m_edges[m_in_bin[k]];
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
    const auto take = [&](double x_left, double x_right, double y) {
        if (!least || x_right - x_left < least->distance)
            least = SideGap{x_right - x_left, {x_left, y}};
    };
    if (left.isEmpty() || right.isEmpty() || left.box().y1 < right.box().y0 + right_at.y ||
        right.box().y1 + right_at.y < left.box().y0)
        return {};
    for (const auto& level : left.m_levels)
        if (const auto x = right.reach(level.y - right_at.y, 1.0))
            take(level.most_x, *x + right_at.x, level.y);
    for (const auto& level : right.m_levels)
        if (const double y = level.y + right_at.y; const auto x = left.reach(y, -1.0))
            take(*x, level.least_x + right_at.x, y);
    return least;
}

} // namespace ink
