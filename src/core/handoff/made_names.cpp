#include "core/handoff/made_names.h"

namespace ink {

std::size_t nameCount(const Job& job)
{
    return job.names.isEmpty() ? 1 : job.names.names.size();
}

MadeName makeName(const Job& job, std::size_t name, const FindLetters& letters, const ComposeOptions& options,
                  bool with_proof)
{
    const Job own = jobOf(job, name);
    MadeName out;
    out.words = own.words;
    if (!job.names.isEmpty()) {
        const auto& listed = job.names.names[std::min(name, job.names.names.size() - 1)];
        out.copies = listed.copies;
        out.colour = listed.colour;
        out.note = listed.note;
    }
    const auto refuse = [&](Error error) {
        out.error = std::move(error);
        return out;
    };
    if (const auto ok = checkWords(own.words); !ok)
        return refuse(ok.error());
    const auto composed = composeDesign(own, letters, options);
    if (!composed)
        return refuse(composed.error());
    const Design& design = composed->design;
    out.outline_mm = std::make_shared<const Outline>(design.outline_mm);
    out.em_mm = design.em_mm;
    out.made_smaller = design.made_smaller;
    out.missing = design.missing;
    out.is_too_wide = own.size.widest_mm > 0.0 && design.made_smaller <= kLeastShare &&
                      design.figures_mm.box.width() > own.size.widest_mm * 1.001;
    if (!with_proof)
        return out;
    const auto proof = proofOf(*composed, own, {}, options.cancel);
    if (!proof)
        return refuse(proof.error());
    out.verdict = proof->verdict;
    out.findings = proof->findings;
    return out;
}

} // namespace ink
