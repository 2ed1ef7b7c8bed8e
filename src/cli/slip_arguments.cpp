#include "cli/slip_arguments.h"

#include "cli/output.h"
#include "core/base/user_folders.h"
#include "shelf/font_rights.h"

#include <CLI/CLI.hpp>

#include <chrono>
#include <ctime>
#include <filesystem>
#include <iostream>

namespace ink::cli {
namespace {

std::string today()
{
    const std::time_t now = std::chrono::system_clock::to_time_t(std::chrono::system_clock::now());
    std::tm day{};
    localtime_r(&now, &day);
    char text[16];
    std::strftime(text, sizeof text, "%Y-%m-%d", &day);
    return text;
}

/// With what the person added to the fonts' rights in the window.
RightsSlip slipFor(const Job& job, const std::string& ground)
{
    RightsSlip slip = slipOf(job, job.sheet.copies, today());
    FontRightsReader reader(RightsStore(userDataFolder() / "under-ink" / "rights"));
    for (auto& entry : slip.fonts) {
        if (const auto face = FontFace::open(entry.font.path, {entry.font.face, entry.font.instance})) {
            entry.name = (*face)->info().readableName();
            entry.version = (*face)->info().version;
        }
        const auto rights = reader.read(entry.font.path);
        if (!rights)
            continue;
        entry.sha256 = rights->sha256;
        entry.dossier = rights->dossier;
        entry.sold_before = rights->record.sold;
        for (const auto& paper : rights->record.papers)
            entry.attached.push_back(paper.name + ", " + paper.date);
        if (slip.ground.empty() && !rights->record.decisions.empty())
            slip.ground = rights->record.decisions.back().words;
    }
    if (!ground.empty())
        slip.ground = ground;
    return withDigests(std::move(slip));
}

} // namespace

std::vector<std::string> SlipArguments::outputs() const
{
    if (file.empty())
        return {};
    return {file, std::filesystem::path(file).replace_extension(".json").string()};
}

void addSlipOptions(CLI::App& command, SlipArguments& a)
{
    command.add_option("--slip", a.file, "Rights slip to write, FILE.pdf; FILE.json is written beside it")
        ->check([](const std::string& name) {
            return std::filesystem::path(name).extension() == ".pdf"
                       ? std::string()
                       : "\"" + name + "\" does not end in .pdf";
        });
    command.add_option("--ground", a.ground,
                       "On what ground it is sold where that is not plainly allowed, for the slip");
}

Result<void> writeSlip(const SlipArguments& a, const Job& job)
{
    if (a.file.empty())
        return {};
    const RightsSlip slip = slipFor(job, a.ground);
    if (slip.is_for_sale && slip.verdict() != Verdict::MaySell && slip.ground.empty())
        std::cerr
            << "uink: " << nameOf(slip.verdict())
            << ": a sale is not plainly allowed; --ground says on what ground it is sold all the same\n";
    const auto outputs = a.outputs();
    if (auto done = writeTo(outputs[1],
                            [&](std::ostream& out) -> Result<void> {
                                writeSlipJson(out, slip);
                                return {};
                            });
        !done)
        return done;
    return writeTo(outputs[0], [&](std::ostream& out) { return writeSlipPdf(out, slip); });
}

} // namespace ink::cli
