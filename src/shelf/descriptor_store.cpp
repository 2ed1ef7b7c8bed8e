#include "shelf/descriptor_store.h"

#include "shelf/cache_database.h"

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
    "CREATE TABLE IF NOT EXISTS face (sha256 TEXT, face TEXT, version INTEGER, descriptor BLOB, trouble "
    "INTEGER,"
    " PRIMARY KEY (sha256, face));";

} // namespace

struct DescriptorStore::Inside
{
    explicit Inside(const fs::path& folder) : database(folder / "faces.sqlite", kSchema) {}

    CacheDatabase database;
    std::mutex mutex;
    /// Those that were asked for: letters are typed one after the other, and each asks for all of them again.
    std::map<std::pair<std::string, std::string>, std::shared_ptr<const FaceDescriptor>> descriptors;

    struct Kept
    {
        std::shared_ptr<const FaceDescriptor> descriptor;
        /// Number of the error, 0 for none.
        int trouble = 0;
    };
    std::optional<Kept> kept(const std::string& sha256, const FaceChoice& choice)
    {
        const std::pair key(sha256, faceKey(choice));
        {
            const std::lock_guard lock(mutex);
            if (const auto at = descriptors.find(key); at != descriptors.end())
                return Kept{at->second, 0};
        }
        std::optional<Kept> out;
        database.quietly([&](SQLite::Database& db) {
            SQLite::Statement look(
                db, "SELECT descriptor, trouble FROM face WHERE sha256 = ? AND face = ? AND version = ?");
            SQLite::bind(look, key.first, key.second, FaceDescriptor::kVersion);
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
            remember(key, out->descriptor);
        return out;
    }

    void remember(const std::pair<std::string, std::string>& key, std::shared_ptr<const FaceDescriptor> one)
    {
        const std::lock_guard lock(mutex);
        descriptors[key] = std::move(one);
    }
};

DescriptorStore::DescriptorStore(const fs::path& folder) : m_inside(std::make_unique<Inside>(folder)) {}

DescriptorStore::~DescriptorStore() = default;

Result<std::shared_ptr<const FaceDescriptor>> DescriptorStore::of(const fs::path& font,
                                                                  const FaceChoice& choice)
{
    const auto digest = m_inside->database.digestOf(font);
    if (!digest)
        return fail(digest.error());
    if (const auto kept = m_inside->kept(*digest, choice)) {
        if (kept->descriptor)
            return kept->descriptor;
        return fail(static_cast<ErrorCode>(kept->trouble), font.string());
    }
    const auto face = FontFace::open(font, choice);
    std::shared_ptr<const FaceDescriptor> made;
    if (face)
        made = std::make_shared<FaceDescriptor>(descriptorOf(**face));
    const std::string bytes = made ? bytesOf(*made) : std::string();
    if (made)
        m_inside->remember({*digest, faceKey(choice)}, made);
    m_inside->database.quietly([&](SQLite::Database& db) {
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
