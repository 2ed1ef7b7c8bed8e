#include "ui/proof/proof_list.h"

#include "ui/core_words.h"
#include "ui/measures.h"
#include "ui/text.h"
#include "ui/widgets/flow_row.h"

#include <QAbstractListModel>
#include <QApplication>
#include <QKeyEvent>
#include <QPainter>
#include <QPushButton>
#include <QStyledItemDelegate>

#include <algorithm>
#include <functional>
#include <map>

namespace ink::ui {
namespace {

/// A picture font may have thousands of middles: nobody reads on from here, and the rule mends them all.
constexpr std::size_t kMostShown = 300;
/// As many of a kind are told as one, and each in a line of its own below.
constexpr std::size_t kLeastGroup = 3;
constexpr int kMark_px = 16;
/// Of an arrow, in mm along the stroke.
constexpr double kBridgeStep_mm = 1.0;

/// What is left is told of at the place where it is found again.
constexpr double kSamePlace_mm = 0.5;

const Mended::Left* leftAt(const ProofList::Contents& contents, const ProofFinding& finding)
{
    const auto found = std::ranges::find_if(contents.left, [&](const Mended::Left& left) {
        return left.finding.kind == finding.kind && length(left.finding.at - finding.at) < kSamePlace_mm;
    });
    return found == contents.left.end() ? nullptr : &*found;
}

enum Role { kDetailRole = Qt::UserRole + 1, kMarkRole, kIsQuietRole, kIsInGroupRole, kActionsRole };

} // namespace

class ProofRows : public QAbstractListModel
{
public:
    using QAbstractListModel::QAbstractListModel;

    struct Row
    {
        enum class Kind { Group, Finding, More, Bridge, Order } kind{};
        /// Of a group: the worst of its findings.
        std::size_t number = 0;
        /// Of a group: its findings; of a finding: 1 where it stands in one.
        std::size_t count = 0;
    };

    void set(ProofList::Contents contents)
    {
        beginResetModel();
        m_contents = std::move(contents);
        m_rows.clear();
        std::map<FindingKind, std::vector<std::size_t>> kinds;
        std::vector<FindingKind> order;
        for (std::size_t i = 0; i < m_contents.findings.size(); ++i) {
            auto& all = kinds[m_contents.findings[i].kind];
            if (all.empty())
                order.push_back(m_contents.findings[i].kind);
            all.push_back(i);
        }
        for (const auto kind : order) {
            const auto& all = kinds[kind];
            const bool is_group = all.size() >= kLeastGroup;
            if (is_group) {
                const auto worst = *std::ranges::min_element(
                    all, {}, [&](std::size_t i) { return m_contents.findings[i].measured; });
                m_rows.push_back({Row::Kind::Group, worst, all.size()});
            }
            for (std::size_t i = 0; i < std::min(all.size(), kMostShown); ++i)
                m_rows.push_back({Row::Kind::Finding, all[i], is_group ? 1u : 0u});
            if (all.size() > kMostShown)
                m_rows.push_back({Row::Kind::More, all.size() - kMostShown, 0});
        }
        for (std::size_t i = 0; i < m_contents.bridges.size(); ++i)
            m_rows.push_back({Row::Kind::Bridge, i, 0});
        for (std::size_t i = 0; i < m_contents.in_order.size(); ++i)
            m_rows.push_back({Row::Kind::Order, i, 0});
        endResetModel();
    }

    const ProofList::Contents& contents() const { return m_contents; }
    const Row* row(const QModelIndex& index) const
    {
        return index.isValid() ? &m_rows[static_cast<std::size_t>(index.row())] : nullptr;
    }
    int rowOf(Row::Kind kind, std::size_t number) const
    {
        const auto found = std::ranges::find_if(
            m_rows, [&](const Row& row) { return row.kind == kind && row.number == number; });
        return found == m_rows.end() ? -1 : static_cast<int>(found - m_rows.begin());
    }
    void setActionsHeight(int row, int height)
    {
        if (row == m_actions_row && height == m_actions_height)
            return;
        m_actions_row = row;
        m_actions_height = height;
        emit layoutChanged();
    }

    int rowCount(const QModelIndex& parent = {}) const override
    {
        return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
    }
    QVariant data(const QModelIndex& index, int role) const override
    {
        const auto& row = *this->row(index);
        const auto title = [&] { return titleAt(row); };
        switch (role) {
        case Qt::DisplayRole:
            return title();
        case kDetailRole:
            if (row.kind == Row::Kind::Finding && row.count > 0 && index.row() != m_actions_row)
                return shortDetailAt(row);
            return detailAt(row);
        case Qt::AccessibleTextRole:
            return detailAt(row).isEmpty() ? title() : title() + QStringLiteral(". ") + detailAt(row);
        case kMarkRole:
            return static_cast<int>(row.kind == Row::Kind::Group
                                        ? worstMark(m_contents.findings[row.number].kind)
                                    : row.kind == Row::Kind::Finding ? markOf(m_contents.findings[row.number])
                                    : row.kind == Row::Kind::More    ? Mark::LookAt
                                                                     : Mark::InOrder);
        case kIsQuietRole:
            return row.kind == Row::Kind::Order || row.kind == Row::Kind::Bridge ||
                   (row.kind == Row::Kind::Finding && row.count > 0 && index.row() != m_actions_row);
        case kIsInGroupRole:
            return row.kind == Row::Kind::Finding && row.count > 0;
        case kActionsRole:
            return index.row() == m_actions_row ? m_actions_height : 0;
        default:
            return {};
        }
    }

private:
    Mark worstMark(FindingKind kind) const
    {
        return std::ranges::any_of(
                   m_contents.findings,
                   [&](const ProofFinding& f) { return f.kind == kind && markOf(f) == Mark::Wrong; })
                   ? Mark::Wrong
                   : Mark::LookAt;
    }
    QString shortDetailAt(const Row& row) const
    {
        const auto& finding = m_contents.findings[row.number];
        return finding.length > 0.0 ? figureWithUnit(finding.length, m_contents.job.unit) : QString();
    }
    QString titleAt(const Row& row) const
    {
        switch (row.kind) {
        case Row::Kind::Group:
            return groupTitleOf(m_contents.findings[row.number], row.count, m_contents.job);
        case Row::Kind::Finding:
            return titleOf(m_contents.findings[row.number], m_contents.job);
        case Row::Kind::More:
            return ProofList::tr("and %n more", nullptr, static_cast<int>(row.number));
        case Row::Kind::Bridge:
            return ProofList::tr("Bridge %1").arg(row.number + 1);
        case Row::Kind::Order:
            return m_contents.in_order[row.number].what;
        }
        return {};
    }
    QString detailAt(const Row& row) const
    {
        switch (row.kind) {
        case Row::Kind::Group:
            return wantedOf(m_contents.findings[row.number], m_contents.job);
        case Row::Kind::Finding: {
            const auto& finding = m_contents.findings[row.number];
            const QString detail = detailOf(finding, m_contents.job);
            const auto* left = leftAt(m_contents, finding);
            return left ? ProofList::tr("%1 Mended as far as it goes: %2.").arg(detail, said(left->reason))
                        : detail;
        }
        case Row::Kind::More:
            return ProofList::tr("What is done to all of a kind is done to these too.");
        case Row::Kind::Bridge: {
            const auto& bridge = m_contents.bridges[row.number];
            return ProofList::tr("%1 across")
                .arg(fineLength(length(bridge.to - bridge.from), m_contents.job.unit));
        }
        case Row::Kind::Order:
            return m_contents.in_order[row.number].figure;
        }
        return {};
    }

    ProofList::Contents m_contents;
    std::vector<Row> m_rows;
    int m_actions_row = -1, m_actions_height = 0;
};

namespace {

class RowDelegate : public QStyledItemDelegate
{
public:
    RowDelegate(const Theme& theme, QListView* list) : QStyledItemDelegate(list), m_theme(theme), m_list(list)
    {
    }

    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const override
    {
        const int width = m_list->viewport()->width();
        return {width, textHeight(index, width) + index.data(kActionsRole).toInt()};
    }

    /// Down to the end of the sentences.
    int textHeight(const QModelIndex& index, int width) const
    {
        if (index.data(kIsQuietRole).toBool() && isOnOneLine(index))
            return 2 * kRowAir + QFontMetrics(m_theme.text(TextSize::Body)).height();
        const int room = textWidth(width);
        const auto high = [room](const QFont& font, const QString& words) {
            return words.isEmpty()
                       ? 0
                       : QFontMetrics(font).boundingRect(0, 0, room, 4000, Qt::TextWordWrap, words).height();
        };
        return 2 * kRowAir + kBetween + high(titleFont(index), index.data().toString()) +
               high(m_theme.text(TextSize::Small), index.data(kDetailRole).toString());
    }
    int textLeft() const { return kMargin + m_theme.scaled(kMark_px) + 2 * kGrid; }

    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override
    {
        const auto& c = m_theme.colours();
        const bool is_quiet = index.data(kIsQuietRole).toBool();
        const bool is_current = option.state & QStyle::State_Selected;
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        if (is_current)
            painter->fillRect(option.rect, c.honey);
        painter->setPen(index.data(kIsInGroupRole).toBool() ? c.wash : c.rule);
        painter->drawLine(option.rect.bottomLeft() + QPoint(kMargin, 0),
                          option.rect.bottomRight() - QPoint(kMargin, 0));
        if (is_current && option.state & QStyle::State_HasFocus)
            painter->fillRect(QRect(option.rect.topLeft(), QSize(3, option.rect.height())), c.madder);

        const bool is_mirrored = option.direction == Qt::RightToLeft;
        const auto place = [&](QRect r) {
            return is_mirrored ? QStyle::visualRect(Qt::RightToLeft, option.rect, r) : r;
        };
        const int mark = m_theme.scaled(kMark_px);
        const QRect mark_at = place({option.rect.left() + kMargin, option.rect.top() + kRowAir, mark, mark});
        paintMark(*painter, mark_at, static_cast<Mark>(index.data(kMarkRole).toInt()), c);

        QRect room(option.rect.left() + textLeft(), option.rect.top() + kRowAir,
                   textWidth(option.rect.width()), 4000);
        const auto side = Qt::AlignTop | Qt::AlignLeft; // leading: painters mirror it themselves
        const QFont bold = titleFont(index), small = m_theme.text(TextSize::Small);
        const QString title = index.data().toString(), detail = index.data(kDetailRole).toString();
        painter->setFont(bold);
        painter->setPen(c.ink);
        if (is_quiet && isOnOneLine(index)) {
            const QRect line(room.left(), room.top(), room.width(), QFontMetrics(bold).height());
            painter->drawText(place(line), side, title);
            painter->setFont(small);
            painter->setPen(c.soft_ink);
            painter->drawText(place(line), Qt::AlignVCenter | Qt::AlignRight, detail);
        } else {
            QRect used;
            painter->drawText(place(room), static_cast<int>(side) | Qt::TextWordWrap, title, &used);
            room.setTop(room.top() + std::max(used.height(), QFontMetrics(bold).height()) + kBetween);
            painter->setFont(small);
            painter->setPen(c.soft_ink);
            painter->drawText(place(room), static_cast<int>(side) | Qt::TextWordWrap, detail);
        }
        painter->restore();
    }

private:
    static constexpr int kRowAir = 2 * kGrid + 2;
    static constexpr int kBetween = 2;
    int textWidth(int width) const { return std::max(40, width - textLeft() - kMargin); }
    QFont titleFont(const QModelIndex& index) const
    {
        return m_theme.text(TextSize::Body, !index.data(kIsQuietRole).toBool());
    }
    /// What is in order has its figure at the end of its line, and below it where that is too long.
    bool isOnOneLine(const QModelIndex& index) const
    {
        return QFontMetrics(titleFont(index)).horizontalAdvance(index.data().toString()) + 2 * kGrid +
                   QFontMetrics(m_theme.text(TextSize::Small))
                       .horizontalAdvance(index.data(kDetailRole).toString()) <=
               textWidth(m_list->viewport()->width());
    }

    const Theme& m_theme;
    const QListView* m_list;
};

} // namespace

ProofList::ProofList(const Theme& theme, QWidget* parent)
    : QListView(parent), m_theme(theme), m_rows(new ProofRows(this))
{
    setObjectName(QStringLiteral("proofList"));
    setAccessibleName(tr("Findings"));
    setFrameShape(QFrame::NoFrame);
    setVerticalScrollMode(ScrollPerPixel);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setItemDelegate(new RowDelegate(theme, this));
    setModel(m_rows);
}

const ProofList::Contents& ProofList::contents() const
{
    return m_rows->contents();
}

void ProofList::show(Contents contents)
{
    const int row = currentIndex().row();
    const bool has_focus = hasFocus() || (m_actions && m_actions->isAncestorOf(QApplication::focusWidget()));
    m_is_filling = true;
    m_actions = nullptr; // goes with the rows
    m_rows->set(std::move(contents));
    m_is_filling = false;
    if (m_rows->rowCount() > 0)
        setCurrentIndex(m_rows->index(std::clamp(row, 0, m_rows->rowCount() - 1)));
    if (has_focus)
        setFocus();
}

std::vector<Offer> ProofList::offersFor(std::size_t finding) const
{
    const auto& f = contents().findings[finding];
    return offersOf(f, contents().job, leftAt(contents(), f) != nullptr);
}

/// What is done to all of a kind: one of them may be in conflict, the others are not.
std::vector<Offer> ProofList::groupOffers(std::size_t worst) const
{
    const auto& all = contents().findings;
    const auto kind = all[worst].kind;
    const bool is_conflict = std::ranges::all_of(
        all, [&](const ProofFinding& f) { return f.kind != kind || leftAt(contents(), f) != nullptr; });
    auto offers = offersOf(all[worst], contents().job, is_conflict);
    std::erase_if(offers, [](const Offer& offer) { return offer.where == Offer::Where::Here; });
    return offers;
}

std::optional<std::size_t> ProofList::currentFinding() const
{
    const auto* row = m_rows->row(currentIndex());
    return row && (row->kind == ProofRows::Row::Kind::Finding || row->kind == ProofRows::Row::Kind::Group)
               ? std::optional(row->number)
               : std::nullopt;
}

bool ProofList::isGroupCurrent() const
{
    const auto* row = m_rows->row(currentIndex());
    return row && row->kind == ProofRows::Row::Kind::Group;
}

std::optional<std::size_t> ProofList::currentBridge() const
{
    const auto* row = m_rows->row(currentIndex());
    return row && row->kind == ProofRows::Row::Kind::Bridge ? std::optional(row->number) : std::nullopt;
}

void ProofList::chooseFinding(std::size_t finding)
{
    if (const int row = m_rows->rowOf(ProofRows::Row::Kind::Finding, finding); row >= 0)
        setCurrentIndex(m_rows->index(row));
}

void ProofList::chooseBridge(std::size_t bridge)
{
    if (const int row = m_rows->rowOf(ProofRows::Row::Kind::Bridge, bridge); row >= 0)
        setCurrentIndex(m_rows->index(row));
}

void ProofList::currentChanged(const QModelIndex& current, const QModelIndex& previous)
{
    QListView::currentChanged(current, previous);
    if (m_is_filling)
        return;
    if (previous.isValid())
        setIndexWidget(previous, nullptr);
    m_actions = nullptr;
    buildActions();
    emit currentMoved();
}

/// Under the sentence of the current row.
void ProofList::buildActions()
{
    const QModelIndex index = currentIndex();
    const auto* row = m_rows->row(index);
    if (!row || row->kind == ProofRows::Row::Kind::Order || row->kind == ProofRows::Row::Kind::More)
        return m_rows->setActionsHeight(-1, 0);
    m_actions = new QWidget;
    m_actions->setObjectName(QStringLiteral("proofActions"));
    auto* flow = new FlowRow(m_actions, 2 * kGrid);
    const auto add = [&](const QString& words, const char* name, const char* role) {
        auto* button = new QPushButton(words, m_actions);
        button->setObjectName(QLatin1String(name));
        button->setProperty("role", QLatin1String(role));
        button->setFont(m_theme.text(TextSize::Small));
        button->setAccessibleDescription(index.data().toString());
        flow->addWidget(button);
        return button;
    };
    const std::size_t number = row->number;
    if (row->kind == ProofRows::Row::Kind::Group) {
        const auto offers = groupOffers(number);
        for (std::size_t i = 0; i < offers.size(); ++i)
            connect(add(offers[i].words, i == 0 ? "takeUsual" : "takeOffer", i == 0 ? "main" : "quiet"),
                    &QPushButton::clicked, this,
                    [this, number, offer = offers[i]] { emit offerTaken(number, offer); });
        connect(add(tr("Leave them all"), "leaveFinding", "quiet"), &QPushButton::clicked, this,
                [this, number] { emit leaveWanted(number, true); });
    } else if (row->kind == ProofRows::Row::Kind::Finding) {
        auto offers = offersFor(number);
        const auto isHere = [](const Offer& offer) { return offer.where == Offer::Where::Here; };
        if (row->count > 0 && std::ranges::any_of(offers, isHere)) // what is done to all of them stands above
            std::erase_if(offers, std::not_fn(isHere));
        for (std::size_t i = 0; i < offers.size(); ++i)
            connect(add(offers[i].words, i == 0 ? "takeUsual" : "takeOffer", i == 0 ? "main" : "quiet"),
                    &QPushButton::clicked, this,
                    [this, number, offer = offers[i]] { emit offerTaken(number, offer); });
        const auto kind = contents().findings[number].kind;
        if (kind != FindingKind::Rights && kind != FindingKind::Missing)
            connect(add(tr("Leave it"), "leaveFinding", "quiet"), &QPushButton::clicked, this,
                    [this, number] { emit leaveWanted(number, false); });
    } else {
        connect(add(tr("Take it off"), "bridgeOff", "quiet"), &QPushButton::clicked, this,
                [this, number] { emit bridgeOffWanted(number); });
        connect(add(tr("Back along the stroke"), "bridgeBack", "quiet"), &QPushButton::clicked, this,
                [this, number] { emit bridgeMoveWanted(number, -kBridgeStep_mm); });
        connect(add(tr("On along the stroke"), "bridgeOn", "quiet"), &QPushButton::clicked, this,
                [this, number] { emit bridgeMoveWanted(number, kBridgeStep_mm); });
        connect(add(tr("One more, opposite"), "bridgeOpposite", "quiet"), &QPushButton::clicked, this,
                [this, number] { emit bridgeOppositeWanted(number); });
    }
    m_rows->setActionsHeight(index.row(), 1); // from now on it says all of its sentences
    const auto* delegate = static_cast<RowDelegate*>(itemDelegate());
    const int left = delegate->textLeft(), above = delegate->textHeight(index, viewport()->width());
    flow->setContentsMargins(left, above - kGrid, kMargin, 2 * kGrid);
    m_rows->setActionsHeight(index.row(), flow->heightForWidth(viewport()->width()) - above + 2 * kGrid);
    setIndexWidget(index, m_actions);
    scrollTo(index);
}

void ProofList::takeUsual()
{
    const auto* row = m_rows->row(currentIndex());
    if (!row || (row->kind != ProofRows::Row::Kind::Finding && row->kind != ProofRows::Row::Kind::Group))
        return;
    const auto offers =
        row->kind == ProofRows::Row::Kind::Group ? groupOffers(row->number) : offersFor(row->number);
    if (!offers.empty())
        emit offerTaken(row->number, offers.front());
}

void ProofList::leaveCurrent()
{
    if (const auto finding = currentFinding())
        emit leaveWanted(*finding, isGroupCurrent());
    else if (const auto bridge = currentBridge())
        emit bridgeOffWanted(*bridge);
}

void ProofList::keyPressEvent(QKeyEvent* event)
{
    const bool is_plain = event->modifiers() == Qt::NoModifier || event->modifiers() == Qt::KeypadModifier;
    if (is_plain && (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter))
        return takeUsual();
    if (is_plain && (event->key() == Qt::Key_Delete || event->key() == Qt::Key_Backspace)) {
        leaveCurrent();
        return;
    }
    if (const auto bridge = currentBridge();
        bridge && is_plain && (event->key() == Qt::Key_Left || event->key() == Qt::Key_Right))
        return emit bridgeMoveWanted(*bridge,
                                     event->key() == Qt::Key_Left ? -kBridgeStep_mm : kBridgeStep_mm);
    if (event->key() == Qt::Key_Space) {
        if (!event->isAutoRepeat())
            emit unmendedWanted(true);
        return;
    }
    QListView::keyPressEvent(event);
}

void ProofList::keyReleaseEvent(QKeyEvent* event)
{
    if (event->key() == Qt::Key_Space) {
        if (!event->isAutoRepeat())
            emit unmendedWanted(false);
        return;
    }
    QListView::keyReleaseEvent(event);
}

void ProofList::focusOutEvent(QFocusEvent* event)
{
    emit unmendedWanted(false); // the key is let go elsewhere
    QListView::focusOutEvent(event);
}

void ProofList::mouseReleaseEvent(QMouseEvent* event)
{
    QListView::mouseReleaseEvent(event);
    if (event->button() == Qt::LeftButton && indexAt(event->pos()).isValid())
        emit placeWanted();
}

void ProofList::resizeEvent(QResizeEvent* event)
{
    QListView::resizeEvent(event);
    if (m_actions) {
        setIndexWidget(currentIndex(), nullptr);
        m_actions = nullptr;
        buildActions();
    }
}

} // namespace ink::ui
