// A paper pattern: designs at true size on the pages of a printer, with what it takes to put the pages together.
#pragma once

#include "core/base/result.h"
#include "core/geometry/path.h"

#include <cstddef>
#include <memory>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// Source: ISO 216 for A4 and A3; ANSI Y14.1 for Letter (8.5 by 11 in). Upright.
struct Paper
{
    std::string_view name;
    double width_mm = 0.0, height_mm = 0.0;
};
inline constexpr Paper kPapers[] = {{"A4", 210.0, 297.0}, {"A3", 297.0, 420.0}, {"Letter", 215.9, 279.4}};
/// A4 where there is none of that name.
const Paper& paperOf(std::string_view name);

/// The thing that a design is to go onto: drawn round it, centred.
struct Blank
{
    std::string name;
    double width_mm = 0.0, height_mm = 0.0;

    friend bool operator==(const Blank&, const Blank&) = default;
};

struct PatternSettings
{
    std::string paper = "A4";
    /// Pages that are stuck together share this much.
    double overlap_mm = 10.0;
    double line_mm = 0.35;
    /// Lightly, beside its outline.
    bool is_filled = false;
    /// To be traced on the back of the cloth.
    bool is_mirrored = false;
    /// With squares to check the printer's scale, and a picture of how the pages lie.
    bool has_cover = true;
    std::optional<Blank> blank = {};

    friend bool operator==(const PatternSettings&, const PatternSettings&) = default;
};

/// What printers leave white at the edges (common practice, no source).
inline constexpr double kUnprinted_mm = 8.0;
inline constexpr double kMostOverlap_mm = 60.0;
inline constexpr double kMostPatternLine_mm = 3.0;
/// Longest side of a pattern of several pages.
inline constexpr double kMostPattern_mm = 3000.0;
inline constexpr std::size_t kMostPatternPages = 500;
PatternSettings sensible(PatternSettings settings);

struct PatternPage
{
    std::size_t column = 0, row = 0;
    /// What of the pattern is printed on it.
    Box area_mm;
};

struct Pattern
{
    PatternSettings settings;
    /// Of each page, turned as it takes fewest.
    double page_width_mm = 0.0, page_height_mm = 0.0;
    /// From (0, -height) to (width, 0), y up: all designs as they lie, and the blanks round them.
    Box whole_mm;
    std::vector<Outline> designs;
    std::vector<Box> blanks;
    std::size_t columns = 0, rows = 0;
    /// Row by row; where nothing lies no page is printed.
    std::vector<PatternPage> pages;
    /// Pages are parts of one pattern; where each design has room on a page, they are not.
    bool is_joined = false;

    /// With the cover.
    std::size_t pageCount() const { return pages.size() + (settings.has_cover ? 1 : 0); }
};

/// Designs beside and under each other; each on one page where all are small enough, else all on one pattern that is cut into pages.
/// Units:  mm, y up. Of equal designs each is laid.
/// Errors: NothingToCut without a design that has a piece; DistanceOutOfRange beyond kMostPattern_mm or kMostPatternPages.
Result<Pattern> planPattern(std::span<const std::shared_ptr<const Outline>> designs,
                            const PatternSettings& settings);

struct PageLine
{
    Point from, to;
    bool is_dashed = false;
};

struct PageText
{
    /// Middle of its foot.
    Point at;
    double height_mm = 3.0;
    std::string words;
};

/// All that is printed on one page.
/// Units:  mm, y up, from (0, -height) to (width, 0) of the paper.
struct PageMarks
{
    double width_mm = 0.0, height_mm = 0.0;
    /// Designs and blanks end here.
    Box clip_mm;
    std::vector<Outline> designs;
    double line_mm = 0.0;
    bool is_filled = false;
    std::vector<PageLine> lines;
    double mark_mm = 0.15;
    std::vector<PageText> texts;
};

/// `page` below pageCount(); the cover, where there is one, is the first. `title` and `advice` are for the cover.
PageMarks marksOf(const Pattern& pattern, std::size_t page, const std::string& title,
                  const std::string& advice);

/// "B3": row and column.
std::string nameOf(const PatternPage& page);

} // namespace ink
