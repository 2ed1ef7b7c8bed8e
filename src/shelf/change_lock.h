// One process at a time changes the shelf's files; the lock goes with the process that holds it.
#pragma once

#include "core/base/result.h"

#include <filesystem>
#include <optional>

namespace ink {

class ChangeLock
{
public:
    /// Waits for at most ten seconds.
    /// Errors: StoreBusy, FileUnwritable.
    static Result<ChangeLock> take(const std::filesystem::path& folder);
    /// Nothing when somebody else has it.
    static std::optional<ChangeLock> tryTake(const std::filesystem::path& folder);
    ~ChangeLock();
    ChangeLock(ChangeLock&& other) noexcept;
    ChangeLock& operator=(ChangeLock&&) = delete;

private:
    explicit ChangeLock(int descriptor) : m_descriptor(descriptor) {}
    int m_descriptor;
};

} // namespace ink
