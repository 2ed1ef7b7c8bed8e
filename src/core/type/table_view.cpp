#include "core/type/table_view.h"

namespace ink::detail {
namespace {

/// No font has more glyphs; ranges that overlap could name more.
constexpr std::size_t kMostGlyphs = 0x10000;

} // namespace

std::vector<std::uint32_t> coverage(const TableView& table)
{
    std::vector<std::uint32_t> glyphs;
    if (table.u16(0) == 1) {
        for (unsigned i = 0; i < table.count(2); ++i)
            glyphs.push_back(table.u16(4 + 2 * i));
    } else if (table.u16(0) == 2) {
        for (unsigned i = 0; i < table.count(2, 6); ++i)
            for (unsigned g = table.u16(4 + 6 * i); g <= table.u16(6 + 6 * i) && glyphs.size() < kMostGlyphs;
                 ++g)
                glyphs.push_back(g);
    }
    return glyphs;
}

std::map<unsigned, std::vector<std::uint32_t>> classes(const TableView& table)
{
    std::map<unsigned, std::vector<std::uint32_t>> found;
    std::size_t count = 0;
    if (table.u16(0) == 1) {
        for (unsigned i = 0; i < table.count(4); ++i)
            found[table.u16(6 + 2 * i)].push_back(table.u16(2) + i);
    } else if (table.u16(0) == 2) {
        for (unsigned i = 0; i < table.count(2, 6); ++i)
            for (unsigned g = table.u16(4 + 6 * i); g <= table.u16(6 + 6 * i) && count < kMostGlyphs;
                 ++g, ++count)
                found[table.u16(8 + 6 * i)].push_back(g);
    }
    return found;
}

} // namespace ink::detail
