// The report of `uink sheet` (docs/formats/sheet-report.md).
#pragma once

#include "core/handoff/made_names.h"
#include "core/handoff/sheet_plan.h"

#include <iosfwd>

namespace ink {

/// One JSON object. `made` are the names in the order of the list; those that could be made are the things of the plan.
void writeSheetReport(std::ostream& out, const SheetPlan& plan, const std::vector<MadeName>& made,
                      bool is_mirrored);

} // namespace ink
