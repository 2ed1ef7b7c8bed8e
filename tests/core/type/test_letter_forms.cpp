#include "core/type/letter_forms.h"

#include "core/type/glyph_names.h"
#include "core/type/letter_likeness.h"
#include "core/type/shape.h"
#include "tests/support/environment.h"

#include <random>

using namespace ink;

namespace {

std::shared_ptr<const FontFace> face(const char* file)
{
    const auto opened = FontFace::open(test::demoFont(file));
    if (!opened)
        qFatal("%s", opened.error().message().c_str());
    return *opened;
}

/// A copy: the table it is looked up in may be gone by the end of the line.
std::optional<LetterForm> named(const std::vector<LetterForm>& forms, const char* name)
{
    const auto it = std::ranges::find(forms, name, &LetterForm::glyph_name);
    return it == forms.end() ? std::nullopt : std::optional(*it);
}

} // namespace

class TestLetterForms : public QObject
{
    Q_OBJECT
private slots:
    void namesFollowTheRulesOfAdobe_data();
    void namesFollowTheRulesOfAdobe();
    void habitsOfMakersAreReadWithLessConfidence();
    void theFontsOwnFormsComeFirstAndSayWhatTheyAre();
    void beginningsAndEndingsAreTold();
    void glyphsWithoutTablesAreFoundByNameAndShape();
    void aCorrectionWinsOverEveryGuess();
    void loosePiecesAreNoLetters();
    void wornGlyphsAreKernedAndCarryMarks();
    void aWornGlyphStaysWhatItIs();
    void damagedTablesEndInNothing();
};

void TestLetterForms::namesFollowTheRulesOfAdobe_data()
{
    QTest::addColumn<QString>("name");
    QTest::addColumn<QString>("letters");
    // Adobe Glyph List Specification 1.7, section 2 and its examples.
    QTest::newRow("letter") << "A"
                            << "A";
    QTest::newRow("listed name") << "eacute" << QString(QChar(0xE9));
    QTest::newRow("suffix") << "y.swash2"
                            << "y";
    QTest::newRow("uni") << "uni0041.alt"
                         << "A";
    QTest::newRow("u") << "u1F41D" << QString::fromUcs4(U"\U0001F41D", 1);
    QTest::newRow("ligature") << "f_i.ss01"
                              << "fi";
    QTest::newRow("uni ligature") << "uni00660069"
                                  << "fi";
    QTest::newRow("letter with its mark") << "uni004A0301"
                                          << "J";
    QTest::newRow("lower case digits are none") << "uni00ff"
                                                << "";
    QTest::newRow("surrogate") << "uniD801"
                               << "";
    QTest::newRow("notdef") << ".notdef"
                            << "";
    QTest::newRow("nothing known") << "leafspray"
                                   << "";
}

void TestLetterForms::namesFollowTheRulesOfAdobe()
{
    QFETCH(QString, name);
    QFETCH(QString, letters);
    const auto reading = readGlyphName(name.toStdString());
    QCOMPARE(reading ? QString::fromStdU32String(reading->letters) : QString(), letters);
    if (reading)
        QVERIFY(reading->by_rule);
}

void TestLetterForms::habitsOfMakersAreReadWithLessConfidence()
{
    for (const char* name : {"Aswash", "swashA", "A-alt2", "A_end", "A1"}) {
        const auto reading = readGlyphName(name);
        QVERIFY2(reading && reading->letters == U"A" && !reading->by_rule, name);
    }
    QVERIFY(!readGlyphName("swash"));
    QVERIFY(!readGlyphName("ornament3"));
}

void TestLetterForms::theFontsOwnFormsComeFirstAndSayWhatTheyAre()
{
    const auto larkmallow = face("Larkmallow.ttf");
    const FormTable table(*larkmallow);
    const auto forms = table.of(U"y");
    QVERIFY(forms.size() >= 4);
    const auto last = named(forms, "y.ss03");
    QVERIFY(last);
    QCOMPARE(last->source, FormSource::Substitution);
    QCOMPARE(last->letters, std::u32string(U"y"));
    QVERIFY(!last->feature.empty());
    QVERIFY(!last->feature_name.empty());
    QCOMPARE(last->confidence, 1.0);
    // In the text the feature asks for this very glyph.
    const auto line = shapeLine(*larkmallow, "y", {last->feature + "=" + std::to_string(last->value)});
    QVERIFY(line);
    QCOMPARE(line->glyphs.front().glyph_id, last->glyph_id);
    // A ligature is offered where its letters stand.
    QVERIFY(named(table.of(U"rs"), "r_s"));
    QVERIFY(!named(table.of(U"ra"), "r_s"));
}

void TestLetterForms::beginningsAndEndingsAreTold()
{
    const FormTable table(*face("Larkmallow.ttf"));
    QCOMPARE(named(table.of(U"y"), "y.ss03")->place, FormPlace::Ending);
    const FormTable hartsorrel(*face("HartsorrelScript.ttf"));
    std::size_t beginnings = 0;
    for (const auto& [first, forms] : hartsorrel.all())
        for (const auto& form : forms)
            beginnings += form.glyph_name.ends_with(".init") && form.place == FormPlace::Beginning ? 1 : 0;
    QVERIFY(beginnings >= 8);
}

void TestLetterForms::glyphsWithoutTablesAreFoundByNameAndShape()
{
    const auto larkmallow = face("Larkmallow.ttf");
    FormOptions hidden;
    hidden.reads_substitutions = false;
    const FormTable by_name(*larkmallow, hidden);
    const auto named_form = by_name.of(U"y");
    QVERIFY(named(named_form, "y.ss03"));
    QVERIFY(named(named_form, "y.ss03")->confidence < 1.0);
    QVERIFY(named(named_form, "y.ss03")->reason.find("named") != std::string::npos);

    const LetterLikeness likeness(*face("MaypoleHand.otf"));
    const auto maypole = face("MaypoleHand.otf");
    for (const char32_t c : std::u32string(U"FgHkRy")) {
        const auto alike = likeness.of(maypole->glyphOutline(maypole->glyphOf(c)));
        QVERIFY(alike);
        QCOMPARE(alike->letter, c);
        QVERIFY(alike->covered > 0.98);
    }
    QVERIFY(!likeness.of({}));
}

void TestLetterForms::aCorrectionWinsOverEveryGuess()
{
    const auto larkmallow = face("Larkmallow.ttf");
    const auto glyph = named(FormTable(*larkmallow).of(U"y"), "y.ss03")->glyph_id;
    FormOptions options;
    options.corrections[glyph] = U"g";
    const FormTable table(*larkmallow, options);
    const auto moved = named(table.of(U"g"), "y.ss03");
    QVERIFY(moved);
    QCOMPARE(moved->reason, std::string("you said so"));
    QVERIFY(!named(table.of(U"y"), "y.ss03"));
    options.corrections[glyph] = U"";
    const FormTable pieces(*larkmallow, options);
    QVERIFY(!named(pieces.of(U"g"), "y.ss03"));
    QVERIFY(std::ranges::any_of(pieces.pieces(), [&](const LoosePiece& p) { return p.glyph_id == glyph; }));
}

void TestLetterForms::loosePiecesAreNoLetters()
{
    const FormTable table(*face("Larkmallow.ttf"));
    QVERIFY(!table.pieces().empty());
    for (const auto& piece : table.pieces())
        for (const auto& [first, forms] : table.all())
            for (const auto& form : forms)
                QVERIFY(form.glyph_id != piece.glyph_id);
}

void TestLetterForms::wornGlyphsAreKernedAndCarryMarks()
{
    // The glyph of T worn by an x is kerned against an o as a T is.
    const auto vollkorn = FontFace::open("/usr/share/fonts/truetype/lato/Lato-Regular.ttf");
    QVERIFY(vollkorn);
    const auto t = (*vollkorn)->glyphOf(U'T');
    const auto real = shapeLine(**vollkorn, "To");
    ShapeOptions options;
    options.worn = {{0, 1, t}};
    const auto worn = shapeLine(**vollkorn, "xo", options);
    QVERIFY(real && worn);
    QVERIFY(real->glyphs[0].advance_fu != (*vollkorn)->advance_fu(t)); // there is kerning
    QCOMPARE(worn->glyphs[0].glyph_id, t);
    QCOMPARE(worn->glyphs[0].advance_fu, real->glyphs[0].advance_fu);
    QCOMPARE(worn->glyphs[1].x_fu, real->glyphs[1].x_fu);
    QCOMPARE(worn->glyphs[1].cluster, 1u);
    // Two letters worn as one glyph.
    options.worn = {{1, 2, t}};
    const auto ligature = shapeLine(**vollkorn, "axyz", options);
    QCOMPARE(ligature->glyphs.size(), std::size_t(3));
    QCOMPARE(ligature->glyphs[1].cluster, 1u);
    QCOMPARE(ligature->glyphs[2].cluster, 3u);
}

void TestLetterForms::aWornGlyphStaysWhatItIs()
{
    const auto larkmallow = face("Larkmallow.ttf");
    for (const auto& form : FormTable(*larkmallow).of(U"y")) {
        ShapeOptions options;
        options.worn = {{4, 1, form.glyph_id}};
        const auto line = shapeLine(*larkmallow, "Honey", options);
        QVERIFY(line);
        QCOMPARE(line->glyphs.back().glyph_id, form.glyph_id);
    }
    ShapeOptions nonsense;
    nonsense.worn = {{4, 1, 0xFFFF}};
    QVERIFY(shapeLine(*larkmallow, "Honey", nonsense)); // no such glyph: missing, no crash
    nonsense.worn = {{400, 1, 5}};
    QVERIFY(shapeLine(*larkmallow, "Honey", nonsense));
}

void TestLetterForms::damagedTablesEndInNothing()
{
    const std::string good = test::slurp(test::demoFont("Larkmallow.ttf"));
    const auto at = good.find("GSUB");
    const auto u32 = [&](std::size_t i) {
        return unsigned(static_cast<unsigned char>(good[i])) << 24 |
               unsigned(static_cast<unsigned char>(good[i + 1])) << 16 |
               unsigned(static_cast<unsigned char>(good[i + 2])) << 8 |
               unsigned(static_cast<unsigned char>(good[i + 3]));
    };
    const std::size_t offset = u32(at + 8), length = u32(at + 12);
    QVERIFY(at < 400 && offset + length <= good.size());
    test::TempFolder folder;
    std::mt19937 random(7); // the same damage in every run
    std::size_t opened = 0;
    for (int i = 0; i < 160; ++i) {
        std::string bad = good;
        for (int k = 0; k < 1 + i % 12; ++k)
            bad[offset + random() % std::min<std::size_t>(length, i % 2 ? 600 : length)] =
                static_cast<char>(random());
        const auto damaged = FontFace::open(folder.write("bad.ttf", bad));
        if (!damaged)
            continue;
        ++opened;
        for (const auto& s : substitutionsOf(**damaged))
            QVERIFY(!s.from.empty());
    }
    QVERIFY(opened > 60);
}

INK_TEST_CORE_MAIN(TestLetterForms)
#include "test_letter_forms.moc"
