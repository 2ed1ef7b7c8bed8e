#include "ui/job_session.h"
#include "core/base/told.h"

#include "core/base/digest.h"
#include "ui/core_words.h"
#include "ui/text.h"

#include <QDateTime>
#include <QFileInfo>

#include <algorithm>
#include <utility>

namespace ink::ui {
namespace {

constexpr int kKeepAfter_ms = 800;
enum Slot : quint64 { kRead = 1 };

/// What the job's file holds beside the job goes on to be held.
Project withWhatTheFileHolds(Project whole, const Project* before)
{
    if (!before)
        return whole;
    whole.others = before->others;
    // Papers of a font that is not on this computer come from the file alone.
    for (const auto& document : before->evidence) {
        const auto isOf = [&](const StoredFont& font) {
            return font.info.sha256.size() >= 12 && document.name.starts_with(font.info.sha256.substr(0, 12));
        };
        if (std::ranges::any_of(whole.fonts, isOf) &&
            std::ranges::find(whole.evidence, document.name, &ProjectDocument::name) == whole.evidence.end())
            whole.evidence.push_back(document);
    }
    return whole;
}

Result<Project> projectOf(const Job& job, const FindLetters& letters, std::vector<ProjectDocument> evidence)
{
    const auto digest = [](const FontRef& font) { return sha256OfFile(font.path).value_or(std::string()); };
    try {
        return makeProject(job, letters, digest, std::move(evidence));
    } catch (const std::bad_alloc&) {
        return fail(ErrorCode::TooManyNodes, {}, "there is not enough memory");
    }
}

} // namespace

JobSession::JobSession(Needs needs, const KeptJob& kept, QObject* parent)
    : QObject(parent), m_needs(std::move(needs)), m_files(m_needs.folder), m_file(std::make_shared<JobFile>())
{
    m_keep_soon.setSingleShot(true);
    m_keep_soon.setInterval(kKeepAfter_ms);
    connect(&m_keep_soon, &QTimer::timeout, this, &JobSession::keep);
    restore(kept);
    connect(&m_needs.job, &JobModel::changed, this, [this] {
        m_keep_soon.start();
        emit stateChanged();
    });
}

const QString& JobSession::file() const
{
    return m_file->path;
}

QString JobSession::name() const
{
    return m_file->path.isEmpty() ? tr("not a file yet") : QFileInfo(m_file->path).completeBaseName();
}

bool JobSession::isModified() const
{
    const Job& job = m_needs.job.job();
    return m_file->saved ? job != m_file->saved->job : job != m_fresh;
}

/// The copies are read at once: letters that are stored are needed before the first look at the words.
void JobSession::restore(const KeptJob& kept)
{
    const auto copy = [&](const std::string& sha256) -> std::shared_ptr<const Project> {
        if (sha256.empty())
            return {};
        const auto bytes = m_needs.store.copyOf(sha256);
        const auto read = bytes ? readProject(*bytes, kept.file) : Result<Project>(fail(bytes.error()));
        return read ? placed(std::make_shared<const Project>(*read)) : nullptr;
    };
    m_file->path = QString::fromStdString(kept.file);
    m_file->saved = copy(kept.saved_sha256);
    m_file->saved_sha256 = *m_file->on_disk = m_file->saved ? kept.saved_sha256 : std::string();
    m_file->letters = kept.letters_sha256 == kept.saved_sha256 ? m_file->saved : copy(kept.letters_sha256);
    m_file->letters_sha256 = m_file->letters ? kept.letters_sha256 : std::string();
    m_needs.lettering.setStored(m_file->letters);
}

KeptJob JobSession::keptNow() const
{
    return {m_needs.job.job(), m_file->path.toStdString(), m_file->saved_sha256, m_file->letters_sha256};
}

std::shared_ptr<const Project> JobSession::placed(const std::shared_ptr<const Project>& project) const
{
    auto moved = std::make_shared<Project>(*project);
    for (auto& font : moved->fonts) {
        const std::string here = m_needs.find_font(font);
        if (here == font.font.path)
            continue;
        const FontRef before = font.font;
        font.font.path = here;
        if (moved->job.font == before)
            moved->job.font = font.font;
        for (auto& [character, choice] : moved->job.lettering.letters)
            if (choice.font == before)
                choice.font = font.font;
    }
    return moved;
}

void JobSession::showFile()
{
    m_needs.lettering.setStored(m_file->letters);
    emit stateChanged();
}

void JobSession::leaveFor(const Job& job, std::shared_ptr<JobFile> file, const QString& step)
{
    const bool is_nothing_yet = m_file->path.isEmpty() && m_needs.job.job().words.empty();
    if (isModified() && !is_nothing_yet) {
        const QString now = QDateTime::currentDateTimeUtc().toString(QStringLiteral("yyyyMMdd-HHmmss-zzz"));
        m_needs.writes.add(
            [this, store = m_needs.store, left = keptNow(), at = now.toStdString()]() -> WriteQueue::Answer {
                return [this, done = store.leave(left, at)] {
                    if (!done)
                        emit refused(done.error());
                };
            });
    }
    // Each time the step is done or undone, the file changes places with the one it is not.
    m_needs.job.setJob(job, step,
                       [this, other = std::make_shared<std::shared_ptr<JobFile>>(std::move(file))] {
                           std::swap(m_file, *other);
                           showFile();
                       });
    m_keep_soon.start();
    emit opened();
}

void JobSession::newJob()
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
    beginUsually(fresh);
    leaveFor(fresh, std::make_shared<JobFile>(), tr("start a new job"));
    m_fresh = fresh;
}

void JobSession::bring(const QString& file, Took took)
{
    m_reads.run(kRead, 1, [this, file, took = std::move(took)](const CancelToken&) -> SlotPool::Answer {
        return [this, file, took, read = ProjectKeeper::read(file)] {
            if (!read)
                return emit refused(read.error());
            took(*read);
            if (!read->project->warnings.empty())
                emit told(tr("Not everything in %1 could be read; it stays in the file when you save. %2")
                              .arg(QFileInfo(file).fileName(), ui::said(read->project->warnings.front())));
        };
    });
}

void JobSession::keepCopyLater(const std::shared_ptr<JobFile>& of, const std::string& bytes)
{
    m_needs.writes.add([this, of, bytes, store = m_needs.store]() -> WriteQueue::Answer {
        return [this, of, kept = store.keepCopy(bytes)] {
            if (!kept)
                return emit refused(kept.error());
            if (of == m_file)
                m_keep_soon.start();
        };
    });
}

void JobSession::open(const QString& file)
{
    bring(file, [this, file](const ProjectFile& read) {
        auto opened_file = std::make_shared<JobFile>();
        opened_file->path = QFileInfo(file).absoluteFilePath();
        opened_file->saved = opened_file->letters = placed(read.project);
        opened_file->saved_sha256 = opened_file->letters_sha256 = *opened_file->on_disk = read.sha256;
        keepCopyLater(opened_file, read.bytes);
        m_files.noteRecent(file);
        leaveFor(opened_file->saved->job, opened_file, tr("open a job"));
    });
}

void JobSession::openVersion(const QString& version)
{
    bring(version, [this](const ProjectFile& read) {
        auto back = std::make_shared<JobFile>(*m_file);
        back->letters = placed(read.project);
        back->letters_sha256 = read.sha256;
        keepCopyLater(back, read.bytes);
        leaveFor(back->letters->job, back, tr("go back to an earlier version"));
    });
}

void JobSession::openTemplate(const QString& file)
{
    bring(file, [this](const ProjectFile& read) {
        auto fresh = std::make_shared<JobFile>();
        fresh->letters = placed(read.project);
        fresh->letters_sha256 = read.sha256;
        keepCopyLater(fresh, read.bytes);
        leaveFor(fresh->letters->job, fresh, tr("start from a template"));
        m_fresh = fresh->letters->job;
    });
}

void JobSession::openLeft(const KeptJob& kept)
{
    const auto now = m_file;
    m_file = std::make_shared<JobFile>();
    restore(kept);
    const auto found = std::exchange(m_file, now);
    leaveFor(kept.job, found, tr("take up a job again"));
}

void JobSession::save()
{
    write(m_file->path, false);
}

void JobSession::saveAs(const QString& file)
{
    write(QFileInfo(file).absoluteFilePath(), true); // the dialog asked before writing over a file
}

void JobSession::write(const QString& file, bool overwrites)
{
    m_needs.writes.add([this, file, of = m_file, job = m_needs.job.job(), before = m_file->saved,
                        on_disk = m_file->on_disk, overwrites, letters = m_needs.lettering.letters(),
                        evidence = m_needs.evidence(), files = m_files,
                        store = m_needs.store]() -> WriteQueue::Answer {
        auto found = evidence(job);
        const auto done = [&]() -> Result<ProjectFile> {
            auto project = projectOf(job, letters, std::move(found.documents));
            if (!project)
                return fail(project.error());
            auto written = files.save(file, withWhatTheFileHolds(std::move(*project), before.get()),
                                      overwrites ? std::string() : *on_disk);
            if (written)
                *on_disk = written->sha256;
            // Without the copy a start after this would not know what the file holds; the file itself is there.
            if (written && !store.keepCopy(written->bytes))
                written->bytes.clear();
            return written;
        }();
        return [this, of, file, job, done, left_out = std::move(found.left_out)] {
            saved(of, file, job, done, left_out);
        };
    });
}

void JobSession::saved(const std::shared_ptr<JobFile>& of, const QString& file, const Job& job,
                       const Result<ProjectFile>& done, const std::vector<std::string>& left_out)
{
    if (!done && done.error().code == ErrorCode::FileChangedSince &&
        m_needs.agrees(tr("%1 was changed by somebody else since you opened it. What it holds now is kept as "
                          "an earlier version.")
                           .arg(QFileInfo(file).fileName()),
                       tr("Save over it")))
        return write(file, true);
    if (!done) {
        m_has_failed = true;
        return emit refused(done.error());
    }
    // Of the job as it was when saving began, also where another one was opened since.
    auto project = std::make_shared<Project>(*done->project);
    project->job = job;
    of->path = file;
    of->saved = of->letters = project;
    of->saved_sha256 = of->letters_sha256 = done->sha256;
    m_files.noteRecent(file);
    if (of == m_file)
        showFile();
    m_keep_soon.start();
    if (!left_out.empty())
        return emit told(
            tr("Saved the job as %1, without %n paper(s). %2", nullptr, static_cast<int>(left_out.size()))
                .arg(QFileInfo(file).fileName(), ui::said(left_out.front())));
    emit told(tr("Saved the job as %1. It holds its letters and papers, so it opens without its fonts.")
                  .arg(QFileInfo(file).fileName()));
}

void JobSession::saveTemplate(const QString& name)
{
    if (m_files.hasTemplate(name) &&
        !m_needs.agrees(tr("There is a template “%1” already. It is kept as an earlier version.").arg(name),
                        tr("Replace it")))
        return;
    m_needs.writes.add([this, name, job = m_needs.job.job(), letters = m_needs.lettering.letters(),
                        evidence = m_needs.evidence(), files = m_files]() -> WriteQueue::Answer {
        const auto done = [&]() -> Result<ProjectFile> {
            auto project = projectOf(job, letters, evidence(job).documents);
            if (!project)
                return fail(project.error());
            return files.saveTemplate(name, *project);
        }();
        return [this, name, done] {
            if (done)
                return emit told(tr("“%1” is a template now.").arg(name));
            m_has_failed = true;
            emit refused(done.error());
        };
    });
}

void JobSession::keep()
{
    m_needs.writes.add([this, store = m_needs.store, now = keptNow()]() -> WriteQueue::Answer {
        return [this, done = store.save(now)] {
            // Said once: a full disk should not talk over everything else.
            if (!done && !m_keeping_failed)
                emit refused(done.error());
            m_keeping_failed = !done;
            emit kept(done.has_value());
        };
    });
}

bool JobSession::finish()
{
    m_has_failed = false;
    m_needs.writes.finish();
    if (m_keep_soon.isActive()) {
        m_keep_soon.stop();
        keep();
        m_needs.writes.finish();
    }
    return !m_has_failed;
}

} // namespace ink::ui
