#include "tests/support/gui.h"
#include "ui/find/font_list_model.h"

#include <QAbstractItemModelTester>

using namespace ink;
using namespace ink::ui;

namespace {

struct Fixture
{
    JobModel job{test::WindowFixture::firstJob()};
    CatalogueClient catalogue;
    FitService designs{std::make_shared<FaceCache>(), catalogue};
    test::TempFolder folder;
    FontListModel model{job, designs,
                        std::make_shared<FontRightsReader>(RightsStore(folder.path() / "rights"))};
    QAbstractItemModelTester tester{&model, QAbstractItemModelTester::FailureReportingMode::QtTest};

    void addDemo() { model.addEntries(fontsInFolder(test::demoFontFolder(), FontOrigin::Demo)->entries); }
    int row(const char* name) const
    {
        for (int i = 0; i < model.rowCount(); ++i)
            if (model.data(model.index(i), Qt::DisplayRole).toString() == QLatin1String(name))
                return i;
        return -1;
    }
    const FontPreview* ready(int at)
    {
        model.preview(at);
        if (!QTest::qWaitFor([&] { return designs.isIdle(); }, 10000))
            qFatal("no preview");
        return model.preview(at);
    }
};

} // namespace

class TestFontListModel : public QObject
{
    Q_OBJECT
private slots:
    void demoFontsFirstThenTheRest();
    void nothingIsListedTwice();
    void manyFontsArriveInOneGo();
    void previewsFollowTheWords();
    void onlyTheNewestAnswerCounts();
    void aFontThatFailsSaysWhy();
    void spokenTextTellsWhatTheEyeSees();
};

void TestFontListModel::demoFontsFirstThenTheRest()
{
    Fixture f;
    f.model.addEntries(fontsInFiles({test::dataFile("ornaments.woff2")}, FontOrigin::System).entries);
    f.addDemo();
    f.model.addEntries(fontsInFiles({test::dataFile("two-faces.ttc")}, FontOrigin::Dropped).entries);
    QCOMPARE(f.model.rowCount(), 19);
    for (int i = 0; i < 16; ++i)
        QCOMPARE(int(f.model.entry(i).origin), int(FontOrigin::Demo));
    QCOMPARE(int(f.model.entry(16).origin), int(FontOrigin::Dropped));
    QCOMPARE(int(f.model.entry(18).origin), int(FontOrigin::System));
}

void TestFontListModel::nothingIsListedTwice()
{
    Fixture f;
    f.addDemo();
    f.addDemo();
    QCOMPARE(f.model.rowCount(), 16);
}

void TestFontListModel::manyFontsArriveInOneGo()
{
    Fixture f;
    f.addDemo();
    std::vector<FontEntry> many;
    for (int i = 0; i < 5000; ++i) {
        FontEntry entry = f.model.entry(0);
        entry.origin = FontOrigin::System;
        entry.path = "/fonts/" + std::to_string(i * 7919 % 5000) + ".ttf";
        entry.info.family = "Family " + std::to_string(i % 900);
        many.push_back(entry);
    }
    QSignalSpy inserted(&f.model, &QAbstractItemModel::rowsInserted);
    f.model.addEntries(many);
    QCOMPARE(f.model.rowCount(), 5016);
    QCOMPARE(inserted.count(), 1);
    for (int i = 17; i < f.model.rowCount(); ++i)
        QVERIFY(f.model.entry(i - 1).info.family <= f.model.entry(i).info.family);
}

void TestFontListModel::previewsFollowTheWords()
{
    Fixture f;
    f.addDemo();
    const int row = f.row("Tansy Cord");
    const auto* first = f.ready(row);
    QVERIFY(first && first->card);
    QVERIFY(!first->card->path_mm.isEmpty());
    const auto pieces = first->card->marks.pieces;
    f.job.setWords(QStringLiteral("i i i i"));
    QVERIFY(f.model.preview(row)); // the old one stays until the new one is there
    QVERIFY(f.ready(row)->card->marks.pieces == 8);
    QVERIFY(pieces != 8);
}

void TestFontListModel::onlyTheNewestAnswerCounts()
{
    Fixture f;
    f.addDemo();
    const int row = f.row("Gatepost Plain");
    QSignalSpy changed(&f.model, &QAbstractItemModel::dataChanged);
    for (const char* words : {"a", "aa", "aaa", "aaaa"}) {
        f.job.setWords(QLatin1String(words));
        f.model.preview(row);
    }
    QVERIFY(f.ready(row)->card->marks.middles.size() == 4);
    QCOMPARE(changed.count(), 5); // four times the words, once the answer
}

void TestFontListModel::aFontThatFailsSaysWhy()
{
    Fixture f;
    f.addDemo();
    f.job.setWords(QStringLiteral("漢"));
    const auto* preview = f.ready(0);
    QVERIFY(preview->error.has_value());
    QCOMPARE(preview->error->code, ErrorCode::NoGlyphs);
}

void TestFontListModel::spokenTextTellsWhatTheEyeSees()
{
    Fixture f;
    f.addDemo();
    const int row = f.row("Gatepost Plain");
    f.ready(row);
    const QString spoken = f.model.data(f.model.index(row), Qt::AccessibleTextRole).toString();
    QVERIFY2(spoken.startsWith(QStringLiteral("Gatepost Plain, ")) &&
                 spoken.contains(QStringLiteral("pieces")),
             qPrintable(spoken));
}

INK_TEST_GUI_MAIN(TestFontListModel)
#include "test_font_list_model.moc"
