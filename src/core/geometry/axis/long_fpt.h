// The Voronoi diagram's quick numbers, with 11 bits more than a double. Internal to the medial axis.
#pragma once

#include <boost/polygon/voronoi.hpp>

#include <algorithm>
#include <cmath>

namespace boost::polygon::detail {

/// A number and how far it may be off, as the library's own for doubles: its error counts in the same unit, 2^-53 of the number, so that the
/// library's bounds mean what they meant. Each operation rounds to 64 bits, 1/2048 of that. The library computes a circle exactly, at a
/// hundred times the price, where the error is beyond 64 of these; of chords of a smooth curve that is every second circle in doubles.
/// Source: the rules of error at the head of Boost's voronoi_robust_fpt.hpp.
template <>
class robust_fpt<long double>
{
public:
    using floating_point_type = long double;
    using relative_error_type = double;

    robust_fpt() = default;
    explicit robust_fpt(long double value) : m_value(value) {}
    /// `roundings`: how often the value was rounded.
    robust_fpt(long double value, long double roundings)
        : robust_fpt(value, static_cast<double>(roundings) * kRounding, Raw())
    {
    }

    long double fpv() const { return m_value; }
    double re() const { return m_error; }
    double ulp() const { return m_error; }
    bool has_pos_value() const { return m_value > 0; }
    bool has_neg_value() const { return m_value < 0; }
    bool has_zero_value() const { return m_value == 0; }

    robust_fpt operator-() const { return {-m_value, m_error, Raw()}; }
    robust_fpt operator+(const robust_fpt& other) const
    {
        const long double value = m_value + other.m_value;
        if ((m_value >= 0 && other.m_value >= 0) || (m_value <= 0 && other.m_value <= 0))
            return {value, std::max(m_error, other.m_error) + kRounding, Raw()};
        // Cancellation: the errors stay, the value becomes smaller.
        const auto error = std::fabs((m_value * m_error - other.m_value * other.m_error) / value);
        return {value, static_cast<double>(error) + kRounding, Raw()};
    }
    robust_fpt operator-(const robust_fpt& other) const { return *this + -other; }
    robust_fpt operator*(const robust_fpt& other) const
    {
        return {m_value * other.m_value, m_error + other.m_error + kRounding, Raw()};
    }
    robust_fpt operator/(const robust_fpt& other) const
    {
        return {m_value / other.m_value, m_error + other.m_error + kRounding, Raw()};
    }
    robust_fpt& operator+=(const robust_fpt& other) { return *this = *this + other; }
    robust_fpt& operator-=(const robust_fpt& other) { return *this = *this - other; }
    robust_fpt& operator*=(const robust_fpt& other) { return *this = *this * other; }
    robust_fpt& operator/=(const robust_fpt& other) { return *this = *this / other; }
    robust_fpt sqrt() const { return {std::sqrt(m_value), 0.5 * m_error + kRounding, Raw()}; }

private:
    static constexpr double kRounding = 1.0 / 2048.0;
    struct Raw
    {
    };
    robust_fpt(long double value, double error, Raw) : m_value(value), m_error(error) {}

    long double m_value = 0.0L;
    double m_error = 0.0;
};

} // namespace boost::polygon::detail
