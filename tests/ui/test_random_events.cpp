// Whole sittings of events nobody planned: keys, presses, drags, text, wheels and files, on all stations. Run under address
// sanitizer by ./check. INK_RANDOM_EVENTS sets how many, INK_RANDOM_SEED where they begin.
#include "tests/support/sitting.h"
#include "ui/queued_step.h"
#include "ui/shelf/shelf_page.h"

#include <QAbstractScrollArea>
#include <QMenu>
#include <QTimer>
#include <QWheelEvent>

#include <algorithm>
#include <random>
#include <sstream>

using namespace ink;
using namespace ink::ui;
using test::larkmallow;

namespace {

unsigned number(const char* name, unsigned usual)
{
    bool is_set = false;
    const unsigned value = qEnvironmentVariable(name).toUInt(&is_set);
    return is_set ? value : usual;
}

/// Menus and dialogs that wait for an answer are left with none.
class Dismisser : public QObject
{
public:
    Dismisser()
    {
        m_timer.setInterval(15);
        connect(&m_timer, &QTimer::timeout, this, [] {
            if (auto* popup = QApplication::activePopupWidget())
                popup->close();
            else if (auto* dialog = QApplication::activeModalWidget())
                dialog->close();
        });
        m_timer.start();
    }

private:
    QTimer m_timer;
};

class Hand
{
public:
    Hand(test::Sitting& sitting, unsigned seed) : m_s(sitting), m_random(seed)
    {
        m_files = {QString::fromStdString(test::demoFont("GatepostPlain.ttf").string()),
                   QString::fromStdString(
                       (test::demoFontFolder() / ".." / "catalogue" / "packages" / "maypole.zip").string()),
                   QString::fromStdString(m_s.folder.write("garbage.ttf", "no font at all").string()),
                   QString::fromStdString(m_s.folder.write("garbage.uink", "PK no job").string()),
                   m_s.file("not there.otf"),
                   m_s.file("job.uink")};
        m_s.job_file = m_s.file("job.uink");
        m_s.save_path = m_s.file("cut.svg");
        m_s.template_name = QStringLiteral("Random");
    }

    void act()
    {
        switch (const unsigned what = pick(100); what / 5) {
        case 0:
            return m_s.window->openStation(static_cast<int>(pick(5)));
        case 1:
            return m_s.window->bring(QStringList(m_files[static_cast<int>(pick(m_files.size()))]));
        case 2:
            return wheel();
        case 3:
            return m_s.window->resize(700 + static_cast<int>(pick(900)), 500 + static_cast<int>(pick(500)));
        case 4:
        case 5:
        case 6:
            return text();
        case 7:
        case 8:
            return drag();
        case 9:
        case 10:
        case 11:
        case 12:
        case 13:
            return press();
        default:
            return key();
        }
    }

private:
    unsigned pick(std::size_t below) { return static_cast<unsigned>(m_random() % below); }

    QWidget* target()
    {
        if (auto* focused = QApplication::focusWidget(); focused && pick(3) > 0)
            return focused;
        return anything();
    }

    QWidget* anything()
    {
        auto widgets = m_s.window->findChildren<QWidget*>();
        widgets.removeIf(
            [](const QWidget* w) { return !w->isVisible() || w->width() < 2 || w->height() < 2; });
        return widgets.isEmpty() ? m_s.window.get() : widgets[static_cast<int>(pick(widgets.size()))];
    }

    QPoint place(const QWidget* in)
    {
        return {static_cast<int>(pick(static_cast<std::size_t>(in->width()))),
                static_cast<int>(pick(static_cast<std::size_t>(in->height())))};
    }

    void key()
    {
        static constexpr Qt::Key kKeys[] = {
            Qt::Key_Left,   Qt::Key_Right, Qt::Key_Up,      Qt::Key_Down,   Qt::Key_Home,   Qt::Key_End,
            Qt::Key_Tab,    Qt::Key_Space, Qt::Key_Enter,   Qt::Key_Return, Qt::Key_Escape, Qt::Key_Backspace,
            Qt::Key_Delete, Qt::Key_A,     Qt::Key_C,       Qt::Key_V,      Qt::Key_X,      Qt::Key_Z,
            Qt::Key_Y,      Qt::Key_S,     Qt::Key_N,       Qt::Key_O,      Qt::Key_1,      Qt::Key_2,
            Qt::Key_3,      Qt::Key_W,     Qt::Key_0,       Qt::Key_Comma,  Qt::Key_Plus,   Qt::Key_Minus,
            Qt::Key_F2,     Qt::Key_Menu,  Qt::Key_PageDown};
        static constexpr Qt::KeyboardModifier kModifiers[] = {Qt::NoModifier,  Qt::NoModifier,
                                                              Qt::NoModifier,  Qt::ControlModifier,
                                                              Qt::AltModifier, Qt::ShiftModifier};
        const auto modifiers =
            kModifiers[pick(std::size(kModifiers))] | kModifiers[pick(std::size(kModifiers))];
        QTest::keyClick(target(), kKeys[pick(std::size(kKeys))], modifiers);
    }

    void text()
    {
        static const QString kTexts[] = {QStringLiteral("Honey"), QStringLiteral("1.5"),
                                         QStringLiteral("é̂"),     QStringLiteral("محمد"),
                                         QStringLiteral("שלום"),  QStringLiteral("👩‍👩‍👧"),
                                         QStringLiteral("\n\n"),  QStringLiteral("-999999"),
                                         QStringLiteral("̈̈̈"),      QStringLiteral("%n {x}")};
        const QString& typed = kTexts[pick(std::size(kTexts))];
        QKeyEvent event(QEvent::KeyPress, Qt::Key_unknown, Qt::NoModifier, typed);
        QInputMethodEvent composed;
        composed.setCommitString(typed);
        QWidget* to = target();
        if (pick(2) == 0)
            QApplication::sendEvent(to, &event);
        else
            QApplication::sendEvent(to, &composed);
    }

    void press()
    {
        QWidget* at = anything();
        const auto button = pick(8) == 0 ? Qt::RightButton : Qt::LeftButton;
        QTest::mouseClick(at, button, pick(5) == 0 ? Qt::ShiftModifier : Qt::NoModifier, place(at));
    }

    void drag()
    {
        QWidget* over = pick(2) == 0 ? &m_s.view() : anything();
        const QPoint from = place(over), to = place(over);
        const QPointer<QWidget> still_there(over);
        QTest::mousePress(over, Qt::LeftButton, {}, from);
        for (int i = 1; i <= 4 && still_there; ++i) {
            const QPointF at = from + (to - from) * i / 4.0;
            QMouseEvent move(QEvent::MouseMove, at, over->mapToGlobal(at), Qt::NoButton, Qt::LeftButton, {});
            QApplication::sendEvent(over, &move);
            QCoreApplication::processEvents();
        }
        if (still_there)
            QTest::mouseRelease(over, Qt::LeftButton, {}, to);
    }

    void wheel()
    {
        QWidget* over = anything();
        const QPointF at = place(over);
        QWheelEvent event(at, over->mapToGlobal(at), {}, {0, pick(2) ? 120 : -120}, Qt::NoButton,
                          pick(3) == 0 ? Qt::ControlModifier : Qt::NoModifier, Qt::NoScrollPhase, false);
        QApplication::sendEvent(over, &event);
    }

    test::Sitting& m_s;
    std::mt19937 m_random;
    QStringList m_files;
};

std::string textOf(const Job& job)
{
    std::ostringstream out;
    writeJob(out, job);
    return out.str();
}

/// The lines in which two texts differ first.
QString differenceOf(const std::string& one, const std::string& other)
{
    std::istringstream a(one), b(other);
    std::string line_a, line_b;
    while (line_a == line_b && a && b) {
        std::getline(a, line_a);
        std::getline(b, line_b);
    }
    return QString::fromStdString(line_a + " | " + line_b);
}

} // namespace

class TestRandomEvents : public QObject
{
    Q_OBJECT
private slots:
    void nothingIsLostWhateverComes();
};

void TestRandomEvents::nothingIsLostWhateverComes()
{
    const unsigned events = number("INK_RANDOM_EVENTS", 2000),
                   first_seed = number("INK_RANDOM_SEED", 20261127);
    constexpr unsigned kEventsOfASitting = 500;
    const Dismisser dismisser;
    for (unsigned done = 0, seed = first_seed; done < events; done += kEventsOfASitting, ++seed) {
        test::Sitting s;
        s.window->library().addFiles(
            {QString::fromStdString(test::demoFont("HartsorrelScript.ttf").string())});
        Hand hand(s, seed);
        for (unsigned i = 0; i < std::min(kEventsOfASitting, events - done); ++i) {
            hand.act();
            QCoreApplication::processEvents();
            if (i % 100 == 99)
                s.rest();
        }
        s.rest();
        // The job, whatever became of it, can be kept and read again.
        const Job job = s.job();
        std::istringstream text(textOf(job));
        const auto again = readJob(text);
        QVERIFY2(again, qPrintable(QStringLiteral("seed %1").arg(seed)));
        QVERIFY2(textOf(*again) == textOf(job), qPrintable(QStringLiteral("seed %1: ").arg(seed) +
                                                           differenceOf(textOf(*again), textOf(job))));
        // All of it can be taken back, and made again.
        auto& steps = s.window->jobModel().undoStack();
        s.window->jobModel().endRun();
        const auto now = s.job();
        const int at = steps.index(); // steps that were undone already lie beyond
        while (steps.canUndo())
            undoStep(steps);
        while (steps.index() < at)
            steps.redo();
        s.rest();
        QVERIFY2(s.job() == now, qPrintable(QStringLiteral("seed %1").arg(seed)));
        s.window->close();
        s.rest();
        const auto kept = s.store.load();
        QVERIFY(kept && *kept);
        QCOMPARE(textOf((*kept)->job), textOf(s.job()));
    }
}

INK_TEST_GUI_MAIN(TestRandomEvents)
#include "test_random_events.moc"
