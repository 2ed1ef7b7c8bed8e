#include "app/pictures.h"

#include "ui/compose/compose_page.h"
#include "ui/compose/compose_sentence.h"
#include "ui/compose/compose_strip.h"
#include "ui/compose/dressing_strip.h"
#include "ui/compose/lettering_view.h"
#include "ui/compose/weld_view.h"
#include "ui/find/find_page.h"
#include "ui/handoff/handoff_page.h"
#include "ui/handoff/run_ribbon.h"
#include "ui/needle/needle_page.h"
#include "ui/proof/proof_page.h"
#include "ui/shelf/shelf_page.h"
#include "ui/widgets/leaf.h"

#include <QAbstractItemView>
#include <QApplication>
#include <QCheckBox>
#include <QKeyEvent>
#include <QLineEdit>
#include <QPixmap>
#include <QPushButton>
#include <QScreen>
#include <QScrollArea>
#include <QThread>
#include <QTimer>

#include <cstdio>

namespace ink::app {
namespace {
constexpr int kCheck_ms = 60;
constexpr int kCalmChecks = 5;

/// Selects a font of the list by its name.
void choose(ui::MainWindow& window, const QString& name)
{
    auto* list = window.findChild<QAbstractItemView*>(QStringLiteral("fontList"));
    for (int row = 0; row < list->model()->rowCount(); ++row)
        if (list->model()->index(row, 0).data().toString() == name)
            return list->setCurrentIndex(list->model()->index(row, 0));
}

void chooseOnShelf(ui::MainWindow& window, const QString& name)
{
    auto* list = window.findChild<QAbstractItemView*>(QStringLiteral("shelfList"));
    for (int row = 0; row < list->model()->rowCount(); ++row)
        if (list->model()->index(row, 0).data().toString() == name)
            return list->selectionModel()->setCurrentIndex(list->model()->index(row, 0),
                                                           QItemSelectionModel::ClearAndSelect);
}

void waitForRest(ui::MainWindow& window)
{
    for (int calm = 0; calm < kCalmChecks; calm = window.isIdle() ? calm + 1 : 0) {
        QThread::msleep(kCheck_ms);
        QApplication::processEvents();
    }
}

void press(QWidget& widget, Qt::Key key)
{
    QKeyEvent event(QEvent::KeyPress, key, Qt::NoModifier);
    QApplication::sendEvent(&widget, &event);
}
} // namespace

Pictures::Pictures(ui::MainWindow& window, const QDir& folder, const QString& catalogue)
    : QObject(&window), m_window(window), m_folder(folder)
{
    m_views = {
        {QStringLiteral("find"), [&window] { window.openStation(ui::MainWindow::Find); }},
        {QStringLiteral("find-card"),
         [&window] {
             choose(window, QStringLiteral("Stallholder Bits"));
             window.findPage().openCard(ui::CardPage::KeyMapTab);
         }},
        {QStringLiteral("find-lettering"),
         [&window, catalogue] {
             window.findChild<QAbstractButton*>(QStringLiteral("cardBack"))->click();
             window.findPage().openPicture(catalogue + QStringLiteral("/../pictures/label.jpg"));
             waitForRest(window);
             window.findChild<QAbstractButton*>(QStringLiteral("matchPlate"))->click();
             window.findChild<QLineEdit*>(QStringLiteral("matchWords"))->setText(QStringLiteral("Bramble"));
         }},
        {QStringLiteral("find-package"),
         [&window, catalogue] {
             window.findPage().openPackage(catalogue + QStringLiteral("/packages/order-20417.zip"));
         }},
        {QStringLiteral("find-rights"),
         [&window] {
             window.findChild<QAbstractButton*>(QStringLiteral("intakeTake"))->click();
             waitForRest(window);
             window.findChild<QAbstractButton*>(QStringLiteral("intakeBack"))->click();
             choose(window, QStringLiteral("Fennel Row Commercial"));
             window.findPage().openCard(ui::CardPage::Rights);
         }},
        {QStringLiteral("shelf"),
         [&window] {
             window.findChild<QAbstractButton*>(QStringLiteral("cardBack"))->click();
             window.openStation(ui::MainWindow::Shelf);
             waitForRest(window);
             // Two that every program sees, then one of them beside the collection.
             for (const char* name : {"Tansy Cord (Version 1.000)", "Hartsorrel Script"}) {
                 chooseOnShelf(window, QLatin1String(name));
                 window.findChild<QAbstractButton*>(QStringLiteral("shelfInstall"))->click();
                 waitForRest(window);
             }
             chooseOnShelf(window, QStringLiteral("Fennel Row stitched 25 mm"));
         }},
        {QStringLiteral("shelf-letters"),
         [&window] {
             window.findChild<QWidget*>(QStringLiteral("messageLine"))->hide(); // told on the shelf
             window.findChild<QAbstractButton*>(QStringLiteral("shelfLetters"))->click();
         }},
        {QStringLiteral("compose"),
         [&window] {
             window.findChild<QAbstractButton*>(QStringLiteral("keptLettersBack"))->click();
             window.openStation(ui::MainWindow::Find);
             choose(window, QStringLiteral("Larkmallow"));
             window.jobModel().setSize({ink::SizeBy::Width, 480.0});
             window.openStation(ui::MainWindow::Compose);
             window.findChild<QAbstractButton*>(QStringLiteral("closeUp"))->click();
             window.composePage().view().setCaret(14);
             window.findChild<QWidget*>(QStringLiteral("messageLine"))->hide(); // told on the shelf
         }},
        {QStringLiteral("compose-dressed"),
         [&window] {
             window.composePage().view().setCaret(1);
             window.findChild<QAbstractButton*>(QStringLiteral("dress"))->click();
             waitForRest(window);
             auto& strip = window.composePage().lower().dressings();
             press(strip, Qt::Key_End); // the richest of them
             waitForRest(window);
         }},
        {QStringLiteral("compose-arch"),
         [&window] {
             window.findChild<QAbstractButton*>(QStringLiteral("shape_arch"))->click();
             window.composePage().sentence().openLeaf(QStringLiteral("shape"));
         }},
        {QStringLiteral("proof"),
         [&window] {
             ink::Job job;
             window.composePage().sentence().leaf().close();
             job.words = "Fennmoor Honey";
             job.font = window.jobModel().job().font;
             window.jobModel().setJob(job, {});
             window.jobModel().setSize({ink::SizeBy::Width, 120.0});
             window.openStation(ui::MainWindow::Proof);
             waitForRest(window);
             window.proofPage().list().chooseFinding(0);
         }},
        {QStringLiteral("proof-pieces"),
         [&window] {
             window.findChild<QAbstractButton*>(QStringLiteral("mendAll"))->click();
             waitForRest(window);
             window.proofPage().setLook(ui::ProofPage::Look::Pieces);
         }},
        {QStringLiteral("proof-stencil"),
         [&window] {
             ink::Job job;
             job.words = "Barrow";
             job.process = ink::Process::Stencil;
             job.font = window.jobModel().job().font;
             window.jobModel().setJob(job, {});
             window.jobModel().setSize({ink::SizeBy::Width, 220.0});
             window.proofPage().setLook(ui::ProofPage::Look::InMaterial);
             waitForRest(window);
             window.findChild<QAbstractButton*>(QStringLiteral("mendAll"))->click();
         }},
        {QStringLiteral("handoff-sheet"),
         [&window] {
             ink::Job job;
             job.words = "Ottilie";
             job.process = ink::Process::KnifeHeatTransfer;
             job.is_mirrored = true;
             job.size = {ink::SizeBy::XHeight, 12.0, {}, 90.0};
             job.font = window.jobModel().job().font;
             setNames(job, {{"Ottilie"}, {"Bram", 2}, {"Zoë"}, {"Łucja"}, {"Søren"}});
             job.sheet.turns = ink::Turns::Half;
             job.weeding.frame_mm = 0.0;
             job.sheet.frame_mm = 4.0;
             window.jobModel().setJob(job, {});
             window.openStation(ui::MainWindow::HandOff);
             window.findChild<QWidget*>(QStringLiteral("messageLine"))->hide(); // told in Proof
         }},
        {QStringLiteral("handoff-run"),
         [&window] {
             auto& page = window.handOffPage();
             page.setLook(ui::HandOffPage::Look::Run);
             page.ribbon().setTime(0.55 * page.ribbon().duration());
         }},
        {QStringLiteral("handoff-pattern"),
         [&window] {
             ink::Job job = window.jobModel().job();
             job.names = {};
             job.words = "Ottilie";
             job.process = ink::Process::Stencil;
             job.is_mirrored = false;
             job.size = {ink::SizeBy::Width, 420.0};
             job.pattern.is_filled = true;
             job.pattern.blank = ink::Blank{"a tea towel", 500.0, 700.0};
             window.jobModel().setJob(job, {});
             window.handOffPage().setLook(ui::HandOffPage::Look::Pattern);
         }},
        {QStringLiteral("handoff-stitches"),
         [&window] {
             ink::Job job;
             job.words = "Ottilie";
             job.process = ink::Process::Satin;
             job.font = window.jobModel().job().font;
             job.size = {ink::SizeBy::Width, 128.0};
             job.stitches.hoop_width_mm = 180.0;
             job.stitches.hoop_height_mm = 130.0;
             window.jobModel().setJob(job, {});
         }},
        {QStringLiteral("handoff-needle-way"),
         [&window] { window.handOffPage().needle().setLook(ui::ClothView::Look::Way); }},
        {QStringLiteral("handoff-applique"),
         [&window, catalogue] {
             ink::Job job = window.jobModel().job();
             job.words = "Bo";
             job.process = ink::Process::Applique;
             job.font.path = (catalogue + QStringLiteral("/../fonts/GatepostPlain.ttf")).toStdString();
             job.stitches.cloth = "#3d4d66";
             job.stitches.thread = "#d89a2b";
             window.jobModel().setJob(job, {});
             window.handOffPage().needle().setLook(ui::ClothView::Look::Cloth);
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
        QTimer::singleShot(kCheck_ms, this, [this, calm_checks] {
            takeWhenAtRest(m_window.isIdle() && m_window.findPage().hasLookedAhead() ? calm_checks + 1 : 0);
        });
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
