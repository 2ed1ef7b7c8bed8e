// What the newest design will not hold, for every station that says so: looked at away from the interface thread.
#pragma once

#include "core/design/design_proof.h"
#include "core/rights/dossier.h"
#include "ui/design_model.h"
#include "ui/job_model.h"
#include "ui/slot_pool.h"

#include <QObject>

#include <memory>
#include <optional>
#include <vector>

namespace ink::ui {

class ProofModel : public QObject
{
    Q_OBJECT
public:
    ProofModel(JobModel& job, DesignModel& design, QObject* parent = nullptr);

    /// Null until a design was looked at.
    const std::shared_ptr<const DesignProof>& proof() const { return m_proof; }
    /// The design that was looked at.
    const std::shared_ptr<const ComposedDesign>& composed() const { return m_composed; }
    /// Of the job as it is now. While a size is dragged, those of the outline that was looked at last, at the new size.
    const std::vector<ProofFinding>& findings() const { return m_findings; }
    ProofVerdict verdict() const { return verdictOf(m_findings); }
    Weeding weeding() const { return m_weeding; }
    /// mm of the findings for a mm of the design that was looked at.
    double scale() const { return m_scale; }
    /// The findings are those of the job's own design.
    bool isUpToDate() const { return m_is_up_to_date && m_design.isUpToDate(); }
    /// Why there is no proof of a design.
    const std::optional<Error>& refusal() const { return m_refusal; }
    bool isIdle() const { return m_pool.isIdle(); }

    /// Of the job's font; nothing while it is not known.
    void showRight(std::optional<Verdict> verdict);

signals:
    void changed();

private:
    void look();
    void jobChanged();
    void askAgain(double scale);
    KnownOfFont known() const;

    JobModel& m_job;
    DesignModel& m_design;
    SlotPool m_pool;
    std::optional<Verdict> m_right;
    std::shared_ptr<const ComposedDesign> m_composed;
    std::shared_ptr<const DesignProof> m_proof;
    /// The job that m_proof was made of.
    Job m_looked_at;
    std::vector<ProofFinding> m_findings;
    Weeding m_weeding;
    double m_scale = 1.0;
    bool m_is_up_to_date = true;
    std::optional<Error> m_refusal;
};

} // namespace ink::ui
