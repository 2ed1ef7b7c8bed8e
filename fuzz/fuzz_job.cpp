// Arbitrary bytes as a kept job: an error or a job that survives writing and reading.
#include "core/design/job.h"

#include <cstdint>
#include <cstdlib>
#include <sstream>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    std::istringstream in(std::string(reinterpret_cast<const char*>(data), size));
    const auto job = ink::readJob(in);
    if (!job)
        return 0;
    std::ostringstream out;
    ink::writeJob(out, *job);
    std::istringstream again(out.str());
    const auto same = ink::readJob(again);
    if (!same || !(*same == *job))
        std::abort();
    return 0;
}
