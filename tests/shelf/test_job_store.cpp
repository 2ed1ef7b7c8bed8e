#include "core/design/lettering.h"
#include "shelf/job_store.h"
#include "tests/support/environment.h"
#include "tests/support/killing.h"

#include <QElapsedTimer>

#include <chrono>
#include <random>
#include <sstream>

using namespace ink;

class TestJobStore : public QObject
{
    Q_OBJECT
private slots:
    void nothingKeptYet();
    void keepsAJob();
    void aJobOfAnEarlierVersionHasNoFile();
    void windowsKeepTheirJobsApart();
    void copiesAreFoundByContentAndGoWhenNobodyNamesThem();
    void jobsThatAreLeftAreFoundAgain();
    void aDamagedJobIsPutAside();
    void anUnwritableFolderIsReported();
    void keepingThatIsKilledLeavesTheOldOrTheNew();
};

void TestJobStore::nothingKeptYet()
{
    const test::TempFolder folder;
    const auto job = JobStore(folder.path() / "not-there").load();
    QVERIFY(job);
    QVERIFY(!job->has_value());
}

void TestJobStore::keepsAJob()
{
    const test::TempFolder folder;
    const JobStore store(folder.path() / "new" / "folder");
    KeptJob kept;
    kept.job.words = "Garden Supper";
    kept.file = "/home/somebody/supper.uink";
    kept.saved_sha256 = std::string(64, 'a');
    kept.letters_sha256 = std::string(64, 'b');
    QVERIFY(store.save(kept));
    QVERIFY(**store.load() == kept);
}

void TestJobStore::aJobOfAnEarlierVersionHasNoFile()
{
    const test::TempFolder folder;
    std::ostringstream text;
    Job job;
    job.words = "Garden Supper";
    writeJob(text, job);
    folder.write("current-job.json", text.str());
    const auto kept = JobStore(folder.path()).load();
    QVERIFY(kept && *kept);
    QVERIFY(**kept == (KeptJob{job, {}, {}, {}}));
}

void TestJobStore::windowsKeepTheirJobsApart()
{
    const test::TempFolder folder;
    auto first = std::make_unique<JobStore>(JobStore::claim(folder.path()));
    const auto second = JobStore::claim(folder.path());
    QCOMPARE(first->place(), 1u);
    QCOMPARE(second.place(), 2u);
    KeptJob one, two;
    one.job.words = "one";
    two.job.words = "two";
    QVERIFY(first->save(one));
    QVERIFY(second.save(two));
    QVERIFY(**first->load() == one);
    QVERIFY(**second.load() == two);
    first.reset();
    const auto again = JobStore::claim(folder.path()); // the first place is free again
    QCOMPARE(again.place(), 1u);
    QVERIFY(**again.load() == one);
}

void TestJobStore::copiesAreFoundByContentAndGoWhenNobodyNamesThem()
{
    const test::TempFolder folder;
    const JobStore store(folder.path());
    const auto named = store.keepCopy("a project"), unnamed = store.keepCopy("another");
    QVERIFY(named && unnamed);
    QCOMPARE(*store.copyOf(*named), std::string("a project"));
    QVERIFY(!store.copyOf("../current-job"));
    KeptJob kept;
    kept.saved_sha256 = *named;
    QVERIFY(store.save(kept));
    QVERIFY(JobStore::claim(folder.path()).copyOf(*unnamed)); // it was made a moment ago
    for (const auto& sha256 : {*named, *unnamed})
        std::filesystem::last_write_time(folder.path() / "copies" / (sha256 + ".uink"),
                                         std::filesystem::file_time_type::clock::now() -
                                             std::chrono::hours(48));
    const auto later = JobStore::claim(folder.path());
    QVERIFY(later.copyOf(*named));
    QVERIFY(!later.copyOf(*unnamed));
}

void TestJobStore::jobsThatAreLeftAreFoundAgain()
{
    const test::TempFolder folder;
    const JobStore store(folder.path());
    for (int i = 0; i < 33; ++i) {
        KeptJob kept;
        kept.job.words = "job " + std::to_string(i);
        QVERIFY(store.leave(kept, "20261127-1015" + std::to_string(10 + i) + "-000"));
    }
    folder.write("left-jobs/broken.json", "{");
    const auto left = store.left();
    QCOMPARE(left.size(), std::size_t(30));
    QCOMPARE(left.front().kept.job.words, std::string("job 32"));
    QCOMPARE(left.back().kept.job.words, std::string("job 3"));
}

void TestJobStore::aDamagedJobIsPutAside()
{
    const test::TempFolder folder;
    folder.write("current-job.json", "{half");
    const JobStore store(folder.path());
    const auto job = store.load();
    QVERIFY(!job);
    QCOMPARE(job.error().code, ErrorCode::DocumentDamaged);
    QCOMPARE(test::slurp(folder.path() / "current-job.json.damaged"), std::string("{half"));
    QVERIFY(!store.load()->has_value()); // the next start is an ordinary one
}

void TestJobStore::anUnwritableFolderIsReported()
{
    const test::TempFolder folder;
    const auto file = folder.write("a-file", "x");
    QCOMPARE(JobStore(file / "below").save({}).error().code, ErrorCode::FileUnwritable);
}

void TestJobStore::keepingThatIsKilledLeavesTheOldOrTheNew()
{
    const test::TempFolder folder;
    const JobStore store(folder.path());
    KeptJob old, newer;
    old.job.words = "Garden Supper";
    newer.file = "/home/somebody/supper.uink";
    // Long enough that it is not written in one go.
    newer.job.words = std::string(500, 'a');
    for (std::size_t i = 0; i < newer.job.words.size(); ++i) {
        newer.job.lettering.letters[i].dx_em = 0.001 * static_cast<double>(i + 1);
        newer.job.lettering.letters[i].turn_deg = 1.5;
    }
    // Killed before, within and between savings, however long one takes here.
    QElapsedTimer timer;
    timer.start();
    QVERIFY(store.save(newer));
    const auto one_us = static_cast<unsigned>(timer.nsecsElapsed() / 1000 + 100);
    QVERIFY(store.save(old));
    std::mt19937 random(5);
    for (int i = 0; i < 60; ++i) {
        const KeptJob& written = i % 2 == 0 ? newer : old;
        const int times = i % 3;
        QVERIFY(test::killedWhile([&] { return store.save(written).has_value(); }, times,
                                  random() % (2 * one_us)));
        const auto kept = store.load();
        QVERIFY2(kept, kept ? "" : kept.error().message().c_str());
        QVERIFY(kept->has_value());
        QVERIFY(**kept == written || (times == 0 && (**kept == old || **kept == newer)));
    }
}

INK_TEST_CORE_MAIN(TestJobStore)
#include "test_job_store.moc"
