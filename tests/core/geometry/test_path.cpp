#include "core/geometry/measure.h"
#include "core/geometry/path.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

using namespace ink;

class TestPath : public QObject
{
    Q_OBJECT
private slots:
    void penClosesAndDropsPoints();
    void penIgnoresAnEmptyContour();
    void mirroringKeepsOuterRingsCounterClockwise();
    void measureCountsPiecesMiddlesAndNodes();
};

void TestPath::penClosesAndDropsPoints()
{
    ContourPen pen;
    pen.moveTo({0, 0});
    pen.lineTo({0, 0}); // a point, not a segment
    pen.lineTo({10, 0});
    pen.quadraticTo({10, 10}, {0, 10});
    pen.moveTo({50, 50}); // closes what was open
    pen.lineTo({60, 50});
    pen.cubicTo({60, 60}, {50, 60}, {50, 50});
    const auto paths = pen.take();
    QCOMPARE(paths.size(), std::size_t(2));
    QCOMPARE(paths[0].segments.size(), std::size_t(3));
    QCOMPARE(paths[0].segments.back().end(), (Point{0, 0}));
    QCOMPARE(paths[1].segments.size(), std::size_t(2));
    QCOMPARE(nodeCount(paths), std::size_t(5));
}

void TestPath::penIgnoresAnEmptyContour()
{
    ContourPen pen;
    pen.moveTo({1, 1});
    pen.close();
    pen.moveTo({2, 2});
    QVERIFY(pen.take().empty());
}

void TestPath::mirroringKeepsOuterRingsCounterClockwise()
{
    Outline outline{{Piece{test::circle({5, 5}, 4), {test::circle({5, 5}, 1, true)}}}};
    const auto mirrored = transformed(outline, {-1, 0, 0, 1, 10, 0});
    QVERIFY(mirrored.pieces[0].outer.signedArea() > 0);
    QVERIFY(mirrored.pieces[0].middles[0].signedArea() < 0);
    QCOMPARE(bounds(mirrored).x0, 1.0);
}

void TestPath::measureCountsPiecesMiddlesAndNodes()
{
    const Outline outline{{Piece{test::rectangle(0, 0, 30, 20), {test::rectangle(5, 5, 10, 10, true)}},
                           Piece{test::rectangle(40, 0, 50, 5), {}}}};
    const auto f = measure(outline);
    QCOMPARE(f.pieces, std::size_t(2));
    QCOMPARE(f.middles, std::size_t(1));
    QCOMPARE(f.nodes, std::size_t(12));
    QCOMPARE(f.area, 600.0 - 25.0 + 50.0);
    QCOMPARE(f.cut_length, 100.0 + 20.0 + 30.0);
    QCOMPARE(f.box.width(), 50.0);
    QCOMPARE(f.box.height(), 20.0);
}

INK_TEST_CORE_MAIN(TestPath)
#include "test_path.moc"
