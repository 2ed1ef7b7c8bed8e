#include "core/rights/reading.h"

#include <unicode/brkiter.h>
#include <unicode/uchar.h>
#include <unicode/unistr.h>

#include <algorithm>
#include <memory>

namespace ink {
namespace {

using icu::UnicodeString;

/// A line shorter than this is not taken for one that was wrapped.
constexpr int kShortLine = 38;
/// So many spaces side by side part two columns.
constexpr int kColumnGap = 3;

std::string utf8(const UnicodeString& text)
{
    std::string out;
    text.toUTF8String(out);
    return out;
}

UnicodeString unicode(std::string_view text)
{
    return UnicodeString::fromUTF8({text.data(), static_cast<std::int32_t>(text.size())});
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

/// The cells of a line set in columns, by bars, tabs or wide gaps; one when it is ordinary.
std::vector<UnicodeString> cellsOf(const UnicodeString& line)
{
    std::vector<UnicodeString> cells;
    const bool has_bars = line.indexOf(static_cast<UChar>('|')) >= 0;
    UnicodeString cell;
    const auto end = [&] {
        cell.trim();
        if (!cell.isEmpty())
            cells.push_back(cell);
        cell.remove();
    };
    int gap = 0;
    UChar last = 0;
    for (std::int32_t i = 0; i < line.length(); ++i) {
        const UChar c = line.charAt(i);
        if (has_bars && c == '|') {
            end();
            continue;
        }
        if (u_isUWhiteSpace(c) || u_iscntrl(c)) {
            gap += c == '\t' ? kColumnGap : 1;
            continue;
        }
        // Wide gaps after the end of a sentence or a label are a habit of typists, no column.
        const bool is_column =
            !has_bars && gap >= kColumnGap && cell.length() > 2 && UnicodeString(u".!?:").indexOf(last) < 0;
        if (is_column)
            end();
        else if (gap > 0 && !cell.isEmpty())
            cell.append(static_cast<UChar>(' '));
        gap = 0;
        last = c;
        cell.append(c);
    }
    end();
    return cells;
}

bool isRuled(const UnicodeString& line)
{
    for (std::int32_t i = 0; i < line.length(); ++i)
        if (UnicodeString(u"-=_*~+|: #").indexOf(line.charAt(i)) < 0)
            return false;
    return line.length() >= 3;
}

bool isUnderline(const UnicodeString& line)
{
    return isRuled(line) && line.indexOf(static_cast<UChar>('|')) < 0;
}

/// A box before or after the words of a line: takes it off and tells whether it is ticked.
std::optional<bool> takeBox(UnicodeString& line)
{
    struct Box
    {
        const char16_t* sign;
        bool is_ticked;
    };
    static constexpr Box kBoxes[]{
        {u"[ ]", false},     {u"[]", false},  {u"( )", false},    {u"[x]", true},    {u"[X]", true},
        {u"(x)", true},      {u"(X)", true},  {u"\u2610", false}, {u"\u2611", true}, {u"[\u2713]", true},
        {u"[\u2714]", true}, {u"[-]", false}, {u"\u25A1", false}};
    for (const auto& box : kBoxes) {
        const UnicodeString sign(box.sign);
        if (line.startsWith(sign) && line.length() > sign.length())
            line.remove(0, sign.length());
        else if (line.endsWith(sign) && line.length() > sign.length())
            line.truncate(line.length() - sign.length());
        else
            continue;
        line.trim();
        return box.is_ticked;
    }
    return std::nullopt;
}

bool startsLikeCopyright(const UnicodeString& line)
{
    return isCopyrightNotice(tokensOf(utf8(line.tempSubString(0, 60))));
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

    void add(const UnicodeString& raw, unsigned number)
    {
        UnicodeString line = collapsed(raw);
        if (line.isEmpty())
            return blank();
        if (isUnderline(line)) {
            headColumns();
            // What stands right above a rule is a heading.
            m_kind = m_last_length > 0 && m_last_length < 2 * kShortLine && m_starts.size() <= 1
                         ? SentenceKind::Heading
                         : m_kind;
            return end();
        }
        if (isRuled(line))
            return headColumns();
        if (auto cells = cellsOf(raw); cells.size() > 1)
            return addRow(cells, number);
        int hashes = 0;
        while (hashes < line.length() && line.charAt(hashes) == '#')
            ++hashes;
        const bool is_title = hashes > 0 && hashes < line.length() && line.charAt(hashes) == ' ';
        if (is_title)
            line.remove(0, hashes + 1);
        bool is_item = takeListMark(line);
        const auto ticked = takeBox(line);
        is_item = is_item || ticked;
        if (line.isEmpty())
            return;
        if (is_title || is_item || startsAnew(line))
            end();
        if (!is_item && m_text.isEmpty() && m_was_blank)
            closeList();
        if (is_item && m_text.isEmpty())
            beginItem();
        m_is_item = m_text.isEmpty() ? is_item : m_is_item;
        if (ticked && !*ticked)
            m_kind = SentenceKind::Unticked;
        if (is_title)
            m_kind = SentenceKind::Heading;
        append(line, number);
        m_is_copyright = startsLikeCopyright(line) || (m_is_copyright && m_starts.size() > 1);
        m_was_blank = false;
        if (is_title || ticked)
            end();
    }

    void blank()
    {
        end();
        if (!m_was_blank)
            ++m_paragraph;
        m_was_blank = true;
    }

    void end()
    {
        if (!m_text.isEmpty()) {
            std::int32_t from = 0;
            if (m_breaks && m_kind != SentenceKind::Row) {
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
        m_kind = SentenceKind::Statement;
        m_last_length = 0;
        m_is_copyright = false;
    }

private:
    struct Start
    {
        std::int32_t offset;
        unsigned line;
    };

    void append(const UnicodeString& line, unsigned number)
    {
        if (!m_text.isEmpty())
            m_text.append(static_cast<UChar>(' '));
        m_starts.push_back({m_text.length(), number});
        m_text.append(line);
        m_last_length = line.length();
    }

    /// A rule below the first row of a table: it heads the columns, and says nothing by itself.
    void headColumns()
    {
        auto& sentences = m_into.sentences;
        const auto isRow = [&](std::size_t back) {
            return sentences.size() >= back && sentences[sentences.size() - back].kind == SentenceKind::Row &&
                   sentences[sentences.size() - back].paragraph == m_paragraph;
        };
        if (!m_was_blank && m_text.isEmpty() && isRow(1) && !isRow(2))
            sentences.back().kind = SentenceKind::Heading;
    }

    void addRow(const std::vector<UnicodeString>& cells, unsigned number)
    {
        end();
        closeList();
        UnicodeString row;
        for (const auto& cell : cells) {
            if (!row.isEmpty())
                row.append(cells.size() == 2 ? UnicodeString(u": ") : UnicodeString(u" | "));
            row.append(cell);
        }
        m_kind = SentenceKind::Row;
        m_is_item = false;
        append(row, number);
        end();
        m_was_blank = false;
    }

    static bool takeListMark(UnicodeString& line)
    {
        const UChar32 first = line.char32At(0);
        const UChar second = line.length() > 1 ? line.charAt(1) : u' ';
        std::int32_t digits = 0;
        while (digits < line.length() && digits < 3 && u_isdigit(line.charAt(digits)))
            ++digits;
        if (digits > 0 && digits + 2 < line.length() && line.charAt(digits + 1) == ' ' &&
            (line.charAt(digits) == '.' || line.charAt(digits) == ')')) {
            line.remove(0, digits + 2);
            return true;
        }
        const bool is_bullet =
            first == 0x2022 || first == 0xB7 || first == 0x25CF || first == 0x25AA || first == 0x25E6 ||
            ((first == '-' || first == '*' || first == '+' || first == 0x2013 || first == 0x2014) &&
             second == ' ');
        if (!is_bullet)
            return false;
        line.remove(0, 1);
        line.trim();
        return true;
    }

    bool startsAnew(const UnicodeString& line) const
    {
        if (m_text.isEmpty())
            return false;
        const UChar32 first = line.char32At(0);
        const UChar32 last = m_text.char32At(m_text.length() - 1);
        return startsLikeCopyright(line) || (m_is_copyright && u_isupper(first)) || last == ':' ||
               (m_last_length < kShortLine && !u_islower(first));
    }

    void beginItem()
    {
        if (m_in_list)
            return;
        m_in_list = true;
        m_lead.reset();
        if (m_into.sentences.empty())
            return;
        const Sentence& before = m_into.sentences.back();
        const bool is_near = before.paragraph == m_paragraph;
        const bool announces = before.text.ends_with(':');
        const bool is_short =
            before.tokens.size() <= 9 && !before.text.ends_with('.') && !before.text.ends_with('!');
        if (before.kind != SentenceKind::Row && !before.is_item && (announces || is_short) &&
            (is_near || before.paragraph + 1 == m_paragraph))
            m_lead = m_into.sentences.size() - 1;
    }

    void closeList()
    {
        m_in_list = false;
        m_lead.reset();
    }

    void addSentence(std::int32_t from, std::int32_t to)
    {
        UnicodeString text = m_text.tempSubStringBetween(from, to);
        text.trim();
        if (text.isEmpty())
            return;
        // No space between: a mark that belongs to the sentence before ("allowed.*"), or a space that was
        // forgotten.
        if (from > 0 && !u_isUWhiteSpace(m_text.charAt(from - 1))) {
            Sentence& before = m_into.sentences.back();
            text = unicode(before.text) + text;
            m_into.sentences.pop_back();
        }
        Sentence sentence;
        sentence.text = utf8(text);
        const auto after = std::ranges::upper_bound(m_starts, from, {}, &Start::offset);
        sentence.line = after == m_starts.begin() ? 1 : std::prev(after)->line;
        sentence.tokens = tokensOf(sentence.text);
        for (const auto& token : sentence.tokens)
            if (isPlain(token))
                sentence.words.push_back(token.word);
        sentence.kind = m_kind;
        if (m_kind == SentenceKind::Statement || m_kind == SentenceKind::Heading)
            for (auto it = sentence.tokens.rbegin(); it != sentence.tokens.rend(); ++it) {
                if (it->word == "?")
                    sentence.kind = SentenceKind::Question;
                if (it->word != ")" && it->word != "!" && it->word != ".")
                    break;
            }
        sentence.paragraph = m_paragraph;
        sentence.is_aside = from > 0 && (after == m_starts.begin() || std::prev(after)->offset < from);
        sentence.is_item = m_is_item;
        if (m_is_item)
            sentence.lead = m_lead;
        m_into.sentences.push_back(std::move(sentence));
    }

    ReadText& m_into;
    std::unique_ptr<icu::BreakIterator> m_breaks;
    UnicodeString m_text;
    std::vector<Start> m_starts;
    std::int32_t m_last_length = 0;
    SentenceKind m_kind = SentenceKind::Statement;
    unsigned m_paragraph = 0;
    bool m_was_blank = true, m_is_item = false, m_in_list = false, m_is_copyright = false;
    std::optional<std::size_t> m_lead;
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
        paragraph.add(unicode(text.substr(0, end)), number);
        if (end == std::string_view::npos)
            break;
        const bool is_crlf = text.substr(end, 2) == "\r\n";
        // A page ends a paragraph; editors do not count it as a line.
        if (text[end] == '\f')
            paragraph.blank();
        else
            ++number;
        text.remove_prefix(end + (is_crlf ? 2 : 1));
    }
    paragraph.end();
    return out;
}

Sentence withLead(const ReadText& text, std::size_t s)
{
    constexpr std::size_t kLongestLead = 12;
    Sentence sentence = text.sentences[s];
    if (!sentence.lead || text.sentences[*sentence.lead].words.size() > kLongestLead)
        return sentence;
    const Sentence& lead = text.sentences[*sentence.lead];
    sentence.text = lead.text + " " + sentence.text;
    sentence.words.insert(sentence.words.begin(), lead.words.begin(), lead.words.end());
    sentence.tokens.insert(sentence.tokens.begin(), lead.tokens.begin(), lead.tokens.end());
    return sentence;
}

} // namespace ink
