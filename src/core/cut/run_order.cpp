#include "core/cut/run_order.h"

#include "core/cut/tour.h"
#include "core/geometry/box.h"
#include "core/geometry/flatten.h"
#include "core/geometry/nesting.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <utility>

namespace ink {
namespace {

constexpr double kFlat_mm = 0.05;
/// Starts that a closed path is offered.
constexpr std::size_t kMostStarts = 8;

std::vector<TourEntry> entriesOf(const ToolPath& path)
{
    if (!path.is_closed)
        return {{path.start(), path.end(), 0}, {path.end(), path.start(), 1}};
    struct Node
    {
        double turn;
        std::size_t segment;
    };
    std::vector<Node> nodes;
    const auto n = path.segments.size();
    for (std::size_t i = 0; i < n; ++i) {
        const Point a = path.segments[(i + n - 1) % n].endTangent(), b = path.segments[i].startTangent();
        nodes.push_back({std::abs(std::atan2(cross(a, b), dot(a, b))), i});
    }
    const double corner = kCorner_deg * std::numbers::pi / 180.0;
    const bool has_corners =
        std::ranges::any_of(nodes, [&](const Node& node) { return node.turn >= corner; });
    if (has_corners)
        std::erase_if(nodes, [&](const Node& node) { return node.turn < corner; });
    // Evenly among them where there are too many.
    std::vector<TourEntry> out;
    const std::size_t count = std::min(nodes.size(), kMostStarts);
    for (std::size_t k = 0; k < count; ++k) {
        const auto segment = nodes[k * nodes.size() / count].segment;
        const Point at = path.segments[segment].start();
        out.push_back({at, at, segment});
    }
    return out;
}

ToolPath startedAt(const ToolPath& path, const TourEntry& entry)
{
    if (!path.is_closed)
        return entry.first == 1 ? path.reversed() : path;
    ToolPath out = path;
    std::rotate(out.segments.begin(), out.segments.begin() + std::ptrdiff_t(entry.first), out.segments.end());
    return out;
}

} // namespace

std::vector<int> containers(const std::vector<ToolPath>& paths)
{
    struct Ring
    {
        Box box;
        std::vector<Point> points;
        double area = 0.0;
    };
    std::vector<Ring> rings(paths.size());
    for (std::size_t i = 0; i < paths.size(); ++i) {
        const Contour contour{paths[i].segments};
        rings[i].box = contour.bounds();
        if (paths[i].is_closed) {
            rings[i].points = flattened(contour, kFlat_mm);
            rings[i].area = std::abs(contour.signedArea());
        }
    }
    std::vector<int> out(paths.size(), -1);
    for (std::size_t i = 0; i < paths.size(); ++i)
        for (std::size_t j = 0; j < paths.size(); ++j) {
            if (i == j || !paths[j].is_closed || paths[i].operation != paths[j].operation)
                continue;
            // Two on one place would hold each other, and neither would ever be done: the later one holds the earlier.
            if (std::pair(rings[j].area, j) < std::pair(rings[i].area, i))
                continue;
            const Box& in = rings[i].box;
            const Box& around = rings[j].box;
            if (in.x0 < around.x0 || in.x1 > around.x1 || in.y0 < around.y0 || in.y1 > around.y1)
                continue;
            if (out[i] >= 0 && rings[std::size_t(out[i])].area <= rings[j].area)
                continue;
            if (windingOf(rings[j].points, paths[i].segments.front().pointAt(0.5)) != 0)
                out[i] = int(j);
        }
    return out;
}

std::vector<ToolPath> inOrder(std::vector<ToolPath> paths, const OrderOptions& options)
{
    std::erase_if(paths, [](const ToolPath& path) { return path.segments.empty(); });
    const auto around = containers(paths);
    std::vector<ToolPath> out;
    Point at = options.home;
    for (const auto operation : kOperations) {
        std::vector<std::size_t> of_it;
        std::vector<int> place(paths.size(), -1);
        for (std::size_t i = 0; i < paths.size(); ++i)
            if (paths[i].operation == operation) {
                place[i] = int(of_it.size());
                of_it.push_back(i);
            }
        if (of_it.empty())
            continue;
        std::vector<TourStop> stops;
        for (const auto i : of_it)
            stops.push_back({entriesOf(paths[i]), 0, around[i] < 0 ? -1 : place[std::size_t(around[i])]});
        for (const auto stop : shortTour(stops, at, options.home, {options.kicks, options.cancel}))
            out.push_back(startedAt(paths[of_it[stop]], stops[stop].entries[stops[stop].chosen]));
        at = out.back().end();
    }
    return out;
}

double airLength_mm(const std::vector<ToolPath>& run, Point home)
{
    double sum = 0.0;
    Point at = home;
    for (const auto& path : run) {
        sum += length(path.start() - at);
        at = path.end();
    }
    return sum + length(home - at);
}

} // namespace ink
