// Keeps the job that is being worked on, so that closing or crashing loses nothing.
#pragma once

#include "core/base/result.h"
#include "core/design/job.h"

#include <filesystem>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace ink {

/// What a window works on: the job as it is now, and the file it belongs to.
struct KeptJob
{
    Job job;
    /// The .uink file it is saved to; empty while it has none.
    std::string file;
    /// What that file held when it was opened or saved, and the file that stored letters are taken from: copies in the
    /// folder, by SHA-256; empty for none.
    std::string saved_sha256, letters_sha256;

    friend bool operator==(const KeptJob&, const KeptJob&) = default;
};

/// One place in a folder for one window. Two windows keep their jobs in two places, so that none overwrites the other's.
class JobStore
{
public:
    /// `folder` is created when the first job is kept. `place` counts from 1.
    explicit JobStore(std::filesystem::path folder, unsigned place = 1);
    /// The first place that no other window holds; it is held as long as the store, or a copy of it, lives.
    static JobStore claim(const std::filesystem::path& folder);

    /// Nothing when there is none yet. A damaged file is moved aside (".damaged") and reported.
    /// Errors: DocumentDamaged, FileUnreadable.
    Result<std::optional<KeptJob>> load() const;
    /// Errors: FileUnwritable, DiskFull; the job kept before stays.
    Result<void> save(const KeptJob& kept) const;

    /// Keeps a copy of a project's bytes beside the job and returns its digest.
    /// Errors: FileUnwritable, DiskFull.
    Result<std::string> keepCopy(const std::string& bytes) const;
    /// Errors: FileNotFound, FileUnreadable.
    Result<std::string> copyOf(const std::string& sha256) const;

    /// A job that was left without being saved: found again in the job's menu.
    struct LeftJob
    {
        std::filesystem::path file;
        /// UTC, "20261127-101500-000".
        std::string left_at;
        KeptJob kept;
    };
    /// At most 30 stay.
    /// Errors: FileUnwritable, DiskFull.
    Result<void> leave(const KeptJob& kept, const std::string& at) const;
    /// Newest first; what cannot be read is left out.
    std::vector<LeftJob> left() const;

    unsigned place() const { return m_place; }

private:
    std::filesystem::path m_folder;
    unsigned m_place = 1;
    std::filesystem::path m_file;
    /// Held while it lives; null for a store that claims nothing.
    std::shared_ptr<void> m_lock;
};

} // namespace ink
