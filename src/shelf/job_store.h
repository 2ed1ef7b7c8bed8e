// Keeps the job that is being worked on, so that closing or crashing loses nothing.
#pragma once

#include "core/design/job.h"

#include <filesystem>
#include <optional>

namespace ink {

class JobStore
{
public:
    /// `folder` is created when the first job is kept.
    explicit JobStore(std::filesystem::path folder) : m_file(std::move(folder) / "current-job.json") {}

    /// Nothing when there is none yet. A damaged file is moved aside (".damaged") and reported.
    /// Errors: DocumentDamaged, FileUnreadable.
    Result<std::optional<Job>> load() const;
    /// Errors: FileUnwritable, DiskFull; the job kept before stays.
    Result<void> save(const Job& job) const;

private:
    std::filesystem::path m_file;
};

} // namespace ink
