// Stitch files of any bytes: read, measured, and written again as they were read.
#include "core/formats/stitch_file.h"
#include "core/stitch/stitch_figures.h"

#include <cstdint>
#include <cstdlib>
#include <sstream>
#include <string_view>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    if (size == 0)
        return 0;
    const auto format = data[0] % 2 == 0 ? ink::StitchFormat::Dst : ink::StitchFormat::Exp;
    const auto read = ink::readStitches({reinterpret_cast<const char*>(data + 1), size - 1}, format);
    if (!read)
        return 0;
    const auto figures = ink::figuresOf(read->work, 800.0);
    std::ostringstream out;
    if (!ink::writeStitches(out, {read->work, read->title, {}, "#ffffff"}, format))
        return 0; // nothing but moves, or beyond 32 m
    const auto again = ink::readStitches(out.str(), format);
    if (!again || ink::figuresOf(again->work, 800.0).stitches < figures.stitches)
        std::abort();
    return 0;
}
