#include "core/stitch/ink_rays.h"

#include "core/geometry/flatten.h"

namespace ink {
namespace {

std::vector<Chord> chordsOf(const Outline& outline, double tolerance)
{
    std::vector<Chord> out;
    const auto add = [&](const Contour& ring) {
        const auto points = flattened(ring, tolerance);
        for (std::size_t i = 0; i < points.size(); ++i)
            out.push_back({points[i], points[(i + 1) % points.size()]});
    };
    for (const auto& piece : outline.pieces) {
        add(piece.outer);
        for (const auto& middle : piece.middles)
            add(middle);
    }
    return out;
}

} // namespace

InkRays::InkRays(const Outline& outline, double tolerance)
    : m_chords(chordsOf(outline, tolerance)), m_index(m_chords)
{
}

double InkRays::reach(Point from, Point way, double far) const
{
    Box box;
    box.add(from);
    box.add(from + way * far);
    std::vector<std::uint32_t> near;
    m_index.near(box, near);
    double best = far;
    for (const auto i : near) {
        const Point d = m_chords[i].b - m_chords[i].a, to = m_chords[i].a - from;
        const double across = cross(way, d);
        if (across == 0.0)
            continue;
        const double along = cross(to, d) / across, on = cross(to, way) / across;
        if (along > 0.0 && along < best && on >= 0.0 && on <= 1.0)
            best = along;
    }
    return best;
}

bool InkRays::sees(Point from, Point to, double within) const
{
    const double away = length(to - from);
    return away <= within || reach(from, unitVector(to - from), away) >= away - within;
}

} // namespace ink
