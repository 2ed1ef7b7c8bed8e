// Close-up: letters of a word moved together until their inks overlap by a depth.
#pragma once

#include "core/design/setting.h"

#include <functional>
#include <span>

namespace ink {

/// The gap between the bodies of two letters as they stand, and where on the left one; nothing without a
/// common height.
using GapOf = std::function<std::optional<SideGap>(const SetLetter& left, const SetLetter& right)>;

/// The part of a letter that joins its neighbours: without dots and accents, which stand clear of the rest.
/// Shape:  contours of the base glyph, about its own origin.
Paths bodyOf(const Paths& glyph);

/// Moves the letters of one line. Pair by pair, each letter closes up to the one before until the two overlap
/// by `depth`, and where they overlap deeper already they stay; by one step, all move by the step the widest
/// pair needs.
/// Units:  u, as the letters; `words` are the characters the letters count in.
/// Shape:  one entry for each two neighbours of a word, in the order they stand. Punctuation stays as spaced,
///         as does a capital before a small letter where small letters join by design and the two do not.
std::vector<ClosePair> closeUp(std::span<SetLetter> line, std::u32string_view words, double depth,
                               CloseUp::By by, const GapOf& gap);

/// Which pairs touch as they stand, without moving anything.
std::vector<ClosePair> pairsAsTheyStand(std::span<const SetLetter> line, std::u32string_view words,
                                        const GapOf& gap);

/// Two letters that do not touch, and would if the right one came nearer.
bool canJoin(const ClosePair& pair);

/// Brings the right letter of a pair so near that the two overlap by `depth`; what follows moves with it.
/// Units:  u, as the setting that the pair is of.
void joinPair(Job& job, const Setting& setting, const ClosePair& pair, double depth);

/// Moves a letter with all its glyphs.
void moveLetter(SetLetter& letter, Point by);

} // namespace ink
