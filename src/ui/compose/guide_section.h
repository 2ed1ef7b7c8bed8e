// Guides: set, moved by figure and taken away without the pointer.
#pragma once

#include "ui/compose/panel_section.h"

class QPushButton;

namespace ink::ui {

class GuideSection : public PanelSection
{
    Q_OBJECT
public:
    GuideSection(JobModel& job, LetteringView& view, const Theme& theme, QWidget* parent = nullptr);

protected:
    void showValues() override;

private:
    QDoubleSpinBox* m_at = nullptr;
    QPushButton* m_remove = nullptr;
};

} // namespace ink::ui
