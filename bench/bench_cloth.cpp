// The cloth of 50,000 stitches panned, zoomed and played, and a thing dragged on a full sheet: pictures a second, beside painting all stitches
// anew for each.
//   QT_QPA_PLATFORM=offscreen build/dev/bench/bench_cloth
#include "bench/measured.h"
#include "core/handoff/made_names.h"
#include "core/handoff/sewn_name.h"
#include "core/handoff/sheet_moves.h"
#include "ui/needle/cloth_tiles.h"

#include <QGuiApplication>
#include <QPainter>

#include <cmath>
#include <cstdio>

using namespace ink;
using namespace ink::bench;
using ui::ClothTiles;

namespace {

constexpr QSize kView{920, 560};
constexpr int kFrames = 120, kFrame_ms = 9;

SewnName cloth(std::size_t wanted)
{
    Job job;
    job.process = Process::Satin;
    job.font.path = std::string(INK_DEMO_FONTS) + "/GatepostPlain.ttf";
    job.size = {SizeBy::XHeight, 12.0};
    SewnName out;
    for (int lines = 4; out.figures.stitches < wanted; lines += 4) {
        job.words.clear();
        for (int i = 0; i < lines; ++i)
            job.words += std::string(i > 0 ? "\n" : "") + "Fennmoor Honey and Late Summer Beeswax";
        const auto letters = alwaysLettersOf(mustBe(FontFace::open(job.font.path)));
        out = sewName(makeName(job, {job.words}, letters, {}, false), StitchSettings());
    }
    return out;
}

struct Told
{
    double mean_ms = 0.0, worst_ms = 0.0;
};

template <class Frame>
Told frames(const Frame& frame)
{
    Told out;
    for (int i = 0; i < kFrames; ++i) {
        const double ms = quickest_ms([&] { frame(i); }, 1);
        out.mean_ms += ms / kFrames;
        out.worst_ms = std::max(out.worst_ms, ms);
    }
    return out;
}

void tell(const char* what, const Told& t, const Told& anew)
{
    std::printf("| %s | %.1f ms | %.1f ms | %.0f | %.2f of painting all anew |\n", what, t.mean_ms,
                t.worst_ms, 1000.0 / t.mean_ms, t.mean_ms / anew.mean_ms);
}

void dragOnFullSheet()
{
    Job job;
    job.font.path = std::string(INK_DEMO_FONTS) + "/Larkmallow.ttf";
    job.size = {SizeBy::XHeight, 10.0};
    std::vector<ListedName> names;
    for (int i = 0; i < 60; ++i)
        names.push_back({i % 3 == 0 ? "Ottilie" : i % 3 == 1 ? "Bram" : "Fennmoor", 2});
    setNames(job, std::move(names));
    const auto letters = alwaysLettersOf(mustBe(FontFace::open(job.font.path)));
    const auto made = makeNames(job, letters, {});
    SheetRequest request;
    request.things = thingsOf(made, job);
    request.is_quick = true;
    const auto plan = mustBe(planSheets(request));
    const SheetMoves moves(plan, request.settings, 0);
    const auto start = plan.laid.front().place;
    const auto told = frames([&](int i) {
        Placement there = start;
        there.at_mm = there.at_mm + Point{i * 2.0, -i * 3.0};
        const auto rest = moves.atRest(0, there, 3.0);
        static_cast<void>(moves.mayLie(0, rest.there));
    });
    std::printf("A thing dragged among %zu: %.2f ms a move, at worst %.2f (16.7 is 60 a second)\n",
                plan.laid.size(), told.mean_ms, told.worst_ms);
}

} // namespace

int main(int argc, char** argv)
{
    const QGuiApplication application(argc, argv);
    const auto sewn = cloth(50000);
    const auto work = workOf(sewn.plan);
    std::printf("%zu stitches in a view of %d x %d\n\n| | mean | worst | a second | |\n| --- | --- | --- | "
                "--- | --- |\n",
                sewn.figures.stitches, kView.width(), kView.height());
    QImage screen(kView, QImage::Format_ARGB32_Premultiplied);
    const double fit = 0.9 * kView.width() / sewn.figures.box_mm.width();
    const auto paint = [&](ClothTiles& tiles, double scale, QPointF middle, std::size_t steps,
                           int budget_ms) {
        QPainter painter(&screen);
        painter.fillRect(screen.rect(), Qt::white);
        return tiles.paint(painter, {scale, 1.0, middle, QRectF(screen.rect()), steps}, budget_ms);
    };
    const QPointF middle(kView.width() / 2.0, kView.height() / 2.0);
    const auto anew = frames([&](int) {
        ClothTiles tiles;
        tiles.setWork(work, {QColor(0x2f, 0x5c, 0x8f)});
        paint(tiles, fit, middle, work.size(), -1);
    });
    ClothTiles tiles;
    tiles.setWork(work, {QColor(0x2f, 0x5c, 0x8f)});
    paint(tiles, 3 * fit, middle, work.size(), -1);
    tell("panned", frames([&](int i) {
             paint(tiles, 3 * fit, middle + QPointF(7.0 * i, 4.0 * i), work.size(), kFrame_ms);
         }),
         anew);
    tell("zoomed",
         frames([&](int i) { paint(tiles, fit * std::pow(1.02, i), middle, work.size(), kFrame_ms); }), anew);
    tell("played", frames([&](int i) {
             paint(tiles, fit, middle, work.size() * std::size_t(i + 1) / kFrames, i == 0 ? -1 : kFrame_ms);
         }),
         anew);
    std::printf("\nAll painted anew: %.1f ms\n", anew.mean_ms);
    dragOnFullSheet();
    return 0;
}
