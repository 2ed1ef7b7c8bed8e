#include "shelf/job_store.h"

#include "core/base/digest.h"
#include "core/base/file_output.h"
#include "core/base/json_text.h"

#include <algorithm>
#include <chrono>
#include <set>
#include <sstream>

#include <fcntl.h>
#include <sys/file.h>
#include <unistd.h>

namespace ink {
namespace {

namespace fs = std::filesystem;
using KeptJson = nlohmann::ordered_json;

constexpr std::size_t kMaxBytes = std::size_t{16} << 20;
constexpr std::size_t kMaxCopyBytes = std::size_t{1} << 30;
constexpr std::size_t kMostLeft = 30;
/// More windows than this are not told apart.
constexpr unsigned kMostPlaces = 32;
constexpr const char* kSession = "session";

/// The job as its own writer has it, with the file it belongs to beside.
std::string textOf(const KeptJob& kept)
{
    std::ostringstream job;
    writeJob(job, kept.job);
    KeptJson json = orderedJsonFrom(job.str());
    json[kSession] = {
        {"file", kept.file}, {"saved_sha256", kept.saved_sha256}, {"letters_sha256", kept.letters_sha256}};
    return jsonText(json, 1) + "\n";
}

Result<KeptJob> keptFrom(const std::string& text)
{
    std::istringstream in(text);
    auto job = readJob(in);
    if (!job)
        return fail(job.error());
    KeptJob kept{std::move(*job), {}, {}, {}};
    const KeptJson json = orderedJsonFrom(text);
    if (const auto session = json.find(kSession); session != json.end() && session->is_object()) {
        const auto take = [&](const char* key, std::string& to) {
            if (const auto it = session->find(key); it != session->end() && it->is_string())
                to = it->get<std::string>();
        };
        take("file", kept.file);
        take("saved_sha256", kept.saved_sha256);
        take("letters_sha256", kept.letters_sha256);
    }
    return kept;
}

/// Copies that no kept and no left job names, a day after they were made: another window may just have made one.
void dropOldCopies(const fs::path& folder)
{
    std::set<std::string> named;
    std::error_code problem;
    for (const auto& place : {folder, folder / "left-jobs"})
        for (fs::directory_iterator it(place, problem), end; !problem && it != end; it.increment(problem))
            if (it->path().extension() == ".json")
                if (const auto bytes = readFile(it->path(), kMaxBytes))
                    if (const auto kept = keptFrom(*bytes))
                        named.insert({kept->saved_sha256, kept->letters_sha256});
    const auto yesterday = fs::file_time_type::clock::now() - std::chrono::hours(24);
    std::vector<fs::path> old;
    for (fs::directory_iterator it(folder / "copies", problem), end; !problem && it != end;
         it.increment(problem)) {
        std::error_code gone;
        if (!named.contains(it->path().stem().string()) &&
            fs::last_write_time(it->path(), gone) < yesterday && !gone)
            old.push_back(it->path());
    }
    for (const auto& file : old)
        fs::remove(file, problem);
}

bool isDigest(const std::string& text)
{
    return text.size() == 64 && text.find_first_not_of("0123456789abcdef") == std::string::npos;
}

} // namespace

JobStore::JobStore(fs::path folder, unsigned place)
    : m_folder(std::move(folder)), m_place(place),
      m_file(m_folder / (place == 1 ? std::string("current-job.json")
                                    : "current-job-" + std::to_string(place) + ".json"))
{
}

JobStore JobStore::claim(const fs::path& folder)
{
    std::error_code ignored; // a folder that cannot be made is told when the first job is kept
    fs::create_directories(folder, ignored);
    dropOldCopies(folder);
    for (unsigned place = 1; place <= kMostPlaces; ++place) {
        JobStore store(folder, place);
        const int file = ::open((folder / ("window-" + std::to_string(place) + ".lock")).c_str(),
                                O_RDWR | O_CREAT | O_CLOEXEC, 0644);
        if (file < 0)
            return store;
        if (::flock(file, LOCK_EX | LOCK_NB) == 0) {
            store.m_lock = std::shared_ptr<void>(nullptr, [file](void*) { ::close(file); });
            return store;
        }
        ::close(file);
    }
    return JobStore(folder, kMostPlaces);
}

Result<std::optional<KeptJob>> JobStore::load() const
{
    const auto bytes = readFile(m_file, kMaxBytes);
    if (!bytes && bytes.error().code == ErrorCode::FileNotFound)
        return std::optional<KeptJob>();
    if (!bytes)
        return fail(bytes.error());
    auto kept = keptFrom(*bytes);
    if (kept)
        return std::optional(std::move(*kept));
    auto aside = m_file;
    aside += ".damaged";
    std::error_code ignored;
    fs::rename(m_file, aside, ignored);
    return fail(ErrorCode::DocumentDamaged, aside.string(), kept.error().detail);
}

Result<void> JobStore::save(const KeptJob& kept) const
{
    std::error_code ignored; // writeFile reports it when the folder is not there
    fs::create_directories(m_folder, ignored);
    return writeFile(m_file, [&](std::ostream& out) -> Result<void> {
        out << textOf(kept);
        return {};
    });
}

Result<std::string> JobStore::keepCopy(const std::string& bytes) const
{
    const std::string digest = sha256(bytes);
    const fs::path folder = m_folder / "copies", file = folder / (digest + ".uink");
    std::error_code ignored;
    if (fs::exists(file, ignored))
        return digest;
    fs::create_directories(folder, ignored);
    if (auto done = writeFile(file,
                              [&](std::ostream& out) -> Result<void> {
                                  out << bytes;
                                  return {};
                              });
        !done)
        return fail(done.error());
    return digest;
}

Result<std::string> JobStore::copyOf(const std::string& sha256) const
{
    if (!isDigest(sha256))
        return fail(ErrorCode::FileNotFound, sha256);
    return readFile(m_folder / "copies" / (sha256 + ".uink"), kMaxCopyBytes);
}

Result<void> JobStore::leave(const KeptJob& kept, const std::string& at) const
{
    const fs::path folder = m_folder / "left-jobs";
    std::error_code ignored;
    fs::create_directories(folder, ignored);
    if (auto done = writeFile(folder / (at + ".json"),
                              [&](std::ostream& out) -> Result<void> {
                                  out << textOf(kept);
                                  return {};
                              });
        !done)
        return done;
    auto all = left();
    for (std::size_t i = kMostLeft; i < all.size(); ++i)
        fs::remove(all[i].file, ignored);
    return {};
}

std::vector<JobStore::LeftJob> JobStore::left() const
{
    std::vector<LeftJob> found;
    std::error_code problem;
    for (fs::directory_iterator it(m_folder / "left-jobs", problem), end; !problem && it != end;
         it.increment(problem)) {
        if (it->path().extension() != ".json")
            continue;
        if (const auto bytes = readFile(it->path(), kMaxBytes))
            if (auto kept = keptFrom(*bytes))
                found.push_back({it->path(), it->path().stem().string(), std::move(*kept)});
    }
    std::ranges::sort(found, std::greater{}, &LeftJob::left_at);
    return found;
}

} // namespace ink
