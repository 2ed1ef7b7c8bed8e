// A database that is only a cache: what is lost or damaged in it is made again.
#pragma once

#include "core/base/result.h"
#include "shelf/store_database.h"

#include <filesystem>
#include <map>
#include <memory>
#include <mutex>
#include <optional>
#include <string>
#include <utility>

namespace ink {

/// Safe to use from several threads. Where nothing can be kept in its folder, nothing is.
class CacheDatabase
{
public:
    /// `schema` is run with the first question, and may find its tables there; a start does not wait for it.
    CacheDatabase(std::filesystem::path file, const char* schema) : m_file(std::move(file)), m_schema(schema)
    {
    }

    /// What the database does not do is as if nothing were kept. One at a time.
    template <class Work>
    void quietly(const Work& work)
    {
        const std::lock_guard lock(m_mutex);
        openOnce();
        if (!m_database)
            return;
        try {
            work(*m_database);
        } catch (const SQLite::Exception&) {
        }
    }

    /// SHA-256 of a file, read once as long as its size and the time of its last change stay.
    /// Errors: FileNotFound, FileUnreadable.
    Result<std::string> digestOf(const std::filesystem::path& file);

private:
    struct FileKey
    {
        std::string path;
        std::int64_t size = 0, changed = 0;
        auto operator<=>(const FileKey&) const = default;
    };
    static std::optional<FileKey> keyOf(const std::filesystem::path& file);
    void open();
    void openOnce();

    std::filesystem::path m_file;
    const char* m_schema;
    std::mutex m_mutex;
    bool m_is_opened = false;
    std::unique_ptr<SQLite::Database> m_database;
    std::map<FileKey, std::string> m_digests;
};

} // namespace ink
