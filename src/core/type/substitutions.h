// What a font's substitution table can turn letters into, read once and kept as plain lists.
#pragma once

#include "core/type/font_face.h"

#include <cstdint>
#include <string>
#include <vector>

namespace ink {

enum class SubstitutionKind { Single, Alternate, Ligature, Multiple, Contextual };

/// One exchange of glyphs: `from` becomes `to`.
struct Substitution
{
    SubstitutionKind kind = SubstitutionKind::Single;
    /// One glyph, or the letters of a ligature, in the order of the text.
    std::vector<std::uint32_t> from;
    std::uint32_t to = 0;
    /// How to ask for it, `feature=value`; empty where no feature reaches the lookup.
    std::string feature;
    unsigned value = 1;
};

/// Every exchange that GSUB holds, also those that contexts and extensions lead to. Features that ask for the
/// same exchange give one entry each, registered order of the font.
/// Shape:  what lies outside the table or loops is left out; a font without GSUB gives none.
/// Source: OpenType 1.9, GSUB lookup types 1 to 8, and the common layout tables.
std::vector<Substitution> substitutionsOf(const FontFace& face);

/// "Swash", "Stylistic set 3": the registered purpose of a feature, or the font's own label for it where it
/// has one (`ssNN`, `cvNN`).
/// Source: OpenType 1.9, registered features; their words here are ours.
std::string featureName(const FontFace& face, const std::string& feature);

} // namespace ink
