// The catalogue as the application sees it: a real HTTP client, for the stand-in or for one far away.
#pragma once

#include "core/base/result.h"
#include "core/design/set_words.h"
#include "core/fit/fit_marks.h"

#include <QJsonArray>
#include <QJsonObject>
#include <QNetworkAccessManager>
#include <QObject>
#include <QPointer>
#include <QString>
#include <QStringList>
#include <QUrl>

#include <functional>
#include <memory>
#include <vector>

class QNetworkReply;

namespace ink {

struct Listing
{
    QString id, name, foundry, author, contact, claim, price, description, published, package;
    QStringList kinds, tags, styles;
    qint64 popularity = 0;
    /// Something can be bought here.
    bool has_shop = false;
};

struct ListingPage
{
    qint64 total = 0;
    std::vector<Listing> listings;
};

struct ListingDetails
{
    Listing listing;
    qint64 bytes = 0;
    QString sha256;
    struct File
    {
        QString name, role;
    };
    std::vector<File> files;
};

struct CatalogueQuery
{
    QString words;
    QStringList kinds;
    QString sort = QStringLiteral("popularity");
    int page = 0;
    int per_page = 50;
};

/// The words set in a listing's font, before anything is fetched.
struct RemoteWords
{
    SetWords set;
    std::vector<LetterWithForms> alternates;
    double units_per_em = 1000.0;
};

struct RemoteKey
{
    QString key, name;
    char32_t character = 0;
    double advance_fu = 0.0;
    Paths outline_fu;
    /// 0 for a listing, whose file is not here.
    std::uint32_t glyph_id = 0;
};

struct RemoteKeyMap
{
    double units_per_em = 1000.0;
    std::vector<RemoteKey> keys, without_key;
};

struct Purchase
{
    QString order, receipt, package, sha256;
    qint64 bytes = 0;
};

/// Answers arrive on the thread of this object, once for each request; never after it is gone.
/// Errors: ServiceUnreachable, ServiceSilent (no answer within the patience), ServiceFault (its own problem,
///         or an answer that is none), Cancelled.
class CatalogueClient : public QObject
{
    Q_OBJECT
public:
    template <class T>
    using Done = std::function<void(Result<T>)>;

    explicit CatalogueClient(QUrl address = {}, QObject* parent = nullptr);

    void setAddress(const QUrl& address) { m_address = address; }
    const QUrl& address() const { return m_address; }
    /// How long one answer may take.
    void setPatience(int milliseconds) { m_patience_ms = milliseconds; }
    bool isIdle() const { return m_running == 0; }

    void page(const CatalogueQuery& query, Done<ListingPage> done);
    void details(const QString& id, Done<ListingDetails> done);
    void words(const QString& id, const QString& style, const QString& text, const QString& features,
               Done<std::shared_ptr<const RemoteWords>> done);
    void keyMap(const QString& id, const QString& style, Done<std::shared_ptr<const RemoteKeyMap>> done);
    /// A PNG picture, as bytes.
    void preview(const QString& id, Done<QByteArray> done);
    void buy(const QString& id, Done<Purchase> done);
    QUrl packageUrl(const QString& package) const;
    QNetworkAccessManager& network() { return m_network; }

private:
    using Parameters = QList<QPair<QString, QString>>;
    void fetch(const QString& path, const Parameters& parameters, bool is_post, Done<QByteArray> done);
    void get(const QString& path, const Parameters& parameters, Done<QJsonObject> done, bool is_post = false);

    QUrl m_address;
    QNetworkAccessManager m_network;
    int m_patience_ms = 10'000;
    int m_running = 0;
};

/// What went wrong with a reply, in our words; `subject` names what was asked for.
Error serviceError(const QNetworkReply& reply, const QString& subject, bool was_silent);

} // namespace ink
