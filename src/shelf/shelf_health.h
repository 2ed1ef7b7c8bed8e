// How the shelf is: what is missing or damaged, what nobody uses, and what installed fonts cost.
#pragma once

#include "shelf/shelf_store.h"

#include <chrono>
#include <optional>

namespace ink {

struct ShelfHealth
{
    std::size_t fonts = 0, installed = 0, set_aside = 0, never_used = 0;
    std::vector<ShelfFont> missing;
    /// Its content is no longer what it was.
    std::vector<ShelfFont> damaged;
    /// Put back from a file with the same content.
    std::vector<ShelfFont> found_again;
    /// Installed once, and its copy is gone or changed.
    std::vector<ShelfFont> not_where_installed;
    std::vector<ShelfFont> without_documents;
    /// What a fresh process needs to learn all fonts, with and without ours; nothing when it was not
    /// measured.
    std::optional<std::chrono::microseconds> with_installed, without_installed;
};

/// Reads every file. Missing and damaged ones are looked for by content where they are installed and below
/// `look_in`, and put back.
/// Errors: those of ShelfStore.
Result<ShelfHealth> healthOf(ShelfStore& store, const std::vector<std::filesystem::path>& look_in = {});

/// The quicker of three fresh processes that list all fonts (fc-list), once with the fonts of `folder` and
/// once without.
/// Errors: HelperFailed, FileUnwritable.
Result<void> measureCost(ShelfHealth& health, const std::filesystem::path& folder);

} // namespace ink
