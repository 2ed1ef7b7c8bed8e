#include "ui/find/found_delegate.h"

#include "ui/core_words.h"

#include "ui/find/font_line_delegate.h"
#include "ui/measures.h"
#include "ui/widgets/marks.h"

#include <QCoreApplication>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace ink::ui {
namespace {

constexpr int kWords_px = 46;

} // namespace

QString inWords(const LikenessModel::Likeness& likeness)
{
    return QCoreApplication::translate("Likeness", "%1, %2 %")
        .arg(inWords(likeness.words))
        .arg(std::lround(100.0 * likeness.likeness));
}

FoundDelegate::FoundDelegate(const LikenessModel& likeness, FontListModel& fonts, const Theme& theme,
                             QObject* parent)
    : QStyledItemDelegate(parent), m_likeness(likeness), m_fonts(fonts), m_theme(theme)
{
}

QSize FoundDelegate::sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const
{
    // As wide as the list is: its width of now may be that of before a scroll bar came.
    return {0, QFontMetrics(m_theme.heading(TextSize::Body)).height() +
                   QFontMetrics(m_theme.text(TextSize::Small)).height() + m_theme.scaled(kWords_px) +
                   6 * kGrid};
}

void FoundDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                          const QModelIndex& index) const
{
    const int row = index.data(Qt::UserRole).toInt();
    const auto* likeness = row < m_fonts.rowCount() ? m_likeness.of(row) : nullptr;
    if (!likeness)
        return;
    const auto& c = m_theme.colours();
    const bool is_chosen = option.state & QStyle::State_Selected;
    const QRectF area = option.rect;
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    painter->fillRect(area, is_chosen ? c.honey : c.card);
    painter->setPen(c.rule);
    painter->drawLine(area.bottomLeft() + QPointF(0, -0.5), area.bottomRight() + QPointF(0, -0.5));
    if (is_chosen)
        painter->fillRect(QRectF(area.left(), area.top(), 3, area.height() - 1), c.madder);
    const QRectF inner = area.adjusted(3 * kGrid, 2 * kGrid, -3 * kGrid, -2 * kGrid);
    const QFont heading = m_theme.heading(TextSize::Body), small = m_theme.text(TextSize::Small);
    const QFontMetrics heading_metrics(heading), small_metrics(small);

    double room = inner.right();
    if (const auto* rights = m_fonts.rights(row)) {
        const QString verdict = said(nameOf(rights->dossier.verdict));
        const double side = m_theme.px(TextSize::Small);
        room -= small_metrics.horizontalAdvance(verdict) + side + 2 * kGrid;
        painter->setFont(small);
        painter->setPen(c.ink);
        paintMark(*painter, QRectF(room, inner.top() + 2, side, side), markOf(rights->dossier.verdict), c);
        painter->drawText(QPointF(room + side + kGrid, inner.top() + heading_metrics.ascent()), verdict);
    } else if (m_fonts.isListing(row)) {
        const QString asked = priceInWords(m_fonts.listing(row).price);
        room -= small_metrics.horizontalAdvance(asked);
        painter->setFont(small);
        painter->setPen(c.soft_ink);
        painter->drawText(QPointF(room, inner.top() + heading_metrics.ascent()), asked);
    }
    painter->setFont(heading);
    painter->setPen(c.ink);
    painter->drawText(QPointF(inner.left(), inner.top() + heading_metrics.ascent()),
                      heading_metrics.elidedText(m_fonts.name(row), Qt::ElideRight,
                                                 static_cast<int>(room - inner.left()) - 2 * kGrid));
    painter->setFont(small);
    painter->setPen(c.soft_ink);
    painter->drawText(QPointF(inner.left(), inner.bottom() - small_metrics.descent()), inWords(*likeness));

    const QRectF words(inner.left(), inner.top() + heading_metrics.height() + kGrid / 2, inner.width(),
                       m_theme.scaled(kWords_px));
    const QRectF box = likeness->words_px.boundingRect();
    if (!box.isEmpty()) {
        const double scale = std::min(words.width() / box.width(), words.height() / box.height());
        QTransform place; // mapped first: a scaled painter fills more slowly
        place.translate(words.left() - box.left() * scale, words.center().y() - box.center().y() * scale);
        place.scale(scale, scale);
        painter->fillPath(place.map(likeness->words_px), c.ink);
    }
    painter->restore();
}

} // namespace ink::ui
