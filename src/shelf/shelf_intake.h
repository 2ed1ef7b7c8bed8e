// From a package, a folder or a file onto the shelf.
#pragma once

#include "core/intake/package.h"
#include "shelf/shelf_store.h"

namespace ink {

struct TakenToShelf
{
    std::size_t fonts = 0;
    /// Those that were not there before.
    std::size_t added = 0;
    /// "NAME: why", for what was not taken.
    std::vector<std::string> refused;
};

/// The chosen fonts of a package that was looked into, each with the documents that speak of it. `day` is
/// when, "2026-11-25".
/// Errors: those of ShelfStore::add.
Result<TakenToShelf> takeToShelf(ShelfStore& store, const PackageContents& contents,
                                 const std::vector<std::size_t>& chosen, const std::string& day);

/// A font of the inbox, and where the shelf keeps it.
struct MovedToShelf
{
    std::filesystem::path before, after;
};

/// What lies in the folders of an inbox, one for each package, goes to the shelf; the folders themselves move
/// beside the inbox, so that nothing is lost. Folders that cannot be read stay.
/// Errors: those of ShelfStore::add.
Result<std::vector<MovedToShelf>> moveInboxToShelf(ShelfStore& store, const std::filesystem::path& inbox,
                                                   const std::string& day);

/// "2026-11-25", of the clock on the wall.
std::string today();

} // namespace ink
