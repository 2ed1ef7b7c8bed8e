// The rights slip: what is kept beside a handed-off file, so that it can be answered years later on what ground the goods were sold
// (docs/formats/rights-slip.md). Not legal advice.
#pragma once

#include "core/rights/dossier.h"

#include <iosfwd>
#include <string>
#include <utility>
#include <vector>

namespace ink {

struct SlipFont
{
    std::string name, version, sha256;
    Dossier dossier;
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

void writeSlipJson(std::ostream& out, const RightsSlip& slip);

} // namespace ink
