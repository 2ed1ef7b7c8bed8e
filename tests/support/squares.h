// Squares to be cut, one by one and on sheets.
#pragma once

#include "core/cut/run_time.h"
#include "tests/support/shapes.h"

#include <random>

namespace ink::test {

inline ToolPath closedPath(const Contour& ring, Operation operation = Operation::Cut)
{
    return {ring.segments, true, operation, 0, 0, false};
}

inline ToolPath squarePath(double x, double y, double size, Operation operation = Operation::Cut)
{
    return closedPath(rectangle(x, y, x + size, y + size), operation);
}

/// Squares, some with others inside, on a sheet of 300 by 300.
inline std::vector<ToolPath> randomSheet(std::mt19937& random)
{
    std::vector<ToolPath> out;
    const int across = 4 + int(random() % 4);
    for (int i = 0; i < across; ++i)
        for (int j = 0; j < across; ++j) {
            if (random() % 4 == 0)
                continue;
            const double cell = 300.0 / across, x = i * cell + double(random() % 100) / 100.0 * cell * 0.3,
                         y = -300.0 + j * cell + double(random() % 100) / 100.0 * cell * 0.3,
                         size = cell * 0.6;
            out.push_back(squarePath(x, y, size));
            for (unsigned k = 0; k < random() % 3; ++k)
                out.push_back(squarePath(x + size * (0.1 + 0.4 * k), y + size * 0.3, size * 0.25));
        }
    return out;
}

} // namespace ink::test
