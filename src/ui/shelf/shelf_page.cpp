#include "ui/shelf/shelf_page.h"

#include "core/intake/package.h"
#include "shelf/bundle.h"
#include "shelf/install_package.h"
#include "shelf/shelf_health.h"
#include "shelf/shelf_intake.h"
#include "ui/find/wish_bar.h"
#include "ui/measures.h"
#include "ui/shelf/document_page.h"
#include "ui/shelf/health_page.h"
#include "ui/shelf/sheet_page.h"
#include "ui/shelf/shelf_panel.h"
#include "ui/shelf/twins_page.h"
#include "ui/text.h"
#include "ui/widgets/choice.h"
#include "ui/widgets/flow_row.h"

#include <QDesktopServices>
#include <QFileDialog>
#include <QFileInfo>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QScrollBar>
#include <QShortcut>
#include <QStackedWidget>
#include <QVBoxLayout>

#include <algorithm>
#include <set>

namespace ink::ui {
namespace {

constexpr quint64 kTwinsSlot = 320, kHealthSlot = 321, kKeyMapSlot = 322;
/// As many rows are asked for their marks as a filter by marks looks at.
constexpr int kMostAhead = 600;
constexpr int kLearn_ms = 60;

constexpr std::array kOrders{FindOrder::Name,         FindOrder::Fit,         FindOrder::BestVerdict,
                             FindOrder::LastUsed,     FindOrder::LastTakenIn, FindOrder::ThinnestStroke,
                             FindOrder::FewestPieces, FindOrder::FewestNodes, FindOrder::MostJoins,
                             FindOrder::MostForms};

/// A work on a connection of its own, so that the person's changes need not wait for it.
template <class Value>
Result<Value> onOwnStore(const std::filesystem::path& folder,
                         const std::function<Result<Value>(ShelfStore&)>& work)
{
    const auto store = ShelfStore::open(folder);
    return store ? work(**store) : Result<Value>(fail(store.error()));
}

} // namespace

ShelfQuestions ShelfQuestions::asDialogs()
{
    return {[](QWidget* parent, const QString& suggested) {
                QFileDialog dialog(parent, QObject::tr("Save as"), QDir::homePath());
                dialog.setAcceptMode(QFileDialog::AcceptSave);
                dialog.setDefaultSuffix(QFileInfo(suggested).suffix());
                dialog.selectFile(suggested);
                return dialog.exec() == QDialog::Accepted ? dialog.selectedFiles().value(0) : QString();
            },
            [](QWidget* parent) {
                return QFileDialog::getOpenFileName(parent, QObject::tr("Read a carried shelf"), {},
                                                    QObject::tr("Carried shelves (*.zip);;All files (*)"));
            },
            [](QWidget* parent) {
                return QFileDialog::getExistingDirectory(parent, QObject::tr("Look for missing fonts in"));
            },
            [](const QUrl& file) { QDesktopServices::openUrl(file); }};
}

ShelfPage::ShelfPage(JobModel& job, FontListModel& fonts, ShelfKeeper& shelf, ShelfQuestions questions,
                     const Theme& theme, QWidget* parent)
    : Station(parent), m_job(job), m_fonts(fonts), m_shelf(shelf), m_questions(std::move(questions)),
      m_theme(theme), m_filter(fonts)
{
    setObjectName(QStringLiteral("page"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    m_stack = new QStackedWidget(this);
    column->addWidget(m_stack);
    m_twins = new TwinsPage(m_fonts, theme, this);
    m_health = new HealthPage(theme, this);
    m_sheet = new SheetPage(m_fonts.fits().pool(), theme, m_questions.save_path, this);
    m_carried = new CarryPage(theme, this);
    m_document = new DocumentPage(m_fonts.fits().pool(), theme, m_questions.open_file, this);
    for (QWidget* page : std::initializer_list<QWidget*>{buildCollection(), m_twins, m_health, m_sheet,
                                                         m_carried, m_document})
        m_stack->addWidget(page);
    m_learn_timer.setSingleShot(true);
    m_learn_timer.setInterval(kLearn_ms);
    connect(&m_learn_timer, &QTimer::timeout, this, &ShelfPage::learn);
    connectPages();
    connect(&m_fonts, &FontListModel::learned, this, &ShelfPage::learnSoon);
    connect(&m_fonts, &QAbstractItemModel::rowsInserted, this, &ShelfPage::learnSoon);
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
    auto* page = new QWidget(this);
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
    connect(m_panel, &ShelfPanel::keyMapWanted, this, &ShelfPage::showKeyMap);
    connect(m_panel, &ShelfPanel::takeWanted, this, &ShelfPage::takeFiles);
    connect(m_panel, &ShelfPanel::documentWanted, this, [this](const QString& sha256, const QString& name) {
        m_document->open(m_shelf.contents()->fileOf(sha256.toStdString()), name);
        show(DocumentPlace);
    });
    return page;
}

Choice* ShelfPage::addChoice(QWidget* parent, const char* name, const QString& spoken)
{
    auto* choice = new Choice(m_theme, parent, Choice::Ground::Paper);
    choice->setObjectName(QLatin1String(name));
    choice->setAccessibleName(spoken);
    choice->setFont(m_theme.text(TextSize::Small));
    return choice;
}

QWidget* ShelfPage::buildHead(QWidget* parent)
{
    auto* head = new QWidget(parent);
    auto* column = new QVBoxLayout(head);
    column->setContentsMargins(kMargin, 10, kMargin, 10);
    column->setSpacing(2 * kGrid);
    auto* holder = new QWidget(head);
    auto* first = new FlowRow(holder, 3 * kGrid);
    m_count = new QLabel(holder);
    m_count->setObjectName(QStringLiteral("shelfCount"));
    m_search = new QLineEdit(holder);
    m_search->setObjectName(QStringLiteral("shelfSearch"));
    m_search->setAccessibleName(tr("Show fonts that have this in name, set, tag or note"));
    m_search->setPlaceholderText(tr("Name, set, tag or note"));
    m_search->setClearButtonEnabled(true);
    m_search->setFixedWidth(m_theme.scaled(180));
    m_order = addChoice(holder, "shelfOrder", tr("Order of your fonts"));
    for (const FindOrder order : kOrders)
        m_order->addChoice(inWords(order), {}, static_cast<int>(order));
    m_forms = new QPushButton(tr("with their other letters"), holder);
    m_forms->setObjectName(QStringLiteral("shelfForms"));
    m_forms->setCheckable(true);
    m_forms->setProperty("role", QStringLiteral("wish"));
    m_forms->setFont(m_theme.text(TextSize::Small));
    m_narrow = new QPushButton(tr("narrow down"), holder);
    m_narrow->setObjectName(QStringLiteral("shelfNarrow"));
    m_narrow->setCheckable(true);
    m_narrow->setProperty("role", QStringLiteral("wish"));
    m_narrow->setFont(m_theme.text(TextSize::Small));
    connect(m_narrow, &QPushButton::toggled, this, &ShelfPage::layoutHead);
    m_used = addChoice(holder, "shelfUsedChoice", tr("Last used"));
    m_used->addChoice(tr("used at any time"), {}, static_cast<int>(ShelfSpan::AnyTime));
    m_used->addChoice(tr("used this month"), {}, static_cast<int>(ShelfSpan::ThisMonth));
    m_used->addChoice(tr("used this year"), {}, static_cast<int>(ShelfSpan::ThisYear));
    m_used->addChoice(tr("not used for a year"), {}, static_cast<int>(ShelfSpan::LongAgo));
    m_used->addChoice(tr("never used"), {}, static_cast<int>(ShelfSpan::Never));
    m_taken_in = addChoice(holder, "shelfTakenInChoice", tr("Taken in"));
    m_taken_in->addChoice(tr("taken in at any time"), {}, static_cast<int>(ShelfSpan::AnyTime));
    m_taken_in->addChoice(tr("taken in this month"), {}, static_cast<int>(ShelfSpan::ThisMonth));
    m_taken_in->addChoice(tr("taken in this year"), {}, static_cast<int>(ShelfSpan::ThisYear));
    m_taken_in->addChoice(tr("taken in longer ago"), {}, static_cast<int>(ShelfSpan::LongAgo));
    for (QWidget* widget :
         std::initializer_list<QWidget*>{m_count, m_search, m_order, m_narrow, m_used, m_taken_in, m_forms})
        first->addWidget(widget);
    column->addWidget(holder);
    m_place_row = buildPlaces(head);
    column->addWidget(m_place_row);
    m_wishes = new WishBar(m_filter, m_fonts, m_theme, false, head);
    m_wishes->setObjectName(QStringLiteral("shelfWishes"));
    column->addWidget(m_wishes);

    connect(m_search, &QLineEdit::textChanged, this,
            [this](const QString& words) { refilter([&] { m_filter.setWords(words); }); });
    connect(m_search, &QLineEdit::returnPressed, this, [this] {
        m_list->setFocus();
        if (m_filter.rowCount() > 0)
            m_list->setCurrentIndex(m_filter.index(0, 0));
    });
    connect(m_order, &QComboBox::currentIndexChanged, this, [this](int at) {
        refilter([&] { m_filter.setOrder(kOrders[static_cast<std::size_t>(at)]); });
        learn();
        m_list->scrollToTop();
    });
    connect(m_forms, &QPushButton::toggled, this, [this](bool is_on) {
        m_delegate->setShowsForms(is_on);
        layoutGrid();
    });
    connect(m_wishes, &WishBar::changed, this, &ShelfPage::learn);
    return head;
}

/// Where the fonts are, and what the person made of them.
QWidget* ShelfPage::buildPlaces(QWidget* parent)
{
    auto* holder = new QWidget(parent);
    auto* row = new FlowRow(holder, 2 * kGrid);
    for (int i = 0; i < kShelfPlaces; ++i) {
        auto* button = new QPushButton(holder);
        button->setObjectName(QStringLiteral("shelfPlace%1").arg(i));
        button->setCheckable(true);
        button->setChecked(m_filter.shows(static_cast<ShelfPlace>(i)));
        button->setProperty("role", QStringLiteral("wish"));
        button->setFont(m_theme.text(TextSize::Small));
        connect(button, &QPushButton::toggled, this, [this, i](bool is_on) {
            refilter([&] { m_filter.setPlace(static_cast<ShelfPlace>(i), is_on); });
        });
        row->addWidget(button);
        m_places[static_cast<std::size_t>(i)] = button;
    }
    m_set = addChoice(holder, "shelfSetChoice", tr("Of which set"));
    m_package = addChoice(holder, "shelfPackageChoice", tr("From which package"));
    for (auto* choice : {m_set, m_package})
        row->addWidget(choice);
    connect(m_set, &QComboBox::currentIndexChanged, this,
            [this] { refilter([&] { m_filter.setSet(m_set->currentData().toString()); }); });
    connect(m_package, &QComboBox::currentIndexChanged, this,
            [this] { refilter([&] { m_filter.setPackage(m_package->currentData().toString()); }); });
    connect(m_used, &QComboBox::currentIndexChanged, this, [this] {
        refilter([&] { m_filter.setUsed(static_cast<ShelfSpan>(m_used->currentData().toInt())); });
    });
    connect(m_taken_in, &QComboBox::currentIndexChanged, this, [this] {
        refilter([&] { m_filter.setTakenIn(static_cast<ShelfSpan>(m_taken_in->currentData().toInt())); });
    });
    return holder;
}

QWidget* ShelfPage::buildFoot(QWidget* parent)
{
    auto* foot = new QWidget(parent);
    auto* row = new FlowRow(foot, 2 * kGrid);
    row->setContentsMargins(kMargin, 2 * kGrid, kMargin, 2 * kGrid);
    const auto add = [&](const char* name, const QString& words, auto act) {
        auto* button = new QPushButton(words, foot);
        button->setObjectName(QLatin1String(name));
        button->setProperty("role", QStringLiteral("quiet"));
        connect(button, &QPushButton::clicked, this, act);
        row->addWidget(button);
        return button;
    };
    add("shelfPackage", tr("Take in a package…"), [this] { emit packageWanted(); });
    m_specimen_open = add("shelfSpecimen", {}, [this] { showSpecimen(); });
    m_carry = add("shelfCarry", {}, [this] { carry(); });
    add("shelfRead", tr("Read a carried shelf…"), [this] {
        if (const QString file = m_questions.bundle(this); !file.isEmpty())
            readCarried(file, {});
    });
    m_for_all = add("shelfForAll", {}, [this] { exportForAll(); });
    add("shelfTwins", tr("Twins"), [this] { showTwins(); });
    add("shelfHealth", tr("Health"), [this] { showHealth(); });
    return foot;
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
    return m_shelf.isKnown() && !m_shelf.refusal()
               ? tr("%n font(s)", nullptr, static_cast<int>(m_shelf.contents()->fonts().size()))
               : tr("closed");
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

void ShelfPage::learnSoon()
{
    m_has_to_learn = true;
    if (isVisible() && !m_learn_timer.isActive())
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
    m_has_to_learn = false;
    if (m_filter.needsMarks()) {
        m_fonts.askForAll(kMostAhead);
        m_filter.look();
    }
    m_wishes->showCounts();
    showCounts();
    layoutGrid();
    if (!m_specimen.empty())
        makeSpecimen();
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
    m_count->setText(
        QStringLiteral("<b>%1</b>").arg(counted(static_cast<qulonglong>(shown), "font", "fonts")));
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
        m_empty_text->setText(text(m_shelf.refusal()->message()));
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

/// The words come first: in large text or a small window, the filters wait behind a button.
void ShelfPage::layoutHead()
{
    const bool has_room = height() > m_theme.scaled(560);
    m_narrow->setVisible(!has_room);
    const bool is_shown = has_room || m_narrow->isChecked();
    for (QWidget* widget : std::initializer_list<QWidget*>{m_place_row, m_wishes, m_forms})
        widget->setVisible(is_shown);
    const bool has_dates = is_shown && !m_shelf.contents()->fonts().empty();
    m_used->setVisible(has_dates);
    m_taken_in->setVisible(has_dates);
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

/// As they lie in their folders, with the documents that lie beside them.
void ShelfPage::takeFiles(const QStringList& files)
{
    struct Took
    {
        TakenToShelf taken;
        std::optional<Error> first;
    };
    m_shelf.run<Took>(
        [files](OpenShelf& shelf) -> Result<Took> {
            Took took;
            std::set<std::filesystem::path> folders;
            std::set<std::filesystem::path> wanted;
            for (const auto& file : files) {
                const std::filesystem::path path = file.toStdString();
                wanted.insert(path);
                folders.insert(path.parent_path());
            }
            for (const auto& folder : folders) {
                InspectOptions options;
                options.cancel = shelf.cancel;
                auto contents = inspectPackage(folder, options);
                if (!contents) {
                    took.first = took.first ? took.first : contents.error();
                    continue;
                }
                contents->is_plain_folder = true;
                contents->source.clear(); // it came from no package
                std::vector<std::size_t> chosen;
                for (const std::size_t i : contents->fonts())
                    if (wanted.contains(folder / contents->entries[i].path))
                        chosen.push_back(i);
                const auto taken = takeToShelf(shelf.store, *contents, chosen, today());
                if (!taken)
                    return fail(taken.error());
                took.taken.fonts += taken->fonts;
                took.taken.added += taken->added;
            }
            return took;
        },
        [this](const Result<Took>& took) {
            if (!took)
                return void(emit problem(took.error()));
            if (took->first)
                emit problem(*took->first);
            emit told(
                tr("%1 on the shelf now.").arg(counted(took->taken.added, "new font is", "new fonts are")));
        });
}

void ShelfPage::showKeyMap(int row)
{
    m_sheet->show(nullptr, {});
    show(SheetPlace);
    const auto entry = m_fonts.entry(row);
    const QString name = m_fonts.name(row);
    auto& fits = m_fonts.fits();
    fits.pool().run(kKeyMapSlot, 2,
                    [this, entry, name, marks = m_fonts.othersMarks(row),
                     &faces = fits.faces()](const CancelToken&) -> SlotPool::Answer {
                        const auto face = faces.open(entry.path, entry.info.choice);
                        if (!face)
                            return [this, error = face.error()] {
                                show(Collection);
                                emit problem(error);
                            };
                        auto cells = keyCellsOf(**face, marks);
                        const QString note =
                            tr("%1. What is on which key, its code point, and the glyph's name; crossed out: "
                               "somebody else's mark.")
                                .arg(counted(cells.size(), "glyph", "glyphs"));
                        std::shared_ptr<const Sheet> sheet =
                            keyMapSheet(tr("%1: key map").arg(name), note, std::move(cells));
                        return [this, sheet, name] {
                            m_sheet->show(sheet, name + QStringLiteral(" key map.pdf"));
                        };
                    });
}

void ShelfPage::showSpecimen()
{
    m_specimen.clear();
    for (const int row : theseRows())
        m_specimen.emplace_back(m_fonts, row);
    m_sheet->show(nullptr, {});
    show(SheetPlace);
    makeSpecimen();
}

/// Once the words are there in every font.
void ShelfPage::makeSpecimen()
{
    bool is_whole = true;
    std::erase_if(m_specimen, [](const FontRow& row) { return row < 0; }); // taken away meanwhile
    for (const int row : m_specimen) {
        m_fonts.preview(row);
        m_fonts.rights(row);
        is_whole = is_whole && m_fonts.isFresh(row);
    }
    if (!is_whole)
        return;
    std::vector<SpecimenLine> lines;
    for (const int row : m_specimen) {
        const auto* preview = m_fonts.known(row);
        const auto* rights = m_fonts.knownRights(row);
        SpecimenLine line{
            m_fonts.name(row), {}, rights ? text(nameOf(rights->dossier.verdict)) : QString(), preview->card};
        line.about = preview->card ? tr("%1 wide, %2 high")
                                         .arg(figureWithUnit(preview->card->width_mm, m_job.job().unit),
                                              figureWithUnit(preview->card->height_mm, m_job.job().unit))
                                   : text(errorText(preview->error->code));
        lines.push_back(std::move(line));
    }
    m_specimen.clear();
    const QString words = text(m_job.job().words).simplified();
    const QString title = tr("“%1” in %2").arg(words, counted(lines.size(), "font", "fonts"));
    m_sheet->show(specimenSheet(title, tr("As large as they will be cut. Print at 100 %."), std::move(lines)),
                  words + QStringLiteral(" specimen.pdf"));
}

void ShelfPage::showTwins()
{
    show(TwinsPlace);
    m_twins->showProgress(0, 0);
    using Groups = std::vector<TwinsShown>;
    m_fonts.fits().pool().run(
        kTwinsSlot, 1, [this, folder = m_shelf.folder()](const CancelToken& token) -> SlotPool::Answer {
            const auto groups = onOwnStore<Groups>(folder, [&](ShelfStore& store) -> Result<Groups> {
                auto fonts = store.fonts();
                if (!fonts)
                    return fail(fonts.error());
                std::erase_if(*fonts,
                              [](const ShelfFont& font) { return font.state == ShelfState::SetAside; });
                const auto progress = [this, of = fonts->size()](std::size_t done) {
                    constexpr std::size_t kTellEvery = 25;
                    if (done % kTellEvery == 0)
                        QMetaObject::invokeMethod(
                            this, [this, done, of] { m_twins->showProgress(done, of); },
                            Qt::QueuedConnection);
                };
                const auto prints = fontPrints(store, *fonts, token, progress);
                if (!prints)
                    return fail(prints.error());
                Groups shown;
                for (const auto& group : findTwins(*fonts, *prints)) {
                    TwinsShown one;
                    std::vector<const ShelfFont*> members;
                    std::vector<PrintPtr> member_prints;
                    for (const std::size_t i : group.fonts) {
                        members.push_back(&(*fonts)[i]);
                        const auto print = prints->find((*fonts)[i].id);
                        member_prints.push_back(print == prints->end() ? nullptr : print->second);
                        one.fonts.push_back((*fonts)[i].id);
                        one.sha256s.push_back((*fonts)[i].sha256);
                    }
                    one.kinds = group.kinds;
                    one.facts = twinFacts(members, member_prints);
                    shown.push_back(std::move(one));
                }
                return shown;
            });
            return [this, groups] {
                if (groups)
                    return m_twins->show(*groups);
                show(Collection);
                emit problem(groups.error());
            };
        });
}

void ShelfPage::showHealth()
{
    lookForMissing({});
}

void ShelfPage::lookForMissing(const QString& look_in)
{
    struct Looked
    {
        ShelfHealth health;
        std::vector<ShelfFont> never_used;
    };
    show(HealthPlace);
    m_health->showWaiting();
    m_shelf.run<Looked>(
        [look_in, font_folder = m_shelf.fontFolder()](OpenShelf& shelf) -> Result<Looked> {
            std::vector<std::filesystem::path> folders;
            if (!look_in.isEmpty())
                folders.emplace_back(look_in.toStdString());
            auto health = healthOf(shelf.store, folders);
            if (!health)
                return fail(health.error());
            Looked looked{std::move(*health), {}};
            // Without fc-list the figures stay out; the rest is worth telling all the same.
            static_cast<void>(measureCost(looked.health, font_folder));
            auto fonts = shelf.store.fonts();
            if (!fonts)
                return fail(fonts.error());
            for (auto& font : *fonts)
                if (font.last_used.empty() && font.state != ShelfState::SetAside)
                    looked.never_used.push_back(std::move(font));
            return looked;
        },
        [this](const Result<Looked>& looked) {
            if (looked)
                return m_health->show(looked->health, looked->never_used);
            show(Collection);
            emit problem(looked.error());
        });
}

void ShelfPage::carry()
{
    const QString path = m_questions.save_path(this, tr("my shelf.zip"));
    if (path.isEmpty())
        return;
    const auto fonts = theseFonts();
    m_shelf.run<bool>(
        [path, fonts](OpenShelf& shelf) -> Result<bool> {
            const auto done = writeBundle(path.toStdString(), shelf.store, fonts, shelf.rights);
            return done ? Result<bool>(true) : fail(done.error());
        },
        [this, path, count = fonts.size()](const Result<bool>& done) {
            if (!done)
                return void(emit problem(done.error()));
            emit told(
                tr("Saved %1 with %2, their documents, rights, sets, tags and notes. Read it on the other "
                   "computer with “Read a carried shelf”.")
                    .arg(QFileInfo(path).fileName(), counted(count, "font", "fonts")));
        });
}

void ShelfPage::exportForAll()
{
    const QString path = m_questions.save_path(this, tr("fonts for all users.zip"));
    if (path.isEmpty())
        return;
    const auto fonts = theseFonts();
    m_shelf.run<bool>(
        [path, fonts](OpenShelf& shelf) -> Result<bool> {
            const auto done = writeInstallPackage(path.toStdString(), shelf.store, fonts);
            return done ? Result<bool>(true) : fail(done.error());
        },
        [this, path, count = fonts.size()](const Result<bool>& done) {
            if (!done)
                return void(emit problem(done.error()));
            emit told(
                tr("Saved %1 with %2. READ-ME-FIRST.txt in it says what whoever looks after the computer "
                   "has to do.")
                    .arg(QFileInfo(path).fileName(), counted(count, "font", "fonts")));
        });
}

/// `theirs` by value: the page forgets its own when it begins to wait.
void ShelfPage::readCarried(const QString& file, CarryPage::Theirs theirs)
{
    show(CarryPlace);
    m_carried->showWaiting(file);
    m_shelf.run<BundleRead>(
        [file, theirs = std::move(theirs)](OpenShelf& shelf) {
            return readBundle(
                file.toStdString(), shelf.store, shelf.rights,
                [&](const BundleConflict& conflict) {
                    return theirs.contains({conflict.sha256, conflict.what});
                },
                today());
        },
        [this, file](const Result<BundleRead>& read) {
            if (read)
                return m_carried->show(file, *read);
            show(Collection);
            emit problem(read.error());
        });
}

} // namespace ink::ui
