#include "core/match/ink_rows.h"

#include <algorithm>
#include <cmath>

namespace ink {
namespace {

/// A row with less than half a pixel of ink is empty.
constexpr double kLeastInk = 110.0;

} // namespace

InkRows rowsOf(const std::vector<double>& sums, double first)
{
    InkRows out;
    double all = 0.0, mean = 0.0, squares = 0.0;
    for (std::size_t i = 0; i < sums.size(); ++i) {
        const double y = first + static_cast<double>(i) + 0.5;
        all += sums[i];
        mean += sums[i] * y;
        squares += sums[i] * y * y;
    }
    if (all <= 0.0)
        return out;
    out.mean = mean / all;
    out.spread = std::sqrt(std::max(0.0, squares / all - out.mean * out.mean));
    double below = 0.0;
    bool has_tenth = false, has_nine = false;
    for (std::size_t i = 0; i < sums.size(); ++i) {
        const double next = below + sums[i] / all, y = first + static_cast<double>(i);
        const auto within = [&](double part) { return y + (part - below) / std::max(1e-12, next - below); };
        if (!has_tenth && next >= 0.1)
            out.tenth = within(0.1), has_tenth = true;
        if (!has_nine && next >= 0.9)
            out.nine_tenths = within(0.9), has_nine = true;
        below = next;
    }
    const auto is_ink = [&](double sum) { return sum > kLeastInk; };
    const auto lowest = std::ranges::find_if(sums, is_ink);
    const auto highest = std::find_if(sums.rbegin(), sums.rend(), is_ink);
    if (lowest != sums.end()) {
        out.bottom = first + static_cast<double>(lowest - sums.begin());
        out.top = first + static_cast<double>(sums.rend() - highest);
    }
    return out;
}

} // namespace ink
