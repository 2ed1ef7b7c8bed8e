// Chosen fonts with their documents, rights, sets, tags and notes in one file, for another computer
// (docs/formats/shelf-bundle.md).
#pragma once

#include "shelf/rights_store.h"
#include "shelf/shelf_store.h"

#include <functional>

namespace ink {

/// Something that both computers know, and know differently.
struct BundleConflict
{
    std::string font, sha256;
    /// "note", or "rights".
    std::string what;
    std::string mine, theirs;
    bool took_theirs = false;
};

struct BundleRead
{
    std::size_t fonts = 0, added = 0;
    /// Nothing of these was changed, unless that was asked for.
    std::vector<BundleConflict> conflicts;
    /// "NAME: why", for fonts that were not taken.
    std::vector<std::string> refused;
};

using TakesTheirs = std::function<bool(const BundleConflict&)>;

/// Errors: FileUnreadable (a file of the shelf is missing: the doctor may find it), FileUnwritable, DiskFull.
Result<void> writeBundle(const std::filesystem::path& file, const ShelfStore& store,
                         const std::vector<ShelfFont>& fonts, const RightsStore& rights);

/// Adds what is not there. Sets and tags come together; where both have a note or rights of their own, mine
/// stay and the conflict is told, or theirs are taken where `takes_theirs` says so; it may be empty. Reading
/// it twice changes nothing. Every font passes the safety check again and has to have the content the file
/// says.
/// Errors: PackageDamaged (also what is no such file), StoreTooNew, those of readArchive and of ShelfStore.
Result<BundleRead> readBundle(const std::filesystem::path& file, ShelfStore& store, const RightsStore& rights,
                              const TakesTheirs& takes_theirs, const std::string& day);

} // namespace ink
