// What is known of a face as the shelf keeps it, so that thousands of files need not be opened at the start.
#pragma once

#include "core/type/font_face.h"

#include <optional>
#include <string>
#include <string_view>

namespace ink {

std::string jsonOf(const FaceInfo& face);
/// Nothing when the text is not what jsonOf writes.
std::optional<FaceInfo> faceFrom(std::string_view json);

} // namespace ink
