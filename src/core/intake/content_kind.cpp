#include "core/intake/content_kind.h"

#include "core/base/text.h"

#include <algorithm>
#include <array>
#include <fstream>
#include <string>

namespace ink {
namespace {

using namespace std::string_view_literals;

struct Signature
{
    std::string_view bytes;
    ContentKind kind;
};

constexpr std::array kSignatures{
    Signature{"\0\1\0\0"sv, ContentKind::TrueType},
    Signature{"true"sv, ContentKind::TrueType},
    Signature{"OTTO"sv, ContentKind::OpenTypeCff},
    Signature{"ttcf"sv, ContentKind::Collection},
    Signature{"wOFF"sv, ContentKind::Woff},
    Signature{"wOF2"sv, ContentKind::Woff2},
    Signature{"\x89PNG\r\n\x1a\n"sv, ContentKind::Png},
    Signature{"\xff\xd8\xff"sv, ContentKind::Jpeg},
    Signature{"GIF8"sv, ContentKind::Gif},
    Signature{"%PDF-"sv, ContentKind::Pdf},
    Signature{"{\\rtf"sv, ContentKind::Rtf},
    Signature{"Rar!\x1a\x07"sv, ContentKind::Archive},
    Signature{"7z\xbc\xaf\x27\x1c"sv, ContentKind::Archive},
    Signature{"\x1f\x8b"sv, ContentKind::Archive},
    Signature{"BZh"sv, ContentKind::Archive},
    Signature{"\xfd"
              "7zXZ\0"sv,
              ContentKind::Archive},
    Signature{"PK\5\6"sv, ContentKind::Archive},
};

bool isTar(std::string_view bytes)
{
    return bytes.size() > 262 && bytes.substr(257, 5) == "ustar";
}

} // namespace

bool isTextThroughout(std::string_view bytes)
{
    if (bytes.starts_with("\xff\xfe") || bytes.starts_with("\xfe\xff"))
        return true;
    const auto zeros = std::ranges::count(bytes, '\0');
    // UTF-16 of a Latin text: every other byte is zero.
    if (zeros > 0)
        return bytes.size() > 8 && static_cast<std::size_t>(zeros) * 5 > bytes.size() * 2 &&
               static_cast<std::size_t>(zeros) * 5 < bytes.size() * 3;
    const auto strange = std::ranges::count_if(bytes, [](unsigned char c) {
        return c < 32 && c != '\n' && c != '\r' && c != '\t' && c != '\f' && c != 26;
    });
    return static_cast<std::size_t>(strange) * 100 <= bytes.size();
}

ContentKind contentKindOf(std::string_view bytes, std::string_view name)
{
    if (bytes.empty())
        return ContentKind::Empty;
    const std::string low_name = lowered(name);
    if (bytes.starts_with("PK\3\4")) {
        // Office documents are zips: the first entries say which.
        if (bytes.find("application/vnd.oasis.opendocument.text") != std::string_view::npos)
            return ContentKind::Odt;
        if (low_name.ends_with(".docx") || bytes.find("word/") != std::string_view::npos)
            return ContentKind::Docx;
        return low_name.ends_with(".odt") ? ContentKind::Odt : ContentKind::Archive;
    }
    for (const auto& signature : kSignatures)
        if (bytes.starts_with(signature.bytes))
            return signature.kind;
    if (bytes.starts_with("RIFF") && bytes.size() > 12 && bytes.substr(8, 4) == "WEBP")
        return ContentKind::WebP;
    if (isTar(bytes))
        return ContentKind::Archive;
    if (!isTextThroughout(bytes))
        return ContentKind::Unknown;
    const std::string start = lowered(bytes.substr(0, 1024));
    if (start.find("<svg") != std::string::npos)
        return ContentKind::Svg;
    if (start.find("<!doctype html") != std::string::npos || start.find("<html") != std::string::npos ||
        low_name.ends_with(".html") || low_name.ends_with(".htm"))
        return ContentKind::Html;
    return ContentKind::Text;
}

std::string firstBytes(const std::filesystem::path& path, std::size_t count)
{
    std::error_code problem;
    if (!std::filesystem::is_regular_file(path, problem)) // opening a pipe would wait for somebody to write
        return {};
    std::ifstream in(path, std::ios::binary);
    std::string bytes(count, '\0');
    in.read(bytes.data(), static_cast<std::streamsize>(count));
    bytes.resize(static_cast<std::size_t>(std::max<std::streamsize>(in.gcount(), 0)));
    return bytes;
}

bool isFont(ContentKind kind)
{
    return kind >= ContentKind::TrueType && kind <= ContentKind::Woff2;
}

bool isPicture(ContentKind kind)
{
    return kind >= ContentKind::Png && kind <= ContentKind::Svg;
}

bool isDocument(ContentKind kind)
{
    return (kind >= ContentKind::Pdf && kind <= ContentKind::Odt) || kind == ContentKind::Html ||
           kind == ContentKind::Text;
}

std::string_view inWords(ContentKind kind)
{
    static constexpr std::array kWords{
        "an empty file",  "a TrueType font", "an OpenType font", "a font collection",      "a WOFF font",
        "a WOFF2 font",   "a PNG picture",   "a JPEG picture",   "a GIF picture",          "a WebP picture",
        "an SVG drawing", "a PDF document",  "an RTF document",  "a DOCX document",        "an ODT document",
        "a package",      "a web page",      "a text",           "an unknown kind of file"};
    return kWords[static_cast<std::size_t>(kind)];
}

} // namespace ink
