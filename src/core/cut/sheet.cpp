#include "core/cut/sheet.h"

#include <cmath>
#include <numbers>

namespace ink {

Affine Placement::toSheet() const
{
    // Quarters of a turn are exact: what stood upright stays upright to the bit.
    double c = 1.0, s = 0.0;
    const double quarters = turn_deg / 90.0;
    if (quarters == std::floor(quarters)) {
        static constexpr double kCos[] = {1, 0, -1, 0}, kSin[] = {0, 1, 0, -1};
        const auto i = static_cast<std::size_t>(static_cast<long long>(quarters) & 3);
        c = kCos[i];
        s = kSin[i];
    } else {
        c = std::cos(turn_deg * std::numbers::pi / 180.0);
        s = std::sin(turn_deg * std::numbers::pi / 180.0);
    }
    return {c, s, -s, c, at_mm.x, at_mm.y};
}

} // namespace ink
