// Exact conversions between the units of docs/formats/units.md.
#pragma once

namespace ink {

/// The international inch, exactly.
inline constexpr double kMmPerInch = 25.4;

enum class LengthUnit { Millimetre, Inch };

constexpr double toMm(double value, LengthUnit unit)
{
    return unit == LengthUnit::Inch ? value * kMmPerInch : value;
}

constexpr double fromMm(double value_mm, LengthUnit unit)
{
    return unit == LengthUnit::Inch ? value_mm / kMmPerInch : value_mm;
}

} // namespace ink
