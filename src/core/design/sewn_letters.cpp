#include "core/design/sewn_letters.h"

#include "core/alphabet/alphabet_font.h"

#include <algorithm>
#include <cmath>

namespace ink {

std::vector<StandingSewnLetter> sewnLettersOf(const Setting& setting, const Affine& to_mm,
                                              const Lettering& lettering, const FindLetters& letters)
{
    std::vector<StandingSewnLetter> out;
    for (const auto& set : setting.letters) {
        if (!set.is_sewn || !set.hasInk())
            continue;
        const auto source = letters(set.font);
        const auto alphabet = source ? (*source)->alphabet() : nullptr;
        if (!alphabet)
            continue;
        const auto found = std::ranges::find(alphabet->letters, set.glyph_id, &SewnLetter::glyph_id);
        if (found == alphabet->letters.end())
            continue;
        // Its own mm to font units of the glyph, which begins with the room before it.
        const double fu_per_mm = 1.0 / mmPerFontUnit(*alphabet);
        const Affine to_glyph{fu_per_mm, 0, 0, fu_per_mm, found->before_mm * fu_per_mm, 0};
        const Affine to_u = set.drawn.after(to_glyph);
        const Point at = set.glyphs.front().at;
        out.push_back({alphabet, std::size_t(found - alphabet->letters.begin()), set.first,
                       to_mm.after(Affine{to_u.a, to_u.b, to_u.c, to_u.d, to_u.e + at.x, to_u.f + at.y}),
                       lettering.letter(set.first).handling.colour});
    }
    return out;
}

SewnScale scaleOf(const Affine& to)
{
    // Singular values of the linear part.
    const double sum = (to.a * to.a + to.b * to.b + to.c * to.c + to.d * to.d) / 2.0;
    const double product = std::abs(to.determinant());
    const double root = std::sqrt(std::max(0.0, sum * sum - product * product));
    return {std::sqrt(std::max(0.0, sum - root)), std::sqrt(sum + root)};
}

bool SewnScale::isWithin() const
{
    constexpr double kRounding = 1e-3;
    return least >= kLeastScale - kRounding && most <= kMostScale + kRounding;
}

double nearestSize_mm(const StandingSewnLetter& letter)
{
    const auto scale = scaleOf(letter.to_mm);
    return letter.alphabet->size_mm *
           std::clamp(std::sqrt(scale.least * scale.most), kLeastScale, kMostScale);
}

} // namespace ink
