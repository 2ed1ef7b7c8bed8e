// Letters that are made otherwise than the rest, names that are too wide, and names that are dressed each for itself.
#include "core/geometry/boolean.h"
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/handoff/made_names.h"
#include "tests/support/lettering.h"

#include <cmath>
#include <sstream>

using namespace ink;
using test::composed;
using test::jobOf;

namespace {

double areaOf(const Outline& outline)
{
    return measure(outline).area;
}

Job wordsOf(const char* words, const char* font)
{
    Job job = jobOf(words, font);
    job.size = {SizeBy::XHeight, 12.0};
    return job;
}

MadeName made(const Job& job, std::size_t name = 0)
{
    const JobsOfNames jobs(job);
    return makeName(jobs.at(name), jobs.listed(name), test::demoLetters(), {}, false);
}

/// The longest step between two places of one outline and the other's: 0 where they are the same.
bool isSame(const Outline& a, const Outline& b)
{
    return std::abs(areaOf(a) - areaOf(b)) < 1e-9 && measure(a).nodes == measure(b).nodes;
}

} // namespace

class TestParts : public QObject
{
    Q_OBJECT
private slots:
    void allMadeAlikeIsOnePart()
    {
        const auto whole = composed(wordsOf("Honey", "GatepostPlain.ttf"));
        QVERIFY(whole.design.parts.empty());
    }

    void lettersOfAnotherMaterialStayInTheirPlace_data()
    {
        QTest::addColumn<QString>("font");
        QTest::addColumn<int>("shape");
        QTest::newRow("apart") << "GatepostPlain.ttf" << int(ShapeKind::None);
        QTest::newRow("joined") << "Larkmallow.ttf" << int(ShapeKind::None);
        QTest::newRow("bent") << "GatepostPlain.ttf" << int(ShapeKind::Hill);
    }

    void lettersOfAnotherMaterialStayInTheirPlace()
    {
        QFETCH(QString, font);
        QFETCH(int, shape);
        Job job = wordsOf("Honey", qPrintable(font));
        if (ShapeKind(shape) != ShapeKind::None) {
            job.lettering.blocks.resize(1);
            job.lettering.blocks[0].shape = {ShapeKind(shape), true, 20.0, 0.0, false, {}};
        }
        const auto plain = composed(job);
        job.lettering.letters[0].handling.colour = "gold";
        job.lettering.letters[4].handling.operation = Operation::Score;
        const auto whole = composed(job);
        QCOMPARE(whole.design.parts.size(), std::size_t(3));
        QVERIFY(whole.design.parts[0].handling.isUsual());
        // All of it stands where it stood.
        const Box before = plain.design.figures_mm.box, after = whole.design.figures_mm.box;
        QVERIFY(std::abs(before.width() - after.width()) < 0.02 &&
                std::abs(before.height() - after.height()) < 0.02);
        Box together;
        double area = 0.0;
        Outline union_mm;
        for (const auto& part : whole.design.parts) {
            QVERIFY(!part.outline_mm.pieces.empty());
            together.add(bounds(part.outline_mm));
            area += areaOf(part.outline_mm);
            const auto joined =
                combine(union_mm, part.outline_mm, BooleanOp::Union, Unit::ofEm(plain.design.em_mm));
            QVERIFY(joined);
            union_mm = *joined;
        }
        QVERIFY(std::abs(together.x1 - after.x1) < 1e-6 && std::abs(together.y1 - after.y1) < 1e-6);
        // Welded with each other they are the words; where letters join, both have the ink of the join.
        QVERIFY(std::abs(areaOf(union_mm) - areaOf(plain.design.outline_mm)) <
                0.002 * areaOf(plain.design.outline_mm));
        QVERIFY(area >= areaOf(union_mm) - 1e-6);
    }

    void whatIsDoneToThemAllIsDoneToEach()
    {
        Job job = wordsOf("Honey", "GatepostPlain.ttf");
        job.lettering.letters[0].handling.colour = "gold";
        const auto before = composed(job);
        job.finishing.offset_mm = 1.0;
        const auto after = composed(job);
        for (std::size_t i = 0; i < 2; ++i)
            QVERIFY(areaOf(after.design.parts[i].outline_mm) > areaOf(before.design.parts[i].outline_mm));
    }

    void aPieceOfAnotherMaterialIsAPart()
    {
        Job job = wordsOf("Honey", "GatepostPlain.ttf");
        job.lettering.motifs["m"] = test::motifDrawing("Square", test::rectangle(200, 200), 200.0);
        PlacedPiece piece;
        piece.motif = "m";
        piece.letter = 2;
        piece.y_em = 1.5;
        piece.handling.colour = "gold";
        job.lettering.pieces = {piece};
        const auto whole = composed(job);
        QCOMPARE(whole.design.parts.size(), std::size_t(2));
        const Box box = bounds(whole.design.parts[1].outline_mm);
        QVERIFY(std::abs(box.width() - 0.2 * whole.design.em_mm) < 1e-3);
    }

    void theyAreKeptInTheJob()
    {
        Job job = wordsOf("Honey", "GatepostPlain.ttf");
        job.lettering.letters[0].handling = {"gold", Operation::Pen};
        PlacedPiece piece;
        piece.motif = "m";
        piece.handling.operation = Operation::Score;
        job.lettering.motifs["m"] = test::motifDrawing("Square", test::rectangle(200, 200), 200.0);
        job.lettering.pieces = {piece};
        setNames(job, {{"Ada"}, {"Bo"}});
        job.names.is_dressed_quietly = true;
        std::stringstream file;
        writeJob(file, job);
        const auto read = readJob(file);
        QVERIFY(read);
        QCOMPARE(read->lettering, job.lettering);
        QVERIFY(read->names == job.names);
        // A rule of its first letter: every name begins so.
        QCOMPARE(JobsOfNames(*read).at(1).lettering.letter(0).handling.colour, std::string("gold"));
    }

    void tooWideIsClosedUpBeforeItIsMadeSmaller()
    {
        Job job = wordsOf("Marmalade", "GatepostPlain.ttf");
        const auto free = made(job);
        const double width_mm = bounds(*free.outline_mm).width();
        job.size.widest_mm = width_mm * 0.985;
        const auto closer = made(job);
        QVERIFY(closer.closed_up_mm > 0.0);
        QCOMPARE(closer.made_smaller, 1.0);
        QVERIFY(bounds(*closer.outline_mm).width() <= job.size.widest_mm + 0.01);
        QVERIFY(std::abs(bounds(*closer.outline_mm).height() - bounds(*free.outline_mm).height()) < 1e-6);
        QCOMPARE(measure(*closer.outline_mm).pieces, measure(*free.outline_mm).pieces); // nothing touches
        job.size.widest_mm = width_mm * 0.7;
        const auto smaller = made(job);
        QVERIFY(smaller.closed_up_mm > 0.0 && smaller.made_smaller < 1.0 && smaller.made_smaller > 0.7);
        QVERIFY(std::abs(bounds(*smaller.outline_mm).width() - job.size.widest_mm) < 0.01);
    }

    void lettersThatJoinAreNotClosedUp()
    {
        Job job = wordsOf("meadow", "Larkmallow.ttf");
        const double width_mm = bounds(*made(job).outline_mm).width();
        job.size.widest_mm = width_mm * 0.9;
        const auto smaller = made(job);
        QCOMPARE(smaller.closed_up_mm, 0.0);
        QVERIFY(std::abs(smaller.made_smaller - 0.9) < 0.01);
    }

    void eachNameIsDressedForItself()
    {
        Job job = wordsOf("Ada", "TansyCord.ttf");
        setNames(job, {{"Marda"}, {"Hazel"}, {"Bram"}});
        std::size_t dressed = 0;
        for (std::size_t i = 0; i < 3; ++i) {
            job.names.is_dressed_quietly = false;
            const auto plain = made(job, i);
            job.names.is_dressed_quietly = true;
            const auto now = made(job, i), again = made(job, i);
            QVERIFY(!now.error);
            QVERIFY(isSame(*now.outline_mm, *again.outline_mm));
            dressed += isSame(*plain.outline_mm, *now.outline_mm) ? 0 : 1;
        }
        QVERIFY2(dressed > 0, "no name wears anything");
        // A font that has no other forms sets them as ever.
        Job other = wordsOf("Ada", "GatepostPlain.ttf");
        setNames(other, {{"Marda"}});
        const auto plain = made(other);
        other.names.is_dressed_quietly = true;
        QVERIFY(isSame(*plain.outline_mm, *made(other).outline_mm));
    }
};

INK_TEST_CORE_MAIN(TestParts)
#include "test_parts.moc"
