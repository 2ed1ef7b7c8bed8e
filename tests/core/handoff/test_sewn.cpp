// Names made into stitches: by themselves, together in hoops, of several threads, and with letters that are sewn otherwise.
#include "core/design/design_proof.h"
#include "core/geometry/measure.h"
#include "core/geometry/nesting.h"
#include "core/handoff/sewn_together.h"
#include "tests/support/lettering.h"

#include <algorithm>
#include <cmath>
#include <map>

using namespace ink;
using test::jobOf;

namespace {

Job sewnJob(const char* words, const char* font = "GatepostPlain.ttf")
{
    Job job = jobOf(words, font);
    job.process = Process::Satin;
    job.size = {SizeBy::XHeight, 10.0};
    return job;
}

std::vector<MadeName> madeOf(const Job& job)
{
    const JobsOfNames jobs(job);
    std::vector<MadeName> out;
    for (std::size_t i = 0; i < jobs.count(); ++i)
        out.push_back(makeName(jobs.at(i), jobs.listed(i), test::demoLetters(), {}, false));
    return out;
}

Hoops together(const std::vector<MadeName>& names, const StitchSettings& settings)
{
    auto hoops = sewnTogether(names, settings);
    if (!hoops)
        qFatal("%s", hoops.error().message().c_str());
    return std::move(*hoops);
}

std::size_t stopsOf(const SewnName& name)
{
    return name.figures.stops;
}

bool has(const std::vector<ProofFinding>& findings, FindingKind kind)
{
    return std::ranges::count(findings, kind, &ProofFinding::kind) > 0;
}

DesignProof proofed(const Job& job)
{
    auto proof = proofOf(test::composed(job), job);
    if (!proof)
        qFatal("%s", proof.error().message().c_str());
    return std::move(*proof);
}

} // namespace

class TestSewn : public QObject
{
    Q_OBJECT
private slots:
    void namesLieTogetherInTheHoop()
    {
        Job job = sewnJob("Ada");
        setNames(job, {{"Ada"}, {"Bo", 2}, {"Cy"}});
        StitchSettings settings;
        settings.hoop_width_mm = settings.hoop_height_mm = 130.0;
        const auto names = madeOf(job);
        const auto hoops = together(names, settings);
        QCOMPARE(hoops.hoops.size(), std::size_t(1));
        QVERIFY(hoops.left_out.empty());
        const auto& hoop = hoops.hoops[0];
        auto lying = hoop.names;
        std::ranges::sort(lying);
        QCOMPARE(lying, (std::vector<std::size_t>{0, 1, 1, 2}));
        QCOMPARE(stopsOf(hoop.sewn), std::size_t(0)); // one thread: no stop
        // All of it in the hoop, its middle in the middle, as many pieces as the names have.
        const Box box = bounds(*hoop.sewn.outline_mm);
        QVERIFY(std::abs(box.x0 + box.x1) < 1e-6 && std::abs(box.y0 + box.y1) < 1e-6);
        QVERIFY(box.width() <= 130.0 && box.height() <= 130.0);
        double area = 0.0;
        for (const auto name : hoop.names)
            area += measure(*names[name].outline_mm).area;
        QVERIFY(std::abs(measure(*hoop.sewn.outline_mm).area - area) < 1e-6 * area);
        QVERIFY(hoop.sewn.figures.covers > 0.97);
        QVERIFY(hoop.sewn.words.find("Cy") != std::string::npos);
    }

    void whatDoesNotFitIsInAnotherHoopOrLeftOut()
    {
        Job job = sewnJob("Ada");
        setNames(job, {{"Ada"}, {"Bo"}, {"Wilhelmina Featherstone"}});
        StitchSettings settings;
        settings.hoop_width_mm = 45.0;
        settings.hoop_height_mm = 20.0;
        const auto hoops = together(madeOf(job), settings);
        QCOMPARE(hoops.hoops.size(), std::size_t(2));
        QCOMPARE(hoops.left_out, std::vector<std::size_t>{2});
        // Upright, unless it fits only when it is turned.
        settings.hoop_width_mm = 20.0;
        settings.hoop_height_mm = 45.0;
        const auto turned = together(madeOf(job), settings);
        for (const auto& hoop : turned.hoops) {
            const Box box = bounds(*hoop.sewn.outline_mm);
            QVERIFY(box.width() <= 20.0 && box.height() > box.width());
        }
        settings.hoop_width_mm = settings.hoop_height_mm = 5.0;
        QVERIFY(!sewnTogether(madeOf(job), settings));
        settings.hoop_width_mm = 0.0; // no hoop: all at once
        QCOMPARE(together(madeOf(job), settings).hoops.size(), std::size_t(1));
    }

    void coloursAreBroughtTogether()
    {
        Job job = sewnJob("Ada");
        setNames(job,
                 {{"Ada", 1, "red"}, {"Bo", 1, "#0000ff"}, {"Cy", 1, "red"}, {"Di", 1, "no colour at all"}});
        StitchSettings settings;
        settings.hoop_width_mm = settings.hoop_height_mm = 200.0;
        const auto hoops = together(madeOf(job), settings);
        QCOMPARE(hoops.hoops.size(), std::size_t(1));
        std::vector<std::string> colours;
        for (const auto& layer : hoops.hoops[0].sewn.plan.layers)
            colours.push_back(layer.colour);
        QCOMPARE(colours.size(), std::size_t(3)); // red once, though two names are red
        QVERIFY(std::ranges::count(colours, "#ff0000") == 1 && std::ranges::count(colours, "#0000ff") == 1 &&
                std::ranges::count(colours, settings.thread) == 1);
        QCOMPARE(stopsOf(hoops.hoops[0].sewn), std::size_t(2));
    }

    /// CSS Color Module Level 3, 4.1.
    void basicColoursHaveTheirNames()
    {
        const std::map<std::string, std::string> published{
            {"navy", "#000080"}, {"teal", "#008080"}, {"olive", "#808000"}, {"fuchsia", "#ff00ff"}};
        for (const auto& [word, colour] : published)
            QCOMPARE(threadCalled(word, "#123456"), colour);
        QCOMPARE(threadCalled("", "#123456"), std::string("#123456"));
        QCOMPARE(threadCalled("#12345g", "#123456"), std::string("#123456"));
        QCOMPARE(threadCalled("#A1b2C3", "#123456"), std::string("#A1b2C3"));
    }

    void aLetterOfAnotherThreadIsALayer()
    {
        Job job = sewnJob("Ada");
        job.lettering.letters[1].handling.colour = "navy";
        const auto sewn = sewName(madeOf(job)[0], {});
        QCOMPARE(sewn.plan.layers.size(), std::size_t(2));
        QCOMPARE(sewn.plan.layers[1].colour, std::string("#000080"));
        // It lies where the letter lies.
        Box box;
        for (const auto& run : sewn.plan.layers[1].runs)
            for (const Point p : run.points)
                box.add(p);
        const Box all = bounds(*sewn.outline_mm);
        QVERIFY(box.x0 > all.x0 + 0.2 * all.width() && box.x1 < all.x1 - 0.2 * all.width());
        const auto file = sewnFileOf(sewn, {});
        QCOMPARE(file.threads, (std::vector<std::string>{StitchSettings().thread, "#000080"}));
    }

    void aLetterIsSewnOtherwise_data()
    {
        QTest::addColumn<QString>("font");
        QTest::newRow("apart") << "GatepostPlain.ttf";
        QTest::newRow("joined") << "Larkmallow.ttf";
    }

    void aLetterIsSewnOtherwise()
    {
        QFETCH(QString, font);
        Job job = sewnJob("amo", qPrintable(font));
        const auto count = [](const SewnName& name, ColumnKind kind) {
            return std::ranges::count(name.plan.columns, kind, &StitchColumn::kind);
        };
        const auto plain = sewName(madeOf(job)[0], {});
        job.lettering.letters[1].sewn_as = SewnAs::Fill;
        const auto names = madeOf(job);
        const auto sewn = sewName(names[0], {});
        QVERIFY(count(sewn, ColumnKind::Fill) > count(plain, ColumnKind::Fill));
        QVERIFY(count(sewn, ColumnKind::Satin) > 0);
        // What is filled lies in the letter's part of the word.
        const Box all = bounds(*sewn.outline_mm);
        for (const auto& column : sewn.plan.columns)
            if (column.kind == ColumnKind::Fill)
                QVERIFY(column.middle.x > all.x0 + 0.15 * all.width() &&
                        column.middle.x < all.x1 - 0.1 * all.width());
        // Rules take it to other names.
        setNames(job, {{"amo"}, {"meme"}});
        const JobsOfNames jobs(job);
        for (const std::size_t every_m : {0, 2})
            QVERIFY(jobs.at(1).lettering.letter(every_m).sewn_as == SewnAs::Fill);
        QVERIFY(!jobs.at(1).lettering.letter(1).sewn_as);
    }

    void aStrokeIsAMendingThatHangsOnItsLetter()
    {
        Job job = sewnJob("I");
        const auto plain = sewName(madeOf(job)[0], {});
        // The stem, which nothing else crosses in its middle.
        const auto& column = *std::ranges::max_element(
            plain.plan.columns, {}, [](const StitchColumn& c) { return length(c.to - c.from); });
        const auto design = test::composed(job);
        const Point middle = column.middle - Point{plain.to_hoop.e, plain.to_hoop.f};
        const auto place = mendingPlaceAt(design, middle);
        QVERIFY(place);
        Mending mending;
        mending.kind = MendingKind::SewLine;
        mending.place = *place;
        job.lettering.mendings.push_back(mending);
        const auto sewn = sewName(madeOf(job)[0], {});
        QCOMPARE(std::ranges::count(sewn.plan.columns, ColumnKind::Running, &StitchColumn::kind),
                 std::ptrdiff_t(1));
        // The shape is not touched by it.
        QVERIFY(std::abs(measure(*sewn.outline_mm).area - measure(*plain.outline_mm).area) < 1e-12);
        // At another size it is the same stroke.
        job.size.value_mm *= 2;
        const auto large = sewName(madeOf(job)[0], {});
        QCOMPARE(std::ranges::count(large.plan.columns, ColumnKind::Running, &StitchColumn::kind),
                 std::ptrdiff_t(1));
    }

    /// Fans and knots in bends: a stitch of the cover that crosses the next one of its side.
    void coversHaveNoKnots_data()
    {
        QTest::addColumn<QString>("font");
        for (const char* font :
             {"Larkmallow.ttf", "Oatbrush.otf", "GatepostPlain.ttf", "HartsorrelScript.ttf", "TansyCord.ttf",
              "SextonCourt.otf", "WickerbyBroad.ttf"})
            QTest::newRow(font) << font;
    }

    void coversHaveNoKnots()
    {
        QFETCH(QString, font);
        std::size_t knots = 0, all = 0;
        for (const char* words : {"Honey", "Zoe", "Amber"}) {
            Job job = sewnJob(words, qPrintable(font));
            job.size = {SizeBy::Height, 25.0};
            const auto sewn = sewName(madeOf(job)[0], {});
            for (const auto& layer : sewn.plan.layers)
                for (const auto& run : layer.runs) {
                    if (run.kind != StitchKind::Satin)
                        continue;
                    for (std::size_t i = 0; i + 3 < run.points.size(); ++i) {
                        const auto& p = run.points;
                        ++all;
                        const double a = cross(p[i + 1] - p[i], p[i + 2] - p[i]),
                                     b = cross(p[i + 1] - p[i], p[i + 3] - p[i]),
                                     c = cross(p[i + 3] - p[i + 2], p[i] - p[i + 2]),
                                     d = cross(p[i + 3] - p[i + 2], p[i + 1] - p[i + 2]);
                        knots += a * b < -1e-9 && c * d < -1e-9;
                    }
                }
        }
        QVERIFY(all > 1000);
        QVERIFY2(double(knots) < 0.01 * double(all),
                 qPrintable(QStringLiteral("%1 of %2").arg(knots).arg(all)));
    }

    void proofTellsWhatANeedleWillNotDo()
    {
        Job job = sewnJob("Ada");
        QVERIFY(!has(proofed(job).findings, FindingKind::LowLetters));
        QVERIFY(!has(proofed(job).findings, FindingKind::TooLarge));
        job.size = {SizeBy::XHeight, 2.5};
        const auto low = proofed(job);
        QVERIFY(has(low.findings, FindingKind::LowLetters));
        const auto& finding = *std::ranges::find(low.findings, FindingKind::LowLetters, &ProofFinding::kind);
        QCOMPARE(finding.letters, (std::vector<std::size_t>{0, 1, 2}));
        QVERIFY(finding.measured < finding.wanted);
        job.size = {SizeBy::XHeight, 90.0};
        const auto large = proofed(job);
        QVERIFY(has(large.findings, FindingKind::TooLarge));
        QVERIFY(has(large.findings, FindingKind::WideStroke));
        QCOMPARE(large.verdict, ProofVerdict::Not);
        // Left as it is, it is no finding any more; of a blade's job it never was one.
        Mending leave;
        leave.kind = MendingKind::Leave;
        leave.leaves = FindingKind::WideStroke;
        job.lettering.mendings = {leave};
        QVERIFY(!has(proofed(job).findings, FindingKind::WideStroke));
        job.lettering.mendings.clear();
        job.process = Process::KnifeVinyl;
        QVERIFY(!has(proofed(job).findings, FindingKind::WideStroke));
        QVERIFY(!has(proofed(job).findings, FindingKind::TooLarge));
    }

    /// The factor that Proof offers: all of it goes into the hoop then, whichever way it is turned.
    void fittedToTheHoopItFits()
    {
        for (const char* words : {"Wilhelmina", "I", "Ada\nBo\nCy\nDi\nEd\nFi"}) {
            Job job = sewnJob(words);
            job.size = {SizeBy::XHeight, 60.0};
            const auto proof = proofed(job);
            const auto found = std::ranges::find(proof.findings, FindingKind::TooLarge, &ProofFinding::kind);
            if (found == proof.findings.end())
                continue;
            job.size.value_mm *= found->wanted / found->measured * 0.9999;
            QVERIFY2(!has(proofed(job).findings, FindingKind::TooLarge), words);
        }
    }
};

INK_TEST_CORE_MAIN(TestSewn)
#include "test_sewn.moc"
