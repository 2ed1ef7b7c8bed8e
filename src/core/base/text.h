// Small helpers for text.
#pragma once

#include <algorithm>
#include <cctype>
#include <string>
#include <string_view>

namespace ink {

/// ASCII letters small, everything else as it is.
inline std::string lowered(std::string_view text)
{
    std::string out(text);
    std::ranges::transform(out, out.begin(),
                           [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return out;
}

} // namespace ink
