#include "core/base/digest.h"
#include "shelf/installer.h"
#include "shelf/open_programs.h"
#include "shelf/schema.h"
#include "shelf/shelf_health.h"
#include "shelf/shelf_intake.h"
#include "tests/support/environment.h"

#include <SQLiteCpp/SQLiteCpp.h>

#include <atomic>
#include <map>
#include <thread>

#include <unistd.h>

using namespace ink;
namespace fs = std::filesystem;

namespace {

std::unique_ptr<ShelfStore> opened(const fs::path& folder)
{
    auto store = ShelfStore::open(folder);
    if (!store)
        qFatal("%s", store.error().message().c_str());
    return std::move(*store);
}

void addPackage(ShelfStore& store, const char* name)
{
    const auto contents = inspectPackage(test::demoFontFolder() / ".." / "catalogue" / "packages" / name);
    if (!contents || !takeToShelf(store, *contents, usualChoice(*contents), "2026-11-25"))
        qFatal("%s was not taken in", name);
}

std::vector<ShelfFont> all(const ShelfStore& store)
{
    auto fonts = store.fonts();
    if (!fonts)
        qFatal("%s", fonts.error().message().c_str());
    return std::move(*fonts);
}

ShelfFont only(const ShelfStore& store, const char* name)
{
    const auto font = store.find(name);
    if (!font)
        qFatal("%s", font.error().message().c_str());
    return *font;
}

/// Every file below a folder with its content.
std::map<std::string, std::string> treeOf(const fs::path& folder)
{
    std::map<std::string, std::string> tree;
    for (const auto& entry : fs::recursive_directory_iterator(folder))
        tree[entry.path().string()] =
            entry.is_regular_file() ? *sha256OfFile(entry.path()) : std::string("folder");
    return tree;
}

} // namespace

class TestShelfStore : public QObject
{
    Q_OBJECT
private slots:
    void whatIsAddedIsThereAfterwards();
    void theSameContentIsAddedOnce();
    void fontsAreFoundByNameAndDigest();
    void setsAndTagsAndNotes();
    void settingAsideKeepsTheFile();
    void discardingTakesTheFilesThatNobodyElseNeeds();
    void installingAndRemovingLeaveTheFolderAsItWas();
    void othersFontsAreNeverTouched();
    void aChangedCopyIsLeftAlone();
    void forOneJobOnly();
    void halfDoneInstallsAreFinishedOrUndone_data();
    void halfDoneInstallsAreFinishedOrUndone();
    void aNewerStoreIsRefusedUntouched();
    void anOlderStoreIsCopiedBeforeEachStep();
    void whatIsNoStoreIsSaid();
    void twoWindowsAtOnce();
    void namesInAnyEncoding();
    void theDoctorPutsBackWhatItFinds();
    void programsAreFoundByTheirFontLibrary();
    void motifsHaveTheirTables();
};

void TestShelfStore::whatIsAddedIsThereAfterwards()
{
    const test::TempFolder folder;
    addPackage(*opened(folder.path()), "stallholder-bits.zip");
    const auto store = opened(folder.path());
    const auto fonts = store->fonts();
    QVERIFY(fonts);
    QCOMPARE(fonts->size(), std::size_t(1));
    const ShelfFont& font = fonts->front();
    QCOMPARE(font.readableName(), std::string("Stallholder Bits"));
    QCOMPARE(font.package, std::string("stallholder-bits.zip"));
    QCOMPARE(font.added, std::string("2026-11-25"));
    QCOMPARE(*sha256OfFile(store->fileOf(font)), font.sha256);
    QVERIFY(font.documents.size() >= 2); // what it says about selling, and its key map
    for (const auto& document : font.documents)
        QCOMPARE(*sha256OfFile(store->fileOf(document.sha256)), document.sha256);
}

void TestShelfStore::theSameContentIsAddedOnce()
{
    const test::TempFolder folder;
    const auto store = opened(folder.path());
    addPackage(*store, "tansy-cord.zip");
    addPackage(*store, "Tansy-Cord(1).zip");
    QCOMPARE(all(*store).size(), std::size_t(1));
    addPackage(*store, "tansy-cord-old.zip");
    QCOMPARE(all(*store).size(), std::size_t(2));
}

void TestShelfStore::fontsAreFoundByNameAndDigest()
{
    const test::TempFolder folder;
    const auto store = opened(folder.path());
    addPackage(*store, "maypole.zip"); // four fonts that share a name
    addPackage(*store, "goosegate-250.zip");
    const auto goosegate = only(*store, "GOOSEGATE");
    QCOMPARE(only(*store, goosegate.sha256.substr(0, 8).c_str()).id, goosegate.id);
    QCOMPARE(only(*store, goosegate.file_name.c_str()).id, goosegate.id);
    const auto none = store->find("Hedgerow");
    QVERIFY(!none && none.error().code == ErrorCode::FontNotOnShelf);
    const auto several = store->find("Maypole Hand");
    QVERIFY(!several && several.error().detail.find("it may be") != std::string::npos);
    QVERIFY(!store->find(""));
}

void TestShelfStore::setsAndTagsAndNotes()
{
    const test::TempFolder folder;
    const auto store = opened(folder.path());
    addPackage(*store, "goosegate-250.zip");
    addPackage(*store, "larkmallow.zip");
    const auto goose = only(*store, "Goosegate"), lark = only(*store, "Larkmallow");
    QVERIFY(store->changeSet("Winter market", {goose.id, lark.id}, true));
    QVERIFY(store->changeSet("Jars", {goose.id}, true));
    QVERIFY(store->changeTag("bold", {goose.id}, true));
    QVERIFY(store->setNote(goose.id, "for lids – not for aprons"));
    QCOMPARE(only(*store, "Goosegate").sets, (std::vector<std::string>{"Jars", "Winter market"}));
    QCOMPARE(only(*store, "Goosegate").tags, std::vector<std::string>{"bold"});
    QCOMPARE(only(*store, "Goosegate").note, std::string("for lids – not for aprons"));
    QVERIFY(store->changeSet("Jars", {goose.id}, false));
    QVERIFY(store->changeTag("bold", {goose.id}, false));
    QVERIFY(store->used(goose.id, "Fennmoor Honey", "2026-11-24"));
    QCOMPARE(only(*store, "Goosegate").sets, std::vector<std::string>{"Winter market"});
    QVERIFY(only(*store, "Goosegate").tags.empty());
    QCOMPARE(only(*store, "Goosegate").last_used, std::string("2026-11-24"));
}

void TestShelfStore::settingAsideKeepsTheFile()
{
    const test::TempFolder folder;
    const auto store = opened(folder.path());
    addPackage(*store, "goosegate-250.zip");
    const auto font = only(*store, "Goosegate");
    QVERIFY(store->setAside({font.id}, true));
    QCOMPARE(only(*store, "Goosegate").state, ShelfState::SetAside);
    QVERIFY(fs::exists(store->fileOf(font)));
    QVERIFY(store->setAside({font.id}, false));
    QCOMPARE(only(*store, "Goosegate").state, ShelfState::OnShelf);
}

void TestShelfStore::discardingTakesTheFilesThatNobodyElseNeeds()
{
    const test::TempFolder folder;
    const auto store = opened(folder.path() / "shelf");
    addPackage(*store, "maypole.zip");
    const auto fonts = all(*store);
    const std::string licence = fonts.front().documents.front().sha256;
    QVERIFY(store->discard({fonts[0].id}));
    QVERIFY(!fs::exists(store->fileOf(fonts[0])));
    QVERIFY(fs::exists(store->fileOf(licence))); // of three others as well
    Installer installer(*store, folder.path() / "fonts" / "under-ink");
    QVERIFY(installer.install(fonts[1]));
    const auto refused = store->discard({fonts[2].id, fonts[1].id});
    QVERIFY(!refused && refused.error().code == ErrorCode::FontInstalled);
    QCOMPARE(all(*store).size(), std::size_t(3)); // all or none
    QVERIFY(installer.remove(fonts[1]));
    QVERIFY(store->discard({fonts[1].id, fonts[2].id, fonts[3].id}));
    QVERIFY(fs::is_empty(folder.path() / "shelf" / "files"));
}

void TestShelfStore::installingAndRemovingLeaveTheFolderAsItWas()
{
    const test::TempFolder folder;
    fs::create_directories(folder.path() / "fonts");
    folder.write("fonts/Somebody.ttf", "not ours");
    const auto before = treeOf(folder.path() / "fonts");
    const auto store = opened(folder.path() / "shelf");
    addPackage(*store, "maypole.zip");
    Installer installer(*store, folder.path() / "fonts" / "under-ink");
    for (const auto& font : all(*store)) {
        const auto path = installer.install(font);
        QVERIFY(path);
        QCOMPARE(*sha256OfFile(*path), font.sha256);
        QCOMPARE(*installer.install(font), *path); // a second time changes nothing
    }
    for (const auto& font : all(*store))
        QCOMPARE(font.state, ShelfState::Installed);
    for (const auto& font : all(*store))
        QVERIFY(installer.remove(font) && installer.remove(font));
    QVERIFY(treeOf(folder.path() / "fonts") == before);
    for (const auto& font : all(*store))
        QCOMPARE(font.state, ShelfState::OnShelf);
}

void TestShelfStore::othersFontsAreNeverTouched()
{
    const test::TempFolder folder;
    fs::create_directories(folder.path() / "fonts" / "under-ink");
    const auto theirs = folder.write("fonts/under-ink/Goosegate.ttf", "theirs");
    const auto store = opened(folder.path() / "shelf");
    addPackage(*store, "goosegate-250.zip");
    const auto font = only(*store, "Goosegate");
    folder.write("fonts/under-ink/" + font.file_name, "theirs as well");
    const auto before = treeOf(folder.path() / "fonts");
    Installer installer(*store, folder.path() / "fonts" / "under-ink");
    const auto path = installer.install(font);
    QVERIFY(path && path->filename() != font.file_name);
    QVERIFY(installer.remove(font));
    QVERIFY(treeOf(folder.path() / "fonts") == before);
}

void TestShelfStore::aChangedCopyIsLeftAlone()
{
    const test::TempFolder folder;
    const auto store = opened(folder.path() / "shelf");
    addPackage(*store, "goosegate-250.zip");
    Installer installer(*store, folder.path() / "fonts" / "under-ink");
    const auto path = installer.install(only(*store, "Goosegate"));
    QVERIFY(path);
    folder.write("fonts/under-ink/" + path->filename().string(), "improved by hand");
    const auto beside = installer.install(only(*store, "Goosegate"));
    QVERIFY(beside && *beside != *path); // not written over
    QCOMPARE(test::slurp(*path), std::string("improved by hand"));
    folder.write("fonts/under-ink/" + beside->filename().string(), "this one too");
    QVERIFY(installer.remove(only(*store, "Goosegate")));
    QCOMPARE(test::slurp(*beside), std::string("this one too"));
    QCOMPARE(only(*store, "Goosegate").state, ShelfState::OnShelf);
}

void TestShelfStore::forOneJobOnly()
{
    const test::TempFolder folder;
    const auto store = opened(folder.path() / "shelf");
    addPackage(*store, "goosegate-250.zip");
    addPackage(*store, "larkmallow.zip");
    addPackage(*store, "wickerby.zip");
    Installer installer(*store, folder.path() / "fonts" / "under-ink");
    QVERIFY(installer.install(only(*store, "Goosegate"), "Market banner"));
    QVERIFY(installer.install(only(*store, "Larkmallow"), "Aprons", "2026-12-24"));
    QVERIFY(installer.install(only(*store, "Wickerby Broad")));
    QCOMPARE(*installer.removeExpired("2026-12-24"), std::size_t(0)); // the last day still counts
    QCOMPARE(*installer.removeExpired("2026-11-01"), std::size_t(0)); // the clock went backwards
    QCOMPARE(*installer.removeExpired("2026-12-25"), std::size_t(1));
    QCOMPARE(*installer.removeExpired("2026-12-25", "Market banner"), std::size_t(1));
    QCOMPARE(only(*store, "Larkmallow").state, ShelfState::OnShelf);
    QCOMPARE(only(*store, "Goosegate").state, ShelfState::OnShelf);
    QCOMPARE(only(*store, "Wickerby Broad").state, ShelfState::Installed);
}

void TestShelfStore::halfDoneInstallsAreFinishedOrUndone_data()
{
    QTest::addColumn<bool>("removes");
    QTest::addColumn<bool>("has_file");
    QTest::addColumn<bool>("ends_installed");
    QTest::newRow("placing, not written") << false << false << false;
    QTest::newRow("placing, written") << false << true << true;
    QTest::newRow("removing, still there") << true << true << false;
    QTest::newRow("removing, gone") << true << false << false;
}

void TestShelfStore::halfDoneInstallsAreFinishedOrUndone()
{
    QFETCH(bool, removes);
    QFETCH(bool, has_file);
    QFETCH(bool, ends_installed);
    const test::TempFolder folder;
    const auto fonts = folder.path() / "fonts" / "under-ink";
    {
        const auto store = opened(folder.path() / "shelf");
        addPackage(*store, "goosegate-250.zip");
        const auto font = only(*store, "Goosegate");
        fs::create_directories(fonts);
        QVERIFY(store->beginPlacing(font.id, (fonts / font.file_name).string(), {}, {}));
        folder.write("fonts/under-ink/" + font.file_name + ".Xy12Zw", "half");
        if (has_file)
            fs::copy_file(store->fileOf(font), fonts / font.file_name);
        if (removes)
            QVERIFY(store->beginRemoving(font.id));
    }
    const auto store = opened(folder.path() / "shelf");
    const Installer installer(*store, fonts);
    const auto font = only(*store, "Goosegate");
    QCOMPARE(font.state == ShelfState::Installed, ends_installed);
    QCOMPARE(fs::exists(fonts / font.file_name), ends_installed);
    QVERIFY(!fs::exists(fonts / (font.file_name + ".Xy12Zw")));
    QCOMPARE(fs::exists(fonts), ends_installed);
}

void TestShelfStore::aNewerStoreIsRefusedUntouched()
{
    const test::TempFolder folder;
    addPackage(*opened(folder.path()), "goosegate-250.zip");
    {
        SQLite::Database database((folder.path() / "shelf.sqlite").string(), SQLite::OPEN_READWRITE);
        database.exec("PRAGMA journal_mode = DELETE");
        database.exec("PRAGMA user_version = 99");
    }
    const auto before = treeOf(folder.path());
    const auto store = ShelfStore::open(folder.path());
    QVERIFY(!store && store.error().code == ErrorCode::StoreTooNew);
    QVERIFY(treeOf(folder.path()) == before);
}

void TestShelfStore::anOlderStoreIsCopiedBeforeEachStep()
{
    for (int from = 1; from < newestSchema(); ++from) {
        const test::TempFolder folder;
        const auto file = folder.path() / "shelf.sqlite";
        {
            SQLite::Database database(file.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
            QVERIFY(bringUpToDate(database, folder.path() / "backups", from));
            database.exec("INSERT INTO fonts (sha256, file_name, bytes, added) VALUES ('ab', 'Old.ttf', 3, "
                          "'2026-01-01')");
        }
        folder.write("backups-in-the-way", "");
        const auto store = opened(folder.path());
        QCOMPARE(all(*store).size(), std::size_t(1));
        const auto backup = folder.path() / "backups" / ("shelf-version-" + std::to_string(from) + ".sqlite");
        SQLite::Database copy(backup.string());
        QCOMPARE(copy.execAndGet("PRAGMA user_version").getInt(), from);
        QCOMPARE(copy.execAndGet("SELECT file_name FROM fonts").getString(), std::string("Old.ttf"));
    }
    const test::TempFolder fresh;
    opened(fresh.path());
    QVERIFY(!fs::exists(fresh.path() / "backups")); // nothing was there to lose
}

void TestShelfStore::whatIsNoStoreIsSaid()
{
    const test::TempFolder folder;
    folder.write("shelf.sqlite", std::string(5000, 'x'));
    const auto store = ShelfStore::open(folder.path());
    QVERIFY(!store);
    QCOMPARE(store.error().code, ErrorCode::StoreDamaged);
    QCOMPARE(test::slurp(folder.path() / "shelf.sqlite"), std::string(5000, 'x'));
    const auto file = folder.write("a-file", "");
    const auto none = ShelfStore::open(file);
    QVERIFY(!none && none.error().code == ErrorCode::FileUnwritable);
}

void TestShelfStore::twoWindowsAtOnce()
{
    const test::TempFolder folder;
    addPackage(*opened(folder.path()), "maypole.zip");
    std::atomic<int> failed{0};
    const auto work = [&](const char* set) {
        const auto store = ShelfStore::open(folder.path());
        if (!store) {
            ++failed;
            return;
        }
        for (const auto& font : all(**store))
            for (int i = 0; i < 10; ++i)
                failed += !(*store)->changeSet(set, {font.id}, i % 2 == 0) ||
                          !(*store)->changeTag(set, {font.id}, true);
    };
    std::thread one(work, "one"), two(work, "two");
    one.join();
    two.join();
    QCOMPARE(failed.load(), 0);
    for (const auto& font : all(*opened(folder.path())))
        QCOMPARE(font.tags, (std::vector<std::string>{"one", "two"}));
}

void TestShelfStore::namesInAnyEncoding()
{
    const test::TempFolder folder;
    const auto store = opened(folder.path() / "shelf");
    const std::string name = "Gr\xFC\xDF"
                             "e \xE2\x80\x9Cn\xCC\x83\xE2\x80\x9D.ttf"; // Latin-1 and UTF-8 in one
    const auto file = folder.path() / name;
    fs::copy_file(test::demoFont("TansyCord.ttf"), file);
    QVERIFY(store->add({{file, name, *sha256OfFile(file), {}, {}}}, "p\xE9", "2026-11-25"));
    const auto font = only(*store, name.c_str());
    Installer installer(*store, folder.path() / "fonts" / "under-ink");
    const auto path = installer.install(font);
    QVERIFY(path);
    QCOMPARE(path->filename().string(), name);
    QVERIFY(installer.remove(only(*store, name.c_str())));
}

void TestShelfStore::theDoctorPutsBackWhatItFinds()
{
    const test::TempFolder folder;
    const auto store = opened(folder.path() / "shelf");
    addPackage(*store, "goosegate-250.zip");
    addPackage(*store, "larkmallow.zip");
    addPackage(*store, "wickerby.zip");
    Installer installer(*store, folder.path() / "fonts" / "under-ink");
    const auto goose = only(*store, "Goosegate"), lark = only(*store, "Larkmallow"),
               wick = only(*store, "Wickerby Broad");
    QVERIFY(healthOf(*store)->missing.empty() && healthOf(*store)->damaged.empty());
    QVERIFY(installer.install(goose));
    fs::remove(store->fileOf(goose)); // its installed copy still has it
    fs::create_directories(folder.path() / "old downloads");
    fs::rename(store->fileOf(lark), folder.path() / "old downloads" / "renamed.bin");
    fs::resize_file(store->fileOf(wick), 100);
    const auto health = healthOf(*store, {folder.path() / "old downloads"});
    QVERIFY(health);
    QCOMPARE(health->found_again.size(), std::size_t(2));
    QVERIFY(fs::exists(store->fileOf(goose)) && fs::exists(store->fileOf(lark)));
    QCOMPARE(health->damaged.size(), std::size_t(1));
    QCOMPARE(health->damaged.front().id, wick.id);
    QCOMPARE(health->installed, std::size_t(1));
    QCOMPARE(health->never_used, std::size_t(3));
    fs::remove(store->fileOf(wick));
    fs::remove(*installer.install(goose));
    const auto again = healthOf(*store);
    QCOMPARE(again->missing.size(), std::size_t(1));
    QCOMPARE(again->not_where_installed.size(), std::size_t(1));
}

void TestShelfStore::programsAreFoundByTheirFontLibrary()
{
    const test::TempFolder proc;
    const auto add = [&](const char* process, const char* name, const char* maps) {
        fs::create_directories(proc.path() / process);
        proc.write(std::string(process) + "/comm", std::string(name) + "\n");
        proc.write(std::string(process) + "/maps", maps);
    };
    const char* with = "7f01-7f02 r-xp 0 08:01 1 /usr/lib/x86_64-linux-gnu/libfontconfig.so.1.12.0\n";
    add("101", "writer", with);
    add("102", "writer", with);
    add("103", "shell", "7f01-7f02 r-xp 0 08:01 1 /usr/lib/x86_64-linux-gnu/libc.so.6\n");
    add("104", "drawing", "7f01-7f02 r-xp 0 08:01 1 /usr/lib/x86_64-linux-gnu/libfreetype.so.6\n");
    add("self", "not a number", with);
    add("105", "Xorg", with);
    add("106", "our-helper", with);
    proc.write("106/status", "Name:\tour-helper\nPPid:\t" + std::to_string(::getpid()) + "\n");
    add("107", "sheets-3.2", with);
    fs::create_symlink("/opt/sheets/bin/sheets-3.2", proc.path() / "107" / "exe");
    const test::TempFolder menus;
    menus.write("sheets.desktop",
                "[Desktop Entry]\nType=Application\nName=Sheets and Tables\nName[de]=Tabellen\n"
                "Exec=/opt/sheets/bin/sheets-3.2 --new %U\n[Desktop Action new]\nName=New\nExec=other\n");
    menus.write("writer.desktop", "[Desktop Entry]\nName=Letters\nExec=env LANG=C writer %f\n");
    menus.write("broken.desktop", "Exec");
    std::vector<std::string> names;
    for (const auto& program : programsToRestart(proc.path(), {menus.path(), menus.path() / "none"}))
        names.push_back(program.name);
    QVERIFY(names == (std::vector<std::string>{"Letters", "Sheets and Tables", "drawing"}));
}

void TestShelfStore::motifsHaveTheirTables()
{
    const test::TempFolder folder;
    opened(folder.path());
    SQLite::Database database((folder.path() / "shelf.sqlite").string(), SQLite::OPEN_READWRITE);
    database.exec("PRAGMA foreign_keys = ON");
    database.exec("INSERT INTO motif_collections (name) VALUES ('Bees')");
    const char* motif = "INSERT INTO motifs (collection, name, outline, added) VALUES (1, 'comb', 'M0 0L9 "
                        "0L0 9Z', '2026-11-25')";
    database.exec(motif);
    QVERIFY_THROWS_EXCEPTION(SQLite::Exception, database.exec(motif)); // one of a name in a collection
    database.exec("DELETE FROM motif_collections");
    QCOMPARE(database.execAndGet("SELECT COUNT(*) FROM motifs").getInt(), 0);
}

INK_TEST_CORE_MAIN(TestShelfStore)
#include "test_shelf_store.moc"
