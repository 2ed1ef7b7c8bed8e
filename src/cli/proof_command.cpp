#include "cli/commands.h"
#include "cli/job_arguments.h"
#include "cli/output.h"

#include "core/design/design_proof.h"
#include "core/formats/svg_writer.h"

#include <CLI/CLI.hpp>

#include <iostream>
#include <memory>
#include <vector>

namespace ink::cli {
namespace {

struct ProofArguments
{
    JobArguments job;
    std::vector<double> material_mm;
    std::string out;
    std::string report;
};

Result<void> runProof(const ProofArguments& a)
{
    if (auto ok = checkOutputs({a.job.subject()}, {a.out, a.report}); !ok)
        return ok;
    auto project = projectOf(a.job);
    if (!project)
        return fail(project.error());
    Job& job = project->job;
    if (a.material_mm.size() == 2)
        job.material = {a.material_mm[0], a.material_mm[1]};
    const auto letters = lettersFor(*project);
    const auto known = knownOf(job);
    if (!known)
        return fail(known.error());
    const ComposeOptions options{{}, std::make_shared<WeldCache>(), std::make_shared<SettingCache>(), 0.02};
    auto composed = composeDesign(job, letters, options);
    if (!composed)
        return fail(composed.error());
    auto proof = proofOf(*composed, job, *known);
    if (!proof)
        return fail(proof.error());
    for (const auto mends : {mendAll, mendWhatItMade}) {
        if (!a.job.asks("all") || !mends(job, proof->findings))
            break;
        composed = composeDesign(job, letters, options);
        if (!composed)
            return fail(composed.error());
        proof = proofOf(*composed, job, *known);
        if (!proof)
            return fail(proof.error());
    }
    for (const auto& warning : composed->design.warnings)
        std::cerr << "uink: " << a.job.subject() << ": " << warning << '\n';
    if (!a.out.empty()) {
        const SvgOptions svg{
            withoutMotifs(job.words), {}, "#1d2333", weedingLines(composed->design.outline_mm, job.weeding)};
        auto done = writeTo(
            a.out, [&](std::ostream& out) { return writeSvg(out, composed->design.outline_mm, svg); });
        if (!done)
            return done;
    }
    if (a.report.empty() && !a.out.empty())
        return {};
    return writeTo(a.report.empty() ? "-" : a.report, [&](std::ostream& out) -> Result<void> {
        writeProofReport(out, *composed, *proof, job);
        return {};
    });
}

} // namespace

Command addProofCommand(CLI::App& app)
{
    auto a = std::make_shared<ProofArguments>();
    auto* command = app.add_subcommand("proof", "What the process will not hold, where, and the same mended");
    addJobArguments(*command, a->job);
    command
        ->add_option("--material-mm", a->material_mm,
                     "Width and height of what it is cut from, as in 300,200")
        ->delimiter(',')
        ->expected(2)
        ->check(CLI::Range(1.0, kMaxSize_mm));
    command->add_option("--out", a->out, "SVG file to write, mended where asked; - is standard output")
        ->check(complaintUnlessSvg);
    command->add_option("--report", a->report,
                        "JSON file to write; - is standard output, also without --out");
    command->callback([a] { a->job.check(); });
    return [a] { return runProof(*a); };
}

} // namespace ink::cli
