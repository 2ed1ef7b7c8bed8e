#include "ui/ink_style.h"

#include <QAbstractButton>
#include <QPainter>
#include <QStyleOption>

namespace ink::ui {

InkStyle::InkStyle(const Theme& theme) : QProxyStyle(QStringLiteral("Fusion")), m_theme(theme) {}

void InkStyle::drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                             const QWidget* widget) const
{
    // The frame of a button shows the focus; Fusion's own would lie over the words.
    if (element == PE_FrameFocusRect && qobject_cast<const QAbstractButton*>(widget))
        return;
    if (element != PE_IndicatorCheckBox)
        return QProxyStyle::drawPrimitive(element, option, painter, widget);
    const auto& c = m_theme.colours();
    const bool has_focus = option->state & State_HasFocus;
    const QRectF box = QRectF(option->rect).adjusted(1, 1, -1, -1);
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    painter->setPen(QPen(has_focus ? c.madder : c.ink, has_focus ? 2 : 1.2));
    painter->setBrush(c.card);
    painter->drawRoundedRect(box, 3.5, 3.5);
    if (option->state & State_On) {
        painter->setPen(Qt::NoPen);
        painter->setBrush(c.ink);
        const double inset = box.width() * 0.24;
        painter->drawRoundedRect(box.adjusted(inset, inset, -inset, -inset), 1.5, 1.5);
    }
    painter->restore();
}

int InkStyle::styleHint(StyleHint hint, const QStyleOption* option, const QWidget* widget,
                        QStyleHintReturn* data) const
{
    // The desktop's icons on OK and Cancel are nobody's colours here.
    if (hint == SH_DialogButtonBox_ButtonsHaveIcons)
        return 0;
    return QProxyStyle::styleHint(hint, option, widget, data);
}

int InkStyle::pixelMetric(PixelMetric metric, const QStyleOption* option, const QWidget* widget) const
{
    if (metric == PM_IndicatorWidth || metric == PM_IndicatorHeight)
        return m_theme.scaled(17);
    if (metric == PM_CheckBoxLabelSpacing)
        return 2 * kGrid;
    return QProxyStyle::pixelMetric(metric, option, widget);
}

} // namespace ink::ui
