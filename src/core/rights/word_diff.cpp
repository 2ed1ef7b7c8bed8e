#include "core/rights/word_diff.h"

#include <algorithm>

namespace ink {

std::optional<std::vector<WordEdit>> wordDiff(std::span<const std::string_view> before,
                                              std::span<const std::string_view> after, std::size_t most)
{
    const auto n = static_cast<std::ptrdiff_t>(before.size()), m = static_cast<std::ptrdiff_t>(after.size());
    const auto limit = std::min(static_cast<std::ptrdiff_t>(most), n + m);
    // furthest[k]: how far along `before` the best path on diagonal k = x - y reaches; kept for each number
    // of edits.
    std::vector<std::vector<std::ptrdiff_t>> rounds;
    std::vector<std::ptrdiff_t> furthest(static_cast<std::size_t>(2 * limit + 3), 0);
    const auto at = [&](std::ptrdiff_t k) -> std::ptrdiff_t& {
        return furthest[static_cast<std::size_t>(k + limit + 1)];
    };
    const auto goesDown = [](std::ptrdiff_t k, std::ptrdiff_t d, std::ptrdiff_t left, std::ptrdiff_t right) {
        return k == -d || (k != d && left < right);
    };
    std::ptrdiff_t edits = -1;
    for (std::ptrdiff_t d = 0; d <= limit && edits < 0; ++d) {
        for (std::ptrdiff_t k = -d; k <= d; k += 2) {
            std::ptrdiff_t x = d == 0 ? 0 : goesDown(k, d, at(k - 1), at(k + 1)) ? at(k + 1) : at(k - 1) + 1;
            while (x < n && x - k < m &&
                   before[static_cast<std::size_t>(x)] == after[static_cast<std::size_t>(x - k)])
                ++x;
            at(k) = x;
            if (x >= n && x - k >= m)
                edits = d;
        }
        rounds.emplace_back(furthest.begin() + (limit + 1 - d), furthest.begin() + (limit + 2 + d));
    }
    if (edits < 0)
        return std::nullopt;
    std::vector<WordEdit> list;
    std::ptrdiff_t x = n, y = m;
    for (std::ptrdiff_t d = edits; d > 0; --d) {
        const auto& last = rounds[static_cast<std::size_t>(d - 1)];
        const auto reach = [&](std::ptrdiff_t k) {
            return std::abs(k) > d - 1 ? std::ptrdiff_t(-1) : last[static_cast<std::size_t>(k + d - 1)];
        };
        const std::ptrdiff_t k = x - y;
        const bool is_down = goesDown(k, d, reach(k - 1), reach(k + 1));
        const std::ptrdiff_t from_x = is_down ? reach(k + 1) : reach(k - 1),
                             from_y = from_x - (is_down ? k + 1 : k - 1);
        const auto old_begin = static_cast<std::size_t>(from_x), new_begin = static_cast<std::size_t>(from_y);
        const WordEdit edit{old_begin, old_begin + (is_down ? 0 : 1), new_begin,
                            new_begin + (is_down ? 1 : 0)};
        if (!list.empty() && edit.old_end == list.back().old_begin && edit.new_end == list.back().new_begin) {
            list.back().old_begin = edit.old_begin;
            list.back().new_begin = edit.new_begin;
        } else {
            list.push_back(edit);
        }
        x = from_x;
        y = from_y;
    }
    std::ranges::reverse(list);
    return list;
}

} // namespace ink
