// What the letters wear, with the words plain beside, and the way back to plain.
#pragma once

#include "ui/compose/lettering_service.h"
#include "ui/compose/panel_section.h"

class QPushButton;

namespace ink::ui {

class WordsLine;

class WornSection : public PanelSection
{
    Q_OBJECT
public:
    WornSection(JobModel& job, LetteringService& lettering, LetteringView& view, const Theme& theme,
                QWidget* parent = nullptr);

signals:
    void dressWanted();

protected:
    void showValues() override;
    void showEvent(QShowEvent* event) override;

private:
    LetteringService& m_lettering;
    QLabel* m_what = nullptr;
    WordsLine* m_plain = nullptr;
    QPushButton *m_off = nullptr, *m_pieces_off = nullptr;
};

/// How many letters of the job wear a form of their own choice, and how many pieces stand beside them.
std::size_t wornForms(const Job& job);

} // namespace ink::ui
