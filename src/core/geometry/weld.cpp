#include "core/geometry/weld.h"

#include "core/geometry/box.h"
#include "core/geometry/disjoint_sets.h"
#include "core/geometry/engine/curve_engine.h"
#include "core/geometry/engine/simple_rings.h"
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
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

void sortFromTheLeft(std::vector<Piece>& pieces)
{
    std::vector<std::pair<double, std::size_t>> order;
    order.reserve(pieces.size());
    for (std::size_t i = 0; i < pieces.size(); ++i)
        order.emplace_back(pieces[i].outer.bounds().x0, i);
    if (std::ranges::is_sorted(order))
        return;
    std::ranges::sort(order);
    std::vector<Piece> sorted;
    sorted.reserve(pieces.size());
    for (const auto& [x0, i] : order)
        sorted.push_back(std::move(pieces[i]));
    pieces = std::move(sorted);
}

/// Adds what is counted, with the crossings moved to their place; times are left alone.
void addCounts(Welded& sum, const detail::EngineStats& part, Point by)
{
    for (const Point p : part.crossings)
        sum.crossings.push_back(p + by);
    sum.stats.unrefined += part.unrefined;
    sum.stats.absorbed += part.absorbed;
    sum.stats.spikes += part.spikes;
    sum.stats.specks += part.specks;
    sum.stats.lost_edges += part.lost_edges;
    sum.stats.finer += part.finer;
    sum.stats.polygonal += part.polygonal;
}

void addTimes(WeldStats& sum, const detail::EngineStats& part)
{
    sum.union_ms += part.union_ms;
    sum.curves_ms += part.curves_ms;
    sum.check_ms += part.check_ms;
}

/// Crossings of the first stage that the second one buried are none any more.
void keepCrossingsOf(Welded& welded)
{
    if (welded.crossings.empty())
        return;
    const auto less = [](Point a, Point b) { return std::pair(a.x, a.y) < std::pair(b.x, b.y); };
    std::ranges::sort(welded.crossings, less);
    std::vector<bool> is_node(welded.crossings.size(), false);
    const auto look = [&](const Contour& ring) {
        for (const auto& s : ring.segments)
            for (auto it = std::ranges::lower_bound(welded.crossings, s.start(), less);
                 it != welded.crossings.end() && *it == s.start(); ++it)
                is_node[static_cast<std::size_t>(it - welded.crossings.begin())] = true;
    };
    for (const auto& piece : welded.outline.pieces) {
        look(piece.outer);
        std::ranges::for_each(piece.middles, look);
    }
    std::size_t kept = 0;
    for (std::size_t i = 0; i < is_node.size(); ++i)
        if (is_node[i])
            welded.crossings[kept++] = welded.crossings[i];
    welded.crossings.resize(kept);
}

class Weld
{
public:
    Weld(Unit unit, const WeldOptions& options)
        : m_options(options), m_unit(unit), m_grid(unit),
          m_cache(options.cache ? options.cache : std::make_shared<WeldCache>())
    {
    }

    Result<Welded> run(std::span<const PlacedPaths> glyphs)
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
        m_out.stats.glyphs_ms = first_stage.elapsed_ms();
        for (const auto& group : groups())
            if (auto ok = addGroup(group); !ok)
                return fail(ok.error());
        sortFromTheLeft(m_out.outline.pieces);
        keepCrossingsOf(m_out);
        assert(isInOrder(m_out.outline));
        return std::move(m_out);
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
               validityOf(outline, m_grid.u()).isValid(0.1 * m_grid.u());
    }

    Result<void> addGlyph(const PlacedPaths& glyph)
    {
        if (m_options.cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        if (auto ok = detail::checkInput(*glyph.paths, glyph.at, m_unit, m_out.stats.nodes_before); !ok)
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
        addCounts(m_out, (*shape)->stats, by);
        m_shapes.push_back(std::move(*shape));
        return {};
    }

    Result<std::shared_ptr<const InkShape>> firstStage(const std::shared_ptr<const Paths>& paths)
    {
        const detail::GlyphKey key(m_grid.step(), paths);
        if (auto kept = m_cache->findGlyph(key)) {
            ++m_out.stats.glyphs_cached;
            return kept;
        }
        InkShape shape;
        auto rings = ringsOf(*paths, shape.stats);
        if (!rings)
            return fail(rings.error());
        for (auto& piece : nested(std::move(*rings)).pieces) {
            InkPiece ready;
            ready.box = piece.outer.bounds();
            ready.rings.push_back(std::move(piece.outer));
            std::ranges::move(piece.middles, std::back_inserter(ready.rings));
            ready.chords = detail::chordsOf(ready.rings, m_grid, detail::kChordTolerance_u * m_grid.u());
            shape.pieces.push_back(std::move(ready));
        }
        return m_cache->keepGlyph(key, std::move(shape));
    }

    Result<std::vector<Contour>> ringsOf(const Paths& paths, detail::EngineStats& stats) const
    {
        if (auto simple = detail::simpleRings(paths, m_grid))
            return std::move(*simple);
        const EngineShape input{&paths, nullptr, {}, false, false};
        return detail::combineCurves({&input, 1}, BooleanOp::Union, detail::FillRule::NonZero, m_grid,
                                     m_options.cancel, stats);
    }

    /// Parts of one layer whose boxes touch, or miss each other by a hair, directly or through others.
    std::vector<std::vector<std::size_t>> groups() const
    {
        std::vector<std::size_t> order(m_parts.size());
        std::iota(order.begin(), order.end(), std::size_t{0});
        std::ranges::sort(order, {}, [this](std::size_t i) { return m_parts[i].box.x0; });
        DisjointSets together(m_parts.size());
        std::vector<std::size_t> open; // parts whose box reaches the one at hand
        for (const std::size_t i : order) {
            const Box box = grownBy(m_parts[i].box, detail::kMeeting_u * m_grid.u());
            std::erase_if(open, [&](std::size_t k) { return m_parts[k].box.x1 < box.x0; });
            for (const std::size_t k : open) {
                const auto& other = m_parts[k];
                if (other.layer == m_parts[i].layer && meets(other.box, box))
                    together.join(i, k);
            }
            open.push_back(i);
        }
        return together.sets();
    }

    const InkPiece& pieceOf(const Part& part) const { return m_shapes[part.shape]->pieces[part.piece]; }

    Result<void> addGroup(const std::vector<std::size_t>& group)
    {
        if (m_options.cancel.isCancelled())
            return fail(ErrorCode::Cancelled);
        ++m_out.stats.groups;
        const GridPoint origin = m_parts[group.front()].at;
        const Point by = m_grid.toPoint(origin);
        if (group.size() == 1) {
            const auto& rings = pieceOf(m_parts[group.front()]).rings;
            Piece piece{moved(rings.front(), by), {}};
            for (std::size_t i = 1; i < rings.size(); ++i)
                piece.middles.push_back(moved(rings[i], by));
            m_out.outline.pieces.push_back(std::move(piece));
            return {};
        }
        auto made = secondStage(group, origin);
        if (!made)
            return fail(made.error());
        addCounts(m_out, (*made)->stats, by);
        for (const auto& piece : (*made)->outline.pieces) {
            Piece placed{moved(piece.outer, by), {}};
            for (const auto& middle : piece.middles)
                placed.middles.push_back(moved(middle, by));
            m_out.outline.pieces.push_back(std::move(placed));
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
            shapes.push_back({&pieceOf(part).rings, &pieceOf(part).chords, at, false, true});
        }
        if (auto kept = m_cache->findGroup(key)) {
            ++m_out.stats.groups_cached;
            return kept;
        }
        InkGroup made;
        auto rings = detail::combineCurves(shapes, BooleanOp::Union, detail::FillRule::NonZero, m_grid,
                                           m_options.cancel, made.stats);
        addTimes(m_out.stats, made.stats);
        if (!rings)
            return fail(rings.error());
        made.outline = nested(std::move(*rings));
        auto kept = std::make_shared<const InkGroup>(std::move(made));
        m_cache->keepGroup(key, kept);
        return kept;
    }

    const WeldOptions& m_options;
    Unit m_unit;
    Grid m_grid;
    Welded m_out;
    std::shared_ptr<WeldCache> m_cache;
    std::vector<std::shared_ptr<const InkShape>> m_shapes;
    std::vector<Part> m_parts;
};

} // namespace

Result<Welded> weld(std::span<const PlacedPaths> glyphs, Unit unit, const WeldOptions& options)
{
    return Weld(unit, options).run(glyphs);
}

Result<Welded> weld(std::span<const Paths> glyphs, Unit unit, const WeldOptions& options)
{
    std::vector<PlacedPaths> placed;
    placed.reserve(glyphs.size());
    for (const auto& paths : glyphs)
        placed.push_back({std::make_shared<Paths>(paths), {}, 0});
    return weld(placed, unit, options);
}

} // namespace ink
