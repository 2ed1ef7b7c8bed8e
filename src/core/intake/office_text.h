// What a text document of an office program says: what was deleted, struck out or hidden in it is not said.
#pragma once

#include "core/base/result.h"

#include <string>

namespace ink {

/// Words of the parts of a .docx and of the notes below its pages: rows of tables as "| cell | cell |",
/// headings behind "# ", items behind "- ".
/// Errors: DocumentUnreadable.
/// Source: ECMA-376 part 1, 17.3.2 (strike, vanish), 17.13.5 (del, moveFrom), 17.4 (tables).
Result<std::string> docxText(const std::string& bytes, const std::string& name);

/// The same of an .odt.
/// Source: OpenDocument 1.3 part 3, 5.5 (tracked changes), 20.2 (text:display), 20.368 (line-through).
Result<std::string> odtText(const std::string& bytes, const std::string& name);

} // namespace ink
