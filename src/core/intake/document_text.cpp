#include "core/intake/document_text.h"

#include "core/base/file_output.h"
#include "core/intake/html_text.h"
#include "core/intake/office_text.h"
#include "core/intake/package.h"
#include "core/intake/rtf_said.h"
#include "core/intake/run_program.h"
#include "core/package/text_encoding.h"

#include <cmark-gfm-core-extensions.h>
#include <cmark-gfm.h>
#include <poppler-document.h>
#include <poppler-global.h>
#include <poppler-page.h>

#include <algorithm>
#include <cctype>
#include <cstdlib>
#include <memory>
#include <string_view>

namespace ink {
namespace {

constexpr int kMostPages = 400;

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

Result<std::string> rtfText(const std::string& bytes, const std::string& name)
{
    // unrtf reads files only.
    const auto staging = Staging::make({});
    if (!staging)
        return fail(staging.error());
    const auto file = (*staging)->folder() / "said.rtf";
    if (auto written = writeFile(file,
                                 [&](std::ostream& out) -> Result<void> {
                                     out << rtfAsSaid(bytes);
                                     return {};
                                 });
        !written)
        return fail(written.error());
    const auto ran = detail::runProgram({"unrtf", "--nopict", "--html", file.string()},
                                        std::chrono::seconds(20), kLongestDocument);
    if (!ran)
        return fail(ran.error());
    if (ran->status != 0)
        return fail(ErrorCode::DocumentUnreadable, name, "it is damaged");
    return htmlText(toUtf8Text(ran->out), name);
}

/// GitHub's dialect: tables, text that is struck out, tick boxes. HTML inside is read as such.
Result<std::string> markdownText(const std::string& utf8, const std::string& name)
{
    static const bool is_ready = [] {
        cmark_gfm_core_extensions_ensure_registered();
        return true;
    }();
    const std::unique_ptr<cmark_parser, decltype(&cmark_parser_free)> parser(
        is_ready ? cmark_parser_new(CMARK_OPT_DEFAULT) : nullptr, cmark_parser_free);
    for (const char* extension : {"table", "strikethrough", "tasklist"})
        if (auto* found = cmark_find_syntax_extension(extension); found && parser)
            cmark_parser_attach_syntax_extension(parser.get(), found);
    cmark_parser_feed(parser.get(), utf8.data(), utf8.size());
    const std::unique_ptr<cmark_node, decltype(&cmark_node_free)> document(cmark_parser_finish(parser.get()),
                                                                           cmark_node_free);
    const std::unique_ptr<char, decltype(&std::free)> html(
        document ? cmark_render_html(document.get(), CMARK_OPT_UNSAFE,
                                     cmark_parser_get_syntax_extensions(parser.get()))
                 : nullptr,
        std::free);
    return html ? htmlText(html.get(), name) : Result<std::string>(fail(ErrorCode::DocumentUnreadable, name));
}

/// Text, and nothing else in the file: a program with an archive behind it begins like one.
Result<std::string> plainText(const std::string& bytes, const std::string& name)
{
    if (!isTextThroughout(bytes) || !isInSomeEncoding(bytes))
        return fail(ErrorCode::DocumentUnreadable, name, "it holds more than text");
    return toUtf8Text(bytes);
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
        return rtfText(*bytes, name);
    case ContentKind::Docx:
        return docxText(*bytes, name);
    case ContentKind::Odt:
        return odtText(*bytes, name);
    case ContentKind::Html:
    case ContentKind::Text: {
        const auto text = plainText(*bytes, name);
        if (!text)
            return text;
        return kind == ContentKind::Html ? htmlText(*text, name)
               : isMarkdown(file)        ? markdownText(*text, name)
                                         : text;
    }
    default:
        return fail(ErrorCode::DocumentUnreadable, name, "this kind of file holds no text");
    }
}

} // namespace ink
