// Find: which font suits these words?
#pragma once

#include "ui/find/font_list_model.h"
#include "ui/theme.h"

#include <QSortFilterProxyModel>
#include <QWidget>

class QLabel;
class QLineEdit;
class QListView;
class QPushButton;

namespace ink::ui {

class FindPage : public QWidget
{
    Q_OBJECT
public:
    FindPage(JobModel& job, FontListModel& fonts, const Theme& theme, QWidget* parent = nullptr);

    int shownCount() const { return m_shown.rowCount(); }
    void setSearching(bool is_searching);
    void focusList();

signals:
    void composeWanted();
    void folderWanted();
    void countChanged();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* buildList();
    QWidget* buildPanel();
    void choose(const QModelIndex& current);
    void chooseFirstShown();
    void showJob();
    void showPanel();
    void showCount();

    JobModel& m_job;
    FontListModel& m_fonts;
    const Theme& m_theme;
    QSortFilterProxyModel m_shown;
    bool m_is_searching = false;
    bool m_is_filtering = false;

    QLabel* m_count = nullptr;
    QLineEdit* m_search = nullptr;
    QListView* m_list = nullptr;
    QLabel* m_hint = nullptr;
    QWidget* m_panel = nullptr;
    QLabel* m_empty = nullptr;
    QLabel* m_name = nullptr;
    QLabel* m_facts = nullptr;
    QLabel* m_quote = nullptr;
    QLabel* m_source = nullptr;
    QPushButton* m_compose = nullptr;
};

} // namespace ink::ui
