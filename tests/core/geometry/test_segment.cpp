#include "core/geometry/flatten.h"
#include "core/geometry/path.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

#include <numbers>

using namespace ink;

namespace {
constexpr double kPi = std::numbers::pi;

bool near(double a, double b, double tolerance)
{
    return std::abs(a - b) <= tolerance;
}

const Segment kCubic = Segment::cubic({0, 0}, {120, 300}, {-80, 260}, {200, 40});
const Segment kQuadratic = Segment::quadratic({10, -5}, {90, 220}, {180, 30});
} // namespace

class TestSegment : public QObject
{
    Q_OBJECT
private slots:
    void partIsTheSameCurve_data();
    void partIsTheSameCurve();
    void areaTermIsExact();
    void circleAreaAndLength();
    void boundsTouchTheCurve();
    void arcLengthOfAParabola();
    void movedEndsKeepTheirHandles();
    void tangentsSkipCollapsedHandles();
    void flatteningStaysWithinTolerance_data();
    void flatteningStaysWithinTolerance();
};

void TestSegment::partIsTheSameCurve_data()
{
    QTest::addColumn<double>("t0");
    QTest::addColumn<double>("t1");
    QTest::newRow("middle") << 0.2 << 0.7;
    QTest::newRow("backwards") << 0.9 << 0.1;
    QTest::newRow("all") << 0.0 << 1.0;
    QTest::newRow("reversed") << 1.0 << 0.0;
}

void TestSegment::partIsTheSameCurve()
{
    QFETCH(double, t0);
    QFETCH(double, t1);
    for (const auto& s : {kCubic, kQuadratic, Segment::line({1, 2}, {7, -3})}) {
        const auto part = s.part(t0, t1);
        QCOMPARE(part.kind, s.kind);
        for (double k = 0; k <= 1.0; k += 0.125)
            QVERIFY(length(part.pointAt(k) - s.pointAt(t0 + (t1 - t0) * k)) < 1e-9);
    }
}

void TestSegment::areaTermIsExact()
{
    for (const auto& s : {kCubic, kQuadratic}) {
        double sum = 0; // Simpson's rule is exact for the degree at hand once the steps are fine
        const int n = 2000;
        for (int i = 0; i < n; ++i) {
            const auto f = [&](double t) { return cross(s.pointAt(t), s.derivativeAt(t)) / 2; };
            const double a = double(i) / n, b = double(i + 1) / n;
            sum += (b - a) / 6 * (f(a) + 4 * f((a + b) / 2) + f(b));
        }
        QVERIFY(near(s.areaTerm(), sum, 1e-6));
    }
}

void TestSegment::circleAreaAndLength()
{
    const auto circle = test::circle({500, -200}, 100);
    QVERIFY(near(circle.signedArea(), kPi * 1e4, 0.0006 * kPi * 1e4));
    QVERIFY(near(circle.arcLength(), 2 * kPi * 100, 0.0003 * 2 * kPi * 100));
    QVERIFY(near(circle.reversed().signedArea(), -circle.signedArea(), 1e-9));
}

void TestSegment::boundsTouchTheCurve()
{
    for (const auto& s : {kCubic, kQuadratic}) {
        Box sampled;
        for (int i = 0; i <= 20000; ++i)
            sampled.add(s.pointAt(i / 20000.0));
        const Box box = s.bounds();
        QVERIFY(near(box.x0, sampled.x0, 1e-4) && near(box.x1, sampled.x1, 1e-4));
        QVERIFY(near(box.y0, sampled.y0, 1e-4) && near(box.y1, sampled.y1, 1e-4));
    }
}

void TestSegment::arcLengthOfAParabola()
{
    // y = x^2 for x in [0, 1] has length sqrt(5)/2 + asinh(2)/4 (any calculus text).
    const auto parabola = Segment::quadratic({0, 0}, {0.5, 0}, {1, 1});
    QVERIFY(near(parabola.arcLength(), std::sqrt(5.0) / 2 + std::asinh(2.0) / 4, 1e-7));
}

void TestSegment::movedEndsKeepTheirHandles()
{
    const auto moved = kCubic.withEnds({1, 1}, {200, 42});
    QCOMPARE(moved.start(), (Point{1, 1}));
    QCOMPARE(moved.end(), (Point{200, 42}));
    QVERIFY(length(moved.startTangent() - kCubic.startTangent()) < 1e-12);
    QVERIFY(length(moved.endTangent() - kCubic.endTangent()) < 1e-12);
}

void TestSegment::tangentsSkipCollapsedHandles()
{
    const auto s = Segment::cubic({0, 0}, {0, 0}, {10, 0}, {10, 0});
    QCOMPARE(s.startTangent(), (Point{10, 0}));
    QCOMPARE(s.endTangent(), (Point{10, 0}));
}

void TestSegment::flatteningStaysWithinTolerance_data()
{
    QTest::addColumn<double>("tolerance");
    QTest::newRow("coarse") << 2.0;
    QTest::newRow("usual") << 0.25;
    QTest::newRow("fine") << 0.001;
}

void TestSegment::flatteningStaysWithinTolerance()
{
    QFETCH(double, tolerance);
    for (const auto& s : {kCubic, kQuadratic}) {
        const int n = chordCount(s, tolerance);
        double worst = 0;
        for (int i = 0; i < n; ++i) {
            const Point a = s.pointAt(double(i) / n), b = s.pointAt(double(i + 1) / n);
            for (double k = 0.1; k < 1; k += 0.1)
                worst = std::max(worst, std::abs(cross(b - a, s.pointAt((i + k) / n) - a)) / length(b - a));
        }
        QVERIFY2(worst <= tolerance, qPrintable(QString::number(worst)));
        QVERIFY(worst > tolerance / 20); // and not many times more chords than needed
    }
}

INK_TEST_CORE_MAIN(TestSegment)
#include "test_segment.moc"
