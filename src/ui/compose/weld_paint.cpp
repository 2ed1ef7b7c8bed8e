// The rulers round the paper, and what stands on it where there are no words.
#include "core/geometry/nesting.h"
#include "core/geometry/reduce.h"
#include "ui/compose/weld_view.h"
#include "ui/measures.h"
#include "ui/outline_paths.h"

#include <QPainter>

#include <algorithm>
#include <array>
#include <cmath>

namespace ink::ui {

void WeldView::paintRulers(QPainter& painter) const
{
    painter.setRenderHint(QPainter::Antialiasing, false);
    const auto& c = m_theme.colours();
    const QRectF area = paperArea();
    painter.fillRect(QRectF(0, 0, width(), ruler()), c.wash);
    painter.fillRect(QRectF(0, 0, ruler(), height()), c.wash);
    painter.setFont(m_theme.text(TextSize::Tiny));
    const QFontMetrics metrics(painter.font());
    const double per_unit = pixelsPerMm() * (m_unit == LengthUnit::Inch ? kMmPerInch : 1.0);
    const double step = tickStep(per_unit, 72);
    const QPointF origin = toScreen(m_box_mm.isNull() ? QPointF() : m_box_mm.bottomLeft());
    const auto text = [step](double value) {
        return QString::number(value, 'f', step < 1.0 ? (step < 0.1 ? 2 : 1) : 0);
    };

    painter.save();
    painter.setClipRect(QRectF(ruler(), 0, width() - ruler(), ruler()));
    for (double k = std::ceil((area.left() - origin.x()) / per_unit / step) - 1;
         origin.x() + k * step * per_unit < area.right(); ++k) {
        const double x = std::round(origin.x() + k * step * per_unit) + 0.5;
        painter.setPen(c.soft_ink);
        painter.drawLine(QPointF(x, 4), QPointF(x, ruler()));
        painter.drawText(QPointF(x + 3, 4 + metrics.ascent() - 1),
                         text(std::abs(k * step) < 1e-9 ? 0 : k * step));
        for (int i = 1; i < 5; ++i)
            painter.drawLine(QPointF(x + i * step * per_unit / 5, ruler() - 4),
                             QPointF(x + i * step * per_unit / 5, ruler()));
    }
    painter.restore();
    painter.save();
    painter.setClipRect(QRectF(0, ruler(), ruler(), height() - ruler()));
    for (double k = std::ceil((origin.y() - area.bottom()) / per_unit / step) - 1;
         origin.y() - k * step * per_unit > area.top(); ++k) {
        const double y = std::round(origin.y() - k * step * per_unit) + 0.5;
        painter.setPen(c.soft_ink);
        painter.drawLine(QPointF(4, y), QPointF(ruler(), y));
        const QString label = text(std::abs(k * step) < 1e-9 ? 0 : k * step);
        if (y - 3 - metrics.horizontalAdvance(label) > ruler()) {
            painter.save();
            painter.translate(4 + metrics.ascent() - 1, y - 3);
            painter.rotate(-90);
            painter.drawText(QPointF(0, 0), label);
            painter.restore();
        }
        for (int i = 1; i < 5; ++i)
            painter.drawLine(QPointF(ruler() - 4, y - i * step * per_unit / 5),
                             QPointF(ruler(), y - i * step * per_unit / 5));
    }
    painter.restore();
    painter.fillRect(QRectF(0, 0, ruler(), ruler()), c.wash);
    painter.setPen(c.soft_ink);
    painter.drawText(QRectF(0, 0, ruler(), ruler()), Qt::AlignCenter,
                     m_unit == LengthUnit::Inch ? tr("in") : tr("mm"));
}

void WeldView::paintMessage(QPainter& painter) const
{
    painter.setFont(m_theme.heading(TextSize::Title));
    painter.setPen(m_theme.colours().ink);
    painter.drawText(paperArea().adjusted(60, 40, -60, -40), Qt::AlignCenter | Qt::TextWordWrap, m_message);
}

} // namespace ink::ui
