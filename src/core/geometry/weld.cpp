#include "core/geometry/weld.h"

#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/geometry/ring_engine.h"
#include "core/geometry/validity.h"
#include "core/geometry/weld_cache.h"

#include <algorithm>
#include <cassert>
#include <numeric>

namespace ink {
namespace {

using detail::EngineShape;
using detail::Grid;
using detail::GridPoint;
using detail::InkGroup;
using detail::InkPiece;
using detail::InkShape;

Contour moved(const Contour& contour, Point by)
{
    return by == Point{} ? contour : transformed(contour, {1, 0, 0, 1, by.x, by.y});
}

/// Adds what is counted, with the crossings moved to their place; times are left alone.
void addCounts(WeldStats& sum, const WeldStats& part, Point by)
{
    for (const Point p : part.crossing_points)
        sum.crossing_points.push_back(p + by);
    sum.unrefined += part.unrefined;
    sum.absorbed += part.absorbed;
    sum.spikes += part.spikes;
    sum.specks += part.specks;
    sum.lost_edges += part.lost_edges;
    sum.finer += part.finer;
    sum.polygonal += part.polygonal;
}

void addTimes(WeldStats& sum, const WeldStats& part)
{
    sum.union_ms += part.union_ms;
    sum.curves_ms += part.curves_ms;
    sum.check_ms += part.check_ms;
}

/// Crossings of the first stage that the second one buried are none any more.
void keepCrossingsOf(const Outline& outline, WeldStats& stats)
{
    if (stats.crossing_points.empty())
        return;
    const auto less = [](Point a, Point b) { return std::pair(a.x, a.y) < std::pair(b.x, b.y); };
    std::vector<Point> nodes;
    for (const auto& ring : toPaths(outline))
        for (const auto& s : ring.segments)
            nodes.push_back(s.start());
    std::ranges::sort(nodes, less);
    std::erase_if(stats.crossing_points,
                  [&](Point p) { return !std::ranges::binary_search(nodes, p, less); });
}

class Weld
{
public:
    Weld(const WeldOptions& options, WeldStats& stats)
        : m_options(options), m_stats(stats), m_grid{options.units_per_em / 1000.0},
          m_cache(options.cache ? options.cache : std::make_shared<WeldCache>())
    {
    }

    Result<Outline> run(std::span<const PlacedPaths> glyphs)
    {
        detail::Stopwatch first_stage;
        std::size_t chords = 0;
        for (const auto& glyph : glyphs) {
            if (auto ok = addGlyph(glyph); !ok)
                return fail(ok.error());
            for (const auto& piece : m_shapes.back()->pieces)
                chords += piece.chords.chord_count;
            if (chords > detail::kMaxChords)
                return fail(ErrorCode::TooManyNodes);
        }
        m_stats.glyphs_ms = first_stage.elapsed_ms();
        Outline outline;
        for (const auto& group : groups())
            if (auto ok = addGroup(group, outline); !ok)
                return fail(ok.error());
        std::ranges::stable_sort(outline.pieces, {}, [](const Piece& p) { return p.outer.bounds().x0; });
        keepCrossingsOf(outline, m_stats);
        m_stats.crossings = m_stats.crossing_points.size();
        assert(isInOrder(outline));
        return outline;
    }

private:
    struct Part
    {
        std::size_t shape;
        std::size_t piece;
        GridPoint at;
        int layer;
        Box box;
    };

    /// For debug builds: what the judge says, where that does not take too long. Layers may lie over each
    /// other.
    [[maybe_unused]] bool isInOrder(const Outline& outline) const
    {
        constexpr std::size_t kMostNodes = 3000;
        const bool is_layered =
            std::ranges::any_of(m_parts, [this](const Part& p) { return p.layer != m_parts.front().layer; });
        return is_layered || measure(outline).nodes > kMostNodes ||
               validityOf(outline, m_grid.u).isValid(0.1 * m_grid.u);
    }

    Result<void> addGlyph(const PlacedPaths& glyph)
    {
        if (m_options.cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        if (auto ok = detail::checkInput(*glyph.paths, glyph.at, m_grid, m_stats.nodes_before); !ok)
            return ok;
        auto shape = firstStage(glyph.paths);
        if (!shape)
            return fail(shape.error());
        const GridPoint at = m_grid.snapped(glyph.at);
        const Point by = m_grid.toPoint(at);
        for (std::size_t i = 0; i < (*shape)->pieces.size(); ++i) {
            Box box = (*shape)->pieces[i].box;
            box = {box.x0 + by.x, box.y0 + by.y, box.x1 + by.x, box.y1 + by.y};
            m_parts.push_back({m_shapes.size(), i, at, glyph.layer, box});
        }
        addCounts(m_stats, (*shape)->stats, by);
        m_shapes.push_back(std::move(*shape));
        return {};
    }

    Result<std::shared_ptr<const InkShape>> firstStage(const std::shared_ptr<const Paths>& paths)
    {
        const detail::GlyphKey key(m_grid.u, paths);
        if (auto kept = m_cache->findGlyph(key)) {
            ++m_stats.glyphs_cached;
            return kept;
        }
        InkShape shape;
        const EngineShape input{paths.get(), nullptr, {}, false};
        auto rings = detail::combineCurves({&input, 1}, BooleanOp::Union, detail::FillRule::NonZero, m_grid,
                                           m_options.cancel, shape.stats);
        if (!rings)
            return fail(rings.error());
        for (auto& piece : nested(std::move(*rings)).pieces) {
            InkPiece ready;
            ready.box = piece.outer.bounds();
            ready.rings.push_back(std::move(piece.outer));
            std::ranges::move(piece.middles, std::back_inserter(ready.rings));
            ready.chords = detail::chordsOf(ready.rings, m_grid, detail::kChordTolerance_u * m_grid.u);
            shape.pieces.push_back(std::move(ready));
        }
        return m_cache->keepGlyph(key, std::move(shape));
    }

    /// Parts of one layer whose boxes touch, directly or through others.
    std::vector<std::vector<std::size_t>> groups() const
    {
        std::vector<std::size_t> order(m_parts.size());
        std::iota(order.begin(), order.end(), std::size_t{0});
        std::ranges::sort(order, {}, [this](std::size_t i) { return m_parts[i].box.x0; });
        std::vector<std::size_t> leader(m_parts.size());
        std::iota(leader.begin(), leader.end(), std::size_t{0});
        const auto leaderOf = [&leader](std::size_t i) {
            while (leader[i] != i)
                i = leader[i] = leader[leader[i]];
            return i;
        };
        std::vector<std::size_t> open; // parts whose box reaches the one at hand
        for (const std::size_t i : order) {
            const auto& box = m_parts[i].box;
            std::erase_if(open, [&](std::size_t k) { return m_parts[k].box.x1 < box.x0; });
            for (const std::size_t k : open) {
                const auto& other = m_parts[k];
                if (other.layer == m_parts[i].layer && other.box.y0 <= box.y1 && box.y0 <= other.box.y1)
                    leader[leaderOf(i)] = leaderOf(k);
            }
            open.push_back(i);
        }
        std::vector<std::vector<std::size_t>> by_leader(m_parts.size());
        for (std::size_t i = 0; i < m_parts.size(); ++i)
            by_leader[leaderOf(i)].push_back(i);
        std::erase_if(by_leader, [](const auto& group) { return group.empty(); });
        return by_leader;
    }

    const InkPiece& pieceOf(const Part& part) const { return m_shapes[part.shape]->pieces[part.piece]; }

    Result<void> addGroup(const std::vector<std::size_t>& group, Outline& outline)
    {
        if (m_options.cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        ++m_stats.groups;
        const GridPoint origin = m_parts[group.front()].at;
        const Point by = m_grid.toPoint(origin);
        if (group.size() == 1) {
            const auto& rings = pieceOf(m_parts[group.front()]).rings;
            Piece piece{moved(rings.front(), by), {}};
            for (std::size_t i = 1; i < rings.size(); ++i)
                piece.middles.push_back(moved(rings[i], by));
            outline.pieces.push_back(std::move(piece));
            return {};
        }
        auto made = secondStage(group, origin);
        if (!made)
            return fail(made.error());
        addCounts(m_stats, (*made)->stats, by);
        for (const auto& piece : (*made)->outline.pieces) {
            Piece placed{moved(piece.outer, by), {}};
            for (const auto& middle : piece.middles)
                placed.middles.push_back(moved(middle, by));
            outline.pieces.push_back(std::move(placed));
        }
        return {};
    }

    Result<std::shared_ptr<const InkGroup>> secondStage(const std::vector<std::size_t>& group,
                                                        GridPoint origin)
    {
        detail::GroupKey key;
        std::vector<EngineShape> shapes;
        for (const std::size_t i : group) {
            const Part& part = m_parts[i];
            const GridPoint at = part.at - origin;
            key.insert(key.end(), {static_cast<std::int64_t>(m_shapes[part.shape]->serial),
                                   static_cast<std::int64_t>(part.piece), at.x, at.y});
            shapes.push_back({&pieceOf(part).rings, &pieceOf(part).chords, at, false});
        }
        if (auto kept = m_cache->findGroup(key)) {
            ++m_stats.groups_cached;
            return kept;
        }
        InkGroup made;
        auto rings = detail::combineCurves(shapes, BooleanOp::Union, detail::FillRule::NonZero, m_grid,
                                           m_options.cancel, made.stats);
        addTimes(m_stats, made.stats);
        if (!rings)
            return fail(rings.error());
        made.outline = nested(std::move(*rings));
        auto kept = std::make_shared<const InkGroup>(std::move(made));
        m_cache->keepGroup(key, kept);
        return kept;
    }

    const WeldOptions& m_options;
    WeldStats& m_stats;
    Grid m_grid;
    std::shared_ptr<WeldCache> m_cache;
    std::vector<std::shared_ptr<const InkShape>> m_shapes;
    std::vector<Part> m_parts;
};

} // namespace

Result<Outline> weld(std::span<const PlacedPaths> glyphs, const WeldOptions& options, WeldStats* stats)
{
    WeldStats unused;
    WeldStats& figures = stats ? *stats : unused;
    figures = {};
    return Weld(options, figures).run(glyphs);
}

Result<Outline> weld(std::span<const Paths> glyphs, const WeldOptions& options, WeldStats* stats)
{
    std::vector<PlacedPaths> placed;
    placed.reserve(glyphs.size());
    for (const auto& paths : glyphs)
        placed.push_back({std::make_shared<Paths>(paths), {}, 0});
    return weld(placed, options, stats);
}

} // namespace ink
