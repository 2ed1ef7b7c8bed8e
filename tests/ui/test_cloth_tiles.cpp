// Threads in tiles: moved, zoomed and played they show what painting all of them anew shows.
#include "core/stitch/stitch_plan.h"
#include "ui/needle/cloth_tiles.h"

#include <QPainter>
#include <QTest>

#include <cmath>
#include <random>

using namespace ink;
using ink::ui::ClothTiles;

namespace {

constexpr QSize kView{700, 420};
const std::vector<QColor> kThreads{QColor(160, 60, 40), QColor(40, 90, 140)};

/// Stitches all over, with cuts, and another thread half way.
NeedleWork someWork(std::size_t count)
{
    std::mt19937 random(7);
    std::uniform_real_distribution<double> step(-3.0, 3.0);
    NeedleWork out;
    Point at;
    for (std::size_t i = 0; i < count; ++i) {
        at = {std::clamp(at.x + step(random), -50.0, 50.0), std::clamp(at.y + step(random), -30.0, 30.0)};
        auto kind = i % 97 == 96  ? NeedleStep::Kind::Trim
                    : i % 97 == 0 ? NeedleStep::Kind::Jump
                                  : NeedleStep::Kind::Stitch;
        if (i == count / 2)
            kind = NeedleStep::Kind::Stop;
        out.push_back({kind, at});
    }
    return out;
}

QImage painted(ClothTiles& tiles, double scale, QPointF origin, std::size_t steps, int budget_ms = -1,
               bool* is_whole = nullptr)
{
    QImage out(kView, QImage::Format_ARGB32_Premultiplied);
    out.fill(Qt::white);
    QPainter painter(&out);
    const bool done = tiles.paint(painter, {scale, 1.0, origin, QRectF(out.rect()), steps}, budget_ms);
    if (is_whole)
        *is_whole = done;
    return out;
}

QImage anew(const NeedleWork& work, double scale, QPointF origin, std::size_t steps)
{
    ClothTiles tiles;
    tiles.setWork(work, kThreads);
    return painted(tiles, scale, origin, steps);
}

} // namespace

class TestClothTiles : public QObject
{
    Q_OBJECT
private slots:
    void threadsLieWhereTheyAre()
    {
        const NeedleWork work{{NeedleStep::Kind::Stitch, {-10, 0}}, {NeedleStep::Kind::Stitch, {10, 0}}};
        const QImage image = anew(work, 10.0, {350, 210}, work.size());
        QVERIFY(image.pixelColor(350, 210) != QColor(Qt::white)); // its middle
        QVERIFY(image.pixelColor(252, 210) != QColor(Qt::white)); // over the seam of two tiles
        QVERIFY(image.pixelColor(350, 214) == QColor(Qt::white)); // 0.4 mm wide
        QVERIFY(image.pixelColor(200, 210) == QColor(Qt::white));
    }

    void movedItIsTheSame()
    {
        const auto work = someWork(4000);
        ClothTiles tiles;
        tiles.setWork(work, kThreads);
        for (int i = 0; i < 12; ++i) {
            const QPointF origin(350 + 37 * i, 210 - 21 * i);
            QCOMPARE(painted(tiles, 9.0, origin, work.size()), anew(work, 9.0, origin, work.size()));
        }
    }

    void zoomedAndPlayedItIsTheSame()
    {
        const auto work = someWork(4000);
        ClothTiles tiles;
        tiles.setWork(work, kThreads);
        for (const double scale : {4.0, 6.5, 12.0, 5.0})
            QCOMPARE(painted(tiles, scale, {350, 210}, work.size()),
                     anew(work, scale, {350, 210}, work.size()));
        // Forwards by what is added, backwards anew; beyond the end there is no more.
        for (const std::size_t steps : {0, 10, 700, 701, 2500, 4000, 900, 5000})
            QCOMPARE(painted(tiles, 6.0, {350, 210}, steps), anew(work, 6.0, {350, 210}, steps));
    }

    void inAHurryItIsMadeInTime()
    {
        const auto work = someWork(20000);
        ClothTiles tiles;
        tiles.setWork(work, kThreads);
        painted(tiles, 8.0, {350, 210}, work.size());
        bool is_whole = true;
        painted(tiles, 9.0, {350, 210}, work.size(), 0, &is_whole);
        QVERIFY(!is_whole); // no time at all: what was there before is shown
        QImage image;
        int times = 0;
        for (; !is_whole && times < 1000; ++times)
            image = painted(tiles, 9.0, {350, 210}, work.size(), 1, &is_whole);
        QVERIFY(is_whole);
        QCOMPARE(painted(tiles, 9.0, {350, 210}, work.size()), anew(work, 9.0, {350, 210}, work.size()));
    }

    void farOnesAreLetGo()
    {
        const auto work = someWork(500);
        ClothTiles tiles;
        tiles.setWork(work, kThreads);
        for (int i = 0; i < 200; ++i)
            painted(tiles, 30.0, {350.0 + 300 * i, 210}, work.size());
        QVERIFY2(tiles.count() < 1500, qPrintable(QString::number(tiles.count())));
    }
};

INK_TEST_GUI_MAIN(TestClothTiles)
#include "test_cloth_tiles.moc"
