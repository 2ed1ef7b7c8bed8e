// Where this person's files belong.
#pragma once

#include <filesystem>

namespace ink {

/// $XDG_DATA_HOME, else ~/.local/share.
/// Source: XDG Base Directory Specification 0.8.
std::filesystem::path userDataFolder();

} // namespace ink
