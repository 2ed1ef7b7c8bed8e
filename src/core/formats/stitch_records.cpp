#include "core/formats/stitch_records.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>
#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <ostream>

namespace ink::detail {
namespace {

constexpr int kDstReach = 121, kExpReach = 127;
constexpr std::size_t kDstHeader = 512;
constexpr std::size_t kTrimJumps = 3;
constexpr double kFarthest_units = 320000.0;

struct Move
{
    int dx = 0, dy = 0;
};

struct Record
{
    enum class Kind : std::uint8_t { Stitch, Jump, Stop };
    Kind kind = Kind::Stitch;
    Move by;
};

/// In units, each no longer than a record takes.
Result<std::vector<Record>> recordsOf(const NeedleWork& work, int reach)
{
    std::vector<Record> out;
    std::array<long, 2> at{0, 0};
    bool is_cut = false;
    const auto add = [&](Record::Kind kind, long x, long y, long least) {
        const long dx = x - at[0], dy = y - at[1];
        const long parts = std::max(least, (std::max(std::labs(dx), std::labs(dy)) + reach - 1) / reach);
        for (long k = 1; k <= parts; ++k) {
            const auto part = [&](long d) { return int(d * k / parts - d * (k - 1) / parts); };
            // A stitch that is too long for a record: the needle stays up on the way.
            const auto own = kind == Record::Kind::Stitch && k < parts ? Record::Kind::Jump : kind;
            out.push_back({own, {part(dx), part(dy)}});
        }
        at = {x, y};
    };
    for (const auto& step : work) {
        const double x = std::round(step.at.x / kNeedleGrid_mm), y = std::round(step.at.y / kNeedleGrid_mm);
        if (!(std::abs(x) <= kFarthest_units && std::abs(y) <= kFarthest_units))
            return fail(ErrorCode::CoordinateOutOfRange);
        switch (step.kind) {
        case NeedleStep::Kind::Stitch:
            add(Record::Kind::Stitch, long(x), long(y), 1);
            break;
        case NeedleStep::Kind::Jump:
            add(Record::Kind::Jump, long(x), long(y), is_cut ? long(kTrimJumps) : 1);
            break;
        case NeedleStep::Kind::Trim:
            is_cut = true;
            continue;
        case NeedleStep::Kind::Stop:
            out.push_back({Record::Kind::Stop, {}});
            break;
        }
        is_cut = false;
    }
    return out;
}

/// Balanced ternary: each digit -1, 0 or 1 of 1, 3, 9, 27, 81.
std::array<int, 5> digitsOf(int value)
{
    std::array<int, 5> out{};
    for (auto& digit : out) {
        const int rest = ((value % 3) + 3) % 3;
        digit = rest == 2 ? -1 : rest;
        value = (value - digit) / 3;
    }
    return out;
}

/// Of a record's three bytes: which bits say which digit of x and y, plus and minus.
struct TernaryBits
{
    int byte = 0;
    int x_plus = 0, x_minus = 0, y_plus = 0, y_minus = 0;
};
constexpr std::array<TernaryBits, 5> kBits{{{0, 0x01, 0x02, 0x80, 0x40},
                                            {1, 0x01, 0x02, 0x80, 0x40},
                                            {0, 0x04, 0x08, 0x20, 0x10},
                                            {1, 0x04, 0x08, 0x20, 0x10},
                                            {2, 0x04, 0x08, 0x20, 0x10}}};
constexpr int kDstAlways = 0x03, kDstJump = 0x80, kDstColour = 0x40, kDstEnd = 0xF3;

std::array<char, 3> dstRecord(const Record& record)
{
    std::array<int, 3> bytes{0, 0, kDstAlways};
    const auto x = digitsOf(record.by.dx), y = digitsOf(record.by.dy);
    for (std::size_t d = 0; d < kBits.size(); ++d) {
        auto& byte = bytes[std::size_t(kBits[d].byte)];
        byte |= x[d] > 0 ? kBits[d].x_plus : x[d] < 0 ? kBits[d].x_minus : 0;
        byte |= y[d] > 0 ? kBits[d].y_plus : y[d] < 0 ? kBits[d].y_minus : 0;
    }
    if (record.kind == Record::Kind::Jump)
        bytes[2] |= kDstJump;
    if (record.kind == Record::Kind::Stop)
        bytes[2] |= kDstJump | kDstColour;
    return {char(bytes[0]), char(bytes[1]), char(bytes[2])};
}

/// Letters that every machine shows.
std::string labelOf(const std::string& title)
{
    std::string out;
    for (const char c : title)
        if (out.size() < 16)
            out += std::isalnum(static_cast<unsigned char>(c)) || c == ' ' || c == '-' ? c : '_';
    return out;
}

std::string dstHeader(const std::vector<Record>& records, const std::string& title)
{
    int x = 0, y = 0, left = 0, right = 0, top = 0, bottom = 0, stops = 0;
    for (const auto& record : records) {
        x += record.by.dx;
        y += record.by.dy;
        left = std::min(left, x);
        right = std::max(right, x);
        bottom = std::min(bottom, y);
        top = std::max(top, y);
        stops += record.kind == Record::Kind::Stop;
    }
    std::array<char, 256> text{};
    const auto signOf = [](int v) { return v < 0 ? '-' : '+'; };
    std::snprintf(text.data(), text.size(),
                  "LA:%-16s\rST:%7zu\rCO:%3d\r+X:%5d\r-X:%5d\r+Y:%5d\r-Y:%5d\rAX:%c%5d\rAY:%c%5d\rMX:+%"
                  "5d\rMY:+%5d\rPD:******\r",
                  labelOf(title).c_str(), records.size(), stops, right, -left, top, -bottom, signOf(x),
                  std::abs(x), signOf(y), std::abs(y), 0, 0);
    std::string out = text.data();
    out += '\x1A';
    out.resize(kDstHeader, ' ');
    return out;
}

/// Collects the steps of a file; jumps in a row are one move, with the thread cut where there are three.
class StepReader
{
public:
    void stitch(Move by)
    {
        move(by);
        close();
        m_work.push_back({NeedleStep::Kind::Stitch, place()});
    }
    void jump(Move by)
    {
        move(by);
        ++m_jumps;
    }
    void stop(Move by)
    {
        move(by);
        close();
        m_work.push_back({NeedleStep::Kind::Stop, place()});
    }
    NeedleWork take() { return std::move(m_work); }

private:
    void move(Move by)
    {
        if (m_jumps == 0)
            m_from = place();
        m_x += by.dx;
        m_y += by.dy;
    }
    Point place() const { return {double(m_x) * kNeedleGrid_mm, double(m_y) * kNeedleGrid_mm}; }
    void close()
    {
        if (m_jumps >= kTrimJumps && !m_work.empty())
            m_work.push_back({NeedleStep::Kind::Trim, m_from});
        if (m_jumps > 0)
            m_work.push_back({NeedleStep::Kind::Jump, place()});
        m_jumps = 0;
    }

    NeedleWork m_work;
    long m_x = 0, m_y = 0;
    std::size_t m_jumps = 0;
    Point m_from;
};

} // namespace

Result<void> writeDst(std::ostream& out, const NeedleWork& work, const std::string& title)
{
    const auto records = recordsOf(work, kDstReach);
    if (!records)
        return fail(records.error());
    out << dstHeader(*records, title);
    for (const auto& record : *records)
        out.write(dstRecord(record).data(), 3);
    out.write("\0\0\xF3", 3);
    return {};
}

Result<void> writeExp(std::ostream& out, const NeedleWork& work)
{
    const auto records = recordsOf(work, kExpReach);
    if (!records)
        return fail(records.error());
    for (const auto& record : *records) {
        if (record.kind == Record::Kind::Jump)
            out.write("\x80\x04", 2);
        if (record.kind == Record::Kind::Stop)
            out.write("\x80\x01", 2);
        const std::array<char, 2> by{char(record.by.dx), char(record.by.dy)};
        out.write(by.data(), 2);
    }
    return {};
}

Result<ReadStitches> readDst(std::string_view bytes)
{
    if (bytes.size() < kDstHeader)
        return fail(ErrorCode::DocumentDamaged, {}, "it is shorter than the header of a DST file");
    ReadStitches out;
    if (const auto label = bytes.substr(0, kDstHeader); label.starts_with("LA:")) {
        out.title = std::string(label.substr(3, label.substr(3, 16).find('\r')));
        out.title.resize(std::min<std::size_t>(out.title.size(), 16));
        while (!out.title.empty() && (out.title.back() == ' ' || out.title.back() == '\0'))
            out.title.pop_back();
    }
    StepReader reader;
    out.is_cut_short = true;
    for (std::size_t at = kDstHeader; at + 3 <= bytes.size(); at += 3) {
        const std::array<int, 3> b{static_cast<unsigned char>(bytes[at]),
                                   static_cast<unsigned char>(bytes[at + 1]),
                                   static_cast<unsigned char>(bytes[at + 2])};
        if (b[2] == kDstEnd) {
            out.is_cut_short = false;
            break;
        }
        if ((b[2] & kDstAlways) != kDstAlways)
            return fail(ErrorCode::DocumentDamaged, {}, "a record is none of a DST file");
        Move by;
        int weight = 1;
        for (const auto& bits : kBits) {
            const int byte = b[std::size_t(bits.byte)];
            by.dx += weight * (((byte & bits.x_plus) != 0) - ((byte & bits.x_minus) != 0));
            by.dy += weight * (((byte & bits.y_plus) != 0) - ((byte & bits.y_minus) != 0));
            weight *= 3;
        }
        if ((b[2] & kDstColour) != 0)
            reader.stop(by);
        else if ((b[2] & kDstJump) != 0)
            reader.jump(by);
        else
            reader.stitch(by);
    }
    out.work = reader.take();
    if (out.work.empty())
        return fail(ErrorCode::DocumentDamaged, {}, "there is no stitch in it");
    return out;
}

Result<ReadStitches> readExp(std::string_view bytes)
{
    ReadStitches out;
    StepReader reader;
    std::size_t at = 0;
    const auto pair = [&](std::size_t from) {
        return Move{static_cast<signed char>(bytes[from]), static_cast<signed char>(bytes[from + 1])};
    };
    while (at + 2 <= bytes.size()) {
        const auto first = static_cast<unsigned char>(bytes[at]),
                   second = static_cast<unsigned char>(bytes[at + 1]);
        if (first != 0x80) {
            reader.stitch(pair(at));
            at += 2;
            continue;
        }
        if (at + 4 > bytes.size()) {
            out.is_cut_short = true;
            break;
        }
        if (second == 0x01)
            reader.stop(pair(at + 2));
        else if (second == 0x04)
            reader.jump(pair(at + 2));
        else
            return fail(ErrorCode::DocumentDamaged, {}, "an order is none of an EXP file");
        at += 4;
    }
    out.is_cut_short = out.is_cut_short || at + 1 == bytes.size();
    out.work = reader.take();
    if (out.work.empty())
        return fail(ErrorCode::DocumentDamaged, {}, "there is no stitch in it");
    return out;
}

} // namespace ink::detail
