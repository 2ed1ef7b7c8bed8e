// Every test runs in a home folder, locale, time zone and fontconfig of its own.
#pragma once

#include <QString>
#include <QTemporaryDir>
#include <QTest>

#include <filesystem>
#include <string>

namespace ink::test {

/// Call before the application object exists. Nothing of the person's own set-up is read or written.
void isolateEnvironment();

std::filesystem::path demoFont(const std::string& file_name);
std::filesystem::path demoFontFolder();
std::filesystem::path dataFile(const std::string& file_name);

/// A folder that goes away with the object; fails the test when it cannot be made.
class TempFolder
{
public:
    TempFolder();
    std::filesystem::path path() const { return m_folder.path().toStdString(); }
    /// Writes a file into it and returns its path.
    std::filesystem::path write(const std::string& name, const std::string& bytes) const;

private:
    QTemporaryDir m_folder;
};

std::string slurp(const std::filesystem::path& path);

} // namespace ink::test

#define INK_TEST_CORE_MAIN(Class)                                                                            \
    int main(int argc, char** argv)                                                                          \
    {                                                                                                        \
        ink::test::isolateEnvironment();                                                                     \
        QCoreApplication app(argc, argv);                                                                    \
        Class test;                                                                                          \
        return QTest::qExec(&test, argc, argv);                                                              \
    }
