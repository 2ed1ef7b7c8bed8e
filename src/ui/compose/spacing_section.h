// The spacing of the letters beside the font's own.
#pragma once

#include "ui/compose/panel_section.h"

class QPushButton;
class QSlider;

namespace ink::ui {

class SpacingSection : public PanelSection
{
    Q_OBJECT
public:
    SpacingSection(JobModel& job, LetteringView& view, const Theme& theme, QWidget* parent = nullptr);

protected:
    void showValues() override;

private:
    QSlider* m_spacing = nullptr;
    QLabel* m_value = nullptr;
    QPushButton* m_reset = nullptr;
};

} // namespace ink::ui
