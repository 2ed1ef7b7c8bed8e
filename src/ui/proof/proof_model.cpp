#include "ui/proof/proof_model.h"

#include <new>

namespace ink::ui {
namespace {

/// Slots of the pool. A look at a whole design is never thrown away for a question asked of the last one.
enum ProofSlot : quint64 { kLook = 1, kAgain };

/// What the new size is beside the one before; nothing where the words change their proportions.
std::optional<double> scaleBetween(const FinishedSize& before, const FinishedSize& now)
{
    if (before == now)
        return 1.0;
    if (before.by != now.by || before.other_mm || now.other_mm || before.value_mm <= 0.0)
        return {};
    return now.value_mm / before.value_mm;
}

} // namespace

ProofModel::ProofModel(JobModel& job, DesignModel& design, QObject* parent)
    : QObject(parent), m_job(job), m_design(design)
{
    connect(&m_design, &DesignModel::changed, this, &ProofModel::look);
    connect(&m_job, &JobModel::changed, this, &ProofModel::jobChanged);
    look();
}

KnownOfFont ProofModel::known() const
{
    return {m_job.job().purpose == Purpose::Sale && m_right && *m_right != Verdict::MaySell};
}

void ProofModel::showRight(std::optional<Verdict> verdict)
{
    if (verdict == m_right)
        return;
    m_right = verdict;
    jobChanged();
}

/// At the design there is, with all the job asks of it.
void ProofModel::look()
{
    const auto composed = m_design.composed();
    m_pool.cancel(kAgain);
    if (!composed) {
        m_pool.cancel(kLook);
        m_composed.reset();
        m_proof.reset();
        m_findings.clear();
        m_refusal.reset();
        m_is_up_to_date = true;
        emit changed();
        return;
    }
    m_is_up_to_date = false;
    m_pool.run(
        kLook, 1,
        [this, composed, job = m_job.job(), known = known()](const CancelToken& token) -> SlotPool::Answer {
            auto result = [&]() -> Result<DesignProof> {
                try {
                    return proofOf(*composed, job, known, token);
                } catch (const std::bad_alloc&) {
                    return fail(ErrorCode::TooManyNodes, {}, "there is not enough memory");
                }
            }();
            std::shared_ptr<const DesignProof> proof;
            if (result)
                proof = std::make_shared<const DesignProof>(std::move(*result));
            const auto refusal = result ? std::nullopt : std::optional(result.error());
            return [this, composed, job, known, proof, refusal] {
                m_composed = composed;
                m_proof = proof;
                m_refusal = refusal;
                m_looked_at = job;
                m_scale = 1.0;
                m_findings = proof ? proof->findings : std::vector<ProofFinding>();
                m_weeding = proof ? proof->weeding : Weeding();
                m_is_up_to_date = true;
                if (m_job.job() != job || this->known() != known)
                    jobChanged();
                emit changed();
            };
        });
}

void ProofModel::jobChanged()
{
    const Job& job = m_job.job();
    if (!m_proof || job.words != m_looked_at.words)
        return; // its own design is on the way
    const auto scale = scaleBetween(m_looked_at.size, job.size);
    if (!scale)
        return;
    // What stitches tell stands in the plan of them: it is made again, but not at every step of a size that is dragged.
    if (isSewn(job.process) && *scale == 1.0)
        return look();
    askAgain(*scale);
}

/// The axis has no size: only limits are compared again.
void ProofModel::askAgain(double scale)
{
    m_pool.run(kAgain, 2,
               [this, composed = m_composed, proof = m_proof, job = m_job.job(), known = known(),
                scale](const CancelToken&) -> SlotPool::Answer {
                   auto findings = findingsOf(*proof->outline, scale, *composed, job, known);
                   const auto weeding = weedingOf(*proof->outline, job.weeding.rule,
                                                  weedingLines(composed->design.outline_mm, job.weeding));
                   return [this, proof, findings = std::move(findings), weeding, scale] {
                       if (proof != m_proof)
                           return;
                       m_findings = findings;
                       m_weeding = weeding;
                       m_scale = scale;
                       emit changed();
                   };
               });
}

} // namespace ink::ui
