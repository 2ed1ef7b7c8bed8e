// The exact numbers of the axis, beside Boost.Multiprecision's.
#include "core/geometry/axis/wide_int.h"
#include "tests/support/environment.h"

#include <boost/multiprecision/cpp_int.hpp>

#include <random>

using boost::multiprecision::cpp_int;
using ink::detail::WideInt;

namespace {

/// The same number twice: a product of small ones, as the diagram makes them.
struct Number
{
    WideInt ours;
    cpp_int theirs;
};

Number random(std::mt19937_64& source, int factors)
{
    Number out{WideInt(std::int64_t{1}), 1};
    for (int i = 0; i < factors; ++i) {
        auto value = static_cast<std::int64_t>(source()) >> (source() % 63);
        if (value == std::numeric_limits<std::int64_t>::min())
            value = 0;
        out = {out.ours * WideInt(value), out.theirs * value};
    }
    return out;
}

bool areSame(const WideInt& ours, const cpp_int& theirs)
{
    const auto value = static_cast<long double>(ours);
    if (ours.isZero() || theirs == 0)
        return ours.isZero() && theirs == 0 && value == 0.0L;
    const auto wanted = theirs.convert_to<long double>();
    return ours.isPositive() == (theirs > 0) && ours.isNegative() == (theirs < 0) &&
           std::abs(value / wanted - 1.0L) < 1e-18L;
}

} // namespace

class TestWideInt : public QObject
{
    Q_OBJECT
private slots:
    void sumsAndProductsAreExact();
    void differencesOfNearNumbersAreExact();
    void smallNumbersAreThemselves();
};

void TestWideInt::sumsAndProductsAreExact()
{
    std::mt19937_64 source(7);
    for (int i = 0; i < 40000; ++i) {
        const auto a = random(source, static_cast<int>(source() % 6)),
                   b = random(source, static_cast<int>(source() % 6));
        QVERIFY(areSame(a.ours + b.ours, a.theirs + b.theirs));
        QVERIFY(areSame(a.ours - b.ours, a.theirs - b.theirs));
        QVERIFY(areSame(-a.ours, -a.theirs));
        QVERIFY(areSame(a.ours * b.ours, a.theirs * b.theirs));
        QVERIFY(areSame(a.ours * std::int32_t{-2}, a.theirs * -2));
    }
}

void TestWideInt::differencesOfNearNumbersAreExact()
{
    // What is left of numbers that agree in all their upper words tells every one of the lower ones.
    std::mt19937_64 source(8);
    for (int i = 0; i < 20000; ++i) {
        const auto a = random(source, 5), small = random(source, static_cast<int>(source() % 3));
        const Number near{a.ours + small.ours, a.theirs + small.theirs};
        QVERIFY(areSame(near.ours - a.ours, small.theirs));
        QVERIFY(areSame(a.ours - near.ours, -small.theirs));
        const auto zero = near.ours - near.ours;
        QVERIFY(zero.isZero() && is_zero(zero) && !is_pos(zero) && !is_neg(zero));
    }
}

void TestWideInt::smallNumbersAreThemselves()
{
    for (const std::int64_t value : {std::int64_t{0}, std::int64_t{1}, std::int64_t{-1},
                                     std::int64_t{1} << 62, -(std::int64_t{1} << 62)})
        QCOMPARE(static_cast<double>(WideInt(value)), static_cast<double>(value));
    QCOMPARE(static_cast<double>(WideInt(std::int32_t{-7})), -7.0);
    QVERIFY(areSame(WideInt(std::numeric_limits<std::int64_t>::min()),
                    cpp_int(std::numeric_limits<std::int64_t>::min())));
}

INK_TEST_CORE_MAIN(TestWideInt)
#include "test_wide_int.moc"
