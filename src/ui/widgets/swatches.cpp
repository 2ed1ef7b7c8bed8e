#include "ui/widgets/swatches.h"

#include <QAbstractButton>
#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QVBoxLayout>

namespace ink::ui {
namespace {

class Swatch : public QAbstractButton
{
public:
    Swatch(const Theme& theme, const QColor& colour, QWidget* parent)
        : QAbstractButton(parent), m_theme(theme), m_colour(colour)
    {
        setCheckable(true);
        setFixedSize(24, 28);
        setCursor(Qt::PointingHandCursor);
    }
    QColor colour() const { return m_colour; }

protected:
    void paintEvent(QPaintEvent*) override
    {
        const auto& c = m_theme.colours();
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(QPen(contrast(m_colour, c.paper) < 1.6 ? c.soft_ink : m_colour, 1));
        painter.setBrush(m_colour);
        painter.drawRoundedRect(QRectF(2.5, 2.5, 19, 17), 4, 4);
        if (isChecked()) { // a bar below: not told by colour alone
            painter.setPen(Qt::NoPen);
            painter.setBrush(c.madder);
            painter.drawRoundedRect(QRectF(4, 24, 16, 3), 1.5, 1.5);
        }
        if (hasFocus()) {
            painter.setPen(QPen(c.madder, 2));
            painter.setBrush(Qt::NoBrush);
            painter.drawRoundedRect(QRectF(1, 1, 22, 20), 5, 5);
        }
    }

private:
    const Theme& m_theme;
    QColor m_colour;
};

} // namespace

Swatches::Swatches(const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_group(new QButtonGroup(this)), m_row(new QHBoxLayout),
      m_name(new QLabel(this))
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(2);
    m_row->setSpacing(2);
    m_row->addStretch(1);
    m_name->setFont(theme.text(TextSize::Small));
    column->addWidget(m_name);
    column->addLayout(m_row);
}

void Swatches::addColour(const QString& name, const QColor& colour)
{
    auto* swatch = new Swatch(m_theme, colour, this);
    swatch->setAccessibleName(name);
    swatch->setToolTip(name);
    m_group->addButton(swatch);
    m_row->insertWidget(m_row->count() - 1, swatch);
    connect(swatch, &QAbstractButton::toggled, this, [this, name, colour](bool on) {
        if (!on)
            return;
        m_name->setText(name);
        emit chosen(colour);
    });
    if (m_group->buttons().size() == 1)
        swatch->setChecked(true);
}

QColor Swatches::colour() const
{
    const auto* swatch = static_cast<const Swatch*>(m_group->checkedButton());
    return swatch ? swatch->colour() : QColor();
}

} // namespace ink::ui
