// Fit marks of many fonts, cold and warm, and what they keep in memory.
//   build/bench/bench/bench_fit [FONTS]        1,000 by default: the demo fonts over and over, each as
//   content of its own
#include "core/fit/fit_cache.h"
#include "core/fit/fit_marks.h"

#include <atomic>
#include <chrono>
#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <thread>
#include <unistd.h>

using namespace ink;

namespace {

double now_s()
{
    return std::chrono::duration<double>(std::chrono::steady_clock::now().time_since_epoch()).count();
}

/// Resident memory in MB. Source: Linux proc(5), statm.
double resident_mb()
{
    std::ifstream in("/proc/self/statm");
    long whole = 0, resident = 0;
    in >> whole >> resident;
    return double(resident) * double(sysconf(_SC_PAGESIZE)) / (1 << 20);
}

double run(const std::vector<std::filesystem::path>& files, std::size_t count, FitCache& cache,
           std::size_t& made)
{
    const double begin = now_s();
    std::atomic<std::size_t> next{0}, fresh{0};
    const auto welds = std::make_shared<WeldCache>();
    const auto work = [&] {
        for (std::size_t i; (i = next++) < count;) {
            const auto key = FitCache::keyOf(std::to_string(i), {}, "Fennmoor Honey", {}, 0.0);
            auto shape = cache.find(key);
            if (!shape) {
                const auto face = FontFace::open(files[i % files.size()]);
                if (!face)
                    continue;
                auto made_shape = fitShape(**face, "Fennmoor Honey", {}, nullptr, {}, welds);
                if (!made_shape)
                    continue;
                ++fresh;
                shape = std::make_shared<const FitShape>(std::move(*made_shape));
                cache.keep(key, shape);
            }
            if (!marksAt(*shape, {SizeBy::Width, 120}))
                std::abort();
        }
    };
    std::thread other(work);
    work();
    other.join();
    made = fresh;
    return now_s() - begin;
}

} // namespace

int main(int argc, char** argv)
{
    const std::size_t count = argc > 1 ? std::strtoul(argv[1], nullptr, 10) : 1000;
    std::vector<std::filesystem::path> files;
    for (const auto& file : std::filesystem::directory_iterator(INK_DEMO_FONTS))
        if (looksLikeFontFile(file.path()))
            files.push_back(file.path());
    FitCache cache;
    const double before_mb = resident_mb();
    std::size_t made = 0, made_again = 0;
    const double cold_s = run(files, count, cache, made);
    const double warm_s = run(files, count, cache, made_again);
    std::printf("fit marks of %zu fonts, 14 letters, two threads: cold %.1f s (%.0f ms a font), warm %.3f s; "
                "ratio %.0f; made %zu, then %zu\n",
                count, cold_s, 1000 * cold_s / double(count), warm_s, cold_s / warm_s, made, made_again);
    std::printf("memory: %.0f MB more, %.0f kB a font\n", resident_mb() - before_mb,
                1024 * (resident_mb() - before_mb) / double(count));
    return 0;
}
