#include "core/stitch/satin.h"

#include "core/stitch/stitch_plan.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace ink {
namespace {

/// Where a short stitch stops, and where wide ones are split: staggered, so that no line shows.
constexpr double kShort = 2.0 / 3.0;
constexpr std::array<double, 3> kSplitAt{0.5, 0.38, 0.62};

std::vector<Rung> stretch(std::span<const Rung> rungs, std::size_t from, std::size_t to)
{
    std::vector<Rung> out(rungs.begin() + std::ptrdiff_t(std::min(from, to)),
                          rungs.begin() + std::ptrdiff_t(std::max(from, to)) + 1);
    if (to < from) {
        std::ranges::reverse(out);
        for (auto& rung : out)
            std::swap(rung.left, rung.right);
    }
    return out;
}

Rung wider(Rung rung, double by)
{
    const Point way = unitVector(rung.left - rung.right, {0, 0});
    rung.left = rung.left + way * (by / 2);
    rung.right = rung.right - way * (by / 2);
    return rung;
}

} // namespace

std::vector<Point> satin(std::span<const Rung> all, std::size_t from, std::size_t to,
                         const SatinSettings& settings)
{
    auto rungs = stretch(all, from, to);
    for (auto& rung : rungs)
        rung = wider(rung, settings.pull_mm);
    std::vector<double> along{0.0};
    // Across the threads: where rungs only grow longer, as at a serif, they lie no further apart.
    for (std::size_t i = 1; i < rungs.size(); ++i) {
        const Point way = unitVector(rungs[i].left - rungs[i].right + rungs[i - 1].left - rungs[i - 1].right);
        along.push_back(along.back() + std::max(std::abs(cross(way, rungs[i].left - rungs[i - 1].left)),
                                                std::abs(cross(way, rungs[i].right - rungs[i - 1].right))));
    }
    const int count = std::max(2, int(std::round(along.back() / (settings.spacing_mm / 2))));
    std::vector<Point> out;
    std::array<Point, 2> last{};
    std::array<bool, 2> was_short{}, has_last{};
    std::size_t at = 1, splits = 0;
    for (int k = 0; k <= count && rungs.size() > 1; ++k) {
        const double wanted = along.back() * k / count;
        while (at + 1 < rungs.size() && along[at] < wanted)
            ++at;
        const double step = along[at] - along[at - 1];
        const double t = step > 0.0 ? std::clamp((wanted - along[at - 1]) / step, 0.0, 1.0) : 0.0;
        const Point left = lerp(rungs[at - 1].left, rungs[at].left, t),
                    right = lerp(rungs[at - 1].right, rungs[at].right, t);
        const std::size_t side = std::size_t(k % 2);
        const Point here = side == 0 ? left : right, there = side == 0 ? right : left;
        Point needle = here;
        if (has_last[side] && !was_short[side] && length(here - last[side]) < kNearNeedles_mm &&
            length(here - there) > 3.0 * kShortestStitch_mm) {
            needle = lerp(there, here, kShort);
            was_short[side] = true;
        } else {
            was_short[side] = false;
            last[side] = here;
            has_last[side] = true;
        }
        if (!out.empty()) {
            const double way = length(needle - out.back());
            if (way < kShortestStitch_mm && k < count)
                continue; // a pointed end
            if (way > settings.split_mm) {
                const int parts = int(std::ceil(way / settings.split_mm));
                const double stagger = kSplitAt[splits++ % kSplitAt.size()] - 0.5;
                const Point begin = out.back();
                for (int p = 1; p < parts; ++p)
                    out.push_back(lerp(begin, needle, (p + stagger) / parts));
            }
        }
        out.push_back(needle);
    }
    return out;
}

std::vector<Point> middleOf(std::span<const Rung> rungs, std::size_t from, std::size_t to)
{
    std::vector<Point> out;
    for (const auto& rung : stretch(rungs, from, to))
        out.push_back(lerp(rung.left, rung.right, 0.5));
    return out;
}

std::vector<Point> insetRail(std::span<const Rung> rungs, std::size_t from, std::size_t to, bool is_left,
                             double inset_mm)
{
    std::vector<Point> out;
    for (std::size_t i = std::min(from, to); i <= std::max(from, to); ++i) {
        const auto& rung = rungs[i];
        const double share = std::min(0.5, inset_mm / std::max(1e-9, rung.width()));
        out.push_back(is_left ? lerp(rung.left, rung.right, share) : lerp(rung.right, rung.left, share));
    }
    if (to < from)
        std::ranges::reverse(out);
    return out;
}

} // namespace ink
