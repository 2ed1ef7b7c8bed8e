// What the benchmarks share: the quickest of some times, and an end where something that has to go does not.
#pragma once

#include "core/base/result.h"

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <cstdlib>

namespace ink::bench {

inline constexpr int kTimes = 5;

/// The quickest of some times, in ms: what else the machine does only adds to it.
template <class Work>
double quickest_ms(Work work, int times = kTimes)
{
    double least = 1e300;
    for (int i = 0; i < times; ++i) {
        const auto begin = std::chrono::steady_clock::now();
        work();
        least = std::min(
            least,
            std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - begin).count());
    }
    return least;
}

template <class T>
T mustBe(Result<T> result)
{
    if (!result) {
        std::fprintf(stderr, "%s\n", result.error().message().c_str());
        std::exit(1);
    }
    return std::move(*result);
}

} // namespace ink::bench
