// A font file put together from its tables.
#pragma once

#include <map>
#include <string>

namespace ink {

/// Tables by their tags of four letters; checksums and the directory are made. The same tables give the same bytes.
/// Source: OpenType 1.9, font file organisation.
std::string fontOf(const std::map<std::string, std::string>& tables);

} // namespace ink
