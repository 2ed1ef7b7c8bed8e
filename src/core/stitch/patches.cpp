#include "core/stitch/patches.h"

#include "core/stitch/running.h"
#include "core/stitch/sewing_order.h"
#include "core/stitch/thread_raster.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>

namespace ink {
namespace {

/// Rows of patches, and what is too small to patch.
constexpr double kPatchRows_mm = 0.35;
constexpr std::size_t kLeastPatch = 8;
/// A patch reaches this far under the covers beside it.
constexpr double kPatchUnder_mm = 0.25;
/// A needle this near to the edge is in the ink.
constexpr double kInkTolerance_mm = 0.1;

/// From one open place to the last beside it.
using Run = std::pair<std::size_t, std::size_t>;

/// The runs of each line; lines are columns where they stand upright. Places in the order of their numbers.
std::map<std::size_t, std::vector<Run>> runsOf(const std::vector<std::size_t>& places, std::size_t wide,
                                               bool is_upright)
{
    std::map<std::size_t, std::vector<Run>> runs;
    for (const auto place : places) {
        const std::size_t x = place % wide, row = place / wide;
        auto& of_line = runs[is_upright ? x : row];
        const std::size_t along = is_upright ? row : x;
        if (of_line.empty() || along > of_line.back().second + 1)
            of_line.push_back({along, along});
        else
            of_line.back().second = along;
    }
    return runs;
}

/// One open place: a row every kPatchRows_mm, or one line through it where it is flat.
std::optional<Patch> patchOf(std::vector<std::size_t>& places, const ThreadRaster& raster,
                             const std::vector<bool>& is_ink, std::vector<std::size_t>& rest)
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
    const auto runs = runsOf(places, wide, is_upright);
    std::optional<Run> before;
    std::map<std::size_t, Run> bands;
    // The longest, then each time what goes on from the row before.
    const auto runOf = [&](std::size_t line) -> std::optional<Run> {
        const auto of_line = runs.find(line);
        if (of_line == runs.end())
            return {};
        std::optional<Run> best;
        for (const auto& run : of_line->second) {
            const bool goes_on = !before || (run.first <= before->second && run.second >= before->first);
            if (goes_on && (!best || run.second - run.first > best->second - best->first))
                best = run;
        }
        return best;
    };
    Patch patch;
    // The middle of the first band of rows, then every step.
    for (std::size_t line = begin + std::min(step / 2, (end - begin) / 2); line <= end; line += step) {
        const auto run = runOf(line);
        if (!run)
            continue;
        before = run;
        bands[line] = *run;
        std::size_t from = run->first, to = run->second;
        for (std::size_t k = 0; k < under && from > 0 && is_ink[index(line, from - 1)]; ++k)
            --from;
        for (std::size_t k = 0; k < under && to < most_along && is_ink[index(line, to + 1)]; ++k)
            ++to;
        const auto at = [&](std::size_t along) {
            return is_upright ? raster.centreOf(line, along) : raster.centreOf(along, line);
        };
        std::vector<Point> row{at(from), at(to)};
        if (!patch.points.empty() &&
            length(patch.points.back() - row[1]) < length(patch.points.back() - row[0]))
            std::ranges::reverse(row);
        for (const auto& p : running(row, 3.5))
            if (patch.points.empty() || length(p - patch.points.back()) >= kShortestStitch_mm)
                patch.points.push_back(p);
    }
    for (const auto place : places) {
        const std::size_t x = place % wide, row = place / wide;
        const std::size_t line = is_upright ? x : row, along = is_upright ? row : x;
        const auto after = bands.lower_bound(line > step ? line - step : 0);
        const bool is_sewn = std::any_of(after, bands.upper_bound(line + step), [&](const auto& band) {
            return along >= band.second.first && along <= band.second.second;
        });
        if (!is_sewn)
            rest.push_back(place);
    }
    if (patch.points.empty())
        return {};
    return patch;
}

/// The nearest place of a column from which the needle gets to the patch, and back, through the ink; where there is none, the nearest.
void reachFromColumn(Patch& patch, const std::vector<Column>& columns, const InkRays& rays)
{
    struct Place
    {
        double away;
        std::size_t column, rung;
    };
    std::vector<Place> places;
    for (std::size_t c = 0; c < columns.size(); ++c)
        for (std::size_t r = 0; r < columns[c].rungs.size(); ++r)
            places.push_back({length(columns[c].rungs[r].centre - patch.points.front()), c, r});
    if (places.empty())
        return;
    std::ranges::sort(places, {}, &Place::away);
    const auto found = std::ranges::find_if(places, [&](const Place& place) {
        const Point from = columns[place.column].rungs[place.rung].centre;
        return rays.sees(from, patch.points.front(), kInkTolerance_mm) &&
               rays.sees(from, patch.points.back(), kInkTolerance_mm);
    });
    const Place& best = found == places.end() ? places.front() : *found;
    patch.column = best.column;
    patch.rung = best.rung;
}

} // namespace

std::vector<Patch> patchesOf(const Outline& piece, const std::vector<Column>& columns,
                             const StitchSettings& settings, const InkRays& rays)
{
    ThreadRaster raster(bounds(piece));
    // Who wants stitches further apart wants what shows between them: that is not what a column does not reach.
    StitchSettings close = settings;
    close.spacing_mm = std::min(settings.spacing_mm, kThread_mm);
    for (const auto& column : columns)
        // Who wants a line for a wide stroke wants it open.
        raster.lay(isLine(column) && !column.as
                       ? running(middleOf(column.rungs, 0, column.rungs.size() - 1))
                       : satin(column.rungs, 0, column.rungs.size() - 1, coverOf(column, close)));
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
        // A row goes as far as the open ink does: what lies beyond a gap is a patch of its own.
        while (places.size() >= kLeastPatch) {
            std::vector<std::size_t> rest;
            if (auto patch = patchOf(places, raster, is_ink, rest)) {
                reachFromColumn(*patch, columns, rays);
                out.push_back(std::move(*patch));
            }
            if (rest.size() >= places.size())
                break;
            places = std::move(rest);
        }
    }
    return out;
}

} // namespace ink
