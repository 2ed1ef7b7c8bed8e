// Licences whose text is known, whatever its line breaks, quotes and copyright line.
#pragma once

#include "core/rights/evidence.h"
#include "core/rights/reading.h"

#include <optional>
#include <span>
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
};

std::span<const KnownLicence> knownLicences();
const KnownLicence* licenceById(std::string_view id);

/// A licence found in a text.
struct FoundLicence
{
    const KnownLicence* licence = nullptr;
    /// Part of its text that is there, 0 to 1; 0 when it is only named or linked.
    double coverage = 0.0;
    /// Linked, or spoken of without saying that this font is under it: that grants nothing.
    bool is_hint = false;
    /// The sentence that decides, or names it: index in ReadText::sentences.
    std::size_t sentence = 0;
};

struct Recognised
{
    std::vector<FoundLicence> licences;
    /// True for the sentences that are part of a known text and need no reading.
    std::vector<bool> is_known_text;
};

/// Finds whole or partial texts, names and links of known licences.
/// Source: SPDX License List 3 (texts, data/licences); five-word shingles after A. Z. Broder,
///         "On the resemblance and containment of documents", SEQUENCES 1997.
Recognised recogniseLicences(const ReadText& text);

} // namespace ink
