// What a person chose for letters, lines and pieces, beyond what the font does by itself. Lengths are shares
// of the em, so that every choice grows with the letters.
#pragma once

#include "core/design/font_ref.h"
#include "core/design/handling.h"
#include "core/design/word_shape.h"
#include "core/geometry/unit.h"
#include "core/proof/mending.h"
#include "core/stitch/stitch_settings.h"

#include <cstdint>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// Letters are set in u, 1/1000 of the em.
inline constexpr double kU_per_em = 1000.0;
inline constexpr Unit kJobUnit = Unit::ofEm(kU_per_em);
/// Stands in the words for a motif (Unicode: OBJECT REPLACEMENT CHARACTER).
inline constexpr char32_t kMotifCharacter = 0xFFFC;

/// A form worn instead of the font's own.
struct WornForm
{
    std::uint32_t glyph_id = 0;
    /// The name helps where the glyphs of a newer version of the font are numbered otherwise.
    std::string glyph_name;
    /// Letters of the words that the form stands for.
    std::size_t characters = 1;

    friend bool operator==(const WornForm&, const WornForm&) = default;
};

struct LetterChoice
{
    std::optional<WornForm> worn;
    /// A motif of Lettering::motifs, where the words hold kMotifCharacter.
    std::string motif;
    /// Another font than the job's, and its size beside the job's.
    std::optional<FontRef> font;
    double font_size = 1.0;
    /// Where the letter is moved, without moving the others.
    double dx_em = 0.0, dy_em = 0.0;
    double turn_deg = 0.0;
    double size = 1.0;
    /// Added before the letter; what follows moves with it.
    double before_em = 0.0;
    /// Not welded to the others.
    bool is_apart = false;
    /// Of another handling than the job's: not welded to the others either.
    Handling handling = {};
    /// Sewn otherwise than the rest, where it is sewn.
    std::optional<SewnAs> sewn_as = {};

    bool isPlaced() const
    {
        return dx_em != 0.0 || dy_em != 0.0 || turn_deg != 0.0 || size != 1.0 || before_em != 0.0;
    }
    friend bool operator==(const LetterChoice&, const LetterChoice&) = default;
};

enum class Align { Left, Middle, Right };

/// Lines that belong together: what stands between empty lines.
struct Block
{
    double dx_em = 0.0, dy_em = 0.0;
    double size = 1.0;
    /// How wide the letters are drawn beside the font's own proportions.
    double stretch = 1.0;
    Align align = Align::Left;
    /// Distance of the baselines, in line heights of the font.
    double line_gap = 1.0;
    /// Every line as wide as the widest, letters growing with it.
    bool has_one_width = false;
    WordShape shape;
    /// A tail under the block: a glyph of the job's font or a motif, whichever suits the width.
    bool has_tail = false;
    std::string tail_motif;
    /// How far it hangs below the lowest foot of the letters.
    double tail_drop_em = 0.12;

    friend bool operator==(const Block&, const Block&) = default;
};

struct CloseUp
{
    enum class By { Pair, Line };
    /// How deep inks overlap at the finished size; nothing leaves the letters as they are spaced.
    std::optional<double> depth_mm;
    By by = By::Pair;

    friend bool operator==(const CloseUp&, const CloseUp&) = default;
};

/// A picture, swash or part of an outline, with the rights of the font it came from.
struct MotifDrawing
{
    std::string name;
    /// In 1/1000 em, y up, standing on y = 0 as it stood in its font. Never null.
    std::shared_ptr<const Paths> outline;
    double advance = 0.0;
    std::string from_font, font_sha256, rights;

    friend bool operator==(const MotifDrawing& a, const MotifDrawing& b)
    {
        return a.name == b.name && (a.outline == b.outline || *a.outline == *b.outline) &&
               a.advance == b.advance && a.from_font == b.from_font && a.font_sha256 == b.font_sha256 &&
               a.rights == b.rights;
    }
};

/// A motif placed freely: beside the letter it hangs on, or on the paper.
struct PlacedPiece
{
    std::string motif;
    /// The character whose foot the place counts from.
    std::optional<std::size_t> letter;
    double x_em = 0.0, y_em = 0.0;
    double size = 1.0, turn_deg = 0.0;
    bool is_mirrored = false;
    Handling handling = {};

    friend bool operator==(const PlacedPiece&, const PlacedPiece&) = default;
};

/// A line that a person set on the paper, for things to be drawn to; never cut.
struct Guide
{
    bool is_upright = false;
    /// Its x, or its y: from where the first baseline of the words begins.
    double at_em = 0.0;

    friend bool operator==(const Guide&, const Guide&) = default;
};

struct Lettering
{
    /// By character of the words, counted from 0 over all lines, line breaks included.
    std::map<std::size_t, LetterChoice> letters;
    /// By block; blocks beyond the list are as usual.
    std::vector<Block> blocks;
    CloseUp close_up;
    std::map<std::string, MotifDrawing> motifs;
    std::vector<PlacedPiece> pieces;
    std::vector<Guide> guides;
    /// What is mended, or left as it is, in the order of choosing.
    std::vector<Mending> mendings;

    const LetterChoice& letter(std::size_t character) const;
    const Block& block(std::size_t index) const;
    /// Nothing was chosen.
    bool isPlain() const { return *this == Lettering(); }

    friend bool operator==(const Lettering&, const Lettering&) = default;
};

/// The motif of this drawing, taken in when the lettering does not hold it yet; tidy() drops it again while
/// nothing refers to it. Returns its name in `motifs`.
std::string motifOf(Lettering& lettering, const MotifDrawing& drawing);

/// What is moved, or guided to, stays this near to the words.
inline constexpr double kFurthest_em = 1000.0;
/// Brings places that are further away back to kFurthest_em.
void keepNear(Lettering& lettering);

/// Drops choices that say nothing.
void tidy(Lettering& lettering);

/// `removed` characters at `at` are exchanged for `inserted`: choices stay with their letters, blocks with
/// their lines. A motif that is inserted needs its choice set afterwards.
void replaceCharacters(Lettering& lettering, std::u32string_view words, std::size_t at, std::size_t removed,
                       std::u32string_view inserted);
/// The same for words that changed in a way nobody told: what both have in common at the beginning and the
/// end is taken to be the same.
void followWords(Lettering& lettering, std::u32string_view before, std::u32string_view after);

/// Block of each character; the line breaks between two blocks belong to the first.
std::vector<std::size_t> blocksOf(std::u32string_view words);

/// The words without motifs, for where only letters count.
std::string withoutMotifs(const std::string& words);

} // namespace ink
