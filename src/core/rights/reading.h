// Text as a licence reader sees it: sentences with their line and kind, and words without case, accents and
// quotes.
#pragma once

#include "core/rights/tokens.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// Licences are shorter; what comes after is not read, and `ReadText::is_cut` says so.
inline constexpr std::size_t kLongestLicence = 2'000'000;

/// How a sentence stands in its text: said, asked, a title, a line of a table, or a box that is not ticked.
enum class SentenceKind { Statement, Question, Heading, Row, Unticked };

struct Sentence
{
    /// As written, white space collapsed.
    std::string text;
    /// Counted from 1.
    unsigned line = 1;
    /// Folded words; the marks . , ; : ( ) ! ? % and currency signs stand as words of their own,
    /// addresses as "<url>" and "<mail>".
    std::vector<std::string> words;
    /// The same with every other sign, and where each stands.
    std::vector<Token> tokens;
    SentenceKind kind = SentenceKind::Statement;
    /// Blank lines part paragraphs. Counted from 0.
    unsigned paragraph = 0;
    /// Of an item of a list: the sentence that introduces the list ("Not allowed:").
    std::optional<std::size_t> lead;
    bool is_item = false;
    /// It goes on in the line in which the sentence before it ends.
    bool is_aside = false;
};

struct ReadText
{
    std::vector<Sentence> sentences;
    bool is_cut = false;
};

/// Splits UTF-8 text (bytes that are not become U+FFFD) into sentences. Wrapped lines are joined; blank
/// lines, list marks, notices of copyright and short lines before a capital end a sentence. Lines whose parts
/// stand in columns, by bars, tabs or three spaces, are rows.
/// Source: Unicode Standard Annex 29 for sentences, NFKD without marks and full case folding for words (ICU).
ReadText readText(std::string_view text);

/// A sentence with the line that introduces its list: "Not allowed: commercial use".
Sentence withLead(const ReadText& text, std::size_t sentence);

} // namespace ink
