#include "core/geometry/medial_axis.h"

#include "core/geometry/nesting.h"
#include "core/geometry/offset.h"
#include "core/geometry/weld.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

#include <cmath>
#include <numbers>
#include <random>

using namespace ink;
using test::circle;
using test::polygon;
using test::rectangle;

namespace {

constexpr double kU = 0.06; // letters about 60 mm high

MedialAxis axisOf(const Paths& paths)
{
    const auto welded = weld(std::vector<Paths>{paths}, Unit{kU});
    if (!welded)
        qFatal("%s", welded.error().message().c_str());
    auto axis = medialAxis(welded->outline, Unit{kU});
    if (!axis)
        qFatal("%s", axis.error().message().c_str());
    return *axis;
}

double strokeOf(const Paths& paths)
{
    const auto place = axisOf(paths).thinnest_stroke;
    return place ? place->width : -1.0;
}

double gapOf(const Paths& paths)
{
    const auto place = axisOf(paths).narrowest_gap;
    return place ? place->width : -1.0;
}

Contour turned(const Contour& contour, double degrees)
{
    const double r = degrees * std::numbers::pi / 180;
    return transformed(contour, Affine{std::cos(r), std::sin(r), -std::sin(r), std::cos(r), 3, 5});
}

/// 1 % or 0.01 mm, whichever is more: what the marks promise.
bool isNear(double found, double exact)
{
    return std::abs(found - exact) <= std::max(0.01, 0.01 * exact);
}

} // namespace

/// Against shapes whose narrowest place is known exactly.
class TestMedialAxis : public QObject
{
    Q_OBJECT
private slots:
    void nothingHasNoWidth();
    void barsInAnyDirection_data();
    void barsInAnyDirection();
    void slotsInAnyDirection_data() { barsInAnyDirection_data(); }
    void slotsInAnyDirection();
    void ringsAreAsThickAsTheirRadiiDiffer_data();
    void ringsAreAsThickAsTheirRadiiDiffer();
    void theGapBetweenCirclesIsTheirDistance();
    void aDumbBellIsAsThinAsItsHandle();
    void aNeckBetweenTwoNotchesIsFound();
    void aWedgeIsMeasuredWhereItEnds_data();
    void aWedgeIsMeasuredWhereItEnds();
    void aPointedEndIsNoStroke();
    void cornersAreNoStrokes();
    void thePlaceTouchesBothSides();
    void thinLengthCountsPointedEndsToo();
    void badNumbersAreRefused();
    void workCanBeCancelled();
};

void TestMedialAxis::nothingHasNoWidth()
{
    const auto axis = medialAxis({}, Unit{1.0});
    QVERIFY(axis);
    QVERIFY(!axis->thinnest_stroke);
    QVERIFY(!axis->narrowest_gap);
}

void TestMedialAxis::barsInAnyDirection_data()
{
    QTest::addColumn<double>("width");
    QTest::addColumn<double>("degrees");
    for (const double width : {0.05, 0.4, 1.0, 7.3})
        for (const double degrees : {0.0, 17.0, 45.0, 90.0, 133.7})
            QTest::addRow("%.2f mm, %.1f degrees", width, degrees) << width << degrees;
}

void TestMedialAxis::barsInAnyDirection()
{
    QFETCH(double, width);
    QFETCH(double, degrees);
    const Paths bar{turned(rectangle(0, 0, 40, width), degrees)};
    QVERIFY2(isNear(strokeOf(bar), width), qPrintable(QString::number(strokeOf(bar))));
    QVERIFY(!axisOf(bar).narrowest_gap);
}

void TestMedialAxis::slotsInAnyDirection()
{
    QFETCH(double, width);
    QFETCH(double, degrees);
    // A plate with a slot: the slot is a gap, the plate around it is 20 mm wide and more.
    const Paths plate{rectangle(-60, -60, 60, 60), turned(rectangle(0, 0, 30, width, true), degrees)};
    QVERIFY2(isNear(gapOf(plate), width), qPrintable(QString::number(gapOf(plate))));
}

void TestMedialAxis::ringsAreAsThickAsTheirRadiiDiffer_data()
{
    QTest::addColumn<double>("outer");
    QTest::addColumn<double>("inner");
    QTest::addColumn<double>("shift");
    QTest::addRow("thin") << 20.0 << 19.8 << 0.0;
    QTest::addRow("thick") << 20.0 << 5.0 << 0.0;
    QTest::addRow("eccentric") << 20.0 << 15.0 << 3.0;
    QTest::addRow("nearly open") << 20.0 << 15.0 << 4.9;
}

void TestMedialAxis::ringsAreAsThickAsTheirRadiiDiffer()
{
    QFETCH(double, outer);
    QFETCH(double, inner);
    QFETCH(double, shift);
    // The circles of four cubics stand out by up to 0.03 % of their radius.
    const Paths ring{circle({0, 0}, outer), circle({shift, 0}, inner, true)};
    QVERIFY2(isNear(strokeOf(ring), outer - inner - shift), qPrintable(QString::number(strokeOf(ring))));
    QVERIFY2(isNear(gapOf(ring), 2 * inner), qPrintable(QString::number(gapOf(ring))));
}

void TestMedialAxis::theGapBetweenCirclesIsTheirDistance()
{
    for (const double gap : {0.1, 0.5, 2.0}) {
        const Paths two{circle({0, 0}, 6),
                        circle({std::cos(0.7) * (14 + gap), std::sin(0.7) * (14 + gap)}, 8)};
        QVERIFY2(isNear(gapOf(two), gap), qPrintable(QString::number(gapOf(two))));
        QVERIFY2(isNear(strokeOf(two), 12), qPrintable(QString::number(strokeOf(two))));
    }
}

void TestMedialAxis::aDumbBellIsAsThinAsItsHandle()
{
    const Paths bell{circle({0, 0}, 8), circle({40, 0}, 8), rectangle(0, -0.35, 40, 0.35)};
    const auto place = axisOf(bell).thinnest_stroke;
    QVERIFY(place);
    QVERIFY2(isNear(place->width, 0.7), qPrintable(QString::number(place->width)));
    QVERIFY(place->centre.x > 7 && place->centre.x < 33 && std::abs(place->centre.y) < 0.01);
}

void TestMedialAxis::aNeckBetweenTwoNotchesIsFound()
{
    const Paths bar{polygon(
        {{0, 0}, {18, 0}, {20, 3.9}, {22, 0}, {40, 0}, {40, 10}, {25, 10}, {21, 4.7}, {17, 10}, {0, 10}})};
    const double exact = std::hypot(1.0, 0.8); // between the tips of the notches
    QVERIFY2(isNear(strokeOf(bar), exact), qPrintable(QString::number(strokeOf(bar))));
}

void TestMedialAxis::aWedgeIsMeasuredWhereItEnds_data()
{
    QTest::addColumn<double>("end");
    QTest::addColumn<double>("half_angle");
    for (const double end : {0.2, 1.0, 3.0})
        for (const double half_angle : {1.0, 5.0, 12.0})
            QTest::addRow("%.1f mm, %.0f degrees", end, 2 * half_angle) << end << half_angle;
}

void TestMedialAxis::aWedgeIsMeasuredWhereItEnds()
{
    QFETCH(double, end);
    QFETCH(double, half_angle);
    const double a = half_angle * std::numbers::pi / 180;
    const double wide = end + 2 * 30 * std::tan(a);
    const Paths wedge{polygon({{0, -end / 2}, {30, -wide / 2}, {30, wide / 2}, {0, end / 2}})};
    // The last circle between the sides touches the end too: r = (end / 2 + r tan a) cos a.
    const double exact = 2 * (end / 2) * std::cos(a) / (1 - std::sin(a));
    QVERIFY2(isNear(strokeOf(wedge), exact),
             qPrintable(QString("%1, not %2").arg(strokeOf(wedge)).arg(exact)));
}

void TestMedialAxis::aPointedEndIsNoStroke()
{
    // A bar of 4 mm that runs out to a point of 11 degrees: 4 mm, not nothing.
    const Paths pencil{polygon({{0, 0}, {30, 0}, {50, 2}, {30, 4}, {0, 4}})};
    QVERIFY2(isNear(strokeOf(pencil), 4.0), qPrintable(QString::number(strokeOf(pencil))));
    // The inner corner of a V is no gap either.
    const Paths vee{polygon({{0, 0}, {4, 0}, {12, 40}, {8, 40}, {2, 6}, {-4, 40}, {-8, 40}})};
    QVERIFY(!axisOf(vee).narrowest_gap || gapOf(vee) > 3.0);
}

void TestMedialAxis::cornersAreNoStrokes()
{
    for (int corners = 3; corners <= 12; ++corners) {
        std::vector<Point> points;
        for (int i = 0; i < corners; ++i)
            points.push_back({20 * std::cos(2 * std::numbers::pi * i / corners),
                              20 * std::sin(2 * std::numbers::pi * i / corners)});
        const double width = strokeOf({polygon(points)});
        const double inscribed = 40 * std::cos(std::numbers::pi / corners);
        QVERIFY2(width < 0 || width > inscribed * 0.98,
                 qPrintable(QString("%1 corners: %2").arg(corners).arg(width)));
    }
}

void TestMedialAxis::thePlaceTouchesBothSides()
{
    std::mt19937 random(7);
    std::uniform_real_distribution<double> at(0, 40), wide(0.3, 4);
    for (int i = 0; i < 60; ++i) {
        Paths bars;
        for (int k = 0; k < 3; ++k)
            bars.push_back(turned(rectangle(0, 0, 30, wide(random)), at(random) * 9));
        const auto welded = weld(std::vector<Paths>{bars}, Unit{kU});
        QVERIFY(welded);
        const auto axis = medialAxis(welded->outline, Unit{kU});
        QVERIFY(axis);
        for (const auto* list : {&axis->strokes, &axis->gaps})
            for (const auto& s : *list) {
                const auto& n = s.narrowest;
                QVERIFY(std::abs(length(n.a - n.centre) - n.width / 2) < 0.01);
                QVERIFY(std::abs(length(n.b - n.centre) - n.width / 2) < 0.01);
                if (n.width > 0.05)
                    QCOMPARE(isInk(welded->outline, n.centre), list == &axis->strokes);
            }
    }
}

void TestMedialAxis::thinLengthCountsPointedEndsToo()
{
    const Paths pencil{polygon({{0, 0}, {30, 0}, {50, 2}, {30, 4}, {0, 4}})};
    const auto axis = axisOf(pencil);
    // The point is 4 mm wide where the bar begins, 20 mm from its end; its axis starts a little further in.
    QVERIFY2(std::abs(axis.thinLength(1.0) - 5.0) < 0.1, qPrintable(QString::number(axis.thinLength(1.0))));
    QCOMPARE(axisOf({rectangle(0, 0, 40, 4)}).thinLength(1.0), 0.0);
    QVERIFY(axisOf({rectangle(0, 0, 40, 0.4)}).thinLength(1.0) > 39.0);
}

void TestMedialAxis::badNumbersAreRefused()
{
    Outline outline{{{rectangle(0, 0, NAN, 3), {}}}};
    const auto axis = medialAxis(outline, Unit{1.0});
    QVERIFY(!axis);
    QCOMPARE(axis.error().code, ErrorCode::NonFinite);
}

void TestMedialAxis::workCanBeCancelled()
{
    CancelSource source;
    source.cancel();
    const auto axis = medialAxis(nested({rectangle(0, 0, 5, 3)}), Unit{1.0}, source.token());
    QVERIFY(!axis);
    QCOMPARE(axis.error().code, ErrorCode::Cancelled);
}

INK_TEST_CORE_MAIN(TestMedialAxis)
#include "test_medial_axis.moc"
