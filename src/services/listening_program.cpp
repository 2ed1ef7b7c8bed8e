#include "services/listening_program.h"

#include <QRegularExpression>

namespace ink {
namespace {

constexpr int kEndPatience_ms = 2000;

} // namespace

ListeningProgram::ListeningProgram(QObject* parent) : QObject(parent)
{
    connect(&m_process, &QProcess::readyReadStandardOutput, this, [this] {
        static const QRegularExpression heard(QStringLiteral("listening on (\\S+)"));
        if (const auto match = heard.match(QString::fromUtf8(m_process.readAllStandardOutput()));
            match.hasMatch())
            emit listening(match.captured(1));
    });
    connect(&m_process, &QProcess::errorOccurred, this, [this](QProcess::ProcessError error) {
        if (error == QProcess::FailedToStart)
            emit ended(m_process.errorString());
    });
    connect(&m_process, &QProcess::finished, this,
            [this] { emit ended(QString::fromUtf8(m_process.readAllStandardError()).trimmed()); });
}

ListeningProgram::~ListeningProgram()
{
    m_process.disconnect(this);
    if (!isRunning())
        return;
    m_process.closeWriteChannel();
    if (!m_process.waitForFinished(kEndPatience_ms))
        m_process.kill();
    m_process.waitForFinished(kEndPatience_ms);
}

void ListeningProgram::set(const QString& program, const QStringList& arguments)
{
    m_path = program;
    m_arguments = arguments;
}

void ListeningProgram::start()
{
    m_process.start(m_path, m_arguments);
}

} // namespace ink
