#include "core/geometry/measure.h"
#include "core/geometry/weld.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

#include <limits>
#include <numbers>

using namespace ink;

namespace {

Outline welded(const std::vector<Paths>& glyphs, WeldStats* stats = nullptr)
{
    auto result = weld(glyphs, {}, stats);
    if (!result)
        qFatal("%s", result.error().message().c_str());
    return *result;
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
};

void TestWeld::nothingInNothingOut()
{
    QVERIFY(welded({}).pieces.empty());
    QVERIFY(welded({Paths{}}).pieces.empty());
}

void TestWeld::overlappingSquaresBecomeOnePiece()
{
    WeldStats stats;
    const auto outline =
        welded({{test::rectangle(0, 0, 100, 100)}, {test::rectangle(50, 50, 150, 150)}}, &stats);
    const auto f = measure(outline);
    QCOMPARE(f.pieces, std::size_t(1));
    QCOMPARE(f.middles, std::size_t(0));
    QCOMPARE(f.nodes, std::size_t(8));
    QVERIFY(std::abs(f.area - 17500) < 0.01);
    QCOMPARE(stats.nodes_before, std::size_t(8));
    QCOMPARE(stats.crossings, std::size_t(2));
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
    WeldStats stats;
    const Point centre{120, 0};
    const auto outline = welded({{test::circle({0, 0}, 100)}, {test::circle(centre, 100)}}, &stats);
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
}

void TestWeld::hardCases()
{
    QFETCH(int, which);
    QFETCH(int, pieces);
    QFETCH(int, middles);
    const auto bar = test::polygon({{0, 0}, {50000, 20000}, {49990, 20025}, {-10, 25}});
    Contour loop;
    loop.segments = {Segment::cubic({0, 0}, {300, 300}, {-300, 300}, {0, 0})};
    const std::vector<std::vector<Paths>> cases{
        {{test::rectangle(0, 0, 100, 100)}, {test::rectangle(0, 50, 200, 100)}},
        {{test::rectangle(0, 0, 100, 100)}, {test::rectangle(100, 0, 200, 100)}},
        {{test::circle({0, 0}, 100)}, {test::circle({30, 0}, 70)}},
        {{test::rectangle(0, 0, 100, 100), test::rectangle(0, 0, 100, 100)}},
        {{test::polygon({{0, 0}, {100, 0}, {100, 50}, {300, 50}, {100, 50}, {100, 100}, {0, 100}})}},
        {{test::polygon({{0, 0}, {100, 0}})}, {test::polygon({{0, 0}, {50, 50}, {100, 100}})}},
        {{bar}, {test::rectangle(20000, 7000, 20500, 9000)}},
        {{loop}},
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
    QCOMPARE(weld(with_nan).error().code, ErrorCode::NonFinite);
    const std::vector<Paths> huge{{test::rectangle(0, 0, 1e9, 10)}};
    QCOMPARE(weld(huge).error().code, ErrorCode::CoordinateOutOfRange);
}

void TestWeld::canBeCancelled()
{
    CancelSource source;
    source.cancel();
    const std::vector<Paths> glyphs{{test::circle({0, 0}, 100)}};
    QCOMPARE(weld(glyphs, {1000.0, source.token()}).error().code, ErrorCode::Cancelled);
}

INK_TEST_CORE_MAIN(TestWeld)
#include "test_weld.moc"
