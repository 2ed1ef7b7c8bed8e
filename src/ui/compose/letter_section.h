// The chosen letters, or the chosen piece: their place, turn, size and font, and their way into the tray.
#pragma once

#include "ui/compose/panel_section.h"

class QPushButton;

namespace ink::ui {

class Choice;

class LetterSection : public PanelSection
{
    Q_OBJECT
public:
    LetterSection(JobModel& job, LetteringView& view, const Theme& theme, QWidget* parent = nullptr);

    /// Fonts that letters can be set in beside the job's: name and file.
    void setFonts(const std::vector<std::pair<QString, FontRef>>& fonts);

signals:
    void keepLettersWanted();
    void keepPartWanted();

protected:
    void showValues() override;

private:
    void buildActions();
    void connectFigures();
    void change(const QString& name, const std::function<void(LetterChoice&)>& change);

    QLabel* m_title = nullptr;
    QDoubleSpinBox *m_dx = nullptr, *m_dy = nullptr, *m_turn = nullptr, *m_size = nullptr,
                   *m_before = nullptr;
    QPushButton *m_reset = nullptr, *m_keep_letters = nullptr, *m_keep_part = nullptr;
    Choice* m_font = nullptr;
};

} // namespace ink::ui
