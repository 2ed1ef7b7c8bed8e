// Every mending on a shape whose answer is known.
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/geometry/validity.h"
#include "core/geometry/weld.h"
#include "core/proof/mending.h"
#include "core/proof/weeding.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

#include <cmath>
#include <iterator>

using namespace ink;

namespace {

constexpr Unit kUnit = Unit::ofEm(20.0); // letters of 20 mm

Contour boxAt(double x0, double y0, double x1, double y1)
{
    return test::polygon({{x0, y0}, {x1, y0}, {x1, y1}, {x0, y1}});
}

Outline welded(const Paths& shapes)
{
    auto made = weld(std::vector<Paths>{shapes}, kUnit);
    if (!made)
        qFatal("%s", made.error().message().c_str());
    return std::move(made->outline);
}

MendingRequest request()
{
    MendingRequest r;
    r.unit = kUnit;
    r.limits = {1.0, 0.5, 0.5, 2.0, 1.0, 2.0};
    return r;
}

Mended mended(const Outline& outline, std::vector<PlacedMending> mendings,
              const MendingRequest& how = request())
{
    auto made = mend(outline, mendings, how);
    if (!made)
        qFatal("%s", made.error().message().c_str());
    if (const auto judged = validityOf(made->outline_mm, kUnit.u); !judged.isValid(0.05 * kUnit.u))
        qFatal("%s", judged.inWords().c_str());
    return std::move(*made);
}

std::size_t middlesOf(const Outline& outline)
{
    std::size_t n = 0;
    for (const auto& piece : outline.pieces)
        n += piece.middles.size();
    return n;
}

double areaOf(const Outline& outline)
{
    return measure(outline).area;
}

std::size_t count(const std::vector<Mended::Done>& done, FindingKind kind)
{
    return static_cast<std::size_t>(
        std::ranges::count_if(done, [&](const auto& d) { return d.finding.kind == kind; }));
}

/// 10 x 10 with a square middle of that side.
Paths frame(double side)
{
    const double a = 5 - side / 2, b = 5 + side / 2;
    return {boxAt(0, 0, 10, 10), boxAt(a, a, b, b).reversed()};
}

} // namespace

class TestMending : public QObject
{
    Q_OBJECT
private slots:
    void specksAreLeftOutEnlargedOrTied();
    void smallMiddlesAreFilledOrEnlarged();
    void pointsAreBluntedAndGrowNoLonger();
    void onlyThePlaceIsMended();
    void whatIsLeftIsNotTouched();
    void conflictsAreSaid();
    void aRuleForFinerWorkHasNotFailed();
    void piecesAreTiedByOneBridge();
    void aBarCarriesTheLetters();
    void aPlateGrowsUntilAllIsOne();
    void islandsAreTied();
    void bridgesFollowTheHand();
    void whatHangsByAThreadIsPartedOrThickened();
    void whatTouchesInAPointIsJoinedOrParted();
    void piecesThatTouchAreTied();
    void paperThatHangsByPointsIsTied();
    void mendedTwiceIsMendedOnce();
    void nothingToMendChangesNothing();
    void wordsFarApartAreMendedByThemselves();
    void lettersFarApartInOrderStayToTheBit();
    void aStrokeLongerThanTheWordsIsNoMending();
    void outlinedPartsThatNearlyTouchStayApart();
    void tinyMiddlesOutlastThickStrokes();
    void nonsenseIsRefused();
    void weedingIsToldByItsRule();
    void framesStandOffTheWords();
};

void TestMending::specksAreLeftOutEnlargedOrTied()
{
    const auto outline = welded({boxAt(0, 0, 10, 10), boxAt(12, 4, 13.1, 5)});
    const auto gone = mended(outline, {{MendingKind::LeaveOut, 2.0}});
    QCOMPARE(gone.outline_mm.pieces.size(), std::size_t(1));
    QCOMPARE(count(gone.done, FindingKind::Speck), std::size_t(1));
    QCOMPARE(areaOf(gone.outline_mm), 100.0);

    const auto larger = mended(outline, {{MendingKind::Enlarge, 2.0}});
    QCOMPARE(larger.outline_mm.pieces.size(), std::size_t(2));
    QVERIFY(areaOf(larger.outline_mm) >= 102.0 && areaOf(larger.outline_mm) < 102.1);

    const auto tied = mended(outline, {{MendingKind::Tie, 0.8}});
    QCOMPARE(tied.outline_mm.pieces.size(), std::size_t(1));
    QVERIFY(std::abs(areaOf(tied.outline_mm) - (100.0 + 1.1 + 2.0 * 0.8)) < 0.3); // the gap is 2 mm
}

void TestMending::smallMiddlesAreFilledOrEnlarged()
{
    const auto outline = welded(frame(0.8));
    const auto filled = mended(outline, {{MendingKind::FillMiddles, 1.0}});
    QCOMPARE(middlesOf(filled.outline_mm), std::size_t(0));
    QCOMPARE(areaOf(filled.outline_mm), 100.0);
    QCOMPARE(count(filled.done, FindingKind::SmallMiddle), std::size_t(1));
    const auto larger = mended(outline, {{MendingKind::EnlargeMiddles, 1.0}});
    QCOMPARE(middlesOf(larger.outline_mm), std::size_t(1));
    QVERIFY(areaOf(larger.outline_mm) <= 99.0 && areaOf(larger.outline_mm) > 98.9);
    QVERIFY(mended(welded(frame(2.0)), {{MendingKind::FillMiddles, 1.0}}).outline_mm == welded(frame(2.0)));
}

void TestMending::pointsAreBluntedAndGrowNoLonger()
{
    // A wedge of 20°, 10 mm long.
    const double half = 10.0 * std::tan(10.0 * 3.14159265358979 / 180.0);
    const auto outline = welded({test::polygon({{0, -half}, {10, 0}, {0, half}})});
    const auto blunt = mended(outline, {{MendingKind::Blunt, 0.5}});
    QCOMPARE(count(blunt.done, FindingKind::SharpPoint), std::size_t(1));
    const auto box = measure(blunt.outline_mm).box;
    QVERIFY2(std::abs(box.x1 - 10.0) < 1e-3, qPrintable(QString::number(box.x1)));
    // The round has its whole width where the point was.
    QVERIFY(areaOf(blunt.outline_mm) > areaOf(outline));
}

void TestMending::onlyThePlaceIsMended()
{
    // Two thin bars; the upper one is meant.
    const auto outline = welded({boxAt(0, 0, 10, 0.4), boxAt(0, 10, 10, 10.4)});
    PlacedMending here{MendingKind::Thicken, 1.0};
    here.at_mm = Point{5, 10.2};
    const auto made = mended(outline, {here});
    QCOMPARE(made.outline_mm.pieces.size(), std::size_t(2));
    const auto untouched =
        std::ranges::find_if(made.outline_mm.pieces, [](const Piece& p) { return p.outer.bounds().y0 < 5; });
    const auto before =
        std::ranges::find_if(outline.pieces, [](const Piece& p) { return p.outer.bounds().y0 < 5; });
    QVERIFY(*untouched == *before);
    QCOMPARE(count(made.done, FindingKind::ThinStroke), std::size_t(1));
    QVERIFY(made.left.empty());
}

void TestMending::whatIsLeftIsNotTouched()
{
    const auto outline = welded({boxAt(0, 0, 10, 0.4), boxAt(0, 10, 10, 10.4)});
    PlacedMending leave{MendingKind::Leave, 0.0};
    leave.leaves = FindingKind::ThinStroke;
    QVERIFY(mended(outline, {{MendingKind::Thicken, 1.0}, leave}).outline_mm == outline);
    leave.at_mm = Point{5, 0.2};
    const auto made = mended(outline, {{MendingKind::Thicken, 1.0}, leave});
    QCOMPARE(count(made.done, FindingKind::ThinStroke), std::size_t(1));
    QVERIFY(made.left.empty());
}

void TestMending::conflictsAreSaid()
{
    // Two bars of 0.4 mm with 0.4 mm between, between two walls: 1.0 mm of ink and 0.5 mm of gap do not fit.
    const auto outline =
        welded({boxAt(0, 0, 20, 4), boxAt(0, 4.4, 20, 4.8), boxAt(0, 5.2, 20, 5.6), boxAt(0, 6, 20, 10)});
    const auto made = mended(outline, {{MendingKind::Thicken, 1.0}, {MendingKind::OpenGaps, 0.5}});
    QVERIFY(!made.left.empty());
    for (const auto& left : made.left)
        QCOMPARE(left.reason, kNoRoom);
    QCOMPARE(made.outline_mm.pieces.size(), std::size_t(4)); // and nothing was joined for it
}

void TestMending::aRuleForFinerWorkHasNotFailed()
{
    // Opened to 0.5 for the knife, and now sewn, where 0.8 is wanted: nothing stands in the way of opening it further.
    const auto outline = welded({boxAt(0, 0, 20, 4), boxAt(0, 4.3, 20, 8.3)});
    auto sewn = request();
    sewn.limits.gap_mm = 0.8;
    const auto made = mended(outline, {{MendingKind::OpenGaps, 0.5}}, sewn);
    QVERIFY(made.left.empty());
    const auto found = made.proof->findings(1.0, {sewn.limits});
    QCOMPARE(std::ranges::count(found, FindingKind::NarrowGap, &ProofFinding::kind), 1);
    QVERIFY(mended(outline, {{MendingKind::OpenGaps, 0.8}}, sewn).left.empty());
}

void TestMending::piecesAreTiedByOneBridge()
{
    const auto outline = welded({boxAt(0, 0, 10, 10), boxAt(13, 0, 23, 10), boxAt(30, 0, 40, 10)});
    auto how = request();
    how.is_one_piece = true;
    const auto made = mended(outline, {{MendingKind::TieAll, 1.5}}, how);
    QCOMPARE(made.outline_mm.pieces.size(), std::size_t(1));
    QVERIFY(made.left.empty());
    QVERIFY(count(made.done, FindingKind::LoosePiece) > 0);
    const auto box = measure(made.outline_mm).box;
    QVERIFY(box.y0 == 0.0 && box.y1 == 10.0); // in the middle of the edges, not at their corners
    const double bridges = (3.0 + 7.0) * 1.5; // the shortest: 3 and 7 mm
    QVERIFY2(std::abs(areaOf(made.outline_mm) - 300.0 - bridges) < 0.05,
             qPrintable(QString::number(areaOf(made.outline_mm))));
}

void TestMending::aBarCarriesTheLetters()
{
    const auto outline = welded({boxAt(0, 0, 10, 10), boxAt(13, 0, 23, 10), boxAt(14, 12, 16, 14)});
    auto how = request();
    how.is_one_piece = true;
    how.baselines_mm = {0.0};
    const auto made = mended(outline, {{MendingKind::Bar, 4.0}}, how);
    QCOMPARE(made.outline_mm.pieces.size(), std::size_t(1));
    const auto box = measure(made.outline_mm).box;
    QVERIFY(std::abs(box.y0 + 3.0) < 0.01); // its upper quarter lies in the feet
}

void TestMending::aPlateGrowsUntilAllIsOne()
{
    const auto outline = welded({boxAt(0, 0, 10, 10), boxAt(14, 0, 24, 10)});
    auto how = request();
    how.is_one_piece = true;
    const auto made = mended(outline, {{MendingKind::Plate, 0.0}}, how);
    QCOMPARE(made.outline_mm.pieces.size(), std::size_t(1));
    const auto box = measure(made.outline_mm).box;
    // Half of the 4 mm between them, and no more than it takes.
    QVERIFY2(box.x0 <= -2.0 && box.x0 > -3.0, qPrintable(QString::number(box.x0)));
}

void TestMending::islandsAreTied()
{
    auto how = request();
    how.is_stencil = true;
    // One island in another: both hang on the sheet in the end.
    const auto outline = welded({boxAt(0, 0, 30, 30), boxAt(4, 4, 26, 26).reversed(), boxAt(8, 8, 22, 22),
                                 boxAt(12, 12, 18, 18).reversed()});
    QCOMPARE(middlesOf(outline), std::size_t(2));
    const auto made = mended(outline, {{MendingKind::Bridges, 2.0}}, how);
    QCOMPARE(middlesOf(made.outline_mm), std::size_t(0));
    QVERIFY(made.bridges.size() >= 2);
    QVERIFY(made.left.empty());
    for (const auto& bridge : made.bridges)
        QVERIFY(std::abs(length(bridge.to - bridge.from) - 4.0) < 0.1); // across the stroke
    how.is_stencil = false;
    QVERIFY(mended(outline, {{MendingKind::Bridges, 2.0}}, how).outline_mm == outline);
}

void TestMending::bridgesFollowTheHand()
{
    auto how = request();
    how.is_stencil = true;
    const auto outline = welded(frame(6.0)); // strokes of 2 mm
    const auto by_itself = mended(outline, {{MendingKind::Bridges, 1.0}}, how).bridges;
    QCOMPARE(by_itself.size(), std::size_t(1));
    const Point first = lerp(by_itself[0].from, by_itself[0].to, 0.5);
    QVERIFY(std::abs(by_itself[0].to.x - by_itself[0].from.x) < 1e-6); // upright

    PlacedMending off{MendingKind::NoBridge, 0.0};
    off.at_mm = first;
    const auto none = mended(outline, {{MendingKind::Bridges, 1.0}, off}, how);
    QCOMPARE(middlesOf(none.outline_mm), std::size_t(1));
    QCOMPARE(none.left.size(), std::size_t(1));
    PlacedMending put{MendingKind::Bridges, 1.0};
    for (const double y : {3.0, 4.2, 6.4}) { // along the left stroke, where it is put
        put.at_mm = Point{1.1, y};
        const auto moved = mended(outline, {{MendingKind::Bridges, 1.0}, off, put}, how);
        QCOMPARE(moved.bridges.size(), std::size_t(1));
        QVERIFY(length(lerp(moved.bridges[0].from, moved.bridges[0].to, 0.5) - Point{1.0, y}) < 0.15);
        QCOMPARE(middlesOf(moved.outline_mm), std::size_t(0));
    }
    // One more stays beside what came by itself.
    QCOMPARE(mended(outline, {{MendingKind::Bridges, 1.0}, put}, how).bridges.size(), std::size_t(2));
}

void TestMending::whatHangsByAThreadIsPartedOrThickened()
{
    // Two squares with a neck of 0.3 mm, shorter than that.
    const auto outline = welded({boxAt(0, 0, 10, 10), boxAt(9, 4.85, 11, 5.15), boxAt(10.2, 0, 20.2, 10)});
    QCOMPARE(outline.pieces.size(), std::size_t(1));
    auto gaps_may_close = request();
    gaps_may_close.limits.gap_mm = 0.0;
    const auto thicker = mended(outline, {{MendingKind::Thicken, 1.0}}, gaps_may_close);
    QCOMPARE(count(thicker.done, FindingKind::Hanging), std::size_t(1));
    QCOMPARE(thicker.outline_mm.pieces.size(), std::size_t(1));
    const auto parted = mended(outline, {{MendingKind::Part, 0.5, Point{10.1, 5.0}}});
    QCOMPARE(count(parted.done, FindingKind::Hanging), std::size_t(1));
    QCOMPARE(parted.outline_mm.pieces.size(), std::size_t(2));
    int apart_um = 0;
    for (int um = 9000; um < 11200; ++um)
        apart_um += !isInk(parted.outline_mm, {um * 0.001, 5.0});
    QVERIFY2(apart_um >= 500 && apart_um <= 525, qPrintable(QString::number(apart_um)));
    // Somewhere else it parts nothing.
    QCOMPARE(mended(outline, {{MendingKind::Part, 0.5, Point{3.0, 5.0}}}).outline_mm, outline);
}

void TestMending::whatTouchesInAPointIsJoinedOrParted()
{
    const auto outline = welded({boxAt(0, 0, 10, 10), boxAt(10, 10, 20, 20), boxAt(20, 20, 30, 30)});
    QCOMPARE(outline.pieces.size(), std::size_t(3));
    const auto proof = OutlineProof::of(outline, kUnit);
    QVERIFY(proof);
    const auto found = proof->findings(1.0, {request().limits});
    QCOMPARE(std::ranges::count(found, FindingKind::Hanging, &ProofFinding::kind), 2);
    QCOMPARE(found.front().measured, 0.0);
    QCOMPARE(found.front().level, FindingLevel::Fails);
    auto sheet = OutlineProof::Asked{request().limits};
    sheet.is_stencil = true;
    QVERIFY(proof->findings(1.0, sheet).empty()); // what is cut out need not hold

    const auto thicker = mended(outline, {{MendingKind::Thicken, 1.0}});
    QCOMPARE(thicker.outline_mm.pieces.size(), std::size_t(1));
    QCOMPARE(count(thicker.done, FindingKind::Hanging), std::size_t(2));
    QVERIFY(thicker.left.empty());
    QVERIFY(thicker.proof->findings(1.0, {request().limits}).empty());

    const auto left = mended(outline, {{MendingKind::Thicken, 1.0},
                                       {MendingKind::Leave, 0.0, Point{20, 20}, FindingKind::Hanging}});
    QCOMPARE(left.outline_mm.pieces.size(), std::size_t(2));

    const auto parted = mended(outline, {{MendingKind::Part, 0.5, Point{10.1, 10.0}}});
    QCOMPARE(count(parted.done, FindingKind::Hanging), std::size_t(1));
    QCOMPARE(parted.outline_mm.pieces.size(), std::size_t(3));
    const auto& corner = parted.outline_mm.pieces[0].outer;
    QVERIFY(!encloses(corner, {9.83, 9.83}) && encloses(corner, {9.81, 9.81})); // a quarter of a mm, aslant
}

void TestMending::piecesThatTouchAreTied()
{
    auto how = request();
    how.is_one_piece = true;
    // The belly of a "D" of pixels: its counter meets the outside in two corners.
    const auto outline =
        welded({test::polygon({{0, 0}, {12, 0}, {12, 3}, {3, 3}, {3, 12}, {12, 12}, {12, 15}, {0, 15}}),
                boxAt(12, 3, 15, 12)});
    const auto made = mended(outline, {{MendingKind::TieAll, 1.0}, {MendingKind::Thicken, 1.0}}, how);
    QCOMPARE(count(made.done, FindingKind::LoosePiece), std::size_t(1));
    QCOMPARE(made.outline_mm.pieces.size(), std::size_t(1));
    QCOMPARE(middlesOf(made.outline_mm), std::size_t(1));
    QVERIFY(made.left.empty());
}

void TestMending::paperThatHangsByPointsIsTied()
{
    auto how = request();
    how.is_stencil = true;
    how.limits.gap_mm = 0.0;
    const auto outline =
        welded({boxAt(0, 6, 6, 12), boxAt(6, 0, 12, 6), boxAt(12, 6, 18, 12), boxAt(6, 12, 12, 18)});
    const auto made = mended(outline, {{MendingKind::Bridges, 2.0}}, how);
    QCOMPARE(count(made.done, FindingKind::StencilMiddle), std::size_t(1));
    QCOMPARE(middlesOf(made.outline_mm), std::size_t(0));
    QVERIFY(!made.bridges.empty());
    for (const auto& bridge : made.bridges) // across a point, or across a square
        QVERIFY(!isInk(made.outline_mm, lerp(bridge.from, bridge.to, 0.5)));
}

void TestMending::mendedTwiceIsMendedOnce()
{
    const auto outline =
        welded({boxAt(0, 0, 20, 0.4), boxAt(0, 3, 10, 8), boxAt(10.3, 3, 20, 8), boxAt(22, 0, 23, 1)});
    const std::vector<PlacedMending> all{
        {MendingKind::Thicken, 1.0}, {MendingKind::OpenGaps, 0.5}, {MendingKind::LeaveOut, 2.0}};
    const auto once = mended(outline, all);
    const auto twice = mended(once.outline_mm, all);
    QVERIFY(twice.outline_mm == once.outline_mm);
    QVERIFY(twice.done.empty());
}

void TestMending::nothingToMendChangesNothing()
{
    const auto outline = welded(frame(4.0));
    for (const auto kind :
         {MendingKind::Thicken, MendingKind::OpenGaps, MendingKind::CloseGaps, MendingKind::LeaveOut,
          MendingKind::Enlarge, MendingKind::Tie, MendingKind::FillMiddles, MendingKind::Blunt}) {
        const auto made = mended(outline, {{kind, 1.0}});
        QVERIFY(made.outline_mm == outline);
        QVERIFY(made.done.empty() && made.left.empty());
    }
}

/// One after the other, or in one outline: the same, also where the gap between two of them is to be opened.
void TestMending::wordsFarApartAreMendedByThemselves()
{
    const std::vector<PlacedMending> asked{{MendingKind::Thicken, 1.0}, {MendingKind::OpenGaps, 0.5}};
    const Paths left{boxAt(0, 0, 20, 3.0), boxAt(0, 3.3, 20, 6.0)}, right{boxAt(60, 0, 80, 0.4)};
    Paths both = left;
    both.insert(both.end(), right.begin(), right.end());
    const auto together = mended(welded(both), asked);
    const auto one = mended(welded(left), asked), other = mended(welded(right), asked);
    QCOMPARE(together.outline_mm.pieces.size(), std::size_t(3));
    QVERIFY(std::abs(areaOf(together.outline_mm) - areaOf(one.outline_mm) - areaOf(other.outline_mm)) < 1e-6);
    QCOMPARE(count(one.done, FindingKind::NarrowGap), std::size_t(1));
    QCOMPARE(together.done.size(), one.done.size() + other.done.size());
    QCOMPARE(together.left.size(), one.left.size() + other.left.size());
    QVERIFY(areaOf(other.outline_mm) > 1.9 * areaOf(welded(right)));
}

void TestMending::lettersFarApartInOrderStayToTheBit()
{
    const auto outline = welded({boxAt(0, 0, 20, 5), boxAt(60, 0, 80, 0.4), boxAt(120, 0, 140, 5)});
    const auto made = mended(outline, {{MendingKind::Thicken, 1.0}, {MendingKind::OpenGaps, 0.5}});
    QCOMPARE(made.outline_mm.pieces.size(), std::size_t(3));
    QVERIFY(made.outline_mm.pieces[0] == outline.pieces[0]);
    QVERIFY(!(made.outline_mm.pieces[1] == outline.pieces[1]));
    QVERIFY(made.outline_mm.pieces[2] == outline.pieces[2]);
}

void TestMending::aStrokeLongerThanTheWordsIsNoMending()
{
    const auto outline = welded({test::circle({0, 0}, 1.0), test::circle({0, 0}, 0.7, true)});
    const auto made = mended(outline, {{MendingKind::Thicken, 2.5}});
    QVERIFY(made.outline_mm == outline);
    QVERIFY(made.done.empty());
    QVERIFY(!made.left.empty()); // and that is told
}

/// A dot over a stem, corner over corner, between two more stems, all in outline: their strokes grow over more than lies between them.
void TestMending::outlinedPartsThatNearlyTouchStayApart()
{
    const auto outlined = [](double x, double half, double foot, double top) {
        constexpr double kThick = 0.3, kAlong = 1.4 * kThick;
        return Paths{test::polygon({{x - half, foot + half},
                                    {x, foot},
                                    {x + half, foot + half},
                                    {x + half, top - half},
                                    {x, top},
                                    {x - half, top - half}}),
                     test::polygon({{x - half + kThick, foot + half},
                                    {x, foot + kAlong},
                                    {x + half - kThick, foot + half},
                                    {x + half - kThick, top - half},
                                    {x, top - kAlong},
                                    {x - half + kThick, top - half}})
                         .reversed()};
    };
    for (const double apart : {0.03, 0.06, 0.08})
        for (const double beside : {0.6, 0.8}) {
            Paths shapes = outlined(0, 1.2, apart, apart + 2.4);
            for (const auto& stem : {outlined(0, 1.1, -7, 0), outlined(-2.2 - beside, 1.1, -7, 0.03),
                                     outlined(2.3 + beside, 1.1, -7, 0.9)})
                std::ranges::copy(stem, std::back_inserter(shapes));
            const auto outline = welded(shapes);
            QCOMPARE(outline.pieces.size(), std::size_t(4));
            auto how = request();
            how.limits.gap_mm = 1.3;
            const auto made = mended(outline, {{MendingKind::Thicken, 1.3}}, how);
            QCOMPARE(made.outline_mm.pieces.size(), std::size_t(4));
            QVERIFY(areaOf(made.outline_mm) > 1.2 * areaOf(outline));
        }
}

/// What the loop of a thin script leaves open, smaller than what the strokes grow by: it stays as it is, square, or with three sharp corners and
/// no two opposite sides.
void TestMending::tinyMiddlesOutlastThickStrokes()
{
    const std::vector<std::vector<Point>> shapes{{{0, 0}, {0, 0.2}, {0.2, 0.2}, {0.2, 0}},
                                                 {{0, 0}, {0.08, 0.14}, {0.16, 0}},
                                                 {{0, 0}, {0.06, 0.06}, {0.08, 0.16}, {0.1, 0.06}, {0.16, 0}},
                                                 {{0, 0}, {0.02, 0.17}, {0.05, 0}}};
    for (const auto& shape : shapes) {
        std::vector<Point> corners;
        for (const Point p : shape)
            corners.push_back(p + Point{3.0, 0.3});
        const auto outline = welded({boxAt(0, 0, 10, 0.8), test::polygon(corners)});
        QCOMPARE(middlesOf(outline), std::size_t(1));
        const auto made = mended(outline, {{MendingKind::Thicken, 2.0}});
        QCOMPARE(middlesOf(made.outline_mm), std::size_t(1));
        QVERIFY(areaOf(made.outline_mm) > areaOf(outline));
    }
}

void TestMending::nonsenseIsRefused()
{
    const auto outline = welded(frame(4.0));
    for (const double to : {-1.0, 1e9, std::nan("")}) {
        const std::vector<PlacedMending> one{{MendingKind::Thicken, to}};
        const auto made = mend(outline, one, request());
        QVERIFY(!made);
        QCOMPARE(made.error().code, ErrorCode::DistanceOutOfRange);
    }
    const std::vector<PlacedMending> all_out{{MendingKind::LeaveOut, 5000.0}};
    const auto nothing = mend(outline, all_out, request());
    QVERIFY(!nothing);
    QCOMPARE(nothing.error().code, ErrorCode::NothingToCut);
    CancelSource cancel;
    cancel.cancel();
    auto how = request();
    how.cancel = cancel.token();
    QVERIFY(!mend(outline, all_out, how));
}

void TestMending::weedingIsToldByItsRule()
{
    auto proof = OutlineProof::of(welded(frame(1.0)), kUnit);
    QVERIFY(proof);
    // 2 parts of 3 s, one of them under 4 mm²: 2 s more; 44 mm of edge at 50 mm a second.
    QVERIFY(std::abs(weedingOf(*proof).minutes * 60.0 - (6.0 + 2.0 + 44.0 / 50.0)) < 1e-6);
    QCOMPARE(weedingOf(*proof).smallest_mm2, 1.0);
    QVERIFY(std::abs(weedingOf(*proof, {10.0, 0.0, 0.0, 0.0}).minutes * 60.0 - 20.0) < 1e-6);
}

void TestMending::framesStandOffTheWords()
{
    const auto outline = welded({boxAt(0, 0, 10, 10), boxAt(20, 0, 30, 10)});
    QVERIFY(weedingLines(outline, {}).empty());
    const auto lines = weedingLines(outline, {5.0, 2.0, {}});
    QCOMPARE(lines.size(), std::size_t(2));
    QVERIFY(lines[0].bounds() == (Box{-5, -5, 35, 15}));
    QVERIFY(lines[1].bounds() == (Box{15, -5, 15, 15}));
    QCOMPARE(weedingLines(outline, {5.0, 6.0, {}}).size(), std::size_t(1)); // no room for one
    auto proof = OutlineProof::of(outline, kUnit);
    QVERIFY(proof);
    QCOMPARE(weedingOf(*proof, {}, lines).parts, std::size_t(2));
    QVERIFY(std::abs(weedingOf(*proof, {}, lines).edge_mm - (80.0 + 120.0 + 20.0)) < 1e-6);
}

INK_TEST_CORE_MAIN(TestMending)
#include "test_mending.moc"
