// The integer grid that chords lie on. Internal to the weld and its family.
#pragma once

#include "core/geometry/segment.h"
#include "core/geometry/unit.h"

#include <cstdint>

namespace ink::detail {

struct GridPoint
{
    std::int64_t x = 0;
    std::int64_t y = 0;
    friend bool operator==(const GridPoint&, const GridPoint&) = default;
    friend auto operator<=>(const GridPoint&, const GridPoint&) = default;
    friend GridPoint operator+(GridPoint a, GridPoint b) { return {a.x + b.x, a.y + b.y}; }
    friend GridPoint operator-(GridPoint a, GridPoint b) { return {a.x - b.x, a.y - b.y}; }
};

inline std::uint64_t hashOf(GridPoint p)
{
    const auto h = static_cast<std::uint64_t>(p.x) * 0x9E3779B97F4A7C15ull ^
                   static_cast<std::uint64_t>(p.y) * 0xC2B2AE3D27D4EB4Full;
    return h ^ (h >> 29);
}

/// The steps of one weld: about 256 to u (16 to 1024 gave the same results in trials, 4096 took 2.5 times as
/// long). Where letters are drawn on a lattice, a step is a half, a quarter … of it, so that its points, and
/// the points halfway between them that quadratic curves imply, lie on the grid exactly.
class Grid
{
public:
    explicit Grid(Unit unit);

    double u() const { return m_u; }
    double step() const { return m_step; }
    /// Steps to u.
    double per_u() const { return m_u / m_step; }
    GridPoint snapped(Point p) const;
    Point toPoint(GridPoint p) const;
    /// With steps twice as long.
    Grid coarser() const;
    /// Every control point lies on the grid, up to what doubles leave.
    bool holds(const Segment& segment) const;

private:
    double m_u = 1.0;
    double m_step = 1.0;
};

} // namespace ink::detail
