// Arbitrary bytes as a font file: an error or a design, never a crash or a hang.
#include "core/design/composed_design.h"

#include <cstdint>
#include <cstdlib>
#include <string>

#include <sys/mman.h>
#include <unistd.h>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const int file = ::memfd_create("font", 0);
    if (file < 0 || ::write(file, data, size) != static_cast<ssize_t>(size))
        std::abort();
    const std::string path = "/proc/self/fd/" + std::to_string(file);
    ink::Job job;
    job.words = "Aé bc";
    job.size = {ink::SizeBy::Width, 100.0};
    if (const auto faces = ink::FontFace::list(path))
        for (const auto& info : *faces)
            if (const auto face = ink::FontFace::open(path, info.choice))
                (void)ink::composeDesign(job, ink::alwaysLettersOf(*face));
    ::close(file);
    return 0;
}
