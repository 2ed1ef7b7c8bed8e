#include "tests/support/gui.h"
#include "ui/compose/lettering_service.h"
#include "ui/slot_pool.h"

#include <QSemaphore>

#include <atomic>

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
    SlotPool pool;
    QStringList answers;
    QSemaphore is_made;
    pool.run(1, 1, [&](const CancelToken&) -> SlotPool::Answer {
        is_made.release();
        return [&] { answers << QStringLiteral("old"); };
    });
    is_made.acquire(); // it is made, and its answer is on the way
    pool.run(1, 1, [&](const CancelToken&) -> SlotPool::Answer {
        return [&] { answers << QStringLiteral("new"); };
    });
    pool.run(2, 1, [&](const CancelToken&) -> SlotPool::Answer {
        return [&] { answers << QStringLiteral("other"); };
    });
    QVERIFY(QTest::qWaitFor([&] { return pool.isIdle(); }));
    answers.sort();
    QCOMPARE(answers, (QStringList{QStringLiteral("new"), QStringLiteral("other")}));
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
    std::atomic<int> begun = 0, ended = 0, answered = 0;
    QSemaphore is_running;
    auto pool = std::make_unique<SlotPool>();
    for (quint64 slot = 1; slot <= 20; ++slot)
        pool->run(slot, 1, [&](const CancelToken& token) -> SlotPool::Answer {
            ++begun;
            is_running.release();
            while (!token.isCancelled()) // as long as nobody says that it is over
                QThread::yieldCurrentThread();
            ++ended;
            return [&] { ++answered; };
        });
    is_running.acquire();
    pool.reset(); // waits for what runs, and begins nothing else
    QVERIFY(begun >= 1 && begun < 20);
    QCOMPARE(ended.load(), begun.load());
    QCoreApplication::sendPostedEvents();
    QCOMPARE(answered.load(), 0);
    // The same with real work.
    auto service = std::make_unique<LetteringService>(std::make_shared<FaceCache>());
    for (int slot = 1; slot <= 50; ++slot)
        service->sketch(slot, words("Fennmoor Honey Late Summer Batch"),
                        [&](const ComposedResult&) { ++answered; });
    service.reset();
    QCoreApplication::sendPostedEvents();
    QCOMPARE(answered.load(), 0);
}

INK_TEST_GUI_MAIN(TestLetteringService)
#include "test_lettering_service.moc"
