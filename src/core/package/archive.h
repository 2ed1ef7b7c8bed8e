// Reading packages (zip, tar, 7z, rar) without trusting them.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"

#include <cstdint>
#include <filesystem>
#include <functional>
#include <iosfwd>
#include <string>
#include <string_view>
#include <vector>

namespace ink {

/// What one package may cost. The person can lift the limits for one package after reading why they are
/// there.
struct PackageLimits
{
    std::size_t entries = 5'000;
    std::uint64_t entry_bytes = std::uint64_t{200} << 20;
    std::uint64_t total_bytes = std::uint64_t{1} << 30;
    /// A package in a package in a package.
    unsigned nesting = 2;
    /// Unpacked over packed size, for entries above 1 MB.
    double ratio = 200.0;
    /// What cannot be trusted is handed over with its reason, to be written again as it was.
    bool keeps_refused = false;

    static PackageLimits lifted();
};

/// What has been used up so far, over all nested packages.
struct PackageUse
{
    std::size_t entries = 0;
    std::uint64_t bytes = 0;
};

/// Why the content of an entry cannot be had.
enum class Refusal {
    None,
    Link,
    NoFile,
    Locked,
    Damaged,
    /// Over a limit that the person can lift for this package.
    OverLimit,
};

struct ArchiveEntry
{
    /// As the archive has it, brought to UTF-8; not to be trusted.
    std::string name;
    /// The encoding the name was written in, when it was not UTF-8: "Shift_JIS".
    std::string name_encoding;
    bool is_folder = false;
    Refusal refusal = Refusal::None;
    /// "It is a link, which could lead anywhere.": empty when it was read whole.
    std::string reason;
    /// Also of an entry that was refused, where PackageLimits::keeps_refused: as far as it could be read.
    std::string bytes;
    /// Where a symbolic link leads.
    std::string link_target;
};

/// Calls `take` for each entry, in order. An entry that breaks a limit is handed over without its bytes and
/// with the reason; when there are too many entries or bytes in all, reading stops and the reason is returned
/// in `stopped`.
/// Errors: FileNotFound, FileUnreadable, PackageDamaged, PackageLocked, Cancelled. What was read before an
///         error has been handed over.
Result<void> readArchive(const std::filesystem::path& path, const PackageLimits& limits, PackageUse& use,
                         const std::function<void(ArchiveEntry)>& take, std::string& stopped,
                         const CancelToken& cancel = {});
/// The same for a package in memory; `name` is for messages.
Result<void> readArchive(std::string_view bytes, const std::string& name, const PackageLimits& limits,
                         PackageUse& use, const std::function<void(ArchiveEntry)>& take, std::string& stopped,
                         const CancelToken& cancel = {});

/// One file of a package to be written; its bytes are asked for when its turn comes.
struct NewArchiveEntry
{
    std::string name;
    std::function<Result<std::string>()> bytes;
    /// A symbolic link instead of a file.
    std::string link_target = {};
};

/// A zip package; the same entries give the same bytes.
/// Errors: those of the entries; FileUnwritable when the stream does not take it.
Result<void> writeZip(std::ostream& out, const std::vector<NewArchiveEntry>& entries);

} // namespace ink
