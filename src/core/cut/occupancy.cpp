#include "core/cut/occupancy.h"

#include "core/geometry/flatten.h"
#include "core/geometry/nesting.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <numeric>
#include <span>
#include <tuple>

namespace ink::detail {
namespace {

constexpr int kWord = 64;

void mergeRuns(std::vector<CellRun>& runs)
{
    std::ranges::sort(runs, {}, &CellRun::from);
    std::size_t kept = 0;
    for (const auto& run : runs) {
        if (kept > 0 && run.from <= runs[kept - 1].to)
            runs[kept - 1].to = std::max(runs[kept - 1].to, run.to);
        else
            runs[kept++] = run;
    }
    runs.resize(kept, {0, 0});
}

/// Runs between two looks at whether any column is left.
constexpr std::size_t kRunsBetweenLooks = 6;

void mix(std::span<CellShape::RunOfRow> runs)
{
    std::ranges::sort(runs, {}, [](const CellShape::RunOfRow& r) { return std::pair(r.row, r.from); });
    std::size_t step = std::max<std::size_t>(1, std::size_t(double(runs.size()) * 0.618));
    while (std::gcd(step, runs.size()) > 1)
        ++step;
    const std::vector<CellShape::RunOfRow> sorted(runs.begin(), runs.end());
    for (std::size_t i = 0; i < sorted.size(); ++i)
        runs[i] = sorted[i * step % sorted.size()];
}

void measureRows(CellShape& shape)
{
    shape.widest.clear();
    shape.telling_first.clear();
    for (int row = 0; row < int(shape.rows.size()); ++row) {
        int widest = 0;
        for (const auto& run : shape.rows[std::size_t(row)]) {
            widest = std::max(widest, run.to - run.from);
            shape.telling_first.push_back({row, run.from, run.to});
        }
        shape.widest.push_back(widest);
    }
    // The longer half first; in each half steps of the golden section come by everywhere.
    auto& runs = shape.telling_first;
    const std::size_t half = runs.size() / 2;
    std::ranges::nth_element(runs, runs.begin() + std::ptrdiff_t(half), {}, [](const CellShape::RunOfRow& r) {
        return std::tuple(r.from - r.to, r.row, r.from);
    });
    mix(std::span(runs).first(half));
    mix(std::span(runs).subspan(half));
}

/// into |= from, `shift` columns further left. `into` may be `from`: words are read before they are written.
void orShifted(std::uint64_t* into, const std::uint64_t* from, std::size_t words, int shift)
{
    const auto skip = std::size_t(shift / kWord);
    const int by = shift % kWord;
    if (skip >= words)
        return;
    const std::uint64_t* read = from + skip;
    const std::size_t count = words - skip; // one more word follows each row, always empty
    if (by == 0) {
        for (std::size_t word = 0; word < count; ++word)
            into[word] |= read[word];
    } else {
        for (std::size_t word = 0; word < count; ++word)
            into[word] |= (read[word] >> by) | (read[word + 1] << (kWord - by));
    }
}

int longestFree(const std::vector<std::uint64_t>& row, int columns)
{
    int longest = 0, free = 0;
    for (int column = 0; column < columns;) {
        const std::uint64_t taken = row[std::size_t(column / kWord)] >> (column % kWord);
        const int step = std::min(taken == 0 ? kWord - column % kWord : std::max(1, std::countr_zero(taken)),
                                  columns - column);
        free = taken & 1U ? 0 : free + step;
        longest = std::max(longest, free);
        column += step;
    }
    return longest;
}

} // namespace

CellShape cellsOf(const Outline& outline, double cell_mm)
{
    CellShape shape;
    shape.box = bounds(outline);
    if (shape.box.isEmpty())
        return shape;
    const int rows = std::max(1, int(std::ceil(shape.box.height() / cell_mm - 1e-9)));
    shape.columns = std::max(1, int(std::ceil(shape.box.width() / cell_mm - 1e-9)));
    shape.rows.resize(std::size_t(rows));
    std::vector<std::vector<double>> middles(std::size_t(rows),
                                             std::vector<double>{}); // crossings of the middle of each row
    const auto rowOf = [&](double y) {
        return std::clamp(int(std::floor((shape.box.y1 - y) / cell_mm)), 0, rows - 1);
    };
    const auto columnOf = [&](double x) {
        return std::clamp(int(std::floor((x - shape.box.x0) / cell_mm)), 0, shape.columns - 1);
    };
    const auto addLine = [&](Point a, Point b) {
        if (a.y > b.y)
            std::swap(a, b);
        const int top = rowOf(b.y), bottom = rowOf(a.y);
        for (int row = top; row <= bottom; ++row) {
            const double high = shape.box.y1 - row * cell_mm, low = high - cell_mm;
            const double t0 = b.y > a.y ? std::clamp((low - a.y) / (b.y - a.y), 0.0, 1.0) : 0.0;
            const double t1 = b.y > a.y ? std::clamp((high - a.y) / (b.y - a.y), 0.0, 1.0) : 1.0;
            const double x0 = lerp(a, b, t0).x, x1 = lerp(a, b, t1).x;
            shape.rows[std::size_t(row)].push_back(
                {columnOf(std::min(x0, x1)), columnOf(std::max(x0, x1)) + 1});
            const double middle = 0.5 * (low + high);
            if (a.y <= middle && middle < b.y)
                middles[std::size_t(row)].push_back(lerp(a, b, (middle - a.y) / (b.y - a.y)).x);
        }
    };
    for (const auto& ring : toPaths(outline)) {
        const auto points = flattened(ring, cell_mm / 8.0);
        for (std::size_t i = 0; i < points.size(); ++i)
            addLine(points[i], points[(i + 1) % points.size()]);
    }
    // What no edge touches is ink or not as its middle is.
    for (std::size_t row = 0; row < middles.size(); ++row) {
        auto& xs = middles[row];
        std::ranges::sort(xs);
        for (std::size_t i = 0; i + 1 < xs.size(); i += 2)
            shape.rows[row].push_back({columnOf(xs[i]), columnOf(xs[i + 1]) + 1});
        mergeRuns(shape.rows[row]);
    }
    measureRows(shape);
    return shape;
}

GrownCells grown(const CellShape& shape, double by_mm, double cell_mm)
{
    GrownCells out;
    // Cells k apart have k - 1 cells between them.
    out.reach = by_mm > 0.0 ? int(std::ceil(by_mm / cell_mm - 1e-9)) : 0;
    const int reach = out.reach, rows = int(shape.rows.size());
    out.shape.box = shape.box;
    out.shape.columns = shape.columns + 2 * reach;
    out.shape.rows.resize(std::size_t(rows + 2 * reach));
    for (int down = -reach; down <= reach; ++down) {
        const double up_mm = std::max(0, std::abs(down) - 1) * cell_mm;
        if (up_mm >= by_mm && by_mm > 0.0)
            continue;
        const int across =
            by_mm > 0.0 ? int(std::ceil(std::sqrt(by_mm * by_mm - up_mm * up_mm) / cell_mm - 1e-9)) : 0;
        for (int row = 0; row < rows; ++row) {
            auto& into = out.shape.rows[std::size_t(row + down + reach)];
            for (const auto& run : shape.rows[std::size_t(row)])
                into.push_back({run.from + reach - across, run.to + reach + across});
        }
    }
    for (auto& row : out.shape.rows)
        mergeRuns(row);
    measureRows(out.shape);
    return out;
}

Occupancy::Occupancy(int columns, int rows)
    : m_columns(columns), m_rows_most(rows), m_words(std::size_t((columns + kWord - 1) / kWord))
{
}

void Occupancy::addRows(int count)
{
    while (int(m_rows.size()) < count) {
        m_rows.emplace_back(m_words + 1, 0);
        m_free.push_back(m_columns);
    }
}

bool Occupancy::block(const CellShape& shape, int row, Row& blocked, Row& spread, const Row& asked) const
{
    const std::size_t words = blocked.size() - 1;
    const auto isFull = [&] {
        for (std::size_t word = 0; word < words; ++word)
            if ((blocked[word] & asked[word]) != asked[word])
                return false;
        return true;
    };
    std::size_t tried = 0;
    for (const auto& run : shape.telling_first) {
        const auto at = std::size_t(row + run.row);
        if (at >= m_rows.size() || m_free[at] == m_columns)
            continue;
        const Row& taken = m_rows[at];
        const int length = run.to - run.from;
        if (length == 1) {
            orShifted(blocked.data(), taken.data(), words, run.from);
        } else {
            std::ranges::copy(taken, spread.begin());
            for (int covered = 1; covered < length;) {
                const int step = std::min(covered, length - covered);
                orShifted(spread.data(), spread.data(), words, step);
                covered += step;
            }
            orShifted(blocked.data(), spread.data(), words, run.from);
        }
        if (++tried % kRunsBetweenLooks == 0 && isFull())
            return true;
    }
    return isFull();
}

std::optional<Cell> Occupancy::firstFree(const CellShape& shape, int first_row, int last_row,
                                         int last_column) const
{
    if (last_column < 0)
        return {};
    Row blocked(m_words + 1), spread(m_words + 1), asked(m_words + 1);
    for (int column = 0; column <= last_column; ++column)
        asked[std::size_t(column / kWord)] |= std::uint64_t(1) << (column % kWord);
    const int last = m_rows_most > 0 ? last_row : std::max(int(m_rows.size()), first_row);
    for (int row = first_row; row <= last; ++row) {
        bool may_fit = true;
        for (std::size_t r = 0; may_fit && r < shape.widest.size(); ++r) {
            const auto at = std::size_t(row) + r;
            may_fit = at >= m_free.size() || m_free[at] >= shape.widest[r];
        }
        if (!may_fit)
            continue;
        std::ranges::fill(blocked, 0);
        if (block(shape, row, blocked, spread, asked))
            continue;
        for (std::size_t word = 0; word < m_words; ++word)
            if (const std::uint64_t free = ~blocked[word] & asked[word]; free != 0)
                return Cell{row, int(word) * kWord + std::countr_zero(free)};
    }
    return {};
}

void Occupancy::take(const GrownCells& grown, Cell at)
{
    const int top = at.row - grown.reach, left = at.column - grown.reach;
    addRows(top + int(grown.shape.rows.size()));
    for (std::size_t r = 0; r < grown.shape.rows.size(); ++r) {
        const int row = top + int(r);
        if (row < 0)
            continue;
        Row& bits = m_rows[std::size_t(row)];
        for (const auto& run : grown.shape.rows[r]) {
            const int from = std::max(0, left + run.from), to = std::min(m_columns, left + run.to);
            for (int column = from; column < to;) {
                const int in_word = column % kWord, count = std::min(kWord - in_word, to - column);
                const std::uint64_t ones =
                    count == kWord ? ~std::uint64_t(0) : (std::uint64_t(1) << count) - 1;
                bits[std::size_t(column / kWord)] |= ones << in_word;
                column += count;
            }
        }
        m_free[std::size_t(row)] = longestFree(bits, m_columns);
    }
}

} // namespace ink::detail
