// Which letters an outline came from, at any place of it.
#pragma once

#include "core/geometry/chord_index.h"
#include "core/geometry/weld.h"

#include <cstdint>
#include <span>
#include <vector>

namespace ink {

class LetterOwners
{
public:
    /// `letters` as they were welded: bent, turned, nudged.
    LetterOwners(std::span<const PlacedPaths> letters, Unit unit);

    /// Letters whose outline runs through `p`, by their number, in order. Where none does (a bridge, a border), the one
    /// that comes nearest within 20 u; none where that is too far.
    std::vector<std::size_t> at(Point p) const;

private:
    /// Of each chord; filled while these are made.
    std::vector<std::uint32_t> m_letters;
    std::vector<Chord> m_chords;
    ChordIndex m_index;
    Unit m_unit;
};

} // namespace ink
