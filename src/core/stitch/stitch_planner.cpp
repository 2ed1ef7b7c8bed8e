#include "core/stitch/stitch_planner.h"

#include "core/geometry/axis_graph.h"
#include "core/geometry/box.h"
#include "core/geometry/measure.h"
#include "core/geometry/offset.h"
#include "core/geometry/skeleton.h"
#include "core/stitch/columns.h"
#include "core/stitch/edge_stitches.h"
#include "core/stitch/fill.h"
#include "core/stitch/patches.h"
#include "core/stitch/running.h"
#include "core/stitch/satin.h"
#include "core/stitch/sewing_order.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <memory>
#include <optional>

namespace ink {
namespace {

constexpr double kInkChord_mm = 0.01;
/// Places of an edge that are asked whether they lie under another cloth.
constexpr double kAskedEdge_mm = 0.5;
/// Wider than this no satin lies well (common practice, no source): the piece is filled.
constexpr double kMostSatin_mm = 10.0;
/// Thread goes on to the next part over this much open cloth, else it is cut.
constexpr double kOpenTravel_mm = 2.0;
constexpr double kFillEdge_mm = 0.5, kFillUnderlay_mm = 2.5;
class Planner
{
public:
    Planner(Unit unit, const StitchSettings& settings, const CancelToken& cancel, const SewingOf& sewing)
        : m_unit(unit), m_settings(sensible(settings)), m_cancel(cancel), m_sewing(sewing)
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
            if (m_settings.has_underlay && !m_is_partly_under)
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
        struct Ring
        {
            std::vector<Point> line;
            std::size_t piece = 0;
        };
        std::vector<Ring> rings;
        for (std::size_t p = 0; p < outline.pieces.size(); ++p) {
            rings.push_back({ringLine(outline.pieces[p].outer), p});
            for (const auto& middle : outline.pieces[p].middles)
                rings.push_back({ringLine(middle), p});
        }
        std::erase_if(rings, [](const Ring& ring) { return ring.line.size() < 4; });
        const auto upper = upperOnes(outline);
        while (!rings.empty()) {
            std::size_t best = 0, from = 0;
            double nearest = std::numeric_limits<double>::max();
            for (std::size_t r = 0; r < rings.size(); ++r)
                for (std::size_t i = 0; i + 1 < rings[r].line.size(); ++i)
                    if (const double away = length(rings[r].line[i] - m_at); away < nearest) {
                        nearest = away;
                        best = r;
                        from = i;
                    }
            auto ring = std::move(rings[best].line);
            const auto over_it = upper.find(rings[best].piece);
            rings.erase(rings.begin() + std::ptrdiff_t(best));
            ring.pop_back();
            std::rotate(ring.begin(), ring.begin() + std::ptrdiff_t(from), ring.end());
            ring.push_back(ring.front());
            if (over_it == upper.end()) {
                begin(ring[0], ring[1] - ring[0]);
                auto [kind, points] = sew(ring);
                add(kind, std::move(points));
                finish();
            } else {
                sewUncovered(ring, over_it->second, sew);
            }
            ++m_piece;
        }
    }

    using Inks = std::vector<std::shared_ptr<const InkTest>>;

    /// Of each piece those that lie over a part of it: letters that were kept apart, the later ones over the earlier.
    static std::map<std::size_t, Inks> upperOnes(const Outline& outline)
    {
        std::map<std::size_t, Inks> out;
        for (std::size_t lower = 0; lower < outline.pieces.size(); ++lower)
            for (std::size_t upper = lower + 1; upper < outline.pieces.size(); ++upper) {
                if (!meets(outline.pieces[lower].outer.bounds(), outline.pieces[upper].outer.bounds()))
                    continue;
                auto ink = std::make_shared<const InkTest>(Outline{{outline.pieces[upper]}}, kInkChord_mm);
                const auto edge = resampled(ringLine(outline.pieces[lower].outer), kAskedEdge_mm);
                if (std::ranges::any_of(edge, [&](Point p) { return ink->isInk(p); }))
                    out[lower].push_back(std::move(ink));
            }
        return out;
    }

    /// An edge that another cloth lies over is not sewn: the upper one's edge holds both.
    template <class Sew>
    void sewUncovered(const std::vector<Point>& ring, const Inks& over, const Sew& sew)
    {
        const auto isUnder = [&](Point p) {
            return std::ranges::any_of(over, [p](const auto& ink) { return ink->isInk(p); });
        };
        m_is_partly_under = true;
        const auto [kind, points] = sew(ring);
        m_is_partly_under = false;
        std::vector<Point> stretch;
        const auto close = [&, kind = kind] {
            if (stretch.size() > 2) {
                begin(stretch[0], stretch[1] - stretch[0]);
                add(kind, stretch);
                finish();
            }
            stretch.clear();
        };
        for (std::size_t i = 0; i < points.size(); ++i) {
            if (i > 0 && isUnder(lerp(points[i - 1], points[i], 0.5)))
                close();
            stretch.push_back(points[i]);
        }
        close();
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
                                  column.rungs[column.rungs.size() / 2].centre, column.least_width_mm,
                                  column.width_mm, column.most_width_mm});
    }

    Result<void> sewPiece(const Piece& piece)
    {
        const Outline alone{{piece}};
        const bool is_filled = m_settings.as == SewnAs::Fill;
        if (is_filled && !m_sewing) {
            sewFill(alone);
        } else {
            const InkRays rays(alone, kInkChord_mm);
            auto columns = columnsIn(alone, rays);
            if (!columns)
                return fail(columns.error());
            bool is_chosen = false;
            for (auto& column : *columns) {
                column.as = m_sewing ? m_sewing(column.rungs) : std::nullopt;
                is_chosen = is_chosen || column.as;
            }
            const auto is_wide = [](const Column& c) { return c.width_mm > kMostSatin_mm; };
            if (!is_chosen && (is_filled || std::ranges::any_of(*columns, is_wide))) {
                sewFill(alone);
            } else { // where one stroke is sewn otherwise, each is sewn by itself
                for (auto& column : *columns)
                    if (!column.as && (is_filled || is_wide(column)))
                        column.as = SewnAs::Fill;
                sewColumns(alone, *columns, rays);
            }
        }
        finish();
        ++m_piece;
        return {};
    }

    Result<std::vector<Column>> columnsIn(const Outline& piece, const InkRays& rays)
    {
        const auto graph = axisGraph(piece, m_unit, m_cancel);
        if (!graph)
            return fail(graph.error());
        auto columns = columnsOf(strokesOf(branchesOf(*graph, InkTest(piece, kInkChord_mm))), rays);
        if (columns.empty())
            columns.push_back(columnOfDot(piece, rays));
        return columns;
    }

    void sewColumns(const Outline& piece, const std::vector<Column>& columns, const InkRays& rays)
    {
        for (const auto& column : columns)
            noteColumn(column, isLine(column)              ? ColumnKind::Running
                               : column.as == SewnAs::Fill ? ColumnKind::Fill
                               : column.most_width_mm > coverOf(column, m_settings).split_mm
                                   ? ColumnKind::SplitSatin
                                   : ColumnKind::Satin);
        const auto patches = patchesOf(piece, columns, m_settings, rays);
        auto runs = sewnPiece(columns, patches, m_at, m_settings, rays);
        if (runs.empty() || runs.front().points.empty())
            return;
        const auto& first = runs.front().points;
        begin(first.front(), first.size() > 1 ? first[1] - first[0] : Point{1, 0});
        for (auto& run : runs) {
            m_is_trimmed = m_is_trimmed || run.is_trimmed_before;
            add(run.kind, std::move(run.points));
        }
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
                                  {(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2},
                                  0.0,
                                  0.0,
                                  std::min(box.width(), box.height())});
    }

    Unit m_unit;
    StitchSettings m_settings;
    CancelToken m_cancel;
    const SewingOf& m_sewing;
    StitchPlan m_plan;
    StitchLayer m_layer;
    Point m_at;
    std::size_t m_piece = 0;
    bool m_is_first = true, m_is_trimmed = false;
    /// The ring that is sewn lies under another cloth in places.
    bool m_is_partly_under = false;
};

} // namespace

Result<StitchPlan> planStitches(const Outline& outline, Unit unit, const StitchSettings& settings,
                                const CancelToken& cancel, const SewingOf& sewing)
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
    Planner planner(unit, s, cancel, sewing);
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
