#include "core/stitch/fill.h"

#include "core/geometry/flatten.h"
#include "core/stitch/running.h"
#include "core/stitch/stitch_plan.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <deque>
#include <numbers>
#include <optional>

namespace ink {
namespace {

constexpr std::array<double, 4> kStagger{0.0, 0.5, 0.25, 0.75};
/// A row shorter than this is no row.
constexpr double kLeastRow_mm = 0.2;
/// Needle points keep this far off the ends of their row.
constexpr double kOffEnds_mm = 0.8;

Affine turned(double deg)
{
    const double a = deg * std::numbers::pi / 180.0;
    return {std::cos(a), std::sin(a), -std::sin(a), std::cos(a), 0, 0};
}

/// Spans of each row, level rows at first_y + row * spacing.
std::vector<RowSpan> spansOf(const Outline& outline, double first_y, std::size_t rows, double spacing)
{
    std::vector<std::vector<double>> crossings(rows);
    const auto add = [&](const Contour& ring) {
        const auto points = flattened(ring, 0.02);
        for (std::size_t i = 0; i < points.size(); ++i) {
            const Point a = points[i], b = points[(i + 1) % points.size()];
            const auto row_of = [&](double y) { return std::ptrdiff_t(std::ceil((y - first_y) / spacing)); };
            for (auto row = std::max<std::ptrdiff_t>(0, row_of(std::min(a.y, b.y)));
                 row < std::min(std::ptrdiff_t(rows), row_of(std::max(a.y, b.y))); ++row) {
                const double y = first_y + double(row) * spacing;
                crossings[std::size_t(row)].push_back(a.x + (y - a.y) * (b.x - a.x) / (b.y - a.y));
            }
        }
    };
    for (const auto& piece : outline.pieces) {
        add(piece.outer);
        for (const auto& middle : piece.middles)
            add(middle);
    }
    std::vector<RowSpan> out;
    for (std::size_t row = 0; row < rows; ++row) {
        auto& x = crossings[row];
        std::ranges::sort(x);
        for (std::size_t i = 0; i + 1 < x.size(); i += 2)
            out.push_back({row, x[i], x[i + 1]});
    }
    return out;
}

class RowSewer
{
public:
    RowSewer(const std::vector<RowSpan>& spans, double first_y, const FillSettings& settings)
        : m_spans(spans), m_first_y(first_y), m_settings(settings), m_above(spans.size()),
          m_below(spans.size())
    {
        link();
        findRegions();
    }

    std::vector<std::vector<Point>> sew()
    {
        std::vector<bool> is_done(m_regions.size(), false);
        std::vector<std::vector<Point>> out;
        std::optional<std::size_t> at; // the span where the needle is
        for (std::size_t left = m_regions.size(); left > 0; --left) {
            std::optional<std::size_t> region;
            bool from_top = false;
            std::vector<std::size_t> way;
            if (at)
                way = wayToNext(*at, is_done, region, from_top);
            if (!region) {
                region = std::size_t(std::ranges::find(is_done, false) - is_done.begin());
                out.emplace_back();
            }
            is_done[*region] = true;
            travel(way, out.back());
            auto spans = m_regions[*region];
            if (from_top)
                std::ranges::reverse(spans);
            for (const auto span : spans)
                addRow(span, out.back());
            at = spans.back();
        }
        return out;
    }

private:
    double yOf(std::size_t span) const
    {
        return m_first_y + double(m_spans[span].row) * m_settings.spacing_mm;
    }

    void link()
    {
        std::size_t next = 0;
        for (std::size_t i = 0; i < m_spans.size(); ++i) {
            while (next < m_spans.size() && m_spans[next].row < m_spans[i].row + 1)
                ++next;
            for (std::size_t j = next; j < m_spans.size() && m_spans[j].row == m_spans[i].row + 1; ++j)
                if (m_spans[i].from < m_spans[j].to && m_spans[j].from < m_spans[i].to) {
                    m_above[i].push_back(j);
                    m_below[j].push_back(i);
                }
        }
    }

    void findRegions()
    {
        m_region_of.assign(m_spans.size(), 0);
        std::vector<bool> is_used(m_spans.size(), false);
        for (std::size_t i = 0; i < m_spans.size(); ++i) {
            if (is_used[i])
                continue;
            std::vector<std::size_t> region{i};
            is_used[i] = true;
            for (std::size_t at = i; m_above[at].size() == 1 && m_below[m_above[at][0]].size() == 1;) {
                at = m_above[at][0];
                is_used[at] = true;
                region.push_back(at);
            }
            for (const auto span : region)
                m_region_of[span] = m_regions.size();
            m_regions.push_back(std::move(region));
        }
    }

    /// The fewest rows from here to the first or last row of a region that is not sewn yet, breadth first.
    std::vector<std::size_t> wayToNext(std::size_t from, const std::vector<bool>& is_done,
                                       std::optional<std::size_t>& region, bool& from_top) const
    {
        std::vector<std::size_t> before(m_spans.size(), m_spans.size());
        std::deque<std::size_t> open{from};
        before[from] = from;
        while (!open.empty()) {
            const auto span = open.front();
            open.pop_front();
            const auto own = m_region_of[span];
            if (!is_done[own] && (span == m_regions[own].front() || span == m_regions[own].back())) {
                region = own;
                from_top = span != m_regions[own].front();
                std::vector<std::size_t> way;
                for (std::size_t at = span; at != from; at = before[at])
                    way.push_back(at);
                way.push_back(from);
                std::ranges::reverse(way);
                return way;
            }
            for (const auto* next : {&m_above[span], &m_below[span]})
                for (const auto other : *next)
                    if (before[other] == m_spans.size()) {
                        before[other] = span;
                        open.push_back(other);
                    }
        }
        return {};
    }

    /// From row to row through what they share.
    void travel(const std::vector<std::size_t>& way, std::vector<Point>& out) const
    {
        if (way.size() < 2 || out.empty())
            return;
        std::vector<Point> line{out.back()};
        for (std::size_t i = 1; i < way.size(); ++i) {
            const auto &a = m_spans[way[i - 1]], &b = m_spans[way[i]];
            const double x = (std::max(a.from, b.from) + std::min(a.to, b.to)) / 2;
            line.push_back({x, yOf(way[i - 1])});
            line.push_back({x, yOf(way[i])});
        }
        const auto stitches = running(line, kRunning_mm, 0.2);
        out.insert(out.end(), stitches.begin() + 1, stitches.end());
    }

    void addRow(std::size_t number, std::vector<Point>& out) const
    {
        const auto& span = m_spans[number];
        double from = span.from - m_settings.beyond_mm, to = span.to + m_settings.beyond_mm;
        if (to - from < kLeastRow_mm)
            from = to = (span.from + span.to) / 2;
        const double y = yOf(number);
        const bool is_back =
            !out.empty() ? std::abs(out.back().x - to) < std::abs(out.back().x - from) : span.row % 2 == 1;
        std::vector<Point> row{{from, y}};
        const double stitch = m_settings.stitch_mm, phase = kStagger[span.row % kStagger.size()] * stitch;
        for (double x = (std::floor((from - phase) / stitch) + 1.0) * stitch + phase; x < to - kOffEnds_mm;
             x += stitch)
            if (x > from + kOffEnds_mm)
                row.push_back({x, y});
        if (to > from)
            row.push_back({to, y});
        if (is_back)
            std::ranges::reverse(row);
        for (const auto& p : row)
            if (out.empty() || length(p - out.back()) >= kShortestStitch_mm)
                out.push_back(p);
    }

    const std::vector<RowSpan>& m_spans;
    double m_first_y;
    const FillSettings& m_settings;
    std::vector<std::vector<std::size_t>> m_above, m_below, m_regions;
    std::vector<std::size_t> m_region_of;
};

} // namespace

std::vector<std::vector<Point>> sewnSpans(const std::vector<RowSpan>& spans, double first_y,
                                          const FillSettings& settings)
{
    if (spans.empty())
        return {};
    return RowSewer(spans, first_y, settings).sew();
}

std::vector<std::vector<Point>> fillRows(const Outline& outline, const FillSettings& settings)
{
    const auto level = transformed(outline, turned(-settings.angle_deg));
    const Box box = bounds(level);
    if (box.isEmpty())
        return {};
    const auto rows = std::size_t(std::max(1.0, std::floor(box.height() / settings.spacing_mm + 0.5)));
    const double first_y = box.y0 + (box.height() - double(rows - 1) * settings.spacing_mm) / 2;
    auto out = sewnSpans(spansOf(level, first_y, rows, settings.spacing_mm), first_y, settings);
    const Affine back = turned(settings.angle_deg);
    for (auto& line : out)
        for (auto& p : line)
            p = back.map(p);
    return out;
}

} // namespace ink
