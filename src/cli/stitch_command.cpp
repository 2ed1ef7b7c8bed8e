#include "cli/commands.h"
#include "cli/name_arguments.h"
#include "cli/output.h"

#include "core/base/file_output.h"
#include "core/handoff/sewn_together.h"

#include <CLI/CLI.hpp>

#include <charconv>
#include <filesystem>
#include <iostream>
#include <memory>

namespace ink::cli {
namespace {

struct StitchArguments
{
    JobArguments job;
    std::string names, as, cover, underlay = "auto", hoop;
    std::optional<double> spacing_mm, pull_mm, angle_deg;
    bool is_fused = false, is_together = false;
    std::string out, cloth, report, look;
};

/// "130x180" in mm.
std::optional<std::pair<double, double>> readHoop(std::string_view text)
{
    std::pair<double, double> out;
    const auto cross = text.find('x');
    const auto read = [](std::string_view part, double& mm) {
        const auto [end, error] = std::from_chars(part.data(), part.data() + part.size(), mm);
        return error == std::errc{} && end == part.data() + part.size() && mm > 0.0 && mm <= kMostHoop_mm;
    };
    if (cross == std::string_view::npos || !read(text.substr(0, cross), out.first) ||
        !read(text.substr(cross + 1), out.second))
        return {};
    return out;
}

StitchSettings settingsOf(const StitchArguments& a, StitchSettings s)
{
    s.as = sewnAsOf(a.as).value_or(s.as);
    s.cover = edgeCoverOf(a.cover).value_or(s.cover);
    s.spacing_mm = a.spacing_mm.value_or(s.spacing_mm);
    s.pull_mm = a.pull_mm.value_or(s.pull_mm);
    s.fill_angle_deg = a.angle_deg.value_or(s.fill_angle_deg);
    s.has_underlay = s.has_underlay && a.underlay != "none";
    s.is_together = s.is_together || a.is_together;
    if (const auto hoop = readHoop(a.hoop))
        std::tie(s.hoop_width_mm, s.hoop_height_mm) = *hoop;
    return sensible(s);
}

/// FILE, FILE-2 and so on.
std::string fileOf(const std::string& out, std::size_t number)
{
    if (number == 0 || out == "-")
        return out;
    const std::filesystem::path path(out);
    return (path.parent_path() /
            (path.stem().string() + "-" + std::to_string(number + 1) + path.extension().string()))
        .string();
}

Result<void> look(const StitchArguments& a)
{
    const auto bytes = readFile(a.look, kMostStitchFile_bytes);
    if (!bytes)
        return fail(bytes.error());
    auto file = readStitches(*bytes, *stitchFormatOf(a.look));
    if (!file) {
        Error fault = file.error();
        fault.subject = a.look;
        return fail(std::move(fault));
    }
    if (file->is_cut_short)
        std::cerr << "uink: " << a.look << ": it ends before its end: what is there was read\n";
    const auto figures = figuresOf(file->work, StitchSettings().stitches_a_minute);
    if (!a.out.empty()) {
        const SewnFile again{file->work, file->title, {}, StitchSettings().cloth};
        if (auto done = writeTo(
                a.out, [&](std::ostream& out) { return writeStitches(out, again, *stitchFormatOf(a.out)); });
            !done)
            return done;
    }
    if (a.report.empty() && !a.out.empty())
        return {};
    return writeTo(a.report.empty() ? "-" : a.report, [&](std::ostream& out) -> Result<void> {
        writeLookReport(out, *file, figures);
        return {};
    });
}

/// What is sewn at one go: each name by itself, or hoops of names. What cannot be sewn is said on standard error where others can.
Result<std::vector<SewnName>> sewings(const std::vector<MadeName>& names, const StitchSettings& settings)
{
    std::vector<SewnName> out;
    if (settings.is_together && names.size() > 1) {
        auto hoops = sewnTogether(names, settings);
        if (!hoops)
            return fail(hoops.error());
        for (const auto name : hoops->left_out)
            if (!names[name].error)
                std::cerr << "uink: " << names[name].words << ": it is larger than the hoop; left out\n";
        for (auto& hoop : hoops->hoops)
            out.push_back(std::move(hoop.sewn));
        return out;
    }
    std::optional<Error> fault;
    for (const auto& name : names) {
        auto sewn = sewName(name, settings);
        if (!sewn.error) {
            out.push_back(std::move(sewn));
            continue;
        }
        fault = sewn.error;
        if (names.size() > 1 && !name.error)
            std::cerr << "uink: " << name.words << ": " << sewn.error->message() << '\n';
    }
    if (out.empty() && fault)
        return fail(*fault);
    return out;
}

Result<void> runStitch(const StitchArguments& a)
{
    if (auto ok = checkOutputs({a.job.subject(), a.names, a.look}, {a.out, a.cloth, a.report}); !ok)
        return ok;
    if (!a.look.empty())
        return look(a);
    auto project = projectOf(a.job);
    if (!project)
        return fail(project.error());
    Job& job = project->job;
    if (auto ok = takeNames(job, a.names, 1); !ok)
        return ok;
    job.is_mirrored = false; // thread is seen from the front
    const auto settings = settingsOf(a, job.stitches);
    const auto names = namesOf(job, lettersFor(*project), a.job.asks("all"));
    const auto sewn_names = sewings(names, settings);
    if (!sewn_names)
        return fail(sewn_names.error());
    std::size_t number = 0;
    for (const auto& sewn : *sewn_names) {
        if (!a.out.empty())
            if (auto done = writeTo(fileOf(a.out, number),
                                    [&](std::ostream& out) {
                                        return writeStitches(out, sewnFileOf(sewn, settings),
                                                             *stitchFormatOf(a.out));
                                    });
                !done)
                return done;
        if (!a.cloth.empty())
            if (auto done = writeTo(fileOf(a.cloth, number),
                                    [&](std::ostream& out) {
                                        return writeSheet(out, clothOf(sewn, a.is_fused), SheetFormat::Svg);
                                    });
                !done)
                return done;
        if (!a.report.empty() || a.out.empty())
            if (auto done = writeTo(a.report.empty() ? "-" : fileOf(a.report, number),
                                    [&](std::ostream& out) -> Result<void> {
                                        writeStitchReport(out, sewn, settings);
                                        return {};
                                    });
                !done)
                return done;
        ++number;
    }
    return {};
}

} // namespace

Command addStitchCommand(CLI::App& app)
{
    auto a = std::make_shared<StitchArguments>();
    auto* command =
        app.add_subcommand("stitch", "Words, or a list of names, as stitches; or a look into a stitch file");
    a->job.may_lack_text = true;
    a->job.usual_process = "satin";
    addJobArguments(*command, a->job);
    addNamesOption(*command, a->names);
    command->add_option("--as", a->as, "What letters become")
        ->check(CLI::IsMember({"satin", "fill", "running", "applique"}));
    command->add_option("--cover", a->cover, "Of an appliqué's edge")
        ->check(CLI::IsMember({"satin", "blanket"}));
    command->add_option("--underlay", a->underlay, "Beneath the cover")
        ->check(CLI::IsMember({"auto", "none"}));
    command->add_option("--spacing-mm", a->spacing_mm, "Between stitches of one side, and between rows")
        ->check(CLI::Range(kLeastSpacing_mm, kMostSpacing_mm));
    command->add_option("--pull-mm", a->pull_mm, "Wider by this, since thread pulls the cloth together")
        ->check(CLI::Range(0.0, kMostPull_mm));
    command->add_option("--angle-deg", a->angle_deg, "Of a fill's rows")->check(CLI::Range(-180.0, 180.0));
    command->add_option("--hoop", a->hoop, "Room of the hoop in mm, as in 130x180")
        ->check([](const std::string& text) {
            return readHoop(text) ? std::string() : "\"" + text + "\" is not written like 130x180";
        });
    command->add_flag("--together", a->is_together, "Names together in the hoop, as many as fit");
    const auto is_stitch_file = [](const std::string& name) {
        return stitchFormatOf(name) ? std::string() : "\"" + name + "\" is none of .dst .exp .svg .png";
    };
    command
        ->add_option("--out", a->out,
                     "File to write: .dst .exp .svg .png; more names become FILE-2 and so on")
        ->check(is_stitch_file);
    command->add_option("--cloth", a->cloth, "SVG of an appliqué's cloth, to be cut");
    command->add_flag("--fused", a->is_fused, "The cloth is cut from its back: mirrored");
    command->add_option("--look", a->look, "Look into a stitch file instead: .dst or .exp")
        ->check([](const std::string& name) {
            const auto format = stitchFormatOf(name);
            return format == StitchFormat::Dst || format == StitchFormat::Exp
                       ? std::string()
                       : "\"" + name + "\" is neither .dst nor .exp";
        });
    command->add_option("--report", a->report,
                        "JSON file to write; - is standard output, also without --out");
    command->callback([a] {
        if (a->look.empty())
            checkWordsOrNames(a->job, a->names);
    });
    return [a] { return runStitch(*a); };
}

} // namespace ink::cli
