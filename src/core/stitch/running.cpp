#include "core/stitch/running.h"

#include "core/geometry/distance.h"
#include "core/stitch/stitch_plan.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace ink {
namespace {

/// Steps in which a stitch is lengthened.
constexpr double kFine_mm = 0.1;
constexpr double kCorner = 35.0 * std::numbers::pi / 180.0;

bool isCorner(std::span<const Point> line, std::size_t i)
{
    const Point in = unitVector(line[i] - line[i - 1]), out = unitVector(line[i + 1] - line[i]);
    return dot(in, out) < std::cos(kCorner);
}

/// All between stay within of the chord.
bool isFlat(std::span<const Point> line, std::size_t from, std::size_t to, double within)
{
    for (std::size_t i = from + 1; i < to; ++i)
        if (distanceTo(line[i], line[from], line[to]) > within)
            return false;
    return true;
}

} // namespace

double lengthOf(std::span<const Point> line)
{
    double sum = 0.0;
    for (std::size_t i = 1; i < line.size(); ++i)
        sum += length(line[i] - line[i - 1]);
    return sum;
}

std::vector<Point> stretchOf(std::span<const Point> line, double from, double to)
{
    std::vector<Point> out;
    if (line.size() < 2)
        return {line.begin(), line.end()};
    const double low = std::min(from, to), high = std::max(from, to);
    double along = 0.0;
    for (std::size_t i = 1; i < line.size(); ++i) {
        const double step = length(line[i] - line[i - 1]), next = along + step;
        if (next >= low && along <= high && step > 0.0) {
            if (out.empty())
                out.push_back(lerp(line[i - 1], line[i], std::clamp((low - along) / step, 0.0, 1.0)));
            out.push_back(lerp(line[i - 1], line[i], std::clamp((high - along) / step, 0.0, 1.0)));
        }
        along = next;
    }
    if (out.empty())
        out = {low <= 0.0 ? line.front() : line.back()};
    if (to < from)
        std::ranges::reverse(out);
    return out;
}

std::vector<Point> resampled(std::span<const Point> line, double step)
{
    const double whole = lengthOf(line);
    if (line.size() < 2 || whole <= 0.0)
        return {line.begin(), line.end()};
    const auto parts = std::size_t(std::max(1.0, std::ceil(whole / step - 1e-9)));
    std::vector<Point> out{line.front()};
    double along = 0.0;
    std::size_t at = 1;
    for (std::size_t k = 1; k < parts; ++k) {
        const double wanted = whole * double(k) / double(parts);
        while (at + 1 < line.size() && along + length(line[at] - line[at - 1]) < wanted) {
            along += length(line[at] - line[at - 1]);
            ++at;
        }
        const double l = length(line[at] - line[at - 1]);
        out.push_back(
            lerp(line[at - 1], line[at], l > 0.0 ? std::clamp((wanted - along) / l, 0.0, 1.0) : 0.0));
    }
    out.push_back(line.back());
    return out;
}

std::vector<Point> running(std::span<const Point> line, double stitch_mm, double within_mm)
{
    if (line.size() < 2)
        return {line.begin(), line.end()};
    std::vector<Point> out;
    // Between corners the steps are even; where a bend needs shorter ones it gets them.
    std::size_t from = 0;
    while (from + 1 < line.size()) {
        std::size_t to = from + 1;
        while (to + 1 < line.size() && !isCorner(line, to))
            ++to;
        const auto stretch = line.subspan(from, to - from + 1);
        const double whole = lengthOf(stretch);
        const double even = whole / std::max(1.0, std::ceil(whole / stitch_mm - 1e-9));
        // Finer by a whole number: else each stitch falls short of an even one, and a short one is left at the end.
        const auto fine = resampled(stretch, even / std::max(1.0, std::ceil(even / kFine_mm)));
        if (out.empty())
            out.push_back(fine.front());
        std::size_t at = 0;
        while (at + 1 < fine.size()) {
            std::size_t next = at + 1;
            double way = length(fine[next] - fine[at]);
            while (next + 1 < fine.size()) {
                const double more = length(fine[next + 1] - fine[next]);
                if (way + more > even + 1e-6 ||
                    (way >= kShortestStitch_mm && !isFlat(fine, at, next + 1, within_mm)))
                    break;
                way += more;
                ++next;
            }
            out.push_back(fine[next]);
            at = next;
        }
        from = to;
    }
    // A rest at the end is taken into the stitch before it.
    if (out.size() > 2 && length(out.back() - out[out.size() - 2]) < kShortestStitch_mm)
        out.erase(out.end() - 2);
    return out;
}

} // namespace ink
