#include "ui/station_rail.h"

#include <QKeyEvent>
#include <QPainter>
#include <QPainterPath>
#include <QVBoxLayout>

namespace ink::ui {

StationButton::StationButton(const Theme& theme, const QString& name, QWidget* parent)
    : QAbstractButton(parent), m_theme(theme)
{
    setText(name);
    setCheckable(true);
    setAutoExclusive(true);
    setAccessibleName(name);
    setCursor(Qt::PointingHandCursor);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void StationButton::setFigure(const QString& figure)
{
    m_figure = figure;
    setAccessibleDescription(figure);
    updateGeometry();
    update();
}

QSize StationButton::sizeHint() const
{
    const QFontMetrics name(m_theme.heading(TextSize::Lead));
    const QFontMetrics small(m_theme.text(TextSize::Tiny));
    return {std::max(name.horizontalAdvance(text()), small.horizontalAdvance(m_figure)) + 2 * kMargin - 8,
            name.height() + small.height() + 6 * kGrid};
}

void StationButton::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& c = m_theme.colours();
    if (isChecked()) { // continuous with the paper on its right
        QPainterPath tab;
        tab.addRoundedRect(QRectF(8.5, 0.5, width() + 20, height() - 1), 10, 10);
        painter.setPen(c.rule);
        painter.setBrush(c.card);
        painter.drawPath(tab);
        painter.setPen(Qt::NoPen);
        painter.setBrush(c.madder);
        painter.drawRoundedRect(QRectF(9, 12, 3, height() - 24), 1.5, 1.5);
    }
    if (hasFocus()) {
        painter.setPen(QPen(c.madder, 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(QRectF(12, 4, width() - 16, height() - 8), 6, 6);
    }
    const QFontMetrics name(m_theme.heading(TextSize::Lead));
    const QFontMetrics small(m_theme.text(TextSize::Tiny));
    const int top = (height() - name.height() - small.height()) / 2;
    painter.setPen(isChecked() ? c.ink : c.soft_ink);
    painter.setFont(m_theme.heading(TextSize::Lead));
    painter.drawText(kMargin, top + name.ascent(), text());
    painter.setPen(isChecked() ? c.ink : c.soft_ink);
    painter.setFont(m_theme.text(TextSize::Tiny));
    painter.drawText(kMargin, top + name.height() + small.ascent(), m_figure);
}

StationRail::StationRail(const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_layout(new QVBoxLayout(this))
{
    setObjectName(QStringLiteral("rail"));
    setAccessibleName(tr("Stations"));
    m_layout->setContentsMargins(0, kMargin, 0, kMargin);
    m_layout->setSpacing(kGrid);
    m_layout->addStretch(1);
    setMinimumWidth(m_theme.scaled(104));
}

void StationRail::addStation(const QString& object_name, const QString& name)
{
    auto* button = new StationButton(m_theme, name, this);
    button->setObjectName(object_name);
    const int index = static_cast<int>(m_buttons.size());
    m_layout->insertWidget(index, button);
    m_buttons.push_back(button);
    connect(button, &QAbstractButton::clicked, this, [this, index] { emit chosen(index); });
}

void StationRail::setFigure(int station, const QString& figure)
{
    m_buttons[static_cast<std::size_t>(station)]->setFigure(figure);
}

void StationRail::setCurrent(int station)
{
    m_buttons[static_cast<std::size_t>(station)]->setChecked(true);
}

void StationRail::keyPressEvent(QKeyEvent* event)
{
    const int step = event->key() == Qt::Key_Down ? 1 : event->key() == Qt::Key_Up ? -1 : 0;
    for (std::size_t i = 0; step != 0 && i < m_buttons.size(); ++i) {
        const auto next = static_cast<std::ptrdiff_t>(i) + step;
        if (m_buttons[i]->hasFocus() && next >= 0 && next < std::ssize(m_buttons)) {
            m_buttons[static_cast<std::size_t>(next)]->setFocus();
            m_buttons[static_cast<std::size_t>(next)]->click();
            return;
        }
    }
    QWidget::keyPressEvent(event);
}

void StationRail::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.fillRect(rect(), m_theme.colours().paper);
    painter.setPen(m_theme.colours().rule);
    painter.drawLine(width() - 1, 0, width() - 1, height());
}

} // namespace ink::ui
