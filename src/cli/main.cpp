#include "cli/commands.h"
#include "manual/manual.h"

#include <CLI/CLI.hpp>

#include <algorithm>
#include <array>
#include <cmath>
#include <csignal>
#include <cstdlib>
#include <iostream>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace {

constexpr int kUsageError = 2;

struct NamedCommand
{
    std::string_view name;
    ink::cli::Command (*add)(CLI::App&);
};

/// As --help lists them.
constexpr std::array<NamedCommand, 15> kCommands{{
    {"weld", ink::cli::addWeldCommand},
    {"shape", ink::cli::addShapeCommand},
    {"fit", ink::cli::addFitCommand},
    {"proof", ink::cli::addProofCommand},
    {"sheet", ink::cli::addSheetCommand},
    {"pattern", ink::cli::addPatternCommand},
    {"stitch", ink::cli::addStitchCommand},
    {"alphabet", ink::cli::addAlphabetCommand},
    {"match", ink::cli::addMatchCommand},
    {"keymap", ink::cli::addKeymapCommand},
    {"alternates", ink::cli::addAlternatesCommand},
    {"compose", ink::cli::addComposeCommand},
    {"rights", ink::cli::addRightsCommand},
    {"package", ink::cli::addPackageCommand},
    {"shelf", ink::cli::addShelfCommand},
}};

int report(const std::string& message, int status)
{
    std::cerr << "uink: " << message << '\n';
    return status;
}

bool mayBeEmpty(const CLI::Option& option)
{
    constexpr std::array<std::string_view, 3> kNames{"text", "features", "instance"};
    return !option.get_lnames().empty() && std::ranges::count(kNames, option.get_lnames().front()) > 0;
}

/// No option takes "nan" or "inf" for a number, or nothing for a name.
void checkOptions(CLI::App& app)
{
    static const CLI::Validator isFinite(
        [](std::string& text) {
            const double value = std::strtod(text.c_str(), nullptr);
            return std::isfinite(value) ? std::string() : "\"" + text + "\" is no number";
        },
        std::string());
    static const CLI::Validator isSomething(
        [](std::string& text) {
            return text.empty() ? std::string("there is nothing in it") : std::string();
        },
        std::string());
    for (auto* command : app.get_subcommands([](const CLI::App*) { return true; })) {
        for (auto* option : command->get_options()) {
            if (option->get_type_name().starts_with("FLOAT")) // limits name their range behind it
                option->check(isFinite);
            if (option->get_type_name().starts_with("TEXT") && !mayBeEmpty(*option))
                option->check(isSomething);
        }
        checkOptions(*command);
    }
}

/// Where a command has to stand, and none of that name is.
std::optional<std::string> unknownCommand(const CLI::App& app, const std::vector<std::string>& arguments)
{
    const CLI::App* at = &app;
    for (const auto& word : arguments) {
        if (at->get_require_subcommand_min() == 0 || word.starts_with('-'))
            return {};
        const auto commands = at->get_subcommands([&](const CLI::App* c) { return c->check_name(word); });
        if (commands.empty())
            return word;
        at = commands.front();
    }
    return {};
}

} // namespace

int main(int argc, char** argv)
{
    // A file-size limit then shows as a failed write, which is reported, instead of ending the process.
    std::signal(SIGXFSZ, SIG_IGN);

    CLI::App app{"Under Ink without a window: words in a font to a cut file.", "uink"};
    app.set_version_flag("--version", std::string("uink ") + INK_VERSION);
    app.require_subcommand(1);
    // Building the options of all commands is a fifth of the time of a short run.
    const bool is_named = argc > 1 && std::ranges::count(kCommands, argv[1], &NamedCommand::name) > 0;
    std::vector<std::pair<std::string, ink::cli::Command>> commands;
    for (const auto& [name, add] : kCommands)
        if (!is_named || name == argv[1])
            commands.emplace_back(name, add(app));
    checkOptions(app);
    if (ink::wroteManual(app, INK_VERSION, argc, argv))
        return EXIT_SUCCESS;
    if (const auto unknown = unknownCommand(app, {argv + 1, argv + argc}))
        return report("there is no command \"" + *unknown + "\" (uink --help lists them)", kUsageError);
    try {
        app.parse(argc, argv);
    } catch (const CLI::Success& e) { // --help and --version
        return app.exit(e);
    } catch (const CLI::ParseError& e) {
        return report(std::string(e.what()) + " (uink --help tells more)", kUsageError);
    }
    try {
        const auto chosen =
            std::ranges::find_if(commands, [&](const auto& c) { return app.got_subcommand(c.first); });
        const auto done = chosen->second();
        return done ? EXIT_SUCCESS : report(done.error().message(), EXIT_FAILURE);
    } catch (const std::bad_alloc&) {
        return report("there is not enough memory for this. Use fewer words or a simpler font.",
                      EXIT_FAILURE);
    }
}
