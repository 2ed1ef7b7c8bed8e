// Sheets sent to the practice cutter, with everything that can go wrong: nothing is cut twice, nothing is lost.
#include "services/cutter_queue.h"
#include "standins/cutter/cutter_server.h"
#include "tests/support/environment.h"

#include <QJsonDocument>
#include <QJsonObject>
#include <QSignalSpy>
#include <QTcpServer>

using namespace ink;
using standin::CutterFault;
using standin::CutterServer;
using State = CutterQueue::State;
using Fault = CutterQueue::Fault;

namespace {

/// Squares beside each other; each is a line of its own.
CutJob squares(int count, const QString& name = QStringLiteral("squares"))
{
    CutJob job{name, "IN;PA;", {}, "PU0,0;SP0;"};
    for (int i = 0; i < count; ++i) {
        const int x = 400 * i;
        job.parts << QStringLiteral("SP4;PU%1,0;PD%2,0,%2,200,%1,200,%1,0;PU;").arg(x).arg(x + 200).toUtf8();
    }
    return job;
}

struct Cutting
{
    explicit Cutting(CutterFault fault = CutterFault::None, double speed = 2000.0) : server(fault, speed)
    {
        queue.setAddress(QStringLiteral("127.0.0.1"), server.listen());
        queue.setPatience(3000);
    }
    bool reaches(State state)
    {
        return QTest::qWaitFor([&] { return queue.state() == state; }, 20000);
    }
    /// How often each square was cut as a whole.
    QList<int> wholes(int count) const
    {
        QList<int> out(count, 0);
        for (const auto& line : server.lines())
            if (line.is_whole)
                ++out[qRound(line.points.front().x() / 10.0)];
        return out;
    }
    CutterServer server;
    CutterQueue queue;
};

} // namespace

class TestCutter : public QObject
{
    Q_OBJECT
private slots:
    void everyPartIsCutOnce()
    {
        Cutting c;
        QSignalSpy done(&c.queue, &CutterQueue::jobDone);
        c.queue.add(squares(60));
        QVERIFY(c.reaches(State::Done));
        QCOMPARE(done.size(), 1);
        QCOMPARE(c.wholes(60), QList<int>(60, 1));
        QCOMPARE(c.server.lostBytes(), 0);
        // As it was sent, to the plotter unit.
        const auto& line = c.server.lines()[3];
        QCOMPARE(line.pen, 4);
        QCOMPARE(line.points, (std::vector<QPointF>{{30, 0}, {35, 0}, {35, 5}, {30, 5}, {30, 0}}));
        QVERIFY(c.server.svg().contains("<path"));
        QCOMPARE(
            QJsonDocument::fromJson(c.server.json()).object().value(QStringLiteral("lost_bytes")).toInt(), 0);
    }

    void sheetsFollowEachOther()
    {
        Cutting c;
        QSignalSpy done(&c.queue, &CutterQueue::jobDone);
        c.queue.add(squares(3, QStringLiteral("one")));
        c.queue.add(squares(3, QStringLiteral("two")));
        QCOMPARE(c.queue.waiting(), 1);
        QVERIFY(c.reaches(State::NextSheet)); // somebody has to lay it
        QCOMPARE(c.server.lines().size(), std::size_t(3));
        c.queue.goOn();
        QVERIFY(c.reaches(State::Done));
        QCOMPARE(done.size(), 2);
        QCOMPARE(done[1][0].toString(), QStringLiteral("two"));
        QCOMPARE(c.wholes(3), QList<int>(3, 2));
    }

    void progressIsToldByParts()
    {
        Cutting c(CutterFault::None, 20.0);
        QList<qsizetype> seen;
        connect(&c.queue, &CutterQueue::changed, this, [&] {
            if (seen.isEmpty() || seen.last() != c.queue.partsDone())
                seen << c.queue.partsDone();
        });
        c.queue.add(squares(6));
        QVERIFY(c.reaches(State::Done));
        for (qsizetype i = 0; i <= 6; ++i)
            QVERIFY(seen.contains(i));
    }

    void nobodyIsThere()
    {
        CutterQueue queue;
        QTcpServer closed; // a port that nobody listens on any more
        QVERIFY(closed.listen(QHostAddress::LocalHost));
        const auto port = closed.serverPort();
        closed.close();
        queue.setAddress(QStringLiteral("127.0.0.1"), port);
        queue.add(squares(2));
        QVERIFY(QTest::qWaitFor([&] { return queue.state() == State::Stopped; }, 20000));
        QCOMPARE(queue.fault(), Fault::NotThere);
        // It is switched on: it goes on from the first.
        CutterServer server(CutterFault::None, 2000.0);
        QCOMPARE(server.listen(port), port);
        queue.goOn();
        QVERIFY(QTest::qWaitFor([&] { return queue.state() == State::Done; }, 20000));
        QCOMPARE(server.lines().size(), std::size_t(2));
    }

    void itIsBusy()
    {
        Cutting c(CutterFault::Busy);
        c.queue.add(squares(2));
        QVERIFY(c.reaches(State::Stopped));
        QCOMPARE(c.queue.fault(), Fault::Busy);
        QVERIFY(c.server.lines().empty());
    }

    void itIsSlow()
    {
        Cutting c(CutterFault::Slow, 400.0);
        c.queue.add(squares(8));
        QVERIFY(c.reaches(State::Done));
        QCOMPARE(c.wholes(8), QList<int>(8, 1));
    }

    void theLineDropsHalfWay()
    {
        Cutting c(CutterFault::LineDropped);
        c.queue.add(squares(8));
        QVERIFY(c.reaches(State::Stopped));
        QCOMPARE(c.queue.fault(), Fault::LineDropped);
        const auto done = c.queue.partsDone();
        QVERIFY(done < 8);

        c.queue.goOn();
        QVERIFY(c.reaches(State::Done));
        QCOMPARE(c.wholes(8), QList<int>(8, 1)); // the broken one once more, the others never twice
    }

    void itStartsAgain()
    {
        Cutting c(CutterFault::LineDropped);
        c.queue.add(squares(4));
        QVERIFY(c.reaches(State::Stopped));
        c.queue.startAgain();
        QVERIFY(c.reaches(State::Done));
        QCOMPARE(c.wholes(4).last(), 1);
        QCOMPARE(c.wholes(4).first(), 2);
    }

    void theBufferLies()
    {
        Cutting c(CutterFault::BufferLies, 60.0);
        c.queue.add(squares(60));
        QVERIFY(c.reaches(State::Stopped));
        QCOMPARE(c.queue.fault(), Fault::Lost);
        QVERIFY(c.server.lostBytes() > 0);
        QVERIFY(c.queue.partsDone() < 60);
        for (const int times : c.wholes(60).first(c.queue.partsDone()))
            QCOMPARE(times, 1);
    }

    void waitsForAHand_data()
    {
        QTest::addColumn<int>("fault");
        QTest::addColumn<int>("state");
        QTest::newRow("the material ends") << int(CutterFault::MaterialEnds) << int(State::NoMaterial);
        QTest::newRow("the lid is opened") << int(CutterFault::LidOpened) << int(State::LidOpen);
    }
    void waitsForAHand()
    {
        QFETCH(int, fault);
        QFETCH(int, state);
        Cutting c{CutterFault(fault)};
        c.queue.add(squares(8));
        QVERIFY(c.reaches(State(state)));
        const auto before = c.server.lines().size();
        QTest::qWait(200);
        QCOMPARE(c.server.lines().size(), before); // nothing moves meanwhile
        c.server.attend();
        QVERIFY(c.reaches(State::Done));
        QCOMPARE(c.wholes(8), QList<int>(8, 1));
    }

    void itIsPausedAndGivenUp()
    {
        Cutting c(CutterFault::None, 20.0);
        c.queue.add(squares(200));
        QVERIFY(QTest::qWaitFor([&] { return c.queue.partsDone() >= 2; }, 20000));
        c.queue.pause();
        // What lies in its buffer is still cut; then it rests.
        QVERIFY(QTest::qWaitFor(
            [&] {
                const auto before = c.server.lines().size();
                QTest::qWait(300);
                return c.server.lines().size() == before;
            },
            20000));
        QVERIFY(c.queue.partsDone() < 200);
        c.queue.resume();
        const auto then = c.queue.partsDone();
        QVERIFY(QTest::qWaitFor([&] { return c.queue.partsDone() > then; }, 20000));
        c.queue.cancel();
        QCOMPARE(c.queue.state(), State::Idle);
        QTest::qWait(200);
        const auto after = c.server.lines().size();
        QTest::qWait(300);
        QCOMPARE(c.server.lines().size(), after);
        for (const int times : c.wholes(200))
            QVERIFY(times <= 1);
    }

    void thePracticeCutterIsStartedWhenItIsNeeded()
    {
        CutterQueue queue;
        queue.setProgram(
            QStringLiteral(INK_BUILT_CUTTER),
            {QStringLiteral("--end-with-input"), QStringLiteral("--speed"), QStringLiteral("2000")});
        QCOMPARE(queue.state(), State::Idle);
        for (int round = 0; round < 2; ++round) { // the second goes to the one that runs
            queue.add(squares(4));
            QVERIFY(QTest::qWaitFor([&] { return queue.state() == State::Done; }, 20000));
        }
    }

    void aPracticeCutterThatIsNotInstalledIsSaid()
    {
        CutterQueue queue;
        queue.setProgram(QStringLiteral("/no/such/standin-cutter"), {});
        queue.add(squares(4));
        QVERIFY(QTest::qWaitFor([&] { return queue.state() == State::Stopped; }, 20000));
        QCOMPARE(queue.fault(), Fault::NotThere);
        queue.setProgram(QStringLiteral(INK_BUILT_CUTTER), {QStringLiteral("--end-with-input")});
        queue.goOn();
        QVERIFY(QTest::qWaitFor([&] { return queue.state() == State::Done; }, 20000));
    }

    void aStrangerAnswersNonsense()
    {
        QTcpServer stranger;
        QVERIFY(stranger.listen(QHostAddress::LocalHost));
        connect(&stranger, &QTcpServer::newConnection, this, [&] {
            auto* line = stranger.nextPendingConnection();
            line->write("HTTP/1.1 400 Bad Request\r\n\r\n");
        });
        CutterQueue queue;
        queue.setAddress(QStringLiteral("127.0.0.1"), stranger.serverPort());
        queue.setPatience(1500);
        queue.add(squares(2));
        QVERIFY(QTest::qWaitFor([&] { return queue.state() == State::Stopped; }, 20000));
        QVERIFY(queue.fault() == Fault::Garbled || queue.fault() == Fault::Silent);
    }
};

INK_TEST_CORE_MAIN(TestCutter)
#include "test_cutter.moc"
