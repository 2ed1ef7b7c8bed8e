#include "core/fit/font_kind.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

using namespace ink;
using test::polygon;

namespace {

Paths bareStem()
{
    return {polygon({{0, 0}, {90, 0}, {90, 700}, {0, 700}})};
}

/// A stem of 90 on a foot and under a head of 260.
Paths stemWithSerifs()
{
    return {polygon({{-85, 0},
                     {175, 0},
                     {175, 40},
                     {90, 40},
                     {90, 660},
                     {175, 660},
                     {175, 700},
                     {-85, 700},
                     {-85, 660},
                     {0, 660},
                     {0, 40},
                     {-85, 40}})};
}

} // namespace

class TestFontKind : public QObject
{
    Q_OBJECT
private slots:
    void eachFactTellsItsKind_data();
    void eachFactTellsItsKind();
    void strongerFactsGoFirst();
    void aStemTellsSerifsAtAnySize();
    void halfOfThePairsIsNoJoiningScript();
    void equallyWideNeedsFourLetters();
    void everyKindHasItsOwnNames();
};

void TestFontKind::eachFactTellsItsKind_data()
{
    QTest::addColumn<KindFacts>("facts");
    QTest::addColumn<FontKind>("kind");
    QTest::addColumn<QString>("reason");
    const auto row = [](const char* name, FontKind kind, const char* reason, auto change) {
        KindFacts facts;
        facts.name = "Sedge Regular";
        facts.stem = bareStem();
        change(facts);
        QTest::newRow(name) << facts << kind << QString(reason);
    };
    row("pictures on the keys", FontKind::PictureFont, "pictures", [](auto& f) { f.is_picture_font = true; });
    row("named ornaments", FontKind::PictureFont, "ornament", [](auto& f) { f.name = "Sedge Ornaments"; });
    row("no letters", FontKind::PictureFont, "no letter", [](auto& f) { f.has_letters = false; });
    row("joining", FontKind::JoiningScript, "20 of 23", [](auto& f) { f.joins = {20, 23}; });
    row("fixed width", FontKind::FixedWidth, "equally wide", [](auto& f) { f.is_fixed_width = true; });
    // OpenType 1.9, OS/2 PANOSE: bFamilyType 3 is Latin Hand Written, 4 Latin Decorative; bSerifStyle of
    // Latin Text 2 to 10 has serifs, 11 to 15 has none.
    row("PANOSE hand", FontKind::Hand, "PANOSE", [](auto& f) { f.panose_kind = 3; });
    row("PANOSE decorative", FontKind::Decorative, "PANOSE", [](auto& f) { f.panose_kind = 4; });
    row("PANOSE sans", FontKind::Sans, "PANOSE", [](auto& f) {
        f.panose_kind = 2;
        f.panose_serif = 11;
    });
    row("PANOSE serif", FontKind::Serif, "PANOSE", [](auto& f) {
        f.panose_kind = 2;
        f.panose_serif = 2;
    });
    row("named brush", FontKind::Hand, "brush", [](auto& f) { f.name = "Sedge Brush"; });
    row("named stencil", FontKind::Decorative, "stencil", [](auto& f) { f.name = "Sedge STENCIL"; });
    row("stem with serifs", FontKind::Serif, "", [](auto& f) { f.stem = stemWithSerifs(); });
    row("bare stem", FontKind::Sans, "", [](auto&) {});
}

void TestFontKind::eachFactTellsItsKind()
{
    QFETCH(KindFacts, facts);
    QFETCH(FontKind, kind);
    QFETCH(QString, reason);
    const KindFound found = kindOf(facts);
    QCOMPARE(found.kind, kind);
    QVERIFY(!found.reason.empty());
    QVERIFY2(QString::fromStdString(found.reason).contains(reason), found.reason.c_str());
}

void TestFontKind::strongerFactsGoFirst()
{
    KindFacts facts;
    facts.name = "Sedge Script";
    facts.stem = stemWithSerifs();
    facts.joins = {2, 23};
    QCOMPARE(kindOf(facts).kind, FontKind::Hand); // the name outweighs the stem
    facts.joins = {23, 23};
    QCOMPARE(kindOf(facts).kind, FontKind::JoiningScript); // the outlines outweigh the name
    facts.is_picture_font = true;
    QCOMPARE(kindOf(facts).kind, FontKind::PictureFont);
}

void TestFontKind::aStemTellsSerifsAtAnySize()
{
    for (const double units : {16.0, 1000.0, 2048.0, 16384.0})
        for (const auto& [stem, kind] :
             {std::pair(bareStem(), FontKind::Sans), std::pair(stemWithSerifs(), FontKind::Serif)}) {
            KindFacts facts;
            facts.units_per_em = units;
            facts.stem = transformed(stem, {units / 1000, 0, 0, units / 1000, 0, 0});
            QCOMPARE(kindOf(facts).kind, kind);
        }
}

void TestFontKind::halfOfThePairsIsNoJoiningScript()
{
    QVERIFY(!JoinSample{}.isJoiningScript());
    QVERIFY(!(JoinSample{12, 24}).isJoiningScript());
    QVERIFY(!(JoinSample{6, 10}).isJoiningScript());
    QVERIFY((JoinSample{7, 10}).isJoiningScript());
}

void TestFontKind::equallyWideNeedsFourLetters()
{
    QVERIFY(!areEquallyWide({}));
    QVERIFY(!areEquallyWide({600, 600, 600}));
    QVERIFY(areEquallyWide({600, 600, 600, 600.4}));
    QVERIFY(!areEquallyWide({600, 600, 600, 601}));
}

void TestFontKind::everyKindHasItsOwnNames()
{
    QSet<QString> ids, names;
    for (int i = 0; i <= int(FontKind::PictureFont); ++i) {
        ids.insert(QString::fromUtf8(idOf(static_cast<FontKind>(i)).data()));
        names.insert(QString::fromUtf8(nameOf(static_cast<FontKind>(i)).data()));
    }
    QCOMPARE(ids.size(), 7);
    QCOMPARE(names.size(), 7);
}

INK_TEST_CORE_MAIN(TestFontKind)
#include "test_font_kind.moc"
