// Letters moved together until their inks overlap.
#pragma once

#include "ui/compose/panel_section.h"

class QCheckBox;
class QSlider;

namespace ink::ui {

class CloseUpSection : public PanelSection
{
    Q_OBJECT
public:
    CloseUpSection(JobModel& job, LetteringView& view, const Theme& theme, QWidget* parent = nullptr);

protected:
    void showValues() override;

private:
    void showPairs();

    QCheckBox *m_closes = nullptr, *m_evenly = nullptr;
    QSlider* m_depth = nullptr;
    QLabel *m_depth_value = nullptr, *m_pairs = nullptr;
};

} // namespace ink::ui
