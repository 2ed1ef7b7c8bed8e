// Arbitrary contours through the weld: never a crash, never a wrong ring, never far from the curves.
#include "core/geometry/validity.h"
#include "core/geometry/weld.h"
#include "tests/support/oracle.h"

#include <cmath>
#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <span>
#include <string>

namespace {

/// Reads small signed coordinates, so that touching and coinciding happen often.
class Reader
{
public:
    explicit Reader(std::span<const std::uint8_t> bytes) : m_bytes(bytes) {}
    bool atEnd() const { return m_bytes.size() < 2; }
    std::uint8_t byte()
    {
        if (m_bytes.empty())
            return 0;
        const auto b = m_bytes.front();
        m_bytes = m_bytes.subspan(1);
        return b;
    }
    ink::Point point()
    {
        const double x = static_cast<std::int8_t>(byte()) * 4.0;
        return {x, static_cast<std::int8_t>(byte()) * 4.0};
    }

private:
    std::span<const std::uint8_t> m_bytes;
};

void require(bool holds, const std::string& what)
{
    if (holds)
        return;
    std::fprintf(stderr, "fuzz_weld: %s\n", what.c_str());
    std::abort();
}

} // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    if (size > 2000)
        return 0;
    Reader in({data, size});
    std::vector<ink::Paths> glyphs(1);
    ink::ContourPen pen;
    while (!in.atEnd()) {
        switch (in.byte() % 8) {
        case 0:
            glyphs.back() = pen.take();
            glyphs.emplace_back();
            break;
        case 1:
            pen.moveTo(in.point());
            break;
        case 2:
        case 3:
            pen.lineTo(in.point());
            break;
        case 4:
        case 5: {
            const auto c = in.point();
            pen.quadraticTo(c, in.point());
            break;
        }
        default: {
            const auto c1 = in.point();
            const auto c2 = in.point();
            pen.cubicTo(c1, c2, in.point());
        }
        }
    }
    glyphs.back() = pen.take();
    const auto welded = ink::weld(glyphs, ink::Unit{1.0});
    require(welded.has_value(), "refused");
    const ink::Outline* const outline = &welded->outline;
    // 1 u is one unit here. The weld promises 0.05 u; chords of the judges add their own error.
    const auto validity = ink::validityOf(*outline, 1.0);
    require(validity.isValid(0.1), validity.inWords());
    require(!ink::test::wrongPoint(glyphs, *outline, 0.6, 200),
            "ink where there was none, or the other way round");
    require(ink::test::deviation(glyphs, *outline, 4) <= 0.2, "too far from the curves");
    return 0;
}
