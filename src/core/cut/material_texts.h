// Cards that ship with the application, as data/materials holds them. Generated at build time.
#pragma once

#include <string_view>

namespace ink {

/// Empty for an id that is none of them.
std::string_view materialText(std::string_view id);

} // namespace ink
