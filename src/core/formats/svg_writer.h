// SVG 1.1 for cutting machines (docs/formats/svg.md).
#pragma once

#include "core/base/result.h"
#include "core/geometry/path.h"

#include <iosfwd>
#include <string>
#include <vector>

namespace ink {

struct SvgOptions
{
    std::string title;
    /// What is known of the right to use the outlines, as the font states it.
    std::string rights;
    /// Any SVG colour; the fill that previews the material.
    std::string fill = "#1d2333";
    /// Cut along with the outline: a frame, lines that part the waste. In a group of its own, id "weeding".
    std::vector<OpenPath> lines_mm = {};
};

/// One path for each piece, outer ring and middles together, in a group with id "cut".
/// Units:  outline in mm, y up; the page is the box of all of it, wherever that lies; width, height and viewBox in mm.
///         Coordinates are rounded to 0.0001 mm. Quadratics stay Q, cubics C.
/// Errors: FileUnwritable when the stream fails.
/// Source: SVG 1.1 (Second Edition), W3C Recommendation 2011.
Result<void> writeSvg(std::ostream& out, const Outline& outline_mm, const SvgOptions& options);

} // namespace ink
