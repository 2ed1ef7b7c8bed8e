#include "core/stitch/sewing_order.h"

#include "core/geometry/disjoint_sets.h"
#include "core/stitch/running.h"
#include "core/stitch/satin.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <optional>
#include <utility>

namespace ink {
namespace {

/// Underlay by width (common practice, no source): none, a line along the middle, edges and an open zigzag.
constexpr double kLineUnderlay_mm = 1.5, kEdgeUnderlay_mm = 3.0, kUnderlayInset_mm = 0.5;
constexpr double kZigzag_mm = 2.0;
constexpr double kLockStitch_mm = 0.5;
/// Columns whose middles come no nearer to each other than their widths and this do not meet.
constexpr double kNear_mm = 0.5;
/// Rungs by which a ring's cover goes on past its start.
constexpr std::size_t kRingOverlap = 4;
/// Rungs that are asked for the way from one column to another, and what is no way at all.
constexpr std::size_t kEachRung = 3;
constexpr double kGrid_mm = 0.01;

class PieceSewer
{
public:
    PieceSewer(const std::vector<Column>& columns, const std::vector<Patch>& patches,
               const StitchSettings& settings, const InkRays& rays)
        : m_columns(columns), m_patches(patches), m_settings(settings), m_rays(rays),
          m_is_done(columns.size(), false), m_is_patched(patches.size(), false)
    {
        link();
    }

    std::vector<StitchRun> sew(Point from)
    {
        std::size_t column = 0, rung = 0;
        double nearest = std::numeric_limits<double>::max();
        const auto offer = [&](std::size_t c, std::size_t r) {
            const double away = length(m_columns[c].rungs[r].centre - from);
            if (away < nearest) {
                nearest = away;
                column = c;
                rung = r;
            }
        };
        for (std::size_t c = 0; c < m_columns.size(); ++c) {
            offer(c, 0);
            if (!m_columns[c].is_ring)
                offer(c, m_columns[c].rungs.size() - 1);
        }
        sewColumn(column, rung);
        // Columns that share no crossing: the thread is cut on the way to them.
        for (std::size_t c = 0; c < m_columns.size(); ++c)
            if (!m_is_done[c]) {
                m_is_cut = true;
                sewColumn(c, nearestRung(m_columns[c], at()));
            }
        return std::move(m_runs);
    }

private:
    Point at() const { return m_runs.empty() ? Point() : m_runs.back().points.back(); }

    static std::size_t nearestRung(const Column& column, Point to)
    {
        const auto best = std::ranges::min_element(
            column.rungs, {}, [&](const Rung& rung) { return length(rung.centre - to); });
        return std::size_t(best - column.rungs.begin());
    }

    void add(StitchKind kind, std::vector<Point> points)
    {
        if (points.empty())
            return;
        m_runs.push_back({kind, 0, std::move(points), std::exchange(m_is_cut, false)});
    }

    /// What is to be sewn when the run passes a rung.
    struct Side
    {
        std::size_t rung = 0;
        bool is_patch = false;
        std::size_t which = 0;
    };

    /// Where two columns come nearest to each other: their rungs, and how far apart they are.
    struct Meeting
    {
        std::size_t rung = 0, of_other = 0;
        double away = std::numeric_limits<double>::max();
    };

    static Meeting meetingOf(const Column& a, const Column& b)
    {
        Meeting best;
        const auto offer = [&](std::size_t of_b) {
            const std::size_t of_a = nearestRung(a, b.rungs[of_b].centre);
            const double away = length(a.rungs[of_a].centre - b.rungs[of_b].centre);
            if (away < best.away)
                best = {of_a, of_b, away};
        };
        // Ends first: what ends at a stroke is entered there.
        offer(0);
        offer(b.rungs.size() - 1);
        if (best.away <= 0.5 * (a.width_mm + b.width_mm))
            return best;
        for (std::size_t i = 0; i < b.rungs.size(); i += 4)
            offer(i);
        return best;
    }

    /// They pass the same crossing, both of them: halves of a stroke with a corner pass different ones.
    static std::optional<Meeting> meet(const Column& a, const Column& b)
    {
        if (std::ranges::none_of(a.crossings,
                                 [&](std::size_t c) { return std::ranges::count(b.crossings, c) > 0; }))
            return {};
        const auto meeting = meetingOf(a, b);
        return meeting.away <= 0.6 * (a.width_mm + b.width_mm) + kNear_mm ? std::optional(meeting)
                                                                          : std::nullopt;
    }

    /// What holds together through the ink alone, without a crossing of strokes: the shortest ways between what is not reached
    /// otherwise, as long as they do not leave the ink.
    void link()
    {
        const std::size_t count = m_columns.size();
        DisjointSets parts(count);
        for (std::size_t a = 0; a < count; ++a)
            for (std::size_t b = a + 1; b < count; ++b)
                if (meet(m_columns[a], m_columns[b]) || meet(m_columns[b], m_columns[a]))
                    parts.join(a, b);
        std::vector<Link> ways;
        for (std::size_t a = 0; a < count; ++a)
            for (std::size_t b = a + 1; b < count; ++b)
                if (parts.leaderOf(a) != parts.leaderOf(b))
                    ways.push_back(shortestWay(a, b));
        std::ranges::stable_sort(ways, {}, &Link::away);
        for (const auto& way : ways)
            if (parts.leaderOf(way.a) != parts.leaderOf(way.b) && staysInside(way)) {
                parts.join(way.a, way.b);
                m_links.push_back(way);
            }
    }

    struct Link
    {
        std::size_t a = 0, rung_a = 0, b = 0, rung_b = 0;
        double away = std::numeric_limits<double>::max();
    };

    Link shortestWay(std::size_t a, std::size_t b) const
    {
        Link best{a, 0, b, 0};
        for (std::size_t r = 0; r < m_columns[b].rungs.size(); r += kEachRung) {
            const std::size_t of_a = nearestRung(m_columns[a], m_columns[b].rungs[r].centre);
            const double away = length(m_columns[a].rungs[of_a].centre - m_columns[b].rungs[r].centre);
            if (away < best.away)
                best = {a, of_a, b, r, away};
        }
        return best;
    }

    bool staysInside(const Link& way) const
    {
        return way.away < kGrid_mm || m_rays.sees(m_columns[way.a].rungs[way.rung_a].centre,
                                                  m_columns[way.b].rungs[way.rung_b].centre, 0.0);
    }

    /// Where a column is entered from another.
    std::size_t entryOf(std::size_t column, std::size_t from) const
    {
        for (const auto& way : m_links) {
            if (way.a == from && way.b == column)
                return way.rung_b;
            if (way.b == from && way.a == column)
                return way.rung_a;
        }
        return meetingOf(m_columns[from], m_columns[column]).of_other;
    }

    std::vector<Side> sidesOf(std::size_t number) const
    {
        std::vector<Side> out;
        for (std::size_t other = 0; other < m_columns.size(); ++other)
            if (other != number && !m_is_done[other])
                if (const auto meeting = meet(m_columns[number], m_columns[other]))
                    out.push_back({meeting->rung, false, other});
        for (const auto& way : m_links) {
            if (way.a == number && !m_is_done[way.b])
                out.push_back({way.rung_a, false, way.b});
            if (way.b == number && !m_is_done[way.a])
                out.push_back({way.rung_b, false, way.a});
        }
        for (std::size_t p = 0; p < m_patches.size(); ++p)
            if (!m_is_patched[p] && m_patches[p].column == number)
                out.push_back({m_patches[p].rung, true, p});
        return out;
    }

    void sewSide(std::size_t number, const Side& side)
    {
        if (side.is_patch) {
            if (m_is_patched[side.which])
                return;
            m_is_patched[side.which] = true;
            add(StitchKind::Fill, m_patches[side.which].points);
        } else if (!m_is_done[side.which]) {
            sewColumn(side.which, entryOf(side.which, number));
        }
    }

    /// Running along the middle, with what joins on the way.
    void runOut(std::size_t number, std::size_t from, std::size_t to, StitchKind kind)
    {
        const auto& rungs = m_columns[number].rungs;
        auto sides = sidesOf(number);
        const bool is_back = to < from;
        std::erase_if(
            sides, [&](const Side& s) { return s.rung < std::min(from, to) || s.rung > std::max(from, to); });
        std::ranges::stable_sort(
            sides, [&](const Side& a, const Side& b) { return is_back ? a.rung > b.rung : a.rung < b.rung; });
        std::size_t here = from;
        for (const auto& side : sides) {
            add(kind, running(middleOf(rungs, here, side.rung)));
            here = side.rung;
            sewSide(number, side);
        }
        add(kind, running(middleOf(rungs, here, to)));
    }

    void underlay(const Column& column, std::size_t from, std::size_t to)
    {
        if (!m_settings.has_underlay || column.width_mm < kEdgeUnderlay_mm)
            return;
        // There along one edge, back along the other, there as an open zigzag; the needle is at `to` before and after.
        add(StitchKind::Underlay, running(insetRail(column.rungs, to, from, true, kUnderlayInset_mm)));
        add(StitchKind::Underlay, running(insetRail(column.rungs, from, to, false, kUnderlayInset_mm)));
        std::vector<Rung> inset;
        for (const auto& rung : column.rungs) {
            const double share = std::min(0.5, kUnderlayInset_mm / std::max(1e-9, rung.width()));
            inset.push_back(
                {rung.centre, lerp(rung.left, rung.right, share), lerp(rung.right, rung.left, share)});
        }
        add(StitchKind::Underlay, satin(inset, to, from, {2 * kZigzag_mm, 0.0}));
        add(StitchKind::Travel, running(middleOf(column.rungs, from, to)));
    }

    void sewColumn(std::size_t number, std::size_t entry)
    {
        m_is_done[number] = true;
        const auto& column = m_columns[number];
        const std::size_t last = column.rungs.size() - 1;
        const auto cover = coverOf(column, m_settings);
        if (column.is_ring)
            return sewRing(number, entry, cover);
        const auto kind = column.width_mm >= kLineUnderlay_mm && m_settings.has_underlay
                              ? StitchKind::Underlay
                              : StitchKind::Travel;
        const auto half = [&](std::size_t end) {
            if (end == entry)
                return;
            if (isLine(column)) {
                // What joins a line is sewn on the way back, and lies over it.
                add(StitchKind::Running, running(middleOf(column.rungs, entry, end)));
                runOut(number, end, entry, StitchKind::Running);
                return;
            }
            runOut(number, entry, end, kind);
            underlay(column, entry, end);
            add(StitchKind::Satin, satin(column.rungs, end, entry, cover));
        };
        // The shorter half first; what is left of a column that is entered at its end is nothing.
        const bool starts_low = entry < last - entry;
        half(starts_low ? 0 : last);
        half(starts_low ? last : 0);
    }

    void sewRing(std::size_t number, std::size_t entry, const SatinSettings& cover)
    {
        Column turned = m_columns[number];
        turned.rungs.pop_back();
        std::rotate(turned.rungs.begin(), turned.rungs.begin() + std::ptrdiff_t(entry % turned.rungs.size()),
                    turned.rungs.end());
        for (std::size_t k = 0; k <= kRingOverlap; ++k)
            turned.rungs.push_back(turned.rungs[k]);
        const std::size_t count = m_columns[number].rungs.size() - 1, last = turned.rungs.size() - 1;
        // What joins the ring is sewn on the way round, as its rungs are numbered now.
        auto sides = sidesOf(number);
        for (auto& side : sides)
            side.rung = (side.rung % count + count - entry % count) % count;
        std::ranges::stable_sort(sides, {}, &Side::rung);
        const auto kind = isLine(turned) ? StitchKind::Running : StitchKind::Underlay;
        std::size_t here = 0;
        const bool goes_round = !sides.empty() || turned.width_mm >= kLineUnderlay_mm || isLine(turned);
        if (goes_round) {
            for (const auto& side : sides) {
                add(kind, running(middleOf(turned.rungs, here, side.rung)));
                here = side.rung;
                sewSide(number, side);
            }
            add(kind, running(middleOf(turned.rungs, here, count)));
        }
        if (isLine(turned))
            return add(StitchKind::Running, running(middleOf(turned.rungs, 0, count)));
        if (m_settings.has_underlay && turned.width_mm >= kEdgeUnderlay_mm) {
            add(StitchKind::Underlay, running(insetRail(turned.rungs, 0, count, true, kUnderlayInset_mm)));
            add(StitchKind::Underlay, running(insetRail(turned.rungs, 0, count, false, kUnderlayInset_mm)));
        }
        add(StitchKind::Satin, satin(turned.rungs, 0, last, cover));
    }

    const std::vector<Column>& m_columns;
    const std::vector<Patch>& m_patches;
    const StitchSettings& m_settings;
    const InkRays& m_rays;
    std::vector<Link> m_links;
    std::vector<bool> m_is_done, m_is_patched;
    std::vector<StitchRun> m_runs;
    bool m_is_cut = false;
};

} // namespace

bool isLine(const Column& column)
{
    return column.as ? *column.as == SewnAs::Running : column.width_mm < kThinnestSatin_mm;
}

SatinSettings coverOf(const Column& column, const StitchSettings& settings)
{
    SatinSettings cover{settings.spacing_mm, settings.pull_mm};
    if (column.as == SewnAs::Fill)
        cover.split_mm = kRow_mm;
    if (column.as == SewnAs::Satin)
        cover.split_mm = kLongestStitch_mm;
    return cover;
}

std::vector<Point> lockAt(Point at, Point way)
{
    const Point to = at + unitVector(way) * kLockStitch_mm;
    return {at, to, at, to, at};
}

std::vector<StitchRun> sewnPiece(const std::vector<Column>& columns, const std::vector<Patch>& patches,
                                 Point from, const StitchSettings& settings, const InkRays& rays)
{
    if (columns.empty())
        return {};
    return PieceSewer(columns, patches, settings, rays).sew(from);
}

} // namespace ink
