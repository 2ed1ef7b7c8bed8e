// The order of a run, its times beside reckoned ones, and what a tool does at a corner.
#include "core/cut/run_time.h"
#include "core/geometry/biarc.h"
#include "core/geometry/distance.h"
#include "core/geometry/flatten.h"
#include "core/geometry/nesting.h"
#include "tests/support/environment.h"
#include "tests/support/squares.h"

#include <cmath>
#include <numbers>
#include <random>

using namespace ink;
using test::closedPath, test::randomSheet, test::squarePath;

namespace {

double distanceToPath(const ToolPath& path, Point p)
{
    double least = 1e300;
    const auto points = flattened(Contour{path.segments}, 0.0005);
    for (std::size_t i = 0; i + 1 < points.size(); ++i)
        least = std::min(least, distanceTo(p, points[i], points[i + 1]));
    return least;
}

} // namespace

class TestRun : public QObject
{
    Q_OBJECT
private slots:
    void whatIsInsideComesFirst()
    {
        std::mt19937 random(11);
        for (int round = 0; round < 20; ++round) {
            const auto paths = randomSheet(random);
            const auto run = inOrder(paths, {{}, 50});
            QCOMPARE(run.size(), paths.size());
            for (std::size_t i = 0; i < run.size(); ++i)
                for (std::size_t j = i + 1; j < run.size(); ++j)
                    QVERIFY(!encloses(Contour{run[i].segments}, Contour{run[j].segments}.bounds().x0 > 0
                                                                    ? run[j].segments.front().pointAt(0.5)
                                                                    : run[j].segments.front().pointAt(0.5)));
        }
    }

    void operationsFollowEachOther()
    {
        std::vector<ToolPath> paths;
        for (const auto operation :
             {Operation::Frame, Operation::Cut, Operation::Pen, Operation::Score, Operation::Cut})
            paths.push_back(squarePath(double(paths.size()) * 20.0, -20.0, 10.0, operation));
        const auto run = inOrder(paths);
        for (std::size_t i = 1; i < run.size(); ++i)
            QVERIFY(run[i - 1].operation <= run[i].operation);
    }

    void closedPathsStartAtACornerAndKeepTheirDirection()
    {
        // A drop: round but for its one corner, which is not where it starts.
        Contour drop;
        drop.segments = {Segment::cubic({10, 0}, {15, 5}, {5, 15}, {0, 15}),
                         Segment::cubic({0, 15}, {-5, 15}, {-15, 5}, {-10, 0}),
                         Segment::line({-10, 0}, {0, -20}), Segment::line({0, -20}, {10, 0})};
        const auto run = inOrder({closedPath(drop)});
        const Point start = run.front().start();
        QVERIFY(start == (Point{0, -20}) || start == (Point{10, 0}) || start == (Point{-10, 0}));
        QVERIFY(run.front().start() == run.front().end());
        QVERIFY(Contour{run.front().segments}.signedArea() * drop.signedArea() > 0);
    }

    void openLinesMayBeTurned()
    {
        std::vector<ToolPath> lines;
        for (int i = 0; i < 12; ++i) // back and forth is best
            lines.push_back({{Segment::line({0, -double(i) * 3}, {100, -double(i) * 3})},
                             false,
                             Operation::Pen,
                             0,
                             0,
                             false});
        const auto run = inOrder(lines);
        QVERIFY2(airLength_mm(run) <= 11 * 3.0 + 33.0 + 1e-6, qPrintable(QString::number(airLength_mm(run))));
    }

    void timesFollowTheTrapezoid()
    {
        // 120 mm at 40 mm/s with 400 mm/s²: 0.1 s up, 0.1 s down (2 mm each), 116 mm in 2.9 s.
        QCOMPARE(timeFor_s(120, 40, 400), 3.1);
        // 1 mm never reaches 40 mm/s: twice the time for half of it from rest.
        QCOMPARE(timeFor_s(1, 40, 400), 2.0 * std::sqrt(2.0 * 0.5 / 400));
        MachinePace pace{40, 100, 400, 0.2, 2};
        const auto run = timed({squarePath(0, -120, 120)}, pace);
        QCOMPARE(run.parts.size(), std::size_t(1));
        QCOMPARE(run.cut_length_mm, 480.0);
        // Four sides from rest to rest, twice; the lift; there and back from the corner.
        const double there = timeFor_s(length(run.paths[0].start()), 100, 400);
        QVERIFY(std::abs(run.duration_s - (8 * 3.1 + 0.2 + 2 * there)) < 1e-9);
    }

    void theToolIsWhereTheTimeSays()
    {
        const auto run = timed({squarePath(10, -50, 20), squarePath(60, -50, 20)}, {});
        const auto first = run.at(0.0);
        QVERIFY(!first.is_down);
        QVERIFY(length(first.tool) < 1e-9);
        for (const auto& part : run.parts) {
            const auto down = run.at(part.down_s);
            QVERIFY(length(down.tool - run.paths[part.path].start()) < 1e-6);
            const auto half = run.at(0.5 * (part.down_s + part.end_s));
            QVERIFY(half.is_down);
            QVERIFY(distanceToPath(run.paths[part.path], half.tool) < 0.01);
        }
        QVERIFY(!run.at(1e9).is_down);
    }

    void aBladeSwivelsRoundACorner()
    {
        // The middle of the knife: along each side 0.5 ahead, a quarter of a circle of 0.5 about each corner.
        const auto path = aheadOf(squarePath(0, 0, 10), 0.5);
        const double sides = 40.0, arcs = 4.0 * 0.25 * 2.0 * std::numbers::pi * 0.5;
        QVERIFY2(std::abs(path.length_mm() - (sides + arcs)) < 0.002,
                 qPrintable(QString::number(path.length_mm())));
        QCOMPARE(path.start(), (Point{0.5, 0.0}));
        QVERIFY(length(path.end() - path.start()) < 1e-9); // swivelled back to where it began
        for (const auto& s : path.segments)
            if (s.kind == SegmentKind::Cubic)
                for (int i = 0; i <= 8; ++i) {
                    const Point p = s.pointAt(i / 8.0);
                    double least = 1e300;
                    for (const Point corner : {Point{0, 0}, {10, 0}, {10, 10}, {0, 10}})
                        least = std::min(least, std::abs(length(p - corner) - 0.5));
                    QVERIFY(least < 0.001);
                }
    }

    void aBladeGoesRoundACircleOnALargerOne()
    {
        // p + b T on a circle of radius r lies on one of sqrt(r² + b²).
        const auto path = aheadOf(closedPath(test::circle({0, 0}, 10)), 0.6);
        for (const auto& s : path.segments)
            for (int i = 0; i <= 4; ++i)
                QVERIFY(std::abs(length(s.pointAt(i / 4.0)) - std::sqrt(100.36)) < 0.01);
    }

    void overcutGoesOnAsItBegan()
    {
        const auto path = withOvercut(squarePath(0, 0, 10), 12.0);
        QVERIFY(!path.is_closed);
        QCOMPARE(path.length_mm(), 52.0);
        QVERIFY(length(path.end() - Point{10, 2}) < 1e-9);
        QCOMPARE(withOvercut(squarePath(0, 0, 10), 1000.0).length_mm(), 80.0);
        QCOMPARE(withOvercut(squarePath(0, 0, 10), 0.0).length_mm(), 40.0);
    }

    void tabsKeepOffCorners()
    {
        const auto parts = withTabs(squarePath(0, 0, 20), 4, 1.0);
        QCOMPARE(parts.size(), std::size_t(4));
        double cut = 0.0;
        for (const auto& part : parts) {
            cut += part.length_mm();
            for (const Point end : {part.start(), part.end()})
                for (const Point corner : {Point{0, 0}, {20, 0}, {20, 20}, {0, 20}})
                    QVERIFY(length(end - corner) > 1.0);
        }
        QVERIFY(std::abs(cut - 76.0) < 1e-6);
        QCOMPARE(withTabs(squarePath(0, 0, 1), 4, 1.0).size(), std::size_t(1)); // too small to be held so
    }

    void arcsFollowCurves()
    {
        std::mt19937 random(9);
        const auto figure = [&] { return double(random() % 4000) / 100.0 - 20.0; };
        for (int i = 0; i < 300; ++i) {
            const auto curve =
                i % 2 ? Segment::cubic({figure(), figure()}, {figure(), figure()}, {figure(), figure()},
                                       {figure(), figure()})
                      : Segment::quadratic({figure(), figure()}, {figure(), figure()}, {figure(), figure()});
            const auto arcs = arcsOf(curve, 0.01);
            QCOMPARE(arcs.front().start, curve.start());
            QCOMPARE(arcs.back().end, curve.end());
            std::vector<Point> points; // of the arcs
            for (std::size_t k = 0; k < arcs.size(); ++k) {
                const auto& arc = arcs[k];
                if (k > 0)
                    QCOMPARE(arc.start, arcs[k - 1].end);
                const double angle = 4.0 * std::atan(arc.bulge);
                const Point chord = arc.end - arc.start;
                for (int t = 0; t < 32; ++t) {
                    if (std::abs(angle) < 1e-9) {
                        points.push_back(lerp(arc.start, arc.end, t / 32.0));
                        continue;
                    }
                    const double radius = length(chord) / (2.0 * std::sin(angle / 2.0));
                    const Point normal{-chord.y / length(chord), chord.x / length(chord)};
                    const Point centre =
                        lerp(arc.start, arc.end, 0.5) + normal * (radius * std::cos(angle / 2.0));
                    const Point from = arc.start - centre;
                    const double a = angle * t / 32.0;
                    points.push_back(centre + Point{from.x * std::cos(a) - from.y * std::sin(a),
                                                    from.x * std::sin(a) + from.y * std::cos(a)});
                }
            }
            points.push_back(curve.end());
            for (int t = 1; t < 20; ++t) {
                const Point p = curve.pointAt(t / 20.0);
                double least = 1e300;
                for (std::size_t k = 0; k + 1 < points.size(); ++k)
                    least = std::min(least, distanceTo(p, points[k], points[k + 1]));
                QVERIFY2(least < 0.03, qPrintable(QString("%1: %2").arg(i).arg(least)));
            }
        }
    }

    void aRunIsCancelled()
    {
        CancelSource source;
        source.cancel();
        std::mt19937 random(2);
        const auto paths = randomSheet(random);
        QCOMPARE(inOrder(paths, {{}, 100000, source.token()}).size(), paths.size()); // in some order
    }
};

INK_TEST_CORE_MAIN(TestRun)
#include "test_run.moc"
