// Many small scribbles on a coarse grid, where nodes, edges and tangents coincide all the time: no wrong
// ring.
//   INK_RANDOM_CASES=10000 build/dev/tests/test_weld_random      more than the test runs by itself
#include "core/geometry/validity.h"
#include "core/geometry/weld.h"
#include "tests/support/environment.h"
#include "tests/support/oracle.h"

#include <random>

using namespace ink;

namespace {

/// One to four glyphs of one to three contours; every third case repeats a glyph turned over, shifted by a
/// hair or as it is.
std::vector<Paths> scribble(std::mt19937& random)
{
    const int step = 1 << (2 + random() % 5); // nodes on multiples of 4 to 64
    const auto point = [&] {
        const auto coordinate = [&] {
            return double(static_cast<int>(random() % (600 / step)) * step - 300);
        };
        const double x = coordinate();
        return Point{x, coordinate()};
    };
    std::vector<Paths> glyphs(1 + random() % 4);
    for (auto& paths : glyphs) {
        ContourPen pen;
        const auto contours = 1 + random() % 3;
        for (unsigned c = 0; c < contours; ++c) {
            pen.moveTo(point());
            const auto nodes = 2 + random() % 6;
            for (unsigned i = 0; i < nodes; ++i) {
                const Point a = point(), b = point();
                switch (random() % 3) {
                case 0:
                    pen.lineTo(a);
                    break;
                case 1:
                    pen.quadraticTo(a, b);
                    break;
                default:
                    pen.cubicTo(a, b, point());
                }
            }
        }
        paths = pen.take();
    }
    const double hair = random() % 2 ? 0.0 : 0.001 * double(random() % 100);
    switch (random() % 6) {
    case 0:
        glyphs.push_back(transformed(glyphs.front(), {1, 0, 0, 1, hair, 0}));
        break;
    case 1:
        glyphs.push_back(transformed(glyphs.front(), {-1, 0, 0, 1, hair, 0}));
        break;
    default:
        break;
    }
    return glyphs;
}

} // namespace

class TestWeldRandom : public QObject
{
    Q_OBJECT
private slots:
    void noWrongRing();
};

void TestWeldRandom::noWrongRing()
{
    const int cases = std::max(1000, qEnvironmentVariableIntValue("INK_RANDOM_CASES"));
    int finer = 0, polygonal = 0, crossings = 0, unrefined = 0;
    double furthest = 0.0;
    for (int i = 0; i < cases; ++i) {
        std::mt19937 random(static_cast<unsigned>(i));
        const auto glyphs = scribble(random);
        const auto welded = weld(glyphs, Unit{1.0});
        const auto name = QStringLiteral("case %1: ").arg(i).toStdString();
        QVERIFY2(welded.has_value(), name.c_str());
        const auto& [outline, at, stats] = *welded;
        const auto validity = validityOf(outline, 1.0);
        QVERIFY2(validity.isValid(0.1), (name + validity.inWords()).c_str());
        const auto wrong = test::wrongPoint(glyphs, outline, 0.6, 100);
        QVERIFY2(!wrong, (name + "ink is not where it was").c_str());
        const double deviation = test::deviation(glyphs, outline, 2);
        QVERIFY2(deviation <= 0.2, (name + "deviation " + std::to_string(deviation)).c_str());
        furthest = std::max(furthest, deviation);
        finer += stats.finer > 0;
        polygonal += stats.polygonal > 0;
        crossings += static_cast<int>(at.size());
        unrefined += static_cast<int>(stats.unrefined);
    }
    qInfo("%d cases, no wrong ring; deviation at most %.3f u; %d on finer chords, %d stayed polygons; %d of "
          "%d crossings "
          "tangent",
          cases, furthest, finer, polygonal, unrefined, crossings);
    QVERIFY(crossings > 10 * cases); // the cases are hard ones
}

INK_TEST_CORE_MAIN(TestWeldRandom)
#include "test_weld_random.moc"
