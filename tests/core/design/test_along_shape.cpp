// What hangs on letters and what is taken out of them, where their block has a shape; sizes out of
// proportion.
#include "core/design/along_shape.h"
#include "core/design/motif_making.h"
#include "core/geometry/measure.h"
#include "core/geometry/meeting.h"
#include "core/geometry/nesting.h"
#include "tests/support/lettering.h"

#include <cmath>
#include <numbers>
#include <sstream>

using namespace ink;
using test::composed;
using test::jobOf;

namespace {

Job shapedJob(ShapeKind kind, bool bends, double amount)
{
    Job job = jobOf("Garden", "GatepostPlain.ttf");
    job.size = {SizeBy::Em, 30.0};
    job.lettering.blocks.resize(1);
    job.lettering.blocks[0].shape = {kind, bends, amount, 0.0, false, {}};
    if (kind == ShapeKind::Corners)
        job.lettering.blocks[0].shape.corners = {{{0, 0.2}, {0.1, -0.1}, {0, 0.3}, {-0.05, 0}}};
    return job;
}

void hangSquare(Job& job, std::size_t letter, double x_em, double y_em)
{
    job.lettering.motifs["m"] = test::motifDrawing("Square", test::rectangle(100, 100), 100.0);
    PlacedPiece piece;
    piece.motif = "m";
    piece.letter = letter;
    piece.x_em = x_em;
    piece.y_em = y_em;
    job.lettering.pieces = {piece};
}

double areaOf(const Paths& outline)
{
    double area = 0.0;
    for (const auto& contour : outline)
        area += contour.signedArea();
    return area;
}

} // namespace

class TestAlongShape : public QObject
{
    Q_OBJECT
private slots:
    void aPieceTurnsWithItsLetter();
    void aPieceBendsWithItsLetter();
    void aTailBendsWithItsWords();
    void handsAreFollowedOnEveryShape();
    void chordsAndCurvesAgree();
    void whereAPieceIsDroppedItHangs();
    void lettersKeptApartStayApartWhereTheyBend();
    void partsMakeTheWhole();
    void lettersOfTwoFontsAreOneMotif();
    void framesAroundNothingAreRefused();
    void pairsMeetWhereTheirInkIs();
    void bothSidesAreAsAsked();
    void theOtherSideIsKeptInTheJob();
};

void TestAlongShape::aPieceTurnsWithItsLetter()
{
    // Over half of a circle: radius and centre are known in closed form.
    Job job = shapedJob(ShapeKind::Arch, false, 180.0);
    hangSquare(job, 5, -0.05, 1.2); // its middle stands right above the foot of the last letter
    const auto design = composed(job);
    const auto& block = design.setting.blocks[0];
    const double radius = block.straight_ink.width() / std::numbers::pi;
    const Point centre{(block.straight_ink.x0 + block.straight_ink.x1) / 2, -radius};
    QCOMPARE(design.setting.pieces.size(), std::size_t(1));
    const auto& piece = design.setting.pieces[0];
    QVERIFY(!piece.bends);
    Point middle{};
    for (const auto& segment : piece.glyphs[0].paths->front().segments)
        middle = middle + (segment.pointAt(0.0) + piece.glyphs[0].at) * 0.25;
    QVERIFY(std::abs(length(middle - centre) - (radius + 1250.0)) < 1e-6);
    const Point foot = AlongShape(block).map(design.setting.letterAt(5)->foot());
    const auto angle = [&](Point p) { return std::atan2(p.y - centre.y, p.x - centre.x); };
    QVERIFY(std::abs(angle(middle) - angle(foot)) < 1e-6);
    QVERIFY(std::abs(areaOf(*piece.glyphs[0].paths) - 1e4) < 1e-6); // turned, not bent
    QVERIFY(std::abs(piece.ink.width() - 100.0) > 5.0);             // and it is turned
}

void TestAlongShape::aPieceBendsWithItsLetter()
{
    Job job = shapedJob(ShapeKind::Hill, true, 40.0);
    hangSquare(job, 0, -0.05, 1.2);
    const auto design = composed(job);
    const auto& block = design.setting.blocks[0];
    const Point straight = design.setting.letterAt(0)->foot() + Point{0, 1250.0};
    const Point bent = design.to_mm.map(AlongShape(block).map(straight));
    QVERIFY(design.setting.pieces[0].bends);
    QVERIFY(isInk(design.design.outline_mm, bent));
    const double side = 100.0 * design.mm_per_u;
    QVERIFY(!isInk(design.design.outline_mm, bent + Point{0, side}));
    // The box that is told is where it stands.
    const Point corner = design.to_mm.map({design.setting.pieces[0].ink.x0, design.setting.pieces[0].ink.y0});
    QVERIFY(std::abs(corner.x - (bent.x - side / 2)) < 1e-6);
    QVERIFY(corner.y < bent.y && corner.y > bent.y - 2 * side);
}

void TestAlongShape::aTailBendsWithItsWords()
{
    for (const bool bends : {false, true}) {
        Job job = shapedJob(ShapeKind::Arch, bends, 120.0);
        job.lettering.motifs["t"] = test::motifDrawing("Tail", test::rectangle(3000, 60), 3000.0);
        job.lettering.blocks[0].has_tail = true;
        job.lettering.blocks[0].tail_motif = "t";
        const auto design = composed(job);
        const auto& block = design.setting.blocks[0];
        QCOMPARE(design.setting.pieces.size(), std::size_t(1));
        const auto& tail = design.setting.pieces[0];
        QVERIFY(tail.bends);
        // A level bar becomes a ring's part around the arch's middle: every point of its upper edge lies
        // equally far from it.
        const double radius = block.straight_ink.width() / (120.0 * std::numbers::pi / 180.0);
        const Point centre{(block.straight_ink.x0 + block.straight_ink.x1) / 2, -radius};
        const auto bent = AlongShape(block).bentCurves(tail.glyphs[0], 0.05);
        double least = 1e9, most = 0.0;
        for (const auto& segment : bent.paths->front().segments)
            for (int i = 0; i <= 8; ++i) {
                const double r = length(segment.pointAt(i / 8.0) - centre);
                least = std::min(least, r);
                most = std::max(most, r);
            }
        QVERIFY(std::abs(most - least - 60.0) < 0.2);
        const Point middle_mm = design.to_mm.map(centre + Point{0, (most + least) / 2});
        QVERIFY(isInk(design.design.outline_mm, middle_mm));
    }
}

void TestAlongShape::handsAreFollowedOnEveryShape()
{
    for (const auto& info : allShapes()) {
        if (info.kind == ShapeKind::None)
            continue;
        for (const bool bends : {false, true}) {
            if (!bends && !info.can_keep_letters)
                continue;
            const auto design = composed(shapedJob(info.kind, bends, info.usual));
            const auto& setting = design.setting;
            const AlongShape shape(setting.blocks[0]);
            for (const auto& letter : setting.letters) {
                const Point foot = letter.foot();
                for (const Point by : {Point{40, 0}, Point{0, 40}, Point{-25, 60}}) {
                    const Point move = straightMove(setting, letter, by);
                    const Point middle{(letter.ink.x0 + letter.ink.x1) / 2,
                                       (letter.ink.y0 + letter.ink.y1) / 2};
                    const Point got =
                        bends ? shape.map(middle + move) - shape.map(middle)
                              : shape.placeOf(foot).map(foot + move) - shape.placeOf(foot).map(foot);
                    QVERIFY2(length(got - by) < 1e-4, std::string(info.id).c_str());
                }
            }
        }
    }
    // No straight place leads to the far side of a circle's middle: the hand leads, and nothing is lost.
    const auto design = composed(shapedJob(ShapeKind::Circle, true, 360.0));
    const Point far = straightMove(design.setting, design.setting.letters[0], {1e7, 1e7});
    QVERIFY(std::isfinite(far.x) && std::isfinite(far.y));
}

void TestAlongShape::chordsAndCurvesAgree()
{
    const auto design = composed(shapedJob(ShapeKind::Wave, true, 30.0));
    const auto& letter = design.setting.letters[0];
    const auto shape = bending(design.setting, letter);
    QVERIFY(shape);
    const auto chords = asItStands(design.setting, letter, letter.glyphs[0], 0.05);
    const auto curves = shape->bentCurves(letter.glyphs[0], 0.05);
    QVERIFY(std::abs(areaOf(*chords.paths) / areaOf(*curves.paths) - 1.0) < 1e-3);
    QVERIFY(nodeCount(*chords.paths) > nodeCount(*curves.paths));
    const Box a = bounds(*chords.paths), b = bounds(*curves.paths), c = shape->bentBox(letter.glyphs[0]);
    for (const auto& [one, other] : {std::pair(a.x0, b.x0), std::pair(a.y1, b.y1), std::pair(a.x1, b.x1)})
        QVERIFY(std::abs(one - other) < 0.2);
    QVERIFY(std::abs(a.y0 - c.y0) < 2.0);
    // What stands straight is not touched.
    const auto flat = composed(jobOf("Garden", "GatepostPlain.ttf"));
    const auto& glyph = flat.setting.letters[0].glyphs[0];
    QCOMPARE(asItStands(flat.setting, flat.setting.letters[0], glyph, 0.05).paths, glyph.paths);
    QVERIFY(!bending(flat.setting, flat.setting.letters[0]));
}

void TestAlongShape::whereAPieceIsDroppedItHangs()
{
    for (const bool bends : {false, true}) {
        Job job = shapedJob(ShapeKind::Arch, bends, 150.0);
        auto design = composed(job);
        const auto* letter = design.setting.letterAt(1);
        const Point place = AlongShape(design.setting.blocks[0]).map(letter->foot()) + Point{-120.0, 90.0};
        const Point offset = offsetFrom(design.setting, *letter, place);
        hangSquare(job, 1, offset.x / kU_per_em, offset.y / kU_per_em);
        design = composed(job);
        const auto& piece = design.setting.pieces[0];
        const auto standing = asItStands(design.setting, piece, piece.glyphs[0], 0.01);
        const Point corner = standing.paths->front().segments.front().pointAt(0.0) + standing.at;
        QVERIFY(length(corner - place) < 1e-3);
    }
}

void TestAlongShape::lettersKeptApartStayApartWhereTheyBend()
{
    Job job = jobOf("honey");
    job.lettering.blocks.resize(1);
    job.lettering.blocks[0].shape = {ShapeKind::Hill, true, 20.0, 0.0, false, {}};
    const auto together = composed(job).design.figures_mm;
    job.lettering.letters[2].is_apart = true;
    const auto apart = composed(job).design.figures_mm;
    QVERIFY(apart.pieces > together.pieces);
    QVERIFY(apart.area > together.area); // where they overlap, both have their ink
}

void TestAlongShape::partsMakeTheWhole()
{
    for (const bool bends : {false, true}) {
        Job job = jobOf("honey");
        job.lettering.blocks.resize(1);
        if (bends)
            job.lettering.blocks[0].shape = {ShapeKind::Wave, true, 25.0, 0.0, false, {}};
        const auto design = composed(job);
        Box box = design.setting.ink;
        const double middle = (box.x0 + box.x1) / 2 + 3.0;
        const auto left = motifOfPart(design.setting, {box.x0 - 10, box.y0 - 10, middle, box.y1 + 10});
        const auto right = motifOfPart(design.setting, {middle, box.y0 - 10, box.x1 + 10, box.y1 + 10});
        QVERIFY(left && right);
        const double whole = design.design.figures_mm.area / (design.mm_per_u * design.mm_per_u);
        QVERIFY(std::abs((areaOf(left->outline) + areaOf(right->outline)) / whole - 1.0) <
                (bends ? 2e-4 : 1e-6));
        QVERIFY(std::abs(left->advance + right->advance - box.width()) < 0.5);
        QVERIFY(std::abs(bounds(left->outline).x0) < 1e-6);
        QCOMPARE(left->fonts.size(), std::size_t(1));
        QCOMPARE(left->fonts[0].path, job.font.path);
    }
}

void TestAlongShape::lettersOfTwoFontsAreOneMotif()
{
    Job job = jobOf("honey");
    job.lettering.letters[1].font = FontRef{test::demoFont("GatepostPlain.ttf").string(), 0, {}};
    hangSquare(job, 0, 0.0, 0.0);
    const auto design = composed(job);
    const std::vector<std::size_t> both{0, 1};
    const auto motif = motifOfLetters(design.setting, both);
    QVERIFY(motif);
    QCOMPARE(motif->fonts.size(), std::size_t(2));
    QVERIFY(motif->pieces.empty() && motif->motifs.empty());
    // It stands on the baseline as the letters did.
    const Box h = design.setting.letterAt(0)->ink;
    QVERIFY(bounds(motif->outline).y1 >= h.y1 - design.setting.letterAt(0)->baseline - 1e-6);
    const auto part = motifOfPart(design.setting, design.setting.pieces[0].ink);
    QVERIFY(part);
    QCOMPARE(part->pieces, std::vector<std::size_t>{0}); // whose rights count too
    // And those of a motif in the line.
    Job with_motif = jobOf("a\xEF\xBF\xBC");
    with_motif.lettering.motifs["m"] = test::motifDrawing("Square", test::rectangle(500, 500), 600.0);
    with_motif.lettering.letters[1].motif = "m";
    const auto line = composed(with_motif);
    const auto made = motifOfLetters(line.setting, both);
    QVERIFY(made);
    QCOMPARE(made->motifs, std::vector<std::size_t>{1});
    QCOMPARE(made->fonts.size(), std::size_t(1));
}

void TestAlongShape::framesAroundNothingAreRefused()
{
    const auto design = composed(jobOf("honey"));
    const Box ink = design.setting.ink;
    QCOMPARE(motifOfPart(design.setting, {ink.x1 + 10, ink.y0, ink.x1 + 50, ink.y1}).error().code,
             ErrorCode::NothingToCut);
    QCOMPARE(motifOfPart(design.setting, Box()).error().code, ErrorCode::NothingToCut);
    QCOMPARE(motifOfLetters(design.setting, {}).error().code, ErrorCode::NothingToCut);
}

void TestAlongShape::pairsMeetWhereTheirInkIs()
{
    for (const bool closes : {false, true})
        for (const bool bends : {false, true}) {
            Job job = jobOf("honey supper");
            job.lettering.blocks.resize(1);
            job.lettering.blocks[0].shape = {ShapeKind::Circle, bends, 300.0, 0.0, false, {}};
            if (closes)
                job.lettering.close_up.depth_mm = 0.4;
            const auto design = composed(job);
            int joined = 0;
            for (const auto& pair : design.setting.pairs) {
                if (pair.state != ClosePair::State::Joins)
                    continue;
                ++joined;
                // Near to the ink of both: within the depth, and what a bend leaves of the sides' common
                // height.
                const Point at = design.setting.blocks[0].shape.bends
                                     ? AlongShape(design.setting.blocks[0]).map(pair.at)
                                     : pair.at;
                const ShapeChords dot(Paths{test::rectangle(2, 2)}, 0.25);
                for (const auto i : {pair.left, pair.right}) {
                    const auto& letter = design.setting.letters[i];
                    const auto glyph = asItStands(design.setting, letter, letter.glyphs[0], 0.25);
                    const double off =
                        distanceOf(dot, at - Point{1, 1}, ShapeChords(*glyph.paths, 0.25), glyph.at, 1e9);
                    QVERIFY2(off < 12.0, std::to_string(off).c_str());
                }
                const Point mm = design.placeOf(pair);
                QVERIFY(length(mm - design.to_mm.map(at)) < 1e-9);
            }
            if (closes || bends) // letters turned away from each other need not touch
                QVERIFY2(
                    joined >= (closes ? 6 : 5),
                    (std::to_string(joined) + (closes ? " closed" : "") + (bends ? " bent" : "")).c_str());
        }
}

void TestAlongShape::bothSidesAreAsAsked()
{
    for (const SizeBy by : {SizeBy::Width, SizeBy::Height})
        for (const bool closes : {false, true}) {
            Job job = jobOf("honey jar");
            job.size = {by, 150.0, 30.0};
            if (closes)
                job.lettering.close_up.depth_mm = 0.4;
            const auto design = composed(job);
            const Box box = design.design.figures_mm.box;
            const double width = by == SizeBy::Width ? 150.0 : 30.0,
                         height = by == SizeBy::Width ? 30.0 : 150.0;
            QVERIFY(std::abs(box.width() - width) < 1e-6);
            QVERIFY(std::abs(box.height() - height) < 1e-6);
            QVERIFY(std::abs(design.mm_per_u / design.mm_per_u_up - 1.0) > 0.1);
            const Point place{12.0, 7.0};
            const Point there = design.to_mm.map(design.inU(place));
            QVERIFY(length(there - place) < 1e-9);
        }
    // Other measures have no other side.
    Job job = jobOf("honey");
    job.size = {SizeBy::Em, 30.0, 500.0};
    const auto design = composed(job);
    QCOMPARE(design.mm_per_u, design.mm_per_u_up);
    job.size = {SizeBy::Width, 100.0, 1e9};
    QCOMPARE(composeDesign(job, test::demoLetters()).error().code, ErrorCode::SizeOutOfRange);
    job.size.other_mm = std::nan("");
    QCOMPARE(composeDesign(job, test::demoLetters()).error().code, ErrorCode::SizeOutOfRange);
}

void TestAlongShape::theOtherSideIsKeptInTheJob()
{
    Job job = jobOf("honey");
    job.size = {SizeBy::Height, 42.0, 99.5};
    std::stringstream file;
    writeJob(file, job);
    const auto read = readJob(file);
    QVERIFY(read);
    QVERIFY(*read == job);
    // A side that cannot be made is not taken over, nor what is no number.
    for (const char* other : {"1e30", "-4", "\"wide\""}) {
        std::stringstream bad;
        bad << R"({"format":"under-ink-job","version":1,"words":"a","size":{"by":"width","value_mm":50,"other_mm":)"
            << other << "}}";
        const auto strange = readJob(bad);
        QVERIFY(!strange || !strange->size.other_mm);
    }
}

INK_TEST_CORE_MAIN(TestAlongShape)
#include "test_along_shape.moc"
