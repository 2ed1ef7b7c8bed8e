// Finds the chord that an edge of a union lies on, and with it the curve behind. Internal to the weld.
#pragma once

#include "core/geometry/engine/chords.h"
#include "core/geometry/engine/strips.h"

#include <span>

namespace ink::detail {

class EdgeFinder
{
public:
    /// Chords that are none of `candidates` are told by the traced points themselves.
    EdgeFinder(std::span<const PlacedChords> shapes, std::span<const int> candidates);

    /// Fills the ring's points and origins; parameters run in the direction of the ring. Returns the number
    /// of edges whose chord was not found (their curve is -1).
    std::size_t label(const TracedRing& traced, ChordRing& ring) const;

private:
    struct Edge
    {
        GridPoint a, b;
        int previous, next;
        Origin origin;
    };

    int find(GridPoint a, GridPoint b, int hint) const;
    int findAt(GridPoint vertex, GridPoint a, GridPoint b, int best) const;
    int findAnywhere(GridPoint a, GridPoint b) const;
    int preferred(int best, int candidate, GridPoint a, GridPoint b) const;
    bool lies(GridPoint a, GridPoint b, int edge) const;
    void indexCells() const;

    std::vector<Edge> m_edges;
    std::vector<int> m_candidates;
    /// Open addressing: start point of an edge to the first edge there; more of them follow by m_same_start.
    std::vector<int> m_table;
    std::vector<int> m_same_start;
    /// Cells of a uniform grid and the edges that pass, sorted; made when first needed.
    mutable std::vector<std::pair<std::uint64_t, int>> m_cells;
};

} // namespace ink::detail
