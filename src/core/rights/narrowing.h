// The wide net: does a sentence that is not understood narrow a permission that stands elsewhere?
#pragma once

#include "core/rights/reading.h"

#include <string_view>

namespace ink {

/// True for a sentence that speaks of selling, or of the licence, in a way that could refuse, limit or put a
/// condition: it takes nothing to be caught but a word of each kind. Seven languages, and the words for trade
/// in others.
/// Source: common practice of foundries, no published source.
bool mayNarrow(const Sentence& sentence);
/// The same of a receipt or a permission, in which prices are paid and conditions are met.
bool mayNarrowWhatWasBought(const Sentence& sentence);

/// True for a sentence that could take back the one before it: "Just kidding.", "Except on shirts."
bool mayTakeBack(const Sentence& sentence);

/// True for a word or two behind another sentence, which may make fun of it: "Yeah, right."
bool isShortAside(const Sentence& sentence);

/// True for a sentence that speaks of selling at all.
bool speaksOfSelling(const Sentence& sentence);

/// True for half a sentence that names personal use, or an agreement that lies elsewhere: little, beside what
/// is allowed in own words.
bool namesLess(const Sentence& sentence);

/// True for a sentence that names what is made with a font.
bool namesGoods(const Sentence& sentence);

/// True for a word that could refuse, limit or put a condition, or that speaks of selling: no part of a
/// font's name.
bool isTelling(std::string_view word);

/// True for text that every copy carries and that takes nothing away: no warranty, all rights reserved, where
/// the licence is.
bool isCommonNotice(const Sentence& sentence);

} // namespace ink
