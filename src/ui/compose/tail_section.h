// A tail under the words: whether there is one, and how far it hangs.
#pragma once

#include "ui/compose/panel_section.h"

class QCheckBox;

namespace ink::ui {

class TailSection : public PanelSection
{
    Q_OBJECT
public:
    TailSection(JobModel& job, LetteringView& view, const Theme& theme, QWidget* parent = nullptr);

protected:
    void showValues() override;

private:
    QCheckBox* m_tail = nullptr;
    QDoubleSpinBox* m_drop = nullptr;
    QLabel* m_from = nullptr;
};

} // namespace ink::ui
