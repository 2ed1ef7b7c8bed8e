#include "ui/needle/needle_model.h"

#include <new>

namespace ink::ui {
namespace {

constexpr quint64 kSew = 1;

} // namespace

bool isSewn(Process process)
{
    return process == Process::Satin || process == Process::Applique;
}

StitchSettings stitchesOf(const Job& job)
{
    StitchSettings s = job.stitches;
    if (job.process == Process::Applique)
        s.as = SewnAs::Applique;
    else if (s.as == SewnAs::Applique)
        s.as = SewnAs::Satin;
    return s;
}

NeedleModel::NeedleModel(JobModel& job, HandOffModel& names, QObject* parent)
    : QObject(parent), m_job(job), m_names(names)
{
    connect(&m_names, &HandOffModel::changed, this, &NeedleModel::namesChanged);
    connect(&m_job, &JobModel::changed, this, &NeedleModel::namesChanged);
}

void NeedleModel::namesChanged()
{
    const Job& job = m_job.job();
    if (!isSewn(job.process) && !m_sewn && !m_asked)
        return; // nobody looks, and nothing was made
    if (!isSewn(job.process) || job.font.path.empty()) {
        m_pool.cancel(kSew);
        m_asked.reset();
        m_sewn.reset();
        m_is_up_to_date = true;
        return emit changed();
    }
    const std::size_t shown = job.names.isEmpty() ? 0 : job.names.shown;
    const auto name = shown < m_names.names().size() ? m_names.names()[shown] : nullptr;
    const auto settings = stitchesOf(job);
    if (!name) {
        m_is_up_to_date = false;
        return;
    }
    if (name == m_asked && settings == m_asked_with)
        return;
    m_asked = name;
    m_asked_with = settings;
    m_is_up_to_date = false;
    m_pool.run(kSew, 1, [this, name, settings](const CancelToken& token) -> SlotPool::Answer {
        auto sewn = std::make_shared<SewnName>();
        try {
            *sewn = sewName(*name, settings, token);
        } catch (const std::bad_alloc&) {
            sewn->error = Error{ErrorCode::TooComplex, {}, "there is not enough memory"};
        }
        return [this, sewn] {
            m_sewn = sewn;
            m_is_up_to_date = true;
            emit changed();
        };
    });
}

std::vector<double> needleTimes(const NeedleWork& work, double stitches_a_minute)
{
    std::vector<double> out;
    double at = 0.0;
    for (const auto& step : work) {
        at += step.kind == NeedleStep::Kind::Stitch ? 60.0 / stitches_a_minute
              : step.kind == NeedleStep::Kind::Trim ? kTrim_s
              : step.kind == NeedleStep::Kind::Stop ? kStop_s
                                                    : 0.0;
        out.push_back(at);
    }
    return out;
}

} // namespace ink::ui
