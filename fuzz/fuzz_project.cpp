// Arbitrary bytes as a job's file: an error, or a project that survives writing and reading.
#include "core/project/project.h"

#include <cstdint>
#include <cstdlib>
#include <sstream>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const auto project = ink::readProject({reinterpret_cast<const char*>(data), size}, "fuzz");
    if (!project)
        return 0;
    std::ostringstream out;
    if (!ink::writeProject(out, *project))
        std::abort();
    const auto same = ink::readProject(out.str(), "again");
    if (!same || !(same->job == project->job))
        std::abort();
    return 0;
}
