#include "core/rights/tokens.h"

#include <unicode/normalizer2.h>
#include <unicode/uchar.h>
#include <unicode/unistr.h>
#include <unicode/utf8.h>

#include <algorithm>
#include <cctype>

namespace ink {
namespace {

using icu::UnicodeString;

std::string toUtf8(const UnicodeString& text)
{
    std::string out;
    text.toUTF8String(out);
    return out;
}

UnicodeString fromUtf8(std::string_view text)
{
    return UnicodeString::fromUTF8({text.data(), static_cast<std::int32_t>(text.size())});
}

std::string folded(std::string_view word)
{
    if (std::ranges::all_of(word, [](unsigned char c) { return c < 128; })) {
        std::string low(word);
        std::ranges::transform(low, low.begin(),
                               [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
        return low;
    }
    UErrorCode status = U_ZERO_ERROR;
    UnicodeString text = fromUtf8(word);
    const auto* nfkd = icu::Normalizer2::getNFKDInstance(status);
    if (U_SUCCESS(status))
        text = nfkd->normalize(text, status);
    text.foldCase();
    UnicodeString out;
    for (std::int32_t i = 0; i < text.length(); i = text.moveIndex32(i, 1)) {
        const UChar32 c = text.char32At(i);
        // A stroke through a letter strikes it out: it stays, so that the word is not taken for what it
        // covers.
        if (u_charType(c) != U_NON_SPACING_MARK || (c >= 0x335 && c <= 0x338))
            out.append(c);
    }
    return toUtf8(out);
}

bool isAddress(std::string_view chunk)
{
    return chunk.find("://") != std::string_view::npos || chunk.starts_with("www.") ||
           chunk.starts_with("WWW.") ||
           (chunk.find(".com") != std::string_view::npos && chunk.find(".com") > 0);
}

bool isMark(UChar32 c)
{
    return c < 128 ? std::string_view(".,;:()!?%$").find(static_cast<char>(c)) != std::string_view::npos
                   : u_charType(c) == U_CURRENCY_SYMBOL || c == 0x2026;
}

bool isCombining(UChar32 c)
{
    const auto type = u_charType(c);
    return type == U_NON_SPACING_MARK || type == U_COMBINING_SPACING_MARK || type == U_ENCLOSING_MARK;
}

/// Signs that part words and say nothing: quotes, hyphens inside a word, underscores.
bool isSilent(UChar32 c)
{
    if (c == 0xAD || (c >= 0x200B && c <= 0x200F)) // a soft hyphen or a joiner inside a word hides a word
        return false;
    const auto type = u_charType(c);
    return type == U_INITIAL_PUNCTUATION || type == U_FINAL_PUNCTUATION || c == '"' || c == '\'' ||
           c == '`' || c == '_' || c == '<' || c == '>' || c == 0x201E || c == 0x201A || c == 0xB4 ||
           c == 0xFE0F || c == 0xAE || c == 0x2122 || c == '#' || c == '~' || c == '=' || c == 0xFEFF;
}

/// What one chunk between spaces holds.
class Tokeniser
{
public:
    explicit Tokeniser(std::string_view text) : m_text(text) {}

    std::vector<Token> run()
    {
        std::size_t at = 0;
        while (at < m_text.size()) {
            const std::size_t begin = at;
            const UChar32 c = next(at);
            if (u_isUWhiteSpace(c))
                continue;
            std::size_t end = at;
            for (std::size_t i = at; i < m_text.size();) {
                const UChar32 d = next(i);
                if (u_isUWhiteSpace(d))
                    break;
                end = i;
            }
            addChunk(begin, end);
            at = end;
        }
        return std::move(m_tokens);
    }

private:
    UChar32 next(std::size_t& at) const
    {
        UChar32 c = 0;
        auto i = static_cast<std::int32_t>(at);
        U8_NEXT_OR_FFFD(reinterpret_cast<const std::uint8_t*>(m_text.data()), i,
                        static_cast<std::int32_t>(m_text.size()), c);
        at = static_cast<std::size_t>(i);
        return c;
    }

    void add(std::string word, std::size_t begin, std::size_t end)
    {
        m_tokens.push_back({std::move(word), {begin, end}});
    }

    void addChunk(std::size_t begin, std::size_t end)
    {
        const auto chunk = m_text.substr(begin, end - begin);
        if (chunk.find('@') != std::string_view::npos && chunk.find('@') > 0)
            return add("<mail>", begin, end);
        if (isAddress(chunk))
            return add("<url>", begin, end);
        std::size_t word = begin;
        for (std::size_t at = begin; at < end;) {
            const std::size_t here = at;
            const UChar32 c = next(at);
            if (u_isalnum(c) || (here > word && isCombining(c)))
                continue;
            endWord(word, here);
            word = at;
            // A hyphen between letters joins them; one that stands alone is a dash.
            const bool is_hyphen = u_hasBinaryProperty(c, UCHAR_DASH);
            if (is_hyphen && here > begin && at < end)
                continue;
            if (is_hyphen)
                add("-", here, at);
            else if (c == 0xA9)
                for (const char* sign : {"(", "c", ")"})
                    add(sign, here, at);
            else if (!isSilent(c))
                add(folded(m_text.substr(here, at - here)), here, at);
        }
        endWord(word, end);
    }

    void endWord(std::size_t begin, std::size_t end)
    {
        if (end <= begin)
            return;
        if (auto word = folded(m_text.substr(begin, end - begin)); !word.empty())
            add(std::move(word), begin, end);
    }

    std::string_view m_text;
    std::vector<Token> m_tokens;
};

} // namespace

bool isPlain(const Token& token)
{
    if (token.word.size() > 1 && token.word.front() == '<')
        return true;
    const UChar32 c = fromUtf8(token.word).char32At(0);
    return u_isalnum(c) || (isMark(c) && c != 0x2026);
}

bool isCopyrightNotice(std::span<const Token> tokens)
{
    const auto word = [&](std::size_t i) {
        return i < tokens.size() ? std::string_view(tokens[i].word) : std::string_view();
    };
    const auto isSign = [&](std::size_t i) {
        return word(i) == "(" && word(i + 1) == "c" && word(i + 2) == ")";
    };
    const auto isFigure = [&](std::size_t i) {
        return !word(i).empty() && std::isdigit(static_cast<unsigned char>(word(i)[0])) != 0;
    };
    const std::size_t at = word(0) == "portions" || word(0) == "digitized" ? 1 : 0;
    const std::size_t on = word(at) == "data" ? at + 1 : at;
    const auto isYear = [&](std::size_t i) { return isFigure(i) && word(i).size() == 4; };
    if (isSign(on)) { // "(c)" may number an item, too
        for (std::size_t i = on + 3; i < on + 9; ++i)
            if (isYear(i) || word(i) == "copyright")
                return true;
        return false;
    }
    // "copyright holder" is a word of licences; a notice goes on with a sign, a year or a mark.
    return word(on) == "copyright" &&
           (isSign(on + 1) || isFigure(on + 1) || word(on + 1) == ":" || word(on + 1) == "by" ||
            word(on + 1) == "-" || word(on + 1) == "copyright");
}

std::vector<Token> tokensOf(std::string_view text)
{
    return Tokeniser(text).run();
}

} // namespace ink
