// The motif tray: named outlines in collections, kept beside the shelf. A motif works without the font it
// came from, and carries what was known of that font's rights when it was taken in.
#pragma once

#include "core/base/result.h"

#include <cstdint>
#include <filesystem>
#include <memory>
#include <string>
#include <vector>

namespace ink {

struct Motif
{
    std::int64_t id = 0;
    std::string collection, name;
    /// SVG path data in 1/1000 em, y down.
    /// Source: SVG 1.1, 8.3.
    std::string outline;
    /// The font it came from, its glyph and the key it sat on; empty for outlines from elsewhere.
    std::string font_sha256;
    std::uint32_t glyph_id = 0;
    std::string key;
    /// Somebody else's mark or character, whatever the font's licence says.
    bool is_others_mark = false;
    /// Day, "2026-11-25".
    std::string added;
    std::vector<std::string> tags;
    /// What was known of that font's rights, in words, beginning with the verdict.
    std::string rights;

    friend bool operator==(const Motif&, const Motif&) = default;
};

class MotifStore
{
public:
    /// In the folder of the shelf, which has to be there.
    /// Errors: those of ShelfStore::open.
    static Result<std::unique_ptr<MotifStore>> open(const std::filesystem::path& shelf_folder);
    ~MotifStore();
    MotifStore(const MotifStore&) = delete;
    MotifStore& operator=(const MotifStore&) = delete;

    /// All or none; collections are made as they are needed. A name that its collection has already gets a
    /// number behind it. Returns the ids in order.
    /// Errors: StoreBusy, DiskFull, FileUnwritable, StoreDamaged.
    Result<std::vector<std::int64_t>> add(const std::vector<Motif>& motifs);
    /// By collection, then name. With words, those that have every one of them in name, collection or tags,
    /// whatever its case (ASCII).
    Result<std::vector<Motif>> motifs(const std::string& words = {}) const;
    Result<std::vector<std::string>> collections() const;
    /// A number goes behind it where the collection has the name.
    /// Errors: MotifNotInTray.
    Result<void> rename(std::int64_t motif, const std::string& name);
    Result<void> moveTo(const std::string& collection, const std::vector<std::int64_t>& motifs);
    Result<void> changeTag(const std::string& tag, const std::vector<std::int64_t>& motifs, bool is_tagged);
    /// The outline after parts were removed, mirrored or welded.
    /// Errors: MotifNotInTray.
    Result<void> setOutline(std::int64_t motif, const std::string& outline);
    /// Each as it is given, ids included: what was removed comes back, what was changed is as it was.
    /// Errors: those of add.
    Result<void> put(const std::vector<Motif>& motifs);
    /// Collections that are empty then go too.
    Result<void> remove(const std::vector<std::int64_t>& motifs);

private:
    struct Inside;
    explicit MotifStore(std::unique_ptr<Inside> inside);
    std::string freeNameFor(std::int64_t collection, const std::string& name, std::int64_t except) const;
    std::int64_t collectionCalled(const std::string& name);
    void dropEmptyCollections();

    std::unique_ptr<Inside> m_inside;
};

} // namespace ink
