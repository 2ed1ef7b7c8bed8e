// The job as the window holds it: every change goes through an undo command.
#pragma once

#include "core/design/job.h"

#include <QObject>
#include <QUndoStack>

#include <functional>
#include <map>
#include <string>

namespace ink::ui {

class JobModel : public QObject
{
    Q_OBJECT
public:
    /// Which part a change touches; changes of the same part that follow each other undo as one.
    enum class Part { Words, Size, Unit, Process, Purpose, Mirrored, Tracking, Font, Limits, Lettering };

    explicit JobModel(Job job, QObject* parent = nullptr);

    const Job& job() const { return m_job; }
    QUndoStack& undoStack() { return m_undo; }

    /// Choices stay with the letters that stay.
    void setWords(const QString& words);
    /// Exchanges characters of the words, as an editor does.
    void replaceCharacters(std::size_t at, std::size_t removed, const QString& inserted);
    /// Changes what was chosen for letters, lines and pieces. Changes of the same name that follow each other
    /// undo as one.
    void changeLettering(const QString& name, const std::function<void(Job&)>& change);
    /// Changes how things lie on the sheet; each figure is brought into its range.
    void changeSheet(const QString& name, const std::function<void(SheetSettings&)>& change);
    /// Another job altogether, a project for example: one step to undo. `alongside` is called each time before the job is
    /// exchanged, there and back.
    void setJob(const Job& job, const QString& name, std::function<void()> alongside = {});
    void setSize(FinishedSize size);
    void setUnit(LengthUnit unit);
    /// Also sets mirroring to what the process asks for.
    void setProcess(Process process);
    void setPurpose(Purpose purpose);
    void setMirrored(bool is_mirrored);
    void setTracking(double tracking_em);
    void setFont(FontRef font);
    /// A font file lies elsewhere now: the job, and the jobs that undo goes back to, follow it.
    void fontMoved(const std::string& before, const std::string& after);
    /// Of the job's process.
    void setLimits(const ProcessLimits& limits);
    /// Ends a run of changes: what follows undoes on its own.
    void endRun() { ++m_run; }

signals:
    void changed();

private:
    friend class ChangeJob;
    template <class Change>
    void edit(Part part, Change change, const QString& name = {}, std::function<void()> alongside = {});
    void assign(const Job& job);

    Job m_job;
    std::map<std::string, std::string> m_moved_fonts;
    QUndoStack m_undo;
    int m_run = 0;
};

} // namespace ink::ui
