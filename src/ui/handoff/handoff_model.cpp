#include "ui/handoff/handoff_model.h"

#include <algorithm>
#include <functional>
#include <new>
#include <set>

namespace ink::ui {
namespace {

/// Slots of the pool: two threads make names, one lays sheets.
enum HandOffSlot : quint64 { kMakeOdd = 1, kMakeEven, kLay };
/// Names are told in portions: soon, and not each by itself.
constexpr std::size_t kPortion = 16;

} // namespace

Job madeOf(Job job)
{
    job.names = NameList{{}, 0, {}, {}, job.names.is_dressed_quietly};
    job.sheet = {};
    job.pattern = {};
    job.stitches = {};
    job.unit = {};
    job.purpose = {};
    job.material = {};
    job.weeding = {};
    return job;
}

HandOffModel::HandOffModel(JobModel& job, LetteringService& lettering, std::filesystem::path cards,
                           QObject* parent)
    : QObject(parent), m_job(job),
      m_lettering(lettering), m_options{
                                  {}, std::make_shared<WeldCache>(), std::make_shared<SettingCache>(), 0.02}
{
    m_materials = allMaterials(cards, m_card_faults);
    connect(&m_job, &JobModel::changed, this, &HandOffModel::jobChanged);
}

void HandOffModel::setActive()
{
    if (m_is_active)
        return;
    m_is_active = true;
    jobChanged();
}

std::size_t HandOffModel::madeCount() const
{
    return std::size_t(std::ranges::count_if(m_names, [](const Name& name) { return name != nullptr; }));
}

std::optional<std::size_t> HandOffModel::numberOf(std::size_t thing) const
{
    const auto at = thing < m_things.size() ? std::ranges::find(m_names, m_things[thing]) : m_names.end();
    return at == m_names.end() ? std::nullopt : std::optional(std::size_t(at - m_names.begin()));
}

int HandOffModel::copiesLaid() const
{
    const auto& sheet = m_job.job().sheet;
    if (!sheet.fills_sheet || !m_plan)
        return sheet.copies;
    std::set<std::size_t> numbers; // a border, or another material, is no copy
    for (const auto& laid : m_plan->laid)
        numbers.insert(laid.number);
    return int(numbers.size());
}

MaterialCard HandOffModel::material() const
{
    return chosenMaterial(m_materials, m_job.job().sheet, m_job.job().process);
}

void HandOffModel::jobChanged()
{
    if (!m_is_active)
        return;
    const Job& job = m_job.job();
    if (job.font.path.empty()) {
        m_pool.cancel(kMakeOdd);
        m_pool.cancel(kMakeEven);
        m_pool.cancel(kLay);
        m_asked.clear();
        m_names.clear();
        m_plan.reset();
        m_refusal.reset();
        m_is_planned = true;
        return emit changed();
    }
    const JobsOfNames jobs(job);
    std::vector<Asked> asked;
    for (std::size_t i = 0; i < jobs.count(); ++i)
        asked.push_back({madeOf(jobs.at(i)), jobs.listed(i)});
    if (asked != m_asked) {
        // What was made of the same words in the same way stays.
        std::multimap<std::string, std::size_t> made;
        for (std::size_t i = 0; i < m_asked.size(); ++i)
            if (m_names[i])
                made.emplace(m_asked[i].job.words, i);
        std::vector<Name> names(asked.size());
        for (std::size_t i = 0; i < asked.size(); ++i) {
            const auto [first, last] = made.equal_range(asked[i].job.words);
            for (auto at = first; at != last; ++at)
                if (m_asked[at->second] == asked[i])
                    names[i] = m_names[at->second];
        }
        m_asked = std::move(asked);
        m_names = std::move(names);
        m_laid_names = 0;
        m_is_planned = false;
        m_pool.cancel(kLay);
        emit changed();
        makeNext();
    } else if (m_laid_with != LaidWith{job.sheet, job.weeding, job.process}) {
        lay();
    }
}

/// Both threads take what is not made yet, one from each end of what is left.
void HandOffModel::makeNext()
{
    std::vector<std::size_t> missing;
    for (std::size_t i = 0; i < m_names.size(); ++i)
        if (!m_names[i])
            missing.push_back(i);
    m_pool.cancel(kMakeOdd);
    m_pool.cancel(kMakeEven);
    if (missing.empty())
        return lay();
    // A long list shows its first names on the sheet while the others are made.
    const std::size_t count = m_names.size() - missing.size();
    if (count >= kPortion && count >= 2 * m_laid_names) {
        m_laid_names = count;
        layAgain(true);
    }
    missing.resize(std::min(missing.size(), 2 * kPortion));
    for (const auto slot : {kMakeOdd, kMakeEven}) {
        std::vector<std::pair<std::size_t, Asked>> mine;
        for (std::size_t i = slot == kMakeOdd ? 0 : 1; i < missing.size(); i += 2)
            mine.emplace_back(missing[i], m_asked[missing[i]]);
        if (mine.empty())
            continue;
        m_pool.run(slot, 1,
                   [this, mine, letters = m_lettering.letters(),
                    options = m_options](const CancelToken& token) -> SlotPool::Answer {
                       std::vector<std::pair<std::size_t, Name>> done;
                       ComposeOptions with = options;
                       with.cancel = token;
                       for (const auto& [number, asked] : mine) {
                           MadeName made;
                           try {
                               made = makeName(asked.job, asked.listed, letters, with, true);
                           } catch (const std::bad_alloc&) {
                               made.words = asked.job.words;
                               made.error = Error{ErrorCode::TooManyNodes, {}, "there is not enough memory"};
                           }
                           if (token.isCancelled())
                               break;
                           done.emplace_back(number, std::make_shared<const MadeName>(std::move(made)));
                       }
                       return [this, done, mine] {
                           for (std::size_t i = 0; i < done.size(); ++i)
                               if (done[i].first < m_asked.size() && m_asked[done[i].first] == mine[i].second)
                                   m_names[done[i].first] = done[i].second;
                           emit changed();
                           // The other thread may have more of this portion to do; what it does meanwhile is not lost.
                           const bool is_portion_done = std::ranges::all_of(mine, [this](const auto& m) {
                               return m.first < m_names.size() && m_names[m.first];
                           });
                           if (is_portion_done && m_pool.isIdle())
                               makeNext();
                       };
                   });
    }
}

void HandOffModel::lay()
{
    m_is_planned = false;
    layAgain(true);
}

void HandOffModel::layAgain(bool is_quick)
{
    const Job& job = m_job.job();
    SheetRequest request;
    std::vector<MadeName> made;
    std::vector<Name> things;
    for (std::size_t i = 0; i < m_names.size(); ++i)
        if (m_names[i] && !m_names[i]->error) {
            made.push_back(*m_names[i]);
            things.push_back(m_names[i]);
        }
    request.things = thingsOf(made, job);
    request.settings = job.sheet;
    request.weeding = job.weeding;
    request.materials = m_materials;
    request.process = job.process;
    request.is_quick = is_quick;
    m_laid_with = LaidWith{job.sheet, job.weeding, job.process};
    m_pool.run(kLay, 2, [this, request, things](const CancelToken& token) mutable -> SlotPool::Answer {
        request.cancel = token;
        auto result = [&]() -> Result<SheetPlan> {
            try {
                return planSheets(request);
            } catch (const std::bad_alloc&) {
                return fail(ErrorCode::TooComplex, {}, "there is not enough memory");
            }
        }();
        auto plan = result ? std::make_shared<const SheetPlan>(std::move(*result)) : nullptr;
        auto refusal = result ? std::nullopt : std::optional(result.error());
        return [this, plan, refusal, things, is_quick = request.is_quick] {
            m_plan = plan;
            m_refusal = refusal;
            m_things = things;
            if (!plan && m_names.size() == 1 && m_names.front() && m_names.front()->error)
                m_refusal = m_names.front()->error;
            m_is_planned = !plan || !is_quick;
            emit changed();
            if (plan && is_quick && std::ranges::none_of(m_names, std::logical_not<>()))
                layAgain(false);
        };
    });
}

} // namespace ink::ui
