#include "ui/widgets/sub_page.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace ink::ui {

SubPage::SubPage(const QString& name, const QString& back, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_name(name), m_page_column(new QVBoxLayout(this)),
      m_head(new QHBoxLayout), m_title(new QLabel(this))
{
    setObjectName(QStringLiteral("page"));
    m_page_column->setContentsMargins(0, 0, 0, 0);
    m_head->setContentsMargins(kMargin, 2 * kGrid, kMargin, 2 * kGrid);
    m_head->setSpacing(3 * kGrid);
    auto* button = new QPushButton(back, this);
    button->setObjectName(name + QStringLiteral("Back"));
    button->setProperty("role", QStringLiteral("quiet"));
    m_title->setObjectName(name + QStringLiteral("Title"));
    m_title->setFont(theme.heading(TextSize::Lead));
    m_title->setWordWrap(true);
    m_head->addWidget(button);
    m_head->addWidget(m_title, 1);
    m_page_column->addLayout(m_head);
    connect(button, &QPushButton::clicked, this, &SubPage::backWanted);
}

QVBoxLayout* SubPage::addScrolledColumn(const QString& spoken)
{
    auto* scroll = new QScrollArea(this);
    scroll->setObjectName(m_name + QStringLiteral("Scroll"));
    scroll->setAccessibleName(spoken);
    scroll->setWidgetResizable(true);
    auto* holder = new QWidget(scroll);
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(kMargin, 0, kMargin, kMargin);
    scroll->setWidget(holder);
    m_page_column->addWidget(scroll, 1);
    return column;
}

} // namespace ink::ui
