// What belongs together, told pair by pair.
#pragma once

#include <cstddef>
#include <numeric>
#include <vector>

namespace ink {

/// Source: R. E. Tarjan, "Efficiency of a good but not linear set union algorithm", JACM 22(2), 1975; paths
///         are halved on the way.
class DisjointSets
{
public:
    explicit DisjointSets(std::size_t count) : m_leader(count)
    {
        std::iota(m_leader.begin(), m_leader.end(), std::size_t{0});
    }

    std::size_t leaderOf(std::size_t i)
    {
        while (m_leader[i] != i)
            i = m_leader[i] = m_leader[m_leader[i]];
        return i;
    }
    /// False when they were together already.
    bool join(std::size_t a, std::size_t b)
    {
        a = leaderOf(a);
        b = leaderOf(b);
        m_leader[a] = b;
        return a != b;
    }
    /// The members of each set, in order.
    std::vector<std::vector<std::size_t>> sets()
    {
        std::vector<std::vector<std::size_t>> out(m_leader.size());
        for (std::size_t i = 0; i < m_leader.size(); ++i)
            out[leaderOf(i)].push_back(i);
        std::erase_if(out, [](const auto& set) { return set.empty(); });
        return out;
    }

private:
    std::vector<std::size_t> m_leader;
};

} // namespace ink
