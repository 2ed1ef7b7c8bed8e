#include "core/stitch/fill.h"

#include "core/geometry/flatten.h"
#include "core/stitch/running.h"
#include "core/stitch/stitch_plan.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

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

/// A stretch of a row.
struct RowSpan
{
    std::size_t row = 0;
    double from = 0.0, to = 0.0;
};

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
        m_is_done.assign(m_regions.size(), false);
        std::vector<std::vector<Point>> out;
        for (std::size_t region = 0; region < m_regions.size(); ++region)
            if (!m_is_done[region]) {
                out.emplace_back();
                sewRegion(region, false, out.back());
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

    /// Under its rows to the far end, what joins there first, its rows on the way back, what joins where it was entered: no thread
    /// lies over rows that are sewn.
    void sewRegion(std::size_t region, bool from_top, std::vector<Point>& out)
    {
        m_is_done[region] = true;
        auto spans = m_regions[region];
        if (from_top)
            std::ranges::reverse(spans);
        runUnder(spans, out);
        sewBeyond(spans.back(), !from_top, out);
        for (auto span = spans.rbegin(); span != spans.rend(); ++span)
            addRow(*span, out);
        sewBeyond(spans.front(), from_top, out);
    }

    void sewBeyond(std::size_t span, bool is_top, std::vector<Point>& out)
    {
        for (const auto next : is_top ? m_above[span] : m_below[span])
            if (!m_is_done[m_region_of[next]])
                sewRegion(m_region_of[next], !is_top, out);
    }

    /// From row to row through what they share.
    void runUnder(const std::vector<std::size_t>& spans, std::vector<Point>& out) const
    {
        std::vector<Point> line;
        if (!out.empty())
            line.push_back(out.back());
        const auto& first = m_spans[spans.front()];
        line.push_back({(first.from + first.to) / 2, yOf(spans.front())});
        for (std::size_t i = 1; i < spans.size(); ++i) {
            const auto &a = m_spans[spans[i - 1]], &b = m_spans[spans[i]];
            line.push_back({(std::max(a.from, b.from) + std::min(a.to, b.to)) / 2, yOf(spans[i])});
        }
        const auto stitches = running(line, kRunning_mm, 0.3);
        out.insert(out.end(), stitches.begin() + (out.empty() ? 0 : 1), stitches.end());
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
    std::vector<bool> m_is_done;
};

} // namespace

std::vector<std::vector<Point>> fillRows(const Outline& outline, const FillSettings& settings)
{
    const auto level = transformed(outline, turned(-settings.angle_deg));
    const Box box = bounds(level);
    if (box.isEmpty())
        return {};
    const auto rows = std::size_t(std::max(1.0, std::floor(box.height() / settings.spacing_mm + 0.5)));
    const double first_y = box.y0 + (box.height() - double(rows - 1) * settings.spacing_mm) / 2;
    const auto spans = spansOf(level, first_y, rows, settings.spacing_mm);
    auto out = RowSewer(spans, first_y, settings).sew();
    const Affine back = turned(settings.angle_deg);
    for (auto& line : out)
        for (auto& p : line)
            p = back.map(p);
    return out;
}

} // namespace ink
