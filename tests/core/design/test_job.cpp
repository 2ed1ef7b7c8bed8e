#include "core/design/job.h"
#include "tests/support/environment.h"

#include <cmath>
#include <set>
#include <sstream>

using namespace ink;

class TestJob : public QObject
{
    Q_OBJECT
private slots:
    void survivesWritingAndReading();
    void jobsFromBeforeFinishingOpen();
    void everyProcessHasItsOwnId();
    void onlyHeatTransferIsMirrored();
    void unknownValuesFallBack();
    void limitsAreThePersonsOwnOrTheUsual();
    void mendingsFollowWhatTheProcessHolds();
    void limitsThatMakeNoSenseAreSetRight();
    void damagedJobsAreRefused_data();
    void damagedJobsAreRefused();
    void sizesThatCannotBeMade();
    void wordsThatCannotBeSet();
};

void TestJob::survivesWritingAndReading()
{
    Job job{"Beeswax\n& Thyme \"jar\"",
            {SizeBy::Height, 33.3},
            LengthUnit::Inch,
            Process::Applique,
            Purpose::Gift,
            true,
            -0.02,
            {"/a/b.ttf", 2, "Bold"},
            "ss01,-liga",
            {},
            {0.4, 2.5, -0.3, Join::Mitre, 0.02},
            {{Process::Satin, {1.5, 0.8, 0.7, 3.0}}}};
    std::stringstream stream;
    writeJob(stream, job);
    const auto read = readJob(stream);
    QVERIFY(read);
    QVERIFY(*read == job);
}

void TestJob::jobsFromBeforeFinishingOpen()
{
    // As version 0.2 wrote it: neither features nor what is done at the finished size.
    std::istringstream old(R"({"format": "under-ink-job", "version": 1, "words": "Honey",
        "size": {"by": "width", "value_mm": 120}, "font": {"path": "/a/b.ttf", "face": 0, "instance": ""}})");
    const auto read = readJob(old);
    QVERIFY(read);
    QCOMPARE(read->words, std::string("Honey"));
    QVERIFY(read->features.empty() && read->finishing == Finishing());
    std::istringstream wild(R"({"format": "under-ink-job", "words": "Honey",
        "finishing": {"offset_mm": 1e300, "reduce_mm": -4, "offset_join": "square"}})");
    QVERIFY(readJob(wild)->finishing == Finishing());
}

void TestJob::everyProcessHasItsOwnId()
{
    std::set<std::string_view> ids;
    for (const auto& info : allProcesses()) {
        QVERIFY(ids.insert(info.id).second);
        std::stringstream stream;
        Job job;
        job.process = info.process;
        writeJob(stream, job);
        QVERIFY(readJob(stream)->process == info.process);
    }
    QCOMPARE(ids.size(), std::size_t(9));
}

void TestJob::limitsAreThePersonsOwnOrTheUsual()
{
    Job job;
    job.process = Process::LaserWood;
    QCOMPARE(job.limits(), defaultLimits(Process::LaserWood));
    ProcessLimits own = job.limits();
    own.gap_mm = 0.3;
    job.setLimits(Process::LaserWood, own);
    QCOMPARE(job.limits().gap_mm, 0.3);
    job.process = Process::KnifeCard;
    QCOMPARE(job.limits(), defaultLimits(Process::KnifeCard));
    job.setLimits(Process::LaserWood, defaultLimits(Process::LaserWood));
    QVERIFY(job.own_limits.empty());
}

void TestJob::mendingsFollowWhatTheProcessHolds()
{
    Job job;
    job.process = Process::Stencil;
    const ProcessLimits stencil = job.limits(), satin = defaultLimits(Process::Satin);
    const auto& mendings = job.lettering.mendings;
    job.lettering.mendings = {
        {MendingKind::OpenGaps, stencil.gap_mm},
        {MendingKind::Thicken, stencil.stroke_comfortable_mm, MendingPlace{1, 0.1, 0.2}},
        {MendingKind::OpenGaps, 3.3},
        {MendingKind::Leave, 0.0, {}, FindingKind::SharpPoint},
        {MendingKind::LeaveOut, stencil.smallest_piece_mm2}};
    job.names.names = {{"Ottilie", 1, {}, {}, {{MendingKind::OpenGaps, stencil.gap_mm, MendingPlace{}}}}};
    const Job before = job;
    job.process = Process::Satin;
    followLimits(job, stencil);
    QVERIFY(satin.gap_mm != stencil.gap_mm);
    QCOMPARE(mendings[0].to, satin.gap_mm);
    QCOMPARE(mendings[1].to, satin.stroke_comfortable_mm);
    QCOMPARE(mendings[2].to, 3.3); // the person's own
    QCOMPARE(mendings[3], before.lettering.mendings[3]);
    QCOMPARE(satin.smallest_piece_mm2, 0.0); // holds any: a mending to nothing would be none
    QCOMPARE(mendings[4].to, stencil.smallest_piece_mm2);
    QCOMPARE(job.names.names[0].mendings[0].to, satin.gap_mm);
    // And back, with a figure of the person's own for the process.
    const ProcessLimits of_satin = job.limits();
    job.process = Process::Stencil;
    followLimits(job, of_satin);
    QCOMPARE(job, before);
    ProcessLimits own = stencil;
    own.gap_mm = 2.5;
    job.setLimits(Process::Stencil, own);
    followLimits(job, stencil);
    QCOMPARE(mendings[0].to, 2.5);
}

void TestJob::limitsThatMakeNoSenseAreSetRight()
{
    std::stringstream stream(R"({"format": "under-ink-job", "limits": {"stencil": {"stroke_floor_mm": -4,
        "stroke_comfortable_mm": 1e9, "gap_mm": 2.5}, "no-such-process": {"gap_mm": 1}}})");
    const auto job = readJob(stream);
    QVERIFY(job);
    QCOMPARE(job->own_limits.size(), std::size_t(1));
    const ProcessLimits& limits = job->own_limits.at(Process::Stencil);
    QCOMPARE(limits.stroke_floor_mm, 0.0);
    QCOMPARE(limits.stroke_comfortable_mm, kMaxLimit_mm);
    QCOMPARE(limits.gap_mm, 2.5);
    QCOMPARE(limits.smallest_piece_mm2, defaultLimits(Process::Stencil).smallest_piece_mm2);
    const ProcessLimits nan = sensible({1.0, std::nan(""), 0.5, 2.0});
    QCOMPARE(nan.stroke_floor_mm, 0.0);
    QCOMPARE(sensible({0.2, 0.9, 0.5, 2.0}).stroke_comfortable_mm, 0.9);
}

void TestJob::onlyHeatTransferIsMirrored()
{
    // Heat-transfer material is cut mirrored: common practice, no source.
    for (const auto& info : allProcesses())
        QCOMPARE(info.is_mirrored, info.process == Process::KnifeHeatTransfer);
}

void TestJob::unknownValuesFallBack()
{
    std::istringstream in(
        R"({"format":"under-ink-job","version":9,"process":"hologram","size":{"by":"depth","value_mm":1e9},"unit":"furlong"})");
    const auto job = readJob(in);
    QVERIFY(job);
    QVERIFY(*job == Job{});
}

void TestJob::damagedJobsAreRefused_data()
{
    QTest::addColumn<QByteArray>("bytes");
    QTest::newRow("empty") << QByteArray();
    QTest::newRow("cut off") << QByteArray(R"({"format":"under-ink-job","wor)");
    QTest::newRow("something else") << QByteArray(R"({"format":"shopping-list"})");
    QTest::newRow("a list") << QByteArray("[1,2]");
    QTest::newRow("words of the wrong kind") << QByteArray(R"({"format":"under-ink-job","words":[1]})");
    QTest::newRow("size of the wrong kind") << QByteArray(R"({"format":"under-ink-job","size":7})");
}

void TestJob::damagedJobsAreRefused()
{
    QFETCH(QByteArray, bytes);
    std::istringstream in(bytes.toStdString());
    const auto job = readJob(in);
    QVERIFY(!job);
    QCOMPARE(job.error().code, ErrorCode::DocumentDamaged);
}

void TestJob::sizesThatCannotBeMade()
{
    for (const double mm : {0.0, -3.0, 0.4, 1e6, std::nan(""), HUGE_VAL})
        QCOMPARE(checkSize({SizeBy::Width, mm}).error().code, ErrorCode::SizeOutOfRange);
    for (const double mm : {0.5, 120.0, 10000.0})
        QVERIFY(checkSize({SizeBy::Width, mm}));
    QVERIFY(checkSize({SizeBy::Width, 1e6}).error().message().find("1000000 mm") == 0);
}

void TestJob::wordsThatCannotBeSet()
{
    QCOMPARE(checkWords("").error().code, ErrorCode::EmptyText);
    QCOMPARE(checkWords(" \n\t ").error().code, ErrorCode::EmptyText);
    QCOMPARE(checkWords("\xff").error().code, ErrorCode::TextNotUtf8);
    QVERIFY(checkWords(std::string(2000, 'a')));
    const auto too_long = checkWords(std::string(10000, 'a'));
    QCOMPARE(too_long.error().code, ErrorCode::TextTooLong);
    QVERIFY(too_long.error().message().find("10000 characters") != std::string::npos);
    std::string accents;
    for (int i = 0; i < 2000; ++i)
        accents += "ë"; // characters are counted, not bytes
    QVERIFY(checkWords(accents));
}

INK_TEST_CORE_MAIN(TestJob)
#include "test_job.moc"
