#include "shelf/change_lock.h"

#include <chrono>
#include <thread>
#include <utility>

#include <fcntl.h>
#include <sys/file.h>
#include <unistd.h>

namespace ink {
namespace {

using namespace std::chrono_literals;

int openLockFile(const std::filesystem::path& folder)
{
    return ::open((folder / "changes.lock").c_str(), O_RDWR | O_CREAT | O_CLOEXEC, 0666);
}

} // namespace

Result<ChangeLock> ChangeLock::take(const std::filesystem::path& folder)
{
    const int descriptor = openLockFile(folder);
    if (descriptor < 0)
        return fail(ErrorCode::FileUnwritable, folder.string());
    const auto end = std::chrono::steady_clock::now() + 10s; // does not follow the clock on the wall
    while (::flock(descriptor, LOCK_EX | LOCK_NB) != 0) {
        if (std::chrono::steady_clock::now() > end) {
            ::close(descriptor);
            return fail(ErrorCode::StoreBusy, folder.string());
        }
        std::this_thread::sleep_for(20ms);
    }
    return ChangeLock(descriptor);
}

std::optional<ChangeLock> ChangeLock::tryTake(const std::filesystem::path& folder)
{
    const int descriptor = openLockFile(folder);
    if (descriptor < 0)
        return std::nullopt;
    if (::flock(descriptor, LOCK_EX | LOCK_NB) != 0) {
        ::close(descriptor);
        return std::nullopt;
    }
    return ChangeLock(descriptor);
}

ChangeLock::ChangeLock(ChangeLock&& other) noexcept : m_descriptor(std::exchange(other.m_descriptor, -1)) {}

ChangeLock::~ChangeLock()
{
    if (m_descriptor >= 0)
        ::close(m_descriptor);
}

} // namespace ink
