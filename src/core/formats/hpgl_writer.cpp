#include "core/formats/sheet_file.h"
#include "core/geometry/flatten.h"

#include <cmath>
#include <ostream>

namespace ink::detail {
namespace {

struct Step
{
    long x, y;
    friend bool operator==(const Step&, const Step&) = default;
};

/// On whole plotter units, from the lower left corner of the sheet.
Step stepOf(Point p, const Box& page_mm)
{
    return {std::lround((p.x - page_mm.x0) / kPlotterUnit_mm),
            std::lround((p.y - page_mm.y0) / kPlotterUnit_mm)};
}

std::vector<Step> stepsOf(const ToolPath& path, const Box& page_mm)
{
    std::vector<Step> out{stepOf(path.start(), page_mm)};
    for (const auto& s : path.segments) {
        const int chords = chordCount(s, kFileTolerance_mm);
        for (int i = 1; i <= chords; ++i)
            if (const Step next = stepOf(i == chords ? s.end() : s.pointAt(double(i) / chords), page_mm);
                next != out.back())
                out.push_back(next);
    }
    if (path.is_closed && out.back() != out.front())
        out.push_back(out.front());
    return out;
}

std::string pathText(const ToolPath& path, const Box& page_mm)
{
    const auto steps = stepsOf(path, page_mm);
    const auto at = [](const Step& s) { return std::to_string(s.x) + "," + std::to_string(s.y); };
    std::string text = "PU" + at(steps.front()) + ";PD";
    for (std::size_t i = 1; i < steps.size(); ++i)
        text += (i > 1 ? "," : "") + at(steps[i]);
    return text + ";";
}

std::string penText(const ToolPath& path, double cut_mm_s)
{
    std::string text = "SP" + std::to_string(int(path.operation) + 1) + ";";
    if (cut_mm_s > 0.0) // in cm a second
        text += "VS" + std::to_string(std::max(1L, std::lround(cut_mm_s / 10.0))) + ";";
    return text;
}

} // namespace

/// Chords and no arcs: the centre of an arc would have to lie on the grid too, and its end would be further off than a chord.
/// Source: HP-GL/2 and HP RTL Reference Guide: IN, SP, VS, PU, PD, PA.
Result<void> writeSheetHpgl(std::ostream& out, const SheetDrawing& drawing)
{
    std::string text = "IN;PA;";
    int pen = 0;
    for (const auto& path : drawing.paths) {
        if (const int next = int(path.operation) + 1; next != pen) {
            pen = next;
            text += penText(path, drawing.cut_mm_s);
        }
        text += pathText(path, drawing.page_mm) + "\n";
    }
    text += "PU0,0;SP0;\n";
    out << text;
    return out ? Result<void>() : fail(ErrorCode::FileUnwritable);
}

} // namespace ink::detail

namespace ink {

std::vector<std::string> plotterParts(const SheetDrawing& drawing)
{
    std::vector<std::string> out;
    for (const auto& path : drawing.paths)
        out.push_back(detail::penText(path, drawing.cut_mm_s) + detail::pathText(path, drawing.page_mm) +
                      "PU;");
    return out;
}

} // namespace ink
