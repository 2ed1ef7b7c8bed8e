// Stitched letters of the shelf, put right: a new file in the place of the old one.
#pragma once

#include "core/alphabet/alphabet.h"
#include "shelf/rights_store.h"
#include "shelf/shelf_store.h"

namespace ink {

/// The letters go onto the shelf as a font of their own, with the documents, sets, tags, note and rights record of the one they were; that
/// one stays where it is. Returns the digest of the new one, or of the old one where nothing differs.
/// Errors: FontNotOnShelf; those of alphabetFont(), ShelfStore::add() and RightsStore.
Result<std::string> putLettersRight(ShelfStore& store, const RightsStore& rights,
                                    const std::string& font_sha256, const Alphabet& letters,
                                    const std::string& day);

} // namespace ink
