#include "cli/commands.h"
#include "cli/output.h"

#include "core/intake/package_rights.h"

#include <CLI/CLI.hpp>

#include <iostream>
#include <memory>

namespace ink::cli {
namespace {

struct RightsArguments
{
    std::vector<std::string> paths;
    bool has_no_limits = false;
    std::string report = "-";
};

/// Every path that can be read is told; one that cannot is named, and the command fails at the end.
Result<void> runRights(const RightsArguments& a)
{
    std::vector<RightsOfPath> rights;
    Result<void> outcome;
    for (const auto& path : a.paths) {
        InspectOptions options;
        if (a.has_no_limits)
            options.limits = PackageLimits::lifted();
        const auto contents = inspectPackage(path, options);
        if (contents) {
            rights.push_back(rightsOf(*contents));
            continue;
        }
        if (!outcome)
            std::cerr << "uink: " << outcome.error().message() << '\n';
        outcome = fail(contents.error());
    }
    const auto written = writeTo(a.report, [&](std::ostream& out) -> Result<void> {
        writeRightsReport(out, rights);
        return {};
    });
    return written ? outcome : written;
}

} // namespace

Command addRightsCommand(CLI::App& app)
{
    auto a = std::make_shared<RightsArguments>();
    auto* command = app.add_subcommand(
        "rights", "May goods made with these fonts be sold? As JSON, with the sentences that say so");
    command->add_option("PATH", a->paths, "Fonts, packages, folders or documents")->required();
    command->add_flag("--no-limits", a->has_no_limits, "Unpack packages however large they are");
    command->add_option("--report", a->report, "JSON file to write; - is standard output");
    return [a] { return runRights(*a); };
}

} // namespace ink::cli
