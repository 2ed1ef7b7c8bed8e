// A picture somebody took, read without trust.
#pragma once

#include "core/base/result.h"

#include <cstdint>
#include <filesystem>
#include <string_view>
#include <vector>

namespace ink {

/// Rows from the top, red, green and blue for each pixel.
struct Picture
{
    int width_px = 0, height_px = 0;
    std::vector<std::uint8_t> rgb;
};

/// Larger ones are refused: lettering needs a few hundred pixels, and a part is cut out quickly.
inline constexpr long long kMostPixels = 64'000'000;

/// PNG, JPEG or WebP, told by what is in it and not by its name. What is transparent lies on white, or on black where the
/// ink is light.
/// Errors: PictureUnreadable, PictureCutShort, PictureTooLarge, PictureMoves (an animation).
/// Source: W3C PNG 3 (libpng), ITU-T T.81 (libjpeg-turbo), RFC 9649 (libwebp).
Result<Picture> readPicture(std::string_view bytes);

/// From its first 12 bytes: it says that it is one of these.
bool looksLikePicture(std::string_view first_bytes);

/// The same of a file. Errors: FileNotFound, FileUnreadable, and those above, with the file as the subject.
Result<Picture> readPictureFile(const std::filesystem::path& path);

} // namespace ink
