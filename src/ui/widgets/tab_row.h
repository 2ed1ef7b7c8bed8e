// The looks of a station, one of which is chosen, with what else belongs to them; large text takes two lines.
#pragma once

#include <QWidget>

#include <functional>
#include <vector>

class QButtonGroup;
class QPushButton;

namespace ink::ui {

class FlowRow;

class TabRow : public QWidget
{
public:
    TabRow(const char* name, QWidget* parent);

    /// The first that is added is chosen.
    void addTab(const QString& words, const char* name, std::function<void()> opened);
    void choose(std::size_t tab);
    QPushButton* addQuiet(const QString& words, const QString& spoken, const char* name);
    void add(QWidget* widget);

private:
    FlowRow* m_row = nullptr;
    QButtonGroup* m_group = nullptr;
    std::vector<QPushButton*> m_tabs;
};

} // namespace ink::ui
