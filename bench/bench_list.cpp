// 20,000 listings in Find: how long a frame takes while the list is scrolled from end to end.
//   QT_QPA_PLATFORM=offscreen build/bench/bench/bench_list
#include "standins/catalogue/catalogue_server.h"
#include "ui/find/find_page.h"
#include "ui/find/wish_bar.h"
#include "ui/main_window.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QLineEdit>
#include <QListView>
#include <QScrollBar>
#include <QTemporaryDir>
#include <QTest>

#include <algorithm>
#include <cstdio>

using namespace ink;

int main(int argc, char** argv)
{
    QTemporaryDir home;
    QApplication app(argc, argv);
    const ui::Theme theme;
    theme.applyTo(app);
    Job job;
    job.words = "Fennmoor Honey";
    ui::MainWindow window({job, {}, {}, {}}, JobStore(home.path().toStdString()), home.path().toStdString(),
                          theme);
    window.show();
    standin::CatalogueServer server(std::move(*standin::DemoCatalogue::open(INK_DEMO_CATALOGUE)),
                                    standin::Fault::Many);
    window.feed().useAddress(QUrl(QStringLiteral("http://127.0.0.1:%1").arg(server.listen())));
    if (!QTest::qWaitFor([&] { return window.feed().state() == ui::CatalogueFeed::State::Ready; }, 60000))
        return 1;
    auto* list = window.findChild<QListView*>(QStringLiteral("fontList"));
    auto* bar = list->verticalScrollBar();
    std::vector<double> frames_ms;
    constexpr int kFrames = 600;
    for (int i = 0; i < kFrames; ++i) {
        QElapsedTimer timer;
        timer.start();
        bar->setValue(static_cast<int>(qint64(bar->maximum()) * i / kFrames));
        list->viewport()->repaint();
        frames_ms.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        QApplication::processEvents(QEventLoop::AllEvents, 4); // answers arrive between the frames
    }
    std::ranges::sort(frames_ms);
    std::printf(
        "%d listings, %d frames while scrolling: median %.2f ms, 99 in 100 below %.2f ms, longest %.2f ms\n",
        window.fonts().rowCount(), kFrames, frames_ms[kFrames / 2], frames_ms[kFrames * 99 / 100],
        frames_ms.back());
    QElapsedTimer timer;
    timer.start();
    window.findPage().findChild<QLineEdit*>(QStringLiteral("fontSearch"))->setText(QStringLiteral("cord 7"));
    list->viewport()->repaint();
    std::printf("search among them: %.1f ms\n", static_cast<double>(timer.nsecsElapsed()) / 1e6);
    timer.restart();
    window.findChild<ui::WishBar*>(QStringLiteral("wishBar"))->showCounts();
    std::printf("counting the wishes: %.1f ms\n", static_cast<double>(timer.nsecsElapsed()) / 1e6);
    return frames_ms.back() < 50.0 ? 0 : 2;
}
