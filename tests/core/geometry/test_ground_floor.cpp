#include "core/geometry/box.h"
#include "core/geometry/chord_index.h"
#include "core/geometry/disjoint_sets.h"
#include "core/geometry/distance.h"
#include "tests/support/environment.h"

#include <algorithm>
#include <random>

using namespace ink;

/// What everything in geometry stands on, against the plain way of computing it.
class TestGroundFloor : public QObject
{
    Q_OBJECT
private slots:
    void setsJoin();
    void theIndexFindsWhatTheBoxesSay();
    void linesAreAsFarApartAsTheirPoints();
    void linesThatShareAnEndDoNotCross();
};

void TestGroundFloor::setsJoin()
{
    DisjointSets sets(6);
    QVERIFY(sets.join(0, 3));
    QVERIFY(sets.join(3, 5));
    QVERIFY(!sets.join(5, 0)); // together already
    const std::vector<std::vector<std::size_t>> expected{{0, 3, 5}, {1}, {2}, {4}};
    auto found = sets.sets();
    std::ranges::sort(found);
    QVERIFY(found == expected);
}

void TestGroundFloor::theIndexFindsWhatTheBoxesSay()
{
    std::mt19937 random(7);
    std::uniform_real_distribution<double> place(-100, 100), size(0, 12);
    std::vector<Chord> chords;
    for (int i = 0; i < 500; ++i) {
        const Point a{place(random), place(random)};
        chords.push_back({a, a + Point{size(random), size(random)}});
    }
    const ChordIndex index(chords);
    std::vector<std::uint32_t> found;
    for (int i = 0; i < 50; ++i) {
        const double x = place(random), y = place(random);
        const Box asked{x, y, x + size(random), y + size(random)};
        index.near(asked, found);
        std::ranges::sort(found);
        std::vector<std::uint32_t> expected;
        for (std::uint32_t k = 0; k < chords.size(); ++k) {
            Box box;
            box.add(chords[k].a);
            box.add(chords[k].b);
            if (meets(box, asked))
                expected.push_back(k);
        }
        QVERIFY(found == expected);
    }
    ChordIndex({}).near({-1, -1, 1, 1}, found);
    QVERIFY(found.empty());
}

void TestGroundFloor::linesAreAsFarApartAsTheirPoints()
{
    std::mt19937 random(3);
    std::uniform_real_distribution<double> place(-10, 10);
    const auto point = [&] {
        const double x = place(random);
        return Point{x, place(random)};
    };
    for (int i = 0; i < 300; ++i) {
        const Point a = point(), b = point(), c = point(), d = point();
        double nearest = 1e300;
        for (int k = 0; k <= 200; ++k)
            for (int m = 0; m <= 200; ++m)
                nearest = std::min(nearest, length(lerp(a, b, k / 200.0) - lerp(c, d, m / 200.0)));
        const double found = distanceOfLines(a, b, c, d);
        QVERIFY(found <= nearest + 1e-12);
        QVERIFY(found > nearest - 0.2);
        QCOMPARE(found == 0.0, linesCross(a, b, c, d));
    }
}

void TestGroundFloor::linesThatShareAnEndDoNotCross()
{
    QVERIFY(!linesCross({0, 0}, {1, 1}, {1, 1}, {2, 0}));
    QVERIFY(!linesCross({0, 0}, {2, 0}, {1, 0}, {1, 1})); // only touches
    QVERIFY(linesCross({0, 0}, {2, 0}, {1, -1}, {1, 1}));
    QCOMPARE(nearestOn({0, 0}, {0, 0}, {3, 4}), (Point{0, 0}));
}

INK_TEST_CORE_MAIN(TestGroundFloor)
#include "test_ground_floor.moc"
