#include "core/design/design_report.h"
#include "core/design/set_words.h"
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

Job jobOf(const std::string& words, const FinishedSize& size, bool is_mirrored = false)
{
    Job job;
    job.words = words;
    job.size = size;
    job.is_mirrored = is_mirrored;
    return job;
}

Result<ComposedDesign> compose(const Job& job, const char* file = "HartsorrelScript.ttf",
                               const ComposeOptions& options = {})
{
    Job in_font = job;
    in_font.font.path = test::demoFont(file);
    return composeDesign(in_font, alwaysLettersOf(face(file)), options);
}

Design made(const Job& job, const char* file = "HartsorrelScript.ttf")
{
    auto composed = compose(job, file);
    if (!composed)
        qFatal("%s", composed.error().message().c_str());
    return std::move(composed->design);
}

bool near(double a, double b, double tolerance = 1e-6)
{
    return std::abs(a - b) <= tolerance;
}

} // namespace

class TestDesign : public QObject
{
    Q_OBJECT
private slots:
    void finishingGoesInOrder();
    void crossingsLieOnTheOutline();
    void finishingIsChecked();
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

void TestDesign::finishedSizeIsTheInkedShapes()
{
    const auto wide = made(jobOf("Fennmoor Honey", {SizeBy::Width, 120.0}));
    QVERIFY(near(wide.figures_mm.box.width(), 120.0));
    const auto high = made(jobOf("Fennmoor Honey", {SizeBy::Height, 36.0}));
    QVERIFY(near(high.figures_mm.box.height(), 36.0));
    const double scale = high.figures_mm.box.width() / wide.figures_mm.box.width();
    QVERIFY(near(high.figures_mm.area, wide.figures_mm.area * scale * scale, 1e-3));
    QVERIFY(near(high.figures_mm.cut_length, wide.figures_mm.cut_length * scale, 1e-3));
}

void TestDesign::emSizeIsTheEm()
{
    const auto design = made(jobOf("H", {SizeBy::Em, 50.0}), "GatepostPlain.ttf");
    QVERIFY(near(design.em_mm, 50.0));
    const auto glyph = face("GatepostPlain.ttf");
    const auto line = shapeLine(*glyph, "H");
    const Box ink = bounds(glyph->glyphOutline(line->glyphs[0].glyph_id));
    QVERIFY(near(design.figures_mm.box.height(), ink.height() * 50.0 / 1000.0, 1e-3));
}

void TestDesign::shapeStandsAtTheOrigin()
{
    for (const bool mirrored : {false, true}) {
        const auto box = made(jobOf("Honey", {SizeBy::Width, 80.0}, mirrored)).figures_mm.box;
        QVERIFY(near(box.x0, 0.0) && near(box.y0, 0.0) && near(box.x1, 80.0));
    }
}

void TestDesign::mirroringTurnsLeftAndRight()
{
    const auto plain = made(jobOf("Bram", {SizeBy::Width, 60.0}), "GatepostPlain.ttf");
    const auto mirrored = made(jobOf("Bram", {SizeBy::Width, 60.0}, true), "GatepostPlain.ttf");
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

void TestDesign::linesStackDownwards()
{
    const auto f = face("GatepostPlain.ttf");
    const auto set = setWords(*f, "ab\ncd", {});
    QCOMPARE(set->lines.size(), std::size_t(2));
    QCOMPARE(set->lines[1].baseline_fu, -f->lineSpacing_fu());
    QVERIFY(set->glyphs_fu.front().at.y > set->glyphs_fu.back().at.y);
    QCOMPARE(setWords(*f, "ab\r\ncd\n", {})->lines.size(), std::size_t(2));
}

void TestDesign::scriptLettersBecomeOnePiece()
{
    const auto design = made(jobOf("ennoe", {SizeBy::Width, 60.0}), "TansyCord.ttf");
    QCOMPARE(design.figures_mm.pieces, std::size_t(1));
    QCOMPARE(design.weld.lost_edges, std::size_t(0));
    QVERIFY(design.figures_mm.middles >= 3); // two eyes of e and the o
}

void TestDesign::dotsStayApart()
{
    QCOMPARE(made(jobOf("i", {SizeBy::Height, 20.0}), "TansyCord.ttf").figures_mm.pieces, std::size_t(2));
    QCOMPARE(made(jobOf("ë", {SizeBy::Height, 20.0}), "TansyCord.ttf").figures_mm.pieces, std::size_t(3));
}

void TestDesign::missingLettersAreLeftOutAndSaid()
{
    const auto design = made(jobOf("a漢b", {SizeBy::Width, 60.0}));
    QVERIFY(design.missing == U"漢");
    QCOMPARE(design.warnings.size(), std::size_t(1));
    QCOMPARE(compose(jobOf("漢字", {SizeBy::Width, 60.0})).error().code, ErrorCode::NoGlyphs);
}

void TestDesign::nothingToCutIsSaid()
{
    QCOMPARE(compose(jobOf("  ", {SizeBy::Width, 60.0})).error().code, ErrorCode::EmptyText);
    // A no-break space is not blank to the job, but leaves no ink.
    QCOMPARE(compose(jobOf("\xC2\xA0", {SizeBy::Width, 60.0})).error().code, ErrorCode::NothingToCut);
}

void TestDesign::errorsNameTheFont()
{
    const auto error = compose(jobOf("漢字", {SizeBy::Width, 60.0})).error();
    QVERIFY(error.message().find("HartsorrelScript.ttf") != std::string::npos);
}

void TestDesign::hugeOtherSideIsRefused()
{
    // A full stop as wide as a door is as high as one; a long line as high as a door is a kilometre long.
    const auto error = compose(jobOf(std::string(400, 'm'), {SizeBy::Height, 9000.0})).error();
    QCOMPARE(error.code, ErrorCode::SizeOutOfRange);
}

void TestDesign::longWordsWork()
{
    std::string words;
    while (words.size() < 1900)
        words += "Late Summer Batch ";
    const auto design = made(jobOf(words, {SizeBy::Width, 5000.0}), "GatepostPlain.ttf");
    QVERIFY(design.figures_mm.pieces > 1000);
    QCOMPARE(design.weld.lost_edges, std::size_t(0));
}

void TestDesign::cancelled()
{
    CancelSource source;
    source.cancel();
    ComposeOptions options;
    options.cancel = source.token();
    QCOMPARE(compose(jobOf("Honey", {SizeBy::Width, 60.0}), "HartsorrelScript.ttf", options).error().code,
             ErrorCode::Cancelled);
}

void TestDesign::reportHasEveryField()
{
    std::ostringstream out;
    writeReport(out, *compose(jobOf("a漢", {SizeBy::Width, 60.0})));
    const auto json = QJsonDocument::fromJson(QByteArray::fromStdString(out.str())).object();
    for (const char* key : {"pieces", "middles", "nodes", "nodes_before", "area_mm2", "cut_length_mm",
                            "width_mm", "height_mm", "missing", "warnings"})
        QVERIFY2(json.contains(QLatin1String(key)), key);
    QCOMPARE(json.value("width_mm").toDouble(), 60.0);
    QVERIFY(json.value("missing").toVariant().toStringList() == QStringList{QStringLiteral("漢")});
}

void TestDesign::finishingGoesInOrder()
{
    Job job = jobOf("Honey", {SizeBy::Width, 80.0});
    const auto plain = made(job);
    job.finishing = {0.0, 1e6, 0.1, Join::Round, 0.02};
    const auto finished = made(job);
    QCOMPARE(finished.figures_mm.middles, std::size_t(0)); // filled before they grow
    QVERIFY(std::abs(finished.figures_mm.box.width() - 80.2) < 0.02);
    QVERIFY(finished.finished.nodes_before_reduction > finished.figures_mm.nodes);
    QVERIFY(finished.figures_mm.area > plain.figures_mm.area);
    QVERIFY(finished.finished.largest_deviation_mm <= 0.02);
}

void TestDesign::crossingsLieOnTheOutline()
{
    const auto design = made(jobOf("Honey", {SizeBy::Width, 80.0}, true));
    QVERIFY(design.crossings_mm.size() >= 4);
    for (const Point p : design.crossings_mm) {
        bool found = false;
        for (const auto& piece : design.outline_mm.pieces)
            for (const auto& s : piece.outer.segments)
                found = found || length(s.start() - p) < 1e-9;
        QVERIFY(found || !design.outline_mm.pieces.front().middles.empty());
    }
}

void TestDesign::finishingIsChecked()
{
    Finishing f;
    for (const Join join : {Join::Round, Join::Mitre, Join::Bevel})
        QVERIFY(joinOf(idOf(join)) == join);
    QVERIFY(!joinOf("square"));
    f.offset_mm = 1e6;
    QCOMPARE(checkFinishing(f).error().code, ErrorCode::DistanceOutOfRange);
}

INK_TEST_CORE_MAIN(TestDesign)
#include "test_design.moc"
