// Fusion with our own check boxes.
#pragma once

#include "ui/theme.h"

#include <QProxyStyle>

namespace ink::ui {

class InkStyle : public QProxyStyle
{
public:
    explicit InkStyle(const Theme& theme);

    void drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                       const QWidget* widget) const override;
    int styleHint(StyleHint hint, const QStyleOption* option = nullptr, const QWidget* widget = nullptr,
                  QStyleHintReturn* data = nullptr) const override;
    int pixelMetric(PixelMetric metric, const QStyleOption* option, const QWidget* widget) const override;

private:
    Theme m_theme;
};

} // namespace ink::ui
