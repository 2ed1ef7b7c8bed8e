#include "ui/catalogue_feed.h"

#include "ui/core_words.h"

namespace ink::ui {
namespace {
constexpr int kPerPage = 500;
} // namespace

CatalogueFeed::CatalogueFeed(CatalogueClient& client, FontListModel& fonts, QObject* parent)
    : QObject(parent), m_client(client), m_fonts(fonts)
{
    connect(&m_program, &ListeningProgram::listening, this, [this](const QString& address) {
        m_client.setAddress(QUrl(address));
        fetch(0);
    });
    connect(&m_program, &ListeningProgram::ended, this, [this](const QString& why) {
        if (m_state == State::Starting || m_state == State::Fetching)
            failWith({ErrorCode::ServiceUnreachable, "the demo catalogue", why.toStdString()});
    });
}

void CatalogueFeed::useAddress(const QUrl& address)
{
    m_client.setAddress(address);
    fetch(0);
}

void CatalogueFeed::useProgram(const QString& program, const QStringList& arguments)
{
    m_program.set(program, arguments);
    setState(State::Starting);
    m_program.start();
}

void CatalogueFeed::retry()
{
    if (m_program.isSet() && !m_program.isRunning()) {
        setState(State::Starting);
        return m_program.start();
    }
    fetch(0);
}

void CatalogueFeed::setState(State state)
{
    m_state = state;
    emit changed();
}

void CatalogueFeed::failWith(const Error& error)
{
    m_error = error;
    setState(State::Failed);
}

void CatalogueFeed::fetch(int page)
{
    if (page == 0) {
        ++m_run;
        m_here = 0;
        m_fonts.removeListings();
    }
    setState(State::Fetching);
    CatalogueQuery query;
    query.page = page;
    query.per_page = kPerPage;
    m_client.page(query, [this, page, run = m_run](const Result<ListingPage>& result) {
        if (run != m_run)
            return;
        if (!result)
            return failWith(result.error());
        m_total = result->total;
        m_here += static_cast<qint64>(result->listings.size());
        m_fonts.addListings(result->listings);
        if (m_here < m_total && !result->listings.empty())
            return fetch(page + 1);
        setState(State::Ready);
    });
}

QString CatalogueFeed::inWords() const
{
    switch (m_state) {
    case State::Off:
        return {};
    case State::Starting:
        return tr("Opening the catalogue …");
    case State::Fetching:
        return m_total > 0 ? tr("Fetching the catalogue: %1 of %2 …").arg(m_here).arg(m_total)
                           : tr("Asking the catalogue …");
    case State::Ready:
        return tr("%1 in the catalogue").arg(m_total);
    case State::Failed:
        return said(m_error);
    }
    return {};
}

} // namespace ink::ui
