#include "cli/commands.h"
#include "cli/output.h"

#include "core/fit/fit_marks.h"

#include <CLI/CLI.hpp>

#include <algorithm>
#include <memory>
#include <optional>

namespace ink::cli {
namespace {

struct FitArguments
{
    std::string font;
    unsigned face = 0;
    std::string instance;
    std::string text;
    std::string features;
    double tracking_em = 0.0;
    double height_mm = 0.0;
    double width_mm = 0.0;
    CLI::Option* height_option = nullptr;
    std::string process;
    std::optional<double> stroke_floor_mm, stroke_comfortable_mm, gap_mm, smallest_piece_mm2;
    std::string report = "-";
};

ProcessLimits limitsOf(const FitArguments& a, Process process)
{
    ProcessLimits limits = defaultLimits(process);
    limits.stroke_floor_mm = a.stroke_floor_mm.value_or(limits.stroke_floor_mm);
    limits.stroke_comfortable_mm = a.stroke_comfortable_mm.value_or(limits.stroke_comfortable_mm);
    limits.gap_mm = a.gap_mm.value_or(limits.gap_mm);
    limits.smallest_piece_mm2 = a.smallest_piece_mm2.value_or(limits.smallest_piece_mm2);
    return sensible(limits);
}

Result<void> runFit(const FitArguments& a)
{
    const auto face = FontFace::open(a.font, {a.face, a.instance});
    if (!face)
        return fail(face.error());
    const auto process = std::ranges::find(allProcesses(), a.process, &ProcessInfo::id);
    const FinishedSize size = a.height_option->count() > 0 ? FinishedSize{SizeBy::Height, a.height_mm}
                                                           : FinishedSize{SizeBy::Width, a.width_mm};
    if (auto ok = checkSize(size); !ok)
        return ok;
    const auto shape = fitShape(**face, withLineBreaks(a.text), {a.features, a.tracking_em});
    if (!shape)
        return fail(shape.error());
    const auto marks = marksAt(*shape, size);
    if (!marks)
        return fail(marks.error());
    return writeTo(a.report, [&](std::ostream& out) -> Result<void> {
        writeFitReport(out, *marks, limitsOf(a, process->process), process->process);
        return {};
    });
}

} // namespace

Command addFitCommand(CLI::App& app)
{
    auto a = std::make_shared<FitArguments>();
    auto* command =
        app.add_subcommand("fit", "Fit marks of words in a font at a finished size and process, as JSON");
    command->add_option("--font", a->font, "Font file")->required();
    command->add_option("--face", a->face, "Which face of a collection, counted from 0");
    command->add_option("--instance", a->instance, "Named instance of a variable font");
    command->add_option("--text", a->text, "The words; \\n starts a line")->required();
    command->add_option("--features", a->features, "Font features, as in ss01,swsh=1");
    command->add_option("--tracking-em", a->tracking_em, "Added after every letter, in em");
    auto* size = command->add_option_group("size", "Finished size, one of");
    a->height_option = size->add_option("--height-mm", a->height_mm, "Height of the inked shape");
    size->add_option("--width-mm", a->width_mm, "Width of the inked shape");
    size->require_option(1);
    std::vector<std::string> names;
    for (const auto& process : allProcesses())
        names.emplace_back(process.id);
    command->add_option("--process", a->process, "What it is made with")
        ->required()
        ->check(CLI::IsMember(names));
    command->add_option("--stroke-floor-mm", a->stroke_floor_mm, "Thinnest stroke that your process holds")
        ->check(CLI::Range(0.0, kMaxLimit_mm));
    command
        ->add_option("--stroke-comfortable-mm", a->stroke_comfortable_mm,
                     "Stroke from which no care is needed")
        ->check(CLI::Range(0.0, kMaxLimit_mm));
    command->add_option("--gap-mm", a->gap_mm, "Narrowest gap that stays open")
        ->check(CLI::Range(0.0, kMaxLimit_mm));
    command->add_option("--smallest-piece-mm2", a->smallest_piece_mm2, "Smallest piece that holds")
        ->check(CLI::Range(0.0, kMaxLimit_mm2));
    command->add_option("--report", a->report, "JSON file to write; - is standard output");
    return [a] { return runFit(*a); };
}

} // namespace ink::cli
