#include "cli/commands.h"
#include "cli/output.h"

#include "core/design/design_report.h"
#include "core/formats/svg_writer.h"
#include "core/project/project.h"

#include <CLI/CLI.hpp>

#include <charconv>
#include <iostream>
#include <memory>
#include <vector>

namespace ink::cli {
namespace {

struct ComposeArguments
{
    std::string project;
    std::string out;
    std::vector<std::string> settings;
    std::string report;
};

/// "words=…", "width_mm=120", "height_mm=40", "em_mm=30", …; after a width or a height "other_mm=40", the
/// other side out of proportion. Errors: SettingUnknown; SizeOutOfRange for what is no number.
Result<void> applySetting(Job& job, const std::string& setting)
{
    const auto equals = setting.find('=');
    const std::string name = setting.substr(0, equals);
    const std::string value = equals == std::string::npos ? std::string() : setting.substr(equals + 1);
    if (name == "words") {
        const std::string words = withLineBreaks(value);
        if (auto ok = checkWords(words); !ok)
            return ok;
        followWords(job.lettering, toUtf32(job.words), toUtf32(words));
        job.words = words;
        return {};
    }
    static const std::vector<std::pair<std::string, SizeBy>> kSizes{{"width_mm", SizeBy::Width},
                                                                    {"height_mm", SizeBy::Height},
                                                                    {"em_mm", SizeBy::Em},
                                                                    {"cap_height_mm", SizeBy::CapHeight},
                                                                    {"x_height_mm", SizeBy::XHeight}};
    const auto size = std::ranges::find(kSizes, name, &std::pair<std::string, SizeBy>::first);
    if (size == kSizes.end() && name != "other_mm")
        return fail(ErrorCode::SettingUnknown, setting);
    double mm = 0.0;
    const auto [end, error] = std::from_chars(value.data(), value.data() + value.size(), mm);
    if (error != std::errc() || end != value.data() + value.size())
        return fail(ErrorCode::SizeOutOfRange, setting);
    if (size != kSizes.end())
        job.size = {size->second, mm};
    else
        job.size.other_mm = mm;
    return checkSize(job.size);
}

Result<void> runCompose(const ComposeArguments& a)
{
    if (auto ok = checkOutputs({a.project}, {a.out, a.report}); !ok)
        return ok;
    auto project = openProject(a.project);
    if (!project)
        return fail(project.error());
    for (const auto& warning : project->warnings)
        std::cerr << "uink: " << a.project << ": " << warning << '\n';
    for (const auto& setting : a.settings)
        if (auto done = applySetting(project->job, setting); !done)
            return done;
    const auto letters =
        lettersOf(*project, [](const FontRef& font) -> Result<std::shared_ptr<const LetterSource>> {
            const auto face = FontFace::open(font.path, {font.face, font.instance});
            if (!face)
                return fail(face.error());
            return lettersOf(*face);
        });
    const auto composed = composeDesign(project->job, letters);
    if (!composed)
        return fail(composed.error());
    const auto& missing_fonts = composed->setting.missing_fonts;
    if (!missing_fonts.empty() && !composed->design.missing.empty()) {
        std::string lacking;
        for (const char32_t c : composed->design.missing)
            lacking += (lacking.empty() ? "" : " ") + toUtf8(c);
        return fail(ErrorCode::FontMissing, missing_fonts.front().path, "the job holds no " + lacking);
    }
    for (const auto& warning : composed->design.warnings)
        std::cerr << "uink: " << a.project << ": " << warning << '\n';
    std::string rights;
    for (const auto& font : project->fonts)
        rights += (rights.empty() ? "" : " ") + font.info.name + ". " + font.info.copyright + " " +
                  font.info.licence;
    if (!a.out.empty()) {
        const SvgOptions options{withoutMotifs(project->job.words), rights, "#1d2333",
                                 weedingLines(composed->design.outline_mm, project->job.weeding)};
        auto done = writeTo(
            a.out, [&](std::ostream& out) { return writeSvg(out, composed->design.outline_mm, options); });
        if (!done)
            return done;
    }
    if (a.report.empty())
        return {};
    return writeTo(a.report, [&](std::ostream& out) -> Result<void> {
        writeReport(out, *composed);
        return {};
    });
}

} // namespace

Command addComposeCommand(CLI::App& app)
{
    auto a = std::make_shared<ComposeArguments>();
    auto* command = app.add_subcommand("compose", "A project to a cut file, with other words where asked");
    command->add_option("PROJECT", a->project, "Project file (.uink)")->required();
    command->add_option("--out", a->out, "SVG file to write; - is standard output")
        ->check(complaintUnlessSvg);
    command->add_option(
        "--set", a->settings,
        "words=…, width_mm=…, height_mm=…, em_mm=…, cap_height_mm=…, x_height_mm=… or other_mm=…: "
        "the side that is not asked for yet, out of proportion");
    command->add_option("--report", a->report, "JSON file to write; - is standard output");
    return [a] { return runCompose(*a); };
}

} // namespace ink::cli
