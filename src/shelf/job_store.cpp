#include "shelf/job_store.h"

#include "core/base/file_output.h"

#include <sstream>

namespace ink {

Result<std::optional<Job>> JobStore::load() const
{
    constexpr std::size_t kMaxBytes = std::size_t{16} << 20;
    const auto bytes = readFile(m_file, kMaxBytes);
    if (!bytes && bytes.error().code == ErrorCode::FileNotFound)
        return std::optional<Job>();
    if (!bytes)
        return fail(bytes.error());
    std::istringstream in(*bytes);
    auto job = readJob(in);
    if (job)
        return std::optional(std::move(*job));
    auto aside = m_file;
    aside += ".damaged";
    std::error_code ignored;
    std::filesystem::rename(m_file, aside, ignored);
    return fail(ErrorCode::DocumentDamaged, aside.string(), job.error().detail);
}

Result<void> JobStore::save(const Job& job) const
{
    std::error_code ignored; // writeFile reports it when the folder is not there
    std::filesystem::create_directories(m_file.parent_path(), ignored);
    return writeFile(m_file, [&job](std::ostream& out) -> Result<void> {
        writeJob(out, job);
        return {};
    });
}

} // namespace ink
