// Arbitrary text as path data: an error, or outlines that are written and read again as the same.
#include "core/formats/path_data.h"

#include <cstdint>
#include <cstdlib>
#include <string>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const auto paths = ink::pathsFromData(std::string(reinterpret_cast<const char*>(data), size));
    if (!paths)
        return 0;
    const auto written = ink::pathData(*paths);
    const auto again = ink::pathsFromData(written);
    if (!again || ink::pathData(*again) != written)
        std::abort();
    return 0;
}
