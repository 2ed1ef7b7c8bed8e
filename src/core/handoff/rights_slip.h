// The rights slip: what is kept beside a handed-off file, so that it can be answered years later on what ground the goods were sold
// (docs/formats/rights-slip.md). Not legal advice.
#pragma once

#include "core/base/result.h"
#include "core/design/job.h"
#include "core/rights/dossier.h"

#include <iosfwd>
#include <string>
#include <utility>
#include <vector>

namespace ink {

struct SlipFont
{
    std::string name, version, sha256;
    /// Where its file lies is not told.
    FontRef font = {};
    Dossier dossier;
    /// Before these, where a number is given that may be sold.
    unsigned sold_before = 0;
    /// Receipts and permissions that the person attached.
    std::vector<std::string> attached;
};

struct RightsSlip
{
    /// "2026-11-27".
    std::string date;
    bool is_for_sale = true;
    /// What was handed off: the words, and how many of each.
    std::vector<std::pair<std::string, int>> designs;
    std::vector<SlipFont> fonts;
    /// On what ground it is sold although that is not plainly allowed; empty where nobody had to say.
    std::string ground;

    /// The worst of the fonts.
    Verdict verdict() const;
    int copies() const;
};

/// What a job hands off, and the fonts it is set in, by their files' names: what is known of them is for the caller. `copies` of a job of
/// one word; a list says how many of each.
RightsSlip slipOf(const Job& job, int copies, std::string date);

/// The same designs, as many of each, set in the same fonts: handed off twice they are sold once.
bool areSameGoods(const RightsSlip& a, const RightsSlip& b);

/// Digests of files that nobody has looked at yet; empty where a file is not there.
RightsSlip withDigests(RightsSlip slip);

void writeSlipJson(std::ostream& out, const RightsSlip& slip);

/// What the printed slip says, %1 and so on where its figures go.
struct SlipPhrases
{
    std::string title = "Rights slip";
    std::string sale = "%1, for sale, %2 in all", gift = "%1, a gift, %2 in all";
    std::string verdict = "Verdict: %1", ground = "Sold on this ground, as the maker said: %1";
    std::string made = "What was made", design = "%1 × %2", digest = "SHA-256 of its file: %1";
    std::string reason = "%1. %2", limit = "Limit: %1", sold = "Sold with these: %1 of %2";
    std::string quote = "“%1” (%2, line %3)", attached = "Attached: %1";
    std::string no_advice = "This is no legal advice: it is what was read when it was handed off.";
};

/// On A4, to be read; as many pages as it takes.
/// Errors: FileUnwritable when the stream fails.
Result<void> writeSlipPdf(std::ostream& out, const RightsSlip& slip, const SlipPhrases& phrases = {});

} // namespace ink
