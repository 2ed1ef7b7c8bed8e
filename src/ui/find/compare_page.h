// Two to six fonts one under another, in the job's words at true size, plain and dressed with swashes.
#pragma once

#include "ui/find/font_list_model.h"
#include "ui/find/words_view.h"

class QPushButton;
class QVBoxLayout;

namespace ink::ui {

inline constexpr int kMostCompared = 6;

class ComparePage : public QWidget
{
    Q_OBJECT
public:
    ComparePage(JobModel& job, FontListModel& fonts, const Theme& theme, QWidget* parent = nullptr);

    /// A font of the list, and for a listing one of its styles.
    struct Pick
    {
        FontRow row;
        QString style;
    };
    void open(std::vector<Pick> picks);

signals:
    void backWanted();
    void chosen(int row);

private:
    void show();
    void ask(std::size_t at, bool dressed, const std::string& features);

    struct Line
    {
        Pick pick;
        WordsView* plain;
        WordsView* dressed;
        QLabel* figures;
    };
    JobModel& m_job;
    FontListModel& m_fonts;
    const Theme& m_theme;
    QVBoxLayout* m_column = nullptr;
    QWidget* m_body = nullptr;
    QPushButton* m_swashes = nullptr;
    std::vector<Line> m_lines;
    std::vector<Pick> m_picks;
    quint64 m_opened = 0;
};

} // namespace ink::ui
