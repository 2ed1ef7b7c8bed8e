#include "cli/commands.h"
#include "cli/output.h"

#include "core/design/design_proof.h"
#include "core/formats/svg_writer.h"
#include "core/intake/package_rights.h"
#include "core/project/project.h"

#include <CLI/CLI.hpp>

#include <algorithm>
#include <iostream>
#include <memory>
#include <optional>
#include <vector>

namespace ink::cli {
namespace {

struct ProofArguments
{
    std::string project;
    std::string font;
    unsigned face = 0;
    std::string instance;
    std::string text;
    std::string features;
    double tracking_em = 0.0;
    double height_mm = 0.0, width_mm = 0.0, em_mm = 0.0;
    CLI::Option *height_option = nullptr, *width_option = nullptr, *em_option = nullptr;
    std::string process;
    std::optional<double> stroke_floor_mm, stroke_comfortable_mm, gap_mm, smallest_piece_mm2,
        smallest_middle_mm2, bridge_mm;
    std::vector<double> material_mm;
    bool is_one_piece = false, is_for_sale = false;
    std::vector<std::string> mend;
    std::string out;
    std::string report;
};

struct NamedRule
{
    const char* name;
    MendingKind kind;
    double ProcessLimits::*to;
};
constexpr NamedRule kRules[] = {
    {"thin", MendingKind::Thicken, &ProcessLimits::stroke_comfortable_mm},
    {"gaps", MendingKind::OpenGaps, &ProcessLimits::gap_mm},
    {"close-gaps", MendingKind::CloseGaps, &ProcessLimits::gap_mm},
    {"specks", MendingKind::LeaveOut, &ProcessLimits::smallest_piece_mm2},
    {"middles", MendingKind::FillMiddles, &ProcessLimits::smallest_middle_mm2},
    {"points", MendingKind::Blunt, &ProcessLimits::stroke_floor_mm},
    {"bridges", MendingKind::Bridges, &ProcessLimits::bridge_mm},
};
/// Fewer nodes within this are the mending of too many.
constexpr double kFewerNodes_mm = 0.02;

Result<Project> projectOf(const ProofArguments& a)
{
    if (!a.project.empty())
        return openProject(a.project);
    Project project;
    Job& job = project.job;
    job.words = withLineBreaks(a.text);
    if (auto ok = checkWords(job.words); !ok)
        return fail(ok.error());
    job.size = a.height_option->count() > 0  ? FinishedSize{SizeBy::Height, a.height_mm}
               : a.width_option->count() > 0 ? FinishedSize{SizeBy::Width, a.width_mm}
                                             : FinishedSize{SizeBy::Em, a.em_mm};
    job.features = a.features;
    job.tracking_em = a.tracking_em;
    job.font = {a.font, a.face, a.instance};
    job.purpose = a.is_for_sale ? Purpose::Sale : Purpose::Gift;
    return project;
}

void applyTo(Job& job, const ProofArguments& a)
{
    if (!a.process.empty())
        job.process = std::ranges::find(allProcesses(), a.process, &ProcessInfo::id)->process;
    ProcessLimits limits = job.limits();
    const auto set = [](double& limit, const std::optional<double>& given) { limit = given.value_or(limit); };
    set(limits.stroke_floor_mm, a.stroke_floor_mm);
    set(limits.stroke_comfortable_mm, a.stroke_comfortable_mm);
    set(limits.gap_mm, a.gap_mm);
    set(limits.smallest_piece_mm2, a.smallest_piece_mm2);
    set(limits.smallest_middle_mm2, a.smallest_middle_mm2);
    set(limits.bridge_mm, a.bridge_mm);
    job.setLimits(job.process, sensible(limits));
    job.is_one_piece = job.is_one_piece || a.is_one_piece;
    if (a.material_mm.size() == 2)
        job.material = {a.material_mm[0], a.material_mm[1]};
}

bool asks(const ProofArguments& a, std::string_view name)
{
    return std::ranges::find(a.mend, name) != a.mend.end();
}

/// The rules that were named.
void addRules(Job& job, const ProofArguments& a)
{
    const ProcessLimits limits = job.limits();
    for (const auto& rule : kRules)
        if (asks(a, rule.name) && limits.*rule.to > 0.0)
            job.lettering.mendings.push_back({rule.kind, limits.*rule.to});
    if (asks(a, "nodes"))
        job.finishing.reduce_mm = std::max(job.finishing.reduce_mm, kFewerNodes_mm);
}

/// A sale is not plainly allowed by what lies beside the font; for gifts nobody asks.
Result<KnownOfFont> knownOf(const Job& job)
{
    if (job.purpose != Purpose::Sale)
        return KnownOfFont{};
    const auto contents = inspectPackage(job.font.path, {});
    if (!contents)
        return KnownOfFont{true}; // the font is not here, nor what allows it
    return KnownOfFont{rightsOf(*contents).dossier.verdict != Verdict::MaySell};
}

Result<void> runProof(const ProofArguments& a)
{
    if (auto ok = checkOutputs({a.project.empty() ? a.font : a.project}, {a.out, a.report}); !ok)
        return ok;
    auto project = projectOf(a);
    if (!project)
        return fail(project.error());
    const std::string subject = a.project.empty() ? a.font : a.project;
    for (const auto& warning : project->warnings)
        std::cerr << "uink: " << subject << ": " << warning << '\n';
    Job& job = project->job;
    applyTo(job, a);
    addRules(job, a);
    const auto letters =
        lettersOf(*project, [](const FontRef& font) -> Result<std::shared_ptr<const LetterSource>> {
            const auto face = FontFace::open(font.path, {font.face, font.instance});
            if (!face)
                return fail(face.error());
            return lettersOf(*face);
        });
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
    if (asks(a, "all")) {
        mendAll(job, proof->findings);
        composed = composeDesign(job, letters, options);
        if (!composed)
            return fail(composed.error());
        proof = proofOf(*composed, job, *known);
        if (!proof)
            return fail(proof.error());
    }
    for (const auto& warning : composed->design.warnings)
        std::cerr << "uink: " << subject << ": " << warning << '\n';
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

void addLimits(CLI::App& command, ProofArguments& a)
{
    const auto width = [&](const char* name, std::optional<double>& limit, const char* what) {
        command.add_option(name, limit, what)->check(CLI::Range(0.0, kMaxLimit_mm));
    };
    const auto area = [&](const char* name, std::optional<double>& limit, const char* what) {
        command.add_option(name, limit, what)->check(CLI::Range(0.0, kMaxLimit_mm2));
    };
    width("--stroke-floor-mm", a.stroke_floor_mm, "Thinnest stroke that your process holds");
    width("--stroke-comfortable-mm", a.stroke_comfortable_mm, "Stroke from which no care is needed");
    width("--gap-mm", a.gap_mm, "Narrowest gap that stays open");
    area("--smallest-piece-mm2", a.smallest_piece_mm2, "Smallest piece that holds");
    area("--smallest-middle-mm2", a.smallest_middle_mm2, "Smallest middle that stays open");
    width("--bridge-mm", a.bridge_mm, "Width of a stencil's bridges");
    command
        .add_option("--material-mm", a.material_mm, "Width and height of what it is cut from, as in 300,200")
        ->delimiter(',')
        ->expected(2)
        ->check(CLI::Range(1.0, kMaxSize_mm));
}

} // namespace

Command addProofCommand(CLI::App& app)
{
    auto a = std::make_shared<ProofArguments>();
    auto* command = app.add_subcommand("proof", "What the process will not hold, where, and the same mended");
    auto* project = command->add_option("JOB", a->project, "Project file (.uink)");
    auto* font = command->add_option("--font", a->font, "Font file, instead of a project");
    command->add_option("--face", a->face, "Which face of a collection, counted from 0");
    command->add_option("--instance", a->instance, "Named instance of a variable font");
    auto* text = command->add_option("--text", a->text, "The words; \\n starts a line");
    command->add_option("--features", a->features, "Font features, as in ss01,swsh=1");
    command->add_option("--tracking-em", a->tracking_em, "Added after every letter, in em");
    auto* size = command->add_option_group("size", "Finished size, one of");
    a->height_option = size->add_option("--height-mm", a->height_mm, "Height of the inked shape");
    a->width_option = size->add_option("--width-mm", a->width_mm, "Width of the inked shape");
    a->em_option = size->add_option("--em-mm", a->em_mm, "Size of the em");
    size->require_option(0, 1);
    font->needs(text)->excludes(project);
    text->needs(font);
    std::vector<std::string> names;
    for (const auto& process : allProcesses())
        names.emplace_back(process.id);
    auto* made_with =
        command->add_option("--process", a->process, "What it is made with; a project says so itself")
            ->check(CLI::IsMember(names));
    font->needs(made_with);
    addLimits(*command, *a);
    command->add_flag("--one-piece", a->is_one_piece, "All of it must hang together");
    command->add_flag("--for-sale", a->is_for_sale, "Goods made with it are sold: rights are a finding");
    std::vector<std::string> mendings{"all", "nodes"};
    for (const auto& rule : kRules)
        mendings.emplace_back(rule.name);
    command->add_option("--mend", a->mend, "Mend these everywhere, separated by commas")
        ->delimiter(',')
        ->check(CLI::IsMember(mendings));
    command->add_option("--out", a->out, "SVG file to write, mended where asked; - is standard output");
    command->add_option("--report", a->report,
                        "JSON file to write; - is standard output, also without --out");
    command->callback([a, project, font] {
        if (project->count() + font->count() == 0)
            throw CLI::RequiredError("JOB, or --font with --text, a size and --process");
        const auto sizes = a->height_option->count() + a->width_option->count() + a->em_option->count();
        if ((font->count() > 0) != (sizes > 0))
            throw CLI::RequiredError(font->count() > 0 ? "--height-mm, --width-mm or --em-mm"
                                                       : "--font (a project has its own size)");
    });
    return [a] { return runProof(*a); };
}

} // namespace ink::cli
