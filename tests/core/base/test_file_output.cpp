#include "core/base/file_output.h"
#include "tests/support/environment.h"

#include <csignal>

#include <sys/resource.h>
#include <sys/stat.h>

using namespace ink;

namespace {
StreamWriter text(const std::string& bytes)
{
    return [bytes](std::ostream& out) -> Result<void> {
        out << bytes;
        return {};
    };
}
} // namespace

class TestFileOutput : public QObject
{
    Q_OBJECT
private slots:
    void writesAWholeFile();
    void replacesAndKeepsPermissions();
    void followsALink();
    void aFailingWriterLeavesTheOldFile();
    void missingFolderIsReported();
    void aFolderIsNotOverwritten();
    void aFullDeviceIsReported();
    void aFullDiskLeavesTheOldFile();
    void readRefusesWhatIsTooLarge();
};

void TestFileOutput::writesAWholeFile()
{
    const test::TempFolder folder;
    QVERIFY(writeFile(folder.path() / "a.svg", text("hello")));
    QCOMPARE(test::slurp(folder.path() / "a.svg"), std::string("hello"));
    const auto entries = std::distance(std::filesystem::directory_iterator(folder.path()), {});
    QCOMPARE(entries, 1); // no temporary file stays
}

void TestFileOutput::replacesAndKeepsPermissions()
{
    const test::TempFolder folder;
    const auto file = folder.write("a.svg", "old");
    ::chmod(file.c_str(), 0640);
    QVERIFY(writeFile(file, text("new")));
    QCOMPARE(test::slurp(file), std::string("new"));
    struct stat info
    {
    };
    ::stat(file.c_str(), &info);
    QCOMPARE(int(info.st_mode & 0777), 0640);
}

void TestFileOutput::followsALink()
{
    const test::TempFolder folder;
    const auto file = folder.write("real.svg", "old");
    std::filesystem::create_symlink(file, folder.path() / "link.svg");
    QVERIFY(writeFile(folder.path() / "link.svg", text("new")));
    QVERIFY(std::filesystem::is_symlink(folder.path() / "link.svg"));
    QCOMPARE(test::slurp(file), std::string("new"));
}

void TestFileOutput::aFailingWriterLeavesTheOldFile()
{
    const test::TempFolder folder;
    const auto file = folder.write("a.svg", "old");
    const auto done = writeFile(file, [](std::ostream& out) -> Result<void> {
        out << "half";
        return fail(ErrorCode::WeldFailed);
    });
    QCOMPARE(done.error().code, ErrorCode::WeldFailed);
    QCOMPARE(test::slurp(file), std::string("old"));
}

void TestFileOutput::missingFolderIsReported()
{
    const test::TempFolder folder;
    const auto path = folder.path() / "nowhere" / "a.svg";
    const auto done = writeFile(path, text("x"));
    QCOMPARE(done.error().code, ErrorCode::FileUnwritable);
    QCOMPARE(done.error().subject, path.string());
}

void TestFileOutput::aFolderIsNotOverwritten()
{
    const test::TempFolder folder;
    QCOMPARE(writeFile(folder.path(), text("x")).error().code, ErrorCode::FileUnwritable);
}

void TestFileOutput::aFullDeviceIsReported()
{
    QCOMPARE(writeFile("/dev/full", text("x")).error().code, ErrorCode::DiskFull);
}

void TestFileOutput::aFullDiskLeavesTheOldFile()
{
    // A limit on file size fails the write in the same place a full disk does.
    const test::TempFolder folder;
    const auto file = folder.write("a.svg", "old");
    std::signal(SIGXFSZ, SIG_IGN);
    rlimit before{};
    ::getrlimit(RLIMIT_FSIZE, &before);
    rlimit small = before;
    small.rlim_cur = 1000;
    ::setrlimit(RLIMIT_FSIZE, &small);
    const auto done = writeFile(file, text(std::string(5000, 'x')));
    ::setrlimit(RLIMIT_FSIZE, &before);
    QCOMPARE(done.error().code, ErrorCode::DiskFull);
    QCOMPARE(test::slurp(file), std::string("old"));
    QCOMPARE(std::distance(std::filesystem::directory_iterator(folder.path()), {}), 1);
}

void TestFileOutput::readRefusesWhatIsTooLarge()
{
    const test::TempFolder folder;
    const auto file = folder.write("a", std::string(100, 'x'));
    QCOMPARE(readFile(file, 100)->size(), std::size_t(100));
    QCOMPARE(readFile(file, 99).error().code, ErrorCode::FileUnreadable);
    QCOMPARE(readFile(folder.path() / "b", 99).error().code, ErrorCode::FileNotFound);
    QCOMPARE(readFile(folder.path(), 99).error().code, ErrorCode::FileUnreadable);
}

INK_TEST_CORE_MAIN(TestFileOutput)
#include "test_file_output.moc"
