// Letters that come as stitches, typed like a font.
#pragma once

#include "core/base/result.h"
#include "core/geometry/segment.h"
#include "core/stitch/stitch_plan.h"

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

struct SewnLetter
{
    /// UTF-8 of one character, and which of its forms: "swash"; empty for the usual one.
    std::string letter, variant;
    /// The file it came from.
    std::string file;
    /// What that was called when it came, where it has another name now.
    std::string called;
    /// How sure it is told: 1 where somebody said so.
    double confidence = 1.0;
    /// Units: mm, y up; x from its left edge, y from its foot (the line it stands on).
    NeedleWork work;
    /// Of its threads.
    Box box_mm;
    /// Room to its left and right edge; negative where letters reach into each other.
    double before_mm = 0.0, after_mm = 0.0;
    /// Where it stands in a font that was made of them (alphabet_font.h).
    std::uint32_t glyph_id = 0;

    double advance_mm() const { return before_mm + box_mm.width() + after_mm; }
};

/// Letters of one size.
struct Alphabet
{
    std::string name;
    /// Height of its capitals, or of its tallest letters where it has none.
    double size_mm = 0.0;
    /// Its letters end where the next ones begin.
    bool joins = false;
    /// By letter, then variant.
    std::vector<SewnLetter> letters;
    /// What is known of where it comes from and of its rights, in words; empty for nothing.
    std::string source, rights;

    /// The usual form where there is no such variant; null where the letter is missing.
    const SewnLetter* find(std::string_view letter, std::string_view variant = {}) const;
};

/// Between words.
double spaceWidth_mm(const Alphabet& alphabet);

/// How far the points of letters may be moved for another size: spacing follows, and beyond it gapes or breaks thread
/// (common practice, no source).
inline constexpr double kLeastScale = 0.85, kMostScale = 1.20;

/// Brings letters that lie anywhere in their files onto one foot and measures the room beside them. Where most files share a line, that is
/// the foot; else each letter stands on its lowest stitch, and g, j, p, q and y hang by as much as the others of them tell.
void measure(Alphabet& alphabet);

/// Letters and figures that people write with and that are not there, in the order of the alphabet.
std::string missingOf(const Alphabet& alphabet);

} // namespace ink
