#include "core/geometry/chords.h"

#include "core/geometry/flatten.h"

#include <cmath>

namespace ink::detail {

GridPoint Grid::snapped(Point p) const
{
    const double per_unit = kGridPer_u / u;
    return {std::llround(p.x * per_unit), std::llround(p.y * per_unit)};
}

Point Grid::toPoint(GridPoint p) const
{
    return {static_cast<double>(p.x) * step(), static_cast<double>(p.y) * step()};
}

ChordShape chordsOf(const Paths& paths, const Grid& grid, double tolerance)
{
    ChordShape out;
    for (const auto& contour : paths) {
        if (contour.isEmpty())
            continue;
        const auto first = static_cast<int>(out.curves.size());
        ChordRing ring;
        for (const auto& s : contour.segments) {
            const auto curve = static_cast<int>(out.curves.size());
            out.curves.push_back(s);
            out.previous.push_back(curve - 1);
            out.next.push_back(curve + 1);
            const int n = chordCount(s, tolerance);
            for (int i = 0; i < n; ++i) {
                const double t0 = static_cast<double>(i) / n;
                ring.points.push_back(grid.snapped(i == 0 ? s.start() : s.pointAt(t0)));
                ring.origins.push_back({0, curve, t0, static_cast<double>(i + 1) / n});
            }
        }
        const auto last = static_cast<int>(out.curves.size()) - 1;
        out.previous[static_cast<std::size_t>(first)] = last;
        out.next[static_cast<std::size_t>(last)] = first;
        out.chord_count += ring.points.size();
        out.rings.push_back(std::move(ring));
    }
    return out;
}

} // namespace ink::detail
