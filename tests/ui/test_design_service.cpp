#include "tests/support/gui.h"
#include "ui/design_service.h"

#include <QThread>

using namespace ink;
using namespace ink::ui;

namespace {

Job words(const char* text)
{
    Job job = test::WindowFixture::firstJob();
    job.words = text;
    return job;
}

} // namespace

class TestDesignService : public QObject
{
    Q_OBJECT
private slots:
    void answersOnTheCallersThread();
    void anAnswerThatComesTooLateIsDropped();
    void cancelledRequestsAreNotAnswered();
    void slotsDoNotDisturbEachOther();
    void endingWhileWorkRunsIsSafe();
};

void TestDesignService::answersOnTheCallersThread()
{
    DesignService service(std::make_shared<FaceCache>());
    const Job job = words("Bram");
    QThread* answered = nullptr;
    service.request(1, job, job.font, 0, [&](const DesignResult& result) {
        QVERIFY(result);
        answered = QThread::currentThread();
    });
    QVERIFY(!service.isIdle());
    QVERIFY(QTest::qWaitFor([&] { return service.isIdle(); }));
    QCOMPARE(answered, QThread::currentThread());
}

void TestDesignService::anAnswerThatComesTooLateIsDropped()
{
    DesignService service(std::make_shared<FaceCache>());
    QStringList answers;
    const Job old_job = words("old"), new_job = words("new");
    service.request(1, old_job, old_job.font, 0,
                    [&](const DesignResult&) { answers << QStringLiteral("old"); });
    QThread::msleep(300); // it is made, and waits in the event queue
    service.request(1, new_job, new_job.font, 0,
                    [&](const DesignResult&) { answers << QStringLiteral("new"); });
    QVERIFY(QTest::qWaitFor([&] { return service.isIdle(); }));
    QTest::qWait(50);
    QCOMPARE(answers, QStringList{QStringLiteral("new")});
}

void TestDesignService::cancelledRequestsAreNotAnswered()
{
    DesignService service(std::make_shared<FaceCache>());
    const Job job = words("Bram");
    bool is_answered = false;
    service.request(1, job, job.font, 0, [&](const DesignResult&) { is_answered = true; });
    service.cancel(1);
    QVERIFY(service.isIdle());
    QTest::qWait(200);
    QVERIFY(!is_answered);
}

void TestDesignService::slotsDoNotDisturbEachOther()
{
    DesignService service(std::make_shared<FaceCache>());
    const Job job = words("Bram");
    int answers = 0;
    for (quint64 slot = 1; slot <= 20; ++slot)
        service.request(slot, job, job.font, 0,
                        [&](const DesignResult& result) { answers += result.has_value(); });
    QVERIFY(QTest::qWaitFor([&] { return service.isIdle(); }, 10000));
    QCOMPARE(answers, 20);
}

void TestDesignService::endingWhileWorkRunsIsSafe()
{
    const Job job = words("Fennmoor Honey Late Summer Batch");
    auto service = std::make_unique<DesignService>(std::make_shared<FaceCache>());
    for (quint64 slot = 1; slot <= 50; ++slot)
        service->request(slot, job, job.font, 0,
                         [](const DesignResult&) { QFAIL("nobody is there any more"); });
    service.reset();
    QTest::qWait(50);
}

INK_TEST_GUI_MAIN(TestDesignService)
#include "test_design_service.moc"
