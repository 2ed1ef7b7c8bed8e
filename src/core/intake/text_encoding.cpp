#include "core/intake/text_encoding.h"

#include <unicode/uchar.h>
#include <unicode/ucnv.h>
#include <unicode/unistr.h>
#include <unicode/utf8.h>

#include <algorithm>

namespace ink {
namespace {

const char* converterOf(TextEncoding encoding)
{
    switch (encoding) {
    case TextEncoding::Utf8:
        return "UTF-8";
    case TextEncoding::Utf16Le:
        return "UTF-16LE";
    case TextEncoding::Utf16Be:
        return "UTF-16BE";
    case TextEncoding::Windows1252:
        return "windows-1252";
    case TextEncoding::MacRoman:
        return "macintosh";
    }
    return "UTF-8";
}

icu::UnicodeString decoded(std::string_view bytes, TextEncoding encoding)
{
    UErrorCode status = U_ZERO_ERROR;
    icu::UnicodeString text;
    UConverter* converter = ucnv_open(converterOf(encoding), &status);
    if (U_FAILURE(status))
        return text;
    const auto capacity = static_cast<int>(bytes.size()) + 16;
    UChar* buffer = text.getBuffer(capacity);
    const int length =
        ucnv_toUChars(converter, buffer, capacity, bytes.data(), static_cast<int>(bytes.size()), &status);
    text.releaseBuffer(U_SUCCESS(status) || status == U_STRING_NOT_TERMINATED_WARNING ? length : 0);
    ucnv_close(converter);
    return text;
}

bool isUtf8(std::string_view bytes)
{
    const auto* data = reinterpret_cast<const unsigned char*>(bytes.data());
    const auto size = static_cast<std::int32_t>(bytes.size());
    for (std::int32_t i = 0; i < size;) {
        UChar32 c = 0;
        U8_NEXT(data, i, size, c);
        // A text cut in the middle of its last character is still UTF-8.
        if (c < 0)
            return size - i < 3 && i >= size;
    }
    return true;
}

/// How likely the characters beyond ASCII are where they stand.
int likeliness(const icu::UnicodeString& text)
{
    int score = 0;
    for (int i = 0; i < text.length(); ++i) {
        const UChar c = text.charAt(i);
        if (c < 128)
            continue;
        const UChar before = i > 0 ? text.charAt(i - 1) : u' ',
                    after = i + 1 < text.length() ? text.charAt(i + 1) : u' ';
        const bool is_inside = u_isalpha(before) && u_isalpha(after);
        if (c == 0x2019)
            score += u_isalpha(before) ? 4 : 1;
        else if (c == 0x201C || c == 0x2018 || c == 0x201E || c == 0xAB)
            score += u_isalnum(after) && !u_isalnum(before) ? 4 : 0;
        else if (c == 0x201D || c == 0xBB)
            score += !u_isalnum(after) && !u_isspace(before) ? 4 : 0;
        else if (c == 0x2013 || c == 0x2014 || c == 0x2022 || c == 0x2026 || c == 0xA9 || c == 0xAE ||
                 c == 0x2122 || c == 0xA0 || c == 0x20AC)
            score += is_inside ? 0 : 3;
        else if (u_islower(c))
            score += u_isalpha(before) || u_isalpha(after) ? 3 : -1;
        else if (u_isupper(c)) // a capital inside a word, or right behind a small letter, is somebody's quote
                               // misread
            score += u_islower(before) ? -4 : u_islower(after) ? 1 : 0;
        else if (c == 0xFFFD || u_iscntrl(c))
            score -= 6;
        else
            score -= 1;
    }
    return score;
}

} // namespace

TextEncoding encodingOf(std::string_view bytes)
{
    if (bytes.starts_with("\xff\xfe"))
        return TextEncoding::Utf16Le;
    if (bytes.starts_with("\xfe\xff"))
        return TextEncoding::Utf16Be;
    std::size_t even = 0, odd = 0;
    for (std::size_t i = 0; i < bytes.size(); ++i)
        if (bytes[i] == '\0')
            ++(i % 2 == 0 ? even : odd);
    if (odd > bytes.size() / 4 && even * 8 < odd)
        return TextEncoding::Utf16Le;
    if (even > bytes.size() / 4 && odd * 8 < even)
        return TextEncoding::Utf16Be;
    if (isUtf8(bytes))
        return TextEncoding::Utf8;
    const auto sample = bytes.substr(0, 200'000);
    return likeliness(decoded(sample, TextEncoding::MacRoman)) >
                   likeliness(decoded(sample, TextEncoding::Windows1252))
               ? TextEncoding::MacRoman
               : TextEncoding::Windows1252;
}

std::string toUtf8Text(std::string_view bytes)
{
    const auto encoding = encodingOf(bytes);
    auto text = decoded(bytes, encoding);
    if (text.startsWith(u"\uFEFF"))
        text.remove(0, 1);
    std::string utf8;
    text.toUTF8String(utf8);
    std::erase(utf8, '\0');
    return utf8;
}

} // namespace ink
