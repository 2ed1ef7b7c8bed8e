#include "shelf/shelf_store.h"
#include "core/base/told.h"
#include "core/type/shape.h"

#include "core/base/digest.h"
#include "core/base/file_copy.h"
#include "core/base/text.h"
#include "shelf/change_lock.h"
#include "shelf/face_json.h"
#include "shelf/schema.h"
#include "shelf/store_database.h"

#include <algorithm>
#include <array>
#include <cstdio>
#include <map>
#include <tuple>

#include <unistd.h>

namespace ink {
namespace {

namespace fs = std::filesystem;

/// True also where there is no shelf yet: then making it tells what is wrong.
bool canBeWritten(const fs::path& folder)
{
    const fs::path file = folder / "shelf.sqlite";
    std::error_code none;
    return !fs::exists(file, none) ||
           (::access(folder.c_str(), W_OK) == 0 && ::access(file.c_str(), W_OK) == 0);
}

/// Source: SQLite, Uniform Resource Identifiers.
std::string immutableAddress(const fs::path& file)
{
    std::string address = "file:";
    for (const char c : file.string())
        if (c == '?' || c == '#' || c == '%') {
            std::array<char, 4> code{};
            std::snprintf(code.data(), code.size(), "%%%02X", static_cast<unsigned>(c));
            address += code.data();
        } else {
            address += c;
        }
    return address + "?immutable=1";
}

struct IncomingFile
{
    fs::path from;
    std::string sha256;
};

} // namespace

std::string_view idOf(ShelfState state)
{
    static constexpr std::array<std::string_view, 3> kIds{"on-the-shelf", "installed", "set-aside"};
    return kIds[static_cast<std::size_t>(state)];
}

fs::path shelfFile(const fs::path& folder, const std::string& sha256)
{
    return folder / "files" / sha256.substr(0, 2) / sha256;
}

std::string ShelfFont::readableName() const
{
    if (faces.empty())
        return file_name;
    const auto& face = faces.front();
    return face.readableName();
}

struct ShelfStore::Inside : StoreDatabase
{
    using StoreDatabase::StoreDatabase;
};

ShelfStore::ShelfStore(fs::path folder, std::unique_ptr<Inside> inside)
    : m_folder(std::move(folder)), m_inside(std::move(inside))
{
}

ShelfStore::~ShelfStore() = default;

Result<std::unique_ptr<ShelfStore>> ShelfStore::openForReading(const fs::path& folder)
{
    const fs::path file = folder / "shelf.sqlite";
    return withStoreErrors(file.string(), [&]() -> Result<std::unique_ptr<ShelfStore>> {
        // What another process has written and not merged yet needs a file beside the database; where there
        // is none and none can be made, the database stands still. Source: SQLite, Write-Ahead Logging,
        // read-only.
        const auto opened = [&](const std::string& address) {
            auto inside = std::make_unique<Inside>(StoreDatabase::ForReading{address});
            inside->database.execAndGet("SELECT COUNT(*) FROM sqlite_master");
            return inside;
        };
        std::unique_ptr<Inside> inside;
        try {
            inside = opened(file.string());
        } catch (const SQLite::Exception&) {
            inside = opened(immutableAddress(file));
        }
        const int version = inside->database.execAndGet("PRAGMA user_version").getInt();
        if (version > newestSchema())
            return fail(ErrorCode::StoreTooNew, file.string());
        if (version < newestSchema())
            return fail(ErrorCode::FileUnwritable, file.string(),
                        "it was made by an earlier version and has to be changed before it can be read");
        std::unique_ptr<ShelfStore> store(new ShelfStore(folder, std::move(inside)));
        store->m_is_read_only = true;
        return store;
    });
}

Result<std::unique_ptr<ShelfStore>> ShelfStore::open(const fs::path& folder)
{
    if (!canBeWritten(folder))
        return openForReading(folder);
    return withStoreErrors(folder.string(), [&]() -> Result<std::unique_ptr<ShelfStore>> {
        fs::create_directories(folder / "files");
        auto inside = std::make_unique<Inside>(folder / "shelf.sqlite");
        if (auto done = bringUpToDate(inside->database, folder / "backups"); !done)
            return fail(done.error());
        inside->database.exec("PRAGMA journal_mode = WAL"); // reading goes on while another window writes
        std::unique_ptr<ShelfStore> store(new ShelfStore(folder, std::move(inside)));
        if (auto done = store->clean(); !done)
            return fail(done.error());
        if (auto done = store->completeFaces(); !done)
            return fail(done.error());
        return store;
    });
}

/// Takes away files that were being written when a process ended, unless one is writing them right now.
Result<void> ShelfStore::clean()
{
    const auto lock = ChangeLock::tryTake(m_folder);
    if (!lock)
        return {};
    auto& database = m_inside->database;
    return withStoreErrors(database.getFilename(), [&]() -> Result<void> {
        std::vector<std::string> pending;
        SQLite::Statement rows(database, "SELECT sha256 FROM pending_files");
        while (rows.executeStep())
            pending.push_back(rows.getColumn(0).getString());
        for (const auto& sha256 : pending) {
            const bool is_used =
                numberFrom(database, "SELECT EXISTS (SELECT 1 FROM fonts WHERE sha256 = ?)", sha256) ||
                numberFrom(database, "SELECT EXISTS (SELECT 1 FROM documents WHERE sha256 = ?)", sha256);
            const auto whole = fileOf(sha256);
            std::error_code none;
            if (fs::is_directory(whole.parent_path(), none))
                for (const auto& file : fs::directory_iterator(whole.parent_path())) {
                    // The file itself, and what writing it left behind ("NAME.XXXXXX").
                    const std::string name = file.path().filename().string();
                    if (name.starts_with(sha256) && (name != sha256 || !is_used))
                        fs::remove(file.path());
                }
            if (fs::is_empty(whole.parent_path(), none) && !none)
                fs::remove(whole.parent_path(), none);
            run(database, "DELETE FROM pending_files WHERE sha256 = ?", sha256);
        }
        return {};
    });
}

/// Fonts of a shelf from before its third step are read once more.
Result<void> ShelfStore::completeFaces()
{
    auto& database = m_inside->database;
    return withStoreErrors(database.getFilename(), [&]() -> Result<void> {
        std::vector<std::pair<std::int64_t, std::string>> fonts;
        SQLite::Statement rows(database,
                               "SELECT DISTINCT id, sha256 FROM faces JOIN fonts ON fonts.id = font "
                               "WHERE info = ''");
        while (rows.executeStep())
            fonts.emplace_back(rows.getColumn(0).getInt64(), rows.getColumn(1).getString());
        for (const auto& [id, sha256] : fonts)
            if (const auto faces = FontFace::list(fileOf(sha256)))
                for (const auto& face : *faces)
                    run(database, "UPDATE faces SET info = ? WHERE font = ? AND face = ? AND instance = ?",
                        jsonOf(face), id, static_cast<std::int64_t>(face.choice.face), face.choice.instance);
        return {};
    });
}

Result<std::int64_t> ShelfStore::idOf(const std::string& sha256) const
{
    auto& database = m_inside->database;
    return withStoreErrors(database.getFilename(), [&]() -> Result<std::int64_t> {
        const auto id = numberFrom(database, "SELECT id FROM fonts WHERE sha256 = ?", sha256);
        if (id == 0)
            return fail(ErrorCode::FontNotOnShelf, sha256);
        return id;
    });
}

Result<std::vector<ShelfFont>> ShelfStore::fonts() const
{
    auto& database = m_inside->database;
    return withStoreErrors(database.getFilename(), [&]() -> Result<std::vector<ShelfFont>> {
        SQLite::Transaction same_moment(database); // all queries see one state
        std::vector<ShelfFont> fonts;
        std::map<std::int64_t, std::size_t> place;
        SQLite::Statement rows(
            database,
            "SELECT id, sha256, file_name, bytes, package, added, last_used, note, is_set_aside, "
            "path, phase, project, until FROM fonts LEFT JOIN installs ON installs.font = fonts.id");
        while (rows.executeStep()) {
            ShelfFont font;
            font.id = rows.getColumn(0).getInt64();
            font.sha256 = rows.getColumn(1).getString();
            font.file_name = rows.getColumn(2).getString();
            font.bytes = static_cast<std::uint64_t>(rows.getColumn(3).getInt64());
            font.package = rows.getColumn(4).getString();
            font.added = rows.getColumn(5).getString();
            font.last_used = rows.getColumn(6).getString();
            font.note = rows.getColumn(7).getString();
            if (rows.getColumn(10).getString() == "placed") {
                font.state = ShelfState::Installed;
                font.installed_path = rows.getColumn(9).getString();
                font.project = rows.getColumn(11).getString();
                font.until = rows.getColumn(12).getString();
            } else if (rows.getColumn(8).getInt() != 0) {
                font.state = ShelfState::SetAside;
            }
            place[font.id] = fonts.size();
            fonts.push_back(std::move(font));
        }
        const auto each = [&](const char* sql, auto take) {
            SQLite::Statement query(database, sql);
            while (query.executeStep())
                take(fonts[place.at(query.getColumn(0).getInt64())], query);
        };
        each("SELECT font, face, instance, family, style, version, info FROM faces ORDER BY font, face, "
             "instance",
             [](ShelfFont& font, SQLite::Statement& q) {
                 if (auto face = faceFrom(q.getColumn(6).getString()))
                     return font.faces.push_back(std::move(*face));
                 FaceInfo face; // its file could not be read since
                 face.choice = {q.getColumn(1).getUInt(), q.getColumn(2).getString()};
                 face.family = q.getColumn(3).getString();
                 face.style = q.getColumn(4).getString();
                 face.version = q.getColumn(5).getString();
                 font.faces.push_back(std::move(face));
             });
        each("SELECT font, project, day FROM uses ORDER BY font, day DESC, project",
             [](ShelfFont& font, SQLite::Statement& q) {
                 font.uses.push_back({q.getColumn(1).getString(), q.getColumn(2).getString()});
             });
        each("SELECT font, name, sha256 FROM documents ORDER BY font, name",
             [](ShelfFont& font, SQLite::Statement& q) {
                 font.documents.push_back({q.getColumn(1).getString(), q.getColumn(2).getString()});
             });
        each("SELECT font, name FROM set_fonts JOIN sets ON sets.id = in_set ORDER BY font, name",
             [](ShelfFont& font, SQLite::Statement& q) { font.sets.push_back(q.getColumn(1).getString()); });
        each("SELECT font, tag FROM tags ORDER BY font, tag",
             [](ShelfFont& font, SQLite::Statement& q) { font.tags.push_back(q.getColumn(1).getString()); });
        std::ranges::sort(fonts, {}, [](const ShelfFont& f) {
            return std::tuple(f.faces.empty() ? f.file_name : f.faces.front().family,
                              f.faces.empty() ? std::string() : f.faces.front().style, f.sha256);
        });
        return fonts;
    });
}

Result<ShelfFont> ShelfStore::find(const std::string& which) const
{
    auto all = fonts();
    if (!all)
        return fail(all.error());
    const std::string wanted = lowered(which);
    constexpr std::size_t kShortestDigest = 6;
    std::vector<const ShelfFont*> fitting;
    for (const auto& font : *all) {
        const bool fits =
            (which.size() >= kShortestDigest && font.sha256.starts_with(wanted)) ||
            lowered(font.file_name) == wanted || lowered(font.readableName()) == wanted ||
            std::ranges::any_of(font.faces, [&](const FaceInfo& f) { return lowered(f.family) == wanted; });
        if (fits)
            fitting.push_back(&font);
    }
    if (fitting.size() == 1)
        return *fitting.front();
    std::string names;
    for (const auto* font : fitting)
        names += (names.empty() ? "" : ", ") + font->readableName() + " (" + font->sha256.substr(0, 8) + ")";
    return fail(ErrorCode::FontNotOnShelf, which, names.empty() ? names : told("it may be {}", names));
}

Result<std::size_t> ShelfStore::add(const std::vector<NewFont>& fonts, const std::string& package,
                                    const std::string& day)
{
    const auto lock = ChangeLock::take(m_folder);
    if (!lock)
        return fail(lock.error());
    std::vector<IncomingFile> files;
    std::map<const NewFont*, std::vector<ShelfDocument>> documents;
    for (const auto& font : fonts) {
        files.push_back({font.file, font.sha256});
        for (const auto& document : font.documents) {
            const auto digest = sha256OfFile(document.file);
            if (!digest)
                return fail(digest.error());
            files.push_back({document.file, *digest});
            documents[&font].push_back({document.name, *digest});
        }
    }
    auto& database = m_inside->database;
    if (auto noted = m_inside->inOneStep([&]() -> Result<void> {
            for (const auto& file : files)
                run(database, "INSERT OR IGNORE INTO pending_files VALUES (?)", file.sha256);
            return {};
        });
        !noted)
        return fail(noted.error());
    for (const auto& [from, sha256] : files) {
        const auto target = fileOf(sha256);
        std::error_code none;
        if (fs::exists(target, none))
            continue;
        fs::create_directories(target.parent_path(), none);
        if (auto copied = copyFile(from, target, kLargestShelfFile); !copied)
            return fail(copied.error());
    }
    std::size_t added = 0;
    const auto done = m_inside->inOneStep([&]() -> Result<void> {
        for (const auto& font : fonts) {
            std::error_code none;
            const bool is_new =
                run(database,
                    "INSERT OR IGNORE INTO fonts (sha256, file_name, bytes, package, added) VALUES (?, ?, ?, "
                    "?, ?)",
                    font.sha256, font.file_name, static_cast<std::int64_t>(fs::file_size(font.file, none)),
                    package, day) > 0;
            const auto id = numberFrom(database, "SELECT id FROM fonts WHERE sha256 = ?", font.sha256);
            added += is_new;
            if (is_new)
                for (const auto& face : font.faces)
                    run(database, "INSERT INTO faces VALUES (?, ?, ?, ?, ?, ?, ?)", id,
                        static_cast<std::int64_t>(face.choice.face), face.choice.instance, face.family,
                        face.style, face.version, jsonOf(face));
            for (const auto& document : documents[&font])
                run(database, "INSERT OR IGNORE INTO documents VALUES (?, ?, ?)", id, document.name,
                    document.sha256);
        }
        database.exec("DELETE FROM pending_files");
        return {};
    });
    if (!done)
        return fail(done.error());
    return added;
}

Result<void> ShelfStore::discard(const std::vector<std::int64_t>& fonts)
{
    auto& database = m_inside->database;
    // Its files are pending once nothing refers to them: cleaning takes them away, now or after a crash.
    const auto done = m_inside->inOneStep([&]() -> Result<void> {
        for (const auto font : fonts) {
            if (numberFrom(database, "SELECT EXISTS (SELECT 1 FROM installs WHERE font = ?)", font) != 0)
                return fail(ErrorCode::FontInstalled, std::to_string(font));
            run(database, "INSERT OR IGNORE INTO pending_files SELECT sha256 FROM fonts WHERE id = ?", font);
            run(database, "INSERT OR IGNORE INTO pending_files SELECT sha256 FROM documents WHERE font = ?",
                font);
            run(database, "DELETE FROM fonts WHERE id = ?", font);
        }
        return {};
    });
    return done ? clean() : done;
}

Result<void> ShelfStore::setAside(const std::vector<std::int64_t>& fonts, bool is_aside)
{
    return m_inside->ofEach(fonts, [&](std::int64_t font) {
        run(m_inside->database, "UPDATE fonts SET is_set_aside = ? WHERE id = ?", is_aside ? 1 : 0, font);
    });
}

Result<void> ShelfStore::changeSet(const std::string& set, const std::vector<std::int64_t>& fonts, bool is_in)
{
    if (set.find_first_not_of(" \t\r\n") == std::string::npos)
        return fail(ErrorCode::NameEmpty, "a set");
    auto& database = m_inside->database;
    return m_inside->inOneStep([&]() -> Result<void> {
        run(database, "INSERT OR IGNORE INTO sets (name) VALUES (?)", set);
        const auto id = numberFrom(database, "SELECT id FROM sets WHERE name = ?", set);
        for (const auto font : fonts)
            is_in ? run(database, "INSERT OR IGNORE INTO set_fonts VALUES (?, ?)", id, font)
                  : run(database, "DELETE FROM set_fonts WHERE in_set = ? AND font = ?", id, font);
        run(database,
            "DELETE FROM sets WHERE id = ? AND NOT EXISTS (SELECT 1 FROM set_fonts WHERE in_set = ?)", id,
            id);
        return {};
    });
}

Result<void> ShelfStore::changeTag(const std::string& tag, const std::vector<std::int64_t>& fonts,
                                   bool is_tagged)
{
    return m_inside->ofEach(fonts, [&](std::int64_t font) {
        is_tagged ? run(m_inside->database, "INSERT OR IGNORE INTO tags VALUES (?, ?)", font, tag)
                  : run(m_inside->database, "DELETE FROM tags WHERE font = ? AND tag = ?", font, tag);
    });
}

Result<void> ShelfStore::setNote(std::int64_t font, const std::string& note)
{
    return m_inside->ofEach({font}, [&](std::int64_t id) {
        run(m_inside->database, "UPDATE fonts SET note = ? WHERE id = ?", note, id);
    });
}

Result<void> ShelfStore::correctForm(const std::string& font_sha256, std::uint32_t glyph_id,
                                     const std::u32string& letters)
{
    std::string utf8;
    for (const char32_t c : letters)
        utf8 += toUtf8(c);
    return m_inside->inOneStep([&]() -> Result<void> {
        run(m_inside->database, "INSERT OR REPLACE INTO form_corrections VALUES (?, ?, ?)", font_sha256,
            static_cast<std::int64_t>(glyph_id), utf8);
        return {};
    });
}

Result<FormCorrections> ShelfStore::formCorrections(const std::string& font_sha256) const
{
    return withStoreErrors(m_inside->database.getFilename(), [&]() -> Result<FormCorrections> {
        FormCorrections said;
        SQLite::Statement rows(m_inside->database,
                               "SELECT glyph, letters FROM form_corrections WHERE font_sha256 = ?");
        rows.bind(1, font_sha256);
        while (rows.executeStep())
            said[static_cast<std::uint32_t>(rows.getColumn(0).getInt64())] =
                toUtf32(rows.getColumn(1).getString());
        return said;
    });
}

Result<void> ShelfStore::used(std::int64_t font, const std::string& project, const std::string& day)
{
    return m_inside->ofEach({font}, [&](std::int64_t id) {
        run(m_inside->database, "INSERT OR REPLACE INTO uses VALUES (?, ?, ?)", id, project, day);
        run(m_inside->database, "UPDATE fonts SET last_used = ? WHERE id = ?", day, id);
    });
}

Result<std::vector<StoredPrint>> ShelfStore::outlinePrints(int version) const
{
    auto& database = m_inside->database;
    return withStoreErrors(database.getFilename(), [&]() -> Result<std::vector<StoredPrint>> {
        std::vector<StoredPrint> prints;
        SQLite::Statement rows(database,
                               "SELECT font, face, instance, print FROM outline_prints WHERE version = ?");
        rows.bind(1, version);
        while (rows.executeStep())
            prints.push_back({rows.getColumn(0).getInt64(),
                              {rows.getColumn(1).getUInt(), rows.getColumn(2).getString()},
                              rows.getColumn(3).getString()});
        return prints;
    });
}

Result<void> ShelfStore::keepOutlinePrints(const std::vector<StoredPrint>& prints, int version)
{
    auto& database = m_inside->database;
    return m_inside->inOneStep([&]() -> Result<void> {
        // A font may have been discarded while its print was made.
        SQLite::Statement insert(database, "INSERT OR REPLACE INTO outline_prints SELECT ?, ?, ?, ?, ? WHERE "
                                           "EXISTS (SELECT 1 FROM fonts WHERE id = ?)");
        for (const auto& print : prints) {
            insert.reset();
            insert.bind(1, print.font);
            insert.bind(2, print.face.face);
            insert.bind(3, print.face.instance);
            insert.bind(4, version);
            insert.bind(5, print.bytes.data(), static_cast<int>(print.bytes.size()));
            insert.bind(6, print.font);
            insert.exec();
        }
        return {};
    });
}

Result<void> ShelfStore::beginPlacing(std::int64_t font, const std::string& path, const std::string& project,
                                      const std::string& until)
{
    return m_inside->ofEach({font}, [&](std::int64_t id) {
        run(m_inside->database, "INSERT INTO installs VALUES (?, ?, 'placing', ?, ?)", id, path, project,
            until);
    });
}

Result<void> ShelfStore::placed(std::int64_t font)
{
    return m_inside->ofEach({font}, [&](std::int64_t id) {
        run(m_inside->database, "UPDATE installs SET phase = 'placed' WHERE font = ?", id);
        run(m_inside->database, "UPDATE fonts SET is_set_aside = 0 WHERE id = ?", id);
    });
}

Result<void> ShelfStore::setInstallEnd(std::int64_t font, const std::string& project,
                                       const std::string& until)
{
    return m_inside->ofEach({font}, [&](std::int64_t id) {
        run(m_inside->database, "UPDATE installs SET project = ?, until = ? WHERE font = ?", project, until,
            id);
    });
}

Result<void> ShelfStore::beginRemoving(std::int64_t font)
{
    return m_inside->ofEach({font}, [&](std::int64_t id) {
        run(m_inside->database, "UPDATE installs SET phase = 'removing' WHERE font = ?", id);
    });
}

Result<void> ShelfStore::removed(std::int64_t font)
{
    return m_inside->ofEach(
        {font}, [&](std::int64_t id) { run(m_inside->database, "DELETE FROM installs WHERE font = ?", id); });
}

Result<std::vector<PendingInstall>> ShelfStore::installs() const
{
    auto& database = m_inside->database;
    return withStoreErrors(database.getFilename(), [&]() -> Result<std::vector<PendingInstall>> {
        std::vector<PendingInstall> found;
        SQLite::Statement rows(
            database,
            "SELECT font, sha256, path, phase FROM installs JOIN fonts ON fonts.id = font ORDER BY font");
        while (rows.executeStep())
            found.push_back({rows.getColumn(0).getInt64(), rows.getColumn(1).getString(),
                             rows.getColumn(2).getString(), rows.getColumn(3).getString()});
        return found;
    });
}

} // namespace ink
