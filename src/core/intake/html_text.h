// What a web page says: what is struck out, hidden, its title or its navigation is not said.
#pragma once

#include "core/base/result.h"

#include <string>

namespace ink {

/// Words of a page, UTF-8: rows of tables as "| cell | cell |", headings behind "# ", items behind "- ", tick
/// boxes as "[x]" and "[ ]".
/// Errors: DocumentUnreadable.
/// Source: HTML Living Standard 4.7 (del), 4.5.5 (s), 6.1 (hidden), 4.10.5 (checkbox).
Result<std::string> htmlText(const std::string& utf8, const std::string& name);

} // namespace ink
