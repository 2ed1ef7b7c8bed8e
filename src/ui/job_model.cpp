#include "ui/job_model.h"

#include "core/type/shape.h"

#include <QUndoCommand>

#include <algorithm>
#include <utility>

namespace ink::ui {

namespace {

QString changeOf(JobModel::Part part)
{
    const QString changes[] = {QObject::tr("change the words"),
                               QObject::tr("change the size"),
                               QObject::tr("change the unit"),
                               QObject::tr("change the process"),
                               QObject::tr("change sale or gift"),
                               QObject::tr("change mirroring"),
                               QObject::tr("change the letter spacing"),
                               QObject::tr("change the font"),
                               QObject::tr("change what the process holds"),
                               QObject::tr("change the lettering")};
    return changes[static_cast<int>(part)];
}

} // namespace

/// One edit of the job. Holding both jobs whole keeps undo exact whatever the edit touched.
class ChangeJob : public QUndoCommand
{
public:
    ChangeJob(JobModel& model, JobModel::Part part, Job before, Job after, int run, const QString& name,
              std::function<void()> alongside)
        : m_model(model), m_part(part), m_before(std::move(before)), m_after(std::move(after)), m_run(run),
          m_alongside(std::move(alongside))
    {
        setText(name.isEmpty() ? changeOf(part) : name);
    }
    void undo() override { exchange(m_before); }
    void redo() override { exchange(m_after); }
    int id() const override { return static_cast<int>(m_part); }
    bool mergeWith(const QUndoCommand* other) override
    {
        const auto* next = static_cast<const ChangeJob*>(other);
        if (next->m_run != m_run || next->text() != text() || m_alongside || next->m_alongside)
            return false;
        m_after = next->m_after;
        setObsolete(m_after == m_before);
        return true;
    }

private:
    void exchange(const Job& job)
    {
        if (m_alongside)
            m_alongside();
        m_model.assign(job);
    }

    JobModel& m_model;
    JobModel::Part m_part;
    Job m_before;
    Job m_after;
    int m_run;
    std::function<void()> m_alongside;
};

JobModel::JobModel(Job job, QObject* parent) : QObject(parent), m_job(std::move(job)) {}

void JobModel::assign(const Job& job)
{
    m_job = job;
    for (auto moved = m_moved_fonts.find(m_job.font.path); moved != m_moved_fonts.end();
         moved = m_moved_fonts.find(m_job.font.path))
        m_job.font.path = moved->second;
    emit changed();
}

void JobModel::fontMoved(const std::string& before, const std::string& after)
{
    m_moved_fonts.erase(after); // it may have come back
    if (before == after)
        return;
    m_moved_fonts[before] = after;
    if (m_job.font.path == before)
        assign(Job(m_job));
}

template <class Change>
void JobModel::edit(Part part, Change change, const QString& name, std::function<void()> alongside)
{
    Job after = m_job;
    change(after);
    if (after != m_job || alongside)
        m_undo.push(new ChangeJob(*this, part, m_job, std::move(after), m_run, name, std::move(alongside)));
}

void JobModel::setWords(const QString& words)
{
    edit(Part::Words, [&](Job& job) {
        const auto after = words.toStdString();
        followWords(job.lettering, toUtf32(job.words), toUtf32(after));
        job.words = after;
    });
}

void JobModel::replaceCharacters(std::size_t at, std::size_t removed, const QString& inserted)
{
    edit(Part::Words, [&](Job& job) {
        std::u32string words = toUtf32(job.words);
        const auto fresh = toUtf32(inserted.toStdString());
        at = std::min(at, words.size());
        ink::replaceCharacters(job.lettering, words, at, removed, fresh);
        words.replace(at, removed, fresh);
        job.words.clear();
        for (const char32_t c : words)
            job.words += toUtf8(c);
    });
}

void JobModel::changeLettering(const QString& name, const std::function<void(Job&)>& change)
{
    edit(
        Part::Lettering,
        [&](Job& job) {
            change(job);
            keepNear(job.lettering);
            tidy(job.lettering);
        },
        name);
}

void JobModel::changeSheet(const QString& name, const std::function<void(SheetSettings&)>& change)
{
    changeLettering(name, [&](Job& job) {
        change(job.sheet);
        job.sheet = sensible(std::move(job.sheet));
    });
}

void JobModel::setJob(const Job& job, const QString& name, std::function<void()> alongside)
{
    endRun();
    edit(
        Part::Lettering, [&](Job& now) { now = job; }, name, std::move(alongside));
    endRun();
}

void JobModel::setSize(FinishedSize size)
{
    edit(Part::Size, [&](Job& job) { job.size = size; });
}

void JobModel::setUnit(LengthUnit unit)
{
    edit(Part::Unit, [&](Job& job) { job.unit = unit; });
}

void JobModel::setProcess(Process process)
{
    edit(Part::Process, [&](Job& job) {
        const ProcessLimits before = job.limits();
        job.process = process;
        followLimits(job, before);
        job.is_mirrored = infoOf(process).is_mirrored;
    });
}

void JobModel::setPurpose(Purpose purpose)
{
    edit(Part::Purpose, [&](Job& job) { job.purpose = purpose; });
}

void JobModel::setMirrored(bool is_mirrored)
{
    edit(Part::Mirrored, [&](Job& job) { job.is_mirrored = is_mirrored; });
}

void JobModel::setTracking(double tracking_em)
{
    edit(Part::Tracking, [&](Job& job) { job.tracking_em = tracking_em; });
}

void JobModel::setFont(FontRef font)
{
    edit(Part::Font, [&](Job& job) { job.font = std::move(font); });
}

void JobModel::setLimits(const ProcessLimits& limits)
{
    edit(Part::Limits, [&](Job& job) {
        const ProcessLimits before = job.limits();
        job.setLimits(job.process, sensible(limits));
        followLimits(job, before);
    });
}

} // namespace ink::ui
