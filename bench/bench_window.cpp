// From a key press to the repainted result, on the whole window: typing into a 12-letter word.
//   QT_QPA_PLATFORM=offscreen build/dev/bench/bench_window
#include "ui/compose/compose_page.h"
#include "ui/compose/lettering_view.h"
#include "ui/main_window.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QEventLoop>
#include <QPlainTextEdit>
#include <QTemporaryDir>
#include <QTest>

#include <algorithm>
#include <cstdio>
#include <vector>

using namespace ink;

namespace {

double median(std::vector<double> values)
{
    std::ranges::nth_element(values, values.begin() + std::ssize(values) / 2);
    return values[values.size() / 2];
}

/// Milliseconds from the key press until the view has painted the shape made from it.
double typeAndWait(QPlainTextEdit* words, ui::WeldView& view, ui::DesignModel& design, char key)
{
    QElapsedTimer timer;
    timer.start();
    QEventLoop loop;
    bool is_made = false;
    const auto made = QObject::connect(&design, &ui::DesignModel::changed, &loop, [&] { is_made = true; });
    const auto shown = QObject::connect(&view, &ui::WeldView::painted, &loop, [&] {
        if (is_made)
            loop.quit();
    });
    QTest::keyClick(words, key);
    loop.exec();
    QObject::disconnect(made);
    QObject::disconnect(shown);
    return static_cast<double>(timer.nsecsElapsed()) / 1e6;
}

} // namespace

int main(int argc, char** argv)
{
    QTemporaryDir home;
    QApplication app(argc, argv);
    const ui::Theme theme;
    theme.applyTo(app);
    Job job;
    job.words = "Fennmoorhon";
    job.font.path = INK_DEMO_FONTS "/HartsorrelScript.ttf";
    ui::MainWindow window({job, {}, {}, {}}, JobStore(home.path().toStdString()), home.path().toStdString(),
                          theme);
    window.show();
    window.openStation(ui::MainWindow::Compose);
    auto* page = window.findChild<ui::ComposePage*>();
    auto* words = window.findChild<QPlainTextEdit*>(QStringLiteral("words"));
    QTest::qWait(500);

    std::vector<double> whole_ms;
    std::vector<double> core_ms;
    const auto face = FontFace::open(job.font.path);
    Job plain = job;
    plain.words = "Fennmoorhone";
    for (int i = 0; i < 60; ++i) {
        words->moveCursor(QTextCursor::End);
        whole_ms.push_back(typeAndWait(words, page->view(), window.design(), 'e'));
        words->textCursor().deletePreviousChar();
        QTest::qWait(30);
        QElapsedTimer timer;
        timer.start();
        const auto design = composeDesign(plain, alwaysLettersOf(*face));
        core_ms.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        if (!design)
            return 1;
    }
    std::printf("key press to repainted result, 12 letters: median %.2f ms on the window, %.2f ms on the "
                "core; ratio %.2f\n",
                median(whole_ms), median(core_ms), median(whole_ms) / median(core_ms));
    return 0;
}
