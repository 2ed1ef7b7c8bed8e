#include "core/proof/stencil.h"

#include "core/geometry/box.h"
#include "core/geometry/disjoint_sets.h"
#include "core/geometry/nesting.h"
#include "core/proof/cut_across.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>
#include <optional>

namespace ink {
namespace {

/// A bridge that lies flat costs this much more than an upright one: along one direction the look is calm.
constexpr double kFlat = 1.0;
/// Within a width of a corner or a fork it costs this much more.
constexpr double kAtCorner = 2.0;
constexpr double kOpposite_deg = 120.0;
/// Two bridges are not nearer to each other than this, in widths.
constexpr double kApart = 2.0;

struct Candidate
{
    Point a, b;
    /// Rings that it lies between; 0 is the sheet.
    std::size_t one = 0, other = 0;
    double cost = 0.0;
};

class Bridger
{
public:
    Bridger(const OutlineProof& proof, const StencilAsked& asked)
        : m_proof(proof), m_asked(asked), m_tied(proof.middles().size() + 1)
    {
        collect();
    }

    std::vector<Candidate> choose()
    {
        std::vector<Candidate> by_hand;
        for (const Point p : m_asked.added)
            if (const auto put = placedAt(p))
                by_hand.push_back(*put);
        if (!m_asked.is_by_itself)
            return by_hand;
        std::vector<Candidate> chosen;
        for (const auto& candidate : m_candidates) // cheapest first
            if (m_tied.join(candidate.one, candidate.other))
                chosen.push_back(candidate);
        for (std::size_t i = 0; i < m_proof.middles().size(); ++i)
            if (m_proof.middles()[i].area >= m_asked.two_from_mm2)
                addOpposite(i + 1, chosen);
        // What was taken off is gone, whatever it tied; what was put by hand takes the place of one beside it.
        std::vector<Candidate> off = by_hand;
        for (const Point p : m_asked.taken_off)
            if (const auto* near = nearestTo(p))
                off.push_back(*near);
        std::erase_if(chosen, [&](const Candidate& c) {
            return std::ranges::any_of(off, [&](const Candidate& o) { return isNear(c, o, kApart); });
        });
        chosen.insert(chosen.end(), by_hand.begin(), by_hand.end());
        return chosen;
    }

private:
    bool isNear(const Candidate& x, const Candidate& y, double widths) const
    {
        return length(lerp(x.a, x.b, 0.5) - lerp(y.a, y.b, 0.5)) < widths * m_asked.width_mm;
    }

    const Candidate* nearestTo(Point p) const
    {
        const auto away = [&](const Candidate& c) { return length(lerp(c.a, c.b, 0.5) - p); };
        const auto found = std::ranges::min_element(m_candidates, {}, away);
        return found == m_candidates.end() ? nullptr : &*found;
    }

    /// Across the stroke between two rings that comes nearest to where the hand put it.
    std::optional<Candidate> placedAt(Point p) const
    {
        std::optional<Candidate> found;
        double least = std::numeric_limits<double>::max();
        for (const auto& way : m_ways) {
            const Point along = way.to.centre - way.from.centre;
            const double long_2 = dot(along, along);
            const double t =
                long_2 > 0.0 ? std::clamp(dot(p - way.from.centre, along) / long_2, 0.0, 1.0) : 0.0;
            const Point centre = lerp(way.from.centre, way.to.centre, t);
            if (const double away = length(centre - p); away < least) {
                least = away;
                const Point across =
                    long_2 > 0.0 ? unitVector({-along.y, along.x}, {0, 1})
                                 : unitVector(m_candidates.front().b - m_candidates.front().a, {0, 1});
                const double half = 0.5 * (way.from.width + t * (way.to.width - way.from.width));
                found = Candidate{centre - across * half, centre + across * half, way.one, way.other, 0.0};
            }
        }
        return found;
    }

    /// Rings of the outline by segment; outer rings are edges of the sheet.
    void collect()
    {
        std::vector<std::size_t> ring_of, number_of;
        std::size_t middle = 0;
        std::vector<Chord> corners;
        const auto add = [&](const Contour& ring, std::size_t number) {
            number_of.push_back(number);
            for (std::size_t i = 0; i < ring.segments.size(); ++i) {
                ring_of.push_back(number);
                const Point in = unitVector(ring.segments[i].endTangent(), {0, 1});
                const Point out =
                    unitVector(ring.segments[(i + 1) % ring.segments.size()].startTangent(), {0, 1});
                if (dot(in, out) < 0.8)
                    corners.push_back({ring.segments[i].end(), ring.segments[i].end()});
            }
        };
        for (const auto& piece : m_proof.outline().pieces) {
            add(piece.outer, 0);
            for (const auto& ring : piece.middles)
                add(ring, ++middle);
        }
        for (const auto& branch : m_proof.branches())
            for (const Point end : {branch.places.front().centre, branch.places.back().centre})
                if (branch.is_ink && !branch.is_ring)
                    corners.push_back({end, end});
        const ChordIndex corner_index(corners);
        std::vector<std::uint32_t> near;
        const double w = m_asked.width_mm;
        for (const auto& branch : m_proof.branches()) {
            if (!branch.is_ink)
                continue;
            std::vector<std::optional<std::pair<std::size_t, std::size_t>>> between(branch.steps.size());
            for (std::size_t s = 0; s < branch.steps.size(); ++s) {
                const auto* step = branch.steps[s];
                if (!step->is_stroke || step->touches[0].segment < 0 || step->touches[1].segment < 0)
                    continue;
                Candidate c{step->narrowest.a, step->narrowest.b,
                            ring_of[std::size_t(step->touches[0].segment)],
                            ring_of[std::size_t(step->touches[1].segment)], 0.0};
                if (c.one == c.other)
                    continue;
                between[s] = std::pair(c.one, c.other);
                const Point way = c.b - c.a;
                const double l = length(way), upright = l > 0.0 ? std::abs(way.y) / l : 1.0;
                double corner = 0.0;
                const Point centre = step->narrowest.centre;
                corner_index.near(grownBy({centre.x, centre.y, centre.x, centre.y}, w + 0.5 * l), near);
                for (const auto k : near)
                    corner = std::max(corner, 1.0 - length(corners[k].a - centre) / (w + 0.5 * l));
                c.cost = (l + 0.25 * w) * (1.0 + kFlat * (1.0 - upright)) *
                         (1.0 + kAtCorner * std::max(0.0, corner));
                m_candidates.push_back(c);
            }
            for (std::size_t i = 1; i < branch.places.size(); ++i)
                if (const auto& rings = between[branch.places[i - 1].step])
                    m_ways.push_back({branch.places[i - 1], branch.places[i], rings->first, rings->second});
        }
        // Where ink touches ink the paper is as near: its corners are cut off.
        for (const auto& touching : m_proof.touching()) {
            const std::size_t one = number_of[touching.rings[0]], other = number_of[touching.rings[1]];
            if (one != other)
                m_candidates.push_back({touching.at - touching.way * (0.5 * w),
                                        touching.at + touching.way * (0.5 * w), one, other,
                                        w * (1.0 + kAtCorner)});
        }
        std::ranges::stable_sort(m_candidates, {}, &Candidate::cost);
    }

    void addOpposite(std::size_t ring, std::vector<Candidate>& chosen) const
    {
        const auto& box = m_proof.middles()[ring - 1].box;
        const Point centre{(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2};
        const auto wayTo = [&](const Candidate& c) {
            return unitVector(lerp(c.a, c.b, 0.5) - centre, {0, 1});
        };
        const auto touches = [&](const Candidate& c) { return c.one == ring || c.other == ring; };
        const auto first = std::ranges::find_if(chosen, touches);
        if (first == chosen.end() || std::ranges::count_if(chosen, touches) > 1)
            return;
        const Point from = wayTo(*first);
        for (const auto& c : m_candidates)
            if (touches(c) && dot(wayTo(c), from) < std::cos(kOpposite_deg * std::numbers::pi / 180.0)) {
                chosen.push_back(c);
                return;
            }
    }

    const OutlineProof& m_proof;
    const StencilAsked& m_asked;
    std::vector<Candidate> m_candidates;
    /// The axis of strokes that run between two rings.
    struct Way
    {
        BranchPlace from, to;
        std::size_t one = 0, other = 0;
    };
    std::vector<Way> m_ways;
    DisjointSets m_tied;
};

} // namespace

Result<StencilMade> bridgeMiddles(const OutlineProof& proof, const StencilAsked& asked,
                                  const CancelToken& cancel)
{
    StencilMade out{proof.outline(), {}};
    const auto chosen = Bridger(proof, asked).choose();
    if (chosen.empty())
        return out;
    std::vector<InkCrossing> crossings;
    for (const auto& c : chosen)
        crossings.push_back({c.a, c.b});
    auto cut = cutAcross(proof.outline(), crossings, asked.width_mm, proof.unit(), cancel);
    if (!cut)
        return fail(cut.error());
    // The sheet hangs together by what was cut, and by no point.
    out.outline_mm = asStencil(std::move(*cut));
    for (const auto& c : chosen) {
        const Box& tied = proof.middles()[std::max(c.one, c.other) - 1].box;
        out.bridges.push_back({c.a, c.b, {(tied.x0 + tied.x1) / 2, (tied.y0 + tied.y1) / 2}});
    }
    return out;
}

} // namespace ink
