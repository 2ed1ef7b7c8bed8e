// An RTF document without what it does not say.
#pragma once

#include <string>
#include <string_view>

namespace ink {

/// Takes away text that is hidden (\v), deleted (\deleted) or struck out (\strike, \strikedl), and sets rows
/// of tables as "cell | cell |". Characters told by their number stand in groups of their own. Everything
/// else stays byte for byte; what is no RTF comes back as it is.
/// Source: Rich Text Format Specification 1.9.1, "Font (character) formatting properties", "Track changes".
std::string rtfAsSaid(std::string_view rtf);

} // namespace ink
