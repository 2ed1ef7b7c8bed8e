#include "ui/job_model.h"

#include <QUndoCommand>

#include <utility>

namespace ink::ui {

/// One edit of the job. Holding both jobs whole keeps undo exact whatever the edit touched.
class ChangeJob : public QUndoCommand
{
public:
    ChangeJob(JobModel& model, JobModel::Part part, Job before, Job after, int run)
        : m_model(model), m_part(part), m_before(std::move(before)), m_after(std::move(after)), m_run(run)
    {
        static const char* const names[] = {"the words",    "the size",  "the unit", "the process",
                                            "sale or gift", "mirroring", "the font"};
        setText(QObject::tr("change %1").arg(QLatin1String(names[static_cast<int>(part)])));
    }
    void undo() override { m_model.assign(m_before); }
    void redo() override { m_model.assign(m_after); }
    int id() const override { return static_cast<int>(m_part); }
    bool mergeWith(const QUndoCommand* other) override
    {
        const auto* next = static_cast<const ChangeJob*>(other);
        if (next->m_run != m_run)
            return false;
        m_after = next->m_after;
        setObsolete(m_after == m_before);
        return true;
    }

private:
    JobModel& m_model;
    JobModel::Part m_part;
    Job m_before;
    Job m_after;
    int m_run;
};

JobModel::JobModel(Job job, QObject* parent) : QObject(parent), m_job(std::move(job)) {}

void JobModel::push(Part part, Job after)
{
    if (after == m_job)
        return;
    m_undo.push(new ChangeJob(*this, part, m_job, std::move(after), m_run));
}

void JobModel::assign(const Job& job)
{
    m_job = job;
    emit changed();
}

void JobModel::setWords(const QString& words)
{
    Job after = m_job;
    after.words = words.toStdString();
    push(Part::Words, after);
}

void JobModel::setSize(FinishedSize size)
{
    Job after = m_job;
    after.size = size;
    push(Part::Size, after);
}

void JobModel::setUnit(LengthUnit unit)
{
    Job after = m_job;
    after.unit = unit;
    push(Part::Unit, after);
}

void JobModel::setProcess(Process process)
{
    Job after = m_job;
    after.process = process;
    after.is_mirrored = infoOf(process).is_mirrored;
    push(Part::Process, after);
}

void JobModel::setPurpose(Purpose purpose)
{
    Job after = m_job;
    after.purpose = purpose;
    push(Part::Purpose, after);
}

void JobModel::setMirrored(bool is_mirrored)
{
    Job after = m_job;
    after.is_mirrored = is_mirrored;
    push(Part::Mirrored, after);
}

void JobModel::setFont(FontRef font)
{
    Job after = m_job;
    after.font = std::move(font);
    push(Part::Font, after);
}

} // namespace ink::ui
