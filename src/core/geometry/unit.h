// The measure that tolerances follow.
#pragma once

namespace ink {

/// Every tolerance of the core is a number of u; no function has a usual u of its own.
struct Unit
{
    /// 1/1000 em in the units of the coordinates.
    double u;
    /// Letters are drawn on whole multiples of this, mostly one font unit; 0 where there is no such length.
    /// Edges that meet exactly on it are welded exactly.
    double lattice = 0.0;

    /// Of an em that is `em` long in the units of the coordinates.
    static constexpr Unit ofEm(double em) { return {em / 1000.0, 0.0}; }
    /// Coordinates are font units.
    static constexpr Unit ofFont(double units_per_em) { return {units_per_em / 1000.0, 1.0}; }
};

} // namespace ink
