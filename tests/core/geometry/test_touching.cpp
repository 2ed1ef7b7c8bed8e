// Rings that meet in single points: what is kept is apart there.
#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/geometry/touching.h"
#include "core/geometry/validity.h"
#include "core/geometry/weld.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

#include <algorithm>
#include <cmath>

using namespace ink;

namespace {

constexpr Unit kUnit = Unit::ofEm(20.0);

Contour pixel(double x, double y)
{
    return test::rectangle(x, y, x + 1, y + 1);
}

std::size_t middlesOf(const Outline& outline)
{
    return measure(outline).middles;
}

Outline welded(const Paths& shapes)
{
    auto made = weld(std::vector<Paths>{shapes}, kUnit);
    if (!made)
        qFatal("%s", made.error().message().c_str());
    const auto judged = validityOf(made->outline, kUnit.u);
    if (!judged.isValid(0.0))
        qFatal("%s", judged.inWords().c_str());
    return std::move(made->outline);
}

/// Four squares about a square of paper, each touching the next in a corner.
Paths diamondOfPixels()
{
    return {pixel(0, 1), pixel(1, 0), pixel(2, 1), pixel(1, 2)};
}

} // namespace

class TestTouching : public QObject
{
    Q_OBJECT
private slots:
    void oneRingThatMeetsItselfIsTwo();
    void aMiddleThatMeetsItsEdgeTwicePartsThePiece();
    void aMiddleThatMeetsItsEdgeOnceStays();
    void curvesAreToldApartWhereTheyTouch();
    void paperBetweenPointsIsAMiddleOfAStencil();
    void pointsAreTold();
    void ringsThatMeetNowhereStay();
    void linesThatCrossAreLeft();
};

void TestTouching::oneRingThatMeetsItselfIsTwo()
{
    const auto knot = test::polygon({{0, 0}, {1, 0}, {1, 1}, {2, 1}, {2, 2}, {1, 2}, {1, 1}, {0, 1}});
    const auto apart = nested({knot});
    QCOMPARE(apart.pieces.size(), std::size_t(2));
    QCOMPARE(apart.pieces[0].outer, pixel(0, 0));
    QCOMPARE(apart.pieces[1].outer.signedArea(), 1.0);
    QCOMPARE(asStencil(apart), apart); // no paper lies between them
}

void TestTouching::aMiddleThatMeetsItsEdgeTwicePartsThePiece()
{
    // A "D" of pixels: its belly hangs at two corners.
    const auto letter =
        welded({test::polygon({{0, 0}, {4, 0}, {4, 1}, {1, 1}, {1, 4}, {4, 4}, {4, 5}, {0, 5}}),
                test::rectangle(4, 1, 5, 4)});
    QCOMPARE(letter.pieces.size(), std::size_t(2));
    QCOMPARE(middlesOf(letter), std::size_t(0));
    QCOMPARE(measure(letter).area, 14.0);
    const auto stencil = asStencil(letter);
    QCOMPARE(stencil.pieces.size(), std::size_t(1));
    QCOMPARE(middlesOf(stencil), std::size_t(1));
    QCOMPARE(stencil.pieces[0].middles[0].signedArea(), -9.0);
    QCOMPARE(measure(stencil).area, 14.0);
}

void TestTouching::aMiddleThatMeetsItsEdgeOnceStays()
{
    const auto outer = test::polygon({{0, 0}, {4, 0}, {4, 4}, {0, 4}});
    const auto once = nested({test::polygon({{0, 0}, {1, 2}, {2, 1}}), outer});
    QCOMPARE(once.pieces.size(), std::size_t(1));
    QCOMPARE(middlesOf(once), std::size_t(1));
    // And is one whichever way it was gone round before.
    const auto in_one = nested({test::polygon({{0, 0}, {4, 0}, {4, 4}, {0, 4}, {0, 0}, {1, 2}, {2, 1}})});
    QCOMPARE(in_one, once);
}

void TestTouching::curvesAreToldApartWhereTheyTouch()
{
    // Two rounds that share a node, and the direction in it, gone round as one.
    const Contour left = test::circle({-3, 0}, 3), right = test::circle({1, 0}, 1);
    const auto startingAt = [](const Contour& ring, Point p) {
        Contour out = ring;
        std::rotate(out.segments.begin(), std::ranges::find(out.segments, p, &Segment::start),
                    out.segments.end());
        return out;
    };
    Contour both = startingAt(left, {0, 0});
    const auto other = startingAt(right, {0, 0});
    both.segments.insert(both.segments.end(), other.segments.begin(), other.segments.end());
    const auto apart = nested({both});
    QCOMPARE(apart.pieces.size(), std::size_t(2));
    QVERIFY(std::abs(measure(apart).area - left.signedArea() - right.signedArea()) < 1e-9);
}

void TestTouching::paperBetweenPointsIsAMiddleOfAStencil()
{
    const auto pixels = welded(diamondOfPixels());
    QCOMPARE(pixels.pieces.size(), std::size_t(4));
    QCOMPARE(middlesOf(pixels), std::size_t(0));
    const auto stencil = asStencil(pixels);
    QCOMPARE(stencil.pieces.size(), std::size_t(1));
    QCOMPARE(middlesOf(stencil), std::size_t(1));
    QCOMPARE(measure(stencil).area, 4.0);
    QVERIFY(validityOf(stencil, kUnit.u).isValid(0.0));
    // The union of it with nothing takes the ink apart again.
    const auto again = combine(stencil, Outline{}, BooleanOp::Union, kUnit);
    QVERIFY(again);
    QCOMPARE(again->pieces.size(), std::size_t(4));
}

void TestTouching::pointsAreTold()
{
    const auto points = touchingPoints(toPaths(welded(diamondOfPixels())));
    QCOMPARE(points.size(), std::size_t(4));
    QCOMPARE(points[0].at, (Point{1, 1}));
    QVERIFY(points[0].rings[0] != points[0].rings[1]);
    for (const auto& p : points) // paper lies inside and outside of it, ink to its sides
        QVERIFY(std::abs(std::abs(dot(p.way, unitVector(p.at - Point{1.5, 1.5}))) - 1.0) < 1e-9);
    QVERIFY(touchingPoints({pixel(0, 0), pixel(2, 2)}).empty());
}

void TestTouching::ringsThatMeetNowhereStay()
{
    const std::vector<Contour> rings{test::circle({0, 0}, 3), test::circle({0, 0}, 2, true), pixel(5, 5)};
    QCOMPARE(apartWhereTheyMeet(rings, Apart::Ink), rings);
    QCOMPARE(apartWhereTheyMeet(rings, Apart::Paper), rings);
    QVERIFY(apartWhereTheyMeet({}, Apart::Ink).empty());
}

void TestTouching::linesThatCrossAreLeft()
{
    // Not an outline: in the middle two edges come one beside the other.
    const std::vector<Contour> crossed{test::polygon({{0, 0}, {1, 1}, {2, 2}, {2, 0}, {1, 1}, {0, 2}})};
    QCOMPARE(apartWhereTheyMeet(crossed, Apart::Ink), crossed);
    // Nor is a line of no length a meeting of two.
    const std::vector<Contour> still{test::polygon({{0, 0}, {1, 0}, {1, 0}, {1, 1}})};
    QCOMPARE(apartWhereTheyMeet(still, Apart::Ink), still);
    QVERIFY(touchingPoints(still).empty());
}

INK_TEST_CORE_MAIN(TestTouching)
#include "test_touching.moc"
