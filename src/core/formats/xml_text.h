// Text that may stand in XML.
#pragma once

#include <string>
#include <string_view>

namespace ink {

/// Without the characters that XML 1.0 forbids even when they are escaped, as font files and pasted words
/// hold them: control characters, surrogates, U+FFFE, U+FFFF. What is no UTF-8 becomes U+FFFD.
/// Source: XML 1.0 (Fifth Edition), W3C Recommendation 2008, production 2 (Char).
std::string xmlText(std::string_view text);

} // namespace ink
