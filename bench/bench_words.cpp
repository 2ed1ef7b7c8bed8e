// From a key press to the finished shape, on the core: a 12-letter word, against the clipping library
// alone on the same chords, in one run.
//   build/dev/bench/bench_words
#include "core/design/composed_design.h"
#include "core/design/set_words.h"
#include "core/geometry/flatten.h"
#include "core/geometry/weld_cache.h"

#include <benchmark/benchmark.h>
#include <polyclipping/clipper.hpp>

#include <cmath>
#include <cstdio>
#include <map>

namespace {

using namespace ink;

const char* const kWord = "Fennmoorhone";

std::shared_ptr<const FontFace> face()
{
    static const auto opened = FontFace::open(INK_DEMO_FONTS "/HartsorrelScript.ttf");
    if (!opened)
        std::fprintf(stderr, "%s\n", opened.error().message().c_str());
    return *opened;
}

std::string words(int repeats)
{
    std::string text;
    for (int i = 0; i < repeats; ++i)
        text += kWord;
    return text;
}

void keyPressToShape(benchmark::State& state)
{
    Job job;
    job.words = words(static_cast<int>(state.range(0)));
    job.size = {SizeBy::Em, 20.0};
    const auto letters = alwaysLettersOf(face());
    for (auto _ : state)
        benchmark::DoNotOptimize(composeDesign(job, letters));
}

void weldOnly(benchmark::State& state)
{
    const auto set = setWords(*face(), words(static_cast<int>(state.range(0))), {});
    for (auto _ : state)
        benchmark::DoNotOptimize(weld(set->glyphs_fu, Unit::ofFont(face()->info().units_per_em)));
}

/// Forty letters in ten words, one of them moved at every turn: only its word is welded again.
void dragOneLetterOfForty(benchmark::State& state)
{
    auto set = setWords(*face(), "bram zoes luca hone mila tove arne jule otti fenn", {});
    WeldOptions options;
    if (state.range(0) > 0)
        options.cache = std::make_shared<WeldCache>();
    for (auto _ : state) {
        set->glyphs_fu[17].at.x += 0.37;
        benchmark::DoNotOptimize(weld(set->glyphs_fu, Unit::ofFont(face()->info().units_per_em), options));
    }
}

void clippingLibraryAlone(benchmark::State& state)
{
    constexpr double kGrid = 256.0;
    const auto set = setWords(*face(), words(static_cast<int>(state.range(0))), {});
    for (auto _ : state) {
        ClipperLib::Clipper clipper;
        for (const auto& glyph : set->glyphs_fu)
            for (const auto& contour : *glyph.paths) {
                ClipperLib::Path ring;
                for (const auto p : flattened(contour, 0.25))
                    ring.emplace_back(std::llround((p.x + glyph.at.x) * kGrid),
                                      std::llround((p.y + glyph.at.y) * kGrid));
                clipper.AddPath(ring, ClipperLib::ptSubject, true);
            }
        ClipperLib::PolyTree tree;
        clipper.Execute(ClipperLib::ctUnion, tree, ClipperLib::pftNonZero, ClipperLib::pftNonZero);
        benchmark::DoNotOptimize(tree.ChildCount());
    }
}

BENCHMARK(keyPressToShape)->Arg(1)->Arg(10)->Unit(benchmark::kMillisecond);
BENCHMARK(weldOnly)->Arg(1)->Arg(10)->Unit(benchmark::kMillisecond);
BENCHMARK(dragOneLetterOfForty)->Arg(0)->Arg(1)->Unit(benchmark::kMillisecond);
BENCHMARK(clippingLibraryAlone)->Arg(1)->Arg(10)->Unit(benchmark::kMillisecond);

/// Prints ratios, which hold on a noisy machine where seconds do not.
class RatioReporter : public benchmark::ConsoleReporter
{
public:
    void ReportRuns(const std::vector<Run>& runs) override
    {
        for (const auto& run : runs)
            m_time[run.benchmark_name()] = run.GetAdjustedRealTime();
        ConsoleReporter::ReportRuns(runs);
    }
    void Finalize() override
    {
        std::printf("one letter of forty moved: %.2f of the time of welding all of them\n",
                    m_time["dragOneLetterOfForty/1"] / m_time["dragOneLetterOfForty/0"]);
        for (const char* arg : {"/1", "/10"}) {
            const double alone = m_time[std::string("clippingLibraryAlone") + arg];
            std::printf(
                "12 letters x%s: weld %.2f, key press to shape %.2f times the clipping library alone\n",
                arg + 1, m_time[std::string("weldOnly") + arg] / alone,
                m_time[std::string("keyPressToShape") + arg] / alone);
        }
    }

private:
    std::map<std::string, double> m_time;
};

} // namespace

int main(int argc, char** argv)
{
    benchmark::Initialize(&argc, argv);
    RatioReporter reporter;
    benchmark::RunSpecifiedBenchmarks(&reporter);
    return 0;
}
