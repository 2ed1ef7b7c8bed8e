#include "standins/stitcher/stitcher_server.h"

#include "core/formats/stitch_file.h"

#include <QHostAddress>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTcpServer>
#include <QTcpSocket>

#include <algorithm>
#include <cmath>

namespace ink::standin {
namespace {

constexpr double kStitches_s = 800.0 / 60.0;
constexpr int kPace_ms = 25;
constexpr qsizetype kLongestOrder = 256;

} // namespace

const QStringList& stitcherFaultNames()
{
    static const QStringList names{QStringLiteral("none"),          QStringLiteral("busy"),
                                   QStringLiteral("thread-breaks"), QStringLiteral("power-gone"),
                                   QStringLiteral("wrong-hoop"),    QStringLiteral("file-cut-short")};
    return names;
}

StitcherServer::StitcherServer(StitcherFault fault, double speed, QObject* parent)
    : QObject(parent), m_fault(fault), m_speed(speed), m_server(new QTcpServer(this))
{
    m_clock.setInterval(kPace_ms);
    connect(&m_clock, &QTimer::timeout, this, &StitcherServer::sew);
    connect(m_server, &QTcpServer::newConnection, this, &StitcherServer::accept);
}

StitcherServer::~StitcherServer() = default;

quint16 StitcherServer::listen(quint16 port)
{
    return m_server->listen(QHostAddress::LocalHost, port) ? m_server->serverPort() : quint16(0);
}

void StitcherServer::accept()
{
    auto* line = m_server->nextPendingConnection();
    connect(line, &QTcpSocket::disconnected, line, &QObject::deleteLater);
    if (m_line || m_fault == StitcherFault::Busy) {
        line->write("NO busy\n");
        line->disconnectFromHost();
        return;
    }
    m_line = line;
    forget();
    connect(line, &QTcpSocket::readyRead, this, &StitcherServer::read);
    connect(line, &QTcpSocket::disconnected, this, [this, line] {
        if (m_line == line) {
            m_line = nullptr;
            forget();
        }
    });
}

void StitcherServer::forget()
{
    m_clock.stop();
    m_heard.clear();
    m_work.clear();
    m_to_come = -1;
    m_next = m_stitch = 0;
    m_waits = false;
}

void StitcherServer::say(const QByteArray& words)
{
    if (m_line)
        m_line->write(words + '\n');
}

void StitcherServer::read()
{
    m_heard += m_line->readAll();
    while (m_line) {
        if (m_to_come >= 0) {
            if (m_heard.size() < m_to_come)
                return;
            take();
            continue;
        }
        const auto end = m_heard.indexOf('\n');
        if (end < 0) {
            if (m_heard.size() > kLongestOrder)
                m_line->abort();
            return;
        }
        const QByteArray order = m_heard.left(end).trimmed();
        m_heard.remove(0, end + 1);
        obey(order);
    }
}

void StitcherServer::obey(const QByteArray& order)
{
    const auto words = order.split(' ');
    if (words[0] == "FILE" && words.size() == 4 && (words[1] == "dst" || words[1] == "exp")) {
        m_is_dst = words[1] == "dst";
        m_to_come = std::clamp<qsizetype>(words[2].toLongLong(), 0, qsizetype(kMostStitchFile_bytes));
        m_from = std::size_t(std::max(0LL, words[3].toLongLong()));
        return;
    }
    if (order == "GO") {
        m_waits = false;
        m_clock.start();
    } else if (order == "PAUSE") {
        m_clock.stop();
    } else if (order == "END") {
        forget();
    }
}

void StitcherServer::take()
{
    QByteArray file = m_heard.left(m_to_come);
    m_heard.remove(0, m_to_come);
    m_to_come = -1;
    if (m_fault == StitcherFault::WrongHoop && !m_has_failed) {
        m_has_failed = true; // the next time the right one is on
        return say("NO hoop");
    }
    if (m_fault == StitcherFault::FileCutShort && !m_has_failed) {
        m_has_failed = true;
        file.truncate(file.size() / 2);
    }
    const auto read = readStitches({file.constData(), std::size_t(file.size())},
                                   m_is_dst ? StitchFormat::Dst : StitchFormat::Exp);
    if (!read || read->is_cut_short)
        return say("NO short");
    m_work = read->work;
    m_stitches = std::size_t(std::ranges::count(m_work, NeedleStep::Kind::Stitch, &NeedleStep::kind));
    // Where it goes on, the needle is brought there without sewing.
    m_next = m_stitch = 0;
    while (m_next < m_work.size() && m_stitch < m_from)
        m_stitch += m_work[m_next++].kind == NeedleStep::Kind::Stitch;
    say("TAKEN " + QByteArray::number(qulonglong(m_stitches)));
    m_clock.start();
}

void StitcherServer::sew()
{
    const auto count = std::max(1, int(std::lround(kStitches_s * m_speed * kPace_ms / 1000.0)));
    for (int k = 0; k < count && !m_waits && m_next < m_work.size();) {
        const auto& step = m_work[m_next++];
        if (step.kind == NeedleStep::Kind::Stop) {
            m_waits = true;
            m_clock.stop();
            say("STOP " + QByteArray::number(qulonglong(m_stitch)));
            emit changed();
            return;
        }
        if (step.kind != NeedleStep::Kind::Stitch)
            continue;
        m_sewn.push_back(step.at);
        ++m_stitch;
        ++k;
        if (m_has_failed || m_stitch < m_stitches / 2)
            continue;
        if (m_fault == StitcherFault::ThreadBreaks) {
            m_has_failed = m_waits = true;
            m_clock.stop();
            say("BREAK " + QByteArray::number(qulonglong(m_stitch)));
            return;
        }
        if (m_fault == StitcherFault::PowerGone) {
            m_has_failed = true;
            // It tells of each stitch before the next: what it sewed is known.
            say("AT " + QByteArray::number(qulonglong(m_stitch)));
            m_line->flush();
            m_line->disconnectFromHost();
            m_clock.stop();
            return;
        }
    }
    if (m_next < m_work.size()) {
        say("AT " + QByteArray::number(qulonglong(m_stitch)));
    } else {
        m_clock.stop();
        say("DONE " + QByteArray::number(qulonglong(m_stitch)));
    }
    emit changed();
}

QByteArray StitcherServer::svg() const
{
    Box box;
    for (const auto& p : m_sewn)
        box.add(p);
    QByteArray out =
        "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" +
        QByteArray::number(box.width() + 1) + "mm\" height=\"" + QByteArray::number(box.height() + 1) +
        "mm\" viewBox=\"0 0 " + QByteArray::number(box.width() + 1) + ' ' +
        QByteArray::number(box.height() + 1) +
        "\">\n<polyline fill=\"none\" stroke=\"#a23a2b\" stroke-width=\"0.4\" points=\"";
    for (const auto& p : m_sewn)
        out += QByteArray::number(p.x - box.x0 + 0.5) + ',' + QByteArray::number(box.y1 - p.y + 0.5) + ' ';
    return out + "\"/>\n</svg>\n";
}

QByteArray StitcherServer::json() const
{
    QJsonArray points;
    for (const auto& p : m_sewn)
        points.append(QJsonArray{p.x, p.y});
    return QJsonDocument(QJsonObject{{QStringLiteral("stitches_mm"), points}}).toJson();
}

} // namespace ink::standin
