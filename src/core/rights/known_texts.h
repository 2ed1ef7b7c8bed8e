// The texts of known licences as rows of words, and which five words stand in which of them.
#pragma once

#include "core/rights/known_licences.h"
#include "core/rights/reading.h"

#include <cstddef>
#include <cstdint>
#include <optional>
#include <span>
#include <string_view>
#include <unordered_map>
#include <vector>

namespace ink::detail {

/// Words that are compared in one.
inline constexpr std::size_t kShingle = 5;

/// The words of a text in one row, each with where it stands. Notices, numbering and spelling that differ
/// between copies of a licence are left out.
struct Row
{
    std::vector<std::string_view> words;
    struct Place
    {
        std::size_t sentence, token;
    };
    std::vector<Place> places;

    /// Keeps views of `text`.
    explicit Row(const ReadText& text);

    /// The index of the first word of a row of folded words, from `at` on.
    std::optional<std::size_t> find(std::string_view phrase, std::size_t at = 0) const;
    std::vector<std::uint64_t> shingles() const;
};

/// A known text with the part of it that grants and conditions.
struct KnownText
{
    ReadText text;
    Row row;
    std::size_t begin = 0, end = 0;

    explicit KnownText(const KnownLicence& licence);

    std::span<const std::string_view> operative() const
    {
        return std::span(row.words).subspan(begin, end - begin);
    }
};

/// Which licences each shingle occurs in, one bit each, and how many each has.
struct Library
{
    std::vector<KnownText> texts;
    std::unordered_map<std::uint64_t, std::uint64_t> licences;
    std::vector<std::size_t> count;

    Library();
};

const Library& library();

} // namespace ink::detail
