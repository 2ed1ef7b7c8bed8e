// The name that is shown as stitches, made away from the interface thread while Hand off is looked at.
#pragma once

#include "core/handoff/sewn_name.h"
#include "ui/handoff/handoff_model.h"

namespace ink::ui {

/// Stitches, not cuts.
bool isSewn(Process process);
/// What the job asks for: an appliqué is one by its process.
StitchSettings stitchesOf(const Job& job);

class NeedleModel : public QObject
{
    Q_OBJECT
public:
    NeedleModel(JobModel& job, HandOffModel& names, QObject* parent = nullptr);

    using Sewn = std::shared_ptr<const SewnName>;
    /// Null until something was sewn; of an older job while `isUpToDate` is false.
    const Sewn& sewn() const { return m_sewn; }
    bool isUpToDate() const { return m_is_up_to_date; }
    bool isIdle() const { return m_pool.isIdle(); }

signals:
    void changed();

private:
    void namesChanged();

    JobModel& m_job;
    HandOffModel& m_names;
    SlotPool m_pool;
    Sewn m_sewn;
    HandOffModel::Name m_asked;
    StitchSettings m_asked_with;
    bool m_is_up_to_date = false;
};

/// When the machine does what: seconds from the beginning, one for each step.
std::vector<double> needleTimes(const NeedleWork& work, double stitches_a_minute);

} // namespace ink::ui
