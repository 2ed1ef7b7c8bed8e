#include "tests/support/gui.h"
#include "ui/compose/lettering_service.h"

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

class TestLetteringService : public QObject
{
    Q_OBJECT
private slots:
    void answersOnTheCallersThread();
    void anAnswerThatComesTooLateIsDropped();
    void triesComeTwiceAndStopWhenAsked();
    void slotsDoNotDisturbEachOther();
    void endingWhileWorkRunsIsSafe();
};

void TestLetteringService::answersOnTheCallersThread()
{
    LetteringService service(std::make_shared<FaceCache>());
    const Job job = words("Bram");
    QThread* answered = nullptr;
    service.compose(job, [&](const ComposedResult& result) {
        QVERIFY(result);
        answered = QThread::currentThread();
    });
    QVERIFY(!service.isIdle());
    QVERIFY(QTest::qWaitFor([&] { return service.isIdle(); }));
    QCOMPARE(answered, QThread::currentThread());
}

void TestLetteringService::anAnswerThatComesTooLateIsDropped()
{
    LetteringService service(std::make_shared<FaceCache>());
    QStringList answers;
    const Job old_job = words("old"), new_job = words("new");
    service.compose(old_job, [&](const ComposedResult&) { answers << QStringLiteral("old"); });
    QThread::msleep(300); // it is made, and waits in the event queue
    service.compose(new_job, [&](const ComposedResult&) { answers << QStringLiteral("new"); });
    QVERIFY(QTest::qWaitFor([&] { return service.isIdle(); }));
    QTest::qWait(50);
    QCOMPARE(answers, QStringList{QStringLiteral("new")});
}

void TestLetteringService::triesComeTwiceAndStopWhenAsked()
{
    LetteringService service(std::make_shared<FaceCache>());
    const Job job = words("Bram");
    QList<bool> with_widths;
    service.tryOn(job, 3, 1, 0.05, [&](const Result<std::shared_ptr<const LetteringService::Tries>>& result) {
        QVERIFY(result);
        QCOMPARE((*result)->character, std::size_t(3));
        with_widths << ((*result)->tries.front().verdict.thinnest_mm > 0.0);
    });
    QVERIFY(QTest::qWaitFor([&] { return service.isIdle(); }, 20000));
    QCOMPARE(with_widths.size(), 2);
    QVERIFY(with_widths.contains(true) && with_widths.contains(false));
    bool is_answered = false;
    service.tryOn(job, 3, 1, 0.05,
                  [&](const Result<std::shared_ptr<const LetteringService::Tries>>&) { is_answered = true; });
    service.stopTrying();
    QVERIFY(service.isIdle());
    QTest::qWait(200);
    QVERIFY(!is_answered);
}

void TestLetteringService::slotsDoNotDisturbEachOther()
{
    LetteringService service(std::make_shared<FaceCache>());
    const Job job = words("Bram");
    int answers = 0;
    for (int slot = 1; slot <= 20; ++slot)
        service.sketch(slot, job, [&](const ComposedResult& result) { answers += result.has_value(); });
    QVERIFY(QTest::qWaitFor([&] { return service.isIdle(); }, 10000));
    QCOMPARE(answers, 20);
}

void TestLetteringService::endingWhileWorkRunsIsSafe()
{
    const Job job = words("Fennmoor Honey Late Summer Batch");
    auto service = std::make_unique<LetteringService>(std::make_shared<FaceCache>());
    for (int slot = 1; slot <= 50; ++slot)
        service->sketch(slot, job, [](const ComposedResult&) { QFAIL("nobody is there any more"); });
    service.reset();
    QTest::qWait(50);
}

INK_TEST_GUI_MAIN(TestLetteringService)
#include "test_lettering_service.moc"
