#include "core/base/user_folders.h"

#include <cstdlib>

namespace ink {

namespace {

std::filesystem::path folderOf(const char* variable, const char* usual)
{
    const char* said = std::getenv(variable);
    if (said && *said == '/') // a relative one is to be ignored
        return said;
    const char* home = std::getenv("HOME");
    return std::filesystem::path(home ? home : "/") / usual;
}

} // namespace

std::filesystem::path userDataFolder()
{
    return folderOf("XDG_DATA_HOME", ".local/share");
}

std::filesystem::path userCacheFolder()
{
    return folderOf("XDG_CACHE_HOME", ".cache") / "under-ink";
}

} // namespace ink
