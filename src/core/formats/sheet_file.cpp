#include "core/formats/sheet_file.h"

#include "core/base/text.h"

#include <array>
#include <ostream>

namespace ink {

std::string_view suffixOf(SheetFormat format)
{
    static constexpr std::array<std::string_view, 6> kSuffixes{".svg", ".dxf", ".plt",
                                                               ".pdf", ".eps", ".png"};
    return kSuffixes[std::size_t(format)];
}

std::optional<SheetFormat> formatOf(std::string_view file_name)
{
    const std::string name = lowered(file_name);
    for (const auto format : kSheetFormats)
        if (name.ends_with(suffixOf(format)))
            return format;
    return name.ends_with(".hpgl") ? std::optional(SheetFormat::Hpgl) : std::nullopt;
}

Result<void> writeSheet(std::ostream& out, const SheetDrawing& drawing, SheetFormat format)
{
    if (drawing.paths.empty())
        return fail(ErrorCode::NothingToCut);
    switch (format) {
    case SheetFormat::Svg:
        return detail::writeSheetSvg(out, drawing);
    case SheetFormat::Dxf:
        return detail::writeSheetDxf(out, drawing);
    case SheetFormat::Hpgl:
        return detail::writeSheetHpgl(out, drawing);
    default:
        return detail::paintSheet(out, drawing, format);
    }
}

} // namespace ink
