// Stitches of whole words beside the weld alone: planned, and measured as threads.
//   build/dev/bench/bench_stitches
#include "bench/measured.h"
#include "core/handoff/sewn_name.h"

#include <cstdio>

using namespace ink;
using namespace ink::bench;

int main()
{
    std::printf("| font | letters | weld | planned | of the weld | measured | stitches |\n"
                "| --- | --- | --- | --- | --- | --- | --- |\n");
    for (const char* font :
         {"Larkmallow.ttf", "HartsorrelScript.ttf", "TansyCord.ttf", "GatepostPlain.ttf", "Oatbrush.otf"})
        for (const char* words : {"Marlow Bloom", "Fennmoor Honey and Late Summer Beeswax for the Garden"}) {
            Job job;
            job.words = words;
            job.size = {SizeBy::XHeight, 9.0};
            job.process = Process::Satin;
            job.font.path = std::string(INK_DEMO_FONTS) + "/" + font;
            const auto letters = alwaysLettersOf(mustBe(FontFace::open(job.font.path)));
            ComposedDesign plain = mustBe(composeDesign(job, letters, {}));
            const double weld_ms = quickest_ms([&] { plain = mustBe(composeDesign(job, letters, {})); });
            const Unit unit = Unit::ofEm(plain.design.em_mm);
            StitchPlan plan;
            const double plan_ms =
                quickest_ms([&] { plan = mustBe(planStitches(plain.design.outline_mm, unit, {})); });
            StitchFigures figures;
            const double figures_ms =
                quickest_ms([&] { figures = figuresOf(plan, plain.design.outline_mm, {}); });
            std::printf("| %s | %zu | %.1f ms | %.0f ms | %.1f | %.0f ms | %zu |\n", font,
                        std::string(words).size(), weld_ms, plan_ms, plan_ms / weld_ms, figures_ms,
                        figures.stitches);
        }
    return 0;
}
