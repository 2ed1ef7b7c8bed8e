// What a file is by its content, whatever it is called.
#pragma once

#include <filesystem>
#include <string>
#include <string_view>

namespace ink {

enum class ContentKind {
    Empty,
    TrueType,
    OpenTypeCff,
    Collection,
    Woff,
    Woff2,
    Png,
    Jpeg,
    Gif,
    WebP,
    Svg,
    Pdf,
    Rtf,
    Docx,
    Odt,
    Archive,
    Html,
    Text,
    Unknown,
};

/// From the first bytes (4 kB are enough); `name` only tells plain texts and zip-based documents apart.
/// Source: OpenType 1.9 (sfnt version), WOFF and WOFF2 (signature), PNG, JFIF, GIF89a, RIFF, PDF, RTF and ZIP
///         signatures.
ContentKind contentKindOf(std::string_view first_bytes, std::string_view name);

/// True when nothing in the bytes is foreign to a text in any 8-bit or 16-bit encoding.
bool isTextThroughout(std::string_view bytes);

/// Up to `count` bytes; fewer, or none, when the file is shorter, cannot be read, or is none (a pipe, a
/// device).
std::string firstBytes(const std::filesystem::path& path, std::size_t count);

bool isFont(ContentKind kind);
bool isPicture(ContentKind kind);
bool isDocument(ContentKind kind);
/// "a JPEG picture", "a TrueType font".
std::string_view inWords(ContentKind kind);

} // namespace ink
