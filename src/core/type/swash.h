// What counts as a swash.
#pragma once

#include "core/geometry/segment.h"

#include <string_view>

namespace ink {

/// A feature or a name that says so, or ink that reaches a fifth of an em further than the plain letter's, to
/// any side (common practice, no source).
bool isSwash(std::string_view feature, std::string_view glyph_name, const Box& plain, const Box& form,
             double units_per_em);

} // namespace ink
