// What was put in and left out between two rows of words.
#pragma once

#include <cstddef>
#include <optional>
#include <span>
#include <string_view>
#include <vector>

namespace ink {

/// Words [old_begin, old_end) of the one stand as [new_begin, new_end) in the other.
struct WordEdit
{
    std::size_t old_begin = 0, old_end = 0, new_begin = 0, new_end = 0;
};

/// The edits of a shortest script, neighbours joined; nothing when more than `most` words differ.
/// Source: E. W. Myers, "An O(ND) difference algorithm and its variations", Algorithmica 1, 1986.
std::optional<std::vector<WordEdit>> wordDiff(std::span<const std::string_view> before,
                                              std::span<const std::string_view> after, std::size_t most);

} // namespace ink
