#include "core/intake/document_text.h"

#include "core/base/file_output.h"
#include "core/intake/archive.h"
#include "core/intake/run_program.h"
#include "core/intake/text_encoding.h"

#include <cmark.h>
#include <libxml/HTMLparser.h>
#include <poppler-document.h>
#include <poppler-global.h>
#include <poppler-page.h>
#include <pugixml.hpp>

#include <algorithm>
#include <array>
#include <cctype>
#include <cstdlib>
#include <memory>
#include <string_view>

namespace ink {
namespace {

constexpr int kMostPages = 60;

void addHtml(const xmlNode* node, std::string& out, int depth)
{
    if (depth > 400)
        return;
    static constexpr std::array<std::string_view, 20> kBlocks{
        "p",  "div", "br", "li",    "tr",      "h1",      "h2",     "h3", "h4",         "h5",
        "h6", "ul",  "ol", "table", "section", "article", "header", "hr", "blockquote", "title"};
    for (; node; node = node->next) {
        if (node->type == XML_TEXT_NODE) {
            if (node->content)
                out += reinterpret_cast<const char*>(node->content);
        } else if (node->type == XML_ELEMENT_NODE) {
            const std::string_view name = reinterpret_cast<const char*>(node->name);
            if (name == "script" || name == "style")
                continue;
            addHtml(node->children, out, depth + 1);
            if (name == "a") // a link speaks through its address too
                if (xmlChar* target = xmlGetProp(node, reinterpret_cast<const xmlChar*>("href"))) {
                    out += " ";
                    out += reinterpret_cast<const char*>(target);
                    xmlFree(target);
                }
            if (std::ranges::find(kBlocks, name) != kBlocks.end())
                out += "\n\n";
        } else {
            addHtml(node->children, out, depth + 1);
        }
    }
}

Result<std::string> htmlText(const std::string& utf8, const std::string& name)
{
    const std::unique_ptr<xmlDoc, decltype(&xmlFreeDoc)> document(
        htmlReadMemory(utf8.data(), static_cast<int>(utf8.size()), nullptr, "UTF-8",
                       HTML_PARSE_RECOVER | HTML_PARSE_NOERROR | HTML_PARSE_NOWARNING | HTML_PARSE_NONET),
        xmlFreeDoc);
    if (!document)
        return fail(ErrorCode::DocumentUnreadable, name);
    std::string out;
    addHtml(xmlDocGetRootElement(document.get()), out, 0);
    return out;
}

Result<std::string> pdfText(const std::string& bytes, const std::string& name)
{
    poppler::set_debug_error_function([](const std::string&, void*) {}, nullptr);
    const std::unique_ptr<poppler::document> document(
        poppler::document::load_from_raw_data(bytes.data(), static_cast<int>(bytes.size())));
    if (!document)
        return fail(ErrorCode::DocumentUnreadable, name, "it is damaged");
    if (document->is_locked())
        return fail(ErrorCode::DocumentUnreadable, name, "it is locked with a password");
    std::string out;
    for (int i = 0; i < std::min(document->pages(), kMostPages); ++i) {
        const std::unique_ptr<poppler::page> page(document->create_page(i));
        if (!page)
            continue;
        const auto utf8 = page->text().to_utf8();
        out.append(utf8.begin(), utf8.end());
        out += '\n';
    }
    if (std::ranges::all_of(out, [](unsigned char c) { return std::isspace(c) != 0; }))
        return fail(ErrorCode::DocumentUnreadable, name, "it holds pictures of pages, no text");
    return out;
}

Result<std::string> rtfText(const std::filesystem::path& file)
{
    const auto ran = detail::runProgram({"unrtf", "--nopict", "--html", file.string()},
                                        std::chrono::seconds(20), kLongestDocument);
    if (!ran)
        return fail(ran.error());
    if (ran->status != 0)
        return fail(ErrorCode::DocumentUnreadable, file.string(), "it is damaged");
    return htmlText(toUtf8Text(ran->out), file.string());
}

/// Paragraphs of the XML part `part` of a zipped document.
Result<std::string> zippedText(const std::string& bytes, const std::string& name, std::string_view part)
{
    std::string xml, stopped;
    PackageUse use;
    const auto read = readArchive(
        bytes, name, {}, use,
        [&](ArchiveEntry entry) {
            if (entry.name == part)
                xml = std::move(entry.bytes);
        },
        stopped);
    pugi::xml_document document;
    if (xml.empty() ||
        !document.load_buffer(xml.data(), xml.size(), pugi::parse_default | pugi::parse_ws_pcdata))
        return fail(ErrorCode::DocumentUnreadable, name, read ? "it is damaged" : read.error().detail);
    struct Walker : pugi::xml_tree_walker
    {
        std::string out;
        bool for_each(pugi::xml_node& node) override
        {
            const std::string_view tag = node.name();
            if (node.type() == pugi::node_pcdata)
                out += node.value();
            else if (tag == "w:p" || tag == "text:p" || tag == "text:h" || tag == "w:br" ||
                     tag == "text:line-break")
                out += tag.ends_with(":p") || tag.ends_with(":h") ? "\n\n" : "\n";
            else if (tag == "w:tab" || tag == "text:tab" || tag == "text:s")
                out += ' ';
            return true;
        }
    } walker;
    document.traverse(walker);
    return walker.out;
}

Result<std::string> markdownText(const std::string& utf8, const std::string& name)
{
    const std::unique_ptr<char, decltype(&std::free)> html(
        cmark_markdown_to_html(utf8.data(), utf8.size(), CMARK_OPT_DEFAULT), std::free);
    return html ? htmlText(html.get(), name) : Result<std::string>(fail(ErrorCode::DocumentUnreadable, name));
}

bool isMarkdown(const std::filesystem::path& file)
{
    const auto ending = file.extension().string();
    return ending == ".md" || ending == ".MD" || ending == ".markdown";
}

} // namespace

Result<std::string> documentText(const std::filesystem::path& file, ContentKind kind)
{
    const auto bytes = readFile(file, kLongestDocument);
    if (!bytes)
        return fail(bytes.error());
    const std::string name = file.string();
    switch (kind) {
    case ContentKind::Pdf:
        return pdfText(*bytes, name);
    case ContentKind::Rtf:
        return rtfText(file);
    case ContentKind::Docx:
        return zippedText(*bytes, name, "word/document.xml");
    case ContentKind::Odt:
        return zippedText(*bytes, name, "content.xml");
    case ContentKind::Html:
        return htmlText(toUtf8Text(*bytes), name);
    case ContentKind::Text:
        return isMarkdown(file) ? markdownText(toUtf8Text(*bytes), name)
                                : Result<std::string>(toUtf8Text(*bytes));
    default:
        return fail(ErrorCode::DocumentUnreadable, name, "this kind of file holds no text");
    }
}

} // namespace ink
