#include "services/stitcher_line.h"

#include <algorithm>

namespace ink {
namespace {

constexpr qsizetype kLongestWord = 1000;
constexpr int kBusyTries = 4, kBusyAgain_ms = 150;

} // namespace

StitcherLine::StitcherLine(QObject* parent) : QObject(parent)
{
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
    connect(&m_silence, &QTimer::timeout, this,
            [this] { stop(m_state == State::Connecting ? Fault::NotThere : Fault::Silent); });
    connect(&m_line, &QTcpSocket::connected, this, [this] {
        m_heard.clear();
        m_silence.start(m_patience_ms);
        m_line.write("FILE dst " + QByteArray::number(m_job.file.size()) + ' ' + QByteArray::number(m_done) +
                     '\n' + m_job.file);
    });
    connect(&m_line, &QTcpSocket::readyRead, this, &StitcherLine::hear);
    connect(&m_line, &QTcpSocket::disconnected, this, [this] {
        if (m_is_again)
            return;
        hear(); // its last words
        if (m_is_again || m_line.state() != QAbstractSocket::UnconnectedState)
            return;
        if (m_state != State::Idle && m_state != State::Done && m_state != State::Stopped)
            stop(Fault::LineDropped);
    });
    connect(&m_line, &QTcpSocket::errorOccurred, this, [this](QAbstractSocket::SocketError error) {
        // Who closes the line has said why: that is heard when it is closed.
        if (m_state == State::Connecting && error != QAbstractSocket::RemoteHostClosedError)
            stop(Fault::NotThere);
    });
}

StitcherLine::~StitcherLine()
{
    m_line.disconnect(this);
}

void StitcherLine::setAddress(const QString& host, quint16 port)
{
    m_host = host;
    m_port = port;
}

void StitcherLine::setState(State state)
{
    m_state = state;
    emit changed();
}

void StitcherLine::send(StitchJob job)
{
    if (isAtWork())
        return;
    m_job = std::move(job);
    m_done = 0;
    connectLine();
}

void StitcherLine::connectLine()
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

void StitcherLine::order(const QByteArray& words)
{
    m_line.write(words + '\n');
}

void StitcherLine::hear()
{
    if (m_line.isOpen())
        m_heard += m_line.readAll();
    for (auto end = m_heard.indexOf('\n'); end >= 0; end = m_heard.indexOf('\n')) {
        const QByteArray word = m_heard.left(end).trimmed();
        m_heard.remove(0, end + 1);
        hearWord(word);
        if (m_state == State::Stopped || m_state == State::Done || m_state == State::Idle)
            return;
    }
    if (m_heard.size() > kLongestWord)
        stop(Fault::Garbled);
}

void StitcherLine::hearWord(const QByteArray& word)
{
    const auto space = word.indexOf(' ');
    const QByteArray name = space < 0 ? word : word.left(space),
                     rest = space < 0 ? QByteArray() : word.mid(space + 1);
    if (name == "NO" && rest == "busy")
        return busy();
    if (name == "NO")
        return stop(rest == "hoop"    ? Fault::WrongHoop
                    : rest == "short" ? Fault::FileCutShort
                                      : Fault::Garbled);
    bool is_number = false;
    const auto number = rest.toLongLong(&is_number);
    if (!is_number)
        return stop(Fault::Garbled);
    m_silence.start(m_patience_ms);
    if (name == "TAKEN") {
        m_tries = 0;
        return setState(State::Sewing);
    }
    m_done = std::clamp<qsizetype>(number, m_done, std::max(m_done, m_job.stitches));
    if (name == "AT") {
        emit changed();
    } else if (name == "STOP" || name == "BREAK") {
        m_silence.stop(); // it waits for a person, for as long as that takes
        setState(name == "STOP" ? State::AtStop : State::ThreadBroken);
    } else if (name == "DONE") {
        m_silence.stop();
        m_state = State::Done;
        m_line.abort();
        emit jobDone(m_job.name);
        emit changed();
    } else {
        stop(Fault::Garbled);
    }
}

/// Who was there before may be just leaving.
void StitcherLine::busy()
{
    if (++m_tries > kBusyTries)
        return stop(Fault::Busy);
    m_is_again = true; // the line goes with our will
    m_line.abort();
    m_is_again = false;
    QTimer::singleShot(kBusyAgain_ms, this, [this] {
        if (m_state == State::Connecting)
            connectLine();
    });
}

void StitcherLine::stop(Fault fault)
{
    m_silence.stop();
    m_tries = 0;
    m_fault = fault;
    m_state = State::Stopped; // before the line goes, which would be told as another fault
    m_line.abort();
    emit changed();
}

void StitcherLine::pause()
{
    if (m_state != State::Sewing)
        return;
    m_silence.stop();
    order("PAUSE");
    setState(State::Paused);
}

void StitcherLine::resume()
{
    if (m_state != State::Paused && m_state != State::AtStop && m_state != State::ThreadBroken)
        return;
    m_silence.start(m_patience_ms);
    order("GO");
    setState(State::Sewing);
}

void StitcherLine::goOn()
{
    if (m_state == State::Stopped && !m_job.file.isEmpty())
        connectLine();
}

void StitcherLine::startAgain()
{
    if (m_state != State::Stopped || m_job.file.isEmpty())
        return;
    m_done = 0;
    connectLine();
}

void StitcherLine::cancel()
{
    m_silence.stop();
    if (m_line.state() == QAbstractSocket::ConnectedState) {
        order("END");
        m_line.flush();
    }
    m_state = State::Idle;
    m_fault = Fault::None;
    m_done = 0;
    m_job = {};
    m_line.abort();
    emit changed();
}

} // namespace ink
