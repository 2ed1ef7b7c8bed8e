// Cairo onto our streams. Internal to the writers of pages.
#pragma once

#include "core/base/result.h"
#include "core/geometry/path.h"

#include <cairo.h>

#include <array>
#include <iosfwd>
#include <span>
#include <string>

namespace ink::detail {

/// The closure of cairo's stream surfaces.
class CairoStream
{
public:
    explicit CairoStream(std::ostream& out) : m_out(out) {}
    static cairo_status_t write(void* self, const unsigned char* bytes, unsigned count);

private:
    std::ostream& m_out;
};

/// A surface and its context, let go together.
class CairoPage
{
public:
    explicit CairoPage(cairo_surface_t* surface);
    ~CairoPage();
    CairoPage(const CairoPage&) = delete;
    CairoPage& operator=(const CairoPage&) = delete;

    cairo_t* context() const { return m_context; }
    cairo_surface_t* surface() const { return m_surface; }
    /// Writes what is left. Errors: FileUnwritable.
    Result<void> finish();

private:
    cairo_surface_t* m_surface;
    cairo_t* m_context;
};

/// Onto the context's path; where it is closed, back to its start.
void addSegments(cairo_t* c, std::span<const Segment> segments, bool is_closed);
void addContour(cairo_t* c, const Contour& contour);

/// "#b3352a" as shares of 1.
std::array<double, 3> rgbOf(const std::string& colour);

/// Cairo draws letters of its own where the desktop has no font at all: poor, and better than none.
inline constexpr const char* kOwnLetters = "@cairo:sans";
/// The desktop's plain letters, or kOwnLetters.
const char* plainFamily();

/// Title and rights of a PDF.
void tellPdf(cairo_surface_t* surface, const std::string& title, const std::string& rights);

/// An RGB24 page with its resolution told (pHYs).
/// Errors: FileUnwritable.
Result<void> writePng(std::ostream& out, CairoPage& page, double dpi);

} // namespace ink::detail
