// Ragged stretches of mended edges, made up by hand.
#include "core/geometry/boolean.h"
#include "core/geometry/box.h"
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/geometry/validity.h"
#include "core/proof/teeth.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

#include <algorithm>

using namespace ink;

namespace {

constexpr Unit kUnit = Unit::ofEm(20.0);
constexpr double kWidth = 0.5;

Outline outlineOf(const std::vector<Point>& corners)
{
    Contour ring;
    for (std::size_t i = 0; i < corners.size(); ++i)
        ring.segments.push_back(Segment::line(corners[i], corners[(i + 1) % corners.size()]));
    return {{{ring, {}}}};
}

const std::vector<Point> kPlate{{0, 0}, {10, 0}, {10, 4}, {0, 4}};

/// The plate with teeth on its upper edge, each `deep` and as long, from x = 6 to 5.
std::vector<Point> toothed(double deep, double upper = 4.0)
{
    std::vector<Point> out{{0, 0}, {10, 0}, {10, upper}};
    for (double x = 6.0; x > 5.0; x -= deep) {
        out.push_back({x, upper});
        out.push_back({x - 0.4 * deep, upper - deep});
    }
    out.push_back({5.0, upper});
    out.push_back({0, upper});
    return out;
}

Outline evenOf(const Outline& drawn, const Outline& mended)
{
    const Box all = grownBy(bounds(mended), 1.0);
    auto even = withoutTeeth(drawn, mended, std::span(&all, 1), kWidth, kUnit, {});
    if (!even)
        qFatal("%s", even.error().message().c_str());
    if (const auto judged = validityOf(*even, kUnit.u); !judged.isValid(0.05 * kUnit.u))
        qFatal("%s", judged.inWords().c_str());
    return *even;
}

} // namespace

class TestTeeth : public QObject
{
    Q_OBJECT
private slots:
    void teethBecomeAnEdge();
    void whatWasDrawnStays();
    void whatIsLargeStays();
    void nothingIsRunOver_data();
    void nothingIsRunOver();
};

void TestTeeth::teethBecomeAnEdge()
{
    const Outline drawn = outlineOf(kPlate), mended = outlineOf(toothed(0.04));
    QVERIFY(nodeCount(toPaths(mended)) > 50);
    const Outline even = evenOf(drawn, mended);
    QVERIFY2(nodeCount(toPaths(even)) <= 10, qPrintable(QString::number(nodeCount(toPaths(even)))));
    // The mean of the teeth: half of each is filled, half of it goes.
    QVERIFY(std::abs(measure(even).area - measure(mended).area) < 0.02);
    const auto moved = combine(mended, even, BooleanOp::Subtract, kUnit);
    QVERIFY(moved);
    for (const auto& piece : moved->pieces)
        QVERIFY(piece.outer.bounds().y0 > 4.0 - 0.08 * kWidth);
    // The sides without teeth are the drawn ones, to the bit.
    const auto& ring = even.pieces[0].outer.segments;
    for (const std::size_t side : {0u, 1u, 3u})
        QVERIFY(std::ranges::find(ring, drawn.pieces[0].outer.segments[side]) != ring.end());
}

void TestTeeth::whatWasDrawnStays()
{
    const Outline lace = outlineOf(toothed(0.04));
    QCOMPARE(evenOf(lace, lace), lace);
}

void TestTeeth::whatIsLargeStays()
{
    const Outline steps = outlineOf(toothed(0.5 * kWidth));
    QCOMPARE(evenOf(outlineOf(kPlate), steps), steps);
}

void TestTeeth::nothingIsRunOver_data()
{
    QTest::addColumn<double>("low");
    QTest::addRow("the edge would cut it") << 3.971;
    QTest::addRow("the edge would run round it") << 3.964;
}

void TestTeeth::nothingIsRunOver()
{
    QFETCH(double, low);
    // A speck in the first notch, which is there from 3.96 to 4.
    const Outline speck = outlineOf({{5.984, low}, {5.986, low + 0.011}, {5.981, low + 0.011}});
    Outline drawn = outlineOf(kPlate), mended = outlineOf(toothed(0.04));
    drawn.pieces.push_back(speck.pieces[0]);
    mended.pieces.push_back(speck.pieces[0]);
    const Outline even = evenOf(drawn, mended);
    QCOMPARE(even.pieces.size(), 2u);
    QVERIFY(nodeCount(toPaths(even)) > 50);
}

INK_TEST_CORE_MAIN(TestTeeth)
#include "test_teeth.moc"
