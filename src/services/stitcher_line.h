// Sends a stitch file to a machine over a line, and knows which stitch it is at.
#pragma once

#include "services/listening_program.h"

#include <QByteArray>
#include <QObject>
#include <QString>
#include <QTcpSocket>
#include <QTimer>

namespace ink {

struct StitchJob
{
    QString name;
    /// A whole DST file.
    QByteArray file;
    qsizetype stitches = 0;
};

/// The machine tells of each stretch it sewed: after a power cut it is told the file again and the stitch to go on from.
class StitcherLine : public QObject
{
    Q_OBJECT
public:
    explicit StitcherLine(QObject* parent = nullptr);
    ~StitcherLine() override;

    enum class State {
        Idle,
        Connecting,
        Sewing,
        /// By the person.
        Paused,
        /// By the machine, for the person to do something: resume().
        AtStop,
        ThreadBroken,
        /// A fault: goOn() or startAgain().
        Stopped,
        Done,
    };
    enum class Fault { None, NotThere, Busy, LineDropped, Silent, WrongHoop, FileCutShort, Garbled };

    void setAddress(const QString& host, quint16 port);
    /// The practice machine, started when something is sent.
    void setProgram(const QString& program, const QStringList& arguments)
    {
        m_program.set(program, arguments);
    }

    void send(StitchJob job);
    void pause();
    /// After a pause, a stop or a broken thread.
    void resume();
    /// After a fault: from the stitch that was told last, or from the first.
    void goOn();
    void startAgain();
    void cancel();

    State state() const { return m_state; }
    Fault fault() const { return m_fault; }
    bool isAtWork() const { return m_state != State::Idle && m_state != State::Done; }
    /// Something is sent or awaited; not while a person has to do something first.
    bool isBusy() const { return m_state == State::Connecting || m_state == State::Sewing; }
    const StitchJob& job() const { return m_job; }
    qsizetype stitchesDone() const { return m_done; }
    void setPatience(int ms) { m_patience_ms = ms; }

signals:
    void changed();
    void jobDone(const QString& name);

private:
    void connectLine();
    void hear();
    void hearWord(const QByteArray& word);
    void busy();
    void stop(Fault fault);
    void setState(State state);
    void order(const QByteArray& words);

    QString m_host = QStringLiteral("127.0.0.1");
    quint16 m_port = 0;
    ListeningProgram m_program;
    QTcpSocket m_line;
    QTimer m_silence;
    StitchJob m_job;
    State m_state = State::Idle;
    Fault m_fault = Fault::None;
    qsizetype m_done = 0;
    QByteArray m_heard;
    int m_patience_ms = 10000, m_tries = 0;
    bool m_is_again = false;
};

} // namespace ink
