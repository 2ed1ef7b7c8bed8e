#include "ui/needle/needle_model.h"

#include <algorithm>
#include <functional>
#include <new>

namespace ink::ui {
namespace {

constexpr quint64 kSew = 1;

} // namespace

NeedleModel::NeedleModel(JobModel& job, HandOffModel& names, QObject* parent)
    : QObject(parent), m_job(job), m_names(names)
{
    connect(&m_names, &HandOffModel::changed, this, &NeedleModel::namesChanged);
    connect(&m_job, &JobModel::changed, this, &NeedleModel::namesChanged);
}

void NeedleModel::namesChanged()
{
    const Job& job = m_job.job();
    if (!isSewn(job.process) && !m_sewn && m_asked.empty())
        return; // nobody looks, and nothing was made
    if (!isSewn(job.process) || job.font.path.empty()) {
        m_pool.cancel(kSew);
        m_asked.clear();
        m_sewn.reset();
        m_hoops.reset();
        m_is_up_to_date = true;
        return emit changed();
    }
    const auto settings = job.sewing();
    if (settings.is_together && job.names.names.size() > 1)
        return sewTogether(settings);
    const std::size_t shown = job.names.isEmpty() ? 0 : job.names.shown;
    sewOne(shown < m_names.names().size() ? m_names.names()[shown] : nullptr, settings);
}

void NeedleModel::sewOne(const HandOffModel::Name& name, const StitchSettings& settings)
{
    if (!name) {
        m_is_up_to_date = false;
        return;
    }
    if (m_asked == std::vector{name} && settings == m_asked_with)
        return;
    m_asked = {name};
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
            m_hoops.reset();
            m_sewn = sewn;
            m_is_up_to_date = true;
            emit changed();
        };
    });
}

void NeedleModel::sewTogether(const StitchSettings& settings)
{
    const auto& names = m_names.names();
    if (names.size() != m_job.job().names.names.size() || std::ranges::any_of(names, std::logical_not<>())) {
        m_is_up_to_date = false; // they are still being made
        return;
    }
    if (m_asked == names && settings == m_asked_with)
        return m_is_up_to_date ? showHoop() : void();
    m_asked = names;
    m_asked_with = settings;
    m_is_up_to_date = false;
    m_pool.run(kSew, 1, [this, names, settings](const CancelToken& token) -> SlotPool::Answer {
        auto made = [&]() -> Result<Hoops> {
            try {
                std::vector<MadeName> all;
                for (const auto& name : names)
                    all.push_back(*name);
                return sewnTogether(all, settings, token);
            } catch (const std::bad_alloc&) {
                return fail(ErrorCode::TooComplex, {}, "there is not enough memory");
            }
        }();
        auto hoops = made ? std::make_shared<const Hoops>(std::move(*made)) : nullptr;
        auto refused = std::make_shared<SewnName>();
        if (!hoops)
            refused->error = made.error();
        return [this, hoops, refused] {
            m_hoops = hoops;
            m_sewn = refused;
            m_hoop_shown = std::size_t(-1);
            m_is_up_to_date = true;
            hoops ? showHoop() : emit changed();
        };
    });
}

/// That of the name that is shown; one that lies in none shows the first.
void NeedleModel::showHoop()
{
    if (!m_hoops)
        return;
    const auto with_it = std::ranges::find_if(m_hoops->hoops, [this](const Hoop& hoop) {
        return std::ranges::count(hoop.names, m_job.job().names.shown) > 0;
    });
    const std::size_t number =
        with_it == m_hoops->hoops.end() ? 0 : std::size_t(with_it - m_hoops->hoops.begin());
    if (number == m_hoop_shown)
        return;
    m_hoop_shown = number;
    m_sewn = Sewn(m_hoops, &m_hoops->hoops[number].sewn);
    emit changed();
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
