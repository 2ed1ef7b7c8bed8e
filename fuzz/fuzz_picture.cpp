// Arbitrary bytes as a picture of lettering: refused, or a picture whose ink can be laid over words.
#include "core/match/picture_match.h"

#include <cstdint>
#include <cstdlib>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const auto picture = ink::readPicture({reinterpret_cast<const char*>(data), size});
    if (!picture)
        return 0;
    const auto pixels =
        static_cast<std::size_t>(picture->width_px) * static_cast<std::size_t>(picture->height_px);
    if (picture->rgb.size() != 3 * pixels)
        std::abort();
    if (pixels > 250'000) // read well; what comes after takes too long here
        return 0;
    const auto ink = ink::inkOf(*picture);
    if (!ink)
        return 0;
    if (ink->ink.size() != static_cast<std::size_t>(ink->width_px) * static_cast<std::size_t>(ink->height_px))
        std::abort();
    if (!ink::PictureMatch::of(*ink, "Honey"))
        std::abort();
    return 0;
}
