// Which letter a glyph looks like: a decorated letter mostly contains its plain letter's outline.
#pragma once

#include "core/type/font_face.h"
#include "core/type/ink_picture.h"

#include <optional>
#include <vector>

namespace ink {

struct Likeness
{
    char32_t letter = 0;
    /// Part of the plain letter's ink that the glyph covers, and part of the glyph's ink within the letter's
    /// box that is the letter's.
    double covered = 0.0, own = 0.0;
    /// How far ahead of the next best letter, 0 to 1.
    double lead = 0.0;
    double confidence() const;
};

/// A picture, and the same with each pixel as dark as it and its neighbours to the left and right are.
struct ComparedInk
{
    InkPicture picture, wide;
};

/// Pictures of the letters, digits and the ampersand of a face, kept for comparing. Safe to use from several
/// threads once made.
class LetterLikeness
{
public:
    explicit LetterLikeness(const FontFace& face);

    /// Nothing when it looks like no letter at all.
    std::optional<Likeness> of(const Paths& glyph) const;

private:
    struct Letter
    {
        char32_t letter;
        ComparedInk coarse, fine;
    };
    double m_units_per_em;
    std::vector<Letter> m_letters;
};

} // namespace ink
