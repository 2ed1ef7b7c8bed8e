#include "standins/cutter/cutter_server.h"

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

/// A plotter unit (HP-GL/2 reference), and how fast the machine is.
constexpr double kUnit_mm = 0.025;
constexpr double kSpeed_mm_s = 60.0;
constexpr int kLongestStep_ms = 4000;
constexpr char kEscape = 27;

} // namespace

const QStringList& cutterFaultNames()
{
    static const QStringList names{QStringLiteral("none"),        QStringLiteral("busy"),
                                   QStringLiteral("slow"),        QStringLiteral("line-dropped"),
                                   QStringLiteral("buffer-lies"), QStringLiteral("material-ends"),
                                   QStringLiteral("lid-opened")};
    return names;
}

CutterServer::CutterServer(CutterFault fault, double speed, QObject* parent)
    : QObject(parent), m_fault(fault), m_speed(fault == CutterFault::Slow ? speed / 10.0 : speed),
      m_server(new QTcpServer(this))
{
    m_clock.setSingleShot(true);
    connect(&m_clock, &QTimer::timeout, this, &CutterServer::step);
    connect(m_server, &QTcpServer::newConnection, this, &CutterServer::accept);
}

CutterServer::~CutterServer() = default;

quint16 CutterServer::listen(quint16 port)
{
    return m_server->listen(QHostAddress::LocalHost, port) ? m_server->serverPort() : quint16(0);
}

void CutterServer::accept()
{
    auto* line = m_server->nextPendingConnection();
    if (m_line) { // one at a time
        line->write("S1\r");
        line->disconnectFromHost();
        connect(line, &QTcpSocket::disconnected, line, &QObject::deleteLater);
        return;
    }
    m_line = line;
    m_buffer.clear();
    m_escape.clear();
    connect(line, &QTcpSocket::readyRead, this, &CutterServer::read);
    connect(line, &QTcpSocket::disconnected, this, [this, line] {
        line->deleteLater();
        if (m_line == line)
            m_line = nullptr;
        lift(); // what is not done of it is not done
        m_buffer.clear();
    });
}

void CutterServer::read()
{
    for (const char c : m_line->readAll()) {
        // ESC . x is answered at once, whatever waits in the buffer.
        if (c == kEscape || !m_escape.isEmpty()) {
            m_escape += c;
            if (m_escape.size() == 3) {
                answerNow(m_escape[2]);
                m_escape.clear();
            }
            continue;
        }
        if (m_buffer.size() >= (m_fault == CutterFault::BufferLies ? kBuffer / 4 : kBuffer)) {
            ++m_lost;
            continue;
        }
        m_buffer += c;
    }
    if (!m_clock.isActive())
        step();
}

int CutterServer::status() const
{
    if (m_fault == CutterFault::Busy)
        return IsBusy;
    if (m_waits)
        return *m_waits;
    return m_buffer.isEmpty() && !m_clock.isActive() ? Empty : Working;
}

void CutterServer::answer(const QByteArray& words)
{
    if (m_line)
        m_line->write(words + '\r');
}

void CutterServer::answerNow(char question)
{
    if (question == 'B')
        answer(QByteArray::number(std::max<qsizetype>(0, kBuffer - m_buffer.size())));
    else if (question == 'O')
        answer("S" + QByteArray::number(status()));
    else if (question == 'K') { // forget what waits
        m_buffer.clear();
        lift();
    }
}

void CutterServer::attend()
{
    m_waits.reset();
    if (!m_clock.isActive())
        step();
    emit changed();
}

void CutterServer::step()
{
    if (m_waits || m_fault == CutterFault::Busy)
        return;
    while (!m_clock.isActive()) {
        const QByteArray instruction = takeInstruction();
        if (instruction.isEmpty())
            break;
        if (const int ms = execute(instruction); ms > 0)
            m_clock.start(std::min(ms, kLongestStep_ms));
        if (m_waits || !m_line)
            break;
    }
    emit changed();
}

/// The next one that is whole; of a long line what has come of it, so that it need not fit into the buffer.
QByteArray CutterServer::takeInstruction()
{
    if (const auto end = m_buffer.indexOf(';'); end >= 0) {
        const QByteArray whole = m_buffer.left(end).trimmed();
        m_buffer.remove(0, end + 1);
        return whole.isEmpty() ? QByteArray("PA") : whole;
    }
    if (!m_buffer.startsWith("PD"))
        return {};
    qsizetype commas = 0, last = -1; // behind a pair of numbers
    for (qsizetype i = 2; i < m_buffer.size(); ++i)
        if (m_buffer[i] == ',' && ++commas % 2 == 0)
            last = i;
    if (last < 0)
        return {};
    const QByteArray begun = m_buffer.left(last);
    m_buffer = "PD" + m_buffer.mid(last + 1);
    return begun;
}

void CutterServer::lift()
{
    m_is_down = false;
}

int CutterServer::moveTo(QPointF mm, bool is_down)
{
    const double away = std::hypot(mm.x() - m_at.x(), mm.y() - m_at.y());
    if (is_down) {
        if (!m_is_down)
            m_lines.push_back({m_pen, {m_at}, false});
        m_lines.back().points.push_back(mm);
    } else if (m_is_down) {
        m_lines.back().is_whole = true;
        ++m_whole_lines;
    }
    m_is_down = is_down;
    m_at = mm;
    return int(away / (kSpeed_mm_s * m_speed) * 1000.0);
}

int CutterServer::execute(const QByteArray& instruction)
{
    const QByteArray name = instruction.left(2).toUpper();
    if (name == "OA") {
        answer(QByteArray::number(std::lround(m_at.x() / kUnit_mm)) + ',' +
               QByteArray::number(std::lround(m_at.y() / kUnit_mm)) + ',' + (m_is_down ? '1' : '0'));
        return 0;
    }
    if (name == "SP") {
        m_pen = instruction.mid(2).toInt();
        return 0;
    }
    if (name != "PU" && name != "PD")
        return 0;
    const bool is_down = name == "PD";
    const auto numbers = instruction.mid(2).split(',');
    int ms = 0;
    if (numbers.size() < 2 && !is_down && m_is_down)
        ms += moveTo(m_at, false);
    for (qsizetype i = 0; i + 1 < numbers.size(); i += 2) {
        ms += moveTo(QPointF(numbers[i].toDouble(), numbers[i + 1].toDouble()) * kUnit_mm, is_down);
        if (m_fault == CutterFault::LineDropped && !m_has_failed && m_whole_lines >= 1 && is_down && i >= 2) {
            m_has_failed = true;
            m_line->abort();
            return 0;
        }
    }
    if (!m_has_failed && !is_down) {
        if (m_fault == CutterFault::MaterialEnds && m_whole_lines >= 3) {
            m_has_failed = true;
            m_waits = NoMaterial;
        } else if (m_fault == CutterFault::LidOpened && m_whole_lines >= 2) {
            m_has_failed = true;
            m_waits = LidOpen;
        }
    }
    return ms;
}

QByteArray CutterServer::svg() const
{
    double right = 1, top = 1;
    for (const auto& line : m_lines)
        for (const auto& p : line.points) {
            right = std::max(right, p.x());
            top = std::max(top, p.y());
        }
    QByteArray out =
        "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" +
        QByteArray::number(right) + "mm\" height=\"" + QByteArray::number(top) + "mm\" viewBox=\"0 0 " +
        QByteArray::number(right) + ' ' + QByteArray::number(top) +
        "\" fill=\"none\" stroke=\"#1d2333\" stroke-width=\"0.2\">\n";
    for (const auto& line : m_lines) {
        out += "<path d=\"";
        for (std::size_t i = 0; i < line.points.size(); ++i)
            out += (i == 0 ? 'M' : 'L') + QByteArray::number(line.points[i].x()) + ',' +
                   QByteArray::number(top - line.points[i].y());
        out += line.is_whole ? "\"/>\n" : "\" stroke=\"#a33b2b\" stroke-dasharray=\"1\"/>\n";
    }
    return out + "</svg>\n";
}

QByteArray CutterServer::json() const
{
    QJsonArray lines;
    for (const auto& line : m_lines) {
        QJsonArray points;
        for (const auto& p : line.points)
            points.append(QJsonArray{p.x(), p.y()});
        lines.append(QJsonObject{{QStringLiteral("pen"), line.pen},
                                 {QStringLiteral("whole"), line.is_whole},
                                 {QStringLiteral("points_mm"), points}});
    }
    return QJsonDocument(
               QJsonObject{{QStringLiteral("lines"), lines}, {QStringLiteral("lost_bytes"), m_lost}})
        .toJson();
}

} // namespace ink::standin
