#include "ui/compose/words_line.h"

#include "ui/outline_paths.h"

#include <QPainter>

#include <algorithm>

namespace ink::ui {

WordsLine::WordsLine(const Theme& theme, const QString& caption, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_caption(caption)
{
    setAccessibleName(caption);
    hide();
}

void WordsLine::show(const std::shared_ptr<const ComposedDesign>& composed)
{
    m_path = composed ? toPainterPath(composed->design.outline_mm) : QPainterPath();
    setVisible(composed != nullptr);
    update();
}

void WordsLine::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(m_theme.text(TextSize::Small));
    painter.setPen(m_theme.colours().soft_ink);
    const int line = QFontMetrics(painter.font()).height();
    painter.drawText(QRect(0, 2, width(), line), Qt::AlignLeading, m_caption);
    QColor grey = m_theme.colours().soft_ink;
    grey.setAlphaF(0.75f);
    fillFitted(painter, m_path, QRectF(rect()).adjusted(0, line + 6, 0, -8), grey);
}

void fillFitted(QPainter& painter, const QPainterPath& path, const QRectF& room, const QColor& colour)
{
    const QRectF box = path.boundingRect();
    if (box.isEmpty() || room.isEmpty())
        return;
    const double scale = std::min(room.width() / box.width(), room.height() / box.height());
    QTransform place;
    place.translate(room.center().x(), room.center().y());
    place.scale(scale, scale);
    place.translate(-box.center().x(), -box.center().y());
    painter.fillPath(place.map(path), colour);
}

} // namespace ink::ui
