// Every place where a stroke or a gap is narrow, and the letters it belongs to.
#pragma once

#include "core/geometry/axis_graph.h"
#include "core/geometry/chord_index.h"
#include "core/geometry/weld.h"

#include <cstdint>
#include <span>
#include <vector>

namespace ink {

/// Which letters an outline came from, at any place of it.
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

/// The narrowest place between two forks of the axis.
struct WidthPlace
{
    AxisPlace at;
    /// Length of axis of the whole stretch.
    double length = 0.0;
    /// Whose edges the circle touches, by number, in order: one for a stroke, two for a gap between letters.
    std::vector<std::size_t> letters;
};

/// The strokes of the ink, or the gaps beside it: each stretch between two forks by its narrowest place, measured on the
/// curves, the narrowest first. Pointed ends and stretches without opposite sides are no strokes.
/// Units:  those of the outline.
/// Shape:  `graph` is of `outline`; `owners` may be null.
std::vector<WidthPlace> widthPlaces(const AxisGraph& graph, bool is_ink, const Outline& outline, Unit unit,
                                    const LetterOwners* owners);

} // namespace ink
