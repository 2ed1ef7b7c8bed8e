// What makes things fit that were larger than their sheet.
#pragma once

#include "core/handoff/sheet_plan.h"

#include <optional>

namespace ink {

/// The largest part of its size at which a thing fits a sheet, or a hoop; what its footprint has more than it (borders, frames, the
/// thread round an edge) keeps its width.
/// Shape: 0 to 1; 0 where what is kept takes all of the sheet.
double fittingShare(const Box& thing_mm, const Box& footprint_mm, const SheetSize& sheet, bool may_turn);

/// The largest part of their size at which all that was left out fits its sheets, turned by a quarter where `turns` allows it; 1
/// where nothing was left out.
double fittingShare(const SheetPlan& plan, Turns turns);

/// Another card for the process that takes all that was left out, turned as the settings allow: of the same colour before others, and
/// of those the one with the smallest sheet. Nothing where none does, and where things lie on materials of their own.
std::optional<MaterialCard> roomierMaterial(const std::vector<MaterialCard>& cards, const SheetPlan& plan,
                                            const SheetSettings& settings, Process process);

} // namespace ink
