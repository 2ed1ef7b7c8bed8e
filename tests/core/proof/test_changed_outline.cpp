// An outline that is changed in one place: what stays.
#include "core/geometry/box.h"
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/geometry/validity.h"
#include "core/proof/changed_outline.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

#include <numbers>

using namespace ink;

namespace {

constexpr Unit kUnit = Unit::ofEm(20.0);

Outline changed(const Outline& drawn, const Outline& change)
{
    const Box box = grownBy(bounds(change), kUnit.u);
    auto made = changedBy(drawn, change, std::span(&box, 1), BooleanOp::Union, kUnit, {});
    if (!made)
        qFatal("%s", made.error().message().c_str());
    if (const auto judged = validityOf(*made, kUnit.u); !judged.isValid(0.05 * kUnit.u))
        qFatal("%s", judged.inWords().c_str());
    return *made;
}

/// At 45 degrees of a circle of 10 about the origin, half way between two of its nodes.
Outline discOnEdge(double beyond, double radius)
{
    const double at = (10.0 + beyond - radius) * std::numbers::sqrt2 / 2.0;
    return nested({test::circle({at, at}, radius)});
}

} // namespace

class TestChangedOutline : public QObject
{
    Q_OBJECT
private slots:
    void curvesThatAreNotCutStay();
    void whatReachesOutOfTheChangeStays();
};

void TestChangedOutline::curvesThatAreNotCutStay()
{
    const Outline drawn = nested({test::circle({0, 0}, 10), test::circle({40, 0}, 3)});
    const Outline after = changed(drawn, discOnEdge(1.0, 2.0));
    const auto isDrawn = drawnSegments(drawn);
    std::size_t stay = 0;
    for (const auto& ring : toPaths(after))
        stay += static_cast<std::size_t>(std::ranges::count_if(ring.segments, isDrawn));
    QCOMPARE(stay, std::size_t(3 + 4)); // one of eight is cut
}

/// What is left of a curve that was cut leads out of the change: it is not bent to save a node, though a single curve could stand for
/// all of it within what is allowed.
void TestChangedOutline::whatReachesOutOfTheChangeStays()
{
    const Outline drawn = nested({test::circle({0, 0}, 10)});
    const Outline bump = discOnEdge(0.4 * kUnit.u, 1.0);
    const Outline after = changed(drawn, bump);
    const Contour& ring = after.pieces.front().outer;
    const Box box = grownBy(bounds(bump), kUnit.u);
    const Segment quarter = drawn.pieces.front().outer.segments.front();
    std::size_t remainders = 0;
    for (const auto& s : ring.segments) {
        if (s.start() != quarter.start() && s.end() != quarter.end())
            continue;
        if (distanceTo(box, s.start()) > 0.0 && distanceTo(box, s.end()) > 0.0)
            continue; // the quarters beside it
        ++remainders;
        const Point p = s.pointAt(s.start() == quarter.start() ? 0.3 : 0.7);
        QVERIFY(distanceTo(box, p) > 0.0);
        // A circle of four cubics is itself off by up to 0.0027 of ten; where it is, so is what is left of it.
        double nearest = 1.0;
        for (int k = 0; k <= 20000; ++k)
            nearest = std::min(nearest, length(quarter.pointAt(k / 20000.0) - p));
        QVERIFY2(nearest < 0.05 * kUnit.u, qPrintable(QString::number(nearest / kUnit.u)));
    }
    QCOMPARE(remainders, std::size_t(2));
}

INK_TEST_CORE_MAIN(TestChangedOutline)
#include "test_changed_outline.moc"
