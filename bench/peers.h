// Other ways to unite letters, side by side with the weld (bench_peers.cpp).
#pragma once

#include "core/geometry/path.h"

#include <functional>
#include <string>
#include <vector>

namespace ink::bench {

/// What came out: rings in any direction, inside and outside told by how often a point is enclosed.
struct PeerResult
{
    Paths rings;
    bool is_failed = false;
};

struct Peer
{
    std::string name;
    /// Glyphs at their place; u is 1/1000 em in their units.
    std::function<PeerResult(const std::vector<Paths>& glyphs, double u)> unite;
    /// More letters than this take it minutes.
    int most_letters;
};

std::vector<Peer> peers();

} // namespace ink::bench
