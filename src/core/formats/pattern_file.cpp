#include "core/formats/pattern_file.h"

#include "core/formats/cairo_stream.h"

#include <cairo-pdf.h>

#include <ostream>

namespace ink {
namespace {

constexpr double kPt_per_mm = 72.0 / 25.4;
constexpr double kDash_mm = 2.0;
/// Enough to tell inside from outside, and little ink.
constexpr double kLightFill = 0.88, kMarkTone = 0.35;

void paintPage(cairo_t* c, const PageMarks& marks, const char* family)
{
    cairo_save(c);
    cairo_scale(c, kPt_per_mm, -kPt_per_mm); // y up, from the paper's upper left corner
    cairo_save(c);
    cairo_rectangle(c, marks.clip_mm.x0, marks.clip_mm.y0, marks.clip_mm.width(), marks.clip_mm.height());
    cairo_clip(c);
    cairo_set_fill_rule(c, CAIRO_FILL_RULE_EVEN_ODD);
    cairo_set_line_join(c, CAIRO_LINE_JOIN_ROUND);
    cairo_set_line_width(c, marks.line_mm);
    for (const auto& design : marks.designs) {
        for (const auto& piece : design.pieces) {
            detail::addContour(c, piece.outer);
            for (const auto& middle : piece.middles)
                detail::addContour(c, middle);
        }
        if (marks.is_filled) {
            cairo_set_source_rgb(c, kLightFill, kLightFill, kLightFill);
            cairo_fill_preserve(c);
        }
        cairo_set_source_rgb(c, 0, 0, 0);
        cairo_stroke(c);
    }
    cairo_restore(c);
    cairo_set_source_rgb(c, kMarkTone, kMarkTone, kMarkTone);
    cairo_set_line_width(c, marks.mark_mm);
    for (const auto& line : marks.lines) {
        cairo_set_dash(c, &kDash_mm, line.is_dashed ? 1 : 0, 0.0);
        cairo_move_to(c, line.from.x, line.from.y);
        cairo_line_to(c, line.to.x, line.to.y);
        cairo_stroke(c);
    }
    cairo_restore(c);
    cairo_set_source_rgb(c, 0, 0, 0);
    cairo_select_font_face(c, family, CAIRO_FONT_SLANT_NORMAL, CAIRO_FONT_WEIGHT_NORMAL);
    for (const auto& text : marks.texts) {
        cairo_set_font_size(c, text.height_mm * kPt_per_mm);
        cairo_text_extents_t size;
        cairo_text_extents(c, text.words.c_str(), &size);
        cairo_move_to(c, text.at.x * kPt_per_mm - size.x_advance / 2, -text.at.y * kPt_per_mm);
        cairo_show_text(c, text.words.c_str());
    }
}

} // namespace

Result<void> writePattern(std::ostream& out, const Pattern& pattern, const PatternWords& words)
{
    detail::CairoStream stream(out);
    cairo_surface_t* surface = cairo_pdf_surface_create_for_stream(&detail::CairoStream::write, &stream,
                                                                   pattern.page_width_mm * kPt_per_mm,
                                                                   pattern.page_height_mm * kPt_per_mm);
    detail::tellPdf(surface, words.title, words.rights);
    detail::CairoPage page(surface);
    const char* family = detail::plainFamily();
    for (std::size_t i = 0; i < pattern.pageCount(); ++i) {
        const auto marks = marksOf(pattern, i, words.title, words.advice);
        cairo_pdf_surface_set_size(surface, marks.width_mm * kPt_per_mm, marks.height_mm * kPt_per_mm);
        paintPage(page.context(), marks, family);
        cairo_show_page(page.context());
    }
    const auto done = page.finish();
    return done && out ? Result<void>() : fail(ErrorCode::FileUnwritable);
}

} // namespace ink
