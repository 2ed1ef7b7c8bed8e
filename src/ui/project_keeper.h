// Projects as files: opened and saved on a thread of their own, with the versions before, the recent ones and
// templates.
#pragma once

#include "core/project/project.h"
#include "ui/slot_pool.h"

#include <QDateTime>
#include <QStringList>

#include <filesystem>
#include <functional>
#include <memory>
#include <vector>

namespace ink::ui {

class ProjectKeeper : public QObject
{
    Q_OBJECT
public:
    /// Versions, templates and the list of recent files lie in `folder`.
    explicit ProjectKeeper(std::filesystem::path folder, QObject* parent = nullptr);

    using Opened = std::function<void(const Result<std::shared_ptr<const Project>>&)>;
    void open(const QString& file, Opened done);
    /// What the file held before is kept as a version.
    /// Errors: those of saveProject.
    void save(const QString& file, std::shared_ptr<const Project> project,
              std::function<void(const Result<void>&)> done);
    void saveTemplate(const QString& name, std::shared_ptr<const Project> project,
                      std::function<void(const Result<void>&)> done);

    /// Newest first; files that are gone are left out.
    QStringList recent() const;
    void noteRecent(const QString& file);
    struct Version
    {
        QString file;
        QDateTime saved;
    };
    /// Newest first.
    std::vector<Version> versions(const QString& file) const;
    /// Names and files.
    std::vector<std::pair<QString, QString>> templates() const;
    bool isIdle() const { return m_pool.isIdle(); }

private:
    QString versionFolder(const QString& file) const;

    QString m_folder;
    SlotPool m_pool;
};

} // namespace ink::ui
