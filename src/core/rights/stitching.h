// Whether a font's letters may be passed on as stitches.
#pragma once

#include "core/rights/dossier.h"

#include <string>

namespace ink {

/// What the papers of a font say of its letters made into stitches, in a sentence for people.
std::string saidOfStitching(const Dossier& dossier);

/// They say something of it.
bool speaksOfStitching(const Dossier& dossier);
/// They say that its letters may not be made into stitches.
bool forbidsStitching(const Dossier& dossier);

} // namespace ink
