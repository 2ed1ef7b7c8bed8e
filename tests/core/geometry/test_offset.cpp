#include "core/geometry/offset.h"

#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/geometry/validity.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

#include <cmath>
#include <numbers>

using namespace ink;

namespace {

constexpr Unit kUnit = Unit::ofEm(20.0);

constexpr double kPi = std::numbers::pi;

Outline made(const Paths& rings, double distance, Join join = Join::Round)
{
    OffsetOptions options;
    options.join = join;
    auto result = offset(nested(rings), distance, kUnit, options);
    if (!result)
        qFatal("%s", result.error().message().c_str());
    const auto validity = validityOf(*result, 0.02);
    if (!validity.isValid(0.002))
        qFatal("%s", validity.inWords().c_str());
    return *result;
}

/// 16 cubics: within 1e-9 of a circle, where four are off by 2.7e-4 of the radius.
Contour roundCircle(Point centre, double r, bool clockwise = false)
{
    Contour c;
    const int n = 16;
    const double step = 2 * kPi / n;
    const double handle = 4.0 / 3.0 * std::tan(step / 4) * r;
    for (int i = 0; i < n; ++i) {
        const Point a{std::cos(i * step), std::sin(i * step)},
            b{std::cos((i + 1) * step), std::sin((i + 1) * step)};
        c.segments.push_back(Segment::cubic(centre + a * r, centre + a * r + Point{-a.y, a.x} * handle,
                                            centre + b * r - Point{-b.y, b.x} * handle, centre + b * r));
    }
    for (std::size_t i = 0; i < c.segments.size(); ++i) // ends that meet to the last digit
        c.segments[i].p[3] = c.segments[(i + 1) % c.segments.size()].p[0];
    return clockwise ? c.reversed() : c;
}

Contour star(double outer, double inner)
{
    std::vector<Point> corners;
    for (int i = 0; i < 10; ++i) {
        const double a = kPi / 2 + i * kPi / 5;
        const double r = i % 2 ? inner : outer;
        corners.push_back({r * std::cos(a), r * std::sin(a)});
    }
    return test::polygon(corners);
}

} // namespace

class TestOffset : public QObject
{
    Q_OBJECT
private slots:
    void manyNodesAreTakenInSteps();
    void whatWouldTakeMinutesIsRefused();
    void squareByJoin_data();
    void squareByJoin();
    void mitresHaveALimit();
    void circles_data();
    void circles();
    void middlesCloseAndVanish();
    void squareShrinksToNothing();
    void stadium();
    void starGrowsAndShrinks_data();
    void starGrowsAndShrinks();
    void piecesMeet();
    void piecesPartWhereTheNeckIsThin();
    void staysWithinTheTolerance_data();
    void staysWithinTheTolerance();
    void growsMonotonously();
    void thereAndBack();
    void tightCurvesDoNotTurnBack();
    void nothingToDo();
    void badInput();
};

void TestOffset::squareByJoin_data()
{
    QTest::addColumn<int>("join");
    QTest::addColumn<double>("area");
    QTest::addColumn<int>("nodes");
    // 10 mm square grown by 2 mm: sides 4 x 10 x 2, and at the corners quarter discs, squares or triangles.
    QTest::newRow("round") << int(Join::Round) << 180.0 + kPi * 4 << 12;
    QTest::newRow("mitre") << int(Join::Mitre) << 180.0 + 16 << 4;
    QTest::newRow("bevel") << int(Join::Bevel) << 180.0 + 8 << 8;
}

void TestOffset::squareByJoin()
{
    QFETCH(int, join);
    QFETCH(double, area);
    QFETCH(int, nodes);
    const auto f = measure(made({test::rectangle(0, 0, 10, 10)}, 2.0, static_cast<Join>(join)));
    QVERIFY2(std::abs(f.area - area) < 0.001, qPrintable(QString::number(f.area, 'f', 6)));
    QCOMPARE(int(f.nodes), nodes);
}

void TestOffset::mitresHaveALimit()
{
    // A needle of 10 degrees: its mitre would be 11.5 distances long, the limit is 4.
    const auto needle = test::polygon({{0, 0}, {20, 0}, {20, 20 * std::tan(kPi / 18)}});
    const auto box = bounds(made({needle}, 1.0, Join::Mitre));
    QVERIFY(box.x0 > -1.1);
    OffsetOptions options;
    options.join = Join::Mitre;
    options.mitre_limit = 20;
    QVERIFY(std::abs(bounds(*offset(nested({needle}), 1.0, kUnit, options)).x0 + 1.0 / std::tan(kPi / 36)) <
            0.01);
}

void TestOffset::circles_data()
{
    QTest::addColumn<double>("distance");
    for (const double d : {0.05, 1.0, 5.0, 40.0, -0.05, -1.0, -5.0, -9.9})
        QTest::newRow(qPrintable(QString::number(d))) << d;
}

void TestOffset::circles()
{
    QFETCH(double, distance);
    const auto outline = made({roundCircle({0, 0}, 10)}, distance);
    QCOMPARE(outline.pieces.size(), std::size_t(1));
    for (const auto& s : outline.pieces.front().outer.segments)
        for (const double t : {0.0, 0.3, 0.5, 0.8})
            QVERIFY(std::abs(length(s.pointAt(t)) - (10.0 + distance)) < 0.01);
    QVERIFY(outline.pieces.front().outer.segments.size() <= 16);
}

void TestOffset::middlesCloseAndVanish()
{
    const Paths ring{roundCircle({0, 0}, 10), roundCircle({0, 0}, 6, true)};
    for (const double d : {1.0, 3.0, 5.9, -1.0, -1.9}) {
        const auto f = measure(made(ring, d));
        const double expected = kPi * ((10 + d) * (10 + d) - (6 - d) * (6 - d));
        QVERIFY2(std::abs(f.area - expected) < 0.01 * 2 * kPi * 16, qPrintable(QString::number(d)));
        QCOMPARE(f.middles, std::size_t(1));
    }
    QCOMPARE(measure(made(ring, 6.5)).middles, std::size_t(0));
    QVERIFY(made(ring, -2.5).pieces.empty());
}

void TestOffset::squareShrinksToNothing()
{
    QVERIFY(std::abs(measure(made({test::rectangle(0, 0, 10, 10)}, -2.0)).area - 36.0) < 1e-6);
    QVERIFY(made({test::rectangle(0, 0, 10, 10)}, -5.01).pieces.empty());
    QVERIFY(made({test::rectangle(0, 0, 10, 10)}, -6.0).pieces.empty());
}

void TestOffset::stadium()
{
    // A 30 x 0.2 mm hairline grown by 2: a rectangle and two half discs, less what the flat ends change.
    const auto f = measure(made({test::rectangle(0, 0, 30, 0.2)}, 2.0));
    QVERIFY(std::abs(f.area - (30 * 0.2 + 2 * 30.2 * 2 + kPi * 4)) < 0.01);
}

void TestOffset::starGrowsAndShrinks_data()
{
    QTest::addColumn<double>("distance");
    for (const double d : {0.5, 2.0, 8.0, -0.5, -1.5})
        QTest::newRow(qPrintable(QString::number(d))) << d;
}

void TestOffset::starGrowsAndShrinks()
{
    QFETCH(double, distance);
    const auto contour = star(20, 9);
    const auto outline = made({contour}, distance);
    // Every point of the result's edge is |distance| from the star's edge, which is lines: exact to compute.
    for (const auto& s : outline.pieces.front().outer.segments)
        for (const double t : {0.0, 0.25, 0.5, 0.75}) {
            const Point p = s.pointAt(t);
            double nearest = 1e300;
            for (const auto& edge : contour.segments) {
                const Point d = edge.end() - edge.start();
                const double k = std::clamp(dot(p - edge.start(), d) / dot(d, d), 0.0, 1.0);
                nearest = std::min(nearest, length(edge.start() + d * k - p));
            }
            QVERIFY2(std::abs(nearest - std::abs(distance)) < 0.01, qPrintable(QString::number(nearest)));
        }
    // Convex corners are rounded once each, concave ones meet in one node.
    QVERIFY(outline.pieces.front().outer.segments.size() <= 30u);
}

void TestOffset::piecesMeet()
{
    const Paths two{test::rectangle(0, 0, 10, 10), test::rectangle(11, 0, 21, 10)};
    QCOMPARE(made(two, 0.4).pieces.size(), std::size_t(2));
    QCOMPARE(made(two, 0.6).pieces.size(), std::size_t(1));
}

void TestOffset::piecesPartWhereTheNeckIsThin()
{
    const auto dumb_bell = test::polygon({{0, 0},
                                          {10, 0},
                                          {10, 4.5},
                                          {20, 4.5},
                                          {20, 0},
                                          {30, 0},
                                          {30, 10},
                                          {20, 10},
                                          {20, 5.5},
                                          {10, 5.5},
                                          {10, 10},
                                          {0, 10}});
    QCOMPARE(made({dumb_bell}, -0.4).pieces.size(), std::size_t(1));
    QCOMPARE(made({dumb_bell}, -0.6).pieces.size(), std::size_t(2));
}

void TestOffset::staysWithinTheTolerance_data()
{
    QTest::addColumn<double>("distance");
    for (const double d : {0.3, 1.0, 4.0, -0.3, -1.0})
        QTest::newRow(qPrintable(QString::number(d))) << d;
}

// Free curves have no formula: every point of the edge has to lie the distance away from finely sampled
// curves.
void TestOffset::staysWithinTheTolerance()
{
    QFETCH(double, distance);
    Contour blob;
    blob.segments = {
        Segment::cubic({0, 0}, {12, -6}, {18, 10}, {30, 2}), Segment::quadratic({30, 2}, {36, 14}, {22, 16}),
        Segment::cubic({22, 16}, {14, 8}, {8, 26}, {2, 14}), Segment::quadratic({2, 14}, {6, 8}, {0, 0})};
    std::vector<Point> samples;
    for (const auto& s : blob.segments)
        for (int i = 0; i < 4000; ++i)
            samples.push_back(s.pointAt(i / 4000.0));
    const auto outline = made({blob}, distance);
    double worst = 0.0;
    for (const auto& ring : toPaths(outline))
        for (const auto& s : ring.segments)
            for (int i = 0; i < 8; ++i) {
                double nearest = 1e300;
                for (const Point q : samples)
                    nearest = std::min(nearest, length(q - s.pointAt(i / 8.0)));
                worst = std::max(worst, std::abs(nearest - std::abs(distance)));
            }
    QVERIFY2(worst < 0.01, qPrintable(QString::number(worst)));
    QVERIFY2(measure(outline).nodes <= 36, qPrintable(QString::number(measure(outline).nodes)));
}

void TestOffset::growsMonotonously()
{
    double last = 0.0;
    for (const double d : {-1.5, -1.0, -0.5, 0.0, 0.2, 0.7, 2.0, 6.0}) {
        const double area = measure(made({star(20, 9), roundCircle({0, 0}, 5, true)}, d)).area;
        QVERIFY(area > last);
        last = area;
    }
}

void TestOffset::thereAndBack()
{
    const Paths ring{roundCircle({0, 0}, 10), roundCircle({0, 0}, 5, true)};
    const auto back = *offset(made(ring, 1.5), -1.5, kUnit);
    QVERIFY(std::abs(measure(back).area - kPi * 75) < 0.02 * 2 * kPi * 15);
}

void TestOffset::tightCurvesDoNotTurnBack()
{
    // A notch with a round end of 1 mm: grown by 3 it is gone, and nothing of its turned-back offset is left.
    Contour notch;
    notch.segments = {Segment::line({-20, 0}, {20, 0}),   Segment::line({20, 0}, {20, 10}),
                      Segment::line({20, 10}, {1, 10}),   Segment::quadratic({1, 10}, {0, 6}, {-1, 10}),
                      Segment::line({-1, 10}, {-20, 10}), Segment::line({-20, 10}, {-20, 0})};
    const auto f = measure(made({notch}, 3.0));
    QCOMPARE(f.pieces, std::size_t(1));
    QCOMPARE(f.middles, std::size_t(0));
    QVERIFY(std::abs(f.area - (40 * 10 + 2 * 3 * 50 + kPi * 9)) <
            0.6); // a dent stays over the mouth of the notch
}

void TestOffset::nothingToDo()
{
    QVERIFY(made({}, 1.0).pieces.empty());
    const Paths square{test::rectangle(0, 0, 10, 10)};
    QCOMPARE(measure(made(square, 0.0)).area, 100.0);
}

void TestOffset::badInput()
{
    const auto nan = std::numeric_limits<double>::quiet_NaN();
    const auto square = nested({test::rectangle(0, 0, 10, 10)});
    QCOMPARE(offset(square, nan, kUnit).error().code, ErrorCode::NonFinite);
    QCOMPARE(offset(square, 1e9, kUnit).error().code, ErrorCode::CoordinateOutOfRange);
    CancelSource source;
    source.cancel();
    OffsetOptions options;
    options.cancel = source.token();
    QCOMPARE(offset(square, 1.0, kUnit, options).error().code, ErrorCode::Cancelled);
}

void TestOffset::manyNodesAreTakenInSteps()
{
    // A comb of 120 teeth: more nodes than one step takes. Grown at once and tooth by tooth it is the same.
    std::vector<Point> corners{{0, -5}};
    for (int i = 0; i < 120; ++i)
        corners.insert(corners.end(),
                       {{i * 1.0, 0}, {i * 1.0 + 0.2, 12}, {i * 1.0 + 0.6, 12}, {i * 1.0 + 0.8, 0}});
    corners.push_back({120, -5});
    Contour comb = test::polygon(corners);
    if (comb.signedArea() < 0)
        comb = comb.reversed();
    const auto grown = made({comb}, 9.0);
    QCOMPARE(grown.pieces.size(), std::size_t(1));
    const Box box = bounds(grown);
    QVERIFY(std::abs(box.y1 - 21.0) < 0.01 && std::abs(box.y0 + 14.0) < 0.01);
    // Between the outermost teeth its upper edge is 9 mm above the corners, nowhere lower than above the
    // gaps.
    for (int i = 20; i < 100; ++i) {
        const double y = 12.0 + std::sqrt(81.0 - 0.3 * 0.3); // half of the gap at the tips is 0.3
        QVERIFY(isInk(grown, {i * 1.0 + 0.9, y - 0.02}));
        QVERIFY(!isInk(grown, {i * 1.0 + 0.4, 21.02}));
    }
}

void TestOffset::whatWouldTakeMinutesIsRefused()
{
    std::vector<Contour> rings;
    for (int i = 0; i < 1300; ++i) // each ring is another one
        rings.push_back(transformed(test::circle({i * 3.0, 0}, 1.0 + 1e-4 * i), {1, 0, 0, 1, 0, 0}));
    std::vector<Contour> many;
    for (const auto& ring : rings) {
        Contour fine;
        for (const auto& s : ring.segments)
            for (int k = 0; k < 4; ++k)
                fine.segments.push_back(s.part(k / 4.0, (k + 1) / 4.0));
        many.push_back(fine);
    }
    QCOMPARE(offset(nested(many), 20.0, kUnit).error().code, ErrorCode::TooComplex);
    QVERIFY(offset(nested(many), 0.2, kUnit));
}

INK_TEST_CORE_MAIN(TestOffset)
#include "test_offset.moc"
