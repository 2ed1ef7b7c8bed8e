// What pens cover, against the formula.
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/geometry/stroke.h"
#include "core/geometry/validity.h"
#include "tests/support/environment.h"

#include <cmath>
#include <numbers>

using namespace ink;

namespace {

constexpr Unit kUnit = Unit::ofEm(20.0); // letters of 20 mm
constexpr double kPi = std::numbers::pi;

Outline drawn(const std::vector<PenWay>& ways)
{
    OffsetOptions options;
    options.tolerance = 0.002;
    auto made = stroked(ways, kUnit, options);
    if (!made)
        qFatal("%s", made.error().message().c_str());
    if (const auto judged = validityOf(*made, kUnit.u); !judged.isValid(0.05 * kUnit.u))
        qFatal("%s", judged.inWords().c_str());
    return std::move(*made);
}

bool isNear(double is, double wanted, double within)
{
    if (std::abs(is - wanted) <= within)
        return true;
    qWarning("%g instead of %g", is, wanted);
    return false;
}

} // namespace

class TestStroke : public QObject
{
    Q_OBJECT
private slots:
    void aPenThatStandsStillIsADisc();
    void aStraightWayIsAStadium();
    void aWideningWayIsTheHullOfItsEnds_data();
    void aWideningWayIsTheHullOfItsEnds();
    void aRoundWayIsARing();
    void turnsSharperThanThePenAreFilled();
    void fewPlacesSayTheWholeWay();
    void placesThatTrembleAreOneStroke();
    void waysThatCrossAreOne();
    void samplesBecomeFewTameCurves();
    void nothingDrawsNothing();
};

void TestStroke::aPenThatStandsStillIsADisc()
{
    const auto disc = drawn({{{{3, 4}}, {1.5}}});
    QCOMPARE(disc.pieces.size(), std::size_t(1));
    QVERIFY(isNear(measure(disc).area, kPi * 1.5 * 1.5, 0.005));
    // Places that lie on each other are one.
    QVERIFY(
        isNear(measure(drawn({{{{3, 4}, {3, 4}, {3, 4}}, {1.5, 1.5, 1.5}}})).area, kPi * 1.5 * 1.5, 0.005));
}

void TestStroke::aStraightWayIsAStadium()
{
    const auto line = drawn({{{{0, 0}, {5, 0}, {10, 0}}, {1, 1, 1}}});
    QVERIFY(isNear(measure(line).area, 10 * 2 + kPi, 0.01));
    const auto box = measure(line).box;
    QVERIFY(isNear(box.x0, -1, 1e-3) && isNear(box.x1, 11, 1e-3) && isNear(box.height(), 2, 1e-3));
}

void TestStroke::aWideningWayIsTheHullOfItsEnds_data()
{
    QTest::addColumn<double>("first");
    QTest::addColumn<double>("last");
    QTest::newRow("slowly") << 0.5 << 1.5;
    QTest::newRow("fast") << 0.5 << 6.0;
    QTest::newRow("narrower") << 5.0 << 1.0;
}

/// Edges touch both discs: they lean by the angle whose sine is the growth.
void TestStroke::aWideningWayIsTheHullOfItsEnds()
{
    QFETCH(double, first);
    QFETCH(double, last);
    const double grows = last - first, edge = std::sqrt(100.0 - grows * grows),
                 lean = std::asin(grows / 10.0);
    const double hull =
        edge * (first + last) + first * first * (0.5 * kPi - lean) + last * last * (0.5 * kPi + lean);
    PenWay way;
    for (int k = 0; k <= 20; ++k) {
        way.centres.push_back({0.5 * k, 0});
        way.radii.push_back(std::lerp(first, last, k / 20.0));
    }
    QVERIFY(isNear(measure(drawn({{{{0, 0}, {10, 0}}, {first, last}}})).area, hull, 0.02));
    QVERIFY(isNear(measure(drawn({way})).area, hull, 0.02));
}

void TestStroke::aRoundWayIsARing()
{
    PenWay round;
    for (int i = 0; i <= 180; ++i) {
        const double a = 2 * kPi * i / 180;
        round.centres.push_back({10 * std::cos(a), 10 * std::sin(a)});
        round.radii.push_back(0.5);
    }
    const auto ring = drawn({round});
    QCOMPARE(ring.pieces.size(), std::size_t(1));
    QCOMPARE(ring.pieces.front().middles.size(), std::size_t(1));
    QVERIFY(isNear(measure(ring).area, 2 * kPi * 10, 0.1));
    QVERIFY(measure(ring).nodes < 60); // 180 places, and curves again
}

void TestStroke::turnsSharperThanThePenAreFilled()
{
    // There and back within half a pen's width: no hole, and nothing beyond the discs.
    const auto hairpin = drawn({{{{0, 0}, {4, 0}, {4.1, 0.1}, {4, 0.2}, {0, 0.2}}, {1, 1, 1, 1, 1}}});
    QCOMPARE(hairpin.pieces.size(), std::size_t(1));
    QVERIFY(hairpin.pieces.front().middles.empty());
    QVERIFY(isNear(measure(hairpin).area, 4 * 2.2 + kPi + 0.2 * 2, 0.25));
    PenWay crowded;
    for (int i = 0; i <= 60; ++i) {
        crowded.centres.push_back({0.05 * i, i % 2 == 0 ? 0.0 : 0.04});
        crowded.radii.push_back(0.6);
    }
    const auto zigzag = drawn({crowded});
    QCOMPARE(zigzag.pieces.size(), std::size_t(1));
    QVERIFY(zigzag.pieces.front().middles.empty());
}

void TestStroke::fewPlacesSayTheWholeWay()
{
    // A long side, and a round corner in four steps, with nothing between the places. A curve through these alone
    // leaves the side on its way.
    PenWay way;
    way.centres.push_back({0, 0});
    for (int i = 0; i <= 4; ++i)
        way.centres.push_back({4 + 2 * std::sin(kPi / 8 * i), 2 - 2 * std::cos(kPi / 8 * i)});
    way.centres.push_back({6, 6});
    way.radii.assign(way.centres.size(), 0.1);
    const auto corner = drawn({way});
    for (std::size_t i = 0; i + 1 < way.centres.size(); ++i)
        for (const double t : {0.1, 0.3, 0.5, 0.7, 0.9}) {
            const Point p = lerp(way.centres[i], way.centres[i + 1], t);
            const Point side = unitVector(way.centres[i + 1] - way.centres[i]);
            const Point across{side.y, -side.x};
            QVERIFY2(isInk(corner, p + across * 0.09) && isInk(corner, p - across * 0.09),
                     qPrintable(QString::number(t)));
            QVERIFY(!isInk(corner, p + across * 0.11) && !isInk(corner, p - across * 0.11));
        }
}

void TestStroke::placesThatTrembleAreOneStroke()
{
    // Off the line by less than the tolerance, and turning at each place by more than the pen could follow.
    PenWay way;
    for (int i = 0; i <= 400; ++i) {
        way.centres.push_back({0.01 * i, i % 2 == 0 ? 0.0 : 0.0009});
        way.radii.push_back(1.0);
    }
    const auto stroke = drawn({way});
    QVERIFY(isNear(measure(stroke).area, 4 * 2 + kPi, 0.01));
    QVERIFY2(measure(stroke).nodes <= 8, qPrintable(QString::number(measure(stroke).nodes)));
}

void TestStroke::waysThatCrossAreOne()
{
    const auto cross = drawn({{{{-5, 0}, {5, 0}}, {0.5, 0.5}}, {{{0, -5}, {0, 5}}, {0.5, 0.5}}});
    QCOMPARE(cross.pieces.size(), std::size_t(1));
    QVERIFY(isNear(measure(cross).area, 2 * (10 + kPi / 4) - 1, 0.01));
}

void TestStroke::samplesBecomeFewTameCurves()
{
    // A spiral with a corner of 90 degrees at its end.
    std::vector<Point> samples;
    for (int i = 0; i <= 200; ++i) {
        const double a = 0.03 * i;
        samples.push_back({(1 + a) * std::cos(a), (1 + a) * std::sin(a)});
    }
    const Point last = samples.back();
    for (int i = 1; i <= 10; ++i)
        samples.push_back(last + Point{-std::cos(6.0), -std::sin(6.0)} * (0.1 * i));
    const auto path = smoothed(samples, 0.01);
    QVERIFY(path.segments.size() < 20);
    QCOMPARE(path.segments.front().start(), samples.front());
    QCOMPARE(path.segments.back().end(), samples.back());
    double way = 0.0;
    for (std::size_t i = 1; i < samples.size(); ++i)
        way += length(samples[i] - samples[i - 1]);
    QVERIFY(isNear(path.arcLength(), way, 0.02));
    for (const auto& s : path.segments)
        QVERIFY(length(s.p[1] - s.p[0]) <= way);
    // Samples that jump to and fro gave handles of kilometres once.
    const std::vector<Point> wild{{0, 0}, {1e-4, 0}, {0, 1e-9}, {1e-4, 1e-9}, {2e-4, 0}};
    const auto tame = smoothed(wild, 1e-3);
    for (const auto& s : tame.segments)
        for (std::size_t i = 0; i <= s.degree(); ++i)
            QVERIFY(length(s.p[i]) < 1e-3);
}

void TestStroke::nothingDrawsNothing()
{
    QVERIFY(drawn({}).pieces.empty());
    QVERIFY(drawn({PenWay{}}).pieces.empty());
    const auto far = stroked(std::vector<PenWay>{{{{1e12, 0}}, {1.0}}}, kUnit);
    QVERIFY(!far);
    QCOMPARE(far.error().code, ErrorCode::CoordinateOutOfRange);
}

INK_TEST_CORE_MAIN(TestStroke)
#include "test_stroke.moc"
