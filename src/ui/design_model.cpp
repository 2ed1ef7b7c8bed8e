#include "ui/design_model.h"

namespace ink::ui {
namespace {

/// What is written on the material is the same whatever it is made with and sold for.
bool looksAlike(const Job& a, const Job& b)
{
    const bool is_mended = !b.lettering.mendings.empty();
    if (is_mended && (a.process != b.process || a.limits() != b.limits() || a.is_one_piece != b.is_one_piece))
        return false; // mendings answer to them
    Job plain = a;
    plain.unit = b.unit;
    plain.process = b.process;
    plain.purpose = b.purpose;
    plain.own_limits = b.own_limits;
    plain.material = b.material;
    plain.weeding = b.weeding;
    plain.is_one_piece = b.is_one_piece;
    plain.names = b.names;
    plain.sheet = b.sheet;
    plain.pattern = b.pattern;
    plain.stitches = b.stitches;
    return plain == b;
}

} // namespace

DesignModel::DesignModel(JobModel& job, LetteringService& lettering, QObject* parent)
    : QObject(parent), m_job(job), m_lettering(lettering)
{
    connect(&m_job, &JobModel::changed, this, &DesignModel::jobChanged);
    jobChanged();
}

std::shared_ptr<const Design> DesignModel::design() const
{
    return m_composed ? std::shared_ptr<const Design>(m_composed, &m_composed->design) : nullptr;
}

void DesignModel::makeAgain()
{
    m_asked.reset();
    jobChanged();
}

void DesignModel::jobChanged()
{
    const Job& job = m_job.job();
    if (m_asked && looksAlike(job, *m_asked)) {
        m_asked = job;
        return;
    }
    m_asked = job;
    if (job.font.path.empty()) {
        m_is_up_to_date = true;
        m_composed.reset();
        m_refusal.reset();
        emit changed();
        return;
    }
    m_is_up_to_date = false;
    emit outdated();
    m_lettering.compose(job, [this](const ComposedResult& result) { take(result); });
}

void DesignModel::take(const ComposedResult& result)
{
    if (m_job.job().font.path.empty())
        return; // it was taken away meanwhile
    m_is_up_to_date = true;
    m_composed = result ? *result : nullptr;
    m_refusal = result ? std::nullopt : std::optional(result.error());
    // What is no fault of the file names no file: a font of the shelf is known by another name.
    if (m_refusal && m_refusal->code >= ErrorCode::EmptyText && m_refusal->subject == m_job.job().font.path)
        m_refusal->subject.clear();
    emit changed();
}

} // namespace ink::ui
