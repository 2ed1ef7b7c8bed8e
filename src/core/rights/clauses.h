// A sentence's phrases in clauses: what is refused, called off, counted, or a condition.
#pragma once

#include "core/rights/lexicon.h"
#include "core/rights/reading.h"

#include <initializer_list>
#include <optional>
#include <span>
#include <vector>

namespace ink::detail {

using Items = std::span<const Item>;

bool isOneOf(Concept what, std::initializer_list<Concept> list);
bool has(Items items, std::initializer_list<Concept> list);
std::optional<unsigned> numberOf(std::string_view word);
/// Clauses end at "but", "however" and semicolons.
std::vector<Items> clausesOf(const std::vector<Item>& items);

/// A refusal in front of the item that reaches it: "not free for commercial use", "may not be used, copied or
/// sold for commercial purposes"; "it is no demo, you may sell" does not reach.
bool isRefusedBefore(Items clause, std::size_t at);

bool isRefused(Items clause, std::size_t at);
/// "without asking", "no need to buy": the condition is named to say that there is none.
bool isCalledOff(Items clause, std::size_t at);

/// A condition that must be met first: buying, asking, a donation that is required.
const Item* conditionIn(Items clause);

/// "up to 250 items", "250 units", "more than 500 copies": the number, and whether it is where the limit
/// lies.
std::optional<unsigned> countIn(const Sentence& sentence, Items clause);

} // namespace ink::detail
