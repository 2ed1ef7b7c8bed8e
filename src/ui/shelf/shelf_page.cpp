#include "ui/shelf/shelf_page.h"

#include "ui/core_words.h"

#include "core/intake/package.h"
#include "shelf/bundle.h"
#include "shelf/install_package.h"
#include "shelf/shelf_health.h"
#include "shelf/shelf_intake.h"
#include "ui/alphabet/letters_page.h"
#include "ui/find/wish_bar.h"
#include "ui/measures.h"
#include "ui/questions.h"
#include "ui/shelf/document_page.h"
#include "ui/shelf/health_page.h"
#include "ui/shelf/sheet_page.h"
#include "ui/shelf/shelf_panel.h"
#include "ui/shelf/twins_page.h"
#include "ui/text.h"
#include "ui/widgets/choice.h"
#include "ui/widgets/flow_row.h"
#include "ui/widgets/page_stack.h"

#include <QDesktopServices>
#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QScrollBar>
#include <QShortcut>
#include <QVBoxLayout>

#include <algorithm>
#include <set>

namespace ink::ui {
namespace {

/// As many rows are asked for their marks as a filter by marks looks at.
constexpr int kMostAhead = 600;
constexpr int kLearn_ms = 60;

} // namespace

ShelfQuestions ShelfQuestions::asDialogs()
{
    return {
        [](QWidget* parent, const QString& suggested) {
            return askWhereTo(parent, QObject::tr("Save as"), QDir::home().filePath(suggested));
        },
        [](QWidget* parent) {
            return QFileDialog::getOpenFileName(parent, QObject::tr("Read a carried shelf"), {},
                                                QObject::tr("Carried shelves (*.zip);;All files (*)"));
        },
        [](QWidget* parent) {
            return QFileDialog::getExistingDirectory(parent, QObject::tr("Look for missing fonts in"));
        },
        [](const QUrl& file) { QDesktopServices::openUrl(file); },
        [](QWidget* parent) -> std::optional<double> {
            bool is_said = false;
            const double mm = QInputDialog::getDouble(
                parent, QObject::tr("Stitched letters"),
                QObject::tr("How high are the capitals to be, in mm? Set in words, they can be sewn up to "
                            "15 % smaller and 20 % larger."),
                25.0, 5.0, 200.0, 1, &is_said);
            return is_said ? std::optional(mm) : std::nullopt;
        }};
}

ShelfPage::ShelfPage(JobModel& job, FontListModel& fonts, ShelfKeeper& shelf, ShelfQuestions questions,
                     const Theme& theme, QWidget* parent)
    : Station(parent), m_job(job), m_fonts(fonts), m_shelf(shelf), m_questions(std::move(questions)),
      m_theme(theme), m_filter(fonts)
{
    setObjectName(QStringLiteral("page"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    m_stack = new PageStack(this);
    column->addWidget(m_stack);
    m_twins = new TwinsPage(m_fonts, theme, m_stack);
    m_health = new HealthPage(theme, m_stack);
    m_sheet = new SheetPage(m_fonts.fits().pool(), theme, m_questions.save_path, m_stack);
    m_carried = new CarryPage(theme, m_stack);
    m_document = new DocumentPage(m_fonts.fits().pool(), theme, m_questions.open_file, m_stack);
    m_letters = new LettersPage(QStringLiteral("keptLetters"), theme, m_stack);
    for (QWidget* page : std::initializer_list<QWidget*>{buildCollection(), m_twins, m_health, m_sheet,
                                                         m_carried, m_document, m_letters})
        m_stack->addWidget(page);
    m_learn_timer.setSingleShot(true);
    m_learn_timer.setInterval(kLearn_ms);
    connect(&m_learn_timer, &QTimer::timeout, this, &ShelfPage::learn);
    connectPages();
    connect(&m_fonts, &FontListModel::learned, this, &ShelfPage::learnSoon);
    connect(&m_fonts, &QAbstractItemModel::rowsInserted, this, &ShelfPage::learnSoon);
    connect(&m_fonts, &QAbstractItemModel::rowsRemoved, this, &ShelfPage::learnSoon);
    connect(&m_shelf, &ShelfKeeper::changed, this, &ShelfPage::shelfChanged);
    connect(&m_job, &JobModel::changed, this, [this] {
        m_panel->setProject(text(m_job.job().words).simplified());
        learnSoon();
    });
    m_panel->setProject(text(m_job.job().words).simplified());
    shelfChanged();
}

void ShelfPage::connectPages()
{
    const auto back = [this] { show(Collection); };
    connect(m_twins, &TwinsPage::backWanted, this, [this, back] {
        m_fonts.fits().pool().cancel(kTwinsSlot);
        back();
    });
    connect(m_twins, &TwinsPage::stopWanted, this, [this, back] {
        m_fonts.fits().pool().cancel(kTwinsSlot);
        back();
    });
    connect(m_health, &HealthPage::backWanted, this, back);
    connect(m_sheet, &SheetPage::backWanted, this, [this, back] {
        m_specimen.clear();
        back();
    });
    connect(m_carried, &CarryPage::backWanted, this, back);
    connect(m_document, &DocumentPage::backWanted, this, back);
    connect(m_letters, &LettersPage::backWanted, this, back);
    connect(m_letters, &LettersPage::kept, this, &ShelfPage::putLettersRight);
    connect(m_document, &DocumentPage::problem, this, &ShelfPage::problem);
    connect(m_sheet, &SheetPage::told, this, &ShelfPage::told);
    connect(m_sheet, &SheetPage::problem, this, &ShelfPage::problem);
    connect(m_twins, &TwinsPage::asideWanted, this, [this](const std::vector<std::int64_t>& fonts) {
        m_shelf.move(fonts, {ShelfState::SetAside, {}, {}});
    });
    connect(m_health, &HealthPage::asideWanted, this, [this](const std::vector<std::int64_t>& fonts) {
        m_shelf.move(fonts, {ShelfState::SetAside, {}, {}});
        showHealth();
    });
    connect(m_health, &HealthPage::installWanted, this, [this](const std::vector<std::int64_t>& fonts) {
        m_shelf.move(fonts, {ShelfState::Installed, {}, {}});
        showHealth();
    });
    connect(m_health, &HealthPage::againWanted, this, &ShelfPage::showHealth);
    connect(m_health, &HealthPage::lookInWanted, this, [this] {
        if (const QString folder = m_questions.look_in(this); !folder.isEmpty())
            lookForMissing(folder);
    });
    connect(m_carried, &CarryPage::theirsWanted, this,
            [this](const QString& file, const CarryPage::Theirs& theirs) {
                theirs.empty() ? show(Collection) : readCarried(file, theirs);
            });
    auto* escape = new QShortcut(Qt::Key_Escape, this);
    escape->setContext(Qt::WidgetWithChildrenShortcut);
    connect(escape, &QShortcut::activated, this, back);
}

QWidget* ShelfPage::buildCollection()
{
    auto* page = new QWidget(m_stack);
    auto* row = new QHBoxLayout(page);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    auto* side = new QWidget(page);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(buildHead(side));

    m_list = new QListView(side);
    m_list->setObjectName(QStringLiteral("shelfList"));
    m_list->setAccessibleName(tr("Your fonts, each with the job's words"));
    m_list->setModel(&m_filter);
    m_delegate = new ShelfDelegate(m_fonts, m_filter, m_theme, m_list);
    m_list->setItemDelegate(m_delegate);
    m_list->setFlow(QListView::LeftToRight);
    m_list->setWrapping(true);
    m_list->setResizeMode(QListView::Adjust);
    m_list->setUniformItemSizes(true);
    m_list->setSelectionMode(QAbstractItemView::ExtendedSelection);
    m_list->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_list->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOn);
    m_list->verticalScrollBar()->setSingleStep(40);
    column->addWidget(m_list, 1);
    m_empty = new QWidget(side);
    auto* empty = new QVBoxLayout(m_empty);
    m_empty_text = new QLabel(m_empty);
    m_empty_text->setObjectName(QStringLiteral("shelfEmpty"));
    m_empty_text->setAlignment(Qt::AlignCenter);
    m_empty_text->setWordWrap(true);
    m_empty_text->setFont(m_theme.heading(TextSize::Lead));
    m_take_demo = new QPushButton(tr("Put the fonts that come with Under Ink here"), m_empty);
    m_take_demo->setObjectName(QStringLiteral("shelfTakeDemo"));
    m_take_demo->setProperty("role", QStringLiteral("main"));
    empty->addStretch(1);
    empty->addWidget(m_empty_text);
    empty->addWidget(m_take_demo, 0, Qt::AlignCenter);
    empty->addStretch(2);
    column->addWidget(m_empty, 1);
    column->addWidget(buildFoot(side));
    row->addWidget(side, 1);
    m_panel = new ShelfPanel(m_fonts, m_filter, m_shelf, m_theme, page);
    row->addWidget(m_panel);

    connect(m_take_demo, &QPushButton::clicked, this, [this] {
        QStringList files;
        for (int at = 0; at < m_fonts.rowCount() && !m_fonts.isListing(at); ++at)
            if (m_fonts.entry(at).origin == FontOrigin::Demo)
                files << text(m_fonts.entry(at).path.string());
        files.removeDuplicates();
        takeFiles(files);
    });
    connect(m_list->selectionModel(), &QItemSelectionModel::selectionChanged, this, [this] { showPanel(); });
    connect(m_list, &QListView::activated, this,
            [this](const QModelIndex& index) { setInJob(m_filter.mapToSource(index).row()); });
    connect(m_panel, &ShelfPanel::composeWanted, this, [this] {
        if (const auto rows = chosenRows(); rows.size() == 1)
            setInJob(rows.front());
    });
    connect(m_panel, &ShelfPanel::rightsWanted, this, [this] {
        if (const auto rows = chosenRows(); rows.size() == 1)
            emit rightsWanted(rows.front());
    });
    connect(m_panel, &ShelfPanel::lettersWanted, this, &ShelfPage::showLetters);
    connect(m_panel, &ShelfPanel::stitchesWanted, this, &ShelfPage::makeLetters);
    connect(m_panel, &ShelfPanel::stitchesNotWanted, this, &ShelfPage::stopMakingLetters);
    connect(m_panel, &ShelfPanel::keyMapWanted, this, &ShelfPage::showKeyMap);
    connect(m_panel, &ShelfPanel::takeWanted, this, &ShelfPage::takeFiles);
    connect(m_panel, &ShelfPanel::documentWanted, this, [this](const QString& sha256, const QString& name) {
        m_document->open(m_shelf.contents()->fileOf(sha256.toStdString()), name);
        show(DocumentPlace);
    });
    return page;
}

bool ShelfPage::isIdle() const
{
    return m_shelf.isIdle() && !m_learn_timer.isActive() && m_specimen.empty();
}

void ShelfPage::show(Place place)
{
    m_stack->setCurrentIndex(place);
    if (place == Collection)
        m_list->setFocus();
}

void ShelfPage::keepNote()
{
    m_panel->keepNote();
}

QString ShelfPage::figure() const
{
    if (!m_shelf.isKnown() || m_shelf.refusal())
        return tr("closed");
    std::size_t faces = 0; // counted as the list does: a file may hold several
    for (const auto& font : m_shelf.contents()->fonts())
        faces += font->faces.size();
    return tr("%n font(s)", nullptr, static_cast<int>(faces));
}

void ShelfPage::activate()
{
    m_shelf.readAgain();
    focusList();
}

void ShelfPage::focusList()
{
    if (m_stack->currentIndex() == Collection)
        m_list->setFocus();
}

void ShelfPage::refilter(const std::function<void()>& change)
{
    change();
    showPanel();
}

/// The list waits until it is seen; a specimen that was asked for is made whatever is seen meanwhile.
void ShelfPage::learnSoon()
{
    m_has_to_learn = true;
    if ((isVisible() || !m_specimen.empty()) && !m_learn_timer.isActive())
        m_learn_timer.start();
}

void ShelfPage::showEvent(QShowEvent* event)
{
    QWidget::showEvent(event);
    if (m_has_to_learn)
        learnSoon();
}

void ShelfPage::learn()
{
    if (!m_specimen.empty())
        makeSpecimen();
    if (!isVisible())
        return;
    m_has_to_learn = false;
    if (m_filter.needsMarks()) {
        m_fonts.askForAll(kMostAhead);
        m_filter.look();
    }
    m_wishes->showCounts();
    showCounts();
    layoutGrid();
}

void ShelfPage::shelfChanged()
{
    showNames();
    m_filter.look();
    showPanel();
    learnSoon();
}

/// Sets and packages that there are now; what was chosen stays.
void ShelfPage::showNames()
{
    std::set<std::string> sets, packages;
    for (const auto& font : m_shelf.contents()->fonts()) {
        sets.insert(font->sets.begin(), font->sets.end());
        if (!font->package.empty())
            packages.insert(font->package);
    }
    const auto fill = [](Choice* choice, const QString& any, const QString& pattern,
                         const std::set<std::string>& names) {
        const QString chosen = choice->currentData().toString();
        const QSignalBlocker quiet(choice);
        choice->clear();
        choice->addChoice(any, {}, QString());
        for (const auto& name : names)
            choice->addChoice(pattern.arg(text(name)), {}, text(name));
        choice->setCurrentIndex(std::max(0, choice->findData(chosen)));
        choice->setVisible(!names.empty());
    };
    fill(m_set, tr("of any set"), tr("of the set “%1”"), sets);
    fill(m_package, tr("from any package"), tr("from %1"), packages);
    m_filter.setSet(m_set->currentData().toString());
    m_filter.setPackage(m_package->currentData().toString());
    layoutHead();
}

void ShelfPage::showCounts()
{
    const int shown = m_filter.rowCount();
    m_count->setText(QStringLiteral("<b>%1</b>").arg(tr("%n font(s)", nullptr, shown)));
    for (int i = 0; i < kShelfPlaces; ++i) {
        const auto place = static_cast<ShelfPlace>(i);
        auto* button = m_places[static_cast<std::size_t>(i)];
        button->setText(QStringLiteral("%1  %2").arg(inWords(place)).arg(m_filter.countIn(place)));
        button->setAccessibleName(tr("Show fonts that are %1").arg(button->text()));
    }
    m_list->setVisible(shown > 0);
    m_empty->setVisible(shown == 0);
    const bool has_none = m_shelf.contents()->fonts().empty();
    m_take_demo->setVisible(has_none && !m_shelf.refusal() && m_fonts.rowCount() > 0 &&
                            !m_fonts.isListing(0) && m_fonts.entry(0).origin == FontOrigin::Demo);
    if (m_shelf.refusal())
        m_empty_text->setText(said(*m_shelf.refusal()));
    else if (!m_shelf.isKnown())
        m_empty_text->setText(tr("Opening the shelf …"));
    else if (has_none)
        m_empty_text->setText(
            tr("Nothing is on your shelf yet.\nTake a package in, drop a font on the window, "
               "or begin with the fonts that come with Under Ink."));
    else
        m_empty_text->setText(tr("No font is all of this.\nTake one of the wishes back to see more."));
    const auto chosen = m_list->selectionModel()->selectedIndexes().size();
    const auto these = chosen > 0 ? chosen : shown;
    m_specimen_open->setText(tr("Specimen of %1").arg(these));
    m_carry->setText(tr("Carry %1…").arg(these));
    m_for_all->setText(tr("For all users…"));
    for (auto* button : {m_specimen_open, m_carry, m_for_all})
        button->setEnabled(these > 0);
    emit figureChanged();
}

void ShelfPage::showPanel()
{
    m_panel->show(chosenRows());
    showCounts();
}

void ShelfPage::layoutGrid()
{
    const int width = m_list->viewport()->width() - 2; // as wide as the list, the first would be put below it
    const int columns = std::max(1, width / m_theme.scaled(270));
    // As high as the words in most fonts get at this width.
    std::vector<double> heights;
    for (int i = 0; i < m_filter.rowCount(); ++i)
        if (const auto* preview = m_fonts.known(m_filter.mapToSource(m_filter.index(i, 0)).row());
            preview && preview->card)
            heights.push_back(m_delegate->heightOfWords(*preview->card, width / columns));
    if (!heights.empty()) {
        const auto most = heights.begin() + static_cast<std::ptrdiff_t>(heights.size() * 8 / 10);
        std::ranges::nth_element(heights, most);
        m_delegate->setWordsHeight(*most);
    }
    const QSize cell(width / columns, m_delegate->heightOfItem());
    if (m_list->gridSize() != cell)
        m_list->setGridSize(cell);
}

void ShelfPage::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    m_panel->setFixedWidth(std::min(m_theme.scaled(310), width() * 3 / 10));
    layoutHead();
    // The list has its width only once the panel has.
    QTimer::singleShot(0, this, &ShelfPage::layoutGrid);
}

std::vector<int> ShelfPage::chosenRows() const
{
    std::vector<int> rows;
    for (const auto& index : m_list->selectionModel()->selectedIndexes())
        rows.push_back(m_filter.mapToSource(index).row());
    std::ranges::sort(rows);
    return rows;
}

std::vector<int> ShelfPage::theseRows() const
{
    auto rows = chosenRows();
    if (rows.empty())
        for (int i = 0; i < m_filter.rowCount(); ++i)
            rows.push_back(m_filter.mapToSource(m_filter.index(i, 0)).row());
    return rows;
}

std::vector<ShelfFont> ShelfPage::theseFonts() const
{
    std::vector<ShelfFont> fonts;
    for (const int row : theseRows())
        if (const auto* font = m_fonts.shelf(row);
            font && std::ranges::find(fonts, font->id, &ShelfFont::id) == fonts.end())
            fonts.push_back(*font);
    return fonts;
}

void ShelfPage::setInJob(int row)
{
    m_job.setFont(refOf(m_fonts.entry(row)));
    emit composeWanted();
}

} // namespace ink::ui
