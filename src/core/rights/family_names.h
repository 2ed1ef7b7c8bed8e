// Names of families: which of them a text reserves, and which are of one family.
#pragma once

#include "core/rights/reading.h"

#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// Names that a text reserves: "with Reserved Font Names 'Larch Hand' and 'Larch'".
std::vector<std::string> reservedNamesIn(const ReadText& text);

/// "Larch" and "Larch Hand Bold" are of one family; "Fennmoor Serif" and "Fennmoor Sans" are not.
bool isSameFamily(std::string_view one, std::string_view other);

} // namespace ink
