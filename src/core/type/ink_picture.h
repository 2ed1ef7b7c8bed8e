// Outlines as ink on a small grid of pixels.
#pragma once

#include "core/geometry/path.h"

#include <cstddef>
#include <vector>

namespace ink {

/// Grey values of an outline, drawn small. Row 0 is the lowest, as y grows upwards.
struct InkPicture
{
    int left = 0, bottom = 0, width = 0, height = 0;
    /// 0: no ink, 255: all ink.
    std::vector<unsigned char> grey;
    /// Sum of `grey`.
    long long ink = 0;

    bool isEmpty() const { return grey.empty(); }
    const unsigned char* row(int y) const { return grey.data() + std::ptrdiff_t{y} * width; }
    int at(int x, int y) const
    {
        x -= left;
        y -= bottom;
        return x < 0 || y < 0 || x >= width || y >= height
                   ? 0
                   : grey[static_cast<std::size_t>(y) * static_cast<std::size_t>(width) +
                          static_cast<std::size_t>(x)];
    }
};

/// The ink of contours under the non-zero rule, part of each pixel that is covered.
/// Units:  `px_per_unit` along x and along y; the origin of the paths is the lower left corner of pixel 0, 0.
/// Shape:  as large as the ink and a pixel more; empty where there is none, where a side would have more than 2,000
///         pixels, or where the outline has more than 30,000 points.
/// Source: coverage by exact areas (FreeType's smooth rasteriser).
InkPicture inkPictureOf(const Paths& paths, double x_px_per_unit, double y_px_per_unit);

struct Pixel
{
    int x = 0, y = 0;
};

/// Pixels of ink beside pixels without: `least_grey` and more is ink.
std::vector<Pixel> edgePixelsOf(const InkPicture& ink, int least_grey);

} // namespace ink
