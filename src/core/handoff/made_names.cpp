#include "core/handoff/made_names.h"

#include <future>

namespace ink {

MadeName makeName(const Job& job, const ListedName& listed, const FindLetters& letters,
                  const ComposeOptions& options, bool with_proof)
{
    MadeName out;
    out.words = job.words;
    out.copies = listed.copies;
    out.colour = listed.colour;
    out.note = listed.note;
    const auto refuse = [&](Error error) {
        out.error = std::move(error);
        return out;
    };
    if (const auto ok = checkWords(job.words); !ok)
        return refuse(ok.error());
    const auto composed = composeDesign(job, letters, options);
    if (!composed)
        return refuse(composed.error());
    const Design& design = composed->design;
    out.outline_mm = std::make_shared<const Outline>(design.outline_mm);
    for (const auto& part : design.parts)
        out.parts.push_back({part.handling, std::make_shared<const Outline>(part.outline_mm)});
    out.sewn_letters = design.sewn_letters;
    for (const auto& part : design.planned)
        out.planned.push_back({part.handling, std::make_shared<const Outline>(part.outline_mm)});
    out.sewn_otherwise = sewnOtherwise(*composed, job);
    out.em_mm = design.em_mm;
    out.made_smaller = design.made_smaller;
    out.closed_up_mm = design.closed_up_mm;
    out.missing = design.missing;
    out.is_too_wide = job.size.widest_mm > 0.0 && design.made_smaller <= kLeastShare &&
                      design.figures_mm.box.width() > job.size.widest_mm * 1.001;
    if (!with_proof)
        return out;
    const auto proof = proofOf(*composed, job, {}, options.cancel);
    if (!proof)
        return refuse(proof.error());
    out.verdict = proof->verdict;
    out.findings = proof->findings;
    return out;
}

std::vector<MadeName> makeNames(const Job& job, const FindLetters& letters, const ComposeOptions& options)
{
    const JobsOfNames jobs(job);
    std::vector<MadeName> out(jobs.count());
    const auto half = [&](std::size_t first) {
        for (std::size_t i = first; i < out.size(); i += 2)
            out[i] = makeName(jobs.at(i), jobs.listed(i), letters, options, true);
    };
    auto other = std::async(std::launch::async, half, 1);
    half(0);
    other.get();
    return out;
}

std::vector<SheetThing> thingsOf(const std::vector<MadeName>& names, const Job& job)
{
    std::vector<SheetThing> out;
    for (const auto& name : names)
        if (!name.error)
            out.push_back({name.words, name.outline_mm, name.em_mm, name.colour,
                           job.names.isEmpty() ? job.sheet.copies : name.copies, name.parts});
    return out;
}

} // namespace ink
