#include "shelf/cache_database.h"

#include "core/base/digest.h"

namespace ink {
namespace {

namespace fs = std::filesystem;

constexpr const char* kFiles =
    "CREATE TABLE IF NOT EXISTS file (path TEXT PRIMARY KEY, size INTEGER, changed INTEGER, sha256 TEXT);";

} // namespace

std::optional<CacheDatabase::FileKey> CacheDatabase::keyOf(const fs::path& file)
{
    std::error_code code;
    const auto size = fs::file_size(file, code);
    if (code)
        return std::nullopt;
    const auto changed = fs::last_write_time(file, code);
    if (code)
        return std::nullopt;
    return FileKey{fs::absolute(file, code).string(), static_cast<std::int64_t>(size),
                   static_cast<std::int64_t>(changed.time_since_epoch().count())};
}

void CacheDatabase::open()
{
    try {
        m_database = std::make_unique<SQLite::Database>(
            m_file.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE, kPatience_ms);
        m_database->exec("PRAGMA journal_mode = WAL");
        m_database->exec("PRAGMA synchronous = OFF"); // made again where it is lost
        m_database->exec(kFiles);
        m_database->exec(m_schema);
    } catch (const SQLite::Exception&) {
        m_database.reset();
    }
}

void CacheDatabase::openOnce()
{
    if (std::exchange(m_is_opened, true))
        return;
    std::error_code code;
    fs::create_directories(m_file.parent_path(), code);
    open();
    if (!m_database && fs::exists(m_file, code)) { // damaged: it is only a cache
        fs::remove(m_file, code);
        open();
    }
}

Result<std::string> CacheDatabase::digestOf(const fs::path& file)
{
    const auto key = keyOf(file);
    if (!key)
        return sha256OfFile(file);
    {
        const std::lock_guard lock(m_mutex);
        if (const auto at = m_digests.find(*key); at != m_digests.end())
            return at->second;
    }
    std::string digest;
    quietly([&](SQLite::Database& db) {
        SQLite::Statement look(db, "SELECT sha256 FROM file WHERE path = ? AND size = ? AND changed = ?");
        SQLite::bind(look, key->path, key->size, key->changed);
        if (look.executeStep())
            digest = look.getColumn(0).getString();
    });
    if (digest.empty()) {
        auto read = sha256OfFile(file); // outside the lock: files are long
        if (!read)
            return read;
        digest = std::move(*read);
        quietly([&](SQLite::Database& db) {
            run(db, "INSERT OR REPLACE INTO file VALUES (?, ?, ?, ?)", key->path, key->size, key->changed,
                digest);
        });
    }
    const std::lock_guard lock(m_mutex);
    m_digests[*key] = digest;
    return digest;
}

} // namespace ink
