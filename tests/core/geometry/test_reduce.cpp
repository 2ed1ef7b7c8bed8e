#include "core/geometry/reduce.h"

#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/geometry/validity.h"
#include "tests/support/environment.h"
#include "tests/support/oracle.h"
#include "tests/support/shapes.h"

#include <cmath>

using namespace ink;

namespace {

Reduction made(const Outline& outline, double tolerance)
{
    auto result = reduceNodes(outline, Unit::ofEm(20.0), {tolerance, {}});
    if (!result)
        qFatal("%s", result.error().message().c_str());
    return *result;
}

/// A ring cut into many pieces without changing its shape.
Contour cut(const Contour& ring, int pieces)
{
    Contour out;
    for (const auto& s : ring.segments)
        for (int i = 0; i < pieces; ++i)
            out.segments.push_back(s.part(double(i) / pieces, double(i + 1) / pieces));
    for (std::size_t i = 0; i < out.segments.size(); ++i) {
        auto& s = out.segments[i];
        s = s.withEnds(s.start(), out.segments[(i + 1) % out.segments.size()].start());
    }
    return out;
}

/// A circle of 48 short curves.
Contour wobbly(Point centre, double radius)
{
    Contour out;
    for (const auto& s : test::circle(centre, radius).segments)
        for (int k = 0; k < 12; ++k)
            out.segments.push_back(s.part(k / 12.0, (k + 1) / 12.0));
    return out;
}

} // namespace

class TestReduce : public QObject
{
    Q_OBJECT
private slots:
    void ringsThatCrossedBeforeDoNotHoldItUp();
    void cutsAreUndone();
    void theToleranceHolds_data();
    void theToleranceHolds();
    void cornersStay();
    void kinksGoWhereTheyMay();
    void linesStayStraight();
    void theSizeStays();
    void looserIsFewer();
    void nothingCrosses();
    void nothingToDo();
    void canBeCancelled();
};

void TestReduce::cutsAreUndone()
{
    const auto whole = nested({test::circle({0, 0}, 10)});
    const auto in_pieces = nested({cut(whole.pieces.front().outer, 6)});
    const auto result = made(in_pieces, 0.01);
    QCOMPARE(result.nodes_before, std::size_t(24));
    QCOMPARE(result.nodes_after, std::size_t(4)); // the four that carry the size
    QVERIFY(result.largest_deviation < 0.01);
    QVERIFY(std::abs(measure(result.outline).area - measure(whole).area) < 0.3);
}

void TestReduce::theToleranceHolds_data()
{
    QTest::addColumn<double>("tolerance");
    for (const double t : {0.005, 0.02, 0.1})
        QTest::newRow(qPrintable(QString::number(t))) << t;
}

void TestReduce::theToleranceHolds()
{
    QFETCH(double, tolerance);
    Contour wavy; // smooth, with far more nodes than it needs
    std::vector<Point> points;
    for (int i = 0; i < 120; ++i) {
        const double a = i * 2 * 3.14159265358979 / 120;
        points.push_back(
            {(20 + 3 * std::sin(5 * a)) * std::cos(a), (20 + 3 * std::sin(5 * a)) * std::sin(a)});
    }
    for (std::size_t i = 0; i < points.size(); ++i) { // Catmull-Rom handles
        const auto at = [&](std::size_t k) { return points[k % points.size()]; };
        wavy.segments.push_back(Segment::cubic(at(i), at(i) + (at(i + 1) - at(i + 119)) * (1.0 / 6),
                                               at(i + 1) - (at(i + 2) - at(i)) * (1.0 / 6), at(i + 1)));
    }
    const auto before = nested({wavy});
    const auto result = made(before, tolerance);
    QVERIFY(result.nodes_after < result.nodes_before / 2);
    // Both ways, on points of our own.
    const double there = test::deviation({toPaths(before)}, result.outline, 40);
    const double back = test::deviation({toPaths(result.outline)}, before, 40);
    QVERIFY2(there <= tolerance + 0.002 && back <= tolerance + 0.002,
             qPrintable(QString::number(std::max(there, back))));
    QVERIFY(result.largest_deviation <= tolerance);
    QVERIFY(result.largest_deviation > 0.3 * std::max(there, back));
}

void TestReduce::cornersStay()
{
    Contour leaf;
    leaf.segments = {Segment::cubic({0, 0}, {10, -8}, {20, -8}, {30, 0}),
                     Segment::cubic({30, 0}, {20, 8}, {10, 8}, {0, 0})};
    const auto result = made(nested({cut(leaf, 5)}), 0.01);
    bool left = false, right = false;
    for (std::size_t i = 0; i < result.outline.pieces.front().outer.segments.size(); ++i) {
        const auto& ring = result.outline.pieces.front().outer;
        const Point p = ring.segments[i].start();
        left = left || (p == Point{0, 0} && nodeKind(ring, i) == NodeKind::Corner);
        right = right || (p == Point{30, 0} && nodeKind(ring, i) == NodeKind::Corner);
    }
    QVERIFY(left && right);
    QVERIFY(result.nodes_after <= 4);
}

void TestReduce::kinksGoWhereTheyMay()
{
    // A lens whose upper edge turns by 11.4 degrees half way.
    Contour lens;
    lens.segments = {Segment::cubic({0, 0}, {7, -6}, {13, -6}, {20, 0}),
                     Segment::cubic({20, 0}, {17, -0.3}, {13, -0.7}, {10, -1}),
                     Segment::cubic({10, -1}, {7, -0.7}, {3, -0.3}, {0, 0})};
    const auto nodes = [&](double tolerance, double corner_deg) {
        const auto made = reduceNodes(nested({lens}), Unit::ofEm(20.0), {tolerance, {}, {}, corner_deg});
        if (!made || made->largest_deviation > tolerance)
            qFatal("not reduced, or too far");
        return made->nodes_after;
    };
    QCOMPARE(nodes(0.5, kSmooth_deg), std::size_t(3));
    QCOMPARE(nodes(0.5, 20.0), std::size_t(2)); // the two ends are corners of more
    QCOMPARE(nodes(0.01, 20.0), std::size_t(3));
}

void TestReduce::linesStayStraight()
{
    // A stadium: lines run smoothly into arcs, and stay lines.
    Contour stadium;
    const double k = 5 * 0.5522847498;
    stadium.segments = {Segment::line({0, 0}, {20, 0}),
                        Segment::cubic({20, 0}, {20 + k, 0}, {25, 5 - k}, {25, 5}),
                        Segment::cubic({25, 5}, {25, 5 + k}, {20 + k, 10}, {20, 10}),
                        Segment::line({20, 10}, {0, 10}),
                        Segment::cubic({0, 10}, {-k, 10}, {-5, 5 + k}, {-5, 5}),
                        Segment::cubic({-5, 5}, {-5, 5 - k}, {-k, 0}, {0, 0})};
    const auto result = made(nested({stadium}), 0.05);
    std::size_t lines = 0;
    for (const auto& s : result.outline.pieces.front().outer.segments)
        lines += s.kind == SegmentKind::Line;
    QCOMPARE(lines, std::size_t(2));
}

void TestReduce::theSizeStays()
{
    const auto before = nested({cut(test::circle({3, 4}, 10), 7), cut(test::circle({3, 4}, 6, true), 7)});
    const auto after = made(before, 0.3).outline;
    const Box a = bounds(before), b = bounds(after);
    QVERIFY(std::abs(a.x0 - b.x0) < 1e-9 && std::abs(a.x1 - b.x1) < 1e-9);
    QVERIFY(std::abs(a.y0 - b.y0) < 1e-9 && std::abs(a.y1 - b.y1) < 1e-9);
}

void TestReduce::looserIsFewer()
{
    const auto before = nested({cut(test::circle({0, 0}, 10), 9), cut(test::circle({0, 0}, 7, true), 9)});
    std::size_t last = measure(before).nodes + 1;
    for (const double t : {0.0001, 0.001, 0.01, 0.1}) {
        const auto n = made(before, t).nodes_after;
        QVERIFY(n <= last);
        last = n;
    }
    QVERIFY(last < 20);
}

void TestReduce::nothingCrosses()
{
    // Two rings 0.05 apart and a tolerance of 0.5: reduced each on its own they would cross.
    const auto before = nested({cut(test::circle({0, 0}, 10), 8), cut(test::circle({0, 0}, 9.95, true), 8)});
    const auto result = made(before, 0.5);
    QVERIFY(validityOf(result.outline, 0.02).isValid(0.002));
}

void TestReduce::nothingToDo()
{
    const auto square = nested({test::rectangle(0, 0, 10, 10)});
    const auto result = made(square, 1.0);
    QCOMPARE(result.nodes_after, std::size_t(4));
    QCOMPARE(result.largest_deviation, 0.0);
    QVERIFY(made({}, 1.0).outline.pieces.empty());
}

void TestReduce::canBeCancelled()
{
    CancelSource source;
    source.cancel();
    QCOMPARE(
        reduceNodes(nested({test::circle({0, 0}, 10)}), Unit::ofEm(20.0), {0.1, source.token()}).error().code,
        ErrorCode::Cancelled);
}

void TestReduce::ringsThatCrossedBeforeDoNotHoldItUp()
{
    // Letters that are kept apart lie over each other: that is no reason to go on for ever, or to leave the
    // others.
    Outline outline = nested({wobbly({0, 0}, 10), wobbly({60, 0}, 10)});
    outline.pieces.push_back({wobbly({8, 0}, 10), {}});
    const auto result = reduceNodes(outline, Unit::ofEm(20.0), {0.3, {}});
    QVERIFY(result);
    QVERIFY(!result->is_everywhere);
    QVERIFY(result->nodes_after < result->nodes_before);
}

INK_TEST_CORE_MAIN(TestReduce)
#include "test_reduce.moc"
