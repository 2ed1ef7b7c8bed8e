#include "core/formats/cairo_stream.h"
#include "core/formats/sheet_file.h"

#include <cairo-pdf.h>
#include <cairo-ps.h>
#include <cairo.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <ostream>

namespace ink::detail {
namespace {

constexpr double kPt_per_mm = 72.0 / 25.4;
/// Lines have no width of their own: this one is to be seen.
constexpr double kLine_mm = 0.1;
constexpr double kPreview_dpi = 200.0, kMostPixels = 6000.0;

void addTo(cairo_t* c, const ToolPath& path)
{
    addSegments(c, path.segments, path.is_closed);
}

/// Lines in print, for programs that cut what is drawn.
void drawLines(cairo_t* c, const SheetDrawing& drawing)
{
    cairo_set_line_width(c, kLine_mm);
    cairo_set_line_join(c, CAIRO_LINE_JOIN_ROUND);
    cairo_set_source_rgb(c, 0, 0, 0);
    for (const auto& path : drawing.paths) {
        addTo(c, path);
        cairo_stroke(c);
    }
}

/// Pieces as they will look, in the colour of the material.
void drawPieces(cairo_t* c, const SheetDrawing& drawing)
{
    cairo_set_source_rgb(c, 1, 1, 1);
    cairo_paint(c);
    const auto [red, green, blue] = rgbOf(drawing.colour);
    cairo_set_source_rgb(c, red, green, blue);
    cairo_set_fill_rule(c, CAIRO_FILL_RULE_EVEN_ODD);
    std::map<std::pair<std::size_t, std::size_t>, std::vector<const ToolPath*>> pieces;
    for (const auto& path : drawing.paths) {
        if (path.is_closed && path.operation == Operation::Cut) {
            pieces[{path.design, path.piece}].push_back(&path);
        } else {
            addTo(c, path);
            cairo_set_line_width(c, 3 * kLine_mm);
            cairo_stroke(c);
        }
    }
    for (const auto& [piece, rings] : pieces) {
        for (const auto* ring : rings)
            addTo(c, *ring);
        cairo_fill(c);
    }
}

/// mm, y up, with the sheet's upper left corner where the page's is.
void toPage(cairo_t* c, const Box& page_mm, double units_per_mm)
{
    cairo_scale(c, units_per_mm, -units_per_mm);
    cairo_translate(c, -page_mm.x0, -page_mm.y1);
}

} // namespace

Result<void> paintSheet(std::ostream& out, const SheetDrawing& drawing, SheetFormat format)
{
    const double width_mm = drawing.page_mm.width(), height_mm = drawing.page_mm.height();
    if (format == SheetFormat::Png) {
        const double dpi = std::min(kPreview_dpi, kMostPixels / std::max(width_mm, height_mm) * 25.4);
        const double pixels_per_mm = dpi / 25.4;
        CairoPage page(cairo_image_surface_create(CAIRO_FORMAT_RGB24,
                                                  std::max(1, int(width_mm * pixels_per_mm + 0.5)),
                                                  std::max(1, int(height_mm * pixels_per_mm + 0.5))));
        toPage(page.context(), drawing.page_mm, pixels_per_mm);
        drawPieces(page.context(), drawing);
        return writePng(out, page, dpi);
    }
    CairoStream stream(out);
    // EPS has whole points only: what is over is added at the top and on the right.
    const double width_pt = width_mm * kPt_per_mm, height_pt = height_mm * kPt_per_mm;
    const bool is_eps = format == SheetFormat::Eps;
    const double page_width_pt = is_eps ? std::ceil(width_pt) : width_pt,
                 page_height_pt = is_eps ? std::ceil(height_pt) : height_pt;
    cairo_surface_t* surface =
        format == SheetFormat::Pdf
            ? cairo_pdf_surface_create_for_stream(&CairoStream::write, &stream, width_pt, height_pt)
            : cairo_ps_surface_create_for_stream(&CairoStream::write, &stream, page_width_pt, page_height_pt);
    if (is_eps)
        cairo_ps_surface_set_eps(surface, 1);
    else
        tellPdf(surface, drawing.title, drawing.rights);
    CairoPage page(surface);
    cairo_translate(page.context(), 0.0, page_height_pt - height_pt);
    toPage(page.context(), drawing.page_mm, kPt_per_mm);
    drawLines(page.context(), drawing);
    cairo_show_page(page.context());
    const auto done = page.finish();
    return done && out ? Result<void>()
                       : fail(ErrorCode::FileUnwritable); // cairo forgets a fault of its last words
}

} // namespace ink::detail
