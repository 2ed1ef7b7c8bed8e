#include "core/geometry/weld_cache.h"

#include <bit>

namespace ink {
namespace detail {
namespace {

std::size_t mixed(std::size_t h, std::uint64_t v)
{
    h = (h ^ v) * 0x9E3779B97F4A7C15ull;
    return h ^ (h >> 32);
}

} // namespace

GlyphKey::GlyphKey(double grid_step, std::shared_ptr<const Paths> contours)
    : step(grid_step), paths(std::move(contours))
{
    hash = mixed(0, std::bit_cast<std::uint64_t>(step));
    for (const auto& contour : *paths)
        for (const auto& s : contour.segments)
            for (std::size_t i = 1; i <= s.degree(); ++i) {
                hash = mixed(hash, std::bit_cast<std::uint64_t>(s.p[i].x));
                hash = mixed(hash, std::bit_cast<std::uint64_t>(s.p[i].y));
            }
}

bool GlyphKey::operator==(const GlyphKey& other) const
{
    return step == other.step && hash == other.hash && (paths == other.paths || *paths == *other.paths);
}

std::size_t KeyHash::operator()(const GroupKey& key) const
{
    std::size_t h = key.size();
    for (const auto v : key)
        h = mixed(h, static_cast<std::uint64_t>(v));
    return h;
}

} // namespace detail

std::shared_ptr<const detail::InkShape> WeldCache::findGlyph(const detail::GlyphKey& key)
{
    const std::scoped_lock lock(m_mutex);
    return m_glyphs.find(key).value_or(nullptr);
}

std::shared_ptr<const detail::InkShape> WeldCache::keepGlyph(const detail::GlyphKey& key,
                                                             detail::InkShape shape)
{
    const std::scoped_lock lock(m_mutex);
    if (auto kept = m_glyphs.find(key))
        return *kept;
    shape.serial = ++m_serial;
    std::size_t chords = 1;
    for (const auto& piece : shape.pieces)
        chords += piece.chords.chord_count;
    auto kept = std::make_shared<const detail::InkShape>(std::move(shape));
    m_glyphs.insert(key, kept, chords);
    return kept;
}

std::shared_ptr<const detail::InkGroup> WeldCache::findGroup(const detail::GroupKey& key)
{
    const std::scoped_lock lock(m_mutex);
    return m_groups.find(key).value_or(nullptr);
}

void WeldCache::keepGroup(const detail::GroupKey& key, std::shared_ptr<const detail::InkGroup> group)
{
    std::size_t nodes = 1;
    for (const auto& piece : group->outline.pieces)
        nodes += piece.outer.segments.size() + nodeCount(piece.middles);
    const std::scoped_lock lock(m_mutex);
    m_groups.insert(key, std::move(group), nodes);
}

} // namespace ink
