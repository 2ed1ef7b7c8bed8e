// Threads as they lie, counted place by place: what they cover, what lies outside, and how thick.
#pragma once

#include "core/geometry/path.h"
#include "core/stitch/stitch_plan.h"

#include <cstdint>
#include <span>
#include <vector>

namespace ink {

class ThreadRaster
{
public:
    /// A grid over `box_mm`, coarser for what is large (at most 6 million places).
    explicit ThreadRaster(const Box& box_mm, double thread_mm = kThread_mm);

    /// One more layer along the stitch.
    void lay(Point from, Point to);
    void lay(std::span<const Point> points);

    double pixel_mm() const { return m_pixel_mm; }
    std::size_t columns() const { return m_columns; }
    std::size_t rows() const { return m_rows; }
    /// Layers of thread; row 0 is the lowest.
    std::uint8_t layers(std::size_t column, std::size_t row) const
    {
        return m_layers[row * m_columns + column];
    }
    Point centreOf(std::size_t column, std::size_t row) const;

    /// Which places are ink, by the middle of each.
    std::vector<bool> inkOf(const Outline& outline) const;

private:
    Box m_box;
    double m_pixel_mm, m_thread_mm;
    std::size_t m_columns, m_rows;
    std::vector<std::uint8_t> m_layers;
};

struct ThreadFigures
{
    /// Share of the ink under thread; of the thread's places, the share further than `kOutside_mm` from the ink.
    double covers = 0.0, outside = 0.0;
    /// 99th percentile of the layers where there is thread.
    int thickest = 0;
};

inline constexpr double kOutside_mm = 0.45;

/// Units: mm.
ThreadFigures threadFigures(const ThreadRaster& raster, const Outline& ink);

} // namespace ink
