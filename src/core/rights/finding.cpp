#include "core/rights/finding.h"

#include <algorithm>

namespace ink {
namespace {

/// So many sentences are shown of each kind; who writes the same a thousand times is quoted often enough.
constexpr std::size_t kMostQuotes = 100;

} // namespace

bool isHint(const Finding& f)
{
    return f.statement.weight == Weight::Hint || f.quote.kind == EvidenceKind::Listing;
}

bool isAbout(const Finding& f, Question question)
{
    return f.statement.question == question;
}

void addOnce(std::vector<std::string>& list, std::string text)
{
    if (!text.empty() && std::ranges::find(list, text) == list.end())
        list.push_back(std::move(text));
}

void addOnce(std::vector<Quote>& list, const Quote& quote)
{
    if (list.size() < kMostQuotes && std::ranges::find(list, quote) == list.end())
        list.push_back(quote);
}

} // namespace ink
