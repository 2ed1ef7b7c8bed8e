#include "ui/job_menu.h"

#include "ui/text.h"

#include <QDir>
#include <QFileInfo>
#include <QLocale>
#include <QMenu>
#include <QRegularExpression>

#include <algorithm>

namespace ink::ui {

JobMenu::JobMenu(Needs needs, QWidget* parent) : QPushButton(parent), m_needs(std::move(needs))
{
    setObjectName(QStringLiteral("jobMenu"));
    setProperty("role", QStringLiteral("link"));
    m_menu = new QMenu(this);
    m_menu->setObjectName(QStringLiteral("jobMenuList"));
    setMenu(m_menu);
    connect(m_menu, &QMenu::aboutToShow, this, &JobMenu::fill);
    fill();
    showName();
}

void JobMenu::showName()
{
    const QString name = m_file.isEmpty() ? tr("Job: not a file yet")
                                          : tr("Job: %1").arg(QFileInfo(m_file).completeBaseName());
    setText(name);
    setAccessibleName(name);
    setToolTip(m_file.isEmpty() ? tr("Open jobs, save this one as a file, go back to earlier versions")
                                : m_file);
}

void JobMenu::fill()
{
    m_menu->clear();
    const auto add = [&](QMenu* menu, const QString& text, const char* name, auto action) {
        auto* made = menu->addAction(text, this, action);
        made->setObjectName(QLatin1String(name));
        return made;
    };
    add(m_menu, tr("New job\tCtrl+N"), "jobNew", [this] { newJob(); });
    add(m_menu, tr("Open a job…\tCtrl+Shift+O"), "jobOpen", [this] { askToOpen(); });
    auto* recent = m_menu->addMenu(tr("Recent jobs"));
    for (const auto& file : m_needs.projects.recent())
        add(recent, QFileInfo(file).completeBaseName(), "jobRecent", [this, file] {
            open(file);
        })->setToolTip(file);
    recent->setEnabled(!recent->isEmpty());
    auto* templates = m_menu->addMenu(tr("New from a template"));
    for (const auto& [name, file] : m_needs.projects.templates())
        add(templates, name, "jobFromTemplate", [this, path = file] { bring(path, false); });
    templates->setEnabled(!templates->isEmpty());
    m_menu->addSeparator();
    add(m_menu, tr("Save the job\tCtrl+Shift+S"), "jobSave", [this] { save(); });
    add(m_menu, tr("Save the job as…"), "jobSaveAs", [this] { saveAs(); });
    auto* versions = m_menu->addMenu(tr("Earlier versions"));
    if (!m_file.isEmpty())
        for (const auto& version : m_needs.projects.versions(m_file))
            add(versions, QLocale().toString(version.saved, QLocale::ShortFormat), "jobVersion",
                [this, path = version.file] { bring(path, false); });
    versions->setEnabled(!versions->isEmpty());
    add(m_menu, tr("Save as a template…"), "jobTemplate", [this] { saveAsTemplate(); });
    m_menu->addSeparator();
    add(m_menu, tr("Copy as SVG\tCtrl+Shift+C"), "jobCopy", [this] { emit copyWanted(); });
}

void JobMenu::newJob()
{
    // The machine, its limits and the unit are the person's; the words and what was chosen for them go.
    Job fresh;
    const auto& now = m_needs.job.job();
    fresh.unit = now.unit;
    fresh.process = now.process;
    fresh.is_mirrored = now.is_mirrored;
    fresh.own_limits = now.own_limits;
    fresh.font = now.font;
    fresh.purpose = now.purpose;
    m_needs.job.setJob(fresh, tr("start a new job"));
    m_file.clear();
    m_opened = nullptr;
    showName();
    emit opened();
}

void JobMenu::askToOpen()
{
    const QString file = m_needs.open_path(this);
    if (!file.isEmpty())
        open(file);
}

void JobMenu::open(const QString& file)
{
    bring(file, true);
}

void JobMenu::bring(const QString& file, bool becomes_file)
{
    m_needs.projects.open(
        file, [this, file, becomes_file](const Result<std::shared_ptr<const Project>>& project) {
            if (!project)
                return emit refused(project.error());
            take(*project);
            if (!(*project)->warnings.empty())
                emit told(tr("Not everything in %1 could be read; it stays in the file "
                             "when you save. %2")
                              .arg(QFileInfo(file).fileName(), ui::text((*project)->warnings.front())));
            m_opened = becomes_file ? *project : nullptr;
            if (becomes_file) {
                m_file = file;
                m_needs.projects.noteRecent(file);
            }
            showName();
            emit opened();
        });
}

void JobMenu::take(const std::shared_ptr<const Project>& project)
{
    // Fonts that lie elsewhere on this computer are found by their content.
    auto placed = std::make_shared<Project>(*project);
    for (auto& font : placed->fonts) {
        const std::string here = m_needs.find_font(font);
        if (here == font.font.path)
            continue;
        const FontRef before = font.font;
        font.font.path = here;
        if (placed->job.font == before)
            placed->job.font = font.font;
        for (auto& [character, choice] : placed->job.lettering.letters)
            if (choice.font == before)
                choice.font = font.font;
    }
    m_needs.lettering.setStored(placed);
    m_needs.job.setJob(placed->job, tr("open a job"));
}

QString JobMenu::suggestedName() const
{
    QString name = ui::text(withoutMotifs(m_needs.job.job().words)).simplified().left(60);
    name.replace(QRegularExpression(QStringLiteral("[^\\p{L}\\p{N} ]+")), QString());
    return (name.trimmed().isEmpty() ? tr("Job") : name.trimmed()) + QStringLiteral(".uink");
}

void JobMenu::save()
{
    if (m_file.isEmpty())
        return saveAs();
    saveTo(m_file);
}

void JobMenu::saveAs()
{
    const QString file = m_needs.save_path(this, m_file.isEmpty() ? suggestedName() : m_file);
    if (!file.isEmpty())
        saveTo(file);
}

Project JobMenu::withWhatTheFileHolds(const Project& made) const
{
    Project whole = made;
    if (!m_opened)
        return whole;
    whole.others = m_opened->others;
    // Papers of a font that is not on this computer come from the file alone.
    for (const auto& document : m_opened->evidence) {
        const auto isOf = [&](const StoredFont& font) {
            return font.info.sha256.size() >= 12 && document.name.starts_with(font.info.sha256.substr(0, 12));
        };
        if (std::ranges::any_of(whole.fonts, isOf) &&
            std::ranges::find(whole.evidence, document.name, &ProjectDocument::name) == whole.evidence.end())
            whole.evidence.push_back(document);
    }
    return whole;
}

void JobMenu::saveTo(const QString& file)
{
    m_needs.lettering.makeProject(
        m_needs.job.job(), m_needs.evidence(),
        [this, file](const Result<std::shared_ptr<const Project>>& project) {
            if (!project)
                return emit refused(project.error());
            const auto whole = std::make_shared<const Project>(withWhatTheFileHolds(**project));
            m_needs.projects.save(file, whole, [this, file](const Result<void>& done) {
                if (!done)
                    return emit refused(done.error());
                m_file = file;
                m_needs.projects.noteRecent(file);
                showName();
                emit told(
                    tr("Saved the job as %1. It holds its letters and papers, so it opens without its fonts.")
                        .arg(QFileInfo(file).fileName()));
            });
        });
}

void JobMenu::saveAsTemplate()
{
    const QString name = m_needs.template_name(this);
    if (name.trimmed().isEmpty())
        return;
    m_needs.lettering.makeProject(m_needs.job.job(), m_needs.evidence(),
                                  [this, name](const Result<std::shared_ptr<const Project>>& project) {
                                      if (!project)
                                          return emit refused(project.error());
                                      m_needs.projects.saveTemplate(
                                          name, *project, [this, name](const Result<void>& done) {
                                              if (!done)
                                                  return emit refused(done.error());
                                              emit told(tr("“%1” is a template now.").arg(name));
                                          });
                                  });
}

} // namespace ink::ui
