#include "core/package/text_encoding.h"

#include <unicode/uchar.h>
#include <unicode/ucnv.h>
#include <unicode/ucsdet.h>
#include <unicode/unistr.h>
#include <unicode/utf8.h>

#include <algorithm>
#include <array>
#include <memory>

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

icu::UnicodeString decoded(std::string_view bytes, const char* converter_name)
{
    UErrorCode status = U_ZERO_ERROR;
    icu::UnicodeString text;
    UConverter* converter = ucnv_open(converter_name, &status);
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

/// What ICU takes bytes for, where it is sure enough; empty otherwise.
std::string detected(std::string_view bytes, int least_confidence)
{
    UErrorCode status = U_ZERO_ERROR;
    const std::unique_ptr<UCharsetDetector, decltype(&ucsdet_close)> detector(ucsdet_open(&status),
                                                                              ucsdet_close);
    if (U_FAILURE(status))
        return {};
    ucsdet_setText(detector.get(), bytes.data(), static_cast<std::int32_t>(bytes.size()), &status);
    const auto* match = ucsdet_detect(detector.get(), &status);
    if (U_FAILURE(status) || !match || ucsdet_getConfidence(match, &status) < least_confidence)
        return {};
    const char* name = ucsdet_getName(match, &status);
    return U_SUCCESS(status) && name ? name : std::string();
}

/// Spaces between words, as texts have and noise has not.
bool hasWords(std::string_view bytes)
{
    const auto spaces =
        std::ranges::count_if(bytes, [](unsigned char c) { return c == ' ' || c == '\n' || c == '\r'; });
    return static_cast<std::size_t>(spaces) * 25 > bytes.size();
}

/// Scripts other than Latin: the choice between the two 8-bit sets would make nonsense of them.
std::string otherScript(std::string_view bytes)
{
    const auto high = std::ranges::count_if(bytes, [](unsigned char c) { return c >= 128; });
    if (static_cast<std::size_t>(high) * 12 < bytes.size())
        return {};
    constexpr int kSureEnough = 40;
    const std::string name = detected(bytes, kSureEnough);
    static constexpr std::array<std::string_view, 6> kMultiByte{"Shift_JIS", "EUC-JP", "EUC-KR",
                                                                "GB18030",   "Big5",   "ISO-2022-JP"};
    static constexpr std::array<std::string_view, 7> kSingleByte{
        "KOI8-R", "windows-1251", "ISO-8859-5", "ISO-8859-6", "ISO-8859-7", "ISO-8859-8", "windows-1256"};
    if (std::ranges::find(kMultiByte, name) != kMultiByte.end()) {
        const auto text = decoded(bytes, name.c_str());
        int unknown = 0;
        for (int i = 0; i < text.length(); ++i)
            unknown += text.charAt(i) == 0xFFFD || u_charType(text.charAt(i)) == U_PRIVATE_USE_CHAR;
        return unknown * 50 < text.length() ? name : std::string();
    }
    // Any bytes are something in a set of single bytes: a text has words, too.
    return hasWords(bytes) && std::ranges::find(kSingleByte, name) != kSingleByte.end() ? name
                                                                                        : std::string();
}

} // namespace

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
    return likeliness(decoded(sample, converterOf(TextEncoding::MacRoman))) >
                   likeliness(decoded(sample, converterOf(TextEncoding::Windows1252)))
               ? TextEncoding::MacRoman
               : TextEncoding::Windows1252;
}

std::string toUtf8Text(std::string_view bytes)
{
    const auto encoding = encodingOf(bytes);
    const bool is_8_bit = encoding == TextEncoding::Windows1252 || encoding == TextEncoding::MacRoman;
    const std::string other = is_8_bit ? otherScript(bytes.substr(0, 200'000)) : std::string();
    auto text = decoded(bytes, other.empty() ? converterOf(encoding) : other.c_str());
    if (text.startsWith(u"\uFEFF"))
        text.remove(0, 1);
    std::string utf8;
    text.toUTF8String(utf8);
    std::erase(utf8, '\0');
    return utf8;
}

bool isInSomeEncoding(std::string_view bytes)
{
    const auto encoding = encodingOf(bytes);
    if (encoding != TextEncoding::Windows1252 && encoding != TextEncoding::MacRoman)
        return true;
    // In Latin texts accents, quotes and dashes are few.
    const auto high = std::ranges::count_if(bytes, [](unsigned char c) { return c >= 128; });
    return static_cast<std::size_t>(high) * 4 < bytes.size() || hasWords(bytes) ||
           !otherScript(bytes.substr(0, 200'000)).empty();
}

std::string encodingOfNames(const std::vector<std::string>& names)
{
    std::string all;
    for (const auto& name : names)
        if (!isUtf8(name))
            all += name + "\n";
    constexpr int kAnything = 1; // names are short: the likeliest is taken
    return all.empty() ? std::string() : detected(all, kAnything);
}

std::string nameToUtf8(const std::string& name, const std::string& encoding)
{
    if (encoding.empty() || isUtf8(name))
        return name;
    std::string utf8;
    decoded(name, encoding.c_str()).toUTF8String(utf8);
    return utf8.empty() ? name : utf8;
}

} // namespace ink
