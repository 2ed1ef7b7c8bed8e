// A fit shape as bytes, to be kept and read again as it was.
#pragma once

#include "core/fit/fit_marks.h"

#include <optional>
#include <string>
#include <string_view>

namespace ink {

/// To be raised with every change of what is measured or how: what was kept of another version is measured again.
inline constexpr int kFitShapeVersion = 5;

/// Source: RFC 8949 (CBOR).
std::string bytesOf(const FitShape& shape);

/// The shape as it was, to the last bit; nothing for any other bytes.
std::optional<FitShape> fitShapeFrom(std::string_view bytes);

} // namespace ink
