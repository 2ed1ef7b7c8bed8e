// Whole contents as files, by the same careful way as writeFile.
#pragma once

#include "core/base/file_output.h"

#include <filesystem>
#include <string_view>

namespace ink {

/// Errors: FileUnwritable, DiskFull; an older file stays as it was.
Result<void> writeBytes(const std::filesystem::path& path, std::string_view bytes);

/// Errors: those of readFile and of writeBytes.
Result<void> copyFile(const std::filesystem::path& from, const std::filesystem::path& to,
                      std::size_t max_bytes);

} // namespace ink
