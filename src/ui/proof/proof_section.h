// The few controls under each phrase of Proof's sentence.
#pragma once

#include "ui/widgets/job_section.h"

#include <QWidget>

#include <functional>
#include <vector>

class QAbstractButton;
class QDoubleSpinBox;
class QPushButton;
class QVBoxLayout;

namespace ink::ui {

/// What is mended, each to be changed or taken back.
class MendingsSection : public JobSection
{
    Q_OBJECT
public:
    MendingsSection(JobModel& job, const Theme& theme, QWidget* parent);
    void showMendings();

private:
    /// One rule, with its name before it; gone again at removeRows().
    void addMending(std::size_t number);
    void removeRows();

    std::vector<QWidget*> m_rows;
    QPushButton* m_take_back_all = nullptr;
    std::vector<Mending> m_shown;
    LengthUnit m_unit{};
};

JobSection* makeWholeSection(JobModel& job, const Theme& theme, QWidget* parent);
JobSection* makeSheetSection(JobModel& job, const Theme& theme, QWidget* parent);
JobSection* makeWeedingSection(JobModel& job, const Theme& theme, QWidget* parent);
JobSection* makeNodesSection(JobModel& job, const Theme& theme, QWidget* parent);

} // namespace ink::ui
