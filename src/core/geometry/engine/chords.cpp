#include "core/geometry/engine/chords.h"

#include "core/geometry/flatten.h"

#include <algorithm>

namespace ink::detail {

void GridBox::add(GridPoint p)
{
    x0 = std::min(x0, p.x);
    y0 = std::min(y0, p.y);
    x1 = std::max(x1, p.x);
    y1 = std::max(y1, p.y);
}

void GridBox::add(const GridBox& other)
{
    if (other.isEmpty())
        return;
    add(GridPoint{other.x0, other.y0});
    add(GridPoint{other.x1, other.y1});
}

namespace {

template <class ToleranceOf>
ChordShape chordsWith(const Paths& paths, const Grid& grid, ToleranceOf toleranceOf)
{
    ChordShape out;
    const std::size_t curve_count = nodeCount(paths);
    out.curves.reserve(curve_count);
    out.previous.reserve(curve_count);
    out.next.reserve(curve_count);
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
            out.is_exact = out.is_exact && grid.holds(s);
            const int n = chordCount(s, toleranceOf(static_cast<std::size_t>(curve)));
            for (int i = 0; i < n; ++i) {
                const double t0 = static_cast<double>(i) / n;
                ring.points.push_back(grid.snapped(i == 0 ? s.start() : s.pointAt(t0)));
                ring.origins.push_back({0, curve, t0, static_cast<double>(i + 1) / n});
                out.box.add(ring.points.back());
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

} // namespace

ChordShape chordsOf(const Paths& paths, const Grid& grid, double tolerance)
{
    return chordsWith(paths, grid, [tolerance](std::size_t) { return tolerance; });
}

ChordShape chordsOf(const Paths& paths, const Grid& grid, std::span<const double> tolerances)
{
    return chordsWith(paths, grid, [tolerances](std::size_t i) { return tolerances[i]; });
}

} // namespace ink::detail
