// Text as a licence reader sees it: sentences with their line, and words without case, accents and quotes.
#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// Licences are shorter; what comes after is not read, and `ReadText::is_cut` says so.
inline constexpr std::size_t kLongestLicence = 400'000;

struct Sentence
{
    /// As written, white space collapsed.
    std::string text;
    /// Counted from 1.
    unsigned line = 1;
    /// Folded words; the marks . , ; : ( ) ! ? % and currency signs stand as words of their own,
    /// addresses as "<url>" and "<mail>".
    std::vector<std::string> words;
};

struct ReadText
{
    std::vector<Sentence> sentences;
    bool is_cut = false;
};

/// Splits UTF-8 text (bytes that are not become U+FFFD) into sentences. Wrapped lines are joined; blank
/// lines, list marks and short lines before a capital end a sentence. Source: Unicode Standard Annex 29 for
/// sentences, NFKD without marks and full case folding for words (ICU).
ReadText readText(std::string_view text);

} // namespace ink
