// The name that is shown as stitches, made away from the interface thread while Hand off is looked at.
#pragma once

#include "core/handoff/sewn_together.h"
#include "ui/handoff/handoff_model.h"

namespace ink::ui {

class NeedleModel : public QObject
{
    Q_OBJECT
public:
    NeedleModel(JobModel& job, HandOffModel& names, QObject* parent = nullptr);

    using Sewn = std::shared_ptr<const SewnName>;
    /// Null until something was sewn; of an older job while `isUpToDate` is false.
    /// Where names are sewn together, the hoop that the shown one lies in.
    const Sewn& sewn() const { return m_sewn; }
    /// Hoops of names; 0 where each name is sewn by itself.
    std::size_t hoops() const { return m_hoops ? m_hoops->hoops.size() : 0; }
    /// Which of them is shown, and which names are in none.
    std::size_t hoopShown() const { return m_hoop_shown; }
    const std::vector<std::size_t>* leftOut() const { return m_hoops ? &m_hoops->left_out : nullptr; }
    bool isUpToDate() const { return m_is_up_to_date; }
    bool isIdle() const { return m_pool.isIdle(); }

signals:
    void changed();

private:
    void namesChanged();
    void sewOne(const HandOffModel::Name& name, const StitchSettings& settings);
    void sewTogether(const StitchSettings& settings);
    void showHoop();

    JobModel& m_job;
    HandOffModel& m_names;
    SlotPool m_pool;
    Sewn m_sewn;
    std::shared_ptr<const Hoops> m_hoops;
    std::size_t m_hoop_shown = 0;
    /// One, or all of the list.
    std::vector<HandOffModel::Name> m_asked;
    StitchSettings m_asked_with;
    bool m_is_up_to_date = false;
};

/// When the machine does what: seconds from the beginning, one for each step.
std::vector<double> needleTimes(const NeedleWork& work, double stitches_a_minute);

} // namespace ink::ui
