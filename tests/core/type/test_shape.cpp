#include "core/type/shape.h"
#include "tests/support/environment.h"

using namespace ink;

namespace {

std::shared_ptr<const FontFace> face(const char* file)
{
    const auto opened = FontFace::open(test::demoFont(file));
    if (!opened)
        qFatal("%s", opened.error().message().c_str());
    return *opened;
}

ShapedLine shaped(const char* file, const char* text, const ShapeOptions& options = {})
{
    const auto line = shapeLine(*face(file), text, options);
    if (!line)
        qFatal("%s", line.error().message().c_str());
    return *line;
}

QStringList names(const char* file, const ShapedLine& line)
{
    QStringList out;
    for (const auto& g : line.glyphs)
        out << QString::fromStdString(face(file)->glyphName(g.glyph_id));
    return out;
}

} // namespace

class TestShape : public QObject
{
    Q_OBJECT
private slots:
    void lettersStandOneAfterTheOther();
    void trackingIsAddedAfterEveryLetter();
    void trackingStaysOutsideMarks();
    void featuresDressTheWord();
    void missingCharactersAreNamedOnce();
    void rightToLeftRunsAreDrawnFromTheRight();
    void clustersAreBytes();
    void badInputIsRefused();
    void emptyLineIsEmpty();
};

void TestShape::lettersStandOneAfterTheOther()
{
    const auto line = shaped("GatepostPlain.ttf", "Honey");
    QCOMPARE(names("GatepostPlain.ttf", line), QStringList({"H", "o", "n", "e", "y"}));
    double pen = 0;
    for (const auto& g : line.glyphs) {
        QCOMPARE(g.x_fu, pen);
        QCOMPARE(g.advance_fu, 620.0); // a face of one width
        pen += g.advance_fu;
    }
    QCOMPARE(line.advance_fu, pen);
}

void TestShape::trackingIsAddedAfterEveryLetter()
{
    const auto plain = shaped("GatepostPlain.ttf", "Honey");
    const auto wide = shaped("GatepostPlain.ttf", "Honey", {{}, 0.1});
    for (std::size_t i = 0; i < 5; ++i)
        QCOMPARE(wide.glyphs[i].x_fu, plain.glyphs[i].x_fu + 100.0 * double(i));
    QCOMPARE(wide.advance_fu, plain.advance_fu + 500.0);
    QCOMPARE(shapeLine(*face("GatepostPlain.ttf"), "a", {{}, -2.0}).error().code,
             ErrorCode::TrackingOutOfRange);
    QCOMPARE(shapeLine(*face("GatepostPlain.ttf"), "a", {{}, std::nan("")}).error().code,
             ErrorCode::TrackingOutOfRange);
}

void TestShape::trackingStaysOutsideMarks()
{
    // e + combining acute is one letter: one stretch of tracking however the font draws it.
    const auto plain = shaped("SextonCourt.otf", "e\xCC\x81x");
    const auto wide = shaped("SextonCourt.otf", "e\xCC\x81x", {{}, 0.2});
    QCOMPARE(wide.advance_fu, plain.advance_fu + 400.0);
}

void TestShape::featuresDressTheWord()
{
    QVERIFY(names("TansyCord.ttf", shaped("TansyCord.ttf", "Fay", {"swsh,fina=1", 0}))
                .join(' ')
                .contains("F.swsh a y.flick"));
    QCOMPARE(names("TansyCord.ttf", shaped("TansyCord.ttf", "Fay")), QStringList({"F", "a", "y"}));
    // The other script has its swashes on codes only.
    QCOMPARE(names("WickerbyBroad.ttf", shaped("WickerbyBroad.ttf", "Fay", {"swsh,fina", 0})),
             QStringList({"F", "a", "y"}));
    QCOMPARE(shapeLine(*face("TansyCord.ttf"), "a", {"swsh,!!", 0}).error().code, ErrorCode::BadFeature);
}

void TestShape::missingCharactersAreNamedOnce()
{
    const auto line = shaped("TansyCord.ttf", "a漢b漢☃");
    QCOMPARE(names("TansyCord.ttf", line), QStringList({"a", "b"}));
    QVERIFY(line.missing == U"漢☃");
    QVERIFY(shaped("TansyCord.ttf", "plain words").missing.empty());
}

void TestShape::rightToLeftRunsAreDrawnFromTheRight()
{
    // The demo fonts have no Hebrew; what is missing still takes part in the order of runs.
    const auto line = shaped("GatepostPlain.ttf", "א ab");
    QVERIFY(line.is_right_to_left);
    QVERIFY(!shaped("GatepostPlain.ttf", "ab א").is_right_to_left);
    QCOMPARE(names("GatepostPlain.ttf", line), QStringList({"a", "b", "space"}));
}

void TestShape::clustersAreBytes()
{
    const auto line = shaped("TansyCord.ttf", "Zoë y");
    QCOMPARE(line.glyphs[2].cluster, 2u);
    QCOMPARE(line.glyphs[3].cluster, 4u); // ë takes two bytes
}

void TestShape::badInputIsRefused()
{
    QCOMPARE(shapeLine(*face("TansyCord.ttf"), "\xff\xfe").error().code, ErrorCode::TextNotUtf8);
    QCOMPARE(shapeLine(*face("TansyCord.ttf"), std::string_view("a\0b", 3)).error().code,
             ErrorCode::TextNotUtf8);
    QVERIFY(!isValidUtf8("\xc3"));
    QVERIFY(isValidUtf8("Łucja 🐝"));
    QCOMPARE(toUtf8(U'🐝'), std::string("🐝"));
}

void TestShape::emptyLineIsEmpty()
{
    const auto line = shaped("TansyCord.ttf", "");
    QVERIFY(line.glyphs.empty());
    QCOMPARE(line.advance_fu, 0.0);
}

INK_TEST_CORE_MAIN(TestShape)
#include "test_shape.moc"
