// Gaps that are closed: what fills them ends where a disc of the width fits in, and nowhere else.
#include "core/geometry/measure.h"
#include "core/geometry/validity.h"
#include "core/proof/widen.h"
#include "tests/support/environment.h"
#include "tests/support/proofs.h"
#include "tests/support/shapes.h"

#include <cmath>
#include <numbers>

using namespace ink;

namespace {

constexpr Unit kUnit = Unit::ofEm(20.0); // letters of 20 mm

struct Closed
{
    OutlineProof drawn;
    Outline after;
    std::vector<Box> boxes;

    double added() const { return measure(after).area - measure(drawn.outline()).area; }
};

Closed closed(const Paths& shapes, double width)
{
    auto proof = test::proofOf({shapes}, kUnit);
    auto made = closeGaps(proof, {width, 0.1});
    if (!made)
        qFatal("%s", made.error().message().c_str());
    if (const auto judged = validityOf(made->outline, kUnit.u); !judged.isValid(0.05 * kUnit.u))
        qFatal("%s", judged.inWords().c_str());
    return {std::move(proof), std::move(made->outline), std::move(made->boxes)};
}

/// What a closing by a disc of radius r adds between a circle of radius R and a line, `gap` away, on both sides: the quadrilateral
/// of the centres and their feet on the line, less both sectors.
double betweenCircleAndLine(double R, double gap, double r)
{
    const double up = R + gap - r, across = std::sqrt((R + r) * (R + r) - up * up);
    const double turn = std::acos(up / (R + r));
    const double quadrilateral = 0.5 * across * (R + gap + r);
    return 2.0 * (quadrilateral - 0.5 * R * R * turn - 0.5 * r * r * (std::numbers::pi - turn));
}

} // namespace

class TestCloseGaps : public QObject
{
    Q_OBJECT
private slots:
    void aRoundOnALine_data();
    void aRoundOnALine();
    void noThreadIsLeftAcrossTheMouth();
    void aShortNeckIsTied();
    void whereADiscFitsItStaysOpen();
    void pocketsAreFilled();
    void whatLiesElsewhereStays();
};

void TestCloseGaps::aRoundOnALine_data()
{
    QTest::addColumn<double>("radius");
    QTest::addColumn<double>("gap");
    QTest::newRow("large") << 8.0 << 0.1;
    QTest::newRow("opens fast") << 1.5 << 0.1;
    QTest::newRow("further away") << 3.0 << 0.3;
}

void TestCloseGaps::aRoundOnALine()
{
    QFETCH(double, radius);
    QFETCH(double, gap);
    constexpr double kWidth = 0.8;
    const auto made =
        closed({test::rectangle(-12, -2, 12, 0), test::circle({0, radius + gap}, radius)}, kWidth);
    QCOMPARE(made.after.pieces.size(), std::size_t(1));
    QVERIFY(made.after.pieces.front().middles.empty());
    const double wanted = betweenCircleAndLine(radius, gap, 0.5 * kWidth);
    const QString told = QString("%1 instead of %2").arg(made.added()).arg(wanted);
    // The fill ends a little before the disc.
    QVERIFY2(made.added() < 1.01 * wanted && made.added() > 0.88 * wanted, qPrintable(told));
    // Nothing bulges out of it: discs lie free where they touch both.
    const double up = radius + gap - 0.5 * kWidth,
                 across = std::sqrt((radius + 0.5 * kWidth) * (radius + 0.5 * kWidth) - up * up);
    const InkTest ink(made.after, 0.001);
    for (const double side : {-1.0, 1.0})
        for (int k = 0; k < 24; ++k) {
            const double turn = 2.0 * std::numbers::pi * k / 24.0, r = 0.46 * kWidth;
            QVERIFY(!ink.isInk({side * across + r * std::cos(turn), 0.5 * kWidth + r * std::sin(turn)}));
        }
}

void TestCloseGaps::noThreadIsLeftAcrossTheMouth()
{
    // Two blocks, 0.4 apart, whose corners are cut at 45 degrees: a funnel at both ends.
    const auto block = [](double side) {
        return test::polygon({{side * 0.2, 1},
                              {side * 0.2, 5},
                              {side * 1.2, 6},
                              {side * 6, 6},
                              {side * 6, 0},
                              {side * 1.2, 0}});
    };
    const Contour left = block(-1.0), right = block(1.0).reversed();
    const auto made = closed({left, right}, 0.8);
    QCOMPARE(made.after.pieces.size(), std::size_t(1));
    QVERIFY(made.after.pieces.front().middles.empty());
    const InkTest ink(made.after, 0.001);
    // From far above down to the middle: paper, and then ink for good.
    int changes = 0;
    for (double y = 8.0; y > 3.0; y -= 0.002)
        changes += ink.isInk({0, y}) != ink.isInk({0, y - 0.002});
    QCOMPARE(changes, 1);
}

void TestCloseGaps::aShortNeckIsTied()
{
    // Two edges, 0.1 thick where they face each other over 0.4: discs of the width from above and below nearly meet.
    const auto wedge = [](double side) {
        return test::polygon({{side * 0.2, -0.05}, {side * 0.2, 0.05}, {side * 4, 4}, {side * 4, -4}});
    };
    const auto made = closed({wedge(-1.0).reversed(), wedge(1.0)}, 0.8);
    QCOMPARE(made.after.pieces.size(), std::size_t(1));
    auto again = OutlineProof::of(made.after, kUnit);
    QVERIFY(again.has_value());
    double least = 1e300;
    for (const auto& branch : again->branches())
        if (branch.is_ink)
            for (const auto& place : branch.places)
                if (std::abs(place.centre.x) < 0.1)
                    least = std::min(least, place.width);
    QVERIFY2(least > 0.35, qPrintable(QString::number(least)));
}

/// A cleft of 0.4 with a bulge half way that a disc of 0.89 fits into: narrower than that above and below, within less than a width.
void TestCloseGaps::whereADiscFitsItStaysOpen()
{
    const auto made = closed({test::polygon({{0, 0},
                                             {10, 0},
                                             {10, 8},
                                             {5.2, 8},
                                             {5.2, 4.4},
                                             {6, 4},
                                             {5.2, 3.6},
                                             {5.2, 2},
                                             {4.8, 2},
                                             {4.8, 3.6},
                                             {4, 4},
                                             {4.8, 4.4},
                                             {4.8, 8},
                                             {0, 8}})},
                             0.8);
    QCOMPARE(made.after.pieces.size(), std::size_t(1));
    QCOMPARE(made.after.pieces.front().middles.size(), std::size_t(1));
    const InkTest ink(made.after, 0.001);
    QVERIFY(!ink.isInk({5, 4}) && !ink.isInk({5.38, 4}) && !ink.isInk({4.62, 4}));
    QVERIFY(ink.isInk({5, 3}) && ink.isInk({5, 6}));
}

void TestCloseGaps::pocketsAreFilled()
{
    // A cleft of 0.4 that ends in a square corner below, with a flat floor: the discs along its axis do not reach into the corners.
    const auto made = closed(
        {test::polygon(
            {{0, 0}, {10, 0}, {10, 8}, {5.2, 8}, {5.2, 3}, {5.3, 2}, {4.7, 2}, {4.8, 3}, {4.8, 8}, {0, 8}})},
        0.8);
    QCOMPARE(made.after.pieces.size(), std::size_t(1));
    QVERIFY(made.after.pieces.front().middles.empty());
    const InkTest ink(made.after, 0.001);
    QVERIFY(ink.isInk({5.28, 2.02}) && ink.isInk({4.72, 2.02}));
}

void TestCloseGaps::whatLiesElsewhereStays()
{
    const auto made =
        closed({test::rectangle(-12, -2, 12, 0), test::circle({0, 3.1}, 3), test::circle({9, 5}, 2)}, 0.8);
    const auto inOne = [&](Point p) {
        return std::ranges::any_of(made.boxes, [&](const Box& b) {
            return p.x >= b.x0 && p.x <= b.x1 && p.y >= b.y0 && p.y <= b.y1;
        });
    };
    const InkTest before(made.drawn.outline(), 0.001), after(made.after, 0.001);
    int asked = 0;
    for (double x = -12.5; x < 12.5; x += 0.05)
        for (double y = -2.5; y < 7.5; y += 0.05)
            if (!inOne({x, y})) {
                ++asked;
                QCOMPARE(after.isInk({x, y}), before.isInk({x, y}));
            }
    QVERIFY(asked > 50000);
}

INK_TEST_CORE_MAIN(TestCloseGaps)
#include "test_close_gaps.moc"
