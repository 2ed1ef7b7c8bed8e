// What the words are shown in and how they lie in the file: material, mirrored, and what the weld made of them.
#pragma once

#include "ui/compose/panel_section.h"

class QCheckBox;

namespace ink::ui {

class Swatches;

class MaterialSection : public PanelSection
{
    Q_OBJECT
public:
    MaterialSection(JobModel& job, LetteringView& view, const Theme& theme, QWidget* parent = nullptr);

    /// Fill colour of the chosen material.
    QColor colour() const;
    QString name() const;

signals:
    void changed();

protected:
    void showValues() override;

private:
    Swatches* m_material = nullptr;
    QCheckBox *m_mirrored = nullptr, *m_overlaps = nullptr, *m_nodes = nullptr;
    QLabel* m_node_figures = nullptr;
};

} // namespace ink::ui
