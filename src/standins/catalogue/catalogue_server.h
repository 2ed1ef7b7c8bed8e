// The catalogue over HTTP, on loopback, with faults that can be switched on.
#pragma once

#include "standins/catalogue/demo_catalogue.h"

#include <QHttpServer>
#include <QStringList>

namespace ink::standin {

/// What can go wrong with a service far away, one at a time.
enum class Fault { None, NoAnswer, Slow, CutOff, WrongLength, WrongChecksum, ServerError, Disagree, Many };

QStringList faultNames();

class CatalogueServer : public QObject
{
    Q_OBJECT
public:
    explicit CatalogueServer(DemoCatalogue catalogue, Fault fault = Fault::None, QObject* parent = nullptr);

    /// The port it listens on, on loopback only; 0 when none could be had. `port` 0 takes any.
    quint16 listen(quint16 port = 0);
    void setFault(Fault fault) { m_fault = fault; }

private:
    void handle(const QHttpServerRequest& request, QHttpServerResponder&& responder);
    void answer(const QHttpServerRequest& request, QHttpServerResponder&& responder);
    void sendPackage(const QString& name, const QHttpServerRequest& request,
                     QHttpServerResponder&& responder);
    void sendListing(const QString& id, const QString& what, const QHttpServerRequest& request,
                     QHttpServerResponder&& responder);

    DemoCatalogue m_catalogue;
    Fault m_fault;
    QHttpServer m_server;
    std::vector<std::shared_ptr<QHttpServerResponder>> m_never_answered;
    int m_orders = 20417;
};

} // namespace ink::standin
