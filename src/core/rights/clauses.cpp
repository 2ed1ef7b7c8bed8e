#include "core/rights/clauses.h"

#include <algorithm>
#include <charconv>
#include <string_view>

namespace ink::detail {

bool isOneOf(Concept what, std::initializer_list<Concept> list)
{
    return std::ranges::find(list, what) != list.end();
}

bool has(Items items, std::initializer_list<Concept> list)
{
    return std::ranges::any_of(items, [&](const Item& i) { return isOneOf(i.what, list); });
}

std::optional<unsigned> numberOf(std::string_view word)
{
    unsigned value = 0;
    const auto [end, problem] = std::from_chars(word.data(), word.data() + word.size(), value);
    if (problem != std::errc{} || end != word.data() + word.size())
        return std::nullopt;
    return value;
}

/// Clauses end at "but", "however" and semicolons.
std::vector<Items> clausesOf(const std::vector<Item>& items)
{
    std::vector<Items> clauses;
    std::size_t begin = 0;
    for (std::size_t i = 0; i <= items.size(); ++i)
        if (i == items.size() || items[i].what == Concept::But) {
            if (i > begin)
                clauses.push_back(Items(items).subspan(begin, i - begin));
            begin = i + 1;
        }
    return clauses;
}

namespace {

constexpr std::initializer_list<Concept> kStarters{Concept::Free, Concept::May, Concept::Anew};
constexpr std::initializer_list<Concept> kNouns{Concept::Commercial,
                                                Concept::AnyUse,
                                                Concept::Personal,
                                                Concept::NonCommercial,
                                                Concept::Goods,
                                                Concept::Sell,
                                                Concept::Share,
                                                Concept::TheFont,
                                                Concept::Alter,
                                                Concept::CutFile,
                                                Concept::Logo,
                                                Concept::PrintOnDemand,
                                                Concept::StitchedAlphabet,
                                                Concept::Donate,
                                                Concept::Credit};

/// "not only for personal use": refuses nothing.
bool isNotOnly(Items clause, std::size_t at)
{
    return at + 2 < clause.size() && clause[at].what == Concept::Not &&
           clause[at + 1].what == Concept::Only &&
           isOneOf(clause[at + 2].what, {Concept::Personal, Concept::NonCommercial});
}

} // namespace

/// A refusal in front of the item that reaches it: "not free for commercial use", "may not be used, copied or
/// sold for commercial purposes"; "it is no demo, you may sell" does not reach.
bool isRefusedBefore(Items clause, std::size_t at)
{
    bool has_starter = false;
    for (std::size_t i = at; i-- > 0;) {
        switch (clause[i].what) {
        case Concept::Not:
            if (!isNotOnly(clause, i))
                return true;
            break;
        case Concept::Forbidden:
        case Concept::Except:
            return true;
        case Concept::Comma:
            if (has_starter)
                return false;
            break;
        default:
            has_starter = has_starter || isOneOf(clause[i].what, kStarters);
        }
    }
    return false;
}

namespace {

/// A refusal behind it: "commercial use is not allowed", "commercial use: no".
bool isRefusedAfter(Items clause, std::size_t at)
{
    std::size_t from = at + 1;
    if (isOneOf(clause[at].what,
                {Concept::Sell, Concept::Share})) { // "sharing or selling cut files is not allowed"
        while (from < clause.size() && isOneOf(clause[from].what, {Concept::Sell, Concept::Share}))
            ++from;
        if (from < clause.size() &&
            isOneOf(clause[from].what, {Concept::CutFile, Concept::TheFont, Concept::Goods}))
            ++from;
    }
    for (std::size_t i = from; i < clause.size(); ++i) {
        const Concept what = clause[i].what;
        if (what == Concept::Forbidden)
            return true;
        if (what == Concept::Not) {
            if (i + 1 == clause.size())
                return true;
            const Concept next = clause[i + 1].what;
            return isOneOf(next, {Concept::May, Concept::Free, Concept::Comma, Concept::Without, Concept::Not,
                                  Concept::Included});
        }
        if (isOneOf(what, kNouns) && what != Concept::Commercial && what != Concept::TheFont &&
            what != clause[at].what)
            return false;
        if (what == Concept::Comma && i + 1 < clause.size() && isOneOf(clause[i + 1].what, kStarters))
            return false;
    }
    return false;
}

} // namespace

bool isRefused(Items clause, std::size_t at)
{
    return isRefusedBefore(clause, at) || isRefusedAfter(clause, at);
}

/// "without asking", "no need to buy": the condition is named to say that there is none.
bool isCalledOff(Items clause, std::size_t at)
{
    // "don't need to buy a licence for commercial use": one condition in two phrases.
    while (at > 0 && clause[at].what == Concept::Buy && clause[at - 1].what == Concept::Buy)
        --at;
    const std::size_t from = at > 2 ? at - 2 : 0;
    for (std::size_t i = from; i < at; ++i)
        if (isOneOf(clause[i].what, {Concept::Without, Concept::Not}) ||
            (clause[i].what == Concept::May && clause[i].end - clause[i].begin >= 2 && i + 1 == at))
            return true;
    return false;
}

/// A condition that must be met first: buying, asking, a donation that is required.
const Item* conditionIn(Items clause)
{
    for (std::size_t i = 0; i < clause.size(); ++i) {
        const bool is_condition =
            clause[i].what == Concept::Buy || clause[i].what == Concept::Ask ||
            (isOneOf(clause[i].what, {Concept::Donate, Concept::Tier}) && has(clause, {Concept::Need}));
        if (is_condition && !isCalledOff(clause, i))
            return &clause[i];
    }
    return nullptr;
}

/// "up to 250 items", "250 units", "more than 500 copies": the number, and whether it is where the limit
/// lies.
std::optional<unsigned> countIn(const Sentence& sentence, Items clause)
{
    for (std::size_t i = 0; i < clause.size(); ++i) {
        const Item& item = clause[i];
        if (isOneOf(item.what, {Concept::UpTo, Concept::MoreThan}) && item.end < sentence.words.size()) {
            if (const auto n = numberOf(sentence.words[item.end]); n && *n > 1) {
                const bool is_counted = std::ranges::any_of(clause.subspan(i + 1), [&](const Item& next) {
                    return isOneOf(next.what, {Concept::Units, Concept::Goods, Concept::Sell}) &&
                           next.begin <= item.end + 5;
                });
                if (is_counted)
                    return n;
            }
        }
        if (isOneOf(item.what, {Concept::Units, Concept::Goods}) && item.begin > 0 &&
            has(clause, {Concept::UpTo}))
            if (const auto n = numberOf(sentence.words[item.begin - 1]); n && *n > 1)
                return n;
    }
    return std::nullopt;
}

} // namespace ink::detail
