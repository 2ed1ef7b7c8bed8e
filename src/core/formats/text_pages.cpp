#include "core/formats/text_pages.h"

#include "core/formats/cairo_stream.h"

#include <cairo-pdf.h>
#include <pango/pangocairo.h>

#include <memory>
#include <ostream>
#include <sstream>
#include <string_view>

namespace ink {
namespace {

/// A4 in points, and what is left free at each side of it.
constexpr double kWidth_pt = 595.28, kHeight_pt = 841.89, kMargin_pt = 56.7;
/// Between two paragraphs, and how far in a quoted sentence stands.
constexpr double kGap_pt = 5.0, kIndent_pt = 18.0;
/// Lines of cairo's own letters, in sizes.
constexpr double kPlainLine = 1.25;

double sizeOf(Paragraph::Style style)
{
    switch (style) {
    case Paragraph::Style::Title:
        return 20.0;
    case Paragraph::Style::Heading:
        return 13.0;
    case Paragraph::Style::Small:
        return 8.0;
    default:
        return 10.0;
    }
}

bool isBold(Paragraph::Style style)
{
    return style == Paragraph::Style::Title || style == Paragraph::Style::Heading ||
           style == Paragraph::Style::Strong;
}

/// Paragraph under paragraph, onto a new page where one is full.
class Pages
{
public:
    explicit Pages(cairo_t* context) : m_context(context) {}

    void add(const Paragraph& paragraph)
    {
        if (paragraph.style == Paragraph::Style::Heading)
            m_y += 2 * kGap_pt;
        m_has_fonts ? addShaped(paragraph) : addPlain(paragraph);
        m_y += kGap_pt;
    }

private:
    static double indentOf(const Paragraph& paragraph)
    {
        return paragraph.style == Paragraph::Style::Quote ? kIndent_pt : 0.0;
    }

    /// Room for a line; where its letters stand.
    double nextLine(double height_pt, double ascent_pt)
    {
        if (m_y + height_pt > kHeight_pt - kMargin_pt) {
            cairo_show_page(m_context);
            m_y = kMargin_pt;
        }
        const double baseline = m_y + ascent_pt;
        m_y += height_pt;
        return baseline;
    }

    void addShaped(const Paragraph& paragraph)
    {
        const double indent_pt = indentOf(paragraph);
        using Layout = std::unique_ptr<PangoLayout, decltype(&g_object_unref)>;
        const Layout layout(pango_cairo_create_layout(m_context), &g_object_unref);
        using Font = std::unique_ptr<PangoFontDescription, decltype(&pango_font_description_free)>;
        const Font font(pango_font_description_from_string("sans-serif"), &pango_font_description_free);
        pango_font_description_set_absolute_size(font.get(), sizeOf(paragraph.style) * PANGO_SCALE);
        pango_font_description_set_weight(font.get(),
                                          isBold(paragraph.style) ? PANGO_WEIGHT_BOLD : PANGO_WEIGHT_NORMAL);
        pango_layout_set_font_description(layout.get(), font.get());
        pango_layout_set_width(layout.get(), int((kWidth_pt - 2 * kMargin_pt - indent_pt) * PANGO_SCALE));
        pango_layout_set_wrap(layout.get(), PANGO_WRAP_WORD_CHAR);
        pango_layout_set_text(layout.get(), paragraph.words.c_str(), int(paragraph.words.size()));
        // Line by line: a licence's sentence may be longer than what is left of the page.
        for (int line = 0; line < pango_layout_get_line_count(layout.get()); ++line) {
            auto* row = pango_layout_get_line_readonly(layout.get(), line);
            PangoRectangle box;
            pango_layout_line_get_extents(row, nullptr, &box);
            const double baseline = nextLine(double(box.height) / PANGO_SCALE, double(-box.y) / PANGO_SCALE);
            cairo_move_to(m_context, kMargin_pt + indent_pt, baseline);
            pango_cairo_show_layout_line(m_context, row);
        }
    }

    /// Pango knows fonts of the desktop only; without any, words after words in cairo's own letters.
    void addPlain(const Paragraph& paragraph)
    {
        const double size_pt = sizeOf(paragraph.style), indent_pt = indentOf(paragraph);
        cairo_select_font_face(m_context, detail::kOwnLetters, CAIRO_FONT_SLANT_NORMAL,
                               isBold(paragraph.style) ? CAIRO_FONT_WEIGHT_BOLD : CAIRO_FONT_WEIGHT_NORMAL);
        cairo_set_font_size(m_context, size_pt);
        std::string line;
        const auto show = [&] {
            cairo_move_to(m_context, kMargin_pt + indent_pt, nextLine(kPlainLine * size_pt, size_pt));
            cairo_show_text(m_context, line.c_str());
            line.clear();
        };
        std::istringstream words(paragraph.words);
        for (std::string word; words >> word;) {
            const std::string longer = line.empty() ? word : line + " " + word;
            cairo_text_extents_t size;
            cairo_text_extents(m_context, longer.c_str(), &size);
            if (!line.empty() && size.x_advance > kWidth_pt - 2 * kMargin_pt - indent_pt)
                show();
            line += (line.empty() ? "" : " ") + word;
        }
        if (!line.empty())
            show();
    }

    cairo_t* m_context;
    double m_y = kMargin_pt;
    const bool m_has_fonts = std::string_view(detail::plainFamily()) != detail::kOwnLetters;
};

} // namespace

Result<void> writeTextPages(std::ostream& out, const std::string& title,
                            const std::vector<Paragraph>& paragraphs)
{
    detail::CairoStream stream(out);
    cairo_surface_t* surface =
        cairo_pdf_surface_create_for_stream(&detail::CairoStream::write, &stream, kWidth_pt, kHeight_pt);
    detail::tellPdf(surface, title, {});
    detail::CairoPage page(surface);
    Pages pages(page.context());
    for (const auto& paragraph : paragraphs)
        pages.add(paragraph);
    cairo_show_page(page.context());
    const auto done = page.finish();
    return done && out ? Result<void>() : fail(ErrorCode::FileUnwritable);
}

} // namespace ink
