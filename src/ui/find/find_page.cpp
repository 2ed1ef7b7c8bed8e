#include "ui/find/find_page.h"

#include "ui/find/compare_page.h"
#include "ui/find/font_line_delegate.h"
#include "ui/find/picture_page.h"
#include "ui/find/wish_bar.h"
#include "ui/measures.h"
#include "ui/widgets/choice.h"
#include "ui/widgets/flow_row.h"
#include "ui/widgets/page_stack.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QScrollBar>
#include <QShortcut>

#include <algorithm>

namespace ink::ui {
namespace {

/// Marks of this many fonts are made ahead for the filters; more only as they come into sight.
constexpr int kMostAhead = 600;
constexpr int kLearnAfter_ms = 250;
/// The fonts out of sight wait until nobody has typed for so long.
constexpr int kLookAheadAfter_ms = 1200;

} // namespace

FindPage::FindPage(FindServices services, const Theme& theme, QWidget* parent)
    : Station(parent), m_services(std::move(services)), m_job(m_services.job), m_fonts(m_services.fonts),
      m_theme(theme), m_filter(m_fonts), m_likeness(m_fonts, m_services.catalogue)
{
    setObjectName(QStringLiteral("page"));
    m_learn_timer.setSingleShot(true);
    m_learn_timer.setInterval(kLearnAfter_ms);
    m_ahead_timer.setSingleShot(true);
    m_ahead_timer.setInterval(kLookAheadAfter_ms);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    m_arrivals = new Arrivals(m_job, m_fonts, m_services.catalogue, m_services.shelf, m_services.inbox,
                              m_services.downloads, theme, this);
    m_stack = new PageStack(this);
    auto* list_page = new QWidget(m_stack);
    auto* row = new QHBoxLayout(list_page);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    row->addWidget(buildList(), 1);
    m_panel = new FontPanel(m_fonts, theme, list_page);
    row->addWidget(m_panel);
    m_card = new CardPage(m_job, m_fonts, m_services.catalogue, theme, m_services.rights_questions, m_stack);
    m_compare_page = new ComparePage(m_job, m_fonts, theme, m_stack);
    m_picture_page = new PicturePage(m_likeness, m_fonts, theme, m_services.lettering, m_stack);
    for (QWidget* page : std::initializer_list<QWidget*>{list_page, m_card, m_compare_page,
                                                         m_arrivals->intake(), m_picture_page})
        m_stack->addWidget(page);
    column->addWidget(m_stack, 1);
    column->addWidget(m_arrivals->transfers());

    connectPages();
    connectLikeness();
    showJob();
    showFeed();
}

void FindPage::connectLikeness()
{
    m_filter.setLikeness(m_likeness);
    m_delegate->setLikeness(m_likeness);
    m_wishes->offerLikeness(m_likeness);
    connect(m_wishes, &WishBar::pictureWanted, this, [this] {
        show(Lettering);
        if (!m_likeness.picture())
            m_picture_page->askForFile();
    });
    connect(m_wishes, &WishBar::likeChosenWanted, this, &FindPage::lookLikeChosen);
    connect(m_panel, &FontPanel::likeWanted, this, &FindPage::lookLikeChosen);
    connect(m_picture_page, &PicturePage::backWanted, this, [this] { show(List); });
    connect(m_picture_page, &PicturePage::listWanted, this, [this] {
        m_likeness.setWished(true);
        wishLikeness(true);
        show(List);
    });
    connect(m_picture_page, &PicturePage::chosen, this, [this](int row) {
        show(List);
        m_list->setCurrentIndex(m_filter.mapFromSource(m_fonts.index(row)));
    });
    connect(&m_likeness, &LikenessModel::wantedChanged, this,
            [this] { refilter([this] { m_filter.look(); }); });
    connect(&m_likeness, &LikenessModel::found, this, [this] {
        // While a picture is read, the list behind it only follows where likeness says what it shows.
        if (m_filter.followsLikeness())
            refilter([this] { m_filter.look(); });
        m_list->viewport()->update();
    });
    connect(&m_likeness, &LikenessModel::progressed, this, &FindPage::showCount);
}

/// What is likest stands first, as long as that is what is wished.
void FindPage::wishLikeness(bool is_wished)
{
    m_order->setCurrentIndex(static_cast<int>(is_wished ? FindOrder::Likest : FindOrder::AsTheyCame));
    m_list->scrollToTop();
}

void FindPage::openPicture(const QString& path)
{
    m_picture_page->openFile(path);
    show(Lettering);
}

void FindPage::lookLikeChosen()
{
    const int row = m_stack->currentIndex() == Card ? m_card->row() : currentRow();
    if (row < 0)
        return;
    m_likeness.lookLike(row);
    wishLikeness(true);
    show(List);
}

void FindPage::connectPages()
{
    connect(&m_job, &JobModel::changed, this, &FindPage::showJob);
    for (auto signal : {&QAbstractItemModel::rowsInserted, &QAbstractItemModel::rowsRemoved})
        connect(&m_filter, signal, this, [this] {
            if (!m_is_filtering)
                showJob();
        });
    connect(&m_fonts, &FontListModel::learned, this, [this] {
        // Out of sight, only the count of what is shown has to follow.
        m_has_to_learn = true;
        if (!m_learn_timer.isActive() && (isVisible() || m_filter.needsMarks()))
            m_learn_timer.start();
    });
    connect(&m_learn_timer, &QTimer::timeout, this, &FindPage::learn);
    connect(&m_ahead_timer, &QTimer::timeout, this, [this] {
        if (m_fonts.rowCount() <= kMostAhead)
            m_fonts.askForAll(kMostAhead);
    });
    for (auto signal : {&QAbstractItemModel::rowsInserted, &QAbstractItemModel::rowsRemoved})
        connect(&m_fonts, signal, &m_ahead_timer, qOverload<>(&QTimer::start));
    connect(&m_job, &JobModel::changed, &m_ahead_timer, qOverload<>(&QTimer::start));
    connect(&m_services.feed, &CatalogueFeed::changed, this, &FindPage::showFeed);
    connect(m_card, &CardPage::backWanted, this, [this] { show(List); });
    connect(m_card, &CardPage::composeWanted, this, &FindPage::composeWanted);
    connect(m_card, &CardPage::fetchWanted, m_arrivals, &Arrivals::fetch);
    connect(m_card, &CardPage::buyWanted, m_arrivals, &Arrivals::buy);
    connect(m_card, &CardPage::limitsWanted, this, &FindPage::limitsWanted);
    connect(m_card, &CardPage::stylesWanted, this, &FindPage::showStyles);
    connect(m_card, &CardPage::problem, this, &FindPage::problem);
    connect(m_compare_page, &ComparePage::backWanted, this, [this] { show(List); });
    connect(m_compare_page, &ComparePage::chosen, this, [this](int row) {
        show(List);
        m_list->setCurrentIndex(m_filter.mapFromSource(m_fonts.index(row)));
    });
    connect(m_arrivals->intake(), &IntakePage::backWanted, this, [this] { show(List); });
    connect(m_arrivals, &Arrivals::opened, this, [this] { show(Intake); });
    connect(m_arrivals, &Arrivals::problem, this, &FindPage::problem);
    connect(m_arrivals, &Arrivals::composeWanted, this, [this] {
        show(List);
        emit composeWanted();
    });
    connect(m_panel, &FontPanel::mainWanted, this, [this] {
        const int row = currentRow();
        if (row >= 0 && m_fonts.isListing(row))
            m_arrivals->fetch(row);
        else
            emit composeWanted();
    });
    connect(m_panel, &FontPanel::cardWanted, this, [this] { openCard(CardPage::Words); });
    connect(m_panel, &FontPanel::rightsWanted, this, [this] { openCard(CardPage::Rights); });
    connect(m_panel, &FontPanel::compareWanted, this, &FindPage::toggleCompared);
    connect(m_panel, &FontPanel::limitsWanted, this, &FindPage::limitsWanted);
    connect(m_panel, &FontPanel::shownMarkChanged, this, &FindPage::setShownMark);
    auto* back = new QShortcut(Qt::Key_Escape, this);
    back->setContext(Qt::WidgetWithChildrenShortcut);
    connect(back, &QShortcut::activated, this, [this] { show(List); });
    const auto key = [this](const QKeySequence& keys, auto action) {
        auto* shortcut = new QShortcut(keys, m_list);
        shortcut->setContext(Qt::WidgetWithChildrenShortcut);
        connect(shortcut, &QShortcut::activated, this, action);
    };
    key(Qt::CTRL | Qt::Key_Return, [this] { openCard(CardPage::Words); });
    key(Qt::CTRL | Qt::Key_R, [this] { openCard(CardPage::Rights); });
    key(Qt::CTRL | Qt::Key_K, [this] { toggleCompared(); });
}

QWidget* FindPage::buildHead(QWidget* parent)
{
    auto* head = new QWidget(parent);
    auto* column = new QVBoxLayout(head);
    column->setContentsMargins(kMargin, 10, kMargin, 10);
    column->setSpacing(2 * kGrid);
    auto* first_holder = new QWidget(head);
    auto* first = new FlowRow(first_holder, 3 * kGrid);
    m_count = new QLabel(first_holder);
    m_count->setObjectName(QStringLiteral("fontCount"));
    m_search = new QLineEdit(first_holder);
    m_search->setObjectName(QStringLiteral("fontSearch"));
    m_search->setAccessibleName(tr("Show fonts whose name holds"));
    m_search->setPlaceholderText(tr("A word in the name"));
    m_search->setClearButtonEnabled(true);
    m_search->setFixedWidth(m_theme.scaled(160));
    m_order = new Choice(m_theme, first_holder, Choice::Ground::Paper);
    m_order->setObjectName(QStringLiteral("fontOrder"));
    m_order->setAccessibleName(tr("Order of the fonts"));
    for (int i = 0; i < kFindOrders; ++i)
        m_order->addChoice(inWords(static_cast<FindOrder>(i)), {}, i);
    m_feed = new QLabel(first_holder);
    m_feed->setObjectName(QStringLiteral("feedState"));
    m_feed->setFont(m_theme.text(TextSize::Small));
    m_feed->setProperty("role", QStringLiteral("soft"));
    m_retry = new QPushButton(tr("Try again"), first_holder);
    m_retry->setObjectName(QStringLiteral("feedRetry"));
    m_compare_open = new QPushButton(first_holder);
    m_compare_open->setObjectName(QStringLiteral("compareOpen"));
    for (QWidget* widget :
         std::initializer_list<QWidget*>{m_count, m_search, m_order, m_compare_open, m_feed, m_retry})
        first->addWidget(widget);
    m_compare_open->setVisible(false);
    column->addWidget(first_holder);
    m_wishes = new WishBar(m_filter, m_fonts, m_theme, true, head);
    m_wishes->setObjectName(QStringLiteral("wishBar"));
    column->addWidget(m_wishes);

    connect(m_search, &QLineEdit::textChanged, this,
            [this](const QString& words) { refilter([&] { m_filter.setWords(words); }); });
    connect(m_search, &QLineEdit::returnPressed, this, &FindPage::chooseFirstShown);
    connect(m_wishes, &WishBar::changed, this, [this] {
        learn();
        showJob();
    });
    connect(m_order, &QComboBox::currentIndexChanged, this, [this](int order) {
        refilter([&] { m_filter.setOrder(static_cast<FindOrder>(order)); });
        learn();
        m_list->scrollToTop();
    });
    connect(m_retry, &QPushButton::clicked, &m_services.feed, &CatalogueFeed::retry);
    connect(m_compare_open, &QPushButton::clicked, this, [this] {
        std::vector<ComparePage::Pick> picks;
        for (const auto& row : m_compared)
            if (row >= 0)
                picks.push_back({row, {}});
        m_compare_page->open(std::move(picks));
        show(Compare);
    });
    return head;
}

/// Where more fonts come from, below the list.
QWidget* FindPage::buildFoot(QWidget* parent)
{
    auto* foot = new QWidget(parent);
    auto* row = new FlowRow(foot, 3 * kGrid);
    row->setContentsMargins(kMargin, 2 * kGrid, kMargin, 2 * kGrid);
    auto* package = new QPushButton(tr("Open a package…"), foot);
    package->setObjectName(QStringLiteral("openPackage"));
    package->setProperty("role", QStringLiteral("quiet"));
    package->setToolTip(tr("Or drop a package, a font or a folder anywhere on the window"));
    auto* folder = new QPushButton(tr("Open a folder…"), foot);
    folder->setObjectName(QStringLiteral("openFolder"));
    folder->setProperty("role", QStringLiteral("quiet"));
    auto* downloads = new QPushButton(tr("My downloads too"), foot);
    downloads->setObjectName(QStringLiteral("watchDownloads"));
    downloads->setCheckable(true);
    downloads->setProperty("role", QStringLiteral("wish"));
    downloads->setToolTip(tr("Offer packages that lie in your download folder"));
    for (QWidget* widget : std::initializer_list<QWidget*>{package, folder, downloads})
        row->addWidget(widget);
    connect(package, &QPushButton::clicked, this, [this] {
        if (const QString path = m_services.package(this); !path.isEmpty())
            openPackage(path);
    });
    connect(folder, &QPushButton::clicked, this, &FindPage::folderWanted);
    downloads->setChecked(m_arrivals->watchesDownloads());
    connect(downloads, &QPushButton::toggled, m_arrivals, &Arrivals::watchDownloads);
    return foot;
}

QWidget* FindPage::buildList()
{
    auto* side = new QWidget(this);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(buildHead(side));

    m_list = new QListView(side);
    m_list->setObjectName(QStringLiteral("fontList"));
    m_list->setAccessibleName(tr("Fonts, each with the job's words"));
    m_list->setModel(&m_filter);
    m_delegate = new FontLineDelegate(m_fonts, m_job, m_theme, m_list);
    m_list->setItemDelegate(m_delegate);
    m_list->setUniformItemSizes(true);
    m_list->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    m_list->verticalScrollBar()->setSingleStep(40);
    m_list->viewport()->installEventFilter(this);
    column->addWidget(m_list, 1);

    m_empty = new QLabel(side);
    m_empty->setObjectName(QStringLiteral("findEmpty"));
    m_empty->setAlignment(Qt::AlignCenter);
    m_empty->setWordWrap(true);
    m_empty->setFont(m_theme.heading(TextSize::Lead));
    column->addWidget(m_empty, 1);

    column->addWidget(buildFoot(side));

    connect(m_list->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& current) { choose(current); });
    connect(m_list, &QListView::activated, this, [this](const QModelIndex& index) {
        if (m_fonts.isListing(m_filter.mapToSource(index).row()))
            openCard(CardPage::Words);
        else
            emit composeWanted();
    });
    return side;
}

int FindPage::currentRow() const
{
    const auto current = m_list->currentIndex();
    if (current.isValid() && m_fonts.isListing(m_filter.mapToSource(current).row()))
        return m_filter.mapToSource(current).row();
    return m_fonts.rowOf(m_job.job().font);
}

void FindPage::choose(const QModelIndex& current)
{
    if (!current.isValid() || m_is_filtering)
        return;
    setShownMark(std::nullopt);
    const int row = m_filter.mapToSource(current).row();
    if (m_fonts.isListing(row))
        showPanel();
    else
        m_job.setFont(refOf(m_fonts.entry(row)));
    showPanel();
}

/// Rows come and go one after the other; the page looks when they all have. A font that drops out of sight
/// stays the chosen one.
void FindPage::refilter(const std::function<void()>& change)
{
    m_is_filtering = true;
    change();
    m_is_filtering = false;
    showJob();
}

void FindPage::showJob()
{
    const auto current = m_list->currentIndex();
    const bool is_on_listing = current.isValid() && m_fonts.isListing(m_filter.mapToSource(current).row());
    const int row = m_fonts.rowOf(m_job.job().font);
    const auto index = row < 0 ? QModelIndex() : m_filter.mapFromSource(m_fonts.index(row));
    if (!is_on_listing && index.isValid() && index != current)
        m_list->setCurrentIndex(index);
    // Current without being chosen, a row would not answer to being pressed.
    if (!is_on_listing && !index.isValid())
        m_list->selectionModel()->clear();
    showPanel();
    showCount();
    m_wishes->showLookedAt();
}

void FindPage::showPanel()
{
    const int row = currentRow();
    m_panel->show(row, std::ranges::find(m_compared, row) != m_compared.end());
}

void FindPage::showCount()
{
    const int shown = m_filter.rowCount();
    const bool has_catalogue = m_services.feed.state() == CatalogueFeed::State::Ready;
    m_count->setText(QStringLiteral("<b>%1</b>%2%3")
                         .arg(tr("%n font(s)", nullptr, shown),
                              has_catalogue && shown == m_fonts.rowCount()
                                  ? tr(", %1").arg(m_services.feed.inWords())
                                  : QString(),
                              m_is_searching           ? tr(" · looking for more")
                              : m_likeness.isLooking() ? tr(" · looking what is like it")
                                                       : QString()));
    m_list->setVisible(shown > 0);
    m_empty->setVisible(shown == 0);
    if (m_is_searching && m_fonts.rowCount() == 0)
        m_empty->setText(tr("Looking for fonts …"));
    else if (m_fonts.rowCount() == 0)
        m_empty->setText(tr("No fonts yet.\nDrop a font file here, or open a folder that holds some."));
    else if (m_likeness.isWished() && m_likeness.isLooking())
        m_empty->setText(tr("Looking what is like %1 …").arg(m_likeness.inWords()));
    else if (!m_search->text().isEmpty() && m_filter.hasWishes())
        m_empty->setText(
            tr("No font with “%1” is all of this.\nClear the search, or take one of the wishes back.")
                .arg(m_search->text()));
    else if (!m_search->text().isEmpty())
        m_empty->setText(tr("“%1” is in no font's name, maker or tags.\nClear the search to see all %L2.")
                             .arg(m_search->text())
                             .arg(m_fonts.rowCount()));
    else
        m_empty->setText(tr("No font is all of this.\nTake one of the wishes back to see more."));
    emit figureChanged();
}

void FindPage::showFeed()
{
    const bool has_failed = m_services.feed.state() == CatalogueFeed::State::Failed;
    // Once it is there, the catalogue is part of the count.
    m_feed->setText(m_services.feed.inWords());
    m_feed->setVisible(!m_feed->text().isEmpty() && m_services.feed.state() != CatalogueFeed::State::Ready);
    m_feed->setProperty("role", has_failed ? QStringLiteral("") : QStringLiteral("soft"));
    m_retry->setVisible(has_failed);
    if (m_services.feed.state() == CatalogueFeed::State::Ready)
        learn();
    showCount();
}

void FindPage::showEvent(QShowEvent* event)
{
    QWidget::showEvent(event);
    if (m_has_to_learn)
        m_learn_timer.start();
}

void FindPage::learn()
{
    m_has_to_learn = false;
    if (m_filter.needsMarks())
        m_fonts.askForAll(kMostAhead);
    m_wishes->showCounts();
    if (m_filter.needsMarks())
        refilter([this] { m_filter.look(); });
    else
        showPanel();
}

void FindPage::setShownMark(std::optional<FitMarkKind> kind)
{
    m_delegate->setShownMark(kind);
    m_panel->setShownMark(kind);
    m_list->viewport()->update();
}

bool FindPage::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::MouseButtonRelease && watched == m_list->viewport()) {
        const auto* mouse = static_cast<QMouseEvent*>(event);
        const auto index = m_list->indexAt(mouse->position().toPoint());
        if (index.isValid() && index == m_list->currentIndex())
            if (const auto kind = m_delegate->markAt(mouse->position().toPoint(), m_list->visualRect(index),
                                                     m_filter.mapToSource(index).row()))
                setShownMark(kind);
    }
    return QWidget::eventFilter(watched, event);
}

void FindPage::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    m_panel->setFixedWidth(std::min(m_theme.scaled(310), width() * 3 / 10));
}

void FindPage::setSearching(bool is_searching)
{
    m_is_searching = is_searching;
    showCount();
    learn();
}

bool FindPage::isIdle() const
{
    return m_likeness.isIdle() && m_arrivals->isIdle() && m_services.feed.isIdle() &&
           m_services.catalogue.isIdle() && !m_learn_timer.isActive();
}

bool FindPage::hasLookedAhead() const
{
    return isIdle() && !m_ahead_timer.isActive();
}

void FindPage::focusList()
{
    if (m_stack->currentIndex() == List)
        m_list->setFocus();
}

void FindPage::show(Place place)
{
    m_stack->setCurrentIndex(place);
    if (place == List) {
        m_list->setFocus();
        showPanel();
    }
}

void FindPage::chooseFirstShown()
{
    if (m_filter.rowCount() == 0)
        return;
    m_list->setFocus();
    const int chosen = m_fonts.rowOf(m_job.job().font);
    if (chosen < 0 || !m_filter.mapFromSource(m_fonts.index(chosen)).isValid())
        choose(m_filter.index(0, 0));
}

void FindPage::openCard(CardPage::Tab tab)
{
    if (const int row = currentRow(); row >= 0)
        openCard(row, tab);
}

void FindPage::openCard(int row, CardPage::Tab tab)
{
    m_card->open(row, tab);
    show(Card);
}

void FindPage::changeFonts(const std::function<void()>& change)
{
    refilter([&] {
        change();
        m_filter.look();
    });
    // Rows came in above it.
    if (const auto current = m_list->currentIndex();
        current.isValid() && !m_list->viewport()->rect().contains(m_list->visualRect(current)))
        m_list->scrollTo(current, QAbstractItemView::PositionAtTop);
}

void FindPage::openPackage(const QString& path)
{
    m_arrivals->open(path);
}

} // namespace ink::ui
