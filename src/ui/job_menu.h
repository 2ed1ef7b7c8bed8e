// The job as a file: new, open, recent, versions, templates, save.
#pragma once

#include "ui/compose/lettering_service.h"
#include "ui/job_model.h"
#include "ui/project_keeper.h"

#include <QPushButton>

#include <functional>
#include <memory>

namespace ink::ui {

class JobMenu : public QPushButton
{
    Q_OBJECT
public:
    struct Needs
    {
        JobModel& job;
        LetteringService& lettering;
        ProjectKeeper& projects;
        /// A file to open, and one to save to from a suggested name; empty when the person changed their
        /// mind.
        std::function<QString(QWidget*)> open_path;
        std::function<QString(QWidget*, const QString& suggested)> save_path;
        std::function<QString(QWidget*)> template_name;
        /// Where a stored font lies on this computer now; its own path when it does not.
        std::function<std::string(const StoredFont&)> find_font;
        std::function<std::vector<ProjectDocument>()> evidence;
    };
    JobMenu(Needs needs, QWidget* parent = nullptr);

    /// The file of the job; empty while it has none.
    QString file() const { return m_file; }
    void newJob();
    void open(const QString& file);
    void askToOpen();
    void save();
    void saveAs();

signals:
    void told(const QString& message);
    void refused(const Error& error);
    void copyWanted();
    void opened();

private:
    void fill();
    void saveTo(const QString& file);
    void saveAsTemplate();
    /// `becomes_file`: what is opened is this file, not a version or a template of it.
    void bring(const QString& file, bool becomes_file);
    void take(const std::shared_ptr<const Project>& project);
    void showName();
    QString suggestedName() const;

    /// What the job was made into now, and what its file holds beyond that.
    Project withWhatTheFileHolds(const Project& made) const;

    Needs m_needs;
    QString m_file;
    /// As the job's file was opened; null while it has none.
    std::shared_ptr<const Project> m_opened;
    QMenu* m_menu = nullptr;
};

} // namespace ink::ui
