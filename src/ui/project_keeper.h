// Jobs as files: what lies beside them (versions, templates, the list of recent ones), and how one is saved without losing
// what was there.
#pragma once

#include "core/project/project.h"

#include <QDateTime>
#include <QStringList>

#include <filesystem>
#include <memory>
#include <string>
#include <vector>

namespace ink::ui {

/// A project and the bytes its file holds.
struct ProjectFile
{
    std::shared_ptr<const Project> project;
    std::string bytes;
    std::string sha256;
};

/// Safe to use from several threads: it holds nothing but its folder.
class ProjectKeeper
{
public:
    /// Versions, templates and the list of recent files lie in `folder`.
    explicit ProjectKeeper(const std::filesystem::path& folder);

    /// Errors: those of openProject.
    static Result<ProjectFile> read(const QString& file);
    static Result<ProjectFile> parsed(std::string bytes, const std::string& name);
    /// What the file held before is kept as a version; where that cannot be done, nothing is written. `known_sha256` is what
    /// the file is known to hold: something else is not written over. Empty writes over whatever is there.
    /// Errors: FileChangedSince, those of writeFile.
    Result<ProjectFile> save(const QString& file, const Project& project,
                             const std::string& known_sha256) const;
    Result<ProjectFile> saveTemplate(const QString& name, const Project& project) const;
    /// Whether there is one of that name.
    bool hasTemplate(const QString& name) const;

    /// Newest first; files that are gone are left out.
    QStringList recent() const;
    void noteRecent(const QString& file) const;
    struct Version
    {
        QString file;
        QDateTime saved;
    };
    /// Newest first.
    std::vector<Version> versions(const QString& file) const;
    /// Names and files.
    std::vector<std::pair<QString, QString>> templates() const;

private:
    QString versionFolder(const QString& file) const;
    QString templateFile(const QString& name) const;

    QString m_folder;
};

} // namespace ink::ui
