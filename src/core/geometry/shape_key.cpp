#include "core/geometry/shape_key.h"

#include <algorithm>
#include <cmath>

namespace ink::detail {

std::vector<std::int64_t> shapeKey(const Piece& piece, Unit unit)
{
    const double per_unit = 1000.0 / unit.u;
    const Point origin = piece.outer.segments.front().start();
    std::vector<std::int64_t> key;
    const auto add = [&](const Contour& ring) {
        key.push_back(static_cast<std::int64_t>(ring.segments.size()));
        for (const auto& s : ring.segments) {
            key.push_back(static_cast<std::int64_t>(s.kind));
            for (std::size_t i = 0; i < s.degree(); ++i) {
                key.push_back(std::llround((s.p[i].x - origin.x) * per_unit));
                key.push_back(std::llround((s.p[i].y - origin.y) * per_unit));
            }
        }
    };
    add(piece.outer);
    std::ranges::for_each(piece.middles, add);
    return key;
}

} // namespace ink::detail
