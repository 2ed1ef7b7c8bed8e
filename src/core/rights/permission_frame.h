// What the phrases of a sentence come to when they are put together.
#pragma once

#include "core/rights/evidence.h"
#include "core/rights/licence_names.h"
#include "core/rights/phrase_book.h"

#include <cstddef>
#include <span>
#include <string>
#include <vector>

namespace ink {

/// Phrases of one sentence, of its lead and it, or of a question and its answer.
struct PhraseRow
{
    std::span<const Token> tokens;
    std::vector<Phrase> phrases;
    std::span<const NamedLicence> licences;
    /// Tokens before this one are the question; 0 when there is none.
    std::size_t answer_begin = 0;
    /// A receipt or a permission lies with the font: what the buyer may, the person may.
    bool is_bought = false;
    /// A line of a table: what is allowed stands behind what it is allowed for.
    bool is_table_row = false;
};

struct Frame
{
    bool grants = false;
    Answer answer = Answer::Yes;
    std::string detail;
    unsigned units = 0;
    const KnownLicence* licence = nullptr;
    /// Allows without saying for what: "Free for all!"
    bool is_open = false;
    /// Says for what without allowing: "Personal, commercial, whatever."
    bool is_list = false;
    /// Names a licence, and uses that are not granted beside it.
    bool says_less = false;
    /// Phrases that are not understood, or have no place where they stand.
    std::vector<std::size_t> unclear;
};

/// Words that are not understood are passed over, so that it can be told what the sentence would be without
/// them.
Frame frameOf(const PhraseRow& row);

} // namespace ink
