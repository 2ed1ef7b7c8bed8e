// The same words, in a picture and in a font: how far apart are they, letter by letter?
#pragma once

#include "core/match/picture_ink.h"
#include "core/type/ink_picture.h"

#include <functional>
#include <memory>
#include <vector>

namespace ink {

/// A picture's lettering prepared for comparing. Safe to use from several threads once made.
class PictureWord
{
public:
    /// How finely letters are compared: quickly with every face, closely with the better ones, and to a fraction of a stroke
    /// with the very best, which may be weights of one family.
    enum class Fineness { Coarse, Fine, Finest };

    PictureWord(const PictureInk& ink, Fineness fineness);
    ~PictureWord();
    PictureWord(PictureWord&&) noexcept;

    /// How far the rows of the lettering are spread about their mean (standard deviation). Units: px of the PictureInk.
    double spread_px() const;
    /// Units: px of the PictureInk to px of the grid that letters are drawn on for distanceAt().
    double gridPx(double picture_px) const;

    struct Prepared;
    const Prepared& prepared() const { return *m_prepared; }

private:
    std::unique_ptr<Prepared> m_prepared;
};

/// One line of words in a font, that can be drawn at any size.
struct WordInFont
{
    struct Letter
    {
        /// Where it stands on the line, and how far the next one is. Units: em.
        double x_em = 0.0, advance_em = 0.0;
    };
    std::vector<Letter> letters;
    double x_height_em = 0.5;
    /// The letter's ink at its own origin.
    std::function<InkPicture(std::size_t letter, double px_per_em)> draw;
};

struct LetterFit
{
    /// Where its origin comes to lie. Units: px of the PictureInk, y down.
    Point origin_px;
    /// As that of the whole word.
    double distance = 0.0;
};

struct WordFit
{
    /// Mean distance between the edges of the two, both ways, as part of how tall the lettering is spread (about 0.6
    /// x-heights). 0: the same.
    double distance = 1.0;
    double px_per_em = 0.0;
    /// As in WordInFont.
    std::vector<LetterFit> letters;
};

/// Brings the words over the picture: one size, every letter at its best place along the line. Spacing is the maker's, not the
/// font's, and does not count.
/// Source: symmetric chamfer on the distance transform, G. Borgefors, IEEE PAMI 10(6), 1988; places of letters by dynamic
///         programming (R. Bellman, 1957).
WordFit fitted(const PictureWord& picture, const WordInFont& word);

/// A letter drawn otherwise, where `fit` has it: its distance alone.
double distanceAt(const PictureWord& picture, const InkPicture& letter, const WordFit& fit,
                  std::size_t index);

} // namespace ink
