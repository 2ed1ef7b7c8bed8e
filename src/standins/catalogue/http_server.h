// HTTP/1.1 on loopback (RFC 9110, RFC 9112), with what goes wrong on the way from a service far away.
#pragma once

#include <chrono>
#include <cstdint>
#include <functional>
#include <memory>
#include <string>
#include <utility>
#include <vector>

namespace ink::standin {

struct HttpRequest
{
    std::string method;
    /// Path and query, as they were sent.
    std::string target;
    /// The Range header; empty when there is none.
    std::string range;
};

/// How an answer travels. Left alone, whole and at once.
struct Delivery
{
    /// Not answered: the connection stays, and nothing comes.
    bool is_answered = true;
    std::chrono::milliseconds delay{0};
    /// Bytes of the body that are sent every tenth of a second; 0 sends all at once.
    std::size_t bytes_a_tick = 0;
    /// Bytes that the header promises. When the body has fewer, the connection is closed behind it.
    std::size_t promised_bytes = 0;
};

struct HttpAnswer
{
    unsigned status = 200;
    std::string type;
    std::string body;
    std::vector<std::pair<std::string, std::string>> headers;
    Delivery delivery;
};

/// Asks `handler` for each answer, on a thread of its own, one at a time.
class HttpServer
{
public:
    using Handler = std::function<HttpAnswer(const HttpRequest&)>;

    explicit HttpServer(Handler handler);
    /// Closes all connections.
    ~HttpServer();
    HttpServer(const HttpServer&) = delete;
    HttpServer& operator=(const HttpServer&) = delete;

    /// The port it listens on, on loopback only; 0 when none could be had. `port` 0 takes any.
    std::uint16_t listen(std::uint16_t port);

private:
    struct Line;
    std::unique_ptr<Line> m_line;
};

} // namespace ink::standin
