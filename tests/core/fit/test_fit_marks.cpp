#include "core/fit/fit_marks.h"

#include "core/design/composed_design.h"
#include "core/geometry/nesting.h"
#include "core/type/key_map.h"
#include "tests/support/environment.h"
#include "tests/support/shapes.h"

#include <algorithm>

using namespace ink;

namespace {

std::shared_ptr<const FontFace> face(const char* file)
{
    return *FontFace::open(test::demoFont(file));
}

FitShape shapeOf(const char* file, const char* words, const char* features = "")
{
    auto shape = fitShape(*face(file), words, {features, 0.0});
    if (!shape)
        qFatal("%s", shape.error().message().c_str());
    return std::move(*shape);
}

} // namespace

class TestFitMarks : public QObject
{
    Q_OBJECT
private slots:
    void marksScaleWithTheSize();
    void scriptsJoinAndPlainLettersDoNot();
    void wordsAreNotJoinedAcrossSpaces();
    void kindsComeWithTheirReason_data();
    void kindsComeWithTheirReason();
    void missingLettersAreNamed();
    void alternatesAreThoseOfTheseLetters();
    void charactersOnlyInThePrivateUseAreaAreListed();
    void piecesAndMiddlesAreThoseOfTheDesign();
    void processesHoldDifferently();
    void findMarksWhatProofFinds_data();
    void findMarksWhatProofFinds();
    void whatTouchesInAPointHoldsNot();
    void theKeyMapListsEveryGlyphOnce();
    void badSizesAreRefused();
};

void TestFitMarks::marksScaleWithTheSize()
{
    const auto shape = shapeOf("GatepostPlain.ttf", "Honey");
    const auto small = marksAt(shape, {SizeBy::Width, 50}), large = marksAt(shape, {SizeBy::Width, 100});
    QVERIFY(small && large && small->thinnest_stroke && large->thinnest_stroke);
    QVERIFY(std::abs(large->thinnest_stroke->width - 2 * small->thinnest_stroke->width) < 1e-9);
    QVERIFY(std::abs(large->narrowest_gap->width - 2 * small->narrowest_gap->width) < 1e-9);
    QVERIFY(std::abs(large->smallest_piece->area - 4 * small->smallest_piece->area) < 1e-6);
    // Half as high as in proportion: a level stroke is as thin as at half the size, none is thinner. Twice as
    // high: an upright stroke is as thin as it was.
    const auto& ink = shape.ink_fu;
    const double high = 100.0 / ink.width() * ink.height();
    const auto flat = marksAt(shape, {SizeBy::Width, 100, high / 2}),
               tall = marksAt(shape, {SizeBy::Width, 100, high * 2});
    QVERIFY(flat && tall);
    const double thin = small->thinnest_stroke->width;
    QVERIFY(flat->thinnest_stroke->width > 0.99 * thin && flat->thinnest_stroke->width < 1.99 * thin);
    QVERIFY(tall->thinnest_stroke->width > 1.99 * thin && tall->thinnest_stroke->width < 3.99 * thin);
    const Affine halved{1, 0, 0, 0.5, 0, 0};
    const double scale = 100.0 / ink.width();
    const auto exact =
        medialAxis(transformed(transformed(shape.outline_fu, {scale, 0, 0, scale, 0, 0}), halved),
                   Unit::ofEm(shape.units_per_em * scale / 2));
    QVERIFY(std::abs(flat->thinnest_stroke->width - exact->thinnest_stroke->width) < 0.01);
    // Places lie in the box of the finished shape.
    QVERIFY(large->thinnest_stroke->centre.x >= 0 && large->thinnest_stroke->centre.x <= 100);
}

void TestFitMarks::scriptsJoinAndPlainLettersDoNot()
{
    const auto script = shapeOf("HartsorrelScript.ttf", "Honey").marks_fu;
    QCOMPARE(script.pairs.size(), std::size_t(4));
    QCOMPARE(script.joins, std::size_t(4));
    QVERIFY(script.traits.joins.isJoiningScript());
    const auto plain = shapeOf("GatepostPlain.ttf", "Honey").marks_fu;
    QCOMPARE(plain.joins, std::size_t(0));
    QVERIFY(!plain.traits.joins.isJoiningScript());
}

void TestFitMarks::wordsAreNotJoinedAcrossSpaces()
{
    const auto marks = shapeOf("HartsorrelScript.ttf", "on no\nin").marks_fu;
    QCOMPARE(marks.pairs.size(), std::size_t(3));
}

void TestFitMarks::kindsComeWithTheirReason_data()
{
    QTest::addColumn<QString>("file");
    QTest::addColumn<QString>("kind");
    QTest::newRow("script") << "HartsorrelScript.ttf"
                            << "joining-script";
    QTest::newRow("own script") << "TansyCord.ttf"
                                << "joining-script";
    QTest::newRow("pictures") << "StallholderBits.ttf"
                              << "picture-font";
    QTest::newRow("ornaments") << "SaltglazeOrnaments.ttf"
                               << "picture-font";
    QTest::newRow("italic with serifs") << "SextonCourt.otf"
                                        << "serif";
}

void TestFitMarks::kindsComeWithTheirReason()
{
    QFETCH(QString, file);
    QFETCH(QString, kind);
    const auto traits = traitsOf(*face(qPrintable(file)));
    QVERIFY2(QString::fromUtf8(idOf(traits.kind.kind).data()) == kind,
             (std::string(idOf(traits.kind.kind)) + ": " + traits.kind.reason).c_str());
    QVERIFY(traits.kind.reason.ends_with("."));
}

void TestFitMarks::missingLettersAreNamed()
{
    const auto shape = shapeOf("GatepostPlain.ttf", "A\xE2\x98\x83"); // a snowman
    QCOMPARE(shape.marks_fu.missing, std::u32string(U"\u2603"));
}

void TestFitMarks::alternatesAreThoseOfTheseLetters()
{
    const auto marks = shapeOf("TansyCord.ttf", "by").marks_fu;
    QVERIFY(!marks.alternates.empty());
    for (const auto& letter : marks.alternates)
        QVERIFY(letter.text == "b" || letter.text == "y");
    QVERIFY(marks.hasSwash());
    // Asking for one changes the shape.
    const auto& letter = marks.alternates.back();
    const auto swash = std::ranges::find_if(letter.forms, &Alternate::is_swash);
    QVERIFY(swash != letter.forms.end());
    const auto features = swash->feature + "=" + std::to_string(swash->value);
    const auto other = shapeOf("TansyCord.ttf", "by", features.c_str());
    QVERIFY(std::abs(other.ink_fu.width() - shapeOf("TansyCord.ttf", "by").ink_fu.width()) > 1.0 ||
            std::abs(other.ink_fu.height() - shapeOf("TansyCord.ttf", "by").ink_fu.height()) > 1.0);
    QVERIFY(!shapeOf("WickerbyBroad.ttf", "by").marks_fu.hasSwash()); // its swashes have codes only
}

void TestFitMarks::charactersOnlyInThePrivateUseAreaAreListed()
{
    QVERIFY(traitsOf(*face("WickerbyBroad.ttf")).private_only.size() >= 100);
    QVERIFY(traitsOf(*face("TansyCord.ttf")).private_only.empty());
}

void TestFitMarks::piecesAndMiddlesAreThoseOfTheDesign()
{
    const auto shape = shapeOf("HartsorrelScript.ttf", "Bio");
    Job job;
    job.words = "Bio";
    job.size = {SizeBy::Width, 60};
    const auto composed = composeDesign(job, alwaysLettersOf(face("HartsorrelScript.ttf")));
    QVERIFY(composed);
    const Design* design = &composed->design;
    QCOMPARE(shape.marks_fu.pieces, design->figures_mm.pieces);
    QCOMPARE(shape.marks_fu.middles.size(), design->figures_mm.middles);
    const auto marks = marksAt(shape, {SizeBy::Width, 60});
    QVERIFY(marks);
    for (const auto& middle : marks->middles)
        QVERIFY(middle.x > 0 && middle.x < 60 && middle.y > 0 && middle.y < design->figures_mm.box.height());
}

void TestFitMarks::processesHoldDifferently()
{
    FitMarks marks;
    const auto limits = defaultLimits(Process::KnifeVinyl);
    QCOMPARE(holds(marks, limits, Process::KnifeVinyl), Holds::Well);
    QVERIFY(!strokeMark(marks, limits, Process::KnifeVinyl) && !gapMark(marks, limits));
    const auto found = [](double from, double width) {
        return WidthSteps{{{from, AxisPlace{width, {}, {}, {}}, {}}}};
    };
    marks.stroke_steps = found(0.7, 0.7);
    QCOMPARE(holds(marks, limits, Process::KnifeVinyl), Holds::Barely);
    QCOMPARE(strokeMark(marks, limits, Process::KnifeVinyl)->narrowest.width, 0.7);
    QCOMPARE(holds(marks, defaultLimits(Process::KnifeCard), Process::KnifeCard), Holds::Not);
    marks.stroke_steps = {};
    marks.gap_steps = found(0.42, 0.4);
    QCOMPARE(holds(marks, limits, Process::KnifeVinyl), Holds::Not);
    marks.gap_steps = found(0.6, 0.3); // too short a place for 0.5
    QCOMPARE(holds(marks, limits, Process::KnifeVinyl), Holds::Well);
    QCOMPARE(gapMark(marks, limits)->narrowest.width, 0.6);
    marks.narrowest_gap = AxisPlace{0.8, {}, {}, {}};
    QCOMPARE(gapMark(marks, limits)->narrowest.width, 0.8);
    marks.gap_steps = {{{0.1, {}, AxisPlace{0.05, {}, {}, {}}}}};
    QCOMPARE(holds(marks, limits, Process::KnifeVinyl), Holds::Barely);
    QVERIFY(gapMark(marks, limits)->is_point);
    marks.gap_steps = {};
    marks.smallest_middle = SmallPiece{0.3, {}};
    QCOMPARE(holds(marks, limits, Process::KnifeVinyl), Holds::Not);
    QCOMPARE(holds(marks, defaultLimits(Process::Stencil), Process::Stencil),
             Holds::Well); // each is tied by bridges
    marks.smallest_middle.reset();
    marks.smallest_piece = SmallPiece{1.0, {}};
    QCOMPARE(holds(marks, limits, Process::KnifeVinyl), Holds::Not);
}

void TestFitMarks::findMarksWhatProofFinds_data()
{
    QTest::addColumn<QString>("file");
    for (const auto* file : {"GatepostPlain.ttf", "HartsorrelScript.ttf", "Larkmallow.ttf", "MaypoleHand.otf",
                             "QuillbrookScript.ttf", "WickerbyBroad.ttf", "TansyCord.ttf", "Oatbrush.otf",
                             "GinghamCaps.ttf", "SaltglazeOrnaments.ttf"})
        QTest::newRow(file) << file;
}

/// The same outline, asked of both at many limits. A step of the marks may begin 2.5 % early or late.
void TestFitMarks::findMarksWhatProofFinds()
{
    QFETCH(QString, file);
    const auto shape = shapeOf(qPrintable(file), "Willow & Rye");
    const auto proof = OutlineProof::of(shape.outline_fu, Unit::ofFont(shape.units_per_em));
    QVERIFY(proof);
    const auto proofHolds = [&](bool is_stroke, const ProcessLimits& limits) {
        auto worst = Holds::Well;
        for (const auto& f : proof->findings(1.0, {limits}))
            if (is_stroke ? f.kind == FindingKind::ThinStroke || f.kind == FindingKind::Hanging
                          : f.kind == FindingKind::NarrowGap)
                worst = std::max(worst, f.level == FindingLevel::Fails ? Holds::Not : Holds::Barely);
        return worst;
    };
    QStringList apart;
    for (double width = 8.0; width < 220.0; width *= 1.13) {
        ProcessLimits limits{2 * width, width, width, 0.0, 0.0};
        for (const bool is_stroke : {true, false}) {
            const auto told = is_stroke ? holdsStroke(shape.marks_fu, limits, Process::KnifeVinyl)
                                        : holdsGap(shape.marks_fu, limits);
            bool is_found = false;
            for (const double near : {0.97, 1.0, 1.03}) {
                const ProcessLimits about{2 * width * near, width * near, width * near, 0.0, 0.0};
                is_found = is_found || proofHolds(is_stroke, about) == told;
            }
            if (!is_found)
                apart << QStringLiteral("%1 at %2: %3, found %4")
                             .arg(is_stroke ? "stroke" : "gap")
                             .arg(width)
                             .arg(int(told))
                             .arg(int(proofHolds(is_stroke, limits)));
        }
    }
    // What is hardly lost comes and goes from width to width.
    QVERIFY2(apart.size() <= 1, qPrintable(apart.join(QLatin1String("; "))));
}

void TestFitMarks::whatTouchesInAPointHoldsNot()
{
    const auto two = nested({test::rectangle(0, 0, 100, 100), test::rectangle(100, 100, 200, 200)});
    const ProcessLimits limits{2.0, 1.0, 1.0, 0.0, 0.0};
    constexpr auto kVinyl = Process::KnifeVinyl;
    FitMarks marks;
    QVERIFY(markOutline(two, Unit{1.0}, marks));
    QCOMPARE(holdsStroke(marks, limits, kVinyl), Holds::Not);
    QCOMPARE(strokeMark(marks, limits, kVinyl)->narrowest.centre, (Point{100, 100}));
    QCOMPARE(holdsStroke(marks, {0.0, 0.0, 0.0, 0.0, 0.0}, kVinyl),
             Holds::Well);                                               // nothing is asked of strokes
    QCOMPARE(holdsStroke(marks, limits, Process::Stencil), Holds::Well); // nobody keeps what is cut out
    FitMarks apart;
    QVERIFY(markOutline(nested({test::rectangle(0, 0, 100, 100), test::rectangle(110, 110, 200, 200)}),
                        Unit{1.0}, apart));
    QCOMPARE(holdsStroke(apart, limits, kVinyl), Holds::Well);
}

void TestFitMarks::theKeyMapListsEveryGlyphOnce()
{
    for (const char* file : {"StallholderBits.ttf", "TansyCord.ttf", "WickerbyBroad.ttf"}) {
        const auto opened = face(file);
        const auto map = keyMapOf(*opened);
        std::vector<bool> seen(opened->glyphCount());
        for (const auto& key : map.characters)
            seen[key.glyph_id] = true;
        for (const auto& glyph : map.without_key) {
            QVERIFY(!seen[glyph.glyph_id]);
            seen[glyph.glyph_id] = true;
        }
        QVERIFY(std::all_of(seen.begin() + 1, seen.end(), [](bool b) { return b; }));
    }
    QCOMPARE(keyName(U'A'), std::string("A"));
    QCOMPARE(keyName(0xE001), std::string("U+E001"));
}

void TestFitMarks::badSizesAreRefused()
{
    const auto marks = marksAt(shapeOf("GatepostPlain.ttf", "a"), {SizeBy::Width, -1});
    QVERIFY(!marks);
    QCOMPARE(marks.error().code, ErrorCode::SizeOutOfRange);
}

INK_TEST_CORE_MAIN(TestFitMarks)
#include "test_fit_marks.moc"
