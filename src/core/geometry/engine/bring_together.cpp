#include "core/geometry/engine/bring_together.h"

#include "core/geometry/box.h"
#include "core/geometry/chord_index.h"
#include "core/geometry/disjoint_sets.h"
#include "core/geometry/distance.h"

#include <algorithm>
#include <map>
#include <numeric>

namespace ink::detail {
namespace {

Point toPoint(GridPoint p)
{
    return {static_cast<double>(p.x), static_cast<double>(p.y)};
}

/// A corner of a ring, and the chord that leaves it.
struct Corner
{
    std::uint32_t shape, ring, index;
    std::uint32_t whole_ring; // counted over all shapes
};

class Gatherer
{
public:
    Gatherer(std::vector<PlacedChords>& placed, double reach, std::deque<ChordShape>& kept)
        : m_placed(placed), m_reach(reach), m_kept(kept)
    {
    }

    void run()
    {
        collect();
        if (m_corners.empty())
            return;
        find();
        if (m_is_moved || !m_inserted.empty())
            apply();
    }

private:
    const ChordRing& ringOf(const Corner& c) const { return m_placed[c.shape].shape->rings[c.ring]; }
    GridPoint pointOf(const Corner& c, std::size_t ahead = 0) const
    {
        const auto& points = ringOf(c).points;
        return points[(c.index + ahead) % points.size()] + m_placed[c.shape].at;
    }

    /// Corners whose chords come into the box of another ring.
    void collect()
    {
        std::vector<Box> boxes;
        for (const auto& placed : m_placed)
            for (const auto& ring : placed.shape->rings) {
                Box& box = boxes.emplace_back();
                for (const auto p : ring.points)
                    box.add(toPoint(p + placed.at));
                box = grownBy(box, m_reach);
            }
        std::uint32_t whole_ring = 0;
        for (std::uint32_t s = 0; s < m_placed.size(); ++s)
            for (std::uint32_t r = 0; r < m_placed[s].shape->rings.size(); ++r, ++whole_ring) {
                std::vector<Box> others;
                for (std::size_t i = 0; i < boxes.size(); ++i)
                    if (i != whole_ring && meets(boxes[i], boxes[whole_ring]))
                        others.push_back(boxes[i]);
                if (others.empty())
                    continue;
                const auto count = static_cast<std::uint32_t>(m_placed[s].shape->rings[r].points.size());
                for (std::uint32_t i = 0; i < count; ++i) {
                    const Corner corner{s, r, i, whole_ring};
                    Box own;
                    own.add(toPoint(pointOf(corner)));
                    own.add(toPoint(pointOf(corner, 1)));
                    if (std::ranges::any_of(others, [&](const Box& o) { return meets(o, own); }))
                        m_corners.push_back(corner);
                }
            }
    }

    void find()
    {
        std::vector<Chord> chords;
        chords.reserve(m_corners.size());
        for (const auto& c : m_corners)
            chords.push_back({toPoint(pointOf(c)), toPoint(pointOf(c, 1))});
        const ChordIndex index(chords);
        DisjointSets same(m_corners.size());
        std::vector<std::uint32_t> near;
        for (std::size_t i = 0; i < m_corners.size(); ++i) {
            const Point p = chords[i].a;
            index.near(grownBy({p.x, p.y, p.x, p.y}, m_reach), near);
            for (const auto k : near) {
                if (m_corners[k].whole_ring == m_corners[i].whole_ring)
                    continue;
                const Point a = chords[k].a, b = chords[k].b;
                if (length(a - p) <= m_reach)
                    m_is_moved |= same.join(i, k) && a != p;
                else if (length(b - p) > m_reach && distanceTo(p, a, b) <= m_reach && p != a && p != b)
                    m_inserted[k].push_back(i);
            }
        }
        // All corners of one place go to the first of them.
        m_first.resize(m_corners.size());
        std::vector<std::size_t> first_of(m_corners.size(), m_corners.size());
        for (std::size_t i = 0; i < m_corners.size(); ++i) {
            auto& first = first_of[same.leaderOf(i)];
            first = std::min(first, i);
            m_first[i] = first;
        }
    }

    void apply()
    {
        std::map<std::pair<std::uint32_t, std::uint32_t>, std::vector<std::size_t>> by_ring;
        for (std::size_t i = 0; i < m_corners.size(); ++i)
            by_ring[{m_corners[i].shape, m_corners[i].ring}].push_back(i);
        // What is read has to stay until all is written: copies come first, places last.
        std::vector<GridPoint> places(m_corners.size());
        for (std::size_t i = 0; i < m_corners.size(); ++i)
            places[i] = pointOf(m_corners[m_first[i]]);
        std::map<std::uint32_t, ChordShape*> copies;
        for (const auto& [where, corners] : by_ring) {
            auto& copy = copies[where.first];
            if (!copy)
                copy = &m_kept.emplace_back(*m_placed[where.first].shape);
            rewrite(copy->rings[where.second], m_placed[where.first].at, corners, places);
        }
        for (const auto& [shape, copy] : copies) {
            copy->chord_count = 0;
            copy->box = {};
            for (const auto& ring : copy->rings) {
                copy->chord_count += ring.points.size();
                for (const auto p : ring.points)
                    copy->box.add(p);
            }
            std::erase_if(copy->rings, [](const ChordRing& ring) { return ring.points.empty(); });
            m_placed[shape].shape = copy;
        }
    }

    void rewrite(ChordRing& ring, GridPoint at, const std::vector<std::size_t>& corners,
                 const std::vector<GridPoint>& places) const
    {
        std::vector<GridPoint> starts = ring.points;
        for (const auto i : corners)
            starts[m_corners[i].index] = places[i] - at;
        ChordRing out;
        const auto add = [&out](GridPoint p, const Origin& origin) {
            out.points.push_back(p);
            out.origins.push_back(origin);
        };
        std::size_t next = 0;
        const std::size_t n = ring.points.size();
        for (std::uint32_t k = 0; k < n; ++k) {
            const Origin& whole = ring.origins[k];
            const GridPoint a = starts[k], b = starts[(k + 1) % n];
            std::vector<std::pair<double, GridPoint>> between;
            for (; next < corners.size() && m_corners[corners[next]].index == k; ++next)
                if (const auto found = m_inserted.find(corners[next]); found != m_inserted.end())
                    for (const auto i : found->second)
                        between.emplace_back(shareOf(places[i] - at, a, b), places[i] - at);
            std::ranges::sort(between, {}, [](const auto& x) { return x.first; });
            GridPoint from = a;
            double share = 0.0;
            for (const auto& [to, p] : between) {
                if (p == from || p == b || to <= share || to >= 1.0)
                    continue;
                add(from, {whole.shape, whole.curve, std::lerp(whole.t0, whole.t1, share),
                           std::lerp(whole.t0, whole.t1, to)});
                from = p;
                share = to;
            }
            if (from != b)
                add(from, {whole.shape, whole.curve, std::lerp(whole.t0, whole.t1, share), whole.t1});
        }
        ring = std::move(out);
    }

    static double shareOf(GridPoint p, GridPoint a, GridPoint b)
    {
        const Point d = toPoint(b - a), v = toPoint(p - a);
        const double dd = dot(d, d);
        return dd > 0.0 ? dot(v, d) / dd : 0.0;
    }

    std::vector<PlacedChords>& m_placed;
    double m_reach;
    std::deque<ChordShape>& m_kept;
    std::vector<Corner> m_corners;
    std::vector<std::size_t> m_first;
    bool m_is_moved = false;
    std::map<std::size_t, std::vector<std::size_t>> m_inserted; // corners to be set on chords
};

} // namespace

void bringTogether(std::vector<PlacedChords>& placed, double reach_grid, std::deque<ChordShape>& kept)
{
    Gatherer(placed, reach_grid, kept).run();
}

} // namespace ink::detail
