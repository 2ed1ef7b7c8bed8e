#include "shelf/face_cache.h"
#include "shelf/font_sources.h"
#include "tests/support/environment.h"

using namespace ink;

class TestFontSources : public QObject
{
    Q_OBJECT
private slots:
    void folderIsSearchedToTheBottom();
    void aBadFileHidesNothing();
    void fontsFromOutsideAreCheckedFirst();
    void missingFolderIsReported();
    void filesAndFoldersMayBeMixed();
    void everyInstanceIsAnEntry();
    void systemFontsComeFromFontconfig();
    void cacheGivesTheSameFaceUntilTheFileChanges();
    void cacheKeepsItsSize();
};

void TestFontSources::folderIsSearchedToTheBottom()
{
    const test::TempFolder folder;
    folder.write("a/b/ornaments.ttf", test::slurp(test::demoFont("SaltglazeOrnaments.ttf")));
    folder.write("Bits.TTF", test::slurp(test::demoFont("StallholderBits.ttf")));
    folder.write("readme.txt", "not a font");
    const auto found = fontsInFolder(folder.path(), FontOrigin::Folder);
    QCOMPARE(found->entries.size(), std::size_t(2));
    QCOMPARE(found->entries[0].info.family, std::string("Saltglaze Ornaments")); // sorted by family
    QVERIFY(found->refused.empty());
}

void TestFontSources::aBadFileHidesNothing()
{
    const test::TempFolder folder;
    folder.write("good.ttf", test::slurp(test::demoFont("SaltglazeOrnaments.ttf")));
    folder.write("bad.ttf", "x");
    const auto found = fontsInFolder(folder.path(), FontOrigin::Folder);
    QCOMPARE(found->entries.size(), std::size_t(1));
    QCOMPARE(found->refused.size(), std::size_t(1));
    QVERIFY(found->refused[0].subject.find("bad.ttf") != std::string::npos);
}

void TestFontSources::fontsFromOutsideAreCheckedFirst()
{
    const test::TempFolder folder;
    std::string bytes = test::slurp(test::demoFont("SaltglazeOrnaments.ttf"));
    const auto cmap = bytes.find("cmap");
    bytes[cmap + 11] = '\x03'; // its table of characters begins in the middle of another table
    const auto file = folder.write("unsafe.ttf", bytes);
    const auto found = fontsInFiles({file}, FontOrigin::Dropped);
    QVERIFY(found.entries.empty());
    QCOMPARE(found.refused.size(), std::size_t(1));
    QCOMPARE(found.refused[0].code, ErrorCode::FontUnsafe);
    QVERIFY(!found.refused[0].detail.empty());
}

void TestFontSources::missingFolderIsReported()
{
    QCOMPARE(fontsInFolder("/no/such/folder", FontOrigin::Folder).error().code, ErrorCode::FileNotFound);
}

void TestFontSources::filesAndFoldersMayBeMixed()
{
    const test::TempFolder folder;
    folder.write("sub/a.ttf", test::slurp(test::demoFont("SaltglazeOrnaments.ttf")));
    const auto found =
        fontsInFiles({folder.path() / "sub", test::dataFile("two-faces.ttc"), folder.path() / "none.ttf"},
                     FontOrigin::Dropped);
    QCOMPARE(found.entries.size(), std::size_t(3));
    QCOMPARE(found.refused.size(), std::size_t(1));
}

void TestFontSources::everyInstanceIsAnEntry()
{
    const auto found = fontsInFolder(test::demoFontFolder(), FontOrigin::Demo);
    QVERIFY(found->refused.empty());
    QCOMPARE(found->entries.size(), std::size_t(16)); // 15 files, one of them with two instances
}

void TestFontSources::systemFontsComeFromFontconfig()
{
    QVERIFY(systemFonts().entries.empty()); // the test's own fontconfig knows an empty folder
    const std::filesystem::path fonts = std::filesystem::path(qgetenv("HOME").toStdString()) / "fonts";
    std::filesystem::create_directories(fonts);
    std::filesystem::copy_file(test::demoFont("Oatbrush.otf"), fonts / "Oatbrush.otf");
    const auto found = systemFonts();
    QCOMPARE(found.entries.size(), std::size_t(1));
    QCOMPARE(int(found.entries[0].origin), int(FontOrigin::System));
    std::filesystem::remove_all(fonts);
}

void TestFontSources::cacheGivesTheSameFaceUntilTheFileChanges()
{
    const test::TempFolder folder;
    const auto file = folder.write("a.ttf", test::slurp(test::demoFont("SaltglazeOrnaments.ttf")));
    FaceCache cache;
    const auto first = *cache.open(file, {});
    QVERIFY(*cache.open(file, {}) == first);
    folder.write("a.ttf", test::slurp(test::demoFont("StallholderBits.ttf")));
    std::filesystem::last_write_time(file, std::filesystem::last_write_time(file) + std::chrono::seconds(5));
    QCOMPARE((*cache.open(file, {}))->info().family, std::string("Stallholder Bits"));
    QCOMPARE(cache.open(folder.path() / "none.ttf", {}).error().code, ErrorCode::FileNotFound);
}

void TestFontSources::cacheKeepsItsSize()
{
    FaceCache cache(1);
    const std::weak_ptr<const FontFace> first = *cache.open(test::demoFont("SaltglazeOrnaments.ttf"), {});
    QVERIFY(!first.expired());
    QVERIFY(cache.open(test::demoFont("StallholderBits.ttf"), {}));
    QVERIFY(first.expired());
}

INK_TEST_CORE_MAIN(TestFontSources)
#include "test_font_sources.moc"
