#include "cli/commands.h"
#include "cli/output.h"

#include "core/intake/package_rights.h"

#include <CLI/CLI.hpp>

#include <map>
#include <memory>

namespace ink::cli {
namespace {

struct PackageArguments
{
    std::string path;
    std::string folder;
    OnConflict on_conflict = OnConflict::Keep;
    bool has_no_limits = false;
    std::string report = "-";
};

Result<void> runPackage(const PackageArguments& a)
{
    InspectOptions options;
    if (a.has_no_limits)
        options.limits = PackageLimits::lifted();
    const auto contents = inspectPackage(a.path, options);
    if (!contents)
        return fail(contents.error());
    Taken taken;
    if (!a.folder.empty()) {
        auto done = takeEntries(*contents, usualChoice(*contents), a.folder, a.on_conflict);
        if (!done)
            return fail(done.error());
        taken = std::move(*done);
    }
    return writeTo(a.report, [&](std::ostream& out) -> Result<void> {
        writePackageReport(out, *contents, a.folder.empty() ? nullptr : &taken);
        return {};
    });
}

} // namespace

Command addPackageCommand(CLI::App& app)
{
    auto a = std::make_shared<PackageArguments>();
    auto* command =
        app.add_subcommand("package", "What a font package holds, as JSON; with --take, unpack it safely");
    command->add_option("PATH", a->path, "A package, a folder or a file")->required();
    command->add_option("--take", a->folder, "Folder for the fonts, documents, key maps and previews");
    const std::map<std::string, OnConflict> choices{
        {"keep", OnConflict::Keep}, {"replace", OnConflict::Replace}, {"both", OnConflict::Both}};
    command
        ->add_option("--existing", a->on_conflict,
                     "What to do with files that are there already: keep, replace or both")
        ->transform(CLI::CheckedTransformer(choices));
    command->add_flag("--no-limits", a->has_no_limits, "Unpack it however large it is");
    command->add_option("--report", a->report, "JSON file to write; - is standard output");
    return [a] { return runPackage(*a); };
}

} // namespace ink::cli
