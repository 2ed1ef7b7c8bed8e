#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/geometry/reduce.h"
#include "core/geometry/validity.h"
#include "core/geometry/weld.h"
#include "core/geometry/weld_cache.h"
#include "tests/support/environment.h"
#include "tests/support/oracle.h"
#include "tests/support/shapes.h"

#include <limits>
#include <numbers>
#include <thread>

using namespace ink;

namespace {

constexpr Unit kUnit = Unit::ofFont(1000.0);

Welded weldOf(const std::vector<Paths>& glyphs, Unit unit = kUnit)
{
    auto result = weld(glyphs, unit);
    if (!result)
        qFatal("%s", result.error().message().c_str());
    const auto validity = validityOf(result->outline, unit.u);
    if (!validity.isValid(0.05 * unit.u))
        qFatal("%s", validity.inWords().c_str());
    if (const auto p = test::wrongPoint(glyphs, result->outline, 0.5 * unit.u, 400))
        qFatal("ink is not where it was, at %g, %g", p->x, p->y);
    return *result;
}

Outline welded(const std::vector<Paths>& glyphs)
{
    return weldOf(glyphs).outline;
}

Outline outlineOf(const std::vector<PlacedPaths>& glyphs, const WeldOptions& options = {})
{
    return weld(glyphs, kUnit, options)->outline;
}

std::vector<PlacedPaths> placed(const Paths& paths, const std::vector<Point>& places)
{
    std::vector<PlacedPaths> out;
    for (const Point at : places)
        out.push_back({std::make_shared<Paths>(paths), at, 0});
    return out;
}

/// An o of four cubics and a stem: a letter that overlaps itself and its neighbours.
Paths letter()
{
    return {test::circle({100, 100}, 100), test::circle({100, 100}, 60, true),
            test::rectangle(180, 0, 220, 200)};
}

std::size_t nodesOf(const Outline& outline)
{
    return measure(outline).nodes;
}

bool sameShape(const Outline& a, const Outline& b, double relative = 1e-6)
{
    const auto f = measure(a), g = measure(b);
    return f.pieces == g.pieces && f.middles == g.middles && std::abs(f.area - g.area) <= relative * f.area;
}

void compareArea(const std::vector<Paths>& glyphs, double relative)
{
    const double expected = test::rasterArea(glyphs, 4000);
    const double got = measure(welded(glyphs)).area;
    QVERIFY2(std::abs(got - expected) <= relative * expected,
             qPrintable(QStringLiteral("%1 against %2").arg(got).arg(expected)));
}

} // namespace

class TestWeld : public QObject
{
    Q_OBJECT
private slots:
    void nothingInNothingOut();
    void overlappingSquaresBecomeOnePiece();
    void overlappingCirclesKeepTheirCurves();
    void middlesStayOpen();
    void aDotInAMiddleIsItsOwnPiece();
    void separateDotsStayApart();
    void wrongDirectionDoesNotCancel();
    void selfOverlappingContour();
    void sameGlyphTwice_data();
    void sameGlyphTwice();
    void curvesKeepTheirKind();
    void crossingsLieOnBothCurves();
    void hardCases_data();
    void hardCases();
    void orderAndDirectionDoNotMatter();
    void manyCirclesThroughOnePoint();
    void badCoordinatesAreRefused();
    void canBeCancelled();
    void seamsDrawnTwiceClose_data();
    void seamsDrawnTwiceClose();
    void nodesAreOriginalsAndCrossings();
    void nodesKeepTheirKind();
    void layersAreKeptApart();
    void placesAreRelative();
    void repeatedGlyphsAreMadeOnce();
    void onlyTheGroupThatMovedIsWeldedAgain();
    void theCacheForgets();
    void severalThreadsShareACache();
    void algebra_data();
    void algebra();
    void limits();
    void timesAreTold();
    void edgesThatMeetAreWelded_data();
    void edgesThatMeetAreWelded();
    void turnedEdgesThatMeetAreWelded();
    void whatIsApartStaysApart();
    void longLinesAreTakenApartAndPutTogether_data();
    void longLinesAreTakenApartAndPutTogether();
};

void TestWeld::nothingInNothingOut()
{
    QVERIFY(welded({}).pieces.empty());
    QVERIFY(welded({Paths{}}).pieces.empty());
}

void TestWeld::overlappingSquaresBecomeOnePiece()
{
    const auto [outline, crossings, stats] =
        weldOf({{test::rectangle(0, 0, 100, 100)}, {test::rectangle(50, 50, 150, 150)}});
    const auto f = measure(outline);
    QCOMPARE(f.pieces, std::size_t(1));
    QCOMPARE(f.middles, std::size_t(0));
    QCOMPARE(f.nodes, std::size_t(8));
    QVERIFY(std::abs(f.area - 17500) < 0.01);
    QCOMPARE(stats.nodes_before, std::size_t(8));
    QCOMPARE(crossings.size(), std::size_t(2));
    QCOMPARE(stats.lost_edges, std::size_t(0));
}

void TestWeld::overlappingCirclesKeepTheirCurves()
{
    const double r = 100, d = 120;
    const auto f = measure(welded({{test::circle({0, 0}, r)}, {test::circle({d, 0}, r)}}));
    // Area of a lens of two equal circles (any geometry text): 2 r^2 acos(d/2r) - d/2 sqrt(4r^2 - d^2).
    const double lens = 2 * r * r * std::acos(d / (2 * r)) - d / 2 * std::sqrt(4 * r * r - d * d);
    const double expected = 2 * std::numbers::pi * r * r - lens;
    QVERIFY2(std::abs(f.area - expected) < 0.0006 * expected, qPrintable(QString::number(f.area)));
    QCOMPARE(f.nodes, std::size_t(8)); // three surviving nodes of each circle and two crossings
}

void TestWeld::middlesStayOpen()
{
    const Paths ring{test::circle({0, 0}, 100), test::circle({0, 0}, 60, true)};
    const auto outline = welded({ring, {test::rectangle(90, -10, 300, 10)}});
    QCOMPARE(outline.pieces.size(), std::size_t(1));
    QCOMPARE(outline.pieces[0].middles.size(), std::size_t(1));
    QVERIFY(outline.pieces[0].outer.signedArea() > 0);
    QVERIFY(outline.pieces[0].middles[0].signedArea() < 0);
}

void TestWeld::aDotInAMiddleIsItsOwnPiece()
{
    const Paths target{test::circle({0, 0}, 100), test::circle({0, 0}, 60, true), test::circle({0, 0}, 20)};
    const auto f = measure(welded({target}));
    QCOMPARE(f.pieces, std::size_t(2));
    QCOMPARE(f.middles, std::size_t(1));
}

void TestWeld::separateDotsStayApart()
{
    const auto outline = welded({{test::rectangle(0, 0, 30, 200), test::circle({15, 250}, 20)}});
    QCOMPARE(outline.pieces.size(), std::size_t(2));
}

void TestWeld::wrongDirectionDoesNotCancel()
{
    // A mirrored glyph winds the other way round: over the whole word at once it would cut a hole.
    const auto f =
        measure(welded({{test::rectangle(0, 0, 100, 100)}, {test::rectangle(50, 0, 150, 100, true)}}));
    QCOMPARE(f.pieces, std::size_t(1));
    QVERIFY(std::abs(f.area - 15000) < 0.01);
}

void TestWeld::selfOverlappingContour()
{
    const auto cross_over =
        test::polygon({{0, 0}, {100, 0}, {100, 100}, {40, 100}, {40, -40}, {60, -40}, {60, 60}, {0, 60}});
    compareArea({{cross_over}}, 1e-3);
}

void TestWeld::sameGlyphTwice_data()
{
    QTest::addColumn<double>("dx");
    QTest::addColumn<bool>("reversed");
    QTest::newRow("the same") << 0.0 << false;
    QTest::newRow("reversed") << 0.0 << true;
    QTest::newRow("a thousandth aside") << 0.001 << false;
    QTest::newRow("a tenth aside") << 0.1 << false;
    QTest::newRow("half a unit aside") << 0.5 << true;
}

void TestWeld::sameGlyphTwice()
{
    QFETCH(double, dx);
    QFETCH(bool, reversed);
    const Paths ring{test::circle({0, 0}, 300), test::circle({0, 0}, 200, true)};
    Paths copy = transformed(ring, {1, 0, 0, 1, dx, 0});
    if (reversed)
        for (auto& c : copy)
            c = c.reversed();
    const auto outline = welded({ring, copy});
    QCOMPARE(outline.pieces.size(), std::size_t(1));
    QCOMPARE(outline.pieces[0].middles.size(), std::size_t(1));
    compareArea({ring, copy}, 1e-3);
}

void TestWeld::curvesKeepTheirKind()
{
    const auto outline = welded(
        {{test::arch({0, 0}, 200, 150)}, {test::circle({300, 50}, 60)}, {test::rectangle(190, 20, 260, 60)}});
    QCOMPARE(outline.pieces.size(), std::size_t(1));
    std::size_t count[4] = {};
    for (const auto& s : outline.pieces[0].outer.segments)
        ++count[s.degree()];
    QVERIFY(count[1] >= 3);
    QVERIFY(count[2] >= 2 && count[2] <= 3);
    QVERIFY(count[3] >= 4 && count[3] <= 5);
}

void TestWeld::crossingsLieOnBothCurves()
{
    const Point centre{120, 0};
    const auto [outline, crossings, stats] =
        weldOf({{test::circle({0, 0}, 100)}, {test::circle(centre, 100)}});
    QCOMPARE(stats.unrefined, std::size_t(0));
    int on_both = 0;
    for (const auto& s : outline.pieces[0].outer.segments)
        if (std::abs(length(s.start()) - length(s.start() - centre)) < 1e-6)
            ++on_both;
    QCOMPARE(on_both, 2);
}

void TestWeld::hardCases_data()
{
    QTest::addColumn<int>("which");
    QTest::addColumn<int>("pieces");
    QTest::addColumn<int>("middles");
    QTest::newRow("edges that coincide, same direction") << 0 << 1 << 0;
    QTest::newRow("edges that coincide, opposite direction") << 1 << 1 << 0;
    QTest::newRow("curves touching at a point off a node") << 2 << 1 << 0;
    QTest::newRow("a double-wound seam") << 3 << 1 << 0;
    QTest::newRow("a contour that goes there and back") << 4 << 1 << 0;
    QTest::newRow("zero area only") << 5 << 0 << 0;
    QTest::newRow("a slanted bar 50,000 units long") << 6 << 1 << 0;
    QTest::newRow("a closed loop of one cubic") << 7 << 1 << 0;
    QTest::newRow("an attached spike along a curve and back on it") << 8 << 1 << 0;
    QTest::newRow("an open contour, closed as fonts are filled") << 9 << 1 << 0;
    QTest::newRow("two squares that touch at a corner are apart") << 10 << 2 << 0;
    QTest::newRow("a hairline neck") << 11 << 1 << 0;
    QTest::newRow("a mirrored copy on itself") << 12 << 1 << 1;
    QTest::newRow("a figure of eight") << 13 << 2 << 0;
    QTest::newRow("a middle that touches the edge") << 14 << 1 << 1;
}

void TestWeld::hardCases()
{
    QFETCH(int, which);
    QFETCH(int, pieces);
    QFETCH(int, middles);
    const auto bar = test::polygon({{0, 0}, {50000, 20000}, {49990, 20025}, {-10, 25}});
    Contour loop;
    loop.segments = {Segment::cubic({0, 0}, {300, 300}, {-300, 300}, {0, 0})};
    // Out along a curve of the first contour's last node, and back on it in two pieces.
    const auto way = Segment::cubic({100, 100}, {150, 180}, {220, 120}, {300, 200});
    Contour spiked = test::rectangle(0, 0, 100, 100);
    spiked.segments.insert(spiked.segments.begin() + 2, {way, way.part(1.0, 0.41), way.part(0.41, 0.0)});
    ContourPen pen;
    pen.moveTo({0, 0});
    pen.lineTo({100, 0});
    pen.quadraticTo({120, 60}, {50, 100});
    const Contour open = pen.take().front();
    const Paths ring{test::circle({0, 0}, 100), test::circle({0, 0}, 60, true)};
    const std::vector<std::vector<Paths>> cases{
        {{test::rectangle(0, 0, 100, 100)}, {test::rectangle(0, 50, 200, 100)}},
        {{test::rectangle(0, 0, 100, 100)}, {test::rectangle(100, 0, 200, 100)}},
        {{test::circle({0, 0}, 100)}, {test::circle({30, 0}, 70)}},
        {{test::rectangle(0, 0, 100, 100), test::rectangle(0, 0, 100, 100)}},
        {{test::polygon({{0, 0}, {100, 0}, {100, 50}, {300, 50}, {100, 50}, {100, 100}, {0, 100}})}},
        {{test::polygon({{0, 0}, {100, 0}})}, {test::polygon({{0, 0}, {50, 50}, {100, 100}})}},
        {{bar}, {test::rectangle(20000, 7000, 20500, 9000)}},
        {{loop}},
        {{spiked}},
        {{open}},
        {{test::rectangle(0, 0, 100, 100)}, {test::rectangle(100, 100, 200, 200)}},
        {{test::polygon({{0, 0},
                         {100, 0},
                         {100, 49.9},
                         {200, 49.9},
                         {200, 0},
                         {300, 0},
                         {300, 100},
                         {200, 100},
                         {200, 50.1},
                         {100, 50.1},
                         {100, 100},
                         {0, 100}})}},
        {ring, transformed(ring, {-1, 0, 0, 1, 0, 0})},
        {{test::polygon({{0, 0}, {100, 100}, {100, 0}, {0, 100}})}},
        {{test::rectangle(0, 0, 100, 100), test::polygon({{50, 0}, {30, 50}, {70, 50}})}},
    };
    const auto& glyphs = cases[static_cast<std::size_t>(which)];
    const auto f = measure(welded(glyphs));
    QCOMPARE(int(f.pieces), pieces);
    QCOMPARE(int(f.middles), middles);
    if (pieces > 0)
        compareArea(glyphs, 2e-3);
}

void TestWeld::orderAndDirectionDoNotMatter()
{
    std::vector<Paths> glyphs;
    for (int i = 0; i < 8; ++i)
        glyphs.push_back({test::circle({i * 70.0, (i % 3) * 25.0}, 60),
                          test::circle({i * 70.0, (i % 3) * 25.0}, 30, true)});
    const auto expected = measure(welded(glyphs));
    std::ranges::reverse(glyphs);
    for (auto& paths : glyphs)
        for (auto& c : paths)
            c = c.reversed();
    const auto turned = measure(welded(glyphs));
    QCOMPARE(turned.pieces, expected.pieces);
    QCOMPARE(turned.middles, expected.middles);
    QVERIFY(std::abs(turned.area - expected.area) < 1e-5 * expected.area);
}

void TestWeld::manyCirclesThroughOnePoint()
{
    std::vector<Paths> glyphs;
    for (int i = 0; i < 24; ++i) {
        const double a = i * std::numbers::pi / 12;
        glyphs.push_back({test::circle({100 * std::cos(a), 100 * std::sin(a)}, 100)});
    }
    const auto f = measure(welded(glyphs));
    QCOMPARE(f.pieces, std::size_t(1));
    compareArea(glyphs, 1e-3);
}

void TestWeld::badCoordinatesAreRefused()
{
    const auto nan = std::numeric_limits<double>::quiet_NaN();
    const std::vector<Paths> with_nan{{test::rectangle(0, 0, nan, 10)}};
    QCOMPARE(weld(with_nan, kUnit).error().code, ErrorCode::NonFinite);
    const std::vector<Paths> huge{{test::rectangle(0, 0, 1e9, 10)}};
    QCOMPARE(weld(huge, kUnit).error().code, ErrorCode::CoordinateOutOfRange);
}

void TestWeld::canBeCancelled()
{
    CancelSource source;
    source.cancel();
    const std::vector<Paths> glyphs{{test::circle({0, 0}, 100)}};
    QCOMPARE(weld(glyphs, kUnit, {source.token(), {}}).error().code, ErrorCode::Cancelled);
}

void TestWeld::seamsDrawnTwiceClose_data()
{
    QTest::addColumn<double>("split");
    QTest::addColumn<double>("gap");
    QTest::newRow("the same curve on both sides") << 0.5 << 0.0;
    QTest::newRow("one side in other pieces") << 0.37 << 0.0;
    QTest::newRow("a hundredth of a unit between") << 0.37 << 0.01;
    QTest::newRow("a hundredth over each other") << 0.37 << -0.01;
}

// Two halves that meet along a curve, drawn in different pieces: chords of the two sides do not coincide, and
// slivers, spikes and weaving would be left at the seam.
void TestWeld::seamsDrawnTwiceClose()
{
    QFETCH(double, split);
    QFETCH(double, gap);
    const auto seam = Segment::cubic({0, 0}, {80, 100}, {-60, 200}, {20, 300});
    Contour left, right;
    left.segments = {seam, Segment::line({20, 300}, {-200, 300}), Segment::line({-200, 300}, {-200, 0}),
                     Segment::line({-200, 0}, {0, 0})};
    right.segments = {seam.part(1.0, split), seam.part(split, 0.0), Segment::line({0, 0}, {200, 0}),
                      Segment::line({200, 0}, {200, 300}), Segment::line({200, 300}, {20, 300})};
    const auto outline = welded({{left}, transformed(Paths{right}, {1, 0, 0, 1, gap, 0})});
    const auto f = measure(outline);
    QCOMPARE(f.pieces, std::size_t(1));
    QCOMPARE(f.middles, std::size_t(0));
    QVERIFY2(f.nodes <= 8, qPrintable(QString::number(f.nodes)));
    QVERIFY(std::abs(f.area - 120000.0) < 10.0);
}

void TestWeld::nodesAreOriginalsAndCrossings()
{
    std::vector<Paths> glyphs;
    for (int i = 0; i < 6; ++i)
        glyphs.push_back(transformed(letter(), {1, 0, 0, 1, i * 190.0, (i % 2) * 7.0}));
    std::vector<Point> originals;
    for (const auto& paths : glyphs)
        for (const auto& contour : paths)
            for (const auto& s : contour.segments)
                originals.push_back(s.start());
    const auto [outline, told, stats] = weldOf(glyphs);
    std::size_t surviving = 0, crossings = 0;
    for (const auto& ring : toPaths(outline))
        for (const auto& s : ring.segments) {
            if (std::ranges::find(originals, s.start()) != originals.end())
                ++surviving;
            else
                ++crossings;
        }
    QCOMPARE(nodesOf(outline), surviving + crossings);
    QCOMPARE(told.size(), crossings);
    QVERIFY(crossings >= 10);
}

void TestWeld::nodesKeepTheirKind()
{
    const auto round = welded({{test::circle({0, 0}, 100)}, {test::rectangle(80, -10, 300, 10)}});
    int smooth = 0, corners = 0;
    for (const auto& ring : toPaths(round))
        for (std::size_t i = 0; i < ring.segments.size(); ++i)
            ++(nodeKind(ring, i) == NodeKind::Smooth ? smooth : corners);
    QCOMPARE(smooth, 3);  // of the circle; the fourth lies under the bar
    QCOMPARE(corners, 4); // two ends of the bar, two crossings
}

void TestWeld::layersAreKeptApart()
{
    auto glyphs = placed({test::rectangle(0, 0, 100, 100)}, {{0, 0}, {50, 0}, {100, 0}});
    QCOMPARE(outlineOf(glyphs).pieces.size(), std::size_t(1));
    glyphs[1].layer = 1;
    const auto apart = outlineOf(glyphs);
    QCOMPARE(apart.pieces.size(), std::size_t(2));
    QVERIFY(std::abs(measure(apart).area - 30000.0) < 1e-6);
}

void TestWeld::placesAreRelative()
{
    // A place is brought to a grid of 1/256 u, and two glyphs stay as far apart wherever they are.
    const auto here = outlineOf(placed(letter(), {{0, 0}, {190.25, 0}}));
    const auto there = outlineOf(placed(letter(), {{5000, -300}, {5190.25, -300}}));
    QVERIFY(sameShape(here, there, 1e-12));
    QCOMPARE(bounds(there).x0 - bounds(here).x0, 5000.0);
}

void TestWeld::repeatedGlyphsAreMadeOnce()
{
    const auto three = weld(placed(letter(), {{0, 0}, {190, 0}, {380, 0}}), kUnit);
    QVERIFY(three);
    QCOMPARE(three->stats.glyphs_cached, std::size_t(2));
}

void TestWeld::onlyTheGroupThatMovedIsWeldedAgain()
{
    WeldOptions options;
    options.cache = std::make_shared<WeldCache>();
    std::vector<Point> places;
    for (int word = 0; word < 10; ++word)
        for (int i = 0; i < 4; ++i)
            places.push_back({word * 2000.0 + i * 190.0, 0.5 * word});
    const auto before = weld(placed(letter(), places), kUnit, options);
    QCOMPARE(before->stats.groups, std::size_t(10));
    QCOMPARE(before->stats.groups_cached, std::size_t(9)); // ten times the same word, wherever it stands
    places[17].x += 3.0;
    const auto after = weld(placed(letter(), places), kUnit, options);
    QCOMPARE(after->stats.glyphs_cached, std::size_t(40));
    QCOMPARE(after->stats.groups_cached, std::size_t(9));
    const auto fresh = outlineOf(placed(letter(), places));
    QVERIFY(sameShape(after->outline, fresh, 1e-12));
    QVERIFY(!sameShape(after->outline, before->outline, 1e-12));
}

void TestWeld::theCacheForgets()
{
    WeldOptions options;
    options.cache = std::make_shared<WeldCache>(200, 100);
    for (int i = 0; i < 50; ++i) {
        const Paths ring{test::circle({0, 0}, 100.0 + i)};
        const auto made = outlineOf(placed(ring, {{0, 0}, {120, 0}}), options);
        QVERIFY(sameShape(made, outlineOf(placed(ring, {{0, 0}, {120, 0}})), 1e-12));
    }
}

void TestWeld::severalThreadsShareACache()
{
    WeldOptions options;
    options.cache = std::make_shared<WeldCache>();
    std::vector<double> areas(4);
    std::vector<std::thread> threads;
    for (std::size_t t = 0; t < areas.size(); ++t)
        threads.emplace_back([&, t] {
            for (int i = 0; i < 20; ++i)
                areas[t] += measure(outlineOf(placed(letter(), {{0, 0}, {180.0 + i, 0}, {360.0 + 2 * i, 0}}),
                                              options))
                                .area;
        });
    for (auto& thread : threads)
        thread.join();
    for (const double area : areas)
        QCOMPARE(area, areas.front());
}

void TestWeld::algebra_data()
{
    QTest::addColumn<int>("which");
    QTest::newRow("idempotent") << 0;
    QTest::newRow("united with itself") << 1;
    QTest::newRow("commutative") << 2;
    QTest::newRow("turned by 90 degrees") << 3;
    QTest::newRow("mirrored") << 4;
    QTest::newRow("scaled") << 5;
    QTest::newRow("contours in another order") << 6;
}

void TestWeld::algebra()
{
    QFETCH(int, which);
    std::vector<Paths> glyphs;
    for (int i = 0; i < 5; ++i)
        glyphs.push_back(transformed(letter(), {0.9, 0.2, -0.1, 1.1, i * 170.0, (i % 3) * 11.0}));
    const auto expected = welded(glyphs);
    std::vector<Paths> other = glyphs;
    Unit unit = kUnit;
    double scale = 1.0;
    const auto map = [&](const Affine& by) {
        for (auto& paths : other)
            paths = transformed(paths, by);
    };
    switch (which) {
    case 0:
        other = {toPaths(expected)};
        break;
    case 1:
        other.insert(other.end(), glyphs.begin(), glyphs.end());
        break;
    case 2:
        std::ranges::reverse(other);
        break;
    case 3:
        map({0, 1, -1, 0, 0, 0});
        break;
    case 4:
        map({-1, 0, 0, 1, 0, 0});
        break;
    case 5:
        scale = 0.02; // em of 20 mm
        map({scale, 0, 0, scale, 0, 0});
        unit = Unit::ofEm(20.0);
        break;
    default:
        for (auto& paths : other)
            std::ranges::reverse(paths);
    }
    const auto got = weld(other, unit);
    const auto back = transformed(got->outline, {1.0 / scale, 0, 0, 1.0 / scale, 0, 0});
    QVERIFY(sameShape(expected, back));
    QCOMPARE(nodesOf(back), nodesOf(expected));
}

void TestWeld::limits()
{
    Contour scribble; // 1,100 nodes, written 2,000 times
    for (int i = 0; i < 1100; ++i)
        scribble.segments.push_back(Segment::line({double(i), 0}, {double((i + 1) % 1100), double(i % 2)}));
    const auto paths = std::make_shared<Paths>(Paths{scribble});
    QCOMPARE(weld(std::vector<PlacedPaths>(2000, {paths, {}, 0}), kUnit).error().code,
             ErrorCode::TooManyNodes);
    const auto nan = std::numeric_limits<double>::quiet_NaN();
    QCOMPARE(weld(placed(letter(), {{nan, 0}}), kUnit).error().code, ErrorCode::NonFinite);
    QCOMPARE(weld(placed(letter(), {{4e6, 0}}), kUnit).error().code, ErrorCode::CoordinateOutOfRange);
    QVERIFY(weld(placed(letter(), {{3.9e6, -3.9e6}}), kUnit));
}

void TestWeld::timesAreTold()
{
    const auto two = weld(placed(letter(), {{0, 0}, {190, 0}}), kUnit);
    QVERIFY(two);
    const WeldStats& stats = two->stats;
    QVERIFY(stats.glyphs_ms > 0.0 && stats.union_ms > 0.0 && stats.curves_ms > 0.0 && stats.check_ms > 0.0);
}

/// Two shapes that share a slanted edge, which only one of them has a node on, and a third on a straight one.
std::vector<Paths> neighbours()
{
    return {{test::polygon({{0, 0}, {301, 0}, {487, 700}, {0, 700}})},
            {test::polygon({{301, 0}, {600, 0}, {600, 700}, {487, 700}, {394, 350}})},
            {test::polygon({{600, 13}, {900, 13}, {900, 701}, {600, 701}, {600, 257}})}};
}

void TestWeld::edgesThatMeetAreWelded_data()
{
    QTest::addColumn<double>("units_per_em");
    for (const int em : {750, 900, 1000, 1024, 1100, 1200, 1500, 1800, 2000, 2048, 3000, 4000, 16384})
        QTest::addRow("%d", em) << double(em);
}

void TestWeld::edgesThatMeetAreWelded()
{
    QFETCH(double, units_per_em);
    // As drawn, in font units; and as the job sets them, in thousandths of the em.
    const auto drawn = weldOf(neighbours(), Unit::ofFont(units_per_em));
    QCOMPARE(measure(drawn.outline).pieces, std::size_t(1));
    QCOMPARE(measure(drawn.outline).middles, std::size_t(0));
    const double scale = 1000.0 / units_per_em;
    auto set = neighbours();
    for (auto& paths : set)
        paths = transformed(paths, {scale, 0, 0, scale, 0, 0});
    const auto placed = weldOf(set, {1.0, scale});
    QCOMPARE(measure(placed.outline).pieces, std::size_t(1));
    QCOMPARE(nodesOf(placed.outline), nodesOf(drawn.outline));
}

void TestWeld::turnedEdgesThatMeetAreWelded()
{
    // Turned, sized and moved letters are off every grid; what they share, they share within 0.05 u.
    for (int degrees = 1; degrees < 180; degrees += 7) {
        const double angle = degrees * std::numbers::pi / 180.0, size = 1.0 + 0.013 * degrees;
        const double c = size * std::cos(angle), s = size * std::sin(angle);
        auto turned = neighbours();
        for (auto& paths : turned)
            paths = transformed(paths, {c, s, -s, c, 0.37 * degrees, 1.0 / degrees});
        const auto f = measure(weldOf(turned).outline);
        QVERIFY2(f.pieces == 1 && f.middles == 0, qPrintable(QStringLiteral("turned by %1").arg(degrees)));
        QVERIFY2(f.nodes <= 14, qPrintable(QString::number(f.nodes)));
    }
}

void TestWeld::whatIsApartStaysApart()
{
    auto apart = neighbours();
    for (std::size_t i = 0; i < apart.size(); ++i)
        apart[i] = transformed(apart[i], {0.99, 0.1, -0.1, 0.99, 0.3 * double(i), 0});
    QCOMPARE(measure(weldOf(apart).outline).pieces, std::size_t(3));
}

void TestWeld::longLinesAreTakenApartAndPutTogether_data()
{
    QTest::addColumn<double>("pitch");
    QTest::addColumn<double>("rise");
    QTest::newRow("joined, all in one") << 190.0 << 0.0;
    QTest::newRow("overlapping by half") << 100.0 << 3.0;
    QTest::newRow("apart") << 230.0 << 0.0;
    QTest::newRow("upwards") << 60.0 << 170.0;
}

void TestWeld::longLinesAreTakenApartAndPutTogether()
{
    QFETCH(double, pitch);
    QFETCH(double, rise);
    // What a long line gives in strips, letter by letter gives too.
    std::vector<Point> places;
    for (int i = 0; i < 60; ++i)
        places.push_back({i * pitch, i * rise + (i % 3) * 7.0});
    const auto whole = outlineOf(placed(letter(), places));
    const auto validity = validityOf(whole, 1.0);
    QVERIFY2(validity.isValid(0.05), validity.inWords().c_str());
    Outline step;
    for (const Point at : places)
        step = *combine(step, outlineOf(placed(letter(), {at})), BooleanOp::Union, kUnit);
    const auto f = measure(whole), g = measure(step);
    QCOMPARE(f.pieces, g.pieces);
    QCOMPARE(f.middles, g.middles);
    QVERIFY(std::abs(f.area - g.area) < 1e-6 * g.area);
    QCOMPARE(f.nodes, g.nodes);
}

INK_TEST_CORE_MAIN(TestWeld)
#include "test_weld.moc"
