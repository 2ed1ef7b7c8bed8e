// The exact numbers of the Voronoi diagram, for coordinates below 2^19: as wide as they have to be, and as quick as 64-bit words allow.
// Internal to the medial axis.
#pragma once

#include <array>
#include <cmath>
#include <cstdint>
#include <cstdlib>

namespace ink::detail {

/// Sign and magnitude, 64 bits a word; only words in use are copied. The library's own numbers have words of 32 bits and copy all of them.
/// Source: schoolbook sums and products, D. E. Knuth, TAOCP 2, 4.3.1.
class WideInt
{
public:
    /// The library's predicates need 64 bits for each bit of a coordinate at the most: 1,216 for 19.
    static constexpr int kWords = 20;

    WideInt() = default;
    WideInt(std::int32_t value) : WideInt(std::int64_t{value}) {}
    WideInt(std::int64_t value)
    {
        if (value != 0) {
            m_words[0] =
                value < 0 ? 0 - static_cast<std::uint64_t>(value) : static_cast<std::uint64_t>(value);
            m_count = value < 0 ? -1 : 1;
        }
    }
    WideInt(const WideInt& other) : m_count(other.m_count) { copyWords(other); }
    WideInt& operator=(const WideInt& other)
    {
        m_count = other.m_count;
        copyWords(other);
        return *this;
    }

    bool isPositive() const { return m_count > 0; }
    bool isNegative() const { return m_count < 0; }
    bool isZero() const { return m_count == 0; }

    WideInt operator-() const
    {
        WideInt out = *this;
        out.m_count = -out.m_count;
        return out;
    }
    friend WideInt operator+(const WideInt& a, const WideInt& b) { return sum(a, b, b.m_count); }
    friend WideInt operator-(const WideInt& a, const WideInt& b) { return sum(a, b, -b.m_count); }
    friend WideInt operator*(const WideInt& a, const WideInt& b)
    {
        WideInt out;
        const int n = a.size(), m = b.size();
        if (n == 0 || m == 0)
            return out;
        const std::uint64_t *x = a.m_words.data(), *y = b.m_words.data();
        std::uint64_t* words = out.m_words.data();
        // What would lie beyond the last word is zero: see kWords.
        const int size = n + m < kWords ? n + m : kWords;
        Twice carry = 0;
        for (
            int k = 0; k < m;
            ++k) { // m and n are at most half of kWords each, or their product would not be a number of this width
            carry += static_cast<Twice>(x[0]) * y[k];
            words[k] = static_cast<std::uint64_t>(carry);
            carry >>= 64;
        }
        if (m < size)
            words[m] = static_cast<std::uint64_t>(carry);
        for (int i = 1; i < n; ++i) {
            carry = 0;
            const int most = m < size - i ? m : size - i;
            for (int k = 0; k < most; ++k) {
                carry += static_cast<Twice>(x[i]) * y[k] + words[i + k];
                words[i + k] = static_cast<std::uint64_t>(carry);
                carry >>= 64;
            }
            if (i + m < size)
                words[i + m] = static_cast<std::uint64_t>(carry);
        }
        out.setSize(size, (a.m_count ^ b.m_count) < 0);
        return out;
    }
    friend WideInt operator*(const WideInt& a, std::int32_t b) { return a * WideInt(b); }
    friend WideInt operator*(const WideInt& a, std::int64_t b) { return a * WideInt(b); }

    /// The nearest but for 1 in 2^63; its exponent holds every number of this width.
    explicit operator long double() const
    {
        const int n = size();
        if (n == 0)
            return 0.0L;
        long double value = static_cast<long double>(at(n - 1));
        if (n > 1)
            value = value * 0x1p64L + static_cast<long double>(at(n - 2));
        if (n > 2)
            value = std::ldexp(value, 64 * (n - 2));
        return m_count < 0 ? -value : value;
    }
    explicit operator double() const { return static_cast<double>(static_cast<long double>(*this)); }

private:
    __extension__ typedef unsigned __int128 Twice;

    int size() const { return std::abs(m_count); }
    std::uint64_t& at(int i) { return m_words[static_cast<std::size_t>(i)]; }
    std::uint64_t at(int i) const { return m_words[static_cast<std::size_t>(i)]; }
    void copyWords(const WideInt& other)
    {
        for (int i = 0, n = other.size(); i < n; ++i)
            at(i) = other.at(i);
    }
    void setSize(int size, bool is_negative)
    {
        while (size > 0 && at(size - 1) == 0)
            --size;
        m_count = is_negative ? -size : size;
    }

    /// a and b, which is taken as if its count were `count`.
    static WideInt sum(const WideInt& a, const WideInt& b, int count)
    {
        if (count == 0)
            return a;
        if (a.m_count == 0) {
            WideInt out = b;
            out.m_count = count;
            return out;
        }
        WideInt out;
        const int n = a.size(), m = b.size();
        if ((a.m_count ^ count) >= 0) {
            const bool is_a_longer = n >= m;
            const std::uint64_t *x = is_a_longer ? a.m_words.data() : b.m_words.data(),
                                *y = is_a_longer ? b.m_words.data() : a.m_words.data();
            const int longer = is_a_longer ? n : m, shorter = is_a_longer ? m : n;
            std::uint64_t* words = out.m_words.data();
            Twice carry = 0;
            int i = 0;
            for (; i < shorter; ++i) {
                carry += static_cast<Twice>(x[i]) + y[i];
                words[i] = static_cast<std::uint64_t>(carry);
                carry >>= 64;
            }
            for (; i < longer; ++i) {
                carry += x[i];
                words[i] = static_cast<std::uint64_t>(carry);
                carry >>= 64;
            }
            if (carry != 0 && i < kWords)
                words[i++] = static_cast<std::uint64_t>(carry);
            out.m_count = a.m_count > 0 ? i : -i;
            return out;
        }
        // The smaller magnitude off the larger one.
        int order = n - m;
        for (int i = n - 1; order == 0 && i >= 0; --i)
            order = a.at(i) < b.at(i) ? -1 : a.at(i) > b.at(i) ? 1 : 0;
        if (order == 0)
            return out;
        const std::uint64_t *x = order > 0 ? a.m_words.data() : b.m_words.data(),
                            *y = order > 0 ? b.m_words.data() : a.m_words.data();
        const int larger = order > 0 ? n : m, smaller = order > 0 ? m : n;
        std::uint64_t* words = out.m_words.data();
        std::uint64_t borrow = 0;
        int i = 0;
        for (; i < smaller; ++i) {
            const std::uint64_t first = x[i] - y[i], second = first - borrow;
            borrow = static_cast<std::uint64_t>(x[i] < y[i]) | static_cast<std::uint64_t>(first < borrow);
            words[i] = second;
        }
        for (; i < larger; ++i) {
            words[i] = x[i] - borrow;
            borrow = static_cast<std::uint64_t>(x[i] < borrow);
        }
        out.setSize(larger, order > 0 ? a.m_count < 0 : count < 0);
        return out;
    }

    std::array<std::uint64_t, kWords> m_words; // only those in use are ever read
    int m_count = 0;                           // negative for negative numbers
};

// What the library asks of its numbers, found by their namespace.
inline bool is_pos(const WideInt& number)
{
    return number.isPositive();
}
inline bool is_neg(const WideInt& number)
{
    return number.isNegative();
}
inline bool is_zero(const WideInt& number)
{
    return number.isZero();
}

} // namespace ink::detail
