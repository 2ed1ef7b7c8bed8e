// The shape the lines of a block follow, and its figures.
#pragma once

#include "ui/compose/panel_section.h"

#include <array>

class QButtonGroup;
class QCheckBox;

namespace ink::ui {

class ShapeSection : public PanelSection
{
    Q_OBJECT
public:
    ShapeSection(JobModel& job, LetteringView& view, const Theme& theme, QWidget* parent = nullptr);

protected:
    void showValues() override;

private:
    void buildCorners();
    void changeShape(const std::function<void(WordShape&)>& change);

    QButtonGroup* m_shapes = nullptr;
    QDoubleSpinBox *m_amount = nullptr, *m_start = nullptr;
    QCheckBox *m_bends = nullptr, *m_inside = nullptr;
    QWidget* m_corners = nullptr;
    /// Across and up for each corner, in the order of WordShape::corners.
    std::array<QDoubleSpinBox*, 8> m_corner_figures{};
};

} // namespace ink::ui
