// What the window does at the beginning and the end of a sitting.
#include "core/design/lettering.h"
#include "core/intake/content_kind.h"
#include "shelf/shelf_intake.h"
#include "ui/compose/compose_page.h"
#include "ui/compose/lettering_view.h"
#include "ui/compose/motif_tray.h"
#include "ui/job_band.h"
#include "ui/job_menu.h"
#include "ui/main_window.h"
#include "ui/measures.h"
#include "ui/process_limits_dialog.h"
#include "ui/queued_step.h"
#include "ui/station_rail.h"
#include "ui/text.h"
#include "ui/widgets/message_line.h"
#include "ui/widgets/wheel_scrolls.h"

#include <QCloseEvent>

#include <algorithm>

namespace ink::ui {

JobSession::Needs MainWindow::sessionNeeds(const JobStore& store, const std::filesystem::path& folder)
{
    const auto find_font = [this](const StoredFont& font) {
        std::error_code ignored;
        if (std::filesystem::exists(font.font.path, ignored))
            return font.font.path;
        const auto known = m_shelf.contents()->fontWith(font.info.sha256);
        return known ? m_shelf.contents()->fileOf(known->sha256).string() : font.font.path;
    };
    const auto evidence = [this] {
        return [shelf = m_shelf.contents(), rights = m_rights_store](const Job& job) {
            return jobEvidence(job, *shelf, rights);
        };
    };
    return {m_job,
            m_lettering,
            m_writes,
            store,
            folder,
            find_font,
            evidence,
            [this](const QString& what, const QString& yes) { return m_questions.agrees(this, what, yes); }};
}

void MainWindow::showFile()
{
    setWindowTitle(m_session.file().isEmpty() ? tr("Under Ink")
                                              : tr("%1[*] – Under Ink").arg(m_session.name()));
    setWindowModified(m_session.isModified() && !m_session.file().isEmpty());
}

/// Where earlier versions kept what was taken in.
void MainWindow::moveInbox()
{
    std::error_code none_yet;
    if (!std::filesystem::exists(m_inbox, none_yet))
        return;
    m_shelf.run<std::vector<MovedToShelf>>(
        [inbox = m_inbox](OpenShelf& shelf) { return moveInboxToShelf(shelf.store, inbox, today()); },
        [this](const Result<std::vector<MovedToShelf>>& moved) {
            if (!moved)
                return tell(moved.error());
            for (const auto& [before, after] : *moved)
                m_fonts.moveFile(before, after);
        });
}

/// Asked once for all of them; the answer is kept with the fonts.
void MainWindow::askAboutThisJob()
{
    QStringList names;
    ShelfKeeper::Fonts fonts;
    for (const auto& font : m_shelf.contents()->fonts())
        if (font->state == ShelfState::Installed && !font->project.empty()) {
            names << text(font->readableName());
            fonts.push_back(font->id);
        }
    if (fonts.empty())
        return;
    const bool takes_away = m_questions.takes_away(this, names);
    m_shelf.move(fonts, {takes_away ? ShelfState::OnShelf : ShelfState::Installed, {}, {}});
}

void MainWindow::closeEvent(QCloseEvent* event)
{
    for (auto* station : m_stations)
        station->finish();
    if (m_cutter.isAtWork() &&
        !m_questions.agrees(
            this,
            tr("The cutter is not done yet. What it has not been told stays uncut when the window closes."),
            tr("Close all the same")))
        return event->ignore();
    if (m_stitcher.isAtWork() &&
        !m_questions.agrees(
            this, tr("The embroidery machine is not done yet. It stops where it is when the window closes."),
            tr("Close all the same")))
        return event->ignore();
    m_cutter.cancel();
    m_stitcher.cancel();
    askAboutThisJob();
    // Where something could not be written the window stays, and says so.
    if (!m_session.finish())
        return event->ignore();
    event->accept();
}

} // namespace ink::ui
