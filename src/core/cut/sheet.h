// A sheet or a roll, and where things lie on it.
#pragma once

#include "core/geometry/path.h"

#include <cstddef>
#include <vector>

namespace ink {

/// Places on a sheet count from its upper left corner: x to the right, y upwards, so that all that lies on it has a y below 0.
struct SheetSize
{
    double width_mm = 305.0;
    /// 0 for a roll, which goes on as far as is needed.
    double length_mm = 0.0;
    /// Kept free at every edge.
    double margin_mm = 5.0;

    bool isRoll() const { return length_mm <= 0.0; }
    friend bool operator==(const SheetSize&, const SheetSize&) = default;
};

/// Narrowest and largest sheet, and the longest stretch of a roll.
inline constexpr double kLeastSheet_mm = 10.0;
inline constexpr double kMostSheetWidth_mm = 3000.0;
inline constexpr double kMostRoll_mm = 50000.0;

struct Placement
{
    /// Which of the things that were to be placed.
    std::size_t item = 0;
    std::size_t sheet = 0;
    /// Turned about the origin of its outline, then moved.
    double turn_deg = 0.0;
    Point at_mm = {};

    Affine toSheet() const;
    friend bool operator==(const Placement&, const Placement&) = default;
};

} // namespace ink
