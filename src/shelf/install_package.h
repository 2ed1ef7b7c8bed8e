// Fonts for all users of a computer: a package with instructions for whoever looks after it. We never ask for
// root ourselves.
#pragma once

#include "shelf/shelf_store.h"

namespace ink {

/// A zip with the fonts below fonts/, the documents that came with each below documents/, and
/// READ-ME-FIRST.txt with the commands.
/// Errors: FileUnreadable, FileUnwritable, DiskFull.
Result<void> writeInstallPackage(const std::filesystem::path& file, const ShelfStore& store,
                                 const std::vector<ShelfFont>& fonts);

} // namespace ink
