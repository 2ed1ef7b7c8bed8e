#include "core/intake/office_text.h"

#include "core/package/archive.h"

#include <pugixml.hpp>

#include <algorithm>
#include <map>
#include <set>
#include <string_view>
#include <utility>
#include <vector>

namespace ink {
namespace {

constexpr int kDeepestNode = 200;

/// The XML parts of a zipped document, by name.
Result<std::map<std::string, std::string>> partsOf(const std::string& bytes, const std::string& name)
{
    std::map<std::string, std::string> parts;
    std::string stopped;
    PackageUse use;
    const auto read = readArchive(
        bytes, name, {}, use,
        [&](ArchiveEntry entry) {
            if (entry.name.ends_with(".xml"))
                parts[entry.name] = std::move(entry.bytes);
        },
        stopped);
    if (parts.empty())
        return fail(ErrorCode::DocumentUnreadable, name, read ? "it is damaged" : read.error().detail);
    return parts;
}

bool load(pugi::xml_document& document, const std::map<std::string, std::string>& parts, const char* part)
{
    const auto found = parts.find(part);
    return found != parts.end() && document.load_buffer(found->second.data(), found->second.size(),
                                                        pugi::parse_default | pugi::parse_ws_pcdata);
}

/// Lines, rows and items, alike for both formats.
class TextBuilder
{
public:
    std::string text;

    void endLine()
    {
        if (!text.empty() && !text.ends_with('\n'))
            text += '\n';
    }

    void endBlock()
    {
        endLine();
        if (!text.empty() && !text.ends_with("\n\n"))
            text += '\n';
    }

    template <typename Cells>
    void addRow(const Cells& cells)
    {
        endLine();
        for (std::string cell : cells) {
            std::ranges::replace(cell, '\n', ' ');
            std::ranges::replace(cell, '|', '/');
            text += "| " + cell + " ";
        }
        text += "|\n";
    }
};

bool isOn(const pugi::xml_node& switch_node)
{
    const std::string_view value = switch_node.attribute("w:val").as_string("1");
    return switch_node && value != "0" && value != "false" && value != "off" && value != "none";
}

class DocxReader
{
public:
    explicit DocxReader(const std::map<std::string, std::string>& parts)
    {
        pugi::xml_document styles;
        if (load(styles, parts, "word/styles.xml"))
            readStyles(styles.document_element());
    }

    void read(const pugi::xml_node& root) { add(root, 0); }
    std::string text() { return std::move(m_out.text); }

private:
    static bool isUnsaid(const pugi::xml_node& properties)
    {
        for (const char* what : {"w:strike", "w:dstrike", "w:vanish", "w:webHidden"})
            if (isOn(properties.child(what)))
                return true;
        return false;
    }

    void readStyles(const pugi::xml_node& styles)
    {
        std::map<std::string, std::string> based_on;
        for (const auto& style : styles.children("w:style")) {
            const std::string id = style.attribute("w:styleId").as_string();
            if (isUnsaid(style.child("w:rPr")))
                m_unsaid_styles.insert(id);
            based_on[id] = style.child("w:basedOn").attribute("w:val").as_string();
            const std::string_view name = style.child("w:name").attribute("w:val").as_string();
            if (name.starts_with("heading") || name == "Title" || name == "Heading")
                m_heading_styles.insert(id);
        }
        for (const auto& [id, parent] : based_on) {
            std::string at = parent;
            for (int i = 0; i < 20 && !at.empty(); ++i) {
                if (m_unsaid_styles.contains(at))
                    m_unsaid_styles.insert(id);
                const auto next = based_on.find(at);
                at = next == based_on.end() ? std::string() : next->second;
            }
        }
    }

    void addParagraph(const pugi::xml_node& paragraph, int depth)
    {
        const auto properties = paragraph.child("w:pPr");
        const std::string style = properties.child("w:pStyle").attribute("w:val").as_string();
        if (m_unsaid_styles.contains(style))
            return;
        m_out.endBlock();
        if (m_heading_styles.contains(style) || style.starts_with("Heading"))
            m_out.text += "# ";
        else if (properties.child("w:numPr") || style.starts_with("List"))
            m_out.text += "- ";
        addChildren(paragraph, depth);
        m_out.endBlock();
    }

    void addTable(const pugi::xml_node& table, int depth)
    {
        m_out.endBlock();
        for (const auto& row : table.children("w:tr")) {
            if (row.child("w:trPr").child("w:del") || isOn(row.child("w:trPr").child("w:hidden")))
                continue;
            std::vector<std::string> cells;
            for (const auto& cell : row.children("w:tc")) {
                std::string outer = std::exchange(m_out.text, {});
                addChildren(cell, depth);
                cells.push_back(std::exchange(m_out.text, std::move(outer)));
                while (cells.back().ends_with('\n'))
                    cells.back().pop_back();
            }
            m_out.addRow(cells);
        }
        m_out.endBlock();
    }

    void add(const pugi::xml_node& node, int depth)
    {
        const std::string_view tag = node.name();
        if (depth > kDeepestNode)
            return;
        if (tag == "w:p")
            addParagraph(node, depth);
        else if (tag == "w:tbl")
            addTable(node, depth);
        else if (tag == "w:r") {
            const auto properties = node.child("w:rPr");
            if (!isUnsaid(properties) &&
                !m_unsaid_styles.contains(properties.child("w:rStyle").attribute("w:val").as_string()))
                addChildren(node, depth);
        } else if (tag == "w:t")
            m_out.text += node.child_value();
        else if (tag == "w:br" || tag == "w:cr")
            m_out.text += '\n';
        else if (tag == "w:tab" && std::string_view(node.parent().name()) == "w:r")
            m_out.text += '\t';
        else if (tag == "w:footnoteReference" || tag == "w:endnoteReference")
            m_out.text += "*"; // a note says more
        else if (tag == "w14:checkbox")
            m_out.text += node.child("w14:checked").attribute("w14:val").as_int() != 0 ? "[x] " : "[ ] ";
        else if (tag != "w:del" && tag != "w:moveFrom" && tag != "w:delText" && tag != "w:instrText" &&
                 tag != "mc:Fallback" && tag != "w:pPr" && tag != "w:rPr")
            addChildren(node, depth);
    }

    void addChildren(const pugi::xml_node& node, int depth)
    {
        for (const auto& child : node.children())
            add(child, depth + 1);
    }

    TextBuilder m_out;
    std::set<std::string> m_unsaid_styles, m_heading_styles;
};

class OdtReader
{
public:
    explicit OdtReader(const std::map<std::string, std::string>& parts)
    {
        for (const char* part : {"styles.xml", "content.xml"}) {
            pugi::xml_document document;
            if (!load(document, parts, part))
                continue;
            for (const char* where : {"office:styles", "office:automatic-styles"})
                for (const auto& style : document.document_element().child(where).children("style:style"))
                    readStyle(style);
        }
        for (const auto& [id, parent] : m_parents) {
            std::string at = parent;
            for (int i = 0; i < 20 && !at.empty(); ++i) {
                if (m_unsaid_styles.contains(at))
                    m_unsaid_styles.insert(id);
                const auto next = m_parents.find(at);
                at = next == m_parents.end() ? std::string() : next->second;
            }
        }
    }

    void read(const pugi::xml_node& root)
    {
        add(root, 0);
        for (const auto& note : m_notes)
            m_out.text += "\n\n" + note;
    }

    std::string text() { return std::move(m_out.text); }

private:
    void readStyle(const pugi::xml_node& style)
    {
        const std::string id = style.attribute("style:name").as_string();
        m_parents[id] = style.attribute("style:parent-style-name").as_string();
        const auto properties = style.child("style:text-properties");
        const std::string_view line = properties.attribute("style:text-line-through-style").as_string("none");
        const std::string_view type = properties.attribute("style:text-line-through-type").as_string("none");
        if (line != "none" || type != "none" ||
            std::string_view(properties.attribute("text:display").as_string()) == "none")
            m_unsaid_styles.insert(id);
    }

    bool isUnsaid(const pugi::xml_node& node) const
    {
        return m_unsaid_styles.contains(node.attribute("text:style-name").as_string()) ||
               std::string_view(node.attribute("text:display").as_string()) == "none" ||
               (node.attribute("text:is-hidden").as_bool(false) &&
                std::string_view(node.name()).starts_with("text:hidden"));
    }

    void addTable(const pugi::xml_node& table, int depth)
    {
        for (const auto& row : table.children()) {
            const std::string_view tag = row.name();
            if (tag == "table:table-header-rows" || tag == "table:table-rows" ||
                tag == "table:table-row-group") {
                addTable(row, depth + 1);
            } else if (tag == "table:table-row") {
                std::vector<std::string> cells;
                for (const auto& cell : row.children("table:table-cell")) {
                    std::string outer = std::exchange(m_out.text, {});
                    addChildren(cell, depth);
                    cells.push_back(std::exchange(m_out.text, std::move(outer)));
                    while (cells.back().ends_with('\n'))
                        cells.back().pop_back();
                }
                m_out.addRow(cells);
            }
        }
    }

    void add(const pugi::xml_node& node, int depth)
    {
        if (depth > kDeepestNode)
            return;
        if (node.type() == pugi::node_pcdata) {
            m_out.text += node.value();
            return;
        }
        const std::string_view tag = node.name();
        if (tag == "text:tracked-changes" || tag == "office:annotation" || tag == "office:automatic-styles" ||
            isUnsaid(node))
            return;
        if (tag == "text:p" || tag == "text:h") {
            if (!m_out.text.ends_with("- "))
                m_out.endBlock();
            if (tag == "text:h")
                m_out.text += "# ";
            addChildren(node, depth);
            m_out.endBlock();
        } else if (tag == "table:table") {
            m_out.endBlock();
            addTable(node, depth);
            m_out.endBlock();
        } else if (tag == "text:list-item") {
            m_out.endBlock();
            m_out.text += "- ";
            addChildren(node, depth);
        } else if (tag == "text:line-break") {
            m_out.text += '\n';
        } else if (tag == "text:tab") {
            m_out.text += '\t';
        } else if (tag == "text:s") {
            m_out.text.append(
                static_cast<std::size_t>(std::clamp(node.attribute("text:c").as_int(1), 1, 100)), ' ');
        } else if (tag == "text:note") {
            m_out.text += "*"; // a note says more
            std::string outer = std::exchange(m_out.text, {});
            addChildren(node.child("text:note-body"), depth);
            m_notes.push_back(std::exchange(m_out.text, std::move(outer)));
        } else {
            addChildren(node, depth);
        }
    }

    void addChildren(const pugi::xml_node& node, int depth)
    {
        for (const auto& child : node.children())
            add(child, depth + 1);
    }

    TextBuilder m_out;
    std::set<std::string> m_unsaid_styles;
    std::map<std::string, std::string> m_parents;
    std::vector<std::string> m_notes;
};

} // namespace

Result<std::string> docxText(const std::string& bytes, const std::string& name)
{
    const auto parts = partsOf(bytes, name);
    if (!parts)
        return fail(parts.error());
    DocxReader reader(*parts);
    pugi::xml_document body;
    if (!load(body, *parts, "word/document.xml"))
        return fail(ErrorCode::DocumentUnreadable, name, "it is damaged");
    reader.read(body.document_element());
    for (const char* part : {"word/footnotes.xml", "word/endnotes.xml"}) {
        pugi::xml_document notes;
        if (load(notes, *parts, part))
            reader.read(notes.document_element());
    }
    return reader.text();
}

Result<std::string> odtText(const std::string& bytes, const std::string& name)
{
    const auto parts = partsOf(bytes, name);
    if (!parts)
        return fail(parts.error());
    OdtReader reader(*parts);
    pugi::xml_document content;
    if (!load(content, *parts, "content.xml"))
        return fail(ErrorCode::DocumentUnreadable, name, "it is damaged");
    reader.read(content.document_element());
    return reader.text();
}

} // namespace ink
