#include "tests/support/environment.h"

#include <QFile>

#include <fstream>
#include <sstream>

namespace ink::test {

void isolateEnvironment()
{
    static QTemporaryDir home;
    const auto sub = [](const char* name) { return QFile::encodeName(home.filePath(QLatin1String(name))); };
    qputenv("HOME", QFile::encodeName(home.path()));
    qputenv("XDG_DATA_HOME", sub("data"));
    qputenv("XDG_CONFIG_HOME", sub("config"));
    qputenv("XDG_CACHE_HOME", sub("cache"));
    qputenv("XDG_RUNTIME_DIR", QFile::encodeName(home.path()));
    qputenv("LC_ALL", "C.UTF-8");
    qputenv("TZ", "UTC");
    if (!qEnvironmentVariableIsSet("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    std::ofstream conf(home.filePath(QStringLiteral("fonts.conf")).toStdString());
    // Letters of the interface are not hinted: it is a twentieth of the tests' time.
    conf
        << "<?xml version=\"1.0\"?><!DOCTYPE fontconfig SYSTEM \"fonts.dtd\"><fontconfig><dir>"
        << sub("fonts").toStdString() << "</dir><cachedir>" << sub("fccache").toStdString() << "</cachedir>"
        << R"(<match target="pattern"><edit name="hintstyle"><const>hintnone</const></edit></match></fontconfig>)";
    conf.close();
    qputenv("FONTCONFIG_FILE", sub("fonts.conf"));
}

std::filesystem::path demoFontFolder()
{
    return INK_TEST_DEMO_FONTS;
}

std::filesystem::path demoFont(const std::string& file_name)
{
    return demoFontFolder() / file_name;
}

std::filesystem::path dataFile(const std::string& file_name)
{
    return std::filesystem::path(INK_TEST_DATA) / file_name;
}

TempFolder::TempFolder()
{
    if (!m_folder.isValid())
        qFatal("no temporary folder");
}

std::filesystem::path TempFolder::write(const std::string& name, const std::string& bytes) const
{
    const auto file = path() / name;
    std::filesystem::create_directories(file.parent_path());
    std::ofstream(file, std::ios::binary) << bytes;
    return file;
}

std::string slurp(const std::filesystem::path& path)
{
    std::ifstream in(path, std::ios::binary);
    std::ostringstream out;
    out << in.rdbuf();
    return out.str();
}

} // namespace ink::test
