#include "shelf/motif_store.h"
#include "shelf/shelf_store.h"
#include "tests/support/environment.h"

using namespace ink;

namespace {

struct Tray
{
    test::TempFolder folder;
    std::unique_ptr<ShelfStore> shelf = std::move(*ShelfStore::open(folder.path()));
    std::unique_ptr<MotifStore> motifs = std::move(*MotifStore::open(folder.path()));

    std::int64_t add(const char* collection, const char* name, std::vector<std::string> tags = {})
    {
        Motif motif;
        motif.collection = collection;
        motif.name = name;
        motif.outline = "M0 0L10 0L10 -10Z";
        motif.font_sha256 = "ab12";
        motif.glyph_id = 7;
        motif.key = "k";
        motif.is_others_mark = true;
        motif.added = "2026-11-25";
        motif.tags = std::move(tags);
        motif.rights = "Gifts only. The licence says so.";
        const auto ids = motifs->add({motif});
        if (!ids)
            qFatal("%s", ids.error().message().c_str());
        return ids->front();
    }
    QStringList names(const char* words = "") const
    {
        QStringList names;
        const auto found = motifs->motifs(words);
        for (const auto& motif : *found)
            names << QString::fromStdString(motif.collection + "/" + motif.name);
        return names;
    }
};

} // namespace

class TestMotifStore : public QObject
{
    Q_OBJECT
private slots:
    void whatIsAddedIsThereInAnotherWindow();
    void namesAreFreeInTheirCollection();
    void searchingByNameTagAndCollection();
    void renamingAndMoving();
    void outlinesChange();
    void removingTakesEmptyCollections();
    void whatIsNotThereIsSaid();
    void severalAreAddedAtOnce();
};

void TestMotifStore::whatIsAddedIsThereInAnotherWindow()
{
    Tray tray;
    const auto id = tray.add("Late summer", "bee", {"market"});
    const auto other = MotifStore::open(tray.folder.path());
    QVERIFY(other);
    const auto motifs = (*other)->motifs();
    QVERIFY(motifs);
    QCOMPARE(motifs->size(), std::size_t(1));
    const Motif& bee = motifs->front();
    QCOMPARE(bee.id, id);
    QCOMPARE(bee.outline, std::string("M0 0L10 0L10 -10Z"));
    QCOMPARE(bee.font_sha256, std::string("ab12"));
    QCOMPARE(bee.rights, std::string("Gifts only. The licence says so."));
    QCOMPARE(bee.glyph_id, 7u);
    QCOMPARE(bee.key, std::string("k"));
    QVERIFY(bee.is_others_mark);
    QCOMPARE(bee.added, std::string("2026-11-25"));
    QVERIFY(bee.tags == std::vector<std::string>{"market"});
}

void TestMotifStore::namesAreFreeInTheirCollection()
{
    Tray tray;
    tray.add("Bees", "bee");
    tray.add("Bees", "bee");
    tray.add("Jars", "bee");
    tray.add("Bees", "bee");
    QCOMPARE(tray.names(), QStringList({"Bees/bee", "Bees/bee 2", "Bees/bee 3", "Jars/bee"}));
}

void TestMotifStore::searchingByNameTagAndCollection()
{
    Tray tray;
    tray.add("Late summer", "Bee on comb", {"market", "jars"});
    tray.add("Late summer", "sprig");
    tray.add("Winter", "sprig of thyme", {"candles"});
    QCOMPARE(tray.names("bee"), QStringList("Late summer/Bee on comb"));
    QCOMPARE(tray.names("SPRIG"), QStringList({"Late summer/sprig", "Winter/sprig of thyme"}));
    QCOMPARE(tray.names("sprig winter"), QStringList("Winter/sprig of thyme"));
    QCOMPARE(tray.names("candles"), QStringList("Winter/sprig of thyme"));
    QCOMPARE(tray.names("candles bee"), QStringList());
    QVERIFY(*tray.motifs->collections() == (std::vector<std::string>{"Late summer", "Winter"}));
}

void TestMotifStore::renamingAndMoving()
{
    Tray tray;
    const auto bee = tray.add("Bees", "bee"), jar = tray.add("Jars", "jar");
    tray.add("Jars", "bee");
    QVERIFY(tray.motifs->rename(jar, "bee"));
    QCOMPARE(tray.names(), QStringList({"Bees/bee", "Jars/bee", "Jars/bee 2"}));
    QVERIFY(tray.motifs->rename(bee, "bee")); // its own name is free for it
    QVERIFY(tray.motifs->moveTo("Jars", {bee}));
    QCOMPARE(tray.names(), QStringList({"Jars/bee", "Jars/bee 2", "Jars/bee 3"}));
    QVERIFY(*tray.motifs->collections() == std::vector<std::string>{"Jars"});
    QVERIFY(tray.motifs->changeTag("lid", {bee, jar}, true));
    QCOMPARE(tray.names("lid").size(), 2);
    QVERIFY(tray.motifs->changeTag("lid", {bee}, false));
    QCOMPARE(tray.names("lid").size(), 1);
}

void TestMotifStore::outlinesChange()
{
    Tray tray;
    const auto bee = tray.add("Bees", "bee");
    QVERIFY(tray.motifs->setOutline(bee, "M1 1L2 2L3 1Z"));
    QCOMPARE(tray.motifs->motifs()->front().outline, std::string("M1 1L2 2L3 1Z"));
}

void TestMotifStore::removingTakesEmptyCollections()
{
    Tray tray;
    const auto bee = tray.add("Bees", "bee", {"market"});
    tray.add("Jars", "jar");
    QVERIFY(tray.motifs->remove({bee}));
    QCOMPARE(tray.names(), QStringList("Jars/jar"));
    QVERIFY(*tray.motifs->collections() == std::vector<std::string>{"Jars"});
    QCOMPARE(tray.names("market"), QStringList());
}

void TestMotifStore::whatIsNotThereIsSaid()
{
    Tray tray;
    const auto renamed = tray.motifs->rename(99, "bee"), changed = tray.motifs->setOutline(99, "M0 0Z");
    QVERIFY(!renamed && renamed.error().code == ErrorCode::MotifNotInTray);
    QVERIFY(!changed && changed.error().code == ErrorCode::MotifNotInTray);
    QVERIFY(!MotifStore::open(tray.folder.path() / "none"));
}

void TestMotifStore::severalAreAddedAtOnce()
{
    Tray tray;
    Motif good;
    good.collection = "Bees";
    good.name = "bee";
    good.outline = "M0 0Z";
    const auto ids = tray.motifs->add({good, good, good});
    QVERIFY(ids);
    QCOMPARE(ids->size(), std::size_t(3));
    QVERIFY(ids->at(0) != ids->at(1) && ids->at(1) != ids->at(2));
    QCOMPARE(tray.names().size(), 3);
}

INK_TEST_CORE_MAIN(TestMotifStore)
#include "test_motif_store.moc"
