#include "cli/commands.h"
#include "cli/cutter_line.h"
#include "cli/job_arguments.h"
#include "cli/name_arguments.h"
#include "cli/output.h"
#include "cli/slip_arguments.h"

#include "core/base/user_folders.h"
#include "core/handoff/sheet_report.h"

#include <CLI/CLI.hpp>

#include <algorithm>
#include <charconv>
#include <filesystem>
#include <iostream>
#include <memory>

namespace ink::cli {
namespace {

struct SheetArguments
{
    JobArguments job;
    std::string names;
    int copies = 1;
    std::string sheet, material, turn = "none";
    std::optional<double> margin_mm, spacing_mm, frame_mm, overcut_mm, blade_mm, kerf_mm;
    double border_mm = 0.0;
    int tabs = 0;
    bool is_clockwise = false, as_rows = false, is_mirrored = false, is_not_mirrored = false;
    bool is_dressed_quietly = false;
    /// "3-5=gold", "1=score".
    std::vector<std::string> made;
    SlipArguments slip;
    std::string out, report, send;
};

/// "305x1000", "305" for a roll, in mm.
std::optional<SheetSize> readSheet(std::string_view text)
{
    SheetSize size;
    size.length_mm = 0.0;
    const auto cross = text.find('x');
    const auto read = [](std::string_view part, double& mm) {
        const auto [end, error] = std::from_chars(part.data(), part.data() + part.size(), mm);
        return error == std::errc{} && end == part.data() + part.size() && mm > 0.0;
    };
    if (!read(text.substr(0, cross), size.width_mm))
        return {};
    if (cross != std::string_view::npos && !read(text.substr(cross + 1), size.length_mm))
        return {};
    return size;
}

Result<SheetSettings> settingsOf(const SheetArguments& a, const SheetSettings& of_job)
{
    SheetSettings s = of_job;
    if (!a.material.empty())
        s.material = a.material;
    if (!a.sheet.empty()) {
        s.size = readSheet(a.sheet);
        if (!s.size)
            return fail(ErrorCode::DistanceOutOfRange, "--sheet " + a.sheet,
                        "it is written like 305x1000, or 305 for a roll");
    }
    if (a.margin_mm) {
        if (!s.size)
            s.size = SheetSize();
        s.size->margin_mm = *a.margin_mm;
    }
    s.spacing_mm = a.spacing_mm.value_or(s.spacing_mm);
    if (const auto turns = turnsOf(a.turn); turns && a.turn != "none")
        s.turns = *turns;
    s.as_rows = s.as_rows || a.as_rows;
    s.is_clockwise = s.is_clockwise || a.is_clockwise;
    s.copies = std::max(s.copies, a.copies);
    s.overcut_mm = a.overcut_mm.value_or(s.overcut_mm);
    s.blade_mm = a.blade_mm.value_or(s.blade_mm);
    s.kerf_mm = a.kerf_mm.value_or(s.kerf_mm);
    if (a.border_mm > 0.0)
        s.border_mm = a.border_mm;
    s.tabs = std::max(s.tabs, a.tabs);
    return s;
}

/// "3", "3-5=gold", "1=score": letters counted from 1, and a material's word, or what the tool does with them.
/// Errors: SettingUnknown for what cannot be read.
Result<void> makeOtherwise(Job& job, const std::string& wish)
{
    const auto equals = wish.find('=');
    const auto refused = [&] {
        return fail(ErrorCode::SettingUnknown, "--made " + wish,
                    "it is written like 1=score, or 3-5=gold: letters counted from 1");
    };
    if (equals == std::string::npos || equals + 1 == wish.size())
        return refused();
    std::size_t first = 0, last = 0;
    const char *from = wish.data(), *end = wish.data() + equals;
    auto read = std::from_chars(from, end, first);
    last = first;
    if (read.ec == std::errc{} && read.ptr != end && *read.ptr == '-')
        read = std::from_chars(read.ptr + 1, end, last);
    const std::string how = wish.substr(equals + 1);
    std::vector<std::size_t> characters; // spaces and line breaks are no letters
    const auto words = toUtf32(job.words);
    for (std::size_t i = 0; i < words.size(); ++i)
        if (words[i] != U' ' && words[i] != U'\n')
            characters.push_back(i);
    if (read.ec != std::errc{} || read.ptr != end || first < 1 || last < first || last > characters.size())
        return refused();
    for (std::size_t letter = first; letter <= last; ++letter) {
        auto& handling = job.lettering.letters[characters[letter - 1]].handling;
        if (const auto operation = letterOperationOf(how))
            handling.operation = operation;
        else
            handling.colour = how;
    }
    return {};
}

/// FILE, FILE-2 and so on.
std::string outputOf(const std::string& out, std::size_t sheet)
{
    if (sheet == 0 || out == "-")
        return out;
    const std::filesystem::path path(out);
    return (path.parent_path() /
            (path.stem().string() + "-" + std::to_string(sheet + 1) + path.extension().string()))
        .string();
}

Result<void> writeSheets(const SheetArguments& a, const SheetPlan& plan, const Job& job,
                         const FindLetters& letters)
{
    const auto format = formatOf(a.out);
    std::string rights;
    if (const auto source = letters(job.font))
        rights =
            (*source)->info().name + ". " + (*source)->info().copyright + " " + (*source)->info().licence;
    for (std::size_t sheet = 0; sheet < plan.sheets.size(); ++sheet) {
        const auto drawing = drawingOf(plan, sheet, withoutMotifs(job.words), rights);
        auto done = writeTo(outputOf(a.out, sheet),
                            [&](std::ostream& out) { return writeSheet(out, drawing, *format); });
        if (!done)
            return done;
    }
    return {};
}

/// One after the other; from the second on the machine waits until it is told that the next is laid, by Enter.
Result<void> sendSheets(const SheetArguments& a, const SheetPlan& plan)
{
    if (a.send.empty())
        return {};
    for (std::size_t sheet = 0; sheet < plan.sheets.size(); ++sheet) {
        const std::string name =
            "sheet " + std::to_string(sheet + 1) + " of " + std::to_string(plan.sheets.size());
        if (sheet > 0) {
            std::cerr << "uink: lay " << name << " (" << plan.sheets[sheet].material.name
                      << "), then press Enter\n";
            std::string line;
            std::getline(std::cin, line);
        }
        if (auto done = sendToCutter(
                *cutterAddressOf(a.send), drawingOf(plan, sheet, {}, {}),
                [&](const std::string& words) { std::cerr << "uink: " << name << ": " << words << '\n'; });
            !done)
            return done;
    }
    return {};
}

Result<void> runSheet(const SheetArguments& a)
{
    std::vector<std::string> outputs{a.out, a.report};
    for (const auto& file : a.slip.outputs())
        outputs.push_back(file);
    if (auto ok = checkOutputs({a.job.subject(), a.names}, outputs); !ok)
        return ok;
    auto project = projectOf(a.job);
    if (!project)
        return fail(project.error());
    Job& job = project->job;
    if (auto ok = takeNames(job, a.names, a.copies); !ok)
        return ok;
    job.names.is_dressed_quietly = job.names.is_dressed_quietly || a.is_dressed_quietly;
    for (const auto& wish : a.made)
        if (auto ok = makeOtherwise(job, wish); !ok)
            return ok;
    if (a.job.project.empty())
        job.is_mirrored = infoOf(job.process).is_mirrored;
    if (a.is_mirrored || a.is_not_mirrored)
        job.is_mirrored = a.is_mirrored;
    if (a.frame_mm)
        job.weeding.frame_mm = *a.frame_mm;
    const auto settings = settingsOf(a, job.sheet);
    if (!settings)
        return fail(settings.error());
    job.sheet = *settings;
    const auto letters = lettersFor(*project);
    const auto names = namesOf(job, letters, a.job.asks("all"));
    SheetRequest request;
    request.things = thingsOf(names, job);
    if (request.things.empty())
        return fail(*names.front().error);
    request.settings = job.sheet;
    request.weeding = job.weeding;
    request.process = job.process;
    std::vector<Error> faults;
    request.materials = allMaterials(userDataFolder() / "under-ink" / "materials", faults);
    for (const auto& fault : faults)
        std::cerr << "uink: " << fault.message() << '\n';
    if (!a.material.empty() &&
        std::ranges::find(request.materials, a.material, &MaterialCard::id) == request.materials.end())
        return fail(ErrorCode::SettingUnknown, "--material " + a.material);
    const auto plan = planSheets(request);
    if (!plan)
        return fail(plan.error());
    for (const auto& out : plan->left_out)
        std::cerr << "uink: " << request.things[out.thing].words
                  << ": it is larger than the sheet; left out\n";
    if (plan->laid.empty())
        return fail(ErrorCode::NothingToCut, {}, "nothing of it goes onto the sheet");
    if (!a.out.empty())
        if (auto done = writeSheets(a, *plan, job, letters); !done)
            return done;
    if (auto done = writeSlip(a.slip, job); !done)
        return done;
    if (auto done = sendSheets(a, *plan); !done)
        return done;
    if (a.report.empty() && !(a.out.empty() && a.send.empty()))
        return {};
    return writeTo(a.report.empty() ? "-" : a.report, [&](std::ostream& out) -> Result<void> {
        writeSheetReport(out, *plan, names, job.is_mirrored);
        return {};
    });
}

} // namespace

Command addSheetCommand(CLI::App& app)
{
    auto a = std::make_shared<SheetArguments>();
    auto* command =
        app.add_subcommand("sheet", "Words, or a list of names, on sheets, and the run of the tool");
    a->job.may_lack_text = true;
    addJobArguments(*command, a->job);
    addNamesOption(*command, a->names);
    command->add_option("--copies", a->copies, "Of each")->check(CLI::Range(1, kMostCopies));
    command->add_option("--sheet", a->sheet, "Width and length in mm, as in 305x1000; 305 alone is a roll");
    command->add_option("--material", a->material, "Id of a material card");
    const auto length = [&](const char* name, std::optional<double>& mm, double most, const char* what) {
        command->add_option(name, mm, what)->check(CLI::Range(0.0, most));
    };
    length("--margin-mm", a->margin_mm, kMostSheetLength_mm, "Kept free at every edge");
    length("--spacing-mm", a->spacing_mm, kMostSheetLength_mm, "Between any two of them");
    length("--frame-mm", a->frame_mm, kMostSheetLength_mm, "A weeding frame round each, at this distance");
    length("--overcut-mm", a->overcut_mm, 20.0, "Cut on past the start");
    length("--blade-mm", a->blade_mm, 20.0, "Offset of a drag knife");
    length("--kerf-mm", a->kerf_mm, 20.0, "Width of the cut");
    command->add_option("--border-mm", a->border_mm, "A border behind them, on a sheet of its own")
        ->check(CLI::Range(0.0, kMostSheetLength_mm));
    command->add_option("--tabs", a->tabs, "Gaps that hold each piece in the sheet")
        ->check(CLI::Range(0, kMostTabs));
    command->add_option("--turn", a->turn, "How they may be turned")
        ->check(CLI::IsMember({"none", "180", "90", "free"}));
    command->add_flag("--dress-quietly", a->is_dressed_quietly,
                      "Each name ends in the quietest form of its last letter that suits it");
    command->add_option("--made", a->made,
                        "Letters made otherwise: 3-5=gold of another material, 1=score or 1=pen not cut");
    command->add_flag("--clockwise", a->is_clockwise,
                      "Outer edges are gone round clockwise, middles the other way");
    command->add_flag("--rows", a->as_rows, "Rows of boxes instead of true outlines");
    auto* mirror = command->add_flag("--mirror", a->is_mirrored, "Mirrored, whatever the process asks for");
    command->add_flag("--no-mirror", a->is_not_mirrored, "Not mirrored")->excludes(mirror);
    command
        ->add_option("--out", a->out,
                     "File to write: .svg .dxf .plt .pdf .eps .png; more sheets become FILE-2 and so on")
        ->check([](const std::string& name) {
            return formatOf(name) ? std::string()
                                  : "\"" + name + "\" is none of .svg .dxf .plt .pdf .eps .png";
        });
    addSlipOptions(*command, a->slip);
    command->add_option("--send", a->send, "HOST:PORT of a cutter to send it to")
        ->check([](const std::string& address) {
            return cutterAddressOf(address) ? std::string() : "\"" + address + "\" is not HOST:PORT";
        });
    command->add_option("--report", a->report,
                        "JSON file to write; - is standard output, also without --out and --send");
    command->callback([a] { checkWordsOrNames(a->job, a->names); });
    return [a] { return runSheet(*a); };
}

} // namespace ink::cli
