#include "shelf/descriptor_store.h"

#include "core/base/digest.h"
#include "shelf/store_database.h"

#include <cstdlib>
#include <map>
#include <mutex>
#include <optional>
#include <utility>

namespace ink {
namespace {

namespace fs = std::filesystem;

std::string faceKey(const FaceChoice& choice)
{
    return std::to_string(choice.face) + ":" + choice.instance;
}

constexpr const char* kSchema =
    "CREATE TABLE IF NOT EXISTS file (path TEXT PRIMARY KEY, size INTEGER, changed INTEGER, sha256 TEXT);"
    "CREATE TABLE IF NOT EXISTS face (sha256 TEXT, face TEXT, version INTEGER, descriptor BLOB, trouble "
    "INTEGER,"
    " PRIMARY KEY (sha256, face));";

} // namespace

struct DescriptorStore::Inside
{
    struct FileKey
    {
        std::string path;
        std::int64_t size = 0, changed = 0;
        auto operator<=>(const FileKey&) const = default;
    };
    static std::optional<FileKey> keyOf(const fs::path& font)
    {
        std::error_code code;
        const auto size = fs::file_size(font, code);
        if (code)
            return std::nullopt;
        const auto changed = fs::last_write_time(font, code);
        if (code)
            return std::nullopt;
        return FileKey{fs::absolute(font, code).string(), static_cast<std::int64_t>(size),
                       static_cast<std::int64_t>(changed.time_since_epoch().count())};
    }

    fs::path folder;
    std::mutex mutex;
    bool is_opened = false;
    std::unique_ptr<SQLite::Database> database;
    std::map<FileKey, std::string> digests;
    /// Those that were asked for: letters are typed one after the other, and each asks for all of them again.
    std::map<std::pair<std::string, std::string>, std::shared_ptr<const FaceDescriptor>> descriptors;

    void open(const fs::path& file)
    {
        try {
            database = std::make_unique<SQLite::Database>(
                file.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE, kPatience_ms);
            database->exec("PRAGMA journal_mode = WAL");
            database->exec("PRAGMA synchronous = OFF"); // made again where it is lost
            database->exec(kSchema);
        } catch (const SQLite::Exception&) {
            database.reset();
        }
    }

    /// With the first question: a start does not wait for it.
    void openOnce()
    {
        if (std::exchange(is_opened, true))
            return;
        std::error_code code;
        fs::create_directories(folder, code);
        const auto file = folder / "faces.sqlite";
        open(file);
        if (!database && fs::exists(file, code)) { // damaged: it is only a cache
            fs::remove(file, code);
            open(file);
        }
    }

    /// What a database does not do is as if nothing were kept.
    template <class Work>
    void quietly(const Work& work)
    {
        openOnce();
        if (!database)
            return;
        try {
            work(*database);
        } catch (const SQLite::Exception&) {
        }
    }

    std::optional<std::string> digestOf(const FileKey& key)
    {
        if (const auto at = digests.find(key); at != digests.end())
            return at->second;
        std::optional<std::string> digest;
        quietly([&](SQLite::Database& db) {
            SQLite::Statement look(db, "SELECT sha256 FROM file WHERE path = ? AND size = ? AND changed = ?");
            SQLite::bind(look, key.path, key.size, key.changed);
            if (look.executeStep())
                digest = look.getColumn(0).getString();
        });
        if (digest)
            digests[key] = *digest;
        return digest;
    }

    struct Kept
    {
        std::shared_ptr<const FaceDescriptor> descriptor;
        /// Number of the error, 0 for none.
        int trouble = 0;
    };
    std::optional<Kept> kept(const std::string& sha256, const FaceChoice& choice)
    {
        if (const auto at = descriptors.find({sha256, faceKey(choice)}); at != descriptors.end())
            return Kept{at->second, 0};
        std::optional<Kept> out;
        quietly([&](SQLite::Database& db) {
            SQLite::Statement look(
                db, "SELECT descriptor, trouble FROM face WHERE sha256 = ? AND face = ? AND version = ?");
            SQLite::bind(look, sha256, faceKey(choice), FaceDescriptor::kVersion);
            if (!look.executeStep())
                return;
            if (const int trouble = look.getColumn(1).getInt()) {
                out = Kept{nullptr, trouble};
                return;
            }
            if (auto read = faceDescriptorFrom(look.getColumn(0).getString()))
                out = Kept{std::make_shared<FaceDescriptor>(std::move(*read)), 0};
        });
        if (out && out->descriptor)
            descriptors[{sha256, faceKey(choice)}] = out->descriptor;
        return out;
    }
};

DescriptorStore::DescriptorStore(fs::path folder) : m_inside(std::make_unique<Inside>())
{
    m_inside->folder = std::move(folder);
}

DescriptorStore::~DescriptorStore() = default;

fs::path DescriptorStore::usualFolder()
{
    if (const char* cache = std::getenv("XDG_CACHE_HOME"); cache && *cache)
        return fs::path(cache) / "under-ink";
    const char* home = std::getenv("HOME");
    return fs::path(home ? home : "/tmp") / ".cache" / "under-ink";
}

Result<std::shared_ptr<const FaceDescriptor>> DescriptorStore::of(const fs::path& font,
                                                                  const FaceChoice& choice)
{
    const auto key = Inside::keyOf(font);
    std::optional<std::string> digest;
    {
        const std::lock_guard lock(m_inside->mutex);
        if (key)
            digest = m_inside->digestOf(*key);
    }
    if (!digest) {
        auto read = sha256OfFile(font); // outside the lock: files are long
        if (!read)
            return fail(read.error());
        digest = *read;
        const std::lock_guard lock(m_inside->mutex);
        if (key) {
            m_inside->digests[*key] = *digest;
            m_inside->quietly([&](SQLite::Database& db) {
                run(db, "INSERT OR REPLACE INTO file VALUES (?, ?, ?, ?)", key->path, key->size, key->changed,
                    *digest);
            });
        }
    }
    {
        const std::lock_guard lock(m_inside->mutex);
        if (const auto kept = m_inside->kept(*digest, choice)) {
            if (kept->descriptor)
                return kept->descriptor;
            return fail(static_cast<ErrorCode>(kept->trouble), font.string());
        }
    }
    const auto face = FontFace::open(font, choice);
    std::shared_ptr<const FaceDescriptor> made;
    if (face)
        made = std::make_shared<FaceDescriptor>(descriptorOf(**face));
    const std::string bytes = made ? bytesOf(*made) : std::string();
    const std::lock_guard lock(m_inside->mutex);
    if (made)
        m_inside->descriptors[{*digest, faceKey(choice)}] = made;
    m_inside->quietly([&](SQLite::Database& db) {
        SQLite::Statement keep(db, "INSERT OR REPLACE INTO face VALUES (?, ?, ?, ?, ?)");
        keep.bind(1, *digest);
        keep.bind(2, faceKey(choice));
        keep.bind(3, FaceDescriptor::kVersion);
        keep.bind(4, bytes.data(), static_cast<int>(bytes.size()));
        keep.bind(5, face ? 0 : errorNumber(face.error().code));
        keep.exec();
    });
    if (!face)
        return fail(face.error());
    return made;
}

} // namespace ink
