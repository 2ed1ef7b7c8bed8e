// A cutter to practise on: takes HPGL over loopback into a small buffer, at a machine's pace, and keeps what it cut
// (docs/formats/practice-cutter.md).
#pragma once

#include <QByteArray>
#include <QElapsedTimer>
#include <QObject>
#include <QPointF>
#include <QPointer>
#include <QTimer>

#include <optional>
#include <vector>

class QTcpServer;
class QTcpSocket;

namespace ink::standin {

enum class CutterFault {
    None,
    /// Takes nobody, and says so.
    Busy,
    /// A tenth of its speed.
    Slow,
    /// The line is cut in the middle of the second line it draws, once.
    LineDropped,
    /// It tells of more room than it has; what comes beyond is lost.
    BufferLies,
    /// After three lines there is no material, until it is loaded again.
    MaterialEnds,
    /// After two lines the lid is open, until it is closed again.
    LidOpened,
};
/// "none", "busy", "slow", "line-dropped", "buffer-lies", "material-ends", "lid-opened".
const QStringList& cutterFaultNames();

/// One line with the pen down, in mm from the lower left corner.
struct CutLine
{
    int pen = 0;
    std::vector<QPointF> points;
    /// The pen went up at its end; not where the line was cut short.
    bool is_whole = false;
};

class CutterServer : public QObject
{
    Q_OBJECT
public:
    /// `speed` times as fast as a machine of 60 mm/s.
    explicit CutterServer(CutterFault fault = CutterFault::None, double speed = 20.0,
                          QObject* parent = nullptr);
    ~CutterServer() override;

    /// Listens on loopback; 0 takes a free port. Returns the port, or 0.
    quint16 listen(quint16 port = 0);
    const std::vector<CutLine>& lines() const { return m_lines; }
    /// Bytes that came while the buffer was full.
    qint64 lostBytes() const { return m_lost; }
    /// Someone closes the lid, or loads material: it goes on.
    void attend();

    /// What was cut, as a picture and as figures.
    QByteArray svg() const;
    QByteArray json() const;

    static constexpr qsizetype kBuffer = 1024;
    /// Answers to ESC . O: at work, nothing to do, busy, lid open, no material.
    enum Status { Working = 0, Empty = 8, IsBusy = 1, LidOpen = 16, NoMaterial = 32 };

signals:
    void changed();

private:
    void accept();
    void read();
    void answer(const QByteArray& words);
    void answerNow(char question);
    void step();
    QByteArray takeInstruction();

    /// Does one instruction and tells how long it takes, in ms.
    int execute(const QByteArray& instruction);
    int moveTo(QPointF mm, bool is_down);
    int status() const;
    void lift();

    CutterFault m_fault;
    double m_speed;
    QTcpServer* m_server = nullptr;
    QPointer<QTcpSocket> m_line;
    QTimer m_clock;
    QByteArray m_buffer, m_escape;
    std::vector<CutLine> m_lines;
    QPointF m_at;
    int m_pen = 0;
    bool m_is_down = false, m_has_failed = false;
    std::optional<Status> m_waits;
    qint64 m_lost = 0;
    int m_whole_lines = 0;
};

} // namespace ink::standin
