// An embroidery machine to practise on: takes a stitch file over loopback, sews it at a pace, stops where it has to, and keeps what it
// sewed (docs/formats/practice-stitcher.md).
#pragma once

#include "core/stitch/stitch_plan.h"

#include <QByteArray>
#include <QObject>
#include <QPointer>
#include <QStringList>
#include <QTimer>

class QTcpServer;
class QTcpSocket;

namespace ink::standin {

enum class StitcherFault {
    None,
    /// Sews for somebody else.
    Busy,
    /// The thread breaks half way, once.
    ThreadBreaks,
    /// The power goes half way, once: it forgets what it was told.
    PowerGone,
    /// Another hoop is on than the design needs.
    WrongHoop,
    /// Half of a file comes through.
    FileCutShort,
};
/// "none", "busy", "thread-breaks", "power-gone", "wrong-hoop", "file-cut-short".
const QStringList& stitcherFaultNames();

class StitcherServer : public QObject
{
    Q_OBJECT
public:
    /// `speed` times as fast as a machine of 800 stitches a minute.
    explicit StitcherServer(StitcherFault fault = StitcherFault::None, double speed = 40.0,
                            QObject* parent = nullptr);
    ~StitcherServer() override;

    /// Listens on loopback; 0 takes a free port. Returns the port, or 0.
    quint16 listen(quint16 port = 0);
    /// Needle points in the order in which they were sewn, of all files.
    const std::vector<Point>& sewn() const { return m_sewn; }

    /// What was sewn, as a picture and as figures.
    QByteArray svg() const;
    QByteArray json() const;

signals:
    void changed();

private:
    void accept();
    void read();
    void obey(const QByteArray& order);
    void take();
    void say(const QByteArray& words);
    void sew();
    void forget();

    StitcherFault m_fault;
    double m_speed;
    QTcpServer* m_server = nullptr;
    QPointer<QTcpSocket> m_line;
    QTimer m_clock;
    QByteArray m_heard;
    /// Of the file that is coming: what is still to come, and from which stitch it is to be sewn.
    qsizetype m_to_come = -1;
    std::size_t m_from = 0;
    NeedleWork m_work;
    /// The step that comes next, and how many stitches are sewn.
    std::size_t m_next = 0, m_stitch = 0, m_stitches = 0;
    bool m_has_failed = false, m_waits = false, m_is_dst = true;
    std::vector<Point> m_sewn;
};

} // namespace ink::standin
