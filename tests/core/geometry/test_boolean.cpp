#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/geometry/validity.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

#include <cmath>
#include <numbers>

using namespace ink;

namespace {

Outline outlineOf(const Paths& rings)
{
    return nested(rings);
}

Outline made(const Outline& a, const Outline& b, BooleanOp op)
{
    auto result = combine(a, b, op, Unit{1.0});
    if (!result)
        qFatal("%s", result.error().message().c_str());
    const auto validity = validityOf(*result, 1.0);
    if (!validity.isValid(0.05))
        qFatal("%s", validity.inWords().c_str());
    return *result;
}

double areaOf(const Outline& outline)
{
    return measure(outline).area;
}

} // namespace

class TestBoolean : public QObject
{
    Q_OBJECT
private slots:
    void aWindowIsCutOut();
    void subtractionSplits();
    void theLensOfTwoCircles();
    void curvesKeepTheirKind();
    void areasAddUp_data();
    void areasAddUp();
    void nothingAndEverything();
    void smallMiddlesAreFilled();
    void whatLiesInAFilledMiddleIsInk();
    void badInput();
};

void TestBoolean::aWindowIsCutOut()
{
    const auto f = measure(made(outlineOf({test::rectangle(0, 0, 100, 100)}),
                                outlineOf({test::rectangle(20, 20, 50, 50)}), BooleanOp::Subtract));
    QCOMPARE(f.pieces, std::size_t(1));
    QCOMPARE(f.middles, std::size_t(1));
    QVERIFY(std::abs(f.area - 9100.0) < 0.01);
    QCOMPARE(f.nodes, std::size_t(8));
}

void TestBoolean::subtractionSplits()
{
    const auto f = measure(made(outlineOf({test::circle({0, 0}, 100)}),
                                outlineOf({test::rectangle(-10, -200, 10, 200)}), BooleanOp::Subtract));
    QCOMPARE(f.pieces, std::size_t(2));
    // A strip of half-width h through a circle (any geometry text): 2 (h sqrt(r^2 - h^2) + r^2 asin(h / r)).
    const double strip = 2 * (10 * std::sqrt(1e4 - 100.0) + 1e4 * std::asin(0.1));
    QVERIFY(std::abs(f.area - (std::numbers::pi * 1e4 - strip)) < 0.0005 * f.area);
}

void TestBoolean::theLensOfTwoCircles()
{
    const double r = 100, d = 120;
    const auto f = measure(made(outlineOf({test::circle({0, 0}, r)}), outlineOf({test::circle({d, 0}, r)}),
                                BooleanOp::Intersect));
    const double lens = 2 * r * r * std::acos(d / (2 * r)) - d / 2 * std::sqrt(4 * r * r - d * d);
    QVERIFY(std::abs(f.area - lens) < 0.001 * lens);
    QCOMPARE(f.nodes, std::size_t(4)); // one node of each circle and two crossings
}

void TestBoolean::curvesKeepTheirKind()
{
    const auto outline = made(outlineOf({test::arch({0, 0}, 200, 150)}),
                              outlineOf({test::circle({100, 150}, 40)}), BooleanOp::Subtract);
    std::size_t count[4] = {};
    for (const auto& s : outline.pieces.front().outer.segments)
        ++count[s.degree()];
    QCOMPARE(count[1], std::size_t(1));
    QCOMPARE(count[2], std::size_t(2));
    QVERIFY(count[3] >= 2);
}

void TestBoolean::areasAddUp_data()
{
    QTest::addColumn<double>("dx");
    for (const double dx : {0.0, 0.1, 30.0, 77.7, 140.0, 200.0, 500.0})
        QTest::newRow(qPrintable(QString::number(dx))) << dx;
}

void TestBoolean::areasAddUp()
{
    QFETCH(double, dx);
    const auto a = outlineOf({test::circle({0, 0}, 100), test::circle({0, 0}, 60, true)});
    const auto b = outlineOf(transformed(Paths{test::arch({-80, -90}, 190, 160)}, {1, 0, 0, 1, dx, 0}));
    const double both = areaOf(made(a, b, BooleanOp::Union));
    const double shared = areaOf(made(a, b, BooleanOp::Intersect));
    const double rest = areaOf(made(a, b, BooleanOp::Subtract));
    // Inclusion and exclusion; rings below 1 u^2 may be left out of each.
    QVERIFY(std::abs(both + shared - areaOf(a) - areaOf(b)) < 3.0);
    QVERIFY(std::abs(rest + shared - areaOf(a)) < 3.0);
}

void TestBoolean::nothingAndEverything()
{
    const auto a = outlineOf({test::circle({0, 0}, 100)});
    QVERIFY(made(a, a, BooleanOp::Subtract).pieces.empty());
    QCOMPARE(areaOf(made(a, {}, BooleanOp::Subtract)), areaOf(a));
    QVERIFY(made({}, a, BooleanOp::Subtract).pieces.empty());
    QVERIFY(made(a, {}, BooleanOp::Intersect).pieces.empty());
    QVERIFY(std::abs(areaOf(made(a, a, BooleanOp::Intersect)) - areaOf(a)) < 1e-6);
}

void TestBoolean::smallMiddlesAreFilled()
{
    const auto a = outlineOf({test::rectangle(0, 0, 100, 100), test::rectangle(10, 10, 20, 20, true),
                              test::rectangle(40, 40, 70, 70, true)});
    QCOMPARE(measure(withMiddlesFilled(a, 50)).middles, std::size_t(2));
    QCOMPARE(measure(withMiddlesFilled(a, 101)).middles, std::size_t(1));
    QCOMPARE(measure(withMiddlesFilled(a, 1000)).middles, std::size_t(0));
    QCOMPARE(areaOf(withMiddlesFilled(a, 1000)), 10000.0);
}

void TestBoolean::whatLiesInAFilledMiddleIsInk()
{
    const auto target =
        outlineOf({test::circle({0, 0}, 100), test::circle({0, 0}, 60, true), test::circle({0, 0}, 20)});
    QCOMPARE(target.pieces.size(), std::size_t(2));
    const auto filled = withMiddlesFilled(target, 1e5);
    QCOMPARE(filled.pieces.size(), std::size_t(1));
    QVERIFY(validityOf(filled, 1.0).isValid(0.05));
}

void TestBoolean::badInput()
{
    const auto huge = outlineOf({test::rectangle(0, 0, 1e9, 10)});
    QCOMPARE(combine(huge, {}, BooleanOp::Union, Unit{1.0}).error().code, ErrorCode::CoordinateOutOfRange);
    CancelSource source;
    source.cancel();
    const auto a = outlineOf({test::circle({0, 0}, 100)});
    QCOMPARE(combine(a, a, BooleanOp::Union, Unit{1.0}, source.token()).error().code, ErrorCode::Cancelled);
}

INK_TEST_CORE_MAIN(TestBoolean)
#include "test_boolean.moc"
