// A paper pattern as a PDF.
#pragma once

#include "core/cut/pattern.h"

#include <iosfwd>

namespace ink {

struct PatternWords
{
    std::string title;
    /// What to look at before it is used, in the reader's language.
    std::string advice;
    /// What is known of the right to use the outlines.
    std::string rights;
};

/// Each page at its true size.
/// Errors: FileUnwritable when the stream fails.
Result<void> writePattern(std::ostream& out, const Pattern& pattern, const PatternWords& words);

} // namespace ink
