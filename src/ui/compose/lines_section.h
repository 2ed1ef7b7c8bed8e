// Lines and blocks: how they stand, their size and proportions.
#pragma once

#include "ui/compose/panel_section.h"

#include <optional>

class QCheckBox;

namespace ink::ui {

class Choice;

class LinesSection : public PanelSection
{
    Q_OBJECT
public:
    LinesSection(JobModel& job, LetteringView& view, const Theme& theme, QWidget* parent = nullptr);

protected:
    void showValues() override;

private:
    void buildProportions();
    void showProportions();
    std::optional<double> otherSide_mm() const;

    Choice* m_align = nullptr;
    QCheckBox *m_one_width = nullptr, *m_proportions = nullptr;
    QDoubleSpinBox *m_line_gap = nullptr, *m_size = nullptr, *m_stretch = nullptr, *m_other_side = nullptr;
    QLabel* m_other_name = nullptr;
};

} // namespace ink::ui
