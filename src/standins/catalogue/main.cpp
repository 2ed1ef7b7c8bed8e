#include "standins/catalogue/catalogue_server.h"

#include <CLI/CLI.hpp>

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QSocketNotifier>

#include <algorithm>
#include <cstdio>
#include <iostream>

#include <unistd.h>

namespace {

std::string demoFolder()
{
    const QDir here(QCoreApplication::applicationDirPath());
    const QString installed = here.filePath(QStringLiteral(INK_INSTALLED_CATALOGUE));
    return (QFileInfo::exists(installed) ? installed : here.filePath(QStringLiteral(INK_TREE_CATALOGUE)))
        .toStdString();
}

} // namespace

/// Prints "listening on http://127.0.0.1:PORT" and serves until its standard input closes or it is ended.
int main(int argc, char** argv)
{
    QCoreApplication app(argc, argv);
    CLI::App parser{"The demo catalogue of Under Ink, on loopback.", "standin-catalogue"};
    quint16 port = 0;
    std::string folder = demoFolder(), fault = "none";
    bool is_tied = false;
    const std::vector<std::string> faults = ink::standin::faultNames();
    parser.add_option("--port", port, "Port on loopback; 0 takes a free one");
    parser.add_option("--folder", folder, "Folder with listings.json and packages");
    parser.add_option("--fault", fault, "What goes wrong")->check(CLI::IsMember(faults));
    parser.add_flag("--end-with-input", is_tied, "End when standard input closes");
    CLI11_PARSE(parser, argc, argv);

    auto catalogue = ink::standin::DemoCatalogue::open(folder);
    if (!catalogue) {
        std::cerr << "standin-catalogue: " << catalogue.error().message() << '\n';
        return 1;
    }
    const auto chosen = std::ranges::find(faults, fault) - faults.begin();
    ink::standin::CatalogueServer server(std::move(*catalogue), static_cast<ink::standin::Fault>(chosen));
    const quint16 heard = server.listen(port);
    if (heard == 0) {
        std::cerr << "standin-catalogue: port " << port << " is taken. Choose another one.\n";
        return 1;
    }
    std::printf("listening on http://127.0.0.1:%u\n", unsigned{heard});
    std::fflush(stdout);
    QSocketNotifier input(STDIN_FILENO, QSocketNotifier::Read);
    if (is_tied)
        QObject::connect(&input, &QSocketNotifier::activated, &app, [&] {
            char byte = 0;
            if (::read(STDIN_FILENO, &byte, 1) <= 0)
                QCoreApplication::quit();
        });
    else
        input.setEnabled(false);
    return QCoreApplication::exec();
}
