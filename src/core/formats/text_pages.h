// Paragraphs on sheets of paper, as a PDF to be read.
#pragma once

#include "core/base/result.h"

#include <iosfwd>
#include <string>
#include <vector>

namespace ink {

struct Paragraph
{
    enum class Style { Body, Strong, Quote, Heading, Title, Small };
    std::string words;
    Style style = Style::Body;
};

/// On A4, as many pages as it takes; in the desktop's plain letters, with those of other scripts where it has them.
/// Errors: FileUnwritable when the stream fails.
Result<void> writeTextPages(std::ostream& out, const std::string& title,
                            const std::vector<Paragraph>& paragraphs);

} // namespace ink
