// Licences whose text is known, whatever its line breaks, quotes and copyright line.
#pragma once

#include "core/base/told.h"
#include "core/rights/evidence.h"
#include "core/rights/reading.h"

#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// What a licence says to the questions of a maker, read once by us.
struct KnownLicence
{
    /// SPDX identifier where there is one.
    std::string_view id;
    std::string_view name;
    Answer sell_goods;
    /// What is limited, for Answer::Limited.
    std::string_view limit;
    Answer sell_file;
    Answer alter;
    Answer logo;
    Answer credit;
    /// Words of the sentence that decides, folded.
    std::string_view key;
    /// Where its text begins to grant and to put conditions, and where it ends to; folded words, empty for
    /// the whole text. What lies outside (a preamble, how to apply it) may be missing or differ.
    std::string_view from, to;
};

/// The limit of licences that speak of files that hold the outlines; the font exception lifts it for goods.
inline constexpr std::string_view kCopyleft =
    told("a file that holds the outlines goes under the same licence, with its source");

std::span<const KnownLicence> knownLicences();
const KnownLicence* licenceById(std::string_view id);

/// What was done to a known text.
struct LicenceChange
{
    /// Words that were put in; empty where only something was left out.
    std::string put_in;
    /// Words that are missing there.
    std::string left_out;
    /// The sentence it stands in, or before: index in ReadText::sentences, and where in its text. Empty where
    /// nothing was put in.
    std::size_t sentence = 0;
    TextSpan span;
};

/// A licence whose text, or a part of it, stands in a text.
struct FoundLicence
{
    const KnownLicence* licence = nullptr;
    /// Part of its text that is there, 0 to 1.
    double coverage = 0.0;
    /// Every word of what grants and conditions is there, and no other.
    bool is_whole = false;
    std::vector<LicenceChange> changes;
    /// The sentence that decides: index in ReadText::sentences.
    std::size_t sentence = 0;
};

struct Recognised
{
    std::vector<FoundLicence> licences;
    /// True for the sentences that are word for word part of a known text, or notices beside it, and need no
    /// reading.
    std::vector<bool> is_known_text;
};

/// Finds whole, partial and altered texts of known licences.
/// Source: SPDX License List 3 (texts, data/licences); five-word shingles after A. Z. Broder, "On the
///         resemblance and containment of documents", SEQUENCES 1997; the differences after E. W. Myers, "An
///         O(ND) difference algorithm and its variations", Algorithmica 1, 1986.
Recognised recogniseLicences(const ReadText& text);

} // namespace ink
