// A stitched alphabet as a font file: its threads' outlines on the keys, and its stitches in a table of their own.
#pragma once

#include "core/alphabet/alphabet.h"
#include "core/type/font_face.h"

#include <memory>
#include <string>

namespace ink {

/// A TrueType file (OpenType 1.9) that stands wherever a font stands. Letters that are not told surely are on no key. Other forms
/// of a letter are alternates of its glyph (`salt`). The open package lies in the table `UIsw` (docs/formats/alphabet.md).
/// Errors: AlphabetEmpty; those of writing the package.
Result<std::string> alphabetFont(const Alphabet& alphabet);

/// The stitches of a face that was made so, each letter with the glyph it stands on; null for any other font.
/// Errors: DocumentDamaged.
Result<std::shared_ptr<const Alphabet>> alphabetIn(const FontFace& face);

/// mm for a font unit, at the size the letters were made for.
double mmPerFontUnit(const Alphabet& alphabet);

} // namespace ink
