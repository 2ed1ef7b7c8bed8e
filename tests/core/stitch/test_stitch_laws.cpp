// What holds for the stitches of any word: moved, mirrored, turned, beside another, sewn more closely, and by what the
// area of a shape makes of its thread.
// Source: T. Y. Chen, S. C. Cheung, S. M. Yiu, "Metamorphic testing: a new approach for generating next test cases",
//         HKUST-CS98-01, 1998, for the way of testing.
#include "core/geometry/skeleton.h"
#include "core/stitch/columns.h"
#include "core/stitch/fill.h"
#include "core/stitch/running.h"
#include "core/stitch/stitch_figures.h"
#include "core/stitch/stitch_planner.h"
#include "tests/support/lettering.h"
#include "tests/support/shapes.h"

#include <QTest>

#include <cmath>
#include <map>
#include <numbers>

using namespace ink;

namespace {

const Unit kUnit = Unit::ofEm(30.0);

StitchPlan planned(const Outline& outline, const StitchSettings& settings)
{
    auto plan = planStitches(outline, kUnit, settings);
    if (!plan)
        qFatal("%s", plan.error().message().c_str());
    return *plan;
}

StitchSettings sewn(SewnAs as)
{
    StitchSettings settings;
    settings.as = as;
    return settings;
}

bool isNear(double value, double expected, double share)
{
    return std::abs(value - expected) <= share * std::abs(expected);
}

double lengthOfRows(const std::vector<std::vector<Point>>& rows)
{
    double length = 0.0;
    for (const auto& row : rows)
        length += lengthOf(row);
    return length;
}

} // namespace

class TestStitchLaws : public QObject
{
    Q_OBJECT
private slots:
    void initTestCase()
    {
        m_words = {{"Larkmallow", test::outlineOf("Ottilie", "Larkmallow.ttf", 90)},
                   {"Hartsorrel", test::outlineOf("Bram", "HartsorrelScript.ttf", 70)},
                   {"Wickerby", test::outlineOf("Mo", "WickerbyBroad.ttf", 60)}};
    }

    void whereItStandsChangesNothing_data() { everyWord(); }
    void whereItStandsChangesNothing()
    {
        const Outline& word = wordHere();
        const auto settings = settingsHere();
        const auto there = figuresOf(planned(word, settings), word, settings);
        const std::map<const char*, Affine> changes{{"moved", {1, 0, 0, 1, 123.4, -56.7}},
                                                    {"mirrored", {-1, 0, 0, 1, 0, 0}},
                                                    {"upside down", {-1, 0, 0, -1, 0, 0}}};
        for (const auto& [name, by] : changes) {
            const Outline changed = transformed(word, by);
            auto same = settings;
            if (by.determinant() < 0.0) // its rows lean the other way
                same.fill_angle_deg = 180.0 - same.fill_angle_deg;
            const auto here = figuresOf(planned(changed, same), changed, same);
            const QByteArray told = QStringLiteral("%1: %2 of %3 stitches, %4 of %5 m, covers %6 of %7")
                                        .arg(QLatin1String(name))
                                        .arg(here.stitches)
                                        .arg(there.stitches)
                                        .arg(here.thread_m)
                                        .arg(there.thread_m)
                                        .arg(here.covers)
                                        .arg(there.covers)
                                        .toUtf8();
            QVERIFY2(isNear(double(here.stitches), double(there.stitches), 0.03), told);
            QVERIFY2(isNear(here.thread_m, there.thread_m, 0.03), told);
            QVERIFY2(std::abs(here.covers - there.covers) < 0.015, told);
            QVERIFY2(std::abs(here.outside - there.outside) < 0.015, told);
            QCOMPARE(here.stops, there.stops);
        }
    }

    void theSameJobIsTheSamePlan_data() { everyWord(); }
    void theSameJobIsTheSamePlan()
    {
        QCOMPARE(workOf(planned(wordHere(), settingsHere())), workOf(planned(wordHere(), settingsHere())));
    }

    void twoWordsAreTwiceTheWork_data() { everyWord(); }
    void twoWordsAreTwiceTheWork()
    {
        const Outline& word = wordHere();
        const auto settings = settingsHere();
        Outline both = word;
        for (const auto& piece : transformed(word, {1, 0, 0, 1, 300, 0}).pieces)
            both.pieces.push_back(piece);
        const auto plan_one = planned(word, settings), plan_both = planned(both, settings);
        const auto one = figuresOf(workOf(plan_one), 800), two = figuresOf(workOf(plan_both), 800);
        const QByteArray told =
            QStringLiteral("%1 and %2 stitches").arg(one.stitches).arg(two.stitches).toUtf8();
        QVERIFY2(isNear(double(two.stitches), 2.0 * double(one.stitches), 0.03), told);
        QVERIFY(isNear(double(plan_both.columns.size()), 2.0 * double(plan_one.columns.size()), 0.001));
        // Laid on, all words are placed, then all tacked, then all covered: no more stops for two than for one.
        QCOMPARE(two.stops, one.stops);
        QVERIFY(two.trims > one.trims);
    }

    void machinesTakeIt_data() { everyWord(); }
    void machinesTakeIt()
    {
        const auto plan = planned(wordHere(), settingsHere());
        const auto work = workOf(plan);
        Point at;
        std::size_t stops = 0;
        for (const auto& step : work) {
            QCOMPARE(step.at, onGrid(step.at));
            QVERIFY(step.kind != NeedleStep::Kind::Stitch ||
                    length(step.at - at) <= kLongestStitch_mm + 1e-9);
            stops += step.kind == NeedleStep::Kind::Stop;
            at = step.at;
        }
        QCOMPARE(stops, plan.layers.size() - 1);
        const auto figures = figuresOf(work, 800), slow = figuresOf(work, 400);
        // A stop and a trim take as long at any speed; stitches twice as long at half of it.
        const double waits = (double(figures.trims) * kTrim_s + double(figures.stops) * kStop_s) / 60.0;
        QVERIFY(isNear(slow.minutes - waits, 2.0 * (figures.minutes - waits), 1e-6));
        // A hoop that is as large as the work holds it, one that is smaller does not.
        auto settings = settingsHere();
        settings.hoop_width_mm = figures.box_mm.width() + 0.1;
        settings.hoop_height_mm = figures.box_mm.height() + 0.1;
        QCOMPARE(inHoop(figures.box_mm, settings), InHoop::Fits);
        std::swap(settings.hoop_width_mm, settings.hoop_height_mm);
        QCOMPARE(inHoop(figures.box_mm, settings), InHoop::FitsTurned);
        settings.hoop_width_mm = settings.hoop_height_mm = figures.box_mm.width() - 0.1;
        QCOMPARE(inHoop(figures.box_mm, settings), InHoop::TooLarge);
    }

    void theNeedleStaysInItsPiece_data()
    {
        QTest::addColumn<QString>("font");
        QTest::addColumn<QString>("words");
        for (const auto* font :
             {"Larkmallow.ttf", "HartsorrelScript.ttf", "WickerbyBroad.ttf", "MaypoleHand.otf",
              "QuillbrookScript.ttf", "Oatbrush.otf", "TansyCord.ttf", "GatepostPlain.ttf"})
            for (const auto* words : {"Rye & Gs", "mek 8 S &"})
                QTest::addRow("%s %s", font, words) << font << words;
    }
    /// From a stitch to the next without a cut, no more of the way is over open cloth than pull, rounding and a stitch beside the edge
    /// account for: thread that lies there is seen.
    void theNeedleStaysInItsPiece()
    {
        QFETCH(QString, font);
        QFETCH(QString, words);
        const Outline word = test::outlineOf(words.toUtf8().constData(), font.toUtf8().constData(), 130);
        double longest = 0.0;
        Point where;
        for (const auto& piece : word.pieces) {
            const Outline alone{{piece}};
            const InkTest ink(alone, 0.01);
            const auto plan = planned(alone, sewn(SewnAs::Satin));
            for (const auto& layer : plan.layers) {
                std::vector<Point> way;
                for (const auto& run : layer.runs) {
                    if (run.is_trimmed_before)
                        way.clear();
                    way.insert(way.end(), run.points.begin(), run.points.end());
                    for (std::size_t k = way.size() - run.points.size(); k < way.size(); ++k) {
                        constexpr int kPlaces = 40;
                        double open = 0.0;
                        for (int i = 1; k > 0 && i < kPlaces; ++i)
                            open += ink.isInk(lerp(way[k - 1], way[k], double(i) / kPlaces)) ? 0.0 : 1.0;
                        const double away = k > 0 ? open * length(way[k] - way[k - 1]) / kPlaces : 0.0;
                        if (away > longest) {
                            longest = away;
                            where = way[k];
                        }
                    }
                }
            }
        }
        QVERIFY2(longest < 1.1,
                 qPrintable(QStringLiteral("%1 mm at %2, %3").arg(longest).arg(where.x).arg(where.y)));
    }

    void closerIsMore()
    {
        for (const auto& [name, word] : m_words) {
            auto settings = sewn(SewnAs::Satin);
            settings.has_underlay = false;
            const auto usual = figuresOf(planned(word, settings), word, settings);
            settings.spacing_mm = 0.2;
            const auto close = figuresOf(planned(word, settings), word, settings);
            settings.spacing_mm = 0.8;
            const auto open = figuresOf(planned(word, settings), word, settings);
            const QByteArray told = QStringLiteral("%1: %2, %3, %4")
                                        .arg(name)
                                        .arg(open.stitches)
                                        .arg(usual.stitches)
                                        .arg(close.stitches)
                                        .toUtf8();
            // What lies under the cover does not follow the spacing: somewhat less than twice as many.
            const double more = double(close.stitches) / double(usual.stitches);
            QVERIFY2(more > 1.5 && more < 2.1, told);
            QVERIFY2(open.stitches < usual.stitches, told);
            QVERIFY2(close.covers >= usual.covers - 0.005 && usual.covers > open.covers, told);
            QVERIFY2(close.thickest >= usual.thickest, told);
        }
    }

    void anUnderlayOnlyAdds()
    {
        for (const auto& [name, word] : m_words)
            for (const auto as : {SewnAs::Satin, SewnAs::Fill}) {
                auto settings = sewn(as);
                const auto with = figuresOf(planned(word, settings), word, settings);
                settings.has_underlay = false;
                const auto plan = planned(word, settings);
                const auto without = figuresOf(plan, word, settings);
                // Under columns below 3 mm the way there along the middle is all of it, with one or without.
                QVERIFY2(
                    as == SewnAs::Fill && name == QStringLiteral("Wickerby")
                        ? with.stitches > without.stitches
                        : with.stitches >= without.stitches,
                    qPrintable(
                        QStringLiteral("%1: %2 and %3").arg(name).arg(with.stitches).arg(without.stitches)));
                QVERIFY2(with.covers > without.covers - 0.005, qPrintable(name));
                for (const auto& layer : plan.layers)
                    for (const auto& run : layer.runs)
                        QVERIFY2(run.kind != StitchKind::Underlay, qPrintable(name));
            }
    }

    void pullMakesItWider()
    {
        for (const double width : {2.0, 4.0, 6.5}) {
            const Outline bar{{Piece{test::rectangle(0, 0, 40, width), {}}}};
            auto settings = sewn(SewnAs::Satin);
            settings.has_underlay = false;
            double before = 0.0;
            for (const double pull : {0.0, 0.2, 0.4, 0.8}) {
                settings.pull_mm = pull;
                const double high = figuresOf(workOf(planned(bar, settings)), 800).box_mm.height();
                // Both ends of a stitch are brought onto the needle's grid.
                QVERIFY2(std::abs(high - width - pull) < 1.1 * kNeedleGrid_mm,
                         qPrintable(QStringLiteral("%1 and %2: %3").arg(width).arg(pull).arg(high)));
                QVERIFY(high >= before);
                before = high;
            }
        }
    }

    /// To and fro over a bar, each stitch is the diagonal of its width and of half of the spacing.
    void theThreadOfABarIsReckoned()
    {
        for (const double width : {2.0, 3.0, 5.0}) {
            const Outline bar{{Piece{test::rectangle(0, 0, 60, width), {}}}};
            auto settings = sewn(SewnAs::Satin);
            settings.has_underlay = false;
            settings.pull_mm = 0.0;
            const double reckoned_mm =
                2 * 60 / settings.spacing_mm * std::hypot(width, settings.spacing_mm / 2);
            double cover_mm = 0.0;
            for (const auto& layer : planned(bar, settings).layers)
                for (const auto& run : layer.runs)
                    if (run.kind == StitchKind::Satin)
                        cover_mm += lengthOf(run.points);
            QVERIFY2(isNear(cover_mm, reckoned_mm, 0.03),
                     qPrintable(QStringLiteral("%1 of %2").arg(cover_mm).arg(reckoned_mm)));
        }
    }

    /// Rows a spacing apart are as long together as the area is large for each spacing (Cavalieri), at any angle.
    void theThreadOfAFillIsItsArea()
    {
        const double r = 15.0, hole = 6.0;
        const Outline disc{{Piece{test::circle({0, 0}, r), {}}}};
        const Outline ring{{Piece{test::circle({0, 0}, r), {test::circle({0, 0}, hole, true)}}}};
        for (const double angle : {0.0, 17.0, 45.0, 90.0, 135.0, 171.0})
            for (const double spacing : {0.3, 0.4, 0.6}) {
                const FillSettings settings{spacing, 3.5, angle, 0.0};
                // Between two rows the thread goes along the edge: on a circle half of it on each side.
                const double edges = 2 * r;
                const double wanted = std::numbers::pi * r * r / spacing + edges;
                const double made = lengthOfRows(fillRows(disc, settings));
                QVERIFY2(
                    isNear(made, wanted, 0.04),
                    qPrintable(
                        QStringLiteral("%1°, %2: %3 of %4").arg(angle).arg(spacing).arg(made).arg(wanted)));
                const double ring_area = std::numbers::pi * (r * r - hole * hole);
                const double around = lengthOfRows(fillRows(ring, settings));
                QVERIFY2(around > ring_area / spacing * 0.97 && around < ring_area / spacing * 1.2,
                         qPrintable(QStringLiteral("ring %1°, %2: %3 of %4")
                                        .arg(angle)
                                        .arg(spacing)
                                        .arg(around)
                                        .arg(ring_area / spacing)));
            }
    }

    /// Turned with its shape, a fill is the same fill.
    void aFillTurnsWithItsShape()
    {
        const auto shape = [](double turn_deg) {
            const double turn = turn_deg * std::numbers::pi / 180.0;
            const Affine by{std::cos(turn), std::sin(turn), -std::sin(turn), std::cos(turn), 0, 0};
            return transformed(
                Outline{{Piece{test::polygon({{0, 0}, {30, 0}, {30, 8}, {12, 8}, {12, 22}, {0, 22}}), {}}}},
                by);
        };
        const double level = lengthOfRows(fillRows(shape(0), {0.4, 3.5, 20.0, 0.1}));
        for (const double turn : {10.0, 33.0, 90.0, 145.0, 180.0}) {
            const double turned = lengthOfRows(fillRows(shape(turn), {0.4, 3.5, 20.0 + turn, 0.1}));
            QVERIFY2(isNear(turned, level, 0.02),
                     qPrintable(QStringLiteral("%1°: %2 of %3").arg(turn).arg(turned).arg(level)));
        }
    }

    void aLineIsItsLength()
    {
        for (const double length_mm : {0.2, 1.0, 2.4, 2.6, 24.9, 25.1, 311.0}) {
            const std::vector<Point> line{{3, 4}, Point{3, 4} + Point{0.6, 0.8} * length_mm};
            const auto stitches = running(line);
            QVERIFY(std::abs(lengthOf(stitches) - length_mm) < 1e-9);
            QCOMPARE(stitches.front(), line.front());
            QVERIFY(length(stitches.back() - line.back()) < 1e-9);
            const auto fewest = std::size_t(std::max(1.0, std::ceil(length_mm / kRunning_mm - 1e-9)));
            QCOMPARE(stitches.size() - 1, fewest);
            for (std::size_t i = 1; i < stitches.size(); ++i) // all alike
                QVERIFY(isNear(length(stitches[i] - stitches[i - 1]), length_mm / double(fewest), 1e-6));
        }
    }

    void cancelledIsSaid()
    {
        CancelSource source;
        source.cancel();
        for (const auto& [name, word] : m_words) {
            const auto plan = planStitches(word, kUnit, sewn(SewnAs::Satin), source.token());
            QVERIFY2(!plan && plan.error().code == ErrorCode::Cancelled, qPrintable(name));
        }
    }

private:
    void everyWord()
    {
        QTest::addColumn<QString>("word");
        QTest::addColumn<SewnAs>("as");
        for (const auto& [name, word] : m_words)
            for (const auto as : {SewnAs::Satin, SewnAs::Fill, SewnAs::Running, SewnAs::Applique})
                QTest::addRow("%s, %s", qPrintable(name), std::string(idOf(as)).c_str()) << name << as;
    }
    const Outline& wordHere()
    {
        QFETCH(QString, word);
        return m_words.at(word);
    }
    StitchSettings settingsHere()
    {
        QFETCH(SewnAs, as);
        return sewn(as);
    }

    std::map<QString, Outline> m_words;
};

INK_TEST_CORE_MAIN(TestStitchLaws)
#include "test_stitch_laws.moc"
