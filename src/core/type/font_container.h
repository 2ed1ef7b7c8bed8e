// From the bytes of a file to the bytes of an sfnt: kinds by content, WOFF unpacked, directory checked.
// Internal to the type layer.
#pragma once

#include "core/base/result.h"
#include "core/type/font_face.h"

#include <string>

namespace ink::detail {

struct SfntBytes
{
    FontContainer container = FontContainer::Plain;
    std::string bytes;
    unsigned face_count = 1;
};

/// Errors: NotAFont, FontTruncated, FontDamaged, FontWithoutOutlines (bitmap formats), with `subject`.
Result<SfntBytes> unpackFont(std::string file, const std::string& subject);

} // namespace ink::detail
