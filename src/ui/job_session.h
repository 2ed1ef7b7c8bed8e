// One window's sitting: the job, the file it belongs to, what that file holds, and whether they differ. Opening, starting
// anew and going back are steps that undo like any other; nothing that is left or written over is lost.
#pragma once

#include "shelf/job_evidence.h"
#include "shelf/job_store.h"
#include "ui/compose/lettering_service.h"
#include "ui/job_model.h"
#include "ui/project_keeper.h"
#include "ui/slot_pool.h"
#include "ui/write_queue.h"

#include <QObject>
#include <QTimer>

#include <functional>
#include <memory>

namespace ink::ui {

class JobSession : public QObject
{
    Q_OBJECT
public:
    struct Needs
    {
        JobModel& job;
        LetteringService& lettering;
        WriteQueue& writes;
        JobStore store;
        /// Versions, templates and recent files lie here.
        std::filesystem::path folder;
        /// Where a stored font lies on this computer now; its own path when it does not.
        std::function<std::string(const StoredFont&)> find_font;
        /// To be called on another thread: reads what goes with a job.
        std::function<std::function<JobEvidence(const Job&)>()> evidence;
        /// Asks a question that is answered with `yes` or not at all.
        std::function<bool(const QString& question, const QString& yes)> agrees;
    };
    /// Goes on with what was kept.
    JobSession(Needs needs, const KeptJob& kept, QObject* parent = nullptr);

    /// The file of the job; empty while it has none.
    const QString& file() const;
    /// "banner", or what a job without a file is called.
    QString name() const;
    /// The job is not what its file holds; true for a job that was changed and has no file.
    bool isModified() const;

    void newJob();
    void open(const QString& file);
    /// An earlier version becomes the job; its file stays.
    void openVersion(const QString& version);
    /// A job of its own, which has no file yet.
    void openTemplate(const QString& file);
    /// A job that was left without being saved.
    void openLeft(const KeptJob& kept);
    /// Needs a file.
    void save();
    void saveAs(const QString& file);
    void saveTemplate(const QString& name);

    const ProjectKeeper& files() const { return m_files; }
    std::vector<JobStore::LeftJob> left() const { return m_needs.store.left(); }
    bool isIdle() const { return m_reads.isIdle(); }
    /// Writes what is still to be written. False when something could not be, which was told.
    bool finish();

signals:
    /// The file, or whether the job is what it holds.
    void stateChanged();
    void told(const QString& message);
    void refused(const Error& error);
    void opened();
    /// The job was kept, or could not be.
    void kept(bool done);

private:
    /// Shared by what is shown and by the steps that lead back to it.
    struct JobFile
    {
        QString path;
        /// What the file holds; null while there is none, or it is not known.
        std::shared_ptr<const Project> saved;
        std::string saved_sha256;
        /// What the file is known to hold; belongs to the thread that writes.
        std::shared_ptr<std::string> on_disk = std::make_shared<std::string>();
        /// What letters are taken from where their font is not here.
        std::shared_ptr<const Project> letters;
        std::string letters_sha256;
    };
    using Took = std::function<void(const ProjectFile&)>;

    void bring(const QString& file, Took took);
    /// Fonts that lie elsewhere on this computer are found by their content.
    std::shared_ptr<const Project> placed(const std::shared_ptr<const Project>& project) const;
    /// Leaves the job for another, with its file: one step to undo.
    void leaveFor(const Job& job, std::shared_ptr<JobFile> file, const QString& step);
    void showFile();
    void keep();
    void write(const QString& file, bool overwrites);
    void saved(const std::shared_ptr<JobFile>& of, const QString& file, const Job& job,
               const Result<ProjectFile>& done, const std::vector<std::string>& left_out);
    KeptJob keptNow() const;
    void restore(const KeptJob& kept);
    void keepCopyLater(const std::shared_ptr<JobFile>& of, const std::string& bytes);

    Needs m_needs;
    ProjectKeeper m_files;
    SlotPool m_reads;
    QTimer m_keep_soon;
    std::shared_ptr<JobFile> m_file;
    /// What a job without a file began as.
    Job m_fresh;
    bool m_has_failed = false;
    bool m_keeping_failed = false;
};

} // namespace ink::ui
