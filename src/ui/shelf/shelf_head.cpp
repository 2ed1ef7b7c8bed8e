// What stands above and below the collection: search, order, places, sets, and where to go from here.
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
#include "ui/shelf/shelf_page.h"
#include "ui/shelf/shelf_panel.h"
#include "ui/shelf/twins_page.h"
#include "ui/text.h"
#include "ui/widgets/choice.h"
#include "ui/widgets/flow_row.h"

#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>
#include <set>

namespace ink::ui {
namespace {

constexpr std::array kOrders{FindOrder::Name,         FindOrder::Fit,         FindOrder::BestVerdict,
                             FindOrder::LastUsed,     FindOrder::LastTakenIn, FindOrder::ThinnestStroke,
                             FindOrder::FewestPieces, FindOrder::FewestNodes, FindOrder::MostJoins,
                             FindOrder::MostForms};

} // namespace

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

} // namespace ink::ui
