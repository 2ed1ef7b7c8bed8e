#include "cli/commands.h"
#include "cli/output.h"

#include "core/base/digest.h"
#include "core/base/user_folders.h"
#include "shelf/install_package.h"
#include "shelf/open_programs.h"
#include "shelf/shelf_intake.h"
#include "shelf/shelf_report.h"

#include <CLI/CLI.hpp>

#include <chrono>
#include <iostream>
#include <memory>
#include <sstream>

namespace ink::cli {
namespace {

struct ShelfArguments
{
    std::string action;
    std::vector<std::string> fonts;
    std::vector<std::string> paths;
    std::string set;
    bool takes_out = false;
    bool takes_back = false;
    std::string project;
    std::string until;
    std::string closed_project;
    std::vector<std::string> look_in;
    bool has_no_limits = false;
    std::string bundle;
    bool takes_theirs = false;
    bool is_for_all_users = false;
    std::string report = "-";
};

std::filesystem::path dataFolder()
{
    return userDataFolder() / "under-ink";
}

bool isDay(const std::string& text)
{
    std::istringstream in(text);
    int year = 0;
    unsigned month = 0, day = 0;
    char first = 0, second = 0;
    in >> year >> first >> month >> second >> day;
    return in && in.peek() == EOF && first == '-' && second == '-' && text.size() == 10 &&
           std::chrono::year_month_day(std::chrono::year(year), std::chrono::month(month),
                                       std::chrono::day(day))
               .ok();
}

class ShelfCommand
{
public:
    ShelfCommand(const ShelfArguments& a, ShelfStore& store)
        : m_a(a), m_store(store), m_installer(store, Installer::usualFolder())
    {
    }

    Result<void> run()
    {
        if (m_a.action == "add")
            return add();
        if (m_a.action == "doctor")
            return doctor();
        if (m_a.action == "twins")
            return twins();
        if (m_a.action == "import")
            return import();
        if (m_a.action == "list")
            return reportFonts({});
        if (m_a.action == "remove" && !m_a.closed_project.empty())
            return removeOf(m_a.closed_project);
        if (m_a.action == "install")
            if (auto taken = takeFiles(); !taken)
                return taken;
        std::vector<ShelfFont> fonts;
        for (const auto& which : m_a.fonts) {
            auto font = fontOf(which);
            if (!font)
                return fail(font.error());
            fonts.push_back(std::move(*font));
        }
        if (m_a.action == "export" && m_a.is_for_all_users)
            return writeInstallPackage(m_a.bundle, m_store, fonts);
        if (m_a.action == "export")
            return writeBundle(m_a.bundle, m_store, fonts, rights());
        const auto done = change(fonts);
        if (!done)
            return done;
        if (m_a.action == "install" || m_a.action == "remove") {
            m_installer.refresh();
            return reportInstall(idsOf(fonts));
        }
        return reportFonts(idsOf(fonts));
    }

private:
    /// Fonts that are named by their file, and not on the shelf yet, are taken in.
    Result<void> takeFiles()
    {
        for (const auto& which : m_a.fonts) {
            std::error_code ignored;
            if (!std::filesystem::is_regular_file(which, ignored) || fontOf(which))
                continue;
            TakenToShelf taken;
            if (auto done = take(which, taken); !done)
                return done;
        }
        return {};
    }

    /// By its name, or by the content of the file of that name.
    Result<ShelfFont> fontOf(const std::string& which) const
    {
        std::error_code ignored;
        if (std::filesystem::is_regular_file(which, ignored))
            if (const auto digest = sha256OfFile(which))
                if (auto font = m_store.find(*digest))
                    return font;
        return m_store.find(which);
    }

    static std::vector<std::int64_t> idsOf(const std::vector<ShelfFont>& fonts)
    {
        std::vector<std::int64_t> ids;
        for (const auto& font : fonts)
            ids.push_back(font.id);
        return ids;
    }

    Result<void> change(const std::vector<ShelfFont>& fonts)
    {
        if (m_a.action == "aside")
            return setAside(fonts);
        if (m_a.action == "set")
            return m_store.changeSet(m_a.set, idsOf(fonts), !m_a.takes_out);
        if (m_a.action == "discard")
            return m_store.discard(idsOf(fonts));
        for (const auto& font : fonts) {
            if (m_a.action == "remove") {
                if (auto done = m_installer.remove(font); !done)
                    return done;
            } else if (auto done = m_installer.install(font, m_a.project, m_a.until); !done) {
                return fail(done.error());
            }
        }
        return {};
    }

    /// What is set aside is out of the way of other programs too.
    Result<void> setAside(const std::vector<ShelfFont>& fonts)
    {
        if (!m_a.takes_back)
            for (const auto& font : fonts)
                if (font.state == ShelfState::Installed)
                    if (auto done = m_installer.remove(font); !done)
                        return done;
        return m_store.setAside(idsOf(fonts), !m_a.takes_back);
    }

    Result<void> add()
    {
        TakenToShelf all;
        for (const auto& path : m_a.paths)
            if (auto done = take(path, all); !done)
                return done;
        std::cerr << "uink: " << all.fonts << " fonts, " << all.added << " of them new on the shelf\n";
        return reportFonts({});
    }

    Result<void> take(const std::string& path, TakenToShelf& all)
    {
        InspectOptions options;
        if (m_a.has_no_limits)
            options.limits = PackageLimits::lifted();
        const auto contents = inspectPackage(path, options);
        if (!contents)
            return fail(contents.error());
        const auto taken = takeToShelf(m_store, *contents, usualChoice(*contents), today());
        if (!taken)
            return fail(taken.error());
        all.fonts += taken->fonts;
        all.added += taken->added;
        for (const auto& refused : taken->refused)
            std::cerr << "uink: not taken: " << refused << '\n';
        return {};
    }

    Result<void> removeOf(const std::string& project)
    {
        const auto removed = m_installer.removeExpired(today(), project);
        if (!removed)
            return fail(removed.error());
        m_installer.refresh();
        return reportInstall({});
    }

    static RightsStore rights() { return RightsStore(dataFolder() / "rights"); }

    Result<void> import()
    {
        const auto read = readBundle(
            m_a.bundle, m_store, rights(), [this](const BundleConflict&) { return m_a.takes_theirs; },
            today());
        if (!read)
            return fail(read.error());
        return writeTo(m_a.report, [&](std::ostream& out) -> Result<void> {
            writeBundleReport(out, *read);
            return {};
        });
    }

    Result<void> doctor()
    {
        std::vector<std::filesystem::path> folders(m_a.look_in.begin(), m_a.look_in.end());
        auto health = healthOf(m_store, folders);
        if (!health)
            return fail(health.error());
        if (auto measured = measureCost(*health, Installer::usualFolder()); !measured)
            return measured;
        return writeTo(m_a.report, [&](std::ostream& out) -> Result<void> {
            writeHealthReport(out, *health);
            return {};
        });
    }

    Result<void> twins()
    {
        const auto fonts = m_store.fonts();
        if (!fonts)
            return fail(fonts.error());
        const auto prints = fontPrints(m_store, *fonts);
        if (!prints)
            return fail(prints.error());
        return writeTo(m_a.report, [&](std::ostream& out) -> Result<void> {
            writeTwinsReport(out, *fonts, *prints, findTwins(*fonts, *prints));
            return {};
        });
    }

    /// As they are now; all of them when none are named.
    Result<std::vector<ShelfFont>> current(const std::vector<std::int64_t>& ids) const
    {
        auto fonts = m_store.fonts();
        if (fonts && !ids.empty())
            std::erase_if(
                *fonts, [&](const ShelfFont& font) { return std::ranges::find(ids, font.id) == ids.end(); });
        return fonts;
    }

    Result<void> reportFonts(const std::vector<std::int64_t>& ids) const
    {
        const auto fonts = current(ids);
        if (!fonts)
            return fail(fonts.error());
        return writeTo(m_a.report, [&](std::ostream& out) -> Result<void> {
            writeShelfReport(out, *fonts);
            return {};
        });
    }

    Result<void> reportInstall(const std::vector<std::int64_t>& ids) const
    {
        const auto fonts = current(ids);
        if (!fonts)
            return fail(fonts.error());
        return writeTo(m_a.report, [&](std::ostream& out) -> Result<void> {
            writeInstallReport(out, *fonts, programsToRestart());
            return {};
        });
    }

    const ShelfArguments& m_a;
    ShelfStore& m_store;
    Installer m_installer;
};

Result<void> runShelf(const ShelfArguments& a)
{
    const auto store = ShelfStore::open(dataFolder() / "shelf");
    if (!store)
        return fail(store.error());
    return ShelfCommand(a, **store).run();
}

} // namespace

Command addShelfCommand(CLI::App& app)
{
    auto a = std::make_shared<ShelfArguments>();
    auto* shelf = app.add_subcommand("shelf", "The fonts you have, and which programs see them");
    shelf->require_subcommand(1);
    const auto action = [&](const char* name, const char* what) {
        auto* command = shelf->add_subcommand(name, what);
        command->callback([a, name] { a->action = name; });
        command->add_option("--report", a->report, "JSON file to write; - is standard output");
        return command;
    };
    const auto fonts = [&](CLI::App* command) {
        return command->add_option("FONT", a->fonts, "Name, file name, or the beginning of its SHA-256");
    };
    action("list", "Everything on the shelf, as JSON");
    auto* add = action("add", "Take fonts, folders or packages in, with the documents that came with them");
    add->add_option("PATH", a->paths, "A package, a folder or a font file")->required();
    add->add_flag("--no-limits", a->has_no_limits, "Unpack it however large it is");
    auto* install = action("install", "Let every program of yours see fonts");
    fonts(install)->required();
    install->add_option("--for", a->project, "Only for this project, until `remove --closed` names it");
    install->add_option("--until", a->until, "Last day it is needed, as in 2026-12-24")
        ->check([](const std::string& day) {
            return isDay(day) ? std::string() : "there is no day \"" + day + "\"; write it as in 2026-12-24";
        });
    auto* remove =
        action("remove", "Take installed fonts away from the other programs; they stay on the shelf");
    auto* removed = fonts(remove);
    remove
        ->add_option("--closed", a->closed_project,
                     "Those installed for this project, and those whose day is over")
        ->excludes(removed);
    auto* aside = action("aside", "Set fonts aside: kept, and out of the way");
    fonts(aside)->required();
    aside->add_flag("--back", a->takes_back, "Put them back on the shelf");
    auto* set = action("set", "Put fonts into a set");
    set->add_option("SET", a->set, "Name of the set, made when there is none")->required();
    fonts(set)->required();
    set->add_flag("--out", a->takes_out, "Take them out of it");
    fonts(action("discard", "Take fonts off the shelf, with their files"))->required();
    auto* carry = action("export", "Write fonts with their documents, rights, sets and notes to one file");
    carry->add_option("FILE", a->bundle, "File to write")->required();
    fonts(carry)->required();
    carry->add_flag("--for-all-users", a->is_for_all_users,
                    "Instead, a package with instructions for whoever looks after the computer");
    auto* import = action("import", "Read such a file; what you have stays, and differences are told");
    import->add_option("FILE", a->bundle, "File that `export` wrote")->required();
    import->add_flag("--take-theirs", a->takes_theirs,
                     "Where notes or rights differ, take those of the file");
    action("twins", "Fonts that draw the same letters, or share a name, and what differs");
    auto* doctor = action("doctor", "What is missing, damaged or unused, and what installed fonts cost");
    doctor->add_option("--look-in", a->look_in, "Folders where missing files may lie under another name");
    return [a] { return runShelf(*a); };
}

} // namespace ink::cli
