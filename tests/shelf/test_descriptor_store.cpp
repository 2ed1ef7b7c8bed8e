// Faces are described once, by content, and a font that is damaged holds nothing up.
#include "shelf/descriptor_store.h"
#include "tests/support/environment.h"

#include <QtTest>
#include <SQLiteCpp/SQLiteCpp.h>

#include <fstream>

using namespace ink;
namespace fs = std::filesystem;

class TestDescriptorStore : public QObject
{
    Q_OBJECT
private slots:
    void aFaceIsDescribedOnceByItsContent();
    void aDamagedFontIsNotTriedAgain();
    void aDamagedCacheIsMadeAgain();
    void aFileThatChangedIsAnotherFont();
};

void TestDescriptorStore::aFaceIsDescribedOnceByItsContent()
{
    const test::TempFolder folder;
    const auto font = test::demoFont("GatepostPlain.ttf");
    {
        DescriptorStore store(folder.path());
        QVERIFY(!fs::exists(folder.path() / "faces.sqlite")); // made with the first question
        const auto made = store.of(font, {});
        QVERIFY(made && (*made)->find(U'a'));
        QCOMPARE(store.of(font, {})->get(), made->get()); // not read again
    }
    // Another start, the same content under another name: kept, and not made again.
    fs::copy_file(font, folder.path() / "other name.ttf");
    SQLite::Database database((folder.path() / "faces.sqlite").string(), SQLite::OPEN_READWRITE);
    QCOMPARE(database.execAndGet("SELECT count(*) FROM face").getInt(), 1);
    DescriptorStore store(folder.path());
    QVERIFY(**store.of(font, {}) == descriptorOf(**FontFace::open(font)));
    QVERIFY(store.of(folder.path() / "other name.ttf", {}));
    QCOMPARE(database.execAndGet("SELECT count(*) FROM face").getInt(), 1);
    QCOMPARE(database.execAndGet("SELECT count(*) FROM file").getInt(), 2);
}

void TestDescriptorStore::aDamagedFontIsNotTriedAgain()
{
    const test::TempFolder folder;
    const auto file = folder.write("damaged.ttf", "no font at all");
    DescriptorStore store(folder.path());
    for (int i = 0; i < 2; ++i) {
        const auto made = store.of(file, {});
        QVERIFY(!made);
        QVERIFY(made.error().code == ErrorCode::NotAFont);
    }
    SQLite::Database database((folder.path() / "faces.sqlite").string(), SQLite::OPEN_READONLY);
    QCOMPARE(database.execAndGet("SELECT trouble FROM face").getInt(), errorNumber(ErrorCode::NotAFont));
    QVERIFY(!store.of(folder.path() / "not there.ttf", {}));
}

void TestDescriptorStore::aDamagedCacheIsMadeAgain()
{
    const test::TempFolder folder;
    folder.write("faces.sqlite", std::string(5000, 'x'));
    DescriptorStore store(folder.path());
    QVERIFY(store.of(test::demoFont("GatepostPlain.ttf"), {}));
    SQLite::Database database((folder.path() / "faces.sqlite").string(), SQLite::OPEN_READONLY);
    QCOMPARE(database.execAndGet("SELECT count(*) FROM face").getInt(), 1);
    // Where nothing can be kept, faces are described all the same.
    DescriptorStore nowhere("/proc/no such place");
    QVERIFY(nowhere.of(test::demoFont("GatepostPlain.ttf"), {}));
}

void TestDescriptorStore::aFileThatChangedIsAnotherFont()
{
    const test::TempFolder folder;
    const auto file = folder.path() / "font.ttf";
    fs::copy_file(test::demoFont("GatepostPlain.ttf"), file);
    DescriptorStore store(folder.path());
    const auto first = store.of(file, {});
    fs::copy_file(test::demoFont("HartsorrelScript.ttf"), file, fs::copy_options::overwrite_existing);
    const auto second = store.of(file, {});
    QVERIFY(first && second);
    QVERIFY(!(**first == **second));
}

INK_TEST_CORE_MAIN(TestDescriptorStore)
#include "test_descriptor_store.moc"
