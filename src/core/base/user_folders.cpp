#include "core/base/user_folders.h"

#include <cstdlib>

namespace ink {

std::filesystem::path userDataFolder()
{
    const char* data = std::getenv("XDG_DATA_HOME");
    if (data && *data == '/') // a relative one is to be ignored
        return data;
    const char* home = std::getenv("HOME");
    return std::filesystem::path(home ? home : "/") / ".local/share";
}

} // namespace ink
