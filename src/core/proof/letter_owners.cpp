#include "core/proof/letter_owners.h"

#include "core/geometry/box.h"
#include "core/geometry/distance.h"
#include "core/geometry/flatten.h"

#include <algorithm>

namespace ink {
namespace {

/// Chords of the letters and edges of the outline lie no further apart: the weld keeps curves within 0.05 u.
constexpr double kSameEdge_u = 1.0;
constexpr double kChordError_u = 0.25;
constexpr double kNearest_u = 20.0;

/// Every chord of every ring, with the letter it is of.
std::vector<Chord> chordsOf(std::span<const PlacedPaths> letters, Unit unit,
                            std::vector<std::uint32_t>& owners)
{
    std::vector<Chord> chords;
    for (std::size_t i = 0; i < letters.size(); ++i)
        for (const auto& ring : *letters[i].paths) {
            const auto points = flattened(ring, kChordError_u * unit.u);
            for (std::size_t k = 0; k < points.size(); ++k) {
                chords.push_back(
                    {points[k] + letters[i].at, points[(k + 1) % points.size()] + letters[i].at});
                owners.push_back(static_cast<std::uint32_t>(i));
            }
        }
    return chords;
}

void addOnce(std::vector<std::size_t>& list, const std::vector<std::size_t>& more)
{
    list.insert(list.end(), more.begin(), more.end());
    std::ranges::sort(list);
    list.erase(std::unique(list.begin(), list.end()), list.end());
}

} // namespace

LetterOwners::LetterOwners(std::span<const PlacedPaths> letters, Unit unit)
    : m_chords(chordsOf(letters, unit, m_letters)), m_index(m_chords), m_unit(unit)
{
}

std::vector<std::size_t> LetterOwners::at(Point p) const
{
    std::vector<std::uint32_t> near;
    m_index.near(grownBy({p.x, p.y, p.x, p.y}, kNearest_u * m_unit.u), near);
    std::vector<std::size_t> found;
    double best = kNearest_u * m_unit.u;
    std::vector<std::size_t> nearest;
    for (const auto i : near) {
        const double distance = distanceTo(p, m_chords[i].a, m_chords[i].b);
        if (distance <= kSameEdge_u * m_unit.u)
            addOnce(found, {m_letters[i]});
        if (distance < best) {
            best = distance;
            nearest = {m_letters[i]};
        }
    }
    return found.empty() ? nearest : found;
}

} // namespace ink
