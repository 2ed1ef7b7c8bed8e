#include "ui/handoff/name_list.h"

#include "ui/core_words.h"

#include "ui/measures.h"
#include "ui/outline_paths.h"
#include "ui/text.h"
#include "ui/widgets/marks.h"

#include <QAbstractListModel>
#include <QKeyEvent>
#include <QPainter>
#include <QScopedValueRollback>
#include <QStyledItemDelegate>

#include <algorithm>

namespace ink::ui {
namespace {

constexpr int kRow_px = 46, kWords_px = 28;

class NameListModel : public QAbstractListModel
{
public:
    using QAbstractListModel::QAbstractListModel;
    int rowCount(const QModelIndex& parent = {}) const override
    {
        return parent.isValid() ? 0 : int(m_rows.size());
    }
    QVariant data(const QModelIndex& index, int role) const override
    {
        if (!index.isValid() || std::size_t(index.row()) >= m_rows.size())
            return {};
        const auto& row = m_rows[std::size_t(index.row())];
        if (role == Qt::DisplayRole)
            return row.words;
        if (role == Qt::AccessibleTextRole || role == Qt::ToolTipRole) {
            const QString verdict =
                row.made ? verdictWords(*row.made, row.unit) : NameList::tr("not made yet");
            return NameList::tr("%1: %2, %n piece(s) of it", nullptr, row.copies).arg(row.words, verdict);
        }
        return {};
    }
    void set(std::vector<NameList::Row> rows)
    {
        if (rows.size() == m_rows.size()) {
            // Only what is other is painted anew, and the current row stays.
            for (std::size_t i = 0; i < rows.size(); ++i)
                if (!(rows[i] == m_rows[i])) {
                    m_rows[i] = rows[i];
                    emit dataChanged(index(int(i)), index(int(i)));
                }
            return;
        }
        beginResetModel();
        m_rows = std::move(rows);
        endResetModel();
    }
    const std::vector<NameList::Row>& rows() const { return m_rows; }

private:
    std::vector<NameList::Row> m_rows;
};

class NameDelegate : public QStyledItemDelegate
{
public:
    NameDelegate(const Theme& theme, QObject* parent) : QStyledItemDelegate(parent), m_theme(theme) {}
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override
    {
        // As wide as the list is: its width of now may be that of before a scroll bar came.
        return {0, m_theme.scaled(kRow_px)};
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override
    {
        const auto& row = static_cast<const NameListModel*>(index.model())->rows()[std::size_t(index.row())];
        const auto& c = m_theme.colours();
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        const bool is_current = option.state & QStyle::State_Selected;
        painter->fillRect(option.rect, is_current ? c.honey : c.card);
        if (is_current) {
            painter->fillRect(
                QRect(option.direction == Qt::RightToLeft ? option.rect.right() - 3 : option.rect.left(),
                      option.rect.top(), 4, option.rect.height()),
                option.state & QStyle::State_HasFocus ? c.madder : c.rule);
        }
        painter->setPen(c.rule);
        painter->drawLine(option.rect.bottomLeft(), option.rect.bottomRight());
        const QRect room = option.rect.adjusted(kMargin, kGrid, -kMargin, -kGrid);
        // At the far end: how many, and the verdict before it.
        const QString copies = NameList::tr("× %1").arg(row.copies);
        painter->setFont(m_theme.text(TextSize::Small, row.copies > 1));
        const QFontMetrics metrics(painter->font());
        const int copies_width = std::max(m_theme.scaled(30), metrics.horizontalAdvance(copies));
        const auto flipped = [&](const QRect& r) {
            return QStyle::visualRect(option.direction, option.rect, r);
        };
        const QRect copies_box(room.right() - copies_width, room.top(), copies_width, room.height());
        painter->setPen(c.ink);
        painter->drawText(flipped(copies_box),
                          Qt::AlignVCenter |
                              (option.direction == Qt::RightToLeft ? Qt::AlignLeft : Qt::AlignRight),
                          copies);
        painter->setFont(m_theme.text(TextSize::Small));
        const QString verdict = row.made ? verdictWords(*row.made, row.unit) : NameList::tr("…");
        const bool is_bad = row.made && (row.made->error || row.made->verdict == ProofVerdict::Not);
        const bool is_well = row.made && !row.made->error && row.made->verdict == ProofVerdict::Holds &&
                             !row.made->is_too_wide && row.made->missing.empty();
        const int mark_px = m_theme.scaled(12);
        const int most = room.width() * 3 / 5 - mark_px;
        const QString shown = QFontMetrics(painter->font()).elidedText(verdict, Qt::ElideRight, most);
        const int verdict_width = QFontMetrics(painter->font()).horizontalAdvance(shown) + 2;
        const QRect verdict_box(copies_box.left() - 3 * kGrid - verdict_width, room.top(), verdict_width,
                                room.height());
        painter->setPen(is_well ? c.soft_ink : c.ink);
        painter->drawText(flipped(verdict_box), Qt::AlignVCenter | Qt::AlignLeft, shown);
        const QRect mark_box(verdict_box.left() - mark_px - kGrid, room.center().y() - mark_px / 2, mark_px,
                             mark_px);
        if (row.made)
            paintMark(*painter, flipped(mark_box),
                      is_bad    ? Mark::Wrong
                      : is_well ? Mark::InOrder
                                : Mark::LookAt,
                      c);
        // The words as they will be made.
        const QRect words_box(room.left(), room.top(), mark_box.left() - 2 * kGrid - room.left(),
                              room.height());
        if (row.made && row.made->outline_mm && !row.made->outline_mm->pieces.empty()) {
            QPainterPath path = toPainterPath(*row.made->outline_mm);
            if (row.is_mirrored)
                path = QTransform::fromScale(-1, 1).map(path);
            const QRectF box = path.boundingRect();
            const double scale =
                std::min({double(m_theme.scaled(kWords_px)) / box.height(), words_box.width() / box.width(),
                          double(words_box.height()) / box.height()});
            const QRect place = flipped(words_box);
            const double x =
                option.direction == Qt::RightToLeft ? place.right() - box.width() * scale : place.left();
            painter->translate(x, place.center().y() - box.height() * scale / 2);
            painter->scale(scale, scale);
            painter->translate(-box.topLeft());
            painter->setPen(Qt::NoPen);
            painter->setBrush(c.ink);
            painter->drawPath(path);
        } else {
            painter->setPen(c.soft_ink);
            painter->setFont(m_theme.text(TextSize::Body));
            painter->drawText(
                flipped(words_box), Qt::AlignVCenter | Qt::AlignLeading,
                QFontMetrics(painter->font()).elidedText(row.words, Qt::ElideRight, words_box.width()));
        }
        painter->restore();
    }

private:
    const Theme& m_theme;
};

} // namespace

QString verdictWords(const MadeName& name, LengthUnit unit)
{
    if (name.error)
        return said(*name.error);
    if (!name.missing.empty())
        return NameList::tr("the font lacks %1")
            .arg(QString::fromUcs4(name.missing.data(), qsizetype(name.missing.size())));
    if (name.is_too_wide)
        return NameList::tr("too wide");
    if (!name.verdict)
        return NameList::tr("…");
    const auto worst =
        std::ranges::find_if(name.findings, [](const ProofFinding& f) { return f.measured > 0.0; });
    if (*name.verdict == ProofVerdict::Holds || worst == name.findings.end())
        return *name.verdict == ProofVerdict::Holds
                   ? (name.made_smaller < 0.9995 ? NameList::tr("holds, made smaller")
                      : name.closed_up_mm > 0.0  ? NameList::tr("holds, closed up")
                                                 : NameList::tr("holds"))
                   : NameList::tr("look");
    switch (worst->kind) {
    case FindingKind::ThinStroke:
    case FindingKind::Hanging:
        return NameList::tr("%1 stroke, look").arg(fineLength(worst->measured, unit));
    case FindingKind::NarrowGap:
        return NameList::tr("%1 gap, look").arg(fineLength(worst->measured, unit));
    default:
        return NameList::tr("%n to look at", nullptr, int(name.findings.size()));
    }
}

NameList::NameList(const Theme& theme, QWidget* parent) : QListView(parent)
{
    setObjectName(QStringLiteral("nameList"));
    setAccessibleName(tr("Names of this job"));
    setModel(new NameListModel(this));
    setItemDelegate(new NameDelegate(theme, this));
    setFrameShape(QFrame::NoFrame);
    setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setUniformItemSizes(true);
    setStyleSheet(QStringLiteral("#nameList { background: %1; }").arg(theme.colours().card.name()));
}

const std::vector<NameList::Row>& NameList::rows() const
{
    return static_cast<const NameListModel*>(model())->rows();
}

void NameList::show(std::vector<Row> rows, std::size_t current)
{
    const QScopedValueRollback showing(m_is_showing, true);
    static_cast<NameListModel*>(model())->set(std::move(rows));
    if (currentIndex().row() != int(current))
        setCurrentIndex(model()->index(int(current), 0));
}

void NameList::currentChanged(const QModelIndex& now, const QModelIndex& before)
{
    QListView::currentChanged(now, before);
    if (!m_is_showing && now.isValid())
        emit nameChosen(std::size_t(now.row()));
}

void NameList::keyPressEvent(QKeyEvent* event)
{
    const auto row = currentIndex().row();
    if (row >= 0 && std::size_t(row) < rows().size()) {
        const int copies = rows()[std::size_t(row)].copies;
        if (event->key() == Qt::Key_Plus)
            return emit copiesWanted(std::size_t(row), copies + 1);
        if (event->key() == Qt::Key_Minus)
            return emit copiesWanted(std::size_t(row), copies - 1);
        if (event->key() == Qt::Key_Delete)
            return emit removeWanted(std::size_t(row));
    }
    QListView::keyPressEvent(event);
}

} // namespace ink::ui
