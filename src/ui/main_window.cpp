#include "ui/main_window.h"

#include "core/base/digest.h"
#include "core/base/file_output.h"
#include "core/formats/svg_writer.h"
#include "shelf/shelf_intake.h"
#include "ui/compose/compose_page.h"
#include "ui/compose/lettering_panel.h"
#include "ui/compose/lettering_view.h"
#include "ui/compose/motif_tray.h"
#include "ui/find/find_page.h"
#include "ui/job_band.h"
#include "ui/job_menu.h"
#include "ui/measures.h"
#include "ui/process_limits_dialog.h"
#include "ui/station_rail.h"
#include "ui/text.h"
#include "ui/widgets/message_line.h"
#include "ui/widgets/wheel_scrolls.h"

#include <QClipboard>
#include <QCloseEvent>
#include <QDir>
#include <QDirIterator>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QGuiApplication>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QLabel>
#include <QMessageBox>
#include <QMimeData>
#include <QRegularExpression>
#include <QShortcut>
#include <QStackedWidget>
#include <QStandardPaths>
#include <QUrl>

#include <algorithm>
#include <sstream>

namespace ink::ui {
namespace {

constexpr int kKeepAfter_ms = 800;

/// Words as a file name: letters of any script stay, the rest becomes a dash.
QString fileNameFor(const std::string& words)
{
    QString name = QString::fromStdString(words).simplified().toLower().left(60);
    name.replace(QRegularExpression(QStringLiteral("[^\\p{L}\\p{N}]+")), QStringLiteral("-"));
    name.remove(QRegularExpression(QStringLiteral("^-+|-+$")));
    return (name.isEmpty() ? QStringLiteral("cut") : name) + QStringLiteral(".svg");
}

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

} // namespace

Questions Questions::asDialogs()
{
    return {
        [](QWidget* parent, const QString& suggested) {
            QFileDialog dialog(parent, QObject::tr("Save the cut file"), QFileInfo(suggested).absolutePath(),
                               QObject::tr("SVG (*.svg)"));
            dialog.setAcceptMode(QFileDialog::AcceptSave);
            // The ending belongs to the name before the dialog asks whether to replace a file.
            dialog.setDefaultSuffix(QStringLiteral("svg"));
            dialog.selectFile(QFileInfo(suggested).fileName());
            return dialog.exec() == QDialog::Accepted ? dialog.selectedFiles().value(0) : QString();
        },
        [](QWidget* parent) {
            return QFileDialog::getExistingDirectory(parent, QObject::tr("Open a folder with fonts"));
        },
        [](QWidget* parent) {
            return QFileDialog::getOpenFileName(
                parent, QObject::tr("Open a package"), {},
                QObject::tr("Packages and fonts (*.zip *.7z *.rar *.tar *.gz *.ttf *.otf *.ttc *.woff "
                            "*.woff2);;All files (*)"));
        },
        [](QWidget* parent) {
            return QFileDialog::getOpenFileName(parent, QObject::tr("Open a job"), {},
                                                QObject::tr("Jobs (*.uink)"));
        },
        [](QWidget* parent, const QString& suggested) {
            QFileDialog dialog(parent, QObject::tr("Save the job"), QFileInfo(suggested).absolutePath(),
                               QObject::tr("Jobs (*.uink)"));
            dialog.setAcceptMode(QFileDialog::AcceptSave);
            dialog.setDefaultSuffix(QStringLiteral("uink"));
            dialog.selectFile(QFileInfo(suggested).fileName());
            return dialog.exec() == QDialog::Accepted ? dialog.selectedFiles().value(0) : QString();
        },
        [](QWidget* parent) {
            return QInputDialog::getText(parent, QObject::tr("Save as a template"),
                                         QObject::tr("Name of the template"));
        },
        [](QWidget* parent) {
            return QFileDialog::getOpenFileName(parent, QObject::tr("Outlines from a picture"), {},
                                                QObject::tr("SVG (*.svg *.svgz)"));
        },
        RightsQuestions::asDialogs(),
        ShelfQuestions::asDialogs(),
        [](QWidget* parent, const QStringList& fonts) {
            QMessageBox question(QMessageBox::NoIcon, QObject::tr("Under Ink"),
                                 QObject::tr("%1 installed for this job only. Take %2 away from your other "
                                             "programs now?")
                                     .arg(fonts.size() == 1
                                              ? QObject::tr("%1 is").arg(fonts.front())
                                              : QObject::tr("%1 are").arg(fonts.join(QStringLiteral(", "))),
                                          fonts.size() == 1 ? QObject::tr("it") : QObject::tr("them")),
                                 QMessageBox::NoButton, parent);
            auto* away = question.addButton(QObject::tr("Take away"), QMessageBox::AcceptRole);
            question.addButton(QObject::tr("Leave installed for good"), QMessageBox::RejectRole);
            question.setDefaultButton(away);
            question.exec();
            return question.clickedButton() == away;
        },
        QStandardPaths::writableLocation(QStandardPaths::DownloadLocation),
    };
}

MainWindow::MainWindow(Job job, const std::filesystem::path& folder, const Theme& theme, Questions questions,
                       const std::filesystem::path& font_folder)
    : m_theme(theme), m_questions(std::move(questions)), m_store(folder), m_job(std::move(job)),
      m_inbox(folder / "inbox"), m_faces(std::make_shared<FaceCache>()),
      m_rights(std::make_shared<FontRightsReader>(RightsStore(folder / "rights"))),
      m_lettering(m_faces, m_rights), m_projects(folder), m_fits(m_faces, m_catalogue),
      m_shelf(folder / "shelf", font_folder, RightsStore(folder / "rights"), m_job.undoStack()),
      m_fonts(m_job, m_fits, m_rights), m_feed(m_catalogue, m_fonts)
{
    qApp->installEventFilter(new WheelScrolls(this));
    setObjectName(QStringLiteral("mainWindow"));
    setWindowTitle(QStringLiteral("Under Ink"));
    setAcceptDrops(true);
    setMinimumSize(1100, 700);
    resize(1280, 800);
    m_writers.setMaxThreadCount(1); // one after the other: the newest job is the one that stays
    const QString documents = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
    m_last_folder = QFileInfo(documents).isDir() ? documents : QDir::homePath();

    build();
    addShortcuts();
    connect(&m_library, &FontLibrary::found, this, &MainWindow::found);
    connect(&m_library, &FontLibrary::searchEnded, this, [this] { m_find->setSearching(false); });
    connect(&m_job, &JobModel::changed, this, &MainWindow::jobChanged);
    connect(m_find, &FindPage::composeWanted, this, [this] { openStation(Compose); });
    connect(m_find, &FindPage::folderWanted, this, &MainWindow::openFolder);
    connect(m_find, &FindPage::problem, this, &MainWindow::tell);
    connect(m_find, &FindPage::limitsWanted, this, [this] {
        auto* dialog = new ProcessLimitsDialog(m_job, m_theme, this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
    });
    connect(&m_shelf, &ShelfKeeper::problem, this, &MainWindow::tell);
    connect(&m_shelf, &ShelfKeeper::told, this,
            [this](const QString& words) { m_message->show(Mark::InOrder, words); });
    connect(m_shelf_page, &ShelfPage::composeWanted, this, [this] { openStation(Compose); });
    connect(m_shelf_page, &ShelfPage::problem, this, &MainWindow::tell);
    connect(m_shelf_page, &ShelfPage::told, this,
            [this](const QString& words) { m_message->show(Mark::InOrder, words); });
    connect(m_shelf_page, &ShelfPage::countChanged, this, &MainWindow::showFooter);
    connect(m_shelf_page, &ShelfPage::packageWanted, this, [this] {
        if (const QString path = m_questions.package(this); !path.isEmpty())
            bring({path});
    });
    connect(m_shelf_page, &ShelfPage::rightsWanted, this, [this](int row) {
        m_job.setFont(refOf(m_fonts.entry(row)));
        openStation(Find);
        m_find->openCard(row, CardPage::Rights);
    });
    connect(m_find, &FindPage::countChanged, this, &MainWindow::showFooter);
    connect(m_compose, &ComposePage::designChanged, this, &MainWindow::designChanged);
    connect(m_compose, &ComposePage::saveWanted, this, &MainWindow::saveCutFile);
    connect(m_compose, &ComposePage::refused, this, &MainWindow::tell);
    connect(m_compose, &ComposePage::takeFontWanted, this, &MainWindow::takeJobsFontIntoTray);
    connect(m_compose, &ComposePage::keepDrawingWanted, this,
            [this](const MotifDrawing& drawing, const std::vector<FontRef>& fonts) {
                std::vector<std::filesystem::path> files;
                for (const auto& font : fonts)
                    files.emplace_back(font.path);
                m_compose->tray().takeDrawing(drawing, std::move(files), m_rights);
                m_message->show(Mark::InOrder, tr("%1 lies in the motif tray now.").arg(text(drawing.name)));
            });
    connect(m_compose, &ComposePage::takeSvgWanted, this, [this] {
        if (const QString file = m_questions.picture(this); !file.isEmpty())
            m_compose->tray().takeSvg(file);
    });
    connect(m_compose, &ComposePage::corrected, this,
            [this](const FontRef& font, std::uint32_t glyph_id, const std::u32string& letters) {
                auto said = m_lettering.corrections(font.path);
                said[glyph_id] = letters;
                m_lettering.setCorrections(font.path, said);
                const auto on_shelf = m_shelf.contents()->fontAt(font.path);
                const auto sha =
                    on_shelf ? on_shelf->sha256 : sha256OfFile(font.path).value_or(std::string());
                m_shelf.run<bool>(
                    [sha, glyph_id, letters](OpenShelf& shelf) -> Result<bool> {
                        if (auto done = shelf.store.correctForm(sha, glyph_id, letters); !done)
                            return fail(done.error());
                        return true;
                    },
                    [this](const Result<bool>& done) {
                        if (!done)
                            tell(done.error());
                    });
                m_compose->view().setCaret(m_compose->view().caret());
            });
    m_keep_timer.setSingleShot(true);
    m_keep_timer.setInterval(kKeepAfter_ms);
    connect(&m_keep_timer, &QTimer::timeout, this, &MainWindow::keepJob);
    m_footer_right->setText(tr("Saved as you work"));
    moveInbox();
    openStation(Find);
    showFooter();
}

MainWindow::~MainWindow()
{
    m_writers.waitForDone();
    // It writes to the job, which goes before the window's children do.
    if (auto* dialog = findChild<ProcessLimitsDialog*>()) {
        dialog->hide(); // takes over what is half typed
        delete dialog;
    }
}

void MainWindow::build()
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    m_band = new JobBand(m_job, m_theme, this);
    column->addWidget(m_band);

    auto* middle = new QHBoxLayout;
    middle->setSpacing(0);
    m_rail = new StationRail(m_theme, this);
    m_rail->addStation(QStringLiteral("stationFind"), tr("Find"));
    m_rail->addStation(QStringLiteral("stationShelf"), tr("Shelf"));
    m_rail->addStation(QStringLiteral("stationCompose"), tr("Compose"));
    m_stack = new QStackedWidget(this);
    m_find = new FindPage({m_job, m_fonts, m_catalogue, m_feed, m_shelf, m_inbox, m_questions.rights,
                           m_questions.downloads, m_questions.package},
                          m_theme, this);
    // Before the station looks at the list: it is of the shelf as it is now.
    connect(&m_shelf, &ShelfKeeper::changed, this, &MainWindow::shelfChanged);
    m_shelf_page = new ShelfPage(m_job, m_fonts, m_shelf, m_questions.shelf, m_theme, this);
    m_compose = new ComposePage(m_job, m_lettering, m_shelf.folder(), m_theme, this);
    m_stack->addWidget(m_find);
    m_stack->addWidget(m_shelf_page);
    m_stack->addWidget(m_compose);
    middle->addWidget(m_rail);
    middle->addWidget(m_stack, 1);
    column->addLayout(middle, 1);

    m_message = new MessageLine(m_theme, this);
    column->addWidget(m_message);

    auto* footer = new QWidget(this);
    footer->setObjectName(QStringLiteral("footer"));
    footer->setAttribute(Qt::WA_StyledBackground);
    footer->setStyleSheet(QStringLiteral("#footer { border-top: 1px solid %1; background: %2; }")
                              .arg(m_theme.colours().rule.name(), m_theme.colours().paper.name()));
    auto* footer_row = new QHBoxLayout(footer);
    footer_row->setContentsMargins(kMargin, 6, kMargin, 6);
    m_footer_left = new QLabel(footer);
    m_footer_left->setObjectName(QStringLiteral("footerLeft"));
    m_footer_right = new QLabel(footer);
    m_footer_right->setObjectName(QStringLiteral("footerRight"));
    for (auto* label : {m_footer_left, m_footer_right}) {
        label->setProperty("role", QStringLiteral("soft"));
        label->setFont(m_theme.text(TextSize::Small));
    }
    m_job_menu = buildJobMenu(footer);
    footer_row->addWidget(m_job_menu);
    footer_row->addSpacing(kMargin);
    footer_row->addWidget(m_footer_left, 1);
    footer_row->addWidget(m_footer_right);
    column->addWidget(footer);

    connect(m_rail, &StationRail::chosen, this,
            [this](int station) { openStation(static_cast<Station>(station)); });
}

void MainWindow::addShortcuts()
{
    const auto add = [this](const QKeySequence& keys, auto action) {
        connect(new QShortcut(keys, this), &QShortcut::activated, this, action);
    };
    add(QKeySequence::Undo, [this] { m_job.undoStack().undo(); });
    for (const auto redo : {Qt::CTRL | Qt::SHIFT | Qt::Key_Z, Qt::CTRL | Qt::Key_Y})
        add(redo, [this] { m_job.undoStack().redo(); });
    add(QKeySequence::Save, [this] { saveCutFile(); });
    add(QKeySequence::Open, [this] { openFolder(); });
    add(Qt::CTRL | Qt::SHIFT | Qt::Key_O, [this] { m_job_menu->askToOpen(); });
    add(Qt::CTRL | Qt::SHIFT | Qt::Key_S, [this] { m_job_menu->save(); });
    add(Qt::CTRL | Qt::Key_N, [this] { m_job_menu->newJob(); });
    add(Qt::CTRL | Qt::SHIFT | Qt::Key_C, [this] { copyAsSvg(); });
    add(Qt::ALT | Qt::Key_1, [this] { openStation(Find); });
    add(Qt::ALT | Qt::Key_2, [this] { openStation(Shelf); });
    add(Qt::ALT | Qt::Key_3, [this] { openStation(Compose); });
    add(Qt::ALT | Qt::Key_W, [this] { m_band->focusWords(); });
}

void MainWindow::openStation(Station station)
{
    m_stack->setCurrentIndex(station);
    m_rail->setCurrent(station);
    m_job.endRun();
    if (station == Find)
        m_find->focusList();
    else if (station == Compose) {
        offerFonts();
        m_compose->view().setFocus();
    } else {
        m_shelf.readAgain();
        m_shelf_page->focusList();
    }
}

void MainWindow::tell(const Error& error)
{
    m_message->show(Mark::Wrong, QString::fromStdString(error.message()));
}

bool MainWindow::isIdle() const
{
    return !m_library.isSearching() && m_compose->isIdle() && m_projects.isIdle() && m_fits.isIdle() &&
           m_find->isIdle() && m_shelf.isIdle() && m_shelf_page->isIdle() && m_writing == 0;
}

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
        m_message->show(Mark::LookAt, tr("%1 could not be used. The first: %2")
                                          .arg(counted(refused.size(), "font file", "font files"),
                                               QString::fromStdString(refused.front().message())));
}

void MainWindow::jobChanged()
{
    readCorrections();
    m_keep_timer.start();
    m_footer_right->setText(tr("Saving …"));
    showFooter();
}

void MainWindow::designChanged()
{
    std::map<SizeBy, double> measures_mm;
    if (const auto composed = m_compose->composed()) {
        const auto& box = composed->design.figures_mm.box;
        measures_mm = {{SizeBy::Width, box.width()},
                       {SizeBy::Height, box.height()},
                       {SizeBy::Em, composed->design.em_mm}};
        if (composed->cap_height_mm > 0.0)
            measures_mm.insert(
                {{SizeBy::CapHeight, composed->cap_height_mm}, {SizeBy::XHeight, composed->x_height_mm}});
    }
    m_band->showMeasures(measures_mm);
    showFooter();
}

void MainWindow::showFooter()
{
    m_rail->setFigure(Shelf, m_shelf.isKnown() && !m_shelf.refusal()
                                 ? counted(m_shelf.contents()->fonts().size(), "font", "fonts")
                                 : tr("closed"));
    m_rail->setFigure(Find, counted(static_cast<qulonglong>(m_find->shownCount()), "font", "fonts"));
    const auto design = m_compose->design();
    m_rail->setFigure(Compose,
                      design ? counted(design->figures_mm.pieces, "piece", "pieces") : tr("not yet"));
    QStringList parts;
    if (const int row = m_fonts.rowOf(m_job.job().font); row >= 0)
        parts << QString::fromStdString(m_fonts.entry(row).info.readableName());
    if (design) {
        const auto& f = design->figures_mm;
        parts << counted(f.pieces, "piece", "pieces") + QStringLiteral(" · ") +
                     counted(f.middles, "middle", "middles") + QStringLiteral(" · ") +
                     counted(f.nodes, "node", "nodes") + QStringLiteral(" · ") +
                     tr("%1 to cut").arg(longLength(f.cut_length, m_job.job().unit));
    }
    m_footer_left->setText(parts.join(QStringLiteral("      ")));
}

void MainWindow::saveCutFile()
{
    const auto design = m_compose->design();
    if (!design || !m_compose->isUpToDate()) {
        m_message->show(Mark::LookAt,
                        design
                            ? tr("The words are still being welded. Save again in a moment.")
                            : tr("There is nothing to save yet: choose a font in Find and type the words."));
        return;
    }
    const auto job = m_job.job();
    const QString path = m_questions.save_path(this, QDir(m_last_folder).filePath(fileNameFor(job.words)));
    if (path.isEmpty())
        return;
    m_last_folder = QFileInfo(path).absolutePath();

    SvgOptions options{withoutMotifs(job.words), {}, m_compose->materialColour().toStdString()};
    if (const int row = m_fonts.rowOf(job.font); row >= 0) {
        const auto& info = m_fonts.entry(row).info;
        options.rights = info.readableName() + ". " + info.copyright + " " + info.licence;
    }
    ++m_writing;
    m_writers.start([this, design, options, path, job] {
        const auto done = writeFile(path.toStdString(), [&](std::ostream& out) {
            return writeSvg(out, design->outline_mm, options);
        });
        QMetaObject::invokeMethod(
            this,
            [this, done, path, design, job] {
                --m_writing;
                if (!done)
                    return tell(done.error());
                const auto used = m_shelf.contents()->fontAt(job.font.path);
                if (used)
                    m_shelf.used(used->sha256, text(job.words).simplified());
                const auto& f = design->figures_mm;
                const auto unit = m_job.job().unit;
                m_message->show(Mark::InOrder,
                                tr("Saved %1: %2 wide, %3 high, %4%5. It is in %6")
                                    .arg(QFileInfo(path).fileName(), figureWithUnit(f.box.width(), unit),
                                         figureWithUnit(f.box.height(), unit),
                                         counted(f.pieces, "piece", "pieces"),
                                         design->is_mirrored ? tr(", mirrored") : QString(),
                                         QFileInfo(path).absolutePath()));
            },
            Qt::QueuedConnection);
    });
}

JobMenu* MainWindow::buildJobMenu(QWidget* parent)
{
    auto* menu = new JobMenu(
        {m_job, m_lettering, m_projects, [this](QWidget*) { return m_questions.job_to_open(this); },
         [this](QWidget*, const QString& suggested) {
             const bool is_whole = QFileInfo(suggested).isAbsolute();
             return m_questions.job_to_save(this,
                                            is_whole ? suggested : QDir(m_last_folder).filePath(suggested));
         },
         [this](QWidget*) { return m_questions.template_name(this); },
         [this](const StoredFont& font) {
             std::error_code ignored;
             if (std::filesystem::exists(font.font.path, ignored))
                 return font.font.path;
             const auto known = m_shelf.contents()->fontWith(font.info.sha256);
             return known ? m_shelf.contents()->fileOf(known->sha256).string() : font.font.path;
         },
         [this] { return evidence(); }},
        parent);
    menu->setFont(m_theme.text(TextSize::Small));
    connect(menu, &JobMenu::refused, this, &MainWindow::tell);
    connect(menu, &JobMenu::told, this,
            [this](const QString& message) { m_message->show(Mark::InOrder, message); });
    connect(menu, &JobMenu::copyWanted, this, &MainWindow::copyAsSvg);
    connect(menu, &JobMenu::opened, this, [this] { openStation(Compose); });
    return menu;
}

/// The documents that lie on the shelf beside the job's fonts.
std::vector<ProjectDocument> MainWindow::evidence() const
{
    std::vector<ProjectDocument> documents;
    std::vector<std::string> paths{m_job.job().font.path};
    for (const auto& [character, choice] : m_job.job().lettering.letters)
        if (choice.font && std::ranges::find(paths, choice.font->path) == paths.end())
            paths.push_back(choice.font->path);
    constexpr std::size_t kMostBytes = std::size_t{4} << 20;
    for (const auto& path : paths) {
        const auto font = m_shelf.contents()->fontAt(path);
        if (!font)
            continue;
        for (const auto& document : font->documents)
            if (auto bytes = readFile(m_shelf.contents()->fileOf(document.sha256), kMostBytes))
                documents.push_back({font->sha256.substr(0, 12) + "/" +
                                         QFileInfo(text(document.name)).fileName().toStdString(),
                                     std::move(*bytes)});
    }
    return documents;
}

void MainWindow::copyAsSvg()
{
    const auto design = m_compose->design();
    if (!design) {
        m_message->show(Mark::LookAt,
                        tr("There is nothing to copy yet: choose a font in Find and type the words."));
        return;
    }
    std::ostringstream svg;
    if (!writeSvg(svg, design->outline_mm,
                  {withoutMotifs(m_job.job().words), {}, m_compose->materialColour().toStdString()}))
        return;
    auto* copied = new QMimeData;
    const auto bytes = QByteArray::fromStdString(svg.str());
    copied->setData(QStringLiteral("image/svg+xml"), bytes);
    copied->setText(QString::fromUtf8(bytes));
    QGuiApplication::clipboard()->setMimeData(copied);
    m_message->show(Mark::InOrder, tr("Copied as SVG at true size: paste it where you need it."));
}

void MainWindow::takeJobsFontIntoTray()
{
    const auto& font = m_job.job().font;
    if (font.path.empty()) {
        m_message->show(Mark::LookAt, tr("Choose a font with pictures in Find first; then take it in here."));
        return;
    }
    m_compose->tray().takeFont(font.path, font.face, m_rights);
}

/// What was said about the forms of the job's font, read once for each font.
void MainWindow::readCorrections()
{
    const std::string path = m_job.job().font.path;
    if (path.empty() || m_corrections_read.contains(path) || !m_shelf.isKnown() || m_shelf.refusal())
        return;
    m_corrections_read.insert(path);
    const auto on_shelf = m_shelf.contents()->fontAt(path);
    m_shelf.run<FormCorrections>(
        [sha = on_shelf ? on_shelf->sha256 : std::string(), path](OpenShelf& shelf) {
            return shelf.store.formCorrections(sha.empty() ? sha256OfFile(path).value_or(std::string())
                                                           : sha);
        },
        [this, path](const Result<FormCorrections>& said) {
            if (!said)
                return tell(said.error());
            if (!said->empty()) {
                m_lettering.setCorrections(path, *said);
                m_compose->view().setCaret(m_compose->view().caret());
            }
        });
}

/// Fonts that letters can be set in beside the job's.
void MainWindow::offerFonts()
{
    std::vector<std::pair<QString, FontRef>> fonts;
    constexpr int kMostOffered = 400;
    for (int row = 0; row < std::min(m_fonts.rowCount(), kMostOffered); ++row) {
        const auto& entry = m_fonts.entry(row);
        if (!entry.path.empty())
            fonts.emplace_back(text(entry.info.readableName()), refOf(entry));
    }
    std::ranges::sort(fonts, {}, [](const auto& f) { return f.first.toLower(); });
    m_compose->panel().setFonts(fonts);
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

void MainWindow::keepJob()
{
    ++m_writing;
    m_writers.start([this, store = m_store, job = m_job.job()] {
        const auto done = store.save(job);
        QMetaObject::invokeMethod(
            this,
            [this, done] {
                --m_writing;
                m_footer_right->setText(done ? tr("Saved a moment ago") : tr("Not saved"));
                // Said once: a full disk should not talk over everything else.
                if (!done && !m_keeping_failed)
                    tell(done.error());
                m_keeping_failed = !done;
            },
            Qt::QueuedConnection);
    });
}

void MainWindow::shelfChanged()
{
    readCorrections();
    m_find->changeFonts([this] { m_fonts.setShelf(m_shelf.contents()); });
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
    // of them, join the list as they lie.
    const bool is_package = files.size() == 1 && !looksLikeFontFile(files.front().toStdString()) &&
                            (QFileInfo(files.front()).isFile() || isSmallFolder(files.front()));
    if (is_package) {
        openStation(Find);
        return m_find->openPackage(files.front());
    }
    m_library.addFiles(files);
    m_find->setSearching(true);
}

void MainWindow::closeEvent(QCloseEvent* event)
{
    m_shelf_page->keepNote();
    askAboutThisJob();
    if (m_keep_timer.isActive()) {
        m_keep_timer.stop();
        keepJob();
    }
    m_writers.waitForDone();
    event->accept();
}

} // namespace ink::ui
