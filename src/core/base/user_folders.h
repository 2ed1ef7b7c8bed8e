// Where this person's files belong.
#pragma once

#include <filesystem>

namespace ink {

/// $XDG_DATA_HOME, else ~/.local/share.
/// Source: XDG Base Directory Specification 0.8.
std::filesystem::path userDataFolder();

/// Of this application, for what can be made again: under-ink in $XDG_CACHE_HOME, else in ~/.cache.
/// Source: the same.
std::filesystem::path userCacheFolder();

} // namespace ink
