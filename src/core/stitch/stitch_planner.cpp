#include "core/stitch/stitch_planner.h"

#include "core/geometry/axis_graph.h"
#include "core/geometry/measure.h"
#include "core/geometry/offset.h"
#include "core/geometry/skeleton.h"
#include "core/stitch/columns.h"
#include "core/stitch/edge_stitches.h"
#include "core/stitch/fill.h"
#include "core/stitch/running.h"
#include "core/stitch/satin.h"
#include "core/stitch/sewing_order.h"
#include "core/stitch/thread_raster.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <optional>

namespace ink {
namespace {

constexpr double kInkChord_mm = 0.01;
/// Wider than this no satin lies well (common practice, no source): the piece is filled.
constexpr double kMostSatin_mm = 10.0;
/// Thread goes on to the next part over this much open cloth, else it is cut.
constexpr double kOpenTravel_mm = 2.0;
constexpr double kFillEdge_mm = 0.5, kFillUnderlay_mm = 2.5;
/// Rows of patches, and what is too small to patch.
constexpr double kPatchRows_mm = 0.35;
constexpr std::size_t kLeastPatch = 8;
/// A patch reaches this far under the covers beside it.
constexpr double kPatchUnder_mm = 0.25;

class Planner
{
public:
    Planner(Unit unit, const StitchSettings& settings, const CancelToken& cancel)
        : m_unit(unit), m_settings(sensible(settings)), m_cancel(cancel)
    {
    }

    Result<StitchPlan> letters(const Outline& outline)
    {
        m_layer.colour = m_settings.thread;
        // From left to right, then each time the nearest.
        std::vector<std::size_t> left;
        for (std::size_t p = 0; p < outline.pieces.size(); ++p)
            left.push_back(p);
        const Box box = bounds(outline);
        m_at = {box.x0, (box.y0 + box.y1) / 2};
        while (!left.empty()) {
            if (m_cancel.isCancelled())
                return fail(ErrorCode::Cancelled);
            const auto next = std::ranges::min_element(left, {}, [&](std::size_t p) {
                const Box b = outline.pieces[p].outer.bounds();
                const Point to{std::clamp(m_at.x, b.x0, b.x1), std::clamp(m_at.y, b.y0, b.y1)};
                // Letters that are passed over are not gone back to: what lies further left goes first.
                return length(to - m_at) + 0.25 * (b.x0 - box.x0);
            });
            const std::size_t number = *next;
            left.erase(next);
            if (auto done = sewPiece(outline.pieces[number]); !done)
                return fail(done.error());
        }
        m_plan.layers.push_back(std::move(m_layer));
        return std::move(m_plan);
    }

    Result<StitchPlan> applique(const Outline& outline)
    {
        const auto round = [&](LayerKind kind) {
            m_layer = StitchLayer{kind, m_settings.thread, {}};
            m_is_first = true;
        };
        const auto close = [&] { m_plan.layers.push_back(std::move(m_layer)); };
        round(LayerKind::Placement);
        ringsOf(outline, [&](const std::vector<Point>& ring) {
            return std::pair(StitchKind::Running, running(ring));
        });
        close();
        OffsetOptions options;
        options.cancel = m_cancel;
        const auto inside = offset(outline, -m_settings.tack_mm, m_unit, options);
        if (!inside)
            return fail(inside.error());
        round(LayerKind::TackDown);
        ringsOf(*inside, [&](const std::vector<Point>& ring) {
            return std::pair(StitchKind::Running, running(ring));
        });
        close();
        round(LayerKind::Cover);
        ringsOf(outline, [&](const std::vector<Point>& ring) {
            if (m_settings.cover == EdgeCover::Blanket)
                return std::pair(StitchKind::Blanket,
                                 blanket(ring, m_settings.cover_mm, m_settings.blanket_mm));
            const double in = m_settings.cover_mm * m_settings.cover_inside, out = m_settings.cover_mm - in;
            if (m_settings.has_underlay)
                add(StitchKind::Underlay, running(ring));
            const auto column = coverOfRing(ring, in, out);
            auto points =
                satin(column.rungs, 0, column.rungs.size() - 1, {m_settings.spacing_mm, m_settings.pull_mm});
            // Past its start, so that it cannot come loose there.
            const auto more = satin(column.rungs, 0, std::min<std::size_t>(8, column.rungs.size() - 1),
                                    {m_settings.spacing_mm, m_settings.pull_mm});
            points.insert(points.end(), more.begin(), more.end());
            noteColumn(column, ColumnKind::Satin);
            return std::pair(StitchKind::Satin, points);
        });
        close();
        std::erase_if(m_plan.layers, [](const StitchLayer& layer) { return layer.runs.empty(); });
        return std::move(m_plan);
    }

    Result<StitchPlan> lines(const Outline& outline)
    {
        m_layer.colour = m_settings.thread;
        ringsOf(outline, [&](const std::vector<Point>& ring) {
            return std::pair(StitchKind::Running, running(ring));
        });
        m_plan.layers.push_back(std::move(m_layer));
        return std::move(m_plan);
    }

private:
    /// Each ring, the nearest next, from its place nearest to the needle.
    template <class Sew>
    void ringsOf(const Outline& outline, const Sew& sew)
    {
        std::vector<std::vector<Point>> rings;
        for (const auto& piece : outline.pieces) {
            rings.push_back(ringLine(piece.outer));
            for (const auto& middle : piece.middles)
                rings.push_back(ringLine(middle));
        }
        std::erase_if(rings, [](const auto& ring) { return ring.size() < 4; });
        while (!rings.empty()) {
            std::size_t best = 0, from = 0;
            double nearest = std::numeric_limits<double>::max();
            for (std::size_t r = 0; r < rings.size(); ++r)
                for (std::size_t i = 0; i + 1 < rings[r].size(); ++i)
                    if (const double away = length(rings[r][i] - m_at); away < nearest) {
                        nearest = away;
                        best = r;
                        from = i;
                    }
            auto ring = std::move(rings[best]);
            rings.erase(rings.begin() + std::ptrdiff_t(best));
            ring.pop_back();
            std::ranges::rotate(ring, ring.begin() + std::ptrdiff_t(from));
            ring.push_back(ring.front());
            begin(ring[0], ring[1] - ring[0]);
            auto [kind, points] = sew(ring);
            add(kind, std::move(points));
            finish();
            ++m_piece;
        }
    }

    void add(StitchKind kind, std::vector<Point> points)
    {
        if (points.empty())
            return;
        m_at = points.back();
        m_layer.runs.push_back({kind, m_piece, std::move(points), m_is_trimmed});
        m_is_trimmed = false;
    }

    /// Locked, after the thread was cut where the way is long.
    void begin(Point at, Point way)
    {
        m_is_trimmed = !m_is_first && length(at - m_at) > kOpenTravel_mm;
        if (m_is_first || m_is_trimmed)
            add(StitchKind::Lock, lockAt(at, way));
        m_is_first = false;
    }

    void finish()
    {
        if (m_layer.runs.empty())
            return;
        const auto& points = m_layer.runs.back().points;
        const Point back = points.size() > 1 ? points[points.size() - 2] - points.back() : Point{1, 0};
        add(StitchKind::Lock, lockAt(m_at, back));
    }

    void noteColumn(const Column& column, ColumnKind kind)
    {
        m_plan.columns.push_back({kind, m_piece, column.rungs.front().centre, column.rungs.back().centre,
                                  column.least_width_mm, column.width_mm, column.most_width_mm});
    }

    Result<void> sewPiece(const Piece& piece)
    {
        const Outline alone{{piece}};
        if (m_settings.as == SewnAs::Fill) {
            sewFill(alone);
        } else {
            auto columns = columnsIn(alone);
            if (!columns)
                return fail(columns.error());
            const bool is_wide =
                std::ranges::any_of(*columns, [](const Column& c) { return c.width_mm > kMostSatin_mm; });
            if (is_wide)
                sewFill(alone);
            else
                sewColumns(alone, *columns);
        }
        finish();
        ++m_piece;
        return {};
    }

    Result<std::vector<Column>> columnsIn(const Outline& piece)
    {
        const auto graph = axisGraph(piece, m_unit, m_cancel);
        if (!graph)
            return fail(graph.error());
        const InkRays rays(piece, kInkChord_mm);
        auto columns = columnsOf(strokesOf(branchesOf(*graph, InkTest(piece, kInkChord_mm))), rays);
        if (columns.empty())
            columns.push_back(columnOfDot(piece, rays));
        return columns;
    }

    void sewColumns(const Outline& piece, const std::vector<Column>& columns)
    {
        for (const auto& column : columns)
            noteColumn(column, isLine(column)                     ? ColumnKind::Running
                               : column.most_width_mm > kSplit_mm ? ColumnKind::SplitSatin
                                                                  : ColumnKind::Satin);
        const auto patches = patchesOf(piece, columns);
        auto runs = sewnPiece(columns, patches, m_at, m_settings);
        if (runs.empty() || runs.front().points.empty())
            return;
        const auto& first = runs.front().points;
        begin(first.front(), first.size() > 1 ? first[1] - first[0] : Point{1, 0});
        for (auto& run : runs) {
            m_is_trimmed = m_is_trimmed || run.is_trimmed_before;
            add(run.kind, std::move(run.points));
        }
    }

    /// What the covers leave open, as rows that reach under them.
    std::vector<Patch> patchesOf(const Outline& piece, const std::vector<Column>& columns) const
    {
        ThreadRaster raster(bounds(piece));
        for (const auto& column : columns)
            raster.lay(isLine(column) ? running(middleOf(column.rungs, 0, column.rungs.size() - 1))
                                      : satin(column.rungs, 0, column.rungs.size() - 1,
                                              {m_settings.spacing_mm, m_settings.pull_mm}));
        const auto is_ink = raster.inkOf(piece);
        const std::size_t wide = raster.columns(), high = raster.rows();
        std::vector<bool> is_open(is_ink.size());
        for (std::size_t row = 0; row < high; ++row)
            for (std::size_t x = 0; x < wide; ++x)
                is_open[row * wide + x] = is_ink[row * wide + x] && raster.layers(x, row) == 0;
        std::vector<Patch> out;
        std::vector<bool> is_seen(is_ink.size(), false);
        for (std::size_t start = 0; start < is_open.size(); ++start) {
            if (!is_open[start] || is_seen[start])
                continue;
            std::vector<std::size_t> places{start};
            is_seen[start] = true;
            for (std::size_t i = 0; i < places.size(); ++i) {
                const std::size_t x = places[i] % wide, row = places[i] / wide;
                const auto visit = [&](std::size_t to) {
                    if (is_open[to] && !is_seen[to]) {
                        is_seen[to] = true;
                        places.push_back(to);
                    }
                };
                if (x > 0)
                    visit(places[i] - 1);
                if (x + 1 < wide)
                    visit(places[i] + 1);
                if (row > 0)
                    visit(places[i] - wide);
                if (row + 1 < high)
                    visit(places[i] + wide);
            }
            if (places.size() >= kLeastPatch)
                if (auto patch = patchOf(places, raster, is_ink, columns))
                    out.push_back(std::move(*patch));
        }
        return out;
    }

    /// One open place: a row every kPatchRows_mm, or one line through it where it is flat.
    static std::optional<Patch> patchOf(std::vector<std::size_t>& places, const ThreadRaster& raster,
                                        const std::vector<bool>& is_ink, const std::vector<Column>& columns)
    {
        const std::size_t wide = raster.columns();
        std::ranges::sort(places);
        const auto step = std::size_t(std::max(1.0, std::round(kPatchRows_mm / raster.pixel_mm())));
        const std::size_t first = places.front() / wide, last = places.back() / wide;
        std::size_t low_x = wide, high_x = 0;
        for (const auto place : places) {
            low_x = std::min(low_x, place % wide);
            high_x = std::max(high_x, place % wide);
        }
        // Along its longer side.
        const bool is_upright = last - first > high_x - low_x;
        const std::size_t begin = is_upright ? low_x : first, end = is_upright ? high_x : last;
        const auto under = std::size_t(kPatchUnder_mm / raster.pixel_mm());
        const auto index = [&](std::size_t line, std::size_t along) {
            return is_upright ? along * wide + line : line * wide + along;
        };
        const std::size_t most_along = is_upright ? raster.rows() - 1 : wide - 1;
        Patch patch;
        // The middle of the first band of rows, then every step.
        for (std::size_t line = begin + std::min(step / 2, (end - begin) / 2); line <= end; line += step) {
            std::optional<std::size_t> from, to;
            for (const auto place : places) {
                const std::size_t x = place % wide, row = place / wide;
                if ((is_upright ? x : row) != line)
                    continue;
                const std::size_t along = is_upright ? row : x;
                from = std::min(from.value_or(along), along);
                to = std::max(to.value_or(along), along);
            }
            if (!from)
                continue;
            for (std::size_t k = 0; k<under&& * from> 0 && is_ink[index(line, *from - 1)]; ++k)
                --*from;
            for (std::size_t k = 0; k < under && *to < most_along && is_ink[index(line, *to + 1)]; ++k)
                ++*to;
            const auto at = [&](std::size_t along) {
                return is_upright ? raster.centreOf(line, along) : raster.centreOf(along, line);
            };
            std::vector<Point> row{at(*from), at(*to)};
            if (!patch.points.empty() &&
                length(patch.points.back() - row[1]) < length(patch.points.back() - row[0]))
                std::ranges::reverse(row);
            for (const auto& p : running(row, 3.5))
                if (patch.points.empty() || length(p - patch.points.back()) >= kShortestStitch_mm)
                    patch.points.push_back(p);
        }
        if (patch.points.empty())
            return {};
        double nearest = std::numeric_limits<double>::max();
        for (std::size_t c = 0; c < columns.size(); ++c)
            for (std::size_t r = 0; r < columns[c].rungs.size(); ++r)
                if (const double away = length(columns[c].rungs[r].centre - patch.points.front());
                    away < nearest) {
                    nearest = away;
                    patch.column = c;
                    patch.rung = r;
                }
        return patch;
    }

    void sewFill(const Outline& piece)
    {
        const double pull = m_settings.pull_mm / 2;
        std::vector<std::vector<Point>> under;
        const auto edge = offset(piece, -kFillEdge_mm, m_unit);
        if (m_settings.has_underlay && edge) {
            for (const auto& inner : edge->pieces) {
                under.push_back(running(ringLine(inner.outer)));
                for (const auto& middle : inner.middles)
                    under.push_back(running(ringLine(middle)));
            }
            const auto rows = fillRows(*edge, {kFillUnderlay_mm, 3.5, m_settings.fill_angle_deg + 90.0, 0.0});
            under.insert(under.end(), rows.begin(), rows.end());
        }
        const auto rows = fillRows(piece, {m_settings.spacing_mm, 3.5, m_settings.fill_angle_deg, pull});
        const auto sew = [&](StitchKind kind, const std::vector<Point>& points) {
            if (points.empty())
                return;
            begin(points.front(), points.size() > 1 ? points[1] - points[0] : Point{1, 0});
            add(kind, points);
        };
        for (const auto& line : under)
            sew(StitchKind::Underlay, line);
        for (const auto& line : rows)
            sew(StitchKind::Fill, line);
        const Box box = bounds(piece);
        m_plan.columns.push_back({ColumnKind::Fill,
                                  m_piece,
                                  {box.x0, box.y0},
                                  {box.x1, box.y1},
                                  0.0,
                                  0.0,
                                  std::min(box.width(), box.height())});
    }

    Unit m_unit;
    StitchSettings m_settings;
    CancelToken m_cancel;
    StitchPlan m_plan;
    StitchLayer m_layer;
    Point m_at;
    std::size_t m_piece = 0;
    bool m_is_first = true, m_is_trimmed = false;
};

} // namespace

Result<StitchPlan> planStitches(const Outline& outline, Unit unit, const StitchSettings& settings,
                                const CancelToken& cancel)
{
    const auto figures = measure(outline);
    if (figures.area <= 0.0)
        return fail(ErrorCode::NothingToCut);
    const auto s = sensible(settings);
    // A stitch covers at most its longest length times the distance of rows.
    const bool covers = s.as == SewnAs::Satin || s.as == SewnAs::Fill;
    if (covers && figures.area / (3.5 * s.spacing_mm) > kMostStitches)
        return fail(ErrorCode::TooComplex, {},
                    "this would take more than a million stitches; make it smaller, or lay cloth on");
    if (figures.cut_length / kRunning_mm > kMostStitches)
        return fail(ErrorCode::TooComplex, {},
                    "this would take more than a million stitches; make it smaller");
    Planner planner(unit, s, cancel);
    switch (s.as) {
    case SewnAs::Satin:
    case SewnAs::Fill:
        return planner.letters(outline);
    case SewnAs::Running:
        return planner.lines(outline);
    case SewnAs::Applique:
        return planner.applique(outline);
    }
    return fail(ErrorCode::NothingToCut);
}

} // namespace ink
