#include "core/formats/cairo_stream.h"

#include <cairo-pdf.h>
#include <png.h>

#include <cmath>
#include <csetjmp>
#include <ostream>
#include <vector>

namespace ink::detail {

cairo_status_t CairoStream::write(void* self, const unsigned char* bytes, unsigned count)
{
    auto& out = static_cast<CairoStream*>(self)->m_out;
    out.write(reinterpret_cast<const char*>(bytes), std::streamsize(count));
    return out ? CAIRO_STATUS_SUCCESS : CAIRO_STATUS_WRITE_ERROR;
}

CairoPage::CairoPage(cairo_surface_t* surface) : m_surface(surface), m_context(cairo_create(surface)) {}

CairoPage::~CairoPage()
{
    cairo_destroy(m_context);
    cairo_surface_destroy(m_surface);
}

Result<void> CairoPage::finish()
{
    cairo_surface_finish(m_surface);
    const bool is_written = cairo_status(m_context) == CAIRO_STATUS_SUCCESS &&
                            cairo_surface_status(m_surface) == CAIRO_STATUS_SUCCESS;
    return is_written ? Result<void>() : fail(ErrorCode::FileUnwritable);
}

void addSegments(cairo_t* c, std::span<const Segment> segments, bool is_closed)
{
    if (segments.empty())
        return;
    cairo_move_to(c, segments.front().p[0].x, segments.front().p[0].y);
    for (const auto& s : segments) {
        switch (s.kind) {
        case SegmentKind::Line:
            cairo_line_to(c, s.p[1].x, s.p[1].y);
            break;
        case SegmentKind::Quadratic: { // the same curve as a cubic
            const Point a = lerp(s.p[0], s.p[1], 2.0 / 3.0), b = lerp(s.p[2], s.p[1], 2.0 / 3.0);
            cairo_curve_to(c, a.x, a.y, b.x, b.y, s.p[2].x, s.p[2].y);
            break;
        }
        case SegmentKind::Cubic:
            cairo_curve_to(c, s.p[1].x, s.p[1].y, s.p[2].x, s.p[2].y, s.p[3].x, s.p[3].y);
            break;
        }
    }
    if (is_closed)
        cairo_close_path(c);
}

void addContour(cairo_t* c, const Contour& contour)
{
    addSegments(c, contour.segments, true);
}

const char* plainFamily()
{
    constexpr const char* kPlain = "sans-serif";
    CairoPage trial(cairo_image_surface_create(CAIRO_FORMAT_A8, 1, 1));
    cairo_text_extents_t size;
    cairo_select_font_face(trial.context(), kPlain, CAIRO_FONT_SLANT_NORMAL, CAIRO_FONT_WEIGHT_NORMAL);
    cairo_text_extents(trial.context(), "A", &size);
    return cairo_status(trial.context()) == CAIRO_STATUS_SUCCESS ? kPlain : kOwnLetters;
}

std::array<double, 3> rgbOf(const std::string& colour)
{
    const auto channel = [&](std::size_t at) {
        return colour.size() == 7 ? double(std::strtoul(colour.substr(at, 2).c_str(), nullptr, 16)) / 255.0
                                  : 0.0;
    };
    return {channel(1), channel(3), channel(5)};
}

void tellPdf(cairo_surface_t* surface, const std::string& title, const std::string& rights)
{
    cairo_pdf_surface_set_metadata(surface, CAIRO_PDF_METADATA_TITLE, title.c_str());
    if (!rights.empty())
        cairo_pdf_surface_set_metadata(surface, CAIRO_PDF_METADATA_SUBJECT, rights.c_str());
    cairo_pdf_surface_set_metadata(surface, CAIRO_PDF_METADATA_CREATOR, "Under Ink");
}

Result<void> writePng(std::ostream& out, CairoPage& page, double dpi)
{
    cairo_surface_t* surface = page.surface();
    cairo_surface_flush(surface);
    if (cairo_surface_status(surface) != CAIRO_STATUS_SUCCESS)
        return fail(ErrorCode::FileUnwritable);
    const int width = cairo_image_surface_get_width(surface),
              height = cairo_image_surface_get_height(surface),
              stride = cairo_image_surface_get_stride(surface);
    unsigned char* pixels = cairo_image_surface_get_data(surface);
    png_structp png = png_create_write_struct(
        PNG_LIBPNG_VER_STRING, nullptr, [](png_structp p, png_const_charp) { png_longjmp(p, 1); },
        [](png_structp, png_const_charp) {});
    png_infop info = png ? png_create_info_struct(png) : nullptr;
    if (!info || setjmp(png_jmpbuf(png))) { // libpng comes back here after an error
        png_destroy_write_struct(&png, &info);
        return fail(ErrorCode::FileUnwritable);
    }
    png_set_write_fn(
        png, &out,
        [](png_structp p, png_bytep bytes, png_size_t count) {
            auto& to = *static_cast<std::ostream*>(png_get_io_ptr(p));
            to.write(reinterpret_cast<const char*>(bytes), std::streamsize(count));
            if (!to)
                png_error(p, "not written");
        },
        nullptr);
    png_set_IHDR(png, info, png_uint_32(width), png_uint_32(height), 8, PNG_COLOR_TYPE_RGB,
                 PNG_INTERLACE_NONE, PNG_COMPRESSION_TYPE_DEFAULT, PNG_FILTER_TYPE_DEFAULT);
    const auto per_metre = png_uint_32(std::lround(dpi / 0.0254));
    png_set_pHYs(png, info, per_metre, per_metre, PNG_RESOLUTION_METER);
    png_write_info(png, info);
    // Cairo's pixels are 32 bits, blue first (little endian).
    png_set_bgr(png);
    png_set_filler(png, 0, PNG_FILLER_AFTER);
    for (int row = 0; row < height; ++row)
        png_write_row(png, pixels + std::ptrdiff_t(row) * stride);
    png_write_end(png, info);
    png_destroy_write_struct(&png, &info);
    return {};
}

} // namespace ink::detail
