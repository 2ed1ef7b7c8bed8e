// From words in a font to placed glyph outlines, and from those to the welded shape at its finished size.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/design/finishing.h"
#include "core/design/job.h"
#include "core/geometry/measure.h"
#include "core/geometry/weld.h"
#include "core/type/font_face.h"
#include "core/type/shape.h"

#include <memory>
#include <string>
#include <vector>

namespace ink {

struct PlacedLine
{
    ShapedLine shaped;
    /// Where the line starts, in font units; lines stack downwards from y = 0.
    double x_fu = 0.0;
    double baseline_fu = 0.0;
};

/// Which letters a glyph with ink stands for.
struct LetterRef
{
    std::size_t line = 0;
    /// Index of the glyph in its line, as shaped.
    std::size_t glyph = 0;
};

/// Words set in a font, before welding.
struct SetWords
{
    std::vector<PlacedLine> lines;
    /// One entry for each glyph with ink, in font units, placed.
    std::vector<PlacedPaths> glyphs_fu;
    /// One for each of glyphs_fu.
    std::vector<LetterRef> letters;
    std::u32string missing;
};

/// The finished thing.
struct Design
{
    /// Welded, in mm; the inked shape's lower left corner is the origin.
    Outline outline_mm;
    /// The glyphs as drawn, on the same place, to show what overlapped.
    std::vector<Paths> glyphs_mm;
    OutlineFigures figures_mm;
    /// The weld, in font units, and its crossings where they are in the outline.
    WeldStats weld;
    std::vector<Point> crossings_mm;
    Finished finished;
    double em_mm = 0.0;
    std::u32string missing;
    std::vector<std::string> warnings;
    bool is_mirrored = false;
};

struct DesignRequest
{
    std::string words;
    ShapeOptions shaping;
    FinishedSize size;
    bool is_mirrored = false;
    Finishing finishing = {};
    /// Letters that are not welded to the others, counted from 0 among the glyphs that leave ink.
    std::vector<std::size_t> kept_apart = {};
    CancelToken cancel = {};
    /// Keeps welded glyphs and groups between requests; may be null.
    std::shared_ptr<WeldCache> cache = {};
};

/// Shapes every line and places the outlines; lines start at the left, or end at the right where the
/// writing runs from right to left.
/// Errors: those of checkWords and shapeLine; NoGlyphs when the font has none of the letters;
///         NothingToCut when they leave no ink; Cancelled.
Result<SetWords> setWords(const FontFace& face, const std::string& words, const ShapeOptions& options,
                          const CancelToken& cancel = {});

/// Sets the words, welds them, brings the inked shape to its finished size, and finishes it.
/// Errors: those of setWords, checkSize, weld and finish; NothingToCut when no ink is left;
///         SizeOutOfRange also when the other side grows beyond 10 m.
Result<Design> makeDesign(const FontFace& face, const DesignRequest& request);

/// Welded shapes at no particular size yet.
struct WeldedShape
{
    Welded welded;
    /// The glyphs as drawn, in the same unit.
    std::vector<PlacedPaths> glyphs;
    std::u32string missing;
    double units_per_em = 1000.0;
};

/// Brings the lower left corner of `ink` to the origin; `across` and `up` are mm for a unit.
Affine placeAt(const Box& ink, double across, double up, bool is_mirrored);

/// The finished design of a welded shape. Errors: those of finish; SizeOutOfRange when a side grows beyond 10
/// m.
Result<Design> finishedDesign(const WeldedShape& welded, const Affine& place, bool is_mirrored,
                              const Finishing& finishing, const CancelToken& cancel);

/// The report of `uink weld` (docs/formats/report.md): one JSON object; `with_method` adds how the weld went.
void writeReport(std::ostream& out, const Design& design, bool with_method = false);

} // namespace ink
