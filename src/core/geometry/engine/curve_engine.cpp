#include "core/geometry/engine/curve_engine.h"

#include "core/geometry/box.h"
#include "core/geometry/chord_index.h"
#include "core/geometry/engine/bring_together.h"
#include "core/geometry/engine/crossing_guard.h"
#include "core/geometry/engine/curve_rebuild.h"
#include "core/geometry/nearest.h"

#include <algorithm>
#include <chrono>
#include <cmath>
#include <deque>
#include <optional>

namespace ink::detail {
namespace {

constexpr double kFinerTolerance_u = kChordTolerance_u / 16.0;
/// Rings that cross less deeply than this are in order: it is a tenth of a thousandth of a 20 mm letter.
constexpr double kCrossingDepth_u = 0.05;
/// Curves are bent by no more than this to meet where they do not quite cross; on finer chords, where what is
/// left comes from the curves themselves, by no more than that.
constexpr double kLargestBend_u = 0.05;
constexpr double kLargestBendOfFiner_u = 0.1;
constexpr double kSmallestArea_u2 = 1.0;
constexpr double kSmallestThickness_u = 0.3;

/// The chords themselves as rings of lines.
std::vector<Contour> polygons(const std::vector<ChordRing>& rings, const Grid& grid)
{
    std::vector<Contour> out;
    for (const auto& ring : rings) {
        Contour contour;
        for (std::size_t i = 0; i < ring.points.size(); ++i)
            contour.segments.push_back(Segment::line(
                grid.toPoint(ring.points[i]), grid.toPoint(ring.points[(i + 1) % ring.points.size()])));
        out.push_back(tidied(std::move(contour), 0.0, 0.5 * kFinerTolerance_u * grid.u()));
    }
    return out;
}

/// How close an attempt looks.
struct Closeness
{
    double chord_tolerance_u;
    double largest_bend_u;
};
constexpr Closeness kFirst{kChordTolerance_u, kLargestBend_u};
/// Shapes beyond the doubts keep their chords.
constexpr Closeness kPartlyFiner{kChordTolerance_u, kLargestBendOfFiner_u};
constexpr Closeness kFiner{kFinerTolerance_u, kLargestBendOfFiner_u};

struct Attempt
{
    std::vector<Contour> rings;
    std::vector<ChordRing> chords;
    RebuildStats rebuild;
    std::size_t lost = 0;
    std::size_t specks = 0;
    /// Places where the curves need a closer look; of a ring as a whole, its corners.
    std::vector<Point> doubts;
};

/// Curves behind one ring of chords; doubted where they enclose another area than the chords can be wrong by,
/// and left out where they enclose nothing.
void addCurves(const CurveRebuilder& rebuilder, const ChordRing& ring, const Grid& grid, double tolerance_u,
               Attempt& out, std::vector<std::vector<int>>& untouched)
{
    auto rebuilt = rebuilder.rebuild(ring, out.rebuild);
    const double chord_area = ring.area_grid2 * grid.step() * grid.step();
    const double around = ring.length_grid * grid.step();
    const double area = rebuilt.contour.signedArea();
    // Between a curve and its chord lies at most two thirds of the tolerance times the chord.
    if (std::abs(area - chord_area) > tolerance_u * grid.u() * around)
        for (const auto p : ring.points)
            out.doubts.push_back(grid.toPoint(p));
    // Chords can enclose a sliver where the curves enclose nothing, or less than nothing.
    const double enclosed = chord_area > 0.0 ? area : -area;
    const bool was_thin = 2.0 * std::abs(chord_area) < 2.0 * kSmallestThickness_u * grid.u() * around;
    if (enclosed < 0.5 * kSmallestArea_u2 * grid.u() * grid.u() ||
        (was_thin && enclosed < 0.25 * std::abs(chord_area))) {
        ++out.specks;
        return;
    }
    out.rings.push_back(std::move(rebuilt.contour));
    untouched.push_back(std::move(rebuilt.untouched));
}

Result<Attempt> attempt(std::span<const PlacedChords> placed, BooleanOp op, FillRule rule, const Grid& grid,
                        const Closeness& closeness, const CancelToken& cancel, EngineStats& times)
{
    Stopwatch clipping;
    const double per_u = grid.per_u();
    auto united = combineRings(placed, op, rule,
                               {kSmallestArea_u2 * per_u * per_u, kSmallestThickness_u * per_u}, cancel);
    times.union_ms += clipping.elapsed_ms();
    if (!united)
        return fail(united.error());

    Attempt out;
    Stopwatch curves;
    const CurveRebuilder rebuilder(placed, grid);
    std::vector<std::vector<int>> untouched;
    for (const auto& ring : united->rings)
        addCurves(rebuilder, ring, grid, closeness.chord_tolerance_u, out, untouched);
    times.curves_ms += curves.elapsed_ms();
    if (cancel.isCancelled())
        return fail(ErrorCode::Cancelled);
    Stopwatch check;
    for (const auto& [at, bend] : out.rebuild.bends)
        if (bend > closeness.largest_bend_u * grid.u())
            out.doubts.push_back(at);
    const auto crossings = crossingsOf(out.rings, kCrossingDepth_u * grid.u(), untouched);
    out.doubts.insert(out.doubts.end(), crossings.begin(), crossings.end());
    times.check_ms += check.elapsed_ms();
    out.lost = united->lost;
    out.specks += united->specks;
    out.chords = std::move(united->rings);
    return out;
}

/// Chords of a shape that are finer where a doubt lies within reach of their curve.
class FinerChords
{
public:
    FinerChords(const std::vector<Point>& doubts, const Grid& grid) : m_grid(grid), m_doubts(placesOf(doubts))
    {
    }

    /// Nothing when no curve of the shape is near a doubt.
    std::optional<ChordShape> of(const EngineShape& shape) const
    {
        constexpr double kReach_u = 20.0;
        const double reach = kReach_u * m_grid.u();
        const Point at = m_grid.toPoint(shape.at);
        std::vector<double> tolerances;
        bool is_near = false;
        std::vector<std::uint32_t> found;
        for (const auto& contour : *shape.paths)
            for (const auto& s : contour.segments) {
                m_doubts.near(grownBy(movedBy(controlBox(s), at), reach), found);
                is_near = is_near || !found.empty();
                tolerances.push_back((found.empty() ? kChordTolerance_u : kFinerTolerance_u) * m_grid.u());
            }
        return is_near ? std::optional(chordsOf(*shape.paths, m_grid, tolerances)) : std::nullopt;
    }

private:
    static std::vector<Chord> placesOf(const std::vector<Point>& doubts)
    {
        std::vector<Chord> places;
        for (const Point p : doubts)
            places.push_back({p, p});
        return places;
    }

    Grid m_grid;
    ChordIndex m_doubts;
};

void count(const Attempt& made, EngineStats& stats)
{
    stats.crossings.insert(stats.crossings.end(), made.rebuild.crossings.begin(),
                           made.rebuild.crossings.end());
    stats.unrefined += made.rebuild.unrefined;
    stats.absorbed += made.rebuild.absorbed;
    stats.spikes += made.rebuild.spikes;
    stats.specks += made.specks;
    stats.lost_edges += made.lost;
}

} // namespace

Result<void> checkInput(const Paths& paths, Point at, Unit unit, std::size_t& nodes)
{
    if (!isFinite(at))
        return fail(ErrorCode::NonFinite);
    double reach = 0.0;
    for (const auto& contour : paths)
        for (const auto& s : contour.segments) {
            if (!s.isFinite())
                return fail(ErrorCode::NonFinite);
            for (std::size_t i = 0; i <= s.degree(); ++i)
                reach = std::max({reach, std::abs(s.p[i].x), std::abs(s.p[i].y)});
        }
    if (reach + std::max(std::abs(at.x), std::abs(at.y)) > kMaxEm * 1000.0 * unit.u)
        return fail(ErrorCode::CoordinateOutOfRange);
    nodes += nodeCount(paths);
    if (nodes > kMaxNodes)
        return fail(ErrorCode::TooManyNodes);
    return {};
}

Result<std::vector<Contour>> combineCurves(std::span<const EngineShape> shapes, BooleanOp op, FillRule rule,
                                           const Grid& grid, const CancelToken& cancel, EngineStats& stats)
{
    std::deque<ChordShape> made; // a deque, because the placed shapes point into it
    // Curves near a doubt get finer chords, so that a long text pays for the letters concerned only.
    const auto placedFor = [&](const std::vector<Point>& doubts,
                               bool is_everywhere) -> Result<std::vector<PlacedChords>> {
        std::vector<PlacedChords> placed;
        std::size_t chords = 0;
        std::optional<FinerChords> finer; // most unions have no doubt, and need no index
        if (!doubts.empty() && !is_everywhere)
            finer.emplace(doubts, grid);
        const double tolerance = (is_everywhere ? kFinerTolerance_u : kChordTolerance_u) * grid.u();
        for (const auto& shape : shapes) {
            auto own = finer ? finer->of(shape) : std::nullopt;
            const ChordShape* ready = own              ? &made.emplace_back(std::move(*own))
                                      : !is_everywhere ? shape.chords
                                                       : nullptr;
            if (!ready)
                ready = &made.emplace_back(chordsOf(*shape.paths, grid, tolerance));
            placed.push_back({ready, shape.at, shape.is_clip, shape.is_clean});
            chords += ready->chord_count;
            if (chords > kMaxChords)
                return fail(ErrorCode::TooManyNodes);
            if (cancel.isCancelled())
                return fail(ErrorCode::Cancelled);
        }
        if (!std::ranges::all_of(placed, [](const PlacedChords& p) { return p.shape->is_exact; }))
            bringTogether(placed, kMeeting_u * grid.per_u(), made);
        return placed;
    };

    const auto placed = placedFor({}, false);
    if (!placed)
        return fail(placed.error());
    auto first = attempt(*placed, op, rule, grid, kFirst, cancel, stats);
    if (!first)
        return fail(first.error());
    if (first->doubts.empty()) {
        count(*first, stats);
        return std::move(first->rings);
    }
    if (cancel.isCancelled())
        return fail(ErrorCode::Cancelled);
    ++stats.finer;
    auto last = std::move(first);
    for (const bool is_everywhere : {false, true}) {
        const auto finer = placedFor(last->doubts, is_everywhere);
        if (!finer)
            return fail(finer.error());
        last = attempt(*finer, op, rule, grid, is_everywhere ? kFiner : kPartlyFiner, cancel, stats);
        if (!last)
            return fail(last.error());
        if (last->doubts.empty())
            break;
    }
    count(*last, stats);
    if (last->doubts.empty())
        return std::move(last->rings);
    ++stats.polygonal;
    return polygons(last->chords, grid);
}

std::int64_t Stopwatch::now_ns()
{
    return std::chrono::duration_cast<std::chrono::nanoseconds>(
               std::chrono::steady_clock::now().time_since_epoch())
        .count();
}

double Stopwatch::elapsed_ms() const
{
    return static_cast<double>(now_ns() - m_start_ns) * 1e-6;
}

} // namespace ink::detail
