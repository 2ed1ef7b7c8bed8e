#include "shelf/motif_store.h"

#include "core/base/text.h"
#include "shelf/schema.h"
#include "shelf/store_database.h"

#include <algorithm>
#include <map>
#include <sstream>

namespace ink {
namespace {

bool hasEveryWord(const Motif& motif, const std::string& words)
{
    std::string text = lowered(motif.name + ' ' + motif.collection);
    for (const auto& tag : motif.tags)
        text += ' ' + lowered(tag);
    std::istringstream in(lowered(words));
    for (std::string word; in >> word;)
        if (text.find(word) == std::string::npos)
            return false;
    return true;
}

} // namespace

struct MotifStore::Inside : StoreDatabase
{
    using StoreDatabase::StoreDatabase;
};

MotifStore::MotifStore(std::unique_ptr<Inside> inside) : m_inside(std::move(inside)) {}

MotifStore::~MotifStore() = default;

Result<std::unique_ptr<MotifStore>> MotifStore::open(const std::filesystem::path& shelf_folder)
{
    const auto file = shelf_folder / "shelf.sqlite";
    return withStoreErrors(file.string(), [&]() -> Result<std::unique_ptr<MotifStore>> {
        auto inside = std::make_unique<Inside>(file);
        if (auto done = bringUpToDate(inside->database, shelf_folder / "backups"); !done)
            return fail(done.error());
        return std::unique_ptr<MotifStore>(new MotifStore(std::move(inside)));
    });
}

std::int64_t MotifStore::collectionCalled(const std::string& name)
{
    run(m_inside->database, "INSERT OR IGNORE INTO motif_collections (name) VALUES (?)", name);
    return numberFrom(m_inside->database, "SELECT id FROM motif_collections WHERE name = ?", name);
}

std::string MotifStore::freeNameFor(std::int64_t collection, const std::string& name,
                                    std::int64_t except) const
{
    std::string free = name;
    for (int number = 2;
         numberFrom(m_inside->database, "SELECT id FROM motifs WHERE collection = ? AND name = ? AND id <> ?",
                    collection, free, except) != 0;
         ++number)
        free = name + ' ' + std::to_string(number);
    return free;
}

void MotifStore::dropEmptyCollections()
{
    m_inside->database.exec("DELETE FROM motif_collections WHERE id NOT IN (SELECT collection FROM motifs)");
}

Result<std::vector<std::int64_t>> MotifStore::add(const std::vector<Motif>& motifs)
{
    auto& database = m_inside->database;
    std::vector<std::int64_t> ids;
    const auto done = m_inside->inOneStep([&]() -> Result<void> {
        for (const auto& motif : motifs) {
            const auto collection = collectionCalled(motif.collection);
            run(database,
                "INSERT INTO motifs (collection, name, outline, font_sha256, glyph_id, key, is_others_mark, "
                "added, rights) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
                collection, freeNameFor(collection, motif.name, 0), motif.outline, motif.font_sha256,
                static_cast<std::int64_t>(motif.glyph_id), motif.key, motif.is_others_mark ? 1 : 0,
                motif.added, motif.rights);
            ids.push_back(database.getLastInsertRowid());
            for (const auto& tag : motif.tags)
                run(database, "INSERT OR IGNORE INTO motif_tags VALUES (?, ?)", ids.back(), tag);
        }
        return {};
    });
    if (!done)
        return fail(done.error());
    return ids;
}

Result<std::vector<Motif>> MotifStore::motifs(const std::string& words) const
{
    auto& database = m_inside->database;
    return withStoreErrors(database.getFilename(), [&]() -> Result<std::vector<Motif>> {
        SQLite::Transaction same_moment(database);
        std::map<std::int64_t, std::vector<std::string>> tags;
        SQLite::Statement tag_rows(database, "SELECT motif, tag FROM motif_tags ORDER BY motif, tag");
        while (tag_rows.executeStep())
            tags[tag_rows.getColumn(0).getInt64()].push_back(tag_rows.getColumn(1).getString());
        std::vector<Motif> found;
        SQLite::Statement rows(
            database,
            "SELECT m.id, c.name, m.name, outline, font_sha256, glyph_id, key, is_others_mark, added, rights "
            "FROM "
            "motifs m JOIN motif_collections c ON c.id = m.collection ORDER BY c.name, m.name, m.id");
        while (rows.executeStep()) {
            Motif motif;
            motif.id = rows.getColumn(0).getInt64();
            motif.collection = rows.getColumn(1).getString();
            motif.name = rows.getColumn(2).getString();
            motif.outline = rows.getColumn(3).getString();
            motif.font_sha256 = rows.getColumn(4).getString();
            motif.glyph_id = rows.getColumn(5).getUInt();
            motif.key = rows.getColumn(6).getString();
            motif.is_others_mark = rows.getColumn(7).getInt() != 0;
            motif.added = rows.getColumn(8).getString();
            motif.rights = rows.getColumn(9).getString();
            motif.tags = tags[motif.id];
            if (hasEveryWord(motif, words))
                found.push_back(std::move(motif));
        }
        return found;
    });
}

Result<std::vector<std::string>> MotifStore::collections() const
{
    auto& database = m_inside->database;
    return withStoreErrors(database.getFilename(), [&]() -> Result<std::vector<std::string>> {
        std::vector<std::string> names;
        SQLite::Statement rows(database, "SELECT name FROM motif_collections ORDER BY name");
        while (rows.executeStep())
            names.push_back(rows.getColumn(0).getString());
        return names;
    });
}

Result<void> MotifStore::rename(std::int64_t motif, const std::string& name)
{
    auto& database = m_inside->database;
    return m_inside->inOneStep([&]() -> Result<void> {
        const auto collection = numberFrom(database, "SELECT collection FROM motifs WHERE id = ?", motif);
        if (collection == 0)
            return fail(ErrorCode::MotifNotInTray, name);
        run(database, "UPDATE motifs SET name = ? WHERE id = ?", freeNameFor(collection, name, motif), motif);
        return {};
    });
}

Result<void> MotifStore::moveTo(const std::string& collection, const std::vector<std::int64_t>& motifs)
{
    auto& database = m_inside->database;
    return m_inside->inOneStep([&]() -> Result<void> {
        const auto target = collectionCalled(collection);
        for (const auto motif : motifs) {
            SQLite::Statement named(database, "SELECT name FROM motifs WHERE id = ?");
            named.bind(1, motif);
            if (named.executeStep())
                run(database, "UPDATE motifs SET collection = ?, name = ? WHERE id = ?", target,
                    freeNameFor(target, named.getColumn(0).getString(), motif), motif);
        }
        dropEmptyCollections();
        return {};
    });
}

Result<void> MotifStore::changeTag(const std::string& tag, const std::vector<std::int64_t>& motifs,
                                   bool is_tagged)
{
    return m_inside->ofEach(motifs, [&](std::int64_t motif) {
        is_tagged ? run(m_inside->database,
                        "INSERT OR IGNORE INTO motif_tags SELECT id, ? FROM motifs WHERE id = ?", tag, motif)
                  : run(m_inside->database, "DELETE FROM motif_tags WHERE motif = ? AND tag = ?", motif, tag);
    });
}

Result<void> MotifStore::setOutline(std::int64_t motif, const std::string& outline)
{
    return m_inside->inOneStep([&]() -> Result<void> {
        if (run(m_inside->database, "UPDATE motifs SET outline = ? WHERE id = ?", outline, motif) == 0)
            return fail(ErrorCode::MotifNotInTray, std::to_string(motif));
        return {};
    });
}

Result<void> MotifStore::put(const std::vector<Motif>& motifs)
{
    auto& database = m_inside->database;
    return m_inside->inOneStep([&]() -> Result<void> {
        for (const auto& motif : motifs) {
            run(database, "DELETE FROM motifs WHERE id = ?", motif.id);
            const auto collection = collectionCalled(motif.collection);
            run(database,
                "INSERT INTO motifs (id, collection, name, outline, font_sha256, glyph_id, key, "
                "is_others_mark, added, rights) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                motif.id, collection, freeNameFor(collection, motif.name, motif.id), motif.outline,
                motif.font_sha256, static_cast<std::int64_t>(motif.glyph_id), motif.key,
                motif.is_others_mark ? 1 : 0, motif.added, motif.rights);
            for (const auto& tag : motif.tags)
                run(database, "INSERT OR IGNORE INTO motif_tags VALUES (?, ?)", motif.id, tag);
        }
        dropEmptyCollections();
        return {};
    });
}

Result<void> MotifStore::remove(const std::vector<std::int64_t>& motifs)
{
    return m_inside->inOneStep([&]() -> Result<void> {
        for (const auto motif : motifs)
            run(m_inside->database, "DELETE FROM motifs WHERE id = ?", motif);
        dropEmptyCollections();
        return {};
    });
}

} // namespace ink
