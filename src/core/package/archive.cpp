#include "core/package/archive.h"

#include "core/base/told.h"
#include "core/package/text_encoding.h"

#include <archive.h>
#include <archive_entry.h>

#include <algorithm>
#include <memory>
#include <optional>
#include <string_view>

#include <unistd.h>

namespace ink {
namespace {

using ArchivePtr = std::unique_ptr<::archive, decltype(&archive_read_free)>;

ArchivePtr newReader()
{
    ArchivePtr reader(archive_read_new(), archive_read_free);
    archive_read_support_filter_all(reader.get());
    for (const auto support :
         {archive_read_support_format_zip, archive_read_support_format_tar, archive_read_support_format_7zip,
          archive_read_support_format_rar, archive_read_support_format_rar5})
        support(reader.get());
    return reader;
}

/// UTF-8 where the archive says so, else its bytes.
std::string nameOf(archive_entry* entry)
{
    if (const char* name = archive_entry_pathname_utf8(entry))
        return name;
    if (const char* name = archive_entry_pathname(entry))
        return name;
    return {};
}

/// The names of every entry, without the entries.
std::vector<std::string> namesIn(::archive* reader, std::size_t most)
{
    std::vector<std::string> names;
    archive_entry* entry = nullptr;
    for (int status = ARCHIVE_OK; names.size() < most && (status == ARCHIVE_OK || status == ARCHIVE_WARN);) {
        status = archive_read_next_header(reader, &entry);
        if (status == ARCHIVE_OK || status == ARCHIVE_WARN)
            names.push_back(nameOf(entry));
    }
    return names;
}

/// Tells the encoding of names from all of them, when the first that is not UTF-8 comes.
class NameDecoder
{
public:
    explicit NameDecoder(std::function<std::vector<std::string>()> all_names)
        : m_all_names(std::move(all_names))
    {
    }

    void decode(ArchiveEntry& entry)
    {
        if (isUtf8(entry.name))
            return;
        if (!m_encoding)
            m_encoding = encodingOfNames(m_all_names());
        entry.name = nameToUtf8(entry.name, *m_encoding);
        entry.name_encoding = *m_encoding;
    }

private:
    std::function<std::vector<std::string>()> m_all_names;
    std::optional<std::string> m_encoding;
};

std::string problemOf(::archive* reader)
{
    const char* text = archive_error_string(reader);
    const std::string_view why = text ? text : "";
    const auto says = [why](std::initializer_list<std::string_view> words) {
        return std::ranges::any_of(words,
                                   [why](auto word) { return why.find(word) != std::string_view::npos; });
    };
    // libarchive speaks English, and of its own insides.
    return std::string(says({"runcated", "nexpected end"})        ? told("its end is missing")
                       : says({"assphrase", "ncrypt", "assword"}) ? told("it is locked with a password")
                       : says({"nsupported", "not supported"})
                           ? told("it is packed in a way that is not known here")
                           : told("what is packed in it is damaged"));
}

std::uint64_t inMb(std::uint64_t bytes)
{
    return bytes >> 20;
}

class EntryReader
{
public:
    EntryReader(::archive* reader, const PackageLimits& limits, PackageUse& use, const CancelToken& cancel)
        : m_reader(reader), m_limits(limits), m_use(use), m_cancel(cancel)
    {
    }

    /// Fills bytes or refusal.
    void read(archive_entry* source, ArchiveEntry& entry)
    {
        if (archive_entry_hardlink(source) || archive_entry_filetype(source) == AE_IFLNK) {
            refuse(entry, Refusal::Link, "It is a link, which could lead anywhere.");
            if (const char* target = archive_entry_symlink(source))
                entry.link_target = target;
            return;
        }
        if (archive_entry_filetype(source) != AE_IFREG)
            return refuse(entry, Refusal::NoFile, "It is neither a file nor a folder.");
        if (archive_entry_is_encrypted(source))
            return refuse(entry, Refusal::Locked, "It is locked with a password.");
        const auto packed_before = archive_filter_bytes(m_reader, -1);
        for (;;) {
            const void* block = nullptr;
            std::size_t size = 0;
            la_int64_t offset = 0;
            const int status = archive_read_data_block(m_reader, &block, &size, &offset);
            if (status == ARCHIVE_EOF)
                return;
            if (status != ARCHIVE_OK && status != ARCHIVE_WARN) {
                std::string as_far_as_read;
                if (m_limits.keeps_refused)
                    as_far_as_read = std::move(entry.bytes);
                refuse(entry, Refusal::Damaged, told("It is damaged: {}.", problemOf(m_reader)));
                entry.bytes = std::move(as_far_as_read);
                return;
            }
            // A file with holes says where its blocks go; holes count as bytes.
            const auto end = static_cast<std::uint64_t>(offset) + size;
            if (end > m_limits.entry_bytes)
                return refuse(entry, Refusal::OverLimit,
                              told("It unpacks to more than {} MB.", inMb(m_limits.entry_bytes)));
            const double packed =
                static_cast<double>(archive_filter_bytes(m_reader, -1) - packed_before) + 65536.0;
            if (end > (1u << 20) && static_cast<double>(end) > m_limits.ratio * packed)
                return refuse(entry, Refusal::OverLimit,
                              told("It unpacks to more than {} times its packed size, as packages made to "
                                   "fill a disk do.",
                                   static_cast<int>(m_limits.ratio)));
            if (m_use.bytes + end > m_limits.total_bytes)
                return refuse(
                    entry, Refusal::OverLimit,
                    told("With it the package would unpack to more than {} MB.", inMb(m_limits.total_bytes)));
            if (end > entry.bytes.size())
                entry.bytes.resize(static_cast<std::size_t>(end));
            std::copy_n(static_cast<const char*>(block), size, entry.bytes.data() + offset);
            if (m_cancel.isCancelled())
                return;
        }
    }

private:
    static void refuse(ArchiveEntry& entry, Refusal refusal, std::string reason)
    {
        entry.refusal = refusal;
        entry.reason = std::move(reason);
        entry.bytes.clear();
        entry.bytes.shrink_to_fit();
    }

    ::archive* m_reader;
    const PackageLimits& m_limits;
    PackageUse& m_use;
    const CancelToken& m_cancel;
};

Result<void> readAll(::archive* reader, const std::string& name, const PackageLimits& limits, PackageUse& use,
                     const std::function<void(ArchiveEntry)>& take, std::string& stopped,
                     const CancelToken& cancel, NameDecoder names)
{
    EntryReader entries(reader, limits, use, cancel);
    for (bool is_first = true;; is_first = false) {
        if (cancel.isCancelled())
            return fail(ErrorCode::Cancelled, name);
        archive_entry* source = nullptr;
        const int status = archive_read_next_header(reader, &source);
        if (status == ARCHIVE_EOF) {
            if (is_first && archive_format(reader) == 0)
                return fail(ErrorCode::PackageDamaged, name, "it holds nothing");
            return {};
        }
        if (status == ARCHIVE_FATAL || status == ARCHIVE_FAILED) {
            const bool is_locked = archive_read_has_encrypted_entries(reader) > 0;
            return fail(is_locked ? ErrorCode::PackageLocked : ErrorCode::PackageDamaged, name,
                        problemOf(reader));
        }
        if (status == ARCHIVE_RETRY)
            continue;
        if (++use.entries > limits.entries) {
            stopped = told("It has more than {} entries; the rest was not read.", limits.entries);
            return {};
        }
        ArchiveEntry entry;
        entry.name = nameOf(source);
        entry.is_folder = archive_entry_filetype(source) == AE_IFDIR;
        names.decode(entry);
        if (!entry.is_folder)
            entries.read(source, entry);
        use.bytes += entry.bytes.size();
        take(std::move(entry));
    }
}

} // namespace

PackageLimits PackageLimits::lifted()
{
    return {2'000'000, std::uint64_t{4} << 30, std::uint64_t{64} << 30, 8, 1e9, false};
}

Result<void> readArchive(const std::filesystem::path& path, const PackageLimits& limits, PackageUse& use,
                         const std::function<void(ArchiveEntry)>& take, std::string& stopped,
                         const CancelToken& cancel)
{
    std::error_code problem;
    if (!std::filesystem::exists(path, problem))
        return fail(ErrorCode::FileNotFound, path.string());
    if (!std::filesystem::is_regular_file(path, problem))
        return fail(ErrorCode::FileUnreadable, path.string(), "it is not a file");
    const auto reader = newReader();
    if (::access(path.c_str(), R_OK) != 0)
        return fail(ErrorCode::FileUnreadable, path.string());
    if (archive_read_open_filename(reader.get(), path.c_str(), 65536) != ARCHIVE_OK)
        return fail(ErrorCode::PackageDamaged, path.string(), problemOf(reader.get()));
    const auto all_names = [&]() -> std::vector<std::string> {
        const auto again = newReader();
        const bool is_open = archive_read_open_filename(again.get(), path.c_str(), 65536) == ARCHIVE_OK;
        return is_open ? namesIn(again.get(), limits.entries) : std::vector<std::string>{};
    };
    return readAll(reader.get(), path.string(), limits, use, take, stopped, cancel, NameDecoder(all_names));
}

Result<void> readArchive(std::string_view bytes, const std::string& name, const PackageLimits& limits,
                         PackageUse& use, const std::function<void(ArchiveEntry)>& take, std::string& stopped,
                         const CancelToken& cancel)
{
    const auto reader = newReader();
    if (archive_read_open_memory(reader.get(), bytes.data(), bytes.size()) != ARCHIVE_OK)
        return fail(ErrorCode::PackageDamaged, name, problemOf(reader.get()));
    const auto all_names = [&]() -> std::vector<std::string> {
        const auto again = newReader();
        const bool is_open = archive_read_open_memory(again.get(), bytes.data(), bytes.size()) == ARCHIVE_OK;
        return is_open ? namesIn(again.get(), limits.entries) : std::vector<std::string>{};
    };
    return readAll(reader.get(), name, limits, use, take, stopped, cancel, NameDecoder(all_names));
}

Result<void> writeZip(std::ostream& out, const std::vector<NewArchiveEntry>& entries)
{
    const std::unique_ptr<archive, decltype(&archive_write_free)> zip(archive_write_new(),
                                                                      &archive_write_free);
    const auto write = [](archive*, void* stream, const void* bytes, std::size_t size) -> la_ssize_t {
        auto& to = *static_cast<std::ostream*>(stream);
        to.write(static_cast<const char*>(bytes), static_cast<std::streamsize>(size));
        return to ? static_cast<la_ssize_t>(size) : -1;
    };
    const auto failed = [&] {
        const char* why = archive_error_string(zip.get());
        return fail(ErrorCode::FileUnwritable, {}, why ? why : "");
    };
    if (archive_write_set_format_zip(zip.get()) != ARCHIVE_OK ||
        archive_write_set_bytes_in_last_block(zip.get(), 1) != ARCHIVE_OK ||
        archive_write_open(zip.get(), &out, nullptr, write, nullptr) != ARCHIVE_OK)
        return failed();
    constexpr std::time_t kAnyDay = 946'728'000; // 2000-01-01 at noon: a zip cannot hold times before 1980
    for (const auto& entry : entries) {
        const auto bytes = entry.bytes();
        if (!bytes)
            return fail(bytes.error());
        const std::unique_ptr<archive_entry, decltype(&archive_entry_free)> header(archive_entry_new(),
                                                                                   &archive_entry_free);
        archive_entry_set_pathname_utf8(header.get(), entry.name.c_str());
        archive_entry_set_filetype(header.get(), entry.link_target.empty() ? AE_IFREG : AE_IFLNK);
        if (!entry.link_target.empty())
            archive_entry_set_symlink(header.get(), entry.link_target.c_str());
        archive_entry_set_perm(header.get(), 0644);
        archive_entry_set_mtime(header.get(), kAnyDay, 0);
        archive_entry_set_size(header.get(), static_cast<la_int64_t>(bytes->size()));
        if (archive_write_header(zip.get(), header.get()) != ARCHIVE_OK ||
            archive_write_data(zip.get(), bytes->data(), bytes->size()) !=
                static_cast<la_ssize_t>(bytes->size()))
            return failed();
    }
    if (archive_write_close(zip.get()) != ARCHIVE_OK)
        return failed();
    return {};
}

} // namespace ink
