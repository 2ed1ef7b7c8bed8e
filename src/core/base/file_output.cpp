#include "core/base/file_output.h"

#include "core/base/told.h"

#include <cerrno>
#include <cstring>
#include <fstream>
#include <random>
#include <sstream>
#include <string_view>
#include <system_error>

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

namespace ink {
namespace {

tl::unexpected<Error> failWithErrno(const std::filesystem::path& path, int error)
{
    const bool full = error == ENOSPC || error == EDQUOT || error == EFBIG;
    return fail(full ? ErrorCode::DiskFull : ErrorCode::FileUnwritable, path.string(), std::strerror(error));
}

/// 0, or the errno of the write that failed.
int writeAll(int descriptor, const std::string& bytes)
{
    std::size_t done = 0;
    while (done < bytes.size()) {
        const ssize_t n = ::write(descriptor, bytes.data() + done, bytes.size() - done);
        if (n < 0 && errno == EINTR)
            continue;
        if (n < 0)
            return errno;
        done += static_cast<std::size_t>(n);
    }
    return 0;
}

Result<void> writeToDevice(const std::filesystem::path& path, const std::string& bytes)
{
    const int descriptor = ::open(path.c_str(), O_WRONLY | O_CLOEXEC);
    if (descriptor < 0)
        return failWithErrno(path, errno);
    const int error = writeAll(descriptor, bytes);
    ::close(descriptor);
    if (error != 0)
        return failWithErrno(path, error);
    return {};
}

/// A file of its own beside `target`, with the permissions the system gives new files; -1 and errno when none
/// can be made.
int openBeside(const std::filesystem::path& target, std::string& name)
{
    // "NAME.XXXXXX": what is left behind when writing is cut off, and what the shelf looks for then.
    constexpr std::string_view kLetters = "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789";
    std::random_device random;
    for (int attempt = 0; attempt < 100; ++attempt) {
        name = target.string() + '.';
        for (int i = 0; i < 6; ++i)
            name += kLetters[random() % kLetters.size()];
        const int descriptor = ::open(name.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC, 0666);
        if (descriptor >= 0 || errno != EEXIST)
            return descriptor;
    }
    return -1;
}

/// A file that is replaced hands on its permissions.
int keepMode(int descriptor, const std::filesystem::path& target)
{
    struct stat info
    {
    };
    return ::stat(target.c_str(), &info) == 0 ? ::fchmod(descriptor, info.st_mode & 0777) : 0;
}

/// After a rename: the new name outlives a power cut, too. Where a folder cannot be synced, the file itself
/// was.
void syncFolderOf(const std::filesystem::path& path)
{
    const auto folder = path.has_parent_path() ? path.parent_path() : std::filesystem::path(".");
    const int descriptor = ::open(folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    if (descriptor < 0)
        return;
    ::fsync(descriptor);
    ::close(descriptor);
}

} // namespace

Result<void> writeFile(const std::filesystem::path& path, const StreamWriter& writer)
{
    std::ostringstream memory;
    if (auto written = writer(memory); !written)
        return fail(written.error());
    const std::string bytes = std::move(memory).str();

    std::error_code ignored;
    // A link keeps pointing where it points: the file behind it is replaced.
    const auto target =
        std::filesystem::is_symlink(path, ignored) ? std::filesystem::weakly_canonical(path, ignored) : path;
    const auto kind = std::filesystem::status(target, ignored).type();
    if (kind == std::filesystem::file_type::directory)
        return fail(ErrorCode::FileUnwritable, path.string(), "it is a folder");
    if (kind == std::filesystem::file_type::character || kind == std::filesystem::file_type::fifo)
        return writeToDevice(target, bytes);

    std::string temporary;
    const int descriptor = openBeside(target, temporary);
    if (descriptor < 0)
        return failWithErrno(path, errno);
    int error = writeAll(descriptor, bytes);
    if (error == 0 && (keepMode(descriptor, target) != 0 || ::fsync(descriptor) != 0))
        error = errno;
    if (::close(descriptor) != 0 && error == 0)
        error = errno;
    if (error == 0 && ::rename(temporary.c_str(), target.c_str()) != 0)
        error = errno;
    if (error != 0) {
        ::unlink(temporary.c_str());
        return failWithErrno(path, error);
    }
    syncFolderOf(target);
    return {};
}

Result<std::string> readFile(const std::filesystem::path& path, std::size_t max_bytes)
{
    std::error_code status_error;
    const auto status = std::filesystem::status(path, status_error);
    if (!std::filesystem::exists(status))
        return fail(ErrorCode::FileNotFound, path.string());
    if (!std::filesystem::is_regular_file(status))
        return fail(ErrorCode::FileUnreadable, path.string(), "it is not a file");
    const auto size = std::filesystem::file_size(path, status_error);
    if (status_error)
        return fail(ErrorCode::FileUnreadable, path.string(), status_error.message());
    if (size > max_bytes)
        return fail(ErrorCode::FileUnreadable, path.string(),
                    told("it is larger than {} MB", max_bytes >> 20));
    std::ifstream in(path, std::ios::binary);
    std::string bytes(static_cast<std::size_t>(size), '\0');
    in.read(bytes.data(), static_cast<std::streamsize>(size));
    if (!in)
        return fail(ErrorCode::FileUnreadable, path.string());
    return bytes;
}

} // namespace ink
