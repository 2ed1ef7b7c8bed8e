#include "core/geometry/axis_graph.h"

#include "core/geometry/axis/axis_reader.h"
#include "core/geometry/distance.h"
#include "core/geometry/flatten.h"
#include "core/geometry/medial_axis.h"
#include "core/geometry/nesting.h"
#include "core/geometry/weld.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

#include <map>

using namespace ink;

namespace {

constexpr Unit kUnit = Unit::ofFont(1000.0);

Outline welded(const std::vector<Paths>& glyphs)
{
    const auto made = weld(glyphs, kUnit);
    if (!made)
        qFatal("%s", made.error().message().c_str());
    return made->outline;
}

AxisGraph graphOf(const Outline& outline)
{
    auto graph = axisGraph(outline, kUnit);
    if (!graph)
        qFatal("%s", graph.error().message().c_str());
    return std::move(*graph);
}

/// How many ink edges leave each node; a ring counts twice.
std::map<std::size_t, int> degrees(const AxisGraph& graph)
{
    std::map<std::size_t, int> out;
    for (const auto& edge : graph.edges)
        if (edge.is_ink) {
            ++out[edge.from];
            ++out[edge.to];
        }
    return out;
}

double distanceToOutline(const Outline& outline, Point p)
{
    double nearest = 1e300;
    for (const auto& ring : toPaths(outline)) {
        const auto points = flattened(ring, 0.01);
        for (std::size_t i = 0; i < points.size(); ++i)
            nearest = std::min(nearest, distanceTo(p, points[i], points[(i + 1) % points.size()]));
    }
    return nearest;
}

std::vector<Paths> lettersLike()
{
    return {{test::circle({0, 200}, 200), test::circle({0, 200}, 120, true)},
            {test::rectangle(180, 0, 260, 700)},
            {test::polygon({{255, 300}, {600, 0}, {690, 0}, {300, 340}, {255, 400}})}};
}

} // namespace

/// The axis as a graph: what Proof, satin and stencil bridges stand on.
class TestAxisGraph : public QObject
{
    Q_OBJECT
private slots:
    void aDiagramStopsWhenItIsAskedTo();
    void passagesPartRingsBeyondTheEdges();
    void aBarIsOneStroke();
    void aCrossHasOneFork();
    void aRingHasNoFork();
    void stepsHangTogether();
    void arcsAreAsFarFromBothSides();
    void touchesLieOnTheirSegments();
    void aDotIsOneStep();
    void anEdgeIsAPathFromNodeToNode();
    void chordsThatCrossAreSetApart();
};

void TestAxisGraph::aBarIsOneStroke()
{
    const auto graph = graphOf(welded({{test::rectangle(0, 0, 1000, 80)}}));
    double longest = 0.0;
    for (const auto& edge : graph.edges)
        if (edge.is_ink) {
            longest = std::max(longest, edge.length());
            for (const auto& step : edge.steps)
                QVERIFY(step.narrowest.width <= 80.0 + 0.5);
        }
    QVERIFY2(std::abs(longest - 920.0) < 2.0, qPrintable(QString::number(longest)));
}

void TestAxisGraph::aCrossHasOneFork()
{
    const auto graph =
        graphOf(welded({{test::rectangle(-500, -40, 500, 40)}, {test::rectangle(-40, -500, 40, 500)}}));
    int forks = 0;
    for (const auto& [node, degree] : degrees(graph))
        if (degree >= 3) {
            forks += degree - 2; // a fork of four may come as two of three, a hair apart
            QVERIFY(length(graph.nodes[node]) < 60.0);
        }
    QCOMPARE(forks, 2);
}

void TestAxisGraph::aRingHasNoFork()
{
    const auto graph = graphOf(welded({{test::circle({0, 0}, 300), test::circle({0, 0}, 220, true)}}));
    double around = 0.0;
    for (const auto& edge : graph.edges)
        if (edge.is_ink) {
            QCOMPARE(edge.from, edge.to);
            around += edge.length();
        }
    QVERIFY2(std::abs(around - 2 * 3.14159265 * 260) < 8.0, qPrintable(QString::number(around)));
}

void TestAxisGraph::stepsHangTogether()
{
    const auto graph = graphOf(welded(lettersLike()));
    QVERIFY(graph.edges.size() > 6);
    for (const auto& edge : graph.edges) {
        QVERIFY(!edge.steps.empty());
        QCOMPARE(edge.steps.front().arc.start(), graph.nodes[edge.from]);
        QCOMPARE(edge.steps.back().arc.end(), graph.nodes[edge.to]);
        for (std::size_t i = 1; i < edge.steps.size(); ++i) {
            QCOMPARE(edge.steps[i].arc.start(), edge.steps[i - 1].arc.end());
            QVERIFY(std::abs(edge.steps[i].width[0] - edge.steps[i - 1].width[1]) < 1e-6);
        }
    }
}

void TestAxisGraph::arcsAreAsFarFromBothSides()
{
    // Anywhere on an arc, parabolas included, the outline is half the width away: within what the chords are
    // wrong by.
    const auto outline = welded(lettersLike());
    int parabolas = 0;
    for (const auto& edge : graphOf(outline).edges)
        for (const auto& step : edge.steps) {
            parabolas += step.arc.kind == SegmentKind::Quadratic;
            const Point middle = step.arc.pointAt(0.5);
            const double to_outline = distanceToOutline(outline, middle);
            const double most = std::max(step.width[0], step.width[1]) / 2;
            QVERIFY(to_outline >= step.narrowest.width / 2 - 1.5);
            QVERIFY(to_outline <= most + 1.5);
        }
    QVERIFY(parabolas > 10);
}

void TestAxisGraph::touchesLieOnTheirSegments()
{
    const auto outline = welded(lettersLike());
    const OutlineCurves curves(outline);
    for (const auto& edge : graphOf(outline).edges)
        for (const auto& step : edge.steps)
            for (std::size_t side = 0; side < 2; ++side) {
                const auto& touch = step.touches[side];
                if (touch.segment < 0)
                    continue;
                QVERIFY(touch.t >= 0.0 && touch.t <= 1.0);
                const Point on = curves.segments[static_cast<std::size_t>(touch.segment)].pointAt(touch.t);
                const Point seen = side == 0 ? step.narrowest.a : step.narrowest.b;
                QVERIFY2(length(on - seen) < 3.0, qPrintable(QString::number(length(on - seen))));
            }
}

void TestAxisGraph::aDotIsOneStep()
{
    const auto graph = graphOf(welded({{test::circle({40, 40}, 40)}}));
    QCOMPARE(graph.edges.size(), std::size_t(1));
    QCOMPARE(graph.edges[0].steps.size(), std::size_t(1));
    QVERIFY(graph.edges[0].is_ink);
    const auto measured = measuredOnCurves(graph.edges[0].steps[0],
                                           OutlineCurves(welded({{test::circle({40, 40}, 40)}})), kUnit);
    QVERIFY2(std::abs(measured.width - 80.0) < 0.8, qPrintable(QString::number(measured.width)));
}

void TestAxisGraph::chordsThatCrossAreSetApart()
{
    // Pieces that lie over each other, as letters kept apart do, and a ring that crosses itself: no diagram
    // is given segments that cross, and none takes for ever.
    Outline outline = nested({test::circle({0, 0}, 200), test::rectangle(150, -30, 700, 30)});
    outline.pieces.push_back({test::polygon({{0, 0}, {400, 10}, {0, 20}, {400, -10}}), {}});
    const auto graph = axisGraph(outline, kUnit);
    QVERIFY(graph);
    QVERIFY(!graph->edges.empty());
}

void TestAxisGraph::anEdgeIsAPathFromNodeToNode()
{
    const auto graph = graphOf(welded(lettersLike()));
    for (const auto& edge : graph.edges) {
        const OpenPath path = edge.path();
        QCOMPARE(path.segments.size(), edge.steps.size());
        QVERIFY(length(path.segments.front().start() - graph.nodes[edge.from]) < 1e-6);
        QVERIFY(length(path.segments.back().end() - graph.nodes[edge.to]) < 1e-6);
        const OpenPath back = path.reversed();
        QVERIFY(back.segments.front().start() == path.segments.back().end());
        QVERIFY(std::abs(back.arcLength() - path.arcLength()) < 1e-9 * (1 + path.arcLength()));
        // Half as large: half as long, in half the box.
        const OpenPath half = transformed(path, {0.5, 0, 0, 0.5, 0, 0});
        QVERIFY(std::abs(2 * half.arcLength() - path.arcLength()) < 1e-6);
        QVERIFY(std::abs(2 * half.bounds().x1 - path.bounds().x1) < 1e-6);
    }
}

void TestAxisGraph::aDiagramStopsWhenItIsAskedTo()
{
    const auto sites = detail::sitesOf(welded(lettersLike()), kUnit, {});
    QVERIFY(sites);
    CancelSource source;
    detail::Diagram whole, stopped;
    QVERIFY(detail::construct(*sites, whole, source.token()));
    QVERIFY(whole.num_edges() > sites->segments.size());
    source.cancel();
    QVERIFY(!detail::construct(*sites, stopped, source.token()));
}

/// Two discs: between them the axis has two opposite sides near the line of their centres only. What parts them further off is a passage.
void TestAxisGraph::passagesPartRingsBeyondTheEdges()
{
    const double r = 200.0, gap = 30.0;
    const Outline discs = welded({{test::circle({-r - gap / 2, 0}, r)}, {test::circle({r + gap / 2, 0}, r)}});
    QVERIFY(graphOf(discs).passages.empty()); // not asked for
    const auto graph = axisGraph(discs, kUnit, {}, AxisParts::EdgesAndPassages);
    QVERIFY(graph);
    QVERIFY(!graph->passages.empty());
    double reach = 0.0, edges_reach = 0.0;
    for (const auto& edge : graph->edges)
        for (const auto& step : edge.steps)
            if (!edge.is_ink)
                edges_reach =
                    std::max({edges_reach, std::abs(step.arc.start().y), std::abs(step.arc.end().y)});
    for (const auto& passage : graph->passages) {
        QVERIFY(!passage.is_ink);
        for (const double t : {0.0, 1.0}) {
            const Point p = passage.arc.pointAt(t);
            reach = std::max(reach, std::abs(p.y));
            // On the line that parts them, its circle touches both.
            QVERIFY(std::abs(p.x) < 2.0);
            const double to_disc = std::hypot(r + gap / 2, p.y) - r;
            QVERIFY(std::abs(0.5 * passage.width[t == 0.0 ? 0 : 1] - to_disc) < 2.0);
        }
    }
    QVERIFY(edges_reach < r);
    QVERIFY(reach > 1.5 * r);
}

INK_TEST_CORE_MAIN(TestAxisGraph)
#include "test_axis_graph.moc"
