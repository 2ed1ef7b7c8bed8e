// The catalogue over HTTP, on loopback, with faults that can be switched on.
#pragma once

#include "standins/catalogue/demo_catalogue.h"
#include "standins/catalogue/http_server.h"

#include <atomic>

class QUrlQuery;

namespace ink::standin {

/// What can go wrong with a service far away, one at a time.
enum class Fault { None, NoAnswer, Slow, CutOff, WrongLength, WrongChecksum, ServerError, Disagree, Many };

/// As `--fault` takes them, in the order of Fault.
std::vector<std::string> faultNames();

class CatalogueServer
{
public:
    explicit CatalogueServer(DemoCatalogue catalogue, Fault fault = Fault::None);

    /// The port it listens on, on loopback only; 0 when none could be had. `port` 0 takes any.
    std::uint16_t listen(std::uint16_t port = 0) { return m_server.listen(port); }
    void setFault(Fault fault) { m_fault = fault; }

private:
    HttpAnswer answer(const HttpRequest& request);
    HttpAnswer page(const QUrlQuery& asked) const;
    HttpAnswer details(Json listing);
    HttpAnswer preview(const Json& listing);
    HttpAnswer outlines(const Json& listing, const QUrlQuery& asked);
    HttpAnswer keyMap(const Json& listing, const QUrlQuery& asked);
    HttpAnswer buy(const Json& listing);
    HttpAnswer package(const std::string& name, const std::string& range);

    DemoCatalogue m_catalogue;
    std::atomic<Fault> m_fault;
    int m_orders = 20417;
    HttpServer m_server; // last: its thread uses what stands above
};

} // namespace ink::standin
