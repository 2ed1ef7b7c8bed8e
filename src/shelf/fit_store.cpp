#include "shelf/fit_store.h"

#include "core/base/digest.h"
#include "core/fit/fit_shape_bytes.h"
#include "shelf/cache_database.h"

namespace ink {
namespace {

namespace fs = std::filesystem;

constexpr const char* kFits = "CREATE TABLE IF NOT EXISTS fit (key TEXT PRIMARY KEY, shape BLOB);";
/// So many are kept before the oldest are looked for and left out.
constexpr int kTidyEvery = 200;

} // namespace

struct FitStore::Inside
{
    explicit Inside(const fs::path& folder) : database(folder / "fits.sqlite", kFits) {}

    CacheDatabase database;
    int kept = 0;
};

FitStore::FitStore(const fs::path& folder) : m_inside(std::make_unique<Inside>(folder)) {}

FitStore::~FitStore() = default;

std::string FitStore::contentOf(const fs::path& font)
{
    return m_inside->database.digestOf(font).value_or(std::string());
}

std::shared_ptr<const FitShape> FitStore::find(const std::string& key)
{
    std::string bytes;
    m_inside->database.quietly([&](SQLite::Database& db) {
        SQLite::Statement look(db, "SELECT shape FROM fit WHERE key = ?");
        SQLite::bind(look, sha256(key)); // words are nobody's business in a cache
        if (look.executeStep())
            bytes = look.getColumn(0).getString();
    });
    auto read = fitShapeFrom(bytes); // not while the others wait
    return read ? std::make_shared<const FitShape>(std::move(*read)) : nullptr;
}

void FitStore::keep(const std::string& key, const FitShape& shape)
{
    const std::string bytes = bytesOf(shape);
    m_inside->database.quietly([&](SQLite::Database& db) {
        SQLite::Statement keep(db, "INSERT OR REPLACE INTO fit VALUES (?, ?)");
        keep.bind(1, sha256(key));
        keep.bind(2, bytes.data(), static_cast<int>(bytes.size()));
        keep.exec();
        if (m_inside->kept++ % kTidyEvery == 0)
            run(db, "DELETE FROM fit WHERE rowid <= (SELECT max(rowid) FROM fit) - ?", kMost);
    });
}

} // namespace ink
