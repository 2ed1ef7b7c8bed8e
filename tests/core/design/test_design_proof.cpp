// Findings and mendings of whole words: places, letters, files and reports.
#include "core/geometry/box.h"
#include "core/geometry/nesting.h"
#include "core/proof/changed_outline.h"
#include "tests/support/mended.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>

#include <sstream>

using namespace ink;
using test::tryComposed, test::isValid, test::jobOf;

class TestDesignProof : public QObject
{
    Q_OBJECT
private slots:
    void mendedEdgesAreEven();
    void wideStrokesLeaveNoCrack();
    void whatStandsInAFrameKeepsItsMiddles();
    void whatIsNotMendedKeepsItsNodes_data();
    void whatIsNotMendedKeepsItsNodes();
    void findingsNameTheirLetters();
    void placesFollowTheirLetters();
    void theJobsFileHoldsItAll();
    void figuresOfAFileAreBounded();
    void theReportSaysWhatWasDone();
    void allIsMendedToWhatIsHeldNow();
    void whatMendingMadeIsMendedButForStrokesAndGaps();
    void cancelAnswersAtOnce();
};

/// Frames in frames, and pieces within them: a middle lies in another one there.
void TestDesignProof::whatStandsInAFrameKeepsItsMiddles()
{
    Job job = jobOf("Je", 7.0, "StallholderBits.ttf");
    ProcessLimits limits = job.limits();
    limits.stroke_floor_mm = limits.stroke_comfortable_mm = limits.gap_mm = 0.5;
    job.setLimits(job.process, limits);
    const auto plain = tryComposed(job);
    QVERIFY(plain);
    job.lettering.mendings = {{MendingKind::Thicken, 0.5}};
    const auto thicker = tryComposed(job);
    QVERIFY2(thicker, thicker ? "" : thicker.error().message().c_str());
    QVERIFY(isValid(*thicker));
    QCOMPARE(thicker->design.figures_mm.pieces, plain->design.figures_mm.pieces);
    QCOMPARE(thicker->design.figures_mm.middles, plain->design.figures_mm.middles);
}

/// Also where nodes are reduced, as they are for knife and laser from the start: which nodes go must not hang on what is mended elsewhere.
void TestDesignProof::whatIsNotMendedKeepsItsNodes_data()
{
    QTest::addColumn<QString>("font");
    for (const char* font : {"HartsorrelScript.ttf", "Larkmallow.ttf", "FennelRow.ttf"})
        QTest::newRow(font) << font;
}

void TestDesignProof::whatIsNotMendedKeepsItsNodes()
{
    QFETCH(QString, font);
    Job job = jobOf("Fennmoor Honey", 24.0, font.toStdString().c_str());
    job.finishing.reduce_mm = 0.01;
    const auto plain = tryComposed(job);
    QVERIFY(plain);
    const auto proof = proofOf(*plain, job);
    QVERIFY(proof);
    const auto thin = std::ranges::find(proof->findings, FindingKind::ThinStroke, &ProofFinding::kind);
    QVERIFY(thin != proof->findings.end());
    const auto mending = usualMending(*thin, job.limits());
    QVERIFY(mending);
    job.lettering.mendings = {*mending};
    const auto mended = tryComposed(job);
    QVERIFY(mended);
    const auto& touched = mended->design.finished.mended.touched;
    QVERIFY(!touched.empty());
    const auto isThere = drawnSegments(mended->design.outline_mm);
    std::size_t asked = 0;
    for (const auto& ring : toPaths(plain->design.outline_mm))
        for (const auto& s : ring.segments)
            if (std::ranges::none_of(touched, [&](const Box& box) { return meets(box, s.bounds()); })) {
                ++asked;
                QVERIFY(isThere(s));
            }
    QVERIFY(asked >= 20);
    QVERIFY(mended->design.finished.largest_deviation_mm <= 0.01);
    QVERIFY(mended->design.finished.nodes_before_reduction > mended->design.figures_mm.nodes);
}

void TestDesignProof::mendedEdgesAreEven()
{
    // Where the stroke keeps off the gap and the gap off the stroke, in every joint of the two n.
    Job job = jobOf("Orla & Finn", 23.83, "HartsorrelScript.ttf");
    const auto plain = tryComposed(job);
    QVERIFY(plain);
    const auto before = proofOf(*plain, job);
    QVERIFY(before);
    mendAll(job, before->findings);
    const auto mended = tryComposed(job);
    QVERIFY(mended);
    QVERIFY(isValid(*mended));
    const double nodes = double(mended->design.figures_mm.nodes) / double(plain->design.figures_mm.nodes);
    QVERIFY2(nodes <= 1.3, qPrintable(QString::number(nodes)));
    const auto after = proofOf(*mended, job);
    QVERIFY(after);
    for (const auto& f : after->findings)
        QVERIFY(f.kind != FindingKind::NarrowGap || f.measured > 0.2); // what room there is, and no crack
}

/// Curves of few samples stray from a pen's long line, and what they leave between them no knife can cut.
void TestDesignProof::wideStrokesLeaveNoCrack()
{
    Job job = jobOf("Fennmoor Honey", 0.0, "Larkmallow.ttf");
    job.size = {SizeBy::Width, 120.0};
    job.lettering.mendings = {{MendingKind::Thicken, job.limits().stroke_comfortable_mm},
                              {MendingKind::OpenGaps, job.limits().gap_mm}};
    const auto mended = tryComposed(job);
    QVERIFY(mended);
    const auto after = proofOf(*mended, job);
    QVERIFY(after);
    for (const auto& f : after->findings)
        QVERIFY2(f.kind != FindingKind::NarrowGap || f.measured > 0.1,
                 qPrintable(QString::number(f.measured)));
}

void TestDesignProof::findingsNameTheirLetters()
{
    const Job job = jobOf("a b\nc", 30.0, "HartsorrelScript.ttf");
    const auto design = tryComposed(job);
    QVERIFY(design);
    const auto proof = proofOf(*design, job);
    QVERIFY(proof);
    QVERIFY(!proof->findings.empty());
    for (const auto& f : proof->findings)
        for (const auto letter : f.letters)
            QVERIFY(letter < 5 && job.words[letter] != ' ' && job.words[letter] != '\n');
}

void TestDesignProof::placesFollowTheirLetters()
{
    Job job = jobOf("Honey", 20.0);
    const auto design = tryComposed(job);
    QVERIFY(design);
    const auto at = mendingPlaceAt(*design, {30.0, 5.0});
    QVERIFY(at);
    const auto back = placeOf(*design, *at);
    QVERIFY(back && length(*back - Point{30.0, 5.0}) < 1e-6);
    job.size.value_mm = 40.0;
    const auto larger = tryComposed(job);
    QVERIFY(larger);
    const auto there = placeOf(*larger, *at);
    QVERIFY(there && length(*there - Point{60.0, 10.0}) < 1e-6);
    QVERIFY(!placeOf(*larger, {77, 0.0, 0.0}));
}

void TestDesignProof::theJobsFileHoldsItAll()
{
    Job job = jobOf("Honey", 20.0);
    job.is_one_piece = true;
    job.material = {300.0, 200.0};
    job.weeding = {5.0, 2.0, {4.0, 3.0, 1.5, 60.0}};
    for (int kind = 0; kind <= static_cast<int>(MendingKind::SewLine); ++kind) {
        Mending m;
        m.kind = static_cast<MendingKind>(kind);
        m.to = 0.25 + kind;
        if (kind % 2 == 0)
            m.place = MendingPlace{static_cast<std::size_t>(kind % 5), 0.1, -0.2};
        if (m.kind == MendingKind::Leave)
            m.leaves = FindingKind::NarrowGap;
        job.lettering.mendings.push_back(m);
    }
    std::stringstream file;
    writeJob(file, job);
    const auto read = readJob(file);
    QVERIFY(read);
    QVERIFY(*read == job);
}

void TestDesignProof::figuresOfAFileAreBounded()
{
    std::istringstream file(R"({"format": "under-ink-job", "version": 1, "words": "Honey",
        "material": {"width_mm": 1e300, "height_mm": -4}, "weeding": {"frame_mm": 1e300, "rule": {"s_a_part": -1, "mm_a_s": 1e99}},
        "lettering": {"mendings": [{"kind": "thicken", "to": 1e300}, {"kind": "no such kind", "to": 1},
                                   {"kind": "open-gaps", "to": -3}, 7, "x", {"kind": "thicken", "to": 0.6}]}})");
    const auto job = readJob(file);
    QVERIFY(job);
    QCOMPARE(job->material, Material());
    QCOMPARE(job->weeding, WeedingHelp());
    for (const auto& m : job->lettering.mendings)
        QVERIFY(m.to >= 0.0 && m.to <= kMostMending_mm2);
    Job with_font = *job;
    with_font.font.path = test::demoFont("HartsorrelScript.ttf");
    const auto design = tryComposed(with_font);
    QVERIFY2(design, design ? "" : design.error().message().c_str());
}

void TestDesignProof::theReportSaysWhatWasDone()
{
    Job job = jobOf("Honey", 12.0, "Larkmallow.ttf");
    const auto plain = tryComposed(job);
    QVERIFY(plain);
    const auto proof = proofOf(*plain, job, {true});
    QVERIFY(proof);
    QCOMPARE(proof->findings.front().kind, FindingKind::Rights);
    QCOMPARE(proof->verdict, ProofVerdict::Not);
    mendAll(job, proof->findings);
    const auto made = tryComposed(job);
    QVERIFY(made);
    const auto after = proofOf(*made, job);
    QVERIFY(after);
    std::ostringstream out;
    writeProofReport(out, *made, *after, job);
    const auto json = QJsonDocument::fromJson(QByteArray::fromStdString(out.str())).object();
    QVERIFY(!json["mended"].toArray().isEmpty());
    for (const auto& value : json["mended"].toArray())
        QVERIFY(value.toObject()["to_mm"].toDouble() > 0.0 && !value.toObject()["kind"].toString().isEmpty());
    QCOMPARE(json["pieces"].toInt(), int(made->design.figures_mm.pieces));
    QVERIFY(json["weeding"].toObject()["minutes"].toDouble() > 0.0);
    QCOMPARE(json["verdict"].toString(), QString::fromUtf8(idOf(after->verdict).data()));
}

void TestDesignProof::allIsMendedToWhatIsHeldNow()
{
    Job job = jobOf("Willow", 25.0, "MaypoleHand.otf");
    job.lettering.mendings = {{MendingKind::OpenGaps, 0.5}, {MendingKind::TieAll, 1.0}};
    job.process = Process::KnifeCard; // the rules were made for vinyl
    const auto made = tryComposed(job);
    QVERIFY(made);
    const auto proof = proofOf(*made, job);
    QVERIFY(proof);
    QVERIFY(mendAll(job, proof->findings));
    const auto rule = std::ranges::find(job.lettering.mendings, MendingKind::OpenGaps, &Mending::kind);
    QCOMPARE(rule->to, job.limits().gap_mm);
    // How wide a bridge is says nothing of the finding, and is the person's.
    QCOMPARE(job.lettering.mendings[1].to, 1.0);
    QVERIFY(!mendAll(job, proof->findings));
    QCOMPARE(std::ranges::count(job.lettering.mendings, MendingKind::OpenGaps, &Mending::kind), 1);
}

/// A middle is mended after strokes, and so is one that they made too small; a stroke that a gap made thin has no room.
void TestDesignProof::whatMendingMadeIsMendedButForStrokesAndGaps()
{
    Job job = jobOf("Honey", 12.0, "Larkmallow.ttf");
    ProofFinding middle, stroke;
    middle.kind = FindingKind::SmallMiddle;
    stroke.kind = FindingKind::ThinStroke;
    QVERIFY(usualMending(middle, job.limits()) && usualMending(stroke, job.limits()));
    QVERIFY(!mendWhatItMade(job, {stroke}));
    QVERIFY(job.lettering.mendings.empty());
    QVERIFY(mendWhatItMade(job, {stroke, middle}));
    QCOMPARE(job.lettering.mendings, std::vector<Mending>{*usualMending(middle, job.limits())});
}

void TestDesignProof::cancelAnswersAtOnce()
{
    const Job job = jobOf("Fennmoor Honey", 40.0, "Larkmallow.ttf");
    const auto plain = tryComposed(job);
    QVERIFY(plain);
    CancelSource cancel;
    cancel.cancel();
    const auto proof = proofOf(*plain, job, {}, cancel.token());
    QVERIFY(!proof);
    QCOMPARE(proof.error().code, ErrorCode::Cancelled);
}

INK_TEST_CORE_MAIN(TestDesignProof)
#include "test_design_proof.moc"
