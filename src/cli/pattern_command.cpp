#include "cli/commands.h"
#include "cli/name_arguments.h"
#include "cli/output.h"

#include "core/base/json_text.h"
#include "core/formats/pattern_file.h"

#include <CLI/CLI.hpp>

#include <iostream>
#include <memory>

namespace ink::cli {
namespace {

struct PatternArguments
{
    JobArguments job;
    std::string names, paper;
    std::optional<double> overlap_mm, line_mm;
    bool is_outline = false, is_filled = false, is_mirrored = false, has_no_cover = false;
    std::vector<double> blank_mm;
    std::string out, report;
};

PatternSettings settingsOf(const PatternArguments& a, PatternSettings s)
{
    if (!a.paper.empty())
        s.paper = a.paper;
    s.overlap_mm = a.overlap_mm.value_or(s.overlap_mm);
    s.line_mm = a.line_mm.value_or(s.line_mm);
    s.is_filled = (s.is_filled || a.is_filled) && !a.is_outline;
    s.is_mirrored = s.is_mirrored || a.is_mirrored;
    s.has_cover = s.has_cover && !a.has_no_cover;
    if (a.blank_mm.size() == 2)
        s.blank = Blank{{}, a.blank_mm[0], a.blank_mm[1]};
    return s;
}

Result<void> runPattern(const PatternArguments& a)
{
    if (auto ok = checkOutputs({a.job.subject(), a.names}, {a.out, a.report}); !ok)
        return ok;
    auto project = projectOf(a.job);
    if (!project)
        return fail(project.error());
    Job& job = project->job;
    if (auto ok = takeNames(job, a.names, 1); !ok)
        return ok;
    job.is_mirrored = false; // of a pattern its own setting says so
    const auto letters = lettersFor(*project);
    const auto names = namesOf(job, letters, a.job.asks("all"));
    std::vector<std::shared_ptr<const Outline>> designs;
    for (const auto& name : names)
        for (int copy = 0; name.outline_mm && copy < name.copies; ++copy)
            designs.push_back(name.outline_mm);
    if (designs.empty())
        return fail(*names.front().error);
    const auto pattern = planPattern(designs, settingsOf(a, job.pattern));
    if (!pattern)
        return fail(pattern.error());
    PatternWords words{withoutMotifs(job.words),
                       "Print at 100 %, without fitting to the page, and measure the squares.",
                       {}};
    if (const auto source = letters(job.font))
        words.rights =
            (*source)->info().name + ". " + (*source)->info().copyright + " " + (*source)->info().licence;
    if (auto done = writeTo(a.out, [&](std::ostream& out) { return writePattern(out, *pattern, words); });
        !done)
        return done;
    if (a.report.empty())
        return {};
    return writeTo(a.report, [&](std::ostream& out) -> Result<void> {
        const nlohmann::ordered_json json{{"pages", pattern->pageCount()},
                                          {"columns", pattern->columns},
                                          {"rows", pattern->rows},
                                          {"joined", pattern->is_joined},
                                          {"page_mm", {pattern->page_width_mm, pattern->page_height_mm}},
                                          {"width_mm", pattern->whole_mm.width()},
                                          {"height_mm", pattern->whole_mm.height()}};
        out << jsonText(json, 2) << '\n';
        return {};
    });
}

} // namespace

Command addPatternCommand(CLI::App& app)
{
    auto a = std::make_shared<PatternArguments>();
    auto* command = app.add_subcommand("pattern", "Words, or a list of names, at true size on printed pages");
    a->job.may_lack_text = true;
    addJobArguments(*command, a->job);
    addNamesOption(*command, a->names);
    std::vector<std::string> papers;
    for (const auto& paper : kPapers)
        papers.emplace_back(paper.name);
    command->add_option("--paper", a->paper, "Of the printer")->check(CLI::IsMember(papers));
    command->add_option("--overlap-mm", a->overlap_mm, "What pages that are stuck together share")
        ->check(CLI::Range(0.0, kMostOverlap_mm));
    command->add_option("--line-mm", a->line_mm, "Width of the lines")
        ->check(CLI::Range(0.05, kMostPatternLine_mm));
    auto* outline = command->add_flag("--outline", a->is_outline, "Lines only");
    command->add_flag("--filled", a->is_filled, "Filled lightly")->excludes(outline);
    command->add_flag("--mirror", a->is_mirrored, "To be traced on the back");
    command->add_flag("--no-cover", a->has_no_cover, "Without the page of test squares");
    command
        ->add_option("--blank-mm", a->blank_mm,
                     "Width and height of the thing it goes onto, drawn round each")
        ->expected(2)
        ->check(CLI::Range(1.0, kMostPattern_mm));
    command->add_option("--out", a->out, "PDF to write; - is standard output")->required();
    command->add_option("--report", a->report, "JSON file to write; - is standard output");
    command->callback([a] { checkWordsOrNames(a->job, a->names); });
    return [a] { return runPattern(*a); };
}

} // namespace ink::cli
