#include "ui/find/find_page.h"

#include "ui/find/compare_page.h"
#include "ui/find/font_line_delegate.h"
#include "ui/find/wish_bar.h"
#include "ui/measures.h"
#include "ui/text.h"
#include "ui/widgets/choice.h"
#include "ui/widgets/flow_row.h"

#include <QDir>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QShortcut>
#include <QStackedWidget>

#include <algorithm>

namespace ink::ui {
namespace {

/// Marks of this many fonts are made ahead for the filters; more only as they come into sight.
constexpr int kMostAhead = 600;
constexpr auto kWatchKey = "find/watch-downloads";
constexpr int kLearnAfter_ms = 250;
/// The fonts out of sight wait until nobody has typed for so long.
constexpr int kLookAheadAfter_ms = 1200;

/// A licence text can be pages long; the first sentences say what it is.
QString shortened(const QString& words)
{
    constexpr qsizetype kLongest = 220;
    const QString flat = words.simplified();
    return flat.size() <= kLongest
               ? flat
               : flat.left(flat.lastIndexOf(QLatin1Char(' '), kLongest)) + QStringLiteral(" …");
}

} // namespace

FindPage::FindPage(FindServices services, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_services(std::move(services)), m_job(m_services.job), m_fonts(m_services.fonts),
      m_theme(theme), m_filter(m_fonts)
{
    setObjectName(QStringLiteral("page"));
    m_learn_timer.setSingleShot(true);
    m_learn_timer.setInterval(kLearnAfter_ms);
    m_ahead_timer.setSingleShot(true);
    m_ahead_timer.setInterval(kLookAheadAfter_ms);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    m_stack = new QStackedWidget(this);
    auto* list_page = new QWidget(m_stack);
    auto* row = new QHBoxLayout(list_page);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    row->addWidget(buildList(), 1);
    row->addWidget(buildPanel());
    m_card = new CardPage(m_job, m_fonts, m_services.catalogue, theme, m_services.rights_questions, m_stack);
    m_compare_page = new ComparePage(m_job, m_fonts, theme, m_stack);
    m_intake = new IntakePage(m_fonts.fits().pool(), theme, m_services.inbox, m_stack);
    for (QWidget* page : std::initializer_list<QWidget*>{list_page, m_card, m_compare_page, m_intake})
        m_stack->addWidget(page);
    column->addWidget(m_stack, 1);
    m_transfers = new Transfers(
        m_services.catalogue, QString::fromStdString((m_services.inbox / "packages").string()), theme, this);
    column->addWidget(m_transfers);

    connectPages();
    showJob();
    showFeed();
    watchDownloads(m_downloads->isChecked());
}

void FindPage::connectPages()
{
    connect(&m_job, &JobModel::changed, this, &FindPage::showJob);
    connect(&m_filter, &QAbstractItemModel::rowsInserted, this, &FindPage::showJob);
    connect(&m_filter, &QAbstractItemModel::rowsRemoved, this, &FindPage::showCount);
    connect(&m_fonts, &FontListModel::learned, this, [this] {
        if (!m_learn_timer.isActive())
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
    connect(m_card, &CardPage::fetchWanted, this, &FindPage::fetch);
    connect(m_card, &CardPage::buyWanted, this, &FindPage::buy);
    connect(m_card, &CardPage::stylesWanted, this, &FindPage::showStyles);
    connect(m_card, &CardPage::problem, this, &FindPage::problem);
    connect(m_compare_page, &ComparePage::backWanted, this, [this] { show(List); });
    connect(m_compare_page, &ComparePage::chosen, this, [this](int row) {
        show(List);
        m_list->setCurrentIndex(m_filter.mapFromSource(m_fonts.index(row)));
    });
    connect(m_intake, &IntakePage::backWanted, this, [this] { show(List); });
    connect(m_intake, &IntakePage::problem, this, &FindPage::problem);
    connect(m_intake, &IntakePage::taken, this, &FindPage::tookIn);
    connect(m_transfers, &Transfers::openWanted, this, &FindPage::openPackage);
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
    m_wishes = new WishBar(m_filter, m_fonts, m_theme, head);
    m_wishes->setObjectName(QStringLiteral("wishBar"));
    column->addWidget(m_wishes);

    connect(m_search, &QLineEdit::textChanged, this, [this](const QString& words) {
        m_is_filtering = true; // a font that drops out of sight stays the chosen one
        m_filter.setWords(words);
        m_is_filtering = false;
        showJob();
    });
    connect(m_search, &QLineEdit::returnPressed, this, &FindPage::chooseFirstShown);
    connect(m_wishes, &WishBar::changed, this, [this] {
        learn();
        showJob();
    });
    connect(m_order, &QComboBox::currentIndexChanged, this, [this](int order) {
        m_is_filtering = true;
        m_filter.setOrder(static_cast<FindOrder>(order));
        m_is_filtering = false;
        learn();
        m_list->scrollToTop();
    });
    connect(m_retry, &QPushButton::clicked, &m_services.feed, &CatalogueFeed::retry);
    connect(m_compare_open, &QPushButton::clicked, this, [this] {
        std::vector<ComparePage::Pick> picks;
        for (const int row : m_compared)
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
    m_downloads = new QPushButton(tr("My downloads too"), foot);
    m_downloads->setObjectName(QStringLiteral("watchDownloads"));
    m_downloads->setCheckable(true);
    m_downloads->setProperty("role", QStringLiteral("wish"));
    m_downloads->setToolTip(tr("Offer packages that lie in your download folder"));
    for (QWidget* widget : std::initializer_list<QWidget*>{package, folder, m_downloads})
        row->addWidget(widget);
    connect(package, &QPushButton::clicked, this, [this] {
        if (const QString path = m_services.package(this); !path.isEmpty())
            openPackage(path);
    });
    connect(folder, &QPushButton::clicked, this, &FindPage::folderWanted);
    connect(m_downloads, &QPushButton::toggled, this, &FindPage::watchDownloads);
    connect(&m_watcher, &QFileSystemWatcher::directoryChanged, this, &FindPage::lookInDownloads);
    m_downloads->setChecked(settings().value(kWatchKey).toBool());
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

QWidget* FindPage::buildPanel()
{
    auto* panel = new QWidget(this);
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(3 * kGrid, kMargin, 3 * kGrid, kMargin);
    column->setSpacing(2 * kGrid);
    const auto label = [&](const char* name, const QFont& font, const char* role) {
        auto* l = new QLabel(panel);
        l->setObjectName(QLatin1String(name));
        l->setFont(font);
        l->setWordWrap(true);
        l->setProperty("role", QLatin1String(role));
        l->setContentsMargins(2 * kGrid, 0, 0, 0);
        column->addWidget(l);
        return l;
    };
    const auto button = [&](const char* name, const QString& words, const char* role) {
        auto* b = new QPushButton(words, panel);
        b->setObjectName(QLatin1String(name));
        b->setProperty("role", QLatin1String(role));
        return b;
    };
    m_name = label("fontName", m_theme.heading(TextSize::Title), "");
    m_facts = label("fontFacts", m_theme.text(TextSize::Small), "soft");
    auto* buttons = new QWidget(panel);
    auto* flow = new FlowRow(buttons, 2 * kGrid);
    m_main = button("composeFont", tr("Set the words in it"), "main");
    m_open = button("openCard", tr("Open the card"), "quiet");
    m_open->setToolTip(tr("Alphabet, key map, sizes, package (Ctrl+Enter)"));
    m_compare = button("compareFont", tr("Compare"), "quiet");
    m_compare->setToolTip(tr("Put two to six fonts side by side (Ctrl+K)"));
    for (auto* b : {m_main, m_open, m_compare})
        flow->addWidget(b);
    buttons->setContentsMargins(2 * kGrid, 0, 0, 0);
    column->addWidget(buttons);

    m_verdict_chip = new QWidget(panel);
    m_verdict_chip->setObjectName(QStringLiteral("panelVerdict"));
    m_verdict_chip->setAttribute(Qt::WA_StyledBackground);
    auto* chip = new QHBoxLayout(m_verdict_chip);
    chip->setContentsMargins(2 * kGrid, kGrid, 2 * kGrid, kGrid);
    m_verdict_mark = new MarkLabel(m_theme, m_verdict_chip);
    m_verdict = new QLabel(m_verdict_chip);
    m_verdict->setObjectName(QStringLiteral("verdictName"));
    m_verdict->setFont(m_theme.text(TextSize::Body, true));
    chip->addWidget(m_verdict_mark);
    chip->addWidget(m_verdict, 1);
    column->addWidget(m_verdict_chip);
    m_quote = label("licenceQuote", m_theme.text(TextSize::Small), "");
    m_source = label("licenceSource", m_theme.text(TextSize::Small), "soft");
    m_dossier = button("openRights", tr("Rights dossier"), "quiet");
    m_dossier->setToolTip(tr("Evidence, letter to the author, receipts (Ctrl+R)"));
    column->addWidget(m_dossier, 0, Qt::AlignLeft);
    m_marks = new MarkPanel(m_theme, panel);
    m_marks->setObjectName(QStringLiteral("markPanel"));
    column->addWidget(m_marks);
    column->addStretch(1);

    m_panel = new QScrollArea(this);
    m_panel->setObjectName(QStringLiteral("sidePanel"));
    m_panel->setAccessibleName(tr("The chosen font"));
    m_panel->setWidgetResizable(true);
    m_panel->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    panel->setMinimumWidth(1); // texts wrap rather than reach beyond the panel
    m_panel->setWidget(panel);
    connect(m_main, &QPushButton::clicked, this, [this] {
        const int row = currentRow();
        if (row >= 0 && m_fonts.isListing(row))
            fetch(row);
        else
            emit composeWanted();
    });
    connect(m_open, &QPushButton::clicked, this, [this] { openCard(CardPage::Words); });
    connect(m_dossier, &QPushButton::clicked, this, [this] { openCard(CardPage::Rights); });
    connect(m_compare, &QPushButton::clicked, this, &FindPage::toggleCompared);
    connect(m_marks, &MarkPanel::shownChanged, this, &FindPage::setShownMark);
    return m_panel;
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

void FindPage::showJob()
{
    const auto current = m_list->currentIndex();
    const bool is_on_listing = current.isValid() && m_fonts.isListing(m_filter.mapToSource(current).row());
    const int row = m_fonts.rowOf(m_job.job().font);
    const auto index = row < 0 ? QModelIndex() : m_filter.mapFromSource(m_fonts.index(row));
    if (!is_on_listing && index.isValid() && index != current)
        m_list->setCurrentIndex(index);
    if (!is_on_listing && !index.isValid())
        m_list->clearSelection();
    showPanel();
    showCount();
}

void FindPage::showPanel()
{
    const int row = currentRow();
    for (auto* button : {m_main, m_open, m_compare, m_dossier})
        button->setEnabled(row >= 0);
    const bool is_listing = row >= 0 && m_fonts.isListing(row);
    m_main->setText(is_listing ? tr("Fetch it") : tr("Set the words in it"));
    m_compare->setText(std::ranges::find(m_compared, row) != m_compared.end() ? tr("Do not compare")
                                                                              : tr("Compare"));
    showRights(row);
    if (row < 0) {
        m_name->setText(tr("No font chosen"));
        m_facts->setText(tr("Pick one from the list: arrow keys move, Enter sets the words in it."));
        m_marks->setLines({});
        return;
    }
    m_name->setText(m_fonts.name(row));
    QStringList facts;
    if (is_listing) {
        const auto& listing = m_fonts.listing(row);
        facts << listing.foundry << tr("by %1").arg(listing.author)
              << (listing.price.isEmpty() ? tr("free of charge") : listing.price) << listing.published;
        m_facts->setText(facts.join(QStringLiteral(" · ")) + QLatin1Char('\n') + listing.description);
    } else {
        const auto& entry = m_fonts.entry(row);
        facts << text(entry.info.manufacturer) << text(entry.info.style) << kindInWords(entry.info)
              << text(entry.info.version);
        if (entry.info.is_picture_font)
            facts.append(tr("pictures on the keys"));
        facts.removeAll(QString());
        m_facts->setText(facts.join(QStringLiteral(" · ")) + QLatin1Char('\n') +
                         text(entry.path.filename().string()) + QStringLiteral(", ") +
                         originInWords(entry.origin));
    }
    const auto* preview = m_fonts.known(row);
    if (preview && preview->card) {
        const KindFound& kind = preview->card->marks.traits.kind;
        if (!kind.reason.empty())
            m_facts->setText(m_facts->text() + QLatin1Char('\n') +
                             tr("%1: %2").arg(text(nameOf(kind.kind)), text(kind.reason).left(1).toLower() +
                                                                           text(kind.reason).mid(1)));
    }
    m_marks->setLines(preview && preview->card ? fitMarkLines(*preview->card, m_job.job())
                                               : std::vector<FitMarkLine>{});
}

void FindPage::showRights(int row)
{
    const FontRights* rights = row >= 0 && !m_fonts.isListing(row) ? m_fonts.rights(row) : nullptr;
    m_verdict_chip->setVisible(rights != nullptr);
    m_quote->setVisible(row >= 0);
    m_source->setVisible(row >= 0);
    if (row < 0)
        return;
    if (m_fonts.isListing(row)) {
        const QString claim = m_fonts.listing(row).claim;
        m_quote->setText(claim.isEmpty() ? tr("The listing says nothing about selling.")
                                         : QStringLiteral("“%1”").arg(claim));
        m_source->setText(tr("the listing, a hint only: the text in the package decides"));
        return;
    }
    if (!rights) {
        m_quote->setText(tr("Reading what came with the font …"));
        m_source->clear();
        return;
    }
    const auto& dossier = rights->dossier;
    m_verdict->setText(text(nameOf(dossier.verdict)));
    m_verdict_mark->setMark(markOf(dossier.verdict));
    const QColor tint = tintOf(dossier.verdict, m_theme.colours());
    m_verdict_chip->setStyleSheet(
        QStringLiteral("#panelVerdict { background: rgba(%1,%2,%3,%4); border-radius: 8px; }")
            .arg(tint.red())
            .arg(tint.green())
            .arg(tint.blue())
            .arg(tint.alpha()));
    if (dossier.deciding.empty()) {
        m_quote->setText(text(dossier.reason));
        m_source->setText(tr("The dossier has a letter to the author for you."));
    } else {
        const Quote& quote = dossier.deciding.front();
        m_quote->setText(QStringLiteral("“%1”").arg(shortened(text(quote.sentence))));
        m_source->setText(tr("%1, line %2").arg(text(quote.document)).arg(quote.line));
    }
}

void FindPage::showCount()
{
    const int shown = m_filter.rowCount();
    const bool has_catalogue = m_services.feed.state() == CatalogueFeed::State::Ready;
    m_count->setText(QStringLiteral("<b>%1</b>%2%3")
                         .arg(counted(static_cast<qulonglong>(shown), "font", "fonts"),
                              has_catalogue && shown == m_fonts.rowCount()
                                  ? tr(", %1").arg(m_services.feed.inWords())
                                  : QString(),
                              m_is_searching ? tr(" · looking for more") : QString()));
    m_list->setVisible(shown > 0);
    m_empty->setVisible(shown == 0);
    if (m_is_searching && m_fonts.rowCount() == 0)
        m_empty->setText(tr("Looking for fonts …"));
    else if (m_fonts.rowCount() == 0)
        m_empty->setText(tr("No fonts yet.\nDrop a font file here, or open a folder that holds some."));
    else if (!m_search->text().isEmpty())
        m_empty->setText(tr("No font has “%1” in its name.\nClear the search to see all %2.")
                             .arg(m_search->text())
                             .arg(m_fonts.rowCount()));
    else
        m_empty->setText(tr("No font is all of this.\nTake one of the wishes back to see more."));
    emit countChanged();
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

void FindPage::learn()
{
    if (m_filter.needsMarks())
        m_fonts.askForAll(kMostAhead);
    m_wishes->showCounts();
    if (m_filter.needsMarks() && m_filter.isFiltering()) {
        m_is_filtering = true;
        m_filter.look();
        m_is_filtering = false;
        showCount();
    } else if (m_filter.needsMarks()) {
        m_is_filtering = true;
        m_filter.look();
        m_is_filtering = false;
    }
    showPanel();
}

void FindPage::setShownMark(std::optional<FitMarkKind> kind)
{
    m_delegate->setShownMark(kind);
    m_marks->setShown(kind);
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
    return m_transfers->isIdle() && m_intake->isIdle() && m_services.feed.isIdle() &&
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
    const int row = currentRow();
    if (row < 0)
        return;
    m_card->open(row, tab);
    show(Card);
}

void FindPage::toggleCompared()
{
    const int row = currentRow();
    if (row < 0)
        return;
    if (const auto it = std::ranges::find(m_compared, row); it != m_compared.end())
        m_compared.erase(it);
    else if (m_compared.size() < kMostCompared)
        m_compared.push_back(row);
    m_compare_open->setText(tr("See %1 side by side").arg(m_compared.size()));
    m_compare_open->setVisible(m_compared.size() > 1);
    showPanel();
}

void FindPage::showStyles(int row)
{
    std::vector<ComparePage::Pick> picks;
    if (m_fonts.isListing(row)) {
        for (const auto& style : m_fonts.listing(row).styles)
            picks.push_back({row, style});
    } else {
        for (int other = 0; other < m_fonts.rowCount(); ++other)
            if (!m_fonts.isListing(other) &&
                m_fonts.entry(other).info.family == m_fonts.entry(row).info.family)
                picks.push_back({other, {}});
    }
    m_compare_page->open(std::move(picks));
    show(Compare);
}

std::vector<OwnedFont> FindPage::owned() const
{
    std::vector<OwnedFont> fonts;
    for (int row = 0; row < m_fonts.rowCount() && !m_fonts.isListing(row); ++row) {
        const auto& entry = m_fonts.entry(row);
        fonts.push_back({entry.path, entry.info.family, entry.info.style, entry.info.version});
    }
    return fonts;
}

void FindPage::openPackage(const QString& path, const QString& listing)
{
    m_intake->open(path, owned(), listing);
    show(Intake);
}

void FindPage::fetch(int row)
{
    const Listing listing = m_fonts.listing(row);
    m_services.catalogue.details(listing.id, [this, listing](const Result<ListingDetails>& details) {
        if (!details)
            return void(emit problem(details.error()));
        m_transfers->start({m_services.catalogue.packageUrl(listing.package), listing.package, details->bytes,
                            details->sha256},
                           listing.claim);
    });
}

void FindPage::buy(int row)
{
    const Listing listing = m_fonts.listing(row);
    m_services.catalogue.buy(listing.id, [this](const Result<Purchase>& purchase) {
        if (!purchase)
            return void(emit problem(purchase.error()));
        // The receipt is in the package as well; the dossier files it as evidence when the package is taken
        // in.
        m_transfers->start({m_services.catalogue.packageUrl(purchase->package), purchase->package,
                            purchase->bytes, purchase->sha256},
                           {});
    });
}

void FindPage::tookIn(const QString& folder, const std::vector<std::string>& digests, const QString& listing)
{
    const auto& store = m_fonts.rightsReader().store();
    if (!listing.isEmpty())
        for (const auto& sha256 : digests)
            if (auto record = store.load(sha256); record && record->listing.empty()) {
                record->listing = listing.toStdString();
                if (const auto saved = store.save(sha256, *record); !saved)
                    emit problem(saved.error());
            }
    m_fonts.rightsReader().forget();
    emit fontsTaken(folder);
}

QSettings FindPage::settings() const
{
    return QSettings(QString::fromStdString((m_services.inbox.parent_path() / "settings.ini").string()),
                     QSettings::IniFormat);
}

void FindPage::watchDownloads(bool is_on)
{
    settings().setValue(kWatchKey, is_on);
    if (!m_watcher.directories().isEmpty())
        m_watcher.removePaths(m_watcher.directories());
    if (!is_on || m_services.downloads.isEmpty() || !m_transfers)
        return;
    m_watcher.addPath(m_services.downloads);
    lookInDownloads(m_services.downloads);
}

void FindPage::lookInDownloads(const QString& folder)
{
    const auto files = QDir(folder).entryInfoList({QStringLiteral("*.zip"), QStringLiteral("*.7z"),
                                                   QStringLiteral("*.rar"), QStringLiteral("*.tar.gz")},
                                                  QDir::Files | QDir::Readable, QDir::Time);
    for (const auto& file : files.mid(0, 3))
        m_transfers->offer(file.absoluteFilePath());
}

} // namespace ink::ui
