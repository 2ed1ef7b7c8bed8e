// Files appear whole or not at all: written beside their place, synced, then renamed.
#pragma once

#include "core/base/result.h"

#include <filesystem>
#include <functional>
#include <ostream>
#include <string>

namespace ink {

/// Fills a stream; returns an error to abandon the file.
using StreamWriter = std::function<Result<void>(std::ostream&)>;

/// Writes `path` through a temporary file in the same folder. A device or a pipe (/dev/stdout) is written to
/// directly.
/// Errors: FileUnwritable, DiskFull (both leave an older file as it was), and those of `writer`.
Result<void> writeFile(const std::filesystem::path& path, const StreamWriter& writer);

/// The whole file as bytes.
/// Errors: FileNotFound, FileUnreadable (also when larger than max_bytes).
Result<std::string> readFile(const std::filesystem::path& path, std::size_t max_bytes);

} // namespace ink
