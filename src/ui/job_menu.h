// The job as a file: its menu, and whether the file is up to date.
#pragma once

#include "ui/job_session.h"

#include <QPushButton>

#include <functional>

class QMenu;

namespace ink::ui {

class JobMenu : public QPushButton
{
    Q_OBJECT
public:
    struct Questions
    {
        /// A file to open, one to save to from a suggested name, a name for a template; empty when the person changed their mind.
        std::function<QString(QWidget*)> open_path;
        std::function<QString(QWidget*, const QString& suggested)> save_path;
        std::function<QString(QWidget*)> template_name;
    };
    JobMenu(JobSession& session, JobModel& job, Questions questions, QWidget* parent = nullptr);

    void askToOpen();
    /// Asks for a name when there is none yet.
    void save();
    void saveAs();

signals:
    void copyWanted();
    void handbookWanted();

private:
    void fill();
    void saveAsTemplate();
    void showName();
    QString suggestedName() const;

    JobSession& m_session;
    JobModel& m_job;
    Questions m_questions;
    QMenu* m_menu = nullptr;
};

} // namespace ink::ui
