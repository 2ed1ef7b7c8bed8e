// Arbitrary bytes as a list of names: each line becomes a name or is told of, and the list is the same when it is read again.
#include "core/handoff/name_reader.h"

#include <cstdint>
#include <cstdlib>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const std::string_view bytes(reinterpret_cast<const char*>(data), size);
    const auto read = ink::readNames(bytes);
    if (!read)
        return 0;
    if (read->names.size() > ink::kMostNames)
        std::abort();
    for (const auto& name : read->names)
        if (name.words.empty() || name.copies < 1 || name.copies > ink::kMostCopies)
            std::abort();
    for (const auto& remark : read->remarks)
        if (remark.line < 1)
            std::abort();
    const auto again = ink::readNames(bytes);
    if (!again || again->names != read->names)
        std::abort();
    return 0;
}
