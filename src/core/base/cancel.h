// Asking long work to stop. The one who waits keeps a CancelSource; the work gets its token.
#pragma once

#include <atomic>
#include <memory>

namespace ink {

class CancelToken
{
public:
    /// A token that is never cancelled.
    CancelToken() = default;
    bool isCancelled() const { return m_flag && m_flag->load(std::memory_order_relaxed); }

private:
    friend class CancelSource;
    explicit CancelToken(std::shared_ptr<const std::atomic_bool> flag) : m_flag(std::move(flag)) {}
    std::shared_ptr<const std::atomic_bool> m_flag;
};

class CancelSource
{
public:
    CancelToken token() const { return CancelToken(m_flag); }
    void cancel() { m_flag->store(true, std::memory_order_relaxed); }

private:
    std::shared_ptr<std::atomic_bool> m_flag = std::make_shared<std::atomic_bool>(false);
};

} // namespace ink
