#include "ui/main_window.h"

#include "core/design/lettering.h"
#include "core/intake/content_kind.h"
#include "shelf/shelf_intake.h"
#include "ui/accessible_views.h"
#include "ui/compose/compose_page.h"
#include "ui/compose/lettering_view.h"
#include "ui/compose/motif_tray.h"
#include "ui/core_words.h"
#include "ui/handbook_window.h"
#include "ui/handoff/handoff_page.h"
#include "ui/job_band.h"
#include "ui/job_menu.h"
#include "ui/measures.h"
#include "ui/process_limits_dialog.h"
#include "ui/proof/proof_page.h"
#include "ui/queued_step.h"
#include "ui/station_rail.h"
#include "ui/text.h"
#include "ui/widgets/message_line.h"
#include "ui/widgets/page_stack.h"
#include "ui/widgets/wheel_scrolls.h"

#include <QAction>
#include <QCloseEvent>
#include <QDate>
#include <QDir>
#include <QDragEnterEvent>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QScreen>

#include <algorithm>

namespace ink::ui {
MainWindow::MainWindow(const KeptJob& kept, const JobStore& store, const std::filesystem::path& folder,
                       const Theme& theme, Questions questions, const std::filesystem::path& font_folder)
    : m_theme(theme), m_questions(std::move(questions)), m_folder(folder), m_job(kept.job),
      m_inbox(folder / "inbox"), m_faces(std::make_shared<FaceCache>()), m_rights_store(folder / "rights"),
      m_rights(std::make_shared<FontRightsReader>(m_rights_store)), m_lettering(m_faces, m_rights),
      m_fits(m_faces, m_catalogue), m_shelf(folder / "shelf", font_folder, m_rights_store, m_job.undoStack()),
      m_session(sessionNeeds(store, folder), kept), m_design(m_job, m_lettering), m_proof(m_job, m_design),
      m_hand_off(m_job, m_lettering, folder / "materials"), m_fonts(m_job, m_fits, m_rights),
      m_feed(m_catalogue, m_fonts), m_forms(m_job, m_shelf, m_lettering),
      m_cut_files({m_job, m_design, m_writes,
                   [this](const QString& suggested) { return m_questions.save_path(this, suggested); },
                   [this] { return m_compose->materialColour(); },
                   [this](const FontRef& font) { return rightsTold(font); }})
{
    makeViewsAccessible();
    qApp->installEventFilter(new WheelScrolls(this));
    setObjectName(QStringLiteral("mainWindow"));
    setAcceptDrops(true);
    setMinimumSize(kLeastWidth, kLeastHeight);
    resize(QSize(1280, 800).boundedTo(screen()->availableSize()));
    build();
    addActions();
    connectStations();
    connectCompose();
    connectProof();
    connectHandOff();
    moveInbox();
    openStation(Find);
    showFigures();
    showFile();
}

MainWindow::~MainWindow()
{
    // What is half typed is taken over while the job is still there: widgets go before what they write to.
    hide();
    for (QObject* sender : std::initializer_list<QObject*>{
             &m_job, &m_job.undoStack(), &m_shelf, &m_session, &m_design, &m_proof, &m_hand_off, &m_cutter,
             &m_stitcher, &m_library, &m_fonts, &m_forms, &m_cut_files})
        sender->disconnect(this);
    qDeleteAll(findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly));
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
    m_stack = new PageStack(this);
    middle->addWidget(m_rail);
    middle->addWidget(m_stack, 1);
    column->addLayout(middle, 1);
    column->addWidget(buildFooter());
    m_message = new MessageLine(m_theme, m_footer_left, this);
    connect(m_rail, &StationRail::chosen, this, &MainWindow::openStation);

    m_find = new FindPage({m_job, m_fonts, m_catalogue, m_feed, m_shelf, m_inbox, m_questions.rights,
                           m_questions.downloads, m_questions.package, m_questions.lettering},
                          m_theme, m_stack);
    // Before the station looks at the list: it is of the shelf as it is now.
    connect(&m_shelf, &ShelfKeeper::changed, this, &MainWindow::shelfChanged);
    m_shelf_page = new ShelfPage(m_job, m_fonts, m_shelf, m_questions.shelf, m_theme, m_stack);
    m_compose = new ComposePage(m_job, m_design, m_lettering, m_shelf.folder(), m_theme, m_stack);
    m_compose->setMaterials(m_hand_off.materials());
    m_proof_page = new ProofPage(m_job, m_design, m_proof, m_lettering, m_theme, m_stack);
    m_hand_off_page =
        new HandOffPage({m_job,
                         m_hand_off,
                         m_cutter,
                         m_stitcher,
                         {m_job, m_writes,
                          [this](const QString& suggested) { return m_questions.save_path(this, suggested); },
                          [this] { return mayHandOff(); }, [this] { return slip(); },
                          [this](const RightsSlip& slip) { return countSold(slip); },
                          [this](const FontRef& font) { return rightsTold(font); },
                          [this] { return m_questions.printer(this); }},
                         [this] { return m_questions.names_to_read(this); },
                         [this] { return m_questions.stitch_file(this); },
                         m_folder / "blanks.json",
                         m_folder / "hoops.json",
                         [this](Point mm) {
                             const auto composed = m_design.composed();
                             return composed ? mendingPlaceAt(*composed, mm) : std::nullopt;
                         }},
                        m_theme, m_stack);
    for (Station* station :
         std::initializer_list<Station*>{m_find, m_shelf_page, m_compose, m_proof_page, m_hand_off_page})
        addStation(station);
}

QWidget* MainWindow::buildFooter()
{
    auto* footer = new QWidget(this);
    footer->setObjectName(QStringLiteral("footer"));
    footer->setAttribute(Qt::WA_StyledBackground);
    footer->setStyleSheet(QStringLiteral("#footer { border-top: 1px solid %1; background: %2; }")
                              .arg(m_theme.colours().rule.name(), m_theme.colours().paper.name()));
    auto* row = new QHBoxLayout(footer);
    row->setContentsMargins(kMargin, 6, kMargin, 6);
    row->setSpacing(kMargin);
    m_job_menu =
        new JobMenu(m_session, m_job,
                    {[this](QWidget*) { return m_questions.job_to_open(this); },
                     [this](QWidget*, const QString& suggested) {
                         return m_questions.job_to_save(this, QFileInfo(suggested).isAbsolute()
                                                                  ? suggested
                                                                  : QDir::home().filePath(suggested));
                     },
                     [this](QWidget*) { return m_questions.template_name(this); }},
                    footer);
    m_job_menu->setFont(m_theme.text(TextSize::Small));
    row->addWidget(m_job_menu);
    const auto addButton = [&](const char* name) {
        auto* button = new QPushButton(footer);
        button->setObjectName(QLatin1String(name));
        button->setProperty("role", QStringLiteral("link"));
        button->setFont(m_theme.text(TextSize::Small));
        row->addWidget(button);
        return button;
    };
    m_undo_button = addButton("undo");
    m_redo_button = addButton("redo");
    m_footer_left = new QLabel(footer);
    m_footer_left->setObjectName(QStringLiteral("footerLeft"));
    m_badge = new QLabel(footer);
    m_badge->setObjectName(QStringLiteral("badge"));
    m_badge->hide();
    m_footer_right = new QLabel(tr("Kept as you work"), footer);
    m_footer_right->setObjectName(QStringLiteral("footerRight"));
    row->addWidget(m_footer_left, 1);
    row->addWidget(m_badge);
    row->addWidget(m_footer_right);
    m_footer_left->setMinimumWidth(0);
    m_footer_left->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred); // figures give way first
    for (auto* label : {m_footer_left, m_badge, m_footer_right}) {
        label->setProperty("role", QStringLiteral("soft"));
        label->setFont(m_theme.text(TextSize::Small));
    }
    return footer;
}

void MainWindow::addStation(Station* station)
{
    const int place = static_cast<int>(m_stations.size());
    m_stations.push_back(station);
    m_rail->addStation(QStringLiteral("station") + station->title(), station->title());
    m_stack->addWidget(station);
    addAction("openStation", tr("Open %1").arg(station->title()),
              {QKeySequence(Qt::ALT | (Qt::Key_1 + place))}, [this, place] { openStation(place); });
    connect(station, &Station::figureChanged, this, &MainWindow::showFigures);
    connect(station, &Station::told, this,
            [this](const QString& words) { m_message->show(Mark::InOrder, words); });
    connect(station, &Station::problem, this, &MainWindow::tell);
    connect(station, &Station::composeWanted, this, [this] { openStation(Compose); });
    showFigures();
}

QAction* MainWindow::addAction(const char* name, const QString& text, const QList<QKeySequence>& keys,
                               const std::function<void()>& action)
{
    auto* made = new QAction(text, this);
    made->setObjectName(QLatin1String(name));
    made->setShortcuts(keys);
    connect(made, &QAction::triggered, this, action);
    QWidget::addAction(made);
    return made;
}

void MainWindow::addActions()
{
    auto& steps = m_job.undoStack();
    m_undo = addAction("undoAction", {}, {QKeySequence(QKeySequence::Undo)}, [&steps] { undoStep(steps); });
    m_redo = addAction("redoAction", {},
                       {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), QKeySequence(Qt::CTRL | Qt::Key_Y)},
                       [&steps] { redoStep(steps); });
    connect(m_undo_button, &QPushButton::clicked, m_undo, &QAction::trigger);
    connect(m_redo_button, &QPushButton::clicked, m_redo, &QAction::trigger);
    connect(&steps, &QUndoStack::indexChanged, this, &MainWindow::showSteps);
    // What was told of a step is no longer so once it is taken back, or the job went on.
    connect(&steps, &QUndoStack::indexChanged, m_message, &MessageLine::withdraw);
    connect(&m_job, &JobModel::changed, m_message, &MessageLine::withdraw);
    showSteps();
    addAction("saveCutFileAction", tr("Save the cut file"), {QKeySequence(QKeySequence::Save)},
              [this] { saveForMachine(); });
    addAction("nameBefore", tr("Show the name before"), {QKeySequence(Qt::ALT | Qt::Key_Up)},
              [this] { m_hand_off_page->stepName(-1); });
    addAction("nextName", tr("Show the next name"), {QKeySequence(Qt::ALT | Qt::Key_Down)},
              [this] { m_hand_off_page->stepName(1); });
    addAction("openFolder", tr("Open a folder with fonts"), {QKeySequence(QKeySequence::Open)},
              [this] { openFolder(); });
    addAction("openJob", tr("Open a job"), {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_O)},
              [this] { m_job_menu->askToOpen(); });
    addAction("saveJob", tr("Save the job"), {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S)},
              [this] { m_job_menu->save(); });
    addAction("newJob", tr("New job"), {QKeySequence(Qt::CTRL | Qt::Key_N)}, [this] { m_session.newJob(); });
    addAction("copySvg", tr("Copy as SVG"), {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_C)},
              [this] { m_cut_files.copy(); });
    addAction("findLike", tr("Find fonts that look like this one"), {QKeySequence(Qt::CTRL | Qt::Key_L)},
              [this] {
                  openStation(Find);
                  m_find->lookLikeChosen();
              });
    addAction("handbook", tr("Handbook"), {QKeySequence(QKeySequence::HelpContents)},
              [this] { openHandbook(); });
    addAction("toWords", tr("To the words of the job"), {QKeySequence(Qt::ALT | Qt::Key_W)},
              [this] { m_band->focusWords(); });
}

void MainWindow::openHandbook()
{
    if (m_handbook_folder.isEmpty())
        return;
    if (!m_handbook)
        m_handbook = new HandbookWindow(m_handbook_folder, m_theme, this);
    const auto* station = qobject_cast<const Station*>(m_stack->currentWidget());
    m_handbook->openPage(station ? station->handbookPage() : QStringLiteral("index.md"));
}

void MainWindow::connectStations()
{
    const auto tell_done = [this](const QString& words) { m_message->show(Mark::InOrder, words); };
    connect(&m_library, &FontLibrary::found, this, &MainWindow::found);
    connect(&m_library, &FontLibrary::vanished, this,
            [this](const std::vector<std::filesystem::path>& files) {
                m_find->changeFonts([&] { m_fonts.removeFiles(files); });
            });
    connect(&m_library, &FontLibrary::searchEnded, this, [this] { m_find->setSearching(false); });
    connect(&m_job, &JobModel::changed, this, [this] {
        m_footer_right->setText(tr("Keeping …"));
        showFigures();
        showRight();
    });
    connect(m_find, &FindPage::folderWanted, this, &MainWindow::openFolder);
    connect(m_find, &FindPage::limitsWanted, this, &MainWindow::editLimits);
    connect(&m_shelf, &ShelfKeeper::problem, this, &MainWindow::tell);
    connect(&m_shelf, &ShelfKeeper::told, this, tell_done);
    connect(m_shelf_page, &ShelfPage::packageWanted, this, [this] {
        if (const QString path = m_questions.package(this); !path.isEmpty())
            bring({path});
    });
    connect(m_shelf_page, &ShelfPage::lettersMade, this, [this](const QString& path) { bring({path}); });
    connect(m_shelf_page, &ShelfPage::rightsWanted, this, [this](int row) {
        m_job.setFont(refOf(m_fonts.entry(row)));
        openStation(Find);
        m_find->openCard(row, CardPage::Rights);
    });
    connect(&m_session, &JobSession::stateChanged, this, &MainWindow::showFile);
    connect(&m_session, &JobSession::told, this, tell_done);
    connect(&m_session, &JobSession::refused, this, &MainWindow::tell);
    connect(&m_session, &JobSession::opened, this, [this] { openStation(Compose); });
    connect(&m_session, &JobSession::kept, this,
            [this](bool done) { m_footer_right->setText(done ? tr("Kept a moment ago") : tr("Not kept")); });
    connect(&m_fonts, &FontListModel::learned, this, &MainWindow::showRight);
    connect(&m_fonts, &QAbstractItemModel::rowsInserted, this, &MainWindow::showRight);
}

void MainWindow::connectCompose()
{
    const auto tell_done = [this](const QString& words) { m_message->show(Mark::InOrder, words); };
    connect(&m_design, &DesignModel::changed, this, &MainWindow::designChanged);
    connect(m_compose, &ComposePage::handOffWanted, this, [this] { openStation(HandOff); });
    connect(m_job_menu, &JobMenu::copyWanted, &m_cut_files, &CutFiles::copy);
    connect(m_job_menu, &JobMenu::handbookWanted, this, &MainWindow::openHandbook);
    connect(&m_cut_files, &CutFiles::told, this, tell_done);
    connect(&m_cut_files, &CutFiles::notYet, this,
            [this](const QString& words) { m_message->show(Mark::LookAt, words); });
    connect(&m_cut_files, &CutFiles::problem, this, &MainWindow::tell);
    connect(&m_cut_files, &CutFiles::used, this, [this](const FontRef& font, const QString& words) {
        if (const auto on_shelf = m_shelf.contents()->fontAt(font.path))
            m_shelf.used(on_shelf->sha256, words);
    });
    connect(m_compose, &ComposePage::takeFontWanted, this, &MainWindow::takeJobsFontIntoTray);
    connect(m_compose, &ComposePage::keepDrawingWanted, this,
            [this, tell_done](const MotifDrawing& drawing, const std::vector<FontRef>& fonts) {
                std::vector<std::filesystem::path> files;
                for (const auto& font : fonts)
                    files.emplace_back(font.path);
                m_compose->tray().takeDrawing(drawing, std::move(files), m_rights);
                tell_done(tr("%1 lies in the motif tray now.").arg(text(drawing.name)));
            });
    connect(m_compose, &ComposePage::takeSvgWanted, this, [this] {
        if (const QString file = m_questions.picture(this); !file.isEmpty())
            m_compose->tray().takeSvg(file);
    });
    connect(m_compose, &ComposePage::corrected, &m_forms, &FormMemory::correct);
    connect(m_compose, &ComposePage::rightsWanted, this, [this] {
        openStation(Find);
        m_find->openCard(CardPage::Rights);
    });
    connect(&m_forms, &FormMemory::problem, this, &MainWindow::tell);
    connect(&m_forms, &FormMemory::changed, m_compose, &ComposePage::lookAgain);
}

std::string MainWindow::rightsTold(const FontRef& font) const
{
    const int row = m_fonts.rowOf(font);
    if (row < 0)
        return {};
    const auto& info = m_fonts.entry(row).info;
    return info.readableName() + ". " + info.copyright + " " + info.licence;
}

/// One design at once, from anywhere; a list is laid on sheets first, which are looked at.
void MainWindow::saveForMachine()
{
    if (m_job.job().names.isEmpty() && m_stack->currentWidget() != m_hand_off_page)
        return m_cut_files.save();
    if (m_stack->currentWidget() != m_hand_off_page)
        return openStation(HandOff);
    m_hand_off_page->save(SheetFormat::Svg);
}

bool MainWindow::mayHandOff()
{
    const int row = m_fonts.rowOf(m_job.job().font);
    const auto* rights = row >= 0 ? m_fonts.knownRights(row) : nullptr;
    const unsigned most = rights ? rights->dossier.units : 0;
    const RightsSlip slip = this->slip();
    const unsigned now = rights ? rights->record.sold + (isCounted(slip) ? 0 : unsigned(slip.copies())) : 0;
    const bool is_too_many = most > 0 && now > most; // whatever was decided before it was so many
    if (m_job.job().purpose != Purpose::Sale ||
        (rights && !is_too_many &&
         (rights->dossier.verdict == Verdict::MaySell || !rights->record.decisions.empty())))
        return true;
    const QString verdict = is_too_many ? tr("%1 of %2 that may be sold").arg(now).arg(most)
                            : rights    ? said(nameOf(rights->dossier.verdict))
                                        : tr("nothing that is known here");
    const auto ground = m_questions.sale_ground(this, verdict);
    if (!ground)
        return false;
    m_ground = *ground;
    if (rights) {
        RightsRecord record = rights->record;
        record.decisions.push_back({QDate::currentDate().toString(Qt::ISODate).toStdString(),
                                    ground->toStdString(), std::string(nameOf(rights->dossier.verdict))});
        m_find->keepRecord(row, record, tr("decision"));
    }
    return true;
}

bool MainWindow::isCounted(const RightsSlip& slip) const
{
    return m_counted && areSameGoods(*m_counted, slip);
}

QString MainWindow::countSold(const RightsSlip& slip)
{
    if (isCounted(slip))
        return {};
    m_counted = slip;
    QStringList told;
    for (const auto& font : slip.fonts) {
        const int row = m_fonts.rowOf(font.font);
        const auto* rights = row >= 0 ? m_fonts.knownRights(row) : nullptr;
        if (!rights || rights->dossier.units == 0)
            continue;
        RightsRecord record = rights->record;
        record.sold += unsigned(slip.copies());
        told << tr("%1 of %2 sold with %3.").arg(record.sold).arg(rights->dossier.units).arg(text(font.name));
        m_find->keepRecord(row, record, tr("count what was sold"));
    }
    return told.join(QLatin1Char(' '));
}

RightsSlip MainWindow::slip() const
{
    RightsSlip slip = slipOf(m_job.job(), m_hand_off.copiesLaid(),
                             QDate::currentDate().toString(Qt::ISODate).toStdString());
    // These were counted already where they were handed off before.
    const unsigned counted = isCounted(slip) ? unsigned(slip.copies()) : 0;
    for (auto& entry : slip.fonts) {
        const int row = m_fonts.rowOf(entry.font);
        if (row < 0)
            continue;
        entry.name = m_fonts.entry(row).info.readableName();
        entry.version = m_fonts.entry(row).info.version;
        const auto* rights = m_fonts.knownRights(row);
        if (!rights)
            continue;
        entry.sha256 = rights->sha256;
        entry.dossier = rights->dossier;
        entry.sold_before = rights->record.sold - std::min(rights->record.sold, counted);
        for (const auto& paper : rights->record.papers)
            entry.attached.push_back(paper.name + ", " + paper.date);
        if (!rights->record.decisions.empty())
            slip.ground = rights->record.decisions.back().words;
    }
    if (slip.ground.empty() && slip.verdict() != Verdict::MaySell)
        slip.ground = m_ground.toStdString();
    return slip;
}

void MainWindow::connectHandOff()
{
    connect(&m_hand_off, &HandOffModel::changed, this, &MainWindow::showFigures);
}

void MainWindow::editLimits()
{
    auto* dialog = new ProcessLimitsDialog(m_job, m_theme, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->open();
}

void MainWindow::connectProof()
{
    connect(m_proof_page, &ProofPage::limitsWanted, this, &MainWindow::editLimits);
    connect(m_proof_page, &ProofPage::fontWanted, this, [this] { openStation(Find); });
    connect(m_proof_page, &ProofPage::rightsWanted, m_compose, &ComposePage::rightsWanted);
    connect(&m_proof, &ProofModel::changed, this, [this] { m_compose->showProof(m_proof.findings()); });
}

void MainWindow::openStation(int place)
{
    if (place < 0 || place >= static_cast<int>(m_stations.size()))
        return;
    m_stack->setCurrentIndex(place);
    m_rail->setCurrent(place);
    m_job.endRun();
    if (place == Compose)
        offerFonts();
    if (place == Proof)
        m_proof_page->setMaterial(QColor(m_compose->materialColour()));
    m_stations[static_cast<std::size_t>(place)]->activate();
}

void MainWindow::tell(const Error& error)
{
    m_message->show(Mark::Wrong, said(error));
}

void MainWindow::showBadge(const QString& words)
{
    m_badge->setText(words);
    m_badge->setVisible(!words.isEmpty());
}

QStringList MainWindow::busyWith() const
{
    QStringList busy;
    const auto add = [&](const char* name, bool is_idle) {
        if (!is_idle)
            busy << QLatin1String(name);
    };
    add("library", !m_library.isSearching());
    add("session", m_session.isIdle());
    add("writes", m_writes.isIdle());
    add("fits", m_fits.isIdle());
    add("shelf", m_shelf.isIdle());
    add("lettering", m_lettering.isIdle());
    for (const auto* station : m_stations)
        if (!station->isIdle())
            busy << station->title();
    return busy;
}

void MainWindow::designChanged()
{
    std::map<SizeBy, double> measures_mm;
    if (const auto& composed = m_design.composed()) {
        const auto& box = composed->design.figures_mm.box;
        measures_mm = {{SizeBy::Width, box.width()},
                       {SizeBy::Height, box.height()},
                       {SizeBy::Em, composed->design.em_mm}};
        if (composed->cap_height_mm > 0.0)
            measures_mm.insert(
                {{SizeBy::CapHeight, composed->cap_height_mm}, {SizeBy::XHeight, composed->x_height_mm}});
    }
    m_band->showMeasures(measures_mm);
    showFigures();
}

void MainWindow::showFigures()
{
    for (std::size_t i = 0; i < m_stations.size(); ++i)
        m_rail->setFigure(static_cast<int>(i), m_stations[i]->figure());
    showFooter();
}

void MainWindow::showFooter()
{
    QStringList parts;
    if (const int row = m_fonts.rowOf(m_job.job().font); row >= 0)
        parts << QString::fromStdString(m_fonts.entry(row).info.readableName());
    if (const auto design = m_design.design()) {
        const auto& f = design->figures_mm;
        parts << tr("%n piece(s)", nullptr, static_cast<int>(f.pieces))
              << tr("%n middle(s)", nullptr, static_cast<int>(f.middles))
              << tr("%n node(s)", nullptr, static_cast<int>(f.nodes))
              << (isCut(m_job.job().process) ? tr("%1 to cut") : tr("%1 of outline"))
                     .arg(longLength(f.cut_length, m_job.job().unit));
    }
    m_footer_left->setText(parts.join(QStringLiteral(" · ")));
    m_footer_left->setToolTip(m_footer_left->text());
}

void MainWindow::showSteps()
{
    const auto& steps = m_job.undoStack();
    const auto show = [](QAction* action, QPushButton* button, bool can, const QString& what,
                         const QString& nothing) {
        action->setEnabled(can);
        action->setText(can ? what : nothing);
        button->setVisible(can);
        button->setText(what);
        button->setAccessibleName(what);
    };
    show(m_undo, m_undo_button, steps.canUndo(), tr("Undo: %1").arg(steps.undoText()), tr("Undo"));
    show(m_redo, m_redo_button, steps.canRedo(), tr("Redo: %1").arg(steps.redoText()), tr("Redo"));
}

/// Whether what is set may be sold is said where the words are made, too.
void MainWindow::showRight()
{
    const int row = m_fonts.rowOf(m_job.job().font);
    const auto* rights = row >= 0 ? m_fonts.knownRights(row) : nullptr;
    m_compose->showRight(row >= 0 ? QString::fromStdString(m_fonts.entry(row).info.readableName())
                                  : QString(),
                         rights ? std::optional(rights->dossier.verdict) : std::nullopt);
    m_hand_off_page->showRight(rights ? std::optional(rights->dossier.verdict) : std::nullopt);
    m_proof.showRight(rights ? std::optional(rights->dossier.verdict) : std::nullopt);
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
    m_compose->setFonts(fonts);
}

void MainWindow::shelfChanged()
{
    m_find->changeFonts([this] { m_fonts.setShelf(m_shelf.contents()); });
    showFigures();
}

} // namespace ink::ui
