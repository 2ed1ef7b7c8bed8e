// What holds for any run and any sheet: moved, mirrored, with more room, more slowly, with overcut, gaps and an offset.
// Source: T. Y. Chen, S. C. Cheung, S. M. Yiu, "Metamorphic testing: a new approach for generating next test cases",
//         HKUST-CS98-01, 1998, for the way of testing.
#include "core/cut/placing.h"
#include "core/cut/run_time.h"
#include "core/geometry/distance.h"
#include "tests/support/lettering.h"
#include "tests/support/shapes.h"

#include <QTest>

#include <cmath>
#include <map>
#include <numbers>
#include <random>
#include <set>

using namespace ink;

namespace {

/// On the sheet: below its upper edge.
Outline wordOf(const char* words, double width_mm)
{
    const Outline word = test::outlineOf(words, "Larkmallow.ttf", width_mm);
    const Box box = bounds(word);
    return transformed(word, {1, 0, 0, 1, 10 - box.x0, -10 - box.y1});
}

std::vector<ToolPath> pathsOf(const Outline& outline, Operation operation = Operation::Cut)
{
    std::vector<ToolPath> paths;
    addRings(paths, outline, operation, 0);
    return paths;
}

ToolPath mapped(ToolPath path, const Affine& by)
{
    path.segments = transformed(OpenPath{path.segments}, by).segments;
    return path;
}

double lengthOf(const std::vector<ToolPath>& paths)
{
    double length = 0.0;
    for (const auto& path : paths)
        length += path.length_mm();
    return length;
}

ToolPath lineOf(Point from, Point to)
{
    ToolPath path;
    path.segments = {Segment::line(from, to)};
    return path;
}

bool isNear(double value, double wanted, double within)
{
    return std::abs(value - wanted) <= within;
}

} // namespace

class TestCutLaws : public QObject
{
    Q_OBJECT
private slots:
    void initTestCase()
    {
        m_paths = pathsOf(wordOf("Ottilie & Bram", 180));
        const auto second = pathsOf(transformed(wordOf("Zoë", 60), {1, 0, 0, 1, 20, -120}));
        m_paths.insert(m_paths.end(), second.begin(), second.end());
        m_run = inOrder(m_paths);
    }

    void everyPathOnceAndInsidesFirst()
    {
        QCOMPARE(m_run.size(), m_paths.size());
        QVERIFY(isNear(lengthOf(m_run), lengthOf(m_paths), 1e-6));
        std::multiset<double> before, after;
        for (std::size_t i = 0; i < m_run.size(); ++i) {
            before.insert(std::round(m_paths[i].length_mm() * 1e4));
            after.insert(std::round(m_run[i].length_mm() * 1e4));
        }
        QVERIFY(before == after);
        const auto around = containers(m_run);
        for (std::size_t i = 0; i < m_run.size(); ++i)
            QVERIFY2(around[i] < 0 || around[i] > int(i), "a middle is cut after what is around it");
    }

    void aWayIsNoLongerThanBefore()
    {
        OrderOptions quick;
        quick.kicks = 0;
        const double drawn = airLength_mm(m_paths), soon = airLength_mm(inOrder(m_paths, quick)),
                     late = airLength_mm(m_run);
        QVERIFY2(late <= soon + 1e-9 && soon <= drawn + 1e-9,
                 qPrintable(QStringLiteral("%1, %2, %3").arg(drawn).arg(soon).arg(late)));
        // Put in order once more it is no longer.
        QVERIFY(airLength_mm(inOrder(m_run)) <= late * 1.02);
    }

    void theOrderDoesNotAskHowItCame()
    {
        std::mt19937 random(3);
        const double air = airLength_mm(m_run);
        for (int round = 0; round < 4; ++round) {
            auto paths = m_paths;
            std::shuffle(paths.begin(), paths.end(), random);
            const double other = airLength_mm(inOrder(paths));
            QVERIFY2(isNear(other, air, 0.12 * air),
                     qPrintable(QStringLiteral("%1 and %2").arg(other).arg(air)));
        }
    }

    void whereTheSheetLiesChangesNothing()
    {
        const double air = airLength_mm(m_run);
        const std::map<const char*, Affine> changes{{"moved", {1, 0, 0, 1, 300, -40}},
                                                    {"mirrored", {-1, 0, 0, 1, 0, 0}},
                                                    {"a quarter round", {0, 1, -1, 0, 0, 0}}};
        for (const auto& [name, by] : changes) {
            std::vector<ToolPath> paths;
            for (const auto& path : m_paths)
                paths.push_back(mapped(path, by));
            OrderOptions options;
            options.home = by.map({});
            const double there = airLength_mm(inOrder(paths, options), options.home);
            QVERIFY2(
                isNear(there, air, 0.12 * air),
                qPrintable(QStringLiteral("%1: %2 and %3").arg(QLatin1String(name)).arg(there).arg(air)));
        }
    }

    void operationsKeepTheirTurn()
    {
        std::vector<ToolPath> paths;
        std::mt19937 random(11);
        for (int i = 0; i < 40; ++i) {
            auto path = m_paths[random() % m_paths.size()];
            path.operation = kOperations[random() % std::size(kOperations)];
            paths.push_back(path);
        }
        const auto run = inOrder(paths);
        QVERIFY(std::ranges::is_sorted(run, {}, &ToolPath::operation));
    }

    /// The same shape twice, or three times, on one place: each is done, though none lies inside the other.
    void whatLiesOnOnePlaceIsAllDone()
    {
        for (const std::size_t times : {2u, 3u, 7u}) {
            std::vector<ToolPath> paths;
            for (std::size_t i = 0; i < times; ++i)
                for (const auto& path : pathsOf(
                         {{Piece{test::rectangle(5, -25, 25, -5), {test::circle({15, -15}, 4, true)}}}})) {
                    paths.push_back(path);
                    paths.back().design = i;
                }
            const auto run = inOrder(paths);
            QCOMPARE(run.size(), 2 * times);
            std::set<std::pair<std::size_t, bool>> done;
            for (const auto& path : run) {
                done.insert({path.design, path.is_middle});
                QVERIFY(path.is_middle || done.contains({path.design, true}));
            }
            QCOMPARE(done.size(), 2 * times);
        }
    }

    void timeIsOfSpeedAndLength_data()
    {
        QTest::addColumn<double>("length_mm");
        for (const double length : {0.0, 0.01, 1.0, 2.666, 2.667, 10.0, 1234.5})
            QTest::addRow("%g mm", length) << length;
    }
    /// From rest to rest with constant acceleration: l/v + v/a where the speed is reached (l >= v²/a), else 2 sqrt(l/a).
    void timeIsOfSpeedAndLength()
    {
        QFETCH(double, length_mm);
        const double v = 40.0, a = 600.0;
        const double reckoned =
            length_mm >= v * v / a ? length_mm / v + v / a : 2.0 * std::sqrt(length_mm / a);
        const double time_s = timeFor_s(length_mm, v, a);
        QVERIFY(isNear(time_s, reckoned, 1e-9));
        // Ten times as long, as fast and as quick to be fast: the same time. All units may change, the law does not.
        QVERIFY(isNear(timeFor_s(length_mm * 10, v * 10, a * 10), time_s, 1e-9));
        QVERIFY(timeFor_s(length_mm, v * 2, a) <= time_s + 1e-12);
        QVERIFY(timeFor_s(length_mm, v, a * 2) <= time_s + 1e-12);
        QVERIFY(timeFor_s(length_mm + 1, v, a) > time_s);
    }

    void aRunIsTheSumOfItsParts()
    {
        const MachinePace pace;
        const Run run = timed(m_run, pace);
        QCOMPARE(run.parts.size(), m_run.size());
        QVERIFY(isNear(run.cut_length_mm, lengthOf(m_run), 1e-6));
        QVERIFY(isNear(run.air_length_mm, airLength_mm(m_run), 1e-6));
        double before = 0.0;
        for (const auto& part : run.parts) {
            QVERIFY(isNear(part.start_s, before, 1e-9));
            QVERIFY(part.start_s <= part.down_s && part.down_s < part.end_s);
            const auto middle = run.at((part.down_s + part.end_s) / 2);
            QVERIFY(middle.is_down);
            QCOMPARE(&run.parts[middle.part], &part);
            QVERIFY(middle.share > 0.0 && middle.share < 1.0);
            before = part.end_s;
        }
        QVERIFY(run.duration_s >= before);
        QVERIFY(!run.at(0.0).is_down && !run.at(run.duration_s).is_down);
        QVERIFY(length(run.at(0.0).tool) < 1e-9);
        // Told are the ways to the paths; the way home is in the time alone.
        QVERIFY(length(run.at(run.duration_s).tool - m_run.back().end()) < 1e-6);
        const double home_mm = length(m_run.back().end());
        QVERIFY(isNear(run.duration_s, before + timeFor_s(home_mm, pace.travel_mm_s, pace.acceleration_mm_s2),
                       1e-9));
    }

    /// The tool goes nowhere in no time: between two moments it is never further on than its speed allows.
    void theToolNeverLeaps()
    {
        const MachinePace pace;
        const Run run = timed(m_run, pace);
        const double step_s = 0.05, fastest = std::max(pace.cut_mm_s, pace.travel_mm_s);
        Point before = run.at(0.0).tool;
        for (double time = step_s; time <= run.duration_s; time += step_s) {
            const Point here = run.at(time).tool;
            QVERIFY2(length(here - before) <= fastest * step_s * 1.05 + 0.01,
                     qPrintable(QStringLiteral("%1 mm at %2 s").arg(length(here - before)).arg(time)));
            before = here;
        }
    }

    void slowerAndTwiceTakeLonger()
    {
        MachinePace pace;
        const double once = timed(m_run, pace).duration_s;
        pace.passes = 2;
        const double twice = timed(m_run, pace).duration_s;
        QVERIFY(twice > 1.3 * once && twice < 2.1 * once);
        pace.passes = 1;
        pace.cut_mm_s /= 2;
        QVERIFY(timed(m_run, pace).duration_s > once);
        pace = {};
        pace.lift_s += 1.0;
        QVERIFY(isNear(timed(m_run, pace).duration_s, once + double(m_run.size()), 1e-6 * once + 2.1));
    }

    void overcutAddsWhatItSays()
    {
        for (const auto& path : m_paths)
            for (const double overcut : {0.0, 0.5, 2.0}) {
                const auto longer = withOvercut(path, overcut);
                const double wanted = std::min(overcut, path.length_mm());
                QVERIFY2(isNear(longer.length_mm(), path.length_mm() + wanted, 0.005),
                         qPrintable(QStringLiteral("%1 + %2: %3")
                                        .arg(path.length_mm())
                                        .arg(overcut)
                                        .arg(longer.length_mm())));
                QCOMPARE(longer.is_closed, overcut == 0.0);
                QCOMPARE(longer.start(), path.start());
            }
        const auto tiny = pathsOf({{Piece{test::circle({5, -5}, 0.1), {}}}}).front();
        QVERIFY(withOvercut(tiny, 100.0).length_mm() <= 2 * tiny.length_mm() + 0.005);
        const auto open = lineOf({0, 0}, {10, 0});
        QVERIFY(isNear(withOvercut(open, 2.0).length_mm(), 10.0, 1e-9));
    }

    void tabsLeaveWhatTheySay()
    {
        for (const auto& path : m_paths)
            for (const int count : {1, 2, 4}) {
                const double width = 0.8;
                const auto parts = withTabs(path, count, width);
                if (path.length_mm() < 20.0)
                    continue; // may be too short for them
                QCOMPARE(parts.size(), std::size_t(count));
                QVERIFY2(isNear(lengthOf(parts), path.length_mm() - count * width, 0.02),
                         qPrintable(QStringLiteral("%1 of %2").arg(lengthOf(parts)).arg(path.length_mm())));
                for (std::size_t i = 0; i < parts.size(); ++i) {
                    QVERIFY(!parts[i].is_closed);
                    const auto& next = parts[(i + 1) % parts.size()];
                    const double gap = length(next.start() - parts[i].end());
                    QVERIFY2(gap > 0.5 * width && gap < width + 0.01, qPrintable(QString::number(gap)));
                }
            }
        const auto open = lineOf({0, 0}, {30, 0});
        QCOMPARE(withTabs(open, 2, 1.0).size(), std::size_t(1));
    }

    /// The tip trails behind the middle by the offset: on a straight line both go the same way.
    void aKnifeIsAheadByItsOffset()
    {
        for (const double turn : {0.0, 0.7, 2.0, 4.1}) {
            const Point way{std::cos(turn), std::sin(turn)};
            const auto line = lineOf({3, -4}, Point{3, -4} + way * 25.0);
            for (const double offset : {0.0, 0.25, 0.9}) {
                const auto ahead = aheadOf(line, offset);
                QVERIFY(length(ahead.end() - (line.end() + way * offset)) < 0.01);
            }
        }
        // All of it is within the offset of what is cut, and as far ahead.
        for (const auto& path : m_paths) {
            const double offset = 0.3;
            const auto ahead = aheadOf(path, offset);
            QVERIFY(!ahead.is_closed);
            for (const auto& segment : ahead.segments) {
                double nearest = 1e9;
                for (const auto& cut : path.segments)
                    for (int k = 0; k < 32; ++k)
                        nearest = std::min(nearest, distanceTo(segment.end(), cut.pointAt(k / 32.0),
                                                               cut.pointAt((k + 1) / 32.0)));
                QVERIFY2(nearest <= offset + 0.01, qPrintable(QString::number(nearest)));
            }
        }
    }

    void roomIsUsedWell_data()
    {
        QTest::addColumn<Turns>("turns");
        QTest::newRow("none") << Turns::None;
        QTest::newRow("half") << Turns::Half;
        QTest::newRow("quarter") << Turns::Quarter;
    }
    void roomIsUsedWell()
    {
        QFETCH(Turns, turns);
        std::vector<SharedOutline> items;
        for (const char* name : {"Ada", "Bo", "Iris", "Wim", "Lili", "Oto"})
            items.push_back(std::make_shared<const Outline>(wordOf(name, 40 + 6.0 * double(items.size()))));
        PlacingOptions options;
        options.turns = turns;
        options.orders = 6;
        double before = 0.0;
        for (const double spacing : {1.0, 4.0, 9.0}) {
            options.spacing_mm = spacing;
            const auto placed = place(items, {200, 0, 5}, options);
            QVERIFY(placed && placed->left_out.empty());
            QCOMPARE(placed->places.size(), items.size());
            QVERIFY(placed->usedLength_mm() >= leastLength_mm(items, {200, 0, 5}));
            QVERIFY2(placed->usedLength_mm() >= before * 0.97,
                     qPrintable(QStringLiteral("%1 after %2").arg(placed->usedLength_mm()).arg(before)));
            before = placed->usedLength_mm();
            for (std::size_t i = 0; i < items.size(); ++i) {
                const auto& one = placed->places[i];
                QCOMPARE(one.item, i);
                const int turn = int(std::lround(one.turn_deg)) % 360;
                QVERIFY(turn == 0 || (turn == 180 && turns != Turns::None) ||
                        (turn % 90 == 0 && turns == Turns::Quarter));
                const Box box = bounds(transformed(*items[i], one.toSheet()));
                QVERIFY(box.x0 >= 5 - 1e-6 && box.x1 <= 195 + 1e-6 && box.y1 <= -5 + 1e-6);
            }
        }
    }

    void moreRoomTakesNoMoreLength()
    {
        const std::vector items(5, std::make_shared<const Outline>(wordOf("Iris", 50)));
        PlacingOptions options;
        options.orders = 4;
        double before = 1e9;
        for (const double width : {62.0, 130.0, 200.0, 320.0}) {
            const auto placed = place(items, {width, 0, 5}, options);
            QVERIFY(placed && placed->left_out.empty());
            QVERIFY(placed->usedLength_mm() <= before * 1.001);
            before = placed->usedLength_mm();
        }
        // Too narrow for any of them: all are left out, and said.
        const auto none = place(items, {40, 0, 5}, options);
        QVERIFY(none);
        QCOMPARE(none->left_out.size(), items.size());
        QVERIFY(none->places.empty());
    }

private:
    std::vector<ToolPath> m_paths, m_run;
};

INK_TEST_CORE_MAIN(TestCutLaws)
#include "test_cut_laws.moc"
