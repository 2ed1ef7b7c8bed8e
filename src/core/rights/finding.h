// One thing a text says, and one it says that was not understood.
#pragma once

#include "core/rights/dossier.h"
#include "core/rights/known_licences.h"

#include <string>
#include <vector>

namespace ink {

/// A statement and where it stands.
struct Finding
{
    Statement statement;
    Quote quote;
    bool is_licence = false;
};

/// What a sentence that was not understood takes away from: nothing; what is allowed in somebody's own words
/// (it speaks of trade, or of less, or makes fun, without a word that refuses); or anything, a known licence
/// too.
enum class Narrows { Nothing, OwnWords, Anything };

struct UnclearFinding
{
    Unclear unclear;
    Narrows narrows = Narrows::Nothing;
};

struct Findings
{
    std::vector<Finding> said;
    std::vector<UnclearFinding> unclear;
};

void addOnce(std::vector<std::string>& list, std::string text);
void addOnce(std::vector<Quote>& list, const Quote& quote);

bool isHint(const Finding& finding);
bool isAbout(const Finding& finding, Question question);

} // namespace ink
