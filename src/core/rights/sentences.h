// What one sentence refuses, and what it says to the other questions of a maker. Negation, exceptions and
// scope decide, not the mere word. That selling is allowed is not read here: a yes is earned
// (core/rights/permission.h).
#pragma once

#include "core/base/told.h"
#include "core/rights/evidence.h"
#include "core/rights/reading.h"

#include <string_view>
#include <vector>

namespace ink {

/// Detail of a refusal that ends when a licence is bought.
inline constexpr std::string_view kNeedsLicence = told("needs a commercial licence");

/// The statements of a sentence; empty when it says nothing about rights. Of selling goods only refusals.
/// English, French, German, Spanish, Italian, Portuguese and Indonesian.
/// Source: common practice of foundries, no published source; the table in tests/core/rights shows each kind.
std::vector<Statement> statementsOf(const Sentence& sentence);

/// True for a sentence that names one of several licences that are sold: "the extended licence".
bool namesATier(const Sentence& sentence);

/// The price in a sentence as written ("14.00 EUR", "$ 20"); empty when there is none.
std::string priceIn(const Sentence& sentence);

} // namespace ink
