#include "shelf/schema.h"
#include "core/base/told.h"

#include "shelf/store_errors.h"

#include <SQLiteCpp/SQLiteCpp.h>

#include <array>
#include <system_error>

namespace ink {
namespace {

/// Never change a step that has shipped: add one.
constexpr std::array kSteps{
    // 1: fonts, what came with them, where they are installed, sets and tags.
    R"(
CREATE TABLE fonts (
    id INTEGER PRIMARY KEY,
    sha256 TEXT NOT NULL UNIQUE,
    file_name TEXT NOT NULL,
    bytes INTEGER NOT NULL,
    package TEXT NOT NULL DEFAULT '',
    added TEXT NOT NULL,
    last_used TEXT NOT NULL DEFAULT '',
    note TEXT NOT NULL DEFAULT '',
    is_set_aside INTEGER NOT NULL DEFAULT 0
);
CREATE TABLE faces (
    font INTEGER NOT NULL REFERENCES fonts(id) ON DELETE CASCADE,
    face INTEGER NOT NULL,
    instance TEXT NOT NULL,
    family TEXT NOT NULL,
    style TEXT NOT NULL,
    version TEXT NOT NULL,
    PRIMARY KEY (font, face, instance)
);
CREATE TABLE documents (
    font INTEGER NOT NULL REFERENCES fonts(id) ON DELETE CASCADE,
    name TEXT NOT NULL,
    sha256 TEXT NOT NULL,
    PRIMARY KEY (font, name)
);
CREATE TABLE installs (
    font INTEGER PRIMARY KEY REFERENCES fonts(id),
    path TEXT NOT NULL UNIQUE,
    -- 'placing' and 'removing' are finished, or undone, when the store is opened the next time.
    phase TEXT NOT NULL CHECK (phase IN ('placing', 'placed', 'removing')),
    -- For one job only: the project, and the day it ends on.
    project TEXT NOT NULL DEFAULT '',
    until TEXT NOT NULL DEFAULT ''
);
-- Files that are being written: what no font refers to is taken away when the store is opened.
CREATE TABLE pending_files (sha256 TEXT PRIMARY KEY);
CREATE TABLE sets (id INTEGER PRIMARY KEY, name TEXT NOT NULL UNIQUE);
CREATE TABLE set_fonts (
    in_set INTEGER NOT NULL REFERENCES sets(id) ON DELETE CASCADE,
    font INTEGER NOT NULL REFERENCES fonts(id) ON DELETE CASCADE,
    PRIMARY KEY (in_set, font)
);
CREATE TABLE tags (
    font INTEGER NOT NULL REFERENCES fonts(id) ON DELETE CASCADE,
    tag TEXT NOT NULL,
    PRIMARY KEY (font, tag)
);
CREATE TABLE uses (
    font INTEGER NOT NULL REFERENCES fonts(id) ON DELETE CASCADE,
    project TEXT NOT NULL,
    day TEXT NOT NULL,
    PRIMARY KEY (font, project)
);
)",
    // 2: the motif tray. A motif works without its font and carries what is known of its rights.
    R"(
CREATE TABLE motif_collections (id INTEGER PRIMARY KEY, name TEXT NOT NULL UNIQUE);
CREATE TABLE motifs (
    id INTEGER PRIMARY KEY,
    collection INTEGER NOT NULL REFERENCES motif_collections(id) ON DELETE CASCADE,
    name TEXT NOT NULL,
    -- SVG path data in 1/1000 em, y down.
    outline TEXT NOT NULL,
    font_sha256 TEXT NOT NULL DEFAULT '',
    glyph_id INTEGER NOT NULL DEFAULT 0,
    key TEXT NOT NULL DEFAULT '',
    is_others_mark INTEGER NOT NULL DEFAULT 0,
    added TEXT NOT NULL,
    UNIQUE (collection, name)
);
CREATE TABLE motif_tags (
    motif INTEGER NOT NULL REFERENCES motifs(id) ON DELETE CASCADE,
    tag TEXT NOT NULL,
    PRIMARY KEY (motif, tag)
);
)",
    // 3: what can be said of a face without opening its file, and its outlines in short, to find twins by.
    R"(
ALTER TABLE faces ADD COLUMN info TEXT NOT NULL DEFAULT '';
CREATE TABLE outline_prints (
    font INTEGER NOT NULL REFERENCES fonts(id) ON DELETE CASCADE,
    face INTEGER NOT NULL,
    instance TEXT NOT NULL,
    -- Prints of another way of counting are made again.
    version INTEGER NOT NULL,
    print BLOB NOT NULL,
    PRIMARY KEY (font, face, instance)
);
)",
    // What the person said about a glyph: the letters it belongs to, none for a piece. By the font's content,
    // so that it holds wherever the file lies.
    R"(
CREATE TABLE form_corrections (
    font_sha256 TEXT NOT NULL,
    glyph INTEGER NOT NULL,
    letters TEXT NOT NULL,
    PRIMARY KEY (font_sha256, glyph)
);
)",
    // What was known of the rights when the motif was taken in: it outlives the font and its documents.
    R"(
ALTER TABLE motifs ADD COLUMN rights TEXT NOT NULL DEFAULT '';
)",
};

void backUp(SQLite::Database& database, const std::filesystem::path& backups, int version)
{
    std::filesystem::create_directories(backups);
    const auto target = backups / ("shelf-version-" + std::to_string(version) + ".sqlite");
    const auto part = std::filesystem::path(target.string() + ".part");
    std::filesystem::remove(part); // left by a copy that was interrupted
    SQLite::Statement copy(database, "VACUUM INTO ?");
    copy.bind(1, part.string());
    copy.exec();
    std::filesystem::rename(part, target);
}

} // namespace

int newestSchema()
{
    return static_cast<int>(kSteps.size());
}

Result<void> bringUpToDate(SQLite::Database& database, const std::filesystem::path& backups, int target)
{
    return withStoreErrors(database.getFilename(), [&]() -> Result<void> {
        const auto version = [&] { return database.execAndGet("PRAGMA user_version").getInt(); };
        if (version() > newestSchema())
            return fail(ErrorCode::StoreTooNew, database.getFilename(),
                        told("version {}, this program knows {}", version(), newestSchema()));
        const bool is_new = version() == 0;
        while (version() < target) {
            if (!is_new)
                backUp(database, backups, version());
            SQLite::Transaction step(database, SQLite::TransactionBehavior::IMMEDIATE);
            const int from = version(); // another window may have been quicker
            if (from >= target)
                break;
            database.exec(kSteps[static_cast<std::size_t>(from)]);
            database.exec("PRAGMA user_version = " + std::to_string(from + 1));
            step.commit();
        }
        return {};
    });
}

} // namespace ink
