// Thousands of fonts in Find: from the start until they can be looked through, and what it takes to do so, beside fc-scan over
// the same files.
//   QT_QPA_PLATFORM=offscreen build/dev/bench/bench_many [FONTS]     5,000 by default; made, and opened twice, cold and warm
//   build/dev/bench/bench_many --make FOLDER [FONTS]                  makes them to be tried by hand:
//                                                                     under-ink --no-system-fonts --fonts FOLDER
#include "bench/many_fonts.h"
#include "ui/find/find_page.h"
#include "ui/main_window.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QLineEdit>
#include <QListView>
#include <QProcess>
#include <QScrollBar>
#include <QTemporaryDir>
#include <QTest>

#include <algorithm>
#include <cstdio>
#include <fstream>

#include <unistd.h>

using namespace ink;
namespace fs = std::filesystem;

namespace {

double ms(const QElapsedTimer& timer)
{
    return double(timer.nsecsElapsed()) / 1e6;
}

/// Resident memory in MB. Source: Linux proc(5), statm.
double resident_mb()
{
    std::ifstream in("/proc/self/statm");
    long whole = 0, resident = 0;
    in >> whole >> resident;
    return double(resident) * double(sysconf(_SC_PAGESIZE)) / (1 << 20);
}

/// One start of the application, in a process of its own.
int openOnce(int argc, char** argv, const QString& folder, const fs::path& home)
{
    QElapsedTimer timer;
    timer.start();
    QApplication app(argc, argv);
    const ui::Theme theme;
    theme.applyTo(app);
    Job job;
    job.words = "Fennmoor Honey";
    ui::MainWindow window({job, {}, {}, {}}, JobStore(home / "state"), home / "state", theme,
                          ui::Questions::asDialogs(), home / "installed");
    window.library().addFolder(folder, FontOrigin::System);
    window.show();
    auto* list = window.findChild<QListView*>(QStringLiteral("fontList"));
    const auto wait = [&](const auto& is_so) { return QTest::qWaitFor(is_so, 120'000); };
    if (!wait([&] { return list->model()->rowCount() > 20; }))
        return 1;
    list->viewport()->repaint();
    const double usable = ms(timer);
    // The rows in sight have their marks when nothing is measured any more.
    QTest::qWait(0);
    if (!wait([&] { return window.fits().isIdle(); }))
        return 1;
    const double marked = ms(timer);
    if (!wait([&] { return !window.library().isSearching(); }))
        return 1;
    const double all = ms(timer);
    const int rows = list->model()->rowCount();
    if (!wait([&] { return window.isIdle(); }))
        return 1;
    std::vector<double> frames_ms;
    auto* bar = list->verticalScrollBar();
    constexpr int kFrames = 300;
    for (int i = 0; i < kFrames; ++i) {
        timer.restart();
        bar->setValue(int(qint64(bar->maximum()) * i / kFrames));
        list->viewport()->repaint();
        frames_ms.push_back(ms(timer));
        QApplication::processEvents(QEventLoop::AllEvents, 4);
    }
    std::ranges::sort(frames_ms);
    timer.restart();
    window.findPage().findChild<QLineEdit*>(QStringLiteral("fontSearch"))->setText(QStringLiteral("post 42"));
    list->viewport()->repaint();
    std::printf("usable after %.0f ms, the first with marks after %.0f ms, all %d listed after %.0f ms; "
                "scrolling: median %.1f ms, "
                "99 in 100 below %.1f ms; searching: %.1f ms; %.0f MB\n",
                usable, marked, rows, all, frames_ms[kFrames / 2], frames_ms[kFrames * 99 / 100], ms(timer),
                resident_mb());
    return 0;
}

} // namespace

int main(int argc, char** argv)
{
    const std::string first = argc > 1 ? argv[1] : "";
    if (first == "--open" && argc == 4)
        return openOnce(argc, argv, QString::fromLocal8Bit(argv[2]), argv[3]);
    if (first == "--make" && argc > 2) {
        bench::writeFonts(INK_DEMO_FONTS, argv[2], 0, argc > 3 ? std::atoi(argv[3]) : 5000);
        return 0;
    }
    const int count = argc > 1 ? std::atoi(argv[1]) : 5000;
    QTemporaryDir home;
    const QString fonts = home.filePath(QStringLiteral("fonts"));
    bench::writeFonts(INK_DEMO_FONTS, fonts.toStdString(), 0, count);
    qputenv("XDG_CACHE_HOME", home.filePath(QStringLiteral("cache")).toLocal8Bit());
    QElapsedTimer timer;
    timer.start();
    QProcess::execute(QStringLiteral("sh"),
                      {QStringLiteral("-c"), QStringLiteral("fc-scan '%1' > /dev/null").arg(fonts)});
    std::printf("%d fonts; fc-scan reads them in %.0f ms\n", count, ms(timer));
    std::fflush(stdout);
    for (const char* round : {"cold", "warm"}) {
        std::printf("%s: ", round);
        std::fflush(stdout);
        if (const int failed = QProcess::execute(QString::fromLocal8Bit(argv[0]),
                                                 {QStringLiteral("--open"), fonts, home.path()}))
            return failed;
    }
    return 0;
}
