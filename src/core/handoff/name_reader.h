// Names as people have them: pasted lines, or a table with or without a heading.
#pragma once

#include "core/base/result.h"
#include "core/design/name_list.h"

#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// What a person should know of a line of the list; nothing is lost by it unless it says so.
struct NameRemark
{
    enum class Kind {
        /// Left out: nothing in it.
        EmptyLine,
        /// Kept both times.
        TwiceTheSame,
        /// Kept: longer than names are.
        LongName,
        /// Kept, once.
        NoNumber,
        /// Left out: beyond kMostNames.
        TooMany,
        /// Left out: the first line of a list without other columns, taken for its heading.
        Heading,
    };
    Kind kind{};
    /// Counted from 1, in the text as it was given.
    std::size_t line = 0;
    std::string words;

    friend bool operator==(const NameRemark&, const NameRemark&) = default;
};
/// "empty-line", "twice", "long", "no-number", "too-many", "heading".
std::string_view idOf(NameRemark::Kind kind);

struct ReadNames
{
    std::vector<ListedName> names;
    std::vector<NameRemark> remarks;
    /// Of each column what it was taken for: "words", "copies", "colour", "note", or nothing.
    std::vector<std::string> columns;
    bool has_heading = false;
};

/// Longer names are told.
inline constexpr std::size_t kLongName = 60;
inline constexpr std::size_t kMostList_bytes = 4'000'000;

/// A table where a heading says so, where all lines have as many tabs or semicolons, or as many commas and whole numbers in one
/// column; names of which some have a whole number behind a comma; else a name each line.
/// Errors: DocumentUnreadable for what is no text, or more than kMostList_bytes.
/// Source: quoted fields as in RFC 4180.
Result<ReadNames> readNames(std::string_view bytes);

/// "A; B; C".
std::vector<ListedName> namesBetweenSemicolons(std::string_view utf8);

} // namespace ink
