// What does not fit, made as small as fits: one press.
#pragma once

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
    double m_share = 1.0;
};

} // namespace ink::ui
