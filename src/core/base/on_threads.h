// The same work for many things, on several threads.
#pragma once

#include "core/base/cancel.h"

#include <atomic>
#include <cstddef>
#include <thread>
#include <vector>

namespace ink {

/// Calls `work(i)` for every i below `count`, each once, from `threads` threads of which this is one; returns when all ended. Each takes the
/// next one, so one that takes long holds up nothing else. Cancelled, no further one begins. `work` must not throw.
template <class Work>
void onThreads(unsigned threads, std::size_t count, const CancelToken& cancel, const Work& work)
{
    std::atomic<std::size_t> next = 0;
    const auto run = [&] {
        for (std::size_t i = next++; i < count && !cancel.isCancelled(); i = next++)
            work(i);
    };
    std::vector<std::jthread> others;
    for (unsigned t = 1; t < threads; ++t)
        others.emplace_back(run);
    run();
}

} // namespace ink
