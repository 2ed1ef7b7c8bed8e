// Which face of which file.
#pragma once

#include <string>

namespace ink {

/// Which face of which file; an empty path means that none is chosen yet.
struct FontRef
{
    std::string path;
    unsigned face = 0;
    std::string instance;

    friend bool operator==(const FontRef&, const FontRef&) = default;
};

} // namespace ink
