// The things a maker works on: how large they are.
#pragma once

#include "core/cut/pattern.h"

#include <filesystem>

namespace ink {

inline constexpr std::size_t kMostBlanks = 100;

/// Sizes of common goods (common practice, no source).
std::vector<Blank> shippedBlanks();

/// Rooms of common hoops (common practice, no source).
std::vector<Blank> shippedHoops();

/// Those that the person kept; none without the file.
/// Errors: FileUnreadable; DocumentDamaged.
Result<std::vector<Blank>> readBlanks(const std::filesystem::path& file);
/// Errors: those of writeFile().
Result<void> writeBlanks(const std::filesystem::path& file, const std::vector<Blank>& blanks);

} // namespace ink
