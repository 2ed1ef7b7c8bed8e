#include "services/download.h"
#include "core/base/told.h"

#include "core/base/digest.h"

#include <QDir>
#include <QNetworkReply>

#include <filesystem>

namespace ink {
namespace {
constexpr int kPatience_ms = 15'000;
} // namespace

Download::Download(QNetworkAccessManager& network, Wanted wanted, QString folder, QObject* parent)
    : QObject(parent), m_network(network), m_wanted(std::move(wanted)), m_folder(std::move(folder)),
      m_total(m_wanted.bytes)
{
    // Silence, not slowness, is a failure: every byte starts the patience again.
    m_patience.setSingleShot(true);
    m_patience.setInterval(kPatience_ms);
    connect(&m_patience, &QTimer::timeout, this, [this] {
        m_was_silent = true;
        if (m_reply)
            m_reply->abort();
    });
}

Download::~Download()
{
    stop();
}

void Download::start()
{
    resume();
}

void Download::resume()
{
    if (m_state == State::Running || m_state == State::Done)
        return;
    QDir().mkpath(m_folder);
    m_part.setFileName(partFile());
    if (!m_part.open(QIODevice::ReadWrite | QIODevice::Append))
        return failWith(
            {ErrorCode::FileUnwritable, partFile().toStdString(), m_part.errorString().toStdString()});
    m_received = m_part.size();
    if (m_wanted.bytes > 0 && m_received >= m_wanted.bytes) { // nothing left to fetch, or of something else
        m_part.resize(0);
        m_received = 0;
    }
    QNetworkRequest request(m_wanted.url);
    m_resumes = m_received > 0;
    if (m_resumes)
        request.setRawHeader("Range", "bytes=" + QByteArray::number(m_received) + '-');
    m_error.reset();
    m_was_silent = false;
    m_promised = 0;
    m_state = State::Running;
    m_reply = m_network.get(request);
    m_reply->setParent(this);
    connect(m_reply, &QNetworkReply::readyRead, this, &Download::take);
    connect(m_reply, &QNetworkReply::finished, this, &Download::finished);
    m_patience.start();
    emit changed();
}

void Download::take()
{
    if (!m_reply || m_state != State::Running)
        return;
    m_patience.start();
    const int status = m_reply->attribute(QNetworkRequest::HttpStatusCodeAttribute).toInt();
    if (status >= 400)
        return;
    if (m_resumes && status != 206) { // the service does not resume: from the beginning
        m_part.resize(0);
        m_received = 0;
    }
    if (m_promised == 0)
        m_promised = m_received + m_reply->header(QNetworkRequest::ContentLengthHeader).toLongLong();
    m_resumes = false;
    if (m_total == 0)
        m_total = m_promised;
    const QByteArray bytes = m_reply->readAll();
    if (m_part.write(bytes) != bytes.size())
        return failWith({ErrorCode::DiskFull, partFile().toStdString(), m_part.errorString().toStdString()});
    m_received += bytes.size();
    emit changed();
}

void Download::finished()
{
    if (!m_reply || m_state != State::Running)
        return;
    take();
    if (m_state != State::Running)
        return;
    m_patience.stop();
    const auto status = m_reply->attribute(QNetworkRequest::HttpStatusCodeAttribute).toInt();
    const auto network_error = m_reply->error();
    const bool is_cut_off = network_error == QNetworkReply::RemoteHostClosedError ||
                            (network_error == QNetworkReply::NoError && m_received < m_promised);
    if (is_cut_off && !m_was_silent)
        return failWith({ErrorCode::DownloadCutOff, m_wanted.name.toStdString(),
                         told("{} of {} bytes are here", m_received, std::max(m_total, m_received))});
    if (network_error != QNetworkReply::NoError) {
        if (status == 416)
            QFile::remove(partFile());
        return failWith(serviceError(*m_reply, m_wanted.name, m_was_silent));
    }
    m_part.close();
    const auto digest = sha256OfFile(partFile().toStdString());
    const bool is_wrong =
        (m_wanted.bytes > 0 && m_received != m_wanted.bytes) ||
        (!m_wanted.sha256.isEmpty() && (!digest || QString::fromStdString(*digest) != m_wanted.sha256));
    if (is_wrong) {
        QFile::remove(partFile());
        return failWith({ErrorCode::DownloadWrong, m_wanted.name.toStdString(), {}});
    }
    std::error_code problem;
    std::filesystem::rename(partFile().toStdString(), file().toStdString(), problem);
    if (problem)
        return failWith({ErrorCode::FileUnwritable, file().toStdString(), problem.message()});
    m_state = State::Done;
    stop();
    emit changed();
}

void Download::failWith(Error error)
{
    m_state = State::Failed;
    m_error = std::move(error);
    stop();
    emit changed();
}

void Download::stop()
{
    m_patience.stop();
    m_part.close();
    if (m_reply) {
        m_reply->disconnect(this);
        m_reply->abort();
        m_reply->deleteLater();
        m_reply.clear();
    }
}

void Download::pause()
{
    if (m_state != State::Running)
        return;
    m_state = State::Paused;
    stop();
    emit changed();
}

void Download::cancel()
{
    if (m_state == State::Done)
        return;
    m_state = State::Cancelled;
    stop();
    QFile::remove(partFile());
    m_received = 0;
    emit changed();
}

} // namespace ink
