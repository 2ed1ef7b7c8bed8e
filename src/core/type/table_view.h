// A part of an OpenType layout table, read without trusting it.
#pragma once

#include <algorithm>
#include <cstddef>
#include <cstdint>
#include <map>
#include <span>
#include <string>
#include <vector>

namespace ink::detail {

/// A part of the table. Reading outside gives 0 and following an offset outside gives an empty view, so that
/// a damaged table ends in nothing instead of anywhere.
class TableView
{
public:
    TableView() = default;
    explicit TableView(std::span<const unsigned char> bytes) : m_bytes(bytes) {}

    unsigned u16(std::size_t at) const
    {
        return at + 2 <= m_bytes.size() ? unsigned(m_bytes[at]) << 8 | m_bytes[at + 1] : 0;
    }
    unsigned u32(std::size_t at) const { return u16(at) << 16 | u16(at + 2); }
    TableView from(std::size_t offset) const
    {
        return offset == 0 || offset >= m_bytes.size() ? TableView() : TableView(m_bytes.subspan(offset));
    }
    TableView at16(std::size_t at) const { return from(u16(at)); }
    /// A count that the bytes behind it could hold.
    unsigned count(std::size_t at, std::size_t size = 2) const
    {
        const std::size_t room = at + 2 <= m_bytes.size() ? (m_bytes.size() - at - 2) / size : 0;
        return static_cast<unsigned>(std::min<std::size_t>(u16(at), room));
    }
    std::string tag(std::size_t at) const
    {
        std::string text;
        for (std::size_t i = at; i < at + 4 && i < m_bytes.size(); ++i)
            text += static_cast<char>(m_bytes[i]);
        return text;
    }
    bool isEmpty() const { return m_bytes.empty(); }

private:
    std::span<const unsigned char> m_bytes;
};

/// Glyphs in the order of their coverage index.
std::vector<std::uint32_t> coverage(const TableView& table);
/// Glyphs of each class that is given a number above 0.
std::map<unsigned, std::vector<std::uint32_t>> classes(const TableView& table);

} // namespace ink::detail
