// Gaps, meetings and bends of outlines, on shapes whose answers are known.
#include "core/geometry/bend.h"
#include "core/geometry/meeting.h"
#include "core/geometry/side_gap.h"
#include "core/geometry/stroke_ends.h"
#include "tests/support/environment.h"

#include <cmath>
#include <numbers>

using namespace ink;

namespace {

Paths box(double x0, double y0, double x1, double y1)
{
    return {{{Segment::line({x0, y0}, {x1, y0}), Segment::line({x1, y0}, {x1, y1}),
              Segment::line({x1, y1}, {x0, y1}), Segment::line({x0, y1}, {x0, y0})}}};
}

/// Four cubics; the largest error of the radius is 0.027 %.
/// The constant 4/3 (sqrt 2 - 1) makes the curve pass the circle at 45 degrees exactly (from memory).
Paths circle(Point c, double r)
{
    const double k = 4.0 / 3.0 * (std::numbers::sqrt2 - 1.0) * r;
    return {{{Segment::cubic({c.x + r, c.y}, {c.x + r, c.y + k}, {c.x + k, c.y + r}, {c.x, c.y + r}),
              Segment::cubic({c.x, c.y + r}, {c.x - k, c.y + r}, {c.x - r, c.y + k}, {c.x - r, c.y}),
              Segment::cubic({c.x - r, c.y}, {c.x - r, c.y - k}, {c.x - k, c.y - r}, {c.x, c.y - r}),
              Segment::cubic({c.x, c.y - r}, {c.x + k, c.y - r}, {c.x + r, c.y - k}, {c.x + r, c.y})}}};
}

double areaOf(const Paths& paths)
{
    double sum = 0.0;
    for (const auto& ring : paths)
        sum += ring.signedArea();
    return sum;
}

} // namespace

class TestLetteringGeometry : public QObject
{
    Q_OBJECT
private slots:
    void gapOfBoxes();
    void gapOfCirclesAtAnyHeight_data();
    void gapOfCirclesAtAnyHeight();
    void gapLooksAtOutlinesNotAtBoxes();
    void noCommonHeightIsNoGap();
    void overlapIsANegativeGap();
    void strokesThatCrossAndEndsThatDipIn();
    void whatLiesWithinTouchesWithoutCrossing();
    void theIdentityKeepsEveryNode();
    void anAffineMapIsExact();
    void aBarOnAnArcIsASectorOfARing();
    void closedRingsStayClosed();
    void tighterTolerancesTakeMoreNodes();
    void barsHaveTwoEndsAndDotsNone();
    void aPointIsAnEnd();
    void shapesGrowOnEndToEnd();
    void distancesOfCircles();
};

void TestLetteringGeometry::gapOfBoxes()
{
    const auto gap =
        sideGap(SideProfile(box(0, 0, 10, 10), 0.01), SideProfile(box(0, 0, 5, 5), 0.01), {17, 3});
    QVERIFY(gap);
    QCOMPARE(gap->distance, 7.0);
    QCOMPARE(gap->at.x, 10.0);
    QVERIFY(gap->at.y >= 3.0 && gap->at.y <= 8.0);
}

void TestLetteringGeometry::gapOfCirclesAtAnyHeight_data()
{
    QTest::addColumn<double>("dy");
    for (const double dy : {0.0, 10.0, -35.0, 80.0, 99.0})
        QTest::addRow("%g", dy) << dy;
}

/// Two circles of radius 50 touch when their middles are 100 apart: at a height of dy that is sqrt(100^2 -
/// dy^2) across.
void TestLetteringGeometry::gapOfCirclesAtAnyHeight()
{
    QFETCH(double, dy);
    const SideProfile one(circle({0, 0}, 50), 0.001);
    const auto gap = sideGap(one, one, {200, dy});
    QVERIFY(gap);
    const double expected = 200.0 - std::sqrt(100.0 * 100.0 - dy * dy);
    // 0.027 % of the radius, more where the touch is grazing.
    QVERIFY2(std::abs(gap->distance - expected) < 0.02 + 0.3 * std::abs(dy) / 100.0,
             qPrintable(QString::number(gap->distance - expected)));
}

void TestLetteringGeometry::gapLooksAtOutlinesNotAtBoxes()
{
    // An L and a small box above its foot: the boxes meet long before the outlines.
    Paths l = box(0, 0, 10, 100);
    l.push_back(box(0, 0, 80, 10)[0]);
    const auto gap = sideGap(SideProfile(l, 0.01), SideProfile(box(0, 30, 20, 60), 0.01), {85, 0});
    QVERIFY(gap);
    QCOMPARE(gap->distance, 75.0);
}

void TestLetteringGeometry::noCommonHeightIsNoGap()
{
    const SideProfile low(box(0, 0, 10, 10), 0.01), high(box(0, 20, 10, 30), 0.01);
    QVERIFY(!sideGap(low, high, {50, 0}));
    QVERIFY(sideGap(low, high, {50, -15}));
    QVERIFY(!sideGap(low, SideProfile({}, 0.01), {0, 0}));
}

void TestLetteringGeometry::overlapIsANegativeGap()
{
    const SideProfile one(box(0, 0, 10, 10), 0.01);
    QCOMPARE(sideGap(one, one, {7, 0})->distance, -3.0);
}

void TestLetteringGeometry::strokesThatCrossAndEndsThatDipIn()
{
    const ShapeChords upright(box(0, 0, 10, 100), 0.1);
    const ShapeChords across(box(-30, 40, 40, 50), 0.1), dips(box(5, 40, 40, 50), 0.1);
    QCOMPARE(meetingOf(upright, {0, 0}, across, {0, 0}).crossings, std::size_t(4));
    QCOMPARE(meetingOf(upright, {0, 0}, dips, {0, 0}).crossings, std::size_t(2));
    QVERIFY(!meetingOf(upright, {0, 0}, dips, {20, 0}).touches());
    QCOMPARE(meetingOf(upright, {100, 7}, across, {100, 7}).crossings, std::size_t(4)); // wherever both stand
}

void TestLetteringGeometry::whatLiesWithinTouchesWithoutCrossing()
{
    const ShapeChords large(circle({0, 0}, 50), 0.1), small(circle({0, 0}, 5), 0.1);
    for (const auto& met :
         {meetingOf(large, {0, 0}, small, {10, 10}), meetingOf(small, {10, 10}, large, {0, 0})}) {
        QCOMPARE(met.crossings, std::size_t(0));
        QVERIFY(met.is_within);
    }
    QVERIFY(!meetingOf(large, {0, 0}, small, {45, 45}).touches()); // within the box, outside the ring
}

void TestLetteringGeometry::theIdentityKeepsEveryNode()
{
    const auto same = bent(
        circle({3, 4}, 50), [](Point p) { return p; }, 0.01);
    QCOMPARE(nodeCount(same), std::size_t(4));
    QVERIFY(std::abs(areaOf(same) - areaOf(circle({3, 4}, 50))) < 1e-3);
}

void TestLetteringGeometry::anAffineMapIsExact()
{
    const Affine by{1.5, 0.25, -0.5, 2.0, 7, -9};
    const auto image = bent(
        circle({0, 0}, 50), [&](Point p) { return by.map(p); }, 0.001);
    const auto exact = transformed(circle({0, 0}, 50), by);
    QCOMPARE(nodeCount(image), nodeCount(exact));
    for (std::size_t i = 0; i < 4; ++i)
        for (const double t : {0.0, 0.3, 0.7, 1.0})
            QVERIFY(length(image[0].segments[i].pointAt(t) - exact[0].segments[i].pointAt(t)) < 1e-4);
    // Straight lines stay lines.
    const auto bar = bent(
        box(0, 0, 30, 10), [&](Point p) { return by.map(p); }, 0.001);
    for (const auto& segment : bar[0].segments)
        QCOMPARE(segment.kind, SegmentKind::Line);
}

/// A bar 0..w by 0..h on an arc of angle a and radius R = w/a covers a((R+h)^2 - R^2)/2, and its outer edge
/// is a(R+h) long.
void TestLetteringGeometry::aBarOnAnArcIsASectorOfARing()
{
    for (const double degrees : {30.0, 120.0, 270.0}) {
        const double a = degrees * std::numbers::pi / 180.0, w = 400.0, h = 60.0, radius = w / a;
        const PointMap map = [&](Point p) {
            const double at = p.x / radius;
            return Point{(radius + p.y) * std::sin(at), (radius + p.y) * std::cos(at) - radius};
        };
        const auto image = bent(box(0, 0, w, h), map, 0.01);
        const double sector = a * ((radius + h) * (radius + h) - radius * radius) / 2;
        QVERIFY(std::abs(areaOf(image) / sector - 1.0) < 1e-4);
        const double around = a * (2 * radius + h) + 2 * h;
        QVERIFY(std::abs(image[0].arcLength() / around - 1.0) < 1e-4);
        // Two ends, and a cubic for each 30 degrees of the two edges at most.
        QVERIFY2(nodeCount(image) <= 2 + 2 * static_cast<std::size_t>(std::ceil(degrees / 30.0)),
                 qPrintable(QString::number(nodeCount(image))));
    }
}

void TestLetteringGeometry::closedRingsStayClosed()
{
    const auto image = bent(
        circle({0, 0}, 50),
        [](Point p) {
            return Point{p.x, p.y + 20 * std::sin(p.x / 9)};
        },
        0.05);
    const auto& ring = image[0].segments;
    for (std::size_t i = 0; i < ring.size(); ++i)
        QVERIFY(ring[i].end() == ring[(i + 1) % ring.size()].start());
}

void TestLetteringGeometry::tighterTolerancesTakeMoreNodes()
{
    const PointMap map = [](Point p) { return Point{p.x, p.y + 20 * std::sin(p.x / 9)}; };
    std::size_t before = 0;
    for (const double tolerance : {1.0, 0.1, 0.001}) {
        const auto nodes = nodeCount(bent(circle({0, 0}, 50), map, tolerance));
        QVERIFY(nodes > before);
        before = nodes;
    }
}

void TestLetteringGeometry::barsHaveTwoEndsAndDotsNone()
{
    const auto bar = strokeEnds({{{box(0, 0, 400, 40)[0], {}}}}, 1.0);
    QCOMPARE(bar.size(), std::size_t(2));
    for (const auto& end : bar) {
        const bool is_right = end.at.x > 200.0;
        QVERIFY(length(end.at - Point{is_right ? 400.0 : 0.0, 20.0}) < 1e-9);
        QVERIFY(length(end.outward - Point{is_right ? 1.0 : -1.0, 0.0}) < 1e-9);
        QVERIFY(std::abs(end.width - 40.0) < 1e-9);
    }
    QVERIFY(strokeEnds({{{circle({0, 0}, 50)[0], {}}}}, 1.0).empty());
    QVERIFY(strokeEnds({}, 1.0).empty());
    // Too wide for a stroke.
    QVERIFY(strokeEnds({{{box(0, 0, 400, 390)[0], {}}}}, 1.0).empty());
    // The other way round it is the same bar.
    QCOMPARE(strokeEnds({{{box(0, 0, 400, 40)[0].reversed(), {}}}}, 1.0).size(), std::size_t(2));
}

void TestLetteringGeometry::aPointIsAnEnd()
{
    const Contour needle{{Segment::line({0, -10}, {300, 0}), Segment::line({300, 0}, {0, 10}),
                          Segment::line({0, 10}, {0, -10})}};
    const auto ends = strokeEnds({{{needle, {}}}}, 1.0);
    QVERIFY(std::ranges::any_of(ends, [](const StrokeEnd& e) {
        return length(e.at - Point{300, 0}) < 1e-9 && e.outward.x > 0.999 && e.width == 0.0;
    }));
}

void TestLetteringGeometry::shapesGrowOnEndToEnd()
{
    const auto ends = strokeEnds({{{box(0, 0, 400, 40)[0], {}}}}, 1.0);
    const auto all = growths(ends, ends, 1.0);
    // Right on left and left on right, each as it is and mirrored.
    QCOMPARE(all.size(), std::size_t(4));
    QCOMPARE(all.front().fit, 1.0);
    QVERIFY(!all.front().is_mirrored && !all[1].is_mirrored);
    const bool to_the_right = all.front().move.x > 0.0;
    QVERIFY(std::abs(all.front().move.x - (to_the_right ? 376.0 : -376.0)) < 1e-9); // 0.6 of 40 deep
    // A hair does not go on from a beam.
    const auto hair = strokeEnds({{{box(0, 0, 400, 5)[0], {}}}}, 1.0);
    for (const auto& growth : growths(ends, hair, 1.0))
        QVERIFY(growth.fit < 0.6);
}

void TestLetteringGeometry::distancesOfCircles()
{
    const ShapeChords a(circle({0, 0}, 100), 0.05), b(circle({0, 0}, 40), 0.05);
    for (const double turn : {0.0, 0.7, 2.2, 4.0}) {
        const Point at = Point{std::cos(turn), std::sin(turn)} * 200.0;
        QVERIFY(std::abs(distanceOf(a, {}, b, at, 1e9) - 60.0) < 0.15);
        QCOMPARE(distanceOf(a, {}, b, at, 50.0), 50.0); // no nearer than that
    }
    QCOMPARE(distanceOf(a, {}, b, {130, 0}, 1e9), 0.0);
    QCOMPARE(distanceOf(a, {}, b, {10, 0}, 1e9), 0.0); // within
}

INK_TEST_CORE_MAIN(TestLetteringGeometry)
#include "test_lettering_geometry.moc"
