// Stitches of shapes with known answers: columns, rows, edges, rounds, order and figures.
#include "core/geometry/axis_graph.h"
#include "core/geometry/skeleton.h"
#include "core/stitch/columns.h"
#include "core/stitch/edge_stitches.h"
#include "core/stitch/fill.h"
#include "core/stitch/patches.h"
#include "core/stitch/running.h"
#include "core/stitch/satin.h"
#include "core/stitch/stitch_figures.h"
#include "core/stitch/stitch_planner.h"
#include "core/stitch/thread_raster.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

#include <QTest>

#include <cmath>
#include <map>
#include <numbers>
#include <random>
#include <set>

using namespace ink;
using test::circle;
using test::polygon;
using test::rectangle;

namespace {

const Unit kUnit = Unit::ofEm(30.0);

Outline one(Contour outer, std::vector<Contour> middles = {})
{
    return {{Piece{std::move(outer), std::move(middles)}}};
}

std::vector<Column> columns(const Outline& shape)
{
    const auto graph = axisGraph(shape, kUnit);
    if (!graph)
        qFatal("%s", graph.error().message().c_str());
    return columnsOf(strokesOf(branchesOf(*graph, InkTest(shape, 0.01))), InkRays(shape, 0.01));
}

StitchPlan planned(const Outline& shape, const StitchSettings& settings = {})
{
    auto plan = planStitches(shape, kUnit, settings);
    if (!plan)
        qFatal("%s", plan.error().message().c_str());
    return *plan;
}

std::size_t trimsIn(const StitchPlan& plan)
{
    return figuresOf(workOf(plan), 800).trims;
}

} // namespace

class TestStitch : public QObject
{
    Q_OBJECT
private slots:
    void aLineIsHitAtItsCorners()
    {
        const std::vector<Point> corner{{0, 0}, {10, 0}, {10, 10}};
        const auto s = running(corner);
        QCOMPARE(s.size(), std::size_t(9)); // 10 mm are four stitches of 2.5
        QCOMPARE(s[4], (Point{10, 0}));
        for (std::size_t i = 1; i < s.size(); ++i)
            QVERIFY(std::abs(length(s[i] - s[i - 1]) - 2.5) < 0.11);
        // In a bend of radius 3 the thread stays within 0.1 of it: chords no longer than 2 sqrt(2 r h - h²) = 1.54 mm.
        std::vector<Point> bend;
        for (int k = 0; k <= 200; ++k)
            bend.push_back({3 * std::cos(k * 0.01), 3 * std::sin(k * 0.01)});
        const auto round = running(bend);
        for (std::size_t i = 1; i < round.size(); ++i) {
            QVERIFY(length(round[i] - round[i - 1]) < 1.6);
            QVERIFY(3 - length(lerp(round[i], round[i - 1], 0.5)) < 0.11);
        }
    }

    void aBarIsOneColumn()
    {
        const auto c = columns(one(rectangle(0, 0, 30, 3)));
        QCOMPARE(c.size(), std::size_t(1));
        QVERIFY(std::abs(c[0].width_mm - 3.0) < 0.02);
        for (const auto& rung : c[0].rungs)
            QVERIFY(std::abs(rung.left.x - rung.right.x) < 0.02); // square across
        // From end to end.
        QVERIFY(std::min(c[0].rungs.front().centre.x, c[0].rungs.back().centre.x) < 0.1);
        QVERIFY(std::max(c[0].rungs.front().centre.x, c[0].rungs.back().centre.x) > 29.9);
        // Stitches of one side 0.4 apart: 30 mm are 75 of each.
        const auto points = satin(c[0].rungs, 0, c[0].rungs.size() - 1, {0.4, 0.2});
        QVERIFY(std::abs(double(points.size()) - 2 * 30 / 0.4) <= 3);
        for (std::size_t i = 1; i < points.size(); ++i)
            QVERIFY(std::abs(std::abs(points[i].y - points[i - 1].y) - 3.2) < 0.02); // wider by the pull
    }

    void aPatchIsReachedThroughTheInk()
    {
        // A bar and a block, joined at the foot, 1 mm apart above it. Half the block has no column: the bar is nearer to what is open
        // there, and open cloth lies between.
        const auto piece =
            one(polygon({{0, 0}, {12, 0}, {12, 20}, {3, 20}, {3, 2}, {2, 2}, {2, 20}, {0, 20}}));
        auto given = columns(one(rectangle(0, 0, 2, 20)));
        const auto far = columns(one(rectangle(9, 0, 12, 20)));
        QCOMPARE(given.size() + far.size(), std::size_t(2));
        given.push_back(far.front());
        const auto patches = patchesOf(piece, given, {}, InkRays(piece, 0.01));
        const auto isHigh = [](const Patch& p) {
            return std::ranges::any_of(p.points, [](Point at) { return at.x > 3 && at.y > 10; });
        };
        QVERIFY(std::ranges::any_of(patches, isHigh));
        for (const auto& patch : patches)
            if (isHigh(patch))
                QCOMPARE(patch.column, std::size_t(1));
    }

    void aRingGoesRound()
    {
        const auto c = columns(one(circle({0, 0}, 10), {circle({0, 0}, 7, true)}));
        QCOMPARE(c.size(), std::size_t(1));
        QVERIFY(c[0].is_ring);
        QVERIFY(std::abs(c[0].width_mm - 3.0) < 0.03);
        const auto points = satin(c[0].rungs, 0, c[0].rungs.size() - 1, {0.4, 0.0});
        // On the longer rail, 2 pi 10, every 0.4.
        QVERIFY(std::abs(double(points.size()) - 2 * 2 * std::numbers::pi * 10 / 0.4) < 8);
    }

    void strokesMeetAsAHandDrawsThem()
    {
        // A cross of like widths: two strokes, straight through.
        const auto plus = one(polygon({{-10, -1},
                                       {-1, -1},
                                       {-1, -10},
                                       {1, -10},
                                       {1, -1},
                                       {10, -1},
                                       {10, 1},
                                       {1, 1},
                                       {1, 10},
                                       {-1, 10},
                                       {-1, 1},
                                       {-10, 1}}));
        const auto cross = columns(plus);
        QCOMPARE(cross.size(), std::size_t(2));
        for (const auto& c : cross)
            QVERIFY(length(c.rungs.front().centre - c.rungs.back().centre) > 19.5);
        // A T: the bar runs through, the stem ends half a millimetre under it.
        const auto t = columns(
            one(polygon({{-10, 10}, {-10, 8}, {-1, 8}, {-1, -10}, {1, -10}, {1, 8}, {10, 8}, {10, 10}})));
        QCOMPARE(t.size(), std::size_t(2));
        const auto& stem = length(t[0].rungs.front().centre - t[0].rungs.back().centre) > 19 ? t[1] : t[0];
        const double top = std::max(stem.rungs.front().centre.y, stem.rungs.back().centre.y);
        QVERIFY2(top > 8.1 && top < 9.1, qPrintable(QString::number(top)));
        // An L: two, lapped at the corner, and not one that fans.
        const auto l = columns(one(polygon({{0, 0}, {20, 0}, {20, 3}, {3, 3}, {3, 20}, {0, 20}})));
        QCOMPARE(l.size(), std::size_t(2));
    }

    void theInkIsCovered_data()
    {
        QTest::addColumn<int>("shape");
        for (int i = 0; i < 7; ++i)
            QTest::addRow("%d", i) << i;
    }
    void theInkIsCovered()
    {
        QFETCH(int, shape);
        const std::vector<Outline> shapes{
            one(rectangle(0, 0, 30, 3)),
            one(circle({0, 0}, 10), {circle({0, 0}, 7, true)}),
            one(polygon({{-10, 10}, {-10, 8}, {-1, 8}, {-1, -10}, {1, -10}, {1, 8}, {10, 8}, {10, 10}})),
            one(polygon({{0, 0}, {20, 0}, {20, 3}, {3, 3}, {3, 20}, {0, 20}})),
            one(polygon({{0, 0}, {3, 0}, {11, 18}, {17, 0}, {20, 0}, {13, 22}, {9, 22}})),
            one(polygon({{0, -1.5}, {25, 0}, {0, 1.5}})),
            one(circle({0, 0}, 2)),
        };
        const auto& ink = shapes[std::size_t(shape)];
        const auto plan = planned(ink);
        const auto f = figuresOf(plan, ink, {});
        QVERIFY2(f.covers > 0.97, qPrintable(QString::number(f.covers)));
        // Between two legs that run together the thread crosses a little cloth.
        QVERIFY2(f.outside < (shape == 4 ? 0.02 : 0.01), qPrintable(QString::number(f.outside)));
        QVERIFY(f.thickest <= (shape == 6 ? 14 : 10)); // of a dot a hundredth is where the thread is locked
        QVERIFY(f.longest_mm <= kLongestStitch_mm + 1e-9);
        QVERIFY(f.short_share < 0.01);
        QCOMPARE(f.trims, std::size_t(0)); // one run
    }

    void rowsLieAtTheirDistance()
    {
        FillSettings s;
        s.angle_deg = 0;
        s.beyond_mm = 0;
        const auto rows = fillRows(one(rectangle(0, 0, 20, 12)), s);
        QCOMPARE(rows.size(), std::size_t(1));
        std::set<long> heights;
        std::map<long, std::set<long>> inner;
        for (const auto& p : rows[0]) {
            QVERIFY(p.x > -1e-6 && p.x < 20 + 1e-6 && p.y > 0 && p.y < 12);
            if (p.x < 0.01) // a row begins or ends here; what runs under the rows keeps to their middle
                heights.insert(std::lround(p.y * 1000));
            if (heights.contains(std::lround(p.y * 1000)) && p.x > 0.01 && p.x < 19.99)
                inner[std::lround(p.y * 1000)].insert(std::lround(p.x * 1000));
        }
        QCOMPARE(heights.size(), std::size_t(30)); // 12 mm at 0.4
        for (auto a = heights.begin(), b = std::next(a); b != heights.end(); ++a, ++b)
            QCOMPARE(*b - *a, 400);
        // No seam: two rows beside each other pierce at different places.
        QVERIFY(inner.size() > 12);
        for (auto a = inner.begin(), b = std::next(a); b != inner.end(); ++a, ++b)
            QVERIFY(b->first - a->first > 400 || a->second != b->second);
    }

    void rowsNeverCrossWhatIsOpen()
    {
        const auto ring = one(rectangle(0, 0, 30, 30), {rectangle(10, 10, 20, 20, true)});
        FillSettings s;
        for (const double angle : {0.0, 30.0, 45.0, 90.0, 137.0}) {
            s.angle_deg = angle;
            s.beyond_mm = 0;
            const auto rows = fillRows(ring, s);
            QCOMPARE(rows.size(), std::size_t(1)); // never lifted
            for (std::size_t i = 1; i < rows[0].size(); ++i)
                for (int k = 0; k <= 10; ++k) {
                    const Point p = lerp(rows[0][i - 1], rows[0][i], k / 10.0);
                    QVERIFY(!(p.x > 10.7 && p.x < 19.3 && p.y > 10.7 && p.y < 19.3));
                }
        }
    }

    void aBlanketIsEven()
    {
        // 100 mm round a square of 25: 33 spikes of 3 mm, each 100 / 33 on.
        const auto ring = ringLine(rectangle(0, 0, 25, 25));
        const auto points = blanket(ring, 3.0, 3.0);
        std::size_t spikes = 0;
        for (std::size_t i = 1; i + 1 < points.size(); ++i)
            if (points[i - 1] == points[i + 1]) {
                ++spikes;
                QVERIFY(std::abs(length(points[i] - points[i - 1]) - 3.0) < 1e-6);
                QVERIFY(points[i].x > 0 && points[i].x < 25 && points[i].y > 0 && points[i].y < 25);
            }
        QCOMPARE(spikes, std::size_t(33));
    }

    void threeRoundsLieAtTheirDistances()
    {
        StitchSettings s;
        s.as = SewnAs::Applique;
        const auto ink = one(circle({0, 0}, 20));
        const auto plan = planned(ink, s);
        QCOMPARE(plan.layers.size(), std::size_t(3));
        QCOMPARE(plan.layers[0].kind, LayerKind::Placement);
        QCOMPARE(plan.layers[2].kind, LayerKind::Cover);
        QCOMPARE(figuresOf(workOf(plan), 800).stops, std::size_t(2));
        const auto reach = [](const StitchLayer& layer, StitchKind kind) {
            std::pair<double, double> out{1e9, 0};
            for (const auto& run : layer.runs)
                if (run.kind == kind)
                    for (const auto& p : run.points)
                        out = {std::min(out.first, length(p)), std::max(out.second, length(p))};
            return out;
        };
        const auto placed = reach(plan.layers[0], StitchKind::Running),
                   tacked = reach(plan.layers[1], StitchKind::Running),
                   cover = reach(plan.layers[2], StitchKind::Satin);
        QVERIFY(std::abs(placed.first - 20) < 0.05 && std::abs(placed.second - 20) < 0.05);
        QVERIFY(std::abs(tacked.first - 19.2) < 0.05 && std::abs(tacked.second - 19.2) < 0.05);
        // 3.5 wide, 60 % of it inside, and wider by the pull.
        QVERIFY(std::abs(cover.second - (20 + 1.4 + 0.1)) < 0.05);
        QVERIFY(std::abs(cover.first - (20 - 2.1 - 0.1)) < 0.05);
    }

    /// Two squares that lie over each other, as letters that were kept apart: the upper one's edge is whole, the lower one's stops there.
    void anEdgeUnderAnotherClothIsNotSewn()
    {
        const Outline both{{Piece{rectangle(0, 0, 30, 30), {}}, Piece{rectangle(20, 10, 60, 20), {}}}};
        StitchSettings settings;
        settings.as = SewnAs::Applique;
        for (const auto cover : {EdgeCover::Satin, EdgeCover::Blanket}) {
            settings.cover = cover;
            const auto plan = planned(both, settings);
            QCOMPARE(plan.layers.size(), std::size_t(3));
            double under = 0.0, upper_left = 0.0;
            for (const auto& layer : plan.layers)
                for (const auto& run : layer.runs)
                    for (std::size_t i = 1; i < run.points.size(); ++i) {
                        const Point m = lerp(run.points[i - 1], run.points[i], 0.5);
                        const double way = length(run.points[i] - run.points[i - 1]);
                        // The lower one's right edge, where the upper one lies over it, away from that one's own edges.
                        if (std::abs(m.x - 29) < 3 && m.y > 13.5 && m.y < 16.5 &&
                            run.kind != StitchKind::Underlay)
                            under += way;
                        if (std::abs(m.x - 20) < 2.5 && m.y > 12 && m.y < 18)
                            upper_left += way;
                    }
            QVERIFY2(under < 3.0, qPrintable(QString::number(under)));
            QVERIFY(upper_left > 10.0);
        }
    }

    void wideOnesAreSplitAndWiderOnesFilled()
    {
        const auto kind = [](double width) {
            return planned(one(rectangle(0, 0, 60, width))).columns.front().kind;
        };
        QCOMPARE(kind(0.45), ColumnKind::Running);
        QCOMPARE(kind(3), ColumnKind::Satin);
        QCOMPARE(kind(8.5), ColumnKind::SplitSatin);
        QCOMPARE(kind(14), ColumnKind::Fill);
        const auto split = planned(one(rectangle(0, 0, 60, 8.5)));
        for (const auto& run : split.layers[0].runs)
            for (std::size_t i = 1; i < run.points.size(); ++i)
                QVERIFY(length(run.points[i] - run.points[i - 1]) <= kSplit_mm + 1e-9);
    }

    void partsAreSewnInTheirOrder()
    {
        Outline word;
        for (int k = 0; k < 5; ++k)
            word.pieces.push_back({rectangle(k * 12.0, 0, k * 12.0 + 2.5, 15), {}});
        std::ranges::reverse(word.pieces);
        const auto plan = planned(word);
        QCOMPARE(trimsIn(plan), std::size_t(4));
        double last = -1;
        for (const auto& run : plan.layers[0].runs)
            if (run.is_trimmed_before) {
                QVERIFY(run.points.front().x > last);
                last = run.points.front().x;
            }
        // The same job gives the same stitches.
        QVERIFY(workOf(planned(word)) == workOf(plan));
    }

    void aStrokeIsSewnAsItWasChosen()
    {
        // An L of two bars: the upright one 3 wide, the foot 4.
        const Outline shape = one(polygon({{0, 0}, {30, 0}, {30, 4}, {3, 4}, {3, 25}, {0, 25}}));
        const auto is_foot = [](std::span<const Rung> rungs) {
            return std::abs(rungs[rungs.size() / 2].centre.y - 2) < 1;
        };
        const auto chosen = [&](SewnAs as) {
            const auto plan = planStitches(shape, kUnit, {}, {}, [&](std::span<const Rung> rungs) {
                return is_foot(rungs) ? std::optional(as) : std::nullopt;
            });
            if (!plan)
                qFatal("%s", plan.error().message().c_str());
            return *plan;
        };
        const auto kindOfFoot = [](const StitchPlan& plan) {
            const auto foot = std::ranges::find_if(
                plan.columns, [](const StitchColumn& c) { return std::abs(c.middle.y - 2) < 1; });
            return foot->kind;
        };
        const auto plain = planned(shape);
        QCOMPARE(plain.columns.size(), std::size_t(2));
        QCOMPARE(kindOfFoot(plain), ColumnKind::Satin);
        const auto rows = chosen(SewnAs::Fill), line = chosen(SewnAs::Running);
        QCOMPARE(kindOfFoot(rows), ColumnKind::Fill);
        QCOMPARE(kindOfFoot(line), ColumnKind::Running);
        // The other stroke is what it was.
        for (const auto* plan : {&rows, &line})
            QCOMPARE(std::ranges::count(plan->columns, ColumnKind::Satin, &StitchColumn::kind),
                     std::ptrdiff_t(1));
        // Rows are no longer than rows are; a line leaves the foot open.
        double longest = 0.0;
        const auto work = workOf(rows);
        for (std::size_t i = 1; i < work.size(); ++i)
            if (work[i].kind == NeedleStep::Kind::Stitch && work[i].at.x > 6 && work[i - 1].at.x > 6)
                longest = std::max(longest, length(work[i].at - work[i - 1].at));
        QVERIFY2(longest < kRow_mm + 0.3, qPrintable(QString::number(longest)));
        QVERIFY(figuresOf(rows, shape, {}).covers > 0.97);
        const double open = figuresOf(line, shape, {}).covers;
        QVERIFY2(open < 0.6, qPrintable(QString::number(open)));
    }

    void aWideStrokeIsSatinWhereItIsWanted()
    {
        const Outline shape = one(rectangle(0, 0, 60, 11));
        QCOMPARE(planned(shape).columns.front().kind, ColumnKind::Fill);
        const auto plan = planStitches(shape, kUnit, {}, {},
                                       [](std::span<const Rung>) { return std::optional(SewnAs::Satin); });
        QVERIFY(plan);
        QCOMPARE(plan->columns.front().kind, ColumnKind::Satin);
        QVERIFY(figuresOf(*plan, shape, {}).longest_mm > 10.0);
        QVERIFY(figuresOf(*plan, shape, {}).longest_mm <= kLongestStitch_mm + 1e-9);
    }

    void railsStayInTheInk_data()
    {
        QTest::addColumn<double>("slant");
        for (const double slant : {8.0, 14.0, 20.0, 26.0})
            QTest::newRow(qPrintable(QString::number(slant))) << slant;
    }

    /// A Z: its diagonal turns by more than a right angle at both ends.
    void railsStayInTheInk()
    {
        QFETCH(double, slant);
        const double w = 3.0;
        const Outline shape = one(polygon({{0, 0},
                                           {slant, 0},
                                           {slant, w},
                                           {1.6 * w, w},
                                           {slant, 20 - w},
                                           {slant, 20},
                                           {0, 20},
                                           {0, 20 - w},
                                           {slant - 1.6 * w, 20 - w},
                                           {0, w}}));
        const auto figures = figuresOf(planned(shape), shape, {});
        QVERIFY2(figures.covers > 0.97, qPrintable(QString::number(figures.covers)));
        QVERIFY2(figures.outside < 0.01, qPrintable(QString::number(figures.outside)));
    }

    void lastRungsTurnIntoASlantedEnd_data()
    {
        QTest::addColumn<double>("slant_mm");
        for (const double slant : {-3.0, -1.5, 0.0, 1.5, 3.0})
            QTest::newRow(qPrintable(QString::number(slant))) << slant;
    }

    /// A bar 4 wide, both ends cut aslant.
    void lastRungsTurnIntoASlantedEnd()
    {
        QFETCH(double, slant_mm);
        const Outline bar = one(polygon({{0, 0}, {40, 0}, {40 + slant_mm, 4}, {slant_mm, 4}}));
        const auto made = columns(bar);
        QCOMPARE(made.size(), std::size_t(1));
        for (const Rung* end : {&made[0].rungs.front(), &made[0].rungs.back()}) {
            const Point across = end->left - end->right;
            const double wanted = std::atan2(4.0, slant_mm),
                         is = std::atan2(std::abs(across.y), across.x * (across.y < 0 ? -1 : 1));
            QVERIFY2(std::abs(is - wanted) < 0.12, qPrintable(QString::number((is - wanted) * 57.3)));
        }
        const auto figures = figuresOf(planned(bar), bar, {});
        QVERIFY2(figures.covers > 0.985, qPrintable(QString::number(figures.covers)));
        QVERIFY2(figures.outside < 0.005, qPrintable(QString::number(figures.outside)));
    }

    void whatHangsTogetherIsOneRun()
    {
        // A comb: a bar with teeth that grow out of it, each another width.
        std::vector<Point> comb{{0, 0}, {60, 0}, {60, 4}};
        for (int tooth = 5; tooth >= 0; --tooth) {
            const double x = 4 + 9 * tooth, width = 1.0 + 0.8 * tooth;
            comb.insert(comb.end(), {{x + width, 4}, {x + width, 16}, {x, 16}, {x, 4}});
        }
        comb.push_back({0, 4});
        QCOMPARE(trimsIn(planned(one(polygon(comb)))), std::size_t(0));
    }

    void badInputIsSaid()
    {
        QVERIFY(planStitches({}, kUnit, {}).error().code == ErrorCode::NothingToCut);
        const auto huge = planStitches(one(rectangle(0, 0, 3000, 3000)), kUnit, {});
        QVERIFY(!huge && huge.error().code == ErrorCode::TooComplex);
        CancelSource source;
        source.cancel();
        const auto cancelled = planStitches(one(rectangle(0, 0, 30, 3)), kUnit, {}, source.token());
        QVERIFY(!cancelled && cancelled.error().code == ErrorCode::Cancelled);
        StitchSettings s;
        s.spacing_mm = std::nan("");
        s.pull_mm = 1e300;
        s.thread = "red";
        s.hoop_width_mm = -4;
        s = sensible(s);
        QCOMPARE(s.spacing_mm, 0.4);
        QCOMPARE(s.pull_mm, kMostPull_mm);
        QCOMPARE(s.thread, StitchSettings().thread);
        QCOMPARE(s.hoop_width_mm, 0.0);
    }

    void figuresAndFindings()
    {
        const auto low = one(rectangle(0, 0, 30, 0.8));
        const StitchSettings s;
        const auto plan = planned(low);
        const auto found = findingsOf(plan, figuresOf(plan, low, s), s);
        const auto has = [&](StitchFindingKind kind) {
            return std::ranges::find(found, kind, &StitchFinding::kind) != found.end();
        };
        QVERIFY(has(StitchFindingKind::LowLetters));
        QVERIFY(has(StitchFindingKind::ThinColumn));
        const auto wide = one(rectangle(0, 0, 200, 3));
        const auto long_plan = planned(wide);
        const auto beyond = findingsOf(long_plan, figuresOf(long_plan, wide, s), s);
        QVERIFY(std::ranges::find(beyond, StitchFindingKind::TooLargeForHoop, &StitchFinding::kind) !=
                beyond.end());
        QCOMPARE(inHoop({0, 0, 170, 20}, s), InHoop::FitsTurned);
        QCOMPARE(inHoop({0, 0, 120, 170}, s), InHoop::Fits);
        // 100 stitches of 2 mm at 800 a minute, one stop.
        NeedleWork work;
        for (int k = 0; k <= 100; ++k)
            work.push_back({NeedleStep::Kind::Stitch, {2.0 * k, 0}});
        work.push_back({NeedleStep::Kind::Stop, {200, 0}});
        const auto f = figuresOf(work, 800);
        QVERIFY(std::abs(f.minutes - (101 / 800.0 + 0.5)) < 1e-9);
        QVERIFY(std::abs(f.thread_m - 100 * 3.5 / 1000) < 1e-9);
        QCOMPARE(f.box_mm.width(), 200.0);
    }

    void threadsAreCounted()
    {
        ThreadRaster raster({0, 0, 10, 2});
        raster.lay({0, 1}, {10, 1});
        raster.lay({0, 1}, {10, 1});
        std::size_t twice = 0;
        for (std::size_t row = 0; row < raster.rows(); ++row)
            for (std::size_t column = 0; column < raster.columns(); ++column)
                twice += raster.layers(column, row) == 2;
        // 10 mm of 0.4 mm thread and its two round ends, in places of 0.01 mm².
        QVERIFY(std::abs(double(twice) * 0.01 - (10 * 0.4 + std::numbers::pi * 0.04)) < 0.15);
        // What lies further than 0.45 off the ink is outside.
        ThreadRaster off({0, 0, 10, 10});
        off.lay({1, 1}, {9, 1});
        off.lay({1, 8}, {9, 8});
        const auto f = threadFigures(off, one(rectangle(1, 0.8, 9, 1.2)));
        QVERIFY(std::abs(f.outside - 0.5) < 0.02);
        QVERIFY(f.covers > 0.99);
    }

    void randomShapesGiveStitchesThatMachinesTake()
    {
        std::mt19937 random(7);
        std::uniform_real_distribution<double> at(0, 40), size(0.3, 12);
        for (int round = 0; round < 40; ++round) {
            std::vector<Paths> glyphs;
            for (int k = 0; k < 4; ++k) {
                const double x = at(random), y = at(random);
                glyphs.push_back({round % 2 == 0 ? rectangle(x, y, x + size(random), y + size(random))
                                                 : circle({x, y}, size(random))});
            }
            const auto welded = weld(glyphs, kUnit);
            QVERIFY(welded.has_value());
            for (const auto as : {SewnAs::Satin, SewnAs::Fill, SewnAs::Running, SewnAs::Applique}) {
                StitchSettings s;
                s.as = as;
                const auto plan = planned(welded->outline, s);
                const auto f = figuresOf(plan, welded->outline, s);
                QVERIFY(f.longest_mm <= kLongestStitch_mm + 1e-9);
                QVERIFY2(f.short_share < 0.01,
                         qPrintable(QStringLiteral("%1 %2").arg(round).arg(f.short_share)));
                if (as == SewnAs::Satin || as == SewnAs::Fill)
                    QVERIFY2(
                        f.covers > 0.93 && f.outside < 0.02,
                        qPrintable(QStringLiteral("%1: %2, %3").arg(round).arg(f.covers).arg(f.outside)));
            }
        }
    }
};

INK_TEST_CORE_MAIN(TestStitch)
#include "test_stitch.moc"
