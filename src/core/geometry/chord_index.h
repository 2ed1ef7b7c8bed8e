// Which straight lines are near a place.
#pragma once

#include "core/geometry/segment.h"

#include <cstdint>
#include <memory>
#include <span>
#include <vector>

namespace ink {

struct Chord
{
    Point a, b;
};

/// Chords by their boxes. Safe to ask from several threads at once.
/// Source: A. Guttman, "R-trees", SIGMOD 1984; S. T. Leutenegger et al., "STR: a simple and efficient
///         algorithm for R-tree packing", ICDE 1997 (Boost.Geometry's index).
class ChordIndex
{
public:
    explicit ChordIndex(std::span<const Chord> chords);
    ~ChordIndex();
    ChordIndex(ChordIndex&&) noexcept;
    ChordIndex& operator=(ChordIndex&&) noexcept;

    /// Fills `out` with the numbers of the chords whose boxes meet `box`, in no order.
    void near(const Box& box, std::vector<std::uint32_t>& out) const;

private:
    struct Tree;
    std::unique_ptr<Tree> m_tree;
};

} // namespace ink
