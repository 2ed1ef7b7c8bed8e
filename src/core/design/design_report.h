// What `uink weld` and `uink compose` tell of a design.
#pragma once

#include "core/design/composed_design.h"

#include <iosfwd>

namespace ink {

/// One JSON object (docs/formats/report.md); `with_method` adds how the weld went.
void writeReport(std::ostream& out, const ComposedDesign& composed, bool with_method = false);

} // namespace ink
