#include "app/pictures.h"

#include "ui/compose/weld_view.h"

#include <QApplication>
#include <QCheckBox>
#include <QPixmap>
#include <QPushButton>
#include <QScreen>
#include <QTimer>

#include <cstdio>

namespace ink::app {
namespace {
constexpr int kCheck_ms = 60;
constexpr int kCalmChecks = 5;
} // namespace

Pictures::Pictures(ui::MainWindow& window, const QDir& folder)
    : QObject(&window), m_window(window), m_folder(folder)
{
    const auto toggle = [&window](const char* name, bool on) {
        auto* box = window.findChild<QAbstractButton*>(QLatin1String(name));
        if (box->isChecked() != on)
            box->click();
    };
    m_views = {
        {QStringLiteral("find"), [&window] { window.openStation(ui::MainWindow::Find); }},
        {QStringLiteral("compose"), [&window] { window.openStation(ui::MainWindow::Compose); }},
        {QStringLiteral("compose-overlaps"),
         [toggle] {
             toggle("lookOutline", true);
             toggle("showOverlaps", true);
         }},
        {QStringLiteral("compose-nodes"),
         [&window, toggle] {
             toggle("showOverlaps", false);
             toggle("showNodes", true);
             // Near enough to tell the marks apart: where two letters meet.
             window.findChild<ui::WeldView*>()->setZoom(5.0);
         }},
    };
}

void Pictures::start()
{
    openNext();
}

void Pictures::openNext()
{
    if (m_at == m_views.size())
        return QApplication::exit(0);
    m_views[m_at].open();
    takeWhenAtRest(0);
}

void Pictures::takeWhenAtRest(int calm_checks)
{
    if (calm_checks < kCalmChecks) {
        QTimer::singleShot(kCheck_ms, this,
                           [this, calm_checks] { takeWhenAtRest(m_window.isIdle() ? calm_checks + 1 : 0); });
        return;
    }
    // What is really on the screen, not what the widgets would like to paint.
    const QPixmap picture = m_window.screen()->grabWindow(m_window.winId());
    const QString path = m_folder.filePath(m_views[m_at].name + QStringLiteral(".png"));
    if (picture.isNull() || !picture.save(path)) {
        std::fprintf(stderr, "under-ink: the picture %s could not be written\n", qPrintable(path));
        return QApplication::exit(1);
    }
    std::printf("picture: %s\n", qPrintable(path));
    std::fflush(stdout);
    ++m_at;
    openNext();
}

} // namespace ink::app
