#include "standins/catalogue/http_server.h"

#include <boost/asio/io_context.hpp>
#include <boost/asio/ip/tcp.hpp>
#include <boost/asio/steady_timer.hpp>
#include <boost/asio/write.hpp>
#include <boost/beast/core/flat_buffer.hpp>
#include <boost/beast/http.hpp>

#include <algorithm>
#include <optional>
#include <thread>

namespace ink::standin {
namespace {

namespace asio = boost::asio;
namespace http = boost::beast::http;
using asio::ip::tcp;
using boost::system::error_code;

constexpr std::chrono::milliseconds kTick{100};
/// The words to be set stand in the address: 2,000 characters of four bytes, each written as %XX.
constexpr std::uint32_t kLongestHeader = 64 << 10;

/// One client. What waits for the network or a timer holds it; when nothing does, it is closed.
class Connection : public std::enable_shared_from_this<Connection>
{
public:
    Connection(tcp::socket socket, const HttpServer::Handler& handler)
        : m_socket(std::move(socket)), m_timer(m_socket.get_executor()), m_handler(handler)
    {
    }

    void readRequest()
    {
        m_parser.emplace();
        m_parser->header_limit(kLongestHeader);
        http::async_read(m_socket, m_buffer, *m_parser,
                         [self = shared_from_this()](error_code error, std::size_t) {
                             if (!error)
                                 self->answer(self->m_parser->get());
                         });
    }

private:
    void answer(const http::request<http::string_body>& request)
    {
        m_answer = m_handler({std::string(request.method_string()), std::string(request.target()),
                              std::string(request[http::field::range])});
        const Delivery& delivery = m_answer.delivery;
        if (!delivery.is_answered)
            return readRequest();
        m_header = {};
        m_header.version(11);
        m_header.result(m_answer.status);
        m_header.set(http::field::content_type, m_answer.type);
        for (const auto& [name, value] : m_answer.headers)
            m_header.set(name, value);
        m_header.content_length(std::max(delivery.promised_bytes, m_answer.body.size()));
        m_header.keep_alive(request.keep_alive() && delivery.promised_bytes <= m_answer.body.size());
        m_timer.expires_after(delivery.delay);
        m_timer.async_wait([self = shared_from_this()](error_code error) {
            if (!error)
                self->sendHeader();
        });
    }

    void sendHeader()
    {
        m_serializer.emplace(m_header);
        http::async_write_header(m_socket, *m_serializer,
                                 [self = shared_from_this()](error_code error, std::size_t) {
                                     if (!error)
                                         self->sendBody(0);
                                 });
    }

    void sendBody(std::size_t from)
    {
        const std::size_t left = m_answer.body.size() - from;
        const std::size_t pace = m_answer.delivery.bytes_a_tick;
        const std::size_t count = pace == 0 ? left : std::min(left, pace);
        asio::async_write(m_socket, asio::buffer(m_answer.body.data() + from, count),
                          [self = shared_from_this(), to = from + count](error_code error, std::size_t) {
                              if (!error)
                                  self->sentUpTo(to);
                          });
    }

    void sentUpTo(std::size_t to)
    {
        if (to < m_answer.body.size()) {
            m_timer.expires_after(kTick);
            m_timer.async_wait([self = shared_from_this(), to](error_code error) {
                if (!error)
                    self->sendBody(to);
            });
        } else if (m_header.keep_alive()) {
            readRequest();
        } else {
            error_code ignored;
            m_socket.shutdown(tcp::socket::shutdown_both, ignored);
        }
    }

    tcp::socket m_socket;
    asio::steady_timer m_timer;
    const HttpServer::Handler& m_handler;
    boost::beast::flat_buffer m_buffer;
    std::optional<http::request_parser<http::string_body>> m_parser;
    HttpAnswer m_answer;
    http::response<http::empty_body> m_header;
    std::optional<http::response_serializer<http::empty_body>> m_serializer;
};

} // namespace

struct HttpServer::Line
{
    explicit Line(Handler asked) : handler(std::move(asked)), acceptor(io) {}
    ~Line()
    {
        io.stop();
        if (thread.joinable())
            thread.join();
    }

    void accept()
    {
        acceptor.async_accept([this](error_code error, tcp::socket socket) {
            if (!error)
                std::make_shared<Connection>(std::move(socket), handler)->readRequest();
            if (error != asio::error::operation_aborted)
                accept();
        });
    }

    const Handler handler;
    asio::io_context io;
    tcp::acceptor acceptor;
    std::thread thread;
};

HttpServer::HttpServer(Handler handler) : m_line(std::make_unique<Line>(std::move(handler))) {}
HttpServer::~HttpServer() = default;

std::uint16_t HttpServer::listen(std::uint16_t port)
{
    tcp::acceptor& acceptor = m_line->acceptor;
    const tcp::endpoint here(asio::ip::address_v4::loopback(), port);
    error_code error;
    acceptor.open(here.protocol(), error);
    if (!error)
        acceptor.set_option(tcp::acceptor::reuse_address(true), error);
    if (!error)
        acceptor.bind(here, error);
    if (!error)
        acceptor.listen(tcp::acceptor::max_listen_connections, error);
    if (error) {
        error_code ignored;
        acceptor.close(ignored);
        return 0;
    }
    m_line->accept();
    m_line->thread = std::thread([line = m_line.get()] { line->io.run(); });
    return acceptor.local_endpoint().port();
}

} // namespace ink::standin
