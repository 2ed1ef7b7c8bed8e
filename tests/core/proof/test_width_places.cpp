#include "core/fit/fit_marks.h"
#include "core/geometry/bend.h"
#include "core/geometry/medial_axis.h"
#include "core/geometry/weld.h"
#include "core/proof/width_places.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

#include <cmath>

using namespace ink;

namespace {

constexpr Unit kUnit = Unit::ofFont(1000.0);

struct Line
{
    std::vector<PlacedPaths> letters;
    Outline outline;
    AxisGraph graph;
};

Line lineOf(const std::vector<PlacedPaths>& letters)
{
    auto welded = weld(letters, kUnit);
    if (!welded)
        qFatal("%s", welded.error().message().c_str());
    auto graph = axisGraph(welded->outline, kUnit);
    if (!graph)
        qFatal("%s", graph.error().message().c_str());
    return {letters, std::move(welded->outline), std::move(*graph)};
}

PlacedPaths placed(Paths paths, Point at = {})
{
    return {std::make_shared<const Paths>(std::move(paths)), at, 0};
}

std::vector<WidthPlace> placesOf(const Line& line, bool is_ink)
{
    const LetterOwners owners(line.letters, kUnit);
    return widthPlaces(line.graph, is_ink, line.outline, kUnit, &owners);
}

/// Two bars of 40 and 60, a ring of 30 with a middle of 200, apart by 25 and 35.
Line barsAndRing()
{
    return lineOf({placed({test::rectangle(0, 0, 40, 700)}),
                   placed({test::rectangle(0, 0, 60, 700)}, {65, 0}),
                   placed({test::circle({0, 0}, 130), test::circle({0, 0}, 100, true)}, {290, 350})});
}

} // namespace

class TestWidthPlaces : public QObject
{
    Q_OBJECT

private slots:
    void everyStrokeIsFoundWithItsLetter();
    void gapsBelongToBothLetters();
    void aMiddleIsAGapOfOneLetter();
    void theFirstIsTheThinnestOfTheWhole();
    void bentLettersAreFoundWhereTheyStand();
    void weldedLettersShareTheirJoin();
    void aBorderBelongsToTheLetterItRunsRound();
    void anyOutlineHasMarks();
};

void TestWidthPlaces::everyStrokeIsFoundWithItsLetter()
{
    const auto strokes = placesOf(barsAndRing(), true);
    QCOMPARE(strokes.size(), std::size_t(3));
    const std::vector<std::pair<double, std::size_t>> expected{{30, 2}, {40, 0}, {60, 1}};
    for (std::size_t i = 0; i < expected.size(); ++i) {
        QVERIFY(std::abs(strokes[i].at.width - expected[i].first) < 0.05);
        QCOMPARE(strokes[i].letters, std::vector<std::size_t>{expected[i].second});
    }
    // The axis of the ring is as long as its middle line.
    QVERIFY(std::abs(strokes[0].length - 2 * M_PI * 115) < 3.0);
}

void TestWidthPlaces::gapsBelongToBothLetters()
{
    const auto gaps = placesOf(barsAndRing(), false);
    const auto between = [&](std::vector<std::size_t> letters) {
        const auto it = std::ranges::find(gaps, letters, &WidthPlace::letters);
        return it == gaps.end() ? 0.0 : it->at.width;
    };
    QVERIFY(std::abs(between({0, 1}) - 25) < 0.05);
    QVERIFY(std::abs(between({1, 2}) - 35) < 0.05);
}

void TestWidthPlaces::aMiddleIsAGapOfOneLetter()
{
    const auto gaps = placesOf(barsAndRing(), false);
    const auto it = std::ranges::find(gaps, std::vector<std::size_t>{2}, &WidthPlace::letters);
    QVERIFY(it != gaps.end());
    QVERIFY(std::abs(it->at.width - 200) < 0.1);
}

void TestWidthPlaces::theFirstIsTheThinnestOfTheWhole()
{
    const auto line = barsAndRing();
    const auto axis = medialAxisOf(line.graph, line.outline, kUnit);
    // Of steps that are alike within 0.05 u the longest speaks.
    QVERIFY(std::abs(placesOf(line, true).front().at.width - axis.thinnest_stroke->width) < 0.05);
    QVERIFY(std::abs(placesOf(line, false).front().at.width - axis.narrowest_gap->width) < 0.05);
}

void TestWidthPlaces::bentLettersAreFoundWhereTheyStand()
{
    const auto arch = [](Point p) {
        const double turn = p.x / 900.0, radius = 900.0 + p.y;
        return Point{radius * std::sin(turn), radius * std::cos(turn)};
    };
    std::vector<PlacedPaths> letters;
    for (int i = 0; i < 4; ++i)
        letters.push_back(
            placed(bent(Paths{test::rectangle(i * 120.0, 0, i * 120.0 + 50 + 10 * i, 400)}, arch, 0.02)));
    const auto strokes = placesOf(lineOf(letters), true);
    QCOMPARE(strokes.size(), letters.size());
    for (std::size_t i = 0; i < strokes.size(); ++i)
        QCOMPARE(strokes[i].letters, std::vector<std::size_t>{i});
}

void TestWidthPlaces::weldedLettersShareTheirJoin()
{
    // Two blocks joined by a bar that begins in one and ends in the other: the bar is the second letter's.
    const auto line =
        lineOf({placed({test::rectangle(0, 0, 200, 300)}),
                placed({test::rectangle(150, 140, 400, 160), test::rectangle(350, 0, 550, 300)})});
    QCOMPARE(line.outline.pieces.size(), std::size_t(1));
    const auto strokes = placesOf(line, true);
    QVERIFY(std::abs(strokes.front().at.width - 20) < 0.05);
    QCOMPARE(strokes.front().letters, std::vector<std::size_t>{1});
}

void TestWidthPlaces::aBorderBelongsToTheLetterItRunsRound()
{
    const auto line = barsAndRing();
    const LetterOwners owners(line.letters, kUnit);
    QCOMPARE(owners.at({-10, 350}), std::vector<std::size_t>{0});
    QCOMPARE(owners.at({-30, 350}), std::vector<std::size_t>{});
    QCOMPARE(owners.at({0, 350}), std::vector<std::size_t>{0});
}

void TestWidthPlaces::anyOutlineHasMarks()
{
    FitMarks marks;
    const auto line = barsAndRing();
    QVERIFY(markOutline(line.outline, kUnit, marks));
    QCOMPARE(marks.pieces, std::size_t(3));
    QCOMPARE(marks.middles.size(), std::size_t(1));
    QVERIFY(std::abs(marks.thinnest_stroke->width - 30) < 0.05);
    QVERIFY(std::abs(marks.smallest_piece->area - M_PI * (130 * 130 - 100 * 100)) < 20);
    // Marking another outline leaves nothing of the first.
    QVERIFY(markOutline(lineOf({placed({test::rectangle(0, 0, 40, 700)})}).outline, kUnit, marks));
    QVERIFY(marks.middles.empty());
    QVERIFY(std::abs(marks.smallest_piece->area - 28'000) < 1);
}

INK_TEST_CORE_MAIN(TestWidthPlaces)
#include "test_width_places.moc"
