#include "core/geometry/engine/grid.h"

#include <cmath>

namespace ink::detail {
namespace {

constexpr double kPer_u = 256.0;
/// Of a step: what is left where doubles were scaled from one unit to another.
constexpr double kHair = 1e-6;

} // namespace

Grid::Grid(Unit unit) : m_u(unit.u)
{
    const double wanted = unit.u / kPer_u;
    m_step =
        unit.lattice > 0.0 ? unit.lattice * std::exp2(std::round(std::log2(wanted / unit.lattice))) : wanted;
}

GridPoint Grid::snapped(Point p) const
{
    return {std::llround(p.x / m_step), std::llround(p.y / m_step)};
}

Point Grid::toPoint(GridPoint p) const
{
    return {static_cast<double>(p.x) * m_step, static_cast<double>(p.y) * m_step};
}

Grid Grid::coarser() const
{
    Grid out = *this;
    out.m_step *= 2.0;
    return out;
}

bool Grid::holds(const Segment& segment) const
{
    const auto isOn = [this](double v) {
        const double steps = v / m_step;
        return std::abs(steps - std::nearbyint(steps)) <= kHair;
    };
    for (std::size_t i = 0; i <= segment.degree(); ++i)
        if (!isOn(segment.p[i].x) || !isOn(segment.p[i].y))
            return false;
    return true;
}

} // namespace ink::detail
