#include "core/intake/rtf_said.h"

#include <algorithm>
#include <cctype>
#include <charconv>
#include <vector>

namespace ink {
namespace {

constexpr std::size_t kDeepestGroup = 1000;

/// Which properties are on that take text away.
struct Unsaid
{
    bool hidden = false, deleted = false, struck = false;
    /// How many characters stand in for one that is told by its number (\uc).
    int stand_ins = 1;

    bool any() const { return hidden || deleted || struck; }
};

class RtfFilter
{
public:
    explicit RtfFilter(std::string_view rtf) : m_rtf(rtf) { m_groups.emplace_back(); }

    std::string run()
    {
        while (m_at < m_rtf.size()) {
            const char c = m_rtf[m_at];
            if (c == '\\') {
                readControl();
            } else if (c == '{' || c == '}') {
                if (c == '{' && m_groups.size() < kDeepestGroup)
                    m_groups.push_back(m_groups.back());
                else if (c == '}' && m_groups.size() > 1)
                    m_groups.pop_back();
                copy(1);
            } else if (m_groups.back().any() && c != '\n' && c != '\r') {
                ++m_at;
            } else {
                copy(1);
            }
        }
        return std::move(m_out);
    }

private:
    void copy(std::size_t length)
    {
        m_out += m_rtf.substr(m_at, length);
        m_at += length;
    }

    void readControl()
    {
        std::size_t end = m_at + 1;
        while (end < m_rtf.size() && std::isalpha(static_cast<unsigned char>(m_rtf[end])) != 0)
            ++end;
        const auto word = m_rtf.substr(m_at + 1, end - m_at - 1);
        if (word.empty()) { // \'e9, \{, \~
            const bool is_hex = m_rtf.substr(m_at, 2) == "\\'";
            const std::size_t length = std::min<std::size_t>(is_hex ? 4 : 2, m_rtf.size() - m_at);
            if (m_groups.back().any())
                m_at += length;
            else
                copy(length);
            return;
        }
        const std::size_t number = end;
        if (end < m_rtf.size() && m_rtf[end] == '-')
            ++end;
        while (end < m_rtf.size() && std::isdigit(static_cast<unsigned char>(m_rtf[end])) != 0)
            ++end;
        int value = 1;
        if (end > number)
            std::from_chars(m_rtf.data() + number, m_rtf.data() + end, value);
        const bool has_space = end < m_rtf.size() && m_rtf[end] == ' ';
        auto& group = m_groups.back();
        const bool was_unsaid = group.any();
        if (word == "v")
            group.hidden = value != 0;
        else if (word == "deleted")
            group.deleted = value != 0;
        else if (word == "strike" || word == "strikedl")
            group.struck = value != 0;
        else if (word == "uc")
            group.stand_ins = std::clamp(value, 0, 8);
        else if (word == "plain")
            group.hidden = group.struck = false;
        const std::size_t length = end - m_at + (has_space ? 1 : 0);
        if (word == "bin") { // bytes follow that are no text
            copy(std::min(length + static_cast<std::size_t>(std::max(value, 0)), m_rtf.size() - m_at));
        } else if (word == "cell") {
            m_out += " | ";
            m_at += length;
        } else if (word == "row") {
            m_out += "\\par ";
            m_at += length;
        } else if (word == "u" && end > number) {
            m_at += length;
            skipStandIns(group.stand_ins);
            // In a group of its own: unrtf 0.21 takes the whole word behind it for its stand-in.
            if (!was_unsaid)
                m_out += "{\\u" + std::to_string(value) + " ?}";
        } else if (was_unsaid && (word == "tab" || word == "line")) {
            m_at += length;
        } else {
            copy(length);
        }
    }

    void skipStandIns(int count)
    {
        for (; count > 0 && m_at < m_rtf.size() && m_rtf[m_at] != '{' && m_rtf[m_at] != '}'; --count) {
            if (m_rtf[m_at] != '\\')
                ++m_at;
            else if (m_rtf.substr(m_at, 2) == "\\'")
                m_at = std::min(m_at + 4, m_rtf.size());
            else
                return;
        }
    }

    std::string_view m_rtf;
    std::size_t m_at = 0;
    std::string m_out;
    std::vector<Unsaid> m_groups;
};

} // namespace

std::string rtfAsSaid(std::string_view rtf)
{
    return rtf.starts_with("{\\rtf") ? RtfFilter(rtf).run() : std::string(rtf);
}

} // namespace ink
