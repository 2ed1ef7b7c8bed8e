#include "core/intake/html_text.h"

#include "core/base/text.h"

#include <libxml/HTMLparser.h>

#include <algorithm>
#include <array>
#include <cctype>
#include <memory>
#include <set>
#include <string_view>
#include <utility>

namespace ink {
namespace {

constexpr int kDeepestMarkup = 400;

std::string_view nameOf(const xmlNode* node)
{
    return node->name ? reinterpret_cast<const char*>(node->name) : std::string_view();
}

std::string attribute(const xmlNode* node, const char* name)
{
    std::string value;
    if (xmlChar* text = xmlGetProp(node, reinterpret_cast<const xmlChar*>(name))) {
        value = reinterpret_cast<const char*>(text);
        xmlFree(text);
    }
    return value;
}

bool hasAttribute(const xmlNode* node, const char* name)
{
    return xmlHasProp(node, reinterpret_cast<const xmlChar*>(name)) != nullptr;
}

template <std::size_t N>
bool isOneOf(std::string_view name, const std::array<std::string_view, N>& names)
{
    return std::ranges::find(names, name) != names.end();
}

/// Declarations of a style that hide or strike out, without spaces, small.
bool hides(std::string style)
{
    std::erase_if(style, [](unsigned char c) { return std::isspace(c) != 0; });
    style = lowered(style);
    static constexpr std::array<std::string_view, 8> kHiding{
        "display:none", "visibility:hidden", "visibility:collapse", "line-through",
        "opacity:0;",   "font-size:0",       "text-indent:-",       "clip:rect(0"};
    return std::ranges::any_of(
        kHiding, [&](std::string_view what) { return (style + ";").find(what) != std::string::npos; });
}

/// Simple selectors (".old", "#old", "span") whose rules hide.
std::set<std::string> hidingSelectors(std::string_view css)
{
    std::set<std::string> selectors;
    for (std::size_t at = 0; at < css.size();) {
        const auto open = css.find('{', at);
        const auto close = open == std::string_view::npos ? open : css.find('}', open);
        if (close == std::string_view::npos)
            break;
        if (hides(std::string(css.substr(open + 1, close - open - 1)))) {
            std::string list(css.substr(at, open - at));
            std::ranges::replace(list, ',', ' ');
            for (std::size_t from = 0; from < list.size();) {
                const auto begin = list.find_first_not_of(" \t\r\n", from);
                if (begin == std::string::npos)
                    break;
                const auto end = std::min(list.find_first_of(" \t\r\n", begin), list.size());
                std::string selector = lowered(std::string_view(list).substr(begin, end - begin));
                // "p.old": the class alone, which hides more than less.
                if (const auto mark = selector.find_first_of(".#", 1); mark != std::string::npos)
                    selector.erase(0, mark);
                selectors.insert(selector);
                from = end;
            }
        }
        at = close + 1;
    }
    return selectors;
}

class PageReader
{
public:
    std::string read(const xmlNode* root)
    {
        findStyles(root, 0);
        add(root, 0);
        return std::move(m_out);
    }

private:
    void findStyles(const xmlNode* node, int depth)
    {
        for (; node && depth <= kDeepestMarkup; node = node->next) {
            if (node->type == XML_ELEMENT_NODE && nameOf(node) == "style" && node->children &&
                node->children->content)
                m_hiding.merge(hidingSelectors(reinterpret_cast<const char*>(node->children->content)));
            findStyles(node->children, depth + 1);
        }
    }

    bool isUnsaid(const xmlNode* node) const
    {
        static constexpr std::array<std::string_view, 15> kUnsaid{
            "script", "style",    "title",    "nav",    "template", "del",    "s",     "strike",
            "head",   "noscript", "datalist", "option", "svg",      "object", "canvas"};
        const auto name = nameOf(node);
        if (isOneOf(name, kUnsaid) || hasAttribute(node, "hidden") || hides(attribute(node, "style")))
            return true;
        if (m_hiding.empty())
            return false;
        if (m_hiding.contains(std::string(name)) || m_hiding.contains("#" + lowered(attribute(node, "id"))))
            return true;
        std::string classes = lowered(attribute(node, "class")) + " ";
        for (std::size_t at = 0; at < classes.size();) {
            const auto end = classes.find(' ', at);
            if (end > at && m_hiding.contains("." + classes.substr(at, end - at)))
                return true;
            at = end + 1;
        }
        return false;
    }

    void endLine()
    {
        while (m_out.ends_with(' '))
            m_out.pop_back();
        if (!m_out.empty() && !m_out.ends_with('\n'))
            m_out += '\n';
    }

    void endBlock()
    {
        endLine();
        if (!m_out.empty() && !m_out.ends_with("\n\n"))
            m_out += '\n';
    }

    /// The words of a cell in one line.
    std::string cellText(const xmlNode* cell, int depth)
    {
        std::string outer = std::exchange(m_out, {});
        add(cell->children, depth + 1);
        std::string text = std::exchange(m_out, std::move(outer));
        std::ranges::replace(text, '\n', ' ');
        std::ranges::replace(text, '|', '/');
        return text;
    }

    void addRow(const xmlNode* row, int depth)
    {
        endLine();
        std::string line, heading;
        bool is_heading = true;
        for (const xmlNode* cell = row->children; cell; cell = cell->next) {
            if (cell->type != XML_ELEMENT_NODE || (nameOf(cell) != "td" && nameOf(cell) != "th") ||
                isUnsaid(cell))
                continue;
            const std::string text = cellText(cell, depth);
            is_heading = is_heading && nameOf(cell) == "th";
            line += "| " + text + " ";
            heading += (heading.empty() ? "" : " \u00b7 ") + text;
        }
        // What heads columns is said by their cells.
        if (!line.empty())
            m_out += is_heading ? "# " + heading + "\n" : line + "|\n";
    }

    void addElement(const xmlNode* node, int depth)
    {
        static constexpr std::array<std::string_view, 17> kBlocks{
            "p",      "div",  "ul",    "ol", "dl",         "table", "section",  "article", "header",
            "footer", "main", "aside", "hr", "blockquote", "pre",   "fieldset", "form"};
        const auto name = nameOf(node);
        if (isUnsaid(node))
            return;
        if (name == "tr")
            return addRow(node, depth);
        const bool is_heading = name.size() == 2 && name[0] == 'h' && name[1] >= '1' && name[1] <= '6';
        const bool is_block = is_heading || isOneOf(name, kBlocks);
        if (is_block && !m_out.ends_with("- ")) // a paragraph that is an item
            endBlock();
        if (is_heading)
            m_out += "# ";
        if (name == "li" || name == "dt" || name == "dd") {
            endLine();
            m_out += name == "li" ? "- " : "";
        }
        if (name == "input" && lowered(attribute(node, "type")) == "checkbox")
            m_out += hasAttribute(node, "checked") ? "[x] " : "[ ] ";
        if (name == "sup") // a note that says more
            m_out += "*";
        add(node->children, depth + 1);
        if (name == "a") // a link speaks through its address too
            if (const auto target = attribute(node, "href"); target.find("://") != std::string::npos)
                m_out += " " + target;
        if (name == "br" || name == "li" || name == "dt" || name == "dd")
            endLine();
        if (is_block)
            endBlock();
    }

    void add(const xmlNode* node, int depth)
    {
        if (depth > kDeepestMarkup)
            return;
        for (; node; node = node->next) {
            if (node->type == XML_TEXT_NODE || node->type == XML_CDATA_SECTION_NODE) {
                if (node->content)
                    m_out += reinterpret_cast<const char*>(node->content);
            } else if (node->type == XML_ELEMENT_NODE) {
                addElement(node, depth);
            } else if (node->type != XML_COMMENT_NODE && node->type != XML_PI_NODE) {
                add(node->children, depth + 1);
            }
        }
    }

    std::string m_out;
    std::set<std::string> m_hiding;
};

} // namespace

Result<std::string> htmlText(const std::string& utf8, const std::string& name)
{
    const std::unique_ptr<xmlDoc, decltype(&xmlFreeDoc)> document(
        htmlReadMemory(utf8.data(), static_cast<int>(utf8.size()), nullptr, "UTF-8",
                       HTML_PARSE_RECOVER | HTML_PARSE_NOERROR | HTML_PARSE_NOWARNING | HTML_PARSE_NONET),
        xmlFreeDoc);
    if (!document)
        return fail(ErrorCode::DocumentUnreadable, name);
    return PageReader().read(xmlDocGetRootElement(document.get()));
}

} // namespace ink
