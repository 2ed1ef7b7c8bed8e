#include "standins/stitcher/stitcher_server.h"

#include <CLI/CLI.hpp>

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QSocketNotifier>

#include <algorithm>
#include <cstdio>
#include <iostream>

#include <unistd.h>

/// Prints "listening on 127.0.0.1:PORT" and sews until its standard input closes or it is ended.
int main(int argc, char** argv)
{
    QCoreApplication app(argc, argv);
    CLI::App parser{"An embroidery machine to practise on, on loopback.", "standin-stitcher"};
    quint16 port = 0;
    std::string fault = "none", folder;
    double speed = 40.0;
    bool is_tied = false;
    std::vector<std::string> faults;
    for (const auto& name : ink::standin::stitcherFaultNames())
        faults.push_back(name.toStdString());
    parser.add_option("--port", port, "Port on loopback; 0 takes a free one");
    parser.add_option("--fault", fault, "What goes wrong")->check(CLI::IsMember(faults));
    parser.add_option("--speed", speed, "Times as fast as a machine")->check(CLI::Range(0.1, 10000.0));
    parser.add_option("--out", folder, "Folder for sewn.svg and sewn.json, written as it sews");
    parser.add_flag("--end-with-input", is_tied, "End when standard input closes");
    CLI11_PARSE(parser, argc, argv);

    const auto chosen = std::ranges::find(faults, fault) - faults.begin();
    ink::standin::StitcherServer machine(static_cast<ink::standin::StitcherFault>(chosen), speed);
    const quint16 heard = machine.listen(port);
    if (heard == 0) {
        std::cerr << "standin-stitcher: port " << port << " is taken. Choose another one.\n";
        return 1;
    }
    std::printf("listening on 127.0.0.1:%u\n", unsigned{heard});
    std::fflush(stdout);
    if (!folder.empty())
        QObject::connect(&machine, &ink::standin::StitcherServer::changed, &app, [&] {
            const QDir out(QString::fromStdString(folder));
            const auto write = [&](const QString& name, const QByteArray& bytes) {
                QFile file(out.filePath(name));
                if (!file.open(QIODevice::WriteOnly) || file.write(bytes) != bytes.size())
                    std::cerr << "standin-stitcher: " << out.filePath(name).toStdString()
                              << " could not be written\n";
            };
            write(QStringLiteral("sewn.svg"), machine.svg());
            write(QStringLiteral("sewn.json"), machine.json());
        });
    QSocketNotifier input(STDIN_FILENO, QSocketNotifier::Read);
    QObject::connect(&input, &QSocketNotifier::activated, &app, [&] {
        char bytes[256];
        if (read(STDIN_FILENO, bytes, sizeof bytes) > 0)
            return;
        input.setEnabled(false);
        if (is_tied)
            QCoreApplication::quit();
    });
    return QCoreApplication::exec();
}
