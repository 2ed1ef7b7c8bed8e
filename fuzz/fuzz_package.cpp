// Arbitrary bytes as a package in memory: every entry is refused with a reason or has a name that stays in
// its folder.
#include "core/intake/content_kind.h"
#include "core/intake/safe_name.h"
#include "core/package/archive.h"
#include "core/package/text_encoding.h"

#include <cstdint>
#include <cstdlib>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const std::string_view bytes(reinterpret_cast<const char*>(data), size);
    ink::PackageLimits limits;
    limits.entry_bytes = 1 << 20;
    limits.total_bytes = 4 << 20;
    limits.entries = 200;
    ink::PackageUse use;
    std::string stopped;
    const auto read = ink::readArchive(
        bytes, "fuzzed", limits, use,
        [&](ink::ArchiveEntry entry) {
            if (entry.bytes.size() > limits.entry_bytes ||
                (entry.refusal != ink::Refusal::None && !entry.bytes.empty()))
                std::abort();
            const auto checked = ink::checkName(entry.name);
            if (checked.refusal.empty() == checked.path.empty())
                std::abort();
            const auto place = (std::filesystem::path("/chosen") / checked.path).lexically_normal().string();
            if (!checked.path.empty() && !place.starts_with("/chosen/"))
                std::abort();
            (void)ink::shownName(entry.name);
            if (ink::isDocument(
                    ink::contentKindOf(std::string_view(entry.bytes).substr(0, 4096), entry.name)))
                (void)ink::toUtf8Text(entry.bytes);
        },
        stopped);
    if (use.bytes > limits.total_bytes || (!read && read.error().message().empty()))
        std::abort();
    return 0;
}
