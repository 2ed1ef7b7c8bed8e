#include "core/base/digest.h"
#include "shelf/font_rights.h"
#include "shelf/shelf_intake.h"
#include "tests/support/environment.h"

#include <filesystem>

using namespace ink;

namespace {

RightsRecord fullRecord()
{
    RightsRecord record;
    record.papers.push_back({"reply.txt", std::string(64, 'a'), "Perrin",
                             "You may sell products made with this font.", "2026-11-25", "Dear maker, yes."});
    record.decisions.push_back({"2026-11-25", "Jars only – “agreed”", "Ask first"});
    record.sold = 41;
    record.listing = "100% free";
    record.others_marks.push_back({1, 37, "beetle"});
    return record;
}

} // namespace

class TestRightsStore : public QObject
{
    Q_OBJECT
private slots:
    void aRecordSurvivesWritingAndReading();
    void nothingKeptIsAnEmptyRecord();
    void aDamagedRecordIsSaidAndLeftAlone();
    void figuresBeyondReasonAreBounded();
    void anUnwritableFolderIsSaid();
    void papersAreKeptByContent();
    void papersDecideAndListingsDoNot();
    void rightsFollowTheContentNotTheName();
    void fontsOfTheShelfAreReadWithTheirDocuments();
};

void TestRightsStore::aRecordSurvivesWritingAndReading()
{
    const test::TempFolder folder;
    const RightsStore store(folder.path() / "rights");
    QVERIFY(store.save("abc", fullRecord()));
    const auto again = store.load("abc");
    QVERIFY(again && *again == fullRecord());
    QVERIFY(*store.load("other") == RightsRecord{});
}

void TestRightsStore::nothingKeptIsAnEmptyRecord()
{
    const auto record = RightsStore("/nowhere/at/all").load("abc");
    QVERIFY(record && *record == RightsRecord{});
}

void TestRightsStore::aDamagedRecordIsSaidAndLeftAlone()
{
    const test::TempFolder folder;
    for (const char* text : {"", "{", "[]", "{\"sold\": \"many\"}", "{\"papers\": 3}"}) {
        const auto file = folder.write("abc.json", text);
        const auto record = RightsStore(folder.path()).load("abc");
        QVERIFY2(!record, text);
        QCOMPARE(record.error().code, ErrorCode::DocumentDamaged);
        QCOMPARE(test::slurp(file), std::string(text));
    }
}

/// Records also come with a shelf that somebody else wrote to a file.
void TestRightsStore::figuresBeyondReasonAreBounded()
{
    const test::TempFolder folder;
    folder.write("abc.json",
                 R"({"sold": 1e300, "others_marks": [{"face": -5, "glyph_id": 1e300, "name": "logo"}, {}]})");
    const auto record = RightsStore(folder.path()).load("abc");
    QVERIFY(record);
    QCOMPARE(record->sold, std::numeric_limits<unsigned>::max());
    QCOMPARE(record->others_marks.size(), std::size_t{2});
    QVERIFY(record->isOthersMark(0, std::numeric_limits<std::uint32_t>::max()));
}

void TestRightsStore::anUnwritableFolderIsSaid()
{
    const test::TempFolder folder;
    folder.write("file", "in the way");
    const auto saved = RightsStore(folder.path() / "file").save("abc", fullRecord());
    QVERIFY(!saved);
    QVERIFY(saved.error().message().find("could not be written") != std::string::npos);
}

void TestRightsStore::papersAreKeptByContent()
{
    const test::TempFolder folder;
    const RightsStore store(folder.path() / "rights");
    const auto first = store.keepPaper(folder.write("a.txt", "yes"));
    const auto same = store.keepPaper(folder.write("b.txt", "yes"));
    QVERIFY(first && same && *first == *same);
    QCOMPARE(*first, sha256("yes"));
    QCOMPARE(test::slurp(folder.path() / "rights" / "papers" / (*first + ".txt")), std::string("yes"));
    QCOMPARE(store.keepPaper(folder.path() / "none.pdf").error().code, ErrorCode::FileNotFound);
}

void TestRightsStore::papersDecideAndListingsDoNot()
{
    const auto verdictOf = [](const RightsRecord& record) { return judge(evidenceOf(record)).verdict; };
    RightsRecord record;
    record.listing = "Free for commercial use.";
    QCOMPARE(verdictOf(record), Verdict::AskFirst);
    record.papers.push_back(
        {"reply.txt", {}, {}, "You may sell up to 100 items made with this font.", {}, {}});
    QCOMPARE(verdictOf(record), Verdict::SellWithinLimits);
}

void TestRightsStore::rightsFollowTheContentNotTheName()
{
    const test::TempFolder folder;
    const auto bytes = test::slurp(test::demoFont("GatepostPlain.ttf"));
    const auto one = folder.write("one/a.ttf", bytes), same = folder.write("two/b.ttf", bytes);
    const auto other = folder.write("three/a.ttf", test::slurp(test::demoFont("SaltglazeOrnaments.ttf")));
    FontRightsReader reader(RightsStore(folder.path() / "rights"));
    const auto before = reader.read(one);
    QVERIFY(before);
    QCOMPARE(before->dossier.verdict, Verdict::AskFirst);
    RightsRecord record;
    record.papers.push_back({"reply.txt", {}, {}, "You may sell goods made with this font.", {}, {}});
    QVERIFY(reader.store().save(before->sha256, record));
    QCOMPARE(reader.read(one)->dossier.verdict, Verdict::MaySell);
    QCOMPARE(reader.read(same)->dossier.verdict, Verdict::MaySell);
    QCOMPARE(reader.read(other)->dossier.verdict, Verdict::AskFirst);
    QVERIFY(!reader.read(folder.path() / "none.ttf"));
}

void TestRightsStore::fontsOfTheShelfAreReadWithTheirDocuments()
{
    const test::TempFolder folder;
    folder.write("pack/fonts/a.ttf", test::slurp(test::demoFont("GatepostPlain.ttf")));
    folder.write("pack/readme.txt", "For personal use only.");
    const auto store = ShelfStore::open(folder.path() / "shelf");
    QVERIFY(store);
    const auto take = [&] {
        const auto contents = inspectPackage(folder.path() / "pack");
        QVERIFY(contents && takeToShelf(**store, *contents, contents->fonts(), "2026-11-25"));
    };
    take();
    FontRightsReader reader{RightsStore(folder.path() / "rights")};
    const auto shelf = [&] {
        auto fonts = (*store)->fonts();
        return std::make_shared<const ShelfContents>((*store)->folder(), std::move(*fonts));
    };
    reader.setShelf(shelf());
    const auto font = shelf()->fileOf(shelf()->fonts().front()->sha256);
    const auto read = reader.read(font);
    QVERIFY(read);
    QCOMPARE(read->dossier.verdict, Verdict::GiftsOnly);
    QCOMPARE(read->sha256, shelf()->fonts().front()->sha256);
    QVERIFY(!read->dossier.deciding.empty());
    QCOMPARE(read->dossier.deciding.front().document, std::string("readme.txt"));
    // A document that came later is read once the shelf is known anew.
    folder.write("pack/receipt.txt", "You may sell goods made with this font. Commercial licence, paid.");
    take();
    QCOMPARE(reader.read(font)->dossier.verdict, Verdict::GiftsOnly);
    reader.setShelf(shelf());
    QCOMPARE(reader.read(font)->dossier.verdict, Verdict::MaySell);
}

INK_TEST_CORE_MAIN(TestRightsStore)
#include "test_rights_store.moc"
