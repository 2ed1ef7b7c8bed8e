#include "core/base/digest.h"
#include "core/package/archive.h"
#include "shelf/bundle.h"
#include "shelf/shelf_intake.h"
#include "tests/support/environment.h"

#include <fstream>
#include <map>

using namespace ink;
namespace fs = std::filesystem;

namespace {

/// A shelf of its own with its rights.
struct Computer
{
    test::TempFolder folder;
    std::unique_ptr<ShelfStore> store;
    RightsStore rights{folder.path() / "rights"};

    Computer()
    {
        auto opened = ShelfStore::open(folder.path() / "shelf");
        if (!opened)
            qFatal("%s", opened.error().message().c_str());
        store = std::move(*opened);
    }
    void add(const char* package)
    {
        const auto contents =
            inspectPackage(test::demoFontFolder() / ".." / "catalogue" / "packages" / package);
        if (!contents || !takeToShelf(*store, *contents, usualChoice(*contents), "2026-11-25"))
            qFatal("%s was not taken in", package);
    }
    ShelfFont font(const char* name) const
    {
        auto found = store->find(name);
        if (!found)
            qFatal("%s", found.error().message().c_str());
        return std::move(*found);
    }
    std::vector<ShelfFont> fonts() const
    {
        auto all = store->fonts();
        if (!all)
            qFatal("%s", all.error().message().c_str());
        return std::move(*all);
    }
    Result<BundleRead> read(const fs::path& file, bool takes_theirs = false)
    {
        return readBundle(
            file, *store, rights, [=](const BundleConflict&) { return takes_theirs; }, "2026-12-01");
    }
};

/// A computer with two fonts, a set, a tag, a note and a permission, written to a file.
struct Packed
{
    Computer from;
    fs::path file = from.folder.path() / "carry.zip";

    Packed()
    {
        from.add("goosegate-250.zip");
        from.add("stallholder-bits.zip");
        const auto goose = from.font("Goosegate"), bits = from.font("Stallholder Bits");
        const bool done = from.store->changeSet("Winter market", {goose.id, bits.id}, true) &&
                          from.store->changeTag("bold", {goose.id}, true) &&
                          from.store->setNote(goose.id, "for lids") && from.store->setAside({bits.id}, true);
        const auto paper = from.rights.keepPaper(from.folder.write("reply.txt", "You may sell 500."));
        RightsRecord record;
        record.papers.push_back(
            {"reply.txt", *paper, "Perrin", "500 sales", "2026-11-25", "You may sell 500."});
        record.sold = 40;
        record.others_marks.push_back({0, 12, "beetle"});
        if (!done || !from.rights.save(goose.sha256, record) ||
            !writeBundle(file, *from.store, from.fonts(), from.rights))
            qFatal("nothing to carry");
    }
};

/// The entries of a package, changed, as a package again.
void rewrite(const fs::path& from, const fs::path& to, const std::function<void(ArchiveEntry&)>& change)
{
    std::vector<NewArchiveEntry> entries;
    PackageUse use;
    std::string stopped;
    const auto read = readArchive(
        from, PackageLimits::lifted(), use,
        [&](ArchiveEntry entry) {
            change(entry);
            entries.push_back({entry.name, [bytes = entry.bytes]() -> Result<std::string> { return bytes; }});
        },
        stopped);
    std::ofstream out(to, std::ios::binary);
    if (!read || !writeZip(out, entries))
        qFatal("not rewritten");
}

} // namespace

class TestBundle : public QObject
{
    Q_OBJECT
private slots:
    void everythingArrives();
    void readingTwiceChangesNothing();
    void differencesAreToldAndMineStay();
    void theirsAreTakenWhenAsked();
    void theSameShelfGivesTheSameBytes();
    void contentThatIsNotWhatItSaysIsRefused();
    void namesOfTheFileCannotLeaveTheShelf();
    void everyTruncatedFileIsSaid();
    void otherFilesAreSaid();
    void aMissingFileOfTheShelfIsSaid();
};

void TestBundle::everythingArrives()
{
    const Packed packed;
    Computer to;
    const auto read = to.read(packed.file);
    QVERIFY2(read, read ? "" : read.error().message().c_str());
    QCOMPARE(read->fonts, std::size_t(2));
    QCOMPARE(read->added, std::size_t(2));
    QVERIFY(read->conflicts.empty() && read->refused.empty());
    const auto goose = to.font("Goosegate"), bits = to.font("Stallholder Bits");
    QCOMPARE(goose.sets, std::vector<std::string>{"Winter market"});
    QCOMPARE(goose.tags, std::vector<std::string>{"bold"});
    QCOMPARE(goose.note, std::string("for lids"));
    QCOMPARE(goose.package, std::string("goosegate-250.zip"));
    QCOMPARE(bits.state, ShelfState::SetAside);
    QCOMPARE(goose.documents.size(), packed.from.font("Goosegate").documents.size());
    for (const auto& font : to.fonts()) {
        QCOMPARE(*sha256OfFile(to.store->fileOf(font)), font.sha256);
        for (const auto& document : font.documents)
            QCOMPARE(*sha256OfFile(to.store->fileOf(document.sha256)), document.sha256);
    }
    const auto record = to.rights.load(goose.sha256);
    QVERIFY(record && *record == *packed.from.rights.load(goose.sha256));
    QCOMPARE(test::slurp(to.rights.paperFile(record->papers.front())), std::string("You may sell 500."));
}

void TestBundle::readingTwiceChangesNothing()
{
    const Packed packed;
    Computer to;
    QVERIFY(to.read(packed.file));
    const auto again = to.read(packed.file);
    QVERIFY(again);
    QCOMPARE(again->added, std::size_t(0));
    QVERIFY(again->conflicts.empty());
    QCOMPARE(to.fonts().size(), std::size_t(2));
    QVERIFY(packed.from.font("Goosegate").documents.size() == to.font("Goosegate").documents.size());
}

void TestBundle::differencesAreToldAndMineStay()
{
    const Packed packed;
    Computer to;
    to.add("goosegate-250.zip");
    const auto mine = to.font("Goosegate");
    QVERIFY(to.store->setNote(mine.id, "for aprons"));
    QVERIFY(to.store->changeSet("Summer", {mine.id}, true));
    RightsRecord record;
    record.sold = 7;
    QVERIFY(to.rights.save(mine.sha256, record));
    const auto read = to.read(packed.file);
    QVERIFY(read);
    QCOMPARE(read->added, std::size_t(1));
    QCOMPARE(read->conflicts.size(), std::size_t(2));
    QCOMPARE(read->conflicts[0].what, std::string("note"));
    QCOMPARE(read->conflicts[0].mine, std::string("for aprons"));
    QCOMPARE(read->conflicts[0].theirs, std::string("for lids"));
    QCOMPARE(read->conflicts[1].what, std::string("rights"));
    QCOMPARE(to.font("Goosegate").note, std::string("for aprons"));
    QCOMPARE(to.rights.load(mine.sha256)->sold, 7u);
    // Sets come together.
    QCOMPARE(to.font("Goosegate").sets, (std::vector<std::string>{"Summer", "Winter market"}));
}

void TestBundle::theirsAreTakenWhenAsked()
{
    const Packed packed;
    Computer to;
    to.add("goosegate-250.zip");
    const auto mine = to.font("Goosegate");
    QVERIFY(to.store->setNote(mine.id, "for aprons"));
    const auto read = to.read(packed.file, true);
    QVERIFY(read);
    QCOMPARE(read->conflicts.size(), std::size_t(1)); // still told
    QCOMPARE(to.font("Goosegate").note, std::string("for lids"));
    QCOMPARE(to.rights.load(mine.sha256)->sold, 40u);
}

void TestBundle::theSameShelfGivesTheSameBytes()
{
    const Packed packed;
    const auto again = packed.from.folder.path() / "again.zip";
    QVERIFY(writeBundle(again, *packed.from.store, packed.from.fonts(), packed.from.rights));
    QVERIFY(test::slurp(again) == test::slurp(packed.file));
}

void TestBundle::contentThatIsNotWhatItSaysIsRefused()
{
    const Packed packed;
    const std::string goose = packed.from.font("Goosegate").sha256;
    Computer to;
    const auto file = to.folder.path() / "changed.zip";
    rewrite(packed.file, file, [&](ArchiveEntry& entry) {
        if (entry.name == "files/" + goose)
            entry.bytes[entry.bytes.size() / 2] ^= 1;
    });
    const auto read = to.read(file);
    QVERIFY(read);
    QCOMPARE(read->refused.size(), std::size_t(1));
    QVERIFY(read->refused.front().starts_with("Goosegate: its file is missing, or has other content"));
    QCOMPARE(to.fonts().size(), std::size_t(1)); // the other one is fine
    // A file that has the right digest and is no font does not pass either.
    const std::string text = "no font at all";
    const auto other = to.folder.path() / "no-font.zip";
    rewrite(packed.file, other, [&](ArchiveEntry& entry) {
        if (entry.name == "files/" + goose) {
            entry = {};
            entry.name = "files/" + sha256(text);
            entry.bytes = text;
        } else if (entry.name == "shelf.json")
            for (auto at = entry.bytes.find(goose); at != std::string::npos; at = entry.bytes.find(goose))
                entry.bytes.replace(at, goose.size(), sha256(text));
    });
    const auto again = to.read(other);
    QVERIFY2(again, again ? "" : again.error().message().c_str());
    QCOMPARE(again->refused.size(), std::size_t(1));
    QCOMPARE(to.fonts().size(), std::size_t(1));
}

void TestBundle::namesOfTheFileCannotLeaveTheShelf()
{
    const Packed packed;
    Computer to;
    const auto file = to.folder.path() / "climbing.zip";
    rewrite(packed.file, file, [](ArchiveEntry& entry) {
        if (entry.name.starts_with("files/"))
            entry.name = "../../../" + entry.name;
        else if (entry.name == "shelf.json")
            for (auto at = entry.bytes.find("\"Goosegate."); at != std::string::npos; at = std::string::npos)
                entry.bytes.insert(at + 1, "../../../../");
    });
    const auto before = std::distance(fs::directory_iterator(to.folder.path()), fs::directory_iterator());
    QVERIFY(to.read(file)); // what counts is the digest
    QCOMPARE(std::distance(fs::directory_iterator(to.folder.path()), fs::directory_iterator()) >= before,
             true);
    for (const auto& font : to.fonts())
        QVERIFY(font.file_name.find('/') == std::string::npos);
}

void TestBundle::everyTruncatedFileIsSaid()
{
    const Packed packed;
    const std::string whole = test::slurp(packed.file);
    Computer to;
    const std::size_t step = std::max<std::size_t>(1, whole.size() / 40);
    for (std::size_t size = 0; size < whole.size(); size += step) {
        const auto file = to.folder.write("cut.zip", whole.substr(0, size));
        const auto read = to.read(file);
        // Only the list at the end of a zip, which repeats what stands before each file, may be missing.
        QVERIFY2(!read || (read->refused.empty() && size > whole.size() * 9 / 10),
                 qPrintable(QString::number(size)));
        for (const auto& font : to.fonts())
            QCOMPARE(*sha256OfFile(to.store->fileOf(font)), font.sha256);
    }
}

void TestBundle::otherFilesAreSaid()
{
    Computer to;
    const auto gone = to.read(to.folder.path() / "none.zip");
    QVERIFY(!gone && gone.error().code == ErrorCode::FileNotFound);
    const auto text = to.read(to.folder.write("text.zip", "Dear maker"));
    QVERIFY(!text && text.error().code == ErrorCode::PackageDamaged);
    const auto package = to.read(test::demoFontFolder() / ".." / "catalogue" / "packages" / "larkmallow.zip");
    QVERIFY(!package && package.error().code == ErrorCode::PackageDamaged);
    for (const char* manifest : {"{\"format\": \"under-ink-shelf\", \"version\": 1}",
                                 "{\"format\": \"under-ink-shelf\", \"fonts\": 3}",
                                 "{\"format\": \"under-ink-shelf\", \"fonts\": [{\"name\": 1}]}"}) {
        const auto file = to.folder.path() / "odd.zip";
        std::ofstream out(file, std::ios::binary);
        QVERIFY(writeZip(
            out, {{"shelf.json", [manifest]() -> Result<std::string> { return std::string(manifest); }}}));
        out.close();
        const auto odd = to.read(file);
        QVERIFY2(!odd && odd.error().code == ErrorCode::PackageDamaged, manifest);
    }
    const auto newer = to.folder.path() / "newer.zip";
    std::ofstream out(newer, std::ios::binary);
    QVERIFY(writeZip(out, {{"shelf.json", []() -> Result<std::string> {
                                return std::string(
                                    R"({"format": "under-ink-shelf", "version": 9, "fonts": []})");
                            }}}));
    out.close();
    const auto read = to.read(newer);
    QVERIFY(!read && read.error().code == ErrorCode::StoreTooNew);
}

void TestBundle::aMissingFileOfTheShelfIsSaid()
{
    Packed packed;
    const auto goose = packed.from.font("Goosegate");
    const std::string before = test::slurp(packed.file);
    fs::remove(packed.from.store->fileOf(goose));
    const auto written =
        writeBundle(packed.file, *packed.from.store, packed.from.fonts(), packed.from.rights);
    QVERIFY(!written && written.error().code == ErrorCode::FileNotFound);
    QVERIFY(test::slurp(packed.file) == before); // the older file is as it was
}

INK_TEST_CORE_MAIN(TestBundle)
#include "test_bundle.moc"
