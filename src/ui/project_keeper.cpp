#include "ui/project_keeper.h"

#include "core/base/digest.h"

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
const QString kStamp = QStringLiteral("yyyyMMdd-HHmmss-zzz");

/// The file's content becomes a version, unless it is what is to be saved.
void keepVersion(const QString& file, const QString& folder, const std::string& fresh)
{
    QFile before(file);
    if (!before.open(QIODevice::ReadOnly))
        return;
    const QByteArray bytes = before.readAll();
    if (bytes == QByteArray::fromStdString(fresh) || !QDir().mkpath(folder))
        return;
    QSaveFile version(
        folder + QLatin1Char('/') + QDateTime::currentDateTimeUtc().toString(kStamp) +
        QString::fromUtf8(kProjectSuffix.data(), static_cast<qsizetype>(kProjectSuffix.size())));
    if (version.open(QIODevice::WriteOnly)) {
        version.write(bytes);
        version.commit();
    }
    auto old = QDir(folder).entryList({QStringLiteral("*.uink")}, QDir::Files, QDir::Name | QDir::Reversed);
    while (old.size() > kMostVersions)
        QFile::remove(folder + QLatin1Char('/') + old.takeLast());
}

} // namespace

ProjectKeeper::ProjectKeeper(std::filesystem::path folder, QObject* parent)
    : QObject(parent), m_folder(QString::fromStdString(folder.string()))
{
}

QString ProjectKeeper::versionFolder(const QString& file) const
{
    const auto key = sha256(QFileInfo(file).absoluteFilePath().toStdString()).substr(0, 16);
    return m_folder + QStringLiteral("/versions/") + QString::fromStdString(key);
}

void ProjectKeeper::open(const QString& file, Opened done)
{
    m_pool.run(1, 1, [file, done = std::move(done)](const CancelToken&) -> SlotPool::Answer {
        auto result = [&]() -> Result<std::shared_ptr<const Project>> {
            auto project = openProject(file.toStdString());
            if (!project)
                return fail(project.error());
            return std::shared_ptr<const Project>(std::make_shared<Project>(std::move(*project)));
        }();
        return [result, done] { done(result); };
    });
}

void ProjectKeeper::save(const QString& file, std::shared_ptr<const Project> project,
                         std::function<void(const Result<void>&)> done)
{
    m_pool.run(2, 1,
               [file, project = std::move(project), folder = versionFolder(file),
                done = std::move(done)](const CancelToken&) -> SlotPool::Answer {
                   std::ostringstream bytes;
                   if (writeProject(bytes, *project))
                       keepVersion(file, folder, bytes.str());
                   return [result = saveProject(file.toStdString(), *project), done] { done(result); };
               });
}

void ProjectKeeper::saveTemplate(const QString& name, std::shared_ptr<const Project> project,
                                 std::function<void(const Result<void>&)> done)
{
    QString safe = name.simplified();
    safe.replace(QRegularExpression(QStringLiteral("[^\\p{L}\\p{N} ._-]+")), QStringLiteral("-"));
    const QString folder = m_folder + QStringLiteral("/templates");
    QDir().mkpath(folder);
    save(folder + QLatin1Char('/') + safe.left(80) + QStringLiteral(".uink"), std::move(project),
         std::move(done));
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

void ProjectKeeper::noteRecent(const QString& file)
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
