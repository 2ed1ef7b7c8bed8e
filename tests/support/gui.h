// Helpers for tests on the real window.
#pragma once

#include "tests/support/environment.h"
#include "ui/main_window.h"
#include "ui/theme.h"

#include <QApplication>
#include <QDragEnterEvent>
#include <QDropEvent>
#include <QMimeData>
#include <QSignalSpy>
#include <QTest>
#include <QUrl>

namespace ink::test {

/// A main window on the demo fonts with answers to its questions set beforehand.
struct WindowFixture
{
    /// Without the demo fonts, every test of the shelf is quicker: each start measures the words in them.
    explicit WindowFixture(Job job = firstJob(), double text_scale = 1.0, bool with_demo = true,
                           ui::Theme::Tone tone = ui::Theme::Tone::Light)
        : theme(tone, text_scale), state_folder(folder.path() / "state"), store(state_folder),
          has_demo(with_demo)
    {
        theme.applyTo(*qApp);
        questions.save_path = [this](QWidget*, const QString& suggested) {
            suggested_path = suggested;
            return save_path;
        };
        questions.font_folder = [this](QWidget*) { return font_folder; };
        questions.package = [this](QWidget*) { return package; };
        questions.downloads =
            QString::fromStdString((demoFontFolder() / ".." / "catalogue" / "packages").string());
        questions.job_to_open = [this](QWidget*) { return job_file; };
        questions.job_to_save = [this](QWidget*, const QString& suggested) {
            suggested_path = suggested;
            return job_file;
        };
        questions.template_name = [this](QWidget*) { return template_name; };
        questions.picture = [this](QWidget*) { return picture; };
        questions.lettering = [this](QWidget*) { return picture; };
        questions.rights.paper = [this](QWidget*) { return paper; };
        questions.rights.letter_path = [this](QWidget*, const QString&) { return letter_path; };
        questions.rights.open_mail = [this](const QUrl& url) { mail = url; };
        questions.shelf.save_path = [this](QWidget*, const QString& suggested) {
            suggested_path = suggested;
            return save_path;
        };
        questions.shelf.bundle = [this](QWidget*) { return bundle; };
        questions.shelf.letters_mm = [this](QWidget*) { return letters_mm; };
        questions.shelf.look_in = [this](QWidget*) { return font_folder; };
        questions.shelf.open_file = [this](const QUrl& url) { opened = url; };
        questions.sale_ground = [this](QWidget*, const QString& verdict) {
            asked << verdict;
            return sale_ground;
        };
        questions.names_to_read = [this](QWidget*) { return names_to_read; };
        questions.stitch_file = [this](QWidget*) { return stitch_file; };
        questions.printer = [this](QWidget*) { return printer; };
        questions.agrees = [this](QWidget*, const QString& what, const QString&) {
            asked << what;
            return agrees;
        };
        questions.takes_away = [this](QWidget*, const QStringList& fonts) {
            asked_about << fonts;
            return takes_away;
        };
        open(std::move(job));
    }

    /// The window on this folder, with this job.
    void open(Job job) { open(KeptJob{std::move(job), {}, {}, {}}); }
    /// As a start makes it: with the job that was kept.
    void reopen()
    {
        window.reset();
        const auto kept = store.load();
        if (!kept || !*kept)
            qFatal("no job was kept");
        open(**kept);
    }
    void open(const KeptJob& kept)
    {
        window = std::make_unique<ui::MainWindow>(kept, store, state_folder, theme, questions, installed);
        if (measured)
            window->fits().goOnWith(measured);
        measured = window->fits().measured();
        if (has_demo)
            window->library().addFolder(QString::fromStdString(demoFontFolder().string()), FontOrigin::Demo);
        window->show();
        if (!QTest::qWaitForWindowExposed(window.get()))
            qFatal("no window");
        window->activateWindow();
        rest();
    }

    static Job firstJob()
    {
        Job job;
        job.words = "Fennmoor Honey";
        job.font.path = demoFont("HartsorrelScript.ttf").string();
        return job;
    }
    /// Waits until nothing is searched, made or written; fails the test after a minute.
    void rest()
    {
        if (!QTest::qWaitFor([this] { return window->isIdle(); }, 60000))
            qFatal("the window does not come to rest: %s", qPrintable(window->busyWith().join(' ')));
        QTest::qWait(20);
        if (!QTest::qWaitFor([this] { return window->isIdle(); }, 60000))
            qFatal("the window does not come to rest");
    }
    /// A file dropped onto the window, and what came of it.
    void drop(const QString& path)
    {
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(path)});
        QDragEnterEvent enter(QPoint(300, 300), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(window.get(), &enter);
        QVERIFY(enter.isAccepted());
        QDropEvent event(QPointF(300, 300), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(window.get(), &event);
        rest();
    }
    template <class T>
    T* find(const char* name) const
    {
        auto* widget = window->findChild<T*>(QLatin1String(name));
        if (!widget)
            qFatal("no widget called %s", name);
        return widget;
    }

    TempFolder folder;
    ui::Theme theme;
    std::filesystem::path state_folder;
    JobStore store;
    bool has_demo;
    /// Where fonts are installed.
    std::filesystem::path installed = folder.path() / "fonts" / "under-ink";
    QString job_file, template_name, picture;
    std::optional<double> letters_mm;
    QString save_path, suggested_path, font_folder, package, paper, letter_path, bundle;
    QUrl mail, opened;
    QStringList asked_about, asked;
    std::optional<QString> sale_ground = QStringLiteral("I drew it myself");
    QString names_to_read, stitch_file;
    std::shared_ptr<QPrinter> printer;
    bool agrees = true;
    bool takes_away = true;
    ui::Questions questions;
    std::unique_ptr<ui::MainWindow> window;
    /// The demo fonts are measured once for all windows of a test; it was half of the time the tests took.
    static inline std::shared_ptr<FitCache> measured;
};

} // namespace ink::test

#define INK_TEST_GUI_MAIN(Class)                                                                             \
    int main(int argc, char** argv)                                                                          \
    {                                                                                                        \
        ink::test::isolateEnvironment();                                                                     \
        QApplication app(argc, argv);                                                                        \
        ink::ui::loadSentences(app);                                                                         \
        Class test;                                                                                          \
        return QTest::qExec(&test, argc, argv);                                                              \
    }
