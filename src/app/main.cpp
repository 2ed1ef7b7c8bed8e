#include "app/demo_jobs.h"
#include "app/demo_shelf.h"
#include "app/pictures.h"
#include "app/places.h"
#include "manual/manual.h"
#include "ui/first_start.h"
#include "ui/handbook_window.h"
#include "ui/main_window.h"

#include <CLI/CLI.hpp>

#include <QApplication>
#include <QDir>
#include <QFileInfo>
#include <QIcon>
#include <QRegularExpression>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QUrl>

#include <algorithm>
#include <csignal>
#include <filesystem>
#include <iostream>
#include <optional>
#include <string_view>

namespace {

struct Arguments
{
    std::vector<std::string> places;
    std::string pictures_folder;
    std::string theme;
    int text_percent = 0;
    bool no_system_fonts = false;
    bool is_demo = false;
    std::string catalogue;
    std::string catalogue_fault = "none";
    std::string cutter, cutter_fault = "none";
    std::string stitcher, stitcher_fault = "none";
};

/// Those that hold whole fonts; the others are there to show what is refused.
std::vector<std::filesystem::path> demoPackages()
{
    std::vector<std::filesystem::path> packages;
    for (const char* name : {"hartsorrel", "tansy-cord", "tansy-cord-old", "maypole", "quillbrook",
                             "larkmallow", "stallholder-bits", "saltglaze", "wickerby", "gatepost",
                             "goosegate-250", "hobnail-donate", "gingham-nc", "fennel-row-stitched"})
        packages.emplace_back(
            (ink::app::demoCatalogue() + QStringLiteral("/packages/%1.zip").arg(QLatin1String(name)))
                .toStdString());
    return packages;
}

/// What the first start shows.
ink::Job firstJob()
{
    ink::Job job;
    job.words = "Fennmoor Honey";
    if (const QString fonts = ink::app::demoFonts(); !fonts.isEmpty())
        job.font.path = (std::filesystem::path(fonts.toStdString()) / "HartsorrelScript.ttf").string();
    beginUsually(job);
    return job;
}

/// Nothing was ever kept here, nothing was named to be opened, and there is a demo to choose.
bool isFirstStart(const Arguments& arguments)
{
    const QString own = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation);
    const bool is_new =
        QDir(own)
            .entryList(QDir::Files | QDir::Dirs | QDir::NoDotAndDotDot) // the demo's home is inside
            .filter(QRegularExpression(QStringLiteral("^(?!demo$)")))
            .isEmpty();
    return is_new && arguments.places.empty() && !ink::app::demoFonts().isEmpty();
}

ink::ui::Theme themeFor(const Arguments& arguments)
{
    using ink::ui::Theme;
    const auto tone = arguments.theme == "dark"    ? Theme::Tone::Dark
                      : arguments.theme == "light" ? Theme::Tone::Light
                                                   : Theme::desktopTone();
    return Theme(tone,
                 arguments.text_percent > 0 ? arguments.text_percent / 100.0 : Theme::desktopTextScale());
}

void addFonts(ink::ui::MainWindow& window, const Arguments& arguments)
{
    auto& library = window.library();
    if (const QString fonts = ink::app::demoFonts(); !fonts.isEmpty())
        library.addFolder(fonts, ink::FontOrigin::Demo);
    QStringList files;
    for (const auto& place : arguments.places) {
        const QString path = QString::fromStdString(place);
        if (QFileInfo(path).isDir() || !QFileInfo::exists(path))
            library.addFolder(path, ink::FontOrigin::Folder);
        else
            files.append(path);
    }
    if (!files.isEmpty())
        window.bring(files);
    if (!arguments.no_system_fonts)
        library.addSystemFonts();
}

/// The demo catalogue is a program of its own beside this one; it is started when no other address is given.
void openCatalogue(ink::ui::MainWindow& window, const Arguments& arguments)
{
    if (arguments.catalogue == "none")
        return;
    if (!arguments.catalogue.empty())
        return window.feed().useAddress(QUrl(QString::fromStdString(arguments.catalogue)));
    const QString program = ink::app::standIn(QStringLiteral("standin-catalogue"));
    if (program.isEmpty()) // it comes with the demo
        return;
    window.feed().useProgram(program, {QStringLiteral("--end-with-input"), QStringLiteral("--fault"),
                                       QString::fromStdString(arguments.catalogue_fault)});
}

/// The practice cutter is a program of its own; it is started when something is sent for the first time, unless an address is
/// given. It ends with this one.
void openCutter(ink::ui::MainWindow& window, const Arguments& arguments)
{
    if (const auto colon = arguments.cutter.rfind(':'); colon != std::string::npos)
        return window.cutter().setAddress(
            QString::fromStdString(arguments.cutter.substr(0, colon)),
            quint16(QString::fromStdString(arguments.cutter.substr(colon + 1)).toUInt()));
    const QString program = ink::app::standIn(QStringLiteral("standin-cutter"));
    if (program.isEmpty()) // it comes with the demo
        return;
    window.cutter().setProgram(program, {QStringLiteral("--end-with-input"), QStringLiteral("--fault"),
                                         QString::fromStdString(arguments.cutter_fault)});
}

/// The practice machine, or one at an address.
void openStitcher(ink::ui::MainWindow& window, const Arguments& arguments)
{
    if (const auto colon = arguments.stitcher.rfind(':'); colon != std::string::npos)
        return window.stitcher().setAddress(
            QString::fromStdString(arguments.stitcher.substr(0, colon)),
            quint16(QString::fromStdString(arguments.stitcher.substr(colon + 1)).toUInt()));
    const QString program = ink::app::standIn(QStringLiteral("standin-stitcher"));
    if (program.isEmpty()) // it comes with the demo
        return;
    window.stitcher().setProgram(program, {QStringLiteral("--end-with-input"), QStringLiteral("--fault"),
                                           QString::fromStdString(arguments.stitcher_fault)});
}

} // namespace

int main(int argc, char** argv)
{
    std::signal(SIGXFSZ, SIG_IGN);
    Arguments arguments;
    CLI::App parser{"Under Ink: from a font file to a cut that may be sold.", "under-ink"};
    parser.set_version_flag("--version", std::string("under-ink ") + INK_VERSION);
    parser.add_option("places", arguments.places,
                      "Folders with fonts, font files, a package, or a job (.uink)");
    parser.add_option("--pictures", arguments.pictures_folder,
                      "Write a PNG of each main view to this folder, then end");
    parser.add_option("--theme", arguments.theme, "light or dark; else as the desktop has it")
        ->take_last()
        ->check(CLI::IsMember({"light", "dark"}));
    parser.add_option("--text-percent", arguments.text_percent, "Size of the text, 75 to 250")
        ->take_last()
        ->check(CLI::Range(75, 250));
    parser.add_flag("--no-system-fonts", arguments.no_system_fonts,
                    "Leave out the fonts installed on this computer");

    parser.add_flag("--demo", arguments.is_demo,
                    "Made-up fonts, packages and jobs in a home of their own; your shelf stays as it is");
    parser.add_option("--catalogue", arguments.catalogue,
                      "Address of a catalogue, or none; else the demo catalogue is started");
    parser.add_option("--catalogue-fault", arguments.catalogue_fault,
                      "What goes wrong with the demo catalogue (standin-catalogue --help)");

    parser.add_option("--cutter", arguments.cutter,
                      "HOST:PORT of a cutter that takes HPGL; else the practice cutter is started");
    parser.add_option("--cutter-fault", arguments.cutter_fault,
                      "What goes wrong with the practice cutter (standin-cutter --help)");
    parser.add_option("--stitcher", arguments.stitcher,
                      "HOST:PORT of an embroidery machine; else the practice machine is started");
    parser.add_option("--stitcher-fault", arguments.stitcher_fault,
                      "What goes wrong with the practice machine (standin-stitcher --help)");

    if (ink::wroteManual(parser, INK_VERSION, argc, argv))
        return 0;
    // What is asked of the command line alone needs no display.
    const bool only_tells = std::any_of(argv + 1, argv + argc, [](const char* argument) {
        const std::string_view word = argument;
        return word == "--help" || word == "-h" || word == "--version";
    });
    if (only_tells)
        CLI11_PARSE(parser, argc, argv);

    QApplication app(argc, argv);
    app.setApplicationName(QStringLiteral("under-ink"));
    app.setApplicationDisplayName(QStringLiteral("Under Ink"));
    app.setApplicationVersion(QStringLiteral(INK_VERSION));
    app.setDesktopFileName(QStringLiteral("io.github.underink.UnderInk"));
    app.setWindowIcon(QIcon(QStringLiteral(":/io.github.underink.UnderInk.svg")));
    CLI11_PARSE(parser, argc, argv);

    const auto theme = themeFor(arguments);
    theme.applyTo(app);

    // Pictures take a package in, and so do people who try things out: both keep away from the person's own data.
    const QTemporaryDir folder_for_pictures;
    const bool takes_pictures = !arguments.pictures_folder.empty();
    if (!arguments.is_demo && !takes_pictures && isFirstStart(arguments)) {
        ink::ui::FirstStart first(theme);
        first.exec();
        arguments.is_demo = first.isDemo();
    }
    const bool is_demo = arguments.is_demo || takes_pictures;
    if (is_demo && ink::app::demoFonts().isEmpty()) {
        std::cerr << "under-ink: the demo is not here. It is in the package under-ink-demo; without --demo "
                     "the window opens as yours.\n";
        return 1;
    }
    const QString own_folder = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation);
    const std::filesystem::path data_folder = (takes_pictures      ? folder_for_pictures.path()
                                               : arguments.is_demo ? own_folder + QStringLiteral("/demo")
                                                                   : own_folder)
                                                  .toStdString();
    const auto usual_fonts = ink::Installer::usualFolder();
    const auto font_folder = takes_pictures      ? data_folder / "fonts" / "under-ink"
                             : arguments.is_demo ? usual_fonts.parent_path() / "under-ink-demo"
                                                 : usual_fonts;
    const auto store = ink::JobStore::claim(data_folder);
    const auto kept = store.load();
    const bool has_job = kept && kept->has_value();
    ink::ui::MainWindow window(has_job ? **kept : ink::KeptJob{firstJob(), {}, {}, {}}, store, data_folder,
                               theme, ink::ui::Questions::asDialogs(), font_folder);
    if (!kept)
        window.tell(kept.error());
    if (is_demo && kept && !has_job)
        if (const auto left = ink::app::leaveDemoJobs(store, ink::app::demoFonts().toStdString()); !left)
            window.tell(left.error());
    if (arguments.is_demo)
        window.showBadge(QObject::tr("Demo: all of this is made up"));
    window.setHandbook(ink::ui::handbookIn(ink::app::handbook(), QLocale()));
    addFonts(window, arguments);
    openCatalogue(window, arguments);
    openCutter(window, arguments);
    openStitcher(window, arguments);

    if (is_demo)
        ink::app::fillDemoShelf(window, demoPackages(), ink::app::demoFonts().toStdString());
    window.show();

    std::optional<ink::app::Pictures> pictures;
    if (!arguments.pictures_folder.empty()) {
        pictures.emplace(window, QDir(QString::fromStdString(arguments.pictures_folder)),
                         ink::app::demoCatalogue());
        pictures->start();
    }
    return QApplication::exec();
}
