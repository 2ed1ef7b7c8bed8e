#include "core/type/outline_print.h"
#include "tests/support/environment.h"

using namespace ink;

namespace {

OutlinePrint printOf(const char* demo_font)
{
    const auto face = FontFace::open(test::demoFont(demo_font));
    if (!face)
        qFatal("%s", face.error().message().c_str());
    return outlinePrintOf(**face);
}

GlyphPrint square(char32_t character, std::int32_t side)
{
    GlyphPrint glyph;
    glyph.character = character;
    glyph.advance = side + 50;
    glyph.right = glyph.top = side;
    glyph.area = side * side;
    glyph.length = 4 * side;
    return glyph;
}

OutlinePrint squares(std::initializer_list<GlyphPrint> glyphs)
{
    OutlinePrint print;
    print.glyphs = glyphs;
    return print;
}

} // namespace

class TestOutlinePrint : public QObject
{
    Q_OBJECT
private slots:
    void aFontIsLikeItself();
    void figuresAreOfTheOutline();
    void bytesHoldEverything();
    void anyOtherBytesAreRefused();
    void comparisonsTellWhatDiffers();
    void roundingIsForgivenAndDrawingIsNot_data();
    void roundingIsForgivenAndDrawingIsNot();
    void differentFontsAreNotTheSame();
};

void TestOutlinePrint::aFontIsLikeItself()
{
    const auto print = printOf("HartsorrelScript.ttf");
    QVERIFY(print.glyphs.size() > 60);
    QVERIFY(std::ranges::is_sorted(print.glyphs, {}, &GlyphPrint::character));
    const auto with_itself = compared(print, print);
    QCOMPARE(with_itself.alike, with_itself.shared);
    QVERIFY(with_itself.areSameOutlines());
    QVERIFY(with_itself.drawn_differently.empty() && with_itself.only_first.empty());
}

void TestOutlinePrint::figuresAreOfTheOutline()
{
    const auto face = FontFace::open(test::demoFont("GatepostPlain.ttf"));
    QVERIFY(face);
    const auto print = outlinePrintOf(**face);
    const auto o = std::ranges::find(print.glyphs, U'o', &GlyphPrint::character);
    QVERIFY(o != print.glyphs.end());
    const double scale = 1000.0 / (*face)->info().units_per_em;
    const auto paths = (*face)->glyphOutline((*face)->glyphOf(U'o'));
    QCOMPARE(o->left, qRound(bounds(paths).x0 * scale));
    QCOMPARE(o->top, qRound(bounds(paths).y1 * scale));
    QCOMPARE(o->advance, qRound((*face)->advance_fu((*face)->glyphOf(U'o')) * scale));
    double length = 0.0;
    for (const auto& contour : paths)
        length += contour.arcLength();
    QVERIFY(std::abs(o->length - length * scale) <= 1.0);
    const auto space = std::ranges::find(print.glyphs, U' ', &GlyphPrint::character);
    QVERIFY(space != print.glyphs.end() && !space->hasInk());
}

void TestOutlinePrint::bytesHoldEverything()
{
    for (const char* font : {"QuillbrookScript.ttf", "MaypoleHand.otf", "StallholderBits.ttf"}) {
        const auto print = printOf(font);
        const auto back = outlinePrintFrom(bytesOf(print));
        QVERIFY(back);
        QVERIFY(*back == print);
    }
}

void TestOutlinePrint::anyOtherBytesAreRefused()
{
    const std::string bytes = bytesOf(printOf("GatepostPlain.ttf"));
    for (std::size_t length = 0; length < bytes.size(); ++length)
        QVERIFY2(!outlinePrintFrom(bytes.substr(0, length)), qPrintable(QString::number(length)));
    QVERIFY(!outlinePrintFrom(bytes + "x"));
    QVERIFY(!outlinePrintFrom(std::string(64, '\xff')));
}

void TestOutlinePrint::comparisonsTellWhatDiffers()
{
    const auto first = squares({square(U'a', 400), square(U'b', 500), square(U'c', 500)});
    const auto second = squares({square(U'b', 500), square(U'c', 520), square(U'd', 500)});
    const auto result = compared(first, second);
    QCOMPARE(result.shared, std::size_t(2));
    QCOMPARE(result.alike, std::size_t(1));
    QVERIFY(result.drawn_differently == std::vector<char32_t>{U'c'});
    QVERIFY(result.only_first == std::vector<char32_t>{U'a'});
    QVERIFY(result.only_second == std::vector<char32_t>{U'd'});
    QVERIFY(!result.areSameOutlines());
    // A font that grew is the same one still; one that shares little is not.
    auto grown = first;
    for (char32_t c = U'p'; c < U'z'; ++c)
        grown.glyphs.push_back(square(c, 300));
    QVERIFY(compared(first, grown).areSameOutlines());
    QVERIFY(
        !compared(squares({square(U'a', 400), square(U'm', 1), square(U'n', 1)}), grown).areSameOutlines());
    QVERIFY(!compared({}, {}).areSameOutlines());
}

void TestOutlinePrint::roundingIsForgivenAndDrawingIsNot_data()
{
    QTest::addColumn<int>("edge");
    QTest::addColumn<double>("area");
    QTest::addColumn<double>("length");
    QTest::addColumn<bool>("alike");
    QTest::newRow("same") << 0 << 1.0 << 1.0 << true;
    QTest::newRow("rounded to whole units") << 2 << 1.004 << 0.998 << true;
    QTest::newRow("an edge moved") << 6 << 1.0 << 1.0 << false;
    QTest::newRow("heavier") << 0 << 1.05 << 1.0 << false;
    QTest::newRow("rougher") << 0 << 1.0 << 1.05 << false;
}

void TestOutlinePrint::roundingIsForgivenAndDrawingIsNot()
{
    QFETCH(int, edge);
    QFETCH(double, area);
    QFETCH(double, length);
    QFETCH(bool, alike);
    const auto first = squares({square(U'a', 500)});
    auto second = first;
    auto& glyph = second.glyphs.front();
    glyph.right += edge;
    glyph.area = qRound(glyph.area * area);
    glyph.length = qRound(glyph.length * length);
    QCOMPARE(compared(first, second).areSameOutlines(), alike);
    QCOMPARE(compared(second, first).areSameOutlines(), alike);
}

void TestOutlinePrint::differentFontsAreNotTheSame()
{
    std::vector<OutlinePrint> prints;
    for (const auto& file : std::filesystem::directory_iterator(test::demoFontFolder()))
        if (looksLikeFontFile(file.path()))
            prints.push_back(printOf(file.path().filename().c_str()));
    QVERIFY(prints.size() > 10);
    for (std::size_t i = 0; i < prints.size(); ++i)
        for (std::size_t j = i + 1; j < prints.size(); ++j)
            QVERIFY(!compared(prints[i], prints[j]).areSameOutlines());
}

INK_TEST_CORE_MAIN(TestOutlinePrint)
#include "test_outline_print.moc"
