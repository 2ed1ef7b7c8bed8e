// The words of a document, to be read for what they say about selling.
#pragma once

#include "core/base/result.h"
#include "core/intake/content_kind.h"

#include <filesystem>
#include <string>

namespace ink {

/// Documents are read up to here.
inline constexpr std::size_t kLongestDocument = 20 << 20;

/// UTF-8 text with line breaks. Kinds: Text (also Markdown and link files), Html, Pdf, Rtf, Docx, Odt.
/// Errors: FileNotFound, FileUnreadable, DocumentUnreadable, HelperFailed (RTF is read by `unrtf`).
/// Source: ISO 32000 (by Poppler), RTF 1.9 (by UnRTF), ECMA-376 and OpenDocument 1.3 (parts by libarchive,
///         XML by pugixml), HTML (by libxml2), CommonMark (by cmark).
Result<std::string> documentText(const std::filesystem::path& file, ContentKind kind);

} // namespace ink
