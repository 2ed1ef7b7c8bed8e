// A program of ours that stands in for a service: started when it is needed, it says where it listens, and ends with this one.
#pragma once

#include <QObject>
#include <QProcess>

namespace ink {

class ListeningProgram : public QObject
{
    Q_OBJECT
public:
    explicit ListeningProgram(QObject* parent = nullptr);
    /// Waits a little for it to end by itself.
    ~ListeningProgram() override;

    /// It has to end when its standard input closes, and to print "listening on ADDRESS".
    void set(const QString& program, const QStringList& arguments);
    bool isSet() const { return !m_path.isEmpty(); }
    bool isRunning() const { return m_process.state() != QProcess::NotRunning; }
    void start();

signals:
    void listening(const QString& address);
    /// It could not be started, or ended before or after it listened.
    void ended(const QString& why);

private:
    QProcess m_process;
    QString m_path;
    QStringList m_arguments;
};

} // namespace ink
