// What is drawn to what while a hand drags it, and pieces that grow on letters.
#include "core/design/shape_handle.h"
#include "core/design/snapping.h"
#include "core/design/try_on.h"
#include "tests/support/lettering.h"

#include <sstream>

using namespace ink;

namespace {

Job jobOf(const char* words, const char* font = "Larkmallow.ttf")
{
    Job job = test::jobOf(words, font);
    job.size = {SizeBy::Width, 240.0};
    return job;
}

FindLetters lettersOfOne(std::shared_ptr<const FontFace> face)
{
    return [face = std::move(face)](const FontRef&) -> Result<std::shared_ptr<const LetterSource>> {
        return lettersOf(face);
    };
}

std::shared_ptr<const FontFace> faceOf(const Job& job)
{
    auto face = FontFace::open(job.font.path);
    if (!face)
        qFatal("%s", face.error().message().c_str());
    return *face;
}

Setting settingOf(const Job& job)
{
    auto setting = setLettering(job, lettersOfOne(faceOf(job)), {0.05});
    if (!setting)
        qFatal("%s", setting.error().message().c_str());
    return std::move(*setting);
}

TryOnRequest requestFor(const Job& job, std::size_t character)
{
    TryOnRequest request;
    const auto face = faceOf(job);
    request.job = job;
    request.letters = lettersOfOne(face);
    request.forms = std::make_shared<const FormTable>(*face);
    request.character = character;
    request.mm_per_u = 0.05;
    request.strokes = std::make_shared<StrokeWidths>();
    return request;
}

PlacedPaths square(double x0, double y0, double side)
{
    return {std::make_shared<const Paths>(test::rectangle(side, side)), {x0, y0}, 0};
}

} // namespace

class TestPlacing : public QObject
{
    Q_OBJECT
private slots:
    void blocksAreDrawnToEdgesBaselinesAndGuides();
    void farFromEverythingTheHandDecides();
    void distancesAreThoseOfTheInks();
    void aPieceIsDrawnToAnEndItCanGrowOn();
    void handlesArePulledAndNeverTurnTheWordsOver();
    void guidesAreKeptInTheJob();
    void piecesGrowOnTheirLetter();
    void aPieceIsPlacedOnceAndTakenAway();
    void aFontWithoutPiecesOffersNone();
};

void TestPlacing::blocksAreDrawnToEdgesBaselinesAndGuides()
{
    const auto setting = settingOf(jobOf("Honey\n\nJar"));
    QCOMPARE(setting.blocks.size(), std::size_t(2));
    const double off = setting.blocks[0].ink.x0 - setting.blocks[1].ink.x0;
    const auto edge = snapped(setting, 1, {}, {off + 5.0, 300.0}, 12.0);
    QVERIFY(edge.x);
    QCOMPARE(edge.by.x, off);
    QCOMPARE(*edge.x, setting.blocks[0].ink.x0);
    // Onto the other's baseline.
    const double up = setting.lines[0].baseline - setting.lines[1].baseline;
    const auto baseline = snapped(setting, 1, {}, {900.0, up - 4.0}, 6.0);
    QVERIFY(baseline.y);
    QVERIFY(std::abs(baseline.by.y - up) < 1e-9);
    // Nothing is near but the guide.
    const double guide = setting.blocks[1].ink.x1 + 5000.0;
    const auto guided = snapped(setting, 1, {{true, guide / kU_per_em}}, {4995.0, 5000.0}, 8.0);
    QVERIFY(guided.x && !guided.y);
    QVERIFY(std::abs(guided.by.x - 5000.0) < 1e-6);
    const auto level = snapped(setting, 1, {{false, guide / kU_per_em}}, {4995.0, 5000.0}, 8.0);
    QVERIFY(!level.x);
}

void TestPlacing::farFromEverythingTheHandDecides()
{
    const auto setting = settingOf(jobOf("Honey\n\nJar"));
    const auto free = snapped(setting, 1, {}, {5000.0, 7000.0}, 10.0);
    QVERIFY(!free.x && !free.y);
    QCOMPARE(free.by, (Point{5000.0, 7000.0}));
}

void TestPlacing::distancesAreThoseOfTheInks()
{
    InkDistances distances;
    const std::vector<PlacedPaths> one{square(0, 0, 100)}, near{square(130, 40, 50), square(900, 0, 10)};
    QCOMPARE(distances.between(one, near), std::optional(30.0));
    // Corner to corner: 3, 4, 5.
    const std::vector<PlacedPaths> corner{square(130, 140, 50)};
    QCOMPARE(distances.between(one, corner), std::optional(50.0));
    const std::vector<PlacedPaths> within{square(20, 20, 10)};
    QCOMPARE(distances.between(one, within), std::optional(0.0));
    QVERIFY(!distances.between(one, {}));
    // Letters, whose boxes overlap while their inks do not: not less than 0, not more than between their
    // boxes' far sides.
    const auto setting = settingOf(jobOf("AV", "GatepostPlain.ttf"));
    const auto apart = distances.between(setting.letters[0].glyphs, setting.letters[1].glyphs);
    QVERIFY(apart && *apart > 0.0);
}

void TestPlacing::aPieceIsDrawnToAnEndItCanGrowOn()
{
    const std::vector<StrokeEnd> letter{{{100, 0}, {1, 0}, 40}},
        piece{{{0, 0}, {-1, 0}, 40}, {{80, 0}, {1, 0}, 40}};
    const auto grown = grownNear(letter, piece, {80, 6}, 20.0);
    QVERIFY(grown);
    QVERIFY(grown->x < 100.0 && grown->x > 60.0); // into the letter, by less than the stroke's width
    QCOMPARE(grown->y, 0.0);
    QVERIFY(!grownNear(letter, piece, {300, 0}, 20.0));
    QVERIFY(!grownNear(letter, {{{0, 0}, {1, 0}, 40}}, {100, 0}, 20.0)); // it looks the other way
}

void TestPlacing::handlesArePulledAndNeverTurnTheWordsOver()
{
    Job job = jobOf("Honey");
    job.lettering.blocks.resize(1);
    auto& shape = job.lettering.blocks[0].shape;
    shape.kind = ShapeKind::Hill;
    shape.amount = 20.0;
    auto block = settingOf(job).blocks[0];
    QCOMPARE(shapeHandles(block).size(), std::size_t(1));
    const auto higher = pulled(block, shape, 0, {0, 0}, {0, 60});
    QVERIFY(higher.amount > shape.amount);
    QCOMPARE(higher.amount, std::round(higher.amount));
    QVERIFY(pulled(block, shape, 0, {0, 0}, {0, -60}).amount < shape.amount);
    QCOMPARE(pulled(block, shape, 0, {0, 0}, {0, 0}).amount, shape.amount);
    // However far it is pulled, the figure stays one that the shape takes.
    QVERIFY(pulled(block, shape, 0, {0, 0}, {0, 1e7}).amount <= infoOf(ShapeKind::Hill).most);

    shape = {};
    shape.kind = ShapeKind::Corners;
    block = settingOf(job).blocks[0];
    const auto corners = shapeHandles(block);
    QCOMPARE(corners.size(), std::size_t(4));
    const auto moved = pulled(block, shape, 0, corners[0], corners[0] + Point{30, 20});
    QVERIFY(!(moved == shape));
    // Across the opposite corner: the words would stand on their head.
    const Point across = corners[2] + (corners[2] - corners[0]) * 2.0;
    QVERIFY(pulled(block, shape, 0, corners[0], across) == shape);
}

void TestPlacing::guidesAreKeptInTheJob()
{
    Job job = jobOf("Honey");
    job.lettering.guides = {{true, 0.25}, {false, -1.5}};
    std::stringstream file;
    writeJob(file, job);
    const auto again = readJob(file);
    QVERIFY(again);
    QCOMPARE(again->lettering.guides, job.lettering.guides);
}

void TestPlacing::piecesGrowOnTheirLetter()
{
    const Job script = jobOf("Supper", "WickerbyBroad.ttf");
    for (const auto& wanted : {script, jobOf("Supper")}) {
        const auto request = requestFor(wanted, 5);
        const auto tries = tryPieces(request);
        QVERIFY(tries);
        QVERIFY(!tries->empty());
        QVERIFY(tries->size() <= 24);
        const auto plain = composeDesign(wanted, request.letters);
        QVERIFY(plain);
        for (const auto& item : *tries) {
            QVERIFY(item.piece);
            QVERIFY(!item.is_worn);
            QVERIFY(!item.word.empty());
            QVERIFY(!item.form.glyph_name.ends_with("comb"));
            if (!item.piece->grows_on || item.verdict.collides_with_other)
                continue;
            // What grows on is one piece with its letter once it is welded.
            Job grown = wanted;
            changePiece(grown, *item.piece);
            const auto with = composeDesign(grown, request.letters);
            QVERIFY(with);
            Paths alone = *item.piece->drawing.outline;
            const auto own = weld(std::vector<Paths>{alone}, kJobUnit);
            QVERIFY(own);
            QVERIFY2(with->design.outline_mm.pieces.size() <
                         plain->design.outline_mm.pieces.size() + own->outline.pieces.size(),
                     item.form.glyph_name.c_str());
        }
        // Those that grow on come first.
        QVERIFY(std::ranges::is_sorted(*tries, std::ranges::greater(),
                                       [](const TryOn& t) { return t.piece->grows_on; }));
    }
}

void TestPlacing::aPieceIsPlacedOnceAndTakenAway()
{
    Job job = jobOf("Supper", "WickerbyBroad.ttf");
    const auto tries = tryPieces(requestFor(job, 5));
    QVERIFY(tries && tries->size() > 1);
    const auto& offer = *tries->front().piece;
    QVERIFY(!hasPiece(job, offer));
    changePiece(job, offer);
    QVERIFY(hasPiece(job, offer));
    QCOMPARE(job.lettering.pieces.size(), std::size_t(1));
    QCOMPARE(job.lettering.motifs.size(), std::size_t(1));
    // It is known again, where it stands.
    job.lettering.pieces[0].x_em += 0.5;
    const auto again = tryPieces(requestFor(job, 5));
    QVERIFY(again);
    const auto worn = std::ranges::find_if(*again, &TryOn::is_worn);
    QVERIFY(worn != again->end());
    QCOMPARE(worn->piece->placed.x_em, job.lettering.pieces[0].x_em);
    changePiece(job, *worn->piece);
    QVERIFY(job.lettering.isPlain());
}

void TestPlacing::aFontWithoutPiecesOffersNone()
{
    const auto tries = tryPieces(requestFor(jobOf("Supper", "GatepostPlain.ttf"), 2));
    QVERIFY(tries);
    QVERIFY(tries->empty());
    // Nor does a space.
    const auto space = tryPieces(requestFor(jobOf("A B", "WickerbyBroad.ttf"), 1));
    QVERIFY(space && space->empty());
}

INK_TEST_CORE_MAIN(TestPlacing)
#include "test_placing.moc"
