#include "ui/project_keeper.h"

#include "core/base/digest.h"
#include "core/base/file_output.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QRegularExpression>
#include <QSaveFile>

#include <sstream>

namespace ink::ui {
namespace {

constexpr int kMostRecent = 12;
constexpr int kMostVersions = 30;
/// Of one job's file.
constexpr std::size_t kMostBytes = std::size_t{1} << 30;
const QString kStamp = QStringLiteral("yyyyMMdd-HHmmss-zzz");

/// What is to be written over becomes a version.
Result<void> keepVersion(const std::string& before, const QString& folder)
{
    const QString name =
        QDateTime::currentDateTimeUtc().toString(kStamp) +
        QString::fromUtf8(kProjectSuffix.data(), static_cast<qsizetype>(kProjectSuffix.size()));
    if (!QDir().mkpath(folder))
        return fail(ErrorCode::FileUnwritable, folder.toStdString(),
                    "what the file held before could not be kept as a version, so it was left as it is");
    if (auto done = writeFile((folder + QLatin1Char('/') + name).toStdString(),
                              [&](std::ostream& out) -> Result<void> {
                                  out << before;
                                  return {};
                              });
        !done)
        return fail(done.error().code, done.error().subject,
                    "what the file held before could not be kept as a version, so it was left as it is");
    auto old = QDir(folder).entryList({QStringLiteral("*.uink")}, QDir::Files, QDir::Name | QDir::Reversed);
    while (old.size() > kMostVersions)
        QFile::remove(folder + QLatin1Char('/') + old.takeLast());
    return {};
}

} // namespace

ProjectKeeper::ProjectKeeper(const std::filesystem::path& folder)
    : m_folder(QString::fromStdString(folder.string()))
{
}

QString ProjectKeeper::versionFolder(const QString& file) const
{
    const auto key = ink::sha256(QFileInfo(file).absoluteFilePath().toStdString()).substr(0, 16);
    return m_folder + QStringLiteral("/versions/") + QString::fromStdString(key);
}

QString ProjectKeeper::templateFile(const QString& name) const
{
    QString safe = name.simplified();
    safe.replace(QRegularExpression(QStringLiteral("[^\\p{L}\\p{N} ._-]+")), QStringLiteral("-"));
    return m_folder + QStringLiteral("/templates/") + safe.left(80) + QStringLiteral(".uink");
}

bool ProjectKeeper::hasTemplate(const QString& name) const
{
    return QFileInfo::exists(templateFile(name));
}

Result<ProjectFile> ProjectKeeper::parsed(std::string bytes, const std::string& name)
{
    auto project = readProject(bytes, name);
    if (!project)
        return fail(project.error());
    ProjectFile file{std::make_shared<Project>(std::move(*project)), {}, ink::sha256(bytes)};
    file.bytes = std::move(bytes);
    return file;
}

Result<ProjectFile> ProjectKeeper::read(const QString& file)
{
    auto bytes = readFile(file.toStdString(), kMostBytes);
    if (!bytes)
        return fail(bytes.error());
    return parsed(std::move(*bytes), file.toStdString());
}

Result<ProjectFile> ProjectKeeper::save(const QString& file, const Project& project,
                                        const std::string& known_sha256) const
{
    std::ostringstream written;
    if (auto done = writeProject(written, project); !done)
        return fail(done.error());
    const std::string fresh = written.str();
    const auto before = readFile(file.toStdString(), kMostBytes);
    if (!before && before.error().code != ErrorCode::FileNotFound)
        return fail(before.error());
    if (before && !known_sha256.empty() && ink::sha256(*before) != known_sha256)
        return fail(ErrorCode::FileChangedSince, file.toStdString());
    if (before && *before != fresh)
        if (auto kept = keepVersion(*before, versionFolder(file)); !kept)
            return fail(kept.error());
    if (auto done = writeFile(file.toStdString(),
                              [&](std::ostream& out) -> Result<void> {
                                  out << fresh;
                                  return {};
                              });
        !done)
        return fail(done.error());
    return ProjectFile{std::make_shared<Project>(project), fresh, ink::sha256(fresh)};
}

Result<ProjectFile> ProjectKeeper::saveTemplate(const QString& name, const Project& project) const
{
    const QString file = templateFile(name);
    if (!QDir().mkpath(QFileInfo(file).absolutePath()))
        return fail(ErrorCode::FileUnwritable, file.toStdString());
    return save(file, project, {});
}

QStringList ProjectKeeper::recent() const
{
    QFile list(m_folder + QStringLiteral("/recent-jobs.json"));
    QStringList files;
    if (list.open(QIODevice::ReadOnly))
        for (const auto& item : QJsonDocument::fromJson(list.readAll()).array())
            if (const QString file = item.toString(); QFileInfo::exists(file))
                files << file;
    return files;
}

void ProjectKeeper::noteRecent(const QString& file) const
{
    QStringList files = recent();
    const QString whole = QFileInfo(file).absoluteFilePath();
    files.removeAll(whole);
    files.prepend(whole);
    QDir().mkpath(m_folder);
    QSaveFile list(m_folder + QStringLiteral("/recent-jobs.json"));
    if (list.open(QIODevice::WriteOnly)) {
        list.write(QJsonDocument(QJsonArray::fromStringList(files.mid(0, kMostRecent))).toJson());
        list.commit();
    }
}

std::vector<ProjectKeeper::Version> ProjectKeeper::versions(const QString& file) const
{
    std::vector<Version> found;
    const QDir folder(versionFolder(file));
    for (const auto& name :
         folder.entryList({QStringLiteral("*.uink")}, QDir::Files, QDir::Name | QDir::Reversed)) {
        auto saved = QDateTime::fromString(name.chopped(5), kStamp);
        saved.setTimeSpec(Qt::UTC);
        found.push_back({folder.filePath(name), saved.toLocalTime()});
    }
    return found;
}

std::vector<std::pair<QString, QString>> ProjectKeeper::templates() const
{
    std::vector<std::pair<QString, QString>> found;
    const QDir folder(m_folder + QStringLiteral("/templates"));
    for (const auto& name : folder.entryList({QStringLiteral("*.uink")}, QDir::Files, QDir::Name))
        found.emplace_back(name.chopped(5), folder.filePath(name));
    return found;
}

} // namespace ink::ui
