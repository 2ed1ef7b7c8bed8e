#include "core/match/picture.h"

#include "core/base/told.h"

#include <png.h>
#include <turbojpeg.h>
#include <webp/decode.h>

#include <algorithm>
#include <cstring>
#include <fstream>
#include <memory>
#include <sstream>

namespace ink {
namespace {

constexpr std::uintmax_t kMostBytes = 200'000'000;

Result<Picture> sized(long long width, long long height)
{
    if (width <= 0 || height <= 0)
        return fail(ErrorCode::PictureUnreadable);
    if (width * height > kMostPixels)
        return fail(ErrorCode::PictureTooLarge, {}, told("{} x {} pixels", width, height));
    Picture picture{static_cast<int>(width), static_cast<int>(height), {}};
    picture.rgb.resize(static_cast<std::size_t>(width * height) * 3);
    return picture;
}

bool isPng(std::string_view bytes)
{
    return bytes.starts_with("\x89PNG\r\n\x1a\n");
}

bool isJpeg(std::string_view bytes)
{
    return bytes.starts_with("\xff\xd8\xff");
}

bool isWebp(std::string_view bytes)
{
    return bytes.size() >= 12 && bytes.starts_with("RIFF") && bytes.substr(8, 4) == "WEBP";
}

/// What is transparent lies on white; on black where all that is to be seen is nearly white.
void layOnGround(Picture& picture, const std::vector<std::uint8_t>& rgba)
{
    double light = 0.0, seen = 0.0;
    for (std::size_t i = 0; i < rgba.size(); i += 4) {
        seen += rgba[i + 3];
        light += rgba[i + 3] * (rgba[i] + rgba[i + 1] + rgba[i + 2]) / 765.0;
    }
    const int ground = seen > 0.0 && light / seen > 0.85 ? 0 : 255;
    for (std::size_t i = 0, o = 0; i < rgba.size(); i += 4, o += 3)
        for (std::size_t c = 0; c < 3; ++c)
            picture.rgb[o + c] =
                static_cast<std::uint8_t>((rgba[i + c] * rgba[i + 3] + ground * (255 - rgba[i + 3])) / 255);
}

/// Chunks "acTL" before the first "IDAT" say that the picture moves.
bool moves(std::string_view png)
{
    const auto animation = png.find("acTL");
    return animation != std::string_view::npos && animation < png.find("IDAT");
}

Result<Picture> readPng(std::string_view bytes)
{
    if (moves(bytes))
        return fail(ErrorCode::PictureMoves);
    png_image image{};
    image.version = PNG_IMAGE_VERSION;
    const auto text = [&image] { return std::string(image.message); };
    if (!png_image_begin_read_from_memory(&image, bytes.data(), bytes.size()))
        return fail(ErrorCode::PictureUnreadable, {}, text());
    const std::unique_ptr<png_image, void (*)(png_image*)> done(&image, png_image_free);
    auto picture = sized(image.width, image.height);
    if (!picture)
        return picture;
    image.format = PNG_FORMAT_RGBA;
    std::vector<std::uint8_t> rgba(PNG_IMAGE_SIZE(image));
    if (!png_image_finish_read(&image, nullptr, rgba.data(), 0, nullptr))
        return fail(ErrorCode::PictureCutShort, {}, text());
    layOnGround(*picture, rgba);
    return picture;
}

const unsigned char* unsignedBytes(std::string_view bytes)
{
    return reinterpret_cast<const unsigned char*>(bytes.data());
}

Result<Picture> readJpeg(std::string_view bytes)
{
    const std::unique_ptr<void, int (*)(tjhandle)> decoder(tjInitDecompress(), tjDestroy);
    int width = 0, height = 0, sampling = 0, colours = 0;
    if (!decoder || tjDecompressHeader3(decoder.get(), unsignedBytes(bytes), bytes.size(), &width, &height,
                                        &sampling, &colours) != 0)
        return fail(ErrorCode::PictureUnreadable);
    auto picture = sized(width, height);
    if (!picture)
        return picture;
    // What is not there is filled with grey by the library, which says so: a warning stops here.
    if (tjDecompress2(decoder.get(), unsignedBytes(bytes), bytes.size(), picture->rgb.data(), width, 0,
                      height, TJPF_RGB, TJFLAG_STOPONWARNING) != 0)
        return fail(ErrorCode::PictureCutShort, {}, tjGetErrorStr2(decoder.get()));
    return picture;
}

Result<Picture> readWebp(std::string_view bytes)
{
    WebPBitstreamFeatures features;
    if (WebPGetFeatures(unsignedBytes(bytes), bytes.size(), &features) != VP8_STATUS_OK)
        return fail(ErrorCode::PictureUnreadable);
    if (features.has_animation)
        return fail(ErrorCode::PictureMoves);
    auto picture = sized(features.width, features.height);
    if (!picture)
        return picture;
    std::vector<std::uint8_t> rgba(static_cast<std::size_t>(features.width) *
                                   static_cast<std::size_t>(features.height) * 4);
    if (!WebPDecodeRGBAInto(unsignedBytes(bytes), bytes.size(), rgba.data(), rgba.size(), features.width * 4))
        return fail(ErrorCode::PictureCutShort);
    layOnGround(*picture, rgba);
    return picture;
}

} // namespace

bool looksLikePicture(std::string_view first_bytes)
{
    return isPng(first_bytes) || isJpeg(first_bytes) || isWebp(first_bytes);
}

Result<Picture> readPicture(std::string_view bytes)
{
    if (isPng(bytes))
        return readPng(bytes);
    if (isJpeg(bytes))
        return readJpeg(bytes);
    if (isWebp(bytes))
        return readWebp(bytes);
    return fail(ErrorCode::PictureUnreadable);
}

Result<Picture> readPictureFile(const std::filesystem::path& path)
{
    std::error_code code;
    if (!std::filesystem::exists(path, code))
        return fail(ErrorCode::FileNotFound, path.string());
    if (!std::filesystem::is_regular_file(path, code))
        return fail(ErrorCode::PictureUnreadable, path.string());
    if (std::filesystem::file_size(path, code) > kMostBytes)
        return fail(ErrorCode::PictureTooLarge, path.string());
    std::ifstream in(path, std::ios::binary);
    std::ostringstream all;
    if (!in || (std::filesystem::file_size(path, code) > 0 && !(all << in.rdbuf())))
        return fail(ErrorCode::FileUnreadable, path.string());
    auto picture = readPicture(std::move(all).str());
    if (!picture)
        picture.error().subject = path.string();
    return picture;
}

} // namespace ink
