#include "ui/widgets/message_line.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace ink::ui {

MessageLine::MessageLine(const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_mark(new MarkLabel(theme, this)), m_text(new QLabel(this)),
      m_close(new QPushButton(tr("Close"), this))
{
    setObjectName(QStringLiteral("messageLine"));
    setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(kMargin, 6, kMargin, 6);
    row->setSpacing(kGrid * 2);
    m_text->setObjectName(QStringLiteral("messageText"));
    m_text->setWordWrap(true);
    m_text->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_close->setProperty("role", QStringLiteral("quiet"));
    m_close->setAccessibleName(tr("Close the message"));
    row->addWidget(m_mark, 0, Qt::AlignTop);
    row->addWidget(m_text, 1);
    row->addWidget(m_close, 0, Qt::AlignTop);
    connect(m_close, &QPushButton::clicked, this, &QWidget::hide);
    hide();
}

void MessageLine::show(Mark mark, const QString& text)
{
    const auto& c = m_theme.colours();
    const QColor colour = colourOf(mark, c);
    m_tells_done = mark == Mark::InOrder;
    m_mark->setMark(mark);
    m_text->setText(text.toHtmlEscaped());
    m_text->setAccessibleName(text);
    setStyleSheet(QStringLiteral("#messageLine { background: %1; border-top: 2px solid %2; }")
                      .arg(c.honey.name(), colour.name()));
    setVisible(true);
}

void MessageLine::withdraw()
{
    if (m_tells_done)
        hide();
}

} // namespace ink::ui
