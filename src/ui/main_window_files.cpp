// Files that come to the window: dropped, opened, or named at the start.
#include "core/design/lettering.h"
#include "core/formats/stitch_file.h"
#include "core/intake/content_kind.h"
#include "core/match/picture.h"
#include "shelf/shelf_intake.h"
#include "ui/compose/compose_page.h"
#include "ui/compose/lettering_view.h"
#include "ui/compose/motif_tray.h"
#include "ui/core_words.h"
#include "ui/handoff/handoff_page.h"
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

#include <QDirIterator>
#include <QDragEnterEvent>
#include <QFileInfo>
#include <QMimeData>
#include <QUrl>

#include <algorithm>

namespace ink::ui {
namespace {

/// What tells a package from other files.
constexpr std::size_t kFirstBytes = 4096;

QStringList droppedFiles(const QMimeData* data)
{
    QStringList files;
    for (const auto& url : data->urls())
        if (url.isLocalFile())
            files.append(url.toLocalFile());
    return files;
}

/// A folder as large as a package, not a collection.
bool isSmallFolder(const QString& folder)
{
    constexpr int kMostFiles = 200;
    QDirIterator files(folder, QDir::Files | QDir::NoDotAndDotDot, QDirIterator::Subdirectories);
    int count = 0;
    while (files.hasNext() && count <= kMostFiles) {
        files.next();
        ++count;
    }
    return count > 0 && count <= kMostFiles;
}

bool isJobFile(const QString& file)
{
    return file.endsWith(QLatin1String(kProjectSuffix.data(), static_cast<int>(kProjectSuffix.size())),
                         Qt::CaseInsensitive);
}

} // namespace

void MainWindow::found(const std::vector<FontEntry>& entries, const std::vector<Error>& refused)
{
    // What we installed ourselves stands on the shelf already.
    auto others = entries;
    std::erase_if(others, [own = m_shelf.fontFolder()](const FontEntry& entry) {
        return entry.origin == FontOrigin::System && entry.path.parent_path() == own;
    });
    m_find->changeFonts([&] { m_fonts.addEntries(others); });
    const bool was_dropped = !entries.empty() && entries.front().origin == FontOrigin::Dropped;
    if (was_dropped)
        m_job.setFont(refOf(entries.front()));
    m_find->setSearching(m_library.isSearching());
    if (refused.size() == 1)
        tell(refused.front());
    else if (!refused.empty())
        m_message->show(Mark::LookAt, tr("%n font file(s) could not be used. The first: %1", nullptr,
                                         static_cast<int>(refused.size()))
                                          .arg(said(refused.front())));
}

void MainWindow::openFolder()
{
    const QString folder = m_questions.font_folder(this);
    if (folder.isEmpty())
        return;
    if (isSmallFolder(folder)) // an unpacked package
        return bring({folder});
    m_library.addFolder(folder, FontOrigin::Folder);
    m_find->setSearching(true);
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event)
{
    if (!droppedFiles(event->mimeData()).isEmpty())
        event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event)
{
    event->acceptProposedAction();
    bring(droppedFiles(event->mimeData()));
}

void MainWindow::bring(const QStringList& files)
{
    // A package, also an unpacked one, is looked into before anything of it is taken; fonts, and folders full
    // of them, join the list as they lie. What is none of these is said by whoever looks at it.
    QStringList fonts, packages;
    for (const auto& file : files) {
        const bool is_file = QFileInfo(file).isFile();
        const bool is_package =
            is_file ? files.size() == 1 || contentKindOf(firstBytes(file.toStdString(), kFirstBytes),
                                                         file.toStdString()) == ContentKind::Archive
                    : isSmallFolder(file);
        const auto stitches = stitchFormatOf(file.toStdString());
        if (isJobFile(file)) {
            m_session.open(file);
        } else if (is_file && (stitches == StitchFormat::Dst || stitches == StitchFormat::Exp)) {
            openStation(HandOff);
            m_hand_off_page->lookInto(file);
        } else if (is_file && looksLikePicture(firstBytes(file.toStdString(), kFirstBytes))) {
            openStation(Find);
            m_find->openPicture(file);
        } else if (is_package && !looksLikeFontFile(file.toStdString()))
            packages << file;
        else
            fonts << file;
    }
    if (!fonts.isEmpty()) {
        m_library.addFiles(fonts);
        m_find->setSearching(true);
    }
    if (packages.isEmpty())
        return;
    openStation(Find);
    m_find->openPackage(packages.front());
    if (packages.size() > 1)
        m_message->show(Mark::LookAt, tr("%1 is open now. Open the other %n package(s) after it.", nullptr,
                                         static_cast<int>(packages.size()) - 1)
                                          .arg(QFileInfo(packages.front()).fileName()));
}

} // namespace ink::ui
