#include "ui/widgets/choice.h"

#include <QAbstractItemView>
#include <QPainter>
#include <QStyleOption>
#include <QStyledItemDelegate>

#include <algorithm>

namespace ink::ui {
namespace {
constexpr int kGap = 5;
constexpr int kWedge = 16;
/// Around the text of the open list.
constexpr int kListMargin = 24;
} // namespace

Choice::Choice(const Theme& theme, QWidget* parent, Ground ground)
    : QComboBox(parent), m_theme(theme), m_ground(ground)
{
    setFont(theme.text(TextSize::Lead));
    setItemDelegate(new QStyledItemDelegate(this)); // the sheet's own rows in the open list
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    if (ground == Ground::Paper)
        connect(this, &QComboBox::currentIndexChanged, this, &QWidget::updateGeometry);
}

void Choice::addChoice(const QString& text, const QString& detail, const QVariant& value)
{
    addItem(detail.isEmpty() ? text : text + QLatin1Char(' ') + detail, value);
    setItemData(count() - 1, text, kTextRole);
    setItemData(count() - 1, detail, kDetailRole);
    view()->setMinimumWidth(std::max(view()->minimumWidth(), textWidth(count() - 1) + kListMargin));
    updateGeometry();
}

QFont Choice::detailFont() const
{
    QFont smaller = font();
    smaller.setPixelSize(m_theme.px(TextSize::Small));
    return smaller;
}

int Choice::textWidth(int index) const
{
    const QString detail = itemData(index, kDetailRole).toString();
    return QFontMetrics(font()).horizontalAdvance(itemData(index, kTextRole).toString()) +
           (detail.isEmpty() ? 0 : kGap + QFontMetrics(detailFont()).horizontalAdvance(detail)) + kGap +
           kWedge;
}

QSize Choice::sizeHint() const
{
    int widest = 0;
    // On paper it is a word among words; on the band a longer choice must not push the others about.
    if (m_ground == Ground::Paper)
        return {textWidth(currentIndex()), QFontMetrics(font()).height() + 6};
    for (int i = 0; i < count(); ++i)
        widest = std::max(widest, textWidth(i));
    return {widest, QFontMetrics(font()).height() + 6};
}

QSize Choice::minimumSizeHint() const
{
    return {std::min(sizeHint().width(), m_theme.scaled(60)), sizeHint().height()};
}

void Choice::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = m_theme.colours();
    const bool is_on_band = m_ground == Ground::Band;
    const QColor plain = is_on_band ? c.on_band : c.ink, soft = is_on_band ? c.on_band_soft : c.soft_ink;
    const QColor focus = is_on_band ? QColor(0xf5, 0xd9, 0xa6) : c.madder;
    const QString text = currentData(kTextRole).toString();
    const QString detail = currentData(kDetailRole).toString();
    const QFontMetrics metrics(font());
    const int baseline = (height() - metrics.height()) / 2 + metrics.ascent();
    int x = 0;
    painter.setFont(font());
    painter.setPen(plain);
    painter.drawText(x, baseline, text);
    x += metrics.horizontalAdvance(text) + kGap;
    if (!detail.isEmpty()) {
        painter.setFont(detailFont());
        painter.setPen(soft);
        const QFontMetrics small(detailFont());
        const QString shown = small.elidedText(detail, Qt::ElideRight, width() - x - kWedge);
        painter.drawText(x, baseline, shown);
        x += small.horizontalAdvance(shown) + kGap;
    }
    const QPointF at(x + 4, height() / 2.0 + 1);
    painter.setPen(QPen(soft, 1.5, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPolyline(QPolygonF({at + QPointF(-3.5, -2), at + QPointF(0, 1.5), at + QPointF(3.5, -2)}));
    painter.setPen(QPen(hasFocus() ? focus : soft, hasFocus() ? 2 : 1));
    if (hasFocus() || underMouse())
        painter.drawLine(0, height() - 1, x + 10, height() - 1);
}

} // namespace ink::ui
