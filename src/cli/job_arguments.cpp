#include "cli/job_arguments.h"

#include "cli/commands.h"

#include "core/design/design_proof.h"
#include "core/intake/package_rights.h"

#include <CLI/CLI.hpp>

#include <algorithm>
#include <array>
#include <iostream>

namespace ink::cli {
namespace {

struct NamedRule
{
    const char* name;
    MendingKind kind;
};
constexpr NamedRule kRules[] = {
    {"thin", MendingKind::Thicken},         {"gaps", MendingKind::OpenGaps},
    {"close-gaps", MendingKind::CloseGaps}, {"specks", MendingKind::LeaveOut},
    {"middles", MendingKind::FillMiddles},  {"points", MendingKind::Blunt},
    {"bridges", MendingKind::Bridges},
};
/// Fewer nodes within this are the mending of too many.
constexpr double kFewerNodes_mm = 0.02;

constexpr std::array<std::pair<const char*, const char*>, 5> kSizeOptions{{
    {"--height-mm", "Height of the inked shape"},
    {"--width-mm", "Width of the inked shape"},
    {"--em-mm", "Size of the em"},
    {"--cap-height-mm", "Height of the font's capitals"},
    {"--x-height-mm", "Height of the font's small letters"},
}};

Result<Project> givenProject(const JobArguments& a)
{
    if (!a.project.empty())
        return openProject(a.project);
    Project project;
    Job& job = project.job;
    job.words = withLineBreaks(a.text);
    if (!a.may_lack_text || a.text_option->count() > 0)
        if (auto ok = checkWords(job.words); !ok)
            return fail(ok.error());
    for (std::size_t i = 0; i < a.size_options.size(); ++i)
        if (a.size_options[i]->count() > 0)
            job.size = {SizeBy(i), a.size_mm[i]};
    job.features = a.features;
    job.tracking_em = a.tracking_em;
    job.font = {a.font, a.face, a.instance};
    job.purpose = a.is_for_sale ? Purpose::Sale : Purpose::Gift;
    return project;
}

void applyTo(Job& job, const JobArguments& a)
{
    const ProcessLimits before = job.limits();
    const std::string& process = a.process.empty() && a.project.empty() ? a.usual_process : a.process;
    if (!process.empty())
        job.process = std::ranges::find(allProcesses(), process, &ProcessInfo::id)->process;
    if (a.widest_mm > 0.0)
        job.size.widest_mm = a.widest_mm;
    ProcessLimits limits = job.limits();
    const auto set = [](double& limit, const std::optional<double>& given) { limit = given.value_or(limit); };
    set(limits.stroke_floor_mm, a.stroke_floor_mm);
    set(limits.stroke_comfortable_mm, a.stroke_comfortable_mm);
    set(limits.gap_mm, a.gap_mm);
    set(limits.smallest_piece_mm2, a.smallest_piece_mm2);
    set(limits.smallest_middle_mm2, a.smallest_middle_mm2);
    set(limits.bridge_mm, a.bridge_mm);
    job.setLimits(job.process, sensible(limits));
    followLimits(job, before);
    job.is_one_piece = job.is_one_piece || a.is_one_piece;
}

/// The rules that were named.
void addRules(Job& job, const JobArguments& a)
{
    const ProcessLimits limits = job.limits();
    for (const auto& rule : kRules)
        if (const double to = limits.*limitOf(rule.kind); a.asks(rule.name) && to > 0.0)
            job.lettering.mendings.push_back({rule.kind, to});
    if (a.asks("nodes"))
        job.finishing.reduce_mm = std::max(job.finishing.reduce_mm, kFewerNodes_mm);
}

void addLimits(CLI::App& command, JobArguments& a)
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
}

} // namespace

bool JobArguments::asks(std::string_view name) const
{
    return std::ranges::find(mend, name) != mend.end();
}

void JobArguments::check() const
{
    if (project_option->count() + font_option->count() == 0)
        throw CLI::RequiredError("JOB, or --font with --text, a size and --process");
    const bool has_size =
        std::ranges::any_of(size_options, [](const CLI::Option* o) { return o->count() > 0; });
    if (font_option->count() > 0 && !has_size)
        throw CLI::RequiredError("a size: --height-mm, --width-mm or --em-mm");
    if (font_option->count() == 0 && has_size)
        throw CLI::RequiredError("--font (a project has its own size)");
    if (font_option->count() > 0 && text_option->count() == 0 && !may_lack_text)
        throw CLI::RequiredError("--text");
}

void addJobArguments(CLI::App& command, JobArguments& a)
{
    a.project_option = command.add_option("JOB", a.project, "Project file (.uink)");
    a.font_option = command.add_option("--font", a.font, "Font file, instead of a project");
    command.add_option("--face", a.face, "Which face of a collection, counted from 0");
    command.add_option("--instance", a.instance, "Named instance of a variable font");
    a.text_option = command.add_option("--text", a.text, "The words; \\n starts a line");
    command.add_option("--features", a.features, "Font features, as in ss01,swsh=1");
    command.add_option("--tracking-em", a.tracking_em, "Added after every letter, in em");
    auto* size = command.add_option_group("size", "Finished size, one of");
    for (std::size_t i = 0; i < kSizeOptions.size(); ++i)
        a.size_options.push_back(
            size->add_option(kSizeOptions[i].first, a.size_mm[i], kSizeOptions[i].second));
    size->require_option(0, 1);
    command
        .add_option("--widest-mm", a.widest_mm, "Words that come out wider are made smaller, down to 60 %")
        ->check(CLI::Range(kMinSize_mm, kMaxSize_mm));
    a.font_option->excludes(a.project_option);
    a.text_option->needs(a.font_option);
    std::vector<std::string> names;
    for (const auto& process : allProcesses())
        names.emplace_back(process.id);
    auto* made_with =
        command.add_option("--process", a.process, "What it is made with; a project says so itself")
            ->check(CLI::IsMember(names));
    if (a.usual_process.empty())
        a.font_option->needs(made_with);
    addLimits(command, a);
    command.add_flag("--one-piece", a.is_one_piece, "All of it must hang together");
    command.add_flag("--for-sale", a.is_for_sale, "Goods made with it are sold: rights are a finding");
    std::vector<std::string> mendings{"all", "nodes"};
    for (const auto& rule : kRules)
        mendings.emplace_back(rule.name);
    command.add_option("--mend", a.mend, "Mend these everywhere, separated by commas")
        ->delimiter(',')
        ->check(CLI::IsMember(mendings));
}

Result<Project> projectOf(const JobArguments& a)
{
    auto project = givenProject(a);
    if (!project)
        return project;
    for (const auto& warning : project->warnings)
        std::cerr << "uink: " << a.subject() << ": " << warning << '\n';
    applyTo(project->job, a);
    addRules(project->job, a);
    return project;
}

FindLetters lettersFor(const Project& project)
{
    return lettersOf(project, [](const FontRef& font) -> Result<std::shared_ptr<const LetterSource>> {
        const auto face = FontFace::open(font.path, {font.face, font.instance});
        if (!face)
            return fail(face.error());
        return lettersOf(*face);
    });
}

Result<KnownOfFont> knownOf(const Job& job)
{
    if (job.purpose != Purpose::Sale)
        return KnownOfFont{};
    const auto contents = inspectPackage(job.font.path, {});
    if (!contents)
        return KnownOfFont{true}; // the font is not here, nor what allows it
    return KnownOfFont{rightsOf(*contents).dossier.verdict != Verdict::MaySell};
}

} // namespace ink::cli
