#include "shelf/shelf_intake.h"
#include "shelf/twins.h"
#include "tests/support/environment.h"

using namespace ink;
namespace fs = std::filesystem;

namespace {

struct Shelf
{
    test::TempFolder folder;
    std::unique_ptr<ShelfStore> store = std::move(*ShelfStore::open(folder.path() / "shelf"));
    std::vector<ShelfFont> fonts;
    FontPrints prints;

    explicit Shelf(std::initializer_list<const char*> packages)
    {
        for (const char* name : packages) {
            const auto contents =
                inspectPackage(test::demoFontFolder() / ".." / "catalogue" / "packages" / name);
            if (!contents || !takeToShelf(*store, *contents, contents->fonts(), "2026-11-25"))
                qFatal("%s was not taken in", name);
        }
        fonts = std::move(*store->fonts());
        prints = std::move(*fontPrints(*store, fonts));
    }
    std::vector<TwinGroup> twins() const { return findTwins(fonts, prints); }
    std::vector<TwinFact> facts(const TwinGroup& group) const
    {
        std::vector<const ShelfFont*> members;
        std::vector<PrintPtr> member_prints;
        for (const std::size_t i : group.fonts) {
            members.push_back(&fonts[i]);
            member_prints.push_back(prints.at(fonts[i].id));
        }
        return twinFacts(members, member_prints);
    }
};

const TwinFact& factOf(const std::vector<TwinFact>& facts, const char* what)
{
    const auto found = std::ranges::find(facts, what, &TwinFact::what);
    if (found == facts.end())
        qFatal("nothing is said of %s", what);
    return *found;
}

} // namespace

class TestTwins : public QObject
{
    Q_OBJECT
private slots:
    void twoFormatsOfOneFace();
    void versionsOfOneFont();
    void anotherName();
    void theSameNameDrawnDifferently();
    void fontsThatDifferHaveNoTwins();
    void printsAreMadeOnce();
    void cancellingKeepsWhatWasMade();
    void fontsWithoutPrintsAreComparedByName();
};

void TestTwins::twoFormatsOfOneFace()
{
    const Shelf shelf{"pennyfold-full.zip"};
    QCOMPARE(shelf.fonts.size(), std::size_t(2));
    const auto twins = shelf.twins();
    QCOMPARE(twins.size(), std::size_t(1));
    QCOMPARE(twins.front().kinds.back(), TwinKind::OtherFormat);
    const auto facts = shelf.facts(twins.front());
    const auto& format = factOf(facts, "format");
    QVERIFY(format.differs);
    QVERIFY(std::ranges::find(format.values, "TrueType") != format.values.end());
    QVERIFY(std::ranges::find(format.values, "OpenType (CFF)") != format.values.end());
    QVERIFY(!factOf(facts, "name").differs);
    QVERIFY(factOf(facts, "drawn differently").values.back().empty());
}

void TestTwins::versionsOfOneFont()
{
    const Shelf shelf{"tansy-cord.zip", "tansy-cord-old.zip"};
    const auto twins = shelf.twins();
    QCOMPARE(twins.size(), std::size_t(1));
    const auto facts = shelf.facts(twins.front());
    const auto& version = factOf(facts, "version");
    QVERIFY(version.differs);
    QVERIFY(std::ranges::find(version.values, "Version 0.900") != version.values.end());
}

void TestTwins::anotherName()
{
    const Shelf shelf{"goosegate-250.zip", "tansy-cord.zip"};
    const auto twins = shelf.twins();
    QCOMPARE(twins.size(), std::size_t(1));
    QCOMPARE(twins.front().kinds.back(), TwinKind::OtherName);
    QVERIFY(factOf(shelf.facts(twins.front()), "name").differs);
}

void TestTwins::theSameNameDrawnDifferently()
{
    const Shelf shelf{"maypole.zip"};
    const auto twins = shelf.twins();
    QCOMPARE(twins.size(), std::size_t(1));
    QCOMPARE(twins.front().fonts.size(), std::size_t(4));
    for (std::size_t i = 1; i < 4; ++i)
        QCOMPARE(twins.front().kinds[i], TwinKind::OtherVersion);
    QVERIFY(factOf(shelf.facts(twins.front()), "drawn differently").values.back().find("more") !=
            std::string::npos);
}

void TestTwins::fontsThatDifferHaveNoTwins()
{
    const Shelf shelf{"hartsorrel.zip", "larkmallow.zip", "stallholder-bits.zip", "gatepost.zip"};
    QCOMPARE(shelf.fonts.size(), std::size_t(4));
    QVERIFY(shelf.twins().empty());
}

void TestTwins::printsAreMadeOnce()
{
    const Shelf shelf{"hartsorrel.zip", "maypole.zip"};
    for (const auto& font : shelf.fonts)
        fs::remove(shelf.store->fileOf(font)); // not needed any more
    const auto again = fontPrints(*shelf.store, shelf.fonts);
    QVERIFY(again);
    QCOMPARE(again->size(), shelf.fonts.size());
    for (const auto& [font, print] : *again)
        QVERIFY(*print == *shelf.prints.at(font));
    QVERIFY(shelf.store->outlinePrints(OutlinePrint::kVersion + 1)->empty());
}

void TestTwins::cancellingKeepsWhatWasMade()
{
    Shelf shelf{"maypole.zip"};
    QVERIFY(shelf.store->discard({shelf.fonts.front().id}));
    const auto contents =
        inspectPackage(test::demoFontFolder() / ".." / "catalogue" / "packages" / "order-20417.zip");
    QVERIFY(contents && takeToShelf(*shelf.store, *contents, contents->fonts(), "2026-11-25"));
    const auto fonts = shelf.store->fonts();
    const auto before = shelf.store->outlinePrints(OutlinePrint::kVersion)->size();
    QCOMPARE(before, std::size_t(3)); // that of the discarded one went with it
    CancelSource cancel;
    const auto stopped =
        fontPrints(*shelf.store, *fonts, cancel.token(), [&](std::size_t) { cancel.cancel(); });
    QVERIFY(!stopped && stopped.error().code == ErrorCode::Cancelled);
    const auto kept = shelf.store->outlinePrints(OutlinePrint::kVersion)->size();
    QVERIFY(kept > before && kept < fonts->size());
}

void TestTwins::fontsWithoutPrintsAreComparedByName()
{
    const Shelf shelf{"maypole.zip", "hartsorrel.zip"};
    const auto twins = findTwins(shelf.fonts, {});
    QCOMPARE(twins.size(), std::size_t(1));
    QCOMPARE(twins.front().fonts.size(), std::size_t(4));
    QVERIFY(findTwins({}, {}).empty());
}

INK_TEST_CORE_MAIN(TestTwins)
#include "test_twins.moc"
