// Sends sheets to a cutter that takes HPGL over a line, one after the other, and knows which part is done.
#pragma once

#include "services/listening_program.h"

#include <QByteArray>
#include <QElapsedTimer>

#include <QList>
#include <QObject>
#include <QString>
#include <QTcpSocket>
#include <QTimer>

namespace ink {

struct CutJob
{
    QString name;
    /// HPGL: before the first part, each part from pen up to pen up (one PD in it), and after the last.
    QByteArray begin;
    QList<QByteArray> parts;
    QByteArray end;
};

/// A part counts as done when the cutter has answered OA behind it: that is answered in its turn, after all that was sent before.
/// Source: HP-GL/2 reference: OA (output actual position), ESC.B (free buffer), ESC.O (status), ESC.K (forget).
class CutterQueue : public QObject
{
    Q_OBJECT
public:
    explicit CutterQueue(QObject* parent = nullptr);
    ~CutterQueue() override;

    enum class State {
        Idle,
        Connecting,
        Cutting,
        /// By the person: what is in the cutter's buffer is still cut.
        Paused,
        /// By the cutter: it goes on by itself when that is mended.
        LidOpen,
        NoMaterial,
        /// A fault: goOn() or startAgain().
        Stopped,
        /// A sheet is done, and the next is to be laid: goOn().
        NextSheet,
        Done,
    };
    /// Lost: the cutter is not where it should be, or has nothing to do before all is done.
    enum class Fault { None, NotThere, Busy, LineDropped, Silent, Garbled, Lost };

    void setAddress(const QString& host, quint16 port);
    /// The practice cutter, started when something is sent, again where it has ended meanwhile.
    void setProgram(const QString& program, const QStringList& arguments)
    {
        m_program.set(program, arguments);
    }

    /// Behind those that wait.
    void add(CutJob job);
    void pause();
    void resume();
    /// Gives up what is under way and what waits.
    void cancel();
    /// After a fault: from the first part that is not known to be done, or from the beginning of its sheet.
    void goOn();
    void startAgain();

    State state() const { return m_state; }
    Fault fault() const { return m_fault; }
    bool isAtWork() const { return m_state != State::Idle && m_state != State::Done; }
    /// Something is sent or awaited; not while a person has to do something first.
    bool isBusy() const { return m_state == State::Connecting || m_state == State::Cutting; }
    const CutJob* job() const { return m_jobs.isEmpty() ? nullptr : &m_jobs.front(); }
    qsizetype waiting() const { return std::max<qsizetype>(0, m_jobs.size() - 1); }
    qsizetype partsDone() const { return m_done; }
    /// How long an answer may take.
    void setPatience(int ms) { m_patience_ms = ms; }

signals:
    void changed();
    void jobDone(const QString& name);

private:
    void begin();
    void connectLine();
    void beginParts();
    void find(const QByteArray& place);

    void ask();
    void send();
    void hear();
    void hearWord(const QByteArray& word);
    void lineGone();
    void busy();
    void stop(Fault fault);
    void setState(State state);
    void finishJob();

    QString m_host = QStringLiteral("127.0.0.1");
    quint16 m_port = 0;
    ListeningProgram m_program;
    QTcpSocket m_line;
    QTimer m_clock, m_silence;
    QList<CutJob> m_jobs;
    State m_state = State::Idle;
    Fault m_fault = Fault::None;
    /// Of the job at the front: parts known to be done, and the next to be sent.
    qsizetype m_done = 0, m_next = 0;
    QByteArray m_heard, m_to_send;
    /// What the cutter said it has room for, less what was sent since; and whether it was asked.
    qsizetype m_room = 0, m_told = -1;
    /// Since when nothing has changed.
    QElapsedTimer m_stands;
    bool m_is_finding = false, m_is_asked = false, m_was_all_sent = false, m_has_begun = false,
         m_is_ending = false;
    int m_patience_ms = 10000, m_tries = 0;
};

} // namespace ink
