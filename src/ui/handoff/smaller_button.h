// What does not fit, made as small as fits: one press.
#pragma once

#include "core/design/job.h"

#include <QPushButton>

namespace ink::ui {

class JobModel;

class SmallerButton : public QPushButton
{
    Q_OBJECT
public:
    explicit SmallerButton(JobModel& job, QWidget* parent = nullptr);

    /// The part of its size at which the job fits; hidden at 1, and where words would be no words any more.
    void offer(double share);

private:
    JobModel& m_job;
    /// What it says is what it does, also when the job has gone on since.
    FinishedSize m_offered;
};

} // namespace ink::ui
