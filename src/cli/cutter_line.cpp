#include "cli/cutter_line.h"

#include <boost/asio/ip/tcp.hpp>

#include <charconv>
#include <chrono>
#include <iostream>
#include <thread>

namespace ink::cli {
namespace {

using namespace std::chrono_literals;
constexpr auto kPatience = 10s;
constexpr auto kAskAgain = 40ms;
/// Less is not worth a packet.
constexpr std::size_t kLeastSent = 64;
/// Asked for behind each part: it is answered in its turn, after all that was sent before.
constexpr const char* kTell = "OA;";
/// Answers of ESC.O.
constexpr int kNothingToDo = 8, kOtherWork = 1, kLidOpen = 16, kNoMaterial = 32;

/// "x,y" of the last place that a part goes to.
std::string endOf(const std::string& part)
{
    const auto down = part.rfind("PD");
    const auto end = part.find(';', down);
    const auto comma = part.rfind(',', end);
    const auto before = part.rfind(',', comma - 1);
    const auto first = before == std::string::npos || before < down ? down + 2 : before + 1;
    return part.substr(first, end - first);
}

/// One sheet on its way: what is sent, and what is known to be done.
class Sending
{
public:
    Sending(const CutterAddress& address, const SheetDrawing& drawing,
            const std::function<void(const std::string&)>& tell)
        : m_address(address), m_parts(plotterParts(drawing)), m_tell(tell)
    {
    }

    Result<void> run()
    {
        m_line.expires_after(kPatience);
        m_line.connect(m_address.host, m_address.port);
        if (!m_line)
            return failed(ErrorCode::DeviceUnreachable);
        m_to_send = "IN;PA;";
        // The last answer is behind what parks the tool.
        while (m_done <= m_parts.size()) {
            if (auto ok = ask(); !ok)
                return ok;
            send();
            std::this_thread::sleep_for(kAskAgain);
        }
        return {};
    }

private:
    Result<void> failed(ErrorCode code) const
    {
        const std::string done = std::to_string(std::min(m_done, m_parts.size())) + " of " +
                                 std::to_string(m_parts.size()) + " parts are done";
        return fail(code, m_address.host + ":" + m_address.port,
                    code == ErrorCode::DeviceUnreachable ? std::string() : done);
    }

    /// What it is doing, and how much it has room for; parts that are done meanwhile tell of themselves.
    Result<void> ask()
    {
        const bool is_all_sent = m_is_ending && m_to_send.empty();
        m_line.expires_after(kPatience);
        m_line << "\033.O\033.B" << std::flush;
        int status = -1;
        for (;;) {
            std::string word;
            if (!std::getline(m_line, word, '\r'))
                return failed(ErrorCode::DeviceLineLost);
            if (word.starts_with('S')) {
                status = std::atoi(word.c_str() + 1);
                if (status == kOtherWork)
                    return failed(ErrorCode::DeviceBusy);
                say(status);
            } else if (word.find(',') != std::string::npos) {
                if (m_done < m_parts.size() && !word.starts_with(endOf(m_parts[m_done]) + ","))
                    return failed(ErrorCode::DeviceLineLost); // the tool is elsewhere: part of it was lost
                m_tell(std::to_string(std::min(++m_done, m_parts.size())) + " of " +
                       std::to_string(m_parts.size()));
            } else {
                const auto [end, error] = std::from_chars(word.data(), word.data() + word.size(), m_room);
                if (error != std::errc{} || end != word.data() + word.size())
                    return failed(ErrorCode::DeviceLineLost);
                break;
            }
        }
        if (is_all_sent && status == kNothingToDo && m_done <= m_parts.size() && ++m_idle > 2)
            return failed(ErrorCode::DeviceLineLost);
        return {};
    }

    /// Said once, until it is otherwise.
    void say(int status)
    {
        if (status != m_status && (status == kLidOpen || status == kNoMaterial))
            m_tell(status == kLidOpen ? "the lid is open; close it, and it goes on"
                                      : "there is no material; load some, and it goes on");
        m_status = status;
    }

    void send()
    {
        if (m_status == kLidOpen || m_status == kNoMaterial)
            return;
        while (m_room >= kLeastSent) {
            if (m_to_send.empty() && m_next < m_parts.size()) {
                m_to_send = m_parts[m_next++] + kTell;
            } else if (m_to_send.empty() && !m_is_ending) {
                m_to_send = std::string("PU0,0;SP0;") + kTell;
                m_is_ending = true;
            } else if (m_to_send.empty()) {
                break;
            }
            const std::string now = m_to_send.substr(0, m_room);
            m_line << now << std::flush;
            m_to_send.erase(0, now.size());
            m_room -= now.size();
        }
    }

    CutterAddress m_address;
    std::vector<std::string> m_parts;
    const std::function<void(const std::string&)>& m_tell;
    boost::asio::ip::tcp::iostream m_line;
    std::string m_to_send;
    std::size_t m_next = 0, m_done = 0, m_room = 0;
    int m_status = 0, m_idle = 0;
    bool m_is_ending = false;
};

} // namespace

std::optional<CutterAddress> cutterAddressOf(const std::string& text)
{
    const auto colon = text.rfind(':');
    if (colon == std::string::npos || colon == 0)
        return {};
    unsigned port = 0;
    const auto [end, error] = std::from_chars(text.data() + colon + 1, text.data() + text.size(), port);
    if (error != std::errc{} || end != text.data() + text.size() || port == 0 || port > 65535)
        return {};
    return CutterAddress{text.substr(0, colon), text.substr(colon + 1)};
}

Result<void> sendToCutter(const CutterAddress& address, const SheetDrawing& drawing,
                          const std::function<void(const std::string&)>& tell)
{
    try {
        return Sending(address, drawing, tell).run();
    } catch (const std::exception& exception) { // of the library, where a name cannot be resolved
        return fail(ErrorCode::DeviceUnreachable, address.host + ":" + address.port, exception.what());
    }
}

} // namespace ink::cli
