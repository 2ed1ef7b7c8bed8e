// Words in stitched letters.
#pragma once

#include "core/alphabet/alphabet.h"

#include <optional>

namespace ink {

struct TypedOptions
{
    /// Of the capitals; that of the alphabet where it is not said.
    std::optional<double> size_mm = {};
    /// Between all letters, beside their own room; closed up where it is negative.
    double tracking_mm = 0.0;
    /// Letters stand on a circle of this radius, turned and never bent; over its top where it is positive, along its bottom where it is
    /// negative; 0 for a straight line.
    double radius_mm = 0.0;
    /// What the same threads of all letters are sewn at one go, as far as letters do not lie over each other.
    bool brings_colours_together = true;
};

struct PlacedLetter
{
    std::size_t letter = 0; // of the alphabet
    /// Its foot at the left edge of its own room, on the line or on the circle.
    Point foot_mm;
    double turn_deg = 0.0;
    /// Of its threads, where they lie.
    Box box_mm;
};

struct TypedWords
{
    NeedleWork work;
    std::vector<PlacedLetter> letters;
    /// How much the points were moved: 1 for the alphabet's own size.
    double scale = 1.0;
    /// Characters the alphabet lacks, each once.
    std::string missing;
};

/// Letters that are not told surely count as missing. In the order of the words: letters beside each other are joined by a stitch where they touch, else the thread is cut. The middle of all
/// lies at (0, 0).
/// Errors: EmptyText, TextTooLong, NoGlyphs (none of the letters is there), AlphabetSize (beyond 85 to 120 % of its size; the detail
///         names the nearest), ShapeUnknown (a circle too small for the words).
Result<TypedWords> typed(const Alphabet& alphabet, std::string_view words, const TypedOptions& options = {});

} // namespace ink
