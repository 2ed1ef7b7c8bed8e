// What makes one piece of many.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/geometry/path.h"
#include "core/geometry/unit.h"

#include <functional>
#include <span>
#include <vector>

namespace ink {

/// Ties pieces by the shortest bridges there are, until all hang together or no piece that `ties` says is left over.
/// Units:  those of the coordinates.
/// Errors: those of combine().
Result<Outline> tiedTogether(const Outline& outline, double width, Unit unit,
                             const std::function<bool(std::size_t piece)>& ties = {},
                             const CancelToken& cancel = {});

/// A bar of that height from end to end under each line, its upper quarter in the feet of the letters; what does not stand
/// on it is tied by bridges of the same width.
Result<Outline> onBar(const Outline& outline, double height, std::span<const double> baselines, Unit unit,
                      const CancelToken& cancel = {});

/// The least border that makes one piece of all.
/// Errors: those of offset(); TooComplex where a border of 100 mm does not.
Result<Outline> onPlate(const Outline& outline, Unit unit, const CancelToken& cancel = {});

} // namespace ink
