#include "core/fit/fit_marks.h"
#include "core/geometry/bend.h"
#include "core/geometry/weld.h"
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
    std::shared_ptr<const OutlineProof> proof;
};

Line lineOf(const std::vector<PlacedPaths>& letters)
{
    auto welded = weld(letters, kUnit);
    if (!welded)
        qFatal("%s", welded.error().message().c_str());
    auto proof =
        OutlineProof::of(welded->outline, kUnit, std::make_shared<const LetterOwners>(letters, kUnit));
    if (!proof)
        qFatal("%s", proof.error().message().c_str());
    return {letters, std::move(welded->outline), std::make_shared<const OutlineProof>(std::move(*proof))};
}

PlacedPaths placed(Paths paths, Point at = {})
{
    return {std::make_shared<const Paths>(std::move(paths)), at, 0};
}

/// What is thinner (closer together) than `width`, the narrowest first.
std::vector<ProofFinding> narrowerThan(const Line& line, double width, bool is_ink)
{
    ProcessLimits limits{is_ink ? width : 0.0, 0.0, is_ink ? 0.0 : width, 0.0, 0.0};
    auto found = line.proof->findings(1.0, {limits});
    std::erase_if(found, [&](const ProofFinding& f) {
        return f.kind != (is_ink ? FindingKind::ThinStroke : FindingKind::NarrowGap);
    });
    std::ranges::stable_sort(found, {}, &ProofFinding::measured);
    return found;
}

/// Two bars of 40 and 60, a ring of 30 with a middle of 200, apart by 25 and 35.
Line barsAndRing()
{
    return lineOf({placed({test::rectangle(0, 0, 40, 700)}),
                   placed({test::rectangle(0, 0, 60, 700)}, {65, 0}),
                   placed({test::circle({0, 0}, 130), test::circle({0, 0}, 100, true)}, {290, 350})});
}

} // namespace

class TestWidthRuns : public QObject
{
    Q_OBJECT

private slots:
    void everyStrokeIsFoundWithItsLetter();
    void gapsBelongToBothLetters();
    void aMiddleIsAGapOfOneLetter();
    void theStepsSayTheSameForEveryWidth();
    void bentLettersAreFoundWhereTheyStand();
    void weldedLettersShareTheirJoin();
    void aBorderBelongsToTheLetterItRunsRound();
    void anyOutlineHasMarks();
};

void TestWidthRuns::everyStrokeIsFoundWithItsLetter()
{
    const auto strokes = narrowerThan(barsAndRing(), 65.0, true);
    QCOMPARE(strokes.size(), std::size_t(3));
    const std::vector<std::pair<double, std::size_t>> expected{{30, 2}, {40, 0}, {60, 1}};
    for (std::size_t i = 0; i < expected.size(); ++i) {
        QVERIFY(std::abs(strokes[i].measured - expected[i].first) < 0.05);
        QCOMPARE(strokes[i].letters, std::vector<std::size_t>{expected[i].second});
    }
    // The axis of the ring is as long as its middle line.
    QVERIFY(std::abs(strokes[0].length - 2 * M_PI * 115) < 3.0);
}

void TestWidthRuns::gapsBelongToBothLetters()
{
    const auto gaps = narrowerThan(barsAndRing(), 40.0, false);
    QCOMPARE(gaps.size(), std::size_t(2));
    QVERIFY(std::abs(gaps[0].measured - 25) < 0.05 && std::abs(gaps[1].measured - 35) < 0.05);
    QCOMPARE(gaps[0].letters, (std::vector<std::size_t>{0, 1}));
    QCOMPARE(gaps[1].letters, (std::vector<std::size_t>{1, 2}));
}

void TestWidthRuns::aMiddleIsAGapOfOneLetter()
{
    const auto line =
        lineOf({placed({test::rectangle(-300, 0, -100, 600)}),
                placed({test::rectangle(0, 0, 200, 600), test::rectangle(80, 100, 120, 500, true)})});
    const auto gaps = narrowerThan(line, 50.0, false);
    QCOMPARE(gaps.size(), std::size_t(1));
    QVERIFY(std::abs(gaps[0].measured - 40) < 0.05);
    QCOMPARE(gaps[0].letters, std::vector<std::size_t>{1});
}

void TestWidthRuns::theStepsSayTheSameForEveryWidth()
{
    const auto line = barsAndRing();
    MeasuredSteps measured(line.outline, kUnit);
    CancelSource cancelled;
    cancelled.cancel();
    QCOMPARE(widthSteps(line.proof->branches(), true, measured, cancelled.token()).error().code,
             ErrorCode::Cancelled);
    for (const bool is_ink : {true, false}) {
        const auto made = widthSteps(line.proof->branches(), is_ink, measured);
        QVERIFY(made);
        const WidthSteps& steps = *made;
        const double narrowest = is_ink ? 30.0 : 25.0;
        // Found from its own width on, within a step, and not before.
        const auto* found = steps.foundFor(narrowest * 1.06);
        QVERIFY(found && found->run);
        QVERIFY(std::abs(found->run->width - narrowest) < 0.05);
        QVERIFY(!steps.foundFor(narrowest * 0.94));
        QVERIFY(!steps.foundFor(0.0));
        for (double width = 5.0; width < 100.0; width *= 1.3)
            QCOMPARE(steps.foundFor(width) != nullptr,
                     !narrowerThan(line, width / (1.0 - kMendedShare), is_ink).empty());
    }
}

void TestWidthRuns::bentLettersAreFoundWhereTheyStand()
{
    const auto arch = [](Point p) {
        const double turn = p.x / 900.0, radius = 900.0 + p.y;
        return Point{radius * std::sin(turn), radius * std::cos(turn)};
    };
    std::vector<PlacedPaths> letters;
    for (int i = 0; i < 4; ++i)
        letters.push_back(
            placed(bent(Paths{test::rectangle(i * 120.0, 0, i * 120.0 + 50 + 10 * i, 400)}, arch, 0.02)));
    const auto strokes = narrowerThan(lineOf(letters), 90.0, true);
    QCOMPARE(strokes.size(), letters.size());
    for (std::size_t i = 0; i < strokes.size(); ++i)
        QCOMPARE(strokes[i].letters, std::vector<std::size_t>{i});
}

void TestWidthRuns::weldedLettersShareTheirJoin()
{
    // Two blocks joined by a bar that begins in one and ends in the other, and is drawn with the second.
    const auto line =
        lineOf({placed({test::rectangle(0, 0, 200, 300)}),
                placed({test::rectangle(150, 140, 400, 160), test::rectangle(350, 0, 550, 300)})});
    QCOMPARE(line.outline.pieces.size(), std::size_t(1));
    const auto strokes = narrowerThan(line, 25.0, true);
    QCOMPARE(strokes.size(), std::size_t(1));
    QVERIFY(std::abs(strokes.front().measured - 20) < 0.05);
    QVERIFY(std::ranges::find(strokes.front().letters, 1u) != strokes.front().letters.end());
}

void TestWidthRuns::aBorderBelongsToTheLetterItRunsRound()
{
    const auto line = barsAndRing();
    const LetterOwners owners(line.letters, kUnit);
    QCOMPARE(owners.at({-10, 350}), std::vector<std::size_t>{0});
    QCOMPARE(owners.at({-30, 350}), std::vector<std::size_t>{});
    QCOMPARE(owners.at({0, 350}), std::vector<std::size_t>{0});
}

void TestWidthRuns::anyOutlineHasMarks()
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

INK_TEST_CORE_MAIN(TestWidthRuns)
#include "test_width_runs.moc"
