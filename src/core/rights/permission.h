// A yes is earned: a sentence grants the right to sell only when all of it is understood
// (docs/decisions/0009).
#pragma once

#include "core/rights/evidence.h"
#include "core/rights/known_licences.h"
#include "core/rights/reading.h"

#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// What a sentence does for the right to sell.
enum class Standing {
    /// It grants nothing, with or without the words that are not understood.
    Silent,
    /// It would grant it, were it not for words or for the way it is put.
    Spoiled,
    Granted,
};

struct Permission
{
    Standing standing = Standing::Silent;
    /// Of Granted, and of Spoiled as it would be: Yes or Limited. No for a licence that forbids selling, and
    /// for a question that is answered with a no.
    Answer answer = Answer::Yes;
    /// "up to 250", "with credit to the author".
    std::string detail;
    unsigned units = 0;
    /// The licence the sentence puts the font under; null when it grants in words of its own.
    const KnownLicence* licence = nullptr;
    /// The sentence with what it belongs to: the line that introduces its list, the question it answers.
    std::string text;
    unsigned line = 1;
    /// What stood in the way: parts of `text`.
    std::vector<TextSpan> unclear;
    /// Why, when no single word did: "It is a question.".
    std::string why;
};

struct PermissionContext
{
    /// Names of the font, as in its name table: every other name is somebody else's.
    std::vector<std::string> names;
    /// A receipt or a permission lies with the font: what the buyer may, the person may.
    bool is_bought = false;
};

/// Reads sentence `at` together with what it belongs to.
/// Source: common practice of foundries, no published source; the tables of tests/data/rights show each kind.
Permission permissionIn(const ReadText& text, std::size_t at, const PermissionContext& context = {});

} // namespace ink
