// A stitch file sent to the practice machine: each fault a clear state, every stitch sewn once.
#include "core/formats/stitch_file.h"
#include "services/stitcher_line.h"
#include "standins/stitcher/stitcher_server.h"
#include "tests/support/environment.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTcpServer>
#include <QTcpSocket>
#include <QTest>

#include <sstream>

using namespace ink;
using State = StitcherLine::State;
using Fault = StitcherLine::Fault;
using standin::StitcherFault;
using standin::StitcherServer;

namespace {

constexpr double kFast = 2000.0;

/// 400 stitches in two rounds with a stop between.
NeedleWork twoRounds()
{
    NeedleWork out;
    for (int k = 0; k < 400; ++k) {
        if (k == 200)
            out.push_back({NeedleStep::Kind::Stop, out.back().at});
        out.push_back({NeedleStep::Kind::Stitch, {0.5 * (k % 40), 0.4 * (k / 40)}});
    }
    return out;
}

NeedleWork oneRound()
{
    auto out = twoRounds();
    std::erase_if(out, [](const NeedleStep& s) { return s.kind == NeedleStep::Kind::Stop; });
    return out;
}

StitchJob jobOf(const NeedleWork& work)
{
    std::ostringstream out;
    if (!writeStitches(out, {work, "test", {}, "#ffffff"}, StitchFormat::Dst))
        qFatal("not written");
    return {QStringLiteral("test"), QByteArray::fromStdString(out.str()),
            qsizetype(std::ranges::count(work, NeedleStep::Kind::Stitch, &NeedleStep::kind))};
}

struct Bench
{
    explicit Bench(StitcherFault fault = StitcherFault::None, double speed = kFast) : machine(fault, speed)
    {
        line.setAddress(QStringLiteral("127.0.0.1"), machine.listen());
        line.setPatience(2000);
    }
    bool comesTo(State state)
    {
        return QTest::qWaitFor([&] { return line.state() == state; }, 10000);
    }
    /// Every stitch once, in its order.
    bool isSewn(const NeedleWork& work) const
    {
        std::vector<Point> wanted;
        for (const auto& step : work)
            if (step.kind == NeedleStep::Kind::Stitch)
                wanted.push_back(step.at);
        return std::ranges::equal(machine.sewn(), wanted,
                                  [](Point a, Point b) { return length(a - b) < 0.06; });
    }

    StitcherServer machine;
    StitcherLine line;
};

} // namespace

class TestStitcher : public QObject
{
    Q_OBJECT
private slots:
    void allOfItIsSewn()
    {
        Bench b;
        QString done;
        connect(&b.line, &StitcherLine::jobDone, this, [&](const QString& name) { done = name; });
        b.line.send(jobOf(oneRound()));
        QVERIFY(b.comesTo(State::Done));
        QCOMPARE(done, QStringLiteral("test"));
        QCOMPARE(b.line.stitchesDone(), qsizetype(400));
        QVERIFY(b.isSewn(oneRound()));
        QVERIFY(b.machine.svg().contains("<polyline"));
        QCOMPARE(QJsonDocument::fromJson(b.machine.json())
                     .object()[QStringLiteral("stitches_mm")]
                     .toArray()
                     .size(),
                 400);
    }

    void itStopsBetweenRounds()
    {
        Bench b;
        b.line.send(jobOf(twoRounds()));
        QVERIFY(b.comesTo(State::AtStop));
        QCOMPARE(b.line.stitchesDone(), qsizetype(200));
        QCOMPARE(b.machine.sewn().size(), std::size_t(200));
        b.line.resume();
        QVERIFY(b.comesTo(State::Done));
        QVERIFY(b.isSewn(twoRounds()));
    }

    void theThreadBreaks()
    {
        Bench b(StitcherFault::ThreadBreaks);
        b.line.send(jobOf(oneRound()));
        QVERIFY(b.comesTo(State::ThreadBroken));
        QCOMPARE(b.line.stitchesDone(), qsizetype(200));
        b.line.resume();
        QVERIFY(b.comesTo(State::Done));
        QVERIFY(b.isSewn(oneRound()));
    }

    void thePowerGoes()
    {
        Bench b(StitcherFault::PowerGone);
        b.line.send(jobOf(oneRound()));
        QVERIFY(b.comesTo(State::Stopped));
        QCOMPARE(b.line.fault(), Fault::LineDropped);
        QCOMPARE(b.line.stitchesDone(), qsizetype(200));
        b.line.goOn();
        QVERIFY(b.comesTo(State::Done));
        QVERIFY(b.isSewn(oneRound())); // none twice, none left out
    }

    void thePowerGoesAndItIsBegunAgain()
    {
        Bench b(StitcherFault::PowerGone);
        b.line.send(jobOf(oneRound()));
        QVERIFY(b.comesTo(State::Stopped));
        b.line.startAgain();
        QVERIFY(b.comesTo(State::Done));
        QCOMPARE(b.machine.sewn().size(), std::size_t(600));
    }

    void refusalsAreTold_data()
    {
        QTest::addColumn<int>("fault");
        QTest::addColumn<int>("told");
        QTest::newRow("busy") << int(StitcherFault::Busy) << int(Fault::Busy);
        QTest::newRow("hoop") << int(StitcherFault::WrongHoop) << int(Fault::WrongHoop);
        QTest::newRow("short") << int(StitcherFault::FileCutShort) << int(Fault::FileCutShort);
    }
    void refusalsAreTold()
    {
        QFETCH(int, fault);
        QFETCH(int, told);
        Bench b{StitcherFault(fault)};
        b.line.send(jobOf(oneRound()));
        QVERIFY(b.comesTo(State::Stopped));
        QCOMPARE(int(b.line.fault()), told);
        QVERIFY(b.machine.sewn().empty());
        if (StitcherFault(fault) == StitcherFault::Busy)
            return;
        b.line.goOn(); // mended meanwhile
        QVERIFY(b.comesTo(State::Done));
        QVERIFY(b.isSewn(oneRound()));
    }

    void nobodyIsThere()
    {
        StitcherLine line;
        line.setAddress(QStringLiteral("127.0.0.1"), 1);
        line.send(jobOf(oneRound()));
        QTRY_COMPARE(line.state(), State::Stopped);
        QCOMPARE(line.fault(), Fault::NotThere);
        line.cancel();
        QCOMPARE(line.state(), State::Idle);
        StitcherLine none; // neither address nor program
        none.send(jobOf(oneRound()));
        QCOMPARE(none.state(), State::Stopped);
    }

    void whatAnswersIsNoMachine()
    {
        for (const QByteArray& words : {QByteArray("HELLO\n"), QByteArray("AT x\n"), QByteArray(5000, 'z')}) {
            QTcpServer other;
            QVERIFY(other.listen(QHostAddress::LocalHost));
            connect(&other, &QTcpServer::newConnection, this,
                    [&] { other.nextPendingConnection()->write(words); });
            StitcherLine line;
            line.setAddress(QStringLiteral("127.0.0.1"), other.serverPort());
            line.send(jobOf(oneRound()));
            QTRY_COMPARE(line.state(), State::Stopped);
            QCOMPARE(line.fault(), Fault::Garbled);
        }
    }

    void itSaysNothing()
    {
        QTcpServer other;
        QVERIFY(other.listen(QHostAddress::LocalHost));
        StitcherLine line;
        line.setAddress(QStringLiteral("127.0.0.1"), other.serverPort());
        line.setPatience(200);
        line.send(jobOf(oneRound()));
        QTRY_COMPARE(line.state(), State::Stopped);
        QCOMPARE(line.fault(), Fault::NotThere);
    }

    void pauseAndGiveUp()
    {
        Bench b(StitcherFault::None, 20.0);
        b.line.send(jobOf(oneRound()));
        QVERIFY(QTest::qWaitFor([&] { return b.line.stitchesDone() > 5; }, 10000));
        b.line.pause();
        QCOMPARE(b.line.state(), State::Paused);
        QTest::qWait(150); // what was on its way is sewn
        const auto rests = b.machine.sewn().size();
        QTest::qWait(150);
        QCOMPARE(b.machine.sewn().size(), rests);
        b.line.resume();
        QVERIFY(QTest::qWaitFor([&] { return b.machine.sewn().size() > rests; }, 10000));
        b.line.cancel();
        QCOMPARE(b.line.state(), State::Idle);
        QVERIFY(!b.line.isAtWork());
        // Another job begins at its beginning.
        b.line.send(jobOf(oneRound()));
        QVERIFY(b.comesTo(State::Sewing));
        b.line.cancel();
    }

    void whileItSewsNothingElseIsSent()
    {
        Bench b(StitcherFault::None, 5.0);
        b.line.send(jobOf(oneRound()));
        QVERIFY(b.comesTo(State::Sewing));
        auto other = jobOf(twoRounds());
        other.name = QStringLiteral("other");
        b.line.send(other);
        QCOMPARE(b.line.job().name, QStringLiteral("test"));
        b.line.cancel();
    }
};

INK_TEST_CORE_MAIN(TestStitcher)
#include "test_stitcher.moc"
