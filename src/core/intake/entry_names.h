// Names of entries that would land on one another.
#pragma once

#include "core/intake/package.h"

#include <filesystem>
#include <string>

namespace ink {

/// Different files that land on one name, and a name that is a file and a folder: the later one, or the file,
/// gets a number, and both it and the package say so. The same file twice is told as such.
void tellNamesApart(PackageContents& contents);

void addNote(PackageEntry& entry, const std::string& note);

/// Byte for byte the same; false when one cannot be read.
bool hasSameContent(const std::filesystem::path& a, const std::filesystem::path& b);

} // namespace ink
