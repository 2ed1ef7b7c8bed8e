// Stitch files: DST and EXP both ways, threads as SVG, the cloth as PNG (docs/formats/stitch-files.md).
#pragma once

#include "core/base/result.h"
#include "core/geometry/path.h"
#include "core/stitch/stitch_plan.h"

#include <array>
#include <iosfwd>
#include <memory>
#include <optional>
#include <string>
#include <string_view>

namespace ink {

enum class StitchFormat { Dst, Exp, Svg, Png };
inline constexpr StitchFormat kStitchFormats[] = {StitchFormat::Dst, StitchFormat::Exp, StitchFormat::Svg,
                                                  StitchFormat::Png};
/// ".dst", ".exp", ".svg", ".png".
std::string_view suffixOf(StitchFormat format);
/// By the end of a file's name; small and capital letters alike.
std::optional<StitchFormat> stitchFormatOf(std::string_view file_name);

/// What a file is made of.
struct SewnFile
{
    NeedleWork work;
    /// Up to 16 letters of it stand in the file.
    std::string title;
    /// Of each layer, "#a23a2b"; the last goes on.
    std::vector<std::string> threads;
    std::string cloth = "#e6ddc9";
    /// Laid on it and trimmed, beneath the threads; for pictures. Null for letters of thread.
    std::shared_ptr<const Outline> laid_cloth = {};
};

/// Cloth that is laid on another shows in this colour: told apart from it.
std::string laidClothOn(const std::string& cloth);

/// y counts upwards in all of them but SVG and PNG, where it is turned.
/// Errors: FileUnwritable when the stream fails; NothingToCut without a stitch; CoordinateOutOfRange for designs over 32 m.
Result<void> writeStitches(std::ostream& out, const SewnFile& file, StitchFormat format);

/// The colours in their order, one to a line: the machines' files hold none.
void writeColourNote(std::ostream& out, const SewnFile& file);

struct ReadStitches
{
    NeedleWork work;
    std::string title;
    /// The file ends before its end is told.
    bool is_cut_short = false;
};

inline constexpr std::size_t kMostStitchFile_bytes = 32u << 20;
/// No header is believed: what counts is the records. Three jumps after each other cut the thread (common practice, no source).
/// Errors: DocumentDamaged where it is no file of that kind.
Result<ReadStitches> readStitches(std::string_view bytes, StitchFormat format);

/// Brightness of a thread by its direction, about 1: it shines across the light.
double sheenOf(Point way);

} // namespace ink
