// The window at the Compose station with a job in a script font, for whole sittings by keyboard and by mouse.
#pragma once

#include "tests/support/gui.h"
#include "ui/compose/compose_page.h"
#include "ui/compose/compose_sentence.h"
#include "ui/compose/compose_strip.h"
#include "ui/compose/lettering_view.h"
#include "ui/compose/motif_tray.h"
#include "ui/compose/try_on_strip.h"
#include "ui/widgets/leaf.h"
#include "ui/widgets/sentence_bar.h"

#include <QAbstractButton>

namespace ink::test {

inline Job larkmallow(const char* words = "Fennmoor Honey")
{
    Job job;
    job.words = words;
    job.size = {SizeBy::Width, 300.0};
    job.font.path = demoFont("Larkmallow.ttf").string();
    return job;
}

/// The window at the station, at rest.
struct Sitting : WindowFixture
{
    explicit Sitting(Job job = larkmallow(), double text_scale = 1.0)
        : WindowFixture(std::move(job), text_scale, false)
    {
        goToCompose();
    }
    void goToCompose()
    {
        window->openStation(ui::MainWindow::Compose);
        rest();
    }
    ui::ComposePage& page() { return window->composePage(); }
    ui::LetteringView& view() { return page().view(); }
    ui::TryOnStrip& strip() { return page().strip(); }
    const Job& job() { return window->jobModel().job(); }
    const Setting& setting() { return page().composed()->setting; }
    QString file(const char* name) { return QString::fromStdString((folder.path() / name).string()); }
    void key(int k, Qt::KeyboardModifiers modifiers = Qt::NoModifier)
    {
        QWidget* target = QApplication::focusWidget();
        QTest::keyClick(target ? target : &view(), static_cast<Qt::Key>(k), modifiers);
    }
    /// A control, with the leaf opened that it lies on.
    template <class T>
    T* control(const char* name)
    {
        auto* widget = find<T>(name);
        page().sentence().openLeafWith(widget);
        return widget;
    }
    /// What the sentence above the words says.
    QString said() { return page().sentence().sentence().text(); }
    void pressPhrase(const char* key)
    {
        auto* phrase = page().sentence().sentence().phrase(QLatin1String(key));
        if (!phrase)
            qFatal("the sentence has no %s", key);
        phrase->setFocus();
        QTest::keyClick(phrase, Qt::Key_Space);
        rest();
    }
    void click(const char* name)
    {
        auto* button = control<QAbstractButton>(name);
        QVERIFY2(button->isEnabled(), name);
        QTest::mouseClick(button, Qt::LeftButton);
        rest();
    }
    void press(QPointF from, QPointF to)
    {
        QTest::mousePress(&view(), Qt::LeftButton, {}, from.toPoint());
        rest(); // what the hand could snap to is worked out
        for (int step = 1; step <= 6; ++step) {
            const QPointF at = from + (to - from) * step / 6.0;
            QMouseEvent move(QEvent::MouseMove, at, view().mapToGlobal(at), Qt::NoButton, Qt::LeftButton, {});
            QApplication::sendEvent(&view(), &move);
            QTest::qWait(5);
        }
        QTest::mouseRelease(&view(), Qt::LeftButton, {}, to.toPoint());
        rest();
    }
};

} // namespace ink::test
