// Text of unknown encoding to UTF-8.
#pragma once

#include <string>
#include <string_view>

namespace ink {

enum class TextEncoding { Utf8, Utf16Le, Utf16Be, Windows1252, MacRoman };

/// The byte order mark decides, then well-formed UTF-8, then zero bytes (UTF-16); of the two 8-bit sets, the
/// one in which quotes, accents and dashes stand where quotes, accents and dashes stand in words.
/// Source: Unicode Standard 3.10 (encoding schemes); the choice between the 8-bit sets is ours.
TextEncoding encodingOf(std::string_view bytes);

/// Never fails: what has no meaning becomes U+FFFD.
std::string toUtf8Text(std::string_view bytes);

} // namespace ink
