#include "ui/widgets/tab_row.h"

#include "ui/theme.h"
#include "ui/widgets/flow_row.h"

#include <QButtonGroup>
#include <QPushButton>

namespace ink::ui {

TabRow::TabRow(const char* name, QWidget* parent) : QWidget(parent)
{
    setObjectName(QLatin1String(name));
    m_row = new FlowRow(this, kMargin, 0);
    m_row->setContentsMargins(kMargin, 0, kMargin, 0);
    m_group = new QButtonGroup(this);
}

void TabRow::addTab(const QString& words, const char* name, std::function<void()> opened)
{
    auto* button = new QPushButton(words, this);
    button->setObjectName(QLatin1String(name));
    button->setProperty("role", QStringLiteral("tab"));
    button->setCheckable(true);
    button->setChecked(m_tabs.empty());
    m_group->addButton(button);
    m_row->addWidget(button);
    m_tabs.push_back(button);
    connect(button, &QPushButton::clicked, this, std::move(opened));
}

void TabRow::choose(std::size_t tab)
{
    m_tabs[tab]->setChecked(true);
}

QPushButton* TabRow::addQuiet(const QString& words, const QString& spoken, const char* name)
{
    auto* button = new QPushButton(words, this);
    button->setObjectName(QLatin1String(name));
    button->setProperty("role", QStringLiteral("quiet"));
    button->setAccessibleName(spoken);
    button->setToolTip(spoken);
    m_row->addWidget(button);
    return button;
}

void TabRow::add(QWidget* widget)
{
    m_row->addWidget(widget);
}

} // namespace ink::ui
