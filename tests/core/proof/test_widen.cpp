// Exact shapes: the mended outline against the formula.
#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
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
constexpr double kPi = std::numbers::pi;

OutlineProof proofOf(const Paths& shapes)
{
    return test::proofOf({shapes}, kUnit);
}

Outline thickened(const OutlineProof& proof, double width, double gap = 0.1)
{
    auto made = thickenStrokes(proof, {width, gap});
    if (!made)
        qFatal("%s", made.error().message().c_str());
    if (const auto judged = validityOf(made->outline, kUnit.u); !judged.isValid(0.05 * kUnit.u))
        qFatal("%s", judged.inWords().c_str());
    return made->outline;
}

Outline opened(const OutlineProof& proof, double width, double stroke = 0.1)
{
    auto made = openGaps(proof, {width, stroke});
    if (!made)
        qFatal("%s", made.error().message().c_str());
    if (const auto judged = validityOf(made->outline, kUnit.u); !judged.isValid(0.05 * kUnit.u))
        qFatal("%s", judged.inWords().c_str());
    return made->outline;
}

bool isNear(double is, double wanted, double within)
{
    if (std::abs(is - wanted) <= within)
        return true;
    qWarning("%g instead of %g", is, wanted);
    return false;
}

} // namespace

class TestWiden : public QObject
{
    Q_OBJECT

private slots:
    void aBarBecomesAsWideAsAskedAndNoLonger();
    void whatIsThickEnoughIsNotTouched();
    void aDumbBellKeepsItsEnds();
    void aRingWithAThinSide();
    void aWedgeKeepsItsLength();
    void aCrossOfHairlines();
    void twoCirclesWithAGap();
    void aGapKeepsOffThinStrokes();
    void aStrokeKeepsOffTheGapBesideIt();
    void anOpenBowlStaysOpen_data();
    void anOpenBowlStaysOpen();
    void aBowlNarrowerThanItsStrokesStaysOpen();
    void middlesWithLettersInThemStay();
    void aNotchIsRoundedAndNoDeeper();
    void aGapIsClosedWithAHollow();
    void mendedTwiceIsMendedOnce();
};

void TestWiden::aBarBecomesAsWideAsAskedAndNoLonger()
{
    const auto proof = proofOf({test::rectangle(0, 0, 10, 0.3)});
    const auto out = thickened(proof, 1.0);
    const Box box = bounds(out);
    QVERIFY(isNear(box.height(), 1.01, 0.03));
    QVERIFY(isNear(box.width(), 10.0, 0.03));
    // The ends round: a stadium of 1 by 10, the corners of the bar stand out a little.
    QVERIFY(isNear(measure(out).area, 1.01 * (10 - 1.01) + kPi * 1.01 * 1.01 / 4, 0.15));
}

void TestWiden::whatIsThickEnoughIsNotTouched()
{
    const auto proof = proofOf({test::rectangle(0, 0, 10, 1.2), test::circle({20, 5}, 4)});
    QCOMPARE(toPaths(thickened(proof, 1.0, 0.5)), toPaths(proof.outline()));
}

void TestWiden::aDumbBellKeepsItsEnds()
{
    const auto proof =
        proofOf({test::circle({0, 0}, 3), test::circle({12, 0}, 3), test::rectangle(0, -0.2, 12, 0.2)});
    const auto out = thickened(proof, 1.0);
    QCOMPARE(out.pieces.size(), std::size_t(1));
    const Box was = bounds(proof.outline()), is = bounds(out);
    QVERIFY(was.x0 == is.x0 && was.x1 == is.x1 && was.y0 == is.y0 && was.y1 == is.y1); // to the bit
    // Bar of 1.01 between circles of 3, less what lies in them: 12 - 2 sqrt(9 - h²) at height h.
    double added = 0.0;
    const double half = 0.505;
    constexpr int kSteps = 2000;
    for (int i = 0; i < kSteps; ++i) {
        const double h = 0.2 + (half - 0.2) * (i + 0.5) / kSteps;
        added += 2 * (12 - 2 * std::sqrt(9 - h * h)) * (half - 0.2) / kSteps;
    }
    QVERIFY(isNear(measure(out).area - measure(proof.outline()).area, added, 0.12));
}

void TestWiden::aRingWithAThinSide()
{
    // Circles of 5 and 4.2 whose centres are 0.6 apart: 0.2 on one side, 1.4 on the other.
    const auto proof = proofOf({test::circle({0, 0}, 5), test::circle({0.6, 0}, 4.2, true)});
    const auto out = thickened(proof, 0.8);
    QCOMPARE(out.pieces.size(), std::size_t(1));
    QCOMPARE(out.pieces[0].middles.size(), std::size_t(1));
    const Box box = bounds(out);
    QVERIFY(isNear(box.x1, 5.0 + 0.3, 0.03)); // 0.1 to the middle of the stroke, 0.4 from there
    QVERIFY(isNear(box.x0, -5.0, 1e-6));
    const Box inside = out.pieces[0].middles[0].bounds();
    QVERIFY(isNear(inside.x1, 4.8 - 0.3, 0.03));
}

void TestWiden::aWedgeKeepsItsLength()
{
    const auto proof = proofOf({test::polygon({{0, 0}, {20, -1.5}, {20, 1.5}})});
    const auto out = thickened(proof, 1.0);
    const Box box = bounds(out);
    QVERIFY(isNear(box.x0, 0.0, 0.02));
    QVERIFY(isNear(box.x1, 20.0, 1e-9));
    // Where the wedge is 1 wide, at 6.67, the outline is what was drawn.
    const InkTest ink(out, 0.001);
    QVERIFY(!ink.isInk({8, 0.62}) && ink.isInk({8, 0.58}));
    QVERIFY(ink.isInk({0.5, 0.45}) && ink.isInk({3, 0.48}) && !ink.isInk({3, 0.56}));
}

void TestWiden::aCrossOfHairlines()
{
    const auto proof = proofOf({test::rectangle(-5, -0.1, 5, 0.1), test::rectangle(-0.1, -5, 0.1, 5)});
    const auto out = thickened(proof, 0.8);
    const Box box = bounds(out);
    QVERIFY(isNear(box.width(), 10, 0.02) && isNear(box.height(), 10, 0.02));
    const double w = 0.808, bar = w * (10 - w) + kPi * w * w / 4;
    QVERIFY(isNear(measure(out).area, 2 * bar - w * w, 0.12));
}

void TestWiden::twoCirclesWithAGap()
{
    const auto proof = proofOf({test::circle({0, 0}, 4), test::circle({8.2, 0}, 4)});
    const auto out = opened(proof, 0.6);
    QCOMPARE(out.pieces.size(), std::size_t(2));
    QVERIFY(isNear(out.pieces[1].outer.bounds().x0 - out.pieces[0].outer.bounds().x1, 0.606, 0.03));
    const Box was = bounds(proof.outline()), is = bounds(out);
    QVERIFY(was.x0 == is.x0 && was.x1 == is.x1 && was.y0 == is.y0 && was.y1 == is.y1);
}

void TestWiden::aGapKeepsOffThinStrokes()
{
    // Two bars of 0.8 with 0.2 between: to open it to 1.0 each would lose half.
    const auto proof = proofOf({test::rectangle(0, 0, 10, 0.8), test::rectangle(0, 1.0, 10, 1.8)});
    const auto out = opened(proof, 1.0, 0.7);
    QCOMPARE(out.pieces.size(), std::size_t(2));
    for (const auto& piece : out.pieces)
        QVERIFY(isNear(piece.outer.bounds().height(), 0.75, 0.02));
    const InkTest ink(out, 0.001);
    QVERIFY(ink.isInk({5, 0.72}) && !ink.isInk({5, 0.79})); // 0.35 from the middle of the stroke
}

void TestWiden::aStrokeKeepsOffTheGapBesideIt()
{
    const auto proof = proofOf({test::rectangle(0, 0, 10, 0.2), test::rectangle(0, 0.7, 10, 3)});
    const auto out = thickened(proof, 1.0, 0.4);
    QCOMPARE(out.pieces.size(), std::size_t(2));
    const InkTest ink(out, 0.001);
    QVERIFY(!ink.isInk({5, 0.30}) && !ink.isInk({5, 0.6})); // 0.2 from the middle of the gap
    QVERIFY(ink.isInk({5, -0.39}));
}

/// Bands about a ring and a bar that touch close off pockets, which are filled. A letter in a frame beside them lies in the frame's middle, and
/// has one of its own: neither is a pocket.
void TestWiden::anOpenBowlStaysOpen_data()
{
    QTest::addColumn<double>("mouth");
    QTest::addColumn<double>("half_angle_deg");
    for (const double mouth : {0.22, 0.3, 0.45})
        for (const double half_angle_deg : {18.0, 24.0, 30.0, 40.0, 60.0})
            QTest::addRow("a mouth of %g, %g degrees", mouth, half_angle_deg) << mouth << half_angle_deg;
}

/// Two thin ends that face each other grow round: behind the mouth they come nearer to each other than in it.
void TestWiden::anOpenBowlStaysOpen()
{
    QFETCH(double, mouth);
    QFETCH(double, half_angle_deg);
    // A funnel, thin walls at its foot.
    const double slope = std::tan(half_angle_deg * kPi / 180), half = 0.5 * mouth, foot = half / slope,
                 wide = 8 * slope;
    const auto proof = proofOf({test::polygon({{half, foot},
                                               {half + 0.12, foot},
                                               {1.125 * wide + 1, 9},
                                               {-1.125 * wide - 1, 9},
                                               {-half - 0.12, foot},
                                               {-half, foot},
                                               {-wide, 8},
                                               {wide, 8}})});
    const auto after = partsOf(thickened(proof, 0.8, 0.2));
    QCOMPARE(after.pieces.size(), std::size_t(1));
    QCOMPARE(after.middles.size(), std::size_t(0));
    QVERIFY(after.figures.area > proof.figures().area + 0.1);
}

/// No disc of the strokes' width fits into it, and what is closed off and holds none is filled: it may not close.
void TestWiden::aBowlNarrowerThanItsStrokesStaysOpen()
{
    for (const double half_mouth : {0.11, 0.15, 0.2}) {
        const auto proof = proofOf({test::polygon({{half_mouth, 0.5},
                                                   {half_mouth + 0.12, 0.5},
                                                   {1.4, 3},
                                                   {1.0, 7},
                                                   {-1.0, 7},
                                                   {-1.4, 3},
                                                   {-half_mouth - 0.12, 0.5},
                                                   {-half_mouth, 0.5},
                                                   {-0.36, 1.2},
                                                   {0, 6},
                                                   {0.36, 1.2}})});
        const auto out = thickened(proof, 0.8, 0.2);
        const InkTest ink(out, 0.001);
        QVERIFY(!ink.isInk({0, 3}));
        QVERIFY(!ink.isInk({0, 1.5}));
        QVERIFY(!ink.isInk({0, 0.5}));
        QVERIFY(measure(out).area > proof.figures().area + 0.3);
    }
}

void TestWiden::middlesWithLettersInThemStay()
{
    const auto ring = [](Point centre) {
        return Paths{test::circle(centre, 2), test::circle(centre, 1.75, true)};
    };
    Paths shapes{test::rectangle(-1.2, -2.2, 1.2, -1.95), test::rectangle(15, -5, 25, 5),
                 test::rectangle(15.25, -4.75, 24.75, 4.75, true)};
    for (const Point centre : {Point{0, 0}, Point{20, 0}})
        std::ranges::copy(ring(centre), std::back_inserter(shapes));
    const auto proof = proofOf(shapes);
    QCOMPARE(proof.middles().size(), std::size_t(3));
    const auto after = partsOf(thickened(proof, 1.0, 0.5));
    QCOMPARE(after.pieces.size(), proof.pieces().size());
    QCOMPARE(after.middles.size(), proof.middles().size());
    // Half a mm about the middle of a stroke of 0.25.
    const double wanted = kPi * 1.375 * 1.375;
    QVERIFY(std::ranges::any_of(
        after.middles, [&](const PartSize& middle) { return std::abs(middle.area - wanted) < 0.2; }));
}

void TestWiden::aNotchIsRoundedAndNoDeeper()
{
    // A block with a cleft that runs down to a point at y = 2.
    const auto proof =
        proofOf({test::polygon({{0, 0}, {10, 0}, {10, 8}, {5.4, 8}, {5, 2}, {4.6, 8}, {0, 8}})});
    const auto out = opened(proof, 0.6);
    const InkTest ink(out, 0.001);
    QVERIFY(ink.isInk({5, 1.97}));
    QVERIFY(!ink.isInk({5, 2.1}) && !ink.isInk({5.25, 2.4}) && !ink.isInk({4.75, 2.4}));
    QVERIFY(ink.isInk({5.35, 3.0}));
}

void TestWiden::aGapIsClosedWithAHollow()
{
    const auto proof = proofOf({test::polygon({{0, 0}, {10, 0}, {10, 8}, {6, 8}, {5, 2}, {4, 8}, {0, 8}})});
    auto made = closeGaps(proof, {0.8, 0.5});
    QVERIFY(made.has_value());
    QVERIFY(validityOf(made->outline, kUnit.u).isValid(0.05 * kUnit.u));
    // The cleft is 0.8 wide at 0.4 / tan; a circle of 0.4 sits there: 0.4 / sin(atan(1/6)) above the point.
    const double hangs = 2 + 0.4 / std::sin(std::atan(1.0 / 6.0)) - 0.4;
    const InkTest ink(made->outline, 0.001);
    QVERIFY(ink.isInk({5, hangs - 0.05}) && !ink.isInk({5, hangs + 0.08}));
    QVERIFY(ink.isInk({5, 2.3}));
}

void TestWiden::mendedTwiceIsMendedOnce()
{
    const auto proof =
        proofOf({test::circle({0, 0}, 3), test::circle({12, 0}, 3), test::rectangle(0, -0.2, 12, 0.2),
                 test::polygon({{0, 10}, {20, 8.5}, {20, 11.5}})});
    const Outline once = thickened(proof, 1.0);
    auto again = OutlineProof::of(once, kUnit);
    QVERIFY(again.has_value());
    auto twice = thickenStrokes(*again, {1.0, 0.1});
    QVERIFY(twice.has_value());
    QCOMPARE(twice->places, std::size_t(0));
    QCOMPARE(toPaths(twice->outline), toPaths(once));
}

INK_TEST_CORE_MAIN(TestWiden)
#include "test_widen.moc"
