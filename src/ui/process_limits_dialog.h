// What the person's machine and material hold, in figures they may change.
#pragma once

#include "ui/job_model.h"
#include "ui/theme.h"

#include <QDialog>

class QDoubleSpinBox;
class QLabel;
class QPushButton;

namespace ink::ui {

/// Changes take effect at once, one undo for each figure.
class ProcessLimitsDialog : public QDialog
{
    Q_OBJECT
public:
    ProcessLimitsDialog(JobModel& job, const Theme& theme, QWidget* parent = nullptr);

private:
    QDoubleSpinBox* add(class QGridLayout* grid, const char* name, const QString& caption,
                        const QString& meaning, bool is_area, double ProcessLimits::*figure);
    void showLimits();

    struct Figure
    {
        QDoubleSpinBox* field;
        double ProcessLimits::*figure;
        bool is_area;
    };
    JobModel& m_job;
    const Theme& m_theme;
    std::vector<Figure> m_figures;
    QLabel* m_title = nullptr;
    QPushButton* m_usual = nullptr;
};

} // namespace ink::ui
