// Other forms that a font offers for a glyph through its features.
#pragma once

#include "core/type/font_face.h"

#include <cstdint>
#include <map>
#include <string>
#include <vector>

namespace ink {

struct Alternate
{
    /// Four letters, as in "swsh"; how to ask for it is `feature=value`.
    std::string feature;
    unsigned value = 1;
    std::uint32_t glyph_id = 0;
    std::string glyph_name;
    /// As isSwash() has it.
    bool is_swash = false;
};

/// Other forms for single glyphs, looked up once for a face. Safe to use from several threads.
class AlternateTable
{
public:
    explicit AlternateTable(const FontFace& face);

    /// Each form once, in the order of the features. Features that are always on, and small capitals, are no
    /// alternates.
    /// Source: substitutionsOf(), lookup types 1 and 3, also where contexts and extensions lead to them.
    std::vector<Alternate> of(const FontFace& face, std::uint32_t glyph_id) const;

private:
    struct Offer
    {
        std::string feature;
        unsigned value = 1;
        std::uint32_t glyph_id = 0;
    };
    std::map<std::uint32_t, std::vector<Offer>> m_offers; // by plain glyph
};

} // namespace ink
