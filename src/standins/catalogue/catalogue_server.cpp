#include "standins/catalogue/catalogue_server.h"

#include "core/base/file_output.h"
#include "core/base/json_text.h"

#include <QHostAddress>
#include <QHttpServerRequest>
#include <QHttpServerResponder>
#include <QPointer>
#include <QTcpSocket>
#include <QTimer>
#include <QUrlQuery>

#include <algorithm>
#include <iterator>

namespace ink::standin {
namespace {

using Status = QHttpServerResponder::StatusCode;

constexpr std::size_t kManyListings = 20'000;
constexpr int kSlow_ms = 4000;
constexpr std::size_t kLargestPicture = 8 << 20;

struct Answer
{
    QByteArray body;
    QByteArray type = "application/json";
    Status status = Status::Ok;
    QList<QPair<QByteArray, QByteArray>> headers;
};

Answer jsonAnswer(const Json& json)
{
    return {QByteArray::fromStdString(jsonText(json, kOneLine)), "application/json", Status::Ok, {}};
}

Answer problem(Status status, const std::string& words)
{
    Answer answer = jsonAnswer({{"problem", words}});
    answer.status = status;
    return answer;
}

/// `claimed_length` and `sent` part the truth from what is told, for the faults.
void send(QHttpServerResponder& responder, const Answer& answer, qint64 claimed_length, qint64 sent)
{
    responder.writeStatusLine(answer.status);
    responder.writeHeader("Content-Type", answer.type);
    responder.writeHeader("Content-Length", QByteArray::number(claimed_length));
    for (const auto& [key, value] : answer.headers)
        responder.writeHeader(key, value);
    responder.writeBody(answer.body.left(sent));
    if (sent != claimed_length)
        if (auto* socket = responder.socket())
            socket->disconnectFromHost();
}

void send(QHttpServerResponder& responder, const Answer& answer)
{
    send(responder, answer, answer.body.size(), answer.body.size());
}

QString parameter(const QHttpServerRequest& request, const char* name)
{
    return request.query().queryItemValue(QLatin1String(name), QUrl::FullyDecoded);
}

} // namespace

QStringList faultNames()
{
    return {QStringLiteral("none"),         QStringLiteral("no-answer"),    QStringLiteral("slow"),
            QStringLiteral("cut-off"),      QStringLiteral("wrong-length"), QStringLiteral("wrong-checksum"),
            QStringLiteral("server-error"), QStringLiteral("disagree"),     QStringLiteral("many")};
}

CatalogueServer::CatalogueServer(DemoCatalogue catalogue, Fault fault, QObject* parent)
    : QObject(parent), m_catalogue(std::move(catalogue)), m_fault(fault)
{
    if (m_fault == Fault::Many)
        m_catalogue.multiplyTo(kManyListings);
    m_server.setMissingHandler([this](const QHttpServerRequest& request, QHttpServerResponder&& responder) {
        handle(request, std::move(responder));
    });
}

quint16 CatalogueServer::listen(quint16 port)
{
    return m_server.listen(QHostAddress::LocalHost, port);
}

void CatalogueServer::handle(const QHttpServerRequest& request, QHttpServerResponder&& responder)
{
    if (m_fault == Fault::NoAnswer) {
        m_never_answered.push_back(std::make_shared<QHttpServerResponder>(std::move(responder)));
        return;
    }
    if (m_fault == Fault::ServerError)
        return send(responder, problem(Status::InternalServerError, "The catalogue has a fault of its own."));
    answer(request, std::move(responder));
}

void CatalogueServer::answer(const QHttpServerRequest& request, QHttpServerResponder&& responder)
{
    const QStringList parts = request.url().path().split(QLatin1Char('/'), Qt::SkipEmptyParts);
    const auto part = [&](int i) { return parts.value(i); };
    if (part(0) == QLatin1String("catalogue")) {
        Query query;
        query.words = parameter(request, "words").toStdString();
        query.sort = parameter(request, "sort").toStdString();
        for (const auto& kind : parameter(request, "kinds").split(QLatin1Char(','), Qt::SkipEmptyParts))
            query.kinds.push_back(kind.toStdString());
        query.page = parameter(request, "page").toUInt();
        query.per_page = std::clamp(parameter(request, "per_page").toUInt(), 1u, 1000u);
        const Answer page = jsonAnswer(m_catalogue.page(query));
        if (m_fault != Fault::Slow)
            return send(responder, page);
        const auto later = std::make_shared<QHttpServerResponder>(std::move(responder));
        QTimer::singleShot(kSlow_ms, this, [later, page] { send(*later, page); });
    } else if (part(0) == QLatin1String("listing") && parts.size() >= 2) {
        sendListing(part(1), part(2), request, std::move(responder));
    } else if (part(0) == QLatin1String("package") && parts.size() == 2) {
        sendPackage(part(1), request, std::move(responder));
    } else {
        send(responder, problem(Status::NotFound, "There is nothing at this address."));
    }
}

void CatalogueServer::sendListing(const QString& id, const QString& what, const QHttpServerRequest& request,
                                  QHttpServerResponder&& responder)
{
    const Json* listing = m_catalogue.listing(id.toStdString());
    if (!listing)
        return send(responder, problem(Status::NotFound, "There is no such listing."));
    const auto face = [&] { return m_catalogue.face(*listing, parameter(request, "style").toStdString()); };
    if (what.isEmpty()) {
        Json told = *listing;
        std::string name = told["package"];
        if (m_fault == Fault::Disagree)
            name = "gatepost.zip"; // the listing tells the figures of another package
        if (const auto* package = m_catalogue.package(name)) {
            told["bytes"] = package->bytes.size();
            told["sha256"] = package->sha256;
        }
        auto files = Json::array();
        if (const auto contents = m_catalogue.contents(told["package"]))
            for (const auto& entry : (*contents)->entries) {
                if (files.size() >= 60)
                    break;
                files.push_back({{"name", entry.name}, {"role", idOf(entry.role)}});
            }
        told["contents"] = files;
        return send(responder, jsonAnswer(told));
    }
    if (what == QLatin1String("preview") || what == QLatin1String("outlines") ||
        what == QLatin1String("keymap")) {
        const auto opened = face();
        if (!opened)
            return send(responder, problem(Status::NotFound, opened.error().message()));
        if (what == QLatin1String("keymap"))
            return send(responder, jsonAnswer(keyMapJson(**opened)));
        const std::string text = what == QLatin1String("preview") ? (*listing)["name"].get<std::string>()
                                                                  : parameter(request, "text").toStdString();
        const auto outlines = outlinesOf(**opened, text, parameter(request, "features").toStdString());
        if (!outlines)
            return send(responder, problem(Status::BadRequest, outlines.error().message()));
        return send(responder, jsonAnswer(*outlines));
    }
    if (what == QLatin1String("buy") && request.method() == QHttpServerRequest::Method::Post) {
        const std::string package =
            listing->at("buy").is_string() ? listing->at("buy").get<std::string>() : std::string();
        const auto* bought = m_catalogue.package(package);
        if (!bought)
            return send(responder,
                        problem(Status::NotFound, "There is nothing to buy here; write to the author."));
        const std::string order = std::to_string(m_orders++);
        const std::string receipt = "Receipt of " + listing->at("foundry").get<std::string>() + ", order " +
                                    order + "\n1 x " + listing->at("name").get<std::string>() +
                                    ", commercial licence: " + listing->at("price").get<std::string>() +
                                    ", paid.\nYou may sell physical products made with this font.\n";
        return send(responder, jsonAnswer({{"order", order},
                                           {"receipt", receipt},
                                           {"package", package},
                                           {"bytes", bought->bytes.size()},
                                           {"sha256", bought->sha256}}));
    }
    send(responder, problem(Status::NotFound, "There is nothing at this address."));
}

void CatalogueServer::sendPackage(const QString& name, const QHttpServerRequest& request,
                                  QHttpServerResponder&& responder)
{
    const auto* package = m_catalogue.package(name.toStdString());
    if (!package)
        return send(responder, problem(Status::NotFound, "There is no such package."));
    QByteArray body = QByteArray::fromStdString(package->bytes);
    if (m_fault == Fault::WrongChecksum && !body.isEmpty())
        body[body.size() / 2] = char(body[body.size() / 2] ^ 0x55);
    const qint64 whole = body.size();
    Answer answer{
        {},
        "application/zip",
        Status::Ok,
        {{"Accept-Ranges", "bytes"}, {"ETag", '"' + QByteArray::fromStdString(package->sha256) + '"'}}};
    // RFC 9110, section 14: one range from a byte to the end is all that resuming needs.
    qint64 from = 0;
    const QByteArray range = request.value("Range");
    if (range.startsWith("bytes=") && range.endsWith('-')) {
        from = range.mid(6, range.size() - 7).toLongLong();
        if (from < 0 || from >= whole)
            return send(responder,
                        problem(Status::RequestRangeNotSatisfiable, "The package is shorter than that."));
        answer.status = Status::PartialContent;
        answer.headers.append({"Content-Range", "bytes " + QByteArray::number(from) + '-' +
                                                    QByteArray::number(whole - 1) + '/' +
                                                    QByteArray::number(whole)});
    }
    answer.body = body.mid(from);
    const qint64 length = answer.body.size();
    if (m_fault == Fault::CutOff)
        return send(responder, answer, length, length / 2);
    if (m_fault == Fault::WrongLength)
        return send(responder, answer, length + 1000, length);
    if (m_fault != Fault::Slow)
        return send(responder, answer);
    // Slow: a little at a time, so that there is something to pause.
    const auto later = std::make_shared<QHttpServerResponder>(std::move(responder));
    later->writeStatusLine(answer.status);
    later->writeHeader("Content-Type", answer.type);
    later->writeHeader("Content-Length", QByteArray::number(length));
    for (const auto& [key, value] : answer.headers)
        later->writeHeader(key, value);
    later->writeBody(answer.body.left(1));
    auto* timer = new QTimer(this);
    const QPointer<QTcpSocket> socket = later->socket();
    timer->callOnTimeout(this, [timer, later, socket, rest = answer.body.mid(1),
                                step = std::max<qint64>(512, length / 40)]() mutable {
        if (!socket || socket->state() != QAbstractSocket::ConnectedState || rest.isEmpty())
            return timer->deleteLater();
        socket->write(rest.left(step));
        rest.remove(0, step);
    });
    timer->start(100);
}

} // namespace ink::standin
