#include "core/type/font_container.h"

#include "core/base/told.h"

#include <ft2build.h>
#include FT_FREETYPE_H
#include FT_TRUETYPE_TABLES_H

#include <hb.h>

#include <woff2/decode.h>
#include <woff2/output.h>

#include <algorithm>
#include <cstdint>
#include <memory>
#include <string_view>

namespace ink::detail {
namespace {

// A small WOFF2 file that unpacks into more than this is an attack, not a font.
constexpr std::size_t kMaxUnpackedBytes = std::size_t{256} << 20;

std::uint32_t readU32(const std::string& bytes, std::size_t at)
{
    if (at + 4 > bytes.size())
        return 0;
    const auto byte = [&](std::size_t i) {
        return static_cast<std::uint32_t>(static_cast<unsigned char>(bytes[at + i]));
    };
    return byte(0) << 24 | byte(1) << 16 | byte(2) << 8 | byte(3);
}

std::uint32_t readU16(const std::string& bytes, std::size_t at)
{
    return at + 2 > bytes.size() ? 0 : readU32(bytes.substr(at, 2) + std::string(2, '\0'), 0) >> 16;
}

/// Every table of the directory at `offset` must lie inside the file.
Result<void> checkDirectory(const std::string& bytes, std::size_t offset, const std::string& subject)
{
    const std::size_t tables = readU16(bytes, offset + 4);
    if (tables == 0)
        return fail(bytes.size() < offset + 12 ? ErrorCode::FontTruncated : ErrorCode::FontDamaged, subject);
    std::size_t needed = offset + 12 + 16 * tables;
    for (std::size_t i = 0; i < tables && offset + 28 + 16 * i <= bytes.size(); ++i) {
        const std::size_t record = offset + 12 + 16 * i;
        needed = std::max(needed, std::size_t{readU32(bytes, record + 8)} + readU32(bytes, record + 12));
    }
    if (needed > bytes.size())
        return fail(ErrorCode::FontTruncated, subject,
                    told("{} of {} bytes are there", bytes.size(), needed));
    return {};
}

/// The length that a WOFF or WOFF2 header states must be there.
Result<void> checkStatedLength(const std::string& file, const std::string& subject)
{
    const std::size_t stated = readU32(file, 8);
    if (stated <= file.size())
        return {};
    return fail(ErrorCode::FontTruncated, subject, told("{} of {} bytes are there", file.size(), stated));
}

/// WOFF2 by its reference implementation. (FreeType 2.12 loses the outline of the last glyph.)
Result<SfntBytes> unpackWoff2(const std::string& file, const std::string& subject)
{
    if (auto ok = checkStatedLength(file, subject); !ok)
        return fail(ok.error());
    const auto* bytes = reinterpret_cast<const std::uint8_t*>(file.data());
    std::string sfnt;
    woff2::WOFF2StringOut out(&sfnt);
    out.SetMaxSize(kMaxUnpackedBytes);
    if (!woff2::ConvertWOFF2ToTTF(bytes, file.size(), &out))
        return fail(ErrorCode::FontDamaged, subject);
    sfnt.resize(out.Size());
    auto plain = unpackFont(std::move(sfnt), subject);
    if (plain)
        plain->container = FontContainer::Woff2;
    return plain;
}

/// WOFF, unpacked by FreeType and put together again as a plain sfnt.
Result<SfntBytes> unpackWoff(const std::string& file, const std::string& subject)
{
    if (auto ok = checkStatedLength(file, subject); !ok)
        return fail(ok.error());

    FT_Library library_raw = nullptr;
    if (FT_Init_FreeType(&library_raw) != 0)
        return fail(ErrorCode::Internal, subject, "FreeType did not start");
    const std::unique_ptr<FT_LibraryRec_, decltype(&FT_Done_FreeType)> library(library_raw, FT_Done_FreeType);
    FT_Face face_raw = nullptr;
    if (FT_New_Memory_Face(library.get(), reinterpret_cast<const FT_Byte*>(file.data()),
                           static_cast<FT_Long>(file.size()), 0, &face_raw) != 0)
        return fail(ErrorCode::FontDamaged, subject);
    const std::unique_ptr<FT_FaceRec_, decltype(&FT_Done_Face)> face(face_raw, FT_Done_Face);

    FT_ULong count = 0;
    if (FT_Sfnt_Table_Info(face.get(), 0, nullptr, &count) != 0)
        return fail(ErrorCode::FontDamaged, subject);
    const std::unique_ptr<hb_face_t, decltype(&hb_face_destroy)> builder(hb_face_builder_create(),
                                                                         hb_face_destroy);
    for (FT_UInt i = 0; i < count; ++i) {
        FT_ULong tag = 0, length = 0;
        if (FT_Sfnt_Table_Info(face.get(), i, &tag, &length) != 0)
            return fail(ErrorCode::FontDamaged, subject);
        std::string table(length, '\0');
        if (length > 0 &&
            FT_Load_Sfnt_Table(face.get(), tag, 0, reinterpret_cast<FT_Byte*>(table.data()), &length) != 0)
            return fail(ErrorCode::FontDamaged, subject);
        hb_blob_t* blob = hb_blob_create(table.data(), static_cast<unsigned>(length),
                                         HB_MEMORY_MODE_DUPLICATE, nullptr, nullptr);
        hb_face_builder_add_table(builder.get(), static_cast<hb_tag_t>(tag), blob);
        hb_blob_destroy(blob);
    }
    const std::unique_ptr<hb_blob_t, decltype(&hb_blob_destroy)> sfnt(hb_face_reference_blob(builder.get()),
                                                                      hb_blob_destroy);
    unsigned length = 0;
    const char* data = hb_blob_get_data(sfnt.get(), &length);
    if (length == 0)
        return fail(ErrorCode::FontDamaged, subject);
    return SfntBytes{FontContainer::Woff, std::string(data, length), 1};
}

} // namespace

Result<SfntBytes> unpackFont(std::string file, const std::string& subject)
{
    using namespace std::string_view_literals;
    const auto startsWith = [&file](std::string_view magic) {
        return std::string_view(file).starts_with(magic);
    };

    if (startsWith("wOFF"))
        return unpackWoff(file, subject);
    if (startsWith("wOF2"))
        return unpackWoff2(file, subject);
    if (startsWith("STARTFONT") || startsWith("\x01"
                                              "fcp"))
        return fail(ErrorCode::FontWithoutOutlines, subject);
    if (startsWith("ttcf")) {
        const std::size_t faces = readU32(file, 8);
        if (faces == 0 || faces > 1000)
            return fail(ErrorCode::FontDamaged, subject);
        if (file.size() < 12 + 4 * faces)
            return fail(ErrorCode::FontTruncated, subject);
        for (std::size_t i = 0; i < faces; ++i)
            if (auto ok = checkDirectory(file, readU32(file, 12 + 4 * i), subject); !ok)
                return fail(ok.error());
        return SfntBytes{FontContainer::Collection, std::move(file), static_cast<unsigned>(faces)};
    }
    if (startsWith("\0\1\0\0"sv) || startsWith("OTTO") || startsWith("true")) {
        if (auto ok = checkDirectory(file, 0, subject); !ok)
            return fail(ok.error());
        return SfntBytes{FontContainer::Plain, std::move(file), 1};
    }
    return fail(ErrorCode::NotAFont, subject, file.empty() ? "the file is empty" : "");
}

} // namespace ink::detail
