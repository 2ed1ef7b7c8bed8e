// The chosen font beside the list: what it is, whether goods may be sold, and its fit marks.
#pragma once

#include "ui/find/font_list_model.h"
#include "ui/find/mark_panel.h"

#include <QScrollArea>

namespace ink::ui {

class FontPanel : public QWidget
{
    Q_OBJECT
public:
    FontPanel(FontListModel& fonts, const Theme& theme, QWidget* parent = nullptr);

    /// A row of the list, or -1.
    void show(int row, bool is_compared);
    void setShownMark(std::optional<FitMarkKind> kind) { m_marks->setShown(kind); }

signals:
    /// Set the words in it; for a listing, fetch it.
    void mainWanted();
    void cardWanted();
    void rightsWanted();
    void compareWanted();
    /// Fonts that look like it.
    void likeWanted();
    void limitsWanted();
    void shownMarkChanged(std::optional<ink::ui::FitMarkKind> kind);

private:
    void build();
    void buildVerdict(QWidget* panel);
    void showFacts();
    void showRights();
    void showMarks();

    FontListModel& m_fonts;
    const Theme& m_theme;
    FontRow m_row;

    QLabel* m_name = nullptr;
    QLabel* m_facts = nullptr;
    QPushButton* m_main = nullptr;
    QPushButton* m_open = nullptr;
    QPushButton* m_compare = nullptr;
    QPushButton* m_like = nullptr;
    QWidget* m_verdict_chip = nullptr;
    MarkLabel* m_verdict_mark = nullptr;
    QLabel* m_verdict = nullptr;
    QLabel* m_quote = nullptr;
    QLabel* m_source = nullptr;
    QPushButton* m_dossier = nullptr;
    QLabel* m_problem = nullptr;
    QPushButton* m_again = nullptr;
    MarkPanel* m_marks = nullptr;
};

} // namespace ink::ui
