#include "cli/commands.h"

#include <CLI/CLI.hpp>

#include <algorithm>
#include <array>
#include <csignal>
#include <cstdlib>
#include <iostream>

namespace {

constexpr int kUsageError = 2;

int report(const std::string& message, int status)
{
    std::cerr << "uink: " << message << '\n';
    return status;
}

} // namespace

int main(int argc, char** argv)
{
    // A file-size limit then shows as a failed write, which is reported, instead of ending the process.
    std::signal(SIGXFSZ, SIG_IGN);

    CLI::App app{"Under Ink without a window: words in a font to a cut file.", "uink"};
    app.set_version_flag("--version", std::string("uink ") + INK_VERSION);
    app.require_subcommand(1);
    const std::array<std::pair<const char*, ink::cli::Command>, 9> commands{{
        {"weld", ink::cli::addWeldCommand(app)},
        {"shape", ink::cli::addShapeCommand(app)},
        {"fit", ink::cli::addFitCommand(app)},
        {"keymap", ink::cli::addKeymapCommand(app)},
        {"alternates", ink::cli::addAlternatesCommand(app)},
        {"compose", ink::cli::addComposeCommand(app)},
        {"rights", ink::cli::addRightsCommand(app)},
        {"package", ink::cli::addPackageCommand(app)},
        {"shelf", ink::cli::addShelfCommand(app)},
    }};
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
