#include "ui/widgets/marks.h"

#include <QPainter>

namespace ink::ui {

QColor colourOf(Mark mark, const Colours& colours)
{
    return mark == Mark::InOrder ? colours.leaf : mark == Mark::LookAt ? colours.ochre : colours.madder;
}

void paintMark(QPainter& painter, const QRectF& area, Mark mark, const Colours& colours)
{
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const QColor colour = colourOf(mark, colours);
    const double side = std::min(area.width(), area.height());
    painter.translate(area.center());
    painter.scale(side / 12.0, side / 12.0);
    painter.setPen(QPen(colour, 1.9, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.setBrush(Qt::NoBrush);
    switch (mark) {
    case Mark::InOrder:
        painter.drawPolyline(QPolygonF({{-4, 0.5}, {-1.2, 3.4}, {4, -3.4}}));
        break;
    case Mark::LookAt:
        painter.drawEllipse(QPointF(0, 0), 4.2, 4.2);
        painter.setBrush(colour);
        painter.drawPie(QRectF(-4.2, -4.2, 8.4, 8.4), 90 * 16, 180 * 16);
        break;
    case Mark::Wrong:
        painter.drawLine(QPointF(-3.2, -3.2), QPointF(3.2, 3.2));
        painter.drawLine(QPointF(-3.2, 3.2), QPointF(3.2, -3.2));
        break;
    }
    painter.restore();
}

MarkLabel::MarkLabel(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
}

void MarkLabel::setMark(Mark mark)
{
    m_mark = mark;
    update();
}

QSize MarkLabel::sizeHint() const
{
    const int side = m_theme.px(TextSize::Body);
    return {side, QFontMetrics(m_theme.text(TextSize::Body)).height()};
}

void MarkLabel::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    paintMark(painter, rect(), m_mark, m_theme.colours());
}

} // namespace ink::ui
