#include "services/catalogue_client.h"
#include "core/base/told.h"

#include "services/remote_words.h"

#include <QJsonDocument>
#include <QNetworkReply>
#include <QTimer>
#include <QUrlQuery>

namespace ink {
namespace {

QStringList strings(const QJsonValue& value)
{
    QStringList list;
    for (const auto& item : value.toArray())
        list.append(item.toString());
    return list;
}

Listing readListing(const QJsonObject& json)
{
    const auto text = [&](const char* key) { return json[QLatin1String(key)].toString(); };
    Listing listing{text("id"),
                    text("name"),
                    text("foundry"),
                    text("author"),
                    text("contact"),
                    text("claim"),
                    text("price"),
                    text("description"),
                    text("published"),
                    text("package"),
                    strings(json[QLatin1String("kinds")]),
                    strings(json[QLatin1String("tags")]),
                    {},
                    json[QLatin1String("popularity")].toInteger(),
                    json[QLatin1String("buy")].isString()};
    for (const auto& font : json[QLatin1String("fonts")].toArray())
        listing.styles.append(font.toObject()[QLatin1String("style")].toString());
    return listing;
}

} // namespace

Error serviceError(const QNetworkReply& reply, const QString& subject, bool was_silent)
{
    const int status = reply.attribute(QNetworkRequest::HttpStatusCodeAttribute).toInt();
    if (was_silent)
        return {ErrorCode::ServiceSilent, subject.toStdString(), {}};
    if (status >= 400) {
        const auto words = QJsonDocument::fromJson(const_cast<QNetworkReply&>(reply).readAll())
                               .object()[QLatin1String("problem")]
                               .toString();
        return {ErrorCode::ServiceFault, subject.toStdString(),
                words.isEmpty() ? told("status {}", status)
                                : words.chopped(words.endsWith(QLatin1Char('.')) ? 1 : 0).toStdString()};
    }
    if (reply.error() == QNetworkReply::OperationCanceledError)
        return {ErrorCode::Cancelled, subject.toStdString(), {}};
    return {ErrorCode::ServiceUnreachable, subject.toStdString(), {}};
}

CatalogueClient::CatalogueClient(QUrl address, QObject* parent)
    : QObject(parent), m_address(std::move(address))
{
}

QUrl CatalogueClient::packageUrl(const QString& package) const
{
    QUrl url = m_address;
    url.setPath(QStringLiteral("/package/") + package);
    return url;
}

void CatalogueClient::get(const QString& path, const Parameters& parameters, Done<QJsonObject> done,
                          bool is_post)
{
    fetch(path, parameters, is_post, [done](const Result<QByteArray>& bytes) {
        if (!bytes)
            return done(fail(bytes.error()));
        const auto document = QJsonDocument::fromJson(*bytes);
        if (!document.isObject())
            return done(fail(ErrorCode::ServiceFault, "the catalogue", "its answer cannot be read"));
        done(document.object());
    });
}

void CatalogueClient::fetch(const QString& path, const Parameters& parameters, bool is_post,
                            Done<QByteArray> done)
{
    if (m_address.isEmpty()) {
        QTimer::singleShot(0, this, [done] {
            done(fail(ErrorCode::ServiceUnreachable, "the catalogue", "it has not been started yet"));
        });
        return;
    }
    QUrl url = m_address;
    url.setPath(path);
    QUrlQuery query;
    for (const auto& [key, value] : parameters)
        query.addQueryItem(key, QString::fromLatin1(QUrl::toPercentEncoding(value)));
    url.setQuery(query);
    QNetworkRequest request(url);
    request.setHeader(QNetworkRequest::ContentTypeHeader, QStringLiteral("application/json"));
    QNetworkReply* reply = is_post ? m_network.post(request, QByteArray()) : m_network.get(request);
    reply->setParent(this);
    ++m_running;
    auto* patience = new QTimer(reply);
    patience->setSingleShot(true);
    const auto was_silent = std::make_shared<bool>(false);
    connect(patience, &QTimer::timeout, reply, [reply, was_silent] {
        *was_silent = true;
        reply->abort();
    });
    patience->start(m_patience_ms);
    connect(reply, &QNetworkReply::finished, this, [this, reply, done, was_silent] {
        reply->deleteLater();
        --m_running;
        if (reply->error() != QNetworkReply::NoError)
            return done(fail(serviceError(*reply, QStringLiteral("the catalogue"), *was_silent)));
        done(reply->readAll());
    });
}

void CatalogueClient::page(const CatalogueQuery& query, Done<ListingPage> done)
{
    get(QStringLiteral("/catalogue"),
        {{QStringLiteral("words"), query.words},
         {QStringLiteral("kinds"), query.kinds.join(QLatin1Char(','))},
         {QStringLiteral("sort"), query.sort},
         {QStringLiteral("page"), QString::number(query.page)},
         {QStringLiteral("per_page"), QString::number(query.per_page)}},
        [done](const Result<QJsonObject>& json) {
            if (!json)
                return done(fail(json.error()));
            ListingPage page;
            page.total = (*json)[QLatin1String("total")].toInteger();
            for (const auto& item : (*json)[QLatin1String("listings")].toArray())
                page.listings.push_back(readListing(item.toObject()));
            done(std::move(page));
        });
}

void CatalogueClient::details(const QString& id, Done<ListingDetails> done)
{
    get(QStringLiteral("/listing/") + id, {}, [done](const Result<QJsonObject>& json) {
        if (!json)
            return done(fail(json.error()));
        ListingDetails details{readListing(*json),
                               (*json)[QLatin1String("bytes")].toInteger(),
                               (*json)[QLatin1String("sha256")].toString(),
                               {}};
        for (const auto& item : (*json)[QLatin1String("contents")].toArray())
            details.files.push_back({item.toObject()[QLatin1String("name")].toString(),
                                     item.toObject()[QLatin1String("role")].toString()});
        done(std::move(details));
    });
}

void CatalogueClient::words(const QString& id, const QString& style, const QString& text,
                            const QString& features, Done<std::shared_ptr<const RemoteWords>> done)
{
    get(QStringLiteral("/listing/%1/outlines").arg(id),
        {{QStringLiteral("style"), style},
         {QStringLiteral("text"), text},
         {QStringLiteral("features"), features}},
        [done, text](const Result<QJsonObject>& json) {
            if (!json)
                return done(fail(json.error()));
            auto words = readRemoteWords(*json, text);
            if (!words)
                return done(fail(words.error()));
            done(std::make_shared<const RemoteWords>(std::move(*words)));
        });
}

void CatalogueClient::keyMap(const QString& id, const QString& style,
                             Done<std::shared_ptr<const RemoteKeyMap>> done)
{
    get(QStringLiteral("/listing/%1/keymap").arg(id), {{QStringLiteral("style"), style}},
        [done](const Result<QJsonObject>& json) {
            if (!json)
                return done(fail(json.error()));
            auto map = readRemoteKeyMap(*json);
            if (!map)
                return done(fail(map.error()));
            done(std::make_shared<const RemoteKeyMap>(std::move(*map)));
        });
}

void CatalogueClient::preview(const QString& id, Done<QByteArray> done)
{
    fetch(QStringLiteral("/listing/%1/preview").arg(id), {}, false, std::move(done));
}

void CatalogueClient::buy(const QString& id, Done<Purchase> done)
{
    get(
        QStringLiteral("/listing/%1/buy").arg(id), {},
        [done](const Result<QJsonObject>& json) {
            if (!json)
                return done(fail(json.error()));
            const auto text = [&](const char* key) { return (*json)[QLatin1String(key)].toString(); };
            done(Purchase{text("order"), text("receipt"), text("package"), text("sha256"),
                          (*json)[QLatin1String("bytes")].toInteger()});
        },
        true);
}

} // namespace ink
