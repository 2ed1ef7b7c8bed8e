// The closed vocabulary of permissions, a book for each language that is read (data/phrases). What is in no
// book spoils a yes.
#pragma once

#include "core/rights/reading.h"

#include <span>
#include <string_view>
#include <vector>

namespace ink {

/// What a phrase does in a permission. The books say it in words, under the same names.
enum class Role {
    /// In no book.
    Unknown,
    Fill,
    And,
    Comma,
    Subject,
    Allow,
    /// Allows whoever bought a licence.
    Buyer,
    Yes,
    Use,
    Commercial,
    Personal,
    Anything,
    Freehand,
    /// What else one may do with a font that one uses.
    Deed,
    Make,
    Sell,
    Goods,
    Media,
    Waiver,
    Courtesy,
    File,
    Heading,
    Credit,
    UpTo,
    Units,
    Over,
    OwnShop,
    NoPod,
    Domain,
    Licensed,
    Asking,
    /// Not of the books: a figure, and the name of a licence.
    Number,
    Licence,
};

/// A phrase found in a sentence: tokens [begin, end).
struct Phrase
{
    Role role = Role::Unknown;
    std::size_t begin = 0, end = 0;
};

/// English first; each by its ISO 639-1 code.
std::span<const std::string_view> readLanguages();

/// The text of a book; empty when there is none.
std::string_view phraseBookText(std::string_view language);

/// Divides tokens into phrases of one language so that the fewest words are left over, and of such divisions
/// the one with the fewest phrases. Tokens that are in no phrase are Unknown, one each. `taken` are phrases
/// that stand already (names of licences, of the font); they are kept.
std::vector<Phrase> phrasesOf(std::span<const Token> tokens, std::string_view language,
                              std::span<const Phrase> taken = {});

} // namespace ink
