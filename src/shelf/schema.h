// The tables of the shelf, made and changed in numbered steps (docs/decisions/0007-shelf.md).
#pragma once

#include "core/base/result.h"

#include <filesystem>

namespace SQLite {
class Database;
}

namespace ink {

/// The version this program knows: the number of steps.
int newestSchema();

/// Brings the tables to version `target`, one step and one transaction at a time; before each step of a store
/// that holds something, a copy goes to `backups`. A step that was interrupted has not happened.
/// Errors: StoreTooNew (nothing is touched), StoreDamaged, StoreBusy, FileUnwritable, DiskFull.
Result<void> bringUpToDate(SQLite::Database& database, const std::filesystem::path& backups,
                           int target = newestSchema());

} // namespace ink
