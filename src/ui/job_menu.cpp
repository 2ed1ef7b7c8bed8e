#include "ui/job_menu.h"

#include "core/design/lettering.h"
#include "ui/text.h"

#include <QAction>
#include <QFileInfo>
#include <QLocale>
#include <QMenu>
#include <QRegularExpression>

namespace ink::ui {
namespace {

/// "20261127-101500-000", UTC, as people read it.
QString readable(const std::string& stamp)
{
    auto when = QDateTime::fromString(QString::fromStdString(stamp), QStringLiteral("yyyyMMdd-HHmmss-zzz"));
    when.setTimeSpec(Qt::UTC);
    return QLocale().toString(when.toLocalTime(), QLocale::ShortFormat);
}

} // namespace

JobMenu::JobMenu(JobSession& session, JobModel& job, Questions questions, QWidget* parent)
    : QPushButton(parent), m_session(session), m_job(job), m_questions(std::move(questions))
{
    setObjectName(QStringLiteral("jobMenu"));
    setProperty("role", QStringLiteral("link"));
    m_menu = new QMenu(this);
    m_menu->setObjectName(QStringLiteral("jobMenuList"));
    setMenu(m_menu);
    connect(m_menu, &QMenu::aboutToShow, this, &JobMenu::fill);
    connect(&m_session, &JobSession::stateChanged, this, &JobMenu::showName);
    fill();
    showName();
}

void JobMenu::showName()
{
    const QString& file = m_session.file();
    const QString name = file.isEmpty() ? tr("Job: not a file yet")
                         : m_session.isModified()
                             ? tr("Job: %1, changed since it was saved").arg(m_session.name())
                             : tr("Job: %1, as saved").arg(m_session.name());
    setText(name);
    setAccessibleName(name);
    setToolTip(file.isEmpty() ? tr("Open jobs, save this one as a file, go back to earlier versions") : file);
}

void JobMenu::fill()
{
    m_menu->clear();
    const auto add = [&](QMenu* menu, const QString& text, const char* name, auto action) {
        auto* made = menu->addAction(text, this, action);
        made->setObjectName(QLatin1String(name));
        return made;
    };
    const auto& files = m_session.files();
    add(m_menu, tr("New job\tCtrl+N"), "jobNew", [this] { m_session.newJob(); });
    add(m_menu, tr("Open a job…\tCtrl+Shift+O"), "jobOpen", [this] { askToOpen(); });
    auto* recent = m_menu->addMenu(tr("Recent jobs"));
    for (const auto& file : files.recent())
        add(recent, QFileInfo(file).completeBaseName(), "jobRecent", [this, file] {
            m_session.open(file);
        })->setToolTip(file);
    recent->setEnabled(!recent->isEmpty());
    auto* left = m_menu->addMenu(tr("Left without saving"));
    for (const auto& job : m_session.left()) {
        const QString words = ui::text(withoutMotifs(job.kept.job.words)).simplified().left(40);
        add(left, tr("%1, left %2").arg(words.isEmpty() ? tr("No words") : words, readable(job.left_at)),
            "jobLeft", [this, kept = job.kept] { m_session.openLeft(kept); });
    }
    left->setEnabled(!left->isEmpty());
    auto* templates = m_menu->addMenu(tr("New from a template"));
    for (const auto& [name, file] : files.templates())
        add(templates, name, "jobFromTemplate", [this, path = file] { m_session.openTemplate(path); });
    templates->setEnabled(!templates->isEmpty());
    m_menu->addSeparator();
    add(m_menu, tr("Save the job\tCtrl+Shift+S"), "jobSave", [this] { save(); });
    add(m_menu, tr("Save the job as…"), "jobSaveAs", [this] { saveAs(); });
    auto* versions = m_menu->addMenu(tr("Earlier versions"));
    if (!m_session.file().isEmpty())
        for (const auto& version : files.versions(m_session.file()))
            add(versions, QLocale().toString(version.saved, QLocale::ShortFormat), "jobVersion",
                [this, path = version.file] { m_session.openVersion(path); });
    versions->setEnabled(!versions->isEmpty());
    add(m_menu, tr("Save as a template…"), "jobTemplate", [this] { saveAsTemplate(); });
    m_menu->addSeparator();
    add(m_menu, tr("Copy as SVG\tCtrl+Shift+C"), "jobCopy", [this] { emit copyWanted(); });
    m_menu->addSeparator();
    add(m_menu, tr("Handbook\tF1"), "jobHandbook", [this] { emit handbookWanted(); });
}

void JobMenu::askToOpen()
{
    const QString file = m_questions.open_path(this);
    if (!file.isEmpty())
        m_session.open(file);
}

QString JobMenu::suggestedName() const
{
    QString name = ui::text(withoutMotifs(m_job.job().words)).simplified().left(60);
    name.replace(QRegularExpression(QStringLiteral("[^\\p{L}\\p{N} ]+")), QString());
    return (name.trimmed().isEmpty() ? tr("Job") : name.trimmed()) + QStringLiteral(".uink");
}

void JobMenu::save()
{
    if (m_session.file().isEmpty())
        return saveAs();
    m_session.save();
}

void JobMenu::saveAs()
{
    const QString& now = m_session.file();
    const QString file = m_questions.save_path(this, now.isEmpty() ? suggestedName() : now);
    if (!file.isEmpty())
        m_session.saveAs(file);
}

void JobMenu::saveAsTemplate()
{
    const QString name = m_questions.template_name(this);
    if (!name.trimmed().isEmpty())
        m_session.saveTemplate(name.trimmed());
}

} // namespace ink::ui
