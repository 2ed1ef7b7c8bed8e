#include "core/rights/reading.h"

#include <unicode/brkiter.h>
#include <unicode/normalizer2.h>
#include <unicode/uchar.h>
#include <unicode/unistr.h>

#include <cctype>
#include <memory>

namespace ink {
namespace {

using icu::UnicodeString;

/// A line shorter than this is not taken for one that was wrapped.
constexpr int kShortLine = 38;

std::string utf8(const UnicodeString& text)
{
    std::string out;
    text.toUTF8String(out);
    return out;
}

UnicodeString folded(UnicodeString text)
{
    UErrorCode status = U_ZERO_ERROR;
    const auto* nfkd = icu::Normalizer2::getNFKDInstance(status);
    if (U_SUCCESS(status))
        text = nfkd->normalize(text, status);
    text.foldCase();
    UnicodeString out;
    for (std::int32_t i = 0; i < text.length(); i = text.moveIndex32(i, 1)) {
        const UChar32 c = text.char32At(i);
        if (u_charType(c) != U_NON_SPACING_MARK)
            out.append(c);
    }
    return out;
}

bool isAddress(const UnicodeString& chunk)
{
    return chunk.indexOf("://") >= 0 || chunk.startsWith("www.") || chunk.indexOf(".com") > 0;
}

bool isMark(UChar32 c)
{
    return c < 128 ? std::string_view(".,;:()!?%$").find(static_cast<char>(c)) != std::string_view::npos
                   : u_charType(c) == U_CURRENCY_SYMBOL;
}

void addWords(const UnicodeString& chunk, std::vector<std::string>& words)
{
    if (chunk.indexOf(static_cast<UChar>('@')) > 0) {
        words.emplace_back("<mail>");
        return;
    }
    if (isAddress(chunk)) {
        words.emplace_back("<url>");
        return;
    }
    UnicodeString word;
    const auto end = [&] {
        if (!word.isEmpty())
            words.push_back(utf8(word));
        word.remove();
    };
    for (std::int32_t i = 0; i < chunk.length(); i = chunk.moveIndex32(i, 1)) {
        const UChar32 c = chunk.char32At(i);
        if (u_isalnum(c)) {
            word.append(c);
            continue;
        }
        end();
        if (isMark(c))
            words.push_back(utf8(UnicodeString(c)));
    }
    end();
}

std::vector<std::string> wordsOf(const UnicodeString& sentence)
{
    std::vector<std::string> words;
    const UnicodeString text = folded(sentence);
    std::int32_t start = 0;
    for (std::int32_t i = 0; i <= text.length(); ++i) {
        if (i < text.length() && !u_isUWhiteSpace(text.charAt(i)))
            continue;
        if (i > start)
            addWords(text.tempSubStringBetween(start, i), words);
        start = i + 1;
    }
    return words;
}

UnicodeString collapsed(const UnicodeString& line)
{
    UnicodeString out;
    for (std::int32_t i = 0; i < line.length(); i = line.moveIndex32(i, 1)) {
        const UChar32 c = line.char32At(i);
        if (u_isUWhiteSpace(c) || u_iscntrl(c)) {
            if (!out.isEmpty() && out.charAt(out.length() - 1) != ' ')
                out.append(static_cast<UChar>(' '));
        } else {
            out.append(c);
        }
    }
    out.trim();
    return out;
}

/// Lines that belong together, and the line number at which each part of them begins.
class Paragraph
{
public:
    explicit Paragraph(ReadText& into) : m_into(into)
    {
        UErrorCode status = U_ZERO_ERROR;
        m_breaks.reset(icu::BreakIterator::createSentenceInstance(icu::Locale::getEnglish(), status));
        if (U_FAILURE(status))
            m_breaks.reset();
    }

    void add(const UnicodeString& line, unsigned number)
    {
        if (line.isEmpty() || startsAnew(line))
            end();
        if (line.isEmpty())
            return;
        if (!m_text.isEmpty())
            m_text.append(static_cast<UChar>(' '));
        m_starts.push_back({m_text.length(), number});
        m_text.append(line);
        m_last_length = line.length();
    }

    void end()
    {
        if (!m_text.isEmpty()) {
            std::int32_t from = 0;
            if (m_breaks) {
                m_breaks->setText(m_text);
                for (auto to = m_breaks->next(); to != icu::BreakIterator::DONE; to = m_breaks->next()) {
                    addSentence(from, to);
                    from = to;
                }
            }
            addSentence(from, m_text.length());
        }
        m_text.remove();
        m_starts.clear();
    }

private:
    struct Start
    {
        std::int32_t offset;
        unsigned line;
    };

    bool startsAnew(const UnicodeString& line) const
    {
        if (m_text.isEmpty())
            return false;
        const UChar32 first = line.char32At(0);
        const UChar32 second = line.length() > 1 ? line.char32At(1) : 0;
        const bool is_list =
            first == 0x2022 ||
            ((first == '-' || first == '*' || first == '+' || first == 0x2013) && second == ' ') ||
            (u_isdigit(first) && (second == '.' || second == ')'));
        return is_list || (m_last_length < kShortLine && !u_islower(first));
    }

    void addSentence(std::int32_t from, std::int32_t to)
    {
        UnicodeString text = m_text.tempSubStringBetween(from, to);
        text.trim();
        if (text.isEmpty())
            return;
        unsigned line = 1;
        for (const auto& start : m_starts)
            if (start.offset <= from)
                line = start.line;
        m_into.sentences.push_back({utf8(text), line, wordsOf(text)});
    }

    ReadText& m_into;
    std::unique_ptr<icu::BreakIterator> m_breaks;
    UnicodeString m_text;
    std::vector<Start> m_starts;
    std::int32_t m_last_length = 0;
};

} // namespace

ReadText readText(std::string_view text)
{
    ReadText out;
    if (text.size() > kLongestLicence) {
        text = text.substr(0, kLongestLicence);
        out.is_cut = true;
    }
    Paragraph paragraph(out);
    unsigned number = 1;
    while (!text.empty()) {
        const auto end = text.find_first_of("\n\r\f");
        const auto line = text.substr(0, end);
        paragraph.add(
            collapsed(UnicodeString::fromUTF8({line.data(), static_cast<std::int32_t>(line.size())})),
            number);
        if (end == std::string_view::npos)
            break;
        const bool is_crlf = text.substr(end, 2) == "\r\n";
        // A page ends a paragraph; editors do not count it as a line.
        if (text[end] == '\f')
            paragraph.end();
        else
            ++number;
        text.remove_prefix(end + (is_crlf ? 2 : 1));
    }
    paragraph.end();
    return out;
}

} // namespace ink
