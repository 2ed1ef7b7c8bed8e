#include "core/design/set_words.h"
#include "core/design/try_on.h"
#include "core/geometry/nesting.h"
#include "core/geometry/weld_cache.h"
#include "tests/support/lettering.h"

#include <cmath>
#include <numbers>

using namespace ink;
using test::composed;
using test::demoLetters;
using test::jobOf;

namespace {

/// In mm, where the letter's ink lies.
Box inkOf(const ComposedDesign& design, std::size_t character)
{
    const auto* letter = design.setting.letterAt(character);
    const Point a = design.to_mm.map({letter->ink.x0, letter->ink.y0}),
                b = design.to_mm.map({letter->ink.x1, letter->ink.y1});
    return {a.x, a.y, b.x, b.y};
}

} // namespace

class TestLettering : public QObject
{
    Q_OBJECT
private slots:
    void choicesStayWithTheirLetters();
    void aFormForTwoLettersGoesWithOneOfThem();
    void blocksAreWhatStandsBetweenEmptyLines();
    void typedLettersTakeTheFontBeforeThem();
    void plainLetteringIsTheWeldOfTheWords();
    void aNudgeMovesOneLetterAndNothingElse();
    void spaceBeforeALetterMovesWhatFollows();
    void turnAndSizeAreAboutTheFoot();
    void sizesByCapitalsAndSmallLetters();
    void linesAreAlignedByTheirInk();
    void linesOfOneWidth();
    void blocksGoWhereTheyAreMoved();
    void runsHaveTheirOwnFonts();
    void aLetterKeptApartIsAPieceOfItsOwn();
    void closeUpLeavesWordsApart();
    void lettersKeptAlongAnArcStandOnIt();
    void closeUpHoldsOnAnArc();
    void motifsStandInTheLineAndBesideLetters();
    void aTailSuitsTheWidthOfTheWords();
    void whatCannotBeMadeIsSaid();
    void aMissingFontLeavesTheOthers();
    void shapesAreReadFromText();
    void triesShowEveryFormWithItsVerdicts();
    void selectedLettersTryTheirLigatureFirst();
    void aChangeAtOneLetterShapesOneRun();
    void stretchedLettersAreTheirOwnShapeWider();
    void wornFormsAreTakenOffAgain();
    void thinFormsAreToldBeforeTheyAreCut();
    void dressingsKeepJoinsAndCollideWithNothing();
    void cancelledWorkStops();
};

void TestLettering::choicesStayWithTheirLetters()
{
    Lettering lettering;
    lettering.letters[4].dy_em = 0.1; // the y of Honey
    replaceCharacters(lettering, U"Honey", 0, 0, U"Fennmoor ");
    QCOMPARE(lettering.letters.size(), std::size_t(1));
    QCOMPARE(lettering.letter(13).dy_em, 0.1);
    replaceCharacters(lettering, U"Fennmoor Honey", 14, 0, U" jar");
    QCOMPARE(lettering.letter(13).dy_em, 0.1);
    followWords(lettering, U"Fennmoor Honey jar", U"Moor Honey jar");
    QCOMPARE(lettering.letter(9).dy_em, 0.1);
    replaceCharacters(lettering, U"Moor Honey jar", 9, 1, U"");
    QVERIFY(lettering.letters.empty());
}

void TestLettering::aFormForTwoLettersGoesWithOneOfThem()
{
    Lettering lettering;
    lettering.letters[1].worn = WornForm{77, "r_s", 2};
    auto copy = lettering;
    replaceCharacters(copy, U"arsa", 0, 1, U"");
    QCOMPARE(copy.letter(0).worn->glyph_id, 77u);
    replaceCharacters(copy, U"rsa", 1, 1, U"");
    QVERIFY(copy.letters.empty());
    replaceCharacters(lettering, U"arsa", 2, 0, U"x"); // typed between the two
    QVERIFY(lettering.letters.empty());
}

void TestLettering::blocksAreWhatStandsBetweenEmptyLines()
{
    QCOMPARE(blocksOf(U"A\nB\n\nC"), std::vector<std::size_t>({0, 0, 0, 0, 0, 1}));
    QCOMPARE(blocksOf(U"\n\nA"), std::vector<std::size_t>({0, 0, 0}));
    Lettering lettering;
    lettering.blocks.resize(2);
    lettering.blocks[1].shape.kind = ShapeKind::Arch;
    replaceCharacters(lettering, U"A\n\nB", 0, 0, U"X\n\n");
    QCOMPARE(lettering.blocks.size(), std::size_t(3));
    QCOMPARE(lettering.block(2).shape.kind, ShapeKind::Arch);
    QCOMPARE(lettering.block(1).shape.kind, ShapeKind::None);
}

void TestLettering::typedLettersTakeTheFontBeforeThem()
{
    Lettering lettering;
    lettering.letters[0].font = FontRef{"other.ttf", 0, {}};
    lettering.letters[0].font_size = 0.5;
    replaceCharacters(lettering, U"ab", 1, 0, U"x");
    QCOMPARE(lettering.letter(1).font->path, std::string("other.ttf"));
    QCOMPARE(lettering.letter(1).font_size, 0.5);
    QVERIFY(!lettering.letter(2).font);
}

void TestLettering::plainLetteringIsTheWeldOfTheWords()
{
    const Job job = jobOf("Fennmoor Honey");
    const auto ours = composed(job);
    const auto face = FontFace::open(job.font.path);
    const auto set = setWords(**face, job.words, {});
    const auto plain = weld(set->glyphs_fu, Unit::ofFont((*face)->info().units_per_em));
    QVERIFY(plain);
    const auto f = measure(plain->outline);
    QCOMPARE(ours.design.figures_mm.pieces, f.pieces);
    QCOMPARE(ours.design.figures_mm.middles, f.middles);
    QCOMPARE(ours.design.figures_mm.nodes, f.nodes);
    const double scale = 120.0 / f.box.width();
    QVERIFY(std::abs(ours.design.figures_mm.area - f.area * scale * scale) <
            1e-9 * ours.design.figures_mm.area);
    QVERIFY(std::abs(ours.design.figures_mm.box.width() - 120.0) < 1e-9);
}

void TestLettering::aNudgeMovesOneLetterAndNothingElse()
{
    Job job = jobOf("Honey");
    job.size = {SizeBy::Em, 40.0};
    const auto before = composed(job);
    job.lettering.letters[2].dx_em = 0.05;
    job.lettering.letters[2].dy_em = 0.25;
    const auto after = composed(job);
    const double lift = inkOf(after, 2).y0 - inkOf(before, 2).y0 - (inkOf(after, 0).y0 - inkOf(before, 0).y0);
    QVERIFY(std::abs(lift - 10.0) < 1e-6); // a quarter of 40 mm
    QVERIFY(std::abs((inkOf(after, 2).x0 - inkOf(after, 0).x0) - (inkOf(before, 2).x0 - inkOf(before, 0).x0) -
                     2.0) < 1e-6);
    QVERIFY(std::abs((inkOf(after, 4).x1 - inkOf(after, 0).x0) -
                     (inkOf(before, 4).x1 - inkOf(before, 0).x0)) < 1e-6);
}

void TestLettering::spaceBeforeALetterMovesWhatFollows()
{
    Job job = jobOf("Honey");
    job.size = {SizeBy::Em, 40.0};
    const auto before = composed(job);
    job.lettering.letters[2].before_em = 0.1;
    const auto after = composed(job);
    QVERIFY(std::abs(inkOf(after, 1).x0 - inkOf(before, 1).x0) < 1e-6);
    QVERIFY(std::abs(inkOf(after, 2).x0 - inkOf(before, 2).x0 - 4.0) < 1e-6);
    QVERIFY(std::abs(inkOf(after, 4).x0 - inkOf(before, 4).x0 - 4.0) < 1e-6);
}

void TestLettering::turnAndSizeAreAboutTheFoot()
{
    Job job = jobOf("HIH", "GatepostPlain.ttf");
    job.size = {SizeBy::Em, 40.0};
    const auto before = composed(job);
    job.lettering.letters[1].size = 2.0;
    const auto twice = composed(job);
    const Box a = inkOf(before, 1), b = inkOf(twice, 1);
    QVERIFY(std::abs(b.height() - 2 * a.height()) < 1e-6);
    QVERIFY(std::abs((b.x0 + b.x1) - (a.x0 + a.x1)) < 1e-6);
    job.lettering.letters[1].size = 1.0;
    job.lettering.letters[1].turn_deg = 90.0;
    const Box turned = inkOf(composed(job), 1);
    QVERIFY(std::abs(turned.width() - a.height()) < 1e-6);
}

void TestLettering::sizesByCapitalsAndSmallLetters()
{
    Job job = jobOf("Hx", "GatepostPlain.ttf");
    job.size = {SizeBy::CapHeight, 20.0};
    auto design = composed(job);
    QVERIFY(std::abs(inkOf(design, 0).y1 - design.to_mm.map({0, 0}).y - 20.0) < 1e-6);
    job.size = {SizeBy::XHeight, 15.0};
    design = composed(job);
    QVERIFY(std::abs(inkOf(design, 1).y1 - design.to_mm.map({0, 0}).y - 15.0) < 1e-6);
}

void TestLettering::linesAreAlignedByTheirInk()
{
    Job job = jobOf("Honey\nJar");
    job.lettering.blocks.resize(1);
    const auto sides = [&](Align align) {
        job.lettering.blocks[0].align = align;
        const auto design = composed(job);
        const Box a = design.setting.lines[0].ink, b = design.setting.lines[1].ink;
        return std::array{b.x0 - a.x0, (b.x0 + b.x1 - a.x0 - a.x1) / 2, b.x1 - a.x1};
    };
    QVERIFY(std::abs(sides(Align::Left)[0]) < 1e-9);
    QVERIFY(std::abs(sides(Align::Middle)[1]) < 1e-9);
    QVERIFY(std::abs(sides(Align::Right)[2]) < 1e-9);
    QVERIFY(std::abs(sides(Align::Right)[0]) > 10);
}

void TestLettering::linesOfOneWidth()
{
    Job job = jobOf("Late\nSummer\nBatch");
    job.lettering.blocks.resize(1);
    job.lettering.blocks[0].has_one_width = true;
    const auto design = composed(job);
    for (const auto& line : design.setting.lines)
        QVERIFY(std::abs(line.ink.width() - design.setting.lines[0].ink.width()) < 1e-6);
}

void TestLettering::blocksGoWhereTheyAreMoved()
{
    Job job = jobOf("Honey\n\nJar");
    const auto before = composed(job);
    QCOMPARE(before.setting.blocks.size(), std::size_t(2));
    QVERIFY(before.setting.blocks[1].ink.y1 < before.setting.blocks[0].ink.y1);
    job.lettering.blocks.resize(2);
    job.lettering.blocks[1].dx_em = 0.7;
    job.lettering.blocks[1].dy_em = -0.3;
    const auto after = composed(job);
    QVERIFY(std::abs(after.setting.blocks[1].ink.x0 - before.setting.blocks[1].ink.x0 - 700.0) < 1e-6);
    QVERIFY(std::abs(after.setting.blocks[1].ink.y0 - before.setting.blocks[1].ink.y0 + 300.0) < 1e-6);
    QCOMPARE(after.setting.blocks[0].ink.x0, before.setting.blocks[0].ink.x0);
}

void TestLettering::runsHaveTheirOwnFonts()
{
    Job job = jobOf("Honey 500", "Larkmallow.ttf");
    for (std::size_t i = 6; i < 9; ++i) {
        job.lettering.letters[i].font = FontRef{test::demoFont("GatepostPlain.ttf").string(), 0, {}};
        job.lettering.letters[i].font_size = 0.5;
    }
    const auto design = composed(job);
    const auto gatepost = FontFace::open(test::demoFont("GatepostPlain.ttf"));
    QCOMPARE(design.setting.letterAt(7)->glyph_id, (*gatepost)->glyphOf(U'0'));
    const double height = design.setting.letterAt(7)->ink.height();
    const double drawn = bounds((*gatepost)->glyphOutline((*gatepost)->glyphOf(U'0'))).height();
    QVERIFY(std::abs(height - drawn / (*gatepost)->info().units_per_em * 500.0) < 1e-6);
    QVERIFY(design.setting.letterAt(7)->pen_x > design.setting.letterAt(4)->ink.x1 - 200);
}

void TestLettering::aLetterKeptApartIsAPieceOfItsOwn()
{
    Job job = jobOf("Honey", "HartsorrelScript.ttf");
    job.lettering.close_up.depth_mm = 0.4;
    const auto welded = composed(job);
    job.lettering.letters[2].is_apart = true;
    QVERIFY(composed(job).design.figures_mm.pieces > welded.design.figures_mm.pieces);
}

void TestLettering::closeUpLeavesWordsApart()
{
    Job job = jobOf("moon moon", "GatepostPlain.ttf");
    job.lettering.close_up.depth_mm = 0.5;
    const auto design = composed(job);
    QCOMPARE(design.setting.pairs.size(), std::size_t(6));
    for (const auto& pair : design.setting.pairs)
        QCOMPARE(pair.state, ClosePair::State::Joins);
    QCOMPARE(design.design.figures_mm.pieces, std::size_t(2));
    // Each move is the gap and the depth, in mm at the finished size: letters of one width move alike.
    const double first = design.setting.pairs[1].moved, other = design.setting.pairs[4].moved;
    QVERIFY(std::abs(first - other) < 1e-6);
    job.lettering.close_up.depth_mm = 0.8;
    const auto deeper = composed(job);
    QVERIFY(deeper.setting.pairs[0].moved < design.setting.pairs[0].moved);
}

void TestLettering::lettersKeptAlongAnArcStandOnIt()
{
    Job job = jobOf("Garden", "GatepostPlain.ttf");
    job.size = {SizeBy::Em, 30.0};
    job.lettering.blocks.resize(1);
    job.lettering.blocks[0].shape = {ShapeKind::Arch, false, 180.0, 0.0, false, {}};
    const auto design = composed(job);
    const auto& block = design.setting.blocks[0];
    const double radius = block.straight_ink.width() / std::numbers::pi;
    const Point centre{(block.straight_ink.x0 + block.straight_ink.x1) / 2, -radius};
    const auto map = shapeMap(block.shape, block.straight_ink);
    double before = 1e9;
    for (const auto& letter : design.setting.letters) {
        const Point foot = map(letter.foot()) - centre;
        QVERIFY(std::abs(length(foot) - radius) < 1e-6);
        const double angle = std::atan2(foot.y, foot.x);
        QVERIFY(angle < before); // clockwise, from left to right
        before = angle;
    }
    // Kept as drawn: turned outlines have the area they had.
    Job flat = job;
    flat.lettering.blocks.clear();
    QVERIFY(std::abs(design.design.figures_mm.area / composed(flat).design.figures_mm.area - 1.0) < 1e-6);
}

void TestLettering::closeUpHoldsOnAnArc()
{
    Job job = jobOf("garden", "GatepostPlain.ttf");
    job.lettering.close_up.depth_mm = 0.5;
    job.lettering.blocks.resize(1);
    job.lettering.blocks[0].shape = {ShapeKind::Arch, false, 140.0, 0.0, false, {}};
    QCOMPARE(composed(job).design.figures_mm.pieces, std::size_t(1));
    job.lettering.blocks[0].shape.amount = -140.0;
    QCOMPARE(composed(job).design.figures_mm.pieces, std::size_t(1));
}

void TestLettering::motifsStandInTheLineAndBesideLetters()
{
    Job job = jobOf("a\xEF\xBF\xBC"
                    "a",
                    "GatepostPlain.ttf");
    job.size = {SizeBy::Em, 20.0};
    job.lettering.motifs["m"] = test::motifDrawing("Square", test::rectangle(500, 500), 600.0);
    job.lettering.letters[1].motif = "m";
    auto design = composed(job);
    QCOMPARE(design.setting.letters.size(), std::size_t(3));
    QVERIFY(std::abs(inkOf(design, 1).width() - 10.0) < 1e-9); // half an em
    QVERIFY(std::abs(design.setting.letters[2].pen_x - design.setting.letters[1].pen_x - 600.0) < 1e-9);

    PlacedPiece piece;
    piece.motif = "m";
    piece.letter = 2;
    piece.x_em = 1.0;
    piece.y_em = -1.0;
    piece.size = 0.5;
    job.lettering.pieces.push_back(piece);
    design = composed(job);
    QCOMPARE(design.setting.pieces.size(), std::size_t(1));
    const Point foot = design.setting.letters[2].foot();
    QVERIFY(std::abs(design.setting.pieces[0].ink.x0 - foot.x - 1000.0) < 1e-9);
    QVERIFY(std::abs(design.setting.pieces[0].ink.y0 - foot.y + 1000.0) < 1e-9);
    QVERIFY(std::abs(design.setting.pieces[0].ink.width() - 250.0) < 1e-9);
    QCOMPARE(design.design.figures_mm.pieces, composed(job).design.figures_mm.pieces);
}

void TestLettering::aTailSuitsTheWidthOfTheWords()
{
    Job job = jobOf("Honey");
    job.lettering.motifs["t"] = test::motifDrawing("Tail", test::rectangle(2000, 80), 2000.0);
    job.lettering.blocks.resize(1);
    job.lettering.blocks[0].has_tail = true;
    job.lettering.blocks[0].tail_motif = "t";
    const auto design = composed(job);
    QCOMPARE(design.setting.pieces.size(), std::size_t(1));
    const double words = design.setting.blocks[0].ink.width(), tail = design.setting.pieces[0].ink.width();
    const double stretch = tail / 2000.0;
    QVERIFY(stretch >= 0.75 - 1e-9 && stretch <= 1.35 + 1e-9);
    QVERIFY(std::abs(tail - words) < 1e-6 || stretch < 0.7501 || stretch > 1.3499);
    QVERIFY(std::abs(design.setting.pieces[0].ink.height() - 80.0) < 1e-9); // stretched along, not up
}

void TestLettering::whatCannotBeMadeIsSaid()
{
    QCOMPARE(composeDesign(jobOf(""), demoLetters()).error().code, ErrorCode::EmptyText);
    Job job = jobOf("\xE2\x88\x9E", "GatepostPlain.ttf");
    const auto nothing = composeDesign(job, demoLetters());
    QVERIFY(!nothing);
    job = jobOf("Honey");
    job.size.value_mm = 1e9;
    QCOMPARE(composeDesign(job, demoLetters()).error().code, ErrorCode::SizeOutOfRange);
    job = jobOf("Honey");
    job.font.path = "/nowhere/at-all.ttf";
    QCOMPARE(composeDesign(job, demoLetters()).error().code, ErrorCode::FileNotFound);
}

void TestLettering::aMissingFontLeavesTheOthers()
{
    Job job = jobOf("Honey jar");
    for (std::size_t i = 6; i < 9; ++i)
        job.lettering.letters[i].font = FontRef{"/nowhere/at-all.ttf", 0, {}};
    const auto design = composed(job);
    QCOMPARE(design.setting.missing_fonts.size(), std::size_t(1));
    QVERIFY(!design.design.warnings.empty());
    QVERIFY(design.setting.letterAt(4)->hasInk());
}

void TestLettering::shapesAreReadFromText()
{
    const auto circle = readShape("circle:300:inside:90:keep");
    QVERIFY(circle);
    QCOMPARE(circle->kind, ShapeKind::Circle);
    QCOMPARE(circle->amount, 300.0);
    QCOMPARE(circle->start_deg, 90.0);
    QVERIFY(circle->is_inside && !circle->bends);
    QCOMPARE(readShape("arch")->amount, 120.0);
    for (const char* bad : {"", "spiral", "arch:", "arch:999", "arch:nan", "hill:1e400", "hill:x"})
        QCOMPARE(readShape(bad).error().code, ErrorCode::ShapeUnknown);
    WordShape folded{ShapeKind::Corners, true, 0, 0, false, {{{2, 0}, {0, 0}, {0, 0}, {0, 0}}}};
    QCOMPARE(sensible(folded).corners, WordShape().corners); // would turn inside out
    // The projective map takes each corner of the box where it was asked to go.
    const WordShape corners{
        ShapeKind::Corners, true, 0, 0, false, {{{0.1, 0}, {0, -0.2}, {0.05, 0.1}, {0, 0.3}}}};
    const Box box{10, 0, 110, 40};
    const auto map = shapeMap(corners, box);
    const Point low_left = map({10, 0}), high_right = map({110, 40});
    QVERIFY(length(low_left - Point{20, 0}) < 1e-9);
    QVERIFY(length(high_right - Point{115, 44}) < 1e-9);
}

namespace {

TryOnRequest requestFor(const Job& job, std::size_t character)
{
    TryOnRequest request;
    request.job = job;
    request.letters = demoLetters();
    request.forms = std::make_shared<const FormTable>(**FontFace::open(job.font.path));
    request.character = character;
    request.mm_per_u = composed(job).mm_per_u;
    request.strokes = std::make_shared<StrokeWidths>();
    request.settings = std::make_shared<SettingCache>();
    return request;
}

} // namespace

namespace {

/// An open font that counts how often it is asked to shape.
class CountingSource : public LetterSource
{
public:
    CountingSource(std::shared_ptr<const LetterSource> font, int& count)
        : m_font(std::move(font)), m_count(count)
    {
    }
    Result<ShapedLine> shape(std::string_view line, const ShapeOptions& options) const override
    {
        ++m_count;
        return m_font->shape(line, options);
    }
    Paths outline(std::uint32_t glyph_id) const override { return m_font->outline(glyph_id); }
    std::string glyphName(std::uint32_t glyph_id) const override { return m_font->glyphName(glyph_id); }
    double advance_fu(std::uint32_t glyph_id) const override { return m_font->advance_fu(glyph_id); }
    LetterSourceInfo info() const override { return m_font->info(); }
    double unitsPerEm() const override { return m_font->unitsPerEm(); }
    double lineSpacing_fu() const override { return m_font->lineSpacing_fu(); }
    double capHeight_fu() const override { return m_font->capHeight_fu(); }
    double xHeight_fu() const override { return m_font->xHeight_fu(); }
    bool isWhole() const override { return m_font->isWhole(); }
    std::vector<std::uint32_t> tails() const override { return m_font->tails(); }
    std::shared_ptr<const FontFace> face() const override { return m_font->face(); }

private:
    std::shared_ptr<const LetterSource> m_font;
    int& m_count;
};

} // namespace

void TestLettering::aChangeAtOneLetterShapesOneRun()
{
    Job job = jobOf("Late Summer\nBatch\nHoney");
    job.lettering.close_up.depth_mm = 0.3;
    int count = 0;
    const auto font = lettersOf(*FontFace::open(job.font.path));
    const auto source = std::make_shared<CountingSource>(font, count);
    const FindLetters letters = [&](const FontRef&) -> Result<std::shared_ptr<const LetterSource>> {
        return std::shared_ptr<const LetterSource>(source);
    };
    ComposeOptions options;
    options.settings = std::make_shared<SettingCache>();
    const auto shapedBy = [&](const Job& changed) {
        count = 0;
        if (!composeDesign(changed, letters, options))
            qFatal("not composed");
        return count;
    };
    QCOMPARE(shapedBy(job), 3); // each line once, however often the size is found again
    QCOMPARE(shapedBy(job), 0);
    Job nudged = job;
    nudged.lettering.letters[3].dx_em = 0.1;
    QCOMPARE(shapedBy(nudged), 0);
    Job typed = job;
    typed.words = "Late Summer\nPatch\nHoney";
    QCOMPARE(shapedBy(typed), 1);
    Job worn = job;
    const auto forms = FormTable(*font->face()).of(U"y");
    QVERIFY(!forms.empty());
    wear(worn, 22, &forms.front());
    QCOMPARE(shapedBy(worn), 1);
    Job tracked = job;
    tracked.tracking_em = 0.02;
    QCOMPARE(shapedBy(tracked), 3);
    // What is kept is what would be made.
    const auto fresh = composeDesign(worn, demoLetters());
    const auto kept = composeDesign(worn, letters, options);
    QVERIFY(fresh && kept);
    QCOMPARE(toPaths(fresh->design.outline_mm), toPaths(kept->design.outline_mm));
}

void TestLettering::stretchedLettersAreTheirOwnShapeWider()
{
    Job job = jobOf("Zo\xC3\xAB Hill");
    job.size = {SizeBy::Em, 40.0};
    job.lettering.letters[5].turn_deg = 20.0;
    const auto plain = composed(job);
    job.lettering.blocks.resize(1);
    job.lettering.blocks[0].stretch = 1.6;
    const auto wide = composed(job);
    QVERIFY(std::abs(wide.design.figures_mm.box.width() / plain.design.figures_mm.box.width() - 1.6) <
            0.03); // a letter is turned
    // Letters that are not turned are exactly their own shape, 1.6 times as wide, marks with them.
    for (const std::size_t i : {0u, 1u, 2u, 4u, 6u, 7u}) {
        const auto &a = *plain.setting.letterAt(i), &b = *wide.setting.letterAt(i);
        QVERIFY(std::abs(b.ink.width() - 1.6 * a.ink.width()) < 1e-6);
        QVERIFY(std::abs(b.ink.height() - a.ink.height()) < 1e-6);
        QVERIFY(std::abs((b.ink.x0 - wide.setting.ink.x0) - 1.6 * (a.ink.x0 - plain.setting.ink.x0)) < 1e-6);
        QVERIFY(std::abs(b.advance - 1.6 * a.advance) < 1e-6);
    }
    // The turned one is stretched first and turned then, about its foot.
    const auto& turned = *wide.setting.letterAt(5);
    QVERIFY(turned.ink.height() > plain.setting.letterAt(5)->ink.height());
    job.size = {SizeBy::Width, 120.0};
    QVERIFY(std::abs(composed(job).design.figures_mm.box.width() - 120.0) < 1e-6);
}

void TestLettering::selectedLettersTryTheirLigatureFirst()
{
    auto request = requestFor(jobOf("bars"), 2);
    const auto single = tryOn(request);
    QVERIFY(single);
    QCOMPARE((*single)[1].form.letters.size(), std::size_t(1));
    QVERIFY(std::ranges::any_of(*single, [](const TryOn& t) { return t.form.letters == U"rs"; }));
    request.count = 2;
    const auto both = tryOn(request);
    QVERIFY(both);
    QVERIFY((*both)[0].is_plain);
    QCOMPARE((*both)[1].form.letters, std::u32string(U"rs"));
    QCOMPARE(both->size(), single->size());
}

void TestLettering::triesShowEveryFormWithItsVerdicts()
{
    Job job = jobOf("Honey");
    job.lettering.close_up.depth_mm = 0.3;
    const auto tries = tryOn(requestFor(job, 4));
    QVERIFY(tries);
    QVERIFY(tries->size() >= 5);
    QVERIFY(tries->front().is_plain && tries->front().is_worn);
    QCOMPARE(tries->front().verdict.wider_mm, 0.0);
    QCOMPARE((*tries)[1].form.place, FormPlace::Ending); // what suits the end of a word comes first
    for (const auto& item : *tries) {
        QCOMPARE(item.word.size(), std::size_t(5)); // inside the whole word
        QVERIFY(item.verdict.joins <= 1);
        QVERIFY(item.verdict.thinnest_mm > 0.0);
    }
    // Wider by as much as the word grows when it is worn.
    const auto plain = composed(job);
    Job worn = job;
    wear(worn, 4, &(*tries)[1].form);
    worn.size = {SizeBy::Em, plain.design.em_mm};
    const double grown = composed(worn).design.figures_mm.box.width() - plain.design.figures_mm.box.width();
    QVERIFY(std::abs(grown - (*tries)[1].verdict.wider_mm) < 0.05);
}

void TestLettering::wornFormsAreTakenOffAgain()
{
    Job job = jobOf("Honey");
    const auto tries = tryOn(requestFor(job, 4));
    const Job before = job;
    wear(job, 4, &(*tries)[2].form);
    QCOMPARE(job.lettering.letter(4).worn->glyph_id, (*tries)[2].form.glyph_id);
    const auto again = tryOn(requestFor(job, 4));
    QVERIFY(!again->front().is_worn);
    QCOMPARE(std::ranges::count_if(*again, &TryOn::is_worn), 1);
    wear(job, 4, nullptr);
    QCOMPARE(job, before);
}

void TestLettering::thinFormsAreToldBeforeTheyAreCut()
{
    Job job = jobOf("Honey");
    job.size = {SizeBy::Width, 12.0}; // strokes of a tenth of a millimetre
    const auto tries = tryOn(requestFor(job, 4));
    for (const auto& item : *tries)
        QVERIFY(item.verdict.is_too_thin && !item.verdict.isFine());
    job.size = {SizeBy::Width, 3000.0};
    const auto large = tryOn(requestFor(job, 4));
    for (const auto& item : *large)
        QVERIFY(!item.verdict.is_too_thin);
}

void TestLettering::dressingsKeepJoinsAndCollideWithNothing()
{
    Job job = jobOf("Fennmoor Honey");
    job.size = {SizeBy::Width, 400.0};
    job.lettering.close_up.depth_mm = 0.4;
    const auto plain = composed(job);
    const auto joins = [](const ComposedDesign& d) {
        return std::ranges::count(d.setting.pairs, ClosePair::State::Joins, &ClosePair::state);
    };
    const auto dressings = dress(requestFor(job, 0));
    QVERIFY(dressings);
    QVERIFY(dressings->size() >= 3 && dressings->size() <= 5);
    for (const auto& dressing : *dressings) {
        QVERIFY(dressing.dressed > 0);
        QCOMPARE(dressing.job.words, job.words);
        const auto design = composed(dressing.job);
        QVERIFY(joins(design) >= joins(plain));
        QVERIFY(design.design.figures_mm.pieces <= plain.design.figures_mm.pieces);
        // Dressed words are wider, so letters are smaller: what is worn still holds at the size it comes to.
        const auto source = demoLetters()(dressing.job.font);
        for (const auto& [character, choice] : dressing.job.lettering.letters)
            if (choice.worn) {
                const auto width = StrokeWidths().of((*source)->face(), choice.worn->glyph_id);
                QVERIFY(!width ||
                        *width * design.design.em_mm >= 0.98 * dressing.job.limits().stroke_floor_mm);
            }
    }
    // A font without other forms has no dressings.
    QVERIFY(dress(requestFor(jobOf("Honey", "GatepostPlain.ttf"), 0))->empty());
}

void TestLettering::cancelledWorkStops()
{
    CancelSource stop;
    stop.cancel();
    ComposeOptions options;
    options.cancel = stop.token();
    QCOMPARE(composeDesign(jobOf("Honey"), demoLetters(), options).error().code, ErrorCode::Cancelled);
    auto request = requestFor(jobOf("Honey"), 4);
    request.cancel = stop.token();
    QCOMPARE(tryOn(request).error().code, ErrorCode::Cancelled);
}

INK_TEST_CORE_MAIN(TestLettering)
#include "test_lettering.moc"
