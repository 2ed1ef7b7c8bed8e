// Text of unknown encoding to UTF-8.
#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace ink {

enum class TextEncoding { Utf8, Utf16Le, Utf16Be, Windows1252, MacRoman };

/// The byte order mark decides, then well-formed UTF-8, then zero bytes (UTF-16); of the two 8-bit sets, the
/// one in which quotes, accents and dashes stand where quotes, accents and dashes stand in words.
/// Source: Unicode Standard 3.10 (encoding schemes); the choice between the 8-bit sets is ours.
TextEncoding encodingOf(std::string_view bytes);

/// Never fails: what has no meaning becomes U+FFFD.
std::string toUtf8Text(std::string_view bytes);

/// False for bytes that are in no encoding of a text that can be told: most of them beyond ASCII, and no
/// script's.
bool isInSomeEncoding(std::string_view bytes);

/// The encoding of file names that are not UTF-8, told from all of them together; empty when it cannot be
/// told.
/// Source: ICU's character set detection.
std::string encodingOfNames(const std::vector<std::string>& names);

/// A name in that encoding ("Shift_JIS") as UTF-8; as it is when it is UTF-8 already, or the encoding is
/// unknown.
std::string nameToUtf8(const std::string& name, const std::string& encoding);

bool isUtf8(std::string_view bytes);

} // namespace ink
