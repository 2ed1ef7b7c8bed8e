#include "core/formats/svg_writer.h"

#include "core/formats/sheet_file.h"
#include "core/formats/xml_text.h"

#include <pugixml.hpp>

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <ostream>

namespace ink {
namespace {

constexpr double kStep_mm = 1e-4;
/// Lines have no width of their own: this one is to be seen.
constexpr double kLine_mm = 0.1;

/// Shortest decimal of the rounded value, with a point whatever the locale.
void appendNumber(std::string& out, double value)
{
    const double rounded = std::round(value / kStep_mm) * kStep_mm;
    std::array<char, 32> text{};
    const auto end =
        std::to_chars(text.data(), text.data() + text.size(), rounded, std::chars_format::fixed, 4).ptr;
    std::string digits(text.data(), end);
    digits.erase(digits.find_last_not_of('0') + 1);
    if (digits.ends_with('.'))
        digits.pop_back();
    out += digits == "-0" ? "0" : digits;
}

std::string number(double value)
{
    std::string out;
    appendNumber(out, value);
    return out;
}

class PathData
{
public:
    /// SVG's y axis points down: places are counted from the upper left corner of the page.
    explicit PathData(const Box& page_mm) : m_left_mm(page_mm.x0), m_top_mm(page_mm.y1) {}

    void add(const Contour& ring)
    {
        addSegments(ring.segments, true);
        m_text += " Z";
    }
    void add(const OpenPath& path) { addSegments(path.segments, false); }
    void add(const ToolPath& path)
    {
        addSegments(path.segments, path.is_closed);
        if (path.is_closed)
            m_text += " Z";
    }
    const std::string& text() const { return m_text; }

private:
    void addSegments(const std::vector<Segment>& segments, bool is_closed)
    {
        static constexpr std::array<char, 4> kCommand{' ', 'L', 'Q', 'C'};
        if (!m_text.empty())
            m_text += ' ';
        m_text += 'M';
        add(segments.front().start());
        for (std::size_t n = 0; n < segments.size(); ++n) {
            const auto& s = segments[n];
            // Z draws the closing line; writing it out would make the knife stop twice on the spot.
            if (is_closed && n + 1 == segments.size() && s.kind == SegmentKind::Line)
                break;
            m_text += ' ';
            m_text += kCommand[s.degree()];
            for (std::size_t i = 1; i <= s.degree(); ++i) {
                if (i > 1)
                    m_text += ' ';
                add(s.p[i]);
            }
        }
    }
    void add(Point p)
    {
        appendNumber(m_text, p.x - m_left_mm);
        m_text += ',';
        appendNumber(m_text, m_top_mm - p.y);
    }
    double m_left_mm, m_top_mm;
    std::string m_text;
};

pugi::xml_node addPage(pugi::xml_document& document, const Box& page_mm)
{
    auto declaration = document.append_child(pugi::node_declaration);
    declaration.append_attribute("version") = "1.0";
    declaration.append_attribute("encoding") = "UTF-8";
    const std::string width = number(page_mm.width()), height = number(page_mm.height());
    auto svg = document.append_child("svg");
    svg.append_attribute("xmlns") = "http://www.w3.org/2000/svg";
    svg.append_attribute("version") = "1.1";
    svg.append_attribute("width") = (width + "mm").c_str();
    svg.append_attribute("height") = (height + "mm").c_str();
    svg.append_attribute("viewBox") = ("0 0 " + width + " " + height).c_str();
    return svg;
}

void addMetadata(pugi::xml_node svg, const std::string& given_title, const std::string& given_rights)
{
    const std::string title = xmlText(given_title), rights = xmlText(given_rights);
    if (!title.empty())
        svg.append_child("title").text().set(title.c_str());
    auto rdf = svg.append_child("metadata").append_child("rdf:RDF");
    rdf.append_attribute("xmlns:rdf") = "http://www.w3.org/1999/02/22-rdf-syntax-ns#";
    rdf.append_attribute("xmlns:dc") = "http://purl.org/dc/elements/1.1/";
    auto about = rdf.append_child("rdf:Description");
    about.append_attribute("rdf:about") = "";
    about.append_child("dc:title").text().set(title.c_str());
    about.append_child("dc:format").text().set("image/svg+xml");
    if (!rights.empty())
        about.append_child("dc:rights").text().set(rights.c_str());
}

} // namespace

Result<void> writeSvg(std::ostream& out, const Outline& outline_mm, const SvgOptions& options)
{
    Box page = bounds(outline_mm);
    for (const auto& line : options.lines_mm)
        page.add(line.bounds());
    pugi::xml_document document;
    auto svg = addPage(document, page);
    addMetadata(svg, options.title, options.rights);

    auto group = svg.append_child("g");
    group.append_attribute("id") = "cut";
    group.append_attribute("fill") = options.fill.c_str();
    group.append_attribute("fill-rule") = "nonzero";
    group.append_attribute("stroke") = "none";
    int index = 0;
    for (const auto& piece : outline_mm.pieces) {
        PathData data(page);
        data.add(piece.outer);
        for (const auto& middle : piece.middles)
            data.add(middle);
        auto path = group.append_child("path");
        path.append_attribute("id") = ("piece-" + std::to_string(++index)).c_str();
        path.append_attribute("d") = data.text().c_str();
    }
    if (!options.lines_mm.empty()) {
        auto lines = svg.append_child("g");
        lines.append_attribute("id") = "weeding";
        lines.append_attribute("fill") = "none";
        lines.append_attribute("stroke") = options.fill.c_str();
        lines.append_attribute("stroke-width") = number(kLine_mm).c_str();
        for (const auto& line : options.lines_mm) {
            PathData data(page);
            data.add(line);
            lines.append_child("path").append_attribute("d") = data.text().c_str();
        }
    }
    document.save(out, "  ", pugi::format_indent, pugi::encoding_utf8);
    if (!out)
        return fail(ErrorCode::FileUnwritable);
    return {};
}

/// A group for each operation, in it a path for each piece, in the order in which they are begun.
Result<void> detail::writeSheetSvg(std::ostream& out, const SheetDrawing& drawing)
{
    pugi::xml_document document;
    auto svg = addPage(document, drawing.page_mm);
    addMetadata(svg, drawing.title, drawing.rights);
    for (const auto operation : kOperations) {
        struct Drawn
        {
            std::size_t design, piece;
            bool is_filled;
            PathData data;
        };
        std::vector<Drawn> pieces;
        for (const auto& path : drawing.paths) {
            if (path.operation != operation)
                continue;
            const bool is_filled = path.is_closed && operation == Operation::Cut;
            auto piece = std::ranges::find_if(pieces, [&](const Drawn& d) {
                return is_filled && d.is_filled && d.design == path.design && d.piece == path.piece;
            });
            if (piece == pieces.end())
                piece = pieces.insert(pieces.end(),
                                      {path.design, path.piece, is_filled, PathData(drawing.page_mm)});
            piece->data.add(path);
        }
        if (pieces.empty())
            continue;
        auto group = svg.append_child("g");
        group.append_attribute("id") = std::string(idOf(operation)).c_str();
        group.append_attribute("fill-rule") = "nonzero";
        for (const auto& piece : pieces) {
            auto path = group.append_child("path");
            if (piece.design != kNoDesign)
                path.append_attribute("class") = ("design-" + std::to_string(piece.design + 1)).c_str();
            path.append_attribute("fill") = piece.is_filled ? drawing.colour.c_str() : "none";
            path.append_attribute("stroke") = piece.is_filled ? "none" : drawing.colour.c_str();
            if (!piece.is_filled)
                path.append_attribute("stroke-width") = number(kLine_mm).c_str();
            path.append_attribute("d") = piece.data.text().c_str();
        }
    }
    document.save(out, "  ", pugi::format_indent, pugi::encoding_utf8);
    return out ? Result<void>() : fail(ErrorCode::FileUnwritable);
}

} // namespace ink
