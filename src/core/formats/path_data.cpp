#include "core/formats/path_data.h"

#include "core/base/told.h"

#include <array>
#include <charconv>
#include <cmath>
#include <optional>

namespace ink {
namespace {

/// Beyond this the arithmetic of outlines would overflow; a letter is some thousand units high.
constexpr double kLargestOrdinate = 1e8;

void append(std::string& out, double value)
{
    std::array<char, 32> text{};
    const auto end = std::to_chars(text.data(), text.data() + text.size(), value == 0.0 ? 0.0 : value).ptr;
    if (!out.empty() && out.back() != ' ' && !std::isalpha(static_cast<unsigned char>(out.back())))
        out += ' ';
    out.append(text.data(), end);
}

void append(std::string& out, Point p)
{
    append(out, p.x);
    append(out, -p.y);
}

class Reader
{
public:
    explicit Reader(std::string_view data) : m_data(data) {}

    Result<Paths> read()
    {
        const auto damaged = [this] {
            return fail(ErrorCode::DocumentDamaged, {},
                        told("path data after {} of {} bytes", m_at, m_data.size()));
        };
        char command = 0;
        for (skip(); m_at < m_data.size(); skip()) {
            if (std::isalpha(static_cast<unsigned char>(m_data[m_at])))
                command = m_data[m_at++];
            else if (command == 'Z' || command == 'z' || command == 0)
                return damaged();
            if (!run(command))
                return damaged();
            if (command == 'M' || command == 'm') // what follows a move are lines
                command = command == 'M' ? 'L' : 'l';
        }
        return m_pen.take();
    }

private:
    void skip()
    {
        while (m_at < m_data.size() &&
               (std::isspace(static_cast<unsigned char>(m_data[m_at])) || m_data[m_at] == ','))
            ++m_at;
    }
    std::optional<double> number()
    {
        skip();
        double value = 0.0;
        const std::size_t from = m_at < m_data.size() && m_data[m_at] == '+' ? m_at + 1 : m_at;
        const auto [end, error] = std::from_chars(m_data.data() + from, m_data.data() + m_data.size(), value);
        if (error != std::errc() || !std::isfinite(value))
            return {};
        m_at = static_cast<std::size_t>(end - m_data.data());
        return value;
    }
    /// y up.
    std::optional<Point> point(bool is_relative)
    {
        const auto x = number();
        const auto y = x ? number() : std::nullopt;
        if (!y)
            return {};
        const Point p{*x, -*y};
        return is_relative ? m_current + p : p;
    }

    bool run(char command)
    {
        const bool relative = std::islower(static_cast<unsigned char>(command));
        const char kind = static_cast<char>(std::toupper(static_cast<unsigned char>(command)));
        const Point handle = m_current * 2.0 - m_handle;
        const bool goes_on = kind == 'S' ? m_last == 'C' || m_last == 'S' : m_last == 'Q' || m_last == 'T';
        bool done = false;
        switch (kind) {
        case 'M':
            if (const auto p = point(relative)) {
                m_pen.close();
                m_pen.moveTo(m_start = m_current = *p);
                done = true;
            }
            break;
        case 'L':
            if (const auto p = point(relative)) {
                m_pen.lineTo(m_current = *p);
                done = true;
            }
            break;
        case 'H':
        case 'V':
            if (const auto v = number()) {
                Point p = m_current;
                if (kind == 'H')
                    p.x = relative ? p.x + *v : *v;
                else
                    p.y = relative ? p.y - *v : -*v;
                m_pen.lineTo(m_current = p);
                done = true;
            }
            break;
        case 'C':
        case 'S': {
            const auto c1 = kind == 'C' ? point(relative) : std::optional(goes_on ? handle : m_current);
            const auto c2 = c1 ? point(relative) : std::nullopt;
            const auto p = c2 ? point(relative) : std::nullopt;
            if (p) {
                m_pen.cubicTo(*c1, m_handle = *c2, *p);
                m_current = *p;
                done = true;
            }
            break;
        }
        case 'Q':
        case 'T': {
            const auto c = kind == 'Q' ? point(relative) : std::optional(goes_on ? handle : m_current);
            const auto p = c ? point(relative) : std::nullopt;
            if (p) {
                m_pen.quadraticTo(m_handle = *c, *p);
                m_current = *p;
                done = true;
            }
            break;
        }
        case 'Z':
            m_pen.close();
            m_current = m_start;
            m_pen.moveTo(m_start);
            done = true;
            break;
        default:
            break;
        }
        m_last = kind;
        return done;
    }

    std::string_view m_data;
    std::size_t m_at = 0;
    ContourPen m_pen;
    Point m_start, m_current, m_handle;
    char m_last = 0;
};

} // namespace

namespace {

void appendSegment(std::string& out, const Segment& s)
{
    out += s.kind == SegmentKind::Line ? 'L' : (s.kind == SegmentKind::Quadratic ? 'Q' : 'C');
    for (std::size_t k = 1; k <= s.degree(); ++k)
        append(out, s.p[k]);
}

} // namespace

std::string pathData(const Paths& paths)
{
    std::string out;
    for (const auto& contour : paths) {
        if (contour.isEmpty())
            continue;
        out += 'M';
        append(out, contour.segments.front().start());
        for (std::size_t i = 0; i < contour.segments.size(); ++i) {
            const auto& s = contour.segments[i];
            const bool is_last_line = i + 1 == contour.segments.size() && s.kind == SegmentKind::Line;
            if (is_last_line)
                break; // Z draws it
            appendSegment(out, s);
        }
        out += 'Z';
    }
    return out;
}

std::string pathData(const OpenPath& path)
{
    std::string out;
    if (path.isEmpty())
        return out;
    out += 'M';
    append(out, path.segments.front().start());
    for (const auto& s : path.segments)
        appendSegment(out, s);
    return out;
}

Result<Paths> pathsFromData(std::string_view data)
{
    auto paths = Reader(data).read();
    if (!paths)
        return paths;
    for (const auto& contour : *paths)
        for (const auto& s : contour.segments)
            for (std::size_t i = 0; i <= s.degree(); ++i)
                if (!(std::abs(s.p[i].x) <= kLargestOrdinate && std::abs(s.p[i].y) <= kLargestOrdinate))
                    return fail(ErrorCode::DocumentDamaged, {}, "an outline in it is larger than any can be");
    return paths;
}

} // namespace ink
