// Keeps the catalogue's listings in the list of fonts: starts the demo catalogue when no other address is
// set, fetches page after page, and says clearly what went wrong.
#pragma once

#include "services/listening_program.h"
#include "ui/find/font_list_model.h"

namespace ink::ui {

class CatalogueFeed : public QObject
{
    Q_OBJECT
public:
    enum class State { Off, Starting, Fetching, Ready, Failed };

    CatalogueFeed(CatalogueClient& client, FontListModel& fonts, QObject* parent = nullptr);

    /// Talks to a catalogue far away.
    void useAddress(const QUrl& address);
    /// Starts this program, which prints "listening on URL", and ends it with the window.
    void useProgram(const QString& program, const QStringList& arguments);
    /// Again from the beginning.
    void retry();

    State state() const { return m_state; }
    /// What is going on, in words; the problem when it failed.
    QString inWords() const;
    bool isIdle() const { return m_state != State::Starting && m_state != State::Fetching; }

signals:
    void changed();

private:
    void setState(State state);
    void fetch(int page);
    void failWith(const Error& error);

    CatalogueClient& m_client;
    FontListModel& m_fonts;
    ListeningProgram m_program;
    State m_state = State::Off;
    Error m_error;
    qint64 m_total = 0;
    qint64 m_here = 0;
    quint64 m_run = 0;
};

} // namespace ink::ui
