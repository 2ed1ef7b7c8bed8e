#include "core/formats/thread_picture.h"

#include "core/formats/cairo_stream.h"
#include "core/formats/xml_text.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <locale>
#include <ostream>
#include <sstream>

namespace ink {
namespace detail {
namespace {

constexpr double kPng_dpi = 300.0, kMostPixels = 6000.0, kAround_mm = 5.0;

std::string escaped(const std::string& title)
{
    std::string out;
    for (const char c : xmlText(title))
        out += c == '&' ? "&amp;" : c == '<' ? "&lt;" : c == '>' ? "&gt;" : std::string(1, c);
    return out;
}

/// Each line that is sewn without a break, with its layer.
template <class Sewn>
void eachThread(const NeedleWork& work, const Sewn& sewn)
{
    std::vector<Point> line;
    std::size_t layer = 0;
    const auto close = [&] {
        if (line.size() > 1)
            sewn(layer, line);
        line.clear();
    };
    for (const auto& step : work) {
        if (step.kind != NeedleStep::Kind::Stitch)
            close();
        if (step.kind == NeedleStep::Kind::Stop)
            ++layer;
        if (step.kind == NeedleStep::Kind::Stitch)
            line.push_back(step.at);
    }
    close();
}

} // namespace

std::string threadOf(const SewnFile& file, std::size_t layer)
{
    return file.threads.empty() ? "#a23a2b" : file.threads[std::min(layer, file.threads.size() - 1)];
}

void writeThreadSvg(std::ostream& out, const SewnFile& file)
{
    const Box box = boxOf(file.work);
    const double left = box.x0 - kThread_mm, top = box.y1 + kThread_mm, width = box.width() + 2 * kThread_mm,
                 height = box.height() + 2 * kThread_mm;
    std::ostringstream text;
    text.imbue(std::locale::classic());
    text << "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" "
            "version=\"1.1\" width=\""
         << width << "mm\" height=\"" << height << "mm\" viewBox=\"0 0 " << width << ' ' << height
         << "\">\n<title>" << escaped(file.title) << "</title>\n<g fill=\"none\" stroke-width=\""
         << kThread_mm << "\" stroke-linecap=\"round\" stroke-linejoin=\"round\">\n";
    eachThread(file.work, [&](std::size_t layer, const std::vector<Point>& line) {
        text << "<polyline class=\"layer-" << layer + 1 << "\" stroke=\"" << threadOf(file, layer)
             << "\" points=\"";
        for (const auto& p : line)
            text << std::round((p.x - left) * 100) / 100 << ',' << std::round((top - p.y) * 100) / 100 << ' ';
        text << "\"/>\n";
    });
    text << "</g>\n</svg>\n";
    out << text.str();
}

Result<void> writeCloth(std::ostream& out, const SewnFile& file)
{
    const Box box = boxOf(file.work);
    const double width = box.width() + 2 * kAround_mm, height = box.height() + 2 * kAround_mm;
    const double dpi = std::min(kPng_dpi, kMostPixels / std::max(width, height) * 25.4), per_mm = dpi / 25.4;
    CairoPage page(cairo_image_surface_create(CAIRO_FORMAT_RGB24, std::max(1, int(width * per_mm)),
                                              std::max(1, int(height * per_mm))));
    cairo_t* c = page.context();
    const auto [cr, cg, cb] = rgbOf(file.cloth);
    cairo_set_source_rgb(c, cr, cg, cb);
    cairo_paint(c);
    cairo_scale(c, per_mm, -per_mm);
    cairo_translate(c, kAround_mm - box.x0, -kAround_mm - box.y1);
    if (file.laid_cloth) {
        const auto [lr, lg, lb] = rgbOf(laidClothOn(file.cloth));
        cairo_set_source_rgb(c, lr, lg, lb);
        cairo_set_fill_rule(c, CAIRO_FILL_RULE_EVEN_ODD);
        for (const auto& piece : file.laid_cloth->pieces) {
            addContour(c, piece.outer);
            for (const auto& middle : piece.middles)
                addContour(c, middle);
            cairo_fill(c);
        }
    }
    cairo_set_line_width(c, kThread_mm);
    cairo_set_line_cap(c, CAIRO_LINE_CAP_ROUND);
    eachThread(file.work, [&](std::size_t layer, const std::vector<Point>& line) {
        const auto [r, g, b] = rgbOf(threadOf(file, layer));
        for (std::size_t i = 1; i < line.size(); ++i) {
            const double sheen = sheenOf(line[i] - line[i - 1]);
            cairo_set_source_rgb(c, std::min(1.0, r * sheen), std::min(1.0, g * sheen),
                                 std::min(1.0, b * sheen));
            cairo_move_to(c, line[i - 1].x, line[i - 1].y);
            cairo_line_to(c, line[i].x, line[i].y);
            cairo_stroke(c);
        }
    });
    return writePng(out, page, dpi);
}

} // namespace detail

std::string laidClothOn(const std::string& cloth)
{
    auto rgb = detail::rgbOf(cloth);
    const bool is_light = 0.299 * rgb[0] + 0.587 * rgb[1] + 0.114 * rgb[2] > 0.5; // ITU-R BT.601
    std::string out = "#";
    for (const double part : rgb) {
        const double told = is_light ? 0.8 * part : part + 0.5 * (1.0 - part);
        const int value = std::clamp(int(std::lround(255.0 * told)), 0, 255);
        constexpr std::string_view kDigits = "0123456789abcdef";
        out += kDigits[std::size_t(value / 16)];
        out += kDigits[std::size_t(value % 16)];
    }
    return out;
}

double sheenOf(Point way)
{
    // The light comes from the upper left: threads across it shine.
    const Point light = unitVector({-1.0, 2.0});
    return 0.82 + 0.36 * std::abs(cross(unitVector(way), light));
}

} // namespace ink
