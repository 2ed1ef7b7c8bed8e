#include "core/stitch/thread_raster.h"

#include "core/geometry/box.h"
#include "core/geometry/distance.h"
#include "core/geometry/flatten.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace ink {
namespace {

constexpr double kFinest_mm = 0.1, kMostPlaces = 6e6;

std::size_t countOf(double length_mm, double pixel_mm)
{
    return std::size_t(std::max(1.0, std::ceil(length_mm / pixel_mm)));
}

} // namespace

ThreadRaster::ThreadRaster(const Box& box_mm, double thread_mm)
    : m_box(grownBy(box_mm, 1.0)),
      m_pixel_mm(std::max(kFinest_mm, std::sqrt(m_box.width() * m_box.height() / kMostPlaces))),
      m_thread_mm(thread_mm), m_columns(countOf(m_box.width(), m_pixel_mm)),
      m_rows(countOf(m_box.height(), m_pixel_mm)), m_layers(m_columns * m_rows, 0)
{
}

Point ThreadRaster::centreOf(std::size_t column, std::size_t row) const
{
    return {m_box.x0 + (double(column) + 0.5) * m_pixel_mm, m_box.y0 + (double(row) + 0.5) * m_pixel_mm};
}

void ThreadRaster::lay(Point from, Point to)
{
    const double half = m_thread_mm / 2;
    const auto low = [&](double v, double origin) {
        return std::ptrdiff_t(std::floor((v - half - origin) / m_pixel_mm));
    };
    const auto high = [&](double v, double origin) {
        return std::ptrdiff_t(std::floor((v + half - origin) / m_pixel_mm));
    };
    const auto row0 = std::max<std::ptrdiff_t>(0, low(std::min(from.y, to.y), m_box.y0)),
               row1 = std::min(std::ptrdiff_t(m_rows) - 1, high(std::max(from.y, to.y), m_box.y0));
    const Point d = to - from;
    const double l = length(d), along_x = l > 0.0 ? d.x / l : 1.0, along_y = l > 0.0 ? d.y / l : 0.0;
    for (auto row = row0; row <= row1; ++row) {
        const double y = m_box.y0 + (double(row) + 0.5) * m_pixel_mm;
        // The span of this row within reach: of the band, then of the caps; the test below decides.
        double x0 = std::min(from.x, to.x) - half, x1 = std::max(from.x, to.x) + half;
        if (std::abs(along_y) > 1e-9) {
            const double at = from.x + (y - from.y) * along_x / along_y, reach = half / std::abs(along_y);
            x0 = std::max(x0, at - reach);
            x1 = std::min(x1, at + reach);
        }
        const auto c0 = std::max<std::ptrdiff_t>(0, std::ptrdiff_t(std::floor((x0 - m_box.x0) / m_pixel_mm))),
                   c1 = std::min(std::ptrdiff_t(m_columns) - 1,
                                 std::ptrdiff_t(std::floor((x1 - m_box.x0) / m_pixel_mm)));
        for (auto column = c0; column <= c1; ++column) {
            auto& layers = m_layers[std::size_t(row) * m_columns + std::size_t(column)];
            if (layers < 255 && distanceTo(centreOf(std::size_t(column), std::size_t(row)), from, to) <= half)
                ++layers;
        }
    }
}

void ThreadRaster::lay(std::span<const Point> points)
{
    for (std::size_t i = 1; i < points.size(); ++i)
        lay(points[i - 1], points[i]);
}

std::vector<bool> ThreadRaster::inkOf(const Outline& outline) const
{
    std::vector<bool> out(m_layers.size(), false);
    std::vector<std::vector<double>> crossings(m_rows);
    const auto add = [&](const Contour& ring) {
        const auto points = flattened(ring, 0.02);
        for (std::size_t i = 0; i < points.size(); ++i) {
            const Point a = points[i], b = points[(i + 1) % points.size()];
            const auto row_of = [&](double y) {
                return std::ptrdiff_t(std::ceil((y - m_box.y0) / m_pixel_mm - 0.5));
            };
            for (auto row = std::max<std::ptrdiff_t>(0, row_of(std::min(a.y, b.y)));
                 row < std::min(std::ptrdiff_t(m_rows), row_of(std::max(a.y, b.y))); ++row) {
                const double y = m_box.y0 + (double(row) + 0.5) * m_pixel_mm;
                crossings[std::size_t(row)].push_back(a.x + (y - a.y) * (b.x - a.x) / (b.y - a.y));
            }
        }
    };
    for (const auto& piece : outline.pieces) {
        add(piece.outer);
        for (const auto& middle : piece.middles)
            add(middle);
    }
    for (std::size_t row = 0; row < m_rows; ++row) {
        auto& x = crossings[row];
        std::ranges::sort(x);
        for (std::size_t i = 0; i + 1 < x.size(); i += 2) {
            const auto column_of = [&](double v) {
                return std::clamp<std::ptrdiff_t>(
                    std::ptrdiff_t(std::ceil((v - m_box.x0) / m_pixel_mm - 0.5)), 0,
                    std::ptrdiff_t(m_columns));
            };
            for (auto column = column_of(x[i]); column < column_of(x[i + 1]); ++column)
                out[row * m_columns + std::size_t(column)] = true;
        }
    }
    return out;
}

ThreadFigures threadFigures(const ThreadRaster& raster, const Outline& ink)
{
    const auto is_ink = raster.inkOf(ink);
    const std::size_t columns = raster.columns(), rows = raster.rows();
    const auto reach = std::ptrdiff_t(kOutside_mm / raster.pixel_mm());
    std::vector<std::array<std::ptrdiff_t, 2>> disc;
    for (auto dy = -reach; dy <= reach; ++dy)
        for (auto dx = -reach; dx <= reach; ++dx)
            if (dx * dx + dy * dy <= reach * reach)
                disc.push_back({dx, dy});
    // Nearest first: most places are beside ink.
    std::ranges::sort(disc, {}, [](const auto& d) { return d[0] * d[0] + d[1] * d[1]; });
    std::size_t inked = 0, covered = 0, threads = 0, outside = 0;
    std::array<std::size_t, 256> histogram{};
    for (std::size_t row = 0; row < rows; ++row)
        for (std::size_t column = 0; column < columns; ++column) {
            const bool has_thread = raster.layers(column, row) > 0, here = is_ink[row * columns + column];
            inked += here;
            covered += here && has_thread;
            if (!has_thread)
                continue;
            ++threads;
            ++histogram[raster.layers(column, row)];
            outside += !here && std::ranges::none_of(disc, [&](const auto& d) {
                const auto x = std::ptrdiff_t(column) + d[0], y = std::ptrdiff_t(row) + d[1];
                return x >= 0 && y >= 0 && x < std::ptrdiff_t(columns) && y < std::ptrdiff_t(rows) &&
                       is_ink[std::size_t(y) * columns + std::size_t(x)];
            });
        }
    ThreadFigures out;
    out.covers = inked > 0 ? double(covered) / double(inked) : 0.0;
    out.outside = threads > 0 ? double(outside) / double(threads) : 0.0;
    std::size_t seen = 0;
    for (std::size_t layers = 0; layers < histogram.size() && threads > 0; ++layers) {
        seen += histogram[layers];
        if (double(seen) >= 0.99 * double(threads)) {
            out.thickest = int(layers);
            break;
        }
    }
    return out;
}

} // namespace ink
