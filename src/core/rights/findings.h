// What the texts say, sentence by sentence, before it is weighed.
#pragma once

#include "core/rights/dossier.h"
#include "core/rights/finding.h"

#include <span>

namespace ink {

/// Reads every text. What is worth telling goes into the dossier's notes, licences and set_aside.
Findings findingsIn(std::span<const EvidenceText> evidence, const FontFacts& facts, Dossier& dossier);

} // namespace ink
