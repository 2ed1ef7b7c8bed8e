#include "services/cutter_queue.h"

#include <algorithm>

namespace ink {
namespace {

constexpr int kAsk_ms = 40;
/// Patiences without a sign that it gets on.
constexpr int kStands = 4;
constexpr int kTries = 4, kTryAgain_ms = 150;
/// A part is followed by this, whose answer says that it is done.
const QByteArray kTell = "OA;";
/// "x,y" of the last place that a part goes to.
QByteArray endOf(const QByteArray& part)
{
    const auto down = part.lastIndexOf("PD");
    const auto numbers = part.mid(down + 2, part.indexOf(';', down) - down - 2).split(',');
    return numbers.size() < 2 ? QByteArray() : numbers[numbers.size() - 2] + ',' + numbers.last();
}

/// The part comes by the place, "x,y,pen".
bool passes(const QByteArray& part, const QByteArray& place)
{
    const auto at = place.left(place.lastIndexOf(','));
    const auto down = part.lastIndexOf("PD");
    const auto numbers = part.mid(down + 2, part.indexOf(';', down) - down - 2).split(',');
    for (qsizetype i = 0; i + 1 < numbers.size(); i += 2)
        if (numbers[i] + ',' + numbers[i + 1] == at)
            return true;
    return false;
}

/// Less is not worth a packet.
constexpr qsizetype kLeastSent = 64;

} // namespace

CutterQueue::CutterQueue(QObject* parent) : QObject(parent)
{
    m_clock.setInterval(kAsk_ms);
    m_silence.setSingleShot(true);
    connect(&m_program, &ListeningProgram::listening, this, [this](const QString& address) {
        m_host = address.section(QLatin1Char(':'), 0, 0);
        m_port = quint16(address.section(QLatin1Char(':'), 1).toUInt());
        if (m_state == State::Connecting)
            m_line.connectToHost(m_host, m_port);
    });
    connect(&m_program, &ListeningProgram::ended, this, [this] {
        m_port = 0; // the next one listens elsewhere
        if (m_state == State::Connecting)
            stop(Fault::NotThere);
    });
    connect(&m_clock, &QTimer::timeout, this, &CutterQueue::ask);
    connect(&m_silence, &QTimer::timeout, this,
            [this] { stop(m_state == State::Connecting ? Fault::NotThere : Fault::Silent); });
    connect(&m_line, &QTcpSocket::connected, this, [this] {
        m_heard.clear();
        m_to_send.clear();
        m_room = 0;
        m_is_asked = false;
        m_stands.start();
        setState(State::Cutting);
        m_clock.start();
        if (m_next > m_done) { // answers may have been lost: where the tool is tells how far it came
            m_is_finding = true;
            m_silence.start(m_patience_ms);
            m_line.write(kTell);
            return;
        }
        beginParts();
    });
    connect(&m_line, &QTcpSocket::readyRead, this, &CutterQueue::hear);
    connect(&m_line, &QTcpSocket::disconnected, this, &CutterQueue::lineGone);
    connect(&m_line, &QTcpSocket::errorOccurred, this, [this](QAbstractSocket::SocketError) {
        if (m_state == State::Connecting)
            stop(Fault::NotThere);
    });
}

CutterQueue::~CutterQueue()
{
    m_line.disconnect(this);
}

void CutterQueue::setAddress(const QString& host, quint16 port)
{
    m_host = host;
    m_port = port;
}

void CutterQueue::setState(State state)
{
    m_state = state;
    emit changed();
}

void CutterQueue::add(CutJob job)
{
    m_jobs.append(std::move(job));
    if (m_jobs.size() == 1)
        begin();
    else
        emit changed();
}

void CutterQueue::begin()
{
    m_done = m_next = 0;
    connectLine();
}

void CutterQueue::connectLine()
{
    m_fault = Fault::None;
    setState(State::Connecting);
    m_silence.start(m_patience_ms);
    if (m_port != 0)
        return m_line.connectToHost(m_host, m_port);
    if (!m_program.isSet())
        return stop(Fault::NotThere);
    if (!m_program.isRunning())
        m_program.start();
}

void CutterQueue::beginParts()
{
    m_is_finding = false;
    m_has_begun = m_is_ending = m_was_all_sent = false;
    m_next = m_done;
    m_to_send.clear();
    emit changed();
    ask();
}

/// At the end of a part that was sent, it is done; on its way, those before it are.
void CutterQueue::find(const QByteArray& place)
{
    const auto& parts = m_jobs.front().parts;
    for (auto k = m_done; k < std::min(m_next, parts.size()); ++k) {
        if (place.startsWith(endOf(parts[k]) + ',') && place.endsWith(",0")) {
            m_done = k + 1;
            break;
        }
        if (passes(parts[k], place)) {
            m_done = k;
            break;
        }
    }
    beginParts();
}

void CutterQueue::ask()
{
    if (m_line.state() != QAbstractSocket::ConnectedState || m_is_asked || m_is_finding)
        return;
    m_is_asked = true;
    m_was_all_sent = m_is_ending && m_to_send.isEmpty();
    m_silence.start(m_patience_ms);
    m_line.write("\033.O\033.B");
}

void CutterQueue::send()
{
    if (m_state != State::Cutting || m_jobs.isEmpty())
        return;
    const CutJob& job = m_jobs.front();
    if (!m_has_begun) {
        m_to_send += job.begin;
        m_has_begun = true;
    }
    while (m_room >= kLeastSent) {
        if (m_to_send.isEmpty()) {
            if (m_next < job.parts.size()) {
                m_to_send = job.parts[m_next++] + kTell;
            } else if (!m_is_ending) {
                m_to_send = job.end + kTell;
                m_is_ending = true;
            } else {
                return;
            }
        }
        const QByteArray now = m_to_send.left(m_room);
        m_line.write(now);
        m_to_send.remove(0, now.size());
        m_room -= now.size();
    }
}

void CutterQueue::hear()
{
    m_silence.start(m_patience_ms);
    m_heard += m_line.readAll();
    for (auto end = m_heard.indexOf('\r'); end >= 0; end = m_heard.indexOf('\r')) {
        const QByteArray word = m_heard.left(end);
        m_heard.remove(0, end + 1);
        hearWord(word);
        if (m_line.state() != QAbstractSocket::ConnectedState)
            return; // that word ended it
    }
    if (m_heard.size() > 1000)
        stop(Fault::Garbled);
}

void CutterQueue::hearWord(const QByteArray& word)
{
    if (word.startsWith('S')) {
        const int status = word.mid(1).toInt();
        if (status == 1)
            return busy();
        const State now = status == 16 ? State::LidOpen : status == 32 ? State::NoMaterial : State::Cutting;
        if (now != m_state && m_state != State::Paused)
            setState(now);
        // All had been sent, it has nothing to do, and still a part is not told of: something was lost on the way.
        if (status == 8 && m_was_all_sent)
            stop(Fault::Lost);
        return;
    }
    if (word.contains(',')) {
        if (m_is_finding)
            return find(word);
        const auto& parts = m_jobs.front().parts;
        if (m_done == parts.size())
            return finishJob();
        // Where the tool is then tells whether all of the part came through.
        if (!word.startsWith(endOf(parts[m_done]) + ','))
            return stop(Fault::Lost);
        ++m_done;
        m_stands.start();
        emit changed();
        return;
    }
    bool is_number = false;
    const auto room = word.toLongLong(&is_number);
    if (!is_number)
        return stop(Fault::Garbled);
    m_is_asked = false;
    m_tries = 0;
    if (room != m_told || m_state != State::Cutting)
        m_stands.start();
    else if (m_stands.elapsed() > kStands * m_patience_ms)
        return stop(Fault::Lost); // it waits for the rest of something that was lost
    m_told = room;
    m_room = room;
    send();
}

void CutterQueue::finishJob()
{
    const QString name = m_jobs.front().name;
    m_jobs.removeFirst();
    m_clock.stop();
    m_silence.stop();
    m_done = m_next = 0;
    m_line.abort();
    emit jobDone(name);
    setState(m_jobs.isEmpty() ? State::Done : State::NextSheet);
}

void CutterQueue::lineGone()
{
    if (m_state == State::Cutting || m_state == State::Paused || m_state == State::LidOpen ||
        m_state == State::NoMaterial)
        stop(Fault::LineDropped);
}

void CutterQueue::stop(Fault fault)
{
    m_clock.stop();
    m_silence.stop();
    m_fault = fault;
    m_tries = 0;
    m_state = State::Stopped; // before the line goes, which would be told as another fault
    m_line.abort();
    emit changed();
}

/// Who was there before may be just leaving.
void CutterQueue::busy()
{
    if (++m_tries > kTries)
        return stop(Fault::Busy);
    m_clock.stop();
    m_state = State::Connecting; // the line goes with our will
    m_line.abort();
    QTimer::singleShot(kTryAgain_ms, this, [this] {
        if (m_state == State::Connecting)
            connectLine();
    });
}

void CutterQueue::pause()
{
    if (m_state == State::Cutting || m_state == State::LidOpen || m_state == State::NoMaterial)
        setState(State::Paused);
}

void CutterQueue::resume()
{
    if (m_state != State::Paused)
        return;
    setState(State::Cutting);
    send();
}

void CutterQueue::cancel()
{
    if (m_line.state() == QAbstractSocket::ConnectedState) {
        m_line.write("\033.K");
        m_line.flush();
    }
    m_clock.stop();
    m_silence.stop();
    m_jobs.clear();
    m_done = m_next = 0;
    m_fault = Fault::None;
    m_state = State::Idle;
    m_line.abort();
    emit changed();
}

void CutterQueue::goOn()
{
    if ((m_state == State::Stopped || m_state == State::NextSheet) && !m_jobs.isEmpty())
        connectLine();
}

void CutterQueue::startAgain()
{
    if (m_state != State::Stopped || m_jobs.isEmpty())
        return;
    m_done = m_next = 0;
    connectLine();
}

} // namespace ink
