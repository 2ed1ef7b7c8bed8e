#include "core/design/composition.h"
#include "tests/support/environment.h"

#include <QJsonDocument>
#include <QJsonObject>

#include <sstream>

using namespace ink;

namespace {

std::shared_ptr<const FontFace> face(const char* file = "HartsorrelScript.ttf")
{
    return *FontFace::open(test::demoFont(file));
}

Design made(const DesignRequest& request, const char* file = "HartsorrelScript.ttf")
{
    auto design = makeDesign(*face(file), request);
    if (!design)
        qFatal("%s", design.error().message().c_str());
    return std::move(*design);
}

bool near(double a, double b, double tolerance = 1e-6)
{
    return std::abs(a - b) <= tolerance;
}

} // namespace

class TestComposition : public QObject
{
    Q_OBJECT
private slots:
    void finishingGoesInOrder();
    void crossingsLieOnTheOutline();
    void offsetsAreRead();
    void finishedSizeIsTheInkedShapes();
    void emSizeIsTheEm();
    void shapeStandsAtTheOrigin();
    void mirroringTurnsLeftAndRight();
    void linesStackDownwards();
    void scriptLettersBecomeOnePiece();
    void dotsStayApart();
    void missingLettersAreLeftOutAndSaid();
    void nothingToCutIsSaid();
    void errorsNameTheFont();
    void hugeOtherSideIsRefused();
    void longWordsWork();
    void cancelled();
    void reportHasEveryField();
};

void TestComposition::finishedSizeIsTheInkedShapes()
{
    const auto wide = made({"Fennmoor Honey", {}, {SizeBy::Width, 120.0}, false, {}});
    QVERIFY(near(wide.figures_mm.box.width(), 120.0));
    const auto high = made({"Fennmoor Honey", {}, {SizeBy::Height, 36.0}, false, {}});
    QVERIFY(near(high.figures_mm.box.height(), 36.0));
    const double scale = high.figures_mm.box.width() / wide.figures_mm.box.width();
    QVERIFY(near(high.figures_mm.area, wide.figures_mm.area * scale * scale, 1e-3));
    QVERIFY(near(high.figures_mm.cut_length, wide.figures_mm.cut_length * scale, 1e-3));
}

void TestComposition::emSizeIsTheEm()
{
    const auto design = made({"H", {}, {SizeBy::Em, 50.0}, false, {}}, "GatepostPlain.ttf");
    QVERIFY(near(design.em_mm, 50.0));
    const auto glyph = face("GatepostPlain.ttf");
    const auto line = shapeLine(*glyph, "H");
    const Box ink = bounds(glyph->glyphOutline(line->glyphs[0].glyph_id));
    QVERIFY(near(design.figures_mm.box.height(), ink.height() * 50.0 / 1000.0, 1e-3));
}

void TestComposition::shapeStandsAtTheOrigin()
{
    for (const bool mirrored : {false, true}) {
        const auto box = made({"Honey", {}, {SizeBy::Width, 80.0}, mirrored, {}}).figures_mm.box;
        QVERIFY(near(box.x0, 0.0) && near(box.y0, 0.0) && near(box.x1, 80.0));
    }
}

void TestComposition::mirroringTurnsLeftAndRight()
{
    const auto plain = made({"Bram", {}, {SizeBy::Width, 60.0}, false, {}}, "GatepostPlain.ttf");
    const auto mirrored = made({"Bram", {}, {SizeBy::Width, 60.0}, true, {}}, "GatepostPlain.ttf");
    QVERIFY(mirrored.is_mirrored);
    QCOMPARE(mirrored.figures_mm.pieces, plain.figures_mm.pieces);
    QVERIFY(near(mirrored.figures_mm.area, plain.figures_mm.area));
    // B is the widest letter at the left; mirrored it stands at the right.
    QVERIFY(plain.outline_mm.pieces.front().outer.bounds().x0 < 1e-6);
    const auto b_width = plain.outline_mm.pieces.front().outer.bounds().width();
    double rightmost = 0, its_width = 0;
    for (const auto& piece : mirrored.outline_mm.pieces)
        if (piece.outer.bounds().x1 > rightmost) {
            rightmost = piece.outer.bounds().x1;
            its_width = piece.outer.bounds().width();
        }
    QVERIFY(near(rightmost, 60.0) && near(its_width, b_width));
    for (const auto& piece : mirrored.outline_mm.pieces)
        QVERIFY(piece.outer.signedArea() > 0);
}

void TestComposition::linesStackDownwards()
{
    const auto f = face("GatepostPlain.ttf");
    const auto set = setWords(*f, "ab\ncd", {});
    QCOMPARE(set->lines.size(), std::size_t(2));
    QCOMPARE(set->lines[1].baseline_fu, -f->lineSpacing_fu());
    QVERIFY(set->glyphs_fu.front().at.y > set->glyphs_fu.back().at.y);
    QCOMPARE(setWords(*f, "ab\r\ncd\n", {})->lines.size(), std::size_t(2));
}

void TestComposition::scriptLettersBecomeOnePiece()
{
    const auto design = made({"ennoe", {}, {SizeBy::Width, 60.0}, false, {}}, "TansyCord.ttf");
    QCOMPARE(design.figures_mm.pieces, std::size_t(1));
    QCOMPARE(design.weld.lost_edges, std::size_t(0));
    QVERIFY(design.figures_mm.middles >= 3); // two eyes of e and the o
}

void TestComposition::dotsStayApart()
{
    QCOMPARE(made({"i", {}, {SizeBy::Height, 20.0}, false, {}}, "TansyCord.ttf").figures_mm.pieces,
             std::size_t(2));
    QCOMPARE(made({"ë", {}, {SizeBy::Height, 20.0}, false, {}}, "TansyCord.ttf").figures_mm.pieces,
             std::size_t(3));
}

void TestComposition::missingLettersAreLeftOutAndSaid()
{
    const auto design = made({"a漢b", {}, {SizeBy::Width, 60.0}, false, {}});
    QVERIFY(design.missing == U"漢");
    QCOMPARE(design.warnings.size(), std::size_t(1));
    QCOMPARE(makeDesign(*face(), {"漢字", {}, {SizeBy::Width, 60.0}, false, {}}).error().code,
             ErrorCode::NoGlyphs);
}

void TestComposition::nothingToCutIsSaid()
{
    QCOMPARE(makeDesign(*face(), {"  ", {}, {SizeBy::Width, 60.0}, false, {}}).error().code,
             ErrorCode::EmptyText);
    // A no-break space is not blank to the job, but leaves no ink.
    QCOMPARE(makeDesign(*face(), {"\xC2\xA0", {}, {SizeBy::Width, 60.0}, false, {}}).error().code,
             ErrorCode::NothingToCut);
}

void TestComposition::errorsNameTheFont()
{
    const auto error = makeDesign(*face(), {"漢字", {}, {SizeBy::Width, 60.0}, false, {}}).error();
    QVERIFY(error.message().find("HartsorrelScript.ttf") != std::string::npos);
}

void TestComposition::hugeOtherSideIsRefused()
{
    // A full stop as wide as a door is as high as one; a long line as high as a door is a kilometre long.
    const auto error =
        makeDesign(*face(), {std::string(400, 'm'), {}, {SizeBy::Height, 9000.0}, false, {}}).error();
    QCOMPARE(error.code, ErrorCode::SizeOutOfRange);
}

void TestComposition::longWordsWork()
{
    std::string words;
    while (words.size() < 1900)
        words += "Late Summer Batch ";
    const auto design = made({words, {}, {SizeBy::Width, 5000.0}, false, {}}, "GatepostPlain.ttf");
    QVERIFY(design.figures_mm.pieces > 1000);
    QCOMPARE(design.weld.lost_edges, std::size_t(0));
}

void TestComposition::cancelled()
{
    CancelSource source;
    source.cancel();
    QCOMPARE(
        makeDesign(*face(), {"Honey", {}, {SizeBy::Width, 60.0}, false, {}, {}, source.token()}).error().code,
        ErrorCode::Cancelled);
}

void TestComposition::reportHasEveryField()
{
    std::ostringstream out;
    writeReport(out, made({"a漢", {}, {SizeBy::Width, 60.0}, false, {}}));
    const auto json = QJsonDocument::fromJson(QByteArray::fromStdString(out.str())).object();
    for (const char* key : {"pieces", "middles", "nodes", "nodes_before", "area_mm2", "cut_length_mm",
                            "width_mm", "height_mm", "missing", "warnings"})
        QVERIFY2(json.contains(QLatin1String(key)), key);
    QCOMPARE(json.value("width_mm").toDouble(), 60.0);
    QVERIFY(json.value("missing").toVariant().toStringList() == QStringList{QStringLiteral("漢")});
}

void TestComposition::finishingGoesInOrder()
{
    DesignRequest request{"Honey", {}, {SizeBy::Width, 80.0}, false};
    const auto plain = made(request);
    request.finishing = {0.0, 1e6, 0.1, Join::Round, 0.02};
    const auto finished = made(request);
    QCOMPARE(finished.figures_mm.middles, std::size_t(0)); // filled before they grow
    QVERIFY(std::abs(finished.figures_mm.box.width() - 80.2) < 0.02);
    QVERIFY(finished.finished.nodes_before_reduction > finished.figures_mm.nodes);
    QVERIFY(finished.figures_mm.area > plain.figures_mm.area);
    QVERIFY(finished.finished.largest_deviation_mm <= 0.02);
}

void TestComposition::crossingsLieOnTheOutline()
{
    const auto design = made({"Honey", {}, {SizeBy::Width, 80.0}, true});
    QVERIFY(design.crossings_mm.size() >= 4);
    QCOMPARE(design.crossings_mm.size(), design.weld.crossings);
    for (const Point p : design.crossings_mm) {
        bool found = false;
        for (const auto& piece : design.outline_mm.pieces)
            for (const auto& s : piece.outer.segments)
                found = found || length(s.start() - p) < 1e-9;
        QVERIFY(found || !design.outline_mm.pieces.front().middles.empty());
    }
}

void TestComposition::offsetsAreRead()
{
    Finishing f;
    QVERIFY(readOffset("-0.3:bevel", f) && f.offset_mm == -0.3 && f.offset_join == Join::Bevel);
    QVERIFY(readOffset("2", f) && f.offset_mm == 2.0);
    for (const char* bad : {"", "x", "1:", "1:square", ":round", "1mm"})
        QCOMPARE(readOffset(bad, f).error().code, ErrorCode::DistanceOutOfRange);
    f.offset_mm = 1e6;
    QCOMPARE(checkFinishing(f).error().code, ErrorCode::DistanceOutOfRange);
}

INK_TEST_CORE_MAIN(TestComposition)
#include "test_composition.moc"
