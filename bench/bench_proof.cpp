// Proof of whole words beside the weld alone: found, mended, and followed while a size is dragged.
//   build/bench/bench/bench_proof
#include "bench/measured.h"
#include "core/design/design_proof.h"

#include <cstdio>

using namespace ink;
using namespace ink::bench;

int main()
{
    std::printf("| font | width | letters | weld | found | of the weld | mended | of the weld | dragged, a "
                "second | findings | left | nodes |\n"
                "| --- | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- | --- |\n");
    for (const char* font : {"Larkmallow.ttf", "HartsorrelScript.ttf", "TansyCord.ttf", "GatepostPlain.ttf"})
        for (const double width_mm : {300.0, 600.0}) {
            Job job;
            job.words = "Fennmoor Honey and Late Summer Beeswax for the Garden"; // 45 letters
            job.size = {SizeBy::Width, width_mm};
            job.font.path = std::string(INK_DEMO_FONTS) + "/" + font;
            const auto letters = alwaysLettersOf(mustBe(FontFace::open(job.font.path)));
            ComposedDesign plain = mustBe(composeDesign(job, letters, {}));
            const double weld_ms = quickest_ms([&] { plain = mustBe(composeDesign(job, letters, {})); });
            DesignProof proof = mustBe(proofOf(plain, job));
            const double found_ms = quickest_ms([&] { proof = mustBe(proofOf(plain, job)); });
            std::size_t sum = 0;
            double scale = 0.5;
            const double dragged_ms = quickest_ms([&] {
                scale += 0.1;
                sum += findingsOf(*proof.outline, scale, plain, job).size();
            });
            mendAll(job, proof.findings);
            ComposedDesign mended = plain;
            const double mended_ms = quickest_ms([&] { mended = mustBe(composeDesign(job, letters, {})); });
            std::printf("| %s | %.0f mm | 45 | %.1f ms | %.0f ms | %.1f | %.0f ms | %.1f | %.0f | %zu | %zu "
                        "| %zu to %zu, %.2f |\n",
                        font, width_mm, weld_ms, found_ms, found_ms / weld_ms, mended_ms, mended_ms / weld_ms,
                        1000.0 / dragged_ms, proof.findings.size(), mended.design.finished.mended.left.size(),
                        plain.design.figures_mm.nodes, mended.design.figures_mm.nodes,
                        double(mended.design.figures_mm.nodes) / double(plain.design.figures_mm.nodes));
            if (sum == 0)
                std::printf("(nothing was found while it was dragged)\n");
        }
    return 0;
}
