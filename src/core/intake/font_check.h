// The safety check for fonts from outside.
#pragma once

#include "core/base/result.h"

#include <filesystem>

namespace ink {

/// Lets opentype-sanitizer, a program of its own, read the font before anything of this program does.
/// Afterwards only the table directory is looked at, to say what is wrong.
/// Errors: FontTruncated, FontColourOnly, FontWithoutOutlines, FontUnsafe (with the first complaint),
///         HelperFailed.
/// Source: OpenType 1.9, table directory.
Result<void> checkFontFile(const std::filesystem::path& path);

/// The same for files that begin like a font; what does not is left to the reader of fonts, which says that
/// it is none.
Result<void> checkIfFont(const std::filesystem::path& path);

} // namespace ink
