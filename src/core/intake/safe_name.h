// Names out of a package and places to write to, checked before anything is written.
#pragma once

#include <filesystem>
#include <optional>
#include <string>
#include <string_view>

namespace ink {

struct CheckedName
{
    /// Where it may be written, below the chosen folder; empty when it is refused.
    std::filesystem::path path;
    /// "It climbs out of the folder": why it is refused; empty when it is not.
    std::string refusal;
};

/// Absolute names, names with "..", drive letters, control characters, and names too long for a file are
/// refused. Backslashes count as separators, as packages made elsewhere have them.
CheckedName checkName(std::string_view name);

/// The name as it can be shown: control characters as "\n" or "\x07", bytes that are not UTF-8 as U+FFFD.
std::string shownName(std::string_view name);

/// The path itself, or a free name beside it: "Tansy Cord 2.ttf".
std::filesystem::path freeName(const std::filesystem::path& path);
/// Whether something that exists lies below `root` once links are followed.
bool isBelow(const std::filesystem::path& path, const std::filesystem::path& root);

} // namespace ink
