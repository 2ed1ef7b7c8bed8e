#include "core/geometry/bridge.h"

#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/geometry/validity.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

using namespace ink;

namespace {

Bridged made(const Outline& outline, double width)
{
    auto result = bridgeTouching(outline, width, Unit::ofEm(20.0));
    if (!result)
        qFatal("%s", result.error().message().c_str());
    const auto validity = validityOf(result->outline, 0.02);
    if (!validity.isValid(0.002))
        qFatal("%s", validity.inWords().c_str());
    return *result;
}

/// Width of the ink along the line x = `x`, from an independent raster.
double inkAt(const Outline& outline, double x)
{
    int ink = 0;
    for (int i = -2000; i <= 2000; ++i)
        ink += isInk(outline, {x, i * 0.01 + 0.0049});
    return ink * 0.01;
}

} // namespace

class TestBridge : public QObject
{
    Q_OBJECT
private slots:
    void touchingCirclesAreJoined();
    void gapsBelowTheWidthAreJoined();
    void nearestFirstAndNeverTwice();
    void thinNecksAreWidened();
    void thinStrokesAreNoNecks();
    void nothingWithoutAWidth();
};

void TestBridge::touchingCirclesAreJoined()
{
    const auto two = nested({test::circle({-10, 0}, 10), test::circle({10, 0}, 10)});
    QCOMPARE(two.pieces.size(), std::size_t(2));
    const auto result = made(two, 0.8);
    QCOMPARE(result.outline.pieces.size(), std::size_t(1));
    QCOMPARE(result.bridges.size(), std::size_t(1));
    QVERIFY(length(result.bridges.front()) < 0.05);
    QVERIFY(std::abs(inkAt(result.outline, 0.0) - 0.8) < 0.03);
}

void TestBridge::gapsBelowTheWidthAreJoined()
{
    const auto two = nested({test::rectangle(-10, -5, -0.2, 5), test::rectangle(0.2, -5, 10, 5)});
    QCOMPARE(made(two, 0.39).outline.pieces.size(), std::size_t(2));
    const auto joined = made(two, 0.5);
    QCOMPARE(joined.outline.pieces.size(), std::size_t(1));
    QVERIFY(std::abs(inkAt(joined.outline, 0.0) - 0.5) < 0.03);
}

void TestBridge::nearestFirstAndNeverTwice()
{
    // Two blocks and a table over both, all within reach: two bridges join them, a third would close a
    // middle.
    const auto table =
        test::polygon({{2, 10.3}, {3, 10.3}, {3, 15}, {17, 15}, {17, 10.4}, {18, 10.4}, {18, 20}, {2, 20}});
    const auto three = nested({test::rectangle(0, 0, 10, 10), test::rectangle(10.1, 0, 20, 10), table});
    const auto result = made(three, 1.0);
    QCOMPARE(result.bridges.size(), std::size_t(2));
    QCOMPARE(result.outline.pieces.size(), std::size_t(1));
    QCOMPARE(measure(result.outline).middles, std::size_t(0));
}

void TestBridge::thinNecksAreWidened()
{
    const Paths a{test::circle({-9.999, 0}, 10)}, b{test::circle({9.999, 0}, 10)};
    const auto welded = weld(std::vector<Paths>{a, b}, Unit::ofEm(20.0));
    QCOMPARE(welded->outline.pieces.size(), std::size_t(1));
    QVERIFY(inkAt(welded->outline, 0.0) < 0.4);
    const auto result = made(welded->outline, 0.8);
    QCOMPARE(result.bridges.size(), std::size_t(1));
    QVERIFY(std::abs(inkAt(result.outline, 0.0) - 0.8) < 0.03);
    QVERIFY(made(welded->outline, 0.2).bridges.empty()); // wide enough for that
}

void TestBridge::thinStrokesAreNoNecks()
{
    // A bar as thin as that all along, and one that is thin over a length, stay as they are.
    QVERIFY(made(nested({test::rectangle(0, 0, 40, 0.5)}), 0.8).bridges.empty());
    const auto dumb_bell = weld(std::vector<Paths>{{test::rectangle(0, 0, 10, 10)},
                                                   {test::rectangle(9, 4.8, 31, 5.2)},
                                                   {test::rectangle(30, 0, 40, 10)}},
                                Unit::ofEm(20.0));
    QVERIFY(made(dumb_bell->outline, 0.8).bridges.empty());
    // Bent words have their necks where the straight ones have them.
    const auto bent = transformed(dumb_bell->outline, {1, 0.3, 0.1, 1, 0, 0});
    QVERIFY(made(bent, 0.8).bridges.empty());
}

void TestBridge::nothingWithoutAWidth()
{
    const auto two = nested({test::circle({-10, 0}, 10), test::circle({10, 0}, 10)});
    QVERIFY(made(two, 0.0).bridges.empty());
    QVERIFY(made({}, 1.0).outline.pieces.empty());
}

INK_TEST_CORE_MAIN(TestBridge)
#include "test_bridge.moc"
