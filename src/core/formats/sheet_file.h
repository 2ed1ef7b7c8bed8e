// Files for machines, and pictures of them, behind one small interface (docs/formats/sheet-files.md).
#pragma once

#include "core/base/result.h"
#include "core/cut/run_time.h"

#include <iosfwd>
#include <optional>
#include <string>
#include <string_view>

namespace ink {

/// What lies on one sheet.
struct SheetDrawing
{
    /// Of the sheet: from (0, -length) to (width, 0).
    Box page_mm;
    /// In the order in which they are done.
    std::vector<ToolPath> paths;
    std::string title;
    /// What is known of the right to use the outlines.
    std::string rights;
    /// Of the material, "#b3352a": what a preview shows.
    std::string colour = "#1d2333";
    /// Told to plotters that take it; 0 for none.
    double cut_mm_s = 0.0;
};

enum class SheetFormat { Svg, Dxf, Hpgl, Pdf, Eps, Png };
inline constexpr SheetFormat kSheetFormats[] = {SheetFormat::Svg, SheetFormat::Dxf, SheetFormat::Hpgl,
                                                SheetFormat::Pdf, SheetFormat::Eps, SheetFormat::Png};

/// ".svg", ".dxf", ".plt", ".pdf", ".eps", ".png".
std::string_view suffixOf(SheetFormat format);
/// By the end of a file's name; small and capital letters alike. ".hpgl" is HPGL too.
std::optional<SheetFormat> formatOf(std::string_view file_name);

/// Errors: FileUnwritable when the stream fails; NothingToCut without a path.
Result<void> writeSheet(std::ostream& out, const SheetDrawing& drawing, SheetFormat format);

/// A plotter unit of HPGL.
/// Source: HP-GL/2 reference: 0.025 mm.
inline constexpr double kPlotterUnit_mm = 0.025;
/// Chords and arcs of files that know no curves stay within this of them.
inline constexpr double kFileTolerance_mm = 0.01;

/// Each path as HPGL of its own, from pen up to pen up, for machines that are told one part after the other; between "IN;PA;" and
/// "PU0,0;SP0;".
std::vector<std::string> plotterParts(const SheetDrawing& drawing);

namespace detail {
Result<void> writeSheetSvg(std::ostream& out, const SheetDrawing& drawing);
Result<void> writeSheetDxf(std::ostream& out, const SheetDrawing& drawing);
Result<void> writeSheetHpgl(std::ostream& out, const SheetDrawing& drawing);
/// PDF, EPS and PNG.
Result<void> paintSheet(std::ostream& out, const SheetDrawing& drawing, SheetFormat format);
} // namespace detail

} // namespace ink
