#include "core/design/lettering.h"
#include "shelf/job_store.h"
#include "tests/support/environment.h"
#include "tests/support/killing.h"

#include <QElapsedTimer>

#include <random>

using namespace ink;

class TestJobStore : public QObject
{
    Q_OBJECT
private slots:
    void nothingKeptYet();
    void keepsAJob();
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
    Job job;
    job.words = "Garden Supper";
    QVERIFY(store.save(job));
    QVERIFY(**store.load() == job);
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
    Job old, newer;
    old.words = "Garden Supper";
    // Long enough that it is not written in one go.
    newer.words = std::string(500, 'a');
    for (std::size_t i = 0; i < newer.words.size(); ++i) {
        newer.lettering.letters[i].dx_em = 0.001 * static_cast<double>(i + 1);
        newer.lettering.letters[i].turn_deg = 1.5;
    }
    // Killed before, within and between savings, however long one takes here.
    QElapsedTimer timer;
    timer.start();
    QVERIFY(store.save(newer));
    const auto one_us = static_cast<unsigned>(timer.nsecsElapsed() / 1000 + 100);
    QVERIFY(store.save(old));
    std::mt19937 random(5);
    for (int i = 0; i < 60; ++i) {
        const Job& written = i % 2 == 0 ? newer : old;
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
