// A large shelf: taking in 1,000 fonts against fc-scan over the same files, opening the window with 5,000 on
// the shelf, searching among them, finding twins among them.
//   QT_QPA_PLATFORM=offscreen build/dev/bench/bench_shelf [FONTS TO TAKE IN [FONTS ON THE SHELF]]
#include "bench/many_fonts.h"
#include "core/base/digest.h"
#include "core/base/file_copy.h"
#include "shelf/shelf_intake.h"
#include "shelf/twins.h"
#include "ui/main_window.h"
#include "ui/shelf/shelf_page.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QLineEdit>
#include <QListView>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>

#include <cstdio>

using namespace ink;
namespace fs = std::filesystem;

namespace {

double ms(const QElapsedTimer& timer)
{
    return static_cast<double>(timer.nsecsElapsed()) / 1e6;
}

double fcScan_ms(const fs::path& folder)
{
    QElapsedTimer timer;
    timer.start();
    QProcess::execute(
        QStringLiteral("sh"),
        {QStringLiteral("-c"),
         QStringLiteral("fc-scan '%1' > /dev/null").arg(QString::fromStdString(folder.string()))});
    return ms(timer);
}

/// Without looking into each again: only the shelf's own part.
void addQuickly(ShelfStore& store, const fs::path& folder)
{
    std::vector<NewFont> fonts;
    for (const auto& file : fs::directory_iterator(folder))
        fonts.push_back({file.path(),
                         file.path().filename().string(),
                         *sha256OfFile(file.path()),
                         *FontFace::list(file.path()),
                         {}});
    if (!store.add(fonts, "many.zip", "2026-11-25"))
        std::exit(1);
}

} // namespace

int main(int argc, char** argv)
{
    const int taken_in = argc > 1 ? std::atoi(argv[1]) : 1000,
              on_shelf = argc > 2 ? std::atoi(argv[2]) : 5000;
    QTemporaryDir home;
    const fs::path place = home.path().toStdString();
    QApplication app(argc, argv);
    const ui::Theme theme;
    theme.applyTo(app);

    bench::writeFonts(INK_DEMO_FONTS, place / "new", 0, taken_in);
    const double scan = fcScan_ms(place / "new");
    QElapsedTimer timer;
    timer.start();
    {
        auto store = ShelfStore::open(place / "state" / "shelf");
        const auto contents = inspectPackage(place / "new");
        const double looked = ms(timer);
        if (!store || !contents || !takeToShelf(**store, *contents, contents->fonts(), "2026-11-25"))
            return 1;
        const double all = ms(timer);
        std::printf(
            "taking in %d fonts: %.0f ms (%.0f ms of it checking and reading each); fc-scan reads them in "
            "%.0f ms: %.1f times that\n",
            taken_in, all, looked, scan, all / scan);
        bench::writeFonts(INK_DEMO_FONTS, place / "more", taken_in, on_shelf);
        timer.restart();
        addQuickly(**store, place / "more");
        std::printf("putting %d more on the shelf: %.0f ms\n", on_shelf - taken_in, ms(timer));
    }
    const double scan_all = fcScan_ms(place / "state" / "shelf" / "files");
    Job job;
    job.words = "Fennmoor Honey";
    for (int round = 0; round < 2; ++round) { // the second is warm
        timer.restart();
        ui::MainWindow window({job, {}, {}, {}}, JobStore(place / "state"), place / "state", theme,
                              ui::Questions::asDialogs(), place / "installed");
        window.openStation(ui::MainWindow::Shelf);
        window.show();
        auto* list = window.findChild<QListView*>(QStringLiteral("shelfList"));
        if (!QTest::qWaitFor([&] { return list->model()->rowCount() >= on_shelf; }, 60000))
            return 1;
        list->viewport()->repaint();
        const double usable = ms(timer);
        QElapsedTimer search_timer;
        search_timer.start();
        window.findChild<QLineEdit*>(QStringLiteral("shelfSearch"))->setText(QStringLiteral("post 42"));
        list->viewport()->repaint();
        std::printf(
            "the window with %d fonts on the shelf, until they can be looked through: %.0f ms; fc-scan over "
            "the same files: %.0f ms (%.2f times that)\nsearching them: %.1f ms, %d found\n",
            on_shelf, usable, scan_all, usable / scan_all, ms(search_timer), list->model()->rowCount());
        window.close();
    }
    timer.restart();
    auto store = ShelfStore::open(place / "state" / "shelf");
    const auto fonts = (*store)->fonts();
    std::printf("reading the shelf: %.0f ms\n", ms(timer));
    timer.restart();
    const auto prints = fontPrints(**store, *fonts);
    std::printf("their outlines in short: %.0f ms\n", ms(timer));
    timer.restart();
    const auto twins = findTwins(*fonts, *prints);
    std::printf("twins among them: %.0f ms, %zu groups\n", ms(timer), twins.size());
    return 0;
}
