// Arbitrary bytes as a licence: whatever they say, a verdict with sentences that stand where it says they
// stand.
#include "core/rights/dossier.h"
#include "core/rights/letter.h"

#include <algorithm>
#include <cstdint>
#include <cstdlib>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const std::string text(reinterpret_cast<const char*>(data), size);
    const ink::EvidenceText evidence{ink::EvidenceKind::Document, "fuzzed.txt", text};
    const auto dossier = ink::judge({&evidence, 1}, {4, size % 2 == 0, {"Larch Hand"}});
    const auto lines =
        static_cast<unsigned>(std::ranges::count(text, '\n') + std::ranges::count(text, '\r') + 1);
    const bool decides = dossier.verdict != ink::Verdict::AskFirst;
    if (decides == dossier.deciding.empty() || dossier.answers.size() != 8)
        std::abort();
    for (const auto& quote : dossier.deciding)
        if (quote.sentence.empty() || quote.line < 1 || quote.line > lines)
            std::abort();
    for (const auto& unclear : dossier.not_understood)
        for (const auto& span : unclear.words)
            if (span.begin >= span.end || span.end > unclear.quote.sentence.size())
                std::abort();
    if (dossier.verdict != ink::Verdict::AskFirst && !dossier.not_understood.empty())
        std::abort();
    if (ink::letterToAuthor(dossier, {"Font", "", "", "goods"}).body.empty())
        std::abort();
    return 0;
}
