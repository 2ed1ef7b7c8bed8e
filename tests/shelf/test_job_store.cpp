#include "shelf/job_store.h"
#include "tests/support/environment.h"

using namespace ink;

class TestJobStore : public QObject
{
    Q_OBJECT
private slots:
    void nothingKeptYet();
    void keepsAJob();
    void aDamagedJobIsPutAside();
    void anUnwritableFolderIsReported();
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

INK_TEST_CORE_MAIN(TestJobStore)
#include "test_job_store.moc"
