// Dragging a letter of forty with the live weld, and filling the try-on strip; against drawing the unwelded
// glyphs.
//   QT_QPA_PLATFORM=offscreen build/dev/bench/bench_lettering
#include "ui/compose/compose_page.h"
#include "ui/compose/lettering_view.h"
#include "ui/compose/try_on_strip.h"
#include "ui/main_window.h"
#include "ui/outline_paths.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QEventLoop>
#include <QImage>
#include <QPainter>
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

double ms(const QElapsedTimer& timer)
{
    return static_cast<double>(timer.nsecsElapsed()) / 1e6;
}

/// The least that dragging costs any program: the glyphs of the line filled as they are, nothing welded.
double drawGlyphs(const Design& design, QSize size)
{
    QImage image(size, QImage::Format_ARGB32_Premultiplied);
    QElapsedTimer timer;
    timer.start();
    image.fill(Qt::white);
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    const double scale = size.width() / design.figures_mm.box.width();
    QTransform place;
    place.translate(0, size.height() * 0.7);
    place.scale(scale, scale);
    for (const auto& glyph : design.glyphs_mm)
        painter.fillPath(place.map(ui::toPainterPath(glyph)), Qt::black);
    painter.end();
    return ms(timer);
}

} // namespace

int main(int argc, char** argv)
{
    QTemporaryDir home;
    QApplication app(argc, argv);
    const ui::Theme theme;
    theme.applyTo(app);
    Job job;
    job.words = "Late Summer Batch of Fennmoor Honey from us"; // 36 letters and 7 spaces
    job.size = {SizeBy::Width, 600.0};
    job.font.path = INK_DEMO_FONTS "/Larkmallow.ttf";
    job.lettering.close_up.depth_mm = 0.4;
    ui::MainWindow window({job, {}, {}, {}}, JobStore(home.path().toStdString()), home.path().toStdString(),
                          theme);
    window.show();
    window.openStation(ui::MainWindow::Compose);
    auto& page = window.composePage();
    auto& view = page.view();
    while (!window.isIdle() || !page.composed())
        QTest::qWait(50);

    // The core alone: set, close up, weld what changed, finish.
    const auto face = *FontFace::open(job.font.path);
    const auto source = lettersOf(face);
    const FindLetters letters = [&](const FontRef&) -> Result<std::shared_ptr<const LetterSource>> {
        return source;
    };
    ComposeOptions options;
    options.welds = std::make_shared<WeldCache>();
    options.settings = std::make_shared<SettingCache>();
    std::vector<double> core_ms, whole_ms, glyphs_ms, told_ms, made_ms;
    for (int i = 0; i < 80; ++i) {
        Job moved = job;
        moved.lettering.letters[20].dy_em = 0.002 * i;
        QElapsedTimer timer;
        timer.start();
        const auto composed = composeDesign(moved, letters, options);
        if (!composed)
            return 1;
        if (i > 5)
            core_ms.push_back(ms(timer));
        glyphs_ms.push_back(drawGlyphs(composed->design, view.size()));
    }
    // The window: from the hand's move to the repainted weld.
    view.setCaret(21);
    for (int i = 0; i < 80; ++i) {
        QEventLoop loop;
        bool is_made = false;
        QElapsedTimer timer;
        const auto made = QObject::connect(&window.design(), &ui::DesignModel::changed, &loop, [&] {
            is_made = true;
            made_ms.push_back(ms(timer));
        });
        const auto shown = QObject::connect(&view, &ui::WeldView::painted, &loop, [&] {
            if (is_made)
                loop.quit();
        });
        timer.start();
        view.nudge(0.0, 0.1);
        told_ms.push_back(ms(timer));
        loop.exec();
        if (i > 5)
            whole_ms.push_back(ms(timer));
        QObject::disconnect(made);
        QObject::disconnect(shown);
    }
    std::printf(
        "a letter of forty moved: %.2f ms in the core, %.2f ms to the repainted window, %.2f ms to draw the "
        "glyphs unwelded; window/glyphs %.2f, frames a second %.0f\n",
        median(core_ms), median(whole_ms), median(glyphs_ms), median(whole_ms) / median(glyphs_ms),
        1000.0 / median(whole_ms));

    std::printf(
        "of that: %.2f ms until the job is changed and told to all, %.2f ms until the weld is there\n",
        median(told_ms), median(made_ms));

    // The strip: every letter of the words in a font of many forms.
    const auto quillbrook = *FontFace::open(INK_DEMO_FONTS "/QuillbrookScript.ttf");
    const auto many = lettersOf(quillbrook);
    TryOnRequest request;
    request.job.words = "Fennmoor Honey";
    request.job.lettering.close_up.depth_mm = 0.4;
    request.letters = [&](const FontRef&) -> Result<std::shared_ptr<const LetterSource>> { return many; };
    request.mm_per_u = 0.05;
    request.settings = std::make_shared<SettingCache>();
    request.forms = std::make_shared<const FormTable>(*quillbrook);
    std::vector<double> strip_ms;
    std::size_t forms = 0;
    for (int i = 0; i < 9; ++i) {
        forms = 0;
        double spent_ms = 0.0;
        for (request.character = 0; request.character < 14; ++request.character) {
            QElapsedTimer timer;
            timer.start();
            const auto tries = tryOn(request);
            if (!tries)
                return 1;
            forms += tries->size();
            ui::TryOnStrip strip(theme);
            strip.resize(1150, 150);
            strip.setTries(*tries, LengthUnit::Millimetre, 0.05);
            (void)strip.grab();
            spent_ms += ms(timer);
        }
        strip_ms.push_back(spent_ms * 60.0 / static_cast<double>(forms));
    }
    std::printf("the strip: %.1f ms for sixty forms (of %zu), tried, judged and painted; %.1f times drawing "
                "a line of "
                "forty\n",
                median(strip_ms), forms, median(strip_ms) / median(glyphs_ms));
    return 0;
}
