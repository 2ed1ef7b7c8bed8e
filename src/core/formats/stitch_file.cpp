#include "core/formats/stitch_file.h"

#include "core/formats/stitch_records.h"
#include "core/formats/thread_picture.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <ostream>

namespace ink {
namespace {

constexpr std::array<std::string_view, 4> kSuffixes{".dst", ".exp", ".svg", ".png"};

} // namespace

std::string_view suffixOf(StitchFormat format)
{
    return kSuffixes[std::size_t(format)];
}

std::optional<StitchFormat> stitchFormatOf(std::string_view file_name)
{
    for (const auto format : kStitchFormats) {
        const auto suffix = suffixOf(format);
        if (file_name.size() > suffix.size() &&
            std::ranges::equal(
                file_name.substr(file_name.size() - suffix.size()), suffix,
                [](char a, char b) { return std::tolower(static_cast<unsigned char>(a)) == b; }))
            return format;
    }
    return {};
}

Result<void> writeStitches(std::ostream& out, const SewnFile& file, StitchFormat format)
{
    if (std::ranges::none_of(file.work,
                             [](const NeedleStep& s) { return s.kind == NeedleStep::Kind::Stitch; }))
        return fail(ErrorCode::NothingToCut);
    auto written = Result<void>();
    switch (format) {
    case StitchFormat::Dst:
        written = detail::writeDst(out, file.work, file.title);
        break;
    case StitchFormat::Exp:
        written = detail::writeExp(out, file.work);
        break;
    case StitchFormat::Svg:
        detail::writeThreadSvg(out, file);
        break;
    case StitchFormat::Png:
        written = detail::writeCloth(out, file);
        break;
    }
    if (!written)
        return written;
    return out ? Result<void>() : fail(ErrorCode::FileUnwritable);
}

void writeColourNote(std::ostream& out, const SewnFile& file)
{
    std::size_t layers = 1;
    for (const auto& step : file.work)
        layers += step.kind == NeedleStep::Kind::Stop;
    for (std::size_t layer = 0; layer < layers; ++layer)
        out << layer + 1 << '\t' << detail::threadOf(file, layer) << '\n';
}

Result<ReadStitches> readStitches(std::string_view bytes, StitchFormat format)
{
    if (bytes.size() > kMostStitchFile_bytes)
        return fail(ErrorCode::DocumentDamaged, {}, "it is larger than stitch files are");
    if (format == StitchFormat::Dst)
        return detail::readDst(bytes);
    if (format == StitchFormat::Exp)
        return detail::readExp(bytes);
    return fail(ErrorCode::DocumentDamaged, {}, "only DST and EXP files are read");
}

} // namespace ink
