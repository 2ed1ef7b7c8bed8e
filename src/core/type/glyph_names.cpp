#include "core/type/glyph_names.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cstdint>
#include <span>
#include <vector>

namespace ink {
namespace {

struct ListedName
{
    std::string_view name;
    char32_t character;
};
constexpr ListedName kList[] = {
#include "core/type/aglfn.inc"
};

/// Upper-case hexadecimal digits and nothing else.
std::optional<std::uint32_t> hexadecimal(std::string_view digits)
{
    const bool is_upper =
        std::ranges::all_of(digits, [](char c) { return (c >= '0' && c <= '9') || (c >= 'A' && c <= 'F'); });
    std::uint32_t value = 0;
    if (!is_upper ||
        std::from_chars(digits.data(), digits.data() + digits.size(), value, 16).ec != std::errc())
        return {};
    const bool is_surrogate = value >= 0xD800 && value <= 0xDFFF;
    return is_surrogate || value > 0x10FFFF ? std::nullopt : std::optional(value);
}

std::string inSmallLetters(std::string_view text)
{
    std::string out(text);
    std::ranges::transform(out, out.begin(),
                           [](char c) { return c >= 'A' && c <= 'Z' ? static_cast<char>(c + 32) : c; });
    return out;
}

/// Words that makers put before or after a letter's name.
constexpr std::string_view kHabits[] = {
    "alternate", "ending", "initial", "swashes", "swash", "swirl", "final", "begin", "start", "alt",  "beg",
    "end",       "fin",    "ini",     "init",    "loop",  "swsh",  "tail",  "var",   "left",  "right"};

bool isDigit(char c)
{
    return c >= '0' && c <= '9';
}

std::string_view withoutDigits(std::string_view text)
{
    while (!text.empty() && isDigit(text.back()))
        text.remove_suffix(1);
    return text;
}

std::string_view withoutMarks(std::string_view text)
{
    const auto is_mark = [](char c) { return c == '-' || c == '_' || c == ' ' || c == '.'; };
    while (!text.empty() && is_mark(text.back()))
        text.remove_suffix(1);
    while (!text.empty() && is_mark(text.front()))
        text.remove_prefix(1);
    return text;
}

/// The part of the name that is left without a maker's word at its end or beginning; empty when there is
/// none.
std::string_view withoutHabit(std::string_view name)
{
    const std::string small = inSmallLetters(name);
    const auto stem = withoutDigits(small);
    for (const auto word : kHabits) {
        if (stem.size() > word.size() && stem.ends_with(word))
            return withoutMarks(name.substr(0, stem.size() - word.size()));
        if (small.size() > word.size() && small.starts_with(word)) {
            auto rest = withoutMarks(name.substr(word.size()));
            return rest.size() > 1 ? withoutMarks(withoutDigits(rest)) : rest;
        }
    }
    // "A1", "a_2": a letter with a number.
    if (stem.size() < name.size())
        return withoutMarks(name.substr(0, stem.size()));
    return {};
}

/// "004A0301": a letter and the marks it carries count as the letter.
std::u32string lettersOfCodes(std::string_view digits)
{
    std::u32string letters;
    for (std::size_t at = 0; at < digits.size(); at += 4) {
        const auto code = hexadecimal(digits.substr(at, 4));
        if (!code)
            return {};
        const bool is_mark = *code >= 0x300 && *code <= 0x36F;
        if (!is_mark)
            letters += static_cast<char32_t>(*code);
    }
    return letters;
}

} // namespace

char32_t characterOfName(std::string_view component)
{
    const auto* it = std::ranges::lower_bound(kList, component, {}, &ListedName::name);
    if (it != std::end(kList) && it->name == component)
        return it->character;
    if (component.starts_with("uni") && component.size() == 7)
        return hexadecimal(component.substr(3)).value_or(0);
    if (component.starts_with("u") && component.size() >= 5 && component.size() <= 7)
        return hexadecimal(component.substr(1)).value_or(0);
    return 0;
}

std::optional<NameReading> readGlyphName(std::string_view name,
                                         const std::function<char32_t(std::string_view)>& known)
{
    const auto characterOf = [&](std::string_view part) -> char32_t {
        const char32_t own = known ? known(part) : 0;
        return own != 0 ? own : characterOfName(part);
    };
    const auto lettersOf = [&](std::string_view parts) {
        if (parts.starts_with("uni") && parts.size() > 7 && parts.size() % 4 == 3)
            return lettersOfCodes(parts.substr(3));
        std::u32string letters;
        for (std::size_t at = 0; at <= parts.size();) {
            const auto end = std::min(parts.find('_', at), parts.size());
            const char32_t c = characterOf(parts.substr(at, end - at));
            if (c == 0)
                return std::u32string();
            letters += c;
            at = end + 1;
        }
        return letters;
    };
    if (name.empty() || name.front() == '.')
        return {};
    const auto stop = std::min(name.find('.'), name.size());
    const auto base = name.substr(0, stop);
    if (auto letters = lettersOf(base); !letters.empty())
        return NameReading{letters, true, inSmallLetters(withoutMarks(name.substr(stop)))};
    if (const auto rest = withoutHabit(base); !rest.empty())
        if (const char32_t c = characterOf(rest); c != 0)
            return NameReading{std::u32string(1, c), false, inSmallLetters(name)};
    return {};
}

} // namespace ink
