// Which content it is, whatever the file is called.
#pragma once

#include "core/base/result.h"

#include <filesystem>
#include <string>
#include <string_view>

namespace ink {

/// 64 hexadecimal digits.
/// Source: FIPS 180-4, SHA-256 (OpenSSL).
std::string sha256(std::string_view bytes);
/// Errors: FileNotFound, FileUnreadable.
Result<std::string> sha256OfFile(const std::filesystem::path& path);
/// False also for a file that cannot be read.
bool hasContent(const std::filesystem::path& path, std::string_view digest);

} // namespace ink
