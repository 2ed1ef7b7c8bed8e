// One package on its way into the inbox.
#pragma once

#include "services/catalogue_client.h"

#include <QElapsedTimer>
#include <QFile>
#include <QTimer>

namespace ink {

class Download : public QObject
{
    Q_OBJECT
public:
    enum class State { Running, Paused, Done, Failed, Cancelled };

    struct Wanted
    {
        QUrl url;
        QString name;
        /// As the listing tells them; 0 and empty when it does not.
        qint64 bytes = 0;
        QString sha256;
    };

    /// Writes `folder`/name.part and renames it when it is whole and its checksum is right. An older .part of
    /// the same package is gone on with.
    Download(QNetworkAccessManager& network, Wanted wanted, QString folder, QObject* parent = nullptr);
    ~Download() override;

    void start();
    /// Stops and keeps what is there.
    void pause();
    /// Goes on where it stopped, also after a failure. What had a wrong checksum is fetched from the
    /// beginning.
    void resume();
    /// Stops and takes away what is there.
    void cancel();
    void setPatience(int milliseconds) { m_patience.setInterval(milliseconds); }

    State state() const { return m_state; }
    qint64 received() const { return m_received; }
    /// 0 as long as it is not known.
    qint64 total() const { return m_total; }
    const QString& name() const { return m_wanted.name; }
    QString file() const { return m_folder + QLatin1Char('/') + m_wanted.name; }
    /// Of a failed one.
    const std::optional<Error>& error() const { return m_error; }

signals:
    void changed();

private:
    void take();
    void finished();
    void failWith(Error error);
    void stop();
    QString partFile() const { return file() + QStringLiteral(".part"); }

    QNetworkAccessManager& m_network;
    Wanted m_wanted;
    QString m_folder;
    QFile m_part;
    QPointer<QNetworkReply> m_reply;
    QTimer m_patience;
    bool m_was_silent = false;
    /// Asked for the rest, and its first bytes are not here yet.
    bool m_resumes = false;
    State m_state = State::Paused;
    qint64 m_received = 0;
    qint64 m_total = 0;
    /// As the service itself tells it, which may differ from the listing.
    qint64 m_promised = 0;
    std::optional<Error> m_error;
};

} // namespace ink
